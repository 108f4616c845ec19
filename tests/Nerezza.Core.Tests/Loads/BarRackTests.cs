using System.Numerics;
using CsCheck;
using Nerezza.Core.Clients;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Tests.Loads;

/// <summary>Holds the counted loading against plain enumeration of every way to put the plates on.</summary>
public sealed class BarRackTests
{
    private static readonly double[] Masses = [25, 20, 15, 10, 5, 2.5, 1.25, 0.5];

    private static readonly Gen<BarRack> AnyRack =
        from kinds in Gen.Shuffle(Masses, 1, 4)
        from pairs in Gen.Int[0, 3].Array[kinds.Length]
        from collar in Gen.OneOf(0, 2.5)
        from bar in Gen.OneOf(20.0, 15.0, 30.0)
        from start in Gen.OneOf(BarStart.Raised, BarStart.FromFloor)
        select new BarRack(
            Bar(bar),
            Load.FromKilograms(collar),
            new SleeveSums([.. kinds.Zip(pairs, (kg, count) => Plate(kg, count))]),
            start
        );

    private static readonly Gen<(BarRack Rack, double Target)> AnyTarget = Gen.Select(AnyRack, Gen.Double[0, 250]);

    [Fact]
    public void Exactly_the_totals_that_enumeration_finds_can_be_made() =>
        AnyRack.Sample(rack => Assert.Equal(Enumerate(rack).Select(way => Total(rack, way)).Distinct().Order(), rack.Totals));

    [Fact]
    public void No_nearer_load_exists_and_a_tie_goes_down() =>
        AnyTarget.Sample(row =>
        {
            List<double> all = [.. Enumerate(row.Rack).Select(way => Total(row.Rack, way).Kilograms)];
            double? expected = all.Count == 0 ? null : all.OrderBy(kg => Math.Round(Math.Abs(kg - row.Target), 9)).ThenBy(kg => kg).First();
            Assert.Equal(expected, new LoadMeans.OnBar(row.Rack).Nearest(row.Target)?.Kilograms);
        });

    [Fact]
    public void The_ways_given_are_all_with_the_fewest_plates() =>
        AnyRack.Sample(rack =>
        {
            foreach (var same in Enumerate(rack).GroupBy(way => Total(rack, way)))
            {
                int fewest = same.Min(way => way.Count);
                List<string> expected = [.. same.Where(way => way.Count == fewest).Select(Text).Order()];
                Assert.Equal(expected, rack.FewestPlates(same.Key).Select(sleeve => Text(sleeve.Plates)).Order());
            }
        });

    [Fact]
    public void The_sequence_has_the_fewest_changes_of_all() =>
        Gen.Select(AnyRack.Where(rack => rack.Totals.Count > 2), Gen.Double.Unit.Array[2, 4])
            .Sample(row =>
            {
                var (rack, places) = row;
                Load[] totals = [.. places.Select(place => rack.Totals[(int)(place * (rack.Totals.Count - 1))])];
                IReadOnlyList<Sleeve> plan = PlateSequence.Plan(rack, totals);
                Assert.Equal(totals, plan.Select(sleeve => Total(rack, sleeve.Plates)));
                int Changes(IEnumerable<Sleeve> list) => list.Prepend(Sleeve.Empty).Zip(list, (from, to) => from.ChangesTo(to)).Sum();
                int best = totals
                    .Select(rack.FewestPlates)
                    .Aggregate(
                        (IEnumerable<List<Sleeve>>)
                            [
                                [],
                            ],
                        (lists, ways) => lists.SelectMany(list => ways.Select(way => (List<Sleeve>)[.. list, way]))
                    )
                    .Min(Changes);
                Assert.Equal(best, Changes(plan));
            });

    /// <summary>Any kit that validates, up to its quotas: masses to the gram, so that their common divisor is often 1 g.</summary>
    private static readonly Gen<SleeveSums> AnyKit = Gen.Select(Gen.Int[100, 60_000], Gen.Int[0, 40], Gen.Bool)
        .Array[1, 30]
        .Select(kinds => new SleeveSums([.. kinds.Select(kind => new PlatePairs(Load.FromGrams(kind.Item1), kind.Item2, kind.Item3))]));

    [Fact]
    public void Whatever_a_sleeve_is_said_to_hold_its_plates_weigh_to_the_gram_and_are_on_hand() =>
        Gen.Select(AnyKit, Gen.Double.Unit, Gen.Enum<BarStart>())
            .Sample(
                row =>
                {
                    (SleeveSums kit, double place, BarStart start) = row;
                    List<int> sums = [.. kit.Sums(start)];
                    Assert.True(sums.Count <= 60_001);
                    if (sums.Count == 0)
                        return;
                    int sum = sums[(int)(place * (sums.Count - 1))];
                    IReadOnlyList<Sleeve> ways = kit.FewestPlates(sum, start);
                    Assert.NotEmpty(ways);
                    Assert.All(
                        ways,
                        way =>
                        {
                            Assert.Equal(sum, way.Plates.Sum(plate => plate.Grams));
                            Assert.Equal(ways[0].Plates.Count, way.Plates.Count);
                            Assert.All(
                                way.Plates.GroupBy(plate => plate),
                                same => Assert.True(same.Count() <= kit.Plates.Where(kind => kind.Mass == same.Key).Sum(kind => kind.Pairs))
                            );
                            Assert.True(
                                start is BarStart.Raised
                                    || way.Plates.Any(plate => kit.Plates.Any(kind => kind.Mass == plate && kind.FullSize))
                            );
                        }
                    );
                },
                iter: 40
            );

