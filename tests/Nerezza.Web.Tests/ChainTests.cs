using System.Net;
using System.Text.Json;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Screening;
using Nerezza.Core.Screening.Safety;
using Nerezza.Formats;
using Nerezza.Formats.Cases;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Tests;

/// <summary>From a measurement to a finding to the plan, and what a stop does to all of it.</summary>
public sealed class ChainTests(Site site) : IClassFixture<Site>
{
    [Fact]
    public async Task A_screen_is_kept_with_its_date_and_the_newest_is_in_force()
    {
        Caller coach = await site.AsHarbour();
        Guid id = await NewClient(coach);
        Assert.Empty((await coach.Get<FindingsView>($"/api/clients/{id}/findings")).Findings);
        await Keep(coach, id, "2026-10-05", new SidesSection { Left = 4, Right = 12 });
        await Keep(coach, id, "2026-11-16", new SidesSection { Left = 8, Right = 12 });
        ScreensView screens = await coach.Get<ScreensView>($"/api/clients/{id}/screens");
        Assert.Equal([new DateOnly(2026, 11, 16), new DateOnly(2026, 10, 5)], screens.Kept.Select(kept => kept.Date));
        FindingLine ankle = Assert.Single((await coach.Get<FindingsView>($"/api/clients/{id}/findings")).Findings);
        Assert.Equal((FindingCode.AnkleRange, Cause.Range, Side.Left, 1), (ankle.Code, ankle.Cause, ankle.Side, ankle.Severity));
        Assert.Equal("It is closing.", ankle.Going);
        EvidenceLine left = ankle.Evidence[0];
        Assert.Equal(
            (8, 4, new DateOnly(2026, 10, 5), 10, 13),
            (left.Number, left.Before, left.BeforeOn, left.Band!.Adequate, left.Band.Upper)
        );
        Assert.Equal(new DateOnly(2026, 11, 16).AddDays(35), ankle.RetestFrom);
        string screen = $"/api/clients/{id}/screens/2026-11-16?version=";
        Assert.Equal(HttpStatusCode.Conflict, (await coach.Send(HttpMethod.Delete, screen + (screens.Kept[0].Version + 1))).StatusCode);
        Assert.Equal(HttpStatusCode.NoContent, (await coach.Send(HttpMethod.Delete, screen + screens.Kept[0].Version)).StatusCode);
        Assert.Equal(3, Assert.Single((await coach.Get<FindingsView>($"/api/clients/{id}/findings")).Findings).Severity);
    }

    [Fact]
    public async Task Screens_of_other_days_go_out_with_the_case_and_come_in_with_it()
    {
        Caller coach = await site.AsHarbour();
        Guid id = await NewClient(coach);
        await Keep(coach, id, "2026-10-05", new SidesSection { Left = 4, Right = 12 });
        await Keep(coach, id, "2026-11-16", new SidesSection { Left = 4, Right = 12 });
        CaseDocument whole = await coach.Get<CaseDocument>($"/api/clients/{id}/case");
        Guid copy = JsonSerializer.Deserialize<NewId>(await coach.Do(HttpMethod.Post, "/api/clients/import", whole), Json.Options)!.Id;
        Assert.Equal(
            [new DateOnly(2026, 11, 16), new DateOnly(2026, 10, 5)],
            (await coach.Get<ScreensView>($"/api/clients/{copy}/screens")).Kept.Select(kept => kept.Date)
        );
        Assert.Equal(
            "It is where it was before.",
            Assert.Single((await coach.Get<FindingsView>($"/api/clients/{copy}/findings")).Findings).Going
        );
    }

    [Fact]
    public async Task Two_who_screen_at_once_do_not_overwrite_each_other()
    {
        Caller coach = await site.AsHarbour();
        Guid id = await NewClient(coach);
        await Keep(coach, id, "2026-11-16", new SidesSection { Left = 8, Right = 12 });
        HttpResponseMessage blind = await coach.Send(HttpMethod.Put, $"/api/clients/{id}/screens/2026-11-16", Samples.Screen);
        Assert.Equal(HttpStatusCode.Conflict, blind.StatusCode);
        KeptScreen kept = (await coach.Get<ScreensView>($"/api/clients/{id}/screens")).Kept[0];
        Assert.Equal(8, kept.Screen.KneeToWallCm!.Left);
        await coach.Do(HttpMethod.Put, $"/api/clients/{id}/screens/2026-11-16", Samples.Screen with { Version = kept.Version });
        Assert.Equal(7, (await coach.Get<ScreensView>($"/api/clients/{id}/screens")).Kept[0].Screen.KneeToWallCm!.Left);
    }

