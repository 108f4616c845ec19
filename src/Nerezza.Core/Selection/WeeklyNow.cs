using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;

namespace Nerezza.Core.Selection;

/// <summary>What the client does now: mean weekly sets per muscle over the last weeks of the log
/// (docs/handbook/12-weeks-and-blocks.md).</summary>
public static class WeeklyNow
{
    /// <summary>Mean sets a week by muscle; null without a log in those weeks.</summary>
    public static IReadOnlyDictionary<Muscle, double>? Of(
        IReadOnlyList<LogDay> log,
        ExerciseCatalogue catalogue,
        DateOnly start,
        SetCounting school
    )
    {
        int weeks = SelectionRules.Shipped.LogWeeks;
        List<LogSet> sets =
        [
            .. log.Where(day => day.Date < start && day.Date >= start.AddDays(-7 * weeks))
                .SelectMany(day => day.Sets)
                .Where(set => set.Rpe is not { } rpe || rpe.Value >= WeeklySets.HardFromRpe),
        ];
        if (sets.Count == 0)
            return null;
        // A one-sided set counts once for left and right together.
        double Share(LogSet set) => set.Side is null ? 1 : 0.5;
        return Enum.GetValues<Muscle>()
            .ToDictionary(
                muscle => muscle,
                muscle => sets.Sum(set => Share(set) * WeeklySets.Count(catalogue[set.Exercise], muscle, school)) / weeks
            );
    }
}
