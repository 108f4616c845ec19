using CsCheck;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Review;
using Nerezza.Core.Screening;

namespace Nerezza.Core.Tests.Review;

/// <summary>Whether the weak point closes, on its own measure and beyond the error of its test (docs/handbook/14-review.md).</summary>
public sealed class FindingStoryTests
{
    [Theory]
    [InlineData("6 8", Course.Closing, "two centimetres of six")]
    [InlineData("6 7", Course.Same, "under 1.5 cm says nothing")]
    [InlineData("6 4.5", Course.Worse, "1.5 cm less")]
    [InlineData("6 11", Course.Closed, "past the norm by more than the error")]
    [InlineData("9.5 10.5", Course.Same, "past the norm within the error is not closed")]
    [InlineData("6 8 8", Course.Same, "it closed once, and stands since")]
    [InlineData("6 9 10.2", Course.Closed, "past the norm, and far from where it began")]
    [InlineData("11 12 8", Course.Worse, "it was adequate and is no longer")]
    [InlineData("6", Course.NotMeasuredSince, "measured once")]
    public void An_ankle_is_followed_over_all_screens(string cm, Course expected, string because)
    {
        double[] values = [.. cm.Split(' ').Select(one => double.Parse(one, System.Globalization.CultureInfo.InvariantCulture))];
        FindingStory story = Ankle(values);
        Assert.True(expected == story.Course, $"{because}: {story.Course}");
        Assert.Equal(values[^1] < 10, story.IsOpen);
        Assert.Equal(values.Length, story.Measures.Max(measure => measure.Points.Count));
    }

    [Fact]
    public void It_never_moves_by_noise_within_the_error_of_its_test() =>
        Gen.Select(Gen.Double[3, 14], Gen.Double[-1.49, 1.49].Array[1, 5])
            .Sample(
                (mean, noise) =>
                {
                    // Each test lies within the error of every other.
                    double[] cm = [mean, .. noise.Select(off => mean + off / 2)];
                    Screen[] screens = [.. cm.Select(one => Told.Ankles(one, one))];
                    foreach (FindingStory story in Stories(screens))
                        Assert.True(story.Course is Course.Same or Course.NotMeasuredSince, $"{story.Course}: {string.Join(' ', cm)}");
                },
                iter: 300
            );

    [Fact]
    public void A_fault_closes_when_it_is_no_longer_seen_and_a_weakness_with_the_ratio_of_its_maxes()
    {
        LiftFault Sticks(double from) =>
            new()
            {
                Lift = "back-squat-high-bar",
                Fault = FaultCode.SticksLow,
                FromPercent = from,
                HeldInIsolation = true,
            };
        Screen plain = Told.Ankles(12, 12) with { Squat = Told.Watched(SquatDepth.At, lean: null, tuck: null, raised: null) };
        ClientCase Seen(params LiftFault[][] faults) =>
            Told.Case() with
            {
                Screen = plain,
                Faults = faults[^1],
                ScreenedOn = Told.Monday.AddDays(28 * (faults.Length - 1)),
                EarlierScreens = [.. faults.SkipLast(1).Select((one, i) => new EarlierScreen(Told.Monday.AddDays(28 * i), plain, one))],
            };
        Course Of(params LiftFault[][] faults) =>
            Told
                .Reviewer.Of(Told.Input(Seen(faults), 28 * faults.Length))
                .Findings.Single(one => one.Finding.Code is FindingCode.BottomWeak)
                .Course;
        Assert.Equal(Course.Closing, Of([Sticks(80)], [Sticks(90)]));
        Assert.Equal(Course.Same, Of([Sticks(80)], [Sticks(84)]));
        Assert.Equal(Course.Closed, Of([Sticks(80)], [Sticks(85)], []));
        // Not by not looking.
        plain = Told.Ankles(12, 12);
        Assert.Equal(Course.Closing, Of([Sticks(80)], [Sticks(85)], []));
    }

