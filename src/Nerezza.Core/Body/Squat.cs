namespace Nerezza.Core.Body;

/// <summary>One squat of the model: how it is done, and with how much.</summary>
public sealed record SquatSetting
{
    /// <summary>s, 0 to 1: how much of the ankle's range the knees use.</summary>
    public required double KneeTravel { get; init; }

    /// <summary>a, thigh abduction.</summary>
    public required double StanceDeg { get; init; }

    /// <summary>e, metres.</summary>
    public required double HeelLift { get; init; }

    /// <summary>The bar.</summary>
    public required double LoadKg { get; init; }

    /// <summary>Place of the load along the trunk.</summary>
    public required double Rho { get; init; }

    /// <summary>Place of the load in front of the trunk line, metres.</summary>
    public required double D { get; init; }

    /// <summary>Whether there is no load and the arms reach forward.</summary>
    public required ArmsOut ArmsOut { get; init; }

    /// <summary>The setting of a catalogue exercise, or null when it has no posture.</summary>
    public static SquatSetting? Of(string exercise, double loadKg) =>
        BodyRules.Shipped.Squats.TryGetValue(exercise, out SquatStyle? style) ? From(style.Bar, style.S, style.A, style.E, loadKg) : null;

    /// <summary>The exercises that have a squat posture, by id.</summary>
    public static IReadOnlyList<string> Exercises { get; } = [.. BodyRules.Shipped.Squats.Keys.Order(StringComparer.Ordinal)];

    internal static SquatSetting From(string bar, double s, double a, double e, double loadKg)
    {
        BarPlace place = BodyRules.Shipped.Bars[bar];
        return new SquatSetting
        {
            KneeTravel = s,
            StanceDeg = a,
            HeelLift = e,
            LoadKg = bar == "none" ? 0 : loadKg,
            Rho = place.Rho,
            D = place.D,
            ArmsOut = bar == "none" ? ArmsOut.Yes : ArmsOut.No,
        };
    }
}

/// <summary>Whether the arms are held straight out in front.</summary>
public enum ArmsOut
{
    /// <summary>The hands are on a load.</summary>
    No,

    /// <summary>Without a load.</summary>
    Yes,
}

/// <summary>The static squat: how far the trunk must lean to keep balance, and what the joints must hold (model and numbers:
/// docs/rules.md).</summary>
/// <remarks>A lever sum for a still body in the side plane: it compares variations and says nothing of injury.</remarks>
public static class Squat
{
    /// <summary>The posture with the thigh at <paramref name="thighDeg"/> from the horizontal (0: hip level with knee; positive:
    /// higher).</summary>
    /// <returns>Null when it cannot be held in balance: no root, or a lean above 80 degrees.</returns>
    public static Posture? At(Lifter lifter, SquatSetting setting, double thighDeg)
    {
        Stand stand = Stand.Of(lifter, setting);
        Legs legs = stand.LegsAt(thighDeg);
        return stand.BalancedLean(legs) is { } lean ? Leaned(lifter, setting, legs, lean) : null;
    }

    /// <summary>The same legs with the trunk at a lean that was seen, in balance or not: what the screen found beside what balance asks
    /// for.</summary>
    public static Posture WithLean(Lifter lifter, SquatSetting setting, double thighDeg, double leanDeg) =>
        Leaned(lifter, setting, Stand.Of(lifter, setting).LegsAt(thighDeg), leanDeg);

    private static Posture Leaned(Lifter lifter, SquatSetting setting, Legs legs, double lean)
    {
        double t = Angles.Radians(lean),
            along = setting.Rho * lifter.Torso;
        Point bar = new(
            legs.Hip.X + along * Math.Sin(t) + setting.D * Math.Cos(t),
            legs.Hip.Y + along * Math.Cos(t) - setting.D * Math.Sin(t)
        );
        double fromLowBack = (setting.Rho - BodyRules.Shipped.LowBack.UpTheTrunk) * lifter.Torso * Math.Sin(t) + setting.D * Math.Cos(t);
        Posture held = Weights.Of(lifter, setting.LoadKg).Hold(lifter, legs.Knee, legs.Hip, lean, bar, fromLowBack, legs.Foot);
        double reached = Weights.Gravity * Reach(lifter, setting);
        return held with
        {
            HipMoment = held.HipMoment + reached,
            KneeMoment = held.KneeMoment - reached,
            AnkleMoment = held.AnkleMoment + reached,
            LowBackMoment = held.LowBackMoment + reached,
        };
    }

