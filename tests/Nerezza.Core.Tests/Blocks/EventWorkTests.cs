using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Checks;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Tests.Blocks;

/// <summary>The event session of a week, and the steps of a return (handbook 7 and 12).</summary>
public sealed class EventWorkTests
{
    private static readonly Planner Planner = new(ExerciseCatalogue.Shipped, new GreedyChooser(), new GreedyWeekLayout());
    private static readonly EventKind[] All = Enum.GetValues<EventKind>();

    [Theory]
    [InlineData("sandbag", "carry-medley", "sandbag-front-carry")]
    [InlineData("sandbag farmers-handles", "carry-medley", "sandbag-front-carry farmers-carry")]
    [InlineData("sandbag keg farmers-handles", "carry-medley", "sandbag-front-carry keg-carry")]
    [InlineData("sandbag", "loaded-throw", "loaded-throw")]
    [InlineData("sandbag stone", "floor-pick", "stone-carry")]
    [InlineData("sandbag keg", "carry-medley loaded-throw floor-pick", "loaded-throw keg-carry sandbag-front-carry")]
    [InlineData("", "carry-medley loaded-throw", "")]
    public void One_session_a_week_is_the_event_with_the_implements_there_are(string kit, string kinds, string expected)
    {
        Plan plan = Planner.Make(CaseFor(kit, [.. kinds.Split(' ').Select(kind => Codes.Find<EventKind>(kind)!.Value)]));
        foreach (Week week in plan.Block!.Weeks)
        {
            List<(Session Session, PrescribedItem Item)> work = [.. week.Sessions.SelectMany(session => session.Items.Where(item => item.Reason is ChosenReason.EventWork).Select(item => (session, item)))];
            Assert.Equal(expected.Split(' ', StringSplitOptions.RemoveEmptyEntries).Order(), work.Select(row => row.Item.Exercise).Order());
            Assert.True(work.Select(row => row.Session.Day).Distinct().Count() <= 1);
            if (work.Count > 0) Assert.DoesNotContain(work[0].Session.Items, item => ExerciseCatalogue.Shipped[item.Exercise].Pattern is Pattern.Hinge);
        }
        Assert.DoesNotContain(plan.Checks, check => check.Code is CheckCode.HingeSpacing);
    }

    [Fact]
    public void Throws_come_first_and_runs_grow_by_five_metres_a_week_with_long_rests()
    {
        List<List<PrescribedItem>> weeks = [.. Planner.Make(CaseFor("sandbag keg", All)).Block!.Weeks.Where(week => week.Kind is WeekKind.Load)
            .Select(week => week.Sessions.Single(session => session.Items.Any(item => item.Reason is ChosenReason.EventWork)).Items.ToList())];
        Assert.All(weeks, items => Assert.Equal("loaded-throw", items[0].Exercise));
        Assert.All(weeks, items => Assert.True(items[0].SetsASide == 5 && items[0].Sets.All(set => set.Reps is 2 or 3)));
        List<PrescribedItem> runs = [.. weeks.Select(items => items.First(item => item.Reason is ChosenReason.EventWork && item.Role is Role.Carry))];
        Assert.All(runs, run => Assert.True(run.SetsASide is >= 2 and <= 4 && run.Sets.All(set => set.Rest.Seconds is >= 180 and <= 300)));
        Assert.Equal(Enumerable.Range(0, weeks.Count).Select(week => (int?)(30 + 5 * week)), runs.Select(run => run.Sets[0].Metres));
    }

    [Theory]
    [InlineData(Goal.Strength, BlockKind.Strength)]
    [InlineData(Goal.Events, BlockKind.Foundation)]
    [InlineData(Goal.Events, BlockKind.Return)]
    public void Who_does_not_train_for_events_has_none(Goal goal, BlockKind kind)
    {
        ClientCase @case = CaseFor("sandbag keg", All);
        Plan plan = Planner.Make(@case with { Client = @case.Client with { Goal = goal }, Block = @case.Block with { Kind = kind } });
        Assert.DoesNotContain(plan.Selection.All, one => one.Reason is ChosenReason.EventWork);
    }

    [Theory]
    [InlineData(0, Morning.AsUsual, "60x2 65x2 70x2 70x3 75x3 80x3 85x3 90x3 90x3", "one step a week, load or a set, to 90 %")]
    [InlineData(0, Morning.Worse, "60x2 65x2 70x2 70x3 75x3 80x3 85x3 90x3 90x3", "nothing was trained yet")]
    [InlineData(3, Morning.Worse, "60x2 65x2 70x2 65x2 70x2 70x3 75x3 80x3 85x3", "the week after goes one step back")]
    [InlineData(1, Morning.Worse, "60x2 60x2 65x2 70x2 70x3 75x3 80x3 85x3 90x3", "not below the first")]
    public void A_return_goes_a_step_a_week_and_back_after_a_bad_morning(int weeksDone, Morning morning, string expected, string because)
    {
        var course = new ReturnCourse(weeksDone, morning);
        Assert.True(expected == string.Join(' ', Enumerable.Range(1, 9).Select(course.In).Select(step => $"{step.Fraction * 100:0}x{step.Sets}")), because);
    }

    [Fact]
    public void A_bad_morning_is_read_from_the_case_and_takes_the_next_week_back()
    {
        ClientCase plain = PlainCase.With(90, [Weekday.Mon, Weekday.Wed, Weekday.Fri], []);
        ClientCase hurt = plain with { Block = new BlockRequest(plain.Block.Start, BlockKind.Return, 6, BlockFocus.Whole) };
        hurt = hurt with
        {
            Log = [new LogDay(hurt.Block.Start.AddDays(14), null, [new LogSet { Exercise = "plank", Reps = 1 }])],
            Pain = [new PainEntry { Region = PainRegion.Shoulder, WorseOn = [PainTrigger.Overhead], ScoreDuring = 1, UsualScore = 0, ScoreNextMorning = 2, Weeks = 1 }],
        };
        ReturnCourse course = ReturnCourse.Of(hurt.Pain, hurt.Log, hurt.Block.Start);
        Assert.Equal((3, Morning.Worse), (course.WeeksDone, course.LastMorning));
        Block block = Planner.Make(hurt).Block!;
        Assert.All(block.Weeks, week => Assert.All(week.Sessions.SelectMany(session => session.Items).Where(item => item.Role is Role.Main), item =>
            Assert.True(item.SetsASide == course.In(week.Number).Sets && item.Sets.All(set => set.Percent is null || set.Percent.Value.Fraction <= course.In(week.Number).Fraction + 1e-9))));
    }

    private static ClientCase CaseFor(string kit, EventKind[] kinds)
    {
        ClientCase plain = PlainCase.With(90, [Weekday.Mon, Weekday.Wed, Weekday.Fri], []);
        return plain with
        {
            Client = plain.Client with { Goal = Goal.Events, Events = [.. kinds.Select(kind => new StrengthEvent(kind, null))] },
            Equipment = plain.Equipment with
            {
                Items = plain.Equipment.Items.Except([Implement.Sandbag, Implement.Keg, Implement.Stone, Implement.FarmersHandles, Implement.Dumbbells, Implement.Kettlebells])
                    .Concat(kit.Split(' ', StringSplitOptions.RemoveEmptyEntries).Select(code => Codes.Find<Implement>(code)!.Value)).ToHashSet(),
            },
        };
    }
}
