using Microsoft.EntityFrameworkCore;
using Nerezza.Data.Rows;
using Nerezza.Formats.Cases;
using Npgsql;

namespace Nerezza.Data.Stores;

/// <summary>How clients of the scope's coach came in, a row a day.</summary>
public sealed class ReadinessStore(NerezzaContext context, TimeProvider clock)
{
    /// <summary>What was said on a day; null where nobody asked.</summary>
    public Task<ReadinessRow?> On(Guid clientId, DateOnly date, CancellationToken cancel) =>
        context.Readiness.AsNoTracking().SingleOrDefaultAsync(row => row.ClientId == clientId && row.Date == date, cancel);

    /// <summary>Day by day.</summary>
    public async Task<IReadOnlyList<ReadinessRow>> All(Guid clientId, CancellationToken cancel) =>
        await context.Readiness.AsNoTracking().Where(row => row.ClientId == clientId).OrderBy(row => row.Date).ToListAsync(cancel);

    /// <summary>Keeps what is said; it takes the place of what was said on that day before.</summary>
    public async Task Note(NoteOfDay said, CancellationToken cancel)
    {
        try
        {
            await Save(said, cancel);
        }
        catch (DbUpdateException fault) when (fault.InnerException is PostgresException { SqlState: PostgresErrorCodes.UniqueViolation })
        {
            // Two devices said something in the same moment: now there is a row.
            context.ChangeTracker.Clear();
            await Save(said, cancel);
        }
    }

    private async Task Save(NoteOfDay said, CancellationToken cancel)
    {
        ReadinessRow? row = await context.Readiness.SingleOrDefaultAsync(
            one => one.ClientId == said.ClientId && one.Date == said.Date,
            cancel
        );
        if (row is null)
            context.Add(
                row = new ReadinessRow
                {
                    PracticeId = context.PracticeId,
                    ClientId = said.ClientId,
                    Date = said.Date,
                    Answers = said.Answers,
                }
            );
        row.Answers = said.Answers;
        row.Taken = said.Taken;
        row.NotedAt = clock.GetUtcNow();
        await context.SaveChangesAsync(cancel);
    }
}

/// <summary>How a client came in on a day.</summary>
/// <param name="Taken">Whether the session goes by it.</param>
public sealed record NoteOfDay(Guid ClientId, DateOnly Date, ReadinessSection Answers, bool Taken);
