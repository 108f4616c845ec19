using Nerezza.Core.Selection;

namespace Nerezza.Core.Tests.Blocks;

/// <summary>The best week by trying every one: slow, and right by its plainness.</summary>
internal sealed class EveryWeek : IWeekLayout
{
    public IReadOnlyList<int> LayOut(WeekLayoutProblem problem) => Orders([.. Enumerable.Range(0, problem.Count)]).MinBy(problem.CostOf)!;

    private static IEnumerable<int[]> Orders(int[] days) =>
        days.Length == 0
            ?
            [
                [],
            ]
            : days.SelectMany(day => Orders([.. days.Where(other => other != day)]).Select(rest => (int[])[day, .. rest]));
}
