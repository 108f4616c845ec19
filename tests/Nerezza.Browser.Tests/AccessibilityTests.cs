using System.Text.Json;
using Nerezza.Tests.Shared;
using OpenQA.Selenium.Support.UI;

namespace Nerezza.Browser.Tests;

/// <summary>WCAG 2.2 AA by axe-core: no violations on any view, in either theme, on a desk and on a phone. Nothing runs out of the page,
/// and everything that is pressed is large enough for a finger.</summary>
public sealed class AccessibilityTests(DemoSite site) : IClassFixture<DemoSite>
{
    private static readonly string Axe = File.ReadAllText(Path.Combine(ServerProcess.Root, "web/node_modules/axe-core/axe.min.js"));
    private readonly List<string> _found = [];

    [Theory]
    [InlineData("light", 1280)]
    [InlineData("dark", 1280)]
    [InlineData("light", 390)]
    [InlineData("dark", 390)]
    [InlineData("light", 320)]
    public void No_view_has_a_violation(string theme, int width)
    {
        using var browser = new Browser(site.Server.Address);
        _found.Clear();
        browser.Open("/");
        browser.Script(
            $"localStorage.setItem('nerezza.theme', '{theme}'); localStorage.setItem('nerezza.floor', "
                + $"'{(theme == "light" ? "bright" : "dark")}')"
        );
        browser.Open("/");
        browser.Find("input[type=email]");
        Check(browser, "sign-in");
        browser.Open("/forgotten");
        browser.UntilText("Forgotten password");
        Check(browser, "forgotten");
        browser.Open("/begin");
        browser.Labelled("Setup code");
        Check(browser, "begin");
        browser.Open("/new-password?user=x&token=y");
        browser.Labelled("New password");
        Check(browser, "new password");
        browser.Open("/join#nothing");
        browser.UntilText("This link is not good any more");
        Check(browser, "join");
        browser.SignIn();
        browser.UntilText("Waiting for you");
        browser.Size(width, 800);
        Check(browser, "day");
        browser.Open("/clients");
        string client = browser.Find("//table//a[@data-client][contains(., 'Ilario')]").GetAttribute("href")!.Split('/')[^2];
        Check(browser, "clients");
        browser.Open("/clients/put-away");
        browser.UntilText("Nobody is put away.");
        Check(browser, "put-away");
        foreach (
            (string path, string sign) in new[]
            {
                ("block", "Because"),
                ("intake", "Sets entered"),
                ("health", "Health answers"),
                ("screen", "Knee to wall"),
                ("findings", "Ankle range is short"),
                ("levers", "Moment against depth"),
                ("exercises", "In place of"),
                ("review", "Is the weak point closing?"),
                ("floor", "Before the first set"),
            }
        )
        {
            browser.Open($"/clients/{client}/{path}");
            browser.UntilText(sign);
            Check(browser, path);
        }
        People(browser, client);
        browser.Open($"/clients/{client}/floor");
        browser.ToWorkSets();
        browser.Find("//button[.='Form, pain, note']").Click();
        browser.Find("button[aria-label='Pain, 0 to 10 more']").Click();
        Check(browser, "floor");
        browser.Open("/hour");
        browser.UntilText("Who lifts in this hour?");
        Check(browser, "who lifts");
        browser.Find("//button[starts-with(., 'Start with')]").Click();
        browser.Find("nav[aria-label='Who is next'] button");
        browser.ToWorkSets();
        Check(browser, "hour");
        browser.Open($"/clients/{client}/screen");
        browser.Find("//button[contains(., 'Faults in the lifts')]").Click();
        browser.Find("//button[contains(., 'Heels rise')]").Click();
        browser.UntilText("Held in isolation");
        Check(browser, "faults");
        browser.Open("/catalogue");
        browser.UntilText("Tempo back squat");
        Check(browser, "catalogue");
        browser.Open("/clients/new");
        browser.UntilText("New client");
        Check(browser, "new client");
        Assert.True(_found.Count == 0, string.Join('\n', _found));
    }

