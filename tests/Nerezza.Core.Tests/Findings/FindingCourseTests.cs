using CsCheck;
using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening;
using Nerezza.Core.Selection;
using Nerezza.Core.Tests.Blocks;
using Nerezza.Tests.Shared;

namespace Nerezza.Core.Tests.Findings;

/// <summary>Whether a finding closes on its own measure, and the set a fortnight that one gets which does not
/// (docs/handbook/12-weeks-and-blocks.md, docs/handbook/14-review.md).</summary>
public sealed class FindingCourseTests
{
    private static readonly Planner Planner = new(ExerciseCatalogue.Shipped, new GreedyChooser(), new GreedyWeekLayout());
    private static readonly DateOnly Start = new(2026, 11, 30);

    [Theory]
    [InlineData(6, 8, Course.Closing, "a third more")]
    [InlineData(8, 8, Course.Same, "no change")]
    [InlineData(8, 9.4, Course.Same, "under 1.5 cm is how two tests differ")]
    [InlineData(8, 9.5, Course.Closing, "1.5 cm counts")]
    [InlineData(8, 6.6, Course.Same, "the same the other way")]
    [InlineData(8, 6.5, Course.Worse, "1.5 cm less")]
    [InlineData(11, 8, Course.NotKnown, "nothing was found then: it is new")]
    public void The_shorter_ankle_is_held_against_the_shorter_one_then(double then, double now, Course expected, string because)
    {
        // The other ankle is longer on both days, and never decides.
        ClientCase @case = Plain with
        {
            Screen = Ankles(now, 9.5),
            EarlierScreens = [new(Start.AddDays(-30), Ankles(then, 11.5), [])],
        };
        Assert.True(expected == CourseOf(@case, FindingCode.AnkleRange), because);
    }

    [Theory]
    [InlineData(60, 52, Course.Closing)] // a lean that is less
    [InlineData(55, 62, Course.Worse)]
    public void Of_a_lean_and_a_tuck_less_is_better(double then, double now, Course expected)
    {
        Screen Leans(double lean) =>
            new()
            {
                Squat = new ScreenSquat
                {
                    Depth = SquatDepth.At,
                    LeanDeg = lean,
                    HeelRise = null,
                    KneesIn = null,
                    TuckAtHipHeightCm = lean - 10,
                    Shift = null,
                    BetterWithHeelsRaised = null,
                    BetterWithPlateInFront = null,
                    Bar = ScreenBar.None,
                    LoadKg = null,
                },
            };
        ClientCase @case = Plain with { Screen = Leans(now), EarlierScreens = [new(Start.AddDays(-30), Leans(then), [])] };
        Assert.Equal(expected, CourseOf(@case, FindingCode.HipRange));
    }

    [Theory]
    [InlineData(80, 88, 0, Course.Closing, "it begins at a heavier load")]
    [InlineData(80, 80, 1, Course.Same, "the place in the list says nothing")]
    [InlineData(88, 80, 1, Course.Worse, "it begins sooner")]
    public void A_fault_is_known_by_its_code(int then, int now, int others, Course expected, string because)
    {
        LiftFault Sticks(int percent) =>
            new()
            {
                Lift = "back-squat-high-bar",
                Fault = FaultCode.SticksLow,
                FromPercent = percent,
                HeldInIsolation = true,
            };
        LiftFault[] before =
        [
            .. Enumerable.Repeat(
                new LiftFault
                {
                    Lift = "conventional-deadlift",
                    Fault = FaultCode.GripFails,
                    FromPercent = 90,
                    HeldInIsolation = true,
                },
                others
            ),
            Sticks(then),
        ];
        ClientCase @case = Plain with
        {
            Faults = [Sticks(now)],
            EarlierScreens = [new(Start.AddDays(-21), new Screen { KneeToWallCm = new BothSides(12, 12) }, before)],
        };
        Assert.True(expected == CourseOf(@case, FindingCode.BottomWeak), because);
    }

    [Theory]
    [InlineData(13, 0, false)] // a day short of a fortnight
    [InlineData(14, 0, true)]
    [InlineData(20, 7, false)] // a fortnight before the screen, not before the block
    [InlineData(21, 7, true)]
    public void Screens_less_than_a_fortnight_apart_say_nothing(int earlierDays, int newestDays, bool known)
    {
        ClientCase @case = Plain with
        {
            Screen = Ankles(8, 8),
            ScreenedOn = Start.AddDays(-newestDays),
            EarlierScreens = [new(Start.AddDays(-earlierDays), Ankles(8, 8), [])],
        };
        Assert.Equal(known, CourseOf(@case, FindingCode.AnkleRange) is not Course.NotKnown);
    }

