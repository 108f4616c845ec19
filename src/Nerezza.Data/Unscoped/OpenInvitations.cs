using Microsoft.EntityFrameworkCore;
using Nerezza.Data.Access;
using Nerezza.Data.Rows;

namespace Nerezza.Data.Unscoped;

/// <summary>An invitation as its link finds it.</summary>
public sealed record OpenInvitation(Guid PracticeId, string Practice, Guid Id, PracticeRole Role, string Name, Guid? ClientId);

/// <summary>Finds an invitation by what its link carries, before anybody is signed in.</summary>
public sealed class OpenInvitations(NerezzaContext context, TimeProvider clock)
{
    /// <summary>The invitation; null where there is none, or it was used, taken back or is too old: nobody learns which.</summary>
    public async Task<OpenInvitation?> Find(string token, CancellationToken cancel)
    {
        string hash = Secret.HashOf(token);
        DateTimeOffset now = clock.GetUtcNow();
        return await context
            .Invitations.IgnoreQueryFilters()
            .Where(row => row.TokenHash == hash && row.UsedAt == null && row.RevokedAt == null && row.ExpiresAt > now)
            .Join(
                context.Practices.IgnoreQueryFilters().Where(practice => practice.PutAsideAt == null),
                row => row.PracticeId,
                practice => practice.PracticeId,
                (row, practice) => new OpenInvitation(row.PracticeId, practice.Name, row.Id, row.Role, row.Name, row.ClientId)
            )
            .FirstOrDefaultAsync(cancel);
    }

    /// <summary>Takes it, once: of two at the same time one gets it. In the caller's transaction.</summary>
    /// <returns>False where somebody else took it.</returns>
    public async Task<bool> Take(OpenInvitation invitation, CancellationToken cancel) =>
        await context
            .Invitations.IgnoreQueryFilters()
            .Where(row => row.PracticeId == invitation.PracticeId && row.Id == invitation.Id && row.UsedAt == null && row.RevokedAt == null)
            .ExecuteUpdateAsync(row => row.SetProperty(one => one.UsedAt, clock.GetUtcNow()), cancel) == 1;

    /// <summary>Lets a person in, as the scope's practice.</summary>
    /// <returns>False where they are in it already, or another lifter is this client.</returns>
    public async Task<bool> Join(OpenInvitation invitation, Guid userId, string name, CancellationToken cancel)
    {
        if (
            await context
                .Memberships.IgnoreQueryFilters()
                .AnyAsync(
                    row =>
                        row.PracticeId == invitation.PracticeId
                        && (row.UserId == userId || (invitation.ClientId != null && row.ClientId == invitation.ClientId)),
                    cancel
                )
        )
            return false;
        context.Add(
            new MembershipRow
            {
                PracticeId = invitation.PracticeId,
                UserId = userId,
                Role = invitation.Role,
                Name = name,
                ClientId = invitation.ClientId,
                Since = clock.GetUtcNow(),
            }
        );
        await context.SaveChangesAsync(cancel);
        return true;
    }
}
