namespace Nerezza.Core.Measures;

/// <summary>A part of a maximum, 0 to 150 percent; 78 is 78 %.</summary>
/// <remarks>Above 100 is met where a set beat the estimate, or where a max is a training max.</remarks>
public readonly record struct Percent
{
    private Percent(double value) => Value = value;

    /// <summary>The percentage.</summary>
    public double Value { get; }

    /// <summary>The same as a fraction.</summary>
    public double Fraction => Value / 100;

    /// <summary>Makes a percentage from a fraction such as 0.78, rounded to 1e-6 percent so that it prints alike everywhere.</summary>
    /// <exception cref="ArgumentOutOfRangeException">It is not a number, below 0 or above 1.5.</exception>
    public static Percent FromFraction(double fraction) =>
        fraction is >= 0 and <= 1.5
            ? new Percent(Math.Round(fraction * 100, 6))
            : throw new ArgumentOutOfRangeException(nameof(fraction), fraction, "A part of a max lies between 0 and 1.5.");
}
