using Nerezza.Core.Measures;

namespace Nerezza.Core.Loads;

/// <summary>What to do next when a client could lift more (docs/handbook/10-loads.md, "Jumps").</summary>
public abstract record Jump
{
    private Jump() { }

    /// <summary>Take the next load that can be made, for these repetitions.</summary>
    public sealed record GoUp(Load Load, int Reps) : Jump;

    /// <summary>The next load is too far: stay and add repetitions, at most two above the range.</summary>
    public sealed record AddReps(Load Load, int Reps) : Jump;

    /// <summary>Repetitions are used up: a rung between, an add-on or slower lowering must bridge the step.</summary>
    /// <param name="Next">The load that is too far; null when there is none heavier.</param>
    public sealed record Bridge(Load Load, Load? Next) : Jump;

    /// <summary>Decides the step from the estimate that the last set gave.</summary>
    /// <param name="fit">Curve, today's max and what can be loaded.</param>
    /// <param name="last">The load lifted last.</param>
    /// <param name="lastReps">Repetitions done with it.</param>
    /// <param name="wanted">Range and effort prescribed.</param>
    public static Jump From(LoadFit fit, Load last, int lastReps, SetWanted wanted)
    {
        Load? next = fit.Means.NextAbove(last);
        int most = wanted.Range.Top + LoadRules.Shipped.Jump.RepsAboveRange;
        if (next is { } up && fit.RepsAt(up, wanted) is var reps && reps >= wanted.Range.Bottom)
            return new GoUp(up, Math.Min(reps, wanted.Range.Top));
        int more = Math.Min(most, Math.Max(lastReps, fit.RepsAt(last, wanted)));
        return lastReps < most ? new AddReps(last, Math.Max(more, Math.Min(lastReps, most))) : new Bridge(last, next);
    }
}
