using System.Text;
using System.Text.Json;
using System.Text.Json.Serialization;
using Microsoft.AspNetCore.Http.HttpResults;
using Nerezza.Core.Blocks.Templates;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats;
using Nerezza.Formats.Plans;
using Nerezza.Web.Access;
using Nerezza.Web.Contracts;
using Nerezza.Web.Planning;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Endpoints;

/// <summary>Blocks without the person: kept from a block, brought as a file, taken out as one, and made a block of for a client
/// (docs/formats/template.md).</summary>
public static class TemplateEndpoints
{
    private static readonly JsonSerializerOptions Readable = new(Json.Options)
    {
        WriteIndented = true,
        DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
    };

    public static void MapTemplates(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder group = routes.MapGroup("/api/templates").RequireAuthorization().WithTags("templates");
        group.MapGet("", async (TemplateShelf shelf, CancellationToken cancel) => TypedResults.Ok(await shelf.All(cancel)));
        group.MapGet("/{template}/file", TakeOut);
        group.MapPost("", Bring);
        group.MapPost("/week/preview", ReadPasted).ReadsOnly();
        group.MapPost("/week", KeepPasted);
        group.MapDelete("/{template:guid}", Remove);
        RouteGroupBuilder client = routes.MapGroup("/api/clients/{id:guid}/block").RequireAuthorization().WithTags("templates");
        client.MapPost("/template", Keep);
        client.MapPost("/from-template/preview", Preview).ReadsOnly();
        client.MapPost("/from-template", Take);
    }

    private static async Task<Results<FileContentHttpResult, NotFound>> TakeOut(
        string template,
        TemplateShelf shelf,
        CancellationToken cancel
    ) =>
        await shelf.Find(template, cancel) is { } document
            ? TypedResults.File(
                Encoding.UTF8.GetBytes(JsonSerializer.Serialize(document, Readable)),
                "application/json",
                $"{document.Name}.template.json"
            )
            : TypedResults.NotFound();

    private static async Task<Results<Ok<NewId>, ValidationProblem, ProblemHttpResult>> Bring(
        Checked<TemplateDocument> body,
        TemplateStore store,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } document)
            return Problems.Invalid(body.Faults);
        if (TemplateMapping.Faults(document).ToList() is { Count: > 0 } faults)
            return Problems.Invalid(faults);
        return await store.Add(document, cancel) is { } made ? TypedResults.Ok(new NewId(made)) : TooMany();
    }

    private static async Task<Results<NoContent, NotFound>> Remove(Guid template, TemplateStore store, CancellationToken cancel) =>
        await store.Remove(template, cancel) ? TypedResults.NoContent() : TypedResults.NotFound();

    private static async Task<Results<Ok<NewId>, NotFound, ValidationProblem, ProblemHttpResult>> Keep(
        Guid id,
        Checked<KeepTemplate> body,
        ClientStore clients,
        PlanStore plans,
        LogStore log,
        PlanService desk,
        TemplateStore store,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        if (Fields.Empty(("name", asked.Name)) is { Count: > 0 } empty)
            return Problems.Invalid(empty);
        if (await clients.Find(id, cancel) is not { } file || await plans.Version(id, asked.Number, cancel) is not { } plan)
            return TypedResults.NotFound();
        if (desk.Current(plan, file, await log.Of(id, cancel)).Block is not { } block)
            return TypedResults.NotFound();
        var template = BlockTemplate.Of(block, plan.Inputs.Block!.Focus ?? default);
        TemplateDocument document = TemplateMapping.ToDocument(template, asked.Name.Trim(), asked.Note?.Trim());
        return await store.Add(document, cancel) is { } made ? TypedResults.Ok(new NewId(made)) : TooMany();
    }

    private static async Task<Results<Ok<WeekView>, ValidationProblem>> ReadPasted(
        Checked<ReadWeek> body,
        PastedWeek pasted,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        // It is shown and not kept: its name says nothing.
        return await pasted.Read(asked, name: "-", times: 1, cancel) switch
        {
            PastedReading.Read read => TypedResults.Ok(pasted.View(read)),
            PastedReading.Refused refused => Problems.Invalid("text", refused.Why),
            _ => throw new InvalidOperationException("A week is read or refused."),
        };
    }

    private static async Task<Results<Ok<NewId>, ValidationProblem, ProblemHttpResult>> KeepPasted(
        Checked<KeepWeek> body,
        PastedWeek pasted,
        ImportStore imports,
        TemplateStore store,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        if (Fields.Empty(("name", asked.Name)) is { Count: > 0 } empty)
            return Problems.Invalid(empty);
        PastedReading reading = await pasted.Read(asked, asked.Name.Trim(), asked.Weeks ?? 1, cancel);
        if (reading is PastedReading.Refused refused)
            return Problems.Invalid("text", refused.Why);
        var read = (PastedReading.Read)reading;
        if (asked.LeaveOut is not true && read.Wrong.Count > 0)
            return Problems.Invalid("leaveOut", $"{read.Wrong.Count} rows cannot be read; put them right, or say that they are left out");
        if (read.Template is not { } template)
            return Problems.Invalid("text", "holds no exercise that can be read");
        await imports.Explain(OpenedTable.Answers(asked.Names), cancel);
        return await store.Add(template, cancel) is { } made ? TypedResults.Ok(new NewId(made)) : TooMany();
    }

    private static ProblemHttpResult TooMany() =>
        Problems.Conflict($"The practice keeps {TemplateStore.Most} templates.", "Throw one away, then keep this one.");

    private static async Task<Results<Ok<FittedView>, NotFound, ValidationProblem, ProblemHttpResult>> Preview(
        Guid id,
        Checked<TakeTemplate> body,
        ClientStore clients,
        LogStore log,
        PlanService desk,
        TemplateShelf shelf,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        if (await clients.Find(id, cancel) is not { } file || await shelf.Find(asked.Template, cancel) is not { } document)
            return TypedResults.NotFound();
        if (ClientToday.Stop(file) is { } stop)
            return Problems.Locked(stop);
        // It is shown and not kept: its number says nothing.
        (PlanRow row, IReadOnlyList<string> changes) = desk.FromTemplate(
            TemplateMapping.ToTemplate(document),
            file,
            await log.Of(id, cancel),
            asked.Start,
            number: 0,
            asked.Mains ?? default
        );
        return TypedResults.Ok(new FittedView(row.Document, changes));
    }

    private static async Task<Results<Ok<CopyResult>, NotFound, ValidationProblem, ProblemHttpResult>> Take(
        Guid id,
        Checked<TakeTemplate> body,
        ClientStore clients,
        PlanStore plans,
        LogStore log,
        PlanService desk,
        TemplateShelf shelf,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        if (await clients.Find(id, cancel) is not { } file || await shelf.Find(asked.Template, cancel) is not { } document)
            return TypedResults.NotFound();
        if (ClientToday.Stop(file) is { } stop)
            return Problems.Locked(stop);
        int number = await plans.NextNumber(id, cancel);
        (PlanRow row, IReadOnlyList<string> changes) = desk.FromTemplate(
            TemplateMapping.ToTemplate(document),
            file,
            await log.Of(id, cancel),
            asked.Start,
            number,
            asked.Mains ?? default
        );
        return await plans.Add(row, cancel) ? TypedResults.Ok(new CopyResult(id, number, changes)) : Problems.LostRace();
    }
}