    /// <summary>The practice, an account, a client's people, and the page of a lifter.</summary>
    private void People(Browser browser, string client)
    {
        browser.Open("/practice");
        browser.Find("//button[.='Add a room']").Click();
        browser.Labelled("Name of the room");
        Check(browser, "practice");
        browser.Open("/account");
        browser.UntilText("Signed in on");
        browser.UntilText("Make a token");
        Check(browser, "account");
        browser.Open($"/clients/{client}/people");
        browser.UntilText("What changed");
        browser.UntilText("Make an address");
        Check(browser, "people");
        browser.Open($"/clients/{client}/block");
        browser.Find("//button[starts-with(., 'Plan ')]").Click();
        new SelectElement(browser.Labelled("Start from")).SelectByText("A template");
        new SelectElement(browser.Labelled("Template")).SelectByIndex(1);
        browser.UntilText("Take it out as a file");
        Check(browser, "from a template");
        browser.Find("//button[.='Paste a week']").Click();
        browser.Labelled("A week from a spreadsheet").SendKeys("Monday\nKniebeuge 3x5 @80%\nLeg press 3x8-12\nPlank 3x30 s");
        browser.UntilText("One name is not known");
        Check(browser, "a pasted week");
        browser.Open("/clients/from-list");
        browser
            .Labelled("Or paste rows, with their headings, from a spreadsheet")
            .SendKeys("Name,Height,Weight,Level,Ankle left,Kniebeuge max\nNora Vik,1.72,70,novice,9,100\nOle Dahl,1800,80,novice,,");
        browser.Find("//button[.='Read what is pasted']").Click();
        browser.UntilText("One name is not known");
        browser.UntilText("Days on which new clients train");
        Check(browser, "clients from a list");
        browser.Open($"/clients/{client}/print/block?as=week");
        browser.UntilText("Week 1 of");
        Check(browser, "a week on paper");
        string file = Path.Combine(Directory.CreateTempSubdirectory("nerezza-log-").FullName, "log.csv");
        File.WriteAllText(file, "Day,Lift,Sets\n3/2/2025,Kniebeuge,3x5x100\n4/2/2025,Leg press,20x10\n5/2/2025,Leg press,3x8x120");
        browser.Open($"/clients/{client}/import");
        browser.Find("input[type=file]").SendKeys(file);
        browser.UntilText("What was understood");
        browser.UntilText("One name is not known");
        Check(browser, "import");
        browser.Open("/");
        browser.UntilText("Waiting for you");
        browser.Find("//button[.='Sign out']").Click();
        browser.Find("input[type=email]");
        browser.SignInAs("lifter@calagrigia.example");
        foreach (string page in new[] { "Training", "Done", "Health", "Note to coach", "Calendar" })
        {
            browser.Find($"//nav//button[.='{page}']").Click();
            Check(browser, $"mine {page}");
        }
        browser.Find("//button[.='Sign out']").Click();
        browser.Find("input[type=email]");
        browser.SignIn();
    }

    private void Check(Browser browser, string view)
    {
        browser.Script(Axe);
        string result = (string)
            browser.Driver.ExecuteAsyncScript(
                "const done = arguments[0]; axe.run(document, { runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', "
                    + "'best-practice'] })"
                    + ".then(r => done(JSON.stringify(r.violations.map(v => ({ id: v.id, nodes: v.nodes.slice(0, 3).map(n => "
                    + "n.html.slice(0, 200) + ' ' + n.failureSummary) })))))"
            )!;
        if (JsonDocument.Parse(result).RootElement.GetArrayLength() > 0)
            _found.Add($"{view}: {result}");
        _found.AddRange(((IEnumerable<object>)browser.Script(Fits, view == "floor" ? 44 : 24)!).Select(one => $"{view}: {one}"));
    }

    /// <summary>Tables scroll within a box of their own; the skip link has no place until it has the focus.</summary>
    private const string Fits = """
        const least = arguments[0];
        const told = (e) => `${e.tagName} '${(e.getAttribute('aria-label') ?? e.textContent).slice(0, 40)}'`;
        const pages = [document.documentElement, ...document.querySelectorAll('main')];
        const wide = pages.filter((e) => e.scrollWidth > e.clientWidth).map((e) => `${told(e)} is ${e.scrollWidth} wide`);
        const pressed = 'a[href]:not([href="#work"]), button, input:not([type=checkbox]), select, textarea, [role=radio], summary';
        const small = [...document.querySelectorAll(pressed)].filter((e) => e.checkVisibility()).flatMap((e) => {
            const { width, height } = e.getBoundingClientRect();
            return width > 1 && Math.min(width, height) < least ? [`${told(e)} is ${Math.round(width)} by ${Math.round(height)}`] : [];
        });
        return [...wide, ...small];
        """;
}
