using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Tests;

/// <summary>Sets by hand: a bar of 20 kg, plates to 2.5 kg steps, max 120 kg.</summary>
public sealed class PrescriberTests
{
    private static readonly Equipment Gym = new()
    {
        Bars = [new Bar("bar", Load.FromKilograms(20), Implement.Barbell)],
        Plates = [.. new[] { 25.0, 20, 10, 5, 2.5, 1.25 }.Select(kg => new PlatePairs(Load.FromKilograms(kg), 2, kg >= 20))],
        Dumbbells = [Load.FromKilograms(20), Load.FromKilograms(25)],
    };

    private static WeekTarget Of(int sets, int reps, double rpe, TargetKind kind = TargetKind.Straight) =>
        new()
        {
            Sets = sets,
            Reps = reps,
            Rpe = Rpe.Of(rpe),
            MostFraction = 1,
            MostRpe = Rpe.Ten,
            Kind = kind,
        };

    [Theory]
    [InlineData(4, 5, 8, "5x100@7.5 5x100@8 5x100@8 5x100@8.5")]
    [InlineData(3, 5, 8, "5x100@7.5 5x100@8 5x100@8.5")]
    [InlineData(5, 3, 7, "3x102.5@6.5 3x102.5@6.5 3x102.5@7 3x102.5@7.5 3x102.5@7.5")] // n = 6: 86.1 % of 120 = 103.3
    public void Straight_sets_are_written_with_their_fatigue(int sets, int reps, double rpe, string expected) =>
        Assert.Equal(
            expected,
            Text(
                Prescribe(
                    "back-squat-high-bar",
                    new WeekTarget
                    {
                        Sets = sets,
                        Reps = reps,
                        Rpe = Rpe.Of(rpe),
                        MostFraction = 1,
                        MostRpe = Rpe.Ten,
                        Kind = TargetKind.Straight,
                    }
                )
            )
        );

    [Theory]
    // 76, 84 and 92 % of the top set's 83.3 % of 120: 63.3, 70 and 76.7 % allow 17.4, 12.9 and 9.4
    [InlineData(TargetKind.Ramp, "5x75@1 5x85@2 5x92.5@5.5 5x100@8")]
    [InlineData(TargetKind.Ascending, "5x90@5 5x92.5@6 5x97.5@7 5x100@8")]
    [InlineData(TargetKind.TopAndBackOff, "5x100@8 5x90@5 5x90@5 5x90@5")]
    public void Sets_are_shaped_by_the_school_of_work_sets(TargetKind kind, string expected) =>
        Assert.Equal(
            expected,
            Text(
                Prescribe(
                    "back-squat-high-bar",
                    new WeekTarget
                    {
                        Sets = 4,
                        Reps = 5,
                        Rpe = Rpe.Of(8),
                        MostFraction = 1,
                        MostRpe = Rpe.Ten,
                        Kind = kind,
                    }
                )
            )
        );

    [Theory]
    [InlineData(92.5, 1, 10, "5x92.5@5.5 5x92.5@6 5x92.5@6.5")] // 77.1 % allows 9.25 repetitions
    [InlineData(91.4, 1, 10, "5x92.5@5.5 5x92.5@6 5x92.5@6.5")] // made loadable
    [InlineData(110, 1, 7, "5x97.5@6.5 5x97.5@7 5x97.5@7")] // an effort cap holds for a load that is given
    [InlineData(110, 0.65, 10, "5x77.5@1 5x77.5@1 5x77.5@1")] // so does a cap on load: 65 % of 120 is 78
    public void A_load_that_is_given_is_held_and_effort_follows(double kg, double most, double rpe, string expected) =>
        Assert.Equal(
            expected,
            Text(
                Prescribe(
                    "back-squat-high-bar",
                    new WeekTarget
                    {
                        Sets = 3,
                        Reps = 5,
                        Rpe = Rpe.Ten,
                        MostFraction = most,
                        MostRpe = Rpe.Of(rpe),
                        Kind = TargetKind.Straight,
                        Load = Load.FromKilograms(kg),
                    }
                )
            )
        );

    [Fact]
    public void An_amrap_is_the_last_set_of_each_side_and_a_hold_lasts_its_seconds()
    {
        PrescribedItem item = Prescribe("goblet-split-squat", Of(2, 8, 8) with { Last = LastSet.Amrap }, null);
        Assert.Equal([false, false, true, true], item.Sets.Select(set => set.Amrap));
        Assert.Equal(3 * 30, Prescribe("plank", Of(3, 8, 8) with { Seconds = 30 }, null).Sets.Sum(SessionTime.UnderTension));
        Assert.Equal(8 * 3, SessionTime.UnderTension(item.Sets[0])); // 2-0-X-0: X is one second
    }

