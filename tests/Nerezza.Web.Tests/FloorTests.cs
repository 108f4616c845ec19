using System.Net;
using System.Text.Json;
using Nerezza.Core.Clients;
using Nerezza.Formats;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Floor;
using Nerezza.Formats.Plans;
using Nerezza.Web.Contracts;
using LogSet = Nerezza.Web.Contracts.LogSet;

namespace Nerezza.Web.Tests;

/// <summary>From a plan to a logged session, and what follows from it.</summary>
public sealed class FloorTests(Site site) : IClassFixture<Site>
{
    [Fact]
    public async Task What_is_logged_moves_the_next_session()
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        FloorView monday = await Samples.Floor(caller, id, Samples.Start),
            friday = await Samples.Floor(caller, id, Samples.Start.AddDays(4));
        Assert.Equal("heels-raised-back-squat", monday.Items[0].Exercise);
        Assert.All(
            monday.Items.SelectMany(item => item.Sets).Zip(monday.Items.SelectMany(item => item.Sets).Skip(1)),
            pair => Assert.False(pair.First.Side is Side.Right && pair.Second.Side is Side.Right)
        );
        FloorSet planned = monday.Items[0].Sets[0];
        for (int place = 0; place < monday.Items[0].Sets.Count; place++)
            await caller.Do(
                HttpMethod.Post,
                $"/api/clients/{id}/sets",
                Samples.Set(kg: planned.Kg!.Value + 5, reps: 7, rpe: 6, place: place)
            );
        FloorView after = await Samples.Floor(caller, id, Samples.Start.AddDays(4));
        Assert.True(after.Items[0].Sets[0].Kg > friday.Items[0].Sets[0].Kg, "The estimate rose, so the next load must.");
        FloorView same = await Samples.Floor(caller, id, Samples.Start);
        Assert.Equal(planned.Kg, same.Items[0].Sets[0].Kg);
        Assert.All(same.Items[0].Sets, set => Assert.Equal(6, set.Done!.Rpe));
        BlockView block = await caller.Get<BlockView>($"/api/clients/{id}/block");
        Assert.Equal(monday.Items[0].Sets.Count, block.Done.Count);
        ItemPart Now(MadeLoad made) =>
            block
                .Plan.Block!.Weeks[made.Week - 1]
                .Sessions.Single(on => on.Day == made.Day)
                .Items.Single(on => on.Exercise == made.Exercise);
        Assert.Contains(block.Made, made => Now(made).Sets.Max(set => set.Kg) != made.Kg);
    }

    [Fact]
    public async Task A_session_ends_with_what_it_did_and_what_it_changes_next_time()
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        FloorItem squat = (await Samples.Floor(caller, id, Samples.Start)).Items[0];
        for (int place = 0; place < squat.Sets.Count - 1; place++)
            await caller.Do(
                HttpMethod.Post,
                $"/api/clients/{id}/sets",
                Samples.Set(kg: squat.Sets[place].Kg!.Value, reps: squat.Sets[place].Reps, rpe: 9.5, place: place)
            );
        SummaryView summary = await caller.Get<SummaryView>($"/api/clients/{id}/floor/summary?date={Samples.Start:yyyy-MM-dd}");
        SummaryLine line = summary.Lines[0];
        Assert.Equal((squat.Exercise, squat.Sets.Count, squat.Sets.Count - 1), (line.Exercise, line.Planned, line.Done));
        Assert.True(line.Max!.AfterKg < line.Max.BeforeKg);
        Assert.True(line.Next!.NowKg < line.Next.BeforeKg);
        Assert.Matches("^Lighter than planned: a set was 9.5 for [5-8](.5)?.$", line.Next.Why);
        FloorItem next = (await Samples.Floor(caller, id, line.Next.Date)).Items.First(item => item.Exercise == squat.Exercise);
        Assert.Equal(next.Sets.Max(set => set.Kg), line.Next.NowKg);
        // The floor says it again the next time, against the block as it was made.
        Assert.Equal(line.Next.Why, next.Changed);
        Assert.Equal("", squat.Changed);
        // And so does the block.
        BlockView block = await caller.Get<BlockView>($"/api/clients/{id}/block?on={Samples.Start:yyyy-MM-dd}");
        MadeLoad made = block.Made.First(load => load.Exercise == squat.Exercise && load.Why.Length > 0);
        Assert.Equal((line.Next.Why, line.Next.BeforeKg), (made.Why, made.Kg));
        Assert.All(summary.Lines.Skip(1), other => Assert.Equal((0, null, null), (other.Done, (object?)other.Max, (object?)other.Next)));
    }

    [Fact]
    public async Task A_set_that_was_easy_proposes_more_and_done_alone_stores_no_rating()
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        await caller.Do(HttpMethod.Post, $"/api/clients/{id}/sets", Samples.Set(rpe: 5.5));
        FloorItem squat = (await Samples.Floor(caller, id, Samples.Start)).Items[0];
        Assert.Equal(1, squat.Proposal!.Place);
        Assert.True(squat.Proposal.Next!.Kg > squat.Sets[1].Kg);
        await caller.Do(HttpMethod.Post, $"/api/clients/{id}/sets", Samples.Set(place: 1));
        squat = (await Samples.Floor(caller, id, Samples.Start)).Items[0];
        Assert.Null(squat.Sets[1].Done!.Rpe);
        Assert.Null(squat.Proposal);
    }

    [Fact]
    public async Task Two_devices_that_log_the_same_set_are_both_kept_and_advice_goes_on()
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        foreach (double rpe in new[] { 8, 5.5 })
            await caller.Do(HttpMethod.Post, $"/api/clients/{id}/sets", Samples.Set(rpe: rpe));
        Assert.Equal(2, (await caller.Get<BlockView>($"/api/clients/{id}/block")).Done.Count);
        // The later of the two is shown, and advice follows from it.
        FloorItem squat = (await Samples.Floor(caller, id, Samples.Start)).Items[0];
        Assert.Equal((5.5, 1), (squat.Sets[0].Done!.Rpe, squat.Proposal!.Place));
        Assert.True(squat.Proposal.Next!.Kg > squat.Sets[1].Kg);
    }

    [Fact]
    public async Task A_set_sent_twice_is_one_set_and_another_with_its_id_is_told()
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        LogSet set = Samples.Set(rpe: 8);
        string path = $"/api/clients/{id}/sets";
        Assert.Equal(HttpStatusCode.Created, (await caller.Send(HttpMethod.Post, path, set)).StatusCode);
        Assert.Equal(HttpStatusCode.OK, (await caller.Send(HttpMethod.Post, path, set)).StatusCode);
        Assert.Equal(HttpStatusCode.Conflict, (await caller.Send(HttpMethod.Post, path, set with { Reps = 6 })).StatusCode);
        Assert.Single((await caller.Get<BlockView>($"/api/clients/{id}/block")).Done);
    }

    [Fact]
    public async Task A_correction_supersedes_and_an_undo_withdraws()
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        LogSet first = Samples.Set(rpe: 8),
            corrected = Samples.Set(rpe: 9) with { Supersedes = first.Id };
        await caller.Do(HttpMethod.Post, $"/api/clients/{id}/sets", first);
        await caller.Do(HttpMethod.Post, $"/api/clients/{id}/sets", corrected);
        Assert.Equal(9, Assert.Single((await caller.Get<BlockView>($"/api/clients/{id}/block")).Done).Rpe);
        await caller.Do(
            HttpMethod.Post,
            $"/api/clients/{id}/sets/{corrected.Id}/withdrawal",
            new WithdrawSet { Id = Guid.CreateVersion7().ToString() }
        );
        Assert.Empty((await caller.Get<BlockView>($"/api/clients/{id}/block")).Done);
    }

    [Fact]
    public async Task A_case_that_goes_in_comes_out_the_same()
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        CaseDocument found = await caller.Get<CaseDocument>($"/api/clients/{id}/case");
        CaseDocument expected = Samples.Deckhand with
        {
            Schools = new SchoolsSection(),
            Log = [],
            Block = Samples.Block,
            ScreenedOn = found.ScreenedOn,
            EarlierScreens = [],
        };
        string Text(CaseDocument document) =>
            JsonSerializer.Serialize(
                document with
                {
                    Strength =
                    [
                        .. document
                            .Strength!.Select(set => set with { Amrap = set.Amrap ?? false })
                            .OrderBy(set => set.Exercise, StringComparer.Ordinal),
                    ],
                },
                Json.Options
            );
        Assert.Equal(Text(expected), Text(found));
    }
}
