using CsCheck;
using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Checks;
using Nerezza.Core.Clients;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Prescription;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Selection;
using Nerezza.Tests.Shared;

namespace Nerezza.Core.Tests;

/// <summary>What must hold of every plan, over made-up cases of all kinds.</summary>
public sealed class PlannerTests
{
    private static readonly Planner Planner = new(ExerciseCatalogue.Shipped, new GreedyChooser(), new GreedyWeekLayout());

    [Fact]
    public void Every_load_can_be_made_and_its_plates_add_up() =>
        Each(
            (@case, plan, session, item) =>
            {
                IReadOnlyList<LoadMeans> means = new Loader(@case.Equipment).MeansFor(ExerciseCatalogue.Shipped[item.Exercise]);
                foreach (PrescribedSet set in item.Sets.Where(set => set.Load is not null))
                {
                    Assert.Contains(means, one => one.Steps.Contains(set.Load!.Value));
                    if (set.Bar is null)
                        continue;
                    Bar bar = @case
                        .Equipment.Bars.Concat(means.OfType<LoadMeans.OnBar>().Select(one => one.Rack.Bar))
                        .First(one => one.Name == set.Bar);
                    Assert.Equal(set.Load!.Value, set.PerSide!.Aggregate(bar.Mass, (sum, plate) => sum + plate * 2));
                    Assert.All(
                        set.PerSide!.GroupBy(plate => plate),
                        same =>
                            Assert.True(same.Count() <= @case.Equipment.Plates.Where(kind => kind.Mass == same.Key).Sum(kind => kind.Pairs))
                    );
                }
            }
        );

    [Fact]
    public void Nothing_passes_a_cap_from_pain_age_or_a_referral() =>
        Each(
            (@case, plan, session, item) =>
            {
                Caution caution = new TrainingCaps(@case.Client, @case.Pain, @case.Block.Start).For(
                    ExerciseCatalogue.Shipped[item.Exercise]
                );
                var allowed = Assert.IsType<Caution.Allowed>(caution);
                double? max = plan.Maxes.FirstOrDefault(row => row.Exercise == item.Exercise)?.Kilograms;
                Assert.All(
                    item.Sets,
                    set =>
                    {
                        Assert.True(set.Rpe <= allowed.MostRpe);
                        if (allowed.MostFraction < 1 && set.Load is { } load)
                            Assert.True(load.Kilograms <= allowed.MostFraction * max!.Value + 0.001);
                    }
                );
            }
        );

    [Fact]
    public void Every_exercise_can_be_done_with_the_kit() =>
        Each((@case, plan, session, item) => Assert.True(ExerciseCatalogue.Shipped[item.Exercise].CanBeDoneWith(@case.Equipment)));

    [Fact]
    public void Percent_rpe_and_repetitions_of_the_last_set_agree() =>
        Each(
            (@case, plan, session, item) =>
            {
                PrescribedSet last = item.Sets[^1];
                if (last.Percent is not { } percent || last.Rpe.Value <= 1)
                    return;
                var exercise = ExerciseCatalogue.Shipped[item.Exercise];
                OneRepMax found = plan.Maxes.First(row => row.Exercise == item.Exercise);
                double asked = found.Curve.Fraction(last.Reps, last.Rpe) * (last.Tempo.CostsLoad ? 0.92 : 1);
                LoadMeans means = new Loader(@case.Equipment).MeansFor(exercise)[0];
                double max = found.Kilograms;
                double step = Math.Max(
                    (means.NextAbove(last.Load!.Value) ?? last.Load.Value) - last.Load.Value,
                    last.Load.Value - (means.NextBelow(last.Load.Value) ?? last.Load.Value)
                );
                Assert.True(
                    Math.Abs(asked - percent.Fraction) <= 0.025 || Math.Abs(asked - percent.Fraction) * max <= step,
                    $"{item.Exercise} {last}"
                );
            }
        );

