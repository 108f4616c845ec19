using System.Diagnostics;
using System.Net;
using System.Text.Json;
using Nerezza.Core.Clients;
using Nerezza.Formats.Plans;
using Nerezza.Tests.Shared;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Tests.Keeping;

/// <summary>Sessions in a calendar: at their times as another library reads them, and at an address whose secret can be changed.</summary>
public sealed class CalendarTests(Site site) : IClassFixture<Site>
{
    [Fact]
    public async Task Another_library_reads_each_session_at_its_time_on_both_sides_of_a_change_of_clocks()
    {
        Caller owner = await site.AsHarbour();
        // Four weeks from early March: the clocks of Rome go forward on the 28th of March 2027.
        DateOnly start = new(2027, 3, 8);
        Guid id = await Samples.Client(owner, Samples.Deckhand);
        await owner.Do(HttpMethod.Post, $"/api/clients/{id}/plans", Samples.Block with { Start = start });
        CalendarView empty = await owner.Get<CalendarView>($"/api/clients/{id}/calendar");
        Weekday timed = empty.Days[0];
        await owner.Do(
            HttpMethod.Put,
            $"/api/clients/{id}/calendar",
            new SaveCalendar { Zone = "Europe/Rome", Times = [new DayAt { Day = timed, At = "18:30" }] }
        );
        string text = await (await owner.Send(HttpMethod.Get, $"/api/clients/{id}/calendar.ics")).Content.ReadAsStringAsync();
        BlockView block = await Samples.BlockOn(owner, id, start);
        List<SessionPart> sessions = [.. block.Plan.Block!.Weeks.SelectMany(week => week.Sessions)];
        List<JsonElement> events = await Read(text);
        Assert.Equal(sessions.Count, events.Count);
        foreach ((SessionPart session, JsonElement read) in sessions.Zip(events))
        {
            bool isTimed = Weekdays.Of(session.Date) == timed;
            Assert.Equal(!isTimed, read.GetProperty("wholeDay").GetBoolean());
            if (!isTimed)
            {
                Assert.Equal($"{session.Date:yyyy-MM-dd}", read.GetProperty("begins").GetString());
                continue;
            }
            // Winter time is an hour ahead of UTC, summer time two.
            int ahead = session.Date < new DateOnly(2027, 3, 28) ? 1 : 2;
            DateTime begins = session.Date.ToDateTime(new TimeOnly(18, 30)).AddHours(-ahead);
            Assert.Equal($"{begins:yyyy-MM-ddTHH:mm:ss.000Z}", read.GetProperty("utc").GetString());
            Assert.Equal(session.Minutes, read.GetProperty("minutes").GetInt32());
        }
        Assert.Contains(sessions, session => session.Date >= new DateOnly(2027, 3, 28));
        Assert.Equal(events.Count, events.Select(one => one.GetProperty("uid").GetString()).Distinct().Count());
    }

    [Fact]
    public async Task An_address_shows_the_sessions_to_whoever_has_it_until_it_is_changed_or_training_stops()
    {
        SmallPractice practice = await SmallPractice.Make(site);
        string calendar = $"/api/clients/{practice.Client}/calendar";
        using HttpClient nobody = site.CreateDefaultClient();
        // The lifter makes their own; who only reads the client may not.
        Assert.Equal(HttpStatusCode.Forbidden, (await practice.Reads.Send(HttpMethod.Post, $"{calendar}/feed")).StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, (await practice.OtherLifter.Send(HttpMethod.Get, calendar)).StatusCode);
        string first = Path(await practice.Lifter.Ask<NewFeed>(HttpMethod.Post, $"{calendar}/feed", new { }));
        string shown = await nobody.GetStringAsync(first);
        Assert.StartsWith("BEGIN:VCALENDAR", shown, StringComparison.Ordinal);
        Assert.DoesNotContain(
            first[10..74],
            (await TestDatabase.Rows(site.Connection, "SELECT string_agg(c::text, ' ') FROM calendars c"))[0],
            StringComparison.Ordinal
        );
        string second = Path(await practice.Home.Ask<NewFeed>(HttpMethod.Post, $"{calendar}/feed", new { }));
        Assert.Equal(HttpStatusCode.NotFound, (await nobody.GetAsync(first)).StatusCode);
        Assert.Equal(HttpStatusCode.OK, (await nobody.GetAsync(second)).StatusCode);
        await practice.Home.Do(HttpMethod.Delete, $"{calendar}/feed");
        Assert.Equal(HttpStatusCode.NotFound, (await nobody.GetAsync(second)).StatusCode);
    }

    [Theory]
    [InlineData(null, "18:30", "zone")]
    [InlineData("Europe/Nowhere", "18:30", "zone")]
    [InlineData("Europe/Rome", "24:10", "times[0].at")]
    [InlineData("Europe/Rome", "evening", "times[0].at")]
    public async Task A_time_needs_its_zone_and_to_be_one(string? zone, string at, string field)
    {
        Caller owner = await site.AsHarbour();
        Guid id = await Samples.Client(owner, Samples.Deckhand);
        HttpResponseMessage answer = await owner.Send(
            HttpMethod.Put,
            $"/api/clients/{id}/calendar",
            new SaveCalendar { Zone = zone, Times = [new DayAt { Day = Weekday.Mon, At = at }] }
        );
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains($"\"{field}\"", await answer.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    private static string Path(NewFeed feed) => new Uri(feed.Link).AbsolutePath;

    /// <summary>The events as ical.js reads them, first to last.</summary>
    private static async Task<List<JsonElement>> Read(string calendar)
    {
        const string Script = """
            import ICAL from 'ical.js'
            import { readFileSync } from 'node:fs'
            const whole = new ICAL.Component(ICAL.parse(readFileSync(0, 'utf8')))
            for (const zone of whole.getAllSubcomponents('vtimezone')) ICAL.TimezoneService.register(zone)
            const events = whole.getAllSubcomponents('vevent').map((one) => new ICAL.Event(one))
            console.log(JSON.stringify(events.map((event) => ({
              uid: event.uid,
              wholeDay: event.startDate.isDate,
              begins: event.startDate.toString(),
              utc: event.startDate.toJSDate().toISOString(),
              minutes: event.duration.toSeconds() / 60,
            }))))
            """;
        var start = new ProcessStartInfo("node", ["--input-type=module", "-e", Script])
        {
            RedirectStandardInput = true,
            RedirectStandardOutput = true,
            RedirectStandardError = true,
            WorkingDirectory = System.IO.Path.Combine(ServerProcess.Root, "web"),
        };
        using Process process = Process.Start(start)!;
        await process.StandardInput.WriteAsync(calendar);
        process.StandardInput.Close();
        string output = await process.StandardOutput.ReadToEndAsync(),
            errors = await process.StandardError.ReadToEndAsync();
        await process.WaitForExitAsync();
        Assert.True(process.ExitCode == 0, errors);
        return JsonSerializer.Deserialize<List<JsonElement>>(output)!;
    }
}
