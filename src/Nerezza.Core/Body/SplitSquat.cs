using Nerezza.Core.Measures;

namespace Nerezza.Core.Body;

/// <summary>How the front leg of a split squat works.</summary>
public sealed record SplitSetting
{
    /// <summary>f, the part of body and load on the front foot.</summary>
    public required double Share { get; init; }

    /// <summary>Lean of the front shank, degrees.</summary>
    public required FrontShank Shank { get; init; }

    /// <summary>Part of the weight on the front foot.</summary>
    public required Pressure Pressure { get; init; }

    /// <summary>Heel lift, m.</summary>
    public required double HeelLift { get; init; }

    /// <summary>Where the rear foot stands.</summary>
    public required RearFoot Rear { get; init; }

    /// <summary>What the hands hold.</summary>
    public required HandSupport Support { get; init; }

    /// <summary>Load, kg.</summary>
    public required double LoadKg { get; init; }

    /// <summary>The setting of a catalogue exercise, or null when it is no split squat with a posture.</summary>
    public static SplitSetting? Of(string exercise, double loadKg) =>
        BodyRules.Shipped.Splits.TryGetValue(exercise, out SplitStyle? style)
            ? new SplitSetting
            {
                Share = style.Share,
                Shank = Codes.Find<FrontShank>(style.Shank)!.Value,
                Pressure = Codes.Find<Pressure>(style.Pressure)!.Value,
                HeelLift = style.Heel,
                Rear = style.Rear,
                Support = style.Support,
                LoadKg = loadKg,
            }
            : null;

    /// <summary>The exercises that have such a posture, by id.</summary>
    public static IReadOnlyList<string> Exercises { get; } = [.. BodyRules.Shipped.Splits.Keys.Order(StringComparer.Ordinal)];
}

/// <summary>Where the rear foot stands.</summary>
public enum RearFoot
{
    /// <summary>On the floor.</summary>
    Floor,

    /// <summary>Raised on a bench.</summary>
    Bench,
}

/// <summary>Whether a hand holds on to something.</summary>
public enum HandSupport
{
    /// <summary>Both hands free or on the load.</summary>
    None,

    /// <summary>One hand on a post or rack.</summary>
    Post,
}

/// <summary>How the front shank is kept.</summary>
public enum FrontShank
{
    /// <summary>As far forward as the ankle lets it: quads.</summary>
    Limit,

    /// <summary>Upright: glutes; only with a hand's support.</summary>
    Upright,
}

/// <summary>Where the front foot presses.</summary>
public enum Pressure
{
    /// <summary>Under mid-foot.</summary>
    MidFoot,

    /// <summary>Under the ball of the foot; only with a hand's support.</summary>
    Ball,
}

/// <summary>The front leg of a split squat, from the ground up; the leg's own weight is left out (assumption).</summary>
public static class SplitSquat
{
    /// <summary>The posture with the front thigh at an angle from the horizontal, 0 at the bottom. A negative knee moment is work for the
    /// hamstrings.</summary>
    public static Posture At(Lifter lifter, SplitSetting setting, double thighDeg)
    {
        SplitRule rule = BodyRules.Shipped.Split;
        FootPlace foot = FootPlace.On(lifter, setting.HeelLift);
        double pitch = Angles.Degrees(Math.Asin(Math.Min(1, setting.HeelLift / (BodyRules.Shipped.Foot.HeelToBall * lifter.Foot))));
        double shankDeg = setting.Shank is FrontShank.Limit ? lifter.ShankLimit + pitch : 0,
            th = Angles.Radians(shankDeg),
            b = Angles.Radians(thighDeg),
            t = Angles.Radians(rule.TrunkLean);
        Point knee = new(lifter.Shank * Math.Sin(th), foot.Ankle.Y + lifter.Shank * Math.Cos(th)),
            hip = new(knee.X - lifter.Thigh * Math.Cos(b), knee.Y + lifter.Thigh * Math.Sin(b));
        double pressure = setting.Pressure is Pressure.Ball ? rule.BallFromAnkle * lifter.Foot : lifter.MidFoot;
        double force = setting.Share * Weights.Gravity * (lifter.Mass + setting.LoadKg);
        Point shoulder = new(hip.X + lifter.Torso * Math.Sin(t), hip.Y + lifter.Torso * Math.Cos(t));
        return new Posture(
            rule.TrunkLean,
            shankDeg,
            90 + rule.TrunkLean - thighDeg,
            90 + shankDeg - thighDeg,
            force * (pressure - hip.X),
            force * (knee.X - pressure),
            force * pressure,
            0,
            new Joints(foot.Heel, foot.Ball, foot.Ankle, knee, hip, shoulder, shoulder, new Point(pressure, hip.Y), pressure)
        );
    }
}
