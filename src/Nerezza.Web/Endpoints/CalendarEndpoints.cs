using System.Globalization;
using System.Text;
using Microsoft.AspNetCore.Http.HttpResults;
using Nerezza.Core.Clients;
using Nerezza.Data;
using Nerezza.Data.Access;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Data.Unscoped;
using Nerezza.Formats.Shapes;
using Nerezza.Tables.Blocks;
using Nerezza.Web.Access;
using Nerezza.Web.Contracts;
using Nerezza.Web.Hosting;
using Nerezza.Web.Planning;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Endpoints;

/// <summary>A client's sessions as a calendar: once as a file, or at an address that a calendar program fetches them from.</summary>
public static class CalendarEndpoints
{
    private const string Clock = "HH:mm";

    public static void MapCalendars(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder group = routes
            .MapGroup("/api/clients/{id:guid}")
            .RequireAuthorization()
            .For(Who.AlsoTheLifter)
            .WithTags("calendar");
        group.MapGet("/calendar", Get);
        group.MapPut("/calendar", Put);
        group.MapPost("/calendar/feed", MakeFeed);
        group.MapDelete("/calendar/feed", EndFeed);
        group.MapGet("/calendar.ics", File);
        routes.MapGet("/calendar/{secret:length(64)}.ics", Feed).RequireRateLimiting(RateLimits.Feed).ExcludeFromDescription();
    }

    private static async Task<Results<Ok<CalendarView>, NotFound>> Get(
        Guid id,
        ClientStore clients,
        CalendarStore calendars,
        CancellationToken cancel
    )
    {
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        CalendarRow? row = await calendars.Find(id, cancel);
        return TypedResults.Ok(
            new CalendarView(
                [.. file.Client.Facts.Days.Select(day => day.Day)],
                row?.Zone,
                [
                    .. (row?.Times ?? []).Select(time => new DayAt
                    {
                        Day = time.Day,
                        At = time.At.ToString(Clock, CultureInfo.InvariantCulture),
                    }),
                ],
                row?.FeedMadeAt,
                TimeZones.All
            )
        );
    }

    private static async Task<Results<NoContent, NotFound, ValidationProblem>> Put(
        Guid id,
        Checked<SaveCalendar> body,
        ClientStore clients,
        CalendarStore calendars,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        if (!await clients.Exists(id, cancel))
            return TypedResults.NotFound();
        List<Fault> faults = [];
        if (asked.Zone is { } zone && !TimeZones.All.Contains(zone))
            faults.Add(new("zone", $"'{zone}' is no time zone; a name such as Europe/Rome expected"));
        List<DayTime> times = [];
        for (int i = 0; i < asked.Times.Count; i++)
            if (TimeOnly.TryParseExact(asked.Times[i].At, Clock, CultureInfo.InvariantCulture, DateTimeStyles.None, out TimeOnly at))
                times.Add(new DayTime(asked.Times[i].Day, at));
            else
                faults.Add(new($"times[{i}].at", $"'{asked.Times[i].At}' is no time of the day; one from 00:00 to 23:59 expected"));
        if (asked.Zone is null && times.Count > 0)
            faults.Add(new("zone", "is missing; times of the day need the time zone that they hold in"));
        if (faults.Count > 0)
            return Problems.Invalid(faults);
        await calendars.Keep(id, asked.Zone, [.. times.DistinctBy(time => time.Day).OrderBy(time => time.Day)], cancel);
        return TypedResults.NoContent();
    }

    private static async Task<Results<Ok<NewFeed>, NotFound>> MakeFeed(
        Guid id,
        ClientStore clients,
        CalendarStore calendars,
        PublicAddress address,
        CancellationToken cancel
    ) =>
        await clients.Exists(id, cancel)
            ? TypedResults.Ok(new NewFeed(address.Link($"/calendar/{await calendars.MakeFeed(id, cancel)}.ics"), address.ReachesPhones))
            : TypedResults.NotFound();

    private static async Task<NoContent> EndFeed(Guid id, CalendarStore calendars, CancellationToken cancel)
    {
        await calendars.EndFeed(id, cancel);
        return TypedResults.NoContent();
    }

    /// <summary>The sessions of the block that runs and of those that follow.</summary>
    private static async Task<Results<FileContentHttpResult, NotFound, ProblemHttpResult>> File(
        Guid id,
        ClientStore clients,
        CalendarText text,
        CancellationToken cancel
    )
    {
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        if (ClientToday.Stop(file) is { } stop)
            return Problems.Locked(stop);
        return TypedResults.File(
            Encoding.UTF8.GetBytes(await text.Of(file, cancel)),
            CalendarText.Type,
            $"{file.Client.Name}, sessions.ics"
        );
    }

    /// <summary>The same for whoever has the address. While training is stopped it holds no session, so that a calendar shows
    /// none.</summary>
    private static async Task<Results<FileContentHttpResult, NotFound>> Feed(
        string secret,
        OpenFeeds feeds,
        AccessScope scope,
        IServiceProvider services,
        CancellationToken cancel
    )
    {
        if (await feeds.Find(secret, cancel) is not { } found)
            return TypedResults.NotFound();
        scope.Enter(Standing.OfAddress(found.Practice, found.Client));
        // Own exercises are read for the scope, which is known only now.
        await services.GetRequiredService<OwnCatalogue>().Load(services.GetRequiredService<OwnExerciseStore>(), cancel);
        return await services.GetRequiredService<ClientStore>().Find(found.Client, cancel) is { } file
            ? TypedResults.File(
                Encoding.UTF8.GetBytes(await services.GetRequiredService<CalendarText>().Of(file, cancel)),
                CalendarText.Type
            )
            : TypedResults.NotFound();
    }
}