    /// <summary>What arms held out in front add to the balance, kg m.</summary>
    private static double Reach(Lifter lifter, SquatSetting setting) =>
        setting.ArmsOut is ArmsOut.Yes
            ? BodyRules.Shipped.ArmsOut.MassFraction * lifter.Mass * BodyRules.Shipped.ArmsOut.ReachOfHeight * lifter.Height
            : 0;

    /// <summary>Everything below the hip: it does not depend on the trunk.</summary>
    private readonly record struct Legs(Point Knee, Point Hip, FootPlace Foot);

    /// <summary>What stays the same on the way down, worked out once for all its depths.</summary>
    /// <param name="Pitch">How far a raised heel tips the foot, degrees.</param>
    /// <param name="Side">The thigh as seen from the side, metres.</param>
    /// <param name="Whole">Length of (P, Q): what trunk and load weigh around the hip, kg m.</param>
    /// <param name="Turn">Angle of (P, Q), radians.</param>
    private readonly record struct Stand(
        Lifter Lifter,
        SquatSetting Setting,
        FootPlace Foot,
        double Pitch,
        double Side,
        double Whole,
        double Turn
    )
    {
        public static Stand Of(Lifter lifter, SquatSetting setting)
        {
            BodyRules rules = BodyRules.Shipped;
            double pitch = Angles.Degrees(Math.Asin(Math.Min(1, setting.HeelLift / (rules.Foot.HeelToBall * lifter.Foot))));
            double p =
                    lifter.Torso * (rules.Centres.TrunkFromHip * (rules.Masses.HeadArmsTrunk * lifter.Mass) + setting.Rho * setting.LoadKg),
                q = setting.D * setting.LoadKg;
            return new Stand(
                lifter,
                setting,
                FootPlace.On(lifter, setting.HeelLift),
                pitch,
                lifter.Thigh * Math.Cos(Angles.Radians(setting.StanceDeg)),
                Math.Sqrt(p * p + q * q),
                Math.Atan2(q, p)
            );
        }

        public Legs LegsAt(double thighDeg)
        {
            double shankDeg =
                Setting.KneeTravel * (Lifter.ShankLimit + Pitch) * Math.Min(1, (90 - thighDeg) / BodyRules.Shipped.Limits.ShankFullAt);
            double b = Angles.Radians(thighDeg),
                th = Angles.Radians(shankDeg);
            Point knee = new(Lifter.Shank * Math.Sin(th), Foot.Ankle.Y + Lifter.Shank * Math.Cos(th));
            return new Legs(knee, new Point(knee.X - Side * Math.Cos(b), knee.Y + Side * Math.Sin(b)), Foot);
        }

        /// <summary>The lowest root of P sin t + Q cos t + c; null when there is none, or none up to the limit.</summary>
        public double? BalancedLean(Legs legs)
        {
            BodyRules rules = BodyRules.Shipped;
            double shankX = rules.Centres.ShankFromAnkle * legs.Knee.X,
                thighX = legs.Hip.X + rules.Centres.ThighFromHip * (legs.Knee.X - legs.Hip.X),
                mid = Lifter.MidFoot;
            double c =
                rules.Masses.Shanks * Lifter.Mass * (shankX - mid)
                + rules.Masses.Thighs * Lifter.Mass * (thighX - mid)
                + (rules.Masses.HeadArmsTrunk * Lifter.Mass + Setting.LoadKg) * (legs.Hip.X - mid)
                + Reach(Lifter, Setting);
            double ratio = -c / Whole;
            if (!(ratio is >= -1 and <= 1))
                return null;
            double lean = Angles.Degrees(Math.Asin(ratio) - Turn);
            return lean > rules.Limits.MostLean ? null : lean;
        }

        public bool IsHeld(double thighDeg) => BalancedLean(LegsAt(thighDeg)) is not null;
    }

