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
        BodyRules rules = BodyRules.Shipped;
        double pitch = Angles.Degrees(Math.Asin(Math.Min(1, setting.HeelLift / (rules.Foot.HeelToBall * lifter.Foot))));
        double shankDeg = setting.KneeTravel * (lifter.ShankLimit + pitch) * Math.Min(1, (90 - thighDeg) / rules.Limits.ShankFullAt);
        double b = Angles.Radians(thighDeg), th = Angles.Radians(shankDeg), side = lifter.Thigh * Math.Cos(Angles.Radians(setting.StanceDeg));
        double shankMass = rules.Masses.Shanks * lifter.Mass, thighMass = rules.Masses.Thighs * lifter.Mass, trunkMass = rules.Masses.HeadArmsTrunk * lifter.Mass;
        double kneeX = lifter.Shank * Math.Sin(th), hipX = kneeX - side * Math.Cos(b);
        double shankX = rules.Centres.ShankFromAnkle * kneeX, thighX = hipX + rules.Centres.ThighFromHip * side * Math.Cos(b);
        double arms = setting.ArmsOut is ArmsOut.Yes ? rules.ArmsOut.MassFraction * lifter.Mass * rules.ArmsOut.ReachOfHeight * lifter.Height : 0;

        double p = lifter.Torso * (rules.Centres.TrunkFromHip * trunkMass + setting.Rho * setting.LoadKg), q = setting.D * setting.LoadKg, mid = lifter.MidFoot;
        double c = shankMass * (shankX - mid) + thighMass * (thighX - mid) + (trunkMass + setting.LoadKg) * (hipX - mid) + arms;
        double ratio = -c / Math.Sqrt(p * p + q * q);
        if (!(ratio is >= -1 and <= 1)) return null;
        double t = Math.Asin(ratio) - Math.Atan2(q, p), lean = Angles.Degrees(t);
        if (lean > rules.Limits.MostLean) return null;

        FootPlace foot = FootPlace.On(lifter, setting.HeelLift);
        Point knee = new(kneeX, foot.Ankle.Y + lifter.Shank * Math.Cos(th)), hip = new(hipX, knee.Y + side * Math.Sin(b));
        double along = setting.Rho * lifter.Torso;
        Point bar = new(hipX + along * Math.Sin(t) + setting.D * Math.Cos(t), hip.Y + along * Math.Cos(t) - setting.D * Math.Sin(t));
        double fromLowBack = (setting.Rho - rules.LowBack.UpTheTrunk) * lifter.Torso * Math.Sin(t) + setting.D * Math.Cos(t);
        Posture held = Weights.Of(lifter, setting.LoadKg).Hold(lifter, knee, hip, lean, bar, fromLowBack, foot);
        double reached = Weights.Gravity * arms;
        return held with
        {
            HipMoment = held.HipMoment + reached,
            KneeMoment = held.KneeMoment - reached,
            AnkleMoment = held.AnkleMoment + reached,
            LowBackMoment = held.LowBackMoment + reached,
        };
    }

    /// <summary>The deepest thigh angle, to 0.5 degrees and not below <paramref name="asked"/>, that is reached with balance all the way down.</summary>
    /// <returns>Null when not even the start of the way can be held.</returns>
    public static double? Deepest(Lifter lifter, SquatSetting setting, double asked)
    {
        LimitRule limits = BodyRules.Shipped.Limits;
        double? deepest = null;
        for (double b = Math.Max(limits.ReachFrom, asked); b >= asked; b -= limits.Step)
        {
            if (At(lifter, setting, b) is null) return deepest;
            deepest = b;
        }
        return At(lifter, setting, asked) is null ? deepest : asked;
    }

    /// <summary>Hip height in centimetres at which the pelvis is likely to tuck on the way down to a depth; null when it does not come to that.</summary>
    public static double? TuckHeightCm(Lifter lifter, SquatSetting setting, double asked)
    {
        BodyRules rules = BodyRules.Shipped;
        for (double b = rules.Sweep.SquatFrom; b >= asked; b -= rules.Limits.Step)
            if (At(lifter, setting, b) is { } posture && posture.HipFlexionDeg > lifter.HipFlexion + rules.Tuck.BeyondPassive) return posture.HipHeight * 100;
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
