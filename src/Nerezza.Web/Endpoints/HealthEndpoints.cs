using Microsoft.AspNetCore.Http.HttpResults;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Wording;
using Nerezza.Data.Stores;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Plans;
using Nerezza.Formats.Shapes;
using Nerezza.Web.Contracts;
using Nerezza.Web.Planning;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Endpoints;

/// <summary>Health answers, pain, and who cleared what.</summary>
public static class HealthEndpoints
{
    public static void MapClientHealth(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder group = routes.MapGroup("/api/clients/{id:guid}").RequireAuthorization().WithTags("health");
        group.MapGet("/health", Get);
        group.MapPut("/health", Put);
    }

    private static async Task<Results<Ok<HealthView>, NotFound>> Get(Guid id, ClientStore clients, CancellationToken cancel)
    {
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        ReferralPart? referral = ClientToday.Referral(file) is { } open ? PlanMapping.ToReferral(open) : null;
        return TypedResults.Ok(
            new HealthView
            {
                ClientId = id,
                Client = file.Client.Name,
                Version = file.Client.Version,
                Health = file.Client.Facts.Health ?? new HealthSection(),
                Pain = file.Client.Observed.Pain ?? [],
                Referral = referral,
                Caution = ReferralWords.Caution,
                Questions =
                [
                    .. Enum.GetValues<HealthFlag>()
                        .Select(flag => new HealthQuestion(flag, ReferralWords.Question(flag), HealthReferral.WhenAnswered(flag))),
                ],
            }
        );
    }

    private static async Task<Results<NoContent, NotFound, ValidationProblem, ProblemHttpResult>> Put(
        Guid id,
        Checked<SaveHealth> body,
        ClientStore clients,
        TimeProvider clock,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } save)
            return Problems.Invalid(body.Faults);
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        DateOnly today = DateOnly.FromDateTime(clock.GetUtcNow().UtcDateTime);
        if (TooOld(file.Client.Facts.Health, save.Health, today) is { } fault)
            return Problems.Invalid([fault]);
        file.Client.Facts = file.Client.Facts with { Health = save.Health };
        file.Client.Observed = file.Client.Observed with { Pain = save.Pain };
        return await clients.Save(file.Client, (uint)save.Version, cancel) ? TypedResults.NoContent() : Problems.LostRace();
    }

    /// <summary>A clearance older than a new answer does not count (docs/handbook/07-pain-and-health.md), so it is not taken as
    /// one.</summary>
    private static Fault? TooOld(HealthSection? before, HealthSection now, DateOnly today)
    {
        if (now.ClearedBy is not { } clearance || clearance.Date >= today)
            return null;
        HealthFlag[] late = [.. (clearance.Flags ?? []).Intersect((now.Flags ?? []).Except(before?.Flags ?? []))];
        return late.Length == 0
            ? null
            : new Fault(
                "health.clearedBy.date",
                $"{clearance.Date:yyyy-MM-dd} is before {string.Join(", ", late.Select(Codes.Of))} was answered; a clearance given "
                    + "after the answer expected"
            );
    }
}
