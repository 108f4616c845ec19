using OpenQA.Selenium;

namespace Nerezza.Browser.Tests;

/// <summary>A set that is logged while the server is away is kept on the device and sent when it is back.</summary>
public sealed class OfflineTests(DemoSite site) : IClassFixture<DemoSite>
{
    [Fact]
    public void Sets_logged_while_the_server_is_down_arrive_once_it_is_back()
    {
        using var browser = new Browser(site.Server.Address);
        browser.SignIn();
        browser.OpenClient("Ilario", "Floor");
        browser.ToWorkSets();
        browser.UntilTrue("how the client came in is sent", () => Waiting(browser) == 0);
        site.Server.Kill();
        for (int set = 1; set <= 2; set++)
        {
            browser.UntilText($"Set {set} of");
            browser.LogSet();
            browser.UntilText($"{set} not sent yet, kept here");
            Thread.Sleep(700);
        }
        browser.UntilText("Set 3 of");
        // What was harder than planned is answered on the spot, by the rules in the page.
        browser.LogSet("10");
        browser.UntilText("That was all there was at RPE 10");
        site.KillAndStartAgain();
        browser.UntilTrue(
            "all are sent",
            () => !browser.Driver.FindElement(By.TagName("body")).Text.Contains("not sent", StringComparison.Ordinal)
        );
        browser.Driver.Navigate().Refresh();
        browser.UntilText("Set 4 of");
    }

