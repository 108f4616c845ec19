using MathNet.Numerics.RootFinding;

namespace Nerezza.Core.Loads;

/// <summary>A set that says where on the curve it lies: what was lifted, body weight included, for how many repetitions to failure, and how
/// many of them were done.</summary>
internal sealed record CurvePoint(DateOnly Date, double Kilograms, double ToFailure, int Done);

/// <summary>Bends the rep curve of an exercise to what a lifter's own sets show (docs/handbook/10-loads.md).</summary>
/// <remarks>k is the mean of the exercise's own, which weighs most, and of the k of every pair of sets that lie near in time and far apart
/// on the curve.</remarks>
internal static class OwnCurve
{
    private const int Parts = 16;
    private static readonly OwnCurveRules Rules = LoadRules.Shipped.OwnCurve;

    /// <summary>The curve from sets of one exercise and side.</summary>
    /// <param name="start">The exercise's own k.</param>
    public static RepCurve Of(double start, IReadOnlyList<CurvePoint> sets)
    {
        (double sum, double weight) = (start * Rules.StartWeight, Rules.StartWeight);
        // Straight sets are the same point several times: each pair of points is worked out once and counts for all pairs of its sets.
        List<(CurvePoint Point, int Times)> points = [.. sets.GroupBy(set => set).Select(same => (same.Key, same.Count()))];
        for (int i = 0; i < points.Count; i++)
        for (int j = i + 1; j < points.Count; j++)
        {
            if (PairK(points[i].Point, points[j].Point, start) is not { } k)
                continue;
            int pairs = points[i].Times * points[j].Times;
            sum += k * pairs;
            weight += pairs;
        }
        return new RepCurve(Math.Clamp(Math.Round(sum / weight, 6), Rules.Least, Rules.Most));
    }

    /// <summary>The k at which two sets speak of the same 1RM, held to the span; null when they lie too far apart in time or too near on
    /// the curve, by what was done and by what was rated.</summary>
    /// <param name="start">Where the two parts of the curve meet, two values of k can do: the one nearer to the exercise's own is
    /// taken.</param>
    private static double? PairK(CurvePoint one, CurvePoint other, double start)
    {
        if (
            Math.Abs(one.Date.DayNumber - other.Date.DayNumber) > Rules.WithinDays
            || Math.Abs(one.ToFailure - other.ToFailure) < Rules.Apart
            // Two ratings of the same work that are apart show how ratings scatter, not how the curve bends
            // (docs/decisions/0014-what-the-log-says-of-a-max.md).
            || Math.Abs(one.Done - other.Done) < Rules.Apart
        )
            return null;
        (CurvePoint few, CurvePoint many) = one.ToFailure < other.ToFailure ? (one, other) : (other, one);
        // Above 0 the longer set speaks of more than the shorter one.
        double Over(double k) =>
            Math.Log(new RepCurve(k).OneRepMax(many.Kilograms, many.ToFailure) / new RepCurve(k).OneRepMax(few.Kilograms, few.ToFailure));
        double[] tried = [.. Enumerable.Range(0, Parts + 1).Select(part => Rules.Least + (Rules.Most - Rules.Least) * part / Parts)];
        return tried
                .Zip(tried.Skip(1))
                .Where(span => Over(span.First) * Over(span.Second) <= 0)
                .Select(span => (double?)Brent.FindRoot(Over, span.First, span.Second))
                .MinBy(k => Math.Abs(k!.Value - start))
            ?? (Math.Abs(Over(Rules.Least)) < Math.Abs(Over(Rules.Most)) ? Rules.Least : Rules.Most);
    }
}
