using OpenQA.Selenium;

namespace Nerezza.Browser.Tests;

/// <summary>The choice of exercises by keyboard: another in its place, seen before it is taken, and taken back.</summary>
public sealed class ExerciseJourneys(DemoSite site) : IClassFixture<DemoSite>
{
    [Fact]
    public void A_swap_shows_what_changes_is_taken_and_taken_back_without_the_mouse() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Ilario", "Exercises");
            browser.UntilText("In place of");
            string[] before = Chosen(browser);
            // The first of the leg work besides the main lifts: j until its row has the focus.
            IWebElement accessory = browser
                .All("[data-chosen]")
                .First(row => row.FindElement(By.XPath("./following-sibling::*[1]")).Text.StartsWith("Leg work", StringComparison.Ordinal));
            string old = accessory.Text;
            Focus(browser, browser.All("[data-chosen]")[0]);
            while (browser.Driver.SwitchTo().ActiveElement().Text != old)
                browser.Driver.SwitchTo().ActiveElement().SendKeys("j");
            browser.UntilText($"In place of {old.ToLowerInvariant()}");
            Focus(browser, browser.All("[data-other]")[0]);
            string next = browser.Driver.SwitchTo().ActiveElement().Text;
            browser.Driver.SwitchTo().ActiveElement().SendKeys(Keys.Enter);
            browser.UntilTrue(
                "the effect names both",
                () =>
                    browser.Find("[aria-label='What would change']").Text is var text
                    && text.Contains(next, StringComparison.Ordinal)
                    && text.Contains(old, StringComparison.Ordinal)
            );
            Assert.Equal(before, Chosen(browser));
            browser.Driver.SwitchTo().ActiveElement().SendKeys(Keys.Escape);
            browser.UntilTrue("it is left", () => browser.All("[aria-label='What would change']").Count == 0);
            Assert.Equal(before, Chosen(browser));
            browser.Driver.SwitchTo().ActiveElement().SendKeys(Keys.Enter);
            browser.UntilTrue("it is shown again", () => browser.All("[aria-label='What would change'] li").Count > 0);
            browser.Driver.SwitchTo().ActiveElement().SendKeys(Keys.Enter);
            browser.UntilTrue("it is taken", () => Chosen(browser) is var now && now.Contains(next) && !now.Contains(old));
            browser.UntilText("you took it out");
            Focus(browser, browser.All("[data-chosen]")[0]);
            browser.Driver.SwitchTo().ActiveElement().SendKeys("u");
            browser.UntilTrue("it is as before", () => Chosen(browser).SequenceEqual(before));
        });

    [Fact]
    public void Another_school_stands_beside_and_the_catalogue_finds_by_muscle() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Ilario", "Exercises");
            browser.UntilText("In place of");
            browser.Find("//button[.='Limiting muscle']").Click();
            browser.UntilText("Favours exercises for the muscle that limits");
            browser.Find("//a[.='Catalogue']").Click();
            // The view before this one names the same squat and has fields of its own.
            browser.UntilText("Name, pattern, muscle, kit or ladder");
            browser.Find("//label[starts-with(., 'Name, pattern')]/following::input[1]").SendKeys("rectus femoris");
            browser.UntilTrue(
                "only those that train it stay",
                () =>
                    browser.All("[data-face]").Select(row => row.Text).ToList() is var rows
                    && rows.Count > 3
                    && rows.All(text => !text.StartsWith("Tempo back squat", StringComparison.Ordinal))
            );
        });

    private static string[] Chosen(Browser browser) => [.. browser.All("[data-chosen]").Select(row => row.Text)];

    private static void Focus(Browser browser, IWebElement element) => browser.Driver.ExecuteScript("arguments[0].focus()", element);
}
