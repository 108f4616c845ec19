using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;
using Nerezza.Data.Accounts;
using Nerezza.Web.Accounts;
using Nerezza.Web.Contracts;
using Nerezza.Web.Hosting;
using Nerezza.Web.Mail;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Endpoints;

/// <summary>A forgotten password: the letter, the new password by its link, and the mail box of this machine.</summary>
public static class PasswordLinkEndpoints
{
    public static void MapPasswordLinks(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder group = routes.MapGroup("/api/password").RequireRateLimiting(RateLimits.SignIn).WithTags("account");
        group.MapPost("/forgotten", Forgotten);
        group.MapPost("/reset", Reset);
        routes.MapGet("/api/mail-box", Box).WithTags("account");
    }

    /// <summary>Whatever is asked, the answer is the same, at once: the letter is written afterwards where there is an account.</summary>
    private static Results<Accepted, ValidationProblem> Forgotten(Checked<ForgottenPassword> body, ResetLetters letters)
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        letters.Ask(asked.Email.Trim());
        return TypedResults.Accepted((string?)null);
    }

    private static async Task<Results<NoContent, ValidationProblem, ProblemHttpResult>> Reset(
        Checked<ResetPassword> body,
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
        if (!Guid.TryParse(asked.User, out Guid id) || await users.FindByIdAsync(id.ToString()) is not { } user)
            return Problems.DeadLink();
        // A link that is used changes the stamp that it was made with: it opens nothing again.
        IdentityResult result = await users.ResetPasswordAsync(user, asked.Token, asked.Password);
        if (result.Errors.Any(error => error.Code == nameof(IdentityErrorDescriber.InvalidToken)))
            return Problems.DeadLink();
        if (!result.Succeeded)
            return AccountProblems.Of(result);
        await signedIn.EndAll(user.Id, kept: null, cancel);
        await tokens.EndAll(user.Id, cancel);
        mail.Send(Letters.PasswordChanged(user.Email!));
        log.PasswordChanged(user.Id);
        return TypedResults.NoContent();
    }

    /// <summary>The letters that would have been sent; for this machine alone, where no mail service is set.</summary>
    private static Results<Ok<List<LetterView>>, NotFound> Box(HttpContext http, MailSettings settings, MailBox box) =>
        settings.IsBox && Loopback.Is(http)
            ? TypedResults.Ok(box.All.Select(letter => new LetterView(letter.To, letter.Subject, letter.Text, letter.At)).ToList())
            : TypedResults.NotFound();
}
