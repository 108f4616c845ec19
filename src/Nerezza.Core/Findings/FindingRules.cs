using System.Text.Json.Serialization;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Findings;

/// <summary>The numbers of docs/handbook/04-screen.md, docs/handbook/05-faults.md, docs/handbook/06-findings.md, from
/// Data/findings.yaml.</summary>
internal sealed record FindingRules(
    ScreenLimits Screen,
    SymmetryRule Symmetry,
    BranchRule Branch,
    ConfidenceRule Confidence,
    SeverityRule Severity,
    RetestRule RetestWeeks,
    int FreshDays,
    CourseRule Course,
    IReadOnlyList<MaxPairRule> Maxes,
    IReadOnlyDictionary<string, FaultRule> Faults,
    IReadOnlyDictionary<string, DemandRule> Demands
)
{
    public static FindingRules Shipped { get; } = EmbeddedData.Read("findings", FindingJson.Default.FindingRules);
}

internal sealed record ScreenLimits(
    TestLimit KneeToWallCm,
    TestLimit HipFlexionDeg,
    TestLimit ArmsOverheadDeg,
    TestLimit StraightLegRaiseDeg,
    TestLimit SingleLegBridgeReps,
    double BridgeSidesDiffer,
    TestLimit CalfRaiseReps
);

internal sealed record TestLimit(double Adequate, string Norm, double Severe = 0, double? SidesDiffer = null, double? Upper = null);

internal sealed record SymmetryRule(double Adequate, double Severe, string Norm);

internal sealed record BranchRule(double SkillBelow, double StrengthFrom);

internal sealed record ConfidenceRule(
    double Seen,
    double Measured,
    double Agreeing,
    double Drill,
    double Most,
    double NoPercent,
    double NoIsolation,
    double NoRange
);

internal sealed record SeverityRule(double StrengthSevereBelow, double StrengthBelow, double SkillBelow);

internal sealed record RetestRule(IReadOnlyList<int> Capacity, IReadOnlyList<int> Skill, IReadOnlyList<int> Sides, IReadOnlyList<int> Pain);

internal sealed record CourseRule(int Days, double LeastChange, IReadOnlyList<string> LowerIsBetter);

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
