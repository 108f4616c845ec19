using Nerezza.Core.Blocks;
using Nerezza.Core.Clients;
using Nerezza.Core.Floor;
using Nerezza.Core.Selection;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Floor;
using Nerezza.Formats.Shapes;

namespace Nerezza.Web.Contracts;

/// <summary>A set that was done.</summary>
public sealed record SetView
{
    public required Guid Id { get; init; }

    public required DateOnly Date { get; init; }

    public required string Exercise { get; init; }

    public required int Place { get; init; }

    public required Side? Side { get; init; }

    /// <summary>Null where there was none.</summary>
    public required double? Kg { get; init; }

    /// <summary>Null where it is not counted in repetitions.</summary>
    public required int? Reps { get; init; }

    public required double? Rpe { get; init; }

    public required bool Amrap { get; init; }

    public required ReserveSaidSection? RirSaidAt { get; init; }

    public required double? Seconds { get; init; }

    public required double? Metres { get; init; }

    public required double? HeightCm { get; init; }

    public required int? CleanReps { get; init; }

    public required SetWord? Word { get; init; }

    public required string? Band { get; init; }

    public required IReadOnlyList<ImplementSection>? Implements { get; init; }

    public required int? TechniqueHeldTo { get; init; }

    public required int? Pain { get; init; }

    public required PainRegion? PainAt { get; init; }

    public required string? Note { get; init; }

    public required DateTimeOffset LoggedAt { get; init; }
}

/// <summary>A session on the floor.</summary>
public sealed record FloorView
{
    public required Guid ClientId { get; init; }

    public required string Client { get; init; }

    public required DateOnly Date { get; init; }

    /// <summary>The session that is planned for the date; null when there is none.</summary>
    public required FloorSession? Session { get; init; }
    public required string? Stop { get; init; }

    public required IReadOnlyList<FloorItem> Items { get; init; }

    /// <summary>Every set in the order in which they are done.</summary>
    public required IReadOnlyList<SetPlace> Order { get; init; }

    public required IReadOnlyList<DateOnly> Dates { get; init; }

    public required string Caution { get; init; }

    public required IReadOnlyList<DailyWork> Daily { get; init; }

    /// <summary>The signs that end a session at once.</summary>
    public required IReadOnlyList<WarningSign> Warnings { get; init; }

    /// <summary>How the client came in; null where nobody asked yet.</summary>
    public required ReadinessView? Readiness { get; init; }
}

/// <summary>How a client came in.</summary>
/// <param name="Taken">Whether the session goes by it.</param>
public sealed record ReadinessView(ReadinessSection Answers, bool Taken);

/// <summary>How a client comes in, ten seconds before the first set. What is said last stands; twice is once.</summary>
public sealed record NoteReadiness
{
    public required DateOnly Date { get; init; }

    public required ReadinessSection Answers { get; init; }

    /// <summary>Whether the session goes by it.</summary>
    public required bool Taken { get; init; }
}

/// <summary>A sign that ends a session.</summary>
/// <param name="Stop">What is said then.</param>
public sealed record WarningSign(HealthFlag Sign, string Words, string Stop);

/// <summary>A sign seen on the floor. It is sent until the server has it; twice is once.</summary>
public sealed record NoteWarning
{
    public required HealthFlag Sign { get; init; }

    /// <summary>The day it was seen.</summary>
    public required DateOnly Date { get; init; }
}

/// <summary>An exercise on the floor.</summary>
public sealed record FloorItem
{
    public required string Exercise { get; init; }

    public required string Name { get; init; }

    public required Role Role { get; init; }

    public required string Because { get; init; }

    /// <summary>Whether it answers a finding.</summary>
    public required bool Answers { get; init; }

    /// <summary>Why the load is another than when the block was made; empty where it is not.</summary>
    public required string Changed { get; init; }

    public required IReadOnlyList<string> Cues { get; init; }

    public required string SetUp { get; init; }

    /// <summary>How long it takes with warm-up and rest, seconds.</summary>
    public required int Seconds { get; init; }

    /// <summary>Names of the bands to choose from; empty where none is stretched.</summary>
    public required IReadOnlyList<string> Bands { get; init; }

    public required IReadOnlyList<FloorWarmUp> WarmUp { get; init; }

    public required IReadOnlyList<FloorSet> Sets { get; init; }

    /// <summary>What of it changes by how the client comes in is made from this.</summary>
    public required ReadyBasis Ready { get; init; }

    /// <summary>What advice on the next set is made from, by the page itself where a set is not here yet.</summary>
    public required AdviceBasis Advice { get; init; }

    /// <summary>The bar with its plates, for who shares it; null where there is none.</summary>
    public required BarPart? Bar { get; init; }

    public required FloorProposal? Proposal { get; init; }

    public required IReadOnlyList<LoadChoice> Loads { get; init; }

