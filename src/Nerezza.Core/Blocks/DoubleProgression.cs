using Nerezza.Core.Loads;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Blocks;

/// <summary>How accessories go on from week to week: repetitions rise at one load to the top of the range, then the next load that can be
/// made (docs/handbook/12-weeks-and-blocks.md).</summary>
public static class DoubleProgression
{
    /// <summary>The target of the next week from the one before; the same again where neither another repetition nor the next load fits the
    /// effort.</summary>
    /// <param name="most">The hardest that the role goes.</param>
    /// <param name="fit">Loads at today's max; null without one, where repetitions and effort rise alone.</param>
    public static WeekTarget Next(PrescribedItem last, Rpe most, LoadFit? fit)
    {
        WeekTarget target = last.Ask.Target;
        (RepRange range, int reps) = (last.Ask.Range, last.Sets[0].Reps);
        Rpe hardest = Rpe.Min(most, target.MostRpe);
        if (fit is null || last.Sets[0].Load is not { } load)
            return target with
            {
                Load = last.Sets[0].Load ?? target.Load,
                Reps = Math.Min(range.Top, (last.Sets[0].Load is null ? target.Reps : reps) + 1),
                Rpe = Rpe.Min(hardest, Rpe.NearestHalf(target.Rpe.Value + BlockRules.Shipped.File.EffortAWeek)),
            };
        var wanted = new SetWanted(reps, hardest, range, target.MostFraction);
        // Caution keeps its load.
        if (target.MostFraction >= 1 && IsOutgrown(load, range, fit) && Up(load, range, wanted, fit) is { } heavier)
            return At(target, heavier, range.Bottom, fit);
        if (reps < range.Top && fit.RepsAt(load, wanted) > reps)
            return At(target, load, reps + 1, fit);
        return reps >= range.Top && Up(load, range, wanted, fit) is { } next
            ? At(target, next, range.Bottom, fit)
            : At(target, load, reps, fit);
    }

    /// <summary>Whether even the most repetitions of the range would be no hard set any more: the log knows more than the week before
    /// did.</summary>
    private static bool IsOutgrown(Load load, RepRange range, LoadFit fit) =>
        fit.Curve.RepsToFailure(Fraction(fit, load)) - range.Top > Rpe.Of(WeeklySets.HardFromRpe).InReserve;

    /// <summary>The next load, if at least the fewest repetitions fit the effort on it.</summary>
    private static Load? Up(Load load, RepRange range, SetWanted wanted, LoadFit fit) =>
        fit.Means.NextAbove(load) is { } up && fit.RepsAt(up, wanted) >= range.Bottom && Fraction(fit, up) <= wanted.MostFraction
            ? up
            : null;

    private static double Fraction(LoadFit fit, Load load) => (load.Kilograms + fit.BodyKg) / fit.MaxKg;

    private static WeekTarget At(WeekTarget target, Load load, int reps, LoadFit fit) =>
        target with
        {
            Reps = reps,
            Load = load,
            Rpe = Rpe.Min(fit.Curve.Effort(Fraction(fit, load), reps), target.MostRpe),
            Kind = TargetKind.Straight,
            LoadFactor = 1,
            AimFraction = null,
        };
}
