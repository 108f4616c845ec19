using NodaTime;

namespace Nerezza.Tables.Blocks;

/// <summary>Time zones by their names in the IANA database, as it ships with the application: no machine's own counts.</summary>
public static class TimeZones
{
    /// <summary>Those that are names of places, and UTC.</summary>
    public static IReadOnlyList<string> All { get; } =
    [.. DateTimeZoneProviders.Tzdb.Ids.Where(id => (id.Contains('/') && !id.StartsWith("Etc/", StringComparison.Ordinal)) || id == "UTC")];
}

/// <summary>When sessions begin.</summary>
/// <param name="Zone">One of <see cref="TimeZones.All"/>.</param>
/// <param name="Times">By the day of the week; a day that is not there has no time.</param>
public sealed record SessionTimes(string Zone, IReadOnlyDictionary<Core.Clients.Weekday, TimeOnly> Times);
