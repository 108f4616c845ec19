using System.Net;
using System.Text.Json;
using Nerezza.Core.Blocks;
using Nerezza.Core.Checks;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Formats;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Plans;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Tests;

/// <summary>A client's blocks one after the other: why each is of its kind, what outlives a log, two coaches' hands at once, and what a
/// block keeps of what was done.</summary>
public sealed class BlockLifeTests(Site site) : IClassFixture<Site>
{
    [Theory]
    [InlineData(Goal.Muscle, Level.Intermediate, "Muscle, since the goal is muscle.")]
    [InlineData(Goal.Return, Level.Intermediate, "Return, since the goal is to return to training.")]
    [InlineData(Goal.General, Level.Novice, "Foundation, since a novice has no log yet.")]
    [InlineData(Goal.Strength, Level.Advanced, "Strength, since nothing asks for another kind first.")]
    public async Task Why_a_block_is_of_its_kind_is_said_as_long_as_it_stands(Goal goal, Level level, string because)
    {
        Caller coach = await site.AsHarbour();
        Guid id = await Client(
            coach,
            Samples.Deckhand with
            {
                Client = Samples.Deckhand.Client with { Goal = goal, Level = level },
                Log = null,
            }
        );
        await coach.Do(HttpMethod.Post, $"/api/clients/{id}/plans", new PlanRequest { Start = Samples.Start, Weeks = 4 });
        Assert.Equal(because, (await Block(coach, id)).KindBecause);
        // What is done, changed and gone back from since takes nothing away from the day's reason.
        await coach.Do(HttpMethod.Post, $"/api/clients/{id}/sets", Samples.Set());
        Assert.Equal(because, (await Block(coach, id)).KindBecause);
        await coach.Do(
            HttpMethod.Put,
            $"/api/clients/{id}/block/edits",
            new EditBlock { Number = 1, Edits = [await FirstCell(coach, id) with { Sets = 2 }] }
        );
        Assert.Equal((2, because), ((await Block(coach, id)).Number, (await Block(coach, id)).KindBecause));
        await coach.Do(HttpMethod.Post, $"/api/clients/{id}/block/versions/1/restoration", new { });
        Assert.Equal((3, because), ((await Block(coach, id)).Number, (await Block(coach, id)).KindBecause));
    }

    [Fact]
    public async Task After_a_block_of_strength_comes_one_of_muscle_and_what_is_asked_for_is_said_so()
    {
        Caller coach = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(coach);
        Assert.Equal("Strength, as asked for.", (await Block(coach, id)).KindBecause);
        await coach.Do(HttpMethod.Post, $"/api/clients/{id}/plans", new PlanRequest { Start = Samples.Start.AddDays(28), Weeks = 4 });
        BlockView next = await Block(coach, id, Samples.Start.AddDays(28));
        Assert.Equal((BlockKind.Muscle, "Muscle, since the last block was strength."), (next.Plan.Block!.Kind, next.KindBecause));
        Assert.Equal(
            [BlockKind.Muscle, BlockKind.Strength],
            (await coach.Get<List<VersionLine>>($"/api/clients/{id}/block/versions")).Select(line => line.Kind)
        );
    }

    [Fact]
    public async Task The_next_block_waits_for_its_day_and_the_one_that_runs_can_still_be_edited()
    {
        Caller coach = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(coach);
        DateOnly next = Samples.Start.AddDays(28);
        await Plan(coach, id, next, 4);
        Assert.Equal([(1, Samples.Start), (2, next)], await Standing(coach, id));
        Assert.Equal((1, 1), ((await Block(coach, id)).Number, (await Block(coach, id, next.AddDays(-1))).Number));
        Assert.Equal((2, 2), ((await Block(coach, id, next)).Number, (await Block(coach, id, next.AddDays(90))).Number));
        await coach.Do(
            HttpMethod.Put,
            $"/api/clients/{id}/block/edits",
            new EditBlock { Number = 1, Edits = [await FirstCell(coach, id) with { Sets = 2 }] }
        );
        Assert.Equal([(3, Samples.Start), (2, next)], await Standing(coach, id));
        // Only what stands can be edited.
        HttpResponseMessage late = await coach.Send(
            HttpMethod.Put,
            $"/api/clients/{id}/block/edits",
            new EditBlock { Number = 1, Edits = [] }
        );
        Assert.Equal(HttpStatusCode.Conflict, late.StatusCode);
        // The floor, the day and the list go from one block to the next.
        DateOnly first = (await Block(coach, id, next)).Plan.Block!.Weeks[0].Sessions[0].Date;
        FloorView floor = await coach.Get<FloorView>($"/api/clients/{id}/floor?date={first:yyyy-MM-dd}");
        Assert.Equal(1, floor.Session!.Week);
        Assert.Contains(first, (await coach.Get<FloorView>($"/api/clients/{id}/floor?date={Samples.Start:yyyy-MM-dd}")).Dates);
        Assert.Contains((await coach.Get<DayView>($"/api/day?date={first:yyyy-MM-dd}")).Sessions, session => session.ClientId == id);
        List<ClientLine> list = await coach.Get<List<ClientLine>>($"/api/clients?today={next:yyyy-MM-dd}");
        Assert.Equal(first, list.Single(line => line.Id == id).NextSession);
    }

