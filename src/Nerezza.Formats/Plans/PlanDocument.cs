using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Loads;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Selection;
using Nerezza.Formats.Shapes;

namespace Nerezza.Formats.Plans;

/// <summary>The plan as JSON (docs/formats/plan.md).</summary>
public sealed record PlanDocument
{
    [Exactly("nerezza.plan")]
    public string Format { get; init; } = "nerezza.plan";

    [Exactly(1)]
    public int Version { get; init; } = 1;

    [Length(120)]
    public required string Case { get; init; }
    public ReferralPart? Referral { get; init; }
    public required IReadOnlyList<FindingPart> Findings { get; init; }
    public required BodyPart Body { get; init; }
    public required IReadOnlyList<MaxPart> Maxes { get; init; }
    public required bool Proven { get; init; }
    public required IReadOnlyList<ChosenPart> Selection { get; init; }
    public required IReadOnlyList<PassedOverPart> PassedOver { get; init; }
    public BlockPart? Block { get; init; }
    public required IReadOnlyList<LedgerPart> Ledger { get; init; }
    public required IReadOnlyList<CheckPart> Checks { get; init; }
}

/// <summary>Hard sets of a muscle by week.</summary>
public sealed record LedgerPart
{
    public required Muscle Muscle { get; init; }
    public required IReadOnlyList<LedgerWeekPart> Weeks { get; init; }
}

public sealed record LedgerWeekPart
{
    [Between(1, 12, "a week")]
    public required int Number { get; init; }

    [Between(0, 1000, "sets")]
    public required double Sets { get; init; }

    [Between(0, 1000, "sets")]
    public required double Low { get; init; }

    [Between(0, 1000, "sets")]
    public required double High { get; init; }

    [Between(0, 7, "sessions")]
    public required int Sessions { get; init; }
}

/// <summary>A chosen exercise with all that speaks for it.</summary>
public sealed record ChosenPart
{
    [ExerciseId]
    public required string Exercise { get; init; }
    public required Role Role { get; init; }
    public required Purpose Purpose { get; init; }
    public required IReadOnlyList<Weekday> Days { get; init; }
    public required IReadOnlyList<FindingCode> Answers { get; init; }

    [Between(0, 1, "a grade")]
    public double? Grade { get; init; }

    [Between(-1, 1, "a score")]
    public required double Score { get; init; }
    public required PartsPart Parts { get; init; }
    public required string Because { get; init; }
    public required IReadOnlyList<InsteadOfPart> InsteadOf { get; init; }
    public required IReadOnlyList<string> Substitutes { get; init; }
}

/// <summary>The parts of a score, each 0 to 1.</summary>
public sealed record PartsPart
{
    [Between(0, 1, "a part")]
    public required double AnswersFinding { get; init; }

    [Between(0, 1, "a part")]
    public required double CarryOver { get; init; }

    [Between(0, 1, "a part")]
    public required double StimulusForFatigue { get; init; }

    [Between(0, 1, "a part")]
    public required double FitsBody { get; init; }

    [Between(0, 1, "a part")]
    public required double Level { get; init; }

    [Between(0, 1, "a part")]
    public required double Freshness { get; init; }

    [Between(0, 1, "a part")]
    public required double SetUp { get; init; }

    [Between(0, 1, "a part")]
    public required double Liking { get; init; }
}

public sealed record InsteadOfPart
{
    [ExerciseId]
    public required string Exercise { get; init; }
    public required string Because { get; init; }
}

public sealed record BodyPart
{
    public required IReadOnlyList<SquatPart> Squat { get; init; }
}

public sealed record FindingPart
{
    public required FindingCode Code { get; init; }
    public Cause? Cause { get; init; }
    public Side? Side { get; init; }

    [Between(1, 3, "a severity")]
    public required int Severity { get; init; }

    [Between(0, 1, "a confidence")]
    public required double Confidence { get; init; }

    [Items(200, Least = 1)]
    public required IReadOnlyList<EvidencePart> Evidence { get; init; }

    [Items(2)]
    [Between(1, 12, "weeks")]
    public IReadOnlyList<int>? RetestWeeks { get; init; }
    public required string Text { get; init; }
}

public sealed record EvidencePart
{
    [Length(120)]
    public required string Measure { get; init; }
    public required object Value { get; init; }

    [Length(120)]
    public required string Norm { get; init; }
}

public sealed record SquatPart
{
    [ExerciseId]
    public required string Exercise { get; init; }

    [Between(0, 2000, "kilograms")]
    public required double LoadKg { get; init; }

    [Between(0, 10, "centimetres")]
    public required double HeelCm { get; init; }

    [Between(-30, 90, "degrees")]
    public required double ThighDeg { get; init; }
    public required bool Reachable { get; init; }

    [Between(-90, 90, "degrees")]
    public double? LeanDeg { get; init; }

    [Between(-100_000, 100_000, "newton metres")]
    public double? HipNm { get; init; }

    [Between(-100_000, 100_000, "newton metres")]
    public double? KneeNm { get; init; }

    [Between(-100_000, 100_000, "newton metres")]
    public double? LowBackNm { get; init; }

    [Between(0, 1, "a share")]
    public double? HipShare { get; init; }

    [Between(-30, 90, "degrees")]
    public double? DeepestThighDeg { get; init; }

    [Between(0, 250, "centimetres")]
    public double? TuckAtHipHeightCm { get; init; }
}

public sealed record ReferralPart
{
    public required ReferralLevel Level { get; init; }
    public required Urgency Urgency { get; init; }
    public required IReadOnlyList<string> Reasons { get; init; }
    public required string Text { get; init; }
}

public sealed record MaxPart
{
    [ExerciseId]
    public required string Exercise { get; init; }
    public Side? Side { get; init; }

    [Between(0, 2000, "kilograms")]
    public required double Kg { get; init; }

    [Between(0, 2000, "kilograms")]
    public required double Low { get; init; }

    [Between(0, 4000, "kilograms")]
    public required double High { get; init; }
    public required MaxSource Source { get; init; }

    /// <summary>The correction of the ratings behind it; null where nothing is corrected.</summary>
    public BiasPart? Bias { get; init; }
}

/// <summary>By how many repetitions a client's ratings are corrected, and the exercises that showed it.</summary>
public sealed record BiasPart
{
    [Between(-30, 30, "repetitions")]
    public required double Reps { get; init; }
    public required IReadOnlyList<string> From { get; init; }
}

public sealed record PassedOverPart
{
    [ExerciseId]
    public required string Exercise { get; init; }
    public required string Because { get; init; }
}

public sealed record CheckPart
{
    [Length(40)]
    public required string Code { get; init; }
    public required Core.Checks.CheckSeverity Severity { get; init; }

    [Length(60)]
    public required string Where { get; init; }
    public required string Because { get; init; }
    public string? Fix { get; init; }
}
