using System.Diagnostics;
using System.Net;
using System.Net.Http.Json;
using System.Net.Sockets;
using System.Text.Json;
using Nerezza.Data;
using Nerezza.Tests.Shared;
using Nerezza.Web.Contracts;
using Npgsql;

namespace Nerezza.Web.Tests;

/// <summary>A database that is away, a server that is killed, one that is only just starting: each is said, and each is got over.</summary>
public sealed class OutageTests
{
    [Theory]
    [InlineData("08006", true)]
    [InlineData("53100", true)] // disk full
    [InlineData("57P01", true)]
    [InlineData("58030", true)]
    [InlineData("23505", false)]
    [InlineData("42501", false)]
    public void Only_what_the_database_cannot_help_is_an_outage(string state, bool isOutage) =>
        Assert.Equal(
            isOutage,
            Outage.Of(new InvalidOperationException("EF wraps it", new PostgresException("", "ERROR", "ERROR", state))) is not null
        );

    [Fact]
    public async Task While_the_database_is_away_requests_are_told_when_to_come_back_and_a_set_sent_again_is_kept()
    {
        using TestDatabase database = DemoDatabase.Copy();
        using var line = new Line(new NpgsqlConnectionStringBuilder(database.Connection).Port);
        string connection = new NpgsqlConnectionStringBuilder(database.Connection) { Port = line.Port, Timeout = 3 }.ConnectionString;
        using ServerProcess server = ServerProcess.Start(connection);
        using HttpClient http = await Demo.SignedIn(server.Address);
        Guid client = (await http.GetFromJsonAsync<List<ClientLine>>("/api/clients?today=2026-11-30", Formats.Json.Options))![0].Id;

        line.Cut();
        LogSet set = Samples.Set(rpe: 8, date: Site.Today);
        foreach (
            HttpResponseMessage answer in new[] { await http.GetAsync("/api/clients?today=2026-11-30"), await Send(http, client, set) }
        )
        {
            Assert.Equal(HttpStatusCode.ServiceUnavailable, answer.StatusCode);
            Assert.Equal(TimeSpan.FromSeconds(5), answer.Headers.RetryAfter?.Delta);
            Assert.Equal("no-store", answer.Headers.CacheControl?.ToString());
            Assert.Contains("default-src 'self'", answer.Headers.GetValues("Content-Security-Policy").Single(), StringComparison.Ordinal);
            string text = await answer.Content.ReadAsStringAsync();
            Assert.Contains("Nothing was saved", text, StringComparison.Ordinal);
            Assert.DoesNotContain("Npgsql", text, StringComparison.Ordinal);
        }
        JsonElement health = await (await http.GetAsync("/health")).Content.ReadFromJsonAsync<JsonElement>();
        Assert.Equal(
            (true, false, "npgsql"),
            (
                health.GetProperty("alive").GetBoolean(),
                health.GetProperty("ready").GetBoolean(),
                health.GetProperty("waitsFor")[0].GetString()
            )
        );
        Assert.Equal(HttpStatusCode.OK, (await http.GetAsync("/health/alive")).StatusCode);

        line.Mend();
        HttpResponseMessage kept = await Send(http, client, set);
        for (int tries = 0; kept.StatusCode is HttpStatusCode.ServiceUnavailable && tries < 20; tries++)
        {
            await Task.Delay(250);
            kept = await Send(http, client, set);
        }
        Assert.Equal(HttpStatusCode.Created, kept.StatusCode);
    }

    [Fact]
    public async Task A_server_is_ready_only_when_it_has_warmed_up()
    {
        using TestDatabase database = DemoDatabase.Copy();
        using ServerProcess server = ServerProcess.Start(
            database.Connection,
            settings: new Dictionary<string, string> { ["NEREZZA_WARM_UP"] = "yes" }
        );
        JsonElement health = await new HttpClient { BaseAddress = server.Address }.GetFromJsonAsync<JsonElement>("/health");
        Assert.True(health.GetProperty("ready").GetBoolean());
        // The server answers alive before it is ready; it was waited for above, and what it waited for is over.
        Assert.Empty(health.GetProperty("waitsFor").EnumerateArray());
        using HttpClient http = await Demo.SignedIn(server.Address);
        Guid client = (await http.GetFromJsonAsync<List<ClientLine>>("/api/clients?today=2026-11-30", Formats.Json.Options))![0].Id;
        Assert.Equal(HttpStatusCode.OK, (await http.GetAsync($"/api/clients/{client}/block")).StatusCode);
    }

