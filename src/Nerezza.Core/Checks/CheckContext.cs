using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Checks;

/// <summary>What the checks know besides the block.</summary>
/// <param name="Now">What the client does now, hard sets a week by muscle; null without a log.</param>
/// <param name="Last">The loads lifted last before the block.</param>
public sealed record CheckContext(
    Client Client,
    Equipment Equipment,
    ExerciseCatalogue Catalogue,
    TrainingCaps Caps,
    LadderProgress Ladders,
    WeeklySets Limits,
    SetCounting Counting,
    IReadOnlyDictionary<Muscle, double>? Now,
    LastLoads Last
);

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
