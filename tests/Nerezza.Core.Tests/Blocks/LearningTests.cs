using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Checks;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Screening;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Tests.Blocks;

/// <summary>Those who begin: lifts led as practice, and the first loads of the young.</summary>
public sealed class LearningTests
{
    private static readonly Planner Planner = new(ExerciseCatalogue.Shipped, new GreedyChooser(), new GreedyWeekLayout());

    /// <summary>docs/handbook/09-composition.md: foundation with an open skill finding.</summary>
    [Theory]
    [InlineData(FaultCode.TechniqueFades, BlockKind.Foundation, false)]
    [InlineData(FaultCode.DropsAndBounces, BlockKind.Foundation, true)]
    [InlineData(FaultCode.DropsAndBounces, BlockKind.Muscle, false)]
    public void In_a_foundation_block_the_lift_with_the_open_skill_finding_leads_as_practice(
        FaultCode fault,
        BlockKind kind,
        bool practised
    )
    {
        ClientCase plain = PlainCase.With(60, [Weekday.Mon, Weekday.Thu], []);
        Plan plan = Planner.Make(
            plain with
            {
                Client = plain.Client with { Level = Level.Novice },
                Strength = [],
                Block = plain.Block with { Kind = kind, Weeks = 4 },
                Faults =
                [
                    new LiftFault
                    {
                        Lift = "back-squat-high-bar",
                        Fault = fault,
                        FromPercent = 40,
                        HeldInIsolation = true,
                    },
                ],
            }
        );
        List<PrescribedItem> squats =
        [
            .. plan.Block!.Weeks.Where(week => week.Kind is WeekKind.Load)
                .SelectMany(week => week.Sessions)
                .SelectMany(session => session.Items)
                .Where(item => item.Role is Role.Main && ExerciseCatalogue.Shipped[item.Exercise].Pattern is Pattern.Squat),
        ];
        Assert.NotEmpty(squats);
        Assert.All(
            squats,
            item =>
                Assert.Equal(
                    practised,
                    item.Sets.Count is 3
                        && item.Sets.All(set => set is { IsEasy: true, Reps: >= 8 and <= 10 } && set.Tempo.ToString() is "4-2-1-0")
                )
        );
        Assert.DoesNotContain(plan.Checks, check => check.Code is CheckCode.TooLight or CheckCode.NoProgress);
    }

    /// <summary>docs/handbook/10-loads.md: under 16 the empty implement or the lightest bell.</summary>
    [Theory]
    [InlineData(2012, true)]
    [InlineData(1996, false)]
    public void Under_16_begin_with_the_lightest_there_is(int born, bool lightest)
    {
        ClientCase plain = PlainCase.With(60, [Weekday.Mon, Weekday.Thu], []);
        Plan plan = Planner.Make(
            plain with
            {
                Client = plain.Client with { BirthYear = born, GuardianConsent = true, Goal = Goal.Muscle },
                Strength = [],
                Block = plain.Block with { Kind = BlockKind.Muscle, Weeks = 4 },
            }
        );
        List<(string Exercise, double? First, double Least)> loads =
        [
            .. plan.Block!.Weeks[0]
                .Sessions.SelectMany(session => session.Items)
                .Where(item =>
                    ExerciseCatalogue.Shipped[item.Exercise] is { Load: LoadSource.Barbell, FromFloor: false }
                    && item.Sets[0].Load is not null
                )
                .Select(item => (item.Exercise, item.Sets[0].Load?.Kilograms, 20.0)),
        ];
        Assert.NotEmpty(loads);
        if (lightest)
            Assert.All(loads, row => Assert.Equal(row.Least, row.First));
        else
            Assert.Contains(loads, row => row.First > row.Least);
    }
}
