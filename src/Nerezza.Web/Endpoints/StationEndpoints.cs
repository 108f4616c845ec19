using Microsoft.AspNetCore.Http.HttpResults;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Web.Contracts;
using Nerezza.Web.Planning;

namespace Nerezza.Web.Endpoints;

/// <summary>How far a client's file is, station by station, without planning anything.</summary>
public static class StationEndpoints
{
    public static void MapStations(this IEndpointRouteBuilder routes) =>
        routes.MapGet("/api/clients/{id:guid}/stations", Get).RequireAuthorization().WithTags("clients");

    private static async Task<Results<Ok<StationsView>, NotFound>> Get(
        Guid id,
        DateOnly? on,
        ClientStore clients,
        PlanStore plans,
        LogStore log,
        PlanService planner,
        CancellationToken cancel
    )
    {
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        PlanRow? plan = await plans.On(id, on ?? planner.Today, cancel);
        bool isStrong = file.Maxes.Count > 0 || (await log.Stamp(id, cancel)).Count > 0;
        StationState block =
            plan?.Document.Block is null ? StationState.Empty
            : PlanService.IsOutOfDate(plan, file) ? StationState.OutOfDate
            : StationState.Done;
        return TypedResults.Ok(
            new StationsView(
                Intake: IsKnown(file, isStrong) ? StationState.Done : StationState.Begun,
                Screen: file.Screen is null ? StationState.Empty : StationState.Done,
                Findings: file.Screen is null && file.Client.Observed.Pain is null or [] ? StationState.Empty : StationState.Done,
                Exercises: block,
                Block: block,
                Floor: block is StationState.Empty ? StationState.Empty : StationState.Done,
                Review: block is StationState.Empty ? StationState.Empty : StationState.Done
            )
        );
    }

    /// <summary>Whether there is what a plan rests on: days, kit, and a set that tells how strong the client is.</summary>
    private static bool IsKnown(ClientFile file, bool isStrong) =>
        file.Client.Facts.Days.Count > 0 && file.Kit.Items is { Count: > 0 } && isStrong;
}
