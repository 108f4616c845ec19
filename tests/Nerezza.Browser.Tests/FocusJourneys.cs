using OpenQA.Selenium;

namespace Nerezza.Browser.Tests;

/// <summary>By keyboard alone: after each act the focus is where the next one is, and never on the page itself.</summary>
public sealed class FocusJourneys(DemoSite site) : IClassFixture<DemoSite>
{
    private const int SettlesInMs = 600;

    [Fact]
    public void Saving_adding_and_removing_at_intake_and_health_keep_the_focus() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Ilario", "Intake");
            browser.Find("//label[.='Years of training']/following::input[1]").SendKeys("1");
            Act(browser, "facts are saved", "//section[.//h2[.='Schools']]//button[.='Save']", Keys.Enter);
            Act(browser, "kit is changed", "//button[.='Sled']", Keys.Space);
            Act(browser, "kit is taken back", "//section[.//h2[.='Equipment']]//button[.='Take back']", Keys.Enter);
            Act(browser, "a bar is added", "//button[.='Add a bar']", Keys.Enter);
            Act(browser, "it is removed", "//button[starts-with(@aria-label, 'Remove ') and .='×']", Keys.Enter);
            browser.Find("//label[.='kg']/following::input[1]").SendKeys("60");
            browser.Find("//label[.='Repetitions']/following::input[1]").SendKeys("5");
            Act(browser, "a max is added", "//form//button[.='Add']", Keys.Enter);
            Act(browser, "one is removed", "//button[.='Remove']", Keys.Enter);
            Act(browser, "and brought back", "//button[.='Undo']", Keys.Enter);
            browser.Find("//a[.='Health and pain']").SendKeys(Keys.Enter);
            Act(browser, "a pain is added", "//button[.='Add a pain']", Keys.Enter);
            Act(browser, "and removed", "//button[.='Remove']", Keys.Enter);
        });

    [Fact]
    public void Accepting_choosing_keeping_restoring_and_closing_keep_the_focus() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Jocasta", "Findings");
            Act(browser, "a finding is accepted", "[data-finding]", ".");
            Act(browser, "that is taken back", "[data-finding]", "u");
            browser.OpenStation("Exercises");
            Act(browser, "an exercise is pinned", "[data-chosen]", ".");
            Act(browser, "that is undone", "[data-chosen]", "u");
            Act(browser, "the week is looked at without it", "[data-chosen]", "x");
            Act(browser, "and that is left", "[data-chosen]", Keys.Escape);
            browser.OpenStation("Block");
            Act(browser, "sets are written", "[role=grid] td[data-focus=true]", "3");
            Act(browser, "and taken", "#typing", Keys.Enter);
            Act(browser, "it is undone", "//button[.='Undo']", Keys.Enter);
            Act(browser, "and done again", "//button[.='Redo']", Keys.Enter);
            Act(browser, "the version is kept", "//button[.='Keep' and not(@aria-disabled)]", Keys.Enter);
            browser.UntilTrue("the grid has it", () => Active(browser).TagName == "td");
            Act(browser, "the versions are opened", "//button[.='Versions']", Keys.Enter);
            Act(browser, "one is gone back to", "//button[.='Go back to it']", Keys.Enter);
            browser.UntilTrue("the grid has it", () => Active(browser).TagName == "td");
            Act(browser, "the panel is folded", "//button[@aria-label='Fold the panel' or .='×']", Keys.Enter);
            Act(browser, "and shown", "//button[.='Show the panel']", Keys.Enter);
            Act(browser, "the search is opened", "[role=grid] td[data-focus=true]", "/");
            Act(browser, "and left", "[role=combobox]", Keys.Escape);
            Act(browser, "the keys are listed", "[role=grid] td[data-focus=true]", "?");
            Act(browser, "and left", "[role=dialog] button", Keys.Escape);
        });

    /// <summary>Presses a key where it belongs, waits until the page has settled, and looks where the focus is.</summary>
    private static void Act(Browser browser, string what, string where, string key)
    {
        browser.Until(
            what,
            () =>
            {
                browser.Find(where).SendKeys(key);
                return what;
            }
        );
        Thread.Sleep(SettlesInMs);
        browser.UntilTrue($"the focus is somewhere after {what}", () => Active(browser).TagName is not ("body" or "html"));
    }

    private static IWebElement Active(Browser browser) => browser.Driver.SwitchTo().ActiveElement();
}
