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

/// <summary>Which of a client's blocks stand, one after the other, and which holds on a day.</summary>
public sealed class StandingBlocksTests(Site site) : IClassFixture<Site>
{
    [Fact]
    public async Task The_next_block_waits_for_its_day_and_the_one_that_runs_can_still_be_edited()
    {
        Caller coach = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(coach);
        DateOnly next = Samples.Start.AddDays(28);
        await Plan(coach, id, next, 4);
        Assert.Equal([(1, Samples.Start), (2, next)], await Standing(coach, id));
        Assert.Equal((1, 1), ((await Samples.BlockOn(coach, id)).Number, (await Samples.BlockOn(coach, id, next.AddDays(-1))).Number));
        Assert.Equal(
            (2, 2),
            ((await Samples.BlockOn(coach, id, next)).Number, (await Samples.BlockOn(coach, id, next.AddDays(90))).Number)
        );
        await coach.Do(
            HttpMethod.Put,
            $"/api/clients/{id}/block/edits",
            new EditBlock { Number = 1, Edits = [await Samples.FirstCell(coach, id) with { Sets = 2 }] }
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
        DateOnly first = (await Samples.BlockOn(coach, id, next)).Plan.Block!.Weeks[0].Sessions[0].Date;
        FloorView floor = await Samples.Floor(coach, id, first);
        Assert.Equal(1, floor.Session!.Week);
        Assert.Contains(first, (await Samples.Floor(coach, id, Samples.Start)).Dates);
        Assert.Contains(
            (await site.Caught<DayView>(coach, $"/api/day?date={first:yyyy-MM-dd}")).Sessions,
            session => session.ClientId == id
        );
        List<ClientLine> list = await site.Caught<List<ClientLine>>(coach, $"/api/clients?today={next:yyyy-MM-dd}");
        Assert.Equal(first, list.Single(line => line.Id == id).NextSession);
    }

    [Theory]
    [InlineData(true)]
    [InlineData(false)]
    public async Task The_weeks_of_a_block_that_still_runs_are_no_lay_off_of_the_next(bool runs)
    {
        Caller coach = await site.AsHarbour();
        Guid id = await Samples.Client(coach, Samples.Deckhand with { Log = null });
        var today = DateOnly.FromDateTime(DateTime.UtcNow);
        await coach.Do(HttpMethod.Post, $"/api/clients/{id}/sets", Samples.Set(date: today.AddDays(-1)));
        if (runs)
            await Plan(coach, id, today, 4);
        await Plan(coach, id, today.AddDays(28), 4);
        BlockPart next = (await Samples.BlockOn(coach, id, today.AddDays(28))).Plan.Block!;
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
        FloorView floor = await Samples.Floor(coach, id, Samples.Start);
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
        Guid id = await Samples.Client(coach, Samples.Deckhand);
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
        (await Samples.BlockOn(coach, id)).Standing.Select(plan => (plan.Number, plan.Starts));
}
