using System.Diagnostics;
using System.Globalization;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening;
using Nerezza.Core.Screening.Safety;

namespace Nerezza.Core.Wording;

/// <summary>Words a measurement: what it is called, its unit, its value against the norm.</summary>
public sealed class MeasureWords(ExerciseCatalogue catalogue)
{
    /// <summary>A piece of evidence with its value and norm.</summary>
    public string Sentence(Evidence piece)
    {
        (string name, string unit) = Named(piece.Measure);
        return piece.Value switch
        {
            Reading.Answer answer => $"{name}: {(answer.Value ? "yes" : "no")}",
            Reading.Number number => $"{name} {number.Value.ToString("0.##", CultureInfo.InvariantCulture)}"
                + $"{(unit.Length > 0 ? $" {unit}" : "")} ({NormOf(piece)})",
            Reading.Word word => $"{name}: {word.Value.Replace('-', ' ')}",
            _ => throw new UnreachableException(piece.Value.GetType().Name),
        };
    }

    /// <summary>A norm in numbers is named as one; one in words speaks for itself.</summary>
    private static string NormOf(Evidence piece) => char.IsAsciiDigit(piece.Norm[0]) ? $"norm {piece.Norm}" : piece.Norm;

    /// <summary>What a measure is called, and its unit.</summary>
    public (string Name, string Unit) Named(Measure measure) =>
        measure switch
        {
            Measure.Tested { Side: { } side } tested => ($"{Named(tested.Test).Name}, {Codes.Of(side)}", Named(tested.Test).Unit),
            Measure.Tested tested => Named(tested.Test),
            Measure.Fault fault => Named(fault.Part),
            Measure.MaxRatio ratio => ($"{Name(ratio.Exercise)} against {Name(ratio.To).ToLowerInvariant()}", ""),
            Measure.LimbSymmetry sides => ($"{Name(sides.Exercise)}, weaker against stronger side", "%"),
            Measure.Pain pain => Named(pain.Part),
            Measure.Answered { Reason: HealthReason.LastingPain } => ("more than six weeks without getting better", ""),
            Measure.Answered answered => (ReferralWords.Question(answered.Reason), ""),
            Measure.CoachWord => ("the coach's own judgement", ""),
            _ => throw new UnreachableException(measure.GetType().Name),
        };

    private static (string Name, string Unit) Named(FaultPart part) =>
        part switch
        {
            FaultPart.Seen => ("seen in the lift", ""),
            FaultPart.FromPercent => ("seen from", "% of 1RM"),
            FaultPart.HeldInIsolation => ("held in isolation", ""),
        };

    private static (string Name, string Unit) Named(PainPart part) =>
        part switch
        {
            PainPart.Region => ("pain", ""),
            PainPart.ScoreDuring => ("pain during", "of 10"),
            PainPart.ScoreNextMorning => ("pain next morning", "of 10"),
        };

    private static (string Name, string Unit) Named(ScreenTest test) =>
        test switch
        {
            ScreenTest.KneeToWall => ("knee to wall", "cm"),
            ScreenTest.StraightLegRaise => ("straight-leg raise", "degrees"),
            ScreenTest.HipFlexion => ("hip flexion", "degrees"),
            ScreenTest.ArmsOverhead => ("arms overhead", "degrees"),
            ScreenTest.SingleLegBridge => ("single-leg bridge", "reps"),
            ScreenTest.CalfRaise => ("calf raise", "reps"),
            ScreenTest.FeelsGlutes => ("glutes felt in a set", ""),
            ScreenTest.RibsStayDown => ("ribs stay down, arms overhead", ""),
            ScreenTest.SquatLean => ("trunk lean in the squat", "degrees"),
            ScreenTest.HeelRise => ("heels rise in the squat", ""),
            ScreenTest.KneesIn => ("knees move inward in the squat", ""),
            ScreenTest.SquatShift => ("hips shift in the squat", ""),
            ScreenTest.PelvisTuck => ("pelvis tucks at a hip height of", "cm"),
            ScreenTest.BetterWithHeelsRaised => ("squat better with heels raised", ""),
            ScreenTest.BetterWithPlateInFront => ("squat better with a plate in front", ""),
            ScreenTest.LostContacts => ("dowel contact lost", ""),
            ScreenTest.WallReach => ("wall reach with the spine still", ""),
            ScreenTest.UpperBackMovesAlone => ("upper back moves alone", ""),
            ScreenTest.LowerBackMovesAlone => ("lower back moves alone", ""),
        };

    private string Name(string id) => catalogue.Find(id)?.Name ?? id;
}
