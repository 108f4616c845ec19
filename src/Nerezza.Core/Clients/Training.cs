using Nerezza.Core.Measures;

namespace Nerezza.Core.Clients;

/// <summary>A set that tells how strong the client is, as the coach entered it.</summary>
public sealed record StrengthEntry
{
    /// <summary>Exercise id.</summary>
    public required string Exercise { get; init; }

    /// <summary>The whole external load.</summary>
    public required Load Load { get; init; }

    /// <summary>Repetitions done, 1 to 100.</summary>
    public required int Reps { get; init; }

    /// <summary>The rating; entries without one count as RPE 10.</summary>
    public required Rpe Rpe { get; init; }

    /// <summary>The side, for one-sided lifts.</summary>
    public required Side? Side { get; init; }

    /// <summary>When; null is not known and counts as old.</summary>
    public required DateOnly? Date { get; init; }

    /// <summary>Whether it went to as many repetitions as possible.</summary>
    public required bool Amrap { get; init; }
}

/// <summary>One training day of the log.</summary>
public sealed class LogDay(DateOnly date, Readiness? readiness, IReadOnlyList<LogSet> sets)
{
    private IReadOnlyList<LiftOfDay>? _lifts;

    /// <summary>The day.</summary>
    public DateOnly Date { get; } = date;

    /// <summary>How the client came in; null where nobody asked.</summary>
    public Readiness? Readiness { get; } = readiness;

    /// <summary>Every set, in the order done.</summary>
    public IReadOnlyList<LogSet> Sets { get; } = sets;

    /// <summary>The sets by exercise and side, in the order done. Sorted once: years of days are asked this for every page.</summary>
    public IReadOnlyList<LiftOfDay> Lifts =>
        _lifts ??= [
            .. Sets.GroupBy(set => (set.Exercise, set.Side)).Select(same => new LiftOfDay(same.Key.Exercise, same.Key.Side, [.. same])),
        ];
}

/// <summary>The sets of one exercise and side on one day, in the order done.</summary>
public sealed record LiftOfDay(string Exercise, Side? Side, IReadOnlyList<LogSet> Sets);

/// <summary>Ten seconds before the first set (docs/handbook/13-floor.md).</summary>
/// <param name="Soreness">0 to 3; what is not named is not sore.</param>
/// <param name="Pain">Where it hurts now.</param>
/// <param name="Minutes">There are; null as many as planned.</param>
public sealed record Readiness(double? SleepHours, IReadOnlyDictionary<Muscle, int> Soreness, IReadOnlyList<PainNow> Pain, int? Minutes)
{
    /// <summary>As sore as can be (docs/handbook/13-floor.md).</summary>
    public const int MostSore = 3;
}

/// <summary>Pain as the client comes in.</summary>
/// <param name="Score">0 to 10.</param>
public sealed record PainNow(PainRegion Region, double Score);

/// <summary>A set that was done. A rating is there only when the client or coach gave one (docs/handbook/13-floor.md).</summary>
public sealed record LogSet
{
    /// <summary>Exercise id.</summary>
    public required string Exercise { get; init; }

    /// <summary>The side, for one-sided work.</summary>
    public Side? Side { get; init; }

    /// <summary>The whole external load; null for work without load.</summary>
    public Load? Load { get; init; }

    /// <summary>Repetitions; null for holds and carries.</summary>
    public int? Reps { get; init; }

    /// <summary>The rating given; never the prescribed one.</summary>
    public Rpe? Rpe { get; init; }

    /// <summary>Whether it went to as many repetitions as possible.</summary>
    public bool Amrap { get; init; }

    /// <summary>At which repetition the client said how many were left.</summary>
    public ReserveSaid? ReserveSaid { get; init; }

    /// <summary>The last repetition in good form, where form changed.</summary>
    public int? TechniqueHeldTo { get; init; }

    /// <summary>Pain 0 to 10.</summary>
    public double? Pain { get; init; }

    /// <summary>Where it hurt.</summary>
    public PainRegion? PainAt { get; init; }

    /// <summary>Seconds, held or that the way took.</summary>
    public double? Seconds { get; init; }

    /// <summary>Metres, carried or thrown.</summary>
    public double? Metres { get; init; }

    /// <summary>Centimetres, of a jump or a throw upward.</summary>
    public double? HeightCm { get; init; }

    /// <summary>Repetitions that were clean, of a drill.</summary>
    public int? CleanReps { get; init; }

    /// <summary>What was said of it, where a word is asked.</summary>
    public SetWord? Word { get; init; }
}

/// <summary>What is said of a set that nobody can rate (docs/handbook/13-floor.md).</summary>
public enum SetWord
{
    /// <summary>Priming: the muscle is felt.</summary>
    Felt,

    /// <summary>Priming: not felt yet.</summary>
    NotYet,

    /// <summary>Throws and jumps: as fast as the first.</summary>
    Fast,

    /// <summary>Throws and jumps: slowing down, which ends them.</summary>
    Slowing,
}

/// <summary>Repetitions in reserve that the client claimed at a repetition of an AMRAP.</summary>
public sealed record ReserveSaid(int Rep, double InReserve);

/// <summary>Which block is asked for.</summary>
public sealed record BlockRequest(DateOnly Start, BlockKind Kind, int Weeks, BlockFocus Focus)
{
    /// <summary>Exercises of the blocks before whose finding has closed: they count as fresh, however long they stood
    /// (docs/handbook/14-review.md).</summary>
    public IReadOnlyList<string> Worked { get; init; } = [];
}

/// <summary>A client's rung on a ladder, counted from 1.</summary>
public sealed record LadderRung(string Ladder, int Rung);
