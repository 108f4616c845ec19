using System.Text.Json.Serialization;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Review;

/// <summary>The numbers of docs/handbook/14-review.md, from Data/review.yaml.</summary>
internal sealed record ReviewRules
{
    /// <summary>When a lift stalls.</summary>
    public required StallRule Stall { get; init; }

    /// <summary>Part of a session's sets from which it counts as done.</summary>
    public required double KeptPart { get; init; }

    /// <summary>How far back the pictures go, weeks.</summary>
    public required int LookBackWeeks { get; init; }

    /// <summary>Of how many weeks the answer about the plan speaks.</summary>
    public required int ToldWeeks { get; init; }

    /// <summary>A max that changed by a lesser part is as it was.</summary>
    public required double SteadyPart { get; init; }

    /// <summary>Seconds of a repetition that no plan says.</summary>
    public required double UsualTempoSeconds { get; init; }

    /// <summary>When a rest was kept.</summary>
    public required RestRule Rest { get; init; }

    /// <summary>A ratio with a wider spread, percent, makes no variation of a main lift.</summary>
    public required double VariationSpread { get; init; }

    /// <summary>Over how many days the change of a max is told.</summary>
    public required int TrendDays { get; init; }

    /// <summary>Percent of the max from which a session is heavy.</summary>
    public required double HeavyPercent { get; init; }

    /// <summary>For so many days pain is told beside the next session.</summary>
    public required int AfterPainDays { get; init; }

    /// <summary>A gap of so many days is a lay-off.</summary>
    public required int LayOffDays { get; init; }

    /// <summary>A block that ends within so many days asks for the next.</summary>
    public required int EndsWithinDays { get; init; }

    /// <summary>A missed session is asked about for so many days.</summary>
    public required int MissedWithinDays { get; init; }

    /// <summary>Pain from this score on is told, 0 to 10.</summary>
    public required double PainFrom { get; init; }

    /// <summary>When an accessory counts as one that nobody does.</summary>
    public required UnusedRule Unused { get; init; }

    /// <summary>So many times in a row under what was asked, and the rung below is proposed.</summary>
    public required int MissedGates { get; init; }

    /// <summary>After so many blocks in a row an accessory makes room.</summary>
    public required int RotateAfterBlocks { get; init; }

    /// <summary>When somebody is back.</summary>
    public required ReturnRule Return { get; init; }

    public static ReviewRules Shipped { get; } = EmbeddedData.Read("review", ReviewJson.Default.ReviewRules);
}

/// <param name="Exposures">Sessions of the lift, at least.</param>
/// <param name="Days">That they span, at least.</param>
/// <param name="LookBackDays">Older ones say nothing.</param>
/// <param name="RpeOver">Mean of rated less prescribed.</param>
/// <param name="PartOfInterval">Of the 80 % interval, under the best.</param>
/// <param name="KnownWithin">A max whose interval is wider than so many times today's is still a guess.</param>
/// <param name="WaitDays">After a step.</param>
/// <param name="ForgetDays">After which a step counts no more.</param>
/// <param name="LighterDays">For which a deload against it lasts.</param>
/// <param name="FewReps">A lift at so many repetitions or fewer gets more of them.</param>
/// <param name="FewestReps">That a change of the range leaves.</param>
/// <param name="RepsApart">By which it changes.</param>
internal sealed record StallRule(
    int Exposures,
    int Days,
    int LookBackDays,
    double RpeOver,
    double PartOfInterval,
    double KnownWithin,
    int WaitDays,
    int ForgetDays,
    int LighterDays,
    int FewReps,
    int FewestReps,
    int RepsApart
);

/// <param name="Sessions">That held it and were trained.</param>
/// <param name="Part">Of them in which it was done, at most.</param>
internal sealed record UnusedRule(int Sessions, double Part);

/// <param name="Symmetry">Percent.</param>
/// <param name="LoadPart">Of the max from before.</param>
/// <param name="PainMost">While training.</param>
/// <param name="Tests">So many tests in a row.</param>
internal sealed record ReturnRule(double Symmetry, double LoadPart, double PainMost, int Tests);

/// <summary>Kept from this part of what was asked; shorter and longer gaps between sets say nothing about rest. The week is told from so
/// many cut short, and this part of them.</summary>
internal sealed record RestRule(double KeptPart, int LeastSeconds, int MostSeconds, int ToldFrom, double ToldPart);

[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow
)]
[JsonSerializable(typeof(ReviewRules))]
internal sealed partial class ReviewJson : JsonSerializerContext;
