using Microsoft.AspNetCore.Http.HttpResults;
using Nerezza.Core.Catalogue;
using Nerezza.Data.Stores;
using Nerezza.Web.Contracts;
using Nerezza.Web.Planning;

namespace Nerezza.Web.Endpoints;

/// <summary>The day: sessions, who is on the floor, and the decisions that wait.</summary>
public static class DayEndpoints
{
    public static void MapDay(this IEndpointRouteBuilder routes) => routes.MapGet("/api/day", Get).RequireAuthorization().WithTags("day");

    /// <summary>Two queries, whatever there is to show: boards with their clients, and the sets of the day.</summary>
    private static async Task<Ok<DayView>> Get(
        DateOnly date,
        DateOnly? shown,
        BoardStore boards,
        LogStore log,
        ExerciseCatalogue catalogue,
        TimeProvider clock,
        CancellationToken cancel
    )
    {
        IReadOnlyList<ListedClient> clients = await boards.All(date, cancel);
        DateOnly on = shown ?? date;
        return TypedResults.Ok(GlanceViews.Day(clients, on, date, await log.SetsOn(on, cancel), catalogue, clock.GetUtcNow()));
    }
}
