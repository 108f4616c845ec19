using Nerezza.Core.Blocks;
using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Checks;

/// <summary>Checks each exercise of a session by itself: kit, rung, pain, load, rest, safety alone (docs/handbook/12-weeks-and-blocks.md).
/// Week and day are the caller's.</summary>
internal static class ItemChecks
{
    public static IReadOnlyList<Check> Run(Session session, CheckContext context) =>
        [.. session.Items.SelectMany(item => Of(item, session, context.Catalogue[item.Exercise], context)), .. Minutes(session)];

    private static IEnumerable<Check> Of(PrescribedItem item, Session session, Exercise exercise, CheckContext context)
    {
        if (!exercise.CanBeDoneWith(context.Equipment))
            yield return new Check(CheckCode.EquipmentMissing, CheckSeverity.Stop, Exercise: exercise.Id)
            {
                Other = string.Join(", ", exercise.MissingFrom(context.Equipment).Select(Codes.Of)),
            };
        if (context.Ladders.LockOn(exercise.Id) is not null)
            yield return new Check(CheckCode.RungLocked, CheckSeverity.Warn, Exercise: exercise.Id);
        if (PainChecks.On(item, exercise, context.Caps) is { } pain)
            yield return pain;
        // Accessories find their load by effort; a lift should stand on a max.
        if (item.Role is Role.Main or Role.Second && item.Sets.Any(set => set.Load is null))
            yield return new Check(CheckCode.LoadNotLoadable, CheckSeverity.Info, Exercise: exercise.Id);
        if (Rest(item, session, context) is { } rest)
            yield return rest;
        if (IsUnsafeAlone(item, exercise, context))
            yield return new Check(CheckCode.NoSafeties, CheckSeverity.Stop, Exercise: exercise.Id) { Fix = [Lighter(item, session)] };
    }

    /// <summary>Strength work rests two minutes and more after both sides.</summary>
    private static Check? Rest(PrescribedItem item, Session session, CheckContext context)
    {
        int least = PrescriptionRules.LeastStrengthRest;
        IEnumerable<PrescribedSet> after = item.Sets.Where((set, i) => set.Side is null || i % 2 == 1 || i == item.Sets.Count - 1);
        return StrengthWork.Is(item, context.Catalogue) && after.Any(set => set.Rest.Seconds < least)
            ? new Check(
                CheckCode.StrengthRest,
                CheckSeverity.Warn,
                Exercise: item.Exercise,
                Value: after.Min(set => set.Rest.Seconds),
                Limit: least
            )
            {
                Fix = [new BlockEdit.Write(new CellPlace(0, session.Day, item.Exercise), new CellValues { RestSeconds = least })],
            }
            : null;
    }

    private static bool IsUnsafeAlone(PrescribedItem item, Exercise exercise, CheckContext context) =>
        context.Client.TrainsAlone
        && Safeties.AreMissing(exercise, context.Equipment)
        && item.Sets.Any(set => set.Amrap || set.Rpe.Value >= Safeties.FromRpe);

    private static BlockEdit.Write Lighter(PrescribedItem item, Session session) =>
        new(new CellPlace(0, session.Day, item.Exercise), new CellValues { Rpe = Rpe.Of(Safeties.AloneRpe), Last = LastSet.Alike });

    private static IEnumerable<Check> Minutes(Session session)
    {
        if (session.Minutes > session.MinutesGiven * (1 + CheckRules.Shipped.MinutesOver))
            yield return new Check(CheckCode.SessionTooLong, CheckSeverity.Warn, Value: session.Minutes, Limit: session.MinutesGiven)
            {
                Fix = Shorter(session),
            };
    }

    /// <summary>The last accessory has a set less, or goes where it has one alone.</summary>
    private static IReadOnlyList<BlockEdit> Shorter(Session session)
    {
        if (session.Items.LastOrDefault(item => item.Role is not (Role.Main or Role.Second)) is not { } last)
            return [];
        var place = new CellPlace(0, session.Day, last.Exercise);
        return last.SetsASide > 1
            ? [new BlockEdit.Write(place, new CellValues { Sets = last.SetsASide - 1 })]
            : [new BlockEdit.Remove(place)];
    }
}
