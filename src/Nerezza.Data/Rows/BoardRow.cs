using Nerezza.Core.Blocks;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Review;

namespace Nerezza.Data.Rows;

/// <summary>What lists and the day show of a client, kept so that no read plans or reviews anybody. Triggers mark it behind in the
/// transaction that changed something of the client; a worker makes it anew (docs/decisions/0020-boards.md).</summary>
public sealed class BoardRow : IClientRow
{
    public Guid PracticeId { get; init; }
    public Guid ClientId { get; init; }

    /// <summary>Grows with each change of the client's.</summary>
    public long Asked { get; init; }

    /// <summary>From when on it is to be made anew; null where it is up to date.</summary>
    public DateTimeOffset? Due { get; init; }

    /// <summary>The day that it is wanted for; null: the server's.</summary>
    public DateOnly? Wanted { get; init; }

    /// <summary>The day that it was made for; null before the first time.</summary>
    public DateOnly? Day { get; init; }

    /// <summary>By which rules it was made.</summary>
    public string? Engine { get; init; }

    /// <summary>What it says; null before the first time.</summary>
    public BoardDocument? Document { get; init; }
}

/// <summary>A client at a glance.</summary>
public sealed record BoardDocument
{
    /// <summary>Blocks from the one of the day on, first to last.</summary>
    public required IReadOnlyList<BoardBlock> Blocks { get; init; }

    /// <summary>Sessions of the days around, first to last; none while training is stopped.</summary>
    public required IReadOnlyList<BoardSession> Sessions { get; init; }

    /// <summary>The weak point that is told first; null where nothing is open.</summary>
    public required BoardFinding? WeakPoint { get; init; }

    /// <summary>The last day with a set.</summary>
    public required DateOnly? LastSeen { get; init; }

    /// <summary>What waits for the coach, in order.</summary>
    public required IReadOnlyList<BoardWaiting> Waiting { get; init; }

    /// <summary>The answer that was given last; null where none was.</summary>
    public required BoardAnswer? Answered { get; init; }
}

/// <summary>A block that stands.</summary>
/// <param name="Dates">Of its sessions.</param>
public sealed record BoardBlock(DateOnly Starts, DateOnly Ends, BlockKind Kind, int Weeks, IReadOnlyList<DateOnly> Dates);

/// <summary>A session as it is planned.</summary>
/// <param name="Notes">What makes it special, in words.</param>
public sealed record BoardSession(DateOnly Date, int Minutes, IReadOnlyList<BoardItem> Items, IReadOnlyList<string> Notes);

/// <summary>An exercise of it.</summary>
public sealed record BoardItem(string Exercise, string Name, int Sets);

/// <summary>A finding with its course.</summary>
public sealed record BoardFinding(string Title, Course Course);

/// <summary>Something that waits, in words.</summary>
/// <param name="Rank">What cannot wait comes first: 0 before 1.</param>
/// <param name="Does">Whether one key does it.</param>
/// <param name="Opens">Where else it is answered, or what it changed is seen.</param>
public sealed record BoardWaiting(int Rank, string Key, string Question, string Evidence, string Act, bool Does, string Opens);

/// <summary>An answer that can be taken back.</summary>
public sealed record BoardAnswer(string Key, DateTimeOffset At, DateOnly On, DateOnly? Until);
