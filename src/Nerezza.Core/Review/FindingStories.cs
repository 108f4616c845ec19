using System.Diagnostics;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Loads;
using Nerezza.Core.Screening;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Review;

/// <summary>Follows every finding on its own measures. A change within the error of its test is none, so that no finding closes or
/// worsens by noise (docs/handbook/14-review.md).</summary>
internal sealed class FindingStories(ClientCase @case, ExerciseCatalogue catalogue, MaxEstimates maxes, DateOnly today)
{
    /// <summary>A fault that was not seen was not seen up to the max.</summary>
    private const double WholeMax = 100;

    private readonly IReadOnlyList<EarlierScreen> _screens =
    [
        .. @case.EarlierScreens.Where(screen => screen.Date <= today).OrderBy(screen => screen.Date),
        .. @case.Screen == Screen.Untested && @case.Faults.Count == 0
            ? Array.Empty<EarlierScreen>()
            : [new EarlierScreen(@case.ScreenedOn ?? today, @case.Screen, @case.Faults)],
    ];

    /// <summary>Open ones first, the gravest before the others; then those that closed, the last first.</summary>
    public IReadOnlyList<FindingStory> All()
    {
        var engine = new CaseFindings(catalogue);
        ClientCase filled = @case.Filled(catalogue);
        List<(DateOnly Day, IReadOnlyList<Finding> Found)> then =
        [
            .. filled.EarlierScreens.Where(screen => screen.Date <= today).Select(screen => (screen.Date, engine.Then(filled, screen))),
        ];
        IReadOnlyList<ReviewedFinding> reviewed = engine.Review(filled, maxes);
        List<Finding> open = [.. FindingReview.Open(reviewed).Where(IsFollowed)];
        HashSet<(FindingCode, Cause?)> known = [.. reviewed.Select(row => (row.Finding.Code, row.Finding.Cause))];
        IEnumerable<Finding> gone = then.AsEnumerable()
            .Reverse()
            .SelectMany(row => row.Found)
            .Where(finding => IsFollowed(finding) && !known.Contains((finding.Code, finding.Cause)))
            .DistinctBy(finding => (finding.Code, finding.Cause));
        return [.. open.Select(finding => Story(finding, isOpen: true, then)), .. gone.Select(finding => Story(finding, false, then))];
    }

    /// <summary>What the body is built like does not close; pain is judged by its mornings.</summary>
    private static bool IsFollowed(Finding finding) => finding.Cause is Cause.Range or Cause.Skill or Cause.Strength;

    private FindingStory Story(Finding finding, bool isOpen, List<(DateOnly Day, IReadOnlyList<Finding> Found)> then)
    {
        List<DateOnly> found =
        [
            .. then.Where(row => row.Found.Any(other => other.Code == finding.Code && other.Cause == finding.Cause)).Select(row => row.Day),
        ];
        DateOnly newest = _screens.Count > 0 ? _screens[^1].Date : today;
        DateOnly since = found.Count > 0 ? found[0] : newest;
        List<MeasureStory> measures = [.. SeriesOf(finding).Select(series => Judged(series, isOpen, since))];
        return new FindingStory
        {
            Finding = finding,
            IsOpen = isOpen,
            Course = Of(measures, isOpen, seenBefore: found.Exists(day => day <= FindingCourse.FortnightBefore(newest))),
            Since = since,
            Measures = measures,
            Form = FormOf(finding, since),
            Retest = isOpen ? RetestOf(finding, measures, newest) : null,
        };
    }

    /// <summary>Worse by one measure is worse; closed only where every measure is.</summary>
    private static Course Of(List<MeasureStory> measures, bool isOpen, bool seenBefore)
    {
        if (measures.Count == 0)
            return !isOpen ? Course.Closed
                : seenBefore ? Course.Same
                : Course.NotMeasuredSince;
        List<Course> courses = [.. measures.Select(measure => measure.Course)];
        return courses.Contains(Course.Worse) ? Course.Worse
            : courses.TrueForAll(course => course is Course.Closed) ? Course.Closed
            : courses.Exists(course => course is Course.Closing or Course.Closed) ? Course.Closing
            : courses.Contains(Course.Same) ? Course.Same
            : Course.NotMeasuredSince;
    }

    private static MeasureStory Judged(MeasureStory series, bool isOpen, DateOnly since)
    {
        IReadOnlyList<MeasurePoint> points = series.Points;
        MeasurePoint? before = points.LastOrDefault(point => point.Date <= FindingCourse.FortnightBefore(points[^1].Date));
        if (before is null)
            return series with { Course = Course.NotMeasuredSince };
        double Gain(MeasurePoint from) => FindingCourse.Gain(series.Measure, from.Value, points[^1].Value);
        // What was found is over only when it left its worst by more than the error of the test.
        MeasurePoint worst = points.Where(point => point.Date >= since).Append(before).MinBy(point => -Gain(point)) ?? before;
        bool isAdequate = series.Norm is { } norm ? points[^1].Value >= norm.Adequate : !isOpen;
        return series with
        {
            Course =
                isAdequate && Gain(worst) >= 1 ? Course.Closed
                : Gain(before) >= 1 ? Course.Closing
                : Gain(before) <= -1 ? Course.Worse
                : Course.Same,
        };
    }

