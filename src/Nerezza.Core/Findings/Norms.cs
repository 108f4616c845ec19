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
    private static readonly Dictionary<string, TestLimit> Limits = new()
    {
        ["kneeToWallCm"] = FindingRules.Shipped.Screen.KneeToWallCm,
        ["hipFlexionDeg"] = FindingRules.Shipped.Screen.HipFlexionDeg,
        ["armsOverheadDeg"] = FindingRules.Shipped.Screen.ArmsOverheadDeg,
        ["straightLegRaiseDeg"] = FindingRules.Shipped.Screen.StraightLegRaiseDeg,
        ["singleLegBridgeReps"] = FindingRules.Shipped.Screen.SingleLegBridgeReps,
        ["calfRaiseReps"] = FindingRules.Shipped.Screen.CalfRaiseReps,
    };

    /// <summary>The norm of a test by its place below screen; null when it has none.</summary>
    public static Norm? Of(string path) =>
        Limits.TryGetValue(path, out TestLimit? limit) ? new Norm(limit.Adequate, limit.Upper, limit.Severe, limit.Norm) : null;
}
