using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Tests.Blocks;

/// <summary>The steps of a return (docs/handbook/07-pain-and-health.md).</summary>
public sealed class ReturnToTrainingTests
{
    private static readonly Planner Planner = new(ExerciseCatalogue.Shipped, new GreedyChooser(), new GreedyWeekLayout());

    [Theory]
    [InlineData(0, Morning.AsUsual, "60x2 65x2 70x2 70x3 75x3 80x3 85x3 90x3 90x3", "one step a week, load or a set, to 90 %")]
    [InlineData(0, Morning.Worse, "60x2 65x2 70x2 70x3 75x3 80x3 85x3 90x3 90x3", "nothing was trained yet")]
    [InlineData(3, Morning.Worse, "60x2 65x2 70x2 65x2 70x2 70x3 75x3 80x3 85x3", "the week after goes one step back")]
    [InlineData(1, Morning.Worse, "60x2 60x2 65x2 70x2 70x3 75x3 80x3 85x3 90x3", "not below the first")]
    public void A_return_goes_a_step_a_week_and_back_after_a_bad_morning(int weeksDone, Morning morning, string expected, string because)
    {
        var course = new ReturnToTraining(weeksDone, morning);
        Assert.True(
            expected == string.Join(' ', Enumerable.Range(1, 9).Select(course.In).Select(step => $"{step.Fraction * 100:0}x{step.Sets}")),
            because
        );
    }

    [Fact]
    public void A_bad_morning_is_read_from_the_case_and_takes_the_next_week_back()
    {
        ClientCase plain = PlainCase.With(90, [Weekday.Mon, Weekday.Wed, Weekday.Fri], []);
        ClientCase hurt = plain with { Block = new BlockRequest(plain.Block.Start, BlockKind.Return, 6, BlockFocus.Whole) };
        hurt = hurt with
        {
            Log = [new LogDay(hurt.Block.Start.AddDays(14), null, [new LogSet { Exercise = "plank", Reps = 1 }])],
            Pain =
            [
                new PainEntry
                {
                    Region = PainRegion.Shoulder,
                    WorseOn = [PainTrigger.Overhead],
                    ScoreDuring = 1,
                    UsualScore = 0,
                    ScoreNextMorning = 2,
                    Weeks = 1,
                },
            ],
        };
        ReturnToTraining course = ReturnToTraining.Of(hurt.Pain, hurt.Log, hurt.Block.Start);
        Assert.Equal((3, Morning.Worse), (course.WeeksDone, course.LastMorning));
        Block block = Planner.Make(hurt).Block!;
        Assert.All(
            block.Weeks,
            week =>
                Assert.All(
                    week.Sessions.SelectMany(session => session.Items).Where(item => item.Role is Role.Main),
                    item =>
                        Assert.True(
                            item.SetsASide == course.In(week.Number).Sets
                                && item.Sets.All(set =>
                                    set.Percent is null || set.Percent.Value.Fraction <= course.In(week.Number).Fraction + 1e-9
                                )
                        )
                )
        );
    }
}
