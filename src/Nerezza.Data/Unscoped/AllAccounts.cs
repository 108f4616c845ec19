using Microsoft.EntityFrameworkCore;
using Nerezza.Data.Access;
using Nerezza.Data.Rows;

namespace Nerezza.Data.Unscoped;

/// <summary>An account as the command line lists it.</summary>
/// <param name="Places">The practices with what the person is there.</param>
public sealed record AccountLine(string Email, IReadOnlyList<string> Places, bool TwoFactor, DateTimeOffset? LockedUntil);

/// <summary>Every account of the machine, for whoever sits at it.</summary>
public sealed class AllAccounts(NerezzaContext context, AccessScope scope, TimeProvider clock)
{
    /// <summary>By address.</summary>
    public async Task<IReadOnlyList<AccountLine>> All(CancellationToken cancel)
    {
        ILookup<Guid, string> places = (
            await (
                from row in context.Memberships.IgnoreQueryFilters()
                join practice in context.Practices.IgnoreQueryFilters() on row.PracticeId equals practice.PracticeId
                orderby practice.Name
                select new
                {
                    row.UserId,
                    row.Role,
                    practice.Name,
                }
            ).ToListAsync(cancel)
        ).ToLookup(row => row.UserId, row => $"{row.Name} ({row.Role.ToString().ToLowerInvariant()})");
        return
        [
            .. (await context.Users.AsNoTracking().OrderBy(user => user.Email).ToListAsync(cancel)).Select(user => new AccountLine(
                user.Email ?? "",
                [.. places[user.Id]],
                user.TwoFactorEnabled,
                user.LockoutEnd
            )),
        ];
    }

    /// <summary>The one practice that is no demo; null where there is none or more than one.</summary>
    public async Task<Guid?> OwnPractice(CancellationToken cancel)
    {
        List<Guid> own = await context
            .Practices.IgnoreQueryFilters()
            .Where(row => !row.IsDemo)
            .OrderBy(row => row.PracticeId)
            .Select(row => row.PracticeId)
            .Take(2)
            .ToListAsync(cancel);
        return own.Count == 1 ? own[0] : null;
    }

    /// <summary>Takes somebody into a practice.</summary>
    public async Task Join(Guid practiceId, Guid userId, string name, PracticeRole role, CancellationToken cancel)
    {
        scope.Enter(practiceId);
        context.Add(
            new MembershipRow
            {
                PracticeId = practiceId,
                UserId = userId,
                Role = role,
                Name = name,
                Since = clock.GetUtcNow(),
            }
        );
        await context.SaveChangesAsync(cancel);
    }

    /// <summary>The practices that a person is in, open or put aside.</summary>
    public async Task<IReadOnlyList<Guid>> PracticesOf(Guid userId, CancellationToken cancel) =>
        await context
            .Memberships.IgnoreQueryFilters()
            .Where(row => row.UserId == userId)
            .OrderBy(row => row.PracticeId)
            .Select(row => row.PracticeId)
            .ToListAsync(cancel);
}
