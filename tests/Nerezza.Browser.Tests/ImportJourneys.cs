using OpenQA.Selenium;
using OpenQA.Selenium.Support.UI;

namespace Nerezza.Browser.Tests;

/// <summary>A coach brings what they have: a spreadsheet is looked at, put right, kept, and taken back.</summary>
public sealed class ImportJourneys(DemoSite site) : IClassFixture<DemoSite>
{
    [Fact]
    public void A_log_is_taken_in_from_a_file_and_taken_back_at_desk_and_phone() =>
        site.Run(browser =>
        {
            string file = Path.Combine(Directory.CreateTempSubdirectory("nerezza-log-").FullName, "winter.csv");
            File.WriteAllText(
                file,
                "When;What;Done;Remark\n3/2/2025;Kniebeuge;3x5x100;\n4/2/2025;Kniebeuge;20x10;\n5/2/2025;Leg press;3x10x180;good"
            );
            browser.SignIn();
            browser.OpenClient("Teodora", "People");
            browser.Find("//a[.='Take a log in']").SendKeys(Keys.Enter);
            foreach (int width in new[] { 1280, 390 })
            {
                browser.Size(width, 844);
                browser.Find("input[type=file]").SendKeys(file);
                browser.UntilText("What was understood");
                Select(browser, "B, What", "exercise");
                // Asked once: the second time the name is known.
                if (width == 1280)
                    Select(browser, "Kniebeuge, 2 rows", "Back squat, high bar");
                browser.UntilText("1 of 3 rows cannot be read");
                browser.UntilText("C3: 20x10");
                Select(browser, "Days could be read both ways", "the month stands first");
                browser.UntilText("2 Mar 2025");
                Assert.True((bool)browser.Script("return document.documentElement.scrollWidth <= innerWidth")!);
                browser.Find("//button[.='Keep 6 sets']").SendKeys(Keys.Enter);
                browser.UntilText("Taken in");
                browser.UntilText("6 sets, 2 Mar 2025 to 2 May 2025");
                browser.Find("//button[@aria-label='Take back winter.csv']").SendKeys(Keys.Enter);
                browser.UntilTrue("it is taken back", () => browser.All("//button[@aria-label='Take back winter.csv']").Count == 0);
            }
        });

    [Fact]
    public void Clients_are_pasted_from_a_spreadsheet_put_right_kept_and_taken_back_at_desk_and_phone() =>
        site.Run(browser =>
        {
            browser.SignIn();
            foreach (int width in new[] { 1280, 390 })
            {
                browser.Size(width, 844);
                browser.Open("/clients/from-list");
                browser
                    .Labelled("Or paste rows, with their headings, from a spreadsheet")
                    .SendKeys("Name,Height,Weight,Level,Ankle left,Knie max\nNora Vik,1.72,70,novice,9,100x5\nOle Dahl,1800,80,novice,,");
                browser.Find("//button[.='Read what is pasted']").SendKeys(Keys.Enter);
                browser.UntilText("What was understood");
                browser.UntilText("Ole Dahl, B3: 1800 is not between 100 and 250");
                // Asked once: the second time the name is known.
                if (width == 1280)
                    Select(browser, "knie, 1 row", "Back squat, high bar");
                browser.UntilText("says no training days or minutes");
                browser.Labelled("Minutes a day").SendKeys("60");
                browser.Find("//button[.='Monday']").SendKeys(Keys.Enter);
                browser.UntilText("Back squat, high bar 5 at 100 kg");
                browser.UntilText("knee to wall, left 9 cm");
                Assert.True((bool)browser.Script("return document.documentElement.scrollWidth <= innerWidth")!);
                browser.Find("//button[.='Keep one client']").SendKeys(Keys.Enter);
                browser.UntilText("Taken in");
                browser.Find("//button[@aria-label='Take back pasted rows']").SendKeys(Keys.Enter);
                browser.UntilTrue("it is taken back", () => browser.All("//button[@aria-label='Take back pasted rows']").Count == 0);
            }
        });

    private static void Select(Browser browser, string label, string choice) =>
        new SelectElement(browser.Labelled(label)).SelectByText(choice);
}
