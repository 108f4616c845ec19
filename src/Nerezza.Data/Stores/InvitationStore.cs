using Microsoft.EntityFrameworkCore;
using Nerezza.Data.Access;
using Nerezza.Data.Rows;

namespace Nerezza.Data.Stores;

/// <summary>Invitations of the scope's practice.</summary>
public sealed class InvitationStore(NerezzaContext context, TimeProvider clock)
{
    /// <summary>How long a link is good (assumption).</summary>
    private static readonly TimeSpan Valid = TimeSpan.FromDays(7);

    /// <summary>Makes one; those to the same client that are open are revoked, so that one link leads to one client.</summary>
    /// <returns>The row, and what its link carries: it is kept nowhere.</returns>
    public async Task<(InvitationRow Row, string Token)> Make(PracticeRole role, string name, Guid? clientId, CancellationToken cancel)
    {
        DateTimeOffset now = clock.GetUtcNow();
        if (clientId is not null)
            foreach (InvitationRow open in await Open().Where(row => row.ClientId == clientId).ToListAsync(cancel))
                open.RevokedAt = now;
        string token = Secret.New();
        var row = new InvitationRow
        {
            PracticeId = context.PracticeId,
            Id = Guid.CreateVersion7(),
            TokenHash = Secret.HashOf(token),
            Role = role,
            ClientId = clientId,
            Name = name,
            MadeAt = now,
            ExpiresAt = now + Valid,
        };
        context.Add(row);
        await context.SaveChangesAsync(cancel);
        return (row, token);
    }

    /// <summary>Those that can still be used, the newest first.</summary>
    public async Task<IReadOnlyList<InvitationRow>> AllOpen(CancellationToken cancel) =>
        await Open().AsNoTracking().OrderByDescending(row => row.Id).ToListAsync(cancel);

    /// <summary>Takes one back; false where there is none that is open.</summary>
    public async Task<bool> Revoke(Guid id, CancellationToken cancel)
    {
        if (await Open().SingleOrDefaultAsync(row => row.Id == id, cancel) is not { } row)
            return false;
        row.RevokedAt = clock.GetUtcNow();
        await context.SaveChangesAsync(cancel);
        return true;
    }

    private IQueryable<InvitationRow> Open()
    {
        DateTimeOffset now = clock.GetUtcNow();
        return context.Invitations.Where(row => row.UsedAt == null && row.RevokedAt == null && row.ExpiresAt > now);
    }
}
