using System.Text.Json;
using Nerezza.Tests.Shared;
using OpenQA.Selenium;

namespace Nerezza.Browser.Tests;

/// <summary>Whole sessions on the floor: by touch on a phone and by keyboard at a desk, whatever kinds of sets they hold.</summary>
public sealed class FloorJourneys(DemoSite site) : IClassFixture<DemoSite>
{
    private const int MostSets = 60;

    [Fact]
    public void A_session_of_ways_holds_and_sides_is_logged_by_touch_in_what_each_is_counted_in() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.Size(390, 844);
            HashSet<string> kinds = [];
            foreach (string place in SessionsWith(browser, "carry", "hold", "body-weight"))
            {
                browser.Open(place);
                int sets = Train(browser, () => browser.LogSet());
                Assert.InRange(sets, 8, MostSets - 1);
                List<JsonElement> done = Done(browser);
                Assert.Equal(sets, done.Count);
                kinds.UnionWith(done.Select(Kind));
            }
            Assert.Superset(new HashSet<string> { "carry", "hold", "body-weight" }, kinds);
        });

    /// <summary>As few sessions of the demo as hold these kinds of sets between them, whoever's and on whatever day they are.</summary>
    private static string[] SessionsWith(Browser browser, params string[] kinds)
    {
        browser.Driver.Manage().Timeouts().AsynchronousJavaScript = TimeSpan.FromMinutes(2);
        return (
            (string)
                browser.Driver.ExecuteAsyncScript(
                    """
                    const [kinds, done] = arguments;
                    const today = new Date().toLocaleDateString('sv');
                    // Who has no plan has no floor: that answer is empty.
                    const get = async (path) => JSON.parse((await (await fetch(path)).text()) || '{}');
                    (async () => {
                      const sessions = [];
                      for (const { id } of await get(`/api/clients?today=${today}`)) {
                        const floor = (date) => get(`/api/clients/${id}/floor?date=${date}`);
                        for (const date of ((await floor(today)).dates ?? []).filter((one) => one >= today).slice(0, 2)) {
                          const held = new Set((await floor(date)).items.flatMap((item) => item.sets.map((set) => set.kind)));
                          sessions.push({ place: `/clients/${id}/floor?date=${date}`, held });
                        }
                      }
                      const chosen = [];
                      for (let left = [...kinds]; left.length > 0; ) {
                        const count = ({ held }) => left.filter((kind) => held.has(kind)).length;
                        const best = sessions.reduce((one, other) => (count(other) > count(one) ? other : one));
                        if (count(best) === 0) break;
                        chosen.push(best.place);
                        left = left.filter((kind) => !best.held.has(kind));
                      }
                      return chosen.join(' ');
                    })().then(done, (fault) => done(`/fault?${fault.message}`));
                    """,
                    [kinds]
                )!
        ).Split(' ');
    }

    [Fact]
    public void A_session_is_trained_by_keyboard_alone() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Teodora", "Floor");
            // A digit rates what is rated; Enter ticks a warm-up and logs the rest.
            int sets = Train(
                browser,
                () =>
                {
                    IWebElement hand = browser.Driver.SwitchTo().ActiveElement();
                    bool rated = browser.All("button[aria-label='Log at RPE 8']").Count > 0;
                    hand.SendKeys(rated ? "8" : Keys.Enter);
                },
                warmUp: () => browser.Driver.SwitchTo().ActiveElement().SendKeys(Keys.Enter)
            );
            Assert.InRange(sets, 8, MostSets - 1);
            Assert.Equal(sets, Done(browser).Count);
        });

    [Fact]
    public void A_set_of_this_session_is_put_right_and_a_half_entered_one_survives_a_reload() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Osric", "Floor");
            browser.ToWorkSets();
            browser.LogSet();
            browser.UntilText("Set 2 of");
            browser.UntilTrue("it is sent", () => !Body(browser).Contains("not sent", StringComparison.Ordinal));
            browser.Find("button[aria-label^='Set 1: ']").Click();
            browser.Find("section[aria-label='Sets done'] button[aria-label='Reps less']").Click();
            browser.Find("section[aria-label='Sets done'] button[aria-label='Log at RPE 9']").Click();
            browser.UntilTrue("it stands as corrected", () => browser.All("button[aria-label^='Set 1: '][aria-label*=' at 9']").Count == 1);
            browser.Find("button[aria-label='Reps less']").Click();
            browser.UntilTrue("both are sent", () => !Body(browser).Contains("not sent", StringComparison.Ordinal));
            string typed = browser.Find("input[aria-label='Reps']").GetAttribute("value")!;
            browser.Driver.Navigate().Refresh();
            browser.UntilText("Set 2 of");
            Assert.Equal(typed, browser.Find("input[aria-label='Reps']").GetAttribute("value"));
            Assert.Equal(9, Assert.Single(Done(browser)).GetProperty("done").GetProperty("rpe").GetDouble());
        });

    [Fact]
    public void How_a_client_comes_in_changes_the_session_only_when_it_is_taken_and_outlasts_a_reload() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Ilario", "Floor");
            browser.Find("section[aria-label='Before the first set']");
            int Sets() => int.Parse(browser.Find("//*[contains(., ' sets left, about ')][not(*)]").Text.Split(' ')[0]);
            browser.UntilText("The session stands as planned.");
            IWebElement Vasti() => browser.Find("//button[starts-with(., 'Vasti')]");
            foreach (string score in new[] { "Vasti 1", "Vasti 2", "Vasti 3" })
            {
                Vasti().Click();
                browser.Find($"//button[.='{score}']");
            }
            browser.UntilText("Sore vasti, 3 of 3: 1 set fewer, RPE 1 lower.");
            browser.Driver.Navigate().Refresh();
            browser.Find("//button[.='Vasti 3']");
            browser.Find("//button[.='Start as planned']").Click();
            int planned = Sets();
            browser.Find("//button[.='Before the first set']").Click();
            browser.Find("//button[.='Vasti 3']");
            browser.Find("//button[.='Take the changes and start']").Click();
            browser.UntilTrue("there are fewer sets", () => Sets() < planned);
            int left = Sets();
            browser.UntilTrue("it is sent", () => !Body(browser).Contains("not sent", StringComparison.Ordinal));
            browser.Driver.Navigate().Refresh();
            browser.UntilTrue("it stands", () => Sets() == left);
            browser.ToWorkSets();
            browser.UntilText("Sore vasti, 3 of 3");
            browser.LogSet();
            browser.UntilTrue("a set is done", () => Sets() == left - 1);
            Assert.Empty(browser.All("//button[.='Before the first set']"));
        });

    [Fact]
    public void A_set_done_is_put_right_from_the_block_and_from_the_floor_while_the_session_goes_on() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Anselm", "Block");
            // On a Monday nothing of the newest block is done.
            browser.Find("//a[starts-with(., 'The block before')]").Click();
            browser.UntilTrue("the block before is shown", () => browser.Driver.Url.Contains("on=", StringComparison.Ordinal));
            browser.Find("[role=grid][aria-busy=false]");
            browser.Find("//td[contains(., ' done')]").Click();
            browser.Find("//a[starts-with(@aria-label, 'set 1') and contains(@aria-label, 'Correct it')]").Click();
            browser.UntilText("Put it right; the key that logs it saves it.");
            browser.Find("//section[@aria-label='Sets done']//button[starts-with(., 'Done, ')]").Click();
            browser.UntilTrue("it is kept", () => !Body(browser).Contains("Put it right", StringComparison.Ordinal));
            // Of an exercise that is done in a session that goes on, what was done is a tap away.
            browser.Open("/");
            browser.OpenClient("Renske", "Floor");
            browser.ToWorkSets();
            string first = browser.Find("nav[aria-label='Exercises'] [aria-current]").Text;
            while (browser.All("nav[aria-label='Exercises'] [aria-current]").Any(key => key.Text == first))
            {
                browser.ToWorkSets();
                Thread.Sleep(700);
                string at = browser.Find("[data-set]").GetAttribute("data-set")!;
                browser.LogSet();
                browser.UntilTrue("the set is taken", () => browser.All($"[data-set='{at}']").Count == 0);
            }
            browser.Find($"//nav[@aria-label='Exercises']//button[starts-with(., '{first}')]").Click();
            browser.UntilText($"{first}: nothing is left to do.");
            browser.Find("button[aria-label^='Set 1: ']");
        });

    [Fact]
    public void Throws_jumps_medleys_priming_and_drills_are_logged_by_touch_in_what_each_is_counted_in() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.Find("a[data-client]");
            string place = PlanEvents(browser);
            Assert.StartsWith("/clients/", place, StringComparison.Ordinal);
            browser.Size(390, 844);
            browser.Open(place);
            int sets = Train(browser, () => browser.LogSet());
            List<JsonElement> events = Done(browser);
            Assert.Equal(sets, events.Count);
            browser.Size(1280, 800);
            browser.Open("/");
            browser.OpenClient("Jocasta", "Floor");
            browser.ComeIn();
            string id = new Uri(browser.Driver.Url).Segments[2].Trim('/');
            string day = (string)
                browser.Driver.ExecuteAsyncScript(
                    """
                    const [id, done] = arguments;
                    const floor = (date) => fetch(`/api/clients/${id}/floor?date=${date}`).then((answer) => answer.json());
                    const today = new Date().toLocaleDateString('sv');
                    floor(today).then(async ({ dates }) => {
                      for (const date of dates.filter((one) => one >= today))
                        if ((await floor(date)).items.some((item) => item.role === 'priming')) return done(date);
                    });
                    """,
                    id
                )!;
            browser.Size(390, 844);
            browser.Open($"/clients/{id}/floor?date={day}");
            Train(browser, () => browser.LogSet());
            HashSet<string> kinds = [.. events.Concat(Done(browser)).Select(Kind)];
            Assert.Superset(new HashSet<string> { "throw", "jump", "medley", "priming", "drill", "lift" }, kinds);
        });

    /// <summary>A lifter who trains for events, with a jump in the session of throws and medleys; where that session is.</summary>
    private static string PlanEvents(Browser browser) =>
        browser.Calls(
            """
            const start = new Date().toLocaleDateString('sv');
            const whole = JSON.parse(given);
            const { id } = await call('POST', '/api/clients/import', { ...whole, client: { ...whole.client, name: 'Events' } });
            await call('POST', `/api/clients/${id}/plans`, { start, kind: 'strength', weeks: 4 });
            const { number, plan } = await call('GET', `/api/clients/${id}/block?on=${start}`);
            const throws = (one) => one.items.some((item) => item.exercise === 'loaded-throw');
            const { day, date } = plan.block.weeks[0].sessions.find(throws);
            const jump = { kind: 'add', week: 1, day, exercise: 'vertical-jump', role: 'accessory' };
            await call('PUT', `/api/clients/${id}/block/edits`, { number, edits: [jump] });
            return `/clients/${id}/floor?date=${date}`;
            """,
            File.ReadAllText(Path.Combine(ServerProcess.Root, "tests/Nerezza.Web.Tests/Cases/coach/04-strength-events.json"))
        );

    private static int Train(Browser browser, Action log, Action? warmUp = null)
    {
        int sets = TrainAll(browser, log, warmUp);
        browser.UntilText("Everything is saved.");
        return sets;
    }

    /// <summary>Logs every set of the session that is open; returns how many, sent or not.</summary>
    internal static int TrainAll(Browser browser, Action log, Action? warmUp = null)
    {
        int sets = 0;
        browser.ComeIn();
        while (sets < MostSets)
        {
            browser.UntilTrue("a set is at hand", () => browser.All("[data-set]").Count > 0 || IsOver(browser));
            if (IsOver(browser))
                break;
            AssertFits(browser);
            string at = browser.Find("[data-set]").GetAttribute("data-set")!;
            if (at.Contains(" warm-up ", StringComparison.Ordinal))
            {
                (warmUp ?? (() => browser.Find("//button[starts-with(., 'Warm-up done')]").Click()))();
                browser.UntilTrue("it is ticked", () => browser.All($"[data-set='{at}']").Count == 0);
                continue;
            }
            // A tap within the guard against double taps is none.
            Thread.Sleep(700);
            log();
            sets++;
            browser.UntilTrue("the set is taken", () => browser.All($"[data-set='{at}']").Count == 0);
        }
        return sets;
    }

    private static bool IsOver(Browser browser) => browser.All("//*[contains(text(),'All sets are done')]").Count > 0;

    private static void AssertFits(Browser browser) =>
        Assert.True(
            (bool)browser.Script("return document.documentElement.scrollWidth <= innerWidth")!,
            $"wider than the screen: {browser.Find("[data-set]").GetAttribute("data-set")}"
        );

    /// <summary>The sets of the session that are done, as the server has them; each says what it is counted in and nothing else.</summary>
    internal static List<JsonElement> Done(Browser browser)
    {
        string text = (string)
            browser.Driver.ExecuteAsyncScript(
                """
                const done = arguments[arguments.length - 1];
                const [, , id] = location.pathname.split('/');
                const date = new URLSearchParams(location.search).get('date') ?? new Date().toLocaleDateString('sv');
                fetch(`/api/clients/${id}/floor?date=${date}`).then((answer) => answer.text()).then(done);
                """
            )!;
        List<JsonElement> sets =
        [
            .. JsonDocument
                .Parse(text)
                .RootElement.GetProperty("items")
                .EnumerateArray()
                .SelectMany(item => item.GetProperty("sets").EnumerateArray())
                .Where(set => set.GetProperty("done").ValueKind is JsonValueKind.Object),
        ];
        foreach (JsonElement set in sets)
        {
            JsonElement done = set.GetProperty("done");
            bool Has(string field) => done.GetProperty(field).ValueKind is not JsonValueKind.Null;
            Assert.False(Has("kg") && done.GetProperty("kg").GetDouble() == 0, "a load of 0 kg");
            Assert.Equal(Kind(set) is "lift" or "body-weight" or "throw" or "jump", Has("reps"));
            Assert.Equal(Kind(set) is "lift" or "body-weight" && !set.GetProperty("amrap").GetBoolean(), Has("rpe"));
            Assert.Equal(Kind(set) is "hold", Has("seconds"));
            Assert.Equal(Kind(set) is "carry" or "medley", Has("metres"));
            Assert.Equal(Kind(set) is "drill", Has("cleanReps"));
            Assert.Equal(Kind(set) is "priming" or "throw" or "jump", Has("word"));
        }
        return sets;
    }

    private static string Kind(JsonElement set) => set.GetProperty("kind").GetString()!;

    private static string Body(Browser browser) => browser.Driver.FindElement(By.TagName("body")).Text;
}
