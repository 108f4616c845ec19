using System.Security.Claims;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;
using Nerezza.Data.Accounts;
using Nerezza.Web.Access;
using Nerezza.Web.Accounts;
using Nerezza.Web.Contracts;
using Nerezza.Web.Hosting;
using Nerezza.Web.Mail;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Endpoints;

/// <summary>A person's own account: address, password, and where they are signed in.</summary>
public static class AccountEndpoints
{
    public static void MapAccount(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder group = routes.MapGroup("/api/account").RequireAuthorization().For(Who.Anybody).WithTags("account");
        group.MapGet("", Get);
        group.MapPut("/email", PutEmail).RequireRateLimiting(RateLimits.SignIn);
        group.MapPut("/password", PutPassword).RequireRateLimiting(RateLimits.SignIn);
        group.MapDelete("/devices", EndOthers);
        group.MapDelete("/devices/{device:guid}", End);
    }

    private static async Task<Ok<AccountView>> Get(
        ClaimsPrincipal caller,
        HttpContext http,
        UserManager<IdentityUser<Guid>> users,
        SignedInStore signedIn,
        TimeProvider clock,
        CancellationToken cancel
    )
    {
        IdentityUser<Guid> user = (await users.GetUserAsync(caller))!;
        Guid? here = await Here(http);
        return TypedResults.Ok(
            new AccountView
            {
                Email = user.Email!,
                TwoFactor = user.TwoFactorEnabled,
                RecoveryCodesLeft = user.TwoFactorEnabled ? await users.CountRecoveryCodesAsync(user) : 0,
                Devices =
                [
                    .. (await signedIn.Of(user.Id, clock.GetUtcNow(), cancel)).Select(row => new DeviceLine(
                        row.Id,
                        row.Device,
                        row.StartedAt,
                        row.UsedAt,
                        row.Id == here
                    )),
                ],
            }
        );
    }

    private static async Task<Results<NoContent, ValidationProblem>> PutEmail(
        Checked<ChangeEmail> body,
        ClaimsPrincipal caller,
        HttpContext http,
        UserManager<IdentityUser<Guid>> users,
        SignInManager<IdentityUser<Guid>> signIn,
        Outgoing mail
    )
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        IdentityUser<Guid> user = (await users.GetUserAsync(caller))!;
        if (!await users.CheckPasswordAsync(user, asked.Password))
            return WrongPassword();
        string before = user.Email!,
            now = asked.Email.Trim();
        (user.UserName, user.Email) = (now, now);
        IdentityResult result = await users.UpdateAsync(user);
        if (!result.Succeeded)
            return AccountProblems.Of(result);
        // Who did not do it learns of it where they still read.
        mail.Send(Letters.EmailChanged(before, now));
        await Refresh(http, signIn, user);
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, ValidationProblem>> PutPassword(
        Checked<ChangePassword> body,
        ClaimsPrincipal caller,
        HttpContext http,
        UserManager<IdentityUser<Guid>> users,
        SignedInStore signedIn,
        AccessTokenStore tokens,
        Outgoing mail,
        ILogger<EventLog> log,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        IdentityUser<Guid> user = (await users.GetUserAsync(caller))!;
        IdentityResult result = await users.ChangePasswordAsync(user, asked.Password, asked.NewPassword);
        if (result.Errors.Any(error => error.Code == nameof(IdentityErrorDescriber.PasswordMismatch)))
            return WrongPassword();
        if (!result.Succeeded)
            return AccountProblems.Of(result, "newPassword");
        await signedIn.EndAll(user.Id, await Here(http), cancel);
        await tokens.EndAll(user.Id, cancel);
        mail.Send(Letters.PasswordChanged(user.Email!));
        log.PasswordChanged(user.Id);
        return TypedResults.NoContent();
    }

    private static async Task<NoContent> EndOthers(
        ClaimsPrincipal caller,
        HttpContext http,
        SignedInStore signedIn,
        CancellationToken cancel
    )
    {
        await signedIn.EndAll(Membership.UserOf(caller)!.Value, await Here(http), cancel);
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, NotFound>> End(
        Guid device,
        ClaimsPrincipal caller,
        SignedInStore signedIn,
        CancellationToken cancel
    ) => await signedIn.End(Membership.UserOf(caller)!.Value, device, cancel) ? TypedResults.NoContent() : TypedResults.NotFound();

    internal static ValidationProblem WrongPassword() =>
        Problems.Invalid("password", "is not right; the password that you sign in with expected");

    /// <summary>Which of the person's sign-ins asks.</summary>
    private static async Task<Guid?> Here(HttpContext http) =>
        (await http.AuthenticateAsync(IdentityConstants.ApplicationScheme)).Properties?.GetString(SignIns.Id) is { } id
            ? Guid.Parse(id)
            : null;

    /// <summary>Lays the account as it is now over the same sign-in.</summary>
    private static async Task Refresh(HttpContext http, SignInManager<IdentityUser<Guid>> signIn, IdentityUser<Guid> user)
    {
        AuthenticationProperties kept = (await http.AuthenticateAsync(IdentityConstants.ApplicationScheme)).Properties!;
        Claim[] chosen = [.. http.User.FindAll(Membership.Chosen)];
        await signIn.SignInWithClaimsAsync(user, kept, chosen);
    }
}
