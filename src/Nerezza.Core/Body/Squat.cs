namespace Nerezza.Core.Body;

/// <summary>One squat of the model: how it is done, and with how much.</summary>
/// <param name="KneeTravel">s, 0 to 1: how much of the ankle's range the knees use.</param>
/// <param name="StanceDeg">a, thigh abduction.</param>
/// <param name="HeelLift">e, metres.</param>
/// <param name="LoadKg">The bar.</param>
/// <param name="Rho">Place of the load along the trunk.</param>
/// <param name="D">Place of the load in front of the trunk line, metres.</param>
/// <param name="ArmsOut">Whether there is no load and the arms reach forward.</param>
public sealed record SquatSetting(double KneeTravel, double StanceDeg, double HeelLift, double LoadKg, double Rho, double D, ArmsOut ArmsOut)
{
    /// <summary>The setting of a catalogue exercise, or null when it has no posture.</summary>
    public static SquatSetting? Of(string exercise, double loadKg) =>
        BodyRules.Shipped.Squats.TryGetValue(exercise, out SquatStyle? style) ? From(style.Bar, style.S, style.A, style.E, loadKg) : null;

    /// <summary>The exercises that have a squat posture, by id.</summary>
    public static IReadOnlyList<string> Exercises { get; } = [.. BodyRules.Shipped.Squats.Keys.Order(StringComparer.Ordinal)];

