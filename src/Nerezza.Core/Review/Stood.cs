using Nerezza.Core.Blocks;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Review;

/// <summary>A block as it stood when it was trained.</summary>
/// <param name="Number">Of its version.</param>
public sealed record StoodBlock(int Number, DateOnly Start, DateOnly Ends, BlockKind Kind, IReadOnlyList<StoodWeek> Weeks)
{
    /// <summary>What stands in best for an exercise, where something does.</summary>
    public IReadOnlyDictionary<string, string> Substitutes { get; init; } = new Dictionary<string, string>();

    /// <summary>Its sessions, first to last.</summary>
    public IEnumerable<StoodSession> Sessions => Weeks.SelectMany(week => week.Sessions).OrderBy(session => session.Date);

    /// <summary>Whether it runs on a day.</summary>
    public bool IsOn(DateOnly day) => day >= Start && day <= Ends;
}

/// <summary>A week of it.</summary>
public sealed record StoodWeek(int Number, WeekKind Kind, IReadOnlyList<StoodSession> Sessions);

/// <summary>A session as it was planned.</summary>
public sealed record StoodSession(DateOnly Date, IReadOnlyList<StoodItem> Items);

/// <summary>An exercise of it.</summary>
/// <param name="Answers">Findings that it was to answer.</param>
/// <param name="TempoSeconds">Seconds of one repetition.</param>
public sealed record StoodItem(
    string Exercise,
    Role Role,
    Purpose Purpose,
    IReadOnlyList<FindingCode> Answers,
    double TempoSeconds,
    IReadOnlyList<StoodSet> Sets
)
{
    /// <summary>Seconds of rest that were asked for after a set; null where none was.</summary>
    public int? RestSeconds { get; init; }
}

/// <summary>A work set as it was asked for.</summary>
/// <param name="Rpe">Null where none was asked: easy, or to the last repetition.</param>
/// <param name="Load">Null where effort led.</param>
/// <param name="Percent">Of the max; null without one.</param>
/// <param name="Amrap">Whether it went to the last repetition.</param>
public sealed record StoodSet(int? Reps, Rpe? Rpe, Load? Load, Side? Side, double? Percent = null, bool Amrap = false);
