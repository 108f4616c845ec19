using Nerezza.Core.Measures;
using Nerezza.Core.Screening;

namespace Nerezza.Core.Findings;

/// <summary>How a finding goes on its own measure.</summary>
public enum Course
{
    /// <summary>Not measured before, or nothing of it is a number.</summary>
    NotKnown,

    /// <summary>Nearer to its norm than before.</summary>
    Closing,

    /// <summary>As before.</summary>
    Same,

    /// <summary>Further from its norm.</summary>
    Worse,
}

/// <summary>Holds findings against what the same measures said a fortnight and more before (docs/handbook/12-weeks-and-blocks.md,
/// docs/handbook/14-review.md).</summary>
/// <remarks>What the body is built like does not close, and pain is judged by its mornings: both stay not known.</remarks>
public static class FindingCourse
{
    private static readonly CourseRule Rule = FindingRules.Shipped.Course;

    /// <summary>The newest screen that lies far enough before another day to compare with; null when there is none.</summary>
    public static EarlierScreen? Before(DateOnly day, IReadOnlyList<EarlierScreen> screens) =>
        screens.Where(screen => screen.Date <= FortnightBefore(day)).MaxBy(screen => screen.Date);

    /// <summary>The last day that is far enough before another.</summary>
    public static DateOnly FortnightBefore(DateOnly day) => day.AddDays(-Rule.Days);

    /// <summary>The findings, each with its course.</summary>
    /// <param name="before">What was found then.</param>
    public static IReadOnlyList<Finding> Mark(IReadOnlyList<Finding> found, IReadOnlyList<Finding> before) =>
        [.. found.Select(finding => finding with { Course = Of(finding, before) })];

    private static Course Of(Finding now, IReadOnlyList<Finding> before)
    {
        if (now.Cause is not (Cause.Range or Cause.Skill or Cause.Strength))
            return Course.NotKnown;
        if (before.FirstOrDefault(other => other.Code == now.Code && other.Cause == now.Cause) is not { } then)
            return Course.NotKnown;
        Dictionary<object, double> earlier = Measures(then);
        List<double> gains =
        [
            .. Measures(now).Where(one => earlier.ContainsKey(one.Key)).Select(one => Gain(one.Key, earlier[one.Key], one.Value)),
        ];
        return gains switch
        {
            [] => Course.NotKnown,
            _ when gains.Exists(gain => gain <= -Rule.LeastChange) => Course.Worse,
            _ when gains.Exists(gain => gain >= Rule.LeastChange) => Course.Closing,
            _ => Course.Same,
        };
    }

    /// <summary>The change toward the norm, as a part of the former value.</summary>
    private static double Gain(object measure, double then, double now)
    {
        double change = (now - then) / Math.Max(Math.Abs(then), 1e-9);
        return Math.Round(LowerIsBetter(measure) ? -change : change, 6);
    }

    private static bool LowerIsBetter(object measure) =>
        measure switch
        {
            ScreenTest test => Rule.LowerIsBetter.Contains(Codes.Of(test)),
            Measure.MaxRatio ratio => FindingRules.Shipped.Maxes.Any(pair => pair.Above is not null && pair.Exercise == ratio.Exercise),
            _ => false,
        };

    /// <summary>The numbers of a finding by what was measured: of both sides the lesser, as the rules judge them; a fault by its code,
    /// whatever its place in the list.</summary>
    private static Dictionary<object, double> Measures(Finding finding) =>
        finding
            .Evidence.Where(piece => piece.Value is Reading.Number)
            .GroupBy(piece => piece.Measure.Lasting)
            .ToDictionary(same => same.Key, same => same.Min(piece => ((Reading.Number)piece.Value).Value));
}
