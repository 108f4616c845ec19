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

    private static void Select(Browser browser, string label, string choice) =>
        new SelectElement(browser.Labelled(label)).SelectByText(choice);
}
