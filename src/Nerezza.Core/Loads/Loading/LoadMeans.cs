using Nerezza.Core.Measures;

namespace Nerezza.Core.Loads.Loading;

/// <summary>A way to load an exercise with what is at hand: which totals can be made, and of what.</summary>
public abstract record LoadMeans : LoadSteps
{
    private protected LoadMeans(IReadOnlyList<Load> steps)
        : base(steps) { }

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
