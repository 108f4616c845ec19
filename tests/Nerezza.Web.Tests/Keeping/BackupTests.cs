using System.Collections.Concurrent;
using System.Diagnostics;
using System.Net;
using System.Net.Http.Json;
using Nerezza.Formats;
using Nerezza.Tests.Shared;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Tests.Keeping;

/// <summary>A backup that is taken while lifters log holds every set that was acknowledged before it began, whatever is killed meanwhile,
/// and comes back on an empty machine.</summary>
public sealed class BackupTests : IDisposable
{
    private const int Lifters = 8;
    private readonly string _folder = Directory.CreateTempSubdirectory("nerezza-backup-").FullName;

    public void Dispose() => Directory.Delete(_folder, recursive: true);

    [Fact]
    public async Task What_was_acknowledged_before_it_began_comes_back_though_the_server_is_killed_meanwhile()
    {
        using TestDatabase database = DemoDatabase.Copy();
        string file = Path.Combine(_folder, "kept.tar");
        List<string> before;
        using (ServerProcess server = ServerProcess.Start(database.Connection))
        {
            using HttpClient http = await Demo.SignedIn(server.Address);
            ConcurrentBag<string> acknowledged = [];
            using var stop = new CancellationTokenSource();
            Task logging = Log(http, acknowledged, stop.Token);
            while (acknowledged.Count < 5 * Lifters)
                await Task.Delay(20);
            before = [.. acknowledged];
            using Process backup = Script.Start($"run_backup --data {_folder} {file}", Db(database));
            await Task.Delay(500);
            server.Kill();
            await stop.CancelAsync();
            await logging;
            (int code, string said) = await Script.End(backup);
            Assert.True(code == 0, said);
        }
        using TestDatabase empty = new();
        (int restored, string told) = await Script.Run($"run_restore --data {_folder} {file}", Db(empty));
        Assert.True(restored == 0, told);
        Assert.Subset((await TestDatabase.Rows(empty.Connection, "SELECT id FROM logged_sets")).ToHashSet(), before.ToHashSet());
        Assert.Equal([""], await TestDatabase.Rows(database.Connection, "SELECT coalesce(fault, '') FROM backups"));
        using ServerProcess again = ServerProcess.Start(empty.Connection);
        using HttpClient reader = await Demo.SignedIn(again.Address);
        Assert.NotEmpty((await reader.GetFromJsonAsync<List<ClientLine>>("/api/clients?today=2026-11-30", Json.Options))!);
    }

    [Fact]
    public async Task A_backup_that_is_killed_leaves_no_file_and_the_next_one_works()
    {
        using Site site = new();
        await Samples.ClientWithBlock(await site.AsHarbour());
        string file = Path.Combine(_folder, "kept.tar");
        using (Process killed = Script.Start($"run_backup --data {_folder} {file}", Db(site.Connection)))
        {
            await Task.Delay(300);
            killed.Kill(entireProcessTree: true);
            await killed.WaitForExitAsync();
        }
        Assert.False(File.Exists(file));
        (int code, string said) = await Script.Run($"run_backup --data {_folder} {file}", Db(site.Connection));
        Assert.True(code == 0, said);
        Assert.Equal([Path.Combine(_folder, "backup.lock"), file], Directory.GetFileSystemEntries(_folder).Order());
        string name = new Npgsql.NpgsqlConnectionStringBuilder(site.Connection).Database!;
        Assert.Empty(await TestDatabase.Rows(site.Connection, $"SELECT datname FROM pg_database WHERE datname LIKE '{name}_%'"));
    }

    [Fact]
    public async Task A_restore_goes_over_nobodys_work_unless_told_and_reads_no_damaged_file()
    {
        using Site site = new();
        Guid id = await Samples.ClientWithBlock(await site.AsHarbour());
        string file = Path.Combine(_folder, "kept.tar");
        Assert.Equal(0, (await Script.Run($"run_backup --data {_folder} {file}", Db(site.Connection))).Code);
        Assert.Contains(
            "is there already",
            (await Script.Run($"run_backup --data {_folder} {file}", Db(site.Connection))).Said,
            StringComparison.Ordinal
        );

        using TestDatabase other = new();
        using (Site stands = new(other.Connection))
            await Samples.ClientWithBlock(await stands.AsHarbour());
        Npgsql.NpgsqlConnection.ClearAllPools();
        string[] there = [.. await TestDatabase.Rows(other.Connection, "SELECT id FROM clients")];
        Npgsql.NpgsqlConnection.ClearAllPools();
        (int refused, string why) = await Script.Run($"run_restore --data {_folder} {file}", Db(other));
        Assert.Equal(1, refused);
        Assert.Contains("--over", why, StringComparison.Ordinal);
        byte[] bytes = await File.ReadAllBytesAsync(file);
        bytes[bytes.Length / 2] ^= 1;
        string damaged = Path.Combine(_folder, "damaged.tar");
        await File.WriteAllBytesAsync(damaged, bytes);
        (refused, why) = await Script.Run($"run_restore --over --data {_folder} {damaged}", Db(other));
        Assert.Equal(1, refused);
        Assert.Contains("database.dump in it is damaged", why, StringComparison.Ordinal);
        Assert.Equal(there, await TestDatabase.Rows(other.Connection, "SELECT id FROM clients"));
        Npgsql.NpgsqlConnection.ClearAllPools();

        (int over, string done) = await Script.Run($"run_restore --over --data {_folder} {file}", Db(other));
        Assert.True(over == 0, done);
        Assert.Equal([id.ToString()], await TestDatabase.Rows(other.Connection, "SELECT id FROM clients"));
        Assert.Single(Directory.GetFiles(Path.Combine(_folder, "backups"), "before-restore-*.tar"));
    }

