using System.Text.Json;
using Microsoft.AspNetCore.Http.HttpResults;
using Nerezza.Data;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats;
using Nerezza.Web.Access;
using Nerezza.Web.Contracts;
using Nerezza.Web.Planning;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Endpoints;

/// <summary>Logs that come in as files: read and shown first, kept as one, taken back as one (docs/formats/log.md).</summary>
public static class ImportEndpoints
{
    public static void MapImports(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder group = routes.MapGroup("/api/clients/{id:guid}/imports").RequireAuthorization().WithTags("import");
        group.MapGet("", List);
        group.MapPost("/preview", Read).ReadsOnly();
        group.MapPost("", Keep).Produces<KeepingLine>(StatusCodes.Status200OK, "application/x-ndjson");
        group.MapPost("/{import:guid}/undo", Undo);
    }

    private static async Task<Results<Ok<List<ImportLine>>, NotFound>> List(
        Guid id,
        ClientStore clients,
        ImportStore imports,
        CancellationToken cancel
    ) => await clients.Exists(id, cancel) ? TypedResults.Ok((await imports.Of(id, cancel)).Select(Line).ToList()) : TypedResults.NotFound();

    private static async Task<Results<Ok<LogReadingView>, NotFound, ValidationProblem>> Read(
        Guid id,
        Checked<ReadLog> body,
        ClientStore clients,
        LogImport reader,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        if (!await clients.Exists(id, cancel))
            return TypedResults.NotFound();
        return await reader.Read(id, asked, cancel) switch
        {
            LogFile.Read file => TypedResults.Ok(reader.View(file)),
            LogFile.Refused refused => Problems.Invalid(refused.Field, refused.Why),
            _ => throw new InvalidOperationException("A file is read or refused."),
        };
    }

    /// <summary>Keeps a file; the answer says line by line how far it is. Whoever hangs up before the last line keeps nothing.</summary>
    private static async Task<Results<PushStreamHttpResult, NotFound, ValidationProblem>> Keep(
        Guid id,
        Checked<KeepLog> body,
        ClientStore clients,
        ImportStore imports,
        LogImport reader,
        AccessScope scope,
        TimeProvider clock,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        if (!Guid.TryParse(asked.Id, out Guid importId))
            return Problems.Invalid("id", "is not a UUID; a version 7 UUID made by the sender expected");
        if (!await clients.Exists(id, cancel))
            return TypedResults.NotFound();
        LogFile read = await reader.Read(id, asked, cancel);
        if (read is LogFile.Refused refused)
            return Problems.Invalid(refused.Field, refused.Why);
        var file = (LogFile.Read)read;
        if (asked.LeaveOut is not true && file.Reading.Rows.Count(row => row.Why is not null) is var wrong and > 0)
            return Problems.Invalid("leaveOut", $"{wrong} rows cannot be read; put them right, or say that they are left out");
        if (file.New.Count == 0 && await imports.Find(id, importId, cancel) is null)
            return Problems.Invalid("content", "holds no set that is not in the log already");
        var import = new ImportRow
        {
            PracticeId = clients.PracticeId,
            Id = importId,
            ClientId = id,
            Name = asked.Name,
            Sets = file.New.Count,
            FirstDay = file.New.Count > 0 ? file.New.Min(line => line.Date) : default,
            LastDay = file.New.Count > 0 ? file.New.Max(line => line.Date) : default,
            KeptAt = clock.GetUtcNow(),
            By = scope.Standing?.By ?? "",
        };
        IReadOnlyDictionary<string, string> names = OpenedTable.Answers(asked.Names);
        return TypedResults.Stream(
            async answer =>
            {
                await imports.Keep(
                    import,
                    LogImport.Rows(file.New, import),
                    names,
                    done => Say(answer, new(done, import.Sets, false), cancel),
                    cancel
                );
                await Say(answer, new(import.Sets, import.Sets, true), CancellationToken.None);
            },
            "application/x-ndjson"
        );
    }

    private static async Task<Results<NoContent, NotFound>> Undo(
        Guid id,
        Guid import,
        ImportStore imports,
        TimeProvider clock,
        CancellationToken cancel
    ) => await imports.TakeBack(id, import, clock.GetUtcNow(), cancel) ? TypedResults.NoContent() : TypedResults.NotFound();

    private static async Task Say(Stream answer, KeepingLine line, CancellationToken cancel)
    {
        await JsonSerializer.SerializeAsync(answer, line, Json.Options, cancel);
        await answer.WriteAsync("\n"u8.ToArray(), cancel);
        await answer.FlushAsync(cancel);
    }

    private static ImportLine Line(ImportRow row) =>
        new(row.Id, row.Name, row.Sets, row.FirstDay, row.LastDay, row.KeptAt, row.By, row.TakenBackAt);
}
