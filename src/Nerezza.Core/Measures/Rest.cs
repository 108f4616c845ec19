namespace Nerezza.Core.Measures;

/// <summary>Rest between sets: what is prescribed and the least that keeps the work what it is.</summary>
/// <param name="Seconds">Prescribed, 0 to 900 s.</param>
/// <param name="LeastSeconds">The minimum, not above <paramref name="Seconds"/>; the floor warns below it.</param>
public readonly record struct Rest(int Seconds, int LeastSeconds)
{
    /// <summary>The middle of a range of rest, to 5 s, with the range's start as its minimum (docs/handbook/11-prescription.md).</summary>
    public static Rest MiddleOf(int least, int most) => new((least + most) / 10 * 5, least);
}