    [Fact]
    public async Task A_rejected_finding_stays_visible_and_an_added_one_carries_its_reason()
    {
        Caller coach = await site.AsHarbour();
        Guid id = await NewClient(coach);
        await Keep(coach, id, "2026-11-16", new SidesSection { Left = 8, Right = 12 });
        string ankle = $"/api/clients/{id}/findings/ankle-range/capacity";
        HttpResponseMessage wordless = await coach.Send(
            HttpMethod.Put,
            ankle,
            new DecideFinding { Verdict = Verdict.Rejected, Reason = " " }
        );
        Assert.Equal(HttpStatusCode.BadRequest, wordless.StatusCode);
        await coach.Do(HttpMethod.Put, ankle, new DecideFinding { Verdict = Verdict.Rejected, Reason = "measured in boots" });
        await coach.Do(
            HttpMethod.Put,
            $"/api/clients/{id}/findings/grip-weak/strength",
            new DecideFinding
            {
                Verdict = Verdict.Added,
                Reason = "drops the bar at 120",
                Severity = 2,
            }
        );
        FindingsView view = await coach.Get<FindingsView>($"/api/clients/{id}/findings");
        Assert.Equal(
            [(FindingCode.AnkleRange, Verdict.Rejected), (FindingCode.GripWeak, Verdict.Added)],
            view.Findings.Select(line => (line.Code, line.Verdict!.Value))
        );
        Assert.Equal("drops the bar at 120", Assert.Single(view.Findings[1].Evidence).Sentence.Split(": ")[1]);
        await coach.Do(HttpMethod.Delete, ankle);
        Assert.Null((await coach.Get<FindingsView>($"/api/clients/{id}/findings")).Findings[0].Verdict);
        Assert.Equal(
            HttpStatusCode.NotFound,
            (
                await coach.Send(HttpMethod.Put, $"/api/clients/{id}/findings/refer/pain", new DecideFinding { Verdict = Verdict.Accepted })
            ).StatusCode
        );
    }

    [Fact]
    public async Task A_change_upstream_shows_what_a_new_plan_would_change_before_anything_changes()
    {
        Caller coach = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(coach);
        PlanPreview before = await coach.Get<PlanPreview>($"/api/clients/{id}/plans/preview");
        Assert.False(before.OutOfDate);
        Assert.Empty(before.Changes);
        await SaveHealth(
            coach,
            id,
            [],
            [
                new PainSection
                {
                    Region = PainRegion.LowBack,
                    WorseOn = [PainTrigger.Bending],
                    ScoreDuring = 4,
                    UsualScore = 1,
                    Weeks = 2,
                },
            ]
        );
        PlanPreview after = await coach.Get<PlanPreview>($"/api/clients/{id}/plans/preview");
        Assert.True(after.OutOfDate);
        Assert.Contains("New finding: Lower back hurts on bending.", after.Changes);
        Assert.Contains("Conventional deadlift goes out.", after.Changes);
        Assert.Equal(1, (await coach.Get<BlockView>($"/api/clients/{id}/block")).Number);
    }

    [Fact]
    public async Task A_stop_locks_the_plan_the_day_and_the_floor_until_someone_named_clears_it()
    {
        Caller coach = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(coach);
        PainSection back = new()
        {
            Region = PainRegion.LowBack,
            WorseOn = [PainTrigger.Bending],
            ScoreDuring = 2,
            UsualScore = 1,
            Weeks = 2,
        };
        await SaveHealth(coach, id, [HealthFlag.NightPain], [back]);
        FindingsView findings = await coach.Get<FindingsView>($"/api/clients/{id}/findings");
        Assert.Equal((ReferralLevel.Stop, FindingCode.Refer), (findings.Referral!.Level, findings.Findings[0].Code));
        BlockView locked = await coach.Get<BlockView>($"/api/clients/{id}/block");
        Assert.Null(locked.Plan.Block);
        Assert.Empty(locked.Made);
        Assert.Empty((await coach.Get<FloorView>($"/api/clients/{id}/floor?date=2026-11-30")).Items);
        Assert.Equal(HttpStatusCode.Locked, (await coach.Send(HttpMethod.Post, $"/api/clients/{id}/plans", Samples.Block)).StatusCode);
        Assert.DoesNotContain((await site.Caught<DayView>(coach, "/api/day?date=2026-11-30")).Sessions, session => session.ClientId == id);
        Assert.Equal(
            ["No program until the referral is cleared."],
            (await coach.Get<PlanPreview>($"/api/clients/{id}/plans/preview")).Changes.Where(line =>
                line.StartsWith("No program", StringComparison.Ordinal)
            )
        );

        var clearance = new ClearanceSection
        {
            Name = "A. Medico",
            Profession = "physician",
            Date = Site.Today,
            Flags = [HealthFlag.NightPain],
        };
        await SaveHealth(coach, id, [HealthFlag.NightPain], [back], clearance);
        Assert.Null((await coach.Get<HealthView>($"/api/clients/{id}/health")).Referral);
        Assert.NotNull((await coach.Get<BlockView>($"/api/clients/{id}/block")).Plan.Block);
    }

