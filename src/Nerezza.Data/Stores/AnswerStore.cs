using Microsoft.EntityFrameworkCore;
using Nerezza.Data.Rows;

namespace Nerezza.Data.Stores;

/// <summary>Answers to decisions, of the scope's practice.</summary>
public sealed class AnswerStore(NerezzaContext context)
{
    /// <summary>Of one client, the first first.</summary>
    public async Task<IReadOnlyList<AnswerRow>> Of(Guid clientId, CancellationToken cancel) =>
        await context.Answers.AsNoTracking().Where(row => row.ClientId == clientId).OrderBy(row => row.At).ToListAsync(cancel);

    /// <summary>The answer to one decision; null where there is none.</summary>
    public Task<AnswerRow?> Find(Guid clientId, string key, CancellationToken cancel) =>
        context.Answers.SingleOrDefaultAsync(row => row.ClientId == clientId && row.Key == key, cancel);

    /// <summary>Keeps an answer with whatever else the request changed, all or nothing; false where somebody else answered, or changed
    /// the same, in between.</summary>
    public async Task<bool> Keep(AnswerRow answer, CancellationToken cancel)
    {
        if (context.Entry(answer).State is EntityState.Detached)
            context.Add(answer);
        return await Save(cancel);
    }

    /// <summary>Takes an answer back, likewise.</summary>
    public Task<bool> Remove(AnswerRow answer, CancellationToken cancel)
    {
        context.Remove(answer);
        return Save(cancel);
    }

    /// <summary>Adds a plan to what is saved with the answer.</summary>
    public void With(PlanRow plan) => context.Add(plan);

    private async Task<bool> Save(CancellationToken cancel) => await context.TrySave(cancel) is Saved.Done;
}
