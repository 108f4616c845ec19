using OpenQA.Selenium;
using OpenQA.Selenium.Support.UI;

namespace Nerezza.Browser.Tests;

/// <summary>What a coach hands on: a block as a template to another client, sessions to a calendar, a token to a script.</summary>
public sealed class KeepingJourneys(DemoSite site) : IClassFixture<DemoSite>
{
    [Fact]
    public void A_block_is_kept_as_a_template_and_made_a_block_of_for_another_client_by_keys() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Ilario", "Block");
            browser.Find("//button[.='Template']").SendKeys(Keys.Enter);
            browser.Labelled("Name").SendKeys("Crane winter");
            browser.Labelled("What it is for, and whom it suits").SendKeys("Three days through the cold.");
            browser.Find("//button[.='Keep it']").SendKeys(Keys.Enter);
            browser.UntilText("Kept.");
            browser.OpenClient("Brannoc", "Block");
            browser.Find("//button[starts-with(., 'Plan ')]").SendKeys(Keys.Enter);
            Select(browser, "Start from", "A template");
            Select(browser, "Template", "Crane winter");
            browser.UntilText("Three days through the cold.");
            browser.UntilTrue(
                "it is fitted",
                () => browser.All("//*[@role='status'][contains(., 'suits this client') or contains(., 'For this client')]").Count > 0
            );
            browser.Find("//button[.='Make the block of it']").SendKeys(Keys.Enter);
            browser.UntilTrue("the form is gone", () => browser.All("//button[.='Make the block of it']").Count == 0);
            browser.UntilText("The block before");
        });

    [Fact]
    public void A_week_from_a_spreadsheet_is_put_right_kept_and_made_a_block_of_and_printed_a_page_a_week() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Wendelin", "Block");
            Select(browser, "Start from", "A template");
            browser.Find("//button[.='Paste a week']").SendKeys(Keys.Enter);
            browser
                .Labelled("A week from a spreadsheet")
                .SendKeys("Monday\nBack squat, high bar 5x3 @80%\nWinterpresse 3x10 @8\nThursday\nConventional deadlift 4x5 75%");
            browser.UntilText("Back squat, high bar: 5 x 3, 80 %");
            Select(browser, "Winterpresse, 1 row", "Leg press");
            browser.UntilText("Leg press: 3 x 10, RPE 8");
            browser.Find("//button[.='Keep it as a template']").SendKeys(Keys.Enter);
            browser.UntilTrue(
                "it is fitted",
                () => browser.All("//*[@role='status'][contains(., 'suits this client') or contains(., 'For this client')]").Count > 0
            );
            browser.Find("//button[.='Make the block of it']").SendKeys(Keys.Enter);
            browser.UntilTrue("the form is gone", () => browser.All("//button[.='Make the block of it']").Count == 0);
            browser.Find("//a[.='Print']").SendKeys(Keys.Enter);
            Select(browser, "On paper as", "A page a week");
            browser.UntilText("Week 4 of 4");
            Assert.Equal(4, browser.All("//h2[starts-with(., 'Week ')]").Count);
            Select(browser, "On paper as", "Large print");
            browser.UntilText("Week 4 of 4");
        });

    [Fact]
    public void Times_and_an_address_of_a_calendar_and_a_token_are_made_and_ended() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Ilario", "People");
            Select(browser, "Time zone", "Europe/Rome");
            browser.Find("//h2[.='Calendar']/ancestor::section//button[.='Save']").SendKeys(Keys.Enter);
            browser.UntilText("Saved.");
            browser.Find("//button[.='Make an address']").SendKeys(Keys.Enter);
            browser.UntilText("/calendar/");
            browser.Find("//button[.='End the address']").SendKeys(Keys.Enter);
            browser.UntilTrue("it is ended", () => browser.All("//button[.='Make an address']").Count == 1);
            browser.Open("/account");
            browser.Labelled("What it is for").SendKeys("nightly log");
            browser.Find("//button[.='Make a token']").SendKeys(Keys.Enter);
            browser.UntilText("It is shown now and not again.");
            browser.UntilText("nerezza_");
            browser.Find("//button[@aria-label='End nightly log']").SendKeys(Keys.Enter);
            browser.UntilTrue("it is ended", () => browser.All("//button[@aria-label='End nightly log']").Count == 0);
        });

    private static void Select(Browser browser, string label, string choice) =>
        new SelectElement(browser.Labelled(label)).SelectByText(choice);
}
