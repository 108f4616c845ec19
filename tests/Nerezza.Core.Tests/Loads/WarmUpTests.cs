using CsCheck;
using Nerezza.Core.Clients;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Tests.Loads;

public sealed class WarmUpTests
{
    private static readonly LoadMeans Bar = new LoadMeans.OnBar(
        new BarRack(
            new Bar("bar", Load.FromKilograms(20), Implement.Barbell),
            Load.Zero,
            new SleeveSums([Plate(25, 4), Plate(20, 2), Plate(10, 2), Plate(5, 2), Plate(2.5, 2), Plate(1.25, 1)]),
            BarStart.Raised
        )
    );

    // Each row by hand from docs/handbook/10-loads.md, on a 20 kg bar with 2.5 kg steps: the marks of 100 kg are 40, 60, 75, 85 and 92, and
    // whole plates lie within 8 kg of them.
    [Theory]
    [InlineData(100, 86, "20x8 40x5 60x4 70x3 80x2 90x1")]
    [InlineData(100, 80, "20x8 40x5 60x4 80x3 85x2")]
    [InlineData(100, 74, "20x8 40x5 60x4 80x3")]
    [InlineData(40, 80, "20x8 25x4 30x3 35x2")] // 40 % is not above the bar; 60 % = 24, 75 % = 30, 85 % = 34
    [InlineData(20, 70, "")]
    [InlineData(22.5, 70, "20x8")]
    [InlineData(200, 86, "20x8 40x5 70x5 120x4 140x3 160x2 180x1")] // the first step of 60 gets a half-way set
    public void The_ramp_to_a_work_load(double work, double percent, string expected) =>
        Assert.Equal(expected, Text(WarmUp.RampTo(Load.FromKilograms(work), percent, Bar, WarmUpNeed.ColdPattern)));

    [Theory]
    [InlineData(WarmUpNeed.WarmPattern, "60x4 80x2")]
    [InlineData(WarmUpNeed.Accessory, "60x6")]
    [InlineData(WarmUpNeed.SingleJoint, "")]
    public void A_warm_pattern_and_lesser_work_get_less(WarmUpNeed need, string expected) =>
        Assert.Equal(expected, Text(WarmUp.RampTo(Load.FromKilograms(100), 80, Bar, need)));

    [Fact]
    public void Whole_plates_move_no_more_plates_than_the_marks_would() =>
        Gen.Int[10, Bar.Steps.Count - 1]
            .Sample(place =>
            {
                Load work = Bar.Steps[place];
                BarRack rack = ((LoadMeans.OnBar)Bar).Rack;
                IReadOnlyList<Load> whole = [.. WarmUp.RampTo(work, 80, Bar, WarmUpNeed.ColdPattern).Select(set => set.Load)];
                IEnumerable<Load> marks = new[] { 0.4, 0.6, 0.75, 0.85 }
                    .Select(part => Bar.Nearest(part * work.Kilograms)!.Value)
                    .Where(load => load > whole[0] && work - load >= 0.05 * work.Kilograms - 1e-9)
                    .Prepend(whole[0]);
                if (marks.Count() == whole.Count)
                    Assert.True(Moves(rack, [.. whole, work]) <= Moves(rack, [.. marks, work]));
            });

    private static int Moves(BarRack rack, IReadOnlyList<Load> totals)
    {
        IReadOnlyList<Sleeve> sleeves = PlateSequence.Plan(rack, totals);
        return sleeves.Zip(sleeves.Skip(1)).Sum(pair => pair.First.MovesTo(pair.Second));
    }

    [Fact]
    public void Every_step_rises_by_a_twentieth_of_the_work_load_and_stays_under_it() =>
        Gen.Select(Gen.Int[0, Bar.Steps.Count - 1], Gen.Double[40, 97])
            .Sample(
                (place, percent) =>
                {
                    Load work = Bar.Steps[place];
                    IReadOnlyList<WarmUpSet> ramp = WarmUp.RampTo(work, percent, Bar, WarmUpNeed.ColdPattern);
                    double least = work.Kilograms * 0.05 - 1e-9;
                    Assert.All(ramp, set => Assert.Contains(set.Load, Bar.Steps));
                    Assert.All(ramp.Zip(ramp.Skip(1)), pair => Assert.True(pair.Second.Load - pair.First.Load >= least));
                    Assert.All(ramp.Skip(1), set => Assert.True(work - set.Load >= least));
                }
            );

    private static string Text(IEnumerable<WarmUpSet> ramp) =>
        string.Join(' ', ramp.Select(set => FormattableString.Invariant($"{set.Load.Kilograms}x{set.Reps}")));

    private static PlatePairs Plate(double kg, int pairs) => new(Load.FromKilograms(kg), pairs, kg >= 20);
}
