using Nerezza.Tests.Shared;

namespace Nerezza.Browser.Tests;

/// <summary>The demo practice on a server and a database of its own.</summary>
public sealed class DemoSite : IDisposable
{
    private readonly TestDatabase _database = new();

    public DemoSite()
    {
        ServerProcess.LoadDemo(_database.Connection);
        Server = ServerProcess.Start(_database.Connection);
    }

    public ServerProcess Server { get; private set; }

    public string Connection => _database.Connection;

    /// <summary>Kills the server and starts another on the same port.</summary>
    public void KillAndStartAgain()
    {
        int port = Server.Address.Port;
        Server.Kill();
        Server.Dispose();
        Server = ServerProcess.Start(_database.Connection, port);
    }

    /// <summary>Runs a journey in a browser of its own; one that fails keeps a picture and the console.</summary>
    internal void Run(Action<Browser> journey)
    {
        using var browser = new Browser(Server.Address);
        try
        {
            journey(browser);
        }
        catch
        {
            browser.Keep("journey");
            throw;
        }
    }

    public void Dispose()
    {
        Server.Dispose();
        _database.Dispose();
    }
}
