namespace Nerezza.Core.Blocks;

/// <summary>What a new plan would do to those that stand.</summary>
/// <param name="Replaces">Those whose first day it would cover, so that they stand no longer.</param>
/// <param name="Shortens">The one within which it would begin; null where it begins in none.</param>
public sealed record PlanPlace(IReadOnlyList<PlanSpan> Replaces, PlanSpan? Shortens)
{
    /// <summary>What a plan over these days would do on a day, by the rule of <see cref="PlanSpan"/>. What is over by then is left
    /// out: nobody trains by it any more.</summary>
    /// <param name="standing">Every plan that stands, first to last.</param>
    public static PlanPlace Of(DateOnly starts, DateOnly ends, IReadOnlyList<PlanSpan> standing, DateOnly today) =>
        new(
            [.. standing.Where(plan => starts <= plan.Starts && plan.Starts <= ends && plan.Ends >= today)],
            standing.LastOrDefault(plan => plan.Starts < starts) is { } before && before.Ends >= starts && before.Ends >= today
                ? before
                : null
        );
}
