using Microsoft.EntityFrameworkCore;
using Nerezza.Data.Access;
using Nerezza.Data.Rows;

namespace Nerezza.Data.Stores;

/// <summary>Somebody of the practice.</summary>
/// <param name="Clients">How many clients they are the home coach of.</param>
public sealed record Person(Guid UserId, string Name, string Email, PracticeRole Role, Guid? ClientId, DateTimeOffset Since, int Clients);

/// <summary>The scope's practice and who is in it.</summary>
public sealed class PeopleStore(NerezzaContext context)
{
    public Task<PracticeRow> Practice(CancellationToken cancel) => context.Practices.SingleAsync(cancel);

    /// <summary>Everybody, by name.</summary>
    public async Task<IReadOnlyList<Person>> All(CancellationToken cancel) =>
        await (
            from row in context.Memberships
            join user in context.Users on row.UserId equals user.Id
            orderby row.Name, row.UserId
            select new Person(
                row.UserId,
                row.Name,
                user.Email!,
                row.Role,
                row.ClientId,
                row.Since,
                context.Clients.Count(client => client.HomeCoach == row.UserId && client.ArchivedAt == null)
            )
        ).ToListAsync(cancel);

    /// <summary>The owners and coaches by name, without addresses.</summary>
    public async Task<IReadOnlyList<(Guid UserId, string Name)>> Colleagues(CancellationToken cancel) =>
        (
            await context
                .Memberships.Where(row => row.Role != PracticeRole.Lifter)
                .OrderBy(row => row.Name)
                .ThenBy(row => row.UserId)
                .Select(row => new { row.UserId, row.Name })
                .ToListAsync(cancel)
        ).ConvertAll(row => (row.UserId, row.Name));

    public Task<MembershipRow?> Find(Guid userId, CancellationToken cancel) =>
        context.Memberships.SingleOrDefaultAsync(row => row.UserId == userId, cancel);

    /// <summary>The lifter that a client is; null where nobody was let in.</summary>
    public Task<MembershipRow?> LifterOf(Guid clientId, CancellationToken cancel) =>
        context.Memberships.SingleOrDefaultAsync(row => row.ClientId == clientId, cancel);

    /// <summary>Makes somebody an owner or a coach.</summary>
    /// <returns>False where they are the last owner: somebody must be.</returns>
    public async Task<bool> Become(MembershipRow person, PracticeRole role, CancellationToken cancel)
    {
        if (role is not PracticeRole.Owner && await IsLastOwner(person.UserId, cancel))
            return false;
        person.Role = role;
        await context.SaveChangesAsync(cancel);
        return true;
    }

    /// <summary>Takes somebody out of the practice, at once; their clients go to the owners.</summary>
    /// <returns>False where they are the last owner.</returns>
    public async Task<bool> Remove(MembershipRow person, CancellationToken cancel)
    {
        if (await IsLastOwner(person.UserId, cancel))
            return false;
        foreach (ClientRow client in await context.Clients.Where(row => row.HomeCoach == person.UserId).ToListAsync(cancel))
            client.HomeCoach = null;
        context.RemoveRange(await context.Shares.Where(row => row.UserId == person.UserId).ToListAsync(cancel));
        context.Remove(person);
        await context.SaveChangesAsync(cancel);
        return true;
    }

    /// <summary>Whether the practice would be left without an owner.</summary>
    public async Task<bool> IsLastOwner(Guid userId, CancellationToken cancel)
    {
        List<Guid> owners = await context
            .Memberships.Where(row => row.Role == PracticeRole.Owner)
            .OrderBy(row => row.UserId)
            .Select(row => row.UserId)
            .Take(2)
            .ToListAsync(cancel);
        return owners is [var only] && only == userId;
    }

    public Task Save(CancellationToken cancel) => context.SaveChangesAsync(cancel);
}