    private static RetestDue? RetestOf(Finding finding, List<MeasureStory> measures, DateOnly newest)
    {
        if (finding.Retest is not { } weeks)
            return null;
        // What the log shows by itself asks for no test; where nothing else does, it is the test.
        List<MeasureStory> tests = [.. measures.Where(measure => measure.Measure is Measure.Tested or Measure.Fault)];
        DateOnly last = measures.Count == 0 ? newest : (tests.Count > 0 ? tests : measures).Min(measure => measure.Points[^1].Date);
        return new RetestDue(last.AddDays(7 * weeks.FirstWeek), last.AddDays(7 * weeks.LastWeek));
    }

    /// <summary>The numbers behind a finding, each through time; of a test with sides each side that was found short.</summary>
    private IEnumerable<MeasureStory> SeriesOf(Finding finding) =>
        finding
            .Evidence.Where(piece => piece.Value is Reading.Number)
            .Select(piece => piece.Measure)
            .DistinctBy(measure => (measure.Lasting, measure is Measure.Tested tested ? tested.Side : null))
            .Select(measure => new MeasureStory(
                measure,
                measure is Measure.Tested { Side: { } side } ? side : null,
                [.. PointsOf(measure).Where(point => point.Date <= today)],
                FindingCourse.ErrorOf(measure),
                Norms.Of(measure),
                Course.NotKnown
            ))
            .Where(series => series.Points.Count > 0 && double.IsFinite(series.Error))
            .Select(series => series.Measure == LeanComparison.Measure ? series with { Expected = LeanAsked } : series);

    /// <summary>The lean that balance asks of the body, by the newest screen.</summary>
    private double? LeanAsked => LeanComparison.Of(@case.Client, @case.Filled(catalogue).Screen)?.Predicted?.LeanDeg;

    /// <summary>The worst set of each day in the lifts of a finding's faults; nothing where form never broke.</summary>
    private IReadOnlyList<FormHeld> FormOf(Finding finding, DateOnly since)
    {
        HashSet<FaultCode> faults = [.. Grading.FaultsOf(finding)];
        HashSet<string> lifts =
        [
            .. _screens.SelectMany(screen => screen.Faults).Where(one => faults.Contains(one.Fault)).Select(one => one.Lift),
        ];
        List<FormHeld> days =
        [
            .. @case
                .Log.Where(day => day.Date >= since)
                .SelectMany(day => day.Sets, (day, set) => (day.Date, set))
                .Where(row => row.set.Reps > 0 && lifts.Contains(row.set.Exercise))
                .Select(row => new FormHeld(
                    row.Date,
                    row.set.Exercise,
                    row.set.TechniqueHeldTo ?? row.set.Reps!.Value,
                    row.set.Reps!.Value
                ))
                .GroupBy(set => (set.Date, set.Exercise))
                .Select(sets => sets.MinBy(set => (double)set.HeldTo / set.Of)!),
        ];
        return days.Exists(set => set.HeldTo < set.Of) ? days : [];
    }

    private IEnumerable<MeasurePoint> PointsOf(Measure measure) =>
        measure switch
        {
            Measure.Tested tested => Screened(screen => screen.Screen.Number(tested.Test, tested.Side)),
            Measure.Fault { Part: FaultPart.FromPercent } fault => Screened(screen =>
                screen.Faults.Any(one => one.Fault == fault.Code)
                    ? screen.Faults.Where(one => one.Fault == fault.Code).Min(one => one.FromPercent)
                : WasWatched(fault.Code, screen) ? WholeMax
                : null
            ),
            Measure.LimbSymmetry sides => Days(sides.Exercise, Side.Left)
                .Union(Days(sides.Exercise, Side.Right))
                .Order()
                .Select(day => (Day: day, Left: maxes.On(sides.Exercise, Side.Left, day), Right: maxes.On(sides.Exercise, Side.Right, day)))
                .Where(row => row is { Left: not null, Right: not null })
                .Select(row => new MeasurePoint(row.Day, Index(row.Left!.Kilograms, row.Right!.Kilograms))),
            Measure.MaxRatio ratio => Days(ratio.Exercise, null)
                .Select(day => (Day: day, One: maxes.On(ratio.Exercise, null, day), Other: maxes.On(ratio.To, null, day)))
                .Where(row => row is { One: not null, Other: not null })
                .Select(row => new MeasurePoint(row.Day, row.One!.Kilograms / row.Other!.Kilograms)),
            Measure.Fault or Measure.Pain or Measure.Answered or Measure.CoachWord => [],
            _ => throw new UnreachableException(),
        };

    /// <summary>Whether the lifts in which a fault was seen were watched.</summary>
    private bool WasWatched(FaultCode fault, EarlierScreen screen) =>
        _screens
            .SelectMany(one => one.Faults)
            .Where(one => one.Fault == fault)
            .Select(one => catalogue[one.Lift].Pattern)
            .Any(pattern => ScreenInForce.IsWatched(pattern, screen, catalogue));

    private IEnumerable<MeasurePoint> Screened(Func<EarlierScreen, double?> of) =>
        _screens
            .Select(screen => (screen.Date, Value: of(screen)))
            .Where(row => row.Value is not null)
            .Select(row => new MeasurePoint(row.Date, row.Value!.Value));

    private IEnumerable<DateOnly> Days(string exercise, Side? side) => maxes.SeenOn(exercise, side);

    private static double Index(double one, double other) => Math.Min(one, other) / Math.Max(one, other) * 100;
}
