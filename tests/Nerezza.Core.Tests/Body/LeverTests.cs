using CsCheck;
using Nerezza.Core.Body;
using Nerezza.Core.Clients;

namespace Nerezza.Core.Tests.Body;

/// <summary>Pulls, hinges, thrust and split squat. Figures were summed apart from this code, in Python, roots by bisection; 175 cm, 80 kg,
/// knee-to-wall 11 cm.</summary>
public sealed class LeverTests
{
    private static readonly Client Reference = new()
    {
        Name = "x",
        HeightCm = 175,
        MassKg = 80,
        Level = Level.Intermediate,
        Days = [],
    };
    private static readonly Lifter Lifter = Lifter.Of(Reference, 11, null);

    [Theory]
    [InlineData("conventional-deadlift", 58.30, 690.30, 111.21, 527.15)]
    [InlineData("sumo-deadlift", 44.25, 558.76, 89.01, 424.95)]
    [InlineData("trap-bar-deadlift", 32.06, 456.40, 365.86, 354.60)]
    [InlineData("deficit-deadlift", 54.59, 659.55, 178.47, 503.26)]
    [InlineData("block-pull", 56.57, 676.38, 45.60, 516.33)]
    [InlineData("rack-pull", 47.31, 590.81, -6.26, 449.85)]
    public void The_start_of_a_pull_with_140_kg(string exercise, double lean, double hip, double knee, double lowBack)
    {
        Posture start = Pull.StartAt(Lifter, PullSetting.Of(exercise, 140)!)!.Value;
        Assert.Equal(
            [lean, hip, knee, lowBack],
            new[] { start.LeanDeg, start.HipMoment, start.KneeMoment, start.LowBackMoment }.Select(value => Math.Round(value, 2))
        );
    }

    [Theory]
    [InlineData("romanian-deadlift", 100, 3.32, 292.65, -96.35)]
    [InlineData("stiff-leg-deadlift", 100, -2.09, 285.64, -165.85)]
    [InlineData("good-morning", 60, -3.79, 311.72, -145.31)]
    [InlineData("toes-raised-romanian-deadlift", 100, -0.78, 299.16, -56.43)]
    public void A_hinge_at_45_degrees(string exercise, double load, double shank, double hip, double knee)
    {
        Posture posture = Hinge.At(Lifter, HingeSetting.Of(exercise, load)!, 45)!.Value;
        Assert.Equal(
            [shank, hip, knee],
            new[] { posture.ShankDeg, posture.HipMoment, posture.KneeMoment }.Select(value => Math.Round(value, 2))
        );
    }

    [Fact]
    public void The_top_of_a_thrust_with_120_kg()
    {
        Posture top = HipThrust.Top(Lifter, 120);
        Assert.Equal((287.05, 0), (Math.Round(top.HipMoment, 2), top.KneeMoment));
    }

    [Theory]
    [InlineData("split-squat", 221.94, 181.70)]
    [InlineData("heels-raised-hand-supported-safety-bar-split-squat", 232.26, 171.38)]
    [InlineData("vertical-shank-hand-supported-safety-bar-split-squat", 478.77, -75.13)]
    [InlineData("barbell-rear-foot-elevated-split-squat", 235.82, 193.05)]
    public void The_bottom_of_a_split_squat_with_40_kg(string exercise, double hip, double knee)
    {
        Posture bottom = SplitSquat.At(Lifter, SplitSetting.Of(exercise, 40)!, 0);
        Assert.Equal((hip, knee), (Math.Round(bottom.HipMoment, 2), Math.Round(bottom.KneeMoment, 2)));
    }

    private static readonly Gen<Lifter> AnyBody =
        from height in Gen.Double[140, 210]
        from mass in Gen.Double[40, 180]
        from shank in Gen.Double[0.92, 1.08]
        from thigh in Gen.Double[0.92, 1.08]
        from torso in Gen.Double[0.92, 1.08]
        from arm in Gen.Double[0.94, 1.06]
        from ankle in Gen.Double[0, 16]
        let lengths = new Segments(height * 0.246 * shank, height * 0.245 * thigh, height * 0.288 * torso, height * 0.386 * arm, null)
        select Lifter.Of(Reference with { HeightCm = height, MassKg = mass, Segments = lengths }, ankle, null);

    [Fact]
    public void The_lean_that_was_seen_stands_on_the_same_legs_and_in_balance_only_where_balance_is() =>
        Gen.Select(AnyBody, Gen.Double[0, 90])
            .Sample(
                (lifter, seen) =>
                {
                    SquatSetting bar = SquatSetting.Of("back-squat-high-bar", 60)!;
                    if (Squat.At(lifter, bar, 0) is not { } balanced)
                        return;
                    Posture observed = Squat.WithLean(lifter, bar, 0, seen);
                    Assert.Equal(
                        (balanced.Joints.Knee, balanced.Joints.Hip, seen),
                        (observed.Joints.Knee, observed.Joints.Hip, observed.LeanDeg)
                    );
                    Assert.Equal(Math.Sign(seen - balanced.LeanDeg), Math.Sign(observed.Joints.Centre.X - balanced.Joints.Centre.X));
                    Assert.Equal(balanced, Squat.WithLean(lifter, bar, 0, balanced.LeanDeg));
                }
            );