    [Theory]
    [InlineData(true)]
    [InlineData(false)]
    public async Task The_weeks_of_a_block_that_still_runs_are_no_lay_off_of_the_next(bool runs)
    {
        Caller coach = await site.AsHarbour();
        Guid id = await Client(coach, Samples.Deckhand with { Log = null });
        var today = DateOnly.FromDateTime(DateTime.UtcNow);
        await coach.Do(HttpMethod.Post, $"/api/clients/{id}/sets", Samples.Set(date: today.AddDays(-1)));
        if (runs)
            await Plan(coach, id, today, 4);
        await Plan(coach, id, today.AddDays(28), 4);
        BlockPart next = (await Block(coach, id, today.AddDays(28))).Plan.Block!;
        int SetsIn(int week) => next.Weeks[week].Sessions.Sum(session => session.Items.Sum(item => item.Sets.Count));
        Assert.Equal(runs, SetsIn(0) >= SetsIn(1));
    }

    [Fact]
    public async Task A_block_takes_the_place_of_those_whose_first_day_it_covers_and_cuts_short_the_one_it_starts_in()
    {
        Caller coach = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(coach);
        await Plan(coach, id, Samples.Start.AddDays(28), 4);
        await Plan(coach, id, Samples.Start.AddDays(14), 4);
        Assert.Equal([(1, Samples.Start), (3, Samples.Start.AddDays(14))], await Standing(coach, id));
        FloorView floor = await coach.Get<FloorView>($"/api/clients/{id}/floor?date={Samples.Start:yyyy-MM-dd}");
        Assert.Equal(floor.Dates.Distinct().Order(), floor.Dates);
        await Plan(coach, id, Samples.Start, 12);
        Assert.Equal([(4, Samples.Start)], await Standing(coach, id));
        // Going back brings the cut block back beside whatever it does not cover.
        await coach.Do(HttpMethod.Post, $"/api/clients/{id}/block/versions/3/restoration", new { });
        Assert.Equal([(4, Samples.Start), (5, Samples.Start.AddDays(14))], await Standing(coach, id));
    }

    [Theory]
    [InlineData(0, 4, new[] { 1 }, null)]
    [InlineData(0, 12, new[] { 1, 2 }, null)]
    [InlineData(-7, 1, new int[0], null)]
    [InlineData(14, 2, new int[0], 1)]
    [InlineData(14, 3, new[] { 2 }, 1)]
    [InlineData(28, 4, new[] { 2 }, null)]
    [InlineData(56, 4, new int[0], null)]
    public async Task What_a_new_block_would_do_to_those_that_stand_is_said_and_is_what_it_does(
        int after,
        int weeks,
        int[] replaces,
        int? shortens
    )
    {
        Caller coach = await site.AsHarbour();
        Guid id = await Client(coach, Samples.Deckhand);
        DateOnly first = DateOnly.FromDateTime(DateTime.UtcNow).AddDays(7);
        await Plan(coach, id, first, 4);
        await Plan(coach, id, first.AddDays(28), 4);
        var request = new PlanRequest { Start = first.AddDays(after), Weeks = weeks };
        PlanPlace place = await coach.Ask<PlanPlace>(HttpMethod.Post, $"/api/clients/{id}/plans/preview", request);
        Assert.Equal(replaces, place.Replaces.Select(plan => plan.Number));
        Assert.Equal(shortens, place.Shortens?.Number);
        await Plan(coach, id, request.Start, weeks);
        int[] standing = [.. (await Standing(coach, id)).Select(row => row.Item1)];
        Assert.Equal(new[] { 1, 2, 3 }.Except(replaces), standing.Order());
        // The one it begins in goes before it, and no other does.
        int before = standing.TakeWhile(number => number != 3).LastOrDefault();
        Assert.True(shortens is null || before == shortens);
    }

