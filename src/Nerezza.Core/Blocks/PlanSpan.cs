namespace Nerezza.Core.Blocks;

/// <summary>The days of one version of a plan. It stands until a later version covers its first day; of those that stand, the one in force
/// on a day is the last that has begun (docs/decisions/0013-which-block-is-in-force.md).</summary>
/// <param name="Number">Of the version: later ones are higher.</param>
/// <param name="Ends">The last day of its last week.</param>
public sealed record PlanSpan(int Number, DateOnly Starts, DateOnly Ends)
{
    /// <summary>The last day of some weeks; of one where there are none.</summary>
    public static DateOnly LastDay(DateOnly starts, int weeks) => starts.AddDays(7 * Math.Max(1, weeks) - 1);

    /// <summary>Those of a client's plans that stand, first to last.</summary>
    public static IReadOnlyList<PlanSpan> Standing(IEnumerable<PlanSpan> versions)
    {
        List<PlanSpan> newer = [];
        List<PlanSpan> standing = [];
        foreach (PlanSpan plan in versions.OrderByDescending(plan => plan.Number))
        {
            PlanSpan? over = newer.Find(later => later.Covers(plan.Starts));
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
    public static PlanSpan? InForce(IReadOnlyList<PlanSpan> standing, DateOnly date) =>
        standing.LastOrDefault(plan => plan.Starts <= date) ?? (standing.Count > 0 ? standing[0] : null);

    /// <summary>The one in force on a day and those that follow it.</summary>
    /// <param name="standing">First to last.</param>
    public static IEnumerable<PlanSpan> Ahead(IReadOnlyList<PlanSpan> standing, DateOnly date)
    {
        PlanSpan? first = InForce(standing, date);
        return standing.SkipWhile(plan => plan != first);
    }

    private bool Covers(DateOnly day) => Starts <= day && day <= Ends;
}
