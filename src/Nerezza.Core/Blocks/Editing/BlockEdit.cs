using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Blocks.Editing;

/// <summary>One exercise of one session of a block.</summary>
/// <param name="Week">From 1.</param>
public sealed record CellPlace(int Week, Weekday Day, string Exercise);

/// <summary>What the coach writes into a cell; what is null stays as it is.</summary>
public sealed record CellValues
{
    /// <summary>Changes nothing.</summary>
    public static CellValues Nothing { get; } = new();

    /// <summary>Work sets, both sides of one counted once.</summary>
    public int? Sets { get; init; }

    /// <summary>Repetitions.</summary>
    public int? Reps { get; init; }

    /// <summary>Repetitions set by set; their number is that of the sets.</summary>
    public IReadOnlyList<int>? EachReps { get; init; }

    /// <summary>Percent of e1RM: effort and load follow.</summary>
    public double? Percent { get; init; }

    /// <summary>Effort: percent and load follow.</summary>
    public Rpe? Rpe { get; init; }

    /// <summary>The whole external load, made loadable: percent and effort follow.</summary>
    public Load? Load { get; init; }

    /// <summary>Tempo.</summary>
    public Tempo? Tempo { get; init; }

    /// <summary>Rest, seconds.</summary>
    public int? RestSeconds { get; init; }

    /// <summary>Shape of the sets.</summary>
    public TargetKind? Kind { get; init; }

    /// <summary>What the last set is.</summary>
    public LastSet? Last { get; init; }

    /// <summary>In which superset it stands.</summary>
    public SupersetPlace? Superset { get; init; }

    /// <summary>Metres of a carry.</summary>
    public int? Metres { get; init; }

    /// <summary>Seconds of a hold.</summary>
    public int? Seconds { get; init; }
}

/// <summary>Where an exercise stands among supersets.</summary>
/// <param name="Letter">Of its superset; null where it stands alone.</param>
public sealed record SupersetPlace(string? Letter)
{
    /// <summary>In none.</summary>
    public static SupersetPlace Alone { get; } = new((string?)null);
}

/// <summary>One change of a block by the coach's hand.</summary>
public abstract record BlockEdit
{
    private BlockEdit() { }

    /// <summary>Writes into a cell.</summary>
    public sealed record Write(CellPlace At, CellValues Values) : BlockEdit;

    /// <summary>Puts an exercise at the end of a session; makes the session where there is none.</summary>
    public sealed record Add(CellPlace At, Role Role, CellValues Values) : BlockEdit;

    /// <summary>Takes an exercise out.</summary>
    public sealed record Remove(CellPlace At) : BlockEdit;

    /// <summary>Puts another exercise in its place, at the same sets, repetitions and effort.</summary>
    public sealed record Replace(CellPlace At, string With) : BlockEdit;

    /// <summary>Moves an exercise to a place in its session, from 0.</summary>
    public sealed record Order(CellPlace At, int To) : BlockEdit;

    /// <summary>Moves an exercise to another day of its week.</summary>
    public sealed record Carry(CellPlace At, Weekday To) : BlockEdit;

    /// <summary>Moves a session to another day of its week; a session that stands there takes its place.</summary>
    public sealed record MoveSession(int Week, Weekday From, Weekday To) : BlockEdit;

    /// <summary>Copies a session over another, or onto an empty day.</summary>
    public sealed record CopySession(int Week, Weekday Day, int ToWeek, Weekday ToDay) : BlockEdit;

    /// <summary>A session was missed: its main lift moves to the next day that keeps the spacing, the rest of it drops. After the second
    /// one of a week the week is repeated.</summary>
    public sealed record Missed(int Week, Weekday Day) : BlockEdit;
}

/// <summary>Why an edit could not be made.</summary>
public enum EditRefusal
{
    /// <summary>The exercise or session it names is not there.</summary>
    NotThere,

    /// <summary>The week it names is not in the block.</summary>
    NoSuchWeek,

    /// <summary>The exercise stands in that session already.</summary>
    ThereAlready,

    /// <summary>Pain or a referral rules the exercise out.</summary>
    RuledOut,
}

/// <summary>An edit that could not be made.</summary>
/// <param name="Index">Its place in the list, from 0.</param>
public sealed record RefusedEdit(int Index, BlockEdit Edit, EditRefusal Why);

/// <summary>A block with the coach's edits, those that could not be made, and what could not stand as it was written.</summary>
public sealed record EditedBlock(
    Block Block,
    IReadOnlyList<RefusedEdit> Refused,
    IReadOnlyDictionary<CellPlace, IReadOnlyList<StandsInstead>> Instead
)
{
    /// <summary>A block that no hand has touched.</summary>
    public static EditedBlock AsMade(Block block) => new(block, [], new Dictionary<CellPlace, IReadOnlyList<StandsInstead>>());
}
