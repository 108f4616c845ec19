using Nerezza.Core;
using Nerezza.Core.Blocks;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Selection;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Exercises;
using Nerezza.Formats.Plans;

namespace Nerezza.Data.Rows;

/// <summary>A row that belongs to one practice; its key begins with the practice's id.</summary>
public interface IPracticeRow
{
    Guid PracticeId { get; }
}

/// <summary>A row of a client: seen by who sees the client.</summary>
public interface IClientRow : IPracticeRow
{
    Guid ClientId { get; }
}

/// <summary>A client with the slow-moving part of the case.</summary>
public sealed class ClientRow : IPracticeRow
{
    public Guid PracticeId { get; init; }
    public Guid Id { get; init; }
    public required string Name { get; set; }
    public required ClientSection Facts { get; set; }
    public required SchoolsSection Schools { get; set; }
    public required ObservedSections Observed { get; set; }
    public DateTimeOffset? ArchivedAt { get; set; }

    /// <summary>The coach that the client is with; null: the practice's owners.</summary>
    public Guid? HomeCoach { get; set; }

    /// <summary>When everything of theirs goes; null while nobody asked for it.</summary>
    public DateTimeOffset? EraseAt { get; set; }
    public uint Version { get; private set; }
}

/// <summary>What the client reports and has reached, and the coach's word on findings and exercises. Screens have rows of their own, one a
/// day.</summary>
public sealed record ObservedSections(
    IReadOnlyList<PainSection>? Pain,
    IReadOnlyList<LadderSection>? Ladders,
    IReadOnlyList<FindingDecision>? Decisions,
    IReadOnlyList<Pick>? Picks = null
);

/// <summary>A screen as it was taken on a day, with the faults seen then. The newest is in force; the others stay to compare
/// with.</summary>
public sealed class ScreenRow : IClientRow
{
    public Guid PracticeId { get; init; }
    public Guid Id { get; init; }
    public Guid ClientId { get; init; }
    public DateOnly Date { get; init; }
    public required ScreenSection Screen { get; set; }
    public required IReadOnlyList<FaultSection> Faults { get; set; }
    public uint Version { get; private set; }
}

/// <summary>A client's equipment; a row of its own, so that facts and plates can be edited side by side.</summary>
public sealed class EquipmentRow : IClientRow
{
    public Guid PracticeId { get; init; }
    public Guid ClientId { get; init; }

    /// <summary>The room whose kit it is; null where the client has kit of their own, which stands in <see cref="Document"/>.</summary>
    public Guid? RoomId { get; set; }

    /// <summary>Rooms of days that are trained elsewhere; a room that is gone counts as the usual place.</summary>
    public IReadOnlyList<DayRoom> Elsewhere { get; set; } = [];
    public required EquipmentSection Document { get; set; }
    public uint Version { get; private set; }
}

/// <summary>The room of one day of the week.</summary>
public sealed record DayRoom(Weekday Day, Guid RoomId);

/// <summary>A room with its kit, where clients of the practice train.</summary>
public sealed class RoomRow : IPracticeRow
{
    public Guid PracticeId { get; init; }
    public Guid Id { get; init; }
    public required string Name { get; set; }
    public required EquipmentSection Document { get; set; }
    public uint Version { get; private set; }
}

/// <summary>An entered set that tells a max.</summary>
public sealed class MaxRow : IClientRow
{
    public Guid PracticeId { get; init; }
    public Guid Id { get; init; }
    public Guid ClientId { get; init; }
    public required string Exercise { get; init; }
    public Side? Side { get; init; }
    public decimal LoadKg { get; init; }
    public int Reps { get; init; }
    public decimal? Rpe { get; init; }
    public DateOnly? Date { get; init; }
    public bool Amrap { get; init; }
}

/// <summary>An exercise that a coach wrote. It is never deleted, since plans and logs name it: it is put away.</summary>
public sealed class OwnExerciseRow : IPracticeRow
{
    public Guid PracticeId { get; init; }

    /// <summary>The id of the open formats.</summary>
    public required string Exercise { get; init; }
    public required ExerciseDocument Document { get; set; }
    public uint Version { get; init; }
}

