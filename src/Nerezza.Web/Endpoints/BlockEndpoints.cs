using Microsoft.AspNetCore.Http.HttpResults;
using Nerezza.Core;
using Nerezza.Core.Blocks;
using Nerezza.Core.Blocks.Templates;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Plans;
using Nerezza.Formats.Shapes;
using Nerezza.Web.Access;
using Nerezza.Web.Contracts;
using Nerezza.Web.Planning;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Endpoints;

/// <summary>The block in force: new plans, edits tried and kept, versions, copies.</summary>
public static class BlockEndpoints
{
    private const int VersionsShown = 50;

    public static void MapBlocks(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder group = routes.MapGroup("/api/clients/{id:guid}").RequireAuthorization().WithTags("block");
        group.MapGet("/block", Get);
        group.MapPost("/plans", Make);
        group.MapPost("/plans/preview", Place).ReadsOnly();
        group.MapPost("/block/preview", Preview).ReadsOnly();
        group.MapPut("/block/edits", Keep);
        group.MapGet("/block/versions", Versions);
        group.MapGet("/block/versions/{number:int}/difference", Difference);
        group.MapPost("/block/versions/{number:int}/restoration", Restore);
        group.MapPost("/block/copies", Copy);
    }

    private static async Task<Results<Ok<BlockView>, NoContent, NotFound>> Get(
        Guid id,
        DateOnly? on,
        ClientStore clients,
        PlanStore plans,
        LogStore log,
        PlanService planner,
        BlockViews desk,
        PreparedPlans bases,
        OwnCatalogue catalogue,
        CancellationToken cancel
    )
    {
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        if (await plans.On(id, on ?? planner.Today, cancel) is not { } plan)
            return TypedResults.NoContent();
        IReadOnlyList<PlanSpan> standing = await plans.AllStanding(id, cancel);
        ClientLog sets = await log.Of(id, cancel, plan.Starts);
        if (ClientToday.Stop(file) is { } stop)
            return TypedResults.Ok(BlockViews.Stopped(plan, file, sets, standing, stop));
        // The basis is kept, so that the first key of an edit finds it there.
        PreparedPlan basis = await bases.Of(
            plan.Id,
            file,
            await log.Stamp(id, cancel),
            catalogue,
            () => Task.FromResult(planner.Basis(plan, file, sets))
        );
        return TypedResults.Ok(desk.View(plan, basis, file, sets, standing));
    }

