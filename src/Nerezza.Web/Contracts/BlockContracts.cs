using Nerezza.Core;
using Nerezza.Core.Blocks;
using Nerezza.Core.Checks;
using Nerezza.Core.Clients;
using Nerezza.Core.Prescription;
using Nerezza.Formats.Plans;
using Nerezza.Formats.Shapes;

namespace Nerezza.Web.Contracts;

/// <summary>The block in force, or a draft of it: with the loads that today's maxes give, the coach's edits, counts and checks.</summary>
/// <param name="AsMade">The plan as it was made.</param>
/// <param name="KindBecause">Why the block is of its kind.</param>
/// <param name="Favours">What it favours and what it gives up.</param>
/// <param name="Edits">The coach's edits, in order, over the base.</param>
/// <param name="Refused">Edits that could not be made, in words.</param>
/// <param name="Cells">What a cell says beyond the open format.</param>
/// <param name="Sets">Hard sets by muscle and week, by both countings.</param>
/// <param name="Totals">What each week costs.</param>
/// <param name="Chain">The blocks from this one toward the event.</param>
/// <param name="Attempts">Attempts at the main lifts, where the block peaks or tests.</param>
/// <param name="Daily">Work for range and relief, every day, away from the sessions.</param>
public sealed record BlockView(
    int Number,
    DateTimeOffset MadeAt,
    bool OutOfDate,
    string? Stop,
    PlanDocument Plan,
    PlanDocument AsMade,
    IReadOnlyList<SetView> Done,
    string KindBecause,
    string Favours,
    BlockBase Base,
    IReadOnlyList<EditSection> Edits,
    IReadOnlyList<string> Refused,
    IReadOnlyList<CellView> Cells,
    IReadOnlyList<CheckView> Remarks,
    IReadOnlyList<MuscleLedger> Sets,
    IReadOnlyList<WeekTotals> Totals,
    IReadOnlyList<ChainLink> Chain,
    IReadOnlyList<AttemptsView> Attempts,
    IReadOnlyList<DailyWork> Daily
);

/// <summary>The block with edits that are tried: what an edit can change, to be laid over the block in force.</summary>
public sealed record DraftView(
    BlockPart? Block,
    IReadOnlyList<MaxPart> Maxes,
    IReadOnlyList<string> Refused,
    IReadOnlyList<CellView> Cells,
    IReadOnlyList<CheckView> Remarks,
    IReadOnlyList<MuscleLedger> Sets,
    IReadOnlyList<WeekTotals> Totals
);

/// <summary>The attempts at a lift on the day.</summary>
public sealed record AttemptsView(string Exercise, double ForecastKg, IReadOnlyList<double> Kg);

/// <summary>Something to do every day.</summary>
public sealed record DailyWork(string Exercise, string Because);

/// <summary>One exercise of one session beyond the open format.</summary>
/// <param name="Pinned">What the coach changed by hand.</param>
/// <param name="UnderTensionSeconds">How long one set lasts.</param>
/// <param name="LeastRestSeconds">The shortest rest that keeps the work what it is.</param>
/// <param name="TrainingMaxKg">Nine tenths of the max; null without one.</param>
/// <param name="PercentOfTrainingMax">The same load as a part of it.</param>
/// <param name="OwnCurve">The lifter's rep curve, k, where their sets bent it.</param>
/// <param name="BodyKg">The part of body mass that is lifted along, kilograms; the max holds it.</param>
public sealed record CellView(
    int Week,
    Weekday Day,
    string Exercise,
    IReadOnlyList<string> Pinned,
    TargetKind Shape,
    double UnderTensionSeconds,
    int LeastRestSeconds,
    double? TrainingMaxKg,
    double? PercentOfTrainingMax,
    double? OwnCurve,
    double BodyKg
);

/// <summary>A check with its place and a fix that can be taken.</summary>
/// <param name="Fix">What to do, in words; null where it is the coach's to judge.</param>
/// <param name="Edits">The fix as edits; empty where it cannot be done for the coach.</param>
public sealed record CheckView(
    CheckCode Code,
    CheckSeverity Severity,
    int? Week,
    Weekday? Day,
    string? Exercise,
    string Because,
    string? Fix,
    IReadOnlyList<EditSection> Edits
);

/// <summary>A block to plan.</summary>
public sealed record PlanRequest
{
    public required DateOnly Start { get; init; }
    public BlockKind? Kind { get; init; }

    [Between(1, 12, "weeks")]
    public int? Weeks { get; init; }
    public BlockFocus? Focus { get; init; }

    /// <summary>What it starts from; the block that Nerezza makes where it is left out.</summary>
    public BlockBase? Base { get; init; }
}

/// <summary>Edits to try, or to keep as a new version.</summary>
public sealed record EditBlock
{
    /// <summary>The version that was edited: kept edits are refused where a newer one is there.</summary>
    [Between(1, 100_000, "a version")]
    public required int Number { get; init; }

    [Items(2000)]
    public required IReadOnlyList<EditSection> Edits { get; init; }
}

/// <summary>A version of the plan.</summary>
public sealed record VersionLine(int Number, DateTimeOffset MadeAt, DateOnly Start, BlockKind Kind, int Weeks, int Edits);

/// <summary>What one version has otherwise than another, a line each.</summary>
public sealed record VersionDifference(int From, int To, IReadOnlyList<string> Changes);

/// <summary>Copies the block in force to another client.</summary>
public sealed record CopyBlock
{
    [Length(36)]
    public required string ToClient { get; init; }
    public required DateOnly Start { get; init; }
}

/// <summary>What came of a copy.</summary>
/// <param name="Left">What could not carry over, each with its reason.</param>
public sealed record CopyResult(Guid ClientId, int Number, IReadOnlyList<string> Left);
