using Microsoft.EntityFrameworkCore;
using Nerezza.Data.Access;

namespace Nerezza.Data.Accounts;

/// <summary>Who is signed in where. A row that is gone is a sign-in that has ended, whoever still holds its cookie.</summary>
public sealed class SignedInStore(NerezzaContext context)
{
    /// <summary>Keeps a sign-in; clears away what has ended.</summary>
    /// <returns>The key that opens it.</returns>
    public async Task<string> Add(
        Guid userId,
        string device,
        byte[] ticket,
        DateTimeOffset now,
        DateTimeOffset expiresAt,
        DateTimeOffset endsAt,
        CancellationToken cancel
    )
    {
        await context.SignedIn.Where(row => row.ExpiresAt < now || row.EndsAt < now).ExecuteDeleteAsync(cancel);
        string key = Secret.New();
        context.Add(
            new SignedInRow
            {
                KeyHash = Secret.HashOf(key),
                Id = Guid.CreateVersion7(),
                UserId = userId,
                Device = device,
                UsedAt = now,
                Ticket = ticket,
                StartedAt = now,
                ExpiresAt = expiresAt,
                EndsAt = endsAt,
            }
        );
        await context.SaveChangesAsync(cancel);
        return key;
    }

    /// <summary>Where a person is signed in, the last used first.</summary>
    public async Task<IReadOnlyList<SignedInRow>> Of(Guid userId, DateTimeOffset now, CancellationToken cancel) =>
        await context
            .SignedIn.AsNoTracking()
            .Where(row => row.UserId == userId && row.ExpiresAt > now && row.EndsAt > now)
            .OrderByDescending(row => row.UsedAt)
            .ThenBy(row => row.Id)
            .ToListAsync(cancel);

    /// <summary>Ends one of a person's sign-ins; false where it is not theirs.</summary>
    public async Task<bool> End(Guid userId, Guid id, CancellationToken cancel) =>
        await context.SignedIn.Where(row => row.UserId == userId && row.Id == id).ExecuteDeleteAsync(cancel) > 0;

    /// <summary>Ends every sign-in of a person but the one that is kept; null keeps none.</summary>
    public async Task EndAll(Guid userId, Guid? kept, CancellationToken cancel) =>
        await context.SignedIn.Where(row => row.UserId == userId && row.Id != kept).ExecuteDeleteAsync(cancel);

    /// <summary>Moves a sign-in on with its use; nothing where it has ended.</summary>
    public async Task Renew(string key, byte[] ticket, DateTimeOffset expiresAt, CancellationToken cancel)
    {
        string hash = Secret.HashOf(key);
        await context
            .SignedIn.Where(row => row.KeyHash == hash)
            .ExecuteUpdateAsync(row => row.SetProperty(one => one.Ticket, ticket).SetProperty(one => one.ExpiresAt, expiresAt), cancel);
    }

    /// <summary>Ends a sign-in.</summary>
    public async Task Remove(string key, CancellationToken cancel)
    {
        string hash = Secret.HashOf(key);
        await context.SignedIn.Where(row => row.KeyHash == hash).ExecuteDeleteAsync(cancel);
    }
}
