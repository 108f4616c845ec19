using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Screening;

namespace Nerezza.Core.Tests.Findings;

/// <summary>docs/handbook/05-faults.md, rule 6. Predictions in the comments were summed apart from this code, in Python, from the model's
/// formulas.</summary>
public sealed class LeanTests
{
    private static readonly Client Tall = Watched.Client with
    {
        HeightCm = 192,
        MassKg = 85,
        Segments = new Segments(44, 53, 52, null, null),
    };

    // 175 cm, 80 kg, bar high, 20 kg: 4 cm predicts 58.8 above parallel; 11 cm 39.5. 8 cm 47.0; at parallel 12 cm predicts 42.7.
    [Theory]
    [InlineData(4, SquatDepth.Above, 65.7, "ankle-range capacity - 3 0.8")]
    [InlineData(4, SquatDepth.Above, 65.9, "ankle-range capacity - 3 0.8")] // own branch: not recorded, taken from the ankle's test
    [InlineData(8, SquatDepth.Above, 50, "ankle-range capacity - 2 0.8")]
    [InlineData(12, SquatDepth.At, 46, "squat-timing skill - 1 0.1")] // prediction at most 45
    [InlineData(12, SquatDepth.At, 45, "")]
    public void The_lean_of_an_ordinary_body(double kneeToWall, SquatDepth depth, double lean, string expected) =>
        Assert.Equal(expected.Length == 0 ? [] : [expected], Watched.Lines(Watched.Find(Squatting(kneeToWall, depth, lean))));

    // 192 cm with a thigh of 53 and a torso of 52: 12 cm predicts 54.8 above parallel, 64.9 at it; 8 cm 70.1 above, 11 cm 58.1.
    [Theory]
    [InlineData(12, SquatDepth.Above, 61.7, "long-thighs proportion - 1 0.6")]
    [InlineData(12, SquatDepth.Above, 61.9, "squat-timing skill - 1 0.1")]
    [InlineData(12, SquatDepth.At, 50, "long-thighs proportion - 1 0.6")]
    // 12.0 of 25.1 gained: under half
    [InlineData(8, SquatDepth.Above, 60, "long-thighs proportion - 1 0.6", "ankle-range capacity - 1 0.6")]
    public void The_lean_of_long_thighs(double kneeToWall, SquatDepth depth, double lean, params string[] expected) =>
        Assert.Equal(expected.Order(), Watched.Lines(Watched.Find(Squatting(kneeToWall, depth, lean), [], [], [], Tall)).Order());

    [Fact]
    public void A_recorded_lean_that_the_body_explains_is_not_held_against_the_client()
    {
        LiftFault lean = new()
        {
            Lift = "back-squat-high-bar",
            Fault = FaultCode.ExcessLean,
            FromPercent = 85,
            HeldInIsolation = true,
        };
        Assert.Equal(
            ["long-thighs proportion - 1 0.6"],
            Watched.Lines(Watched.Find(Squatting(12, SquatDepth.At, 44), [lean], [], [], Tall))
        );
        Assert.Equal(["quads-weak strength - 2 0.8"], Watched.Lines(Watched.Find(Squatting(12, SquatDepth.At, 44), lean)));
    }

    [Fact]
    public void The_evidence_names_what_was_seen_and_what_this_body_needs()
    {
        Evidence piece = Assert.Single(Watched.Find(Squatting(12, SquatDepth.At, 60), [], [], [], Tall)).Evidence[0];
        Assert.Equal(new Evidence(new Measure.Tested(ScreenTest.SquatLean), new Reading.Number(60), "this body needs 64.9"), piece);
        // More than 7 less than predicted: doubt about the model, not about the client.
        Finding doubted = Assert.Single(Watched.Find(Squatting(12, SquatDepth.At, 50), [], [], [], Tall));
        Assert.Equal((1, "this body needs 64.9 by the model, which may be wrong here"), (doubted.Severity, doubted.Evidence[0].Norm));
    }

    private static Screen Squatting(double kneeToWall, SquatDepth depth, double lean) =>
        new()
        {
            KneeToWallCm = new BothSides(kneeToWall, kneeToWall),
            Squat = Watched.Squat with { Depth = depth, LeanDeg = lean, Bar = ScreenBar.High },
        };
}
