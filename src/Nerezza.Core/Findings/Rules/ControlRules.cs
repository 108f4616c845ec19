using Nerezza.Core.Measures;
using Nerezza.Core.Screening;

namespace Nerezza.Core.Findings.Rules;

/// <summary>Control and strength that the screen shows without load (docs/handbook/04-screen.md, docs/handbook/06-findings.md). A weakness
/// from body weight alone has severity 1.</summary>
internal static class ControlRules
{
    private static readonly ScreenLimits Limits = FindingRules.Shipped.Screen;

    public static IEnumerable<Observation> Spine(Screen screen)
    {
        if (screen.LostContacts is { Count: > 0 } lost)
            yield return Seen(
                FindingCode.SpinalControl,
                Cause.Skill,
                ScreenTest.LostContacts,
                new Reading.Word(string.Join(", ", lost.Distinct().Order().Select(Codes.Of))),
                "all three kept"
            );
        if (screen.WallReach == false)
            yield return Seen(
                FindingCode.SpinalControl,
                Cause.Skill,
                ScreenTest.WallReach,
                new Reading.Answer(false),
                "reaches with the spine still"
            );
        if (screen.LowerBackMovesAlone == false)
            yield return Seen(
                FindingCode.SpinalControl,
                Cause.Skill,
                ScreenTest.LowerBackMovesAlone,
                new Reading.Answer(false),
                "rounds and extends alone"
            );
        if (screen.RibsStayDown == false)
            yield return Seen(FindingCode.Brace, Cause.Skill, ScreenTest.RibsStayDown, new Reading.Answer(false), "ribs stay down");
    }

    public static IEnumerable<Observation> Squat(Screen screen)
    {
        if (screen.Squat is not { } squat)
            yield break;
        if (squat.BetterWithPlateInFront == true)
            yield return Seen(
                FindingCode.SquatTiming,
                Cause.Skill,
                ScreenTest.BetterWithPlateInFront,
                new Reading.Answer(true),
                "no better"
            ) with
            {
                Drill = Drill.Alone,
            };
        if (squat.KneesIn == true)
            yield return Seen(
                FindingCode.AbductorsWeak,
                Cause.Strength,
                ScreenTest.KneesIn,
                new Reading.Answer(true),
                "knees over the feet"
            );
        if (squat.Shift is Shift.Left or Shift.Right)
            yield return Seen(
                FindingCode.SideAsymmetry,
                Cause.Strength,
                ScreenTest.SquatShift,
                new Reading.Word(Codes.Of(squat.Shift.Value)),
                "none"
            );
        // Heels that rise on an ankle that measured well are timing; where it was not measured that is less sure still.
        if (squat.HeelRise == true && !RangeRules.Ankle(screen, SquatShows.Nothing).Any())
            yield return Seen(FindingCode.SquatTiming, Cause.Skill, ScreenTest.HeelRise, new Reading.Answer(true), "heels down") with
            {
                Confidence = FindingRules.Shipped.Confidence.NoPercent,
                Doubt = screen.KneeToWallCm?.Smaller is null ? FindingRules.Shipped.Confidence.NoIsolation : 0,
            };
    }

    public static IEnumerable<Observation> Weakness(Screen screen)
    {
        foreach (
            Observation bridge in RangeRules.TwoSided(
                screen.SingleLegBridgeReps,
                ScreenTest.SingleLegBridge,
                Limits.SingleLegBridgeReps,
                FindingCode.GlutesWeak,
                Cause.Strength
            )
        )
            yield return bridge with
            {
                Limit = Limit.NotMeasured,
            };
        if (
            screen.SingleLegBridgeReps is { Difference: { } apart } bridges
            && Math.Round(apart / Math.Max(bridges.Left!.Value, bridges.Right!.Value), 6) > Limits.BridgeSidesDiffer
        )
            yield return new Observation(
                FindingCode.SideAsymmetry,
                Cause.Strength,
                1,
                Basis.Measured,
                [.. RangeRules.Sides(bridges, ScreenTest.SingleLegBridge, Limits.SingleLegBridgeReps.Norm)]
            )
            {
                Side = bridges.Lesser,
            };
        foreach (
            Observation calf in RangeRules.TwoSided(
                screen.CalfRaiseReps,
                ScreenTest.CalfRaise,
                Limits.CalfRaiseReps,
                FindingCode.CalvesWeak,
                Cause.Strength
            )
        )
            yield return calf with
            {
                Limit = Limit.NotMeasured,
            };
        if (screen.FeelsGlutes == false)
            yield return Seen(FindingCode.GlutesNotFelt, Cause.Skill, ScreenTest.FeelsGlutes, new Reading.Answer(false), "felt");
    }

    private static Observation Seen(FindingCode code, Cause cause, ScreenTest test, Reading value, string norm) =>
        new(code, cause, 1, Basis.Seen, [new Evidence(new Measure.Tested(test), value, norm)]);
}
