using Microsoft.AspNetCore.Http.HttpResults;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Plans;
using Nerezza.Web.Contracts;
using Nerezza.Web.Planning;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Endpoints;

/// <summary>Findings with their evidence, and the coach's word on each.</summary>
public static class FindingEndpoints
{
    public static void MapFindings(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder group = routes.MapGroup("/api/clients/{id:guid}").RequireAuthorization().WithTags("findings");
        group.MapGet("/findings", Get);
        group.MapPut("/findings/{code}/{cause}", Decide);
        group.MapDelete("/findings/{code}/{cause}", TakeBack);
        group.MapGet("/plans/preview", Preview);
    }

    private static async Task<Results<Ok<FindingsView>, NotFound>> Get(
        Guid id,
        ClientStore clients,
        ScreenStore screens,
        PlanStore plans,
        LogStore log,
        PlanService desk,
        ClientToday now,
        EvidenceViews evidence,
        CancellationToken cancel
    )
    {
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        IReadOnlyList<ScreenRow> kept = await screens.All(id, cancel);
        PlanRow? plan = await plans.On(id, desk.Today, cancel);
        LeanComparison? lean = now.Lean(file);
        DateOnly? screened = kept.Count > 0 ? kept[0].Date : null;
        return TypedResults.Ok(
            new FindingsView
            {
                ClientId = id,
                Client = file.Client.Name,
                ScreenedOn = screened,
                PlanOutOfDate = plan is not null && PlanService.IsOutOfDate(plan, file),
                PlanNumber = plan?.Number,
                Referral = ClientToday.Referral(file) is { } referral ? PlanMapping.ToReferral(referral) : null,
                Findings = [.. desk.Review(file, await log.Of(id, cancel)).Select(row => evidence.Line(row, kept, lean))],
                Names =
                [
                    .. Enum.GetValues<FindingCode>()
                        .Where(code => code is not FindingCode.Refer)
                        .Select(code => new FindingName(code, Core.Wording.FindingWords.Name(code))),
                ],
            }
        );
    }

    private static async Task<Results<NoContent, NotFound, ValidationProblem, ProblemHttpResult>> Decide(
        Guid id,
        string code,
        string cause,
        Checked<DecideFinding> body,
        ClientStore clients,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } decision)
            return Problems.Invalid(body.Faults);
        if (Codes.Find<FindingCode>(code) is not { } finding || finding is FindingCode.Refer || Codes.Find<Cause>(cause) is not { } why)
            return TypedResults.NotFound();
        bool needsReason = decision.Verdict is Verdict.Rejected or Verdict.Added;
        if (needsReason && string.IsNullOrWhiteSpace(decision.Reason))
            return Problems.Invalid("reason", "is missing; a few words on why expected");
        if (decision.Verdict is Verdict.Added && decision.Severity is null)
            return Problems.Invalid("severity", "is missing; 1, 2 or 3 expected");
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        Put(
            file.Client,
            finding,
            why,
            [new FindingDecision(finding, why, decision.Verdict, decision.Reason?.Trim() ?? "", decision.Severity, decision.Side)]
        );
        return await clients.Save(file.Client, file.Client.Version, cancel) ? TypedResults.NoContent() : Problems.LostRace();
    }

    private static async Task<Results<NoContent, NotFound, ProblemHttpResult>> TakeBack(
        Guid id,
        string code,
        string cause,
        ClientStore clients,
        CancellationToken cancel
    )
    {
        if (Codes.Find<FindingCode>(code) is not { } finding || Codes.Find<Cause>(cause) is not { } why)
            return TypedResults.NotFound();
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        Put(file.Client, finding, why, []);
        return await clients.Save(file.Client, file.Client.Version, cancel) ? TypedResults.NoContent() : Problems.LostRace();
    }

    /// <summary>One word on a finding at most: the newest.</summary>
    private static void Put(ClientRow client, FindingCode code, Cause cause, IReadOnlyList<FindingDecision> now) =>
        client.Observed = client.Observed with
        {
            Decisions = [.. (client.Observed.Decisions ?? []).Where(decision => (decision.Code, decision.Cause) != (code, cause)), .. now],
        };

    /// <summary>What the plan in force would become if it were made again now.</summary>
    private static async Task<Results<Ok<PlanPreview>, NoContent, NotFound>> Preview(
        Guid id,
        DateOnly? on,
        ClientStore clients,
        PlanStore plans,
        LogStore log,
        PlanService desk,
        CancellationToken cancel
    )
    {
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        if (await plans.On(id, on ?? desk.Today, cancel) is not { } plan)
            return TypedResults.NoContent();
        return TypedResults.Ok(
            new PlanPreview(plan.Number, PlanService.IsOutOfDate(plan, file), desk.Changes(plan, file, await log.Of(id, cancel)))
        );
    }
}
