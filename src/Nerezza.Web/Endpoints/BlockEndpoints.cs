using Microsoft.AspNetCore.Http.HttpResults;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Cases;
using Nerezza.Web.Contracts;
using Nerezza.Web.Planning;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Endpoints;

/// <summary>The block in force, and new plans.</summary>
public static class BlockEndpoints
{
    public static void MapBlocks(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder group = routes.MapGroup("/api/clients/{id:guid}").RequireAuthorization().WithTags("block");
        group.MapGet("/block", Get);
        group.MapPost("/plans", Make);
    }

    private static async Task<Results<Ok<BlockView>, NoContent, NotFound>> Get(Guid id, ClientStore clients, PlanStore plans, LogStore log, PlanDesk desk, CancellationToken cancel)
    {
        if (await clients.Find(id, cancel) is not { } file) return TypedResults.NotFound();
        if (await plans.Newest(id, cancel) is not { } plan) return TypedResults.NoContent();
        IReadOnlyList<LoggedSetRow> sets = await log.Counting(id, cancel);
        string? stop = PlanDesk.Stop(file);
        // A stop locks what was planned before, so that no load is on the page until it is cleared.
        var now = stop is null ? desk.ToDocument(desk.Current(plan, file, sets)) : plan.Document with { Block = null };
        var made = stop is null ? plan.Document : plan.Document with { Block = null };
        DateOnly start = plan.Inputs.Block!.Start;
        return TypedResults.Ok(new BlockView(plan.Number, plan.MadeAt, PlanDesk.IsOutOfDate(plan, file), stop, now, made,
            [.. sets.Where(set => set.Date >= start).Select(FloorDesk.View)]));
    }

    private static async Task<Results<Created, NotFound, ValidationProblem, ProblemHttpResult>> Make(
        Guid id, Checked<BlockSection> body, ClientStore clients, PlanStore plans, LogStore log, PlanDesk desk, CancellationToken cancel)
    {
        if (body.Value is not { } block) return Problems.Invalid(body.Faults);
        if (await clients.Find(id, cancel) is not { } file) return TypedResults.NotFound();
        if (PlanDesk.Stop(file) is { } stop) return Problems.Locked(stop);
        PlanRow plan = desk.Make(file, await log.Counting(id, cancel), block, await plans.NextNumber(id, cancel));
        if (!await plans.Add(plan, cancel)) return Problems.LostRace();
        return TypedResults.Created($"/api/clients/{id}/block");
    }
}
