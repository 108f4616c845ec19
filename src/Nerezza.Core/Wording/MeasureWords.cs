using System.Globalization;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Wording;

/// <summary>Words a measurement by its place in the case.</summary>
public sealed class MeasureWords(ExerciseCatalogue catalogue)
{
    private static readonly Dictionary<string, (string Name, string Unit)> Screen = new()
    {
        ["screen.kneeToWallCm"] = ("knee to wall", "cm"),
        ["screen.straightLegRaiseDeg"] = ("straight-leg raise", "degrees"),
        ["screen.hipFlexionDeg"] = ("hip flexion", "degrees"),
        ["screen.armsOverheadDeg"] = ("arms overhead", "degrees"),
        ["screen.singleLegBridgeReps"] = ("single-leg bridge", "reps"),
        ["screen.calfRaiseReps"] = ("calf raise", "reps"),
        ["screen.feelsGlutes"] = ("glutes felt in a set", ""),
        ["screen.ribsStayDown"] = ("ribs stay down, arms overhead", ""),
        ["screen.squat.leanDeg"] = ("trunk lean in the squat", "degrees"),
        ["screen.squat.heelRise"] = ("heels rise in the squat", ""),
        ["screen.squat.kneesIn"] = ("knees move inward in the squat", ""),
        ["screen.squat.shift"] = ("hips shift in the squat", ""),
        ["screen.squat.tuckAtHipHeightCm"] = ("pelvis tucks at a hip height of", "cm"),
        ["screen.squat.betterWithHeelsRaised"] = ("squat better with heels raised", ""),
        ["screen.squat.betterWithPlateInFront"] = ("squat better with a plate in front", ""),
        ["screen.hinge.lostContacts"] = ("dowel contact lost", ""),
        ["screen.hinge.wallReach"] = ("wall reach with the spine still", ""),
        ["screen.spine.upperBackMovesAlone"] = ("upper back moves alone", ""),
        ["screen.spine.lowerBackMovesAlone"] = ("lower back moves alone", ""),
    };

    /// <summary>A piece of evidence with its value and norm.</summary>
    public string Sentence(Evidence piece)
    {
        (string name, string unit) = Named(piece.Measure);
        return piece.Value switch
        {
            bool answer => $"{name}: {(answer ? "yes" : "no")}",
            double number =>
                $"{name} {number.ToString("0.##", CultureInfo.InvariantCulture)}{(unit.Length > 0 ? $" {unit}" : "")} ({NormOf(piece)})",
            _ => $"{name}: {piece.Value.ToString()!.Replace('-', ' ')}",
        };
    }

    /// <summary>A norm in numbers is named as one; one in words speaks for itself.</summary>
    private static string NormOf(Evidence piece) => char.IsAsciiDigit(piece.Norm[0]) ? $"norm {piece.Norm}" : piece.Norm;

    /// <summary>What a place in the case is called, and its unit.</summary>
    public (string Name, string Unit) Named(string measure)
    {
        if (Screen.TryGetValue(measure, out var known))
            return known;
        foreach (Side side in Enum.GetValues<Side>())
        {
            string end = $".{Codes.Of(side)}";
            if (measure.EndsWith(end, StringComparison.Ordinal) && Screen.TryGetValue(measure[..^end.Length], out var sided))
                return ($"{sided.Name}, {Codes.Of(side)}", sided.Unit);
        }
        return measure switch
        {
            FindingReview.OwnMeasure => ("the coach's own judgement", ""),
            _ when measure.StartsWith("strength: ", StringComparison.Ordinal) => Strength(measure["strength: ".Length..]),
            _ when measure.EndsWith(".fromPercent", StringComparison.Ordinal) => ("seen from", "% of 1RM"),
            _ when measure.EndsWith(".heldInIsolation", StringComparison.Ordinal) => ("held in isolation", ""),
            _ when measure.EndsWith(".fault", StringComparison.Ordinal) => ("seen in the lift", ""),
            _ when measure.EndsWith(".scoreDuring", StringComparison.Ordinal) => ("pain during", "of 10"),
            _ when measure.EndsWith(".scoreNextMorning", StringComparison.Ordinal) => ("pain next morning", "of 10"),
            _ when measure.EndsWith(".region", StringComparison.Ordinal) => ("pain", ""),
            _ when measure.StartsWith("health.flags: ", StringComparison.Ordinal)
                    && Codes.Find<HealthFlag>(measure["health.flags: ".Length..]) is { } flag => (ReferralWords.Question(flag), ""),
            _ when measure.EndsWith(".nerveSigns", StringComparison.Ordinal) => ("tingling, shooting pain or a leg that gives way", ""),
            _ when measure.EndsWith(".weeks", StringComparison.Ordinal) => ("more than six weeks without getting better", ""),
            _ => (measure, ""),
        };
    }

    /// <summary>"a / b" is a ratio of two maxes; "a, limb symmetry" weaker against stronger.</summary>
    private (string Name, string Unit) Strength(string what)
    {
        if (what.Split(" / ") is [var one, var other])
            return ($"{Name(one)} against {Name(other).ToLowerInvariant()}", "");
        return ($"{Name(what.Split(',')[0])}, weaker against stronger side", "%");
    }

    private string Name(string id) => catalogue.Find(id)?.Name ?? id;
}
