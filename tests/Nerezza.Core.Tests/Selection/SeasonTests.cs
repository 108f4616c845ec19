using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;
using Nerezza.Core.Tests.Blocks;
using Nerezza.Core.Wording;

namespace Nerezza.Core.Tests.Selection;

/// <summary>The days about hard sport (docs/handbook/09-composition.md#in-season).</summary>
public sealed class SeasonTests
{
    private static readonly Planner Planner = new(ExerciseCatalogue.Shipped, new GreedyChooser(), new GreedyWeekLayout());

    // A hard practice on Tuesday and Thursday, and what stands on Saturday; the most effort of leg work from Monday to Sunday.
    [Theory]
    [InlineData(Weekday.Sat, "7 10 7 8 6 6 6", "the match is Saturday's")]
    [InlineData(null, "7 8 6 6 6 10 10", "nothing is marked: Thursday is the latest hard day")]
    [InlineData(Weekday.Thu, "7 8 6 6 6 10 10", "Thursday's is marked")]
    [InlineData(Weekday.Tue, "6 6 6 10 10 10 8", "Tuesday's is marked, and comes before Thursday's practice")]
    public void The_match_is_the_day_marked_so(Weekday? marked, string expected, string because)
    {
        List<OtherTraining> week = [Practice(Weekday.Tue), Practice(Weekday.Thu)];
        if (marked is { } day)
        {
            week.RemoveAll(other => other.Day == day);
            week.Add(Practice(day) with { IsMatch = true });
        }
        Client client = PlainCase.With(60, [Weekday.Mon], []).Client with { OtherTraining = week };
        var season = new Season(client);
        Assert.True(season.IsOn);
        string found = string.Join(' ', Enum.GetValues<Weekday>().Select(day => season.MostRpe(day).Value));
        Assert.True(expected == found, $"{because}: {found}");
    }

    [Fact]
    public void A_race_that_is_marked_is_a_match_too()
    {
        Client client = PlainCase.With(60, [Weekday.Mon], []).Client;
        OtherTraining run = new(Weekday.Sun, OtherTrainingKind.Run, 60, true);
        Assert.False(new Season(client with { OtherTraining = [run] }).IsOn);
        Assert.True(new Season(client with { OtherTraining = [run with { IsMatch = true }] }).IsOn);
    }

    // Practice on Tuesday and Thursday, the match on Saturday; sessions of 75 minutes.
    [Fact]
    public void Leg_work_near_sport_is_small_in_every_week()
    {
        Block block = InSeason();
        foreach (Session session in block.Weeks.SelectMany(week => week.Sessions))
        {
            double cap = session.Day is Weekday.Fri ? 6 : 7;
            List<PrescribedItem> legs = [.. session.Items.Where(item => !item.Ask.Chosen.Exercise.IsUpper)];
            Assert.NotEmpty(legs);
            Assert.All(
                legs,
                item =>
                {
                    bool isJump = item.Ask.Chosen.Exercise.Pattern is Pattern.Throw;
                    Assert.True(item.SetsASide <= (isJump ? 3 : 2), $"{item.Exercise}: {item.SetsASide} sets on {session.Day}");
                    Assert.True(item.Sets.All(set => set.IsEasy || set.Rpe.Value <= cap), $"{item.Exercise} on {session.Day}");
                }
            );
        }
        // Once a week each, and jumps before the lift that leads, on no eve of the match.
        IReadOnlyList<Session> week = block.Weeks[0].Sessions;
        Assert.Single(week.SelectMany(session => session.Items), item => SlotRules.Shipped.Kinds["adductors"].Contains(item.Exercise));
        Assert.Contains(week, session => session.Items[0].Ask.Chosen.Exercise.Pattern is Pattern.Throw);
        Assert.DoesNotContain(
            week.Single(session => session.Day is Weekday.Fri).Items,
            item => item.Ask.Chosen.Exercise.Pattern is Pattern.Throw
        );
    }

    [Theory]
    [InlineData(Weekday.Fri, "The legs get 2 sets an exercise at RPE 6 at most: the match is on Saturday.")]
    [InlineData(Weekday.Mon, "The legs get 2 sets an exercise at RPE 7 at most: hard training follows on Tuesday.")]
    public void The_lift_that_leads_says_what_sport_leaves(Weekday day, string expected)
    {
        Session session = InSeason().Weeks[0].Sessions.Single(one => one.Day == day);
        PrescribedItem main = session.Items.First(item => item.Ask.Chosen.Purpose is Purpose.Main);
        Assert.EndsWith(expected, new PlanWords(ExerciseCatalogue.Shipped).Because(main), StringComparison.Ordinal);
    }

    // Half an hour: a target press has its turn, and so have a pull and the other leg.
    [Fact]
    public void Half_an_hour_holds_a_pull_beside_a_press_that_is_a_target()
    {
        ClientCase plain = PlainCase.With(30, [Weekday.Mon, Weekday.Wed, Weekday.Fri], []);
        Block block = Planner
            .Make(plain with { Client = plain.Client with { TargetLifts = ["conventional-deadlift", "bench-press"] } })
            .Block!;
        List<Exercise> there = [.. block.Weeks[0].Sessions.SelectMany(one => one.Items).Select(item => item.Ask.Chosen.Exercise)];
        Assert.Equal("bench-press", Assert.Single(there, Region.IsPush).Id);
        Assert.Single(there, Region.IsPull);
    }

    private static Block InSeason()
    {
        ClientCase plain = PlainCase.With(75, [Weekday.Mon, Weekday.Wed, Weekday.Fri], []);
        OtherTraining match = Practice(Weekday.Sat) with { IsMatch = true };
        return Planner
            .Make(plain with { Client = plain.Client with { OtherTraining = [Practice(Weekday.Tue), Practice(Weekday.Thu), match] } })
            .Block!;
    }

    private static OtherTraining Practice(Weekday day) => new(day, OtherTrainingKind.Sport, 90, true);
}
