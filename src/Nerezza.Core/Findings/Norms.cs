using System.Diagnostics;
using Nerezza.Core.Screening;

namespace Nerezza.Core.Findings;

/// <summary>The norm of a test of the screen.</summary>
/// <param name="Adequate">From here it is adequate.</param>
/// <param name="Upper">Upper end of the usual band; null when it is open.</param>
/// <param name="Severe">Below this it is severe; 0 where nothing is.</param>
/// <param name="Text">In words.</param>
public sealed record Norm(double Adequate, double? Upper, double Severe, string Text);

/// <summary>The norms that findings hold the screen against, for pages that draw them.</summary>
public static class Norms
{
    private static readonly Dictionary<ScreenTest, TestLimit> Limits = new()
    {
        [ScreenTest.KneeToWall] = FindingRules.Shipped.Screen.KneeToWallCm,
        [ScreenTest.HipFlexion] = FindingRules.Shipped.Screen.HipFlexionDeg,
        [ScreenTest.ArmsOverhead] = FindingRules.Shipped.Screen.ArmsOverheadDeg,
        [ScreenTest.StraightLegRaise] = FindingRules.Shipped.Screen.StraightLegRaiseDeg,
        [ScreenTest.SingleLegBridge] = FindingRules.Shipped.Screen.SingleLegBridgeReps,
        [ScreenTest.CalfRaise] = FindingRules.Shipped.Screen.CalfRaiseReps,
    };

    /// <summary>The norm of what is measured otherwise than by the screen; null when it has none that a greater number meets.</summary>
    public static Norm? Of(Measure measure) =>
        measure switch
        {
            Measure.Tested tested => Of(tested.Test),
            Measure.LimbSymmetry => new Norm(
                FindingRules.Shipped.Symmetry.Adequate,
                null,
                FindingRules.Shipped.Symmetry.Severe,
                FindingRules.Shipped.Symmetry.Norm
            ),
            Measure.MaxRatio or Measure.Fault or Measure.Pain or Measure.Answered or Measure.CoachWord => null,
            _ => throw new UnreachableException(),
        };

    /// <summary>The norm of a test; null when it has none.</summary>
    public static Norm? Of(ScreenTest test) =>
        Limits.TryGetValue(test, out TestLimit? limit) ? new Norm(limit.Adequate, limit.Upper, limit.Severe, limit.Norm) : null;
}