    [Fact]
    public async Task A_backup_of_a_newer_version_is_refused_and_nothing_is_made_of_it()
    {
        using Site site = new();
        string file = Path.Combine(_folder, "kept.tar");
        Assert.Equal(0, (await Script.Run($"run_backup --data {_folder} {file}", Db(site.Connection))).Code);
        (int changed, string how) = await Script.Run(
            $"cd {_folder} && tar -xf kept.tar && sed -i 's/\"migration\": \"[0-9]*/\"migration\": \"29991231000000/' manifest.json"
                + " && grep -q 29991231000000 manifest.json && tar -cf newer.tar $backup_parts"
        );
        Assert.True(changed == 0, how);
        using TestDatabase empty = new();
        (int code, string said) = await Script.Run($"run_restore --data {_folder} {_folder}/newer.tar", Db(empty));
        Assert.Equal(1, code);
        Assert.Contains("newer version", said, StringComparison.Ordinal);
        Assert.Equal(
            ["0"],
            await TestDatabase.Rows(empty.Connection, "SELECT count(*) FROM information_schema.tables WHERE table_schema = 'public'")
        );
    }

    [Fact]
    public async Task Before_the_structure_of_a_database_with_clients_changes_it_is_backed_up_and_else_it_is_not()
    {
        using Site site = new();
        await Samples.ClientWithBlock(await site.AsHarbour());
        string verb = $"data={_folder}; keep_before_upgrade",
            kept = Path.Combine(_folder, "backups");
        Assert.Equal(0, (await Script.Run(verb, Db(site.Connection))).Code);
        Assert.False(Directory.Exists(kept));
        await site.Sql(
            "DELETE FROM \"__EFMigrationsHistory\" WHERE migration_id = (SELECT max(migration_id) FROM \"__EFMigrationsHistory\")"
        );
        (int code, string said) = await Script.Run(verb, Db(site.Connection));
        Assert.True(code == 0, said);
        Assert.Single(Directory.GetFiles(kept, "before-*.tar"));
    }

    [Fact]
    public async Task Of_daily_backups_the_last_seven_and_the_last_of_four_weeks_are_kept()
    {
        IEnumerable<string> days = Enumerable
            .Range(0, 41)
            .Select(day => $"nerezza-{new DateOnly(2026, 10, 20).AddDays(day):yyyy-MM-dd}.tar");
        (int code, string said) = await Script.Run($"printf '%s\\n' {string.Join(' ', days)} | not_kept");
        Assert.Equal(0, code);
        Assert.Equal(
            ["08", "15", "22", "23", "24", "25", "26", "27", "28", "29"],
            days.Except(said.Split('\n')).Select(name => name[16..18]).Order()
        );
    }

    private static Dictionary<string, string> Db(TestDatabase database) => Db(database.Connection);

    private static Dictionary<string, string> Db(string connection) => new() { ["NEREZZA_DB"] = connection };

    /// <summary>Lifters who each log one set after the other until the server is gone.</summary>
    private static async Task Log(HttpClient http, ConcurrentBag<string> acknowledged, CancellationToken stop)
    {
        List<ClientLine> clients = (await http.GetFromJsonAsync<List<ClientLine>>("/api/clients?today=2026-11-30", Json.Options, stop))!;
        await Task.WhenAll(
            Enumerable
                .Range(0, Lifters)
                .Select(async lifter =>
                {
                    Guid client = clients[lifter % clients.Count].Id;
                    for (int i = 0; !stop.IsCancellationRequested; i++)
                    {
                        LogSet set = Samples.Set(rpe: 8, place: i % 5, date: Samples.Start.AddDays(35 + (i % 20)));
                        try
                        {
                            using HttpResponseMessage answer = await http.PostAsync(
                                $"/api/clients/{client}/sets",
                                JsonContent.Create(set, options: Json.Options),
                                stop
                            );
                            if (answer.StatusCode is HttpStatusCode.Created)
                                acknowledged.Add(set.Id);
                        }
                        catch (Exception gone) when (gone is HttpRequestException or OperationCanceledException)
                        {
                            return;
                        }
                    }
                })
        );
    }
}
