using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Floor;

/// <summary>In which order lifters at one bar do their next sets.</summary>
/// <param name="Order">Who lifts, by the places at which they were given, first to last.</param>
/// <param name="Sleeves">What is on one sleeve for each, in that order.</param>
/// <param name="Changes">Plates put on or taken off a sleeve, all together.</param>
public sealed record BarOrder(IReadOnlyList<int> Order, IReadOnlyList<Sleeve> Sleeves, int Changes);

/// <summary>Lifters who share a bar: the order of their next sets that changes the fewest plates.</summary>
/// <remarks>Exact: shortest path over who has lifted, and with which plates the last one did (Held &amp; Karp 1962). The work doubles
/// with each lifter; an hour has eight at most.</remarks>
public static class SharedBar
{
    /// <summary>The most lifters that one bar serves.</summary>
    public const int MostLifters = 8;

    /// <summary>The order of fewest changes; of several the one with fewer plates moved, then the one that keeps nearest to the order
    /// given.</summary>
    /// <param name="on">What is on a sleeve now.</param>
    /// <param name="totals">Of each lifter's next set, in the order in which they would come; at most <see cref="MostLifters"/>.</param>
    /// <exception cref="ArgumentException">A total cannot be made on this bar, or there are too many lifters.</exception>
    public static BarOrder Fewest(BarRack rack, Sleeve on, IReadOnlyList<Load> totals)
    {
        if (totals.Count > MostLifters)
            throw new ArgumentException($"{totals.Count} lifters at one bar; at most {MostLifters}.", nameof(totals));
        var search = new Search([.. totals.Select(rack.FewestPlates)]);
        return search.From(on);
    }

    /// <summary>The changes when they come in the order given, with the plates that are fewest to change on the way.</summary>
    public static int InTurn(BarRack rack, Sleeve on, IReadOnlyList<Load> totals)
    {
        List<(Sleeve Sleeve, int Changes)> before = [(on, 0)];
        foreach (Load total in totals)
            before = [.. rack.FewestPlates(total).Select(way => (way, before.Min(step => step.Changes + step.Sleeve.ChangesTo(way))))];
        return before.Min(step => step.Changes);
    }

    /// <summary>The shortest way through every lifter, worked out from its end.</summary>
    private sealed class Search(IReadOnlyList<IReadOnlyList<Sleeve>> ways)
    {
        private readonly Dictionary<(int Left, int Last, int Way), long> _rest = [];

        public BarOrder From(Sleeve on)
        {
            List<int> order = [];
            List<Sleeve> sleeves = [];
            int left = (1 << ways.Count) - 1;
            Sleeve now = on;
            int changes = 0;
            while (left != 0)
            {
                (int next, int way) = Best(left, now);
                Sleeve then = ways[next][way];
                changes += now.ChangesTo(then);
                order.Add(next);
                sleeves.Add(then);
                left &= ~(1 << next);
                now = then;
            }
            return new BarOrder(order, sleeves, changes);
        }

        /// <summary>Who is next: the first in the order given of those who lose nothing by it.</summary>
        private (int Next, int Way) Best(int left, Sleeve now) =>
            Steps(left)
                .MinBy(step =>
                    (Cost(now, ways[step.Next][step.Way]) + Rest(left & ~(1 << step.Next), step.Next, step.Way), step.Next, step.Way)
                );

        private long Rest(int left, int last, int way)
        {
            if (left == 0)
                return 0;
            if (_rest.TryGetValue((left, last, way), out long known))
                return known;
            Sleeve now = ways[last][way];
            long best = Steps(left).Min(step => Cost(now, ways[step.Next][step.Way]) + Rest(left & ~(1 << step.Next), step.Next, step.Way));
            return _rest[(left, last, way)] = best;
        }

        private IEnumerable<(int Next, int Way)> Steps(int left) =>
            from next in Enumerable.Range(0, ways.Count)
            where (left & (1 << next)) != 0
            from way in Enumerable.Range(0, ways[next].Count)
            select (next, way);

        private static long Cost(Sleeve from, Sleeve to) => ((long)from.ChangesTo(to) << 32) + from.MovesTo(to);
    }
}
