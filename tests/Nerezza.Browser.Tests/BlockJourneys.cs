using System.Diagnostics;
using OpenQA.Selenium;
using OpenQA.Selenium.Interactions;
using OpenQA.Selenium.Support.UI;

namespace Nerezza.Browser.Tests;

/// <summary>A block edited like a sheet: by keyboard alone, by dragging, by taking a fix; kept, gone back from, and printed.</summary>
public sealed class BlockJourneys(DemoSite site) : IClassFixture<DemoSite>
{
    [Fact]
    public void Ten_cells_are_edited_by_keyboard_alone_undone_and_done_again() =>
        site.Run(browser =>
        {
            OpenBlock(browser, "Ilario");
            string[] made = Cells(browser);
            Press(browser, Keys.Home);
            for (int i = 0; i < 10; i++)
            {
                string before = Focused(browser);
                Press(browser, "2"); // what the plan asks for nowhere here
                browser.Find("#typing");
                Press(browser, Keys.Enter);
                browser.UntilTrue("the focus is on the grid again", () => browser.All("#typing").Count == 0);
                // Five down the first week, five down the second.
                if (i == 4)
                    Press(browser, Keys.ArrowRight + string.Concat(Enumerable.Repeat(Keys.ArrowUp, 5)));
                Assert.NotEqual(before, Focused(browser));
            }
            browser.UntilTrue(
                "ten cells are by hand",
                () => Cells(browser).Count(cell => cell.Contains("by hand", StringComparison.Ordinal)) is 10
            );
            Thread.Sleep(600);
            string[] edited = Cells(browser);
            Assert.NotEqual(made, edited);
            for (int i = 0; i < 10; i++)
                Press(browser, "u");
            browser.UntilTrue("all is as it was made", () => Cells(browser).SequenceEqual(made));
            for (int i = 0; i < 10; i++)
                Press(browser, "r");
            browser.UntilTrue("all is done again", () => Cells(browser).SequenceEqual(edited));
            browser.Find("//button[.='Take back']").Click();
            browser.UntilTrue("nothing is left to keep", () => browser.All("//button[.='Keep' and not(@aria-disabled)]").Count == 0);
        });

    [Fact]
    public void What_is_filled_to_the_right_is_kept_as_a_version_compared_and_gone_back_from() =>
        site.Run(browser =>
        {
            OpenBlock(browser, "Teodora");
            // Other sets than the block was made with.
            string other = Cells(browser)[0].Contains("4 ×", StringComparison.Ordinal) ? "3" : "4";
            Press(browser, Keys.Home + other + Keys.Enter + Keys.ArrowUp + "f");
            browser.UntilTrue(
                "the later weeks follow",
                () => Cells(browser).Count(cell => cell.Contains("by hand", StringComparison.Ordinal)) >= 2
            );
            browser.Driver.Navigate().Refresh();
            browser.UntilTrue(
                "what is not kept outlives a reload",
                () => Cells(browser).Count(cell => cell.Contains("by hand", StringComparison.Ordinal)) >= 2
            );
            browser.Find("//button[.='Keep']").Click();
            browser.UntilTrue("it is kept", () => browser.All("//button[.='Keep' and not(@aria-disabled)]").Count == 0);
            browser.Find("//button[.='Versions']").Click();
            browser.Find("//button[.='Compare']").Click();
            browser.UntilText(" instead of ");
            browser.Find("//button[.='Go back to it']").Click();
            browser.UntilTrue(
                "nothing is by hand any more",
                () => Cells(browser) is { Length: > 0 } cells && cells.All(cell => !cell.Contains("by hand", StringComparison.Ordinal))
            );
            // The one gone back to is like the one in force; the kept one between them is not.
            browser.Find("//button[.='Versions']").Click();
            browser.UntilTrue("the versions are there", () => browser.All("//button[.='Compare']").Count > 1);
            string kept = browser.Find("//button[.='Compare']/preceding-sibling::div[last()]").Text;
            browser.All("//button[.='Compare']")[1].Click();
            browser.UntilText("Nothing differs at today’s maxes.");
            new SelectElement(browser.Find("//label[.='Against version']/following::select[1]")).SelectByText(kept);
            browser.UntilText(" instead of ");
        });

