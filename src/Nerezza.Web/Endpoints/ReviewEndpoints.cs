using Microsoft.AspNetCore.Http.HttpResults;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Review;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Web.Contracts;
using Nerezza.Web.Planning;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Endpoints;

/// <summary>The review of a client, and answers to what waits.</summary>
public static class ReviewEndpoints
{
    public static void MapReview(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder group = routes.MapGroup("/api/clients/{id:guid}").RequireAuthorization().WithTags("review");
        group.MapGet("/review", Get);
        group.MapGet("/review/next-block", NextBlock);
        group.MapPut("/decisions", Answer);
        group.MapPost("/decisions/undo", Undo);
    }

    private static async Task<Results<Ok<ReviewView>, NotFound>> Get(
        Guid id,
        DateOnly? on,
        ClientStore clients,
        ReviewDesk reviews,
        ReviewViews views,
        PlanService desk,
        CancellationToken cancel
    )
    {
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        return TypedResults.Ok(views.View(file, await reviews.Of(file, on ?? desk.Today, cancel)));
    }

    /// <summary>The next block as it would be made now, beside the last one.</summary>
    private static async Task<Results<Ok<NextBlockView>, NoContent, NotFound, ProblemHttpResult>> NextBlock(
        Guid id,
        DateOnly? on,
        ClientStore clients,
        ReviewDesk reviews,
        ReviewViews views,
        PlanService desk,
        CancellationToken cancel
    )
    {
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        if (ClientToday.Stop(file) is { } stop)
            return Problems.Locked(stop);
        Reviewed reviewed = await reviews.Of(file, on ?? desk.Today, cancel);
        if (reviewed is not { Last: { } last, Input.Blocks: [.., var ending] })
            return TypedResults.NoContent();
        return TypedResults.Ok(views.Next(reviewed, ending, desk.NextAfter(file, reviewed, last).Selection));
    }

    private static async Task<Results<NoContent, NotFound, ValidationProblem, ProblemHttpResult>> Answer(
        Guid id,
        DateOnly? on,
        Checked<AnswerWaiting> body,
        ClientStore clients,
        ReviewDesk reviews,
        AnswerDesk acts,
        AnswerStore answers,
        PlanService desk,
        BoardDesk boards,
        TimeProvider clock,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        DateOnly today = on ?? desk.Today;
        if (asked.Until <= today)
            return Problems.Invalid("until", "is not after today; a later day expected");
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        Reviewed reviewed = await reviews.Of(file, today, cancel);
        // Answered on another device, or settled meanwhile: it is gone, as it should be.
        if (reviewed.Open.FirstOrDefault(one => one.Key == asked.Key) is not { } waiting)
            return TypedResults.NoContent();
        if (asked.Until is null && !AnswerDesk.Does(waiting))
            return Problems.Invalid("key", "is answered where it opens; one that a key does, or a day to put it off to, expected");
        AnswerRow answer =
            await answers.Find(id, asked.Key, cancel)
            ?? new AnswerRow
            {
                PracticeId = clients.PracticeId,
                ClientId = id,
                Key = asked.Key,
            };
        answer.Done = asked.Until is null ? await acts.Do(waiting, file, reviewed, cancel) : null;
        (answer.Until, answer.On, answer.At) = (asked.Until, today, clock.GetUtcNow());
        if (!await answers.Keep(answer, cancel))
            return Problems.LostRace();
        await boards.MakeNow(id, cancel);
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, NotFound, ValidationProblem, ProblemHttpResult>> Undo(
        Guid id,
        Checked<TakeBackAnswer> body,
        ClientStore clients,
        AnswerDesk acts,
        AnswerStore answers,
        LogStore log,
        BoardDesk boards,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        if (await answers.Find(id, asked.Key, cancel) is not { } answer)
            return TypedResults.NoContent();
        if (answer.Done is { } done && !await acts.Undo(done, file, await log.Of(id, cancel), cancel))
            return Problems.BuiltOn();
        if (!await answers.Remove(answer, cancel))
            return Problems.LostRace();
        await boards.MakeNow(id, cancel);
        return TypedResults.NoContent();
    }
}
