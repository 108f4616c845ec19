namespace Nerezza.Core.Body;

/// <summary>The hip thrust at the top: trunk and thigh level, shank upright, back on the bench, bar at the hip joint.</summary>
public static class HipThrust
{
    /// <summary>The exercises drawn and summed so, by id.</summary>
    public static IReadOnlyList<string> Exercises { get; } = [.. BodyRules.Shipped.Thrusts.Order(StringComparer.Ordinal)];

    /// <summary>The top with a load. Moments about the bench give the force under the feet; the knee holds nothing while the shank is
    /// upright.</summary>
    public static Posture Top(Lifter lifter, double loadKg)
    {
        ThrustRule rule = BodyRules.Shipped.Thrust;
        CentreFractions centres = BodyRules.Shipped.Centres;
        Weights of = Weights.Of(lifter, loadKg);
        double bench = rule.Bench * lifter.Torso,
            legs = of.Shanks + of.Feet,
            span = bench + lifter.Thigh;
        double force =
            Weights.Gravity
            * (
                bench * loadKg
                + of.Trunk * rule.TrunkFromBench * lifter.Torso
                + of.Thighs * (bench + centres.ThighFromHip * lifter.Thigh)
                + legs * span
            )
            / span;
        double hipMoment = force * lifter.Thigh - Weights.Gravity * (of.Thighs * centres.ThighFromHip * lifter.Thigh + legs * lifter.Thigh);
        FootPlace foot = FootPlace.On(lifter, 0);
        double level = foot.Ankle.Y + lifter.Shank;
        Point knee = new(0, level),
            hip = new(-lifter.Thigh, level),
            shoulder = new(hip.X - lifter.Torso, level);
        double all = of.Shanks + of.Thighs + of.Trunk + loadKg;
        Point centre = new(
            (
                of.Thighs * (hip.X + centres.ThighFromHip * lifter.Thigh)
                + of.Trunk * (hip.X - centres.TrunkFromHip * lifter.Torso)
                + loadKg * hip.X
            ) / all,
            level
        );
        return new Posture(
            -90,
            0,
            0,
            90,
            hipMoment,
            0,
            0,
            0,
            new Joints(foot.Heel, foot.Ball, foot.Ankle, knee, hip, shoulder, hip, centre, foot.BalanceX)
        );
    }
}
