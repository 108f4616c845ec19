using Nerezza.Core.Clients;

namespace Nerezza.Core.Body;

/// <summary>A client's body as the model sees it, in metres, kilograms and degrees.</summary>
/// <remarks>Lengths that are not measured come from height (Drillis and Contini 1966). The ankle joint stands at x = 0.</remarks>
public sealed record Lifter
{
    /// <summary>Standing height.</summary>
    public required double Height { get; init; }

    /// <summary>Body mass.</summary>
    public required double Mass { get; init; }

    /// <summary>Ankle to knee joint.</summary>
    public required double Shank { get; init; }

    /// <summary>Knee to hip joint.</summary>
    public required double Thigh { get; init; }

    /// <summary>Hip to shoulder joint.</summary>
    public required double Torso { get; init; }

    /// <summary>Shoulder joint to the middle of the grip.</summary>
    public required double Arm { get; init; }

    /// <summary>Heel to toe.</summary>
    public required double Foot { get; init; }

    /// <summary>How far the shank can lean forward on flat ground, degrees from the vertical.</summary>
    public required double ShankLimit { get; init; }

    /// <summary>Passive hip flexion, degrees.</summary>
    public required double HipFlexion { get; init; }

    /// <summary>Where the weight is balanced: mid-foot, metres in front of the ankle.</summary>
    public double MidFoot => BodyRules.Shipped.Foot.MidFoot * Foot;

    /// <summary>Height of the ankle joint on flat ground.</summary>
    public double AnkleHeight => BodyRules.Shipped.Segments.AnkleHeight * Height;

    /// <summary>The knee-to-wall distance that stands in where neither side was tested, cm.</summary>
    public static double UntestedKneeToWallCm => BodyRules.Shipped.Ankle.UntestedCm;

    /// <summary>How far the shank can lean on flat ground, degrees, by the geometry of the knee-to-wall test.</summary>
    /// <param name="foot">Metres.</param>
    /// <param name="shank">Metres.</param>
    public static double ShankLimitOf(double kneeToWallCm, double foot, double shank)
    {
        AnkleRule rule = BodyRules.Shipped.Ankle;
        double reach = Math.Max(0, rule.ToeAhead * foot + kneeToWallCm / 100 - rule.KneeJointBehind) / shank;
        return Math.Clamp(Angles.Degrees(Math.Asin(Math.Min(1, reach))), 0, rule.MostDegrees);
    }

    /// <summary>The lengths that stand in for those not measured, centimetres, from height alone (Drillis and Contini 1966).</summary>
    public static Segments Estimated(double heightCm)
    {
        SegmentFractions of = BodyRules.Shipped.Segments;
        double Cm(double fraction) => Math.Round(fraction * heightCm, 1);
        return new Segments(Cm(of.Shank), Cm(of.Thigh), Cm(of.Torso), Cm(of.Arm), Cm(of.Foot));
    }

    /// <summary>The model of a client.</summary>
    /// <param name="kneeToWallCm">The smaller knee-to-wall distance; null when neither side was tested.</param>
    /// <param name="hipFlexionDeg">Measured passive hip flexion; null when not tested.</param>
    public static Lifter Of(Client client, double? kneeToWallCm, double? hipFlexionDeg)
    {
        BodyRules rules = BodyRules.Shipped;
        double height = client.HeightCm / 100;
        double shank = client.Segments.ShankCm / 100 ?? rules.Segments.Shank * height,
            foot = client.Segments.FootCm / 100 ?? rules.Segments.Foot * height;
        return new Lifter
        {
            Height = height,
            Mass = client.MassKg,
            Shank = shank,
            Thigh = client.Segments.ThighCm / 100 ?? rules.Segments.Thigh * height,
            Torso = client.Segments.TorsoCm / 100 ?? rules.Segments.Torso * height,
            Arm = client.Segments.ArmCm / 100 ?? rules.Segments.Arm * height,
            Foot = foot,
            ShankLimit = ShankLimitOf(kneeToWallCm ?? UntestedKneeToWallCm, foot, shank),
            HipFlexion = hipFlexionDeg ?? rules.Tuck.PassiveWhenUntested,
        };
    }
}

internal static class Angles
{
    public static double Degrees(double radians) => radians * 180 / Math.PI;

    public static double Radians(double degrees) => degrees * Math.PI / 180;
}
