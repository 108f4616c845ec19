using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using Nerezza.Data;
using Nerezza.Formats.Plans;
using Nerezza.Tests.Shared;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Tests.Keeping;

/// <summary>From each earlier version of the database, with somebody's work in it, the newest is reached with all of it there.</summary>
public sealed class UpgradeTests
{
    /// <summary>In the order in which they can be filled.</summary>
    private static readonly string[] Tables =
    [
        "AspNetUsers",
        "practices",
        "clients",
        "memberships",
        "rooms",
        "equipment",
        "maxes",
        "screens",
        "plans",
        "imports",
        "logged_sets",
        "readiness",
        "notes",
        "answers",
        "changes",
    ];

    [Fact]
    public async Task Every_earlier_version_with_work_in_it_comes_up_to_date()
    {
        using Site now = new();
        Caller owner = await now.AsHarbour();
        Guid id = await Samples.ClientWithBlock(owner);
        foreach (int place in new[] { 0, 1, 2 })
            await owner.Do(HttpMethod.Post, $"/api/clients/{id}/sets", Samples.Set(rpe: 8, place: place));
        BlockView wanted = await Samples.BlockOn(owner, id);
        string[] versions = [.. Versions(now)];
        Assert.True(versions.Length > 15);
        string[] before = [.. await Work(now.Connection)];
        for (int i = 0; i < versions.Length - 1; i++)
        {
            using TestDatabase database = new();
            using Site site = new(database.Connection, Migrated.Already);
            await site.Migrate(versions[i]);
            await Copy(now.Connection, database.Connection);
            await site.Migrate(null);
            Assert.Equal((versions[i], string.Join('\n', before)), (versions[i], string.Join('\n', await Work(database.Connection))));
            // A host for each takes long; the rows are the same.
            if (i % Opened > 0)
                continue;
            Caller caller = await site.SignedIn("harbour@example.test");
            Assert.True(Same(wanted, await Samples.BlockOn(caller, id)), versions[i]);
            Assert.NotEmpty((await Samples.Floor(caller, id, Samples.Start)).Items);
            // And it is written to as the newest is.
            await caller.Do(HttpMethod.Post, $"/api/clients/{id}/sets", Samples.Set(rpe: 8, place: 3));
        }
    }

    /// <summary>One of so many is opened as a coach would.</summary>
    private const int Opened = 5;

    /// <summary>What nobody may lose: sets as they were done, plans as they were made, maxes, the client.</summary>
    private static Task<List<string>> Work(string connection) =>
        TestDatabase.Rows(
            connection,
            """
            SELECT 'set ' || id || exercise || reps || load_kg || rpe FROM logged_sets
            UNION ALL SELECT 'plan ' || id || md5(document::text) || starts || ends FROM plans
            UNION ALL SELECT 'max ' || id || exercise || load_kg || reps FROM maxes
            UNION ALL SELECT 'screen ' || md5(screen::text || faults::text) FROM screens
            UNION ALL SELECT 'client ' || id || name || md5(facts::text || schools::text) FROM clients
            ORDER BY 1
            """
        );

    private static bool Same(BlockView one, BlockView other) =>
        one.Done.Select(set => set.Id).Order().SequenceEqual(other.Done.Select(set => set.Id).Order())
        && Exercises(one).SequenceEqual(Exercises(other));

    private static IEnumerable<string> Exercises(BlockView view) =>
        view.Plan.Block!.Weeks.SelectMany(week => week.Sessions).SelectMany(session => session.Items, Text);

    private static string Text(SessionPart session, ItemPart item) => $"{session.Date} {item.Exercise} {item.Sets.Count} {item.Sets[0].Kg}";

    private static List<string> Versions(Site site)
    {
        using IServiceScope scope = site.Services.CreateScope();
        return [.. scope.ServiceProvider.GetRequiredService<NerezzaContext>().Database.GetMigrations()];
    }

    /// <summary>Writes the rows as the earlier version would have had them: what it had no column for is left out, practices were coaches,
    /// and a screen stood with the client.</summary>
    private static async Task Copy(string from, string to)
    {
        List<string> columns = await TestDatabase.Rows(
            to,
            "SELECT table_name || '.' || column_name FROM information_schema.columns WHERE table_schema = 'public'"
        );
        foreach (string table in Tables)
        {
            string old = table == "practices" && columns.Contains("coaches.coach_id") ? "coaches" : table;
            string[] has =
            [
                .. columns
                    .Where(column => column.StartsWith($"{old}.", StringComparison.Ordinal))
                    .Select(column => column[(old.Length + 1)..]),
            ];
            if (has.Length == 0)
                continue;
            List<string> rows = await TestDatabase.Rows(
                from,
                """
                SELECT to_jsonb(t) || CASE WHEN to_jsonb(t) ? 'practice_id'
                  THEN jsonb_build_object('coach_id', to_jsonb(t) -> 'practice_id') ELSE jsonb_build_object() END FROM 
                """ + $"\"{table}\" t"
            );
            List<string> keys = await TestDatabase.Rows(
                from,
                $"SELECT column_name FROM information_schema.columns WHERE table_name = '{table}'"
            );
            string names = string.Join(", ", has.Where(name => name == "coach_id" || keys.Contains(name)));
            foreach (string row in rows)
                await TestDatabase.Rows(
                    to,
                    $"INSERT INTO \"{old}\" ({names}) SELECT {names} FROM jsonb_populate_record(NULL::\"{old}\", $row${row}$row$::jsonb)"
                );
        }
        if (columns.Exists(column => column.StartsWith("screens.", StringComparison.Ordinal)))
            return;
        foreach (
            string screen in await TestDatabase.Rows(from, "SELECT jsonb_build_object('screen', screen, 'faults', faults) FROM screens")
        )
            await TestDatabase.Rows(to, $"UPDATE clients SET observed = observed || $row${screen}$row$::jsonb");
    }
}
