namespace Nerezza.Core.Measures;

/// <summary>Rating of perceived exertion, 1 to 10; 10 = no repetition left (docs/handbook/02-words.md).</summary>
/// <remarks>The default value is not a rating; absent ratings are null, never 0.</remarks>
public readonly record struct Rpe : IComparable<Rpe>
{
    private Rpe(double value) => Value = value;

    /// <summary>The rating, 1 to 10; halves and finer are allowed.</summary>
    public double Value { get; }

    /// <summary>Repetitions in reserve: 10 - RPE.</summary>
    public double InReserve => 10 - Value;

    /// <summary>A set at failure.</summary>
    public static Rpe Ten { get; } = new(10);

    /// <summary>Makes a rating.</summary>
    /// <exception cref="ArgumentOutOfRangeException">It is not a number from 1 to 10.</exception>
    public static Rpe Of(double value) =>
        value is >= 1 and <= 10
            ? new Rpe(value)
            : throw new ArgumentOutOfRangeException(nameof(value), value, "An RPE lies between 1 and 10.");

    /// <summary>The nearest half step to a number, held between 1 and 10; a tie goes up.</summary>
    public static Rpe NearestHalf(double value) => new(Math.Clamp(Math.Floor(value * 2 + 0.5 + 1e-9) / 2, 1, 10));

    /// <summary>The lower of two ratings.</summary>
    public static Rpe Min(Rpe left, Rpe right) => left.Value <= right.Value ? left : right;

    /// <summary>Whether left is easier.</summary>
    public static bool operator <(Rpe left, Rpe right) => left.Value < right.Value;

    /// <summary>Whether left is harder.</summary>
    public static bool operator >(Rpe left, Rpe right) => left.Value > right.Value;

    /// <summary>Whether left is not harder.</summary>
    public static bool operator <=(Rpe left, Rpe right) => left.Value <= right.Value;

    /// <summary>Whether left is not easier.</summary>
    public static bool operator >=(Rpe left, Rpe right) => left.Value >= right.Value;

    /// <inheritdoc/>
    public int CompareTo(Rpe other) => Value.CompareTo(other.Value);
}
