using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Checks;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Tests.Blocks;

/// <summary>Every block has a squat, a hinge, and where it trains the whole body a press and a pull, or says which it lacks
/// (docs/handbook/12-weeks-and-blocks.md#split-by-days).</summary>
public sealed class KindOfWorkTests
{
    private static readonly Planner Planner = new(ExerciseCatalogue.Shipped, new GreedyChooser(), new GreedyWeekLayout());
    private static readonly ClientCase Case = PlainCase.With(70, [Weekday.Mon, Weekday.Thu], []);

    [Theory]
    [InlineData(BlockFocus.Whole, PainRegion.Other, "squat hinge press pull")]
    [InlineData(BlockFocus.Lower, PainRegion.Other, "squat hinge")]
    [InlineData(BlockFocus.Whole, PainRegion.Knee, "hinge press pull")]
    public void A_kind_of_work_that_no_week_holds_is_named_but_where_pain_takes_it_away(BlockFocus focus, PainRegion hurts, string named)
    {
        PainEntry pain = new() { Region = hurts, ScoreDuring = 4 };
        CheckContext context = ReviewTests.ContextOf(Case with { Pain = [pain] }) with { Focus = focus };
        Block block = Planner.Make(Case).Block!;
        string Missing(Func<Pattern, bool> stays) =>
            string.Join(
                ' ',
                new BlockReviewer(context)
                    .Review(Only(block, stays))
                    .Checks.OfType<Check.PatternMissing>()
                    .Select(check => check.Pattern)
                    .Select(pattern => $"{pattern}".ToLowerInvariant().Replace("horizontal", "", StringComparison.Ordinal))
            );
        Assert.Equal("", Missing(_ => true));
        Assert.Equal(named, Missing(pattern => pattern is Pattern.Calf or Pattern.Trunk or Pattern.Arms));
    }

    // docs/handbook/11-prescription.md#peak-row; four days have upper days, two are whole ones.
    [Theory]
    [InlineData("mon tue thu fri")]
    [InlineData("mon thu")]
    public void A_peak_holds_main_and_second_lifts_weak_points_and_a_pull(string days)
    {
        Weekday[] week = [.. days.Split(' ').Select(day => Codes.Find<Weekday>(day)!.Value)];
        ClientCase plain = PlainCase.With(90, week, []);
        LiftFault fault = new()
        {
            Lift = "conventional-deadlift",
            Fault = FaultCode.SoftLockout,
            FromPercent = 88,
        };
        Plan plan = Planner.Make(plain with { Block = plain.Block with { Kind = BlockKind.Peak, Weeks = 3 }, Faults = [fault] });
        foreach (DayPlan day in plan.Selection.Days)
        {
            Assert.All(
                day.Lifts,
                lift =>
                    Assert.True(
                        lift.Purpose is Purpose.Main or Purpose.Second or Purpose.WeakPoint || Region.IsPull(lift.Exercise),
                        $"{lift.Exercise.Id} for {lift.Purpose}"
                    )
            );
            Assert.True(day.Lifts.Count(lift => lift.Purpose is Purpose.PushPull) <= 1);
        }
        Assert.Contains(plan.Selection.Days.SelectMany(day => day.Lifts), lift => lift.Purpose is Purpose.WeakPoint);
        Assert.DoesNotContain(plan.Checks, check => check.Severity is CheckSeverity.Warn);
    }

    private static Block Only(Block block, Func<Pattern, bool> stays) =>
        block with
        {
            Weeks =
            [
                .. block.Weeks.Select(week =>
                    week with
                    {
                        Sessions =
                        [
                            .. week.Sessions.Select(session =>
                                session with
                                {
                                    Items = [.. session.Items.Where(item => stays(ExerciseCatalogue.Shipped[item.Exercise].Pattern))],
                                }
                            ),
                        ],
                    }
                ),
            ],
        };
}
