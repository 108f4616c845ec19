using OpenQA.Selenium;

namespace Nerezza.Browser.Tests;

/// <summary>The last station: four answers, what shows them, and what waits, by keys alone.</summary>
public sealed class ReviewJourneys(DemoSite site) : IClassFixture<DemoSite>
{
    [Fact]
    public void What_waits_is_answered_put_off_and_taken_back_by_keys() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Ilario", "Block");
            browser.Find("[role=grid]");
            Press(browser, "g8");
            browser.UntilText("Is the weak point closing?");
            string question = browser.Find("[data-waiting]").Text.Split('\n')[0].Trim();
            Press(browser, browser.Find("[data-waiting]"), ".");
            browser.UntilTrue($"'{question}' is answered", () => !Asks(browser, question));
            browser.UntilText("Answered");
            browser.OpenStation("Findings");
            browser.UntilText("Accepted");
            browser.OpenStation("Review");
            browser.Find("//button[.='Take back']").Click();
            browser.UntilTrue($"'{question}' waits again", () => Asks(browser, question));
            Press(browser, browser.Find("[data-waiting]"), "x");
            browser.UntilTrue($"'{question}' is put off", () => !Asks(browser, question));
            browser.UntilText("put off to");
            // The tables behind the pictures, and the next block beside the last one.
            browser.Find("//summary[.='The same as a table']").Click();
            browser.UntilText("knee to wall");
            browser.Find("//button[.='Look at the next block']").Click();
            browser.UntilTrue("the next block is there", () => browser.All("//section[@aria-label='The next block']//h3").Count > 0);
        });

    private static bool Asks(Browser browser, string question) =>
        browser.All("[data-waiting]").Any(one => one.Text.Contains(question, StringComparison.Ordinal));

    private static void Press(Browser browser, string keys)
    {
        foreach (char key in keys)
        {
            browser.Driver.SwitchTo().ActiveElement().SendKeys(key.ToString());
            Thread.Sleep(120);
        }
    }

    private static void Press(Browser browser, IWebElement row, string key)
    {
        browser.Script("arguments[0].focus()", row);
        browser.Driver.SwitchTo().ActiveElement().SendKeys(key);
    }
}
