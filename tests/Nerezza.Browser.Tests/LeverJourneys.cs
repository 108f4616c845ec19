using System.Globalization;
using System.Text.Json;
using OpenQA.Selenium;

namespace Nerezza.Browser.Tests;

/// <summary>The levers: Core in the page answers as Core on the server, and answers every move.</summary>
public sealed class LeverJourneys(DemoSite site) : IClassFixture<DemoSite>
{
    private const string Ask = """
        const done = arguments[1];
        fetch(`/api/clients/${arguments[0]}/levers`).then(answer => answer.json()).then(async view => {
          const { dotnet } = await import('/page/dotnet.js');
          const exports = await (await dotnet.create()).getAssemblyExports('Nerezza.Page');
          const question = { body: view.body, asks: view.rows.map(row => ({ exercise: row.exercise, loadKg: row.loadKg, sweepStep: 4 })) };
          const page = JSON.parse(exports.Nerezza.Page.Exports.Levers(JSON.stringify(question)));
          const far = (a, b) => typeof a === 'number' ? Math.abs(a - b) > 1e-9 : a === null || typeof a !== 'object' ? a !== b
            : Object.keys(a).length !== Object.keys(b).length || Object.keys(a).some(key => far(a[key], b[key]));
          const other = view.rows.filter((row, i) => far(row.reply, page[i])).map(row => row.exercise);
          done(JSON.stringify({ rows: view.rows.length, other }));
        }).catch(fault => done(JSON.stringify({ rows: 0, other: [String(fault)] })));
        """;

    [Fact]
    public void Core_in_the_page_and_on_the_server_say_the_same() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Teodora", "Levers");
            string client = browser.Driver.Url.Split('/')[^2];
            // A page of its own, since the runtime starts once a page.
            browser.Open("/clients/new");
            browser.UntilText("New client");
            JsonElement result = JsonDocument.Parse((string)browser.Driver.ExecuteAsyncScript(Ask, client)!).RootElement;
            Assert.Empty(result.GetProperty("other").EnumerateArray());
            Assert.True(result.GetProperty("rows").GetInt32() > 30);
        });

    [Fact]
    public void A_slider_moves_the_figure_and_an_ankle_that_gains_changes_the_table() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Ilario", "Levers");
            browser.UntilText("Moment against depth");
            double before = Lean(browser);
            Assert.True(before > 0);
            browser.UntilTrue(
                "the sliders wake",
                () => !browser.Driver.FindElement(By.TagName("body")).Text.Contains("wake in a moment", StringComparison.Ordinal)
            );
            IWebElement heel = browser.Find("//label[contains(., 'Heel lift')]//input");
            heel.SendKeys(Keys.ArrowRight + Keys.ArrowRight + Keys.ArrowRight);
            browser.UntilTrue("more heel is less lean", () => Lean(browser) < before);
            browser.Find("//button[.='Its own again']").Click();
            browser.UntilTrue("it is its own again", () => Math.Abs(Lean(browser) - before) < 0.5);
            string row = RowOf(browser);
            browser
                .Find("//label[contains(., 'What if the ankle gained')]//input")
                .SendKeys(Keys.ArrowRight + Keys.ArrowRight + Keys.ArrowRight + Keys.ArrowRight);
            browser.UntilTrue("the table follows the ankle", () => RowOf(browser) != row);
            browser.Find("//button[starts-with(normalize-space(), 'Lean')]").Click();
            browser.UntilTrue("it is sorted by lean", () => browser.All("//th[@aria-sort='ascending']").Count == 1);
            browser.Find("//button[.='Hinges']").Click();
            browser.UntilText("Sumo deadlift");
        });

    private static double Lean(Browser browser) =>
        double.Parse(
            browser.Find("//aside[@aria-label='Figure']//*[@role='img']").GetAttribute("aria-label")!.Split("leans ")[1].Split(' ')[0],
            CultureInfo.InvariantCulture
        );

    private static string RowOf(Browser browser) => browser.Find("//button[@data-row='back-squat-high-bar']/ancestor::tr").Text;
}
