namespace Nerezza.Core.Body;

/// <summary>A point in the side plane, metres: x forward from the ankle joint, y up from the floor.</summary>
public readonly record struct Point(double X, double Y);

/// <summary>The points of a posture, as the model has them and the figure draws them.</summary>
/// <param name="Bar">Where the load acts; where the chest is when there is none.</param>
/// <param name="Centre">Centre of mass of body and load.</param>
/// <param name="BalanceX">Where the ground pushes: mid-foot, unless the exercise moves it.</param>
public readonly record struct Joints(
    Point Heel,
    Point Ball,
    Point Ankle,
    Point Knee,
    Point Hip,
    Point Shoulder,
    Point Bar,
    Point Centre,
    double BalanceX
);

/// <summary>A lift held still at one point of its range. Moments are those that the muscles must hold, newton metres, both legs together;
/// angles in degrees.</summary>
/// <param name="LeanDeg">t, trunk from the vertical.</param>
/// <param name="ShankDeg">th, shank from the vertical.</param>
/// <param name="HipMoment">Positive works the hip extensors.</param>
/// <param name="KneeMoment">Positive works the knee extensors; negative the hamstrings.</param>
public readonly record struct Posture(
    double LeanDeg,
    double ShankDeg,
    double HipFlexionDeg,
    double KneeFlexionDeg,
    double HipMoment,
    double KneeMoment,
    double AnkleMoment,
    double LowBackMoment,
    Joints Joints
)
{
    /// <summary>The hip's part of hip and knee work, 0 to 1.</summary>
    public double HipShare => Math.Max(HipMoment, 0) + Math.Max(KneeMoment, 0) is var sum && sum > 0 ? Math.Max(HipMoment, 0) / sum : 0;

    /// <summary>Height of the hip joint, metres.</summary>
    public double HipHeight => Joints.Hip.Y;

    /// <summary>Thigh from the horizontal, degrees; positive with the hip above the knee.</summary>
    public double ThighDeg => Weights.ThighDeg(Joints.Knee, Joints.Hip);
}

/// <summary>Sums that every posture needs: weights at their places, and the moments about the joints.</summary>
internal readonly record struct Weights(double Shanks, double Thighs, double Trunk, double Feet, double Load)
{
    public const double Gravity = 9.80665;

    public static Weights Of(Lifter lifter, double loadKg) =>
        new(
            BodyRules.Shipped.Masses.Shanks * lifter.Mass,
            BodyRules.Shipped.Masses.Thighs * lifter.Mass,
            BodyRules.Shipped.Masses.HeadArmsTrunk * lifter.Mass,
            BodyRules.Shipped.Thrust.Feet * lifter.Mass,
            loadKg
        );

    /// <summary>The posture of joints that are known, with the moments that hold it.</summary>
    /// <param name="loadFromLowBack">How far in front of the joint of the low back the load pulls, metres.</param>
    public Posture Hold(Lifter lifter, Point knee, Point hip, double leanDeg, Point bar, double loadFromLowBack, FootPlace foot)
    {
        BodyRules rules = BodyRules.Shipped;
        double t = Angles.Radians(leanDeg);
        Point shoulder = new(hip.X + lifter.Torso * Math.Sin(t), hip.Y + lifter.Torso * Math.Cos(t));
        Point trunk = Between(hip, shoulder, rules.Centres.TrunkFromHip),
            thigh = Between(hip, knee, rules.Centres.ThighFromHip),
            shank = Between(foot.Ankle, knee, rules.Centres.ShankFromAnkle);
        double lowBack =
            rules.LowBack.MassAbove * lifter.Mass * rules.LowBack.CentreAbove * lifter.Torso * Math.Sin(t) + Load * loadFromLowBack;
        double all = Shanks + Thighs + Trunk + Load;
        Point centre = new(
            (Shanks * shank.X + Thighs * thigh.X + Trunk * trunk.X + Load * bar.X) / all,
            (Shanks * shank.Y + Thighs * thigh.Y + Trunk * trunk.Y + Load * bar.Y) / all
        );
        double thighDeg = ThighDeg(knee, hip),
            shankDeg = Angles.Degrees(Math.Atan2(knee.X - foot.Ankle.X, knee.Y - foot.Ankle.Y));
        return new Posture(
            leanDeg,
            shankDeg,
            HipFlexion(knee, hip, leanDeg),
            90 + shankDeg - thighDeg,
            Gravity * (Trunk * (trunk.X - hip.X) + Load * (bar.X - hip.X)),
            Gravity * (Thighs * (knee.X - thigh.X) + Trunk * (knee.X - trunk.X) + Load * (knee.X - bar.X)),
            Gravity * (Shanks * shank.X + Thighs * thigh.X + Trunk * trunk.X + Load * bar.X),
            Gravity * lowBack,
            new Joints(foot.Heel, foot.Ball, foot.Ankle, knee, hip, shoulder, bar, centre, foot.BalanceX)
        );
    }

    /// <summary>Thigh from the horizontal in the side plane, degrees; positive with the hip above the knee.</summary>
    public static double ThighDeg(Point knee, Point hip) => Angles.Degrees(Math.Atan2(hip.Y - knee.Y, knee.X - hip.X));

    /// <summary>Bend of the hip, degrees, 0 standing.</summary>
    public static double HipFlexion(Point knee, Point hip, double leanDeg) => 90 + leanDeg - ThighDeg(knee, hip);

    private static Point Between(Point from, Point to, double part) =>
        new(from.X + part * (to.X - from.X), from.Y + part * (to.Y - from.Y));
}

/// <summary>The foot as it stands: flat, or on a wedge.</summary>
internal readonly record struct FootPlace(Point Heel, Point Ball, Point Ankle, double BalanceX)
{
    /// <param name="heelLift">Height of the wedge under the heel, metres.</param>
    public static FootPlace On(Lifter lifter, double heelLift)
    {
        FootRule rule = BodyRules.Shipped.Foot;
        double ankle = lifter.AnkleHeight + heelLift * (rule.HeelToBall - rule.HeelBehindAnkle) / rule.HeelToBall;
        return new FootPlace(
            new Point(-rule.HeelBehindAnkle * lifter.Foot, heelLift),
            new Point((rule.HeelToBall - rule.HeelBehindAnkle) * lifter.Foot, 0),
            new Point(0, ankle),
            lifter.MidFoot
        );
    }
}
