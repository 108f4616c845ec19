using CsCheck;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Selection;
using Nerezza.Solve;

namespace Nerezza.Web.Tests;

/// <summary>The week's layout by the solver: the best of all weeks, the same whatever the seed.</summary>
public sealed class WeekSolverTests
{
    private static readonly Gen<WeekLayoutProblem> Problems =
        from days in Gen.Shuffle(Enum.GetValues<Weekday>(), 1, 6)
        from emphasis in Gen.Shuffle(Enum.GetValues<Muscle>(), 0, 2)
        from hard in Gen.Shuffle(Enum.GetValues<Weekday>(), 0, 2)
        from focus in Gen.Enum<BlockFocus>()
        from start in Gen.Int[0, 6]
        select new DaySplit(
            new Client
            {
                Name = "x",
                HeightCm = 175,
                MassKg = 80,
                Level = Level.Intermediate,
                Emphasis = emphasis,
                Days = [.. days.Select(day => new TrainingDay(day, 60))],
                OtherTraining = [.. hard.Select(day => new OtherTraining(day, OtherTrainingKind.Run, 40, true))],
            },
            new BlockRequest(new DateOnly(2026, 11, 30).AddDays(start), BlockKind.Strength, 4, focus),
            ExerciseCatalogue.Shipped,
            null
        ).Problem();

    [Fact]
    public void No_other_week_costs_less_and_every_day_has_one_session() =>
        Problems.Sample(
            problem =>
            {
                IReadOnlyList<int> week = new CpWeekLayout().LayOut(problem);
                Assert.Equal(Enumerable.Range(0, problem.Count), week.Order());
                Assert.Equal(Orders([.. Enumerable.Range(0, problem.Count)]).Min(problem.CostOf), problem.CostOf(week));
                Assert.True(problem.CostOf(week) <= problem.CostOf(new GreedyWeekLayout().LayOut(problem)));
            },
            iter: 60
        );

    [Fact]
    public void The_seed_does_not_matter() =>
        Problems.Sample(problem => Assert.Equal(new CpWeekLayout(1).LayOut(problem), new CpWeekLayout(7).LayOut(problem)), iter: 30);

    private static IEnumerable<int[]> Orders(int[] days) =>
        days.Length == 0
            ?
            [
                [],
            ]
            : days.SelectMany(day => Orders([.. days.Where(other => other != day)]).Select(rest => (int[])[day, .. rest]));
}
