using System.Collections;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Loads.Loading;

/// <summary>One bar, the collars and the counted pairs of plates: which totals can be made, and with which plates.</summary>
/// <remarks>Exact, by counting. Taking the largest plate first fails where counts are odd or plates are not multiples of each other (25,
/// 20, 15: 30 is two of 15).</remarks>
public sealed class BarRack
{
    private readonly SleeveSums _sums;

    /// <summary>A bar with the sums of a kit's sleeves.</summary>
    /// <param name="bar">The bar.</param>
    /// <param name="collar">One collar; two are always on.</param>
    /// <param name="sums">What the plates on hand make on one sleeve.</param>
    /// <param name="start">Whether a full-size plate must be on it, as for a pull from the floor.</param>
    public BarRack(Bar bar, Load collar, SleeveSums sums, BarStart start)
    {
        (Bar, Collar, _sums, BarStart) = (bar, collar, sums, start);
        Totals = new TotalsOf(bar.Mass + collar * 2, sums.Sums(start));
    }

    /// <summary>The bar.</summary>
    public Bar Bar { get; }

    /// <summary>One collar.</summary>
    public Load Collar { get; }

    /// <summary>Where the bar is lifted from.</summary>
    public BarStart BarStart { get; }

    /// <summary>The plates that count, one entry a kind, heaviest first.</summary>
    public IReadOnlyList<PlatePairs> Plates => _sums.Plates;

    /// <summary>Every total that can be made, ascending.</summary>
    public IReadOnlyList<Load> Totals { get; }

    /// <summary>The ways to make a total with the fewest plates, each as plates of one sleeve, heaviest first.</summary>
    /// <exception cref="ArgumentException">The total cannot be made; ask <see cref="Totals"/> first.</exception>
    public IReadOnlyList<Sleeve> FewestPlates(Load total)
    {
        int both = total.Grams - Bar.Mass.Grams - 2 * Collar.Grams;
        IReadOnlyList<Sleeve> ways = both >= 0 && both % 2 == 0 ? _sums.FewestPlates(both / 2, BarStart) : [];
        return ways.Count > 0 ? ways : throw new ArgumentException($"{total.Kilograms} kg cannot be made on this bar.", nameof(total));
    }

    /// <summary>The totals of a bar, made from the sums of a sleeve when they are asked for: a kit of odd masses has tens of thousands, and
    /// many bars.</summary>
    private sealed class TotalsOf(Load bare, IReadOnlyList<int> sums) : IReadOnlyList<Load>
    {
        public int Count => sums.Count;

        public Load this[int index] => bare + Load.FromGrams(sums[index]) * 2;

        public IEnumerator<Load> GetEnumerator() => sums.Select(sum => bare + Load.FromGrams(sum) * 2).GetEnumerator();

        IEnumerator IEnumerable.GetEnumerator() => GetEnumerator();
    }
}

/// <summary>Where a bar is lifted from.</summary>
public enum BarStart
{
    /// <summary>A rack, blocks or the hands: any plates will do.</summary>
    Raised,

    /// <summary>The floor: a pair of 45 cm plates must be on it.</summary>
    FromFloor,
}

/// <summary>The plates of one sleeve, heaviest (innermost) first; the other sleeve mirrors it.</summary>
public sealed record Sleeve(IReadOnlyList<Load> Plates)
{
    /// <summary>An empty sleeve.</summary>
    public static Sleeve Empty { get; } = new([]);

    /// <summary>How many plates differ between two sleeves: those only here plus those only there.</summary>
    public int ChangesTo(Sleeve other)
    {
        List<Load> left = [.. other.Plates];
        int shared = Plates.Count(plate => left.Remove(plate));
        return Plates.Count + other.Plates.Count - 2 * shared;
    }

    /// <summary>How many plates are moved on one sleeve that is kept heaviest inside: all outside the part both share.</summary>
    public int MovesTo(Sleeve other)
    {
        int shared = Plates.Zip(other.Plates).TakeWhile(pair => pair.First == pair.Second).Count();
        return Plates.Count + other.Plates.Count - 2 * shared;
    }
}
