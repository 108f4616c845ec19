using Microsoft.EntityFrameworkCore;
using Nerezza.Data.Rows;
using Nerezza.Formats.Exercises;
using Npgsql;

namespace Nerezza.Data.Stores;

/// <summary>The exercises that the scope's coach wrote.</summary>
public sealed class OwnExerciseStore(NerezzaContext context, AccessScope scope)
{
    /// <summary>So many a practice keeps at most: every page reads them (assumption).</summary>
    public const int Most = 500;

    public async Task<IReadOnlyList<OwnExerciseRow>> All(CancellationToken cancel) =>
        await context.OwnExercises.AsNoTracking().OrderBy(row => row.Exercise).ToListAsync(cancel);

    /// <summary>Keeps one exercise: a new one, or one as it was last seen.</summary>
    /// <param name="version">The version that was changed; null when it is new.</param>
    /// <returns>False when someone else kept one in between; nothing is saved then.</returns>
    public async Task<bool> Keep(ExerciseDocument document, uint? version, CancellationToken cancel)
    {
        OwnExerciseRow? kept = await context.OwnExercises.FirstOrDefaultAsync(row => row.Exercise == document.Id, cancel);
        if (kept is null != version is null)
            return false;
        if (kept is null)
            context.Add(New(document));
        else
        {
            kept.Document = document;
            context.Entry(kept).Property(row => row.Version).OriginalValue = version!.Value;
        }
        return await Save(cancel);
    }

    /// <summary>Keeps a list whose effect the coach has seen: one of the same id is replaced.</summary>
    /// <returns>False when someone else changed one of them at the same time; nothing is saved then.</returns>
    public async Task<bool> Import(IReadOnlyList<ExerciseDocument> documents, CancellationToken cancel)
    {
        List<string> ids = [.. documents.Select(document => document.Id)];
        Dictionary<string, OwnExerciseRow> kept = await context
            .OwnExercises.Where(row => ids.Contains(row.Exercise))
            .ToDictionaryAsync(row => row.Exercise, cancel);
        foreach (ExerciseDocument document in documents)
        {
            if (kept.TryGetValue(document.Id, out OwnExerciseRow? there))
                there.Document = document;
            else
                context.Add(New(document));
        }
        return await Save(cancel);
    }

    private OwnExerciseRow New(ExerciseDocument document) =>
        new()
        {
            PracticeId = scope.PracticeId,
            Exercise = document.Id,
            Document = document,
        };

    private async Task<bool> Save(CancellationToken cancel)
    {
        try
        {
            await context.SaveChangesAsync(cancel);
            return true;
        }
        catch (DbUpdateException fault)
            when (fault is DbUpdateConcurrencyException
                || fault.InnerException is PostgresException { SqlState: PostgresErrorCodes.UniqueViolation }
            )
        {
            context.ChangeTracker.Clear();
            return false;
        }
    }
}
