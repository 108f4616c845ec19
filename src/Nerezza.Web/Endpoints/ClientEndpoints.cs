using Microsoft.AspNetCore.Http.HttpResults;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Cases;
using Nerezza.Web.Access;
using Nerezza.Web.Contracts;
using Nerezza.Web.Hosting;
using Nerezza.Web.Planning;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Endpoints;

/// <summary>The client list, new clients, and whole cases in and out.</summary>
public static class ClientEndpoints
{
    public static void MapClients(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder group = routes.MapGroup("/api/clients").RequireAuthorization().WithTags("clients");
        group.MapGet("", List);
        group.MapPost("", Add);
        group.MapPost("/import", Import);
        group.MapGet("/{id:guid}/case", Export);
        group.MapGet("/archived", async (ClientStore clients, CancellationToken cancel) => TypedResults.Ok(await clients.Archived(cancel)));
        group.MapDelete("/{id:guid}", Archive).For(Who.HomeCoach);
        group.MapPost("/{id:guid}/restore", Restore).For(Who.HomeCoach).WithMetadata(new AlsoWhenPutAway());
    }

    private static async Task<Ok<List<ClientLine>>> List(DateOnly today, BoardStore boards, CancellationToken cancel) =>
        TypedResults.Ok((await boards.All(today, cancel)).Select(client => GlanceViews.Line(client, today)).ToList());

    private static async Task<Results<Created<NewId>, ValidationProblem, ProblemHttpResult>> Add(
        Checked<ClientSection> body,
        ClientStore clients,
        TimeProvider clock,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } facts)
            return Problems.Invalid(body.Faults);
        if (CaseRules.Check(facts, "").ToList() is { Count: > 0 } faults)
            return Problems.Invalid(faults.Select(fault => fault with { Path = fault.Path.TrimStart('.') }));
        if (await Full(clients, more: 1, cancel) is { } full)
            return full;
        Guid id = await Save(
            new CaseDocument
            {
                Format = "nerezza.case",
                Version = 1,
                Client = facts,
            },
            Today(clock),
            clients,
            cancel
        );
        return TypedResults.Created($"/api/clients/{id}", new NewId(id));
    }

    /// <summary>Takes a case of the open format. Its log is left out: logged sets come through the floor or the CSV import, as facts of
    /// their own.</summary>
    private static async Task<Results<Created<NewId>, ValidationProblem, ProblemHttpResult>> Import(
        Checked<CaseDocument> body,
        ClientStore clients,
        TimeProvider clock,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } document)
            return Problems.Invalid(body.Faults);
        if (CaseRules.Check(document).ToList() is { Count: > 0 } faults)
            return Problems.Invalid(faults);
        if (await Full(clients, more: 1, cancel) is { } full)
            return full;
        Guid id = await Save(document, Today(clock), clients, cancel);
        return TypedResults.Created($"/api/clients/{id}", new NewId(id));
    }

    private static async Task<Results<Ok<CaseDocument>, NotFound>> Export(
        Guid id,
        ClientStore clients,
        PlanStore plans,
        LogStore log,
        TimeProvider clock,
        ILogger<EventLog> events,
        CancellationToken cancel
    )
    {
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        PlanRow? plan = await plans.On(id, Today(clock), cancel);
        events.Exported(id, clients.PracticeId);
        return TypedResults.Ok(CaseAssembly.Case(file, await log.All(id, cancel), plan?.Inputs.Block));
    }

    private static async Task<Results<NoContent, NotFound, ProblemHttpResult>> Archive(
        Guid id,
        ClientStore clients,
        TimeProvider clock,
        ILogger<EventLog> events,
        CancellationToken cancel
    )
    {
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        file.Client.ArchivedAt = clock.GetUtcNow();
        if (!await clients.Save(file.Client, file.Client.Version, cancel))
            return Problems.LostRace();
        events.Archived(id, clients.PracticeId);
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, NotFound, ProblemHttpResult>> Restore(
        Guid id,
        ClientStore clients,
        ILogger<EventLog> events,
        CancellationToken cancel
    )
    {
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        if (file.Client.ArchivedAt is not null && await Full(clients, more: 1, cancel) is { } full)
            return full;
        (file.Client.ArchivedAt, file.Client.EraseAt) = (null, null);
        if (!await clients.Save(file.Client, file.Client.Version, cancel))
            return Problems.LostRace();
        events.Restored(id, clients.PracticeId);
        return TypedResults.NoContent();
    }

    /// <summary>Why so many clients cannot be added; null when they can.</summary>
    internal static async Task<ProblemHttpResult?> Full(ClientStore clients, int more, CancellationToken cancel)
    {
        (int here, int all) = await clients.Count(cancel);
        if (here + more > ClientStore.Most)
            return Problems.Full(
                $"A practice holds {ClientStore.Most} clients.",
                "Put those away who no longer train; they stay on file and can be taken back."
            );
        return all + more > ClientStore.MostWithArchived
            ? Problems.Full(
                $"A practice keeps {ClientStore.MostWithArchived} clients, those put away counted.",
                "Take the case of some out as a file and begin another practice."
            )
            : null;
    }

    private static DateOnly Today(TimeProvider clock) => DateOnly.FromDateTime(clock.GetUtcNow().UtcDateTime);

    /// <summary>Keeps a case as rows; its screen under the day it was taken or came in.</summary>
    internal static async Task<Guid> Save(CaseDocument document, DateOnly screenedOn, ClientStore clients, CancellationToken cancel)
    {
        Guid id = Guid.CreateVersion7(),
            practice = clients.PracticeId;
        Guid? room = document.Equipment is null ? await clients.OnlyRoom(cancel) : null;
        await clients.Add(
            CaseAssembly.Client(practice, id, clients.UserId, document),
            CaseAssembly.Kit(practice, id, document, room),
            (document.Strength ?? []).Select(set => CaseAssembly.Max(practice, id, set)),
            CaseAssembly.Screens(practice, id, document, screenedOn),
            cancel
        );
        return id;
    }
}