    [Fact]
    public void Nothing_is_ever_not_a_number_and_unreachable_is_an_answer() =>
        Gen.Select(AnyBody, Gen.Double[0, 300])
            .Sample(
                (lifter, load) =>
                {
                    IEnumerable<Posture?> postures =
                    [
                        .. PullSetting.Exercises.Select(id => Pull.StartAt(lifter, PullSetting.Of(id, load)!)),
                        .. HingeSetting.Exercises.Select(id => Hinge.Deepest(lifter, HingeSetting.Of(id, load)!)),
                        .. SplitSetting.Exercises.Select(id => (Posture?)SplitSquat.At(lifter, SplitSetting.Of(id, load)!, 0)),
                        HipThrust.Top(lifter, load),
                    ];
                    Assert.All(
                        postures.OfType<Posture>(),
                        posture =>
                            Assert.All(
                                new[]
                                {
                                    posture.LeanDeg,
                                    posture.ShankDeg,
                                    posture.HipMoment,
                                    posture.KneeMoment,
                                    posture.LowBackMoment,
                                    posture.HipHeight,
                                    posture.Joints.Centre.X,
                                },
                                value => Assert.True(double.IsFinite(value))
                            )
                    );
                    Assert.All(
                        PullSetting.Exercises.Select(id => PullSetting.Of(id, load)!),
                        setting =>
                            Assert.True(Pull.StartAt(lifter, setting) is not null || Pull.RaiseNeeded(lifter, setting) is null or > 0)
                    );
                }
            );

    [Fact]
    public void A_sumo_start_leans_less_and_asks_less_of_the_low_back() =>
        Gen.Select(AnyBody, Gen.Double[20, 300])
            .Sample(
                (lifter, load) =>
                {
                    if (
                        Pull.StartAt(lifter, PullSetting.Of("conventional-deadlift", load)!) is not { } conventional
                        || Pull.StartAt(lifter, PullSetting.Of("sumo-deadlift", load)!) is not { } sumo
                    )
                        return;
                    Assert.True(sumo.LeanDeg < conventional.LeanDeg);
                    Assert.True(sumo.LowBackMoment < conventional.LowBackMoment);
                }
            );

    [Fact]
    public void The_part_of_a_moment_that_is_the_load_grows_with_the_load() =>
        Gen.Select(AnyBody, Gen.Double[20, 150])
            .Sample(
                (lifter, load) =>
                {
                    double Part(double kg) => HipThrust.Top(lifter, kg).HipMoment - HipThrust.Top(lifter, 0).HipMoment;
                    Assert.Equal(2 * Part(load), Part(2 * load), 6);
                    double Pulled(double kg) => Pull.StartAt(lifter, PullSetting.Of("block-pull", kg)!)?.HipMoment ?? 0;
                    Assert.Equal(2 * (Pulled(load) - Pulled(0)), Pulled(2 * load) - Pulled(0), 6);
                }
            );

    [Fact]
    public void Longer_thighs_and_wider_stances_do_what_they_should() =>
        Gen.Select(AnyBody, Gen.Double[20, 200], Gen.Double[-10, 30])
            .Sample(
                (lifter, load, b) =>
                {
                    SquatSetting high = SquatSetting.Of("back-squat-high-bar", load)!;
                    if (Squat.At(lifter, high, b) is not { } own)
                        return;
                    if (Squat.At(lifter with { Thigh = lifter.Thigh * 1.03 }, high, b) is { } longer)
                    {
                        Assert.True(longer.LeanDeg > own.LeanDeg);
                        Assert.True(longer.HipShare >= own.HipShare - 1e-9);
                    }
                    if (Squat.At(lifter, high with { StanceDeg = high.StanceDeg + 15 }, b) is { } wider)
                        Assert.True(wider.LeanDeg < own.LeanDeg);
                    if (Squat.At(lifter, SquatSetting.Of("wide-stance-back-squat", load)!, b) is { } wide)
                        Assert.True(wide.HipShare >= own.HipShare - 1e-9);
                    if (Squat.At(lifter, high with { LoadKg = load + 0.01 }, b) is { } heavier)
                        Assert.True(Math.Abs(heavier.LeanDeg - own.LeanDeg) < 0.1);
                }
            );

    [Fact]
    public void What_opens_a_depth_is_found_and_is_the_smallest()
    {
        Lifter stiff = Lifter.Of(Reference with { Segments = new Segments(null, 47, null, null, null) }, 2, null);
        SquatSetting flat = SquatSetting.Of("back-squat-high-bar", 20)!;
        double lift = Squat.HeelLiftFor(stiff, flat, 0)!.Value;
        Assert.InRange(lift, 0.005, 0.05);
        Assert.Null(Squat.At(stiff, flat with { HeelLift = lift - 0.005 }, 0));
        Assert.NotNull(Squat.At(stiff, flat with { HeelLift = lift }, 0));
        Assert.Equal(0, Squat.HeelLiftFor(Lifter, flat, 0));
        Assert.InRange(Squat.HardestThighDeg(Lifter, flat, 0)!.Value, 0, 80);
    }

    [Fact]
    public void Segments_that_were_measured_move_results_the_right_way()
    {
        Lifter longThigh = Lifter.Of(Reference with { Segments = new Segments(null, 47, null, null, null) }, 11, null);
        SquatSetting high = SquatSetting.Of("back-squat-high-bar", 100)!;
        Assert.True(Squat.At(longThigh, high, 0)!.Value.LeanDeg > Squat.At(Lifter, high, 0)!.Value.LeanDeg);
        Lifter longArms = Lifter.Of(Reference with { Segments = new Segments(null, null, null, 72, null) }, 11, null);
        PullSetting pull = PullSetting.Of("conventional-deadlift", 140)!;
        Assert.True(Pull.StartAt(longArms, pull)!.Value.LeanDeg < Pull.StartAt(Lifter, pull)!.Value.LeanDeg);
    }
}
