using Nerezza.Core.Measures;

namespace Nerezza.Core.Loads.Loading;

/// <summary>Loads a bar for a whole list of sets: each with the fewest plates, and over the list with the fewest changes.</summary>
/// <remarks>Exact: the shortest path through the ways of each set in turn (Viterbi 1967). Ties: fewer plates moved on a
/// sleeve kept heaviest inside, then heavier plates first. The sets may be those of two lifters who share the bar.</remarks>
public static class PlateSequence
{
    /// <summary>The sleeve for each total in order, starting from an empty bar.</summary>
    /// <exception cref="ArgumentException">A total cannot be made on this bar.</exception>
    public static IReadOnlyList<Sleeve> Plan(BarRack rack, IReadOnlyList<Load> totals)
    {
        List<List<Step>> layers = [];
        List<Step> before = [new Step(Sleeve.Empty, 0, 0, null)];
        foreach (Load total in totals)
        {
            // Repeated totals keep what is on: the same ways, so the path of no change is among them.
            List<Step> now = [.. rack.FewestPlates(total).Select(way => Cheapest(before, way))];
            layers.Add(now);
            before = now;
        }
        var sleeves = new Sleeve[totals.Count];
        Step? step = totals.Count == 0 ? null : layers[^1].Aggregate((best, next) => next.Cost < best.Cost ? next : best);
        for (int i = totals.Count - 1; i >= 0; i--, step = step.From)
            sleeves[i] = step!.Sleeve;
        return sleeves;
    }

    private static Step Cheapest(List<Step> before, Sleeve way) =>
        before
            .Select(step => new Step(way, step.Changes + step.Sleeve.ChangesTo(way), step.Moves + step.Sleeve.MovesTo(way), step))
            .Aggregate((best, next) => next.Cost < best.Cost ? next : best);

    private sealed record Step(Sleeve Sleeve, int Changes, int Moves, Step? From)
    {
        public long Cost => ((long)Changes << 32) + Moves;
    }
}
