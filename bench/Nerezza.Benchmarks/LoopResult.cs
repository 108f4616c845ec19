using System.Globalization;

namespace Nerezza.Benchmarks;

/// <summary>What came of one work set of a measured lift.</summary>
/// <param name="Gap">True RPE less the prescribed one.</param>
/// <param name="OracleGap">The same of a coach who knows the max and the curve, but not the day.</param>
internal sealed record LoopSet(double Gap, double OracleGap, bool Missed, bool OracleMissed);

/// <summary>What was believed of a lift after a day on it.</summary>
/// <param name="Exposure">Days on it until then, from 1.</param>
/// <param name="Error">Of Nerezza's estimate, as a part of the truth.</param>
/// <param name="LastSetError">Of the last rated set's e1RM, taken at its word.</param>
internal sealed record LoopEstimate(int Exposure, double Error, double? LastSetError);

/// <summary>All sets and estimates of many lifters.</summary>
internal sealed record LoopResult(IReadOnlyList<LoopSet> Sets, IReadOnlyList<LoopEstimate> Estimates)
{
    private const double Near = 1;

    /// <summary>Prints the tables that docs/measured.md holds.</summary>
    public void Print(TextWriter to, int lifters)
    {
        to.WriteLine(FormattableString.Invariant($"{lifters} lifters, {Sets.Count} work sets, {Estimates.Count} days on a measured lift"));
        to.WriteLine("| after exposure | median error | 90th percentile | last set's e1RM: median | 90th percentile |");
        to.WriteLine("|---|---|---|---|---|");
        foreach ((string name, Func<int, bool> holds) in Spans)
        {
            List<LoopEstimate> rows = [.. Estimates.Where(row => holds(row.Exposure))];
            if (rows.Count == 0)
                continue;
            double[] own = [.. rows.Select(row => row.Error).Order()],
                naive = [.. rows.Select(row => row.LastSetError).OfType<double>().Order()];
            to.WriteLine($"| {name} | {Part(own, 0.5)} | {Part(own, 0.9)} | {Part(naive, 0.5)} | {Part(naive, 0.9)} |");
        }
        to.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"""
                within 1 RPE: {Share(set => Math.Abs(set.Gap) <= Near):P1}, oracle {Share(set => Math.Abs(set.OracleGap) <= Near):P1}
                mean gap {Sets.Average(set => set.Gap):0.00} RPE, oracle {Sets.Average(set => set.OracleGap):0.00}
                missed {Share(set => set.Missed):P2}, oracle {Share(set => set.OracleMissed):P2}
                """
            )
        );
    }

    private static readonly (string, Func<int, bool>)[] Spans =
    [
        ("1", exposure => exposure == 1),
        ("2", exposure => exposure == 2),
        ("3", exposure => exposure == 3),
        ("4 to 7", exposure => exposure is >= 4 and <= 7),
        ("8 and more", exposure => exposure >= 8),
        ("4 and more", exposure => exposure >= 4),
    ];

    private static string Part(double[] sorted, double part) =>
        sorted.Length == 0 ? "-" : FormattableString.Invariant($"{sorted[(int)(part * (sorted.Length - 1))] * 100:0.0} %");

    private double Share(Func<LoopSet, bool> holds) => (double)Sets.Count(holds) / Sets.Count;
}