    [Fact]
    public void A_session_is_dragged_to_another_day_and_copied_by_keyboard() =>
        site.Run(browser =>
        {
            OpenBlock(browser, "Jocasta");
            browser.Size(1280, 2600); // both sessions in view
            string[] heads = Days(browser);
            IWebElement[] sessions = [.. browser.All("[data-drag^='2 ']")];
            (string first, string second) = (sessions[0].GetAttribute("data-drag")!, sessions[1].GetAttribute("data-drag")!);
            string[] before = [Minutes(browser, first), Minutes(browser, second)];
            var mouse = new Actions(browser.Driver);
            mouse
                .MoveToElement(sessions[0])
                .ClickAndHold()
                .MoveByOffset(12, 8)
                .MoveToElement(browser.Find($"[data-drag='{second}']"))
                .MoveByOffset(3, 2)
                .Release()
                .Perform();
            browser.UntilTrue(
                "the two sessions of week 2 have changed places",
                () => Minutes(browser, first) == before[1] && Minutes(browser, second) == before[0]
            );
            Assert.Equal(heads, Days(browser));
            browser.Find("//button[.='Undo']").Click();
            browser.UntilTrue("they are back", () => Minutes(browser, first) == before[0]);
            Focus(browser);
            Press(browser, Keys.Home + "c" + Keys.ArrowRight + "v");
            browser.UntilTrue(
                "week 2 has the session of week 1",
                () => Cells(browser).Any(cell => cell.Contains("by hand", StringComparison.Ordinal))
            );
            browser.Find("//button[.='Take back']").Click();
        });

    [Fact]
    public void An_exercise_is_dragged_to_another_day_in_every_week() =>
        site.Run(browser =>
        {
            OpenBlock(browser, "Jocasta");
            browser.Size(1280, 2600);
            IWebElement[] lifts = [.. browser.All("[data-lift]")];
            string from = lifts[0].GetAttribute("data-lift")!.Split(' ')[0];
            string last = lifts
                .Last(lift => lift.GetAttribute("data-lift")!.StartsWith(from + " ", StringComparison.Ordinal))
                .GetAttribute("data-lift")!;
            string exercise = last.Split(' ')[1];
            string to = browser
                .All("[data-drag]")
                .Select(head => head.GetAttribute("data-drag")!)
                .Where(id => id.StartsWith("1 ", StringComparison.Ordinal))
                .Select(id => id.Split(' ')[1])
                .First(day => lifts.All(lift => lift.GetAttribute("data-lift") != $"{day} {exercise}"));
            new Actions(browser.Driver)
                .MoveToElement(browser.Find($"[data-lift='{last}']"))
                .ClickAndHold()
                .MoveByOffset(12, 8)
                .MoveToElement(browser.Find($"[data-drag='1 {to}']"))
                .MoveByOffset(3, 2)
                .Release()
                .Perform();
            browser.UntilTrue(
                "it stands on the other day and no more on its own",
                () => browser.All($"[data-lift='{to} {exercise}']").Count == 1 && browser.All($"[data-lift='{last}']").Count == 0
            );
            browser.Find("//button[.='Take back']").Click();
            browser.UntilTrue("it is back", () => browser.All($"[data-lift='{last}']").Count == 1);
        });

    [Fact]
    public void A_fix_is_seen_before_it_is_taken_and_is_an_edit_like_any_other() =>
        site.Run(browser =>
        {
            OpenBlock(browser, "Ilario");
            browser.Find("//button[.='Rest, s']").Click();
            Focus(browser);
            Press(browser, Keys.Home + "3");
            browser.Find("#typing").SendKeys("0");
            Press(browser, Keys.Enter);
            browser.UntilText("seconds of rest");
            browser.Find("//button[.='See the fix']").SendKeys(Keys.Enter);
            browser.UntilTrue(
                "it says what it would do",
                () => browser.All("//button[.='Take the fix']").Any(button => button.GetAttribute("aria-disabled") is null)
            );
            browser.Find("//button[.='Take the fix']").SendKeys(Keys.Enter);
            browser.UntilTrue("it is taken", () => browser.All("//button[.='Take the fix']").Count == 0);
            browser.UntilTrue("it can be undone", () => browser.Find("//button[.='Undo']").GetAttribute("aria-disabled") is null);
            browser.Find("//button[.='Take back']").Click();
        });

