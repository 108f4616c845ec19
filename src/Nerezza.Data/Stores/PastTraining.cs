using System.Data;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Caching.Memory;
using Nerezza.Core.Clients;
using Nerezza.Data.Rows;
using Nerezza.Formats.Cases;
using Npgsql;

namespace Nerezza.Data.Stores;

/// <summary>Folds what was logged long ago into one row a client, so that a page costs what the last weeks cost, however long somebody
/// trains.</summary>
/// <remarks>The sets stay the facts; the row follows from them and can be thrown away at any time. What changes an old day takes the row
/// with it, in one
/// serializable transaction, so that a row which is made at the same moment cannot miss it. Decoded days are kept in memory under the row's
/// version.</remarks>
public sealed class PastTraining(NerezzaContext context, AccessScope scope, IMemoryCache memory)
{
    // What is younger than eight weeks is never folded; a fold is made anew when it is four weeks behind that (assumptions).
    private const int LeastAgeDays = 56,
        RefoldAfterDays = 28,
        CacheWeight = 5,
        MostTries = 25,
        LongestPauseMs = 40;
    private static readonly TimeSpan Kept = TimeSpan.FromMinutes(15);

    /// <summary>The folded days of a client, and the last day that they cover; null while nothing is old enough.</summary>
    public async Task<FoldedDays?> Of(
        Guid clientId,
        DateOnly today,
        Func<DateOnly?, CancellationToken, Task<IReadOnlyList<LoggedSetRow>>> rowsAfter,
        CancellationToken cancel
    )
    {
        var kept = await context
            .PastTraining.Where(row => row.ClientId == clientId)
            .Select(row => new { row.Through, row.Version })
            .FirstOrDefaultAsync(cancel);
        DateOnly due = Due(today);
        if (kept is not null && kept.Through >= due.AddDays(-RefoldAfterDays))
            return new FoldedDays(kept.Through, await Decoded(clientId, kept.Version, cancel));
        await Fold(clientId, due, rowsAfter, cancel);
        var made = await context
            .PastTraining.Where(row => row.ClientId == clientId)
            .Select(row => new { row.Through, row.Version })
            .FirstOrDefaultAsync(cancel);
        return made is null ? null : new FoldedDays(made.Through, await Decoded(clientId, made.Version, cancel));
    }

    /// <summary>Whether a day may be folded by now.</summary>
    public static bool IsOld(DateOnly date, DateOnly today) => date <= Due(today).AddDays(RefoldAfterDays);

    /// <summary>Changes old days in one transaction that throws the fold away; the next reading makes it anew.</summary>
    /// <param name="change">Run again where somebody folded at the same moment; until then nothing of it is tracked.</param>
    public async Task Change(Guid clientId, Func<Task> change, CancellationToken cancel)
    {
        for (int tries = 1; ; tries++)
        {
            try
            {
                await using var transaction = await context.Database.BeginTransactionAsync(IsolationLevel.Serializable, cancel);
                await context.PastTraining.Where(row => row.ClientId == clientId).ExecuteDeleteAsync(cancel);
                await change();
                await transaction.CommitAsync(cancel);
                return;
            }
            catch (Exception fault) when (tries < MostTries && IsRace(fault))
            {
                context.ChangeTracker.Clear();
                // Of many at once one gets through each time; the others do not come back all together.
                await Task.Delay(Random.Shared.Next(LongestPauseMs), cancel);
            }
        }
    }

    private static DateOnly Due(DateOnly today) => today.AddDays(-LeastAgeDays);

    private async Task<IReadOnlyList<LogDay>> Decoded(Guid clientId, uint version, CancellationToken cancel)
    {
        (Guid, Guid, uint) key = (scope.PracticeId, clientId, version);
        if (memory.TryGetValue(key, out IReadOnlyList<LogDay>? days))
            return days!;
        IReadOnlyList<LogSection> sections =
            await context.PastTraining.Where(row => row.ClientId == clientId).Select(row => row.Days).FirstOrDefaultAsync(cancel) ?? [];
        return memory.Set<IReadOnlyList<LogDay>>(
            key,
            [.. sections.Select(CaseMapping.ToLogDay)],
            new MemoryCacheEntryOptions { SlidingExpiration = Kept, Size = CacheWeight }
        );
    }

    private async Task Fold(
        Guid clientId,
        DateOnly through,
        Func<DateOnly?, CancellationToken, Task<IReadOnlyList<LoggedSetRow>>> rowsAfter,
        CancellationToken cancel
    )
    {
        try
        {
            await using var transaction = await context.Database.BeginTransactionAsync(IsolationLevel.Serializable, cancel);
            PastTrainingRow? before = await context.PastTraining.FirstOrDefaultAsync(row => row.ClientId == clientId, cancel);
            List<LogSection> days = [.. ClientLog.Sections((await rowsAfter(before?.Through, cancel)).Where(set => set.Date <= through))];
            if (before is null && days.Count == 0)
                return;
            if (before is null)
                context.Add(
                    new PastTrainingRow
                    {
                        PracticeId = scope.PracticeId,
                        ClientId = clientId,
                        Through = through,
                        Days = days,
                    }
                );
            else
                (before.Through, before.Days) = (through, [.. before.Days, .. days]);
            await context.SaveChangesAsync(cancel);
            await transaction.CommitAsync(cancel);
        }
        catch (Exception fault) when (IsRace(fault) || IsTwice(fault))
        {
            // Another page made it, or somebody changed an old day: the next reading sees to it.
            context.ChangeTracker.Clear();
        }
    }

    /// <summary>Whether two transactions met; the one that lost can be tried again.</summary>
    private static bool IsRace(Exception? fault) =>
        fault switch
        {
            null => false,
            DbUpdateConcurrencyException => true,
            PostgresException { SqlState: PostgresErrorCodes.SerializationFailure or PostgresErrorCodes.DeadlockDetected } => true,
            _ => IsRace(fault.InnerException),
        };

    /// <summary>Whether the row is there already.</summary>
    private static bool IsTwice(Exception fault) =>
        fault is DbUpdateException { InnerException: PostgresException { SqlState: PostgresErrorCodes.UniqueViolation } };
}

/// <summary>Days that were folded.</summary>
/// <param name="Through">The last day covered, whether somebody trained on it or not.</param>
public sealed record FoldedDays(DateOnly Through, IReadOnlyList<LogDay> Days);
