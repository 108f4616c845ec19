namespace Nerezza.Core.Review;

/// <summary>All that a review rests on.</summary>
public sealed record ReviewInput
{
    /// <summary>The client with every screen and set up to today.</summary>
    public required ClientCase Case { get; init; }

    /// <summary>The blocks that stood, first to last; what was planned before a later one began.</summary>
    public required IReadOnlyList<StoodBlock> Blocks { get; init; }

    /// <summary>The day.</summary>
    public required DateOnly Today { get; init; }

    /// <summary>Steps that the coach took against stalls.</summary>
    public IReadOnlyList<StepTaken> Steps { get; init; } = [];

    /// <summary>When the sets of the last weeks were done, as far as that is known.</summary>
    public IReadOnlyList<SetTime> Times { get; init; } = [];

    /// <summary>The block that runs today; null where none does.</summary>
    public StoodBlock? Running => Blocks.LastOrDefault(block => block.IsOn(Today));

    /// <summary>Planned sessions up to a day, first to last, each with its week.</summary>
    internal IEnumerable<(StoodBlock Block, StoodWeek Week, StoodSession Session)> SessionsUpTo(DateOnly day) =>
        Blocks
            .SelectMany(block => block.Weeks.SelectMany(week => week.Sessions.Select(session => (block, week, session))))
            .Where(row => row.session.Date <= day)
            .OrderBy(row => row.session.Date);
}
