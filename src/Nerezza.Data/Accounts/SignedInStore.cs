using System.Security.Cryptography;
using System.Text;
using Microsoft.EntityFrameworkCore;

namespace Nerezza.Data.Accounts;

/// <summary>Who is signed in where. A row that is gone is a sign-in that has ended, whoever still holds its cookie.</summary>
public sealed class SignedInStore(NerezzaContext context)
{
    private const int KeyBytes = 32;

    /// <summary>Keeps a sign-in; clears away what has ended.</summary>
    /// <returns>The key that opens it.</returns>
    public async Task<string> Add(
        Guid userId,
        byte[] ticket,
        DateTimeOffset now,
        DateTimeOffset expiresAt,
        DateTimeOffset endsAt,
        CancellationToken cancel
    )
    {
        await context.SignedIn.Where(row => row.ExpiresAt < now || row.EndsAt < now).ExecuteDeleteAsync(cancel);
        string key = Convert.ToHexStringLower(RandomNumberGenerator.GetBytes(KeyBytes));
        context.Add(
            new SignedInRow
            {
                KeyHash = HashOf(key),
                UserId = userId,
                Ticket = ticket,
                StartedAt = now,
                ExpiresAt = expiresAt,
                EndsAt = endsAt,
            }
        );
        await context.SaveChangesAsync(cancel);
        return key;
    }

    /// <summary>The sign-in of a key that has not ended; null when there is none.</summary>
    public async Task<SignedInRow?> Find(string key, DateTimeOffset now, CancellationToken cancel)
    {
        string hash = HashOf(key);
        return await context
            .SignedIn.AsNoTracking()
            .FirstOrDefaultAsync(row => row.KeyHash == hash && row.ExpiresAt > now && row.EndsAt > now, cancel);
    }

    /// <summary>Moves a sign-in on with its use; nothing where it has ended.</summary>
    public async Task Renew(string key, byte[] ticket, DateTimeOffset expiresAt, CancellationToken cancel)
    {
        string hash = HashOf(key);
        await context
            .SignedIn.Where(row => row.KeyHash == hash)
            .ExecuteUpdateAsync(row => row.SetProperty(one => one.Ticket, ticket).SetProperty(one => one.ExpiresAt, expiresAt), cancel);
    }

    /// <summary>Ends a sign-in.</summary>
    public async Task Remove(string key, CancellationToken cancel)
    {
        string hash = HashOf(key);
        await context.SignedIn.Where(row => row.KeyHash == hash).ExecuteDeleteAsync(cancel);
    }

    private static string HashOf(string key) => Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(key)));
}
