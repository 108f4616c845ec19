using Microsoft.EntityFrameworkCore;
using Nerezza.Core.Blocks;
using Nerezza.Data.Rows;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Plans;

namespace Nerezza.Data.Stores;

/// <summary>A version of a plan, without its document.</summary>
public sealed record PlanVersion(int Number, DateTimeOffset MadeAt, CaseDocument Inputs, IReadOnlyList<EditSection> Edits);

/// <summary>Plans of the scope's coach. Which of them stand, and which is in force on a day, <see cref="PlanSpan"/> says.</summary>
public sealed class PlanStore(NerezzaContext context)
{
    /// <summary>The plan in force on a day: the last that has begun, else the first to come; null without one.</summary>
    public async Task<PlanRow?> On(Guid clientId, DateOnly date, CancellationToken cancel) =>
        PlanSpan.InForce(await AllStanding(clientId, cancel), date) is { } plan ? await Version(clientId, plan.Number, cancel) : null;

    /// <summary>The plan in force on a day and those that follow it: first the spans of every version, which are small, then the heads of
    /// what is in force or ahead.</summary>
    public async Task<PlanCourse> From(Guid clientId, DateOnly date, CancellationToken cancel)
    {
        int[] ahead = [.. PlanSpan.Ahead(await AllStanding(clientId, cancel), date).Select(plan => plan.Number)];
        return new PlanCourse(
            await context
                .Plans.Where(row => row.ClientId == clientId && ahead.Contains(row.Number))
                .Select(row => new PlanHead(row.Id, new PlanSpan(row.Number, row.Starts, row.Ends), row.Dates))
                .ToListAsync(cancel)
        );
    }

    /// <summary>Some plans, whole.</summary>
    public async Task<IReadOnlyList<PlanRow>> Whole(IReadOnlyList<Guid> ids, CancellationToken cancel) =>
        await context.Plans.AsNoTracking().Where(row => ids.Contains(row.Id)).ToListAsync(cancel);

    /// <summary>Every plan that stands, first to last, without its document.</summary>
    public async Task<IReadOnlyList<PlanSpan>> AllStanding(Guid clientId, CancellationToken cancel) =>
        PlanSpan.Standing(
            await context
                .Plans.Where(row => row.ClientId == clientId && row.TakenBackAt == null)
                .Select(row => new PlanSpan(row.Number, row.Starts, row.Ends))
                .ToListAsync(cancel)
        );

    /// <summary>Every plan that stands and ends on a day or later, whole, first to last.</summary>
    public async Task<IReadOnlyList<PlanRow>> StandingSince(Guid clientId, DateOnly from, CancellationToken cancel)
    {
        int[] numbers = [.. (await AllStanding(clientId, cancel)).Where(plan => plan.Ends >= from).Select(plan => plan.Number)];
        return await context
            .Plans.AsNoTracking()
            .Where(row => row.ClientId == clientId && numbers.Contains(row.Number))
            .OrderBy(row => row.Starts)
            .ToListAsync(cancel);
    }

    /// <summary>One version of a client's plan.</summary>
    public async Task<PlanRow?> Version(Guid clientId, int number, CancellationToken cancel) =>
        await context.Plans.AsNoTracking().FirstOrDefaultAsync(row => row.ClientId == clientId && row.Number == number, cancel);

    /// <summary>The id of one version, without reading it; null when it is not there.</summary>
    public async Task<Guid?> IdOf(Guid clientId, int number, CancellationToken cancel) =>
        await context
            .Plans.Where(row => row.ClientId == clientId && row.Number == number)
            .Select(row => (Guid?)row.Id)
            .FirstOrDefaultAsync(cancel);

    /// <summary>The newest versions, without their documents.</summary>
    public async Task<IReadOnlyList<PlanVersion>> Versions(Guid clientId, int most, CancellationToken cancel) =>
        await context
            .Plans.AsNoTracking()
            .Where(row => row.ClientId == clientId && row.TakenBackAt == null)
            .OrderByDescending(row => row.Number)
            .Take(most)
            .Select(row => new PlanVersion(row.Number, row.MadeAt, row.Inputs, row.Edits))
            .ToListAsync(cancel);

    /// <summary>Takes a plan back with whatever else is saved; false where another version of its weeks was made since.</summary>
    public async Task<bool> TakeBack(Guid clientId, int number, DateTimeOffset at, CancellationToken cancel)
    {
        if (await context.Plans.FirstOrDefaultAsync(row => row.ClientId == clientId && row.Number == number, cancel) is not { } plan)
            return true;
        if (await context.Plans.AnyAsync(row => row.ClientId == clientId && row.Number > number && row.Ends >= plan.Starts, cancel))
            return false;
        plan.TakenBackAt = at;
        return true;
    }

    /// <summary>Every version, whole, first to last.</summary>
    public async Task<IReadOnlyList<PlanRow>> All(Guid clientId, CancellationToken cancel) =>
        await context.Plans.AsNoTracking().Where(row => row.ClientId == clientId).OrderBy(row => row.Number).ToListAsync(cancel);

    public async Task<int> NextNumber(Guid clientId, CancellationToken cancel) =>
        (await context.Plans.Where(row => row.ClientId == clientId).MaxAsync(row => (int?)row.Number, cancel) ?? 0) + 1;

    /// <summary>Adds a plan; false when another took its number in between.</summary>
    public async Task<bool> Add(PlanRow plan, CancellationToken cancel)
    {
        context.Add(plan);
        return await context.TrySave(cancel) is Saved.Done;
    }
}
