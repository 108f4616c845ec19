using Microsoft.AspNetCore.Http.HttpResults;
using Nerezza.Core;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Wording;
using Nerezza.Data;
using Nerezza.Data.Access;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Cases;
using Nerezza.Web.Access;
using Nerezza.Web.Contracts;
using Nerezza.Web.Planning;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Endpoints;

/// <summary>The session on the floor: today's plan with newest loads, and logging what was done.</summary>
public static class FloorEndpoints
{
    public static void MapFloor(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder group = routes.MapGroup("/api/clients/{id:guid}").RequireAuthorization().WithTags("floor");
        group.MapGet("/floor", Get).For(Who.AlsoTheLifter);
        group.MapGet("/floor/summary", Summary).For(Who.AlsoTheLifter);
        group.MapPost("/warnings", Warn).For(Who.AlsoTheLifter);
        group.MapPut("/readiness", NoteReadiness).For(Who.AlsoTheLifter);
        group.MapPost("/sets", Record).For(Who.AlsoTheLifter).WithMetadata(new NamesExercisesAlone());
        group.MapPost("/sets/{setId:guid}/withdrawal", Withdraw).For(Who.AlsoTheLifter);
    }

    private static async Task<Results<Ok<FloorView>, NoContent, NotFound>> Get(
        Guid id,
        DateOnly date,
        ClientStore clients,
        PlanStore plans,
        LogStore log,
        ReadinessStore readiness,
        PlanService desk,
        FloorViews floor,
        AccessScope scope,
        CancellationToken cancel
    )
    {
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        PlanCourse course = await plans.From(id, date, cancel);
        if (course.On(date) is not { } head || await plans.Version(id, head.Span.Number, cancel) is not { } row)
            return TypedResults.NoContent();
        DateOnly[] dates = [.. course.Sessions.Select(session => session.Date)];
        var empty = new FloorView
        {
            ClientId = id,
            Client = file.Client.Name,
            Date = date,
            Session = null,
            Stop = ClientToday.Stop(file),
            Items = [],
            Order = [],
            Dates = [],
            Caution = ReferralWords.OnTheFloor,
            Daily = [],
            Warnings = FloorViews.Warnings,
            Readiness = await readiness.On(id, date, cancel) is { } said ? new ReadinessView(said.Answers, said.Taken) : null,
        };
        if (empty.Stop is not null)
            return TypedResults.Ok(empty);
        FloorDay day = FloorDay.Of(row, file, await log.Of(id, cancel, date), date, desk) with
        {
            Told = scope.Standing?.Role is PracticeRole.Lifter ? ToldFindings.Accepted(file) : ToldFindings.All,
        };
        FloorView view = empty with { Dates = dates, Daily = floor.Daily(day) };
        return TypedResults.Ok(
            day.Planned is not var (week, session)
                ? view
                : view with
                {
                    Session = new FloorSession(week.Number, week.Kind, session.Minutes),
                    Order = Core.Floor.SetOrder.Of(session.Items),
                    Items = [.. session.Items.Select(item => floor.Item(item, session, day))],
                }
        );
    }

    private static async Task<Results<Ok<SummaryView>, NoContent, NotFound>> Summary(
        Guid id,
        DateOnly date,
        ClientStore clients,
        PlanStore plans,
        LogStore log,
        PlanService desk,
        FloorViews floor,
        CancellationToken cancel
    )
    {
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        if (await plans.On(id, date, cancel) is not { } row || ClientToday.Stop(file) is not null)
            return TypedResults.NoContent();
        ClientLog sets = await log.Of(id, cancel, date);
        Plan before = desk.Current(row, file, sets.Before(date)),
            after = desk.Current(row, file, sets.Before(date.AddDays(1)));
        return TypedResults.Ok(floor.Summary(before, after, date, desk.CurrentCase(row, file, sets)));
    }

