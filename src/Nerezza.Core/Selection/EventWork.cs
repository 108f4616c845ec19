using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Selection;

/// <summary>The work of one event session a week, for clients whose goal is events (docs/handbook/12-weeks-and-blocks.md): throws first,
/// then a medley with the implements there are.</summary>
/// <remarks>It takes the place of a heavy hinge and counts as one.</remarks>
public static class EventWork
{
    private static readonly EventsRule Rule = SelectionRules.Shipped.Events;

    /// <summary>The work in the order of the session; empty where events are no goal or the block builds something else.</summary>
    /// <param name="able">What kit and caution allow.</param>
    /// <param name="isTooHeavy">Whether there is no piece light enough to throw.</param>
    public static IReadOnlyList<EventPart> Of(Client client, BlockKind kind, IReadOnlyList<Exercise> able, Func<Exercise, bool> isTooHeavy)
    {
        if (client.Goal is not Goal.Events || kind is not (BlockKind.Strength or BlockKind.Muscle or BlockKind.Peak))
            return [];
        // Without an event by name all of them are prepared for.
        List<EventKind> kinds =
        [
            .. client.Events.Count > 0 ? client.Events.Select(one => one.Kind).Distinct() : Enum.GetValues<EventKind>(),
        ];
        List<EventPart> work = [];
        foreach (EventKind one in Order.Where(kinds.Contains))
        {
            List<Exercise> fits =
            [
                .. Rule.Exercises[Codes.Of(one)].Select(id => able.FirstOrDefault(exercise => exercise.Id == id)).OfType<Exercise>(),
            ];
            bool throws = one is EventKind.LoadedThrow;
            // Nothing to throw at all is answered like nothing that is light enough.
            if (throws && fits.TrueForAll(exercise => isTooHeavy(exercise)))
            {
                if (able.FirstOrDefault(exercise => exercise.Id == Rule.InPlaceOfThrow) is { } swing)
                    work.Add(new EventPart(swing, [], ChosenReason.InPlaceOfThrow));
                continue;
            }
            if (fits.Count == 0)
                continue;
            bool medley = one is EventKind.CarryMedley;
            work.Add(new EventPart(fits[0], medley && fits.Count > 1 ? [.. fits.Take(ImplementsOf(client))] : [], ChosenReason.EventWork));
        }
        return work;
    }

    /// <summary>Throws fresh, then the medley, then picks.</summary>
    private static readonly EventKind[] Order = [EventKind.LoadedThrow, EventKind.CarryMedley, EventKind.FloorPick];

    private static int ImplementsOf(Client client) =>
        client.Level is Level.Advanced ? Rule.MedleyImplementsAdvanced : Rule.MedleyImplements;

    /// <summary>What an event exercise is for: carries by distance, everything else as the lift of the day.</summary>
    public static Role RoleOf(Exercise exercise) => exercise.Pattern is Pattern.Carry ? Role.Carry : Role.Main;
}

/// <summary>One part of an event session.</summary>
/// <param name="Exercise">The exercise; of a medley its first implement.</param>
/// <param name="Medley">The implements of a medley in a row; empty where it is none.</param>
/// <param name="Reason">The event itself, or what stands in its place.</param>
public sealed record EventPart(Exercise Exercise, IReadOnlyList<Exercise> Medley, ChosenReason Reason);
