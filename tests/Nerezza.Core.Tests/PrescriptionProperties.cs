using CsCheck;
using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Checks;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;
using Nerezza.Tests.Shared;

namespace Nerezza.Core.Tests;

/// <summary>What must hold of every prescribed week (docs/handbook/11-prescription.md, docs/handbook/12-weeks-and-blocks.md), over made-up
/// cases of all kinds.</summary>
public sealed class PrescriptionProperties
{
    private static readonly Planner Planner = new(ExerciseCatalogue.Shipped, new GreedyChooser(), new GreedyWeekLayout());

    [Fact]
    public void Strength_work_rests_two_minutes_and_stands_in_no_superset() =>
        Each(
            (plan, _, session, item) =>
            {
                if (!StrengthWork.Is(item, ExerciseCatalogue.Shipped))
                    return;
                Assert.Null(item.Superset);
                // After both sides of a one-sided set; between the sides it is a breath.
                Assert.All(
                    item.Sets.Where((set, i) => set.Side is null || i % 2 == 1),
                    set => Assert.True(set.Rest.Seconds >= 120, $"{item.Exercise} rests {set.Rest.Seconds}")
                );
            }
        );

    [Fact]
    public void A_superset_pairs_accessories_that_share_no_hard_working_muscle() =>
        Made.Case.Drawn(@case =>
        {
            foreach (Session session in Sessions(Planner.Make(@case)))
            foreach (
                List<PrescribedItem> pair in session
                    .Items.Where(item => item.Superset is not null)
                    .GroupBy(item => item.Superset)
                    .Select(group => group.ToList())
            )
            {
                Assert.Equal(2, pair.Count);
                Assert.False(Supersets.Clash(ExerciseCatalogue.Shipped[pair[0].Exercise], ExerciseCatalogue.Shipped[pair[1].Exercise]));
                Assert.Equal(session.Items.ToList().IndexOf(pair[0]) + 1, session.Items.ToList().IndexOf(pair[1]));
            }
        });

    [Fact]
    public void A_muscle_has_no_more_than_its_sets_in_a_session_or_a_check_says_so() =>
        Made.Case.Drawn(@case =>
        {
            Plan plan = Planner.Make(@case);
            bool over = plan.Ledger.Any(row => row.Weeks.Any(week => week.MostInSession > 10));
            Assert.Equal(over, plan.Checks.Any(check => check.Code is CheckCode.SessionCap));
        });

    [Fact]
    public void A_long_block_of_an_intermediate_holds_a_deload() =>
        Made.Case.Drawn(@case =>
        {
            Plan plan = Planner.Make(@case);
            if (
                plan.Block is not { Kind: not (BlockKind.Test or BlockKind.Peak or BlockKind.Return) } block
                || block.Weeks.Count < 5
                || @case.Client.Level is Level.Novice
            )
                return;
            Assert.Contains(block.Weeks, week => week.Kind is WeekKind.Deload);
        });

    [Fact]
    public void Nobody_goes_to_the_last_repetition_but_in_a_test_or_an_amrap() =>
        Each(
            (plan, week, _, item) =>
            {
                if (item.Role is Role.Main or Role.Second && plan.Block!.Kind is not BlockKind.Test)
                    Assert.All(item.Sets, set => Assert.True(set.Rpe.Value < 10, $"{item.Exercise} {set}"));
            }
        );

    [Fact]
    public void An_amrap_is_asked_for_every_second_load_week_where_a_safe_exercise_stands() =>
        Made.Case.Drawn(@case =>
        {
            Plan plan = Planner.Make(@case);
            var calibrating = new CalibratingSets(@case.Client, ExerciseCatalogue.Shipped, 3);
            if (plan.Block is not { Kind: not (BlockKind.Return or BlockKind.Foundation) } block)
                return;
            // A new client has none in the first two weeks.
            foreach (
                (Week first, Week second) in block
                    .Weeks.Skip(2)
                    .Zip(block.Weeks.Skip(3))
                    .Where(pair => pair.First.Kind is WeekKind.Load && pair.Second.Kind is WeekKind.Load)
            )
            {
                List<PrescribedItem> items = [.. first.Sessions.Concat(second.Sessions).SelectMany(session => session.Items)];
                if (first.Sessions.SelectMany(session => session.Items).Any(item => calibrating.IsSafe(item.Ask)))
                    Assert.Contains(items, item => item.Sets.Any(set => set.Amrap));
                Assert.All(items.Where(item => item.Sets.Any(set => set.Amrap)), item => Assert.True(calibrating.IsSafe(item.Ask)));
            }
        });

