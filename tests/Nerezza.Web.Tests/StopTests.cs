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

/// <summary>What stops a client, and what lifts it again.</summary>
public sealed class StopTests(Site site) : IClassFixture<Site>
{
    [Fact]
    public async Task A_stop_locks_the_block_the_floor_and_new_plans_until_it_is_cleared()
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        await SaveHealth(caller, id, new HealthSection { Flags = [HealthFlag.ChestPain] });
        BlockView block = await caller.Get<BlockView>($"/api/clients/{id}/block");
        Assert.Contains("Emergency care today", block.Stop, StringComparison.Ordinal);
        Assert.Null(block.Plan.Block);
        Assert.Empty(block.Made);
        Assert.Empty((await Samples.Floor(caller, id, Samples.Start)).Items);
        Assert.Equal(HttpStatusCode.Locked, (await caller.Send(HttpMethod.Post, $"/api/clients/{id}/plans", Samples.Block)).StatusCode);
        Assert.Contains(
            (await site.Caught<DayView>(caller, "/api/day?date=2026-11-30")).Decisions,
            decision => decision.ClientId == id && decision.Line.Opens == "health"
        );
        await SaveHealth(
            caller,
            id,
            new HealthSection
            {
                Flags = [HealthFlag.ChestPain],
                ClearedBy = new ClearanceSection
                {
                    Name = "A. Doctor",
                    Profession = "physician",
                    Date = Samples.Start,
                    Flags = [HealthFlag.ChestPain],
                },
            }
        );
        Assert.NotEmpty((await Samples.Floor(caller, id, Samples.Start)).Items);
    }

    [Fact]
    public async Task A_warning_sign_on_the_floor_is_a_health_answer_that_only_a_later_clearance_lifts()
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        FloorView before = await Samples.Floor(caller, id, Samples.Start);
        WarningSign chest = before.Warnings.Single(one => one.Sign is HealthFlag.ChestPain);
        Assert.Equal(7, before.Warnings.Count);
        var seen = new NoteWarning { Sign = chest.Sign, Date = Samples.Start };
        string path = $"/api/clients/{id}/warnings";
        for (int times = 0; times < 2; times++) // the answer was lost on the way, and it was sent again
            await caller.Do(HttpMethod.Post, path, seen);
        Assert.Equal(chest.Stop, (await Samples.Floor(caller, id, Samples.Start)).Stop);
        var clearance = new ClearanceSection
        {
            Name = "Dr Ines Vale",
            Profession = "doctor",
            Date = Samples.Start.AddDays(7),
            Flags = [HealthFlag.ChestPain],
        };
        await SaveHealth(caller, id, new HealthSection { Flags = [HealthFlag.ChestPain], ClearedBy = clearance });
        Assert.Null((await Samples.Floor(caller, id, Samples.Start)).Stop);
        await caller.Do(HttpMethod.Post, path, seen); // from a device that was away until now
        Assert.Null((await Samples.Floor(caller, id, Samples.Start)).Stop);
        await caller.Do(HttpMethod.Post, path, seen with { Date = Samples.Start.AddDays(8) });
        Assert.Equal(chest.Stop, (await Samples.Floor(caller, id, Samples.Start)).Stop);
        Assert.Equal(
            HttpStatusCode.BadRequest,
            (await caller.Send(HttpMethod.Post, path, seen with { Sign = HealthFlag.Hernia })).StatusCode
        );
    }

    [Fact]
    public async Task A_changed_answer_marks_the_plan_out_of_date_and_an_old_version_is_not_saved()
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        IntakeView intake = await caller.Get<IntakeView>($"/api/clients/{id}/intake");
        var save = new SaveFacts
        {
            Facts = intake.Facts with { MassKg = 82 },
            Schools = intake.Schools,
            Version = intake.FactsVersion,
        };
        Assert.False((await caller.Get<BlockView>($"/api/clients/{id}/block")).OutOfDate);
        await caller.Do(HttpMethod.Put, $"/api/clients/{id}/facts", save);
        Assert.True((await caller.Get<BlockView>($"/api/clients/{id}/block")).OutOfDate);
        HttpResponseMessage late = await caller.Send(
            HttpMethod.Put,
            $"/api/clients/{id}/facts",
            save with
            {
                Facts = intake.Facts with { MassKg = 99 },
            }
        );
        Assert.Equal(HttpStatusCode.Conflict, late.StatusCode);
        Assert.Equal(82, (await caller.Get<IntakeView>($"/api/clients/{id}/intake")).Facts.MassKg);
    }

    private static async Task SaveHealth(Caller caller, Guid id, HealthSection health)
    {
        IntakeView intake = await caller.Get<IntakeView>($"/api/clients/{id}/intake");
        await caller.Do(
            HttpMethod.Put,
            $"/api/clients/{id}/facts",
            new SaveFacts
            {
                Facts = intake.Facts with { Health = health },
                Schools = intake.Schools,
                Version = intake.FactsVersion,
            }
        );
    }
}
