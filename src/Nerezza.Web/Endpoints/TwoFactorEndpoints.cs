using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;
using Nerezza.Web.Access;
using Nerezza.Web.Accounts;
using Nerezza.Web.Contracts;
using Nerezza.Web.Hosting;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Endpoints;

/// <summary>The second factor of a person's own account.</summary>
public static class TwoFactorEndpoints
{
    public static void MapTwoFactor(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder group = routes
            .MapGroup("/api/account/two-factor")
            .RequireAuthorization()
            .For(Who.Anybody)
            .RequireRateLimiting(RateLimits.SignIn)
            .WithTags("account");
        group.MapPost("", Begin);
        group.MapPut("", TurnOn);
        group.MapPost("/removal", TurnOff);
        group.MapPost("/recovery-codes", NewCodes);
    }

    private static async Task<Results<Ok<AuthenticatorKey>, ValidationProblem, ProblemHttpResult>> Begin(
        Checked<WithPassword> body,
        ClaimsPrincipal caller,
        UserManager<IdentityUser<Guid>> users,
        SecondFactor second
    )
    {
        (IdentityUser<Guid> user, ValidationProblem? refusal) = await Confirmed(body, caller, users);
        if (refusal is not null)
            return refusal;
        if (user.TwoFactorEnabled)
            return Problems.Conflict("Two-factor is on already.", "Turn it off first, to use another authenticator.");
        (string key, string address) = await second.NewKey(user);
        return TypedResults.Ok(new AuthenticatorKey(key, address));
    }

    private static async Task<Results<Ok<RecoveryCodes>, ValidationProblem>> TurnOn(
        Checked<AuthenticatorCode> body,
        ClaimsPrincipal caller,
        UserManager<IdentityUser<Guid>> users,
        SecondFactor second
    )
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        return await second.TurnOn((await users.GetUserAsync(caller))!, asked.Code) is { } codes
            ? TypedResults.Ok(new RecoveryCodes(codes))
            : Problems.Invalid("code", "is not right; the six digits that the authenticator shows now expected");
    }

    private static async Task<Results<NoContent, ValidationProblem>> TurnOff(
        Checked<WithPassword> body,
        ClaimsPrincipal caller,
        UserManager<IdentityUser<Guid>> users,
        SecondFactor second
    )
    {
        (IdentityUser<Guid> user, ValidationProblem? refusal) = await Confirmed(body, caller, users);
        if (refusal is not null)
            return refusal;
        await second.TurnOff(user);
        return TypedResults.NoContent();
    }

    private static async Task<Results<Ok<RecoveryCodes>, ValidationProblem, ProblemHttpResult>> NewCodes(
        Checked<WithPassword> body,
        ClaimsPrincipal caller,
        UserManager<IdentityUser<Guid>> users,
        SecondFactor second
    )
    {
        (IdentityUser<Guid> user, ValidationProblem? refusal) = await Confirmed(body, caller, users);
        if (refusal is not null)
            return refusal;
        return user.TwoFactorEnabled
            ? TypedResults.Ok(new RecoveryCodes(await second.NewRecoveryCodes(user)))
            : Problems.Conflict("Two-factor is off.", "Turn it on; recovery codes come with it.");
    }

    /// <summary>Who asks, and why they may not: what changes the second factor wants the password once more.</summary>
    private static async Task<(IdentityUser<Guid> User, ValidationProblem? Refusal)> Confirmed(
        Checked<WithPassword> body,
        ClaimsPrincipal caller,
        UserManager<IdentityUser<Guid>> users
    )
    {
        IdentityUser<Guid> user = (await users.GetUserAsync(caller))!;
        if (body.Value is not { } asked)
            return (user, Problems.Invalid(body.Faults));
        return (user, await users.CheckPasswordAsync(user, asked.Password) ? null : AccountEndpoints.WrongPassword());
    }
}
