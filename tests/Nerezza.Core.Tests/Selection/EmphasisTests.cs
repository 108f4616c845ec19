using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Selection;
using Nerezza.Core.Tests.Blocks;

namespace Nerezza.Core.Tests.Selection;

/// <summary>An emphasis is seen in the week: the muscle gets its sets, on every day of its half, each day another exercise
/// (docs/handbook/09-composition.md#9-4-purposes-in-order).</summary>
public sealed class EmphasisTests
{
    private static readonly Planner Planner = new(ExerciseCatalogue.Shipped, new GreedyChooser(), new GreedyWeekLayout());
    private static readonly Weekday[] Four = [Weekday.Mon, Weekday.Tue, Weekday.Thu, Weekday.Fri];
    private static readonly Weekday[] Three = [Weekday.Mon, Weekday.Wed, Weekday.Fri];

    /// <summary>The most that an emphasised muscle which is none of the large ones gets.</summary>
    private const double Full = 14;

    [Theory]
    [InlineData(Muscle.Pecs, 10)]
    [InlineData(Muscle.Lats, 12)]
    [InlineData(Muscle.UpperBack, 12)]
    [InlineData(Muscle.SideDelts, 7)]
    [InlineData(Muscle.RearDelts, 7)]
    [InlineData(Muscle.Biceps, 12)]
    [InlineData(Muscle.Triceps, 8)]
    [InlineData(Muscle.Hamstrings, 12)]
    [InlineData(Muscle.Gastrocnemius, 5)]
    [InlineData(Muscle.GluteusMedius, 6)]
    [InlineData(Muscle.Adductors, 6)]
    public void A_muscle_that_is_emphasised_gets_sets_that_it_would_not_have(Muscle muscle, double atLeast)
    {
        foreach (Weekday[] days in new[] { Four, Three })
        {
            (double plain, double wanted) = (SetsOf(muscle, Case(days)), SetsOf(muscle, Case(days, muscle)));
            Assert.True(wanted >= atLeast && (wanted > plain || wanted >= Full), $"{days.Length} days: {wanted}, without {plain}");
        }
    }

    [Fact]
    public void On_no_day_does_one_exercise_bring_all_of_it()
    {
        ExerciseChoice choice = Planner.Make(Case(Four, Muscle.Pecs, Muscle.Lats)).Selection;
        foreach (Muscle muscle in new[] { Muscle.Pecs, Muscle.Lats })
        {
            List<string> week =
            [
                .. choice
                    .Days.SelectMany(day => day.Lifts)
                    .Where(lift => lift.Exercise.ShareOf(muscle) >= 1)
                    .Select(lift => lift.Exercise.Id),
            ];
            Assert.True(week.Distinct().Count() >= 3, $"{muscle}: {string.Join(", ", week)}");
        }
    }

    private static double SetsOf(Muscle muscle, ClientCase @case) =>
        Planner.Make(@case).Ledger.FirstOrDefault(row => row.Muscle == muscle)?.Weeks[1].Sets ?? 0;

    private static ClientCase Case(IReadOnlyList<Weekday> days, params Muscle[] emphasis)
    {
        ClientCase plain = PlainCase.With(
            70,
            days,
            [
                Implement.Cable,
                Implement.FlyMachine,
                Implement.LegPress,
                Implement.LegCurlSeated,
                Implement.LegCurlLying,
                Implement.HipAbductionMachine,
                Implement.CalfMachineStanding,
                Implement.CalfMachineSeated,
                Implement.RowMachine,
            ]
        );
        return plain with { Client = plain.Client with { Goal = Goal.Muscle, TargetLifts = [], Emphasis = emphasis } };
    }
}
