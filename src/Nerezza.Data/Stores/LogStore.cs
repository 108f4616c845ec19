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

/// <summary>A set of a day, as the day shows it.</summary>
public sealed record SetOfDay(Guid ClientId, string Exercise, decimal? LoadKg, int? Reps, decimal? Rpe, DateTimeOffset LoggedAt);

/// <summary>Sets done, of the scope's coach. Facts are added, never changed.</summary>
public sealed class LogStore(NerezzaContext context, PastTraining past, TimeProvider clock)
{
    /// <summary>What a client has done: the last weeks as rows, what is older as folded days.</summary>
    /// <param name="from">The first day whose rows are asked for; null where days are enough.</param>
    public async Task<ClientLog> Of(Guid clientId, CancellationToken cancel, DateOnly? from = null)
    {
        FoldedDays? folded = await past.Of(clientId, Today, (after, stop) => Counting(clientId, after?.AddDays(1), stop), cancel);
        if (folded is null)
            return new ClientLog([], await Counting(clientId, null, cancel));
        DateOnly first = from < folded.Through ? from.Value : folded.Through.AddDays(1);
        return new ClientLog(
            first > folded.Through ? folded.Days : [.. folded.Days.Where(day => day.Date < first)],
            await Counting(clientId, first, cancel)
        );
    }

    /// <summary>Every set that counts: without those superseded or withdrawn; in the order done.</summary>
    public Task<IReadOnlyList<LoggedSetRow>> All(Guid clientId, CancellationToken cancel) => Counting(clientId, null, cancel);

    private async Task<IReadOnlyList<LoggedSetRow>> Counting(Guid clientId, DateOnly? from, CancellationToken cancel) =>
        // A list of what was corrected, and no question for each set: right after a large import or a restore the database knows nothing of
        // its tables yet, and asked each set about all others (79 s for three years of a client, 16 ms now).
        await context
            .LoggedSets.AsNoTracking()
            .Where(row =>
                row.ClientId == clientId
                && (from == null || row.Date >= from)
                && !row.Withdrawn
                && !context
                    .LoggedSets.Where(later => later.ClientId == clientId && later.Supersedes != null)
                    .Select(later => later.Supersedes!.Value)
                    .Contains(row.Id)
            )
            .OrderBy(row => row.Date)
            .ThenBy(row => row.LoggedAt)
            .ThenBy(row => row.Id)
            .ToListAsync(cancel);

    private DateOnly Today => DateOnly.FromDateTime(clock.GetUtcNow().UtcDateTime);

    /// <summary>Tells one state of a client's log from another without reading it: how many facts there are and when the newest
    /// came.</summary>
    public async Task<(int Count, DateTimeOffset? Newest)> Stamp(Guid clientId, CancellationToken cancel)
    {
        var stamp = await context
            .LoggedSets.Where(row => row.ClientId == clientId)
            .GroupBy(_ => 1)
            .Select(rows => new { Count = rows.Count(), Newest = (DateTimeOffset?)rows.Max(row => row.LoggedAt) })
            .SingleOrDefaultAsync(cancel);
        return (stamp?.Count ?? 0, stamp?.Newest);
    }

    /// <summary>What each client has done on a day, the first first.</summary>
    public async Task<ILookup<Guid, SetOfDay>> SetsOn(DateOnly date, CancellationToken cancel) =>
        (
            await context
                .LoggedSets.Where(row =>
                    row.Date == date
                    && !row.Withdrawn
                    && !context.LoggedSets.Any(later => later.Supersedes == row.Id && later.ClientId == row.ClientId)
                )
                .OrderBy(row => row.LoggedAt)
                .ThenBy(row => row.Id)
                .Select(row => new SetOfDay(row.ClientId, row.Exercise, row.LoadKg, row.Reps, row.Rpe, row.LoggedAt))
                .ToListAsync(cancel)
        ).ToLookup(row => row.ClientId);

    public async Task<LoggedSetRow?> Find(Guid clientId, Guid id, CancellationToken cancel) =>
        await context.LoggedSets.AsNoTracking().FirstOrDefaultAsync(row => row.ClientId == clientId && row.Id == id, cancel);

    /// <summary>Adds a set once, however often it is sent.</summary>
    /// <param name="follows">The day of the set that it corrects or takes back; null where it stands alone.</param>
    public async Task<Recording> Record(LoggedSetRow set, DateOnly? follows, CancellationToken cancel)
    {
        bool old = PastTraining.IsOld(set.Date, Today) || (follows is { } day && PastTraining.IsOld(day, Today));
        try
        {
            await (old ? past.Change(set.ClientId, () => Add(set, cancel), cancel) : Add(set, cancel));
            return Recording.New;
        }
        catch (DbUpdateException fault) when (fault.InnerException is PostgresException { SqlState: PostgresErrorCodes.UniqueViolation })
        {
            context.ChangeTracker.Clear();
            LoggedSetRow? known = await context.LoggedSets.AsNoTracking().FirstOrDefaultAsync(row => row.Id == set.Id, cancel);
            if (known is null)
                return Recording.Followed;
            return SameContent(known, set) ? Recording.Known : Recording.Clash;
        }
    }

    private Task Add(LoggedSetRow set, CancellationToken cancel)
    {
        context.Add(set);
        return context.SaveChangesAsync(cancel);
    }

    private static bool SameContent(LoggedSetRow a, LoggedSetRow b) =>
        (a.ClientId, a.Date, a.Exercise, a.Place, a.Side, a.Supersedes, a.Withdrawn)
            == (b.ClientId, b.Date, b.Exercise, b.Place, b.Side, b.Supersedes, b.Withdrawn)
        && (a.LoadKg, a.Reps, a.Rpe, a.Amrap, a.SaidAtRep, a.RirSaid, a.TechniqueHeldTo, a.Pain, a.Note)
            == (b.LoadKg, b.Reps, b.Rpe, b.Amrap, b.SaidAtRep, b.RirSaid, b.TechniqueHeldTo, b.Pain, b.Note)
        && (a.Seconds, a.Metres, a.HeightCm, a.CleanReps, a.Word, a.Band, a.PainAt)
            == (b.Seconds, b.Metres, b.HeightCm, b.CleanReps, b.Word, b.Band, b.PainAt)
        && (a.Implements ?? []).SequenceEqual(b.Implements ?? []);
}
