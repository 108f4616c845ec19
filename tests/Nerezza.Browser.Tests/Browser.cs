using System.Collections.ObjectModel;
using Nerezza.Tests.Shared;
using OpenQA.Selenium;
using OpenQA.Selenium.Chrome;

namespace Nerezza.Browser.Tests;

/// <summary>A headless Chromium on a running site; keeps a picture and the console of a test that fails.</summary>
public sealed class Browser : IDisposable
{
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(45);
    private readonly string _profile = Directory.CreateTempSubdirectory("nerezza-chromium-").FullName;
    private readonly ChromeDriverService _service;

    public Browser(Uri site, int width = 1280, int height = 800)
    {
        Site = site;
        var options = new ChromeOptions { BinaryLocation = "/usr/bin/chromium" };
        options.AddArguments(
            "--headless=new",
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync",
            "--disable-dev-shm-usage",
            $"--user-data-dir={_profile}",
            $"--window-size={width},{height}"
        );
        options.SetLoggingPreference(LogType.Browser, LogLevel.All);
        _service = ChromeDriverService.CreateDefaultService("/usr/bin", "chromedriver");
        Driver = new ChromeDriver(_service, options, TimeSpan.FromMinutes(2));
        Size(width, height);
    }

    public ChromeDriver Driver { get; }

    public Uri Site { get; }

    /// <summary>Gives the page exactly this size, also below the narrowest window.</summary>
    public void Size(int width, int height) =>
        Driver.ExecuteCdpCommand(
            "Emulation.setDeviceMetricsOverride",
            new Dictionary<string, object?>
            {
                ["width"] = width,
                ["height"] = height,
                ["deviceScaleFactor"] = 1,
                ["mobile"] = width < 600,
            }
        );

    public void Open(string path) => Driver.Navigate().GoToUrl(new Uri(Site, path));

    public void SignIn()
    {
        SignInAs("coach@calagrigia.example");
        Find("section[aria-label='Decisions that wait']");
    }

    /// <summary>Signs somebody of the demo practice in.</summary>
    public void SignInAs(string email)
    {
        Open("/");
        Find("input[type=email]").SendKeys(email);
        Find("input[type=password]").SendKeys("harbour-iron-44" + Keys.Enter);
        UntilTrue("somebody is signed in", () => All("//button[.='Sign out']").Count > 0);
    }

    /// <summary>Opens a demo client's station by the client list.</summary>
    public void OpenClient(string name, string station)
    {
        Find($"//a[@data-client][contains(., '{name}')]").Click();
        OpenStation(station);
    }

    public void OpenStation(string station) => Find($"//nav[@aria-label='Stations']//a[contains(., '{station}')]").Click();

    /// <summary>On the floor: past how the client comes in, where that is asked.</summary>
    public void ComeIn()
    {
        IWebElement there = Find("//button[.='Start'] | //*[@data-set]");
        if (there.TagName == "button")
            there.Click();
        Find("[data-set]");
    }

    /// <summary>On the floor: past the warm-up, where there is one, to the first work set that is left.</summary>
    public void ToWorkSets()
    {
        ComeIn();
        IWebElement there = Find("//button[.='Go to the work sets'] | //main//*[starts-with(text(), 'Set ')]");
        if (there.TagName == "button")
            there.Click();
        UntilText("Set ");
    }

    /// <summary>On the floor: logs the set at hand by its own key, at RPE 8 where it is rated.</summary>
    public void LogSet(string rating = "8") => SetKey(rating).Click();

    /// <summary>The key that logs the set at hand.</summary>
    public IWebElement SetKey(string rating = "8") =>
        Find(
            $"//button[@aria-label='Log at RPE {rating}'] | //button[starts-with(., 'Held')] | //button[starts-with(., 'Done,')] "
                + "| //button[.='Felt'] | //button[.='Fast'] | //button[starts-with(., 'all ')]"
        );

    /// <summary>The field with a label.</summary>
    public IWebElement Labelled(string label) => Find($"//*[@id=//label[normalize-space()='{label}']/@for]");

