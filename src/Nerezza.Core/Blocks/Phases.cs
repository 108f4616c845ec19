using Nerezza.Core.Clients;

namespace Nerezza.Core.Blocks;

/// <summary>The weeks of a block with an event inside it: load, perhaps a deload, peak, the event's own week, then a deload and load again
/// (docs/handbook/12-weeks-and-blocks.md#one-block-may-hold-phases).</summary>
internal static class Phases
{
    /// <summary>The kinds of block that divide round an event; the others keep their course.</summary>
    public static bool MayHold(BlockKind kind) => kind is BlockKind.Strength or BlockKind.Muscle or BlockKind.Peak;

    /// <summary>The weeks round the event's.</summary>
    /// <param name="on">The event, inside the block.</param>
    /// <param name="longest">Weeks from deload to deload.</param>
    public static IReadOnlyList<WeekShape> Round(DateOnly on, BlockRequest request, BlockKind kind, Client client, int longest)
    {
        PhaseRule rule = BlockRules.Shipped.File.Phases;
        (int week, int day) = Math.DivRem(on.DayNumber - request.Start.DayNumber, 7);
        int peak = IsShort(client) ? rule.PeakWeeksShort : rule.PeakWeeks;
        // An event late in its week has that week for its last peak week.
        int before = kind is BlockKind.Peak ? week : Math.Min(week, day >= rule.LateInWeekFromDay ? peak - 1 : peak);
        int loads = week - before,
            after = request.Weeks - week - 1;
        List<WeekShape> weeks = [.. loads > rule.LoadWeeksToRest ? WeekShape.Waves(loads, longest) : WeekShape.Alike(loads, WeekKind.Load)];
        weeks.AddRange(WeekShape.Alike(before, WeekKind.Peak).Select(shape => shape with { Loads = before + 1 }));
        weeks.Add(new WeekShape(0, WeekKind.Event, before, before + 1));
        if (after > 0)
            weeks.AddRange([new WeekShape(0, WeekKind.Deload, 0, 1), .. WeekShape.Waves(after - 1, longest)]);
        return [.. weeks.Select((shape, i) => shape with { Number = i + 1 })];
    }

    /// <summary>Novices, and intermediates with few years, need no more than a week.</summary>
    private static bool IsShort(Client client) =>
        client.Level is Level.Novice
        || (client.Level is Level.Intermediate && client.TrainingYears < BlockRules.Shipped.File.Phases.ShortUnderYears);
}
