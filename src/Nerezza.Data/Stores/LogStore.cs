using Microsoft.EntityFrameworkCore;
using Nerezza.Data.Rows;
using Npgsql;

namespace Nerezza.Data.Stores;

/// <summary>What came of recording a set.</summary>
public enum Recording
{
    /// <summary>It is new, and saved.</summary>
    New,
    /// <summary>The same set was sent before; nothing changed.</summary>
    Known,
    /// <summary>Another set has that id.</summary>
    Clash,
    /// <summary>The set that this one follows has been corrected or taken back already.</summary>
    Followed,
}

/// <summary>Sets done, of the scope's coach. Facts are added, never changed.</summary>
public sealed class LogStore(NerezzaContext context)
{
    /// <summary>The sets that count: without those superseded or withdrawn; in the order done.</summary>
    public async Task<IReadOnlyList<LoggedSetRow>> Counting(Guid clientId, CancellationToken cancel) =>
        await context.LoggedSets.AsNoTracking()
            .Where(row => row.ClientId == clientId && !row.Withdrawn
                && !context.LoggedSets.Any(later => later.Supersedes == row.Id && later.ClientId == clientId))
            .OrderBy(row => row.Date).ThenBy(row => row.LoggedAt).ThenBy(row => row.Id).ToListAsync(cancel);

    /// <summary>Tells one state of a client's log from another without reading it: how many facts there are and when the newest came.</summary>
    public async Task<(int Count, DateTimeOffset? Newest)> Stamp(Guid clientId, CancellationToken cancel)
    {
        var stamp = await context.LoggedSets.Where(row => row.ClientId == clientId).GroupBy(_ => 1).Select(rows => new { Count = rows.Count(), Newest = (DateTimeOffset?)rows.Max(row => row.LoggedAt) }).FirstOrDefaultAsync(cancel);
        return (stamp?.Count ?? 0, stamp?.Newest);
    }

    /// <summary>How many sets each client has done on a day.</summary>
    public async Task<IReadOnlyDictionary<Guid, int>> SetsOn(DateOnly date, CancellationToken cancel) =>
        await context.LoggedSets
            .Where(row => row.Date == date && !row.Withdrawn && !context.LoggedSets.Any(later => later.Supersedes == row.Id && later.ClientId == row.ClientId))
            .GroupBy(row => row.ClientId).Select(sets => new { sets.Key, Count = sets.Count() }).ToDictionaryAsync(row => row.Key, row => row.Count, cancel);

    public async Task<LoggedSetRow?> Find(Guid clientId, Guid id, CancellationToken cancel) =>
        await context.LoggedSets.AsNoTracking().FirstOrDefaultAsync(row => row.ClientId == clientId && row.Id == id, cancel);

    /// <summary>Adds a set once, however often it is sent.</summary>
    public async Task<Recording> Record(LoggedSetRow set, CancellationToken cancel)
    {
        context.Add(set);
        try
        {
            await context.SaveChangesAsync(cancel);
            return Recording.New;
        }
        catch (DbUpdateException fault) when (fault.InnerException is PostgresException { SqlState: PostgresErrorCodes.UniqueViolation })
        {
            context.ChangeTracker.Clear();
            LoggedSetRow? known = await context.LoggedSets.AsNoTracking().FirstOrDefaultAsync(row => row.Id == set.Id, cancel);
            if (known is null) return Recording.Followed;
            return SameContent(known, set) ? Recording.Known : Recording.Clash;
        }
    }

    private static bool SameContent(LoggedSetRow a, LoggedSetRow b) =>
        (a.ClientId, a.Date, a.Exercise, a.Place, a.Side, a.LoadKg, a.Reps) == (b.ClientId, b.Date, b.Exercise, b.Place, b.Side, b.LoadKg, b.Reps)
        && (a.Rpe, a.Amrap, a.TechniqueHeldTo, a.Pain, a.Note, a.Supersedes, a.Withdrawn) == (b.Rpe, b.Amrap, b.TechniqueHeldTo, b.Pain, b.Note, b.Supersedes, b.Withdrawn);
}
