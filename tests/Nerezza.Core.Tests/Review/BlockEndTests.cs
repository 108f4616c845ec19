using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Review;
using Nerezza.Core.Screening;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Tests.Review;

/// <summary>What the end of a block asks for, keeps and credits (docs/handbook/14-review.md).</summary>
public sealed class BlockEndTests
{
    private static readonly StoodItem Squat = Told.Planned("back-squat-high-bar", Role.Main, 5, 8, 3);
    private static readonly StoodItem Row = Told.Planned("cable-row", Role.Accessory, 10, 8, 3);

    [Theory]
    [InlineData(false, 1990, 1)]
    [InlineData(true, 1990, 0)] // a set went to the last repetition
    [InlineData(false, 2012, 0)] // nobody under 16 is tested
    public void Maxes_are_due_at_the_end_of_a_block_that_tested_none(bool tested, int born, int due)
    {
        LogDay last = Told.Squats(21, 100, 9);
        var ended = new LogDay(last.Date, null, [.. last.Sets.Select(set => set with { Amrap = tested })]);
        ClientCase @case = Told.Case(Told.Squats(0, 100, 8), ended);
        ReviewInput input = Told.Input(@case with { Client = @case.Client with { BirthYear = born } }, 22, Told.Block(1, 0, Squat));
        Waiting.BlockEnds ends = Told.Waiting.Of(input, Told.Reviewer.Of(input), new DeskFacts()).OfType<Waiting.BlockEnds>().Single();
        Assert.Equal(due, ends.Untested.Count);
    }

    [Fact]
    public void The_end_of_a_block_says_what_stays_and_goes_with_its_reason()
    {
        StoodItem hold = Told.Planned("goblet-squat", Role.Accessory, 10, 8, 3, FindingCode.AnkleRange);
        ClientCase @case = Told.Case(Told.Done(0, ("back-squat-high-bar", 100, 5, 8, 3), ("goblet-squat", 20, 10, 8, 3))) with
        {
            Screen = Told.Ankles(12, 12),
            ScreenedOn = Told.Monday.AddDays(20),
            EarlierScreens = [new EarlierScreen(Told.Monday.AddDays(-20), Told.Ankles(6, 6), [])],
        };
        ReviewInput input = Told.Input(@case, 21, Told.Block(1, -28, Squat, Row), Told.Block(2, 0, Squat, Row, hold));
        Plan next = new Planner(ExerciseCatalogue.Shipped, new GreedyChooser(), new GreedyWeekLayout()).Make(@case);
        IReadOnlyList<TurnRow> rows = BlockEnd.Of(input, Told.Reviewer.Of(input), input.Blocks[^1], next.Selection);
        Assert.Equal((NextTurn.Keep, new TurnReason.Target()), Turn("back-squat-high-bar"));
        Assert.Equal(new TurnReason.Closed(FindingCode.AnkleRange), Turn("goblet-squat").Item2);
        (NextTurn turn, TurnReason reason) = Turn("cable-row");
        Assert.True(turn is NextTurn.Keep || reason is TurnReason.Stood { Blocks: 2 }, $"{turn} {reason}");
        // Whatever comes stands for one thing at most.
        string[] comes =
        [
            .. rows.Select(row => row.To).OfType<string>(),
            .. rows.Where(row => row.Turn is NextTurn.Add).Select(row => row.Exercise),
        ];
        Assert.Equal(comes.Length, comes.Distinct().Count());
        (NextTurn, TurnReason) Turn(string exercise)
        {
            TurnRow row = rows.Single(one => one.Exercise == exercise);
            return (row.Turn, row.Reason);
        }
    }

    [Theory]
    [InlineData(1, "goblet-squat")] // measured at its norm on the last day
    [InlineData(0, "")] // still short: nothing is credited
    public void What_closed_its_finding_is_credited_in_the_next_block(int closed, string credited)
    {
        double now = closed * 6 + 6;
        StoodItem hold = Told.Planned("goblet-squat", Role.Accessory, 10, 8, 3, FindingCode.AnkleRange);
        ClientCase @case = Told.Case(Told.Done(0, ("back-squat-high-bar", 100, 5, 8, 3), ("goblet-squat", 20, 10, 8, 3))) with
        {
            Screen = Told.Ankles(now, now),
            ScreenedOn = Told.Monday.AddDays(20),
            EarlierScreens = [new EarlierScreen(Told.Monday.AddDays(-20), Told.Ankles(6, 6), [])],
        };
        ReviewInput input = Told.Input(@case, 21, Told.Block(1, 0, Squat, Row, hold));
        IReadOnlyList<string> worked = BlockEnd.Worked(input, Told.Reviewer.Of(input));
        Assert.Equal(credited, string.Join(' ', worked));
        var planner = new Planner(ExerciseCatalogue.Shipped, new GreedyChooser(), new GreedyWeekLayout());
        double FreshnessOf(IReadOnlyList<string> with) =>
            planner
                .Make(@case with { Block = @case.Block with { Start = input.Today, Worked = with } })
                .Selection.Ranked.Single(row => row.Exercise.Id == "goblet-squat")
                .Parts.Freshness;
        Assert.True(FreshnessOf([]) < 1);
        Assert.Equal(credited.Length > 0 ? 1 : FreshnessOf([]), FreshnessOf(worked));
    }
}
