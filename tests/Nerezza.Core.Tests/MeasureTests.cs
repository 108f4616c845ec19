using CsCheck;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Tests;

public sealed class MeasureTests
{
    [Theory]
    [InlineData("3-0-1-0", 4, false)]
    [InlineData("2-0-X-0", 3, false)]
    [InlineData("3-2-X-0", 6, true)]
    [InlineData("4-1-1-0", 6, false)]
    public void A_tempo_reads_and_writes_alike(string text, int seconds, bool costsLoad)
    {
        Tempo tempo = Tempo.Parse(text);
        Assert.Equal((text, seconds, costsLoad), (tempo.ToString(), tempo.SecondsPerRep, tempo.CostsLoad));
    }

    [Theory]
    [InlineData("3-0-1")]
    [InlineData("X-0-1-0")]
    [InlineData("3-0--1")]
    [InlineData("3-0-61-0")]
    [InlineData("a-b-c-d")]
    public void What_is_no_tempo_is_told(string text) => Assert.Null(Tempo.TryParse(text));

    [Theory]
    [InlineData(-0.001)]
    [InlineData(1000.001)]
    [InlineData(double.NaN)]
    [InlineData(double.PositiveInfinity)]
    public void A_load_cannot_hold_nonsense(double kg) => Assert.Throws<ArgumentOutOfRangeException>(() => Load.FromKilograms(kg));

    [Theory]
    [InlineData(0.9)]
    [InlineData(10.1)]
    [InlineData(double.NaN)]
    public void An_rpe_cannot_hold_nonsense(double rpe) => Assert.Throws<ArgumentOutOfRangeException>(() => Rpe.Of(rpe));

    [Fact]
    public void Small_steps_add_up_exactly() =>
        Gen.Int[1, 200]
            .Sample(steps =>
                Assert.Equal(
                    Load.FromGrams(steps * 100),
                    Enumerable.Repeat(Load.FromKilograms(0.1), steps).Aggregate(Load.Zero, (sum, step) => sum + step)
                )
            );

    [Theory]
    [InlineData(7.67, 7.5)]
    [InlineData(7.75, 8)]
    [InlineData(0, 1)]
    [InlineData(11, 10)]
    public void Efforts_round_to_halves(double value, double expected) => Assert.Equal(expected, Rpe.NearestHalf(value).Value);

    [Theory]
    [InlineData("HipExtension45", "hip-extension-45")]
    [InlineData("BloodPressure180", "blood-pressure-180")]
    [InlineData("RectusFemoris", "rectus-femoris")]
    public void Codes_are_kebab_case(string name, string code) => Assert.Equal(code, Codes.Kebab(name));

    [Fact]
    public void Every_code_finds_its_value() =>
        Assert.All(Enum.GetValues<Implement>(), value => Assert.Equal(value, Codes.Find<Implement>(Codes.Of(value))));

    [Theory]
    [InlineData(5, "", 5)]
    [InlineData(5, "5", 6)] // the higher of two as near
    [InlineData(5, "5 6", 4)]
    [InlineData(8, "8 7 6 5", 4)] // nothing above the top
    [InlineData(8, "8 7 6 5 4 3", null)]
    public void The_nearest_free_repetitions_stay_in_the_range(int reps, string taken, int? expected) =>
        Assert.Equal(
            expected,
            new RepRange(3, 8).NearestFree(
                reps,
                taken
                    .Split(' ', StringSplitOptions.RemoveEmptyEntries)
                    .Select(one => int.Parse(one, System.Globalization.CultureInfo.InvariantCulture))
                    .Contains,
                5
            )
        );
}
