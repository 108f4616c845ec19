using Nerezza.Core.Measures;

namespace Nerezza.Core.Loads.Loading;

/// <summary>A way to load an exercise with what is at hand: which totals can be made.</summary>
public abstract record LoadMeans
{
    private protected LoadMeans(IReadOnlyList<Load> steps) => Steps = steps;

    /// <summary>Every total that can be made, ascending, each once; empty when nothing can.</summary>
    public IReadOnlyList<Load> Steps { get; }

    /// <summary>The lightest that can be loaded: the empty implement; null when nothing can.</summary>
    public Load? Lightest => Steps.Count > 0 ? Steps[0] : null;

    /// <summary>The nearest that can be loaded; a tie goes to the lower.</summary>
    /// <returns>Null when nothing can be loaded.</returns>
    public Load? Nearest(double kilograms)
    {
        if (Steps.Count == 0)
            return null;
        int above = FirstAtOrAbove(kilograms);
        if (above == 0)
            return Steps[0];
        if (above == Steps.Count)
            return Steps[^1];
        Load lower = Steps[above - 1],
            upper = Steps[above];
        return upper.Kilograms - kilograms < kilograms - lower.Kilograms - 1e-9 ? upper : lower;
    }

    /// <summary>The next total below a load, or null at the lightest.</summary>
    public Load? NextBelow(Load load)
    {
        int at = FirstAtOrAbove(load.Kilograms);
        return at > 0 ? Steps[at - 1] : null;
    }

    /// <summary>The next total above a load, or null at the heaviest.</summary>
    public Load? NextAbove(Load load)
    {
        int at = FirstAtOrAbove(load.Kilograms + 0.0005);
        return at < Steps.Count ? Steps[at] : null;
    }

    /// <summary>The totals from a load upward, ascending.</summary>
    public IEnumerable<Load> From(double kilograms)
    {
        for (int at = FirstAtOrAbove(kilograms); at < Steps.Count; at++)
            yield return Steps[at];
    }

    private int FirstAtOrAbove(double kilograms)
    {
        int low = 0,
            high = Steps.Count;
        while (low < high)
        {
            int middle = (low + high) / 2;
            if (Steps[middle].Kilograms < kilograms - 1e-9)
                low = middle + 1;
            else
                high = middle;
        }
        return low;
    }

    /// <summary>A bar with plates on both ends.</summary>
    public sealed record OnBar(BarRack Rack) : LoadMeans(Rack.Totals);

    /// <summary>Whole pieces: a pair of dumbbells, one or two kettlebells, a sandbag.</summary>
    /// <param name="Each">How many pieces make the total, 1 or 2.</param>
    /// <param name="Totals">The totals, ascending.</param>
    public sealed record Pieces(int Each, IReadOnlyList<Load> Totals) : LoadMeans(Totals);

    /// <summary>A weight stack or a machine with even steps.</summary>
    public sealed record Stack(Load Step, IReadOnlyList<Load> Totals) : LoadMeans(Totals);

    /// <summary>Bands, by their tension where the exercise is stretched furthest.</summary>
    public sealed record Stretched(IReadOnlyList<BandStretch> Bands) : LoadMeans([.. Bands.Select(band => band.AtTop).Distinct().Order()]);

    /// <summary>Body weight alone, or no load at all.</summary>
    public sealed record Unloaded() : LoadMeans([Load.Zero]);

    /// <summary>The implement is there but what it weighs is not known.</summary>
    public sealed record Unknown() : LoadMeans([]);
}

/// <summary>A band in an exercise: its tension at the bottom and at the top of the movement.</summary>
public sealed record BandStretch(string Name, Load AtBottom, Load AtTop);
