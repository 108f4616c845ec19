using Nerezza.Core;
using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Checks;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Selection;
using Nerezza.Solve;

namespace Nerezza.Web.Tests;

/// <summary>A student who wants strong glutes on five days a week (docs/handbook/12-weeks-and-blocks.md).</summary>
public sealed class GluteWeekTests
{
    private static readonly Plan Plan = new Planner(ExerciseCatalogue.Shipped, new CpChooser(), new CpWeekLayout()).Make(
        new ClientCase
        {
            Client = new Client
            {
                Name = "student",
                HeightCm = 168,
                MassKg = 62,
                Level = Level.Intermediate,
                Goal = Goal.Muscle,
                Emphasis = [Muscle.GluteusMaximus],
                Days = [new(Weekday.Mon, 75), new(Weekday.Tue, 75), new(Weekday.Wed, 75), new(Weekday.Fri, 75), new(Weekday.Sat, 75)],
            },
            Equipment = new Equipment
            {
                Items = new HashSet<Implement>
                {
                    Implement.Barbell,
                    Implement.Rack,
                    Implement.Bench,
                    Implement.Plates,
                    Implement.Dumbbells,
                    Implement.Cable,
                    Implement.Pulldown,
                    Implement.RowMachine,
                    Implement.HipAbductionMachine,
                    Implement.Bands,
                    Implement.LegExtension,
                    Implement.LegCurlSeated,
                },
                Bars = [new Bar("bar", Load.FromKilograms(20), Implement.Barbell)],
                Plates = [.. new[] { 25.0, 20, 10, 5, 2.5, 1.25 }.Select(kg => new PlatePairs(Load.FromKilograms(kg), 3, kg >= 20))],
                Dumbbells = [.. Enumerable.Range(2, 14).Select(i => Load.FromKilograms(i * 2.5))],
                StackStep = Load.FromKilograms(5),
            },
            Strength =
            [
                .. new[] { ("back-squat-high-bar", 80.0), ("conventional-deadlift", 100), ("barbell-hip-thrust", 110) }.Select(
                    row => new StrengthEntry
                    {
                        Exercise = row.Item1,
                        Load = Load.FromKilograms(row.Item2),
                        Reps = 1,
                        Rpe = Rpe.Ten,
                        Side = null,
                        Date = new DateOnly(2026, 11, 20),
                        Amrap = false,
                    }
                ),
            ],
            Block = new BlockRequest(new DateOnly(2026, 11, 30), BlockKind.Auto, 4, BlockFocus.Whole),
        }
    );

    [Fact]
    public void Each_of_three_lower_sessions_has_a_squat_a_hinge_a_thrust_and_abduction()
    {
        foreach (Week week in Plan.Block!.Weeks.Where(week => week.Kind is WeekKind.Load))
        {
            List<Pattern[]> lower =
            [
                .. week
                    .Sessions.Select(session => session.Items.Select(item => ExerciseCatalogue.Shipped[item.Exercise].Pattern).ToArray())
                    .Where(patterns => patterns.Contains(Pattern.Hinge)),
            ];
            Assert.Equal(3, lower.Count);
            Assert.All(
                lower,
                patterns =>
                {
                    Assert.True(patterns.Contains(Pattern.Squat) || patterns.Contains(Pattern.Lunge));
                    Assert.Contains(Pattern.Thrust, patterns);
                    Assert.Contains(Pattern.Abduction, patterns);
                }
            );
        }
    }

    [Fact]
    public void No_muscle_has_more_than_ten_hard_sets_in_a_session_and_heavy_hinges_and_lunges_lie_apart()
    {
        Assert.All(Plan.Ledger.SelectMany(row => row.Weeks), week => Assert.True(week.MostInSession <= 10));
        Assert.DoesNotContain(
            Plan.Checks,
            check =>
                check.Code
                    is CheckCode.HingeSpacing
                        or CheckCode.LungeSpacing
                        or CheckCode.SessionCap
                        or CheckCode.EmphasisLate
                        or CheckCode.PushPullImbalance
        );
    }

    [Fact]
    public void What_comes_again_in_a_week_comes_at_other_repetitions()
    {
        // Where they start; later they grow from what was done.
        foreach (Week week in Plan.Block!.Weeks.Take(1))
        foreach (
            var again in week
                .Sessions.SelectMany(session => session.Items)
                .Where(item => item.Role is not Role.Trunk)
                .GroupBy(item => item.Exercise)
        )
            Assert.True(
                again.Count() == again.Select(item => item.Ask.Target.Reps).Distinct().Count(),
                $"{again.Key}: {string.Join(", ", again.Select(item => $"{item.Ask.Target.Reps} x {item.Sets[^1].Load?.Kilograms}"))}"
            );
    }
}
