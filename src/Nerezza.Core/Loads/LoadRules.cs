using System.Text.Json.Serialization;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Loads;

/// <summary>The numbers of docs/handbook/10-loads.md, from Data/loads.yaml, where each has its source.</summary>
internal sealed record LoadRules(
    OneRepMaxRules OneRepMax,
    OwnCurveRules OwnCurve,
    EffortRules Effort,
    LoadingRules Loading,
    WarmUpRules WarmUp,
    JumpRules Jump
)
{
    public static LoadRules Shipped { get; } = EmbeddedData.Read("loads", LoadJson.Default.LoadRules);
}

internal sealed record OneRepMaxRules(
    double StartSdFresh,
    double StartSdOther,
    int FreshDays,
    int FreshReps,
    double DriftSdPerDay,
    double DriftSdPerDayNovice,
    double FormulaSd,
    double SdPerRep,
    double RatingSd,
    double EasyRpe,
    double EasyReserve,
    int UndatedDays,
    double IntervalZ,
    double LowConfidenceAbove,
    double NoneAbove,
    double TrainingMax
);

internal sealed record OwnCurveRules(double StartWeight, int LookBackDays, int WithinDays, double Apart, double Least, double Most);

internal sealed record EffortRules(double FatiguePerSet, double HardSetRpe, double PriorWeight);

internal sealed record LoadingRules(
    double OverTarget,
    double UnderTarget,
    double UnderHeaviest,
    IReadOnlyDictionary<string, double> BarKg,
    double StackStepKg,
    double StackMostKg,
    StretchRule StretchCm,
    int MostSleeveKg,
    int LeastSlotGrams,
    int MostWays
);

internal sealed record StretchRule(double Bottom, double Top);

internal sealed record WarmUpRules(
    int EmptyReps,
    IReadOnlyList<WarmUpStepRule> Steps,
    IReadOnlyList<WarmUpStepRule> Warm,
    IReadOnlyList<WarmUpStepRule> Accessory,
    double LeastStep,
    double LongFirstStepKg,
    int HalfWayReps
);

internal sealed record WarmUpStepRule(double Percent, int Reps, double? FromPercentOfMax);

internal sealed record JumpRules(int RepsAboveRange);

[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow
)]
[JsonSerializable(typeof(LoadRules))]
internal sealed partial class LoadJson : JsonSerializerContext;
