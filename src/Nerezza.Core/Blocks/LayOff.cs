using Nerezza.Core.Clients;

namespace Nerezza.Core.Blocks;

/// <summary>What is left after weeks without training (docs/handbook/12-weeks-and-blocks.md; bosquet-2013).</summary>
/// <param name="Load">Part of the load, 0 to 1.</param>
/// <param name="Sets">Part of the sets, 0 to 1.</param>
public sealed record LayOff(double Load, double Sets)
{
    /// <summary>Nothing was missed, or no log tells.</summary>
    public static LayOff None { get; } = new(1, 1);

    /// <summary>From the last day of training before the start: the last one logged, or the last of a block that still runs.</summary>
    public static LayOff Of(IReadOnlyList<LogDay> log, DateOnly? trainsUntil, DateOnly start)
    {
        DateOnly[] before =
        [
            .. log.Where(day => day.Sets.Count > 0)
                .Select(day => day.Date)
                .Concat(trainsUntil is { } until ? [until] : [])
                .Where(day => day < start),
        ];
        if (before.Length == 0)
            return None;
        int weeks = (start.DayNumber - before.Max().DayNumber) / 7;
        return BlockRules.Shipped.File.LayOff.LastOrDefault(row => weeks >= row.Weeks) is { } row ? new LayOff(row.Load, row.Sets) : None;
    }

    /// <summary>What holds in a week of the block: all of it in the first, half of the load back in the second, nothing after.</summary>
    public LayOff In(int week) =>
        week switch
        {
            1 => this,
            2 => new LayOff(Load + (1 - Load) * BlockRules.Shipped.File.LayOffBack, 1),
            _ => None,
        };
}