    [Theory]
    [InlineData(60, 70, Course.Closing)]
    [InlineData(70, 70, Course.Same)]
    public void A_gap_between_the_sides_is_followed_through_the_maxes(double weakerThen, double weakerNow, Course expected)
    {
        StrengthEntry Of(Side side, double kg, int daysBefore) =>
            new()
            {
                Exercise = "leg-press",
                Load = Load.FromKilograms(kg),
                Reps = 5,
                Rpe = Rpe.Ten,
                Side = side,
                Date = Start.AddDays(-daysBefore),
                Amrap = false,
            };
        // An AMRAP would move the filter further; rated sets a month apart move it enough.
        ClientCase @case = Plain with
        {
            Strength =
            [
                Of(Side.Left, weakerThen, 40),
                Of(Side.Right, 100, 40),
                .. Enumerable.Range(1, 6).SelectMany(i => new[] { Of(Side.Left, weakerNow, i), Of(Side.Right, 100, i) }),
            ],
        };
        Assert.Equal(expected, CourseOf(@case, FindingCode.SideAsymmetry));
    }

    [Theory]
    [InlineData(80, 80, "3 3 4 4 5", "one set more in the third and in the fifth week")]
    [InlineData(72, 80, "3 3 3 3 3", "it is closing")]
    [InlineData(0, 80, "3 3 3 3 3", "it was not measured before")]
    public void One_accessory_gets_a_set_more_a_fortnight_while_its_finding_does_not_close(
        int then,
        int now,
        string expected,
        string because
    )
    {
        LiftFault Fault(int percent) =>
            new()
            {
                Lift = "back-squat-high-bar",
                Fault = FaultCode.HipsShootUp,
                FromPercent = percent,
                HeldInIsolation = true,
            };
        ClientCase plain = PlainCase.With(
            90,
            [Weekday.Mon, Weekday.Wed, Weekday.Fri],
            [Implement.LegPress, Implement.LegExtension, Implement.HackSquat]
        );
        ClientCase @case = plain with
        {
            Faults = [Fault(now)],
            EarlierScreens = then == 0 ? [] : [new(Start.AddDays(-28), Screen.Untested, [Fault(then)])],
            Block = new BlockRequest(Start, BlockKind.Muscle, 6, BlockFocus.Whole),
        };
        Plan plan = Planner.Make(@case);
        Chosen answers = plan
            .Selection.Days.SelectMany(day => day.Lifts)
            .First(one => one.Role is Role.Second or Role.Accessory && one.Answers.Contains(FindingCode.QuadsWeak));
        Assert.Equal(expected.Contains('4'), answers.GrowsFor is FindingCode.QuadsWeak);
        Assert.Single(plan.Selection.Days.SelectMany(day => day.Lifts).Where(one => one.GrowsFor is not null).DefaultIfEmpty(answers));
        IEnumerable<int> sets = plan.Block!.Weeks.Where(week => week.Kind is WeekKind.Load)
            .Select(week =>
                week.Sessions.SelectMany(session => session.Items).First(item => item.Exercise == answers.Exercise.Id).SetsASide
            );
        Assert.True(expected == string.Join(' ', sets), $"{because}: {string.Join(' ', sets)}");
    }

    [Fact]
    public void What_pain_limits_keeps_its_sets_and_pain_itself_is_not_followed() =>
        Gen.Select(Made.Case, Gen.Int[14, 60])
            .Drawn(
                (made, days) =>
                {
                    // Sets older than any of it: a newer one would change a max, and the finding that rests on it.
                    ClientCase same = made with
                    {
                        EarlierScreens = [new(made.Block.Start.AddDays(-days), made.Screen, made.Faults)],
                        Strength = [.. made.Strength.Select(entry => entry with { Date = made.Block.Start.AddDays(-90) })],
                    };
                    Plan plan = Planner.Make(same);
                    Assert.All(
                        plan.Findings.Where(finding => finding.Cause is Cause.Pain or Cause.Proportion or null),
                        finding => Assert.Equal(Course.NotKnown, finding.Course)
                    );
                    // Nothing changed: what could be compared is as it was.
                    Assert.DoesNotContain(plan.Findings, finding => finding.Course is Course.Closing or Course.Worse);
                    Assert.All(
                        plan.Selection.All.Where(one => one.GrowsFor is not null),
                        one => Assert.True(one.Limits.MostRpe == Rpe.Ten && one.Limits.MostFraction >= 1)
                    );
                }
            );

    private static ClientCase Plain => PlainCase.With(75, [Weekday.Mon, Weekday.Thu], []);

    private static Screen Ankles(double left, double right) => new() { KneeToWallCm = new BothSides(left, right) };

    private static Course CourseOf(ClientCase @case, FindingCode code) =>
        Planner.Review(@case).Single(row => row.Finding.Code == code).Finding.Course;
}
