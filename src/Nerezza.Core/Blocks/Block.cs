using Nerezza.Core.Clients;
using Nerezza.Core.Prescription;

namespace Nerezza.Core.Blocks;

/// <summary>A block of training weeks.</summary>
public sealed record Block(BlockKind Kind, DateOnly Start, IReadOnlyList<Week> Weeks)
{
    /// <summary>The session of a date, with its week; null when none is planned then.</summary>
    public (Week Week, Session Session)? On(DateOnly date) =>
        Weeks
            .SelectMany(week => week.Sessions.Select(session => ((Week, Session)?)(week, session)))
            .FirstOrDefault(pair => pair!.Value.Item2.Date == date);
}

/// <summary>One week: from its first day on, seven days.</summary>
public sealed record Week(int Number, WeekKind Kind, IReadOnlyList<Session> Sessions);

/// <summary>One session on a date.</summary>
/// <param name="Minutes">How long it takes, whole minutes.</param>
/// <param name="MinutesGiven">How long the client has.</param>
public sealed record Session(Weekday Day, DateOnly Date, int Minutes, int MinutesGiven, IReadOnlyList<PrescribedItem> Items);
