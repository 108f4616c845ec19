using Nerezza.Tests.Shared;
using OpenQA.Selenium;

namespace Nerezza.Browser.Tests;

/// <summary>The last station: four answers, what shows them, and what waits, by keys alone.</summary>
public sealed class ReviewJourneys(DemoSite site) : IClassFixture<DemoSite>
{
    [Fact]
    public void What_waits_is_answered_put_off_and_taken_back_by_keys() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Ilario", "Block");
            browser.Find("[role=grid]");
            Press(browser, "g8");
            browser.UntilText("Is the weak point closing?");
            string question = browser.Find("[data-waiting]").Text.Split('\n')[0].Trim();
            Press(browser, browser.Find("[data-waiting]"), ".");
            browser.UntilTrue($"'{question}' is answered", () => !Asks(browser, question));
            browser.UntilText("Answered");
            browser.OpenStation("Findings");
            browser.UntilText("Accepted");
            browser.OpenStation("Review");
            browser.Find("//button[.='Take back']").Click();
            browser.UntilTrue($"'{question}' waits again", () => Asks(browser, question));
            Press(browser, browser.Find("[data-waiting]"), "x");
            browser.UntilTrue($"'{question}' is put off", () => !Asks(browser, question));
            browser.UntilText("put off to");
            // The tables behind the pictures, and the next block beside the last one.
            browser.Find("//summary[.='The same as a table']").Click();
            browser.UntilText("Knee to wall");
            browser.Find("//button[.='Look at the next block']").Click();
            browser.UntilTrue("the next block is there", () => browser.All("//section[@aria-label='The next block']//h3").Count > 0);
        });

    [Fact]
    public void A_finding_is_retested_and_closes_and_the_next_block_is_made_and_taken_back_by_keys() =>
        site.Run(browser =>
        {
            browser.SignIn();
            // Six weeks ago the ankles were short; the block that answers them ends this week.
            string id = browser.Calls(
                """
                const day = (ahead) => new Date(Date.now() + ahead * 864e5).toLocaleDateString('sv');
                const whole = JSON.parse(given);
                const strength = whole.strength.map((set) => ({ ...set, date: day(-40) }));
                const asked = { ...whole, client: { ...whole.client, name: 'Retested' }, screen: undefined, faults: undefined, strength };
                const { id } = await call('POST', '/api/clients/import', asked);
                const screen = { kneeToWallCm: { left: 4, right: 5 } };
                await call('PUT', `/api/clients/${id}/screens/${day(-40)}`, { screen, faults: [] });
                await call('POST', `/api/clients/${id}/plans`, { start: day(-24), kind: 'strength', weeks: 4 });
                return id;
                """,
                File.ReadAllText(Path.Combine(ServerProcess.Root, "docs/formats/examples/deckhand.json"))
            );
            browser.Open($"/clients/{id}/review");
            browser.UntilText("Is the weak point closing?");
            Press(browser, Waits(browser, "Test again"), ".");
            browser.UntilText("Toe to wall");
            foreach (string side in new[] { "left", "right" })
                browser.Labelled($"Toe to wall, {side}, cm").SendKeys("12");
            browser.Find("//button[.='Save']").SendKeys(Keys.Enter);
            browser.UntilText("See the findings");
            browser.Script("document.activeElement.blur()");
            Press(browser, "g8");
            browser.UntilText("Closed: ankle");
            browser.UntilTrue("nothing asks for a test", () => !Asks(browser, "Test again"));
            Press(browser, Waits(browser, "Which block comes next?"), ".");
            browser.UntilTrue("the end of the block is answered", () => !Asks(browser, "Which block comes next?"));
            const string Blocks = "return String((await call('GET', `/api/clients/${given}/block`)).standing.length)";
            Assert.Equal("2", browser.Calls(Blocks, id));
            Press(browser, browser.Find("[data-waiting]"), "u");
            browser.UntilTrue("it is asked again", () => Asks(browser, "Which block comes next?"));
            Assert.Equal("1", browser.Calls(Blocks, id));
        });

    private static IWebElement Waits(Browser browser, string question) =>
        browser.Until(
            $"'{question}' waits",
            () => browser.All("[data-waiting]").FirstOrDefault(one => one.Text.Contains(question, StringComparison.Ordinal))
        );

    private static bool Asks(Browser browser, string question) =>
        browser.All("[data-waiting]").Any(one => one.Text.Contains(question, StringComparison.Ordinal));

    private static void Press(Browser browser, string keys)
    {
        foreach (char key in keys)
        {
            browser.Driver.SwitchTo().ActiveElement().SendKeys(key.ToString());
            Thread.Sleep(120);
        }
    }

    private static void Press(Browser browser, IWebElement row, string key)
    {
        browser.Script("arguments[0].focus()", row);
        browser.Driver.SwitchTo().ActiveElement().SendKeys(key);
    }
}
