using Microsoft.AspNetCore.Http.HttpResults;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Wording;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Plans;
using Nerezza.Web.Access;
using Nerezza.Web.Contracts;
using Nerezza.Web.Planning;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Endpoints;

/// <summary>The lifter's own page: today, the weeks ahead, what was done, answers and notes. No finding and no note of a coach is in
/// it.</summary>
public static class LifterEndpoints
{
    private const int DaysShown = 12,
        NotesShown = 20;

    public static void MapLifter(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder group = routes.MapGroup("/api/clients/{id:guid}").RequireAuthorization().WithTags("lifter");
        group.MapGet("/ahead", Ahead).For(Who.AlsoTheLifter);
        group.MapPut("/answers", Answer).For(Who.TheLifter);
        group.MapPost("/notes", Write).For(Who.TheLifter);
    }

    private static async Task<Results<Ok<AheadView>, NotFound>> Ahead(
        Guid id,
        DateOnly date,
        ClientStore clients,
        PlanStore plans,
        LogStore log,
        SharingStore sharing,
        PlanService desk,
        ExerciseCatalogue catalogue,
        CancellationToken cancel
    )
    {
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        ClientLog sets = await log.Of(id, cancel);
        string? stop = ClientToday.Stop(file);
        return TypedResults.Ok(
            new AheadView
            {
                ClientId = id,
                Client = file.Client.Name,
                Stop = stop,
                Ahead = stop is null ? await SessionsFrom(id, date, file, sets, plans, desk, catalogue, cancel) : [],
                Done = Done(sets, catalogue),
                Questions =
                [
                    .. Enum.GetValues<HealthFlag>()
                        .Select(flag => new OwnQuestion(
                            flag,
                            ReferralWords.Question(flag),
                            file.Client.Facts.Health?.Flags?.Contains(flag) ?? false
                        )),
                ],
                Pain = [.. (file.Client.Observed.Pain ?? []).Select(pain => new OwnPain(pain.Region, pain.ScoreNextMorning))],
                Notes =
                [
                    .. (await sharing.Notes(id, NotesShown, cancel)).Select(note => new NoteLine(
                        note.Id,
                        note.At,
                        note.Text,
                        note.ReadAt is not null
                    )),
                ],
            }
        );
    }

    private static async Task<IReadOnlyList<AheadSession>> SessionsFrom(
        Guid id,
        DateOnly date,
        ClientFile file,
        ClientLog log,
        PlanStore plans,
        PlanService desk,
        ExerciseCatalogue catalogue,
        CancellationToken cancel
    )
    {
        PlanCourse course = await plans.From(id, date, cancel);
        ILookup<Guid, DateOnly> dates = course.Sessions.Where(row => row.Date >= date).ToLookup(row => row.Plan.Id, row => row.Date);
        List<AheadSession> ahead = [];
        foreach (PlanRow row in (await plans.Whole([.. dates.Select(plan => plan.Key)], cancel)).OrderBy(row => row.Starts))
        {
            HashSet<DateOnly> held = [.. dates[row.Id]];
            ahead.AddRange(
                (desk.ToDocument(desk.Current(row, file, log)).Block?.Weeks ?? []).SelectMany(week =>
                    week.Sessions.Where(session => held.Contains(session.Date)).Select(session => Session(week, session, catalogue))
                )
            );
        }
        return ahead;
    }

    private static AheadSession Session(WeekPart week, SessionPart session, ExerciseCatalogue catalogue) =>
        new(
            session.Date,
            week.Number,
            week.Kind,
            session.Minutes,
            [.. session.Items.Select(item => new AheadLine(item.Exercise, catalogue[item.Exercise].Name, item.Sets))]
        );

    private static IReadOnlyList<DoneDay> Done(ClientLog log, ExerciseCatalogue catalogue) =>
        [
            .. log
                .Recent.GroupBy(set => set.Date)
                .OrderByDescending(day => day.Key)
                .Take(DaysShown)
                .Select(day => new DoneDay(
                    day.Key,
                    [
                        .. day.OrderBy(set => set.LoggedAt)
                            .GroupBy(set => set.Exercise)
                            .Select(sets => new DoneLine(sets.Key, catalogue[sets.Key].Name, [.. sets.Select(FloorViews.View)])),
                    ]
                )),
        ];

    /// <summary>Answers of the lifter: more caution counts at once, less is the coach's to say
    /// (docs/handbook/07-pain-and-health.md).</summary>
    private static async Task<Results<NoContent, NotFound, ValidationProblem, ProblemHttpResult>> Answer(
        Guid id,
        Checked<AnswerOwn> body,
        ClientStore clients,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } said)
            return Problems.Invalid(body.Faults);
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        IReadOnlyList<PainSection> pain = file.Client.Observed.Pain ?? [];
        if (said.Morning.Any(score => pain.All(entry => entry.Region != score.Region)))
            return Problems.Invalid("morning", "names a place that your coach has not written down; tell them in a note");
        Dictionary<PainRegion, int> scores = said
            .Morning.DistinctBy(score => score.Region)
            .ToDictionary(score => score.Region, score => score.Score);
        file.Client.Facts = file.Client.Facts with
        {
            Health = said.Yes.Aggregate(file.Client.Facts.Health ?? new HealthSection(), (health, flag) => health.Noted(flag, said.Date)),
        };
        file.Client.Observed = file.Client.Observed with
        {
            Pain =
            [
                .. pain.Select(entry => scores.TryGetValue(entry.Region, out int score) ? entry with { ScoreNextMorning = score } : entry),
            ],
        };
        // Who lost a race sends it again: what is said only adds.
        return await clients.Save(file.Client, file.Client.Version, cancel) ? TypedResults.NoContent() : Problems.LostRace();
    }

    private static async Task<Results<NoContent, NotFound, ValidationProblem>> Write(
        Guid id,
        Checked<WriteNote> body,
        ClientStore clients,
        SharingStore sharing,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } note)
            return Problems.Invalid(body.Faults);
        if (!Guid.TryParse(note.Id, out Guid noteId))
            return Problems.Invalid("id", "is not a UUID; a version 7 UUID made by the sender expected");
        if (string.IsNullOrWhiteSpace(note.Text))
            return Problems.Invalid("text", "is empty; some words expected");
        if (!await clients.Exists(id, cancel))
            return TypedResults.NotFound();
        await sharing.Note(id, noteId, note.Text.Trim(), cancel);
        return TypedResults.NoContent();
    }
}
