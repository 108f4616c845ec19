using Nerezza.Core.Clients;
using Nerezza.Core.Screening;

namespace Nerezza.Core.Findings.Rules;

/// <summary>Range that the screen measured: ankle, hips, hamstrings, shoulders, upper back (handbook 4 and 6).</summary>
internal static class RangeRules
{
    private static readonly ScreenLimits Limits = FindingRules.Shipped.Screen;

    /// <summary>Knee-to-wall, with the squat's own signs that agree. Heels that rise or a squat that is better on a wedge speak for the ankle
    /// where it measured short, or was not measured.</summary>
    public static IEnumerable<Observation> Ankle(Screen screen)
    {
        TestLimit limit = Limits.KneeToWallCm;
        foreach (Observation short_ in TwoSided(screen.KneeToWallCm, "screen.kneeToWallCm", limit, FindingCode.AnkleRange, Cause.Capacity)) yield return short_;
        ScreenSquat? squat = screen.Squat;
        bool measuredShort = IsFlagged(screen), untested = screen.KneeToWallCm?.Smaller is null;
        bool better = squat?.BetterWithHeelsRaised == true && (measuredShort || untested);
        if (better && untested)
            yield return new Observation(FindingCode.AnkleRange, Cause.Capacity, 1, Basis.Seen, [Heels]) { Drill = Drill.Confirms };
        if (squat?.HeelRise == true && (measuredShort || better))
            yield return new Observation(FindingCode.AnkleRange, Cause.Capacity, 1, Basis.Seen, [new Evidence("screen.squat.heelRise", true, "heels down")]);
    }

    /// <summary>The wedge as a drill that confirms a measured ankle; no observation of its own then.</summary>
    public static Evidence? AnkleDrill(Screen screen) => screen.Squat?.BetterWithHeelsRaised == true && IsFlagged(screen) ? Heels : null;

    /// <summary>Whether knee-to-wall is below the adequate limit on either side.</summary>
    public static bool IsFlagged(Screen screen) => screen.KneeToWallCm?.Smaller < Limits.KneeToWallCm.Adequate;

    public static IEnumerable<Observation> Others(Screen screen)
    {
        foreach (Observation raise in TwoSided(screen.StraightLegRaiseDeg, "screen.straightLegRaiseDeg", Limits.StraightLegRaiseDeg, FindingCode.HamstringRange, Cause.Capacity))
            yield return raise;
        // Arms that do not reach are blamed on the upper back where it does not move alone.
        FindingCode arms = screen.UpperBackMovesAlone == false ? FindingCode.ThoracicRange : FindingCode.ShoulderRange;
        foreach (Observation reach in TwoSided(screen.ArmsOverheadDeg, "screen.armsOverheadDeg", Limits.ArmsOverheadDeg, arms, Cause.Capacity)) yield return reach;
        if (screen.UpperBackMovesAlone == false)
            yield return new Observation(FindingCode.ThoracicRange, Cause.Capacity, 1, Basis.Seen, [new Evidence("screen.spine.upperBackMovesAlone", false, "rounds and extends alone")]);
        if (screen.HipFlexionDeg < Limits.HipFlexionDeg.Adequate)
            yield return new Observation(FindingCode.HipRange, Cause.Capacity, 1, Basis.Measured, [new Evidence("screen.hipFlexionDeg", screen.HipFlexionDeg.Value, Limits.HipFlexionDeg.Norm)]) { Limit = Limit.Passed };
        if (screen.Squat?.TuckAtHipHeightCm is { } tuck)
            yield return new Observation(FindingCode.HipRange, Cause.Capacity, 1, Basis.Measured, [new Evidence("screen.squat.tuckAtHipHeightCm", tuck, "no tuck")]);
    }

    /// <summary>A test of both sides is one observation: below the limit, or adequate with sides that differ.</summary>
    public static IEnumerable<Observation> TwoSided(BothSides? test, string path, TestLimit limit, FindingCode code, Cause cause)
    {
        if (test?.Smaller is not { } smaller) yield break;
        List<Evidence> sides = [.. Sides(test, path, limit.Norm)];
        if (smaller < limit.Adequate)
            yield return new Observation(code, cause, smaller < limit.Severe ? 3 : 1, Basis.Measured, sides) { Side = test.OneSideBelow(limit.Adequate), Limit = Limit.Passed };
        else if (limit.SidesDiffer is { } apart && test.Difference >= apart)
            yield return new Observation(code, cause, 1, Basis.Measured, sides) { Side = test.Lesser };
    }

    public static IEnumerable<Evidence> Sides(BothSides test, string path, string norm)
    {
        if (test.Left is { } left) yield return new Evidence($"{path}.left", left, norm);
        if (test.Right is { } right) yield return new Evidence($"{path}.right", right, norm);
    }

    private static Evidence Heels => new("screen.squat.betterWithHeelsRaised", true, "no better");
}
