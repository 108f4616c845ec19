using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Diagnostics;
using Nerezza.Data.Rows;

namespace Nerezza.Data;

/// <summary>Refuses to save a row of another coach than the scope's, and to change a fact that is append-only.</summary>
public sealed class OwnRowsOnly : SaveChangesInterceptor
{
    public override ValueTask<InterceptionResult<int>> SavingChangesAsync(
        DbContextEventData eventData,
        InterceptionResult<int> result,
        CancellationToken cancellationToken = default
    )
    {
        Check((NerezzaContext)eventData.Context!);
        return base.SavingChangesAsync(eventData, result, cancellationToken);
    }

    public override InterceptionResult<int> SavingChanges(DbContextEventData eventData, InterceptionResult<int> result)
    {
        Check((NerezzaContext)eventData.Context!);
        return base.SavingChanges(eventData, result);
    }

    private static void Check(NerezzaContext context)
    {
        foreach (
            var entry in context
                .ChangeTracker.Entries<ICoachRow>()
                .Where(entry => entry.State is not (EntityState.Unchanged or EntityState.Detached))
        )
        {
            if (entry.Entity.CoachId != context.CoachId)
                throw new InvalidOperationException($"A {entry.Metadata.ClrType.Name} of another coach was about to be saved.");
            if (entry.Entity is LoggedSetRow or PlanRow && entry.State is not EntityState.Added)
                throw new InvalidOperationException(
                    $"A {entry.Metadata.ClrType.Name} is a fact: it is followed by another, never changed."
                );
        }
    }
}