    // The script's own loop with a server that ends twice and then stays: started again each time, with a pause that grows, and the
    // database is stopped at the end alone.
    [Fact]
    public void A_server_that_stops_is_started_again_and_its_database_goes_on()
    {
        const string script = """
            set -euo pipefail
            root="$1"; for part in say install database build start; do source "$root/scripts/$part.sh"; done
            runs="$(mktemp)"; port=1; load=
            become_server() { echo run >>"$runs"; if [ "$(wc -l <"$runs")" -le 2 ]; then exit 9; fi; exec sleep 60; }
            stop_database() { echo "database stopped after $(wc -l <"$runs") runs"; }
            trap stop_application EXIT; trap 'exit 130' INT TERM
            (sleep 5; kill -TERM $$) &
            launch_server
            keep_running
            """;
        string file = Path.GetTempFileName();
        File.WriteAllText(file, script);
        using Process process = Process.Start(
            new ProcessStartInfo("bash", [file, ServerProcess.Root]) { RedirectStandardError = true, RedirectStandardOutput = true }
        )!;
        Assert.True(process.WaitForExit(TimeSpan.FromSeconds(40)));
        string[] said = process.StandardError.ReadToEnd().Split('\n', StringSplitOptions.RemoveEmptyEntries);
        Assert.Equal(
            ["1", "2"],
            said.Where(line => line.StartsWith("The server stopped (exit 9)", StringComparison.Ordinal))
                .Select(line => line.Split("again in ")[1].Split(' ')[0])
        );
        Assert.Equal("database stopped after 3 runs", process.StandardOutput.ReadToEnd().Trim());
        File.Delete(file);
    }

    private static Task<HttpResponseMessage> Send(HttpClient http, Guid client, LogSet set) =>
        http.PostAsync($"/api/clients/{client}/sets", JsonContent.Create(set, options: Formats.Json.Options));

    /// <summary>A line to the database that can be cut.</summary>
    private sealed class Line : IDisposable
    {
        private readonly int _to;
        private readonly List<Socket> _ends = [];
        private TcpListener _listener;

        public Line(int to)
        {
            _to = to;
            _listener = Listen(0);
            Port = ((IPEndPoint)_listener.LocalEndpoint).Port;
        }

        public int Port { get; }

        public void Cut()
        {
            _listener.Stop();
            lock (_ends)
            {
                _ends.ForEach(end => end.Close());
                _ends.Clear();
            }
        }

        public void Mend() => _listener = Listen(Port);

        public void Dispose() => Cut();

        private TcpListener Listen(int port)
        {
            var listener = new TcpListener(IPAddress.Loopback, port);
            listener.Server.SetSocketOption(SocketOptionLevel.Socket, SocketOptionName.ReuseAddress, true);
            listener.Start();
            _ = Accept(listener);
            return listener;
        }

        private async Task Accept(TcpListener listener)
        {
            while (true)
            {
                Socket near,
                    far = new(AddressFamily.InterNetwork, SocketType.Stream, ProtocolType.Tcp);
                try
                {
                    near = await listener.AcceptSocketAsync();
                    await far.ConnectAsync(IPAddress.Loopback, _to);
                }
                catch (Exception fault) when (fault is SocketException or ObjectDisposedException)
                {
                    return;
                }
                lock (_ends)
                    _ends.AddRange([near, far]);
                _ = Pass(near, far);
                _ = Pass(far, near);
            }
        }

        private static async Task Pass(Socket from, Socket to)
        {
            byte[] part = new byte[8192];
            try
            {
                for (int read; (read = await from.ReceiveAsync(part)) > 0; )
                    await to.SendAsync(part.AsMemory(0, read));
            }
            catch (Exception fault) when (fault is SocketException or ObjectDisposedException)
            {
                // One end is gone; so is the other.
            }
            from.Close();
            to.Close();
        }
    }
}
