using System.Net;
using Nerezza.Core;
using Nerezza.Core.Clients;
using Nerezza.Formats.Plans;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Tests;

/// <summary>Editing a block over the wire: tried, kept as a version, gone back from, copied; never another coach's, never over a newer
/// version.</summary>
public sealed class BlockEditTests(Site site) : IClassFixture<Site>
{
    [Fact]
    public async Task An_edit_is_tried_without_a_trace_kept_as_a_version_and_gone_back_from()
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        BlockView before = await Samples.BlockOn(caller, id);
        EditSection edit = FirstLift(before) with { Reps = 3 };

        DraftView draft = await caller.Ask<DraftView>(
            HttpMethod.Post,
            $"/api/clients/{id}/block/preview",
            new EditBlock { Number = before.Number, Edits = [edit] }
        );
        Assert.Equal(3, Item(draft.Block!, edit).Sets[0].Reps);
        Assert.NotEqual(Item(before, edit).Sets[0].Kg, Item(draft.Block!, edit).Sets[0].Kg);
        Assert.Contains(draft.Cells, cell => cell.Exercise == edit.Exercise && cell.Pinned.Contains("reps"));
        Assert.Equal(before.Number, (await Samples.BlockOn(caller, id)).Number);

        await caller.Do(HttpMethod.Put, $"/api/clients/{id}/block/edits", new EditBlock { Number = before.Number, Edits = [edit] });
        BlockView kept = await Samples.BlockOn(caller, id);
        Assert.Equal((before.Number + 1, 3), (kept.Number, Item(kept, edit).Sets[0].Reps));
        VersionDifference difference = await caller.Get<VersionDifference>($"/api/clients/{id}/block/versions/{before.Number}/difference");
        Assert.NotEmpty(difference.Changes);

