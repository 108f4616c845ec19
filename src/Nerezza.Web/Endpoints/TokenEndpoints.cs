using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Nerezza.Data;
using Nerezza.Data.Accounts;
using Nerezza.Data.Unscoped;
using Nerezza.Web.Access;
using Nerezza.Web.Contracts;
using Nerezza.Web.Hosting;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Endpoints;

/// <summary>Tokens by which scripts come in, each for the practice that was open when it was made.</summary>
public static class TokenEndpoints
{
    public static void MapTokens(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder group = routes
            .MapGroup("/api/account/tokens")
            .RequireAuthorization()
            .WithMetadata(new NotForScripts())
            .WithTags("account");
        group.MapGet("", List);
        group.MapPost("", Make).RequireRateLimiting(RateLimits.SignIn);
        group.MapDelete("/{token:guid}", End);
    }

    private static async Task<Ok<List<TokenLine>>> List(
        ClaimsPrincipal caller,
        AccessTokenStore tokens,
        Memberships memberships,
        CancellationToken cancel
    )
    {
        Guid user = Membership.UserOf(caller)!.Value;
        Dictionary<Guid, string> places = (await memberships.Of(user, cancel)).ToDictionary(
            place => place.PracticeId,
            place => place.Practice
        );
        return TypedResults.Ok(
            (await tokens.Of(user, cancel))
                .Select(row => new TokenLine(
                    row.Id,
                    row.Name,
                    places.GetValueOrDefault(row.PracticeId, ""),
                    row.Scope,
                    row.MadeAt,
                    row.ExpiresAt,
                    row.UsedAt
                ))
                .ToList()
        );
    }

    private static async Task<Results<Ok<NewToken>, ValidationProblem, ProblemHttpResult>> Make(
        Checked<MakeToken> body,
        ClaimsPrincipal caller,
        AccessScope scope,
        AccessTokenStore tokens,
        TimeProvider clock,
        ILogger<EventLog> log,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        if (Fields.Empty(("name", asked.Name)) is { Count: > 0 } empty)
            return Problems.Invalid(empty);
        Guid user = Membership.UserOf(caller)!.Value;
        DateTimeOffset ends = clock.GetUtcNow().AddDays(asked.Days);
        if (await tokens.Add(user, scope.PracticeId, asked.Name.Trim(), asked.Scope, ends, cancel) is not { } token)
            return Problems.Conflict($"You have {AccessTokenStore.Most} tokens.", "End one that is not used any more, then make this one.");
        log.TokenMade(user, scope.PracticeId);
        return TypedResults.Ok(new NewToken(token, ends));
    }

    private static async Task<Results<NoContent, NotFound>> End(
        Guid token,
        ClaimsPrincipal caller,
        AccessTokenStore tokens,
        CancellationToken cancel
    ) => await tokens.End(Membership.UserOf(caller)!.Value, token, cancel) ? TypedResults.NoContent() : TypedResults.NotFound();
}
