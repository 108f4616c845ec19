using Microsoft.AspNetCore.Http.HttpResults;
using Nerezza.Core.Catalogue;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Plans;
using Nerezza.Web.Contracts;
using Nerezza.Web.Planning;

namespace Nerezza.Web.Endpoints;

/// <summary>The day: sessions and the decisions that wait.</summary>
public static class DayEndpoints
{
    private const int NoteShown = 160;

    public static void MapDay(this IEndpointRouteBuilder routes) => routes.MapGet("/api/day", Get).RequireAuthorization().WithTags("day");

    private static async Task<Ok<DayView>> Get(
        DateOnly date,
        ClientStore clients,
        PlanStore plans,
        LogStore log,
        SharingStore sharing,
        ExerciseCatalogue catalogue,
        CancellationToken cancel
    )
    {
        IReadOnlyList<ClientFile> files = await clients.AllFiles(cancel);
        Dictionary<Guid, PlanCourse> courses = await plans.FromOfAll(date, cancel);
        Guid[] held = [.. courses.Values.SelectMany(course => course.Sessions).Where(row => row.Date == date).Select(row => row.Plan.Id)];
        Dictionary<Guid, SessionPart> planned = (await plans.Whole(held, cancel)).ToDictionary(
            plan => plan.ClientId,
            plan => plan.Document.Block!.Weeks.SelectMany(week => week.Sessions).First(session => session.Date == date)
        );
        IReadOnlyDictionary<Guid, int> done = await log.SetsOn(date, cancel);
        IReadOnlyDictionary<Guid, (int Count, string Newest)> notes = await sharing.Unread(cancel);
        List<DaySession> sessions = [];
        List<Decision> decisions = [];
        foreach (ClientFile file in files)
        {
            PlanCourse course = courses.GetValueOrDefault(file.Client.Id) ?? PlanCourse.Empty;
            string? stop = PlanService.Stop(file);
            if (Waiting(file, course, stop, date) is { } decision)
                decisions.Add(decision);
            if (notes.TryGetValue(file.Client.Id, out (int Count, string Newest) unread))
                decisions.Add(Note(file, unread.Count, unread.Newest));
            if (stop is null && planned.GetValueOrDefault(file.Client.Id) is { } session)
                sessions.Add(Session(file, session, done.GetValueOrDefault(file.Client.Id), catalogue));
        }
        return TypedResults.Ok(new DayView(date, sessions, decisions));
    }

    private static DaySession Session(ClientFile file, SessionPart session, int done, ExerciseCatalogue catalogue) =>
        new(
            file.Client.Id,
            file.Client.Name,
            [.. session.Items.Select(item => catalogue[item.Exercise].Name)],
            session.Minutes,
            done,
            session.Items.Sum(item => item.Sets.Count)
        );

    private static Decision Note(ClientFile file, int count, string newest) =>
        new(
            file.Client.Id,
            file.Client.Name,
            count == 1 ? "Read the lifter's note?" : $"Read the lifter's {count} notes?",
            newest.Length > NoteShown ? newest[..NoteShown] + "..." : newest,
            Station.People
        );

    private static Decision? Waiting(ClientFile file, PlanCourse course, string? stop, DateOnly today)
    {
        PlanHead? plan = course.On(today);
        Guid id = file.Client.Id;
        string name = file.Client.Name;
        if (stop is not null)
            return new Decision(id, name, "Has this client been cleared to train?", stop, Station.Health);
        if (plan is not { Dates.Count: > 0 })
            return new Decision(id, name, "Shall a first block be made?", "No plan yet.", Station.Block);
        if (PlanService.IsOutOfDate(plan, file))
            return new Decision(
                id,
                name,
                "Plan again with what changed?",
                $"Plan {plan.Span.Number} was made from older answers.",
                Station.Block
            );
        if (course.NextSession(today) is null)
            return new Decision(
                id,
                name,
                "Which block comes next?",
                $"The last session of plan {plan.Span.Number} is past.",
                Station.Block
            );
        return null;
    }
}
