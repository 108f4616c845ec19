using Microsoft.AspNetCore.Http.HttpResults;
using Nerezza.Data.Access;
using Nerezza.Data.Files;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Cases;
using Nerezza.Web.Access;
using Nerezza.Web.Contracts;
using Nerezza.Web.Hosting;
using Nerezza.Web.Planning;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Endpoints;

/// <summary>What changed of a client, everything of theirs as one file, and erasing them.</summary>
public static class ChangeEndpoints
{
    private const int Page = 50,
        Most = 10_000;

    /// <summary>How long an erasure can be taken back.</summary>
    public static void MapChanges(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder group = routes.MapGroup("/api/clients/{id:guid}").RequireAuthorization().WithTags("changes");
        group.MapGet("/changes", Get);
        group.MapGet("/file", WholeFile).For(Who.HomeCoach);
        group.MapGet("/file.zip", FileWithSchemas).For(Who.HomeCoach);
        group.MapPost("/erasure", Erase).For(Who.HomeCoach).WithMetadata(new AlsoWhenPutAway());
    }

    /// <param name="before">Only what is older than this change; left out: from the newest on.</param>
    private static async Task<Results<Ok<ChangesView>, NotFound>> Get(
        Guid id,
        Guid? before,
        ClientStore clients,
        SharingStore sharing,
        PeopleStore people,
        CancellationToken cancel
    )
    {
        if (!await clients.Exists(id, cancel))
            return TypedResults.NotFound();
        Dictionary<string, string> names = (await people.Colleagues(cancel)).ToDictionary(one => one.UserId.ToString(), one => one.Name);
        IReadOnlyList<ChangeRow> rows = await sharing.Changes(id, before, Page + 1, cancel);
        return TypedResults.Ok(new ChangesView([.. rows.Take(Page).Select(row => Line(row, names))], rows.Count > Page));
    }

    private static ChangeLine Line(ChangeRow row, Dictionary<string, string> names)
    {
        (string before, string after) = JsonDifference.InWords(row.Before, row.After, names);
        return new ChangeLine(row.Id, row.At, row.By, row.Kind, names.GetValueOrDefault(row.What, row.What), before, after);
    }

    private static async Task<Results<FileStreamHttpResult, NotFound>> FileWithSchemas(
        Guid id,
        ClientStore clients,
        PracticeFile file,
        ILogger<EventLog> events,
        CancellationToken cancel
    )
    {
        if (await clients.Find(id, cancel) is not { } found)
            return TypedResults.NotFound();
        events.Exported(id, clients.PracticeId);
        return await ZipAnswer.Of(to => file.WriteClient(to, id, cancel), $"{found.Client.Name}.zip");
    }

    private static async Task<Results<Ok<ClientFileDocument>, NotFound>> WholeFile(
        Guid id,
        ClientStore clients,
        PlanStore plans,
        LogStore log,
        ReadinessStore readiness,
        AnswerStore answers,
        SharingStore sharing,
        ILogger<EventLog> events,
        CancellationToken cancel
    )
    {
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        events.Exported(id, clients.PracticeId);
        return TypedResults.Ok(
            new ClientFileDocument
            {
                Case = CaseAssembly.Case(file, await log.All(id, cancel), null),
                Decisions = CaseAssembly.Decisions(file),
                Picks = CaseAssembly.Picks(file),
                Plans =
                [
                    .. (await plans.All(id, cancel)).Select(row => new KeptPlan(
                        row.Number,
                        row.MadeAt,
                        row.TakenBackAt,
                        row.Inputs,
                        row.Edits,
                        row.Document
                    )),
                ],
                Answers =
                [
                    .. (await answers.Of(id, cancel)).Select(row => new AnswerGiven(
                        row.Key,
                        row.On,
                        row.At,
                        row.Until,
                        row.Done?.PlanBefore,
                        row.Done?.NextBlock
                    )),
                ],
                CameIn = [.. (await readiness.All(id, cancel)).Select(row => new CameIn(row.Date, row.Answers, row.Taken))],
                Notes =
                [
                    .. (await sharing.Notes(id, Most, cancel)).Select(row => new NoteLine(
                        row.Id,
                        row.At,
                        row.Text,
                        row.ReadAt is not null
                    )),
                ],
                Changes = [.. (await sharing.Changes(id, before: null, Most, cancel)).Select(row => Line(row, []))],
            }
        );
    }

    /// <summary>Puts the client away, and everything of theirs goes a day later, unless they are taken back.</summary>
    private static async Task<Results<Ok<Erasing>, NotFound, ProblemHttpResult>> Erase(
        Guid id,
        ClientStore clients,
        TimeProvider clock,
        CancellationToken cancel
    )
    {
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        DateTimeOffset now = clock.GetUtcNow();
        file.Client.ArchivedAt ??= now;
        file.Client.EraseAt ??= now + ClientStore.Grace;
        return await clients.Save(file.Client, file.Client.Version, cancel)
            ? TypedResults.Ok(new Erasing(file.Client.EraseAt.Value))
            : Problems.LostRace();
    }
}
