using Nerezza.Core.Blocks;
using Nerezza.Core.Clients;

namespace Nerezza.Core.Review;

/// <summary>What makes a session special: what a coach would want to know before it begins.</summary>
public abstract record SessionNote
{
    /// <summary>Pain was logged shortly before.</summary>
    public sealed record AfterPain(PainRegion? Region, double Score, DateOnly On) : SessionNote;

    /// <summary>Nothing was trained for long.</summary>
    public sealed record AfterLayOff(int Days) : SessionNote;

    /// <summary>The session before was missed.</summary>
    public sealed record AfterMiss(DateOnly On) : SessionNote;

    /// <summary>Tests are due.</summary>
    public sealed record Retest(IReadOnlyList<FindingStory> Stories) : SessionNote;

    /// <summary>The first of its block.</summary>
    public sealed record FirstOfBlock(BlockKind Kind) : SessionNote;

    /// <summary>The last of its block.</summary>
    public sealed record LastOfBlock : SessionNote;

    /// <summary>In a week that is no week of work.</summary>
    public sealed record InWeek(WeekKind Kind) : SessionNote;

    /// <summary>The first heavy one of its block.</summary>
    /// <param name="Percent">Of the max, the heaviest set.</param>
    public sealed record FirstHeavy(string Exercise, double Percent) : SessionNote;

    /// <summary>A set goes to the last repetition.</summary>
    public sealed record ToTheLastRep(string Exercise) : SessionNote;
}
