using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Checks;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Tests.Blocks;

/// <summary>The event session of a week (docs/handbook/12-weeks-and-blocks.md).</summary>
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
            List<(Session Session, PrescribedItem Item)> work =
            [
                .. week.Sessions.SelectMany(session =>
                    session.Items.Where(item => item.Reason is ChosenReason.EventWork).Select(item => (session, item))
                ),
            ];
            Assert.Equal(expected.Split(' ', StringSplitOptions.RemoveEmptyEntries).Order(), work.Select(row => row.Item.Exercise).Order());
            Assert.True(work.Select(row => row.Session.Day).Distinct().Count() <= 1);
            if (work.Count > 0)
                Assert.DoesNotContain(work[0].Session.Items, item => ExerciseCatalogue.Shipped[item.Exercise].Pattern is Pattern.Hinge);
        }
        Assert.DoesNotContain(plan.Checks, check => check.Code is CheckCode.HingeSpacing);
    }

    [Fact]
    public void Throws_come_first_and_runs_grow_by_five_metres_a_week_with_long_rests()
    {
        List<List<PrescribedItem>> weeks =
        [
            .. Planner
                .Make(CaseFor("sandbag keg", All))
                .Block!.Weeks.Where(week => week.Kind is WeekKind.Load)
                .Select(week =>
                    week.Sessions.Single(session => session.Items.Any(item => item.Reason is ChosenReason.EventWork)).Items.ToList()
                ),
        ];
        Assert.All(weeks, items => Assert.Equal("loaded-throw", items[0].Exercise));
        Assert.All(weeks, items => Assert.True(items[0].SetsASide == 5 && items[0].Sets.All(set => set.Reps is 2 or 3)));
        List<PrescribedItem> runs =
        [
            .. weeks.Select(items => items.First(item => item.Reason is ChosenReason.EventWork && item.Role is Role.Carry)),
        ];
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

    private static ClientCase CaseFor(string kit, EventKind[] kinds)
    {
        ClientCase plain = PlainCase.With(90, [Weekday.Mon, Weekday.Wed, Weekday.Fri], []);
        return plain with
        {
            Client = plain.Client with { Goal = Goal.Events, Events = [.. kinds.Select(kind => new StrengthEvent(kind, null))] },
            Equipment = plain.Equipment with
            {
                Items = plain
                    .Equipment.Items.Except([
                        Implement.Sandbag,
                        Implement.Keg,
                        Implement.Stone,
                        Implement.FarmersHandles,
                        Implement.Dumbbells,
                        Implement.Kettlebells,
                    ])
                    .Concat(kit.Split(' ', StringSplitOptions.RemoveEmptyEntries).Select(code => Codes.Find<Implement>(code)!.Value))
                    .ToHashSet(),
            },
        };
    }
}
