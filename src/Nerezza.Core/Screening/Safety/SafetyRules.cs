using System.Text.Json.Serialization;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Screening.Safety;

/// <summary>The numbers and lists of docs/handbook/07-pain-and-health.md, from Data/safety.yaml.</summary>
internal sealed record SafetyRules(
    IReadOnlyList<string> Emergency,
    IReadOnlyList<string> DoctorFirst,
    IReadOnlyList<string> DoctorFirstWithPain,
    double WeeksWithoutImprovement,
    PainScoreRule Pain,
    IReadOnlyDictionary<string, IReadOnlyList<string>> Trials,
    CapRule Caps
)
{
    public static SafetyRules Shipped { get; } = EmbeddedData.Read("safety", SafetyJson.Default.SafetyRules);

    public static HashSet<HealthFlag> Flags(IReadOnlyList<string> codes) => [.. codes.Select(code => Codes.Find<HealthFlag>(code)!.Value)];
}

internal sealed record PainScoreRule(double ChangeAbove, double StopAbove, double RiseChange, double RiseStop, double RiseJudgedFrom);

internal sealed record CapRule(PainCapRule Pain, HeavyCapRule BeforeHeavy, YouthRule Youth, PregnantRule Pregnant, LateStartRule LateStart);

internal sealed record PregnantRule(double Rpe);

/// <summary>Who begins after an age: most effort of the first block, most sets of an exercise in its first weeks.</summary>
internal sealed record LateStartRule(int Above, double Rpe, int Sets, int Weeks);

internal sealed record HeavyCapRule(double Rpe, double FloorPullRpe, double Fraction, int FewestReps, string Cue);

internal sealed record PainCapRule(double Rpe, double Fraction, IReadOnlyList<int> Reps, string TrialCue);

internal sealed record YouthRule(int Below, double Rpe);

[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow
)]
[JsonSerializable(typeof(SafetyRules))]
internal sealed partial class SafetyJson : JsonSerializerContext;