    private static Task<string> Plan(Caller coach, Guid id, DateOnly start, int weeks) =>
        coach.Do(HttpMethod.Post, $"/api/clients/{id}/plans", new PlanRequest { Start = start, Weeks = weeks });

    private static async Task<IEnumerable<(int, DateOnly)>> Standing(Caller coach, Guid id) =>
        (await Block(coach, id)).Standing.Select(plan => (plan.Number, plan.Starts));

    [Fact]
    public async Task Of_two_who_keep_edits_of_one_version_at_once_one_is_told()
    {
        Caller first = await site.AsHarbour(),
            second = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(first);
        EditSection cell = await FirstCell(first, id);
        HttpResponseMessage[] answers = await Task.WhenAll(
            Enumerable
                .Range(2, 6)
                .Select(sets =>
                    (sets % 2 == 0 ? first : second).Send(
                        HttpMethod.Put,
                        $"/api/clients/{id}/block/edits",
                        new EditBlock { Number = 1, Edits = [cell with { Sets = sets }] }
                    )
                )
        );
        Assert.Equal(1, answers.Count(answer => answer.StatusCode is HttpStatusCode.Created));
        Assert.Equal(5, answers.Count(answer => answer.StatusCode is HttpStatusCode.Conflict));
        Assert.Equal(2, (await Block(first, id)).Number);
    }

    [Fact]
    public async Task A_good_day_moves_the_loads_that_follow_and_no_version_no_edit_and_no_set_that_was_done()
    {
        Caller coach = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(coach);
        BlockView before = await Block(coach, id);
        EditSection cell = await FirstCell(coach, id);
        ItemPart planned = Cell(before, cell);
        double kg = Math.Round(planned.Sets.Max(set => set.Kg!.Value) * 1.1, 1);
        DateOnly day = before.Plan.Block!.Weeks[0].Sessions[0].Date;
        foreach (int place in Enumerable.Range(0, 3))
            await coach.Do(
                HttpMethod.Post,
                $"/api/clients/{id}/sets",
                Samples.Set(cell.Exercise!, kg, planned.Sets[0].Reps!.Value, 6, place, day)
            );
        BlockView after = await Block(coach, id);
        Assert.Equal(before.Number, after.Number);
        Assert.Equal([kg, kg, kg], after.Done.Select(set => set.Kg));
        EditSection later = cell with { Week = 3 };
        Assert.True(Cell(after, later).Sets.Max(set => set.Kg) > Cell(before, later).Sets.Max(set => set.Kg));
        // Made is as it was; beside the loads that moved now stands why.
        Assert.Equal(before.Made, after.Made.Select(load => load with { Why = "" }));
        string why = after.Made.First(load => load.Exercise == cell.Exercise && load.Why.Length > 0).Why;
        Assert.Matches("^Heavier than planned: 5 × [0-9.]+ kg was 6, where 5 × [0-9.]+ kg at [5-8](.5)? was planned.$", why);
        Assert.Equal(Exercises(before), Exercises(after));
    }

    [Fact]
    public async Task Every_fix_that_a_block_offers_can_be_tried_and_kept()
    {
        Caller coach = await site.AsHarbour();
        // Sixty minutes and four targets: a week that has something to remark.
        CaseDocument busy = Samples.Deckhand with
        {
            Client = Samples.Deckhand.Client with
            {
                Days = [.. Enum.GetValues<Weekday>().Take(4).Select(day => new DaySection { Day = day, Minutes = 45 })],
            },
        };
        Guid id = await Client(coach, busy);
        await coach.Do(HttpMethod.Post, $"/api/clients/{id}/plans", Samples.Block);
        BlockView block = await Block(coach, id);
        EditSection squat = await FirstCell(coach, id);
        EditBlock written = new() { Number = 1, Edits = [squat with { Sets = 9 }] };
        DraftView draft = await coach.Ask<DraftView>(HttpMethod.Post, $"/api/clients/{id}/block/preview", written);
        List<CheckView> offered = [.. draft.Remarks.Where(remark => remark.Edits.Count > 0)];
        Assert.NotEmpty(offered);
        foreach (CheckView remark in offered)
        {
            DraftView tried = await coach.Ask<DraftView>(
                HttpMethod.Post,
                $"/api/clients/{id}/block/preview",
                written with
                {
                    Edits = [.. written.Edits, .. remark.Edits],
                }
            );
            Assert.Empty(tried.Refused);
            // A session that is far too long is shortened by a set at a time.
            if (remark.Code is CheckCode.SessionTooLong)
                Assert.True(Minutes(tried, remark) < Minutes(draft, remark), remark.Because);
            else
                Assert.DoesNotContain(
                    tried.Remarks,
                    still => (still.Code, still.Week, still.Day, still.Exercise) == (remark.Code, remark.Week, remark.Day, remark.Exercise)
                );
        }
        await coach.Do(HttpMethod.Put, $"/api/clients/{id}/block/edits", written with { Edits = [.. written.Edits, .. offered[0].Edits] });
        Assert.Equal(block.Number + 1, (await Block(coach, id)).Number);
    }

