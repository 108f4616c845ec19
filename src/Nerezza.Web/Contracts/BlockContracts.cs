using Nerezza.Core;
using Nerezza.Core.Blocks;
using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Checks;
using Nerezza.Core.Clients;
using Nerezza.Core.Prescription;
using Nerezza.Data.Stores;
using Nerezza.Formats.Plans;
using Nerezza.Formats.Shapes;

namespace Nerezza.Web.Contracts;

/// <summary>The block in force, or a draft of it: with the loads that today's maxes give, the coach's edits, counts and checks.</summary>
public sealed record BlockView
{
    public required int Number { get; init; }

    public required DateTimeOffset MadeAt { get; init; }

    public required bool OutOfDate { get; init; }

    public required string? Stop { get; init; }

    public required PlanDocument Plan { get; init; }

    /// <summary>The heaviest load of each exercise as the plan was made; today's maxes may ask for another.</summary>
    public required IReadOnlyList<MadeLoad> Made { get; init; }

    public required IReadOnlyList<SetView> Done { get; init; }

    /// <summary>Why the block is of its kind.</summary>
    public required string KindBecause { get; init; }

    /// <summary>What it favours and what it gives up.</summary>
    public required string Favours { get; init; }

    public required BlockBase Base { get; init; }

    /// <summary>The coach's edits, in order, over the base.</summary>
    public required IReadOnlyList<EditSection> Edits { get; init; }

    /// <summary>Edits that could not be made, in words.</summary>
    public required IReadOnlyList<string> Refused { get; init; }

    /// <summary>What a cell says beyond the open format.</summary>
    public required IReadOnlyList<CellView> Cells { get; init; }

    public required IReadOnlyList<CheckView> Remarks { get; init; }

    /// <summary>Hard sets by muscle and week, by both countings.</summary>
    public required IReadOnlyList<MuscleLedger> Sets { get; init; }

    /// <summary>What each week costs.</summary>
    public required IReadOnlyList<WeekTotals> Totals { get; init; }

    /// <summary>The blocks from this one toward the event.</summary>
    public required IReadOnlyList<ChainLink> Chain { get; init; }

    /// <summary>Attempts at the main lifts, where the block peaks or tests.</summary>
    public required IReadOnlyList<AttemptsView> Attempts { get; init; }

    /// <summary>Work for range and relief, every day, away from the sessions.</summary>
    public required IReadOnlyList<DailyWork> Daily { get; init; }

    /// <summary>Every plan of the client that stands, first to last; this one is among them.</summary>
    public required IReadOnlyList<PlanSpan> Standing { get; init; }
}

/// <summary>The load of an exercise as the plan was made.</summary>
/// <param name="Why">Why it is another now; empty where it is the same.</param>
public sealed record MadeLoad(int Week, Weekday Day, string Exercise, double Kg, string Why);

/// <summary>The block with edits that are tried: what an edit can change, to be laid over the block in force.</summary>
public sealed record DraftView
{
    public required BlockPart? Block { get; init; }

    public required IReadOnlyList<MaxPart> Maxes { get; init; }

    public required IReadOnlyList<string> Refused { get; init; }

    public required IReadOnlyList<CellView> Cells { get; init; }

    public required IReadOnlyList<CheckView> Remarks { get; init; }

    public required IReadOnlyList<MuscleLedger> Sets { get; init; }

    public required IReadOnlyList<WeekTotals> Totals { get; init; }
}

/// <summary>The attempts at a lift on the day.</summary>
/// <param name="Kg">The usual row.</param>
public sealed record AttemptsView(
    string Exercise,
    double ForecastKg,
    IReadOnlyList<double> Kg,
    IReadOnlyList<double> SaferKg,
    IReadOnlyList<double> BolderKg
);

/// <summary>Something to do every day.</summary>
public sealed record DailyWork(string Exercise, string Because);

/// <summary>One exercise of one session beyond the open format.</summary>
public sealed record CellView
{
    public required int Week { get; init; }

    public required Weekday Day { get; init; }

    public required string Exercise { get; init; }

    /// <summary>What the coach changed by hand.</summary>
    public required IReadOnlyList<string> Pinned { get; init; }

    /// <summary>What of the coach's numbers could not stand.</summary>
    public required IReadOnlyList<StandsInstead> Instead { get; init; }

    public required TargetKind Shape { get; init; }

    /// <summary>How long one set lasts.</summary>
    public required double UnderTensionSeconds { get; init; }

    /// <summary>The shortest rest that keeps the work what it is.</summary>
    public required int LeastRestSeconds { get; init; }

    /// <summary>Nine tenths of the max; null without one.</summary>
    public required double? TrainingMaxKg { get; init; }

    /// <summary>The same load as a part of it.</summary>
    public required double? PercentOfTrainingMax { get; init; }

    /// <summary>The lifter's rep curve, k, where their sets bent it.</summary>
    public required double? OwnCurve { get; init; }

    /// <summary>The part of body mass that is lifted along, kilograms; the max holds it.</summary>
    public required double BodyKg { get; init; }
}

/// <summary>A check with its place and a fix that can be taken.</summary>
public sealed record CheckView
{
    public required CheckCode Code { get; init; }

    public required CheckSeverity Severity { get; init; }

    public required int? Week { get; init; }

    public required Weekday? Day { get; init; }

    public required string? Exercise { get; init; }

    public required string Because { get; init; }

    /// <summary>What to do, in words; null where it is the coach's to judge.</summary>
    public required string? Fix { get; init; }

    /// <summary>The fix as edits; empty where it cannot be done for the coach.</summary>
    public required IReadOnlyList<EditSection> Edits { get; init; }
}

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

    /// <summary>The version that is copied.</summary>
    [Between(1, 100_000, "a version")]
    public required int Number { get; init; }
    public required DateOnly Start { get; init; }
}

/// <summary>What came of a copy.</summary>
/// <param name="Left">What had to change or could not carry over, each with its reason.</param>
public sealed record CopyResult(Guid ClientId, int Number, IReadOnlyList<string> Left);
