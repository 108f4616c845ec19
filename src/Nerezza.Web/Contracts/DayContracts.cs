using Nerezza.Core.Clients;
using Nerezza.Core.Findings;

namespace Nerezza.Web.Contracts;

/// <summary>A day: its sessions in order, and what waits for the coach.</summary>
/// <param name="Date">The day whose sessions are shown.</param>
/// <param name="Answered">The answer of today that can be taken back; null where none was given.</param>
/// <param name="Behind">How many clients changed in the last moments; what is shown of them follows.</param>
public sealed record DayView(
    DateOnly Date,
    IReadOnlyList<DaySession> Sessions,
    IReadOnlyList<Decision> Decisions,
    DayAnswered? Answered,
    int Behind
);

/// <summary>A session of the day.</summary>
/// <param name="Notes">What makes it special.</param>
/// <param name="AtHand">What is being done; null where the client is not on the floor.</param>
public sealed record DaySession(
    Guid ClientId,
    string Client,
    IReadOnlyList<string> Lifts,
    int Minutes,
    int SetsDone,
    int SetsPlanned,
    IReadOnlyList<string> Notes,
    SetAtHand? AtHand
);

/// <summary>The set that comes next on the floor, and the one that was logged last.</summary>
/// <param name="Number">Among the sets of the exercise, from 1.</param>
public sealed record SetAtHand(string Exercise, int Number, int Of, LoggedBefore Last);

/// <summary>The set that was logged last.</summary>
public sealed record LoggedBefore(string Exercise, decimal? Kg, int? Reps, decimal? Rpe, DateTimeOffset At);

/// <summary>Something that waits for the coach, of one client.</summary>
public sealed record Decision(Guid ClientId, string Client, WaitingLine Line);

/// <summary>The answer that was given last.</summary>
public sealed record DayAnswered(Guid ClientId, string Client, AnsweredLine Line);

/// <summary>A client at a glance.</summary>
/// <param name="NextSession">Null where nothing is planned.</param>
/// <param name="Waiting">How many decisions wait.</param>
/// <param name="Week">Where in which block the client is; null outside of any.</param>
/// <param name="LastSeen">The last day with a set; null before the first.</param>
/// <param name="IsBehind">Whether something changed in the last moments that is not shown yet.</param>
public sealed record ClientLine(
    Guid Id,
    string Name,
    DateOnly? NextSession,
    int Waiting,
    WeekOfBlock? Week,
    WeakPointLine? WeakPoint,
    DateOnly? LastSeen,
    bool IsBehind
);

/// <summary>A week of a block.</summary>
public sealed record WeekOfBlock(int Number, int Of, BlockKind Kind);

/// <summary>The weak point that is told first, and how it goes.</summary>
public sealed record WeakPointLine(string Title, Course Course, string CourseName);
