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

/// <summary>A squat held still at one depth. Moments are in newton metres, both legs together; angles in degrees.</summary>
/// <param name="LeanDeg">t, trunk from the vertical.</param>
/// <param name="HipHeight">Height of the hip joint, metres.</param>
public readonly record struct SquatPosture(
    double LeanDeg, double ShankDeg, double HipFlexionDeg, double KneeFlexionDeg, double HipMoment, double KneeMoment, double AnkleMoment, double LowBackMoment, double HipHeight)
{
    /// <summary>The hip's part of hip and knee work, 0 to 1.</summary>
    public double HipShare => Math.Max(HipMoment, 0) + Math.Max(KneeMoment, 0) is var sum && sum > 0 ? Math.Max(HipMoment, 0) / sum : 0;
}

/// <summary>The static squat: how far the trunk must lean to keep balance, and what the joints must hold (model and numbers: docs/rules.md).</summary>
/// <remarks>A lever sum for a still body in the side plane: it compares variations and says nothing of injury.</remarks>
public static class Squat
{
    private const double Gravity = 9.80665;

    /// <summary>The posture with the thigh at <paramref name="thighDeg"/> from the horizontal (0: hip level with knee; positive: higher).</summary>
    /// <returns>Null when it cannot be held in balance: no root, or a lean above 80 degrees.</returns>
    public static SquatPosture? At(Lifter lifter, SquatSetting setting, double thighDeg)
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

        double trunkX = hipX + rules.Centres.TrunkFromHip * lifter.Torso * Math.Sin(t), barX = hipX + setting.Rho * lifter.Torso * Math.Sin(t) + setting.D * Math.Cos(t);
        double ankleHeight = lifter.AnkleHeight + setting.HeelLift * (rules.Foot.HeelToBall - rules.Foot.HeelBehindAnkle) / rules.Foot.HeelToBall;
        double low = rules.LowBack.MassAbove * lifter.Mass * rules.LowBack.CentreAbove * lifter.Torso * Math.Sin(t)
            + setting.LoadKg * ((setting.Rho - rules.LowBack.UpTheTrunk) * lifter.Torso * Math.Sin(t) + setting.D * Math.Cos(t));
        return new SquatPosture(
            lean, shankDeg, 90 + lean - thighDeg, 90 + shankDeg - thighDeg,
            Gravity * (trunkMass * (trunkX - hipX) + setting.LoadKg * (barX - hipX) + arms),
            Gravity * (thighMass * (kneeX - thighX) + trunkMass * (kneeX - trunkX) + setting.LoadKg * (kneeX - barX) - arms),
            Gravity * (shankMass * shankX + thighMass * thighX + trunkMass * trunkX + setting.LoadKg * barX + arms),
            Gravity * (low + arms),
            ankleHeight + lifter.Shank * Math.Cos(th) + side * Math.Sin(b));
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
        for (double b = 80; b >= asked; b -= rules.Limits.Step)
            if (At(lifter, setting, b) is { } posture && posture.HipFlexionDeg > lifter.HipFlexion + rules.Tuck.BeyondPassive) return posture.HipHeight * 100;
        return null;
    }
}
