using Microsoft.EntityFrameworkCore;

namespace Nerezza.Data.Unscoped;

/// <summary>Finds some client to warm up with; what is read of them goes nowhere.</summary>
public sealed class AnyClient(NerezzaContext context)
{
    /// <summary>The coach and the id of a client with a plan; null where there is none.</summary>
    public async Task<(Guid Coach, Guid Client)?> WithPlan(CancellationToken cancel)
    {
        var found = await context
            .Plans.IgnoreQueryFilters()
            .OrderBy(row => row.PracticeId)
            .ThenBy(row => row.Id)
            .Select(row => new { row.PracticeId, row.ClientId })
            .FirstOrDefaultAsync(cancel);
        return found is null ? null : (found.PracticeId, found.ClientId);
    }
}