    [Fact]
    public async Task A_clearance_older_than_a_new_answer_is_not_taken()
    {
        Caller coach = await site.AsHarbour();
        Guid id = await NewClient(coach);
        HealthView view = await coach.Get<HealthView>($"/api/clients/{id}/health");
        var old = new ClearanceSection
        {
            Name = "A. Medico",
            Profession = "physician",
            Date = Site.Today.AddDays(-1),
            Flags = [HealthFlag.Heart],
        };
        HttpResponseMessage answer = await coach.Send(
            HttpMethod.Put,
            $"/api/clients/{id}/health",
            new SaveHealth
            {
                Health = new HealthSection { Flags = [HealthFlag.Heart], ClearedBy = old },
                Pain = [],
                Version = view.Version,
            }
        );
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains("health.clearedBy.date", await answer.Content.ReadAsStringAsync(), StringComparison.Ordinal);
        Assert.Null((await coach.Get<HealthView>($"/api/clients/{id}/health")).Health.Flags);
    }

    [Fact]
    public async Task The_protocol_asks_for_every_answer_of_the_screen_and_every_fault()
    {
        ProtocolView protocol = await (await site.AsHarbour()).Get<ProtocolView>("/api/protocol");
        string[] asked = [.. protocol.Steps.SelectMany(step => step.Asks).Select(row => row.Ask.Path).Order(StringComparer.Ordinal)];
        Assert.Equal(Leaves(typeof(ScreenSection), "").Order(StringComparer.Ordinal), asked);
        Assert.All(
            protocol.Steps.SelectMany(step => step.Asks),
            row => Assert.Contains(row.Ask.Kind, new[] { "sides", "number", "truth", "choice", "several" })
        );
        Assert.Equal(
            Enum.GetValues<FaultCode>().Select(Core.Measures.Codes.Of).Order(StringComparer.Ordinal),
            protocol.Faults.Select(fault => fault.Code).Order(StringComparer.Ordinal)
        );
    }

    private static IEnumerable<string> Leaves(Type section, string at) =>
        section
            .GetProperties()
            .Where(property => property.CanWrite)
            .SelectMany(property =>
            {
                string path = at + char.ToLowerInvariant(property.Name[0]) + property.Name[1..];
                bool inner =
                    property.PropertyType.Name.EndsWith("Section", StringComparison.Ordinal)
                    && property.PropertyType != typeof(SidesSection);
                return inner ? Leaves(property.PropertyType, path + ".") : [path];
            });

    private static async Task<Guid> NewClient(Caller coach) =>
        (
            await coach.Ask<NewId>(HttpMethod.Post, "/api/clients", Samples.Deckhand.Client with { Name = $"Screened {Guid.NewGuid():N}" })
        ).Id;

    private static Task Keep(Caller coach, Guid id, string date, SidesSection kneeToWall) =>
        coach.Do(
            HttpMethod.Put,
            $"/api/clients/{id}/screens/{date}",
            new SaveScreen
            {
                Screen = new ScreenSection { KneeToWallCm = kneeToWall },
                Faults = [],
            }
        );

    private static async Task SaveHealth(
        Caller coach,
        Guid id,
        IReadOnlyList<HealthFlag> flags,
        IReadOnlyList<PainSection> pain,
        ClearanceSection? clearedBy = null
    )
    {
        HealthView view = await coach.Get<HealthView>($"/api/clients/{id}/health");
        await coach.Do(
            HttpMethod.Put,
            $"/api/clients/{id}/health",
            new SaveHealth
            {
                Health = new HealthSection { Flags = flags, ClearedBy = clearedBy },
                Pain = pain,
                Version = view.Version,
            }
        );
    }
}
