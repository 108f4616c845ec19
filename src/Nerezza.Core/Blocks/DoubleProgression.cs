using Nerezza.Core.Loads;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;

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
        if (reps < range.Top && fit.RepsAt(load, wanted) > reps)
            return At(target, load, reps + 1, fit);
        bool upFits =
            reps >= range.Top
            && fit.Means.NextAbove(load) is { } up
            && fit.RepsAt(up, wanted) >= range.Bottom
            && Fraction(fit, up) <= target.MostFraction;
        return upFits ? At(target, fit.Means.NextAbove(load)!.Value, range.Bottom, fit) : At(target, load, reps, fit);
    }

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
