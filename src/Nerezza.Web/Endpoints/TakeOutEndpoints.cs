using System.Globalization;
using System.Text;
using Microsoft.AspNetCore.Http.HttpResults;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Plans;
using Nerezza.Tables.Blocks;
using Nerezza.Tables.Logs;
using Nerezza.Web.Access;
using Nerezza.Web.Hosting;
using Nerezza.Web.Planning;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Endpoints;

/// <summary>What leaves as a file that others open: a log as a table, a block as a workbook (docs/formats).</summary>
public static class TakeOutEndpoints
{
    private const string Workbook = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet";

    public static void MapTakeOut(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder group = routes.MapGroup("/api/clients/{id:guid}").RequireAuthorization().WithTags("take out");
        group.MapGet("/log.{kind}", Log);
        group.MapGet("/block.xlsx", BlockBook).For(Who.AlsoTheLifter);
        group.MapGet("/plan", Plan);
    }

    private static async Task<Results<FileContentHttpResult, NotFound>> Log(
        Guid id,
        string kind,
        ClientStore clients,
        LogStore log,
        ILogger<EventLog> events,
        CancellationToken cancel
    )
    {
        if (kind is not ("csv" or "xlsx") || await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        events.Exported(id, clients.PracticeId);
        IEnumerable<LogLine> lines = (await log.All(id, cancel)).Select(row => new LogLine(row.Date, ClientLog.Section(row), row.Note));
        using var content = new MemoryStream();
        if (kind == "csv")
        {
            // Spreadsheets take a text for UTF-8 by its mark alone.
            using var text = new StreamWriter(content, new UTF8Encoding(encoderShouldEmitUTF8Identifier: true), leaveOpen: true);
            LogWriter.Csv(lines, text);
        }
        else
            LogWriter.Workbook(lines, content);
        return TypedResults.File(
            content.ToArray(),
            kind == "csv" ? "text/csv; charset=utf-8" : Workbook,
            $"{file.Client.Name}, log.{kind}"
        );
    }

    /// <summary>The plan of a day as the open format, at today's loads.</summary>
    private static async Task<Results<Ok<PlanDocument>, NotFound, ProblemHttpResult>> Plan(
        Guid id,
        DateOnly? on,
        ClientStore clients,
        PlanStore plans,
        LogStore log,
        PlanService planner,
        CancellationToken cancel
    )
    {
        if (await clients.Find(id, cancel) is not { } file || await plans.On(id, on ?? planner.Today, cancel) is not { } plan)
            return TypedResults.NotFound();
        if (ClientToday.Stop(file) is { } stop)
            return Problems.Locked(stop);
        return TypedResults.Ok(planner.ToDocument(planner.Current(plan, file, await log.Of(id, cancel, plan.Starts))));
    }

    /// <summary>The block of a day, at today's loads.</summary>
    private static async Task<Results<FileContentHttpResult, NotFound, ProblemHttpResult>> BlockBook(
        Guid id,
        DateOnly? on,
        ClientStore clients,
        PlanStore plans,
        LogStore log,
        PlanService planner,
        OwnCatalogue own,
        CancellationToken cancel
    )
    {
        if (await clients.Find(id, cancel) is not { } file || await plans.On(id, on ?? planner.Today, cancel) is not { } plan)
            return TypedResults.NotFound();
        if (ClientToday.Stop(file) is { } stop)
            return Problems.Locked(stop);
        PlanDocument made = planner.ToDocument(planner.Current(plan, file, await log.Of(id, cancel, plan.Starts)));
        return made.Block is null
            ? TypedResults.NotFound()
            : TypedResults.File(
                BlockWorkbook.Write(made, own.All),
                Workbook,
                string.Create(CultureInfo.InvariantCulture, $"{file.Client.Name}, block of {plan.Starts:yyyy-MM-dd}.xlsx")
            );
    }
}
