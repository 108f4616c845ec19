using Microsoft.EntityFrameworkCore;

namespace Nerezza.Data.Unscoped;

/// <summary>Reads memberships before any coach is known. The only reads without the coach filter live in this folder.</summary>
public sealed class Memberships(NerezzaContext context)
{
    /// <summary>The coach that a user works for; the first by id where there are several; null when none.</summary>
    public async Task<Guid?> CoachOf(Guid userId, CancellationToken cancel)
    {
        Guid coach = await context
            .Memberships.IgnoreQueryFilters()
            .AsNoTracking()
            .Where(row => row.UserId == userId)
            .OrderBy(row => row.CoachId)
            .Select(row => row.CoachId)
            .FirstOrDefaultAsync(cancel);
        return coach == Guid.Empty ? null : coach;
    }
}