    [Fact]
    public void A_whole_session_is_opened_and_trained_without_a_server_and_signing_out_leaves_nothing_of_it() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Corisande", "Floor");
            browser.UntilText("Before the first set");
            browser.UntilTrue("today's session and the next two are on the device", () => Kept(browser).Split("\"floor\",").Length > 3);
            browser.UntilTrue(
                "the page is the device's own",
                () => (bool)browser.Script("return navigator.serviceWorker.controller !== null")!
            );
            site.Server.Kill();
            browser.Driver.Navigate().Refresh();
            // With the sets waits how the client came in.
            int sets = FloorJourneys.TrainAll(browser, () => browser.LogSet());
            browser.UntilText($"{sets + 1} not sent yet");
            browser.Driver.Navigate().Refresh();
            browser.UntilText($"{sets + 1} not sent yet");
            // The next session is there too, and so is the way to it.
            browser.Find("//a[contains(., 'See the next session')]").Click();
            browser.UntilText("Before the first set");
            browser.Driver.Navigate().Back();
            site.KillAndStartAgain();
            browser.UntilText("Everything is saved.");
            Assert.Equal(sets, FloorJourneys.Done(browser).Count);
            browser.Find("//a[.='Block']").Click();
            browser.Find("//button[.='Sign out']").Click();
            browser.Find("input[type=email]");
            browser.UntilTrue("nothing is kept", () => !Kept(browser).Contains("Corisande", StringComparison.Ordinal));
        });

    [Fact]
    public void A_warning_sign_ends_the_session_without_a_server_and_stands_once_it_is_back() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Osric", "Floor");
            browser.ToWorkSets();
            browser.UntilTrue("how the client came in is sent", () => Waiting(browser) == 0);
            site.Server.Kill();
            browser.Find("//button[.='A warning sign: stop the session']").Click();
            browser.Find("//button[.='Chest pain']").Click();
            browser.Find("//button[.='Chest pain: end the session and refer']").Click();
            browser.UntilText("Emergency care today. Answered: chest pain.");
            Assert.Empty(browser.All("[data-set]"));
            site.KillAndStartAgain();
            browser.UntilTrue("it is sent", () => Waiting(browser) == 0);
            browser.Open(new Uri(browser.Driver.Url).PathAndQuery);
            browser.UntilText("Emergency care today. Answered: chest pain.");
            browser.Find("//a[.='Open the health answers']").Click();
            browser.UntilText("Chest pain");
        });

    [Fact]
    public void A_set_goes_out_from_whatever_page_is_open_and_signing_out_warns_while_it_waits() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Renske", "Floor");
            browser.ToWorkSets();
            browser.UntilTrue("how the client came in is sent", () => Waiting(browser) == 0);
            site.Server.Kill();
            browser.LogSet();
            browser.UntilText("1 not sent yet, kept here");
            site.KillAndStartAgain(); // it comes back while nothing of the floor is open
            browser.Open("/");
            browser.UntilTrue("it was sent from the day", () => Waiting(browser) == 0);

            // One that the server refuses waits in the shell, and signing out says so.
            browser.OpenClient("Renske", "Floor");
            browser.UntilText("Set 2 of");
            browser.Driver.ExecuteAsyncScript(
                """
                const done = arguments[arguments.length - 1];
                const open = indexedDB.open('nerezza-outbox');
                open.onsuccess = () => {
                  const store = open.result.transaction('waiting', 'readwrite').objectStore('waiting');
                  const clientId = location.pathname.split('/')[2];
                  const put = store.put({ id: crypto.randomUUID(), clientId, madeAt: 1, withdraws: crypto.randomUUID() });
                  put.onsuccess = () => { done(); open.result.close(); };
                };
                """
            );
            browser.Driver.Navigate().Refresh();
            browser.UntilText("Not taken: an undo.");
            browser.Find("//button[.='Drop it']").Click();
            browser.Find("//button[.='Keep it here']").Click();
            browser.Find("//a[.='Block']").Click();
            browser.Find("//button[.='1 not sent']").Click();
            browser.UntilText("Not sent yet");
            browser.Find("button[aria-label='Close']").Click();
            browser.UntilTrue("the list is closed", () => browser.All("button[aria-label='Close']").Count == 0);
            browser.Find("//button[.='Sign out']").Click();
            browser.UntilText("1 entry is not sent yet. It stays on this device");
            browser.Find("//button[.='Stay signed in']").Click();
            browser.UntilTrue(
                "still here",
                () => browser.All("//button[.='Stay signed in']").Count == 0 && browser.All("nav[aria-label='Stations']").Count == 1
            );
        });

    [Fact]
    public void A_set_logged_after_the_sign_in_ended_asks_to_sign_in_and_is_sent_then() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Jocasta", "Floor");
            browser.ToWorkSets();
            string place = browser.Driver.Url;
            browser.UntilTrue("how the client came in is sent", () => Waiting(browser) == 0);
            site.EndSignIns();
            browser.LogSet();
            browser.UntilText("1 entry is kept on this device. Sign in, and it is sent.");
            browser.Find("input[type=email]").SendKeys("coach@calagrigia.example");
            browser.Find("input[type=password]").SendKeys("harbour-iron-44" + Keys.Enter);
            browser.UntilText("Set 2 of");
            Assert.Equal(place, browser.Driver.Url);
            browser.UntilTrue("it is sent", () => Waiting(browser) == 0);
            browser.Driver.Navigate().Refresh();
            browser.UntilText("Set 2 of");
        });

    /// <summary>The answers that are kept on this device, as text.</summary>
    private static string Kept(Browser browser) =>
        (string)
            browser.Driver.ExecuteAsyncScript(
                """
                const done = arguments[arguments.length - 1];
                const open = indexedDB.open('nerezza-kept');
                open.onsuccess = () => {
                  const all = open.result.transaction('kept').objectStore('kept').getAll();
                  all.onsuccess = () => { done(JSON.stringify(all.result)); open.result.close(); };
                };
                """
            )!;

    /// <summary>What is on this device and not acknowledged.</summary>
    private static long Waiting(Browser browser) =>
        (long)
            browser.Driver.ExecuteAsyncScript(
                """
                const done = arguments[arguments.length - 1];
                const open = indexedDB.open('nerezza-outbox');
                open.onsuccess = () => {
                  const all = open.result.transaction('waiting').objectStore('waiting').getAll();
                  all.onsuccess = () => { done(all.result.filter((entry) => !entry.sent).length); open.result.close(); };
                };
                """
            )!;
}
