using System.Diagnostics;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening.Safety;

namespace Nerezza.Formats.Cases;

/// <summary>Where a measurement stands in a case document, as plans name it.</summary>
public static class CasePath
{
    /// <summary>For example screen.kneeToWallCm.left.</summary>
    public static string Of(Measure measure) =>
        measure switch
        {
            Measure.Tested { Side: { } side } tested => $"screen.{Codes.Of(tested.Test)}.{Codes.Of(side)}",
            Measure.Tested tested => $"screen.{Codes.Of(tested.Test)}",
            Measure.Fault fault => $"faults[{fault.Entry}].{FieldOf(fault.Part)}",
            Measure.MaxRatio ratio => $"strength: {ratio.Exercise} / {ratio.To}",
            Measure.LimbSymmetry sides => $"strength: {sides.Exercise}, limb symmetry",
            Measure.Pain pain => $"pain[{pain.Entry}].{FieldOf(pain.Part)}",
            Measure.Answered answered => Of(answered.Reason),
            Measure.CoachWord => "coach",
            _ => throw new UnreachableException(measure.GetType().Name),
        };

    /// <summary>For example health.flags: night-pain.</summary>
    public static string Of(HealthReason reason) =>
        reason switch
        {
            HealthReason.Flag flag => $"health.flags: {Codes.Of(flag.Of)}",
            HealthReason.NerveSigns signs => $"pain[{signs.Entry}].nerveSigns",
            HealthReason.LastingPain lasting => $"pain[{lasting.Entry}].weeks",
            _ => throw new UnreachableException(reason.GetType().Name),
        };

    private static string FieldOf(FaultPart part) =>
        part switch
        {
            FaultPart.Seen => "fault",
            FaultPart.FromPercent => "fromPercent",
            FaultPart.HeldInIsolation => "heldInIsolation",
        };

    private static string FieldOf(PainPart part) =>
        part switch
        {
            PainPart.Region => "region",
            PainPart.ScoreDuring => "scoreDuring",
            PainPart.ScoreNextMorning => "scoreNextMorning",
        };
}
