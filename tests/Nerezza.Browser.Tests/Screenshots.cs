using Nerezza.Tests.Shared;
using OpenQA.Selenium;

namespace Nerezza.Browser.Tests;

/// <summary>Takes the pictures of docs/screenshots; run by ./nerezza screenshots, not with the tests.</summary>
[Trait("kind", "screenshots")]
public sealed class Screenshots(DemoSite site) : IClassFixture<DemoSite>
{
    private static readonly string Folder = Directory
        .CreateDirectory(
            Environment.GetEnvironmentVariable("NEREZZA_SHOTS") is { Length: > 0 } folder
                ? folder
                : Path.Combine(ServerProcess.Root, "docs/screenshots")
        )
        .FullName;

    [Fact]
    public void Of_every_main_view()
    {
        using var browser = new Browser(site.Server.Address);
        browser.Open("/");
        browser.Find("input[type=email]");
        browser.SignIn();
        browser.UntilText("Waiting for you");
        Take(browser, "day");
        browser.OpenClient("Ilario", "Block");
        browser.Find("[role=grid]");
        Take(browser, "block");
        Theme(browser);
        Take(browser, "block-dark");
        Theme(browser);
        browser.Script("document.querySelector('[role=grid] [data-focus=true]').focus()");
        browser.Driver.SwitchTo().ActiveElement().SendKeys("8");
        browser.Find("#typing").SendKeys(OpenQA.Selenium.Keys.Enter);
        browser.Find("//button[.='Keep' and not(@aria-disabled)]");
        Thread.Sleep(800);
        browser.Script("document.querySelector('[data-ledger]').scrollIntoView()");
        Take(browser, "block-edited");
        browser.Find("//button[.='Take back']").Click();
        browser.OpenClient("Ilario", "Intake");
        browser.UntilText("Sets entered");
        Take(browser, "intake");
        browser.OpenStation("Screen");
        browser.UntilText("What counts");
        Take(browser, "screen");
        browser.OpenClient("Teodora", "Levers");
        browser.UntilText("Moment against depth");
        Take(browser, "levers");
        browser.OpenClient("Ilario", "Exercises");
        browser.UntilText("In place of");
        browser.Find("[data-other]").Click();
        browser.UntilText("Take it");
        Take(browser, "exercises");
        browser.Open("/catalogue");
        browser.UntilText("Tempo back squat");
        Take(browser, "catalogue");
        browser.OpenClient("Brannoc", "Findings");
        browser.UntilText("The sides differ");
        Take(browser, "findings");
        browser.OpenClient("Brannoc", "Review");
        browser.UntilText("Is the weak point closing?");
        Thread.Sleep(800);
        Take(browser, "review");
        browser.OpenClient("Ilario", "Intake");
        browser.UntilText("Sets entered");
        browser.Size(390, 844);
        browser.OpenStation("Block");
        browser.Find("[role=grid]");
        Take(browser, "block-phone");
        browser.OpenStation("Floor");
        browser.Find("//button[starts-with(., 'Vasti')]");
        foreach (string score in new[] { "Vasti", "Vasti 1", "Vasti 2" })
            browser.Find($"//button[.='{score}']").Click();
        browser.UntilText("Sore vasti");
        browser.Find("//button[.='Start as planned']").Click();
        browser.UntilText("Warm-up 1 of");
        browser.ToWorkSets();
        Take(browser, "floor-phone");
        browser.Size(1280, 800);
        Take(browser, "floor");
        browser.Open("/");
        browser.Find("//a[.='Run several lifters at once']").Click();
        browser.UntilText("Who lifts in this hour?");
        foreach (IWebElement box in browser.All("input[type=checkbox]").Take(6).Where(one => !one.Selected))
            box.Click();
        browser.Find("//button[starts-with(., 'Start with')]").Click();
        browser.Find("nav[aria-label='Who is next'] button");
        browser.ToWorkSets();
        Take(browser, "hour");
        browser.Open("/practice");
        browser.UntilText("Rooms and kit");
        Take(browser, "practice");
        browser.OpenClient("Teodora", "People");
        browser.UntilText("What changed");
        Take(browser, "people");
        string log = Path.Combine(Directory.CreateTempSubdirectory("nerezza-log-").FullName, "winter.csv");
        File.WriteAllText(log, "When;What;Done\n3/11/2025;Kniebeuge;3x5x100\n5/11/2025;Leg press;3x10x180\n7/11/2025;Leg press;20x10");
        browser.Find("//a[.='Take a log in']").Click();
        browser.Find("input[type=file]").SendKeys(log);
        browser.UntilText("What was understood");
        Take(browser, "import");
        browser.Find("//button[.='Sign out']").Click();
        browser.Find("input[type=email]");
        browser.SignInAs("lifter@calagrigia.example");
        browser.Size(390, 844);
        browser.Find("//a[.='Start' or .='Look at it']");
        Take(browser, "lifter-phone");
    }

    private static void Theme(Browser browser) => browser.Find("//header//button[.='Dark' or .='Light']").Click();

    private static void Take(Browser browser, string name)
    {
        Thread.Sleep(400);
        File.WriteAllBytes(Path.Combine(Folder, name + ".png"), browser.Picture());
    }
}
