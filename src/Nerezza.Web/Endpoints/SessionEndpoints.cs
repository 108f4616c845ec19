using System.Security.Claims;
using Microsoft.AspNetCore.Antiforgery;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;
using Nerezza.Data;
using Nerezza.Data.Unscoped;
using Nerezza.Web.Contracts;
using Nerezza.Web.Hosting;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Endpoints;

/// <summary>Sign-in, sign-out, and who is signed in.</summary>
public static class SessionEndpoints
{
    public static void MapSession(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder group = routes.MapGroup("/api/session").WithTags("session");
        group.MapGet("", Me);
        group.MapPost("", SignIn).RequireRateLimiting(RateLimits.SignIn);
        group.MapDelete("", SignOut).RequireAuthorization();
    }

    private static async Task<Ok<Me>> Me(HttpContext http, IAntiforgery antiforgery, NerezzaContext context, CancellationToken cancel)
    {
        string token = antiforgery.GetAndStoreTokens(http).RequestToken!;
        if (http.User.Identity?.IsAuthenticated != true)
            return TypedResults.Ok(new Me(null, null, token));
        string? practice = await context.Coaches.Select(coach => coach.Name).SingleOrDefaultAsync(cancel);
        return TypedResults.Ok(new Me(http.User.FindFirstValue(ClaimTypes.Email), practice, token));
    }

    private static async Task<Results<NoContent, ValidationProblem, ProblemHttpResult>> SignIn(
        Checked<SignIn> body,
        HttpContext http,
        SignInManager<IdentityUser<Guid>> signIn,
        SignInThrottle throttle,
        Memberships memberships,
        ILogger<EventLog> log
    )
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        if (!throttle.MayTry(http, asked.Email))
        {
            log.SignInLocked();
            return TypedResults.Problem(
                statusCode: StatusCodes.Status429TooManyRequests,
                title: "Too many tries. Wait five minutes, then try again."
            );
        }
        // Nobody must learn from the time or the words whether an address is known: an unknown one costs a password check too.
        IdentityUser<Guid>? user = await signIn.UserManager.FindByEmailAsync(asked.Email);
        bool right = user is null
            ? Decoy.Check(signIn.UserManager.PasswordHasher, asked.Password)
            : (await signIn.CheckPasswordSignInAsync(user, asked.Password, lockoutOnFailure: false)).Succeeded;
        if (!right || user is null || await memberships.CoachOf(user.Id, http.RequestAborted) is not { } coach)
        {
            throttle.Failed(http, asked.Email);
            log.SignInRefused();
            return TypedResults.Problem(
                statusCode: StatusCodes.Status401Unauthorized,
                title: "That e-mail and password do not go together. Check both and try again."
            );
        }
        // Somebody is signed in here: the framework would lay this sign-in over theirs, with the key that they hold.
        if (http.User.FindFirstValue(ClaimTypes.NameIdentifier) is { } here)
            return here == user.Id.ToString()
                ? TypedResults.NoContent()
                : Problems.Conflict("Somebody else is signed in on this device.", "Sign them out first, then sign in.");
        await signIn.SignInAsync(user, isPersistent: true);
        throttle.Succeeded(http, asked.Email);
        log.SignedIn(user.Id, coach);
        return TypedResults.NoContent();
    }

    private static async Task<NoContent> SignOut(ClaimsPrincipal caller, SignInManager<IdentityUser<Guid>> signIn, ILogger<EventLog> log)
    {
        await signIn.SignOutAsync();
        log.SignedOut(caller.FindFirstValue(ClaimTypes.NameIdentifier));
        return TypedResults.NoContent();
    }

    /// <summary>A password that nobody has, to check against where there is no account.</summary>
    private static class Decoy
    {
        private static readonly IdentityUser<Guid> Nobody = new();
        private static string? _hash;

        public static bool Check(IPasswordHasher<IdentityUser<Guid>> hasher, string password)
        {
            _hash ??= hasher.HashPassword(Nobody, Guid.NewGuid().ToString());
            return hasher.VerifyHashedPassword(Nobody, _hash, password) is not PasswordVerificationResult.Failed;
        }
    }
}
