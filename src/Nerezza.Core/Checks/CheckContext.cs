using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Checks;

/// <summary>What the checks know besides the block.</summary>
public sealed record CheckContext
{
    /// <summary>The client.</summary>
    public required Client Client { get; init; }

    /// <summary>The kit of a day of the week.</summary>
    public required Func<Weekday, Equipment> EquipmentOn { get; init; }

    /// <summary>The exercises.</summary>
    public required ExerciseCatalogue Catalogue { get; init; }

    /// <summary>What pain and health allow.</summary>
    public required TrainingCaps Caps { get; init; }

    /// <summary>Which rungs are open.</summary>
    public required LadderProgress Ladders { get; init; }

    /// <summary>Hard sets a week by muscle.</summary>
    public required WeeklySets Limits { get; init; }

    /// <summary>The school of counting.</summary>
    public required SetCounting Counting { get; init; }

    /// <summary>What the client does now, hard sets a week by muscle; null without a log.</summary>
    public required IReadOnlyDictionary<Muscle, double>? Now { get; init; }

    /// <summary>The loads lifted last before the block.</summary>
    public required LastLoads Last { get; init; }

    /// <summary>The next load up that can be made of an exercise; null at the top.</summary>
    public required Func<Exercise, Load, Load?> NextAbove { get; init; }

    /// <summary>What of the body the block trains.</summary>
    public BlockFocus Focus { get; init; } = BlockFocus.Whole;

    /// <summary>The findings that the plan as made answers.</summary>
    public IReadOnlyList<Finding> Answered { get; init; } = [];

    /// <summary>Remarks on the plan as made that its rules leave no mend for, without their fixes.</summary>
    public IReadOnlyList<Check> Left { get; init; } = [];
}

/// <summary>The heaviest load of each exercise in the weeks before a block.</summary>
public sealed class LastLoads
{
    private readonly Dictionary<string, Load> _loads = [];

    /// <summary>From the log.</summary>
    public static LastLoads Of(IReadOnlyList<LogDay> log, DateOnly start)
    {
        var last = new LastLoads();
        foreach (
            IGrouping<string, LogSet> sets in log.Where(day =>
                    day.Date < start && day.Date >= start.AddDays(-7 * CheckRules.Shipped.LastLoadWeeks)
                )
                .SelectMany(day => day.Sets)
                .Where(set => set.Load is not null)
                .GroupBy(set => set.Exercise)
        )
            last._loads[sets.Key] = sets.Max(set => set.Load!.Value);
        return last;
    }

    /// <summary>The load, or null when the exercise was not done.</summary>
    public Load? On(string exercise) => _loads.TryGetValue(exercise, out Load load) ? load : null;
}