    private static async Task<Results<Created<SetView>, Ok<SetView>, NotFound, ValidationProblem, ProblemHttpResult>> Record(
        Guid id,
        Checked<LogSet> body,
        ClientStore clients,
        LogStore log,
        TimeProvider clock,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } set)
            return Problems.Invalid(body.Faults);
        if (!Guid.TryParse(set.Id, out Guid setId))
            return Problems.Invalid("id", "is not a UUID; a version 7 UUID made by the sender expected");
        LoggedSetRow? followed = null;
        if (set.Supersedes is { } text)
        {
            if (!Guid.TryParse(text, out Guid corrected))
                return Problems.Invalid("supersedes", "is not a UUID; the id of a logged set expected");
            if (await log.Find(id, corrected, cancel) is not { } before)
                return TypedResults.NotFound();
            if (before.Withdrawn)
                return AlreadyFollowed();
            followed = before;
        }
        LoggedSetRow row = Row(clients.PracticeId, id, setId, set, followed?.Id, clock.GetUtcNow());
        if (!ClientLog.Section(row).SaysWhatWasDone)
            return Problems.Invalid("reps", "is missing; repetitions expected, or seconds, metres, a height, clean repetitions or a word");
        return await log.Record(row, followed?.Date, cancel) switch
        {
            Recording.New => TypedResults.Created($"/api/clients/{id}/sets/{setId}", FloorViews.View(row)),
            Recording.Known => TypedResults.Ok(FloorViews.View(row)),
            Recording.Followed => AlreadyFollowed(),
            Recording.Clash => Problems.Conflict("Another set has this id.", "Nothing was changed. Send this set with an id of its own."),
        };
    }

    private static async Task<Results<NoContent, NotFound, ValidationProblem, ProblemHttpResult>> Withdraw(
        Guid id,
        Guid setId,
        Checked<WithdrawSet> body,
        ClientStore clients,
        LogStore log,
        TimeProvider clock,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        if (!Guid.TryParse(asked.Id, out Guid withdrawalId))
            return Problems.Invalid("id", "is not a UUID; a version 7 UUID made by the sender expected");
        if (await log.Find(id, setId, cancel) is not { } set)
            return TypedResults.NotFound();
        if (set.Withdrawn)
            return AlreadyFollowed();
        var row = new LoggedSetRow
        {
            PracticeId = clients.PracticeId,
            Id = withdrawalId,
            ClientId = id,
            Date = set.Date,
            Exercise = set.Exercise,
            Place = set.Place,
            Side = set.Side,
            LoadKg = set.LoadKg,
            Reps = set.Reps,
            Supersedes = setId,
            Withdrawn = true,
            LoggedAt = clock.GetUtcNow(),
        };
        return await log.Record(row, set.Date, cancel) switch
        {
            Recording.New or Recording.Known => TypedResults.NoContent(),
            Recording.Followed => AlreadyFollowed(),
            Recording.Clash => Problems.Conflict(
                "Another set has this id.",
                "Nothing was changed. Send the withdrawal with an id of its own."
            ),
        };
    }

    /// <summary>A warning sign becomes a health answer: until a clearance is recorded there is no session and no program.</summary>
    private static async Task<Results<NoContent, NotFound, ValidationProblem, ProblemHttpResult>> Warn(
        Guid id,
        Checked<NoteWarning> body,
        ClientStore clients,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } seen)
            return Problems.Invalid(body.Faults);
        if (HealthReferral.OnTheFloor.All(one => one.Sign != seen.Sign))
            return Problems.Invalid("sign", "does not end a session; it is answered under Health");
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        file.Client.Facts = file.Client.Facts with
        {
            Health = (file.Client.Facts.Health ?? new HealthSection()).Noted(seen.Sign, seen.Date),
        };
        // Who lost a race sends it again: the page does until it is taken.
        return await clients.Save(file.Client, (uint)file.Client.Version, cancel) ? TypedResults.NoContent() : Problems.LostRace();
    }

    /// <summary>How the client comes in on a day.</summary>
    private static async Task<Results<NoContent, NotFound, ValidationProblem>> NoteReadiness(
        Guid id,
        Checked<NoteReadiness> body,
        ClientStore clients,
        ReadinessStore readiness,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } said)
            return Problems.Invalid(body.Faults);
        if (!await clients.Exists(id, cancel))
            return TypedResults.NotFound();
        await readiness.Note(new NoteOfDay(id, said.Date, said.Answers, said.Taken), cancel);
        return TypedResults.NoContent();
    }

    private static ProblemHttpResult AlreadyFollowed() =>
        Problems.Conflict(
            "This set was corrected or taken back in the meantime.",
            "Nothing was changed. Load the session again, look at how the set stands now, and correct that."
        );

    private static LoggedSetRow Row(Guid practiceId, Guid clientId, Guid setId, LogSet set, Guid? supersedes, DateTimeOffset now) =>
        new()
        {
            PracticeId = practiceId,
            Id = setId,
            ClientId = clientId,
            Date = set.Date,
            Exercise = set.Exercise,
            Place = set.Place,
            Side = set.Side,
            // A page of before the log had kinds sends 0 where there is no load.
            LoadKg = set.Kg is { } kg and > 0 ? Rounded(kg, 3) : null,
            Reps = set.Reps,
            Rpe = Rounded(set.Rpe, 2),
            Amrap = set.Amrap ?? false,
            SaidAtRep = set.RirSaidAt?.Rep,
            RirSaid = Rounded(set.RirSaidAt?.Rir, 2),
            Seconds = Rounded(set.Seconds, 2),
            Metres = Rounded(set.Metres, 2),
            HeightCm = Rounded(set.HeightCm, 2),
            CleanReps = set.CleanReps,
            Word = set.Word,
            Band = set.Band,
            Implements = set.Implements,
            TechniqueHeldTo = set.TechniqueHeldTo,
            Pain = set.Pain,
            PainAt = set.PainAt,
            Note = set.Note,
            Supersedes = supersedes,
            LoggedAt = now,
        };

    private static decimal? Rounded(double? value, int decimals) => value is { } number ? Math.Round((decimal)number, decimals) : null;
}
