using Microsoft.EntityFrameworkCore;

namespace Nerezza.Data.Unscoped;

/// <summary>A practice as the command line lists it.</summary>
public sealed record PracticeLine(Guid PracticeId, string Name, bool IsDemo, int Clients);

/// <summary>Every practice of the machine, for whoever sits at it.</summary>
public sealed class AllPractices(NerezzaContext context)
{
    /// <summary>By name.</summary>
    public async Task<IReadOnlyList<PracticeLine>> All(CancellationToken cancel) =>
        await context
            .Practices.IgnoreQueryFilters()
            .OrderBy(row => row.Name)
            .ThenBy(row => row.PracticeId)
            .Select(row => new PracticeLine(
                row.PracticeId,
                row.Name,
                row.IsDemo,
                context.Clients.IgnoreQueryFilters().Count(client => client.PracticeId == row.PracticeId)
            ))
            .ToListAsync(cancel);
}
