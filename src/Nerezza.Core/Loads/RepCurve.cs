using Nerezza.Core.Measures;

namespace Nerezza.Core.Loads;

/// <summary>Which part of a 1RM can be lifted for a number of repetitions to failure.</summary>
/// <remarks>(37 - n) / 36 up to 10 repetitions (Brzycki 1993), 1 / (1 + n / 30) above (Epley 1985); they meet at 0.750.
/// A lifter's own curve bends it: n' = 1 + (n - 1) k (docs/handbook/10-loads.md). n need not be whole. Not valid for n below 1.</remarks>
/// <param name="K">Bend, 0.6 to 1.4; 1 for barbell lifts.</param>
public readonly record struct RepCurve(double K)
{
    private const double Join = 10;
    private const double FractionAtJoin = 0.75;

    /// <summary>The curve of barbell lifts.</summary>
    public static RepCurve Standard { get; } = new(1);

    /// <summary>The fraction of 1RM for <paramref name="toFailure"/> repetitions to failure; 1 and less give 1.</summary>
    public double Fraction(double toFailure)
    {
        double n = 1 + (Math.Max(1, toFailure) - 1) * K;
        return n <= Join ? (37 - n) / 36 : 1 / (1 + n / 30);
    }

    /// <summary>The fraction of 1RM for repetitions at an effort: n = reps + repetitions in reserve.</summary>
    public double Fraction(int reps, Rpe rpe) => Fraction(reps + rpe.InReserve);

    /// <summary>The repetitions to failure at a fraction of 1RM: the inverse; 1 at a fraction of 1 and above.</summary>
    /// <exception cref="ArgumentOutOfRangeException">The fraction is not a number above 0.</exception>
    public double RepsToFailure(double fraction)
    {
        if (!(fraction > 0))
            throw new ArgumentOutOfRangeException(nameof(fraction), fraction, "A fraction of a 1RM is above 0.");
        double n = fraction >= FractionAtJoin ? 37 - 36 * Math.Min(1, fraction) : 30 * (1 / fraction - 1);
        return 1 + (n - 1) / K;
    }

    /// <summary>The effort at which a fraction of 1RM is lifted for some repetitions, held between 1 and 10, not rounded.</summary>
    public Rpe Effort(double fraction, int reps) => Rpe.Of(Math.Clamp(10 - (RepsToFailure(fraction) - reps), 1, 10));

    /// <summary>The 1RM that a load for so many repetitions to failure speaks of: load / fraction, in kilograms.</summary>
    public double OneRepMax(double kilograms, double toFailure) => kilograms / Fraction(toFailure);

    /// <summary>How far an estimate from so many repetitions to failure can be trusted (docs/handbook/10-loads.md).</summary>
    public static EstimateTrust Trust(double toFailure)
    {
        OneRepMaxRules rules = LoadRules.Shipped.OneRepMax;
        return toFailure > rules.NoneAbove ? EstimateTrust.None
            : toFailure > rules.LowConfidenceAbove ? EstimateTrust.Low
            : EstimateTrust.Usual;
    }
}

/// <summary>Whether a set says enough of a 1RM: usual, low confidence above 12 to failure, none above 20.</summary>
public enum EstimateTrust
{
    /// <summary>Up to 12 repetitions to failure.</summary>
    Usual,

    /// <summary>Above 12.</summary>
    Low,

    /// <summary>Above 20: no estimate is made.</summary>
    None,
}
