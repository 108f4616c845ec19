using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Findings.Rules;

/// <summary>What maxes say against each other: left against right, and a variation against its lift (docs/handbook/04-screen.md,
/// docs/handbook/06-findings.md).</summary>
internal static class MaxRules
{
    private static readonly FindingRules Rules = FindingRules.Shipped;

    /// <summary>Limb symmetry index = weaker / stronger x 100 of each one-sided lift with both sides.</summary>
    public static IEnumerable<Observation> Symmetry(IReadOnlyList<KnownMax> maxes)
    {
        foreach (
            var lift in maxes
                .Where(max => max.Side is not null)
                .GroupBy(max => max.Exercise)
                .OrderBy(lift => lift.Key, StringComparer.Ordinal)
        )
        {
            if (
                lift.FirstOrDefault(max => max.Side is Side.Left) is not { } left
                || lift.FirstOrDefault(max => max.Side is Side.Right) is not { } right
            )
                continue;
            double index = Math.Round(Math.Min(left.Kilograms, right.Kilograms) / Math.Max(left.Kilograms, right.Kilograms) * 100, 6);
            if (index >= Rules.Symmetry.Adequate)
                continue;
            yield return new Observation(
                FindingCode.SideAsymmetry,
                Cause.Strength,
                index < Rules.Symmetry.Severe ? 3 : 2,
                Basis.Measured,
                [new Evidence(new Measure.LimbSymmetry(lift.Key), new Reading.Number(index), Rules.Symmetry.Norm)]
            )
            {
                Side = left.Kilograms < right.Kilograms ? Side.Left : Side.Right,
            };
        }
    }

    /// <summary>Two maxes, each measured within 28 days, whose ratio points at a weak link.</summary>
    public static IEnumerable<Observation> Ratios(IReadOnlyList<KnownMax> maxes, DateOnly today)
    {
        List<KnownMax> fresh =
        [
            .. maxes.Where(max =>
                max.Side is null && max.MeasuredOn is { } day && Math.Abs(today.DayNumber - day.DayNumber) <= Rules.FreshDays
            ),
        ];
        foreach (MaxPairRule rule in Rules.Maxes)
        {
            KnownMax? one = fresh.Find(max => max.Exercise == rule.Exercise);
            KnownMax? other = rule.Of.Select(id => fresh.Find(max => max.Exercise == id)).FirstOrDefault(max => max is not null);
            if (one is null || other is null)
                continue;
            double ratio = Math.Round(one.Kilograms / other.Kilograms, 6);
            if (!(ratio < rule.Below || ratio > rule.Above))
                continue;
            string norm = rule.Below is { } least
                ? FormattableString.Invariant($"{least} and more")
                : FormattableString.Invariant($"{rule.Above} and less");
            yield return new Observation(
                Codes.Find<FindingCode>(rule.Code)!.Value,
                Cause.Strength,
                1,
                Basis.Measured,
                [new Evidence(new Measure.MaxRatio(one.Exercise, other.Exercise), new Reading.Number(ratio), norm)]
            );
        }
    }
}
