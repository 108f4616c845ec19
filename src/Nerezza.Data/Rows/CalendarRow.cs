using Nerezza.Core.Clients;

namespace Nerezza.Data.Rows;

/// <summary>When a client trains, and the address that their calendar fetches sessions from.</summary>
public sealed class CalendarRow : IClientRow
{
    public Guid PracticeId { get; init; }
    public Guid ClientId { get; init; }

    /// <summary>By its name in the time zone database (IANA), such as Europe/Rome; null: days without times.</summary>
    public string? Zone { get; set; }

    /// <summary>When sessions begin; a day that is not told has no time.</summary>
    public IReadOnlyList<DayTime> Times { get; set; } = [];

    /// <summary>SHA-256 of the secret in the address, in hexadecimal; null while there is none.</summary>
    public string? FeedHash { get; set; }
    public DateTimeOffset? FeedMadeAt { get; set; }
    public uint Version { get; private set; }
}

/// <summary>When sessions of one day of the week begin.</summary>
public sealed record DayTime(Weekday Day, TimeOnly At);
