using System.Globalization;
using OpenQA.Selenium;

namespace Nerezza.Browser.Tests;

/// <summary>Whole journeys of a coach through the running site.</summary>
public sealed class Journeys(DemoSite site) : IClassFixture<DemoSite>
{
    [Fact]
    public void Sign_in_open_a_client_log_a_session_and_see_the_next_one_change() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Ilario", "Block");
            double before = LoadsOfWeek(browser, 2);
            browser.OpenStation("Floor");
            browser.ComeIn();
            double planned = BigLoad(browser);
            int sets = 0;
            while (browser.All("//*[contains(text(),'All sets are done')]").Count == 0 && sets < 60)
            {
                browser.ToWorkSets();
                // Much heavier and easier than planned, on every set: one day moves a max that eight weeks settled by little.
                for (int more = 0; more < 4; more++)
                    browser.All("button[aria-label='Load more']").FirstOrDefault()?.Click();
                browser.LogSet("6");
                sets++;
                Thread.Sleep(700);
                browser.UntilTrue("the set is taken", () => !Body(browser).Contains("not sent yet", StringComparison.Ordinal));
            }
            Assert.InRange(sets, 8, 40);
            browser.UntilText("Everything is saved.");
            browser.Find("//a[.='Block']").Click();
            browser.UntilTrue(
                "a lift is done whole",
                () => System.Text.RegularExpressions.Regex.IsMatch(Body(browser), @"\b(\d+) of \1 done")
            );
            browser.UntilTrue("next week's loads rose", () => LoadsOfWeek(browser, 2) > before);
            Assert.True(planned > 0);
            Assert.Contains("was ", Body(browser), StringComparison.Ordinal);
        });

    [Fact]
    public void A_client_is_put_away_read_and_taken_back() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Wendelin", "Intake");
            browser.Find("//button[starts-with(., 'Put ')][contains(., ' away')]").Click();
            browser.UntilText("On file, and on no list.");
            browser.UntilTrue("the list has lost him", () => browser.All("//a[@data-client][contains(., 'Wendelin')]").Count == 0);
            browser.Find("//main//a[contains(., 'Wendelin')]").Click();
            browser.UntilText("Sets entered");
            browser.Find("//a[.='Clients put away']").Click();
            browser.Find("//button[starts-with(@aria-label, 'Take Wendelin')]").Click();
            browser.UntilText("Nobody is put away.");
            browser.Find("//a[@data-client][contains(., 'Wendelin')]");
        });

    [Fact]
    public void Done_alone_stores_no_rating_and_undo_takes_it_back() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Renske", "Floor");
            browser.ToWorkSets();
            browser.Find("//button[contains(., 'no rating')]").Click();
            browser.UntilText("Logged");
            browser.UntilText(", no rating.");
            browser.UntilText("Set 2 of");
            browser.UntilText("Rest: at least");
            browser.Find("//button[.='Undo']").Click();
            browser.UntilText("Set 1 of");
        });

    [Fact]
    public void A_double_tap_logs_one_set() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Jocasta", "Floor");
            browser.ToWorkSets();
            browser.Script("arguments[0].click(); arguments[0].click();", browser.SetKey());
            browser.UntilText("Set 2 of");
            Thread.Sleep(1000);
            Assert.Contains("Set 2 of", Body(browser), StringComparison.Ordinal);
        });

    [Fact]
    public void The_block_is_walked_by_keyboard_alone() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Teodora", "Block");
            IWebElement cell = browser.Find("[role=grid] [data-focus=true]");
            cell.Click();
            Press(browser, Keys.Home);
            string first = Focused(browser);
            Press(browser, Keys.ArrowRight);
            Assert.Contains("week 2", Focused(browser), StringComparison.Ordinal);
            Press(browser, Keys.ArrowDown);
            Assert.NotEqual(first, Focused(browser));
            Press(browser, Keys.Home + Keys.ArrowUp);
            Assert.Equal(first, Focused(browser));
            Press(browser, "b");
            browser.UntilText("The max is likely between");
            Press(browser, "p");
            browser.UntilTrue("the panel is folded", () => browser.All("aside[aria-label='The set in focus']").Count == 0);
            Press(browser, "g1");
            browser.UntilText("Sets entered");
            browser.Find("body").SendKeys("?");
            browser.UntilText("the whole because");
        });

    [Fact]
    public void A_wrong_number_is_told_at_its_field_and_what_was_typed_stays() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Teodora", "Intake");
            IWebElement height = Labelled(browser, "Height, cm");
            height.SendKeys(Keys.Control + "a");
            height.SendKeys("1.84");
            browser.OpenStation("Block");
            browser.Find("[role=grid]");
            browser.OpenStation("Intake");
            Assert.Equal("1.84", Labelled(browser, "Height, cm").GetAttribute("value"));
            browser.Find("//button[.='Save']").Click();
            browser.UntilText("1.84 is not between 100 and 250 cm.");
            Assert.Equal("true", Labelled(browser, "Height, cm").GetAttribute("aria-invalid"));
            browser.Find("//button[.='Take back']").Click();
            browser.UntilTrue("the saved height is back", () => Labelled(browser, "Height, cm").GetAttribute("value") == "184");
        });

    [Fact]
    public void A_new_client_gets_a_first_block_from_two_entered_sets() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.Find("button[aria-label='Add a client']").Click();
            Labelled(browser, "Name").SendKeys("Mirela Ost");
            Labelled(browser, "Height, cm").SendKeys("170");
            Labelled(browser, "Body mass, kg").SendKeys("68");
            browser.Find("//button[.='Monday']").Click();
            browser.Find("//button[.='Thursday']").Click();
            browser.Find("//form//button[.='Add']").Click();
            browser.UntilText("None yet. Enter one good set");
            foreach (string kit in new[] { "Barbell", "Rack", "Plates", "Blocks" })
                browser.Find($"//button[.='{kit}']").Click();
            browser.Find("//button[.='Start from a usual set']").Click();
            browser.Find("//section[contains(., 'Equipment')]//button[.='Save']").Click();
            browser.UntilText("Saved.");
            browser.EnterMax("Back squat, high bar", "80", "5", "8");
            browser.EnterMax("Conventional deadlift", "100", "5", "8");
            browser.OpenStation("Block");
            browser.Find("//button[.='Make the block']").Click();
            browser.Find("[role=grid]");
            browser.UntilText("Strength, 4 weeks");
            Assert.True(LoadsOfWeek(browser, 1) > 0);
        });

    private static IWebElement Labelled(Browser browser, string label) => browser.Labelled(label);

    private static string Body(Browser browser) => browser.Driver.FindElement(By.TagName("body")).Text;

    private static string Focused(Browser browser) =>
        (string)browser.Script("return document.activeElement.querySelector('span')?.textContent ?? ''")!;

    private static void Press(Browser browser, string keys)
    {
        foreach (char key in keys)
        {
            browser.Driver.SwitchTo().ActiveElement().SendKeys(key.ToString());
            Thread.Sleep(120);
        }
    }

    private static double BigLoad(Browser browser) =>
        double.Parse(browser.Find("[aria-label$=' kilograms']").Text, CultureInfo.InvariantCulture);

    /// <summary>The loads of every lift in a week, summed, as the grid reads them out: whichever day is today, one of them was
    /// trained.</summary>
    private static double LoadsOfWeek(Browser browser, int week)
    {
        browser.Find("[role=grid]");
        return browser
            .All($"//td/span[contains(., 'week {week}:')]")
            .Select(said => System.Text.RegularExpressions.Regex.Match(said.GetAttribute("textContent")!, "%, ([0-9.]+)").Groups[1].Value)
            .Where(load => load != "") // work by effort has none
            .Sum(load => double.Parse(load, CultureInfo.InvariantCulture));
    }
}
