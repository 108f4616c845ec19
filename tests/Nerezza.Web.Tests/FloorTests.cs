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
    private static readonly JsonSerializerOptions Answers = AsAnswered();

    [Fact]
    public async Task What_is_logged_moves_the_next_session()
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        FloorView monday = await Floor(caller, id, Samples.Start),
            friday = await Floor(caller, id, Samples.Start.AddDays(4));
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
        FloorView after = await Floor(caller, id, Samples.Start.AddDays(4));
        Assert.True(after.Items[0].Sets[0].Kg > friday.Items[0].Sets[0].Kg, "The estimate rose, so the next load must.");
        FloorView same = await Floor(caller, id, Samples.Start);
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
    public async Task How_a_client_comes_in_is_kept_for_the_day_and_what_is_said_last_stands()
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        Assert.Null((await Floor(caller, id, Samples.Start)).Readiness);
        NoteReadiness Said(int sore) =>
            new()
            {
                Date = Samples.Start,
                Answers = new ReadinessSection
                {
                    SleepHours = 6,
                    Soreness = new Dictionary<Muscle, int> { [Muscle.Vasti] = sore },
                    Pain = [new PainNowSection { Region = PainRegion.Knee, Score = 3 }],
                    Minutes = 45,
                },
                Taken = sore == 3,
            };
        await Task.WhenAll(Enumerable.Range(0, 4).Select(_ => caller.Do(HttpMethod.Put, $"/api/clients/{id}/readiness", Said(2))));
        await caller.Do(HttpMethod.Put, $"/api/clients/{id}/readiness", Said(3));
        ReadinessView kept = (await Floor(caller, id, Samples.Start)).Readiness!;
        Assert.Equal((true, 6.0, 45), (kept.Taken, kept.Answers.SleepHours, kept.Answers.Minutes));
        Assert.Equal((3, PainRegion.Knee), (kept.Answers.Soreness![Muscle.Vasti], Assert.Single(kept.Answers.Pain!).Region));
        Assert.Null((await Floor(caller, id, Samples.Start.AddDays(4))).Readiness);
        // What changes by it is worked out from what the view says of each exercise.
        FloorItem squat = (await Floor(caller, id, Samples.Start)).Items[0];
        Assert.Contains(Muscle.Vasti, squat.Ready.Trains);
        Assert.Contains(PainRegion.Knee, squat.Ready.CoveredBy);
        HttpResponseMessage wrong = await caller.Send(HttpMethod.Put, $"/api/clients/{id}/readiness", Said(4));
        Assert.Equal(HttpStatusCode.BadRequest, wrong.StatusCode);
        Assert.Contains("answers.soreness", await wrong.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_page_is_answered_by_the_same_rules_what_readiness_changes_and_who_is_next_at_a_bar()
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        FloorView floor = await Floor(caller, id, Samples.Start);
        ReadyWay Way(FloorItem item) =>
            new()
            {
                Name = item.Name,
                Role = item.Role,
                Answers = item.Answers,
                Seconds = item.Seconds,
                Ready = item.Ready,
                Advice = item.Advice,
            };
        var asked = new ReadinessQuestion(
            [.. floor.Items.Select(item => item.Substitutes.Prepend(item).Select(Way).ToList())],
            new ReadinessSection { Soreness = new Dictionary<Muscle, int> { [Muscle.Vasti] = 3 } }
        );
        List<ReadyAnswer> answers = JsonSerializer.Deserialize<List<ReadyAnswer>>(
            ReadinessCall.Answer(JsonSerializer.Serialize(asked, Answers)),
            Answers
        )!;
        FloorItem squat = floor.Items[0];
        Assert.Equal(squat.Sets.Count - 1, answers[0].Sets.Count);
        // The first set is as easy as can be rated already; the second is rated one lower.
        Assert.Equal((squat.Sets[0].Kg, 5), (answers[0].Sets[0].Kg, answers[0].Sets[0].Rpe));
        Assert.True(answers[0].Sets[1].Kg < squat.Sets[1].Kg);
        Assert.Equal(squat.Sets[1].Rpe - 1, answers[0].Sets[1].Rpe);
        Assert.Equal(squat.Sets[1].Asks, answers[0].Sets[1].Asks);
        Assert.Equal("Sore vasti, 3 of 3: 1 set fewer, RPE 1 lower.", answers[0].Text);
        HourLifter At(double kg) => new(Core.Floor.LifterState.Lifting, 0, squat.Bar, kg, null, 0);
        HourAnswer hour = HourCall.Of([At(100), At(60), At(102.5), At(60) with { Bar = null }]);
        Assert.Equal([0, 1, 2, 3], hour.Order);
        SharedBarPart bar = Assert.Single(hour.Bars);
        Assert.Equal(1, bar.Order[0]);
        Assert.True(bar.Changes < bar.ChangesInTurn);
    }

    [Fact]
    public async Task A_session_ends_with_what_it_did_and_what_it_changes_next_time()
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        FloorItem squat = (await Floor(caller, id, Samples.Start)).Items[0];
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
        FloorItem next = (await Floor(caller, id, line.Next.Date)).Items.First(item => item.Exercise == squat.Exercise);
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
        FloorItem squat = (await Floor(caller, id, Samples.Start)).Items[0];
        Assert.Equal(1, squat.Proposal!.Place);
        Assert.True(squat.Proposal.Next!.Kg > squat.Sets[1].Kg);
        await caller.Do(HttpMethod.Post, $"/api/clients/{id}/sets", Samples.Set(place: 1));
        squat = (await Floor(caller, id, Samples.Start)).Items[0];
        Assert.Null(squat.Sets[1].Done!.Rpe);
        Assert.Null(squat.Proposal);
    }

    [Theory]
    [InlineData(5, 5.5, null, null)] // easier
    [InlineData(5, 10, null, null)] // harder
    [InlineData(3, 10, null, null)] // missed
    [InlineData(5, 8, 3, null)] // form
    [InlineData(5, 8, null, 4)] // pain
    [InlineData(5, 8, null, null)] // as planned, or nearly
    public async Task The_page_advises_from_what_it_has_just_as_the_server_does(int reps, double rpe, int? heldTo, int? pain)
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        FloorItem before = (await Floor(caller, id, Samples.Start)).Items[0];
        LogSet set = Samples.Set(rpe: rpe) with { Reps = reps, TechniqueHeldTo = heldTo, Pain = pain };
        await caller.Do(HttpMethod.Post, $"/api/clients/{id}/sets", set);
        FloorItem after = (await Floor(caller, id, Samples.Start)).Items[0];
        // As the page asks it: the basis from before, and the set as it was logged.
        string question = JsonSerializer.Serialize(new { basis = before.Advice, done = new[] { set } }, Answers);
        Assert.Equal(JsonSerializer.Serialize(after.Proposal, Answers), AdviceCall.Answer(question));
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
        FloorItem squat = (await Floor(caller, id, Samples.Start)).Items[0];
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
    public async Task A_stop_locks_the_block_the_floor_and_new_plans_until_it_is_cleared()
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        await SaveHealth(caller, id, new HealthSection { Flags = [HealthFlag.ChestPain] });
        BlockView block = await caller.Get<BlockView>($"/api/clients/{id}/block");
        Assert.Contains("Emergency care today", block.Stop, StringComparison.Ordinal);
        Assert.Null(block.Plan.Block);
        Assert.Empty(block.Made);
        Assert.Empty((await Floor(caller, id, Samples.Start)).Items);
        Assert.Equal(HttpStatusCode.Locked, (await caller.Send(HttpMethod.Post, $"/api/clients/{id}/plans", Samples.Block)).StatusCode);
        Assert.Contains(
            (await caller.Get<DayView>("/api/day?date=2026-11-30")).Decisions,
            decision => decision.ClientId == id && decision.Station is Station.Health
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
        Assert.NotEmpty((await Floor(caller, id, Samples.Start)).Items);
    }

    [Fact]
    public async Task A_warning_sign_on_the_floor_is_a_health_answer_that_only_a_later_clearance_lifts()
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        FloorView before = await Floor(caller, id, Samples.Start);
        WarningSign chest = before.Warnings.Single(one => one.Sign is HealthFlag.ChestPain);
        Assert.Equal(7, before.Warnings.Count);
        var seen = new NoteWarning { Sign = chest.Sign, Date = Samples.Start };
        string path = $"/api/clients/{id}/warnings";
        for (int times = 0; times < 2; times++) // the answer was lost on the way, and it was sent again
            await caller.Do(HttpMethod.Post, path, seen);
        Assert.Equal(chest.Stop, (await Floor(caller, id, Samples.Start)).Stop);
        var clearance = new ClearanceSection
        {
            Name = "Dr Ines Vale",
            Profession = "doctor",
            Date = Samples.Start.AddDays(7),
            Flags = [HealthFlag.ChestPain],
        };
        await SaveHealth(caller, id, new HealthSection { Flags = [HealthFlag.ChestPain], ClearedBy = clearance });
        Assert.Null((await Floor(caller, id, Samples.Start)).Stop);
        await caller.Do(HttpMethod.Post, path, seen); // from a device that was away until now
        Assert.Null((await Floor(caller, id, Samples.Start)).Stop);
        await caller.Do(HttpMethod.Post, path, seen with { Date = Samples.Start.AddDays(8) });
        Assert.Equal(chest.Stop, (await Floor(caller, id, Samples.Start)).Stop);
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

    private static JsonSerializerOptions AsAnswered()
    {
        var options = new JsonSerializerOptions(JsonSerializerDefaults.Web);
        Json.ConfigureAnswers(options);
        return options;
    }

    private static Task<FloorView> Floor(Caller caller, Guid id, DateOnly date) =>
        caller.Get<FloorView>($"/api/clients/{id}/floor?date={date:yyyy-MM-dd}");

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
