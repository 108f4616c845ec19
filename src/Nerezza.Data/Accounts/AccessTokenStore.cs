using Microsoft.EntityFrameworkCore;
using Nerezza.Data.Access;

namespace Nerezza.Data.Accounts;

/// <summary>The tokens of scripts. A row that is gone lets nobody in, whoever still holds the token.</summary>
public sealed class AccessTokenStore(NerezzaContext context, TimeProvider clock)
{
    /// <summary>What each token begins with, so that one that was left lying about is known for what it is.</summary>
    public const string Prefix = "nerezza_";

    /// <summary>As many as one person keeps (assumption).</summary>
    public const int Most = 20;
    private static readonly TimeSpan Noted = TimeSpan.FromHours(1);

    /// <summary>Keeps a new one; clears away what has ended.</summary>
    /// <returns>The token, to be shown now and never again; null where the person has too many.</returns>
    public async Task<string?> Add(
        Guid userId,
        Guid practiceId,
        string name,
        TokenScope scope,
        DateTimeOffset expiresAt,
        CancellationToken cancel
    )
    {
        DateTimeOffset now = clock.GetUtcNow();
        await context.AccessTokens.Where(row => row.ExpiresAt < now).ExecuteDeleteAsync(cancel);
        if (await context.AccessTokens.CountAsync(row => row.UserId == userId, cancel) >= Most)
            return null;
        string token = Prefix + Secret.New();
        context.Add(
            new AccessTokenRow
            {
                TokenHash = Secret.HashOf(token),
                Id = Guid.CreateVersion7(),
                UserId = userId,
                PracticeId = practiceId,
                Name = name,
                Scope = scope,
                MadeAt = now,
                ExpiresAt = expiresAt,
            }
        );
        await context.SaveChangesAsync(cancel);
        return token;
    }

    /// <summary>What a token stands for; null where it is none, or has ended.</summary>
    public async Task<AccessTokenRow?> Find(string token, CancellationToken cancel)
    {
        string hash = Secret.HashOf(token);
        DateTimeOffset now = clock.GetUtcNow();
        AccessTokenRow? found = await context
            .AccessTokens.AsNoTracking()
            .FirstOrDefaultAsync(row => row.TokenHash == hash && row.ExpiresAt > now, cancel);
        if (found is not null && (found.UsedAt is not { } used || now - used > Noted))
            await context
                .AccessTokens.Where(row => row.TokenHash == hash)
                .ExecuteUpdateAsync(row => row.SetProperty(one => one.UsedAt, now), cancel);
        return found;
    }

    /// <summary>A person's own that have not ended, the newest first.</summary>
    public async Task<IReadOnlyList<AccessTokenRow>> Of(Guid userId, CancellationToken cancel)
    {
        DateTimeOffset now = clock.GetUtcNow();
        return await context
            .AccessTokens.AsNoTracking()
            .Where(row => row.UserId == userId && row.ExpiresAt > now)
            .OrderByDescending(row => row.MadeAt)
            .ThenBy(row => row.Id)
            .ToListAsync(cancel);
    }

    /// <summary>Ends one of a person's own; false where it is not theirs.</summary>
    public async Task<bool> End(Guid userId, Guid id, CancellationToken cancel) =>
        await context.AccessTokens.Where(row => row.UserId == userId && row.Id == id).ExecuteDeleteAsync(cancel) > 0;

    /// <summary>Ends all of a person's: a password that was changed may have been known to somebody.</summary>
    public async Task EndAll(Guid userId, CancellationToken cancel) =>
        await context.AccessTokens.Where(row => row.UserId == userId).ExecuteDeleteAsync(cancel);
}
