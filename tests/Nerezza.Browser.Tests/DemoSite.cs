using Nerezza.Tests.Shared;
using Npgsql;

namespace Nerezza.Browser.Tests;

/// <summary>The demo practice on a server and a database of its own.</summary>
public sealed class DemoSite : IDisposable
{
    private readonly TestDatabase _database = DemoDatabase.Copy();

    public DemoSite()
    {
        Server = ServerProcess.Start(_database.Connection);
    }

    public ServerProcess Server { get; private set; }

    public string Connection => _database.Connection;

    /// <summary>Ends every sign-in, as an owner or the passing of time would.</summary>
    public void EndSignIns()
    {
        using var connection = new NpgsqlConnection(Connection);
        connection.Open();
        using var command = new NpgsqlCommand("DELETE FROM signed_in", connection);
        command.ExecuteNonQuery();
    }

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