    /// <summary>In Intake: enters a set that tells a max.</summary>
    public void EnterMax(string lift, string kg, string reps, string rpe)
    {
        int before = All("//button[.='Remove']").Count;
        new OpenQA.Selenium.Support.UI.SelectElement(Labelled("Exercise")).SelectByText(lift);
        Labelled("kg").SendKeys(kg);
        Labelled("Repetitions").SendKeys(reps);
        Labelled("RPE").SendKeys(rpe);
        Find("//form//button[.='Add']").Click();
        UntilTrue("the set is listed", () => All("//button[.='Remove']").Count == before + 1);
        UntilTrue("the form is empty again", () => Labelled("kg").GetAttribute("value") == "");
    }

    /// <summary>Waits for an element, by CSS or by XPath.</summary>
    public IWebElement Find(string selector) =>
        Until($"'{selector}' is on the page", () => All(selector).FirstOrDefault(element => element.Displayed));

    public ReadOnlyCollection<IWebElement> All(string selector) =>
        Driver.FindElements(selector.StartsWith('/') ? By.XPath(selector) : By.CssSelector(selector));

    /// <summary>Waits until something is there; fails naming what was waited for.</summary>
    public T Until<T>(string what, Func<T?> probe)
        where T : class
    {
        DateTime end = DateTime.UtcNow + Patience;
        while (true)
        {
            try
            {
                if (probe() is { } found)
                    return found;
            }
            catch (StaleElementReferenceException)
            {
                // The page drew itself anew; look again.
            }
            if (DateTime.UtcNow > end)
            {
                Keep("timeout");
                Assert.Fail($"Waited in vain until {what}. The page says: {Driver.FindElement(By.TagName("body")).Text}");
            }
            Thread.Sleep(100);
        }
    }

    public void UntilTrue(string what, Func<bool> probe) => Until(what, () => probe() ? "yes" : null);

    public void UntilText(string text) =>
        UntilTrue($"the page says '{text}'", () => Driver.FindElement(By.TagName("body")).Text.Contains(text, StringComparison.Ordinal));

    public object? Script(string script, params object[] args) => Driver.ExecuteScript(script, args);

    /// <summary>Runs a script with the server's own calls at hand: `call(method, path, body)` and `given`; what it returns.</summary>
    public string Calls(string script, string given = "") =>
        Driver.ExecuteAsyncScript(
            $$"""
            const [given, done] = arguments;
            const calls = async () => {
              const { token } = await (await fetch('/api/session')).json();
              const call = async (method, path, body) => {
                const headers = { 'Content-Type': 'application/json', 'X-Nerezza-Token': token };
                const answer = await fetch(path, { method, headers, body: body && JSON.stringify(body) });
                const said = await answer.text();
                if (!answer.ok) throw new Error(`${path}: ${answer.status} ${said}`);
                return said && JSON.parse(said);
              };
              {{script}}
            };
            calls().then(done, (fault) => done(`failed: ${fault.message}`));
            """,
            given
        )
            is string said
        && !said.StartsWith("failed: ", StringComparison.Ordinal)
            ? said
            : throw new InvalidOperationException("A call from the page failed.");

    public byte[] Picture() => Driver.GetScreenshot().AsByteArray;

    /// <summary>Keeps a picture and the browser's console in tests/failures.</summary>
    public void Keep(string name)
    {
        string folder = Directory.CreateDirectory(Path.Combine(ServerProcess.Root, "tests/failures")).FullName;
        string file = Path.Combine(folder, $"{name}-{DateTime.UtcNow:HHmmss}");
        File.WriteAllBytes(file + ".png", Picture());
        File.WriteAllLines(file + ".log", Driver.Manage().Logs.GetLog(LogType.Browser).Select(entry => entry.ToString()));
    }

    public void Dispose()
    {
        Driver.Quit();
        _service.Dispose();
        Directory.Delete(_profile, recursive: true);
    }
}
