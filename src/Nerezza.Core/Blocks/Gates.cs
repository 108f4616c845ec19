using Nerezza.Core.Catalogue;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Blocks;

/// <summary>Where the sets that are planned would pass the gate of a ladder, the week says so
/// (docs/handbook/12-weeks-and-blocks.md#what-moves-besides-load).</summary>
internal static class Gates
{
    /// <summary>The first exercise of the rung that an item's sets would open, done as planned; null where they open none.</summary>
    /// <param name="massKg">Body mass, of which some gates ask a part.</param>
    public static string? OpenedBy(PrescribedItem item, Exercise exercise, LadderProgress ladders, double massKg) =>
        item.Role is Role.Priming or Role.Skill
            ? null
            : Ladder
                .PlacesOf(exercise.Id)
                .Where(place => place.Rung == ladders.OpenOn(place.Ladder.Id) && place.Rung < place.Ladder.Rungs.Count)
                .Where(place => Passes(item, exercise, place.Ladder.Rungs[place.Rung - 1].Gate, massKg))
                .Select(place => place.Ladder.Rungs[place.Rung].Exercises[0])
                .FirstOrDefault(next => next != exercise.Id);

    private static bool Passes(PrescribedItem item, Exercise exercise, RungGate gate, double massKg) =>
        item.Sets.GroupBy(set => set.Side).All(side => side.Count(set => Counts(set, exercise, gate, massKg)) >= gate.Sets);

    private static bool Counts(PrescribedSet set, Exercise exercise, RungGate gate, double massKg) =>
        set.Reps >= (gate.Reps ?? exercise.Reps.Top)
        && (gate.Rpe is not { } most || set.Rpe <= Rpe.Of(most))
        && (gate.MassPercent is not { } part || set.Load?.Kilograms >= massKg * part / 100);
}