    [Fact]
    public void A_max_by_ratio_is_found_by_rising_sets()
    {
        // 5 at RPE 5, 6, 7: n = 10, 9, 8: 75, 77.8, 80.6 % of 120.
        Assert.Equal("5x90@5 5x92.5@6 5x97.5@7", Text(Prescribe("back-squat-high-bar", Of(4, 5, 9, TargetKind.Calibration))));
    }

    [Fact]
    public void Slow_lowering_with_a_long_pause_takes_eight_percent_off()
    {
        // Paused squat, tempo 3-2-X-0: 83.3 % x 0.92 = 76.7 % of 120 = 92.
        PrescribedItem item = Prescribe("paused-back-squat", Of(3, 5, 8));
        Assert.Equal((92.5, "3-2-X-0"), (item.Sets[1].Load!.Value.Kilograms, item.Sets[1].Tempo.ToString()));
        Assert.Equal(76.666667, item.Sets[1].Percent!.Value.Value, 5);
    }

    [Fact]
    public void Dumbbells_come_in_twos_and_no_max_means_effort_alone()
    {
        // Two of 25 = 50 of a max of 68: 73.5 %; 8 at RPE 7 asks for 73.2 %.
        PrescribedItem item = Prescribe("dumbbell-romanian-deadlift", Of(2, 8, 7), 68);
        Assert.Equal((50.0, 25.0, 2), (item.Sets[0].Load!.Value.Kilograms, item.Sets[0].Each!.Value.Kilograms, item.Sets[0].Count!.Value));
        item = Prescribe("dumbbell-romanian-deadlift", Of(2, 8, 7), null);
        Assert.All(item.Sets, set => Assert.True(set is { Load: null, Percent: null }));
    }

    [Fact]
    public void A_session_takes_its_time()
    {
        // 5 general + 60 s set-up + 4 sets of 5 x 3 s (2-0-X-0) + 3 rests of 210 s + warm-ups of 65 s, 90 s above 60 % and 120 s from
        // 85 % of the work load.
        PrescribedItem item = Prescribe("back-squat-high-bar", Of(4, 5, 8));
        double seconds =
            300
            + 60
            + 4 * 5 * 3
            + 3 * 210
            + item.WarmUp.Sum(set =>
                (set.Load.Kilograms / item.Sets[0].Load!.Value.Kilograms) switch
                {
                    >= 0.85 => 120,
                    > 0.6 => 90,
                    _ => 65,
                }
            );
        Assert.Equal((int)Math.Ceiling(seconds / 60), SessionTime.Minutes([item], ExerciseCatalogue.Shipped));
        Assert.Equal((int)Math.Ceiling((2 * seconds - 300 + 120) / 60), SessionTime.Minutes([item, item], ExerciseCatalogue.Shipped));
    }

    [Fact]
    public void The_whole_list_is_loaded_with_the_fewest_changes()
    {
        var prescriber = new Prescriber(new Loader(Gym), 80);
        Exercise squat = ExerciseCatalogue.Shipped["back-squat-high-bar"];
        PrescribedItem item = prescriber.WithPlates(Prescribe("back-squat-high-bar", Of(3, 5, 8)), squat);
        Assert.All(item.Sets, set => Assert.Equal([20, 20], set.PerSide!.Select(plate => plate.Kilograms)));
        Assert.All(
            item.WarmUp,
            set => Assert.Equal(set.Load, set.PerSide!.Aggregate(Load.FromKilograms(20), (sum, plate) => sum + plate * 2))
        );
    }

    private static PrescribedItem Prescribe(string exercise, WeekTarget target, double? max = 120)
    {
        RoleRule main = RoleRule.Of(Role.Main, Aim.Strength, Pattern.Squat);
        return new Prescriber(new Loader(Gym), 80).Prescribe(
            new ItemTarget(Named(exercise), main, new RepRange(3, 8), target),
            max is { } kg
                ? new OneRepMax(exercise, null, kg, 0.05, MaxSource.Measured, new RepCurve(ExerciseCatalogue.Shipped[exercise].Curve))
                : null,
            WarmUpNeed.ColdPattern,
            SidePlan.Even
        );
    }

    private static Chosen Named(string exercise) =>
        new()
        {
            Exercise = ExerciseCatalogue.Shipped[exercise],
            Purpose = Purpose.Main,
            Role = Role.Main,
            Reason = ChosenReason.TargetLift,
            Score = 1,
            Parts = new ScoreParts
            {
                AnswersFinding = 1,
                CarryOver = 1,
                StimulusForFatigue = 1,
                FitsBody = 1,
                Level = 1,
                Freshness = 1,
                SetUp = 1,
                Liking = 1,
            },
            Limits = new Caution.Allowed(Rpe.Ten, 1),
        };

    private static string Text(PrescribedItem item) =>
        string.Join(' ', item.Sets.Select(set => FormattableString.Invariant($"{set.Reps}x{set.Load!.Value.Kilograms}@{set.Rpe.Value}")));
}