    [Fact]
    public void Accessories_add_a_repetition_or_go_to_the_next_load_and_never_back() =>
        Made.Case.Drawn(@case =>
        {
            Plan plan = Planner.Make(@case);
            if (plan.Block is not { Kind: not BlockKind.Return } block)
                return;
            foreach (
                (Week first, Week second) in block
                    .Weeks.Zip(block.Weeks.Skip(1))
                    .Where(pair => pair.First.Kind is WeekKind.Load && pair.Second.Kind is WeekKind.Load)
            )
            foreach (
                (PrescribedItem before, PrescribedItem after) in Pairs(first, second)
                    .Where(pair =>
                        pair.Item1.Role is Role.Accessory or Role.SingleJoint
                        && pair.Item1.Sets[0].Load is not null
                        && pair.Item2.Sets[0].Load is not null
                    )
            )
            {
                (Load was, Load now) = (before.Sets[0].Load!.Value, after.Sets[0].Load!.Value);
                bool sameLoad = now == was && after.Sets[0].Reps - before.Sets[0].Reps is 0 or 1;
                Assert.True(
                    sameLoad || (now > was && after.Sets[0].Reps == after.Range.Bottom),
                    $"{before.Exercise} {before.Sets[0].Reps} x {was.Kilograms} then {after.Sets[0].Reps} x {now.Kilograms}"
                );
            }
        });

    [Fact]
    public void Near_an_event_pulls_and_squats_are_light_and_the_day_itself_is_free() =>
        Gen.Select(Made.Case, Gen.Int[0, 28])
            .Drawn(
                (@case, days) =>
                {
                    DateOnly on = @case.Block.Start.AddDays(days);
                    Plan plan = Planner.Make(@case with { Client = @case.Client with { Competition = on } });
                    foreach (Session session in Sessions(plan))
                    {
                        Assert.NotEqual(on, session.Date);
                        int left = on.DayNumber - session.Date.DayNumber;
                        if (left <= 0)
                            continue;
                        foreach (PrescribedItem item in session.Items)
                        {
                            Pattern pattern = ExerciseCatalogue.Shipped[item.Exercise].Pattern;
                            // A squat may be heavy once more up to five days out.
                            bool mayBeHeavy = pattern is Pattern.Squat && left >= 5;
                            if (item.Role is Role.Main && item.Sets.All(set => set.Reps == 1) && left is >= 3 and <= 6 && !mayBeHeavy)
                                Assert.All(
                                    item.Sets,
                                    set => Assert.True(set.Rpe.Value <= 6.5 && !(set.Percent?.Value > 82), $"{item.Exercise} {left} {set}")
                                );
                            else if (pattern is Pattern.Hinge && left < 7 || pattern is Pattern.Squat && left < 5)
                                Assert.All(
                                    item.Sets,
                                    set =>
                                        Assert.True(
                                            set.Rpe.Value <= 6 && !(set.Percent?.Value > 70.001),
                                            $"{left} days: {item.Exercise} {set}"
                                        )
                                );
                        }
                    }
                }
            );

    [Fact]
    public void After_a_lay_off_the_first_week_is_lighter_and_shorter() =>
        Gen.Select(Made.Case, Gen.Int[1, 12])
            .Drawn(
                (@case, weeks) =>
                {
                    DateOnly last = @case.Block.Start.AddDays(-7 * weeks);
                    ClientCase trained = @case with
                    {
                        Log =
                        [
                            new LogDay(
                                last,
                                null,
                                [
                                    new LogSet
                                    {
                                        Exercise = "back-squat-high-bar",
                                        Load = Load.FromKilograms(60),
                                        Reps = 5,
                                        Rpe = Rpe.Of(8),
                                    },
                                ]
                            ),
                        ],
                    };
                    LayOff away = LayOff.Of(trained.Log, trained.TrainsUntil, trained.Block.Start);
                    Assert.Equal(
                        weeks switch
                        {
                            < 2 => 1,
                            < 4 => 0.95,
                            < 8 => 0.9,
                            _ => 0.8,
                        },
                        away.Load
                    );
                    Assert.Equal((away.Load + 1) / 2, away.In(2).Load, 6);
                    Assert.Equal(LayOff.None, away.In(3));
                    if (
                        away == LayOff.None
                        || Planner.Make(trained).Block is not { } block
                        || block.Kind is BlockKind.Return or BlockKind.Deload
                    )
                        return;
                    foreach (
                        PrescribedItem item in block
                            .Weeks[0]
                            .Sessions.SelectMany(session => session.Items)
                            .Where(item => item.Role is Role.Main && item.Ask.Target.Kind is not TargetKind.Calibration)
                    )
                        Assert.InRange(item.SetsASide, 1, Math.Round(5 * away.Sets, MidpointRounding.AwayFromZero));
                }
            );

    private static IEnumerable<(PrescribedItem, PrescribedItem)> Pairs(Week first, Week second) =>
        first
            .Sessions.Join(second.Sessions, session => session.Day, session => session.Day, (one, other) => (one, other))
            .SelectMany(days =>
                days.one.Items.Join(days.other.Items, item => item.Exercise, item => item.Exercise, (before, after) => (before, after))
            );

    private static IEnumerable<Session> Sessions(Plan plan) => plan.Block?.Weeks.SelectMany(week => week.Sessions) ?? [];

    private static void Each(Action<Plan, Week, Session, PrescribedItem> check) =>
        Made.Case.Drawn(@case =>
        {
            Plan plan = Planner.Make(@case);
            foreach (Week week in plan.Block?.Weeks ?? [])
            foreach (Session session in week.Sessions)
            foreach (PrescribedItem item in session.Items)
                check(plan, week, session, item);
        });
}
