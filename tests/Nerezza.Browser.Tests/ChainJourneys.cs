using OpenQA.Selenium;

namespace Nerezza.Browser.Tests;

/// <summary>From the screen to findings to the plan, as a coach goes; and what a stop does.</summary>
public sealed class ChainJourneys(DemoSite site) : IClassFixture<DemoSite>
{
    private const int MostInteractions = 60;

    [Fact]
    public void A_usual_client_is_screened_in_at_most_sixty_interactions_and_the_findings_follow() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Teodora", "Screen");
            int taps = 0;
            void Tap(string selector)
            {
                browser.Find(selector).Click();
                taps++;
            }
            void Key(string group, string key) =>
                Tap($"//*[@role='radiogroup'][@aria-label='{group}']//*[@role='radio'][normalize-space()='{key}']");
            void Both(string test, string left, string right)
            {
                Key($"{test}, left, keys", left);
                Key($"{test}, right, keys", right);
            }
            void Next() => Tap("//button[starts-with(., 'Next')]");

            Both("Toe to wall", "6", "7");
            Next();
            Key("Depth", "At parallel");
            Key("Trunk lean at the bottom, keys", "50");
            Key("Heels", "Rise");
            Key("Knees", "Over the feet");
            Key("Hips", "Even");
            Key("Bar in the last set", "High");
            Next();
            Key("With heels raised", "Better");
            Next();
            Key("With a plate in front", "No better");
            Next();
            Tap("//*[@role='group'][@aria-label='Contacts lost']//button[.='All kept']");
            Next();
            Key("Reaches with the spine still", "Yes");
            Next();
            Key("Upper back moves alone", "Yes");
            Key("Lower back moves alone", "Yes");
            Next();
            Both("Arms overhead", "165", "170");
            Key("Ribs", "Stay down");
            Next();
            Both("Leg raise", "75", "80");
            Key("Hip flexion, knee bent, by hand, keys", "125");
            Next();
            Both("Good repetitions", "13", "14");
            Key("Glutes felt", "Yes");
            Next();
            Both("Repetitions", "22", "24");
            Next();
            Key("Phase", "Way up");
            Tap("//button[contains(., 'Hips shoot up')]");
            Key("Seen from, keys", "80");
            Key("Held in isolation", "Yes, it holds");
            Tap("//button[.='Save the screen']");
            browser.UntilText("Saved");
            Assert.True(taps <= MostInteractions, $"{taps} interactions");
            Assert.True(browser.All("nav[aria-label='Steps of the screen'] button").Count == 12);
            browser.OpenStation("Findings");
            browser.UntilText("Ankle range is short");
            browser.UntilText("Quads are the weak link");
            browser.UntilText("rests on older answers or older rules.");
            browser.Find("//button[.='Show what would change']").Click();
            browser.UntilText("New finding: Ankle range is short.");
        });

    [Fact]
    public void Findings_are_accepted_rejected_and_taken_back_by_keyboard() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Anselm", "Findings");
            browser.Find("[data-finding]").Click();
            string first = Focused(browser);
            Press(browser, "j");
            Assert.NotEqual(first, Focused(browser));
            Press(browser, "k.");
            browser.UntilText("Accepted");
            browser.Find($"[data-finding='{first}']");
            Press(browser, "u");
            browser.UntilTrue("the word is taken back", () => !Body(browser).Contains("Accepted", StringComparison.Ordinal));
            Press(browser, "x");
            browser.UntilTrue("the reason is asked for", () => browser.Driver.SwitchTo().ActiveElement().TagName == "input");
            browser.Driver.SwitchTo().ActiveElement().SendKeys("measured after a long run" + Keys.Enter);
            browser.UntilText("Rejected: measured after a long run");
            browser.Find("//button[.='Add one of your own']").Click();
            browser.Find("//*[@id=//label[normalize-space()='What it rests on']/@for]").SendKeys("holds the rail on the last rounds");
            browser.Find("//form//button[.='Add']").Click();
            browser.UntilText("Your own");
            browser.UntilText("holds the rail on the last rounds");
        });

    [Fact]
    public void A_red_flag_stops_everything_until_someone_named_clears_it() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Osric", "Intake");
            browser.Find("//a[.='Health and pain']").Click();
            browser.Find("//button[.='Night pain that does not ease']").Click();
            browser.Find("//button[.='Save']").Click();
            browser.UntilText("See a doctor before training.");
            browser.OpenStation("Block");
            browser.UntilText("No program is made until it is recorded");
            Assert.Empty(browser.All("[role=grid]"));
            browser.OpenStation("Floor");
            browser.UntilText("See a doctor before training.");
            Assert.Empty(browser.All("button[aria-label^='Log at RPE']"));
            browser.Open(browser.Driver.Url.Replace("/floor", "/health", StringComparison.Ordinal).Split('?')[0]);
            browser.Find("//button[.='Cleared: night pain that does not ease']").Click();
            browser.Find("//button[.='Save']").Click();
            browser.UntilText("Not saved. Cleared by, name: Cannot be empty. Cleared by, profession: Cannot be empty.");
            Assert.Equal("Name", browser.Script("return document.activeElement.labels[0].textContent"));
            browser.Find("//*[@id=//label[.='Name']/@for]").SendKeys("A. Medico");
            browser.Find("//*[@id=//label[.='Profession']/@for]").SendKeys("physician");
            browser.Find("//button[.='Save']").Click();
            browser.UntilTrue(
                "the referral is closed",
                () => !Body(browser).Contains("See a doctor before training.", StringComparison.Ordinal)
            );
            browser.OpenStation("Block");
            browser.Find("[role=grid]");
        });

    [Fact]
    public void A_coach_can_work_in_pounds() =>
        site.Run(browser =>
        {
            browser.SignIn();
            browser.OpenClient("Renske", "Intake");
            string kilograms = browser.Find("//*[@id=//label[.='Body mass, kg']/@for]").GetAttribute("value")!;
            browser.Find("//button[.='Pounds']").Click();
            IWebElement pounds = browser.Find("//*[@id=//label[.='Body mass, lb']/@for]");
            Assert.Equal(("69", "152.1"), (kilograms, pounds.GetAttribute("value")));
            pounds.SendKeys(Keys.Control + "a");
            pounds.SendKeys("154");
            browser.Find("//button[.='Save']").Click();
            browser.UntilText("Saved.");
            browser.Find("//button[.='Kilograms']").Click();
            browser.UntilTrue(
                "the mass is kept in kilograms",
                () => browser.Find("//*[@id=//label[.='Body mass, kg']/@for]").GetAttribute("value") == "69.853"
            );
        });

    private static string Body(Browser browser) => browser.Driver.FindElement(By.TagName("body")).Text;

    private static string Focused(Browser browser) => (string)browser.Script("return document.activeElement.dataset.finding ?? ''")!;

    private static void Press(Browser browser, string keys)
    {
        foreach (char key in keys)
        {
            browser.Driver.SwitchTo().ActiveElement().SendKeys(key.ToString());
            Thread.Sleep(150);
        }
    }
}
