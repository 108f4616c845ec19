using OpenQA.Selenium;

namespace Nerezza.Browser.Tests;

/// <summary>A set that is logged while the server is away is kept on the device and sent when it is back.</summary>
public sealed class OfflineTests(DemoSite site) : IClassFixture<DemoSite>
{
    [Fact]
    public void Sets_logged_while_the_server_is_down_arrive_once_it_is_back()
    {
        using var browser = new Browser(site.Server.Address);
        browser.SignIn();
        browser.OpenClient("Ilario", "Floor");
        browser.UntilText("Set 1 of");
        site.Server.Kill();
        for (int set = 1; set <= 2; set++)
        {
            browser.UntilText($"Set {set} of");
            browser.Find("button[aria-label='Log at RPE 8']").Click();
            browser.UntilText($"{set} not sent yet, kept here");
            Thread.Sleep(700);
        }
        browser.UntilText("Set 3 of");
        site.KillAndStartAgain();
        browser.UntilTrue("both are sent", () => !browser.Driver.FindElement(By.TagName("body")).Text.Contains("not sent", StringComparison.Ordinal));
        browser.Driver.Navigate().Refresh();
        browser.UntilText("Set 3 of");
    }
}
