using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Loads.Loading;

/// <summary>One bar, the collars and the counted pairs of plates: which totals can be made, and with which plates.</summary>
/// <remarks>Exact, by counting: for each sum on one sleeve the fewest plates that make it. Taking the largest plate first
/// fails where counts are odd or plates are not multiples of each other (25, 20, 15: 30 is two of 15).</remarks>
public sealed class BarRack
{
    private const int MostGramsASleeve = 450_000;
    private const int NotPossible = int.MaxValue / 2;

    private readonly List<PlatePairs> _kinds;
    private readonly int _unit;
    // Fewest plates of kinds i.. that make a sum of units; [1] while a full-size plate is still owed, [0] when not.
    private readonly int[][][] _fewest;

    /// <summary>Works out a bar.</summary>
    /// <param name="bar">The bar.</param>
    /// <param name="collar">One collar; two are always on.</param>
    /// <param name="plates">Pairs on hand.</param>
    /// <param name="start">Whether a full-size plate must be on it, as for a pull from the floor.</param>
    public BarRack(Bar bar, Load collar, IReadOnlyList<PlatePairs> plates, BarStart start)
    {
        Bar = bar;
        Collar = collar;
        BarStart = start;
        _kinds = [.. plates.Where(kind => kind.Pairs > 0 && kind.Mass > Load.Zero)
            .GroupBy(kind => (kind.Mass, kind.FullSize))
            .Select(same => new PlatePairs(same.Key.Mass, same.Sum(kind => kind.Pairs), same.Key.FullSize))
            .OrderByDescending(kind => kind.Mass).ThenByDescending(kind => kind.FullSize)];
        _unit = _kinds.Aggregate(0, (divisor, kind) => GreatestCommonDivisor(divisor, kind.Mass.Grams));
        _fewest = CountFewest();
        Load bare = bar.Mass + collar * 2;
        Totals = [.. Enumerable.Range(0, Start(0).Length)
            .Where(sum => Start(0)[sum] < NotPossible)
            .Select(sum => bare + Load.FromGrams(sum * Math.Max(_unit, 1)) * 2)
            .Where(total => total.Kilograms <= 900)];
    }

    /// <summary>The bar.</summary>
    public Bar Bar { get; }

    /// <summary>One collar.</summary>
    public Load Collar { get; }

    /// <summary>Where the bar is lifted from.</summary>
    public BarStart BarStart { get; }

    /// <summary>The plates that count, one entry a kind, heaviest first.</summary>
    public IReadOnlyList<PlatePairs> Plates => _kinds;

    /// <summary>Every total that can be made, ascending.</summary>
    public IReadOnlyList<Load> Totals { get; }

    /// <summary>All ways to make a total with the fewest plates, each as plates of one sleeve, heaviest first.</summary>
    /// <exception cref="ArgumentException">The total cannot be made; ask <see cref="Totals"/> first.</exception>
    public IReadOnlyList<Sleeve> FewestPlates(Load total)
    {
        int perSide = (total.Grams - Bar.Mass.Grams - 2 * Collar.Grams) / 2;
        int sum = _unit == 0 ? 0 : perSide / _unit;
        if (perSide < 0 || sum >= Start(0).Length || Start(0)[sum] >= NotPossible || Bar.Mass.Grams + 2 * Collar.Grams + 2 * sum * _unit != total.Grams)
            throw new ArgumentException($"{total.Kilograms} kg cannot be made on this bar.", nameof(total));
        List<Sleeve> ways = [];
        Collect(0, sum, Owed, [], ways);
        return ways;
    }

    private int Owed => BarStart is BarStart.FromFloor ? 1 : 0;

    private int[] Start(int kind) => _fewest[kind][Owed];

    private int[][][] CountFewest()
    {
        int most = _unit == 0 ? 0 : (int)Math.Min(MostGramsASleeve, _kinds.Sum(kind => (long)kind.Mass.Grams * kind.Pairs)) / _unit;
        var fewest = new int[_kinds.Count + 1][][];
        fewest[^1] = [Filled(most), Filled(most)];
        fewest[^1][0][0] = 0;
        for (int i = _kinds.Count - 1; i >= 0; i--)
        {
            fewest[i] = [Filled(most), Filled(most)];
            int mass = _kinds[i].Mass.Grams / _unit;
            for (int owed = 0; owed < 2; owed++)
                for (int sum = 0; sum <= most; sum++)
                    for (int count = 0; count <= _kinds[i].Pairs && count * mass <= sum; count++)
                        fewest[i][owed][sum] = Math.Min(fewest[i][owed][sum],
                            count + fewest[i + 1][StillOwed(i, owed, count)][sum - count * mass]);
        }
        return fewest;
    }

    private int StillOwed(int kind, int owed, int count) => count > 0 && _kinds[kind].FullSize ? 0 : owed;

    private void Collect(int kind, int sum, int owed, List<Load> onSleeve, List<Sleeve> ways)
    {
        if (kind == _kinds.Count)
        {
            ways.Add(new Sleeve([.. onSleeve]));
            return;
        }
        int mass = _kinds[kind].Mass.Grams / _unit;
        for (int count = Math.Min(_kinds[kind].Pairs, sum / mass); count >= 0; count--)
        {
            int rest = sum - count * mass, after = StillOwed(kind, owed, count);
            if (count + _fewest[kind + 1][after][rest] != _fewest[kind][owed][sum]) continue;
            onSleeve.AddRange(Enumerable.Repeat(_kinds[kind].Mass, count));
            Collect(kind + 1, rest, after, onSleeve, ways);
            onSleeve.RemoveRange(onSleeve.Count - count, count);
        }
    }

    private static int[] Filled(int most)
    {
        int[] row = new int[most + 1];
        Array.Fill(row, NotPossible);
        return row;
    }

    private static int GreatestCommonDivisor(int a, int b) => b == 0 ? a : GreatestCommonDivisor(b, a % b);
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
