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

    /// <summary>The exercises, in the order of the session; empty where events are no goal or the block builds something else.</summary>
    /// <param name="able">What kit and caution allow.</param>
    public static IReadOnlyList<Exercise> Of(Client client, BlockKind kind, IReadOnlyList<Exercise> able)
    {
        if (client.Goal is not Goal.Events || kind is not (BlockKind.Strength or BlockKind.Muscle or BlockKind.Peak))
            return [];
        // Without an event by name all of them are prepared for.
        IEnumerable<EventKind> kinds =
            client.Events.Count > 0 ? client.Events.Select(one => one.Kind).Distinct() : Enum.GetValues<EventKind>();
        List<Exercise> work = [];
        foreach (EventKind one in kinds.Order())
            work.AddRange(
                Rule.Exercises[Codes.Of(one)]
                    .Select(id => able.FirstOrDefault(exercise => exercise.Id == id))
                    .OfType<Exercise>()
                    .Except(work)
                    .Take(one is EventKind.CarryMedley ? Rule.MedleyImplements : 1)
            );
        return work;
    }

    /// <summary>What an event exercise is for: carries by distance, everything else as the lift of the day.</summary>
    public static Role RoleOf(Exercise exercise) => exercise.Pattern is Pattern.Carry ? Role.Carry : Role.Main;
}
