using Microsoft.AspNetCore.Http.HttpResults;
using Nerezza.Core;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Selection;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Web.Access;
using Nerezza.Web.Contracts;
using Nerezza.Web.Planning;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Endpoints;

/// <summary>The choice of exercises: what is chosen and why, what else could be, and the coach's word on it.</summary>
public static class ExerciseEndpoints
{
    public static void MapExercises(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder group = routes.MapGroup("/api/clients/{id:guid}").RequireAuthorization().WithTags("exercises");
        group.MapGet("/exercises", Get);
        group.MapGet("/exercises/schools/{school}", GetSchool);
        group.MapPost("/exercises/preview", Preview).ReadsOnly();
        group.MapPut("/picks", Save);
        group.MapPut("/exercises/school", TakeSchool);
    }

    private static async Task<Results<Ok<ExercisesView>, NotFound>> Get(
        Guid id,
        ClientStore clients,
        LogStore log,
        PlanStore plans,
        PlanService desk,
        ClientToday now,
        ExerciseViews exercises,
        CancellationToken cancel
    )
    {
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        ClientLog sets = await log.Of(id, cancel);
        PlanRow? newest = await plans.On(id, desk.Today, cancel);
        Plan plan = desk.Proposal(file, sets, newest, CaseAssembly.Picks(file), null);
        return TypedResults.Ok(exercises.View(file, plan, now.BodyOf(file, sets), desk.Substitutes(file, sets, newest)));
    }

    private static async Task<Results<Ok<SchoolView>, NotFound>> GetSchool(
        Guid id,
        string school,
        ClientStore clients,
        LogStore log,
        PlanStore plans,
        PlanService desk,
        ExerciseViews exercises,
        CancellationToken cancel
    )
    {
        if (Codes.Find<AccessorySchool>(school) is not { } other || await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        ClientLog sets = await log.Of(id, cancel);
        PlanRow? newest = await plans.On(id, desk.Today, cancel);
        IReadOnlyList<Pick> picks = CaseAssembly.Picks(file);
        return TypedResults.Ok(
            exercises.School(other, desk.Proposal(file, sets, newest, picks, null), desk.Proposal(file, sets, newest, picks, other))
        );
    }

    private static async Task<Results<Ok<EffectView>, NotFound, ValidationProblem>> Preview(
        Guid id,
        Checked<TryPicks> body,
        ClientStore clients,
        LogStore log,
        PlanStore plans,
        PlanService desk,
        ExerciseViews exercises,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } tried)
            return Problems.Invalid(body.Faults);
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        ClientLog sets = await log.Of(id, cancel);
        PlanRow? newest = await plans.On(id, desk.Today, cancel);
        return TypedResults.Ok(
            exercises.Effect(
                desk.Proposal(file, sets, newest, CaseAssembly.Picks(file), null),
                desk.Proposal(file, sets, newest, ToPicks(tried.Picks), null)
            )
        );
    }

    private static async Task<Results<Ok<FileVersion>, NotFound, ValidationProblem, ProblemHttpResult>> Save(
        Guid id,
        Checked<SavePicks> body,
        ClientStore clients,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } save)
            return Problems.Invalid(body.Faults);
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        file.Client.Observed = file.Client.Observed with { Picks = ToPicks(save.Picks) };
        return await clients.Save(file.Client, (uint)save.Version, cancel)
            ? TypedResults.Ok(new FileVersion(file.Client.Version))
            : Problems.LostRace();
    }

    private static async Task<Results<Ok<FileVersion>, NotFound, ValidationProblem, ProblemHttpResult>> TakeSchool(
        Guid id,
        Checked<TakeSchool> body,
        ClientStore clients,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } take)
            return Problems.Invalid(body.Faults);
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        file.Client.Schools = file.Client.Schools with { Accessories = take.School };
        return await clients.Save(file.Client, (uint)take.Version, cancel)
            ? TypedResults.Ok(new FileVersion(file.Client.Version))
            : Problems.LostRace();
    }

    /// <summary>One word on an exercise at most: the last one stands.</summary>
    private static List<Pick> ToPicks(IReadOnlyList<PickLine> picks) =>
        [.. picks.GroupBy(pick => pick.Exercise).Select(same => new Pick(same.Key, same.Last().Kind))];
}
