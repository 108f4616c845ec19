namespace Nerezza.Core.Measures;

/// <summary>The mass on a bar, in the hand or on a stack: 0 to 1000 kg, 0 by default.</summary>
/// <remarks>A mass, not a force. Held in whole grams, because totals are compared for equality and steps of 0.1 kg
/// do not add up exactly in a double.</remarks>
public readonly record struct Load : IComparable<Load>
{
    /// <summary>One pound in kilograms, by definition (international avoirdupois pound, 1959).</summary>
    public const decimal KilogramsPerPound = 0.45359237m;

    private const int MostGrams = 1_000_000;

    private Load(int grams) => Grams = grams;

    /// <summary>No load.</summary>
    public static Load Zero => default;

    /// <summary>The mass in whole grams, 0 to 1,000,000.</summary>
    public int Grams { get; }

    /// <summary>The mass in kilograms.</summary>
    public double Kilograms => Grams / 1000.0;

    /// <summary>The mass in pounds.</summary>
    public double Pounds => (double)(Grams / 1000m / KilogramsPerPound);

    /// <summary>Makes a load from kilograms, to the nearest gram.</summary>
    /// <exception cref="ArgumentOutOfRangeException"><paramref name="kilograms"/> is not a number, below 0 or above 1000.</exception>
    public static Load FromKilograms(double kilograms)
    {
        if (!(kilograms is >= 0 and <= MostGrams / 1000))
            throw new ArgumentOutOfRangeException(nameof(kilograms), kilograms, "A load lies between 0 and 1000 kg.");
        return new Load((int)Math.Round(kilograms * 1000, MidpointRounding.AwayFromZero));
    }

    /// <summary>Makes a load from pounds, to the nearest gram.</summary>
    /// <exception cref="ArgumentOutOfRangeException">It is not a number, below 0 or above 1000 kg.</exception>
    public static Load FromPounds(double pounds) => FromKilograms(pounds * (double)KilogramsPerPound);

    /// <summary>Makes a load from whole grams.</summary>
    /// <exception cref="ArgumentOutOfRangeException">It is below 0 or above 1,000,000.</exception>
    public static Load FromGrams(int grams)
    {
        ArgumentOutOfRangeException.ThrowIfNegative(grams);
        ArgumentOutOfRangeException.ThrowIfGreaterThan(grams, MostGrams);
        return new Load(grams);
    }

    /// <summary>The sum of two loads.</summary>
    public static Load operator +(Load left, Load right) => FromGrams(left.Grams + right.Grams);

    /// <summary>How many kilograms <paramref name="left"/> is above <paramref name="right"/>; negative when below.</summary>
    public static double operator -(Load left, Load right) => (left.Grams - right.Grams) / 1000.0;

    /// <summary>The same load <paramref name="times"/> times.</summary>
    public static Load operator *(Load load, int times) => FromGrams(load.Grams * times);

    /// <summary>Whether left is lighter.</summary>
    public static bool operator <(Load left, Load right) => left.Grams < right.Grams;

    /// <summary>Whether left is heavier.</summary>
    public static bool operator >(Load left, Load right) => left.Grams > right.Grams;

    /// <summary>Whether left is not heavier.</summary>
    public static bool operator <=(Load left, Load right) => left.Grams <= right.Grams;

    /// <summary>Whether left is not lighter.</summary>
    public static bool operator >=(Load left, Load right) => left.Grams >= right.Grams;

    /// <inheritdoc/>
    public int CompareTo(Load other) => Grams.CompareTo(other.Grams);
}
