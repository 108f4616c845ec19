using Nerezza.Data.Rows;

namespace Nerezza.Data.Stores;

/// <summary>A plan that stands, without its document.</summary>
public sealed record StandingPlan(int Number, DateOnly Starts, DateOnly Ends);

/// <summary>The plans of a client that stand, first to last: each is in force until the next begins.</summary>
public sealed class PlanCourse(IEnumerable<PlanRow> plans)
{
    /// <summary>None.</summary>
    public static PlanCourse Empty { get; } = new([]);

    /// <summary>First to last.</summary>
    public IReadOnlyList<PlanRow> Plans { get; } = [.. plans.OrderBy(plan => plan.Starts)];

    /// <summary>The plan in force on a day; the first where none has begun, null without any.</summary>
    public PlanRow? On(DateOnly date) => Plans.LastOrDefault(plan => plan.Starts <= date) ?? (Plans.Count > 0 ? Plans[0] : null);

    /// <summary>Each plan with the day on which the next takes over; null for the last.</summary>
    public IEnumerable<(PlanRow Plan, DateOnly? Until)> Spans =>
        Plans.Select((plan, i) => (plan, i + 1 < Plans.Count ? (DateOnly?)Plans[i + 1].Starts : null));
}
