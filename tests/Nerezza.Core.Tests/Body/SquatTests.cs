using CsCheck;
using Nerezza.Core.Body;
using Nerezza.Core.Clients;

namespace Nerezza.Core.Tests.Body;

/// <summary>Figures summed apart from the code, and what must hold of any body.</summary>
public sealed class SquatTests
{
    private static readonly Client Reference = new()
    {
        Name = "x",
        HeightCm = 175,
        MassKg = 80,
        Level = Level.Intermediate,
        Days = [],
    };

    [Theory]
    [InlineData("back-squat-high-bar", 100, 37.90, 375.76, 287.50, 139.05, 282.25, 0.567)]
    [InlineData("back-squat-low-bar", 105, 48.55, null, null, null, null, 0.654)]
    [InlineData("front-squat", 83, 24.20, null, null, null, null, 0.503)]
    public void Checked_values_of_a_reference_body(
        string exercise,
        double load,
        double lean,
        double? hip,
        double? knee,
        double? ankle,
        double? lowBack,
        double share
    )
    {
        Posture posture = Squat.At(Lifter.Of(Reference, 11, null), SquatSetting.Of(exercise, load)!, 0)!.Value;
        Assert.Equal(lean, posture.LeanDeg, 0.05);
        Assert.Equal(share, posture.HipShare, 0.0005);
        if (hip is null)
            return;
        Assert.Equal(
            [hip.Value, knee!.Value, ankle!.Value, lowBack!.Value],
            new[] { posture.HipMoment, posture.KneeMoment, posture.AnkleMoment, posture.LowBackMoment }.Select(moment =>
                Math.Round(moment, 2)
            )
        );
    }

    [Theory]
    [InlineData(11, 38.42)]
    [InlineData(4, 64.95)]
    public void Without_a_bar_the_arms_reach_out(double kneeToWall, double lean)
    {
        var none = new SquatSetting
        {
            KneeTravel = 0.90,
            StanceDeg = 15,
            HeelLift = 0,
            LoadKg = 0,
            Rho = 0,
            D = 0,
            ArmsOut = ArmsOut.Yes,
        };
        Assert.Equal(lean, Squat.At(Lifter.Of(Reference, kneeToWall, null), none, 0)!.Value.LeanDeg, 0.05);
    }

    [Theory]
    [InlineData(4, 46.75, 37.43, 29.67)]
    [InlineData(1, 53.20, 42.55, 33.87)]
    public void Heel_lift_takes_lean_away(double kneeToWall, double flat, double low, double high)
    {
        Lifter lifter = Lifter.Of(Reference, kneeToWall, null);
        double Lean(double e) =>
            Squat.At(lifter, SquatSetting.Of("back-squat-high-bar", 100)! with { KneeTravel = 1, HeelLift = e }, 0)!.Value.LeanDeg;
        Assert.Equal([flat, low, high], new[] { 0, 0.025, 0.05 }.Select(e => Math.Round(Lean(e), 2)));
    }

    [Fact]
    public void A_long_thigh_on_a_stiff_ankle_cannot_sit_flat()
    {
        Lifter lifter = Lifter.Of(Reference with { Segments = new Segments(null, 47, null, null, null) }, 2, null);
        SquatSetting flat = SquatSetting.Of("back-squat-high-bar", 20)!;
        Assert.Null(Squat.At(lifter, flat, 0));
        Assert.True(Squat.Deepest(lifter, flat, 0) > 0);
        Assert.Equal(
            [71.64, 53.40],
            new[] { 0.025, 0.05 }.Select(e => Math.Round(Squat.At(lifter, flat with { HeelLift = e }, 0)!.Value.LeanDeg, 2))
        );
    }

    private static readonly Gen<(Lifter Lifter, SquatSetting Setting, double Thigh)> Any =
        from height in Gen.Double[140, 210]
        from mass in Gen.Double[40, 180]
        from thigh in Gen.Double[0.92, 1.08]
        from ankle in Gen.Double[0, 16]
        from s in Gen.Double[0.3, 1]
        from a in Gen.Double[0, 40]
        from e in Gen.Double[0, 0.05]
        from load in Gen.Double[0, 250]
        from bar in Gen.OneOf("back-squat-high-bar", "back-squat-low-bar", "front-squat", "safety-bar-squat", "goblet-squat")
        from b in Gen.Double[-15, 60]
        let client = Reference with
        {
            HeightCm = height,
            MassKg = mass,
            Segments = new Segments(null, height * 0.245 * thigh, null, null, null),
        }
        select (Lifter.Of(client, ankle, null), SquatSetting.Of(bar, load)! with { KneeTravel = s, StanceDeg = a, HeelLift = e }, b);

    [Fact]
    public void The_bars_place_changes_lean_and_low_back_and_leaves_hip_and_knee() =>
        Any.Sample(row =>
        {
            var (lifter, setting, b) = row;
            SquatSetting front = SquatSetting.Of("front-squat", setting.LoadKg)! with
            {
                KneeTravel = setting.KneeTravel,
                StanceDeg = setting.StanceDeg,
                HeelLift = setting.HeelLift,
            };
            if (Squat.At(lifter, setting, b) is not { } one || Squat.At(lifter, front, b) is not { } other)
                return;
            Assert.Equal(one.HipMoment, other.HipMoment, 6);
            Assert.Equal(one.KneeMoment, other.KneeMoment, 6);
        });

    [Fact]
    public void More_heel_is_never_more_lean_and_nothing_is_ever_not_a_number() =>
        Any.Sample(row =>
        {
            var (lifter, setting, b) = row;
            if (Squat.At(lifter, setting, b) is not { } flat)
                return;
            Assert.All(
                new[]
                {
                    flat.LeanDeg,
                    flat.HipMoment,
                    flat.KneeMoment,
                    flat.AnkleMoment,
                    flat.LowBackMoment,
                    flat.HipShare,
                    flat.HipHeight,
                },
                value => Assert.True(double.IsFinite(value))
            );
            if (Squat.At(lifter, setting with { HeelLift = setting.HeelLift + 0.01 }, b) is { } raised)
                Assert.True(raised.LeanDeg <= flat.LeanDeg + 1e-9);
        });

    [Fact]
    public void Less_ankle_never_opens_a_depth_and_front_leans_least() =>
        Any.Sample(row =>
        {
            var (lifter, setting, b) = row;
            Lifter stiffer = lifter with { ShankLimit = lifter.ShankLimit * 0.8 };
            if (Squat.Deepest(lifter, setting, b) is not { } deepest)
                Assert.Null(Squat.Deepest(stiffer, setting, b));
            else if (Squat.Deepest(stiffer, setting, b) is { } stiff)
                Assert.True(stiff >= deepest);
            if (setting.LoadKg < 1)
                return;
            double[] leans =
            [
                .. new[] { "front-squat", "safety-bar-squat", "back-squat-high-bar", "back-squat-low-bar" }
                    .Select(bar =>
                        SquatSetting.Of(bar, setting.LoadKg)! with
                        {
                            KneeTravel = setting.KneeTravel,
                            StanceDeg = setting.StanceDeg,
                            HeelLift = setting.HeelLift,
                        }
                    )
                    .Select(one => Squat.At(lifter, one, b)?.LeanDeg ?? double.NaN),
            ];
            if (leans.All(lean => lean < 70))
                Assert.Equal(leans.Order(), leans);
        });
}
