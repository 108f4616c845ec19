using System.Diagnostics;
using System.Net;
using System.Net.Sockets;

namespace Nerezza.Tests.Shared;

/// <summary>The built server as a process of its own, on a free port of this machine.</summary>
public sealed class ServerProcess : IDisposable
{
    private readonly Process _process;

    private ServerProcess(Process process, Uri address) => (_process, Address) = (process, address);

    public Uri Address { get; }

    /// <summary>The checkout: the first folder upward that holds the solution.</summary>
    public static string Root { get; } = FindRoot();

    /// <summary>Brings the database up to date; nobody is in it.</summary>
    public static void Migrate(string connection) => Run(connection, "migrate");

    /// <summary>Runs a command of the server to its end.</summary>
    /// <returns>What it printed.</returns>
    public static string Run(string connection, params string[] arguments)
    {
        using Process process = Launch(connection, null, arguments);
        string said = process.StandardOutput.ReadToEnd();
        if (!process.WaitForExit(TimeSpan.FromMinutes(2)) || process.ExitCode != 0)
            throw new InvalidOperationException($"{string.Join(' ', arguments)} did not work: {said}{process.StandardError.ReadToEnd()}");
        return said;
    }

    /// <summary>Starts it; where no port is asked for, another is tried when someone took the free one in between.</summary>
    /// <param name="settings">Environment of the process beside what it always gets.</param>
    public static ServerProcess Start(string connection, int port = 0, IReadOnlyDictionary<string, string>? settings = null)
    {
        const int mostTries = 5;
        for (int tries = 1; ; tries++)
        {
            Process process = Launch(connection, settings, "--urls", $"http://127.0.0.1:{(port == 0 ? FreePort() : port)}");
            var address = new Uri(process.StartInfo.ArgumentList[^1]);
            process.OutputDataReceived += (_, _) => { };
            process.BeginOutputReadLine();
            if (Answers(process, address))
                return new ServerProcess(process, address);
            string said = process.StandardError.ReadToEnd();
            process.Dispose();
            bool taken = said.Contains("address already in use", StringComparison.OrdinalIgnoreCase);
            if (port != 0 || !taken || tries == mostTries)
                throw new InvalidOperationException("The server stopped while starting: " + said);
        }
    }

    /// <summary>Waits for it; false when it ended instead.</summary>
    private static bool Answers(Process process, Uri address)
    {
        using var http = new HttpClient();
        for (int tries = 0; tries < 150; tries++)
        {
            if (process.HasExited)
                return false;
            try
            {
                if (http.GetAsync(new Uri(address, "/health")).GetAwaiter().GetResult().StatusCode is HttpStatusCode.OK)
                    return true;
            }
            catch (HttpRequestException)
            {
                // Not listening yet.
            }
            Thread.Sleep(200);
        }
        throw new InvalidOperationException("The server did not answer within 30 s.");
    }

    /// <summary>Ends the process at once, without warning (SIGKILL).</summary>
    public void Kill()
    {
        _process.Kill(entireProcessTree: true);
        _process.WaitForExit();
    }

    public void Dispose()
    {
        if (!_process.HasExited)
            Kill();
        _process.Dispose();
    }

    private static Process Launch(string connection, IReadOnlyDictionary<string, string>? settings, params string[] arguments)
    {
        string server = Path.Combine(Root, "src/Nerezza.Web/bin/Release/net10.0/Nerezza.Web.dll");
        var start = new ProcessStartInfo("dotnet", [server, .. arguments]) { RedirectStandardOutput = true, RedirectStandardError = true };
        start.Environment["NEREZZA_DB"] = connection;
        start.Environment["NEREZZA_WEB"] = Path.Combine(Root, "web/dist");
        start.Environment["Serilog__MinimumLevel__Default"] = "Error";
        // What is tested is ready when it answers; the one test of the warm-up asks for it.
        start.Environment["NEREZZA_WARM_UP"] = "no";
        foreach ((string name, string value) in settings ?? new Dictionary<string, string>())
            start.Environment[name] = value;
        return Process.Start(start)!;
    }

    /// <summary>A port that nobody listens on now.</summary>
    public static int FreePort()
    {
        using var listener = new TcpListener(IPAddress.Loopback, 0);
        listener.Start();
        return ((IPEndPoint)listener.LocalEndpoint).Port;
    }

    private static string FindRoot()
    {
        for (DirectoryInfo? folder = new(AppContext.BaseDirectory); folder is not null; folder = folder.Parent)
            if (File.Exists(Path.Combine(folder.FullName, "Nerezza.slnx")))
                return folder.FullName;
        throw new InvalidOperationException("The tests do not run from a checkout.");
    }
}
