using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Prescription;
using Nerezza.Core.Screening;

namespace Nerezza.Core.Tests;

/// <summary>What an uneven test says of other exercises, and what it does not (docs/handbook/12-weeks-and-blocks.md#sides).</summary>
public sealed class SidePlanTests
{
    private static Finding Gap(params Evidence[] evidence) =>
        new()
        {
            Code = FindingCode.SideAsymmetry,
            Cause = Cause.Strength,
            Side = Side.Right,
            Severity = 3,
            Confidence = 0.8,
            Evidence = evidence,
        };

    private static Evidence Index(string exercise, double percent) =>
        new(new Measure.LimbSymmetry(exercise), new Reading.Number(percent), "90 and more");

    private static Evidence Bridge(Side side, double reps) =>
        new(new Measure.Tested(ScreenTest.SingleLegBridge, side), new Reading.Number(reps), "10 to 15");

    [Theory]
    [InlineData("leg-extension", 1)] // the test itself
    [InlineData("dumbbell-split-squat", 1)] // the same prime mover
    [InlineData("single-arm-dumbbell-row", 0)] // a test of the legs says nothing of an arm
    [InlineData("half-kneeling-single-arm-press", 0)]
    public void A_test_of_a_leg_speaks_of_what_it_tested(string exercise, int extra)
    {
        SidePlan plan = WeakerSide
            .PlanOf([Gap(Index("leg-extension", 70))], [], ExerciseCatalogue.Shipped)
            .For(ExerciseCatalogue.Shipped[exercise]);
        Assert.Equal((extra == 1 ? Side.Right : Side.Left, extra), (plan.First, plan.ExtraForFirst));
    }

    [Theory]
    [InlineData(12, 12.5, 0)] // 96 %: repetitions are no percent
    [InlineData(8, 12, 1)] // 67 %
    public void The_symmetry_is_that_of_the_test(double left, double right, int extra) =>
        Assert.Equal(
            extra,
            WeakerSide.PlanOf([Gap(Bridge(Side.Left, left), Bridge(Side.Right, right))], [], ExerciseCatalogue.Shipped).ExtraForFirst
        );
}
