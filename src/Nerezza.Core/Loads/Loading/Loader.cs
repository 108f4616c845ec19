using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Loads.Loading;

/// <summary>Finds the means by which an exercise is loaded with a client's equipment.</summary>
/// <remarks>Not safe for use by several threads at once: it remembers what it was asked.</remarks>
public sealed class Loader(Equipment equipment)
{
    // What plates and bars make is worked out once for a kit, however many loaders there are.
    private static readonly ConditionalWeakTable<Equipment, Kit> Worked = [];
    private readonly Kit _kit = Worked.GetValue(equipment, kit => new Kit(kit));
    private readonly Dictionary<(LoadSource, BarStart), IReadOnlyList<LoadMeans>> _means = [];

    /// <summary>What the kit's plates make on one sleeve.</summary>
    public SleeveSums Sums => _kit.Sums;

    /// <summary>Whether none of the plates on a sleeve is of full size; so too where the plates are not known.</summary>
    public bool LacksFullSize(IReadOnlyList<Load>? perSide) =>
        perSide is null || !perSide.Any(plate => equipment.Plates.Any(kind => kind.FullSize && kind.Mass == plate));

    /// <summary>The ways to load an exercise, the usual one first: for a bar exercise one for each bar of its kind.</summary>
    public IReadOnlyList<LoadMeans> MeansFor(Exercise exercise)
    {
        BarStart start = exercise.FromFloor && !equipment.Items.Contains(Implement.Blocks) ? BarStart.FromFloor : BarStart.Raised;
        if (!_means.TryGetValue((exercise.Load, start), out IReadOnlyList<LoadMeans>? means))
            _means[(exercise.Load, start)] = means = Find(exercise.Load, start);
        return means;
    }

    /// <summary>The one way to use for a work load: the first whose lightest is not above it, else the lightest of all.</summary>
    public LoadMeans MeansFor(Exercise exercise, double workKilograms)
    {
        IReadOnlyList<LoadMeans> all = MeansFor(exercise);
        return all.FirstOrDefault(means => means.Lightest is { } lightest && lightest.Kilograms <= workKilograms)
            ?? all.Where(means => means.Lightest is not null).MinBy(means => means.Lightest)
            ?? all[0];
    }

    /// <summary>The way with a bar of this name; the usual one where there is none.</summary>
    public LoadMeans MeansOn(string? bar, Exercise exercise)
    {
        IReadOnlyList<LoadMeans> all = MeansFor(exercise);
        return all.FirstOrDefault(means => means is LoadMeans.OnBar on && on.Rack.Bar.Name == bar) ?? all[0];
    }

    private List<LoadMeans> Find(LoadSource source, BarStart start) =>
        source switch
        {
            LoadSource.Barbell => OnBars(Implement.Barbell, start),
            LoadSource.SafetyBar => OnBars(Implement.SafetyBar, start),
            LoadSource.TrapBar => OnBars(Implement.TrapBar, start),
            LoadSource.Smith => OnBars(Implement.Smith, start),
            LoadSource.Stack or LoadSource.Sled =>
            [
                StackOf(equipment.StackStep ?? Load.FromKilograms(LoadRules.Shipped.Loading.StackStepKg)),
            ],
            LoadSource.Dumbbells => [Pieces(2, equipment.Dumbbells.Select(one => one * 2))],
            LoadSource.Dumbbell => [Pieces(1, equipment.Dumbbells)],
            LoadSource.Goblet => [Pieces(1, equipment.Dumbbells.Concat(equipment.Kettlebells))],
            LoadSource.Kettlebell => [Pieces(1, equipment.Kettlebells)],
            LoadSource.TwoKettlebells => [Pieces(2, Pairs(equipment.Kettlebells).Select(one => one * 2))],
            LoadSource.Sandbag => [Pieces(1, equipment.Sandbags)],
            LoadSource.Plate => [Pieces(1, equipment.Plates.Where(kind => kind.Pairs > 0).Select(kind => kind.Mass).Prepend(Load.Zero))],
            LoadSource.Band => [new LoadMeans.Stretched([.. equipment.Bands.Select(Stretch)])],
            LoadSource.BodyWeight or LoadSource.None => [new LoadMeans.Unloaded()],
            LoadSource.Keg or LoadSource.Stone or LoadSource.Log => [new LoadMeans.Unknown()],
            _ => throw new ArgumentOutOfRangeException(nameof(source), source, "A load source without means."),
        };

    /// <summary>What a bar can be: the kinds whose mass is known where the case lists none.</summary>
    public static IReadOnlyList<Implement> BarKinds { get; } =
    [.. LoadRules.Shipped.Loading.BarKg.Keys.Select(code => Codes.Find<Implement>(code)!.Value)];

    private List<LoadMeans> OnBars(Implement kind, BarStart start)
    {
        List<Bar> bars = [.. equipment.Bars.Where(bar => bar.Kind == kind)];
        if (bars.Count == 0)
            bars = [new Bar(Codes.Of(kind), Load.FromKilograms(LoadRules.Shipped.Loading.BarKg[Codes.Of(kind)]), kind)];
        return [.. bars.Select(bar => new LoadMeans.OnBar(_kit.RackOf(bar, start)))];
    }

    private static LoadMeans.Pieces Pieces(int each, IEnumerable<Load> totals) => new(each, [.. totals.Distinct().Order()]);

    private static IEnumerable<Load> Pairs(IEnumerable<Load> pieces) =>
        pieces.GroupBy(piece => piece).Where(same => same.Count() >= 2).Select(same => same.Key);

    private static LoadMeans.Stack StackOf(Load step)
    {
        double most = LoadRules.Shipped.Loading.StackMostKg;
        int steps = step == Load.Zero ? 0 : (int)(most / step.Kilograms);
        return new LoadMeans.Stack(step, [.. Enumerable.Range(1, steps).Select(times => step * times)]);
    }

    private static BandStretch Stretch(Band band)
    {
        StretchRule stretch = LoadRules.Shipped.Loading.StretchCm;
        return new BandStretch(band.Name, BandTension.At(band, stretch.Bottom), BandTension.At(band, stretch.Top));
    }

    /// <summary>What a kit's plates make, for all loaders of it; safe for several threads at once.</summary>
    private sealed class Kit(Equipment equipment)
    {
        private readonly Lazy<SleeveSums> _sums = new(() => new SleeveSums(equipment.Plates));
        private readonly ConcurrentDictionary<(Bar, BarStart), BarRack> _racks = [];

        public SleeveSums Sums => _sums.Value;

        public BarRack RackOf(Bar bar, BarStart start) =>
            _racks.GetOrAdd((bar, start), key => new BarRack(key.Item1, equipment.Collar, Sums, key.Item2));
    }
}