    // A slow sum of every way: each sum that is told can be made, and none that can be made is further from one that is told than a slot
    // for each part of 1, 2, 4 ... plates that is laid on: where two sums meet in a slot, those built on the one that goes are off by
    // their distance.
    [Fact]
    public void Small_kits_of_odd_masses_are_told_as_a_slow_sum_finds_them() =>
        Gen.Select(Gen.Int[100, 3000], Gen.Int[0, 3])
            .Array[1, 4]
            .Sample(kinds =>
            {
                var kit = new SleeveSums([.. kinds.Select(kind => new PlatePairs(Load.FromGrams(kind.Item1), kind.Item2, false))]);
                HashSet<int> slow =
                [
                    .. kinds.Aggregate(
                        (IEnumerable<int>)[0],
                        (sums, kind) =>
                            sums.SelectMany(sum => Enumerable.Range(0, kind.Item2 + 1).Select(count => sum + count * kind.Item1))
                    ),
                ];
                List<int> told = [.. kit.Sums(BarStart.Raised)];
                Assert.All(told, sum => Assert.Contains(sum, slow));
                int parts = kinds.Where(kind => kind.Item2 > 0).Sum(kind => BitOperations.Log2((uint)kind.Item2) + 1);
                int furthest = SleeveSums.LeastSlotGrams * Math.Max(1, parts);
                Assert.All(slow, sum => Assert.Contains(told, other => Math.Abs(other - sum) < furthest));
            });

    [Fact]
    public void A_kit_past_its_bounds_says_so()
    {
        Assert.False(new SleeveSums([Plate(20, 4), Plate(1.25, 2)]).IsCut);
        Assert.True(new SleeveSums([Plate(25, 13)]).IsCut);
        Assert.False(
            new SleeveSums([new PlatePairs(Load.FromPounds(45), 4, true), new PlatePairs(Load.FromPounds(2.5), 2, false)]).IsCoarse
        );
        Assert.True(new SleeveSums([Plate(20.001, 2), Plate(5, 2)]).IsCoarse);
    }

    // Taking the largest plate first gives 25 + 5 for 30, or fails where there is no 5.
    [Fact]
    public void Thirty_a_side_of_twenty_five_twenty_and_fifteen_is_two_fifteens()
    {
        var rack = new BarRack(Bar(20), Load.Zero, new SleeveSums([Plate(25, 1), Plate(20, 1), Plate(15, 2)]), BarStart.Raised);
        Assert.Equal("15 15", Text(Assert.Single(rack.FewestPlates(Load.FromKilograms(80))).Plates));
    }

    [Fact]
    public void A_pull_from_the_floor_needs_a_full_size_pair()
    {
        var rack = new BarRack(Bar(20), Load.Zero, new SleeveSums([Plate(20, 1), Plate(10, 2), Plate(5, 1)]), BarStart.FromFloor);
        Assert.Equal([60, 70, 80, 90, 100, 110], rack.Totals.Select(total => total.Kilograms));
        Assert.Empty(new BarRack(Bar(20), Load.Zero, new SleeveSums([Plate(10, 4)]), BarStart.FromFloor).Totals);
    }

    [Fact]
    public void Plates_in_pounds_make_round_loads_in_pounds()
    {
        var rack = new BarRack(
            new Bar("bar", Load.FromPounds(45), Implement.Barbell),
            Load.Zero,
            new SleeveSums([new PlatePairs(Load.FromPounds(45), 2, true), new PlatePairs(Load.FromPounds(2.5), 1, false)]),
            BarStart.Raised
        );
        Assert.Equal([45, 50, 135, 140, 225, 230], rack.Totals.Select(total => Math.Round(total.Pounds, 1)));
    }

    private static Bar Bar(double kg) => new("bar", Load.FromKilograms(kg), Implement.Barbell);

    private static PlatePairs Plate(double kg, int pairs) => new(Load.FromKilograms(kg), pairs, kg >= 20);

    private static Load Total(BarRack rack, IReadOnlyList<Load> way) =>
        way.Aggregate(rack.Bar.Mass + rack.Collar * 2, (sum, plate) => sum + plate * 2);

    private static string Text(IEnumerable<Load> plates) => string.Join(' ', plates.Select(plate => plate.Kilograms));

    private static IEnumerable<IReadOnlyList<Load>> Enumerate(BarRack rack) =>
        rack
            .Plates.Aggregate(
                (IEnumerable<List<PlatePairs>>)
                    [
                        [],
                    ],
                (ways, kind) =>
                    ways.SelectMany(way =>
                        Enumerable.Range(0, kind.Pairs + 1).Select(count => (List<PlatePairs>)[.. way, .. Enumerable.Repeat(kind, count)])
                    )
            )
            .Where(way => rack.BarStart is BarStart.Raised || way.Exists(plate => plate.FullSize))
            .Select(way => (IReadOnlyList<Load>)[.. way.Select(plate => plate.Mass)]);
}
