using System.Globalization;
using CsCheck;
using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;
using Nerezza.Core.Review;
using Nerezza.Core.Screening;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Tests.Review;

/// <summary>When a lift stalls, and what is tried in which order (docs/handbook/14-review.md).</summary>
public sealed class StallTests
{
    private static readonly StoodItem Squat = Told.Planned("back-squat-high-bar", Role.Main, 5, 8, 3);

    [Theory]
    [InlineData("100 100 100 100 100 100", "9 9 9 9.5 9.5 9.5", true, "flat, and harder than asked")]
    [InlineData("100 102.5 105 107.5 110 112.5", "8 8 8 8 8 8", false, "it goes on")]
    [InlineData("100 100 100 100 100 100", "8 8 8 8 8 8", false, "flat, as hard as asked")]
    [InlineData("100 100", "9.5 9.5", false, "too few sessions")]
    [InlineData("110 110 105 100 95 90", "8 8 8.5 9 9.5 10", true, "far under its best")]
    public void A_stall_is_flat_and_hard_or_far_under_its_best(string loads, string ratings, bool stalls, string because)
    {
        IReadOnlyList<Stall> found = Told.Reviewer.Of(Stalling(loads, ratings)).Stalls;
        Assert.True(stalls == found.Count > 0, because);
        if (stalls)
            Assert.Equal(StallStep.CheckRecovery, found[0].Next);
    }

    [Fact]
    public void A_first_guess_that_is_put_right_is_no_stall()
    {
        // Entered as 120 kg and rated harder from the first day on: the max falls to what it is.
        LogDay[] log = [.. Enumerable.Range(0, 5).Select(i => Told.Squats(i / 2 * 7 + i % 2 * 3, 100, 9.5))];
        ClientCase @case = Told.Case(log) with
        {
            Strength =
            [
                new StrengthEntry
                {
                    Exercise = "back-squat-high-bar",
                    Load = Load.FromKilograms(115),
                    Reps = 5,
                    Rpe = Rpe.Of(9),
                    Side = null,
                    Date = Told.Monday.AddDays(-7),
                    Amrap = false,
                },
            ],
        };
        Assert.Empty(Told.Reviewer.Of(Told.Input(@case, 15, Told.Block(1, 0, Squat))).Stalls);
    }

    [Fact]
    public void Steps_come_in_their_order_one_at_a_time_and_each_names_the_one_before()
    {
        const string loads = "100 100 100 100 100 100 100 100";
        const string ratings = "9 9 9 9 9.5 9.5 9.5 9.5";
        ReviewInput input = Stalling(loads, ratings);
        Stall? After(params StepTaken[] steps) => Told.Reviewer.Of(input with { Steps = steps }).Stalls.SingleOrDefault();
        StepTaken Took(StallStep step, int day) => new("back-squat-high-bar", step, Told.Monday.AddDays(day));
        // Looking leaves the next step open at once; every other has two weeks and three sessions.
        Assert.Equal(StallStep.Deload, After(Took(StallStep.CheckRecovery, 20))!.Next);
        Assert.Null(After(Took(StallStep.Deload, 20))!.Next);
        Assert.Equal(StallStep.RepRange, After(Took(StallStep.Deload, 4))!.Next);
        Assert.Equal(StallStep.Variation, After(Took(StallStep.Deload, 1), Took(StallStep.RepRange, 4))!.Next);
        Assert.Equal(StallStep.Accessory, After(Took(StallStep.Variation, 4))!.Next);
        Assert.Equal(StallStep.CheckRecovery, After(Took(StallStep.Accessory, 4))!.Next);
        StepOutcome before = After(Took(StallStep.Deload, 4))!.Before!;
        Assert.Equal((StallStep.Deload, Told.Monday.AddDays(4)), (before.Step, before.On));
        Assert.NotNull(before.Change);
    }

    [Fact]
    public void A_lay_off_and_a_deload_are_no_stall()
    {
        // Four weeks away, then lighter: under its best, and not stalled.
        ClientCase away = Told.Case(
            Told.Squats(0, 110, 8),
            Told.Squats(3, 110, 8),
            Told.Squats(31, 90, 8),
            Told.Squats(34, 90, 8),
            Told.Squats(38, 92.5, 8)
        );
        Assert.Empty(Told.Reviewer.Of(Told.Input(away, 39, Told.Block(1, 0, Squat), Told.Block(2, 28, Squat))).Stalls);
        // The week of rest is lighter and easier: it says nothing of the max.
        ClientCase rest = Told.Case(
            Told.Squats(0, 105, 8),
            Told.Squats(7, 107.5, 8),
            Told.Squats(14, 110, 8),
            Told.Squats(21, 80, 9.5),
            Told.Squats(24, 80, 9.5)
        );
        Assert.Empty(Told.Reviewer.Of(Told.Input(rest, 25, Told.Block(1, 0, Squat))).Stalls);
    }

    [Fact]
    public void A_week_of_rest_of_a_lift_that_is_trained_once_a_week_is_no_lay_off()
    {
        IEnumerable<LogDay> before = Enumerable.Range(1, 6).Reverse().Select(week => Told.Squats(-7 * week, 110, 8));
        ClientCase falling = Told.Case([
            .. before,
            Told.Squats(0, 110, 9),
            Told.Squats(7, 107.5, 9.5),
            Told.Squats(14, 105, 9.5),
            Told.Squats(21, 80, 6),
            Told.Squats(28, 100, 9.5),
        ]);
        Stall found = Assert.Single(Told.Reviewer.Of(Told.Input(falling, 29, Told.Block(1, 0, Squat), Told.Block(2, 28, Squat))).Stalls);
        Assert.True(found.UnderBest > 0.03, $"{found}");
    }

    private static ReviewInput Stalling(string loads, string ratings)
    {
        double[] kg = [.. loads.Split(' ').Select(one => double.Parse(one, System.Globalization.CultureInfo.InvariantCulture))];
        double[] rpe = [.. ratings.Split(' ').Select(one => double.Parse(one, System.Globalization.CultureInfo.InvariantCulture))];
        // Long before, so that the max is known well.
        IEnumerable<LogDay> before = Enumerable.Range(0, 8).Select(i => Told.Squats(-47 + 3 * i, kg[0], 8));
        LogDay[] log = [.. before, .. kg.Select((load, i) => Told.Squats(i / 2 * 7 + i % 2 * 3, load, rpe[i]))];
        StoodBlock block = Told.Block(1, 0, Squat);
        // Weeks of work throughout.
        block = block with
        {
            Weeks = [.. block.Weeks.Select(week => week with { Kind = Core.Blocks.WeekKind.Load })],
        };
        return Told.Input(Told.Case(log), (kg.Length - 1) / 2 * 7 + 4, block);
    }
}
