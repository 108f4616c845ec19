using System.Data.Common;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Diagnostics;
using Microsoft.Extensions.DependencyInjection;
using Nerezza.Data;
using Nerezza.Data.Unscoped;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Plans;
using Nerezza.Web.Contracts;
using Nerezza.Web.Planning;

namespace Nerezza.Web.Tests;

/// <summary>What lists and the day show is kept as it changes: behind in the transaction of the change, made by whoever is there, in as
/// many queries for one client as for many.</summary>
public sealed class BoardTests : IDisposable
{
    private readonly Site _site;
    private readonly Queries _queries = new();

    public BoardTests() => _site = new Site(settings: web => web.ConfigureServices(_queries.Into));

    public void Dispose() => _site.Dispose();

    [Fact]
    public async Task The_day_shows_sessions_who_is_on_the_floor_and_decisions_that_one_answer_takes_away()
    {
        Caller coach = await _site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(coach);
        SessionPart first = (await Samples.BlockOn(coach, id)).Plan.Block!.Weeks[0].Sessions[0];
        string path = $"/api/day?date={first.Date:yyyy-MM-dd}";
        DayView day = await _site.Caught<DayView>(coach, path);
        DaySession session = Assert.Single(day.Sessions);
        Assert.Equal((0, 0, first.Minutes), (day.Behind, session.SetsDone, session.Minutes));
        Assert.Contains(session.Notes, note => note.StartsWith("First of the", StringComparison.Ordinal));
        Assert.Null(session.AtHand);
        ItemPart lift = first.Items.First(item => item.Sets is [{ Kg: > 0 }, _, ..]);
        await coach.Do(
            HttpMethod.Post,
            $"/api/clients/{id}/sets",
            Samples.Set(lift.Exercise, lift.Sets[0].Kg!.Value, lift.Sets[0].Reps!.Value, 8, 0, first.Date)
        );
        session = Assert.Single((await coach.Get<DayView>(path)).Sessions);
        Assert.Equal((1, 2, lift.Sets.Count), (session.SetsDone, session.AtHand!.Number, session.AtHand.Of));
        Assert.Equal((decimal)lift.Sets[0].Kg!.Value, session.AtHand.Last.Kg);

        Decision asked = day.Decisions.First(one => one.Line.Key.StartsWith("findings/", StringComparison.Ordinal));
        await coach.Do(
            HttpMethod.Put,
            $"/api/clients/{id}/decisions?on={first.Date:yyyy-MM-dd}",
            new AnswerWaiting { Key = asked.Line.Key }
        );
        DayView after = await coach.Get<DayView>(path);
        Assert.DoesNotContain(after.Decisions, one => one.Line.Key == asked.Line.Key);
        Assert.Equal((id, asked.Line.Key), (after.Answered!.ClientId, after.Answered.Line.Key));
        await coach.Do(HttpMethod.Post, $"/api/clients/{id}/decisions/undo", new TakeBackAnswer { Key = asked.Line.Key });
        Assert.Contains((await coach.Get<DayView>(path)).Decisions, one => one.Line.Key == asked.Line.Key);
        // Another day of the same board.
        Assert.Empty((await coach.Get<DayView>($"{path}&shown={first.Date.AddDays(1):yyyy-MM-dd}")).Sessions);
    }

    [Fact]
    public async Task A_client_in_the_list_has_block_week_weak_point_and_when_they_were_seen()
    {
        Caller coach = await _site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(coach);
        ClientLine line = (await coach.Get<List<ClientLine>>($"/api/clients?today={Samples.Start:yyyy-MM-dd}")).Single();
        Assert.True(line.IsBehind);
        DateOnly second = Samples.Start.AddDays(8);
        line = (await _site.Caught<List<ClientLine>>(coach, $"/api/clients?today={second:yyyy-MM-dd}")).Single();
        Assert.Equal((false, 2, 4), (line.IsBehind, line.Week!.Number, line.Week.Of));
        Assert.NotNull(line.WeakPoint);
        Assert.True(line.Waiting > 0 && line.NextSession >= second, $"{line}");
        await coach.Do(HttpMethod.Delete, $"/api/clients/{id}");
        Assert.Empty(await _site.Caught<List<ClientLine>>(coach, $"/api/clients?today={second:yyyy-MM-dd}"));
    }

