using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.ChangeTracking;
using Microsoft.EntityFrameworkCore.Diagnostics;
using Nerezza.Data.Access;
using Nerezza.Data.Rows;

namespace Nerezza.Data;

/// <summary>Refuses to save a row of another practice than the scope's, or of a client who is not theirs to change, and to change a
/// fact that is append-only.</summary>
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
                .ChangeTracker.Entries<IPracticeRow>()
                .Where(entry => entry.State is not (EntityState.Unchanged or EntityState.Detached))
        )
        {
            if (entry.Entity.PracticeId != context.PracticeId)
                throw new InvalidOperationException($"A {entry.Metadata.ClrType.Name} of another practice was about to be saved.");
            if (ClientOf(entry.Entity) is { } client && context.Access.AccessTo(client) < ClientAccess.Own)
                throw new InvalidOperationException($"A {entry.Metadata.ClrType.Name} of a client who is only read was about to be saved.");
            if (entry.Entity is LoggedSetRow or PlanRow or ChangeRow && entry.State is not EntityState.Added && !IsTakenBack(entry))
                throw new InvalidOperationException(
                    $"A {entry.Metadata.ClrType.Name} is a fact: it is followed by another, never changed."
                );
        }
    }

    /// <summary>A plan is taken back, and nothing else of it changes.</summary>
    private static bool IsTakenBack(EntityEntry entry) =>
        entry is { Entity: PlanRow, State: EntityState.Modified }
        && entry.Properties.Where(property => property.IsModified).All(property => property.Metadata.Name is nameof(PlanRow.TakenBackAt));

    /// <summary>Whose client must be theirs to change; folded training follows from the sets, and is made by whoever reads.</summary>
    private static Guid? ClientOf(IPracticeRow row) =>
        row switch
        {
            PastTrainingRow => null,
            IClientRow of => of.ClientId,
            ClientRow client => client.Id,
            _ => null,
        };
}
