using Nerezza.Core.Blocks;

namespace Nerezza.Data.Stores;

/// <summary>A plan that stands, with what a page asks of it, without its document.</summary>
/// <param name="Span">Its number, first and last day.</param>
/// <param name="Dates">The days of its sessions, first to last; empty where no block could be made.</param>
public sealed record PlanHead(Guid Id, PlanSpan Span, IReadOnlyList<DateOnly> Dates);

/// <summary>The plans of a client that stand, first to last: each is in force until the next begins.</summary>
public sealed class PlanCourse(IEnumerable<PlanHead> plans)
{
    /// <summary>First to last.</summary>
    public IReadOnlyList<PlanHead> Plans { get; } = [.. plans.OrderBy(plan => plan.Span.Starts)];

    /// <summary>The plan in force on a day; the first where none has begun, null without any.</summary>
    public PlanHead? On(DateOnly date) =>
        PlanSpan.InForce([.. Plans.Select(plan => plan.Span)], date) is { } span ? Plans.First(plan => plan.Span == span) : null;

    /// <summary>The sessions of each plan while it is in force.</summary>
    public IEnumerable<(PlanHead Plan, DateOnly Date)> Sessions =>
        Plans.SelectMany(
            (plan, i) => plan.Dates.Where(date => i + 1 == Plans.Count || date < Plans[i + 1].Span.Starts).Select(date => (plan, date))
        );
}