    internal static SquatSetting From(string bar, double s, double a, double e, double loadKg)
    {
        BarPlace place = BodyRules.Shipped.Bars[bar];
        return new SquatSetting(s, a, e, bar == "none" ? 0 : loadKg, place.Rho, place.D, bar == "none" ? ArmsOut.Yes : ArmsOut.No);
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

/// <summary>The static squat: how far the trunk must lean to keep balance, and what the joints must hold (model and numbers: docs/rules.md).</summary>
/// <remarks>A lever sum for a still body in the side plane: it compares variations and says nothing of injury.</remarks>
public static class Squat
{
    /// <summary>The posture with the thigh at <paramref name="thighDeg"/> from the horizontal (0: hip level with knee; positive: higher).</summary>
    /// <returns>Null when it cannot be held in balance: no root, or a lean above 80 degrees.</returns>
    public static Posture? At(Lifter lifter, SquatSetting setting, double thighDeg)
    {
        Legs legs = Legs.Of(lifter, setting, thighDeg);
        return BalancedLean(lifter, setting, legs) is { } lean ? Leaned(lifter, setting, legs, lean) : null;
    }

    /// <summary>The same legs with the trunk at a lean that was seen, in balance or not: what the screen found beside what balance asks for.</summary>
    public static Posture WithLean(Lifter lifter, SquatSetting setting, double thighDeg, double leanDeg) =>
        Leaned(lifter, setting, Legs.Of(lifter, setting, thighDeg), leanDeg);

    /// <summary>The lowest root of P sin t + Q cos t + c; null when there is none, or none up to the limit.</summary>
    private static double? BalancedLean(Lifter lifter, SquatSetting setting, Legs legs)
    {
        BodyRules rules = BodyRules.Shipped;
        double shankMass = rules.Masses.Shanks * lifter.Mass, thighMass = rules.Masses.Thighs * lifter.Mass, trunkMass = rules.Masses.HeadArmsTrunk * lifter.Mass;
        double shankX = rules.Centres.ShankFromAnkle * legs.Knee.X, thighX = legs.Hip.X + rules.Centres.ThighFromHip * (legs.Knee.X - legs.Hip.X);
        double p = lifter.Torso * (rules.Centres.TrunkFromHip * trunkMass + setting.Rho * setting.LoadKg), q = setting.D * setting.LoadKg, mid = lifter.MidFoot;
        double c = shankMass * (shankX - mid) + thighMass * (thighX - mid) + (trunkMass + setting.LoadKg) * (legs.Hip.X - mid) + Reach(lifter, setting);
        double ratio = -c / Math.Sqrt(p * p + q * q);
        if (!(ratio is >= -1 and <= 1)) return null;
        double lean = Angles.Degrees(Math.Asin(ratio) - Math.Atan2(q, p));
        return lean > rules.Limits.MostLean ? null : lean;
    }

    private static Posture Leaned(Lifter lifter, SquatSetting setting, Legs legs, double lean)
    {
        double t = Angles.Radians(lean), along = setting.Rho * lifter.Torso;
        Point bar = new(legs.Hip.X + along * Math.Sin(t) + setting.D * Math.Cos(t), legs.Hip.Y + along * Math.Cos(t) - setting.D * Math.Sin(t));
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
        setting.ArmsOut is ArmsOut.Yes ? BodyRules.Shipped.ArmsOut.MassFraction * lifter.Mass * BodyRules.Shipped.ArmsOut.ReachOfHeight * lifter.Height : 0;

    /// <summary>Everything below the hip: it does not depend on the trunk.</summary>
    private readonly record struct Legs(Point Knee, Point Hip, FootPlace Foot)
    {
        public static Legs Of(Lifter lifter, SquatSetting setting, double thighDeg)
        {
            BodyRules rules = BodyRules.Shipped;
            double pitch = Angles.Degrees(Math.Asin(Math.Min(1, setting.HeelLift / (rules.Foot.HeelToBall * lifter.Foot))));
            double shankDeg = setting.KneeTravel * (lifter.ShankLimit + pitch) * Math.Min(1, (90 - thighDeg) / rules.Limits.ShankFullAt);
            double b = Angles.Radians(thighDeg), th = Angles.Radians(shankDeg), side = lifter.Thigh * Math.Cos(Angles.Radians(setting.StanceDeg));
            FootPlace foot = FootPlace.On(lifter, setting.HeelLift);
            Point knee = new(lifter.Shank * Math.Sin(th), foot.Ankle.Y + lifter.Shank * Math.Cos(th));
            return new Legs(knee, new Point(knee.X - side * Math.Cos(b), knee.Y + side * Math.Sin(b)), foot);
        }
    }

    /// <summary>The deepest thigh angle, to 0.5 degrees and not below <paramref name="asked"/>, that is reached with balance all the way down.</summary>
    /// <returns>Null when not even the start of the way can be held.</returns>
    public static double? Deepest(Lifter lifter, SquatSetting setting, double asked)
    {
        LimitRule limits = BodyRules.Shipped.Limits;
        double? deepest = null;
        for (double b = Math.Max(limits.ReachFrom, asked); b >= asked; b -= limits.Step)
        {
            if (!IsHeld(lifter, setting, b)) return deepest;
            deepest = b;
        }
        return IsHeld(lifter, setting, asked) ? asked : deepest;
    }

    /// <summary>The posture at a depth that is reached with balance all the way down, and how deep that goes.</summary>
    /// <returns>No posture where balance is lost before; no depth where not even the start of the way can be held.</returns>
    public static (Posture? Posture, double? DeepestDeg) Reached(Lifter lifter, SquatSetting setting, double asked)
    {
        double? deepest = Deepest(lifter, setting, asked);
        return (deepest <= asked ? At(lifter, setting, asked) : null, deepest);
    }

    private static bool IsHeld(Lifter lifter, SquatSetting setting, double thighDeg) => BalancedLean(lifter, setting, Legs.Of(lifter, setting, thighDeg)) is not null;

    /// <summary>Hip height in centimetres at which the pelvis is likely to tuck on the way down to a depth; null when it does not come to that.</summary>
    public static double? TuckHeightCm(Lifter lifter, SquatSetting setting, double asked)
    {
        BodyRules rules = BodyRules.Shipped;
        for (double b = rules.Sweep.SquatFrom; b >= asked; b -= rules.Limits.Step)
        {
            Legs legs = Legs.Of(lifter, setting, b);
            if (BalancedLean(lifter, setting, legs) is { } lean && Weights.HipFlexion(legs.Knee, legs.Hip, lean) > lifter.HipFlexion + rules.Tuck.BeyondPassive) return legs.Hip.Y * 100;
        }
        return null;
    }

    /// <summary>The smallest heel lift that makes a depth reachable, metres, 0 when it is already; null when none up to 5 cm does.</summary>
    public static double? HeelLiftFor(Lifter lifter, SquatSetting setting, double asked)
    {
        AllowedRule rule = BodyRules.Shipped.Allowed;
        for (double lift = setting.HeelLift; lift <= rule.HeelMost + 1e-9; lift += rule.HeelStep)
            if (Deepest(lifter, setting with { HeelLift = lift }, asked) <= asked) return Math.Round(lift, 6);
        return null;
    }

    /// <summary>The narrowest stance not narrower than the setting's own that makes a depth reachable, degrees; null when none does.</summary>
    public static double? StanceFor(Lifter lifter, SquatSetting setting, double asked)
    {
        AllowedRule rule = BodyRules.Shipped.Allowed;
        for (double stance = setting.StanceDeg; stance <= rule.StanceMost; stance += rule.StanceStep)
            if (Deepest(lifter, setting with { StanceDeg = stance }, asked) <= asked) return stance;
        return null;
    }

    /// <summary>The thigh angle at which hip and knee together hold most on the way down to a depth; null when nothing of it can be held.</summary>
    public static double? HardestThighDeg(Lifter lifter, SquatSetting setting, double asked)
    {
        (double Thigh, double Moment)? hardest = null;
        for (double b = BodyRules.Shipped.Sweep.SquatFrom; b >= asked; b -= BodyRules.Shipped.Sweep.HardestStep)
        {
            if (At(lifter, setting, b) is not { } posture) continue;
            double moment = Math.Max(0, posture.HipMoment) + Math.Max(0, posture.KneeMoment);
            if (hardest is null || moment > hardest.Value.Moment) hardest = (b, moment);
        }
        return hardest?.Thigh;
    }
}
