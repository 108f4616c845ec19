using Microsoft.EntityFrameworkCore;
using Nerezza.Data.Rows;

namespace Nerezza.Data.Stores;

/// <summary>Screens of the scope's coach, one for each client and day.</summary>
public sealed class ScreenStore(NerezzaContext context)
{
    /// <summary>All screens of a client, newest first.</summary>
    public async Task<IReadOnlyList<ScreenRow>> All(Guid clientId, CancellationToken cancel) =>
        await context.Screens.AsNoTracking().Where(row => row.ClientId == clientId).OrderByDescending(row => row.Date).ToListAsync(cancel);

    /// <summary>Keeps the screen of a day: a new one, or that day's as it was last seen.</summary>
    /// <param name="version">The version that was changed; null when there was none yet.</param>
    /// <returns>False when someone else kept one in between; nothing is saved then.</returns>
    public async Task<bool> Keep(ScreenRow screen, uint? version, CancellationToken cancel)
    {
        ScreenRow? kept = await context.Screens.FirstOrDefaultAsync(
            row => row.ClientId == screen.ClientId && row.Date == screen.Date,
            cancel
        );
        if (kept is null != version is null)
            return false;
        if (kept is null)
            context.Add(screen);
        else
        {
            (kept.Screen, kept.Faults) = (screen.Screen, screen.Faults);
            context.Entry(kept).Property(row => row.Version).OriginalValue = version!.Value;
        }
        return await context.TrySave(cancel) is Saved.Done;
    }

    /// <summary>Removes the screen of a day as it was last seen.</summary>
    public async Task<Removal> Remove(Guid clientId, DateOnly date, uint version, CancellationToken cancel)
    {
        ScreenRow? kept = await context.Screens.SingleOrDefaultAsync(row => row.ClientId == clientId && row.Date == date, cancel);
        if (kept is null)
            return Removal.NotThere;
        context.Remove(kept);
        context.Entry(kept).Property(row => row.Version).OriginalValue = version;
        if (await context.TrySave(cancel) is Saved.Done)
            return Removal.Done;
        return await context.Screens.AnyAsync(row => row.ClientId == clientId && row.Date == date, cancel)
            ? Removal.ChangedMeanwhile
            : Removal.NotThere;
    }
}

/// <summary>What came of removing a row.</summary>
public enum Removal
{
    Done,
    NotThere,

    /// <summary>Someone else changed it since it was seen; it stays.</summary>
    ChangedMeanwhile,
}