    /// <summary>The deepest thigh angle, to 0.5 degrees and not below <paramref name="asked"/>, that is reached with balance all the way
    /// down.</summary>
    /// <returns>Null when not even the start of the way can be held.</returns>
    public static double? Deepest(Lifter lifter, SquatSetting setting, double asked)
    {
        LimitRule limits = BodyRules.Shipped.Limits;
        Stand stand = Stand.Of(lifter, setting);
        double? deepest = null;
        for (double b = Math.Max(limits.ReachFrom, asked); b >= asked; b -= limits.Step)
        {
            if (!stand.IsHeld(b))
                return deepest;
            deepest = b;
        }
        return stand.IsHeld(asked) ? asked : deepest;
    }

    /// <summary>The posture at a depth that is reached with balance all the way down, and how deep that goes.</summary>
    /// <returns>No posture where balance is lost before; no depth where not even the start of the way can be held.</returns>
    public static (Posture? Posture, double? DeepestDeg) Reached(Lifter lifter, SquatSetting setting, double asked)
    {
        double? deepest = Deepest(lifter, setting, asked);
        return (deepest <= asked ? At(lifter, setting, asked) : null, deepest);
    }

    /// <summary>Hip height in centimetres at which the pelvis is likely to tuck on the way down to a depth; null when it does not come to
    /// that.</summary>
    public static double? TuckHeightCm(Lifter lifter, SquatSetting setting, double asked)
    {
        BodyRules rules = BodyRules.Shipped;
        Stand stand = Stand.Of(lifter, setting);
        for (double b = rules.Sweep.SquatFrom; b >= asked; b -= rules.Limits.Step)
        {
            Legs legs = stand.LegsAt(b);
            if (
                stand.BalancedLean(legs) is { } lean
                && Weights.HipFlexion(legs.Knee, legs.Hip, lean) > lifter.HipFlexion + rules.Tuck.BeyondPassive
            )
                return legs.Hip.Y * 100;
        }
        return null;
    }

    /// <summary>The smallest heel lift that makes a depth reachable, metres, 0 when it is already; null when none up to 5 cm
    /// does.</summary>
    public static double? HeelLiftFor(Lifter lifter, SquatSetting setting, double asked)
    {
        AllowedRule rule = BodyRules.Shipped.Allowed;
        for (double lift = setting.HeelLift; lift <= rule.HeelMost + 1e-9; lift += rule.HeelStep)
            if (Deepest(lifter, setting with { HeelLift = lift }, asked) <= asked)
                return Math.Round(lift, 6);
        return null;
    }

    /// <summary>The narrowest stance not narrower than the setting's own that makes a depth reachable, degrees; null when none
    /// does.</summary>
    public static double? StanceFor(Lifter lifter, SquatSetting setting, double asked)
    {
        AllowedRule rule = BodyRules.Shipped.Allowed;
        for (double stance = setting.StanceDeg; stance <= rule.StanceMost; stance += rule.StanceStep)
            if (Deepest(lifter, setting with { StanceDeg = stance }, asked) <= asked)
                return stance;
        return null;
    }

    /// <summary>The thigh angle at which hip and knee together hold most on the way down to a depth; null when nothing of it can be
    /// held.</summary>
    public static double? HardestThighDeg(Lifter lifter, SquatSetting setting, double asked)
    {
        (double Thigh, double Moment)? hardest = null;
        for (double b = BodyRules.Shipped.Sweep.SquatFrom; b >= asked; b -= BodyRules.Shipped.Sweep.HardestStep)
        {
            if (At(lifter, setting, b) is not { } posture)
                continue;
            double moment = Math.Max(0, posture.HipMoment) + Math.Max(0, posture.KneeMoment);
            if (hardest is null || moment > hardest.Value.Moment)
                hardest = (b, moment);
        }
        return hardest?.Thigh;
    }
}