    /// <summary>What can stand in for the sets that are still to do, best first; itself without substitutes.</summary>
    public required IReadOnlyList<FloorItem> Substitutes { get; init; }

    public required string? Superset { get; init; }
}

public sealed record FloorWarmUp(double Kg, int Reps, IReadOnlyList<double>? PerSide);

/// <summary>A work set as prescribed, and as done.</summary>
public sealed record FloorSet
{
    public required int Place { get; init; }

    /// <summary>What it is, and with it what is asked after it.</summary>
    public required SetKind Kind { get; init; }

    /// <summary>What is asked after it.</summary>
    public required IReadOnlyList<Asked> Asks { get; init; }

    public required int Reps { get; init; }

    public required double? Percent { get; init; }

    public required double? Kg { get; init; }

    public required double? Each { get; init; }

    public required int? Count { get; init; }

    public required string? Bar { get; init; }

    public required IReadOnlyList<double>? PerSide { get; init; }

    /// <summary>Null where it is easier than anybody can rate.</summary>
    public required double? Rpe { get; init; }

    public required string Tempo { get; init; }

    public required int RestSeconds { get; init; }

    public required int LeastRestSeconds { get; init; }

    public required Side? Side { get; init; }

    /// <summary>Of a way, with each implement.</summary>
    public required int? Metres { get; init; }

    /// <summary>The whole way.</summary>
    public required int? Way { get; init; }

    public required int? Seconds { get; init; }

    /// <summary>The implements of a medley, in a row; empty where it is none.</summary>
    public required IReadOnlyList<FloorImplement> Implements { get; init; }

    public required bool Amrap { get; init; }

    public required SetView? Done { get; init; }
}

/// <summary>Where in the block a session stands, and how long it takes.</summary>
public sealed record FloorSession(int Week, WeekKind WeekKind, int Minutes);

/// <summary>One implement of a medley.</summary>
public sealed record FloorImplement(string Exercise, string Name, double? Kg);

/// <summary>A load that can be made near the planned one, with its plates.</summary>
public sealed record LoadChoice(double Kg, IReadOnlyList<double>? PerSide);

/// <summary>A set that is logged. The id is made by whoever logs it, so that sending twice is one set.</summary>
public sealed record LogSet
{
    [Length(36)]
    public required string Id { get; init; }
    public required DateOnly Date { get; init; }

    [ExerciseId]
    public required string Exercise { get; init; }

    [Between(0, 50, "a place")]
    public required int Place { get; init; }
    public Side? Side { get; init; }

    /// <summary>Left out where there was none.</summary>
    [Between(0, 1000, "kilograms")]
    public double? Kg { get; init; }

    [Between(0, 100, "repetitions")]
    public int? Reps { get; init; }

    [Between(1, 10, "an RPE")]
    public double? Rpe { get; init; }
    public bool? Amrap { get; init; }

    /// <summary>What the lifter said was left, at which repetition of an AMRAP.</summary>
    public ReserveSaidSection? RirSaidAt { get; init; }

    [Between(0, 3600, "seconds")]
    public double? Seconds { get; init; }

    [Between(0, 10_000, "metres")]
    public double? Metres { get; init; }

    [Between(0, 500, "centimetres")]
    public double? HeightCm { get; init; }

    [Between(0, 100, "repetitions")]
    public int? CleanReps { get; init; }
    public SetWord? Word { get; init; }

    [Length(60)]
    public string? Band { get; init; }

    [Items(12)]
    public IReadOnlyList<ImplementSection>? Implements { get; init; }

    [Between(0, 100, "repetitions")]
    public int? TechniqueHeldTo { get; init; }

    [Between(0, 10, "a score")]
    public int? Pain { get; init; }
    public PainRegion? PainAt { get; init; }

    [Length(2000)]
    public string? Note { get; init; }

    /// <summary>The set that this one corrects.</summary>
    [Length(36)]
    public string? Supersedes { get; init; }
}

/// <summary>What a session came to.</summary>
public sealed record SummaryView(IReadOnlyList<SummaryLine> Lines);

/// <summary>One exercise of it: sets against the plan, the estimate before and after, and the next time.</summary>
/// <param name="Next">The load of the next time before and now, with why it moved; null where there is no next time.</param>
/// <param name="Gate">How it stands to the gate of a ladder; empty where it was none.</param>
public sealed record SummaryLine(string Exercise, string Name, int Planned, int Done, MaxMove? Max, SummaryNext? Next, string Gate);

/// <summary>The heaviest set of the next time.</summary>
/// <param name="Why">Empty where nothing changes.</param>
public sealed record SummaryNext(DateOnly Date, double BeforeKg, double NowKg, string Why);

/// <summary>Takes a logged set back; itself a fact with an id.</summary>
public sealed record WithdrawSet
{
    [Length(36)]
    public required string Id { get; init; }
}
