using System.Diagnostics;
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

    /// <summary>At its norm, by more than the error of the test.</summary>
    Closed,

    /// <summary>Not measured again since it was found.</summary>
    NotMeasuredSince,
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
        Dictionary<object, (Measure Measure, double Value)> earlier = Measures(then);
        List<double> gains =
        [
            .. Measures(now)
                .Where(one => earlier.ContainsKey(one.Key))
                .Select(one => Gain(one.Value.Measure, earlier[one.Key].Value, one.Value.Value)),
        ];
        return gains switch
        {
            [] => Course.NotKnown,
            _ when gains.Exists(gain => gain <= -1) => Course.Worse,
            _ when gains.Exists(gain => gain >= 1) => Course.Closing,
            _ => Course.Same,
        };
    }

    /// <summary>The change toward the norm, in errors of its test: under 1 it says nothing.</summary>
    public static double Gain(Measure measure, double then, double now)
    {
        double change = (now - then) / ErrorOf(measure);
        return Math.Round(LowerIsBetter(measure) ? -change : change, 6);
    }

    /// <summary>What two tests of the same thing may differ by, in the unit of the measure; infinite where no number is compared.</summary>
    public static double ErrorOf(Measure measure) =>
        measure switch
        {
            Measure.Tested tested => Rule.Errors.GetValueOrDefault(Codes.Of(tested.Test), double.PositiveInfinity),
            Measure.LimbSymmetry => Rule.SymmetryError,
            Measure.MaxRatio => Rule.MaxRatioError,
            Measure.Fault { Part: FaultPart.FromPercent } => Rule.FaultFromPercentError,
            Measure.Fault or Measure.Pain or Measure.Answered or Measure.CoachWord => double.PositiveInfinity,
            _ => throw new UnreachableException(),
        };

    /// <summary>Whether a lesser number is the better one.</summary>
    public static bool LowerIsBetter(Measure measure) =>
        measure switch
        {
            Measure.Tested tested => Rule.LowerIsBetter.Contains(Codes.Of(tested.Test)),
            Measure.MaxRatio ratio => FindingRules.Shipped.Maxes.Any(pair => pair.Above is not null && pair.Exercise == ratio.Exercise),
            Measure.LimbSymmetry or Measure.Fault or Measure.Pain or Measure.Answered or Measure.CoachWord => false,
            _ => throw new UnreachableException(),
        };

    /// <summary>The numbers of a finding by what was measured: of both sides the lesser, as the rules judge them; a fault by its code,
    /// whatever its place in the list.</summary>
    private static Dictionary<object, (Measure Measure, double Value)> Measures(Finding finding) =>
        finding
            .Evidence.Where(piece => piece.Value is Reading.Number)
            .GroupBy(piece => piece.Measure.Lasting)
            .ToDictionary(same => same.Key, same => (same.First().Measure, same.Min(piece => ((Reading.Number)piece.Value).Value)));
}