    [Fact]
    public async Task A_load_that_was_written_by_hand_outlives_a_new_max()
    {
        Caller coach = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(coach);
        EditSection cell = await FirstCell(coach, id) with { Kg = 60 };
        await coach.Do(HttpMethod.Put, $"/api/clients/{id}/block/edits", new EditBlock { Number = 1, Edits = [cell] });
        await coach.Do(
            HttpMethod.Post,
            $"/api/clients/{id}/maxes",
            new StrengthSection
            {
                Exercise = cell.Exercise!,
                Kg = 180,
                Reps = 1,
                Rpe = 10,
                Date = Samples.Start.AddDays(-1),
            }
        );
        BlockView after = await Block(coach, id);
        Assert.All(Cell(after, cell).Sets, set => Assert.Equal(60, set.Kg));
        Assert.Contains("load", after.Cells.First(one => one.Week == 1 && one.Day == cell.Day && one.Exercise == cell.Exercise).Pinned);
    }

    [Fact]
    public async Task Nothing_is_copied_to_a_client_who_is_stopped_and_the_block_of_one_who_is_stays_where_it_is()
    {
        Caller coach = await site.AsHarbour();
        (Guid from, Guid to) = (await Samples.ClientWithBlock(coach), await Client(coach, Samples.Deckhand));
        IntakeView intake = await coach.Get<IntakeView>($"/api/clients/{to}/intake");
        await coach.Do(
            HttpMethod.Put,
            $"/api/clients/{to}/health",
            new SaveHealth
            {
                Health = new HealthSection { Flags = [HealthFlag.ChestPain] },
                Pain = [],
                Version = intake.FactsVersion,
            }
        );
        HttpResponseMessage refused = await coach.Send(
            HttpMethod.Post,
            $"/api/clients/{from}/block/copies",
            new CopyBlock
            {
                ToClient = to.ToString(),
                Number = 1,
                Start = Samples.Start,
            }
        );
        Assert.Equal(HttpStatusCode.Locked, refused.StatusCode);
        Assert.Equal(HttpStatusCode.NoContent, (await coach.Send(HttpMethod.Get, $"/api/clients/{to}/block")).StatusCode);
        Assert.Equal(1, (await Block(coach, from)).Number);
    }

    private static async Task<Guid> Client(Caller coach, CaseDocument document) =>
        JsonSerializer.Deserialize<NewId>(await coach.Do(HttpMethod.Post, "/api/clients/import", document), Json.Options)!.Id;

    private static Task<BlockView> Block(Caller coach, Guid id, DateOnly? on = null) =>
        coach.Get<BlockView>($"/api/clients/{id}/block?on={on ?? Samples.Start:yyyy-MM-dd}");

    /// <summary>The first exercise with a load above none.</summary>
    private static async Task<EditSection> FirstCell(Caller coach, Guid id)
    {
        SessionPart first = (await Block(coach, id)).Plan.Block!.Weeks[0].Sessions[0];
        return new EditSection
        {
            Kind = EditKind.Write,
            Week = 1,
            Day = first.Day,
            Exercise = first.Items.FirstOrDefault(item => item.Sets[0].Kg > 0, first.Items[0]).Exercise,
        };
    }

    private static ItemPart Cell(BlockView view, EditSection at) =>
        view
            .Plan.Block!.Weeks[at.Week - 1]
            .Sessions.First(session => session.Day == at.Day)
            .Items.First(item => item.Exercise == at.Exercise);

    private static int Minutes(DraftView draft, CheckView remark) =>
        draft.Block!.Weeks[remark.Week!.Value - 1].Sessions.First(session => session.Day == remark.Day).Minutes;

    private static IEnumerable<string> Exercises(BlockView view) =>
        view
            .Plan.Block!.Weeks.SelectMany(week => week.Sessions)
            .SelectMany(session => session.Items.Select(item => $"{Codes.Of(session.Day)} {item.Exercise}"));
}
