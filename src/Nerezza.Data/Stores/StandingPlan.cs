namespace Nerezza.Data.Stores;

/// <summary>A plan without its document. It stands until a later version covers its first day; of those that stand, the one in force on
/// a day is the last that has begun (decision 0013).</summary>
/// <param name="Ends">The last day of its last week.</param>
public sealed record StandingPlan(int Number, DateOnly Starts, DateOnly Ends)
{
    /// <summary>Those of a client's plans that stand, first to last.</summary>
    public static IReadOnlyList<StandingPlan> Of(IEnumerable<StandingPlan> versions)
    {
        List<StandingPlan> newer = [];
        List<StandingPlan> standing = [];
        foreach (StandingPlan plan in versions.OrderByDescending(plan => plan.Number))
        {
            StandingPlan? over = newer.Find(later => later.Covers(plan.Starts));
            if (over is null)
                standing.Add(plan);
            // What lies wholly within a later one covers nothing more.
            if (over is null || over.Ends < plan.Ends)
                newer.Add(plan);
        }
        return [.. standing.OrderBy(plan => plan.Starts)];
    }

    /// <summary>The one in force on a day: the last that has begun, else the first to come; null without any.</summary>
    /// <param name="standing">First to last.</param>
    public static StandingPlan? InForce(IReadOnlyList<StandingPlan> standing, DateOnly date) =>
        standing.LastOrDefault(plan => plan.Starts <= date) ?? (standing.Count > 0 ? standing[0] : null);

    /// <summary>The one in force on a day and those that follow it.</summary>
    /// <param name="standing">First to last.</param>
    public static IEnumerable<StandingPlan> Ahead(IReadOnlyList<StandingPlan> standing, DateOnly date)
    {
        StandingPlan? first = InForce(standing, date);
        return standing.SkipWhile(plan => plan != first);
    }

    private bool Covers(DateOnly day) => Starts <= day && day <= Ends;
}

/// <summary>What a new plan would do to those that stand.</summary>
/// <param name="Replaces">Those whose first day it would cover, so that they stand no longer.</param>
/// <param name="Shortens">The one within which it would begin; null where it begins in none.</param>
public sealed record PlanPlace(IReadOnlyList<StandingPlan> Replaces, StandingPlan? Shortens)
{
    /// <summary>What a plan over these days would do on a day, by the rule of <see cref="StandingPlan"/>. What is over by then is left
    /// out: nobody trains by it any more.</summary>
    /// <param name="standing">Every plan that stands, first to last.</param>
    public static PlanPlace Of(DateOnly starts, DateOnly ends, IReadOnlyList<StandingPlan> standing, DateOnly today) =>
        new(
            [.. standing.Where(plan => starts <= plan.Starts && plan.Starts <= ends && plan.Ends >= today)],
            standing.LastOrDefault(plan => plan.Starts < starts) is { } before && before.Ends >= starts && before.Ends >= today
                ? before
                : null
        );
}