    private static async Task<Results<Created, NotFound, ValidationProblem, ProblemHttpResult>> Make(
        Guid id,
        Checked<PlanRequest> body,
        ClientStore clients,
        PlanStore plans,
        ReviewDesk reviews,
        PlanService desk,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } request)
            return Problems.Invalid(body.Faults);
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        if (ClientToday.Stop(file) is { } stop)
            return Problems.Locked(stop);
        Reviewed reviewed = await reviews.Of(file, desk.Today, cancel);
        PlanRow plan = desk.Make(
            file,
            reviewed.Log,
            request,
            await plans.On(id, request.Start, cancel),
            await plans.On(id, request.Start.AddDays(-1), cancel),
            await plans.NextNumber(id, cancel),
            reviewed.Worked
        );
        if (!await plans.Add(plan, cancel))
            return Problems.LostRace();
        return TypedResults.Created($"/api/clients/{id}/block");
    }

    private static async Task<Results<Ok<PlanPlace>, NotFound, ValidationProblem>> Place(
        Guid id,
        Checked<PlanRequest> body,
        ClientStore clients,
        PlanStore plans,
        PlanService desk,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } request)
            return Problems.Invalid(body.Faults);
        if (!await clients.Exists(id, cancel))
            return TypedResults.NotFound();
        DateOnly ends = PlanSpan.LastDay(request.Start, request.Weeks ?? CaseMapping.DefaultWeeks);
        return TypedResults.Ok(PlanPlace.Of(request.Start, ends, await plans.AllStanding(id, cancel), desk.Today));
    }

    private static async Task<Results<Ok<DraftView>, NotFound, ValidationProblem, ProblemHttpResult>> Preview(
        Guid id,
        Checked<EditBlock> body,
        ClientStore clients,
        PlanStore plans,
        LogStore log,
        PlanService planner,
        BlockViews desk,
        PreparedPlans bases,
        OwnCatalogue catalogue,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } edit)
            return Problems.Invalid(body.Faults);
        if (EditMapping.Faults(edit.Edits, "edits").ToList() is { Count: > 0 } faults)
            return Problems.Invalid(faults);
        if (await clients.Find(id, cancel) is not { } file || await plans.IdOf(id, edit.Number, cancel) is not { } plan)
            return TypedResults.NotFound();
        if (ClientToday.Stop(file) is { } stop)
            return Problems.Locked(stop);
        PreparedPlan basis = await bases.Of(
            plan,
            file,
            await log.Stamp(id, cancel),
            catalogue,
            async () => planner.Basis((await plans.Version(id, edit.Number, cancel))!, file, await log.Of(id, cancel))
        );
        return TypedResults.Ok(desk.Draft(basis, file, edit.Edits));
    }

    private static async Task<Results<Created, NotFound, ValidationProblem, ProblemHttpResult>> Keep(
        Guid id,
        Checked<EditBlock> body,
        ClientStore clients,
        PlanStore plans,
        LogStore log,
        PlanService desk,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } edit)
            return Problems.Invalid(body.Faults);
        if (EditMapping.Faults(edit.Edits, "edits").ToList() is { Count: > 0 } faults)
            return Problems.Invalid(faults);
        if (await clients.Find(id, cancel) is not { } file || await plans.Version(id, edit.Number, cancel) is not { } plan)
            return TypedResults.NotFound();
        if (ClientToday.Stop(file) is { } stop)
            return Problems.Locked(stop);
        int next = await plans.NextNumber(id, cancel);
        if (!(await plans.AllStanding(id, cancel)).Any(standing => standing.Number == edit.Number))
            return Problems.LostRace();
        if (!await plans.Add(desk.Edited(plan, file, await log.Of(id, cancel), edit.Edits, next), cancel))
            return Problems.LostRace();
        return TypedResults.Created($"/api/clients/{id}/block");
    }

    private static async Task<Results<Ok<IReadOnlyList<VersionLine>>, NotFound>> Versions(
        Guid id,
        ClientStore clients,
        PlanStore plans,
        CancellationToken cancel
    )
    {
        if (!await clients.Exists(id, cancel))
            return TypedResults.NotFound();
        IReadOnlyList<VersionLine> lines =
        [
            .. (await plans.Versions(id, VersionsShown, cancel)).Select(row => new VersionLine(
                row.Number,
                row.MadeAt,
                row.Inputs.Block!.Start,
                row.Inputs.Block.Kind ?? Core.Clients.BlockKind.Auto,
                row.Inputs.Block.Weeks ?? CaseMapping.DefaultWeeks,
                row.Edits.Count
            )),
        ];
        return TypedResults.Ok(lines);
    }

    private static async Task<Results<Ok<VersionDifference>, NotFound>> Difference(
        Guid id,
        int number,
        int? against,
        ClientStore clients,
        PlanStore plans,
        LogStore log,
        BlockViews desk,
        PlanService planner,
        CancellationToken cancel
    )
    {
        if (
            await clients.Find(id, cancel) is not { } file
            || await plans.Version(id, number, cancel) is not { } other
            || await (against is { } version ? plans.Version(id, version, cancel) : plans.On(id, planner.Today, cancel)) is not { } second
        )
            return TypedResults.NotFound();
        return TypedResults.Ok(desk.Difference(other, second, file, await log.Of(id, cancel)));
    }

    /// <summary>Going back makes a version like the old one; nothing is lost.</summary>
    private static async Task<Results<Created, NotFound, ProblemHttpResult>> Restore(
        Guid id,
        int number,
        ClientStore clients,
        PlanStore plans,
        LogStore log,
        PlanService desk,
        CancellationToken cancel
    )
    {
        if (await clients.Find(id, cancel) is not { } file || await plans.Version(id, number, cancel) is not { } plan)
            return TypedResults.NotFound();
        if (ClientToday.Stop(file) is { } stop)
            return Problems.Locked(stop);
        if (!await plans.Add(desk.Edited(plan, file, await log.Of(id, cancel), plan.Edits, await plans.NextNumber(id, cancel)), cancel))
            return Problems.LostRace();
        return TypedResults.Created($"/api/clients/{id}/block");
    }

    private static async Task<Results<Ok<CopyResult>, NotFound, ValidationProblem, ProblemHttpResult>> Copy(
        Guid id,
        Checked<CopyBlock> body,
        ClientStore clients,
        PlanStore plans,
        LogStore log,
        PlanService desk,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } copy)
            return Problems.Invalid(body.Faults);
        if (!Guid.TryParse(copy.ToClient, out Guid to))
            return Problems.Invalid([new Fault("toClient", "is not an id; a client's id expected")]);
        if (
            await clients.Find(id, cancel) is not { } file
            || await plans.Version(id, copy.Number, cancel) is not { } plan
            || await clients.Find(to, cancel) is not { } target
        )
            return TypedResults.NotFound();
        if (target.Client.ArchivedAt is not null)
            return Problems.PutAway();
        if (ClientToday.Stop(target) is { } stop)
            return Problems.Locked(stop);
        if (desk.Current(plan, file, await log.Of(id, cancel)).Block is not { } block)
            return TypedResults.NotFound();
        (PlanRow made, IReadOnlyList<string> left) = desk.FromTemplate(
            BlockTemplate.Of(block, plan.Inputs.Block!.Focus ?? default),
            target,
            await log.Of(to, cancel),
            copy.Start,
            await plans.NextNumber(to, cancel)
        );
        if (!await plans.Add(made, cancel))
            return Problems.LostRace();
        return TypedResults.Ok(new CopyResult(to, made.Number, left));
    }
}