    [Fact]
    public void A_deload_is_half_the_sets_lighter_and_easy() =>
        Made.Case.Drawn(@case =>
        {
            if (Planner.Make(@case).Block is not { } block)
                return;
            foreach (
                (Week load, Week deload) in block
                    .Weeks.Zip(block.Weeks.Skip(1))
                    .Where(pair => pair.First.Kind is WeekKind.Load && pair.Second.Kind is WeekKind.Deload)
            )
            {
                foreach (Session session in load.Sessions)
                {
                    // Paired by day and exercise: a session or an exercise that the deload drops would otherwise pair with its neighbour.
                    Session after = Assert.Single(deload.Sessions, other => other.Day == session.Day);
                    // Where the load week pairs supersets to save minutes, the deload, which has minutes enough, need not.
                    Assert.Subset(
                        session.Items.Select(item => item.Exercise).ToHashSet(),
                        after.Items.Select(item => item.Exercise).ToHashSet()
                    );
                    Assert.True(after.Minutes <= session.Minutes);
                }
                foreach (
                    (PrescribedItem before, PrescribedItem item) in load
                        .Sessions.Zip(deload.Sessions)
                        .SelectMany(pair =>
                            pair.First.Items.Join(pair.Second.Items, one => one.Exercise, one => one.Exercise, (one, other) => (one, other))
                        )
                )
                {
                    Assert.Equal((before.SetsASide + 1) / 2, item.SetsASide);
                    Assert.All(item.Sets, set => Assert.True(set.Rpe.Value <= 6));
                    if (item.Sets[0].Load is { } light && before.Sets[^1].Load is { } heavy)
                        Assert.True(light <= heavy);
                }
            }
        });

    [Fact]
    public void Heavy_hinges_keep_two_days_apart_or_a_check_says_so() =>
        Made.Case.Drawn(@case =>
        {
            Plan plan = Planner.Make(@case);
            if (plan.Block is null)
                return;
            List<DateOnly> heavy =
            [
                .. plan
                    .Block.Weeks.SelectMany(week => week.Sessions)
                    .Where(session => session.Items.Any(IsHeavyHinge))
                    .Select(session => session.Date),
            ];
            bool close = heavy.Zip(heavy.Skip(1)).Any(pair => pair.Second.DayNumber - pair.First.DayNumber < 2);
            Assert.Equal(close, plan.Checks.Any(check => check.Code is CheckCode.HingeSpacing));
        });

    [Fact]
    public void A_stop_makes_no_block_and_anything_else_makes_one() =>
        Made.Case.Drawn(@case =>
        {
            Plan plan = Planner.Make(@case);
            Assert.Equal(plan.Referral?.Level is ReferralLevel.Stop, plan.Block is null);
            if (plan.Block is not null)
                Assert.Equal(@case.Block.Weeks, plan.Block.Weeks.Count);
        });

    [Fact]
    public void The_same_case_gives_the_same_plan() =>
        Made.Case.Drawn(
            @case =>
            {
                (Plan first, Plan second) = (Planner.Make(@case), Planner.Make(@case));
                Assert.Equal(Text(first), Text(second));
                Assert.Empty(PlanDifference.Between(first, second));
                Assert.Empty(PlanDifference.Cells(first.Block, second.Block));
            },
            iter: 50
        );

    private static bool IsHeavyHinge(PrescribedItem item) =>
        ExerciseCatalogue.Shipped[item.Exercise].Pattern is Pattern.Hinge
        && item.Sets.Any(set => set.Percent?.Value >= 75 || set.Rpe.Value >= 8);

    private static void Each(Action<ClientCase, Plan, Session, PrescribedItem> check) =>
        Made.Case.Drawn(@case =>
        {
            Plan plan = Planner.Make(@case);
            foreach (Session session in plan.Block?.Weeks.SelectMany(week => week.Sessions) ?? [])
            foreach (PrescribedItem item in session.Items)
                check(@case, plan, session, item);
        });

    private static string Text(Plan plan) =>
        string.Join(
            '\n',
            plan.Block?.Weeks.SelectMany(week => week.Sessions)
                .SelectMany(session =>
                    session.Items.SelectMany(item =>
                        item.Sets.Select(set =>
                            $"{session.Date} {item.Exercise} {set.Load?.Kilograms} {set.Reps} {set.Percent} "
                            + $"{string.Join('+', set.PerSide ?? [])}"
                        )
                    )
                )
                ?? []
        );
}
