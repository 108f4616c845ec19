using Nerezza.Core.Clients;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Tests.Loads;

public sealed class JumpTests
{
    private static readonly LoadMeans Bells = new LoadMeans.Pieces(1, [Load.FromKilograms(16), Load.FromKilograms(24)]);

    // n at 24 of 32 kg is 10, of 30 kg is 7.5 (0.8 -> 37 - 28.8 = 8.2), of 26 kg is 3.77; at RPE 8 two stay in reserve.
    [Theory]
    [InlineData(32, 10, "up 24 x 8")]
    [InlineData(30, 10, "up 24 x 6")]
    [InlineData(26, 10, "stay 16 x 14")]
    [InlineData(26, 14, "bridge 24")]
    public void The_next_load_is_taken_when_the_range_holds_it(double max, int lastReps, string expected)
    {
        var fit = new LoadFit(RepCurve.Standard, max, 0, Bells);
        Jump jump = Jump.From(fit, Load.FromKilograms(16), lastReps, new SetWanted(10, Rpe.Of(8), new RepRange(6, 12)));
        Assert.Equal(
            expected,
            jump switch
            {
                Jump.GoUp up => $"up {up.Load.Kilograms} x {up.Reps}",
                Jump.AddReps stay => $"stay {stay.Load.Kilograms} x {stay.Reps}",
                Jump.Bridge bridge => $"bridge {bridge.Next?.Kilograms}",
                _ => "?",
            }
        );
    }

    [Fact]
    public void A_band_pulls_by_its_measured_points()
    {
        var band = new Band(
            "light",
            [new BandPoint(100, Load.Zero), new BandPoint(150, Load.FromKilograms(9)), new BandPoint(200, Load.FromKilograms(16))]
        );
        Assert.Equal(
            [0, 0, 4.5, 9, 12.5, 16, 16],
            new[] { 50.0, 100, 125, 150, 175, 200, 260 }.Select(cm => BandTension.At(band, cm).Kilograms)
        );
    }
}
