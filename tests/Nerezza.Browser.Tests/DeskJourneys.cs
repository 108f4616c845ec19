using OpenQA.Selenium;

namespace Nerezza.Browser.Tests;

/// <summary>The desk: a bad cell is refused alone, what cannot stand is said, nothing goes by accident, and the focus is where the next act
/// is.</summary>
public sealed class DeskJourneys(DemoSite site) : IClassFixture<DemoSite>
{
    [Fact]
    public void A_bad_cell_is_refused_alone_and_the_others_are_kept() =>
        site.Run(browser =>
        {
            browser.SignIn();
            OpenBlock(browser, "Teodora");
            Type(browser, Keys.Home, "abc", Keys.Enter);
            browser.UntilTrue(
                "the cell says what it takes",
                () => Focused(browser).Text.Contains("'abc' is not taken. Type 1 to 60 repetitions")
            );
            Type(browser, Keys.ArrowDown, "3x5@7", Keys.Enter + Keys.ArrowUp);
            browser.UntilTrue("the other cell has what was written", () => IsWritten(Focused(browser).Text));
            browser.Find("//button[.='Keep']").Click();
            browser.UntilTrue("it is kept", () => browser.All("//button[.='Keep' and not(@aria-disabled)]").Count == 0);
            browser.UntilTrue("and stands", () => browser.All("[role=grid] td").Any(cell => IsWritten(cell.Text)));
        });

    [Fact]
    public void A_load_that_cannot_stand_is_said_at_its_cell_and_changes_neither_sets_nor_repetitions() =>
        site.Run(browser =>
        {
            browser.SignIn();
            OpenBlock(browser, "Corisande");
            browser.Find("//button[.='kg']").Click();
            string before = SetsOf(Focused(browser));
            Type(browser, Keys.Home, "900", Keys.Enter + Keys.ArrowUp);
            browser.UntilTrue("it says what stands instead", () => Focused(browser).Text.Contains("900 kg asked; "));
            Assert.Equal(before, SetsOf(Focused(browser)));
            browser.Find("//button[.='Take back']").Click();
        });

    [Fact]
    public void Adding_takes_the_focus_and_gives_it_back_and_emptied_minutes_take_no_day_away() =>
        site.Run(browser =>
        {
            browser.SignIn();
            OpenBlock(browser, "Jocasta");
            browser.Find("[role=grid] td[data-focus=true]").Click();
            Press(browser, "a");
            browser.UntilTrue("the field to find in has the focus", () => Active(browser).TagName == "input");
            browser.Find("//button[.='Leave it']").SendKeys(Keys.Enter);
            browser.UntilTrue("the grid has it again", () => Active(browser).TagName == "td");
            browser.OpenStation("Intake");
            IWebElement minutes = browser.Find("//label[.='Minutes']/following::input[1]");
            int days = browser.All("//*[@aria-label='Days and minutes']//button[@aria-pressed='true']").Count;
            minutes.SendKeys(Keys.Control + "a" + Keys.Backspace);
            Assert.Equal("", minutes.GetAttribute("value"));
            Assert.Equal(days, browser.All("//*[@aria-label='Days and minutes']//button[@aria-pressed='true']").Count);
        });

    private static void OpenBlock(Browser browser, string client)
    {
        browser.OpenClient(client, "Block");
        browser.Find("[role=grid] td[data-focus=true]").Click();
    }

    /// <summary>Goes somewhere in the grid and types into the cell there.</summary>
    private static void Type(Browser browser, string go, string typed, string leave)
    {
        browser.Find("[role=grid] td[data-focus=true]").Click();
        Press(browser, go);
        Press(browser, "1");
        IWebElement input = browser.Find("#typing");
        input.SendKeys(Keys.Control + "a");
        input.SendKeys(typed);
        Press(browser, leave);
    }

    private static IWebElement Focused(Browser browser) => browser.Find("[role=grid] td[data-focus=true]");

    private static bool IsWritten(string cell) =>
        cell.Contains("3 × 5", StringComparison.Ordinal) && cell.Contains("by hand", StringComparison.Ordinal);

    private static string SetsOf(IWebElement cell) => cell.FindElement(By.CssSelector(".grid-numbers")).Text.Split(' ', 2)[0];

    private static IWebElement Active(Browser browser) => browser.Driver.SwitchTo().ActiveElement();

    private static void Press(Browser browser, string keys) => Active(browser).SendKeys(keys);
}
