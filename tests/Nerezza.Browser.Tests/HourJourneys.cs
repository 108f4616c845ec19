using OpenQA.Selenium;

namespace Nerezza.Browser.Tests;

/// <summary>Eight lifters at once: the queue, one open, and the bar that some of them share.</summary>
public sealed class HourJourneys(DemoSite site) : IClassFixture<DemoSite>
{
    [Fact]
    public void A_coach_runs_eight_lifters_by_touch_and_by_key() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.Find("//a[.='Run several lifters at once']").Click();
            browser.UntilText("Who lifts in this hour?");
            // What is next is known of everybody once their boards are made.
            browser.UntilTrue("eight can be chosen", () => browser.All("input[type=checkbox]").Count == 8);
            foreach (IWebElement box in browser.All("input[type=checkbox]").Where(one => !one.Selected && one.Enabled).ToList())
                if (box.Enabled)
                    box.Click();
            browser.Find("//button[.='Start with 8 lifters']").Click();
            browser.UntilTrue("eight stand in the queue", () => Queue(browser).Count == 8);
            browser.UntilTrue("each has what is next", () => Queue(browser).All(text => text.Contains('\n', StringComparison.Ordinal)));
            string first = Name(Queue(browser)[0]);
            browser.UntilTrue("the first is open", () => browser.Find("main h2").Text.Length > 0);
            // A set of whoever is open: a rest runs, and somebody else is next.
            // The first side of a set, or a partner in a superset, is rested from later.
            browser.ToWorkSets();
            for (int sets = 0; sets < 4 && Name(Queue(browser)[0]) == first; sets++)
            {
                string at = browser.Find("[data-set]").GetAttribute("data-set")!;
                Thread.Sleep(700);
                browser.LogSet();
                browser.UntilTrue("the set is taken", () => browser.All($"[data-set='{at}']").Count == 0);
                browser.ToWorkSets();
                Thread.Sleep(1500);
            }
            browser.UntilTrue("a rest runs and another is next", () => Name(Queue(browser)[0]) != first);
            string next = browser.Find("//button[starts-with(., 'Next: ')]").Text["Next: ".Length..].Split(',')[0];
            browser.Driver.SwitchTo().ActiveElement().SendKeys(".");
            browser.UntilTrue(
                "the key opens who is next",
                () => browser.All("[aria-current='true']").Any(row => row.Text.StartsWith(next, StringComparison.Ordinal))
            );
            // By touch, back to the first: what was logged stands, and the rest goes on.
            browser.All("nav[aria-label='Who is next'] button").First(row => row.Text.StartsWith(first, StringComparison.Ordinal)).Click();
            browser.Find("section[aria-label='Sets done'] button");
            browser.UntilText("Rest: ");
            browser.Size(390, 844);
            Assert.True((bool)browser.Script("return document.documentElement.scrollWidth <= innerWidth")!, "it fits a phone");
            browser.Driver.Navigate().Refresh();
            browser.UntilTrue("the hour outlasts a reload", () => Queue(browser).Count == 8);
            browser.Find("section[aria-label='Sets done'] button");
        });

    private static List<string> Queue(Browser browser) => [.. browser.All("nav[aria-label='Who is next'] button").Select(row => row.Text)];

    private static string Name(string row) => row.Split('\n')[0];
}
