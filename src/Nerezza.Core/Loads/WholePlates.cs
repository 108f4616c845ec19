using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Loads;

/// <summary>A lifter loads by whole plates (docs/handbook/10-loads.md#warm-up-ramp): each warm-up step may lie some way off its mark,
/// and the
/// ramp is taken that needs the fewest plates put on and off from the empty bar to the work set.</summary>
/// <remarks>Exact among the few totals a step that take the fewest plates: the shortest path through them (Viterbi 1967). Ties: nearer
/// to the
/// marks.</remarks>
internal static class WholePlates
{
    /// <summary>The ramp with its loads moved; the empty bar and the repetitions stay.</summary>
    /// <param name="ramp">Rising steps, the first of them the empty bar where there is one.</param>
    public static List<WarmUpSet> Of(IReadOnlyList<WarmUpSet> ramp, Load work, BarRack rack)
    {
        WarmUpRules rules = LoadRules.Shipped.WarmUp;
        double least = rules.LeastStep * work.Kilograms - 1e-9,
            off = rules.OffMark * work.Kilograms + 1e-9;
        List<Path> paths = [new Path(null, Sleeve.Empty, null, 0, 0)];
        foreach (WarmUpSet step in ramp)
        {
            bool isEmpty = step.Load == rack.Totals[0];
            List<Load> near =
            [
                .. isEmpty ? [step.Load] : Near(step.Load, rack, off, work.Kilograms - least).Where(total => total > rack.Totals[0]),
            ];
            List<Path> next =
            [
                .. near.SelectMany(total => rack.FewestPlates(total).Select(way => (total, way)))
                    .Select(row => Shortest(paths, row.total, row.way, step, least))
                    .OfType<Path>(),
            ];
            if (next.Count == 0)
                return [.. ramp];
            paths = next;
        }
        Path best = rack.FewestPlates(work)
            .SelectMany(way => paths.Select(path => path with { Moves = path.Moves + path.On.MovesTo(way) }))
            .OrderBy(path => path.Moves)
            .ThenBy(path => path.Off)
            .First();
        return [.. best.Loads().Zip(ramp, (load, step) => step with { Load = load })];
    }

    /// <summary>The totals about a mark that take the fewest plates, and the nearest one.</summary>
    private static IEnumerable<Load> Near(Load mark, BarRack rack, double off, double most) =>
        rack
            .Totals.SkipWhile(total => total.Kilograms < mark.Kilograms - off)
            .TakeWhile(total => total.Kilograms <= Math.Min(mark.Kilograms + off, most))
            .OrderBy(total => total == mark ? 0 : rack.FewestPlates(total)[0].Plates.Count)
            .ThenBy(total => Math.Abs(total.Kilograms - mark.Kilograms))
            .Take(LoadRules.Shipped.WarmUp.Totals);

    private static Path? Shortest(List<Path> paths, Load total, Sleeve way, WarmUpSet step, double least)
    {
        Path? best = null;
        foreach (Path path in paths)
        {
            if (path.At is { } at && total - at < least)
                continue;
            int moves = path.Moves + path.On.MovesTo(way);
            double off = path.Off + Math.Abs(total.Kilograms - step.Load.Kilograms);
            if (best is null || (moves, off).CompareTo((best.Moves, best.Off)) < 0)
                best = new Path(total, way, path, moves, off);
        }
        return best;
    }

    private sealed record Path(Load? At, Sleeve On, Path? From, int Moves, double Off)
    {
        public IEnumerable<Load> Loads() => From is null ? [] : From.Loads().Append(At!.Value);
    }
}
