using Nerezza.Core.Clients;
using Nerezza.Formats.Shapes;

namespace Nerezza.Formats.Cases;

public sealed record EquipmentSection
{
    [Items(100)]
    public IReadOnlyList<Implement>? Items { get; init; }

    [Items(20)]
    public IReadOnlyList<BarSection>? Bars { get; init; }

    [Items(30)]
    public IReadOnlyList<PlateSection>? Plates { get; init; }

    [Between(0, 10, "kilograms")]
    public double? CollarKg { get; init; }

    [Between(0.25, 150, "kilograms"), Items(100)]
    public IReadOnlyList<double>? DumbbellsKg { get; init; }

    [Between(0.25, 150, "kilograms"), Items(100)]
    public IReadOnlyList<double>? KettlebellsKg { get; init; }

    [Between(0.25, 300, "kilograms"), Items(100)]
    public IReadOnlyList<double>? SandbagsKg { get; init; }

    [Items(40)]
    public IReadOnlyList<BandSection>? Bands { get; init; }

    [Between(0.25, 50, "kilograms")]
    public double? StackStepKg { get; init; }
}

public sealed record BarSection
{
    [Length(60)]
    public required string Name { get; init; }

    [Between(1, 60, "kilograms")]
    public required double Kg { get; init; }
    public Implement? Kind { get; init; }
}

public sealed record PlateSection
{
    [Between(0.1, 60, "kilograms")]
    public required double Kg { get; init; }

    [Between(0, 40, "pairs")]
    public required int Pairs { get; init; }

    [Between(5, 60, "centimetres")]
    public double? DiameterCm { get; init; }
}

public sealed record BandSection
{
    [Length(60)]
    public required string Name { get; init; }

    [Items(50, Least = 1)]
    public required IReadOnlyList<BandPointSection> Points { get; init; }
}

public sealed record BandPointSection
{
    [Between(1, 1000, "centimetres")]
    public required double Cm { get; init; }

    [Between(0, 300, "kilograms")]
    public required double Kg { get; init; }
}
