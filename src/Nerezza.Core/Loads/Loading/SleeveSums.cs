using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Loads.Loading;

/// <summary>What the counted plates of a kit make on one sleeve: each sum that can be reached, with its fewest plates. One table serves
/// every bar.</summary>
/// <remarks>Subset sums with counts (Bellman 1957), in slots as wide as the masses' common divisor, but at least 5 g: each slot holds one
/// sum to the gram,
/// so that what the table says is there can be put on, however odd the masses are. Where two sums fall into one slot the one with fewer
/// plates stays.
/// Work and memory go with the kinds of plates times the slots, at most 60,000, and not with the ways, which are without number.
/// Not changed once made, so that threads can share it.</remarks>
public sealed class SleeveSums
{
    /// <summary>The heaviest sleeve that is worked out, in grams.</summary>
    public static int MostGrams => LoadRules.Shipped.Loading.MostSleeveKg * GramsAKilogram;

    /// <summary>The narrowest slot, in grams.</summary>
    public static int LeastSlotGrams => LoadRules.Shipped.Loading.LeastSlotGrams;

    /// <summary>At most so many ways with the same number of plates are told apart; heavier plates first.</summary>
    public static int MostWays => LoadRules.Shipped.Loading.MostWays;

    private const int GramsAKilogram = 1000;
    private readonly List<PlatePairs> _kinds;
    private readonly int _slot;

    // Per kind: the sums of that kind and all lighter ones; without a wish, and with a full-size plate among them.
    private readonly Slots[] _any,
        _withFullSize;
    private readonly Lazy<IReadOnlyList<int>> _sums,
        _sumsFromFloor;

    /// <summary>Works out a kit.</summary>
    public SleeveSums(IReadOnlyList<PlatePairs> plates)
    {
        _kinds =
        [
            .. plates
                .Where(kind => kind.Pairs > 0 && kind.Mass > Load.Zero)
                .GroupBy(kind => (kind.Mass, kind.FullSize))
                .Select(same => new PlatePairs(same.Key.Mass, same.Sum(kind => kind.Pairs), same.Key.FullSize))
                .OrderByDescending(kind => kind.Mass)
                .ThenByDescending(kind => kind.FullSize),
        ];
        int divisor = _kinds.Aggregate(0, (divisor, kind) => GreatestCommonDivisor(divisor, kind.Mass.Grams));
        _slot = Math.Max(divisor, LeastSlotGrams);
        long all = _kinds.Sum(kind => (long)kind.Mass.Grams * kind.Pairs);
        IsCut = all > MostGrams;
        IsCoarse = _kinds.Count > 1 && divisor < LeastSlotGrams;
        int slots = (int)(Math.Min(MostGrams, all) / _slot) + 1;
        _sums = new Lazy<IReadOnlyList<int>>(() => [.. _any![0].Sums]);
        _sumsFromFloor = new Lazy<IReadOnlyList<int>>(() => [.. _withFullSize![0].Sums]);
        _any = new Slots[_kinds.Count + 1];
        _withFullSize = new Slots[_kinds.Count + 1];
        _any[^1] = Slots.Empty(slots, _slot);
        _any[^1].Put(0, 0);
        _withFullSize[^1] = Slots.Empty(slots, _slot);
        for (int i = _kinds.Count - 1; i >= 0; i--)
        {
            (int grams, int pairs) = (_kinds[i].Mass.Grams, _kinds[i].Pairs);
            _any[i] = _any[i + 1].With(grams, pairs);
            _withFullSize[i] = _kinds[i].FullSize
                ? _withFullSize[i + 1].Or(_any[i + 1].WithOne(grams).With(grams, pairs - 1))
                : _withFullSize[i + 1].With(grams, pairs);
        }
    }

    /// <summary>The plates that count, one entry a kind, heaviest first.</summary>
    public IReadOnlyList<PlatePairs> Plates => _kinds;

    /// <summary>Whether there are more plates than a sleeve is worked out for.</summary>
    public bool IsCut { get; }

    /// <summary>Whether sums nearer to each other than a slot are told as one.</summary>
    public bool IsCoarse { get; }

    /// <summary>Every sum of one sleeve, ascending, in grams.</summary>
    public IReadOnlyList<int> Sums(BarStart start) => start is BarStart.FromFloor ? _sumsFromFloor.Value : _sums.Value;

