using Nerezza.Tests.Shared;
using OpenQA.Selenium;

namespace Nerezza.Browser.Tests;

/// <summary>From an empty machine to a lifter's first set on their own phone, and a second coach for a holiday.</summary>
public sealed class PeopleJourneys(DemoSite demo) : IClassFixture<DemoSite>
{
    private const string Code = "7QK4-M2XP-90TD",
        Password = "a-long-enough-one";

    [Fact]
    public void From_an_empty_machine_to_the_first_set_of_a_lifter_on_their_own_phone()
    {
        using var database = new TestDatabase();
        ServerProcess.Migrate(database.Connection);
        using ServerProcess server = ServerProcess.Start(
            database.Connection,
            settings: new Dictionary<string, string> { ["NEREZZA_SETUP_CODE"] = Code }
        );
        using var coach = new Browser(server.Address);
        try
        {
            Begin(coach);
            AddRoom(coach);
            AddClient(coach);
            string link = Invite(coach);
            using var phone = new Browser(server.Address, 390, 844);
            Join(phone, link);
            LogOneSet(phone);
            coach.OpenStation("Block");
            coach.UntilTrue("the coach sees the set", () => coach.All("//*[contains(., '1 of')][contains(., 'done')]").Count > 0);
        }
        catch
        {
            coach.Keep("people");
            throw;
        }
    }

    [Fact]
    public void A_lifter_sees_their_own_answers_and_tells_the_coach()
    {
        using var phone = new Browser(demo.Server.Address, 390, 844);
        phone.SignInAs("lifter@calagrigia.example");
        phone.UntilText("Heels-raised back squat");
        Assert.Empty(phone.All("//a[@data-client]"));
        phone.Find("//button[.='Note to coach']").Click();
        phone.Labelled("What they should know").SendKeys("Away from Thursday on");
        phone.Driver.Navigate().Refresh();
        phone.Find("//button[.='Note to coach']").Click();
        phone.UntilTrue(
            "what was typed outlasts a reload",
            () => phone.Labelled("What they should know").GetAttribute("value") == "Away from Thursday on"
        );
        phone.Find("//button[.='Send']").Click();
        phone.UntilText("Sent.");
        phone.Find("//button[.='Health']").Click();
        phone.Find("//label[contains(., 'Chest pain')]").Click();
        phone.Find("//button[.='Save']").Click();
        phone.UntilText("Saved. Your coach sees it.");
        phone.Find("//button[.='Training']").Click();
        phone.UntilText("Stop");
        demo.Run(coach =>
        {
            coach.SignIn();
            coach.Find("//*[@data-waiting][contains(., 'Away from Thursday on')]//button[.='Open People']").Click();
            coach.UntilText("Notes from the lifter, 1 new");
            coach.UntilText("chest pain");
            coach.Find("//button[.='Mark as read']").Click();
            coach.UntilTrue("no note is new", () => coach.All("//button[.='Mark as read']").Count == 0);
        });
    }

    [Fact]
    public void A_client_is_shared_by_keyboard_for_a_colleague_who_then_only_reads() =>
        demo.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Teodora", "People");
            // Teodora is with Ines; the owner hands her over to themselves and shares her back.
            browser.UntilText("Share for a while");
            new OpenQA.Selenium.Support.UI.SelectElement(browser.Labelled("The coach whom they are with")).SelectByText("the owners");
            browser.UntilTrue(
                "Ines can be shared with",
                () => browser.Labelled("With").FindElements(By.TagName("option")).Any(option => option.Text == "Ines Marras")
            );
            browser.Labelled("With").SendKeys("Ines");
            browser.Labelled("What they may do").SendKeys("may read" + Keys.Enter);
            browser.Find("//button[.='Share']").SendKeys(Keys.Enter);
            browser.UntilText("Ines Marras may read, until it is taken back");
            browser.Find("//button[.='Sign out']").SendKeys(Keys.Enter);
            browser.SignInAs("ines@calagrigia.example");
            browser.OpenClient("Teodora", "People");
            browser.UntilText("With the owners. You may read.");
            Assert.Empty(browser.All("//button[.='Share']"));
        });

    private static void Begin(Browser coach)
    {
        coach.Open("/");
        coach.Labelled("Setup code").SendKeys(Code);
        coach.Labelled("Name of the practice").SendKeys("Quay");
        coach.Labelled("Your name").SendKeys("Ana Riera");
        coach.Labelled("Your e-mail").SendKeys("ana@example.test");
        coach.Labelled("Password").SendKeys("short" + Keys.Enter);
        coach.UntilText("is too short");
        coach.Labelled("Password").SendKeys(Keys.Control + "a");
        coach.Labelled("Password").SendKeys(Password + Keys.Enter);
        coach.UntilText("Rooms and kit");
    }

    private static void AddRoom(Browser coach)
    {
        coach.Find("//button[.='Add a room']").Click();
        coach.Labelled("Name of the room").SendKeys("Boathouse");
        coach.Find("//div[@aria-label='A new room']//button[.='Save']").Click();
        coach.UntilText("nobody trains here yet");
    }

    private static void AddClient(Browser coach)
    {
        coach.Find("button[aria-label='Add a client']").Click();
        coach.UntilText("New client");
        coach.Labelled("Name").SendKeys("Mirela Ost");
        coach.Labelled("Height, cm").SendKeys("170");
        coach.Labelled("Body mass, kg").SendKeys("68");
        // Every day, so that there is a session today whatever day it is.
        foreach (string day in new[] { "Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday" })
            coach.Find($"//button[.='{day}']").Click();
        coach.Find("//form//button[.='Add']").Click();
        coach.UntilText("The kit of Boathouse counts.");
        coach.EnterMax("Back squat, high bar", "80", "5", "8");
        coach.EnterMax("Conventional deadlift", "100", "5", "8");
        coach.OpenStation("Block");
        coach.UntilText("No block yet");
        IWebElement starts = coach.Labelled("Starts");
        coach.Script(
            "const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set; set.call(arguments[0], arguments[1]); "
                + "arguments[0].dispatchEvent(new Event('input', { bubbles: true }))",
            starts,
            $"{DateTime.Now:yyyy-MM-dd}"
        );
        coach.Find("//button[.='Make the block']").Click();
        coach.Find("[role=grid]");
    }

    private static string Invite(Browser coach)
    {
        coach.OpenStation("People");
        coach.Find("//button[.='Ask Mirela Ost in']").Click();
        coach.UntilText("a phone cannot follow it");
        coach.Find("svg[aria-label='The link as a code to scan']");
        return coach.Find("//div[contains(text(), '/join#')]").Text;
    }

    private static void Join(Browser phone, string link)
    {
        phone.Driver.Navigate().GoToUrl(link);
        phone.UntilText("Join Quay");
        phone.Labelled("Your e-mail").SendKeys("mirela@example.test");
        phone.Labelled("Password").SendKeys(Password + Keys.Enter);
        phone.Find("nav[aria-label='Pages']");
    }

    private static void LogOneSet(Browser phone)
    {
        phone.Find("//a[.='Start']").Click();
        phone.ToWorkSets();
        string at = phone.Find("[data-set]").GetAttribute("data-set")!;
        phone.LogSet();
        phone.UntilTrue("the set is taken", () => phone.All($"[data-set='{at}']").Count == 0);
        phone.UntilTrue(
            "it is sent",
            () => !phone.Driver.FindElement(By.TagName("body")).Text.Contains("not sent yet", StringComparison.Ordinal)
        );
        phone.Find("//a[.='Training']").Click();
        phone.Find("//button[.='Done']").Click();
        phone.UntilText("Today");
    }
}
