using System.Text.Json.Serialization;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Findings;

/// <summary>The numbers of docs/handbook/04-screen.md, docs/handbook/05-faults.md, docs/handbook/06-findings.md, from
/// Data/findings.yaml.</summary>
internal sealed record FindingRules
{
    /// <summary>Limits of the screen.</summary>
    public required ScreenLimits Screen { get; init; }

    /// <summary>Limb symmetry index.</summary>
    public required SymmetryRule Symmetry { get; init; }

    /// <summary>Percents between skill and strength.</summary>
    public required BranchRule Branch { get; init; }

    /// <summary>How sure a finding is.</summary>
    public required ConfidenceRule Confidence { get; init; }

    /// <summary>Percents of severity.</summary>
    public required SeverityRule Severity { get; init; }

    /// <summary>When to test again.</summary>
    public required RetestRule RetestWeeks { get; init; }

    /// <summary>Days for which maxes compare.</summary>
    public required int FreshDays { get; init; }

    /// <summary>When a finding closes or worsens.</summary>
    public required CourseRule Course { get; init; }

    /// <summary>Ratios of maxes that point at a weak link.</summary>
    public required IReadOnlyList<MaxPairRule> Maxes { get; init; }

    /// <summary>What each fault means.</summary>
    public required IReadOnlyDictionary<string, FaultRule> Faults { get; init; }

    /// <summary>What each finding asks for.</summary>
    public required IReadOnlyDictionary<string, DemandRule> Demands { get; init; }

    public static FindingRules Shipped { get; } = EmbeddedData.Read("findings", FindingJson.Default.FindingRules);
}

internal sealed record ScreenLimits
{
    /// <summary>Knee-to-wall, cm.</summary>
    public required TestLimit KneeToWallCm { get; init; }

    /// <summary>Hip flexion, degrees.</summary>
    public required TestLimit HipFlexionDeg { get; init; }

    /// <summary>Arms overhead, degrees.</summary>
    public required TestLimit ArmsOverheadDeg { get; init; }

    /// <summary>Straight-leg raise, degrees.</summary>
    public required TestLimit StraightLegRaiseDeg { get; init; }

    /// <summary>Single-leg bridge, repetitions.</summary>
    public required TestLimit SingleLegBridgeReps { get; init; }

    /// <summary>Part of the better side by which bridges differ.</summary>
    public required double BridgeSidesDiffer { get; init; }

    /// <summary>Calf raise, repetitions.</summary>
    public required TestLimit CalfRaiseReps { get; init; }
}

internal sealed record TestLimit(double Adequate, string Norm, double Severe = 0, double? SidesDiffer = null, double? Upper = null);

internal sealed record SymmetryRule(double Adequate, double Severe, string Norm);

internal sealed record BranchRule(double SkillBelow, double StrengthFrom);

internal sealed record ConfidenceRule
{
    /// <summary>Start of what was seen.</summary>
    public required double Seen { get; init; }

    /// <summary>Start of what was measured.</summary>
    public required double Measured { get; init; }

    /// <summary>What each further agreeing observation adds.</summary>
    public required double Agreeing { get; init; }

    /// <summary>What a drill adds.</summary>
    public required double Drill { get; init; }

    /// <summary>At most.</summary>
    public required double Most { get; init; }

    /// <summary>Start where the percent is not known.</summary>
    public required double NoPercent { get; init; }

    /// <summary>What a position not tried alone takes off.</summary>
    public required double NoIsolation { get; init; }

    /// <summary>Start where no range explains it.</summary>
    public required double NoRange { get; init; }
}

internal sealed record SeverityRule(double StrengthSevereBelow, double StrengthBelow, double SkillBelow);

internal sealed record RetestRule(IReadOnlyList<int> Capacity, IReadOnlyList<int> Skill, IReadOnlyList<int> Sides, IReadOnlyList<int> Pain);

/// <param name="Errors">Of each test of the screen, in its unit.</param>
/// <param name="SymmetryError">Points of the limb symmetry index.</param>
/// <param name="FaultFromPercentError">Points of 1RM at which a fault begins.</param>
internal sealed record CourseRule(
    int Days,
    IReadOnlyDictionary<string, double> Errors,
    double SymmetryError,
    double FaultFromPercentError,
    double MaxRatioError,
    IReadOnlyList<string> LowerIsBetter
);

internal sealed record MaxPairRule(string Exercise, IReadOnlyList<string> Of, string Code, double? Below = null, double? Above = null);

internal sealed record FaultRule(string? Capacity, string? Skill, string? Strength, string? Always, string? Cause, bool AnkleFirst = false);

internal sealed record DemandRule(
    IReadOnlyList<string>? Muscles,
    IReadOnlyList<string>? Positions,
    IReadOnlyList<string>? Patterns,
    IReadOnlyList<string>? AwayFrom
);

[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow
)]
[JsonSerializable(typeof(FindingRules))]
internal sealed partial class FindingJson : JsonSerializerContext;
