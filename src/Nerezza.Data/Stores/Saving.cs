using Microsoft.EntityFrameworkCore;
using Npgsql;

namespace Nerezza.Data.Stores;

/// <summary>What came of saving.</summary>
internal enum Saved
{
    /// <summary>Everything was saved.</summary>
    Done,

    /// <summary>Somebody else changed or took away a row since it was seen; nothing was saved.</summary>
    LostRace,

    /// <summary>Another row has that key or name; nothing was saved.</summary>
    Taken,
}

/// <summary>Saves where somebody else may be faster: that is an outcome, not a fault.</summary>
internal static class Saving
{
    public static async Task<Saved> TrySave(this NerezzaContext context, CancellationToken cancel)
    {
        try
        {
            await context.SaveChangesAsync(cancel);
            return Saved.Done;
        }
        catch (DbUpdateConcurrencyException)
        {
            context.ChangeTracker.Clear();
            return Saved.LostRace;
        }
        catch (DbUpdateException fault) when (fault.InnerException is PostgresException { SqlState: PostgresErrorCodes.UniqueViolation })
        {
            context.ChangeTracker.Clear();
            return Saved.Taken;
        }
    }
}
