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

/// <summary>What the page works out for itself on the floor is what the server says, and what is said there is kept.</summary>
public sealed class FloorPageTests(Site site) : IClassFixture<Site>
{
    private static readonly JsonSerializerOptions Answers = AsAnswered();

    [Fact]
    public async Task How_a_client_comes_in_is_kept_for_the_day_and_what_is_said_last_stands()
    {
        Caller caller = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(caller);
        Assert.Null((await Samples.Floor(caller, id, Samples.Start)).Readiness);
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
        ReadinessView kept = (await Samples.Floor(caller, id, Samples.Start)).Readiness!;
        Assert.Equal((true, 6.0, 45), (kept.Taken, kept.Answers.SleepHours, kept.Answers.Minutes));
        Assert.Equal((3, PainRegion.Knee), (kept.Answers.Soreness![Muscle.Vasti], Assert.Single(kept.Answers.Pain!).Region));
        Assert.Null((await Samples.Floor(caller, id, Samples.Start.AddDays(4))).Readiness);
        // What changes by it is worked out from what the view says of each exercise.
        FloorItem squat = (await Samples.Floor(caller, id, Samples.Start)).Items[0];
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
        FloorView floor = await Samples.Floor(caller, id, Samples.Start);
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
        // What is made lighter is not pushed on by the advice; the rest of the day is.
        Assert.All(answers, answer => Assert.Equal(answer.Text.Length == 0, answer.MayGoOn));
        HourLifter At(double kg) => new(Core.Floor.LifterState.Lifting, 0, squat.Bar, kg, null, 0);
        HourAnswer hour = HourCall.Of([At(100), At(60), At(102.5), At(60) with { Bar = null }]);
        Assert.Equal([0, 1, 2, 3], hour.Order);
        SharedBarPart bar = Assert.Single(hour.Bars);
        Assert.Equal(1, bar.Order[0]);
        Assert.True(bar.Changes < bar.ChangesInTurn);
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
        FloorItem before = (await Samples.Floor(caller, id, Samples.Start)).Items[0];
        LogSet set = Samples.Set(rpe: rpe) with { Reps = reps, TechniqueHeldTo = heldTo, Pain = pain };
        await caller.Do(HttpMethod.Post, $"/api/clients/{id}/sets", set);
        FloorItem after = (await Samples.Floor(caller, id, Samples.Start)).Items[0];
        // As the page asks it: the basis from before, and the set as it was logged.
        string question = JsonSerializer.Serialize(new { basis = before.Advice, done = new[] { set } }, Answers);
        Assert.Equal(JsonSerializer.Serialize(after.Proposal, Answers), AdviceCall.Answer(question));
    }

    private static JsonSerializerOptions AsAnswered()
    {
        var options = new JsonSerializerOptions(JsonSerializerDefaults.Web);
        Json.ConfigureAnswers(options);
        return options;
    }
}
