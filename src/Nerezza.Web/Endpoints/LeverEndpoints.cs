using Microsoft.AspNetCore.Http.HttpResults;
using Nerezza.Data.Stores;
using Nerezza.Web.Contracts;
using Nerezza.Web.Planning;

namespace Nerezza.Web.Endpoints;

/// <summary>The levers of a client's body.</summary>
public static class LeverEndpoints
{
    public static void MapLevers(this IEndpointRouteBuilder routes) =>
        routes.MapGet("/api/clients/{id:guid}/levers", Get).RequireAuthorization().WithTags("levers");

    private static async Task<Results<Ok<LeversView>, NotFound>> Get(
        Guid id,
        ClientStore clients,
        LogStore log,
        LeverViews desk,
        CancellationToken cancel
    ) => await clients.Find(id, cancel) is { } file ? TypedResults.Ok(desk.View(file, await log.Of(id, cancel))) : TypedResults.NotFound();
}
