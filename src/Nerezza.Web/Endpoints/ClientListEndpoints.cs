using Microsoft.AspNetCore.Http.HttpResults;
using Nerezza.Data.Stores;
using Nerezza.Web.Access;
using Nerezza.Web.Contracts;
using Nerezza.Web.Planning;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Endpoints;

/// <summary>Lists of clients with their measurements and maxes: read and shown first, kept as one, taken back as one
/// (docs/formats/clients.md).</summary>
public static class ClientListEndpoints
{
    public static void MapClientLists(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder group = routes.MapGroup("/api/client-lists").RequireAuthorization().WithTags("import");
        group.MapGet("", async (ClientListStore lists, CancellationToken cancel) => TypedResults.Ok(await lists.All(cancel)));
        group.MapPost("/preview", Read).ReadsOnly();
        group.MapPost("", Keep);
        group.MapPost("/{list:guid}/undo", Undo);
    }

    private static async Task<Results<Ok<ClientListView>, ValidationProblem>> Read(
        Checked<ReadClientList> body,
        ClientListImport reader,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        return await reader.Read(asked, cancel) switch
        {
            ClientListFile.Read file => TypedResults.Ok(ClientListImport.View(file)),
            ClientListFile.Refused refused => Problems.Invalid(refused.Field, refused.Why),
            _ => throw new InvalidOperationException("A list is read or refused."),
        };
    }

    private static async Task<Results<Ok<ListKept>, ValidationProblem, ProblemHttpResult>> Keep(
        Checked<KeepClientList> body,
        ClientListImport reader,
        ClientListStore lists,
        ClientStore clients,
        TimeProvider clock,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        if (!Guid.TryParse(asked.Id, out Guid listId))
            return Problems.Invalid("id", "is not a UUID; a version 7 UUID made by the sender expected");
        ClientListFile read = await reader.Read(asked, cancel);
        if (read is ClientListFile.Refused refused)
            return Problems.Invalid(refused.Field, refused.Why);
        var file = (ClientListFile.Read)read;
        ClientListView view = ClientListImport.View(file);
        if (await lists.Exists(listId, cancel))
            return TypedResults.Ok(new ListKept(view.Made, view.Added));
        if (asked.LeaveOut is not true && view.RefusedCount > 0)
            return Problems.Invalid("leaveOut", $"{view.RefusedCount} cannot be read; put them right, or say that they are left out");
        if (view.Made + view.Added == 0)
            return Problems.Invalid("content", "names no client that can be kept");
        if (await ClientEndpoints.Full(clients, view.Made, cancel) is { } full)
            return full;
        return await reader.Keep(file, asked, listId, clock.GetUtcNow(), cancel)
            ? TypedResults.Ok(new ListKept(view.Made, view.Added))
            : Problems.LostRace();
    }

    private static async Task<Results<Ok<ListTakenBack>, NotFound, ProblemHttpResult>> Undo(
        Guid list,
        ClientListStore lists,
        TimeProvider clock,
        CancellationToken cancel
    )
    {
        if (!await lists.Exists(list, cancel))
            return TypedResults.NotFound();
        return await lists.TakeBack(list, clock.GetUtcNow(), cancel) is { } stay
            ? TypedResults.Ok(new ListTakenBack(stay))
            : Problems.LostRace();
    }
}
