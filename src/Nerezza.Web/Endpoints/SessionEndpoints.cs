using System.Security.Claims;
using Microsoft.AspNetCore.Antiforgery;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;
using Nerezza.Data;
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
        if (http.User.Identity?.IsAuthenticated != true) return TypedResults.Ok(new Me(null, null, token));
        string? practice = await context.Coaches.Select(coach => coach.Name).FirstOrDefaultAsync(cancel);
        return TypedResults.Ok(new Me(http.User.FindFirstValue(ClaimTypes.Email), practice, token));
    }

    private static async Task<Results<NoContent, ValidationProblem, ProblemHttpResult>> SignIn(Checked<SignIn> body, SignInManager<IdentityUser<Guid>> signIn)
    {
        if (body.Value is not { } asked) return Problems.Invalid(body.Faults);
        SignInResult result = await signIn.PasswordSignInAsync(asked.Email, asked.Password, isPersistent: true, lockoutOnFailure: true);
        if (result.Succeeded) return TypedResults.NoContent();
        return TypedResults.Problem(statusCode: StatusCodes.Status401Unauthorized, title: result.IsLockedOut
            ? "Too many tries. Wait five minutes, then try again."
            : "That e-mail and password do not go together. Check both and try again.");
    }

    private static async Task<NoContent> SignOut(SignInManager<IdentityUser<Guid>> signIn)
    {
        await signIn.SignOutAsync();
        return TypedResults.NoContent();
    }
}
