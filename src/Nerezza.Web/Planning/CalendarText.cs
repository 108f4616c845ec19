using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Tables.Blocks;

namespace Nerezza.Web.Planning;

/// <summary>A client's sessions as an iCalendar.</summary>
internal sealed class CalendarText(PlanStore plans, CalendarStore calendars, PlanService planner, OwnCatalogue own)
{
    public const string Type = "text/calendar; charset=utf-8";

    /// <summary>The block that runs and those that follow; none while training is stopped.</summary>
    public async Task<string> Of(ClientFile file, CancellationToken cancel)
    {
        IReadOnlyList<PlanRow> ahead = ClientToday.Stop(file) is null
            ? await plans.StandingSince(file.Client.Id, planner.Today, cancel)
            : [];
        CalendarRow? calendar = await calendars.Find(file.Client.Id, cancel);
        return BlockCalendar.Write(
            file.Client.Id,
            file.Client.Name,
            ahead.Where(plan => plan.Document.Block is not null).Select(plan => (plan.Number, plan.Document.Block!)),
            own.All,
            calendar?.Zone is { } zone ? new SessionTimes(zone, calendar.Times.ToDictionary(time => time.Day, time => time.At)) : null,
            planner.Now
        );
    }
}
