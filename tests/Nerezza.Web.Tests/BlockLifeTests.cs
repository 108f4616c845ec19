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
        Guid id = await Samples.Client(
            coach,
            Samples.Deckhand with
            {
                Client = Samples.Deckhand.Client with { Goal = goal, Level = level },
                Log = null,
            }
        );
        await coach.Do(HttpMethod.Post, $"/api/clients/{id}/plans", new PlanRequest { Start = Samples.Start, Weeks = 4 });
        Assert.Equal(because, (await Samples.BlockOn(coach, id)).KindBecause);
        // What is done, changed and gone back from since takes nothing away from the day's reason.
        await coach.Do(HttpMethod.Post, $"/api/clients/{id}/sets", Samples.Set());
        Assert.Equal(because, (await Samples.BlockOn(coach, id)).KindBecause);
        await coach.Do(
            HttpMethod.Put,
            $"/api/clients/{id}/block/edits",
            new EditBlock { Number = 1, Edits = [await Samples.FirstCell(coach, id) with { Sets = 2 }] }
        );
        Assert.Equal((2, because), ((await Samples.BlockOn(coach, id)).Number, (await Samples.BlockOn(coach, id)).KindBecause));
        await coach.Do(HttpMethod.Post, $"/api/clients/{id}/block/versions/1/restoration", new { });
        Assert.Equal((3, because), ((await Samples.BlockOn(coach, id)).Number, (await Samples.BlockOn(coach, id)).KindBecause));
    }

    [Fact]
    public async Task After_a_block_of_strength_comes_one_of_muscle_and_what_is_asked_for_is_said_so()
    {
        Caller coach = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(coach);
        Assert.Equal("Strength, as asked for.", (await Samples.BlockOn(coach, id)).KindBecause);
        await coach.Do(HttpMethod.Post, $"/api/clients/{id}/plans", new PlanRequest { Start = Samples.Start.AddDays(28), Weeks = 4 });
        BlockView next = await Samples.BlockOn(coach, id, Samples.Start.AddDays(28));
        Assert.Equal((BlockKind.Muscle, "Muscle, since the last block was strength."), (next.Plan.Block!.Kind, next.KindBecause));
        Assert.Equal(
            [BlockKind.Muscle, BlockKind.Strength],
            (await coach.Get<List<VersionLine>>($"/api/clients/{id}/block/versions")).Select(line => line.Kind)
        );
    }

    [Fact]
    public async Task Of_two_who_keep_edits_of_one_version_at_once_one_is_told()
    {
        Caller first = await site.AsHarbour(),
            second = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(first);
        EditSection cell = await Samples.FirstCell(first, id);
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
        Assert.Equal(2, (await Samples.BlockOn(first, id)).Number);
    }

    [Fact]
    public async Task A_good_day_moves_the_loads_that_follow_and_no_version_no_edit_and_no_set_that_was_done()
    {
        Caller coach = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(coach);
        BlockView before = await Samples.BlockOn(coach, id);
        EditSection cell = await Samples.FirstCell(coach, id);
        ItemPart planned = Cell(before, cell);
        double kg = Math.Round(planned.Sets.Max(set => set.Kg!.Value) * 1.1, 1);
        DateOnly day = before.Plan.Block!.Weeks[0].Sessions[0].Date;
        foreach (int place in Enumerable.Range(0, 3))
            await coach.Do(
                HttpMethod.Post,
                $"/api/clients/{id}/sets",
                Samples.Set(cell.Exercise!, kg, planned.Sets[0].Reps!.Value, 6, place, day)
            );
        BlockView after = await Samples.BlockOn(coach, id);
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
        Guid id = await Samples.Client(coach, busy);
        await coach.Do(HttpMethod.Post, $"/api/clients/{id}/plans", Samples.Block);
        BlockView block = await Samples.BlockOn(coach, id);
        EditSection squat = await Samples.FirstCell(coach, id);
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
        Assert.Equal(block.Number + 1, (await Samples.BlockOn(coach, id)).Number);
    }

    [Fact]
    public async Task A_load_that_was_written_by_hand_outlives_a_new_max()
    {
        Caller coach = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(coach);
        EditSection cell = await Samples.FirstCell(coach, id) with { Kg = 60 };
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
        BlockView after = await Samples.BlockOn(coach, id);
        Assert.All(Cell(after, cell).Sets, set => Assert.Equal(60, set.Kg));
        Assert.Contains("load", after.Cells.First(one => one.Week == 1 && one.Day == cell.Day && one.Exercise == cell.Exercise).Pinned);
    }

    [Fact]
    public async Task Nothing_is_copied_to_a_client_who_is_stopped_and_the_block_of_one_who_is_stays_where_it_is()
    {
        Caller coach = await site.AsHarbour();
        (Guid from, Guid to) = (await Samples.ClientWithBlock(coach), await Samples.Client(coach, Samples.Deckhand));
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
        Assert.Equal(1, (await Samples.BlockOn(coach, from)).Number);
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