        await caller.Do(HttpMethod.Post, $"/api/clients/{id}/block/versions/{before.Number}/restoration", new { });
        BlockView back = await Samples.BlockOn(caller, id);
        Assert.Equal((before.Number + 2, Item(before, edit).Sets[0].Kg), (back.Number, Item(back, edit).Sets[0].Kg));
        Assert.Equal(
            [back.Number, kept.Number, before.Number],
            (await caller.Get<List<VersionLine>>($"/api/clients/{id}/block/versions")).Take(3).Select(line => line.Number)
        );
    }

    [Fact]
    public async Task Planning_the_same_weeks_again_keeps_what_was_changed_by_hand_and_another_start_does_not()
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        BlockView before = await Samples.BlockOn(caller, id);
        EditSection edit = FirstLift(before) with { Sets = 5 };
        await caller.Do(HttpMethod.Put, $"/api/clients/{id}/block/edits", new EditBlock { Number = before.Number, Edits = [edit] });
        DateOnly start = before.Plan.Block!.Start;
        await caller.Do(
            HttpMethod.Post,
            $"/api/clients/{id}/plans",
            new PlanRequest
            {
                Start = start,
                Weeks = 4,
                Kind = BlockKind.Strength,
            }
        );
        Assert.Equal(5, Item(await Samples.BlockOn(caller, id), edit).Sets.Count);
        await caller.Do(
            HttpMethod.Post,
            $"/api/clients/{id}/plans",
            new PlanRequest
            {
                Start = start.AddDays(28),
                Weeks = 4,
                Kind = BlockKind.Strength,
            }
        );
        Assert.Empty((await Samples.BlockOn(caller, id, start.AddDays(28))).Edits);
        await caller.Do(
            HttpMethod.Post,
            $"/api/clients/{id}/plans",
            new PlanRequest
            {
                Start = start,
                Weeks = 3,
                Base = BlockBase.Empty,
            }
        );
        BlockView empty = await Samples.BlockOn(caller, id);
        Assert.Equal((3, 0), (empty.Plan.Block!.Weeks.Count, empty.Plan.Block.Weeks.Sum(week => week.Sessions.Count)));
    }

    [Fact]
    public async Task A_version_that_is_not_the_newest_is_not_written_over()
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        BlockView before = await Samples.BlockOn(caller, id);
        EditBlock edits = new() { Number = before.Number, Edits = [FirstLift(before) with { Reps = 4 }] };
        await caller.Do(HttpMethod.Put, $"/api/clients/{id}/block/edits", edits);
        Assert.Equal(HttpStatusCode.Conflict, (await caller.Send(HttpMethod.Put, $"/api/clients/{id}/block/edits", edits)).StatusCode);
        Assert.Equal(before.Number + 1, (await Samples.BlockOn(caller, id)).Number);
    }

    [Theory]
    [InlineData("""{"kind":"write","week":1,"day":"mon"}""", "edits[0].exercise")]
    [InlineData("""{"kind":"write","week":1,"day":"mon","exercise":"front-squat","percent":300}""", "not between 10 and 110")]
    [InlineData("""{"kind":"write","week":1,"day":"mon","exercise":"front-squat","tempo":"slow"}""", "edits[0].tempo")]
    [InlineData("""{"kind":"move-session","week":1,"day":"mon"}""", "edits[0].toDay")]
    [InlineData("""{"kind":"add","week":13,"day":"mon","exercise":"front-squat","role":"main"}""", "not between 1 and 12")]
    [InlineData("""{"kind":"add","week":1,"day":"mon","exercise":"front-squad","role":"main"}""", "front-squat")]
    public async Task An_edit_that_cannot_be_read_names_its_field(string edit, string said)
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        HttpResponseMessage refused = await caller.Send(
            HttpMethod.Post,
            $"/api/clients/{id}/block/preview",
            System.Text.Json.Nodes.JsonNode.Parse($$"""{"number":1,"edits":[{{edit}}]}""")!
        );
        Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
        Assert.Contains(said, await refused.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_block_is_copied_with_the_other_clients_loads_and_says_what_stays_behind()
    {
        Caller caller = await site.AsHarbour();
        (Guid from, Guid to) = (await Samples.ClientWithBlock(caller), await Samples.ClientWithBlock(caller));
        IntakeView intake = await caller.Get<IntakeView>($"/api/clients/{to}/intake");
        await caller.Do(
            HttpMethod.Put,
            $"/api/clients/{to}/equipment",
            new
            {
                equipment = new { items = new[] { "kettlebells", "bands", "bench" }, kettlebellsKg = new[] { 16, 16 } },
                version = intake.EquipmentVersion,
            }
        );
        CopyResult copied = await caller.Ask<CopyResult>(
            HttpMethod.Post,
            $"/api/clients/{from}/block/copies",
            new
            {
                toClient = to,
                number = 1,
                start = "2026-12-07",
            }
        );
        Assert.Equal(to, copied.ClientId);
        Assert.Contains(copied.Left, line => line.Contains("not there", StringComparison.Ordinal));
        BlockView block = await Samples.BlockOn(caller, to, new DateOnly(2026, 12, 7));
        Assert.Equal((BlockBase.Empty, new DateOnly(2026, 12, 7)), (block.Base, block.Plan.Block!.Start));
        Assert.All(
            block.Plan.Block.Weeks.SelectMany(week => week.Sessions).SelectMany(session => session.Items),
            item => Assert.DoesNotContain("barbell", item.Exercise, StringComparison.Ordinal)
        );
    }

    private static EditSection FirstLift(BlockView view)
    {
        SessionPart first = view.Plan.Block!.Weeks[0].Sessions[0];
        return new EditSection
        {
            Kind = EditKind.Write,
            Week = 1,
            Day = first.Day,
            Exercise = first.Items.First(item => item.Sets[0].Kg is not null).Exercise,
        };
    }

    private static ItemPart Item(BlockView view, EditSection at) => Item(view.Plan.Block!, at);

    private static ItemPart Item(BlockPart block, EditSection at) =>
        block.Weeks[at.Week - 1].Sessions.First(session => session.Day == at.Day).Items.First(item => item.Exercise == at.Exercise);
}