/// <summary>A plan as it was made: never changed, only followed by the next, or taken back before it began.</summary>
public sealed class PlanRow : IClientRow
{
    public Guid PracticeId { get; init; }
    public Guid Id { get; init; }
    public Guid ClientId { get; init; }
    public int Number { get; init; }

    /// <summary>The first day of its first week.</summary>
    public required DateOnly Starts { get; init; }

    /// <summary>The last day of its last week.</summary>
    public required DateOnly Ends { get; init; }

    /// <summary>The days of its sessions, first to last; empty where no block could be made.</summary>
    public required IReadOnlyList<DateOnly> Dates { get; init; }

    /// <summary>The last day of the block that ran when this one was planned to follow it; null where none did.</summary>
    public DateOnly? Follows { get; init; }
    public DateTimeOffset MadeAt { get; init; }
    public required string EngineVersion { get; init; }
    public required string InputsHash { get; init; }
    public required CaseDocument Inputs { get; init; }
    public required IReadOnlyList<FindingDecision> Decisions { get; init; }
    public required IReadOnlyList<Pick> Picks { get; init; }

    /// <summary>The coach's edits, in order, over <see cref="Base"/>.</summary>
    public IReadOnlyList<EditSection> Edits { get; init; } = [];
    public BlockBase Base { get; init; }

    /// <summary>Why the block is of its kind, as it was decided on the day; null in rows from before it was kept.</summary>
    public KindReason? KindReason { get; init; }

    /// <summary>When it was taken back; null while it stands.</summary>
    public DateTimeOffset? TakenBackAt { get; set; }
    public required PlanDocument Document { get; init; }
}

/// <summary>A set as it was done: an append-only fact. A correction is a new fact that names the one it supersedes.</summary>
public sealed class LoggedSetRow : IClientRow
{
    public Guid PracticeId { get; init; }
    public Guid Id { get; init; }
    public Guid ClientId { get; init; }
    public DateOnly Date { get; init; }
    public required string Exercise { get; init; }

    /// <summary>Place of the set among the work sets prescribed for the exercise, from 0.</summary>
    public int Place { get; init; }
    public Side? Side { get; init; }

    /// <summary>Null where there was none.</summary>
    public decimal? LoadKg { get; init; }

    /// <summary>Null where it is not counted in repetitions.</summary>
    public int? Reps { get; init; }
    public decimal? Rpe { get; init; }
    public bool Amrap { get; init; }

    /// <summary>The repetition of an AMRAP at which the lifter said how many were left.</summary>
    public int? SaidAtRep { get; init; }

    /// <summary>How many they said.</summary>
    public decimal? RirSaid { get; init; }
    public decimal? Seconds { get; init; }
    public decimal? Metres { get; init; }
    public decimal? HeightCm { get; init; }
    public int? CleanReps { get; init; }
    public SetWord? Word { get; init; }
    public string? Band { get; init; }
    public IReadOnlyList<ImplementSection>? Implements { get; init; }
    public int? TechniqueHeldTo { get; init; }
    public int? Pain { get; init; }
    public PainRegion? PainAt { get; init; }
    public string? Note { get; init; }
    public Guid? Supersedes { get; init; }

    /// <summary>The file that it came in with; null where it was logged.</summary>
    public Guid? ImportId { get; init; }
    public bool Withdrawn { get; init; }
    public DateTimeOffset LoggedAt { get; init; }
}

/// <summary>How a client came in on a day; what is said last stands.</summary>
public sealed class ReadinessRow : IClientRow
{
    public Guid PracticeId { get; init; }
    public Guid ClientId { get; init; }
    public DateOnly Date { get; init; }
    public required ReadinessSection Answers { get; set; }

    /// <summary>Whether the session goes by it.</summary>
    public bool Taken { get; set; }
    public DateTimeOffset NotedAt { get; set; }
}

/// <summary>A client's training of long ago, folded from logged sets: follows from them, and is made anew when one of them
/// changes.</summary>
public sealed class PastTrainingRow : IClientRow
{
    public Guid PracticeId { get; init; }
    public Guid ClientId { get; init; }

    /// <summary>The last day covered.</summary>
    public DateOnly Through { get; set; }
    public required IReadOnlyList<LogSection> Days { get; set; }
    public uint Version { get; private set; }
}