    /// <summary>The ways to make a sum of one sleeve with the fewest plates, heaviest first, at most <see cref="MostWays"/>; none where it
    /// is not told.</summary>
    public IReadOnlyList<Sleeve> FewestPlates(int grams, BarStart start)
    {
        List<Sleeve> ways = [];
        if (Of(start)[0].PlatesFor(grams) is not null)
            Collect(0, grams, start, [], ways);
        return ways;
    }

    private Slots[] Of(BarStart start) => start is BarStart.FromFloor ? _withFullSize : _any;

    private void Collect(int kind, int grams, BarStart owed, List<Load> onSleeve, List<Sleeve> ways)
    {
        if (ways.Count >= MostWays)
            return;
        if (kind == _kinds.Count)
        {
            ways.Add(new Sleeve([.. onSleeve]));
            return;
        }
        PlatePairs plates = _kinds[kind];
        int fewest = Of(owed)[kind].PlatesFor(grams)!.Value;
        for (int count = Math.Min(Math.Min(plates.Pairs, fewest), grams / plates.Mass.Grams); count >= 0; count--)
        {
            int rest = grams - count * plates.Mass.Grams;
            BarStart after = count > 0 && plates.FullSize ? BarStart.Raised : owed;
            if (Of(after)[kind + 1].PlatesFor(rest) != fewest - count)
                continue;
            onSleeve.AddRange(Enumerable.Repeat(plates.Mass, count));
            Collect(kind + 1, rest, after, onSleeve, ways);
            onSleeve.RemoveRange(onSleeve.Count - count, count);
        }
    }

    private static int GreatestCommonDivisor(int a, int b) => b == 0 ? a : GreatestCommonDivisor(b, a % b);

    /// <summary>One sum and its fewest plates a slot.</summary>
    private sealed class Slots(int width, ushort[] plates, byte[] above)
    {
        private const ushort None = ushort.MaxValue;

        public static Slots Empty(int count, int width)
        {
            ushort[] plates = new ushort[count];
            Array.Fill(plates, None);
            return new Slots(width, plates, new byte[count]);
        }

        public IEnumerable<int> Sums => Enumerable.Range(0, plates.Length).Where(slot => plates[slot] != None).Select(Grams);

        /// <summary>The fewest plates that make exactly this; null where the slot holds no or another sum.</summary>
        public int? PlatesFor(int grams) =>
            grams / width is var slot && slot < plates.Length && plates[slot] != None && Grams(slot) == grams ? plates[slot] : null;

        public void Put(int grams, int count)
        {
            int slot = grams / width;
            if (slot >= plates.Length || plates[slot] <= count)
                return;
            (plates[slot], above[slot]) = ((ushort)count, (byte)(grams % width));
        }

        /// <summary>With none to so many plates more of a mass: parts of 1, 2, 4 ... plates, each put on or not, make every
        /// count.</summary>
        public Slots With(int grams, int count)
        {
            var made = new Slots(width, [.. plates], [.. above]);
            for (int part = 1, left = count; left > 0; left -= part, part *= 2)
                made.Lay(Math.Min(part, left), grams);
            return made;
        }

        /// <summary>With exactly one plate more.</summary>
        public Slots WithOne(int grams)
        {
            Slots made = Empty(plates.Length, width);
            foreach (int sum in Sums)
                made.Put(sum + grams, plates[sum / width] + 1);
            return made;
        }

        /// <summary>What either holds; the fewer plates where both do.</summary>
        public Slots Or(Slots other)
        {
            var made = new Slots(width, [.. plates], [.. above]);
            foreach (int sum in other.Sums)
                made.Put(sum, other.PlatesFor(sum)!.Value);
            return made;
        }

        // From the heaviest down, so that a part is not laid on what it was laid on already. The one loop that counts: no division in it.
        private void Lay(int part, int grams)
        {
            (long ahead, int rest) = ((long)part * grams / width, (int)((long)part * grams % width));
            for (long slot = plates.Length - 1 - ahead; slot >= 0; slot--)
            {
                if (plates[slot] == None)
                    continue;
                (long to, int over) = (slot + ahead, above[slot] + rest);
                if (over >= width)
                    (to, over) = (to + 1, over - width);
                int count = plates[slot] + part;
                if (to < plates.Length && count < plates[to])
                    (plates[to], above[to]) = ((ushort)count, (byte)over);
            }
        }

        private int Grams(int slot) => slot * width + above[slot];
    }
}
