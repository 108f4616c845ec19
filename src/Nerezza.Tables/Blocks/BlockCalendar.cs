using System.Globalization;
using Ical.Net.CalendarComponents;
using Ical.Net.DataTypes;
using Ical.Net.Serialization;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Selection;
using Nerezza.Formats.Plans;
using Calendar = Ical.Net.Calendar;

namespace Nerezza.Tables.Blocks;

/// <summary>Writes the sessions of blocks as an iCalendar (RFC 5545): one event a session, whose id stays when the plan
/// changes.</summary>
public static class BlockCalendar
{
    /// <param name="client">Tells one client's events from another's.</param>
    /// <param name="blocks">Each with the version of its plan: a higher one replaces what a calendar has.</param>
    /// <param name="times">When sessions begin; null: each has its day alone.</param>
    /// <param name="at">When it was made.</param>
    public static string Write(
        Guid client,
        string name,
        IEnumerable<(int Version, BlockPart Block)> blocks,
        ExerciseCatalogue catalogue,
        SessionTimes? times,
        DateTimeOffset at
    )
    {
        var calendar = new Calendar { ProductId = "-//Nerezza//Training//EN" };
        calendar.AddProperty("X-WR-CALNAME", $"Training, {name}");
        if (times is not null)
            calendar.AddTimeZone(VTimeZone.FromDateTimeZone(times.Zone, at.UtcDateTime.AddYears(-1), includeHistoricalData: false));
        foreach ((int version, BlockPart block) in blocks)
        foreach (WeekPart week in block.Weeks)
            for (int i = 0; i < week.Sessions.Count; i++)
            {
                SessionPart session = week.Sessions[i];
                (CalDateTime begins, CalDateTime ends) = Span(session, times);
                calendar.Events.Add(
                    new CalendarEvent
                    {
                        // The place in the block and not the day: a session that moves is the same one.
                        Uid = string.Create(
                            CultureInfo.InvariantCulture,
                            $"{client:N}-{block.Start:yyyyMMdd}-{week.Number}-{i + 1}@nerezza"
                        ),
                        Sequence = version,
                        DtStamp = new CalDateTime(at.UtcDateTime, "UTC"),
                        DtStart = begins,
                        DtEnd = ends,
                        // A day without a time keeps nobody from anything else on it.
                        Transparency = begins.HasTime ? "OPAQUE" : "TRANSPARENT",
                        Summary = $"Training, {session.Minutes} min",
                        Description = string.Join('\n', session.Items.Select(item => Line(item, catalogue))),
                    }
                );
            }
        return new CalendarSerializer().SerializeToString(calendar)!;
    }

    private static (CalDateTime Begins, CalDateTime Ends) Span(SessionPart session, SessionTimes? times)
    {
        if (times is null || !times.Times.TryGetValue(Weekdays.Of(session.Date), out TimeOnly at))
            return (new CalDateTime(session.Date), new CalDateTime(session.Date.AddDays(1)));
        DateTime begins = session.Date.ToDateTime(at);
        return (new CalDateTime(begins, times.Zone), new CalDateTime(begins.AddMinutes(session.Minutes), times.Zone));
    }

    private static string Line(ItemPart item, ExerciseCatalogue catalogue)
    {
        if (item.Role is Role.Priming or Role.Skill or Role.Capacity || item.Sets.Count == 0)
            return catalogue[item.Exercise].Name;
        SetPart top = item.Sets.MaxBy(set => set.Kg ?? 0)!;
        string load = top.Kg is > 0 and { } kg ? string.Create(CultureInfo.InvariantCulture, $", {kg:0.##} kg") : "";
        string reps = top.Reps is { } count
            ? string.Create(CultureInfo.InvariantCulture, $"{item.Sets.Count} x {count}")
            : $"{item.Sets.Count} sets";
        return $"{catalogue[item.Exercise].Name}: {reps}{load}";
    }
}
