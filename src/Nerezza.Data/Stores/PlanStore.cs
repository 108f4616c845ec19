using Microsoft.EntityFrameworkCore;
using Nerezza.Data.Rows;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Plans;
using Npgsql;

namespace Nerezza.Data.Stores;

/// <summary>A version of a plan, without its document.</summary>
public sealed record PlanVersion(int Number, DateTimeOffset MadeAt, CaseDocument Inputs, IReadOnlyList<EditSection> Edits);

/// <summary>Plans of the scope's coach. A plan stands until a later one covers its first day; of those that stand, the one in force on a
/// day is the last that has begun.</summary>
public sealed class PlanStore(NerezzaContext context)
{
    /// <summary>The plan in force on a day: the last that has begun, else the first to come; null without one.</summary>
    public async Task<PlanRow?> On(Guid clientId, DateOnly date, CancellationToken cancel) =>
        await Standing()
            .Where(row => row.ClientId == clientId)
            .OrderByDescending(row => row.Starts <= date)
            .ThenByDescending(row => row.Starts <= date ? row.Starts : (DateOnly?)null)
            .ThenBy(row => row.Starts)
            .FirstOrDefaultAsync(cancel);

    /// <summary>The plan in force on a day and those that follow it.</summary>
    public async Task<PlanCourse> From(Guid clientId, DateOnly date, CancellationToken cancel) =>
        new(await Ahead(Standing().Where(row => row.ClientId == clientId), date).ToListAsync(cancel));

    /// <summary>The same of each client that is not put away.</summary>
    public async Task<IReadOnlyDictionary<Guid, PlanCourse>> FromOfAll(DateOnly date, CancellationToken cancel) =>
        (
            await Ahead(
                    Standing().Where(row => context.Clients.Any(client => client.Id == row.ClientId && client.ArchivedAt == null)),
                    date
                )
                .ToListAsync(cancel)
        )
            .GroupBy(row => row.ClientId)
            .ToDictionary(rows => rows.Key, rows => new PlanCourse(rows));

    /// <summary>Every plan that stands, first to last, without its document.</summary>
    public async Task<IReadOnlyList<StandingPlan>> AllStanding(Guid clientId, CancellationToken cancel) =>
        await Standing()
            .Where(row => row.ClientId == clientId)
            .OrderBy(row => row.Starts)
            .Select(row => new StandingPlan(row.Number, row.Starts, row.Ends))
            .ToListAsync(cancel);

    private IQueryable<PlanRow> Standing() =>
        context
            .Plans.AsNoTracking()
            .Where(row =>
                !context.Plans.Any(later =>
                    later.ClientId == row.ClientId && later.Number > row.Number && later.Starts <= row.Starts && row.Starts <= later.Ends
                )
            );

    /// <summary>What has not been followed yet on a day: plans with none that stands begun after them by then.</summary>
    private IQueryable<PlanRow> Ahead(IQueryable<PlanRow> plans, DateOnly date)
    {
        IQueryable<PlanRow> standing = Standing();
        return plans.Where(row =>
            !standing.Any(other => other.ClientId == row.ClientId && other.Starts > row.Starts && other.Starts <= date)
        );
    }

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
