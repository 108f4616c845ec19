using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;
using Nerezza.Core.Wording;

namespace Nerezza.Core.Tests.Blocks;

/// <summary>A rung whose gate the plan expects is named in the week in which its sets stand.</summary>
public sealed class GatesTests
{
    private static readonly Planner Planner = new(ExerciseCatalogue.Shipped, new GreedyChooser(), new GreedyWeekLayout());

    [Fact]
    public void What_is_named_as_opened_is_the_next_rung_and_its_gate_is_met_by_the_sets()
    {
        int named = 0;
        foreach (Level level in new[] { Level.Novice, Level.Intermediate })
        foreach (int weeks in new[] { 4, 6, 8 })
        {
            ClientCase plain = PlainCase.With(75, [Weekday.Mon, Weekday.Wed, Weekday.Fri], [Implement.Box, Implement.Bands]);
            ClientCase @case = plain with
            {
                Client = plain.Client with { Level = level, TargetLifts = [], Goal = Goal.Muscle },
                Strength = [],
                Block = plain.Block with { Weeks = weeks, Kind = BlockKind.Muscle },
            };
            Plan plan = Planner.Make(@case);
            foreach (PrescribedItem item in plan.Block!.Weeks.SelectMany(week => week.Sessions).SelectMany(session => session.Items))
            {
                if (item.SetUp.Opens is not { } opens)
                    continue;
                named++;
                (Ladder ladder, int rung) = Ladder
                    .PlacesOf(item.Exercise)
                    .First(place => place.Rung < place.Ladder.Rungs.Count && place.Ladder.Rungs[place.Rung].Exercises[0] == opens);
                RungGate gate = ladder.Rungs[rung - 1].Gate;
                int reps = gate.Reps ?? ExerciseCatalogue.Shipped[item.Exercise].Reps.Top;
                Assert.True(item.Sets.Count(set => set.Reps >= reps) >= gate.Sets, $"{item.Exercise} opens {opens}");
                Assert.Contains(
                    ExerciseCatalogue.Shipped[opens].Name.ToLowerInvariant(),
                    FloorWords.Text(item, ExerciseCatalogue.Shipped),
                    StringComparison.Ordinal
                );
            }
        }
        Assert.True(named > 0, "no gate was expected in any of these blocks");
    }
}
