using Microsoft.EntityFrameworkCore;

namespace Nerezza.Data.Machine;

/// <summary>How the backups of the machine ended.</summary>
public sealed class BackupStore(NerezzaContext context)
{
    /// <summary>The last one, whether it worked or not; null where none was ever taken.</summary>
    public Task<BackupRow?> Last(CancellationToken cancel) =>
        context.Backups.AsNoTracking().OrderByDescending(row => row.At).FirstOrDefaultAsync(cancel);

    /// <summary>The last one that worked; null where none did.</summary>
    public Task<BackupRow?> LastGood(CancellationToken cancel) =>
        context.Backups.AsNoTracking().Where(row => row.Fault == null).OrderByDescending(row => row.At).FirstOrDefaultAsync(cancel);
}
