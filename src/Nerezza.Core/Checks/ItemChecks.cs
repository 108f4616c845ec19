using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Checks;

/// <summary>Checks each exercise of a session by itself: kit, rung, pain, load, rest, safety alone
/// (docs/handbook/12-weeks-and-blocks.md).</summary>
internal static class ItemChecks
{
    public static IEnumerable<Check> Items(SessionInWeek at, CheckContext context) =>
        at.Session.Items.SelectMany(item => Of(item, at, context.Catalogue[item.Exercise], context));

    private static IEnumerable<Check> Of(PrescribedItem item, SessionInWeek at, Exercise exercise, CheckContext context)
    {
        Equipment kit = context.EquipmentOn(at.Session.Day);
        if (!exercise.CanBeDoneWith(kit))
            yield return new Check.EquipmentMissing(exercise.Id, [.. exercise.MissingFrom(kit)]) { At = at.Place };
        if (context.Ladders.LockOn(exercise.Id) is not null && !SelectionRules.Shipped.AlwaysOpen.Contains(exercise.Id))
            yield return new Check.RungLocked(exercise.Id) { At = at.Place };
        if (PainChecks.On(item, exercise, context.Caps) is { } pain)
            yield return pain with
            {
                At = at.Place,
            };
        // Accessories find their load by effort; a lift should stand on a max.
        if (item.Role is Role.Main or Role.Second && item.Sets.Any(set => set.Load is null))
            yield return new Check.LoadNotLoadable(exercise.Id) { At = at.Place };
        if (Rest(item, at, context) is { } rest)
            yield return rest;
        if (IsUnsafeAlone(item, exercise, kit, context))
            yield return new Check.NoSafeties(exercise.Id) { At = at.Place, Fix = [Lighter(at.Cell(exercise.Id))] };
    }

    /// <summary>Strength work rests two minutes and more after both sides.</summary>
    private static Check.StrengthRest? Rest(PrescribedItem item, SessionInWeek at, CheckContext context)
    {
        int least = PrescriptionRules.LeastStrengthRest;
        IEnumerable<PrescribedSet> after = item.Sets.Where((set, i) => set.Side is null || i % 2 == 1 || i == item.Sets.Count - 1);
        return StrengthWork.Is(item, context.Catalogue) && after.Any(set => set.Rest.Seconds < least)
            ? new Check.StrengthRest(item.Exercise, after.Min(set => set.Rest.Seconds), least)
            {
                At = at.Place,
                Fix = [new BlockEdit.Write(at.Cell(item.Exercise), new CellValues { RestSeconds = least })],
            }
            : null;
    }

    private static bool IsUnsafeAlone(PrescribedItem item, Exercise exercise, Equipment kit, CheckContext context) =>
        context.Client.TrainsAlone
        && Safeties.AreMissing(exercise, kit)
        && item.Sets.Any(set => set.Amrap || set.Rpe.Value >= Safeties.FromRpe);

    private static BlockEdit.Write Lighter(CellPlace cell) =>
        new(cell, new CellValues { Rpe = Rpe.Of(Safeties.AloneRpe), Last = LastSet.Alike });

    public static IEnumerable<Check> Minutes(SessionInWeek at, CheckContext context)
    {
        if (at.Session.Minutes > at.Session.MinutesGiven * (1 + CheckRules.Shipped.MinutesOver))
            yield return new Check.SessionTooLong(at.Session.Minutes, at.Session.MinutesGiven) { At = at.Place, Fix = Shorter(at) };
    }

    /// <summary>The last accessory has a set less, or goes where it has one alone.</summary>
    private static IReadOnlyList<BlockEdit> Shorter(SessionInWeek at)
    {
        if (at.Session.Items.LastOrDefault(item => item.Role is not (Role.Main or Role.Second)) is not { } last)
            return [];
        CellPlace place = at.Cell(last.Exercise);
        return last.SetsASide > 1
            ? [new BlockEdit.Write(place, new CellValues { Sets = last.SetsASide - 1 })]
            : [new BlockEdit.Remove(place)];
    }
}