    [Fact]
    public void Block_and_session_read_back_from_paper() =>
        site.Run(browser =>
        {
            OpenBlock(browser, "Renske");
            string lift = browser.All("[role=grid] tbody th[scope=row]")[0].Text.Split('\n')[0].Trim();
            browser.Find("//a[.='Print']").Click();
            browser.UntilText("block from");
            string block = Printed(browser);
            Assert.Contains(lift.Split(' ')[0], block, StringComparison.Ordinal); // a long name is broken over lines
            Assert.Contains("Week 2", block, StringComparison.Ordinal);
            browser.Find("//a[.='Back']").Click();
            browser.Find("//a[.='Session sheet for paper']").Click();
            browser.UntilText("kg done");
            string session = Printed(browser);
            Assert.Contains("Renske", session, StringComparison.Ordinal);
            Assert.Contains("Tempo", session, StringComparison.Ordinal);
            Assert.Contains("RPE", session, StringComparison.Ordinal);
            // Room to write: the columns of what was done are there.
            Assert.Matches(@"Rest\s+kg\s+done\s+Reps\s+done\s+RPE\s+Note", session);
            Assert.DoesNotContain("Sign out", block + session, StringComparison.Ordinal);
        });

    [Fact]
    public void An_exercise_is_added_to_a_day_and_an_empty_block_is_filled_by_hand() =>
        site.Run(browser =>
        {
            OpenBlock(browser, "Corisande");
            Press(browser, "a");
            browser.Find("//*[@id=//label[.='Find']/@for]").SendKeys("lateral raise");
            browser.Find("//section[@aria-label='Add an exercise']//button[.='Add']").Click();
            browser.UntilTrue(
                "it stands in the grid",
                () =>
                    browser
                        .All("[role=grid] tbody th[scope=row]")
                        .Any(head =>
                            head.Text.StartsWith("Lateral raise", StringComparison.Ordinal)
                            || head.Text.StartsWith("Cable lateral raise", StringComparison.Ordinal)
                        )
            );
            browser.Find("//button[.='Take back']").Click();
        });

    private static string Printed(Browser browser)
    {
        var answer =
            (Dictionary<string, object>)
                browser.Driver.ExecuteCdpCommand(
                    "Page.printToPDF",
                    new Dictionary<string, object?> { ["printBackground"] = true, ["preferCSSPageSize"] = true }
                )!;
        string file = Path.GetTempFileName();
        File.WriteAllBytes(file, Convert.FromBase64String((string)answer["data"]));
        using Process reader = Process.Start(new ProcessStartInfo("pdftotext", ["-layout", file, "-"]) { RedirectStandardOutput = true })!;
        string text = reader.StandardOutput.ReadToEnd();
        reader.WaitForExit();
        File.Delete(file);
        return text;
    }

    private static void OpenBlock(Browser browser, string client)
    {
        browser.SignIn();
        browser.OpenClient(client, "Block");
        browser.Find("[role=grid][aria-busy=false] [data-focus=true]");
        Focus(browser);
    }

    private static void Focus(Browser browser) => browser.Script("document.querySelector('[role=grid] [data-focus=true]').focus()");

    private static string[] Cells(Browser browser) =>
        [
            .. (
                (IEnumerable<object>)
                    browser.Script(
                        "return [...document.querySelectorAll('[role=grid] td > span:first-child')].map(one => one.textContent)"
                    )!
            ).Cast<string>(),
        ];

    private static string[] Days(Browser browser) => [.. browser.All("[role=grid] th[scope=rowgroup]").Select(head => head.Text)];

    private static string Minutes(Browser browser, string session) => browser.Find($"[data-drag='{session}']").Text;

    private static string Focused(Browser browser) =>
        (string)browser.Script("return document.activeElement.querySelector('span')?.textContent ?? ''")!;

    private static void Press(Browser browser, string keys)
    {
        foreach (char key in keys)
        {
            browser.Driver.SwitchTo().ActiveElement().SendKeys(key.ToString());
            Thread.Sleep(150);
        }
    }
}
