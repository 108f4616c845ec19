using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Tests.Blocks;

/// <summary>Two forms of a lift take turns (docs/handbook/12-weeks-and-blocks.md#what-moves-besides-load).</summary>
public sealed class TurnsTests
{
    private static readonly Planner Planner = new(ExerciseCatalogue.Shipped, new GreedyChooser(), new GreedyWeekLayout());

    [Fact]
    public void Two_main_squats_that_the_coach_picked_take_turns_and_a_deload_repeats_the_week_before()
    {
        ClientCase plain = PlainCase.With(75, [Weekday.Mon, Weekday.Thu], [Implement.SafetyBar]);
        Plan plan = Planner.Make(
            plain with
            {
                Picks = [new Pick("safety-bar-squat", PickKind.Main), new Pick("back-squat-high-bar", PickKind.Main)],
                Block = plain.Block with { Kind = BlockKind.Strength, Weeks = 6 },
            }
        );
        string[] led =
        [
            .. plan.Block!.Weeks.Select(week =>
                string.Join(
                    ' ',
                    week.Sessions.SelectMany(session => session.Items)
                        .Where(item => item.Purpose is Purpose.Main && ExerciseCatalogue.Shipped[item.Exercise].Pattern is Pattern.Squat)
                        .Select(item => item.Exercise)
                )
            ),
        ];
        string odd = led[0],
            even = led[1];
        Assert.Equal(["back-squat-high-bar", "safety-bar-squat"], new[] { odd, even }.Order());
        Assert.Equal([odd, even, odd, even, odd, odd], led); // week 6 is a deload
        Assert.DoesNotContain(plan.Checks, check => check.Code is Core.Checks.CheckCode.SameLiftTwice);
    }
}
