using System.Security.Claims;
using Microsoft.AspNetCore.Antiforgery;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;
using Nerezza.Data;
using Nerezza.Data.Rows;
using Nerezza.Data.Unscoped;
using Nerezza.Web.Access;
using Nerezza.Web.Accounts;
using Nerezza.Web.Contracts;
using Nerezza.Web.Hosting;
using Nerezza.Web.Mail;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Endpoints;

/// <summary>Sign-in, sign-out, who is signed in, and in which practice.</summary>
public static class SessionEndpoints
{
    public static void MapSession(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder group = routes.MapGroup("/api/session").WithTags("session");
        group.MapGet("", Me);
        group.MapPost("", SignIn).RequireRateLimiting(RateLimits.SignIn);
        group.MapDelete("", SignOut).RequireAuthorization().For(Who.Anybody);
        group.MapPut("/practice", Choose).RequireAuthorization().For(Who.Anybody);
    }

    private static async Task<Ok<Me>> Me(
        HttpContext http,
        IAntiforgery antiforgery,
        NerezzaContext context,
        Memberships memberships,
        FirstPractice first,
        Outgoing mail,
        MailSettings settings,
        PublicAddress address,
        CancellationToken cancel
    )
    {
        IReadOnlyList<Place> places = Membership.UserOf(http.User) is { } user ? await memberships.Of(user, cancel) : [];
        Units units = await context.Practices.Select(row => row.Units).SingleOrDefaultAsync(cancel);
        return TypedResults.Ok(
            new Me
            {
                Token = antiforgery.GetAndStoreTokens(http).RequestToken!,
                Email = places.Count == 0 ? null : http.User.FindFirstValue(ClaimTypes.Email),
                Practice = Membership.Choice(places, http.User) is { } open
                    ? new OpenPractice(open.PracticeId, open.Practice, open.IsDemo, units, open.Role, open.Name, open.ClientId)
                    : null,
                Practices = [.. places.Select(place => new PracticeChoice(place.PracticeId, place.Practice, place.Role))],
                CanBegin = await first.IsToBeMade(cancel),
                HasDemo = await first.HasDemo(cancel),
                HasMail = mail.IsOn,
                HasMailBox = settings.IsBox,
                Address = address.Root,
                ReachesPhones = address.ReachesPhones,
            }
        );
    }

    private static async Task<Results<NoContent, ValidationProblem, ProblemHttpResult>> SignIn(
        Checked<SignIn> body,
        HttpContext http,
        SignInManager<IdentityUser<Guid>> signIn,
        SecondFactor second,
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
            return Problems.TooManyTries();
        }
        // Nobody must learn from the time or the words whether an address is known: an unknown one costs a password check too.
        IdentityUser<Guid>? user = await signIn.UserManager.FindByEmailAsync(asked.Email);
        bool right = user is null
            ? Decoy.Check(signIn.UserManager.PasswordHasher, asked.Password)
            : await signIn.UserManager.CheckPasswordAsync(user, asked.Password);
        if (!right || user is null || (await memberships.Of(user.Id, http.RequestAborted)).Count == 0)
        {
            throttle.Failed(http, asked.Email);
            log.SignInRefused();
            return TypedResults.Problem(
                statusCode: StatusCodes.Status401Unauthorized,
                title: "That e-mail and password do not go together. Check both and try again."
            );
        }
        if (user.TwoFactorEnabled && await CodeProblem(user, asked.Code, second, log) is { } problem)
            return problem;
        // Somebody is signed in here: the framework would lay this sign-in over theirs, with the key that they hold.
        if (Membership.UserOf(http.User) is { } here)
            return here == user.Id
                ? TypedResults.NoContent()
                : Problems.Conflict("Somebody else is signed in on this device.", "Sign them out first, then sign in.");
        await signIn.SignInAsync(user, isPersistent: true);
        throttle.Succeeded(http, asked.Email);
        log.SignedIn(user.Id);
        return TypedResults.NoContent();
    }

    /// <summary>What is wrong with the second factor; null where it is right.</summary>
    private static async Task<ProblemHttpResult?> CodeProblem(
        IdentityUser<Guid> user,
        string? code,
        SecondFactor second,
        ILogger<EventLog> log
    )
    {
        if (string.IsNullOrWhiteSpace(code))
            return TypedResults.Problem(
                statusCode: StatusCodes.Status401Unauthorized,
                title: "Enter the six digits that your authenticator shows.",
                detail: "Without it at hand, one of your recovery codes does.",
                type: "nerezza:code"
            );
        switch (await second.Check(user, code))
        {
            case SecondFactor.Verdict.Right:
                return null;
            case SecondFactor.Verdict.Locked:
                return Problems.TooManyTries();
            default:
                log.CodeRefused(user.Id);
                return TypedResults.Problem(
                    statusCode: StatusCodes.Status401Unauthorized,
                    title: "That code is not right, or was used before. Wait for the next one, and check the clock of the phone.",
                    type: "nerezza:code"
                );
        }
    }

    /// <summary>Opens one of the practices that the person is in.</summary>
    private static async Task<Results<NoContent, NotFound, ValidationProblem>> Choose(
        Checked<ChoosePractice> body,
        HttpContext http,
        SignInManager<IdentityUser<Guid>> signIn,
        Memberships memberships,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        Guid user = Membership.UserOf(http.User)!.Value;
        if ((await memberships.Of(user, cancel)).All(place => place.PracticeId.ToString() != asked.Practice))
            return TypedResults.NotFound();
        // The same sign-in goes on; its ticket says which practice from now on.
        AuthenticationProperties kept = (await http.AuthenticateAsync(IdentityConstants.ApplicationScheme)).Properties!;
        IdentityUser<Guid> account = (await signIn.UserManager.FindByIdAsync(user.ToString()))!;
        await signIn.SignInWithClaimsAsync(account, kept, [new Claim(Membership.Chosen, asked.Practice)]);
        return TypedResults.NoContent();
    }

    private static async Task<NoContent> SignOut(ClaimsPrincipal caller, SignInManager<IdentityUser<Guid>> signIn, ILogger<EventLog> log)
    {
        await signIn.SignOutAsync();
        log.SignedOut(caller.FindFirstValue(ClaimTypes.NameIdentifier));
        return TypedResults.NoContent();
    }
}
