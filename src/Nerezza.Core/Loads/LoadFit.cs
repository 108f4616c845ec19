using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Loads;

/// <summary>What is asked of a set before it meets the plates.</summary>
/// <param name="Reps">Repetitions wanted.</param>
/// <param name="Rpe">Effort wanted.</param>
/// <param name="Range">Repetitions that may be prescribed.</param>
/// <param name="MostFraction">A cap on the part of the max, where pain sets one; else 1.</param>
/// <param name="AimFraction">The part of the max to aim at where the effort does not lead, as in a deload; the effort then follows.</param>
public sealed record SetWanted(int Reps, Rpe Rpe, RepRange Range, double MostFraction = 1, double? AimFraction = null);

/// <summary>A set with a load that can be made.</summary>
/// <param name="Reps">Repetitions, perhaps changed to keep the effort.</param>
/// <param name="Rpe">Effort; below what was wanted only where repetitions could not make up for the load.</param>
/// <param name="Percent">The part of the max that repetitions and effort ask for.</param>
/// <param name="Load">External load.</param>
/// <param name="ErrorKg">Load less target; positive is too heavy.</param>
public sealed record FittedSet(int Reps, Rpe Rpe, Percent Percent, Load Load, double ErrorKg);

/// <summary>Fits a wanted set to the loads that can be made (docs/handbook/10-loads.md, "What can be loaded").</summary>
/// <param name="MaxKg">e1RM in kilograms, total load.</param>
/// <param name="BodyKg">The part of body mass that is lifted along.</param>
public sealed record LoadFit(RepCurve Curve, double MaxKg, double BodyKg, LoadMeans Means)
{
    // Loads are whole grams; a max is not, and 77.5 % of it must not fall a millionth short of the 90 kg it means.
    private const double OneGram = 0.001;

    /// <summary>The set with the nearest load; where that is over the target by more than 2 %, with fewer repetitions
    /// while the range allows, else with the next lower load and more repetitions.</summary>
    /// <returns>Null when nothing can be loaded and nothing of the body is lifted, or when the lightest is too heavy for one repetition at
    /// that effort;
    /// where the body is lifted along, which no plate makes lighter, when it is too heavy for the fewest repetitions.</returns>
    public FittedSet? Fit(SetWanted wanted)
    {
        double target = Target(Fraction(wanted, wanted.Reps));
        if (NearestWithin(target, wanted) is not { } nearest || nearest.Kilograms + BodyKg <= 0)
            return null;
        if (!IsOver(nearest, target))
            return IsFarUnder(nearest, target) ? Light(nearest, wanted) : Set(wanted, wanted.Reps, nearest);
        // Where a part of the max is aimed at, as in a deload or a ramp, repetitions are not traded for the load.
        if (wanted.AimFraction is not null && Means.NextBelow(nearest) is { } under && under.Kilograms + BodyKg > 0)
            return Light(under, wanted);
        int fewer = RepsAt(nearest, wanted);
        if (fewer >= wanted.Range.Bottom)
            return Settle(Math.Min(fewer, wanted.Reps), nearest, wanted);
        if (Means.NextBelow(nearest) is { } lower && lower.Kilograms + BodyKg > 0)
            return Settle(Math.Min(RepsAt(lower, wanted), wanted.Range.Top), lower, wanted);
        return fewer >= 1 && BodyKg <= 0 ? Settle(fewer, nearest, wanted) : null;
    }

    /// <summary>The whole repetitions that a load allows at the wanted effort; below 1 when it is too heavy.</summary>
    public int RepsAt(Load load, SetWanted wanted) =>
        load.Kilograms + BodyKg > MaxKg + 1e-9
            ? 0
            : (int)Math.Floor(Curve.RepsToFailure((load.Kilograms + BodyKg) / MaxKg) - wanted.Rpe.InReserve + 1e-6);

    /// <summary>The same, up to those wanted, with what a load may be over its target.</summary>
    public int RepsNear(Load load, SetWanted wanted)
    {
        int reps = wanted.Reps;
        while (reps > 0 && IsOver(load, Target(Fraction(wanted, reps))))
            reps--;
        return reps;
    }

    private double Fraction(SetWanted wanted, int reps) =>
        Math.Min(Math.Min(Curve.Fraction(reps, wanted.Rpe), wanted.AimFraction ?? 1), wanted.MostFraction);

    /// <summary>External kilograms; below 0 where the body alone is more than is asked for.</summary>
    private double Target(double fraction) => fraction * MaxKg - BodyKg;

    private bool IsOver(Load load, double target) =>
        load.Kilograms + BodyKg > (target + BodyKg) * (1 + LoadRules.Shipped.Loading.OverTarget) + 1e-9;

    private bool IsFarUnder(Load load, double target)
    {
        LoadingRules rules = LoadRules.Shipped.Loading;
        return target - load.Kilograms > (Means.NextAbove(load) is null ? rules.UnderHeaviest : rules.UnderTarget) * MaxKg + OneGram;
    }

    /// <summary>Nothing heavier is there: repetitions make up for it while the range allows and effort leads, and what effort is left is
    /// written as it is.</summary>
    private FittedSet Light(Load load, SetWanted wanted)
    {
        bool effortLeads = wanted.AimFraction is null && Curve.Fraction(wanted.Reps, wanted.Rpe) <= wanted.MostFraction;
        int reps = effortLeads ? Math.Max(wanted.Reps, Math.Min(RepsAt(load, wanted), wanted.Range.Top)) : wanted.Reps;
        double done = (load.Kilograms + BodyKg) / MaxKg;
        return new FittedSet(reps, Rpe.Min(wanted.Rpe, Curve.Effort(done, reps)), Percent.FromFraction(done), load, 0);
    }

    /// <summary>The nearest load that a cap allows: a cap is never rounded up. Null when the lightest is over it.</summary>
    private Load? NearestWithin(double target, SetWanted wanted)
    {
        Load? nearest = Means.Nearest(target);
        bool overCap = wanted.MostFraction < 1 && nearest?.Kilograms > Target(wanted.MostFraction) + OneGram;
        return overCap ? Means.NextBelow(nearest!.Value) : nearest;
    }

    /// <summary>With the changed repetitions the nearest load may be another; it is taken unless it is over again, or so far under that
    /// percent and effort are written as they are.</summary>
    private FittedSet Settle(int reps, Load load, SetWanted wanted)
    {
        double target = Target(Fraction(wanted, reps));
        if (NearestWithin(target, wanted) is { } nearest && !IsOver(nearest, target) && !IsFarUnder(nearest, target))
            return Set(wanted, reps, nearest);
        double done = (load.Kilograms + BodyKg) / MaxKg;
        return Set(
            wanted with
            {
                Rpe = Rpe.Min(wanted.Rpe, Curve.Effort(done, reps)),
                MostFraction = Math.Min(done, wanted.MostFraction),
                AimFraction = null,
            },
            reps,
            load
        );
    }

    /// <summary>A cap on load is a cap on effort too: percent and RPE stay two faces of one number.</summary>
    private FittedSet Set(SetWanted wanted, int reps, Load load)
    {
        double fraction = Fraction(wanted, reps);
        Rpe rpe = Rpe.Min(wanted.Rpe, Curve.Effort(fraction, reps));
        return new FittedSet(reps, rpe, Percent.FromFraction(fraction), load, Math.Round(load.Kilograms - Target(fraction), 6));
    }
}
