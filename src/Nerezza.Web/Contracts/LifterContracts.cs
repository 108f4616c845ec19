using Nerezza.Core.Blocks;
using Nerezza.Core.Clients;
using Nerezza.Formats.Plans;
using Nerezza.Formats.Shapes;

namespace Nerezza.Web.Contracts;

/// <summary>What a lifter sees of their training: today, the weeks ahead, what was done, and what they are asked.</summary>
public sealed record AheadView
{
    public required Guid ClientId { get; init; }
    public required string Client { get; init; }

    /// <summary>Why there is no training; null where there is.</summary>
    public required string? Stop { get; init; }

    /// <summary>The sessions from today on, with newest loads.</summary>
    public required IReadOnlyList<AheadSession> Ahead { get; init; }

    /// <summary>The last days that were trained, the newest first.</summary>
    public required IReadOnlyList<DoneDay> Done { get; init; }

    /// <summary>The health questions, each with whether it is answered with yes.</summary>
    public required IReadOnlyList<OwnQuestion> Questions { get; init; }

    /// <summary>Where it hurts, as the coach wrote it down: asked for again on the morning after.</summary>
    public required IReadOnlyList<OwnPain> Pain { get; init; }

    /// <summary>The newest notes to the coach.</summary>
    public required IReadOnlyList<NoteLine> Notes { get; init; }
}

public sealed record AheadSession(DateOnly Date, int Week, WeekKind WeekKind, int Minutes, IReadOnlyList<AheadLine> Lines);

/// <summary>An exercise of a session ahead with its sets.</summary>
public sealed record AheadLine(string Exercise, string Name, IReadOnlyList<SetPart> Sets);

public sealed record DoneDay(DateOnly Date, IReadOnlyList<DoneLine> Lines);

public sealed record DoneLine(string Exercise, string Name, IReadOnlyList<SetView> Sets);

public sealed record OwnQuestion(HealthFlag Flag, string Text, bool Answered);

public sealed record OwnPain(PainRegion Region, double? NextMorning);

/// <summary>What a lifter answers of themselves. A yes counts at once; only the coach takes one back.</summary>
public sealed record AnswerOwn
{
    /// <summary>Questions that are answered with yes now.</summary>
    [Items(40)]
    public required IReadOnlyList<HealthFlag> Yes { get; init; }

    [Items(20)]
    public required IReadOnlyList<MorningScore> Morning { get; init; }
    public required DateOnly Date { get; init; }
}

public sealed record MorningScore
{
    public required PainRegion Region { get; init; }

    [Between(0, 10, "a score")]
    public required int Score { get; init; }
}

/// <summary>A note to the coach. The id is made by whoever writes it, so that sending twice is one note.</summary>
public sealed record WriteNote
{
    [Length(36)]
    public required string Id { get; init; }

    [Length(2000)]
    public required string Text { get; init; }
}
