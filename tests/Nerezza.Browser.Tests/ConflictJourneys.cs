using OpenQA.Selenium;

namespace Nerezza.Browser.Tests;

/// <summary>Two tabs on one client: nothing that was typed goes, and nothing of the other's is written over unseen. And the ways around:
/// the search, the next block, the focus after each act.</summary>
public sealed class ConflictJourneys(DemoSite site) : IClassFixture<DemoSite>
{
    [Fact]
    public void A_form_that_another_tab_was_faster_with_is_laid_over_the_newer() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Teodora", "Intake");
            string intake = browser.Driver.Url,
                first = browser.Driver.CurrentWindowHandle;
            Fill(browser, "Years of training", "9");
            browser.Driver.SwitchTo().NewWindow(WindowType.Tab);
            browser.Driver.Navigate().GoToUrl(intake);
            Fill(browser, "Foot, cm", "27");
            Save(browser);
            browser.UntilText("Saved.");
            browser.Driver.SwitchTo().Window(first);
            Save(browser);
            browser.UntilTrue("the ways on have the focus", () => Active(browser).Text == "Take the newer and lay mine over it");
            Assert.Contains("Somebody saved this meanwhile: Foot.", browser.Find("[role=alertdialog]").Text, StringComparison.Ordinal);
            // What was typed is still there after the page is loaded again, and so is the question.
            browser.Driver.Navigate().Refresh();
            browser.Find("//button[.='Look at both']").Click();
            browser.UntilTrue("both are shown", () => browser.All("[role=alertdialog] tbody tr").Count == 2);
            browser.Find("//button[.='Take the newer and lay mine over it']").SendKeys(Keys.Enter);
            browser.UntilTrue("nothing is left to settle", () => browser.All("[role=alertdialog]").Count == 0);
            Assert.NotEqual("body", Active(browser).TagName);
            Save(browser);
            browser.UntilText("Saved.");
            browser.Driver.Navigate().Refresh();
            Assert.Equal(("9", "27"), (Labelled(browser, "Years of training"), Labelled(browser, "Foot, cm")));
        });

    [Fact]
    public void Edits_of_a_block_that_another_tab_was_faster_with_go_on_top_of_the_newer() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Jocasta", "Block");
            string block = browser.Driver.Url,
                first = browser.Driver.CurrentWindowHandle;
            Write(browser, Keys.Home, "4x6");
            browser.Driver.SwitchTo().NewWindow(WindowType.Tab);
            browser.Driver.Navigate().GoToUrl(block);
            Write(browser, Keys.Home + Keys.ArrowDown, "2x9");
            browser.Find("//button[.='Keep']").Click();
            browser.UntilTrue("it is kept", () => browser.All("//button[.='Keep' and @aria-disabled]").Count == 1);
            browser.Driver.SwitchTo().Window(first);
            // The tab may have learned of the newer version by itself; else it does when mine is to be kept.
            browser.UntilTrue(
                "the ways on have the focus",
                () =>
                {
                    if (browser.All("[role=alertdialog]").Count == 0)
                        browser.All("//button[.='Keep' and not(@aria-disabled)]").FirstOrDefault()?.Click();
                    return Active(browser).Text == "Take the newer and lay mine over it";
                }
            );
            browser.Find("//button[.='Look at both']").Click();
            browser.UntilTrue("mine is told", () => browser.Find("[role=alertdialog]").Text.Contains("Week 1, ", StringComparison.Ordinal));
            Active(browser).SendKeys(Keys.Shift + Keys.Tab);
            browser.Find("//button[.='Take the newer and lay mine over it']").Click();
            browser.UntilTrue("mine is on top", () => Says(browser, "4 × 6") && Says(browser, "2 × 9"));
            browser.Find("//button[.='Keep']").Click();
            browser.UntilTrue("it is kept", () => browser.All("//button[.='Keep' and @aria-disabled]").Count == 1);
            browser.Driver.Navigate().Refresh();
            browser.UntilTrue("both stand", () => Says(browser, "4 × 6") && Says(browser, "2 × 9"));
        });

    [Fact]
    public void The_next_block_begins_after_the_one_that_runs_which_stays_where_it_is() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Renske", "Block");
            string now = browser.Find("main h1").Text;
            browser.Find("//button[starts-with(., 'Plan')]").Click();
            IWebElement start = browser.Find("//label[.='Starts']/following::input[1]");
            DateOnly day = DateOnly.ParseExact(start.GetAttribute("value")!, "yyyy-MM-dd");
            Assert.True(day > DateOnly.FromDateTime(DateTime.Now), $"The next block would start on {day}.");
            Assert.DoesNotContain("takes the place", browser.Find("main").Text, StringComparison.Ordinal);
            browser.Find("//button[.='Make the block']").Click();
            browser.UntilTrue("the next block is open", () => browser.Driver.Url.Contains("on=", StringComparison.Ordinal));
            string from = browser.Driver.Url;
            browser.Find("//a[starts-with(., 'The block before')]").Click();
            browser.UntilTrue("the one before it is", () => browser.Driver.Url != from);
            browser.UntilTrue("the one that runs is there", () => browser.Find("main h1").Text == now);
            browser.Find("//a[starts-with(., 'The next block')]");
        });

    [Fact]
    public void Anything_is_found_from_anywhere_by_a_few_letters() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.Find("body").SendKeys("/");
            IWebElement field = browser.Find("[role=combobox]");
            browser.UntilTrue("the field has the focus", () => Active(browser).Equals(field));
            field.SendKeys("zzz");
            browser.UntilText("Nothing is called “zzz”.");
            field.SendKeys(Keys.Control + "a");
            field.SendKeys("teod");
            browser.UntilTrue("the client is found", () => browser.All("[role=option]").Count == 1);
            field.SendKeys(Keys.Enter);
            browser.UntilTrue("and opened", () => browser.Driver.Url.EndsWith("/block", StringComparison.Ordinal));
            browser.Find("[role=grid]");
            browser.Find("//button[starts-with(., 'Find')]").Click();
            browser.Find("[role=combobox]").SendKeys("health" + Keys.Enter);
            browser.UntilTrue("a station of the client at hand", () => browser.Driver.Url.EndsWith("/health", StringComparison.Ordinal));
        });

    private static void Write(Browser browser, string go, string typed)
    {
        browser.Find("[role=grid] td[data-focus=true]").Click();
        Active(browser).SendKeys(go);
        Active(browser).SendKeys("1");
        IWebElement input = browser.Find("#typing");
        input.SendKeys(Keys.Control + "a");
        input.SendKeys(typed + Keys.Enter);
        browser.UntilTrue("it can be kept", () => browser.All("//button[.='Keep' and not(@aria-disabled)]").Count == 1);
    }

    private static bool Says(Browser browser, string text) =>
        browser.All("[role=grid] td").Any(cell => cell.Text.Contains(text, StringComparison.Ordinal));

    private static void Fill(Browser browser, string label, string value)
    {
        IWebElement field = browser.Find($"//label[.='{label}']/following::input[1]");
        field.SendKeys(Keys.Control + "a");
        field.SendKeys(value);
    }

    private static string Labelled(Browser browser, string label) =>
        browser.Find($"//label[.='{label}']/following::input[1]").GetAttribute("value")!;

    private static void Save(Browser browser) =>
        browser.Find("//section[.//h2[.='Schools']]//button[.='Save' and not(@aria-disabled)]").Click();

    private static IWebElement Active(Browser browser) => browser.Driver.SwitchTo().ActiveElement();
}
