using System.Text.Json;
using System.Text.Json.Serialization;
using Nerezza.Core.Clients;
using Nerezza.Core.Floor;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;

namespace Nerezza.Formats.Floor;

/// <summary>Plates of one mass.</summary>
public sealed record PairsPart(double Kg, int Pairs, bool FullSize);

/// <summary>A bar with what can be put on it. Lifters whose bar and plates are the same can share it.</summary>
public sealed record BarPart
{
    public required string Name { get; init; }

    public required double Kg { get; init; }

    /// <summary>One collar; two are always on.</summary>
    public required double CollarKg { get; init; }

    /// <summary>Whether it is pulled from the floor: that bar is not the one in the rack.</summary>
    public required bool FromFloor { get; init; }

    public required IReadOnlyList<PairsPart> Plates { get; init; }
}

/// <summary>A lifter among several.</summary>
/// <param name="Bar">What the next set is done with; null where it is no bar.</param>
/// <param name="Kg">Of the next set; null where it has none.</param>
/// <param name="On">What this lifter's last set has left on a sleeve of the bar, kg; null where none was done on it.</param>
/// <param name="LastAt">When that was, milliseconds; 0 where it was not.</param>
public sealed record HourLifter(LifterState State, double RestLeft, BarPart? Bar, double? Kg, IReadOnlyList<double>? On, double LastAt);

/// <summary>A question of the page.</summary>
public sealed record HourQuestion(IReadOnlyList<HourLifter> Lifters);

/// <summary>Who is next, and the order at each bar that several share.</summary>
public sealed record HourAnswer(IReadOnlyList<int> Order, IReadOnlyList<SharedBarPart> Bars);

/// <summary>The next sets at one bar.</summary>
/// <param name="Order">Who lifts, first to last.</param>
/// <param name="PerSide">What is on a sleeve for each, kg.</param>
/// <param name="Changes">Plates changed on a sleeve in this order.</param>
/// <param name="ChangesInTurn">The same when they come as the queue has them.</param>
public sealed record SharedBarPart(
    string Name,
    IReadOnlyList<int> Order,
    IReadOnlyList<IReadOnlyList<double>> PerSide,
    int Changes,
    int ChangesInTurn
);

/// <summary>Answers the page with Core's rules who is next among several lifters; it needs no network.</summary>
public static class HourCall
{
    /// <summary>Both are JSON text.</summary>
    public static string Answer(string question)
    {
        HourQuestion asked = JsonSerializer.Deserialize(question, HourJson.Default.HourQuestion)!;
        return JsonSerializer.Serialize(Of(asked.Lifters), HourJson.Default.HourAnswer);
    }

    /// <summary>Who is next, and the bars that two or more share for their next sets.</summary>
    public static HourAnswer Of(IReadOnlyList<HourLifter> lifters)
    {
        IReadOnlyList<int> order = WhoIsNext.Of([.. lifters.Select(one => new InHour(one.State, one.RestLeft))]);
        IEnumerable<List<int>> groups = order
            .Where(i => lifters[i] is { Bar: not null, Kg: not null, State: not LifterState.Done })
            .GroupBy(i => JsonSerializer.Serialize(lifters[i].Bar, HourJson.Default.BarPart))
            .Select(same => same.Take(SharedBar.MostLifters).ToList())
            .Where(same => same.Count > 1);
        return new HourAnswer(order, [.. groups.Select(group => Shared(group, lifters)).OfType<SharedBarPart>()]);
    }

    /// <summary>Null where nothing can be put on the bar, as for a pull from the floor without full-size plates.</summary>
    private static SharedBarPart? Shared(List<int> group, IReadOnlyList<HourLifter> lifters)
    {
        BarPart bar = lifters[group[0]].Bar!;
        BarRack rack = RackOf(bar);
        if (rack.Totals.Count == 0)
            return null;
        IReadOnlyList<Load> totals = [.. group.Select(i => Loadable(rack, lifters[i].Kg!.Value))];
        HourLifter last = group.Select(i => lifters[i]).MaxBy(one => one.LastAt)!;
        var on = new Sleeve([.. (last.On ?? []).Select(Load.FromKilograms)]);
        BarOrder best = SharedBar.Fewest(rack, on, totals);
        return new SharedBarPart(
            bar.Name,
            [.. best.Order.Select(at => group[at])],
            [.. best.Sleeves.Select(sleeve => (IReadOnlyList<double>)[.. sleeve.Plates.Select(plate => plate.Kilograms)])],
            best.Changes,
            SharedBar.InTurn(rack, on, totals)
        );
    }

    /// <summary>What was typed may lie between what the plates make.</summary>
    private static Load Loadable(BarRack rack, double kg) => new LoadMeans.OnBar(rack).Nearest(kg)!.Value;

    private static BarRack RackOf(BarPart bar) =>
        new(
            new Bar(bar.Name, Load.FromKilograms(bar.Kg), Implement.Barbell),
            Load.FromKilograms(bar.CollarKg),
            new SleeveSums([.. bar.Plates.Select(kind => new PlatePairs(Load.FromKilograms(kind.Kg), kind.Pairs, kind.FullSize))]),
            bar.FromFloor ? BarStart.FromFloor : BarStart.Raised
        );

    /// <summary>A bar as the page is told of it; null where the exercise is not loaded with one.</summary>
    public static BarPart? BarOf(LoadMeans means) =>
        means is not LoadMeans.OnBar { Rack: var rack }
            ? null
            : new BarPart
            {
                Name = rack.Bar.Name,
                Kg = rack.Bar.Mass.Kilograms,
                CollarKg = rack.Collar.Kilograms,
                FromFloor = rack.BarStart is BarStart.FromFloor,
                Plates = [.. rack.Plates.Select(kind => new PairsPart(kind.Mass.Kilograms, kind.Pairs, kind.FullSize))],
            };
}

[JsonSourceGenerationOptions(PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase, Converters = [typeof(KebabCode<LifterState>)])]
[JsonSerializable(typeof(HourQuestion))]
[JsonSerializable(typeof(HourAnswer))]
internal sealed partial class HourJson : JsonSerializerContext;
