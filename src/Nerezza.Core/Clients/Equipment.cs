using Nerezza.Core.Measures;

namespace Nerezza.Core.Clients;

/// <summary>What a client can load and train with.</summary>
public sealed record Equipment
{
    /// <summary>Kit at hand.</summary>
    public IReadOnlySet<Implement> Items { get; init; } = new HashSet<Implement>();

    /// <summary>Bars with their masses.</summary>
    public IReadOnlyList<Bar> Bars { get; init; } = [];

    /// <summary>Plates by pairs; the count matters.</summary>
    public IReadOnlyList<PlatePairs> Plates { get; init; } = [];

    /// <summary>One collar; two are used.</summary>
    public Load Collar { get; init; }

    /// <summary>Dumbbells, each a pair of that mass a piece, ascending.</summary>
    public IReadOnlyList<Load> Dumbbells { get; init; } = [];

    /// <summary>Kettlebells by the piece, ascending; two of one mass stand twice.</summary>
    public IReadOnlyList<Load> Kettlebells { get; init; } = [];

    /// <summary>Sandbags by the piece, ascending.</summary>
    public IReadOnlyList<Load> Sandbags { get; init; } = [];

    /// <summary>Bands with measured points of tension.</summary>
    public IReadOnlyList<Band> Bands { get; init; } = [];

    /// <summary>Step of the weight stacks; null when not known.</summary>
    public Load? StackStep { get; init; }

    /// <summary>Whether every one of these is at hand.</summary>
    public bool Has(IEnumerable<Implement> needed) => needed.All(Items.Contains);
}

/// <summary>A bar with its mass and the implement that it is.</summary>
public sealed record Bar(string Name, Load Mass, Implement Kind);

/// <summary>Pairs of one plate.</summary>
/// <param name="Mass">One plate.</param>
/// <param name="Pairs">How many pairs, 0 to 50.</param>
/// <param name="FullSize">Whether the plate has the 45 cm that bring a bar to pulling height.</param>
public sealed record PlatePairs(Load Mass, int Pairs, bool FullSize);

/// <summary>A band with points of tension against stretched length, by rising length.</summary>
public sealed record Band(string Name, IReadOnlyList<BandPoint> Points);

/// <summary>One measured point of a band.</summary>
public sealed record BandPoint(double LengthCm, Load Tension);
