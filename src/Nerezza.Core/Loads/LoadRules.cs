using System.Text.Json.Serialization;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Loads;

/// <summary>The numbers of docs/handbook/10-loads.md, from Data/loads.yaml, where each has its source.</summary>
internal sealed record LoadRules(
    OneRepMaxRules OneRepMax,
    OwnCurveRules OwnCurve,
    EffortRules Effort,
    DoubtRules Doubts,
    LoadingRules Loading,
    WarmUpRules WarmUp,
    JumpRules Jump
)
{
    public static LoadRules Shipped { get; } = EmbeddedData.Read("loads", LoadJson.Default.LoadRules);
}

internal sealed record OneRepMaxRules
{
    /// <summary>Standard deviation of a fresh entered set, as a part of the max.</summary>
    public required double StartSdFresh { get; init; }

    /// <summary>The same of any other.</summary>
    public required double StartSdOther { get; init; }

    /// <summary>The same where all that is known is a lower bound.</summary>
    public required double StartSdBound { get; init; }

    /// <summary>Days for which a set is fresh.</summary>
    public required int FreshDays { get; init; }

    /// <summary>Repetitions up to which it is.</summary>
    public required int FreshReps { get; init; }

    /// <summary>Standard deviation that a day adds.</summary>
    public required double DriftSdPerDay { get; init; }

    /// <summary>The same of a novice.</summary>
    public required double DriftSdPerDayNovice { get; init; }

    /// <summary>Standard deviation of the formula at one repetition.</summary>
    public required double FormulaSd { get; init; }

    /// <summary>What each further repetition adds.</summary>
    public required double SdPerRep { get; init; }

    /// <summary>What a point of rating adds.</summary>
    public required double RatingSd { get; init; }

    /// <summary>Below this a rating says little.</summary>
    public required double EasyRpe { get; init; }

    /// <summary>Standard deviation that each point below adds.</summary>
    public required double EasyReserve { get; init; }

    /// <summary>Age taken for a set without a date, days.</summary>
    public required int UndatedDays { get; init; }

    /// <summary>Standard deviations of the interval told.</summary>
    public required double IntervalZ { get; init; }

    /// <summary>Relative deviation above which the max is said to be unsure.</summary>
    public required double LowConfidenceAbove { get; init; }

    /// <summary>Above this no load is given.</summary>
    public required double NoneAbove { get; init; }

    /// <summary>Part of the max that a school of training max counts by.</summary>
    public required double TrainingMax { get; init; }
}

internal sealed record OwnCurveRules(double StartWeight, int LookBackDays, int WithinDays, double Apart, double Least, double Most);

internal sealed record EffortRules(double FatiguePerSet, double HardSetRpe, double MostSaid, double PriorWeight, double MostOnBarbell);

internal sealed record DoubtRules(int YoungestStart, IReadOnlyDictionary<string, double> TimesBody, double Unlike);

internal sealed record LoadingRules
{
    /// <summary>How far a load may pass its target, as a part.</summary>
    public required double OverTarget { get; init; }

    /// <summary>How far it may stay under.</summary>
    public required double UnderTarget { get; init; }

    /// <summary>How far the heaviest load may stay under before repetitions move.</summary>
    public required double UnderHeaviest { get; init; }

    /// <summary>The bar where none is named, kg.</summary>
    public required IReadOnlyDictionary<string, double> BarKg { get; init; }

    /// <summary>Step of a stack where none is named, kg.</summary>
    public required double StackStepKg { get; init; }

    /// <summary>Its heaviest load, kg.</summary>
    public required double StackMostKg { get; init; }

    /// <summary>How far a band is stretched, cm.</summary>
    public required StretchRule StretchCm { get; init; }

    /// <summary>Most on a sleeve, kg.</summary>
    public required int MostSleeveKg { get; init; }

    /// <summary>Smallest difference of loads that is told apart, grams.</summary>
    public required int LeastSlotGrams { get; init; }

    /// <summary>Most ways to load a weight that are compared.</summary>
    public required int MostWays { get; init; }
}

internal sealed record StretchRule(double Bottom, double Top);

internal sealed record WarmUpRules
{
    /// <summary>Repetitions with the empty bar.</summary>
    public required int EmptyReps { get; init; }

    /// <summary>Steps of the first lift of a pattern, as parts of the work load.</summary>
    public required IReadOnlyList<WarmUpStepRule> Steps { get; init; }

    /// <summary>Steps when the pattern is warm.</summary>
    public required IReadOnlyList<WarmUpStepRule> Warm { get; init; }

    /// <summary>Steps of an accessory that comes cold.</summary>
    public required IReadOnlyList<WarmUpStepRule> Accessory { get; init; }

    /// <summary>Least gap between two loads, as a part of the work load.</summary>
    public required double LeastStep { get; init; }

    /// <summary>Part of the work load by which a step may lie off its mark.</summary>
    public required double OffMark { get; init; }

    /// <summary>Totals about a mark that are looked at.</summary>
    public required int Totals { get; init; }

    /// <summary>First gap from which one more step is made, kg.</summary>
    public required double LongFirstStepKg { get; init; }

    /// <summary>Repetitions of that step.</summary>
    public required int HalfWayReps { get; init; }
}

internal sealed record WarmUpStepRule(double Percent, int Reps, double? FromPercentOfMax);

internal sealed record JumpRules(int RepsAboveRange);

[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow
)]
[JsonSerializable(typeof(LoadRules))]
internal sealed partial class LoadJson : JsonSerializerContext;
