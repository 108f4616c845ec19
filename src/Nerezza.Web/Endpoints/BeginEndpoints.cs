using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;
using Nerezza.Data.Rows;
using Nerezza.Data.Unscoped;
using Nerezza.Web.Accounts;
using Nerezza.Web.Contracts;
using Nerezza.Web.Hosting;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Endpoints;

/// <summary>The first page of a new machine: a practice and its owner.</summary>
public static class BeginEndpoints
{
    public static void MapBegin(this IEndpointRouteBuilder routes) =>
        routes.MapPost("/api/practices", Begin).RequireRateLimiting(RateLimits.SignIn).WithTags("session");

    private static async Task<Results<NoContent, ValidationProblem, ProblemHttpResult>> Begin(
        Checked<BeginPractice> body,
        HttpContext http,
        SetupCode code,
        FirstPractice first,
        AccountBook accounts,
        SignInManager<IdentityUser<Guid>> signIn,
        ILogger<EventLog> log,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        if (!await first.IsToBeMade(cancel))
            return Problems.Conflict("There is a practice on this machine already.", "Sign in, or ask its owner to invite you.");
        if (!code.Is(asked.Code))
            return Problems.Invalid("code", "is not the one that the start printed; the newest one expected");
        if (Fields.Empty(("practice", asked.Practice), ("name", asked.Name)) is { Count: > 0 } empty)
            return Problems.Invalid(empty);
        var practice = new PracticeRow { PracticeId = Guid.CreateVersion7(), Name = asked.Practice.Trim() };
        // The demo's coach may be signed in here while looking around; the practice is the new owner's own.
        await signIn.SignOutAsync();
        (IdentityUser<Guid> owner, IdentityResult result) = await accounts.Begin(practice, asked.Name.Trim(), asked.Email, asked.Password);
        if (!result.Succeeded)
            return AccountProblems.Of(result);
        if (asked.PutDemoAside)
            await first.PutDemoAside(cancel);
        await signIn.SignInAsync(owner, isPersistent: true);
        log.PracticeMade(practice.PracticeId, owner.Id);
        return TypedResults.NoContent();
    }
}
