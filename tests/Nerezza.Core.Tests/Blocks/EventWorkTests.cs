using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Checks;
using Nerezza.Core.Clients;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Screening;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Tests.Blocks;

/// <summary>The event session of a week (docs/handbook/12-weeks-and-blocks.md).</summary>
public sealed class EventWorkTests
{
    private static readonly Planner Planner = new(ExerciseCatalogue.Shipped, new GreedyChooser(), new GreedyWeekLayout());
    private static readonly EventKind[] All = Enum.GetValues<EventKind>();

    [Theory]
    [InlineData("sandbag", "carry-medley", "sandbag-front-carry")]
    [InlineData("sandbag farmers-handles", "carry-medley", "sandbag-front-carry+farmers-carry")]
    [InlineData("sandbag keg farmers-handles", "carry-medley", "sandbag-front-carry+keg-carry")]
    [InlineData("sandbag", "loaded-throw", "loaded-throw")]
    [InlineData("sandbag stone box", "floor-pick", "stone-to-platform")]
    [InlineData("sandbag stone", "floor-pick", "sandbag-over-bar")]
    [InlineData("sandbag keg", "carry-medley loaded-throw floor-pick", "loaded-throw sandbag-front-carry+keg-carry sandbag-over-bar")]
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
            Assert.Equal(
                expected.Split(' ', StringSplitOptions.RemoveEmptyEntries),
                work.Select(row =>
                    row.Item.Sets[0].Medley is { Count: > 0 } medley
                        ? string.Join('+', medley.Select(run => run.Exercise))
                        : row.Item.Exercise
                )
            );
            Assert.True(work.Select(row => row.Session.Day).Distinct().Count() <= 1);
            if (work.Count > 0)
                Assert.DoesNotContain(
                    work[0].Session.Items,
                    item => item.Purpose is not Purpose.Event && ExerciseCatalogue.Shipped[item.Exercise].Pattern is Pattern.Hinge
                );
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
        Assert.Equal(Enumerable.Range(0, weeks.Count).Select(week => (int?)(20 + 5 * week)), runs.Select(run => run.Sets[0].Metres));
    }

    /// <summary>80 kg, intermediate: 60 % in front, 45 % a hand, of what pieces there are; what the log tells goes before; a keg
    /// and a stone are weighed first.</summary>
    [Theory]
    [InlineData("sandbag-front-carry", null, 50.0)] // 48 kg: nearest of 10, 20, 50, 80
    [InlineData("sandbag-front-carry", 100.0, 80.0)] // 80 % of 100
    [InlineData("farmers-carry", null, 70.0)] // 72 kg: the heaviest pair there is
    [InlineData("keg-carry", null, null)]
    [InlineData("keg-carry", 90.0, 90.0)] // a piece whose kg the log knows
    [InlineData("loaded-throw", null, 10.0)] // 12 kg
    [InlineData("sandbag-over-bar", null, 50.0)]
    [InlineData("sandbag-over-bar", 90.0, 80.0)]
    [InlineData("stone-to-platform", null, null)]
    public void Event_work_takes_the_nearest_piece(string exercise, double? logged, double? kilograms)
    {
        ClientCase @case = CaseFor("sandbag keg stone dumbbells", All);
        Equipment kit = @case.Equipment with { Sandbags = [.. new[] { 10.0, 20, 50, 80 }.Select(Load.FromKilograms)] };
        LogDay[] log = logged is { } done
            ?
            [
                new LogDay(
                    @case.Block.Start.AddDays(-7),
                    null,
                    [
                        new LogSet
                        {
                            Exercise = exercise,
                            Load = Load.FromKilograms(done),
                            Metres = 20,
                            Reps = 1,
                        },
                    ]
                ),
            ]
            : [];
        Assert.Equal(kilograms, new EventLoads(@case.Client, log, new Loader(kit)).Of(ExerciseCatalogue.Shipped[exercise])?.Kilograms);
    }

    [Theory]
    [InlineData(true)]
    [InlineData(false)]
    public void Where_nothing_is_light_enough_to_throw_swings_stand_in_its_place_and_it_is_said(bool light)
    {
        ClientCase @case = CaseFor("sandbag kettlebells", [EventKind.LoadedThrow]);
        Plan plan = Planner.Make(
            @case with
            {
                Equipment = @case.Equipment with
                {
                    Sandbags = [.. (light ? new[] { 18.0, 40 } : new[] { 40.0, 60 }).Select(Load.FromKilograms)],
                    Kettlebells = [Load.FromKilograms(24)],
                },
            }
        );
        List<PrescribedItem> fast =
        [
            .. plan.Block!.Weeks[0]
                .Sessions.SelectMany(session => session.Items)
                .Where(item => item.Exercise is "loaded-throw" or "kettlebell-swing" && item.Purpose is Purpose.Event),
        ];
        PrescribedItem item = Assert.Single(fast);
        Assert.Equal(light ? ("loaded-throw", 18) : ("kettlebell-swing", 24), (item.Exercise, item.Sets[0].Load?.Kilograms));
        if (!light)
            Assert.Equal((5, 5), (item.Sets.Count, item.Sets[0].Reps));
        Assert.Equal(!light, plan.Checks.OfType<Check.NothingToThrow>().Any(check => check.Most.Kilograms is 20));
    }

    [Fact]
    public void Nothing_to_throw_at_all_is_a_swing_too()
    {
        Plan plan = Planner.Make(CaseFor("kettlebells", [EventKind.LoadedThrow]));
        Assert.All(plan.Block!.Weeks, week => Assert.Single(week.Sessions.SelectMany(session => session.Items), IsSwing));
    }

    private static bool IsSwing(PrescribedItem item) => item is { Exercise: "kettlebell-swing", Purpose: Purpose.Event };

    // Two days of legs, one of them the event's: on Monday where days are as long as each other, on Saturday where that is the longest.
    [Theory]
    [InlineData(90)]
    [InlineData(120)]
    public void The_one_leg_day_beside_an_event_is_led_by_the_pull_that_was_named(int saturday)
    {
        ClientCase @case = CaseFor("farmers-handles", [EventKind.CarryMedley]);
        Client client = @case.Client with
        {
            Level = Level.Advanced,
            TargetLifts = ["conventional-deadlift", "overhead-press"],
            Days = [new(Weekday.Mon, 90), new(Weekday.Wed, 90), new(Weekday.Fri, 90), new(Weekday.Sat, saturday)],
        };
        LiftFault grip = new()
        {
            Lift = "conventional-deadlift",
            Fault = FaultCode.GripFails,
            FromPercent = 85,
        };
        Plan plan = Planner.Make(@case with { Client = client, Faults = [grip] });
        foreach (Week week in plan.Block!.Weeks.Where(week => week.Kind is WeekKind.Load))
        {
            Session legs = Assert.Single(
                week.Sessions,
                session =>
                    session.Items.Any(item =>
                        item is { Role: Role.Main, Purpose: Purpose.Main }
                        && ExerciseCatalogue.Shipped[item.Exercise].Pattern is Pattern.Hinge
                    )
            );
            PrescribedItem pull = legs.Items.First(item => item.Purpose is Purpose.Main);
            Assert.Equal("conventional-deadlift", pull.Exercise);
            Assert.True(pull.Sets.Max(set => set.Percent?.Value) >= 80);
            Assert.Contains(
                legs.Items,
                item => item.Purpose is Purpose.Second && ExerciseCatalogue.Shipped[item.Exercise].Pattern is Pattern.Squat
            );
            // A bar is held on no day beside it, and nowhere so light that the hands do not notice.
            foreach (
                PrescribedItem hold in week
                    .Sessions.SelectMany(session => session.Items)
                    .Where(item => item.Exercise is "deadlift-top-hold")
            )
                Assert.All(hold.Sets, set => Assert.True(set.Percent?.Value > 80));
        }
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
