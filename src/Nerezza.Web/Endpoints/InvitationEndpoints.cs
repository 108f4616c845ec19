using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;
using Nerezza.Data;
using Nerezza.Data.Access;
using Nerezza.Data.Stores;
using Nerezza.Data.Unscoped;
using Nerezza.Web.Access;
using Nerezza.Web.Accounts;
using Nerezza.Web.Contracts;
using Nerezza.Web.Hosting;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Endpoints;

/// <summary>Invitations of colleagues, and taking one by its link.</summary>
public static class InvitationEndpoints
{
    public static void MapInvitations(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder group = routes
            .MapGroup("/api/practice/invitations")
            .RequireAuthorization()
            .For(Who.Owners)
            .WithMetadata(new NotForScripts())
            .WithTags("practice");
        group.MapPost("", Invite);
        group.MapDelete("/{invitation:guid}", Revoke);
        RouteGroupBuilder open = routes.MapGroup("/api/invitations").RequireRateLimiting(RateLimits.SignIn).WithTags("session");
        open.MapPost("/look", Look);
        open.MapPost("/take", Take);
    }

    private static async Task<Results<Ok<NewInvitation>, ValidationProblem>> Invite(
        Checked<InviteColleague> body,
        AccessScope scope,
        InvitationStore invitations,
        PublicAddress address,
        ILogger<EventLog> log,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        if (Fields.Empty(("name", asked.Name)) is { Count: > 0 } empty)
            return Problems.Invalid(empty);
        if (asked.Role is PracticeRole.Lifter)
            return Problems.Invalid("role", "is given at the client; owner or coach expected");
        var (row, token) = await invitations.Make(asked.Role, asked.Name.Trim(), clientId: null, cancel);
        log.Invited(scope.PracticeId, row.Id);
        return TypedResults.Ok(New(row, token, address));
    }

    /// <summary>The link with what it carries after the #: no server along the way writes that into a log.</summary>
    internal static NewInvitation New(Data.Rows.InvitationRow row, string token, PublicAddress address) =>
        new(row.Id, address.Link($"/join#{token}"), row.ExpiresAt, address.ReachesPhones);

    private static async Task<Results<NoContent, NotFound>> Revoke(
        Guid invitation,
        InvitationStore invitations,
        CancellationToken cancel
    ) => await invitations.Revoke(invitation, cancel) ? TypedResults.NoContent() : TypedResults.NotFound();

    private static async Task<Results<Ok<InvitationView>, ValidationProblem, ProblemHttpResult>> Look(
        Checked<InvitationToken> body,
        OpenInvitations invitations,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        return await invitations.Find(asked.Token, cancel) is { } found
            ? TypedResults.Ok(new InvitationView(found.Practice, found.Name, found.Role))
            : Problems.DeadLink();
    }

    private static async Task<Results<NoContent, ValidationProblem, ProblemHttpResult>> Take(
        Checked<TakeInvitation> body,
        HttpContext http,
        OpenInvitations invitations,
        AccountBook accounts,
        SignInManager<IdentityUser<Guid>> signIn,
        SignInThrottle throttle,
        AccessScope scope,
        ILogger<EventLog> log,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        if (Membership.UserOf(http.User) is not null)
            return Problems.Conflict("Somebody is signed in on this device.", "Sign them out first, then open the link again.");
        if (await invitations.Find(asked.Token, cancel) is not { } found)
            return Problems.DeadLink();
        if (Fields.Empty(("name", asked.Name)) is { Count: > 0 } empty)
            return Problems.Invalid(empty);
        if (!throttle.MayTry(http, asked.Email))
            return Problems.TooManyTries();
        // Who is at the door sees no client: all that is written is their own membership.
        scope.Enter(
            new Standing(found.PracticeId, UserId: null, found.Role, Clients: new Dictionary<Guid, ClientAccess>())
            {
                By = asked.Name.Trim(),
            }
        );
        (Joining outcome, IdentityUser<Guid>? user, IdentityResult? refused) = await accounts.Join(found, asked, cancel);
        switch (outcome)
        {
            case Joining.Done:
                // A second factor is asked for at the sign-in, not here.
                if (!user!.TwoFactorEnabled)
                    await signIn.SignInWithClaimsAsync(user, isPersistent: true, [new(Membership.Chosen, found.PracticeId.ToString())]);
                throttle.Succeeded(http, asked.Email);
                log.Joined(found.PracticeId, user.Id);
                return TypedResults.NoContent();
            case Joining.Refused:
                return AccountProblems.Of(refused!);
            case Joining.WrongPassword:
                throttle.Failed(http, asked.Email);
                return Problems.Invalid(
                    "password",
                    "does not go with this address; the one that you sign in with, or another address, expected"
                );
            case Joining.InAlready:
                return Problems.Conflict("You are in this practice already, or somebody else has taken this place.", "Sign in instead.");
            default:
                return Problems.DeadLink();
        }
    }
}