    public static TheoryData<string, string> Changes =>
        new()
        {
            { "clients", "UPDATE clients SET name = 'else'" },
            { "equipment", "UPDATE equipment SET document = document" },
            { "an entered max", "DELETE FROM maxes" },
            { "a screen", "UPDATE screens SET date = date - 1" },
            {
                "an answer",
                "INSERT INTO answers (practice_id, client_id, key, \"on\", at) " + "SELECT practice_id, id, 'k', now(), now() FROM clients"
            },
            {
                "a note",
                "INSERT INTO notes (practice_id, id, client_id, at, text) "
                    + "SELECT practice_id, gen_random_uuid(), id, now(), 'hello' FROM clients"
            },
            {
                "a plan",
                "INSERT INTO plans SELECT (p).* FROM (SELECT jsonb_populate_record("
                    + "plans, jsonb_build_object('id', gen_random_uuid(), 'number', 9)) AS p FROM plans) AS n"
            },
        };

    [Theory]
    [MemberData(nameof(Changes))]
    public async Task A_change_marks_the_board_behind_in_its_own_transaction(string what, string sql)
    {
        Caller coach = await _site.AsHarbour();
        await Samples.ClientWithBlock(coach);
        await _site.CatchUp();
        Assert.Equal(0, await Due());
        await _site.Sql($"BEGIN; {sql}; ROLLBACK");
        Assert.Equal(0, await Due());
        await _site.Sql(sql);
        Assert.True(await Due() == 1, what);
    }

    [Fact]
    public async Task Sets_are_taken_up_in_a_minute_and_no_change_is_lost_with_its_worker_or_between()
    {
        Caller coach = await _site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(coach);
        await _site.CatchUp();
        await coach.Do(HttpMethod.Post, $"/api/clients/{id}/sets", Samples.Set());
        Assert.Equal((0, 1), (await Due(), await _site.Number("SELECT count(*)::int AS \"Value\" FROM boards WHERE due > now()")));
        await _site.Sql("UPDATE boards SET due = now()");
        // A worker takes it and ends; nobody else does it twice meanwhile, and it comes up again.
        BoardDue taken = (await Work(work => work.Take(CancellationToken.None)))!;
        Assert.Equal(id, taken.ClientId);
        Assert.Null(await Work(work => work.Take(CancellationToken.None)));
        await _site.Sql("UPDATE boards SET due = due - interval '21 seconds'");
        Assert.Equal(taken, await Work(work => work.Take(CancellationToken.None)));
        // What changes while it is made is made once more.
        await _site.Sql("UPDATE clients SET name = 'else'");
        await Work(async work =>
        {
            await work.Keep(taken, null, Samples.Start, BoardDesk.Version, CancellationToken.None);
            return true;
        });
        Assert.Equal(1, await Due());
        await _site.CatchUp();
        Assert.Equal("else", (await coach.Get<List<ClientLine>>($"/api/clients?today={Site.Today:yyyy-MM-dd}")).Single().Name);
        Assert.Equal(0, await _site.Number("SELECT count(*)::int AS \"Value\" FROM boards WHERE due IS NOT NULL"));
    }

    [Fact]
    public async Task A_board_takes_as_many_queries_for_one_client_as_for_many()
    {
        Caller coach = await _site.AsHarbour();
        await Samples.ClientWithBlock(coach);
        string path = $"/api/day?date={Samples.Start:yyyy-MM-dd}";
        await _site.Caught<DayView>(coach, path);
        int one = await Count(coach, path);
        for (int i = 0; i < 5; i++)
            await Samples.ClientWithBlock(coach);
        await _site.Caught<DayView>(coach, path);
        Assert.Equal(one, await Count(coach, path));
        Assert.InRange(one, 1, 5);
    }

    private async Task<int> Count(Caller coach, string path)
    {
        int before = _queries.Sent;
        await coach.Get<DayView>(path);
        return _queries.Sent - before;
    }

    private Task<int> Due() => _site.Number("SELECT count(*)::int AS \"Value\" FROM boards WHERE due <= now()");

    private async Task<T> Work<T>(Func<BoardWork, Task<T>> does)
    {
        using IServiceScope scope = _site.Services.CreateScope();
        return await does(scope.ServiceProvider.GetRequiredService<BoardWork>());
    }

    /// <summary>Counts what is sent to the database.</summary>
    private sealed class Queries : DbCommandInterceptor
    {
        private int _sent;

        public int Sent => _sent;

        public void Into(IServiceCollection services) =>
            services.ConfigureDbContext<NerezzaContext>(options => options.AddInterceptors(this));

        public override ValueTask<InterceptionResult<DbDataReader>> ReaderExecutingAsync(
            DbCommand command,
            CommandEventData eventData,
            InterceptionResult<DbDataReader> result,
            CancellationToken cancellationToken = default
        )
        {
            Interlocked.Increment(ref _sent);
            return base.ReaderExecutingAsync(command, eventData, result, cancellationToken);
        }
    }
}
