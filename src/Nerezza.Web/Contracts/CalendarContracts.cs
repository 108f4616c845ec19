using Nerezza.Core.Clients;
using Nerezza.Formats.Shapes;

namespace Nerezza.Web.Contracts;

/// <summary>When a client trains, and whether a calendar fetches their sessions.</summary>
/// <param name="Days">The days that they train.</param>
/// <param name="Zone">By its name, such as Europe/Rome; null: days without times.</param>
/// <param name="FeedMadeAt">When the address was made; null while there is none.</param>
/// <param name="Zones">Names of zones to choose from.</param>
public sealed record CalendarView(
    IReadOnlyList<Weekday> Days,
    string? Zone,
    IReadOnlyList<DayAt> Times,
    DateTimeOffset? FeedMadeAt,
    IReadOnlyList<string> Zones
);

/// <summary>When sessions of a day begin.</summary>
public sealed record DayAt
{
    public required Weekday Day { get; init; }

    /// <summary>Hours and minutes: 18:30.</summary>
    [Length(5)]
    public required string At { get; init; }
}

public sealed record SaveCalendar
{
    /// <summary>Null takes the times away.</summary>
    [Length(60)]
    public string? Zone { get; init; }

    [Items(7)]
    public required IReadOnlyList<DayAt> Times { get; init; }
}

/// <summary>The address of a calendar. It is shown now and never again.</summary>
public sealed record NewFeed(string Link, bool ReachesPhones);
