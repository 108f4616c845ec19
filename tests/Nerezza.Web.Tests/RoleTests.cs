using System.Diagnostics;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using Nerezza.Data;
using Nerezza.Tests.Shared;
using Nerezza.Web.Contracts;
using Nerezza.Web.Hosting;
using Npgsql;

namespace Nerezza.Web.Tests;

/// <summary>The server's database role does what it needs and nothing else, as scripts/roles.sql and scripts/grants.sql make it.</summary>
public sealed class RoleTests
{
    [Fact]
    public async Task The_server_works_as_a_role_that_owns_nothing_and_cannot_change_a_fact()
    {
        using TestDatabase database = new();
        var admin = new NpgsqlConnectionStringBuilder(database.Connection);
        (string owner, string app) = ($"{admin.Database}_owner", $"{admin.Database}_app");
        try
        {
            // An earlier version's tables belong to the superuser.
            await Run(database.Connection, "CREATE TABLE left_over (id int)");
            Psql(
                admin,
                "postgres",
                "scripts/roles.sql",
                ("database", admin.Database!),
                ("owner", owner),
                ("owner_password", "o"),
                ("app", app),
                ("app_password", "a")
            );
            using (Site made = new(As(admin, owner, "o"))) { }
            Psql(new NpgsqlConnectionStringBuilder(As(admin, owner, "o")), admin.Database!, "scripts/grants.sql", ("app", app));
            string asApp = As(admin, app, "a");
            using Site site = new(asApp, Migrated.Already);
            Caller caller = await site.AsHarbour();
            Guid id = await Samples.ClientWithBlock(caller);
            await caller.Do(HttpMethod.Post, $"/api/clients/{id}/sets", Samples.Set());
            // A next block that was made is taken back, and so is a file of sets.
            string decisions = $"/api/clients/{id}/decisions",
                ends = $"block-ends/{Samples.Start:yyyy-MM-dd}";
            await caller.Do(HttpMethod.Put, $"{decisions}?on={Samples.Start.AddDays(25):yyyy-MM-dd}", new AnswerWaiting { Key = ends });
            await caller.Do(HttpMethod.Post, $"{decisions}/undo", new TakeBackAnswer { Key = ends });
            KeepLog file = ImportTests.File("Date,Exercise,kg,Reps\n2026-10-01,leg-press,100,8\n");
            await caller.Do(HttpMethod.Post, $"/api/clients/{id}/imports", file);
            await caller.Do(HttpMethod.Post, $"/api/clients/{id}/imports/{file.Id}/undo");
            await caller.Do(HttpMethod.Delete, $"/api/clients/{id}");
            foreach (
                string forbidden in new[]
                {
                    "UPDATE logged_sets SET reps = 99",
                    "DELETE FROM logged_sets",
                    "UPDATE plans SET number = 9",
                    "CREATE TABLE mine (id int)",
                    "DROP TABLE clients",
                    "TRUNCATE clients",
                    "ALTER TABLE left_over ADD COLUMN x int",
                    "SELECT * FROM pg_authid",
                    "CREATE ROLE mine",
                    "DELETE FROM \"__EFMigrationsHistory\"",
                    "COPY clients TO PROGRAM 'cat'",
                }
            )
                Assert.Equal("42501", (await Assert.ThrowsAsync<PostgresException>(() => Run(asApp, forbidden))).SqlState);
            Assert.Equal(
                "42501",
                (await Assert.ThrowsAsync<PostgresException>(() => Run(As(admin, owner, "o"), "SELECT * FROM pg_authid"))).SqlState
            );
        }
        finally
        {
            NpgsqlConnection.ClearAllPools();
            await Run(
                database.Connection,
                $"DROP OWNED BY {app}, {owner} CASCADE; ALTER DATABASE {admin.Database} OWNER TO CURRENT_USER; DROP ROLE {app}; "
                    + $"DROP ROLE {owner}"
            );
        }
    }

    [Fact]
    public async Task Keys_in_the_database_are_encrypted_with_the_file()
    {
        string file = Path.Combine(Directory.CreateTempSubdirectory().FullName, "keys.pfx");
        KeysFile.Make(file);
        using Site site = new(settings: builder => builder.UseSetting("NEREZZA_KEYS_FILE", file));
        await site.AsHarbour();
        using IServiceScope scope = site.Services.CreateScope();
        List<string?> keys = await scope
            .ServiceProvider.GetRequiredService<NerezzaContext>()
            .DataProtectionKeys.Select(key => key.Xml)
            .ToListAsync();
        Assert.NotEmpty(keys);
        Assert.All(keys, key => Assert.Contains("EncryptedData", key, StringComparison.Ordinal));
    }

    private static string As(NpgsqlConnectionStringBuilder admin, string role, string password) =>
        new NpgsqlConnectionStringBuilder(admin.ConnectionString) { Username = role, Password = password }.ConnectionString;

    private static async Task Run(string connection, string sql)
    {
        await using var open = new NpgsqlConnection(connection);
        await open.OpenAsync();
        await using var command = new NpgsqlCommand(sql, open);
        await command.ExecuteNonQueryAsync();
    }

    private static void Psql(NpgsqlConnectionStringBuilder to, string database, string file, params (string Name, string Value)[] variables)
    {
        var start = new ProcessStartInfo(
            "psql",
            [
                "-X",
                "-q",
                "-h",
                to.Host!,
                "-p",
                $"{to.Port}",
                "-U",
                to.Username!,
                "-d",
                database,
                .. variables.SelectMany(one => new[] { "-v", $"{one.Name}={one.Value}" }),
                "-f",
                Path.Combine(ServerProcess.Root, file),
            ]
        )
        {
            RedirectStandardError = true,
        };
        start.Environment["PGPASSWORD"] = to.Password;
        using Process psql = Process.Start(start)!;
        string said = psql.StandardError.ReadToEnd();
        psql.WaitForExit();
        Assert.True(psql.ExitCode == 0, said);
    }
}
