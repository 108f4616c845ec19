using Microsoft.EntityFrameworkCore;
using Nerezza.Data.Rows;
using Nerezza.Formats.Plans;

namespace Nerezza.Data.Stores;

/// <summary>The templates of the scope's practice.</summary>
public sealed class TemplateStore(NerezzaContext context, AccessScope scope, TimeProvider clock)
{
    /// <summary>As many as a practice keeps (assumption).</summary>
    public const int Most = 200;

    /// <summary>The newest first.</summary>
    public async Task<IReadOnlyList<TemplateRow>> All(CancellationToken cancel) =>
        await context.Templates.AsNoTracking().OrderByDescending(row => row.MadeAt).ThenBy(row => row.Id).ToListAsync(cancel);

    public Task<TemplateRow?> Find(Guid id, CancellationToken cancel) =>
        context.Templates.AsNoTracking().FirstOrDefaultAsync(row => row.Id == id, cancel);

    /// <summary>Keeps one.</summary>
    /// <returns>Its id; null where the practice has too many.</returns>
    public async Task<Guid?> Add(TemplateDocument document, CancellationToken cancel)
    {
        if (await context.Templates.CountAsync(cancel) >= Most)
            return null;
        var row = new TemplateRow
        {
            PracticeId = context.PracticeId,
            Id = Guid.CreateVersion7(),
            Document = document,
            MadeAt = clock.GetUtcNow(),
            By = scope.Standing?.By ?? "",
        };
        context.Add(row);
        await context.SaveChangesAsync(cancel);
        return row.Id;
    }

    /// <summary>Throws one away; false where there is none.</summary>
    public async Task<bool> Remove(Guid id, CancellationToken cancel) =>
        await context.Templates.Where(row => row.Id == id).ExecuteDeleteAsync(cancel) > 0;
}
