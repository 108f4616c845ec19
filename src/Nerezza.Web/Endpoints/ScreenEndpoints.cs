using Microsoft.AspNetCore.Http.HttpResults;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Web.Contracts;
using Nerezza.Web.Planning;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Endpoints;

/// <summary>Screens of a client, each kept with its date.</summary>
public static class ScreenEndpoints
{
    public static void MapScreens(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder group = routes.MapGroup("/api/clients/{id:guid}").RequireAuthorization().WithTags("screen");
        group.MapGet("/screens", Get);
        group.MapPut("/screens/{date}", Keep);
        group.MapDelete("/screens/{date}", Remove);
        routes.MapGet("/api/protocol", () => TypedResults.Ok(Shown)).RequireAuthorization().WithTags("reference");
    }

    private static ProtocolView Shown =>
        new(
            [
                .. Protocol.Steps.Select(step => new StepView(
                    step.Id,
                    step.Name,
                    step.How,
                    step.Look,
                    step.Counts,
                    [.. step.Asks.Select(ask => new AskView(ask, Codes.Find<ScreenTest>(ask.Path) is { } test ? Norms.Of(test) : null))]
                )),
            ],
            Protocol.Faults
        );

    private static async Task<Results<Ok<ScreensView>, NotFound>> Get(
        Guid id,
        ClientStore clients,
        ScreenStore screens,
        LogStore log,
        ClientToday now,
        CancellationToken cancel
    )
    {
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        ClientLog sets = await log.Of(id, cancel);
        IEnumerable<string> lifts = (file.Client.Facts.TargetLifts ?? [])
            .Concat(now.Maxes(file, sets).Select(max => max.Exercise))
            .Distinct();
        return TypedResults.Ok(
            new ScreensView(
                id,
                file.Client.Name,
                [.. lifts],
                [.. (await screens.All(id, cancel)).Select(row => new KeptScreen(row.Date, row.Version, row.Screen, row.Faults))]
            )
        );
    }

    private static async Task<Results<NoContent, NotFound, ValidationProblem, ProblemHttpResult>> Keep(
        Guid id,
        DateOnly date,
        Checked<SaveScreen> body,
        ClientStore clients,
        ScreenStore screens,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } save)
            return Problems.Invalid(body.Faults);
        if (!await clients.Exists(id, cancel))
            return TypedResults.NotFound();
        var row = new ScreenRow
        {
            PracticeId = clients.PracticeId,
            Id = Guid.CreateVersion7(),
            ClientId = id,
            Date = date,
            Screen = save.Screen,
            Faults = save.Faults,
        };
        return await screens.Keep(row, (uint?)save.Version, cancel) ? TypedResults.NoContent() : Problems.LostRace();
    }

    private static async Task<Results<NoContent, NotFound, ProblemHttpResult>> Remove(
        Guid id,
        DateOnly date,
        uint version,
        ScreenStore screens,
        CancellationToken cancel
    ) =>
        await screens.Remove(id, date, version, cancel) switch
        {
            Removal.Done => TypedResults.NoContent(),
            Removal.ChangedMeanwhile => Problems.LostRace(),
            Removal.NotThere => TypedResults.NotFound(),
        };
}