    [Theory]
    [InlineData(0, 34, false, false)] // missing range: five to seven weeks
    [InlineData(0, 35, true, false)]
    [InlineData(0, 49, true, false)]
    [InlineData(0, 50, true, true)]
    [InlineData(28, 62, false, false)] // from the newest test
    public void A_retest_is_due_by_its_cause_from_the_newest_test(int screened, int today, bool due, bool late)
    {
        ClientCase @case = Told.Case() with { Screen = Told.Ankles(6, 6), ScreenedOn = Told.Monday.AddDays(screened) };
        RetestDue retest = Told.Reviewer.Of(Told.Input(@case, today)).Findings.Single().Retest!;
        Assert.Equal((due, late), (retest.IsDue(Told.Monday.AddDays(today)), retest.IsLate(Told.Monday.AddDays(today))));
    }

    /// <summary>Days before the finding was found say nothing of it.</summary>
    [Fact]
    public void Form_is_told_by_the_worst_set_of_each_day_once_it_broke()
    {
        var sticks = new LiftFault
        {
            Lift = "back-squat-high-bar",
            Fault = FaultCode.SticksLow,
            FromPercent = 80,
            HeldInIsolation = true,
        };
        LogDay Held(int day, params int?[] to)
        {
            LogDay done = Told.Squats(day, 100, 8, to.Length);
            return new LogDay(done.Date, null, [.. done.Sets.Zip(to, (set, rep) => set with { TechniqueHeldTo = rep })]);
        }
        IReadOnlyList<FormHeld> Form(params LogDay[] log) =>
            Told
                .Reviewer.Of(
                    Told.Input(Told.Case(log) with { Screen = Told.Ankles(12, 12), Faults = [sticks], ScreenedOn = Told.Monday }, 20)
                )
                .Findings.Single(story => story.Finding.Code is FindingCode.BottomWeak)
                .Form;
        Assert.Equal("0: 3 of 5, 7: 5 of 5", string.Join(", ", Form(Held(-7, 2, 2), Held(0, null, 3, 4), Held(7, [null])).Select(Say)));
        Assert.Empty(Form(Held(0, null, null), Held(7, [null])));
        static string Say(FormHeld day) => $"{day.Date.DayNumber - Told.Monday.DayNumber}: {day.HeldTo} of {day.Of}";
    }

    [Fact]
    public void A_lean_stands_beside_what_the_body_asks_for()
    {
        Screen leans = Told.Ankles(6, 6) with { Squat = Told.Watched(SquatDepth.At, lean: 55, tuck: null, raised: null) };
        IReadOnlyList<MeasureStory> measures = [.. Stories([leans, leans]).SelectMany(story => story.Measures)];
        MeasureStory lean = measures.First(one => one.Measure == LeanComparison.Measure);
        Assert.Equal(LeanComparison.Of(Told.Case().Client, leans)!.Predicted!.Value.LeanDeg, lean.Expected!.Value, 9);
        Assert.All(measures.Where(one => one.Measure != LeanComparison.Measure), one => Assert.Null(one.Expected));
    }

    [Fact]
    public void What_the_coach_rejects_is_followed_no_more()
    {
        ClientCase @case = Told.Case() with
        {
            Screen = Told.Ankles(6, 6),
            Decisions = [new FindingDecision(FindingCode.AnkleRange, Cause.Range, Verdict.Rejected, "an old injury", null, null)],
        };
        Assert.Empty(Told.Reviewer.Of(Told.Input(@case, 60)).Findings);
    }

    private static FindingStory Ankle(params double[] cm) =>
        Stories([.. cm.Select(one => Told.Ankles(one, one))]).Single(story => story.Finding.Code is FindingCode.AnkleRange);

    private static IReadOnlyList<FindingStory> Stories(Screen[] screens)
    {
        ClientCase @case = Told.Case() with
        {
            Screen = screens[^1],
            ScreenedOn = Told.Monday.AddDays(28 * (screens.Length - 1)),
            EarlierScreens = [.. screens.SkipLast(1).Select((screen, i) => new EarlierScreen(Told.Monday.AddDays(28 * i), screen, []))],
        };
        return Told.Reviewer.Of(Told.Input(@case, 28 * screens.Length)).Findings;
    }
}
