using Microsoft.EntityFrameworkCore;
using Nerezza.Data.Rows;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Plans;
using Npgsql;

namespace Nerezza.Data.Stores;

/// <summary>A version of a plan, without its document.</summary>
public sealed record PlanVersion(int Number, DateTimeOffset MadeAt, CaseDocument Inputs, IReadOnlyList<EditSection> Edits);

/// <summary>Plans of the scope's coach; the newest is the one in force.</summary>
public sealed class PlanStore(NerezzaContext context)
{
    public async Task<PlanRow?> Newest(Guid clientId, CancellationToken cancel) =>
        await context
            .Plans.AsNoTracking()
            .Where(row => row.ClientId == clientId)
            .OrderByDescending(row => row.Number)
            .FirstOrDefaultAsync(cancel);

    /// <summary>One version of a client's plan.</summary>
    public async Task<PlanRow?> Version(Guid clientId, int number, CancellationToken cancel) =>
        await context.Plans.AsNoTracking().FirstOrDefaultAsync(row => row.ClientId == clientId && row.Number == number, cancel);

    /// <summary>The id of one version, without reading it; null when it is not there.</summary>
    public async Task<Guid?> IdOf(Guid clientId, int number, CancellationToken cancel) =>
        await context
            .Plans.Where(row => row.ClientId == clientId && row.Number == number)
            .Select(row => (Guid?)row.Id)
            .FirstOrDefaultAsync(cancel);

    /// <summary>The newest versions, without their documents.</summary>
    public async Task<IReadOnlyList<PlanVersion>> Versions(Guid clientId, int most, CancellationToken cancel) =>
        await context
            .Plans.AsNoTracking()
            .Where(row => row.ClientId == clientId)
            .OrderByDescending(row => row.Number)
            .Take(most)
            .Select(row => new PlanVersion(row.Number, row.MadeAt, row.Inputs, row.Edits))
            .ToListAsync(cancel);

    /// <summary>The newest plan of each client that is not put away.</summary>
    public async Task<IReadOnlyDictionary<Guid, PlanRow>> NewestOfAll(CancellationToken cancel) =>
        (
            await context
                .Plans.AsNoTracking()
                .Where(row =>
                    context.Clients.Any(client => client.Id == row.ClientId && client.ArchivedAt == null)
                    && row.Number == context.Plans.Where(other => other.ClientId == row.ClientId).Max(other => other.Number)
                )
                .ToListAsync(cancel)
        ).ToDictionary(row => row.ClientId);

    public async Task<int> NextNumber(Guid clientId, CancellationToken cancel) =>
        (await context.Plans.Where(row => row.ClientId == clientId).MaxAsync(row => (int?)row.Number, cancel) ?? 0) + 1;

    /// <summary>Adds a plan; false when another took its number in between.</summary>
    public async Task<bool> Add(PlanRow plan, CancellationToken cancel)
    {
        context.Add(plan);
        try
        {
            await context.SaveChangesAsync(cancel);
            return true;
        }
        catch (DbUpdateException fault) when (fault.InnerException is PostgresException { SqlState: PostgresErrorCodes.UniqueViolation })
        {
            context.ChangeTracker.Clear();
            return false;
        }
    }
}
