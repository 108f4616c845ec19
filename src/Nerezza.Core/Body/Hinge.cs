using MathNet.Numerics.RootFinding;

namespace Nerezza.Core.Body;

/// <summary>How a hinge from standing is done: knee flexion, toes raised in metres, the bar in the hands or on the back.</summary>
/// <param name="OnBack">Place of a bar on the back; null when it is in the hands.</param>
public sealed record HingeSetting(double KneeFlexionDeg, double ToesRaised, double LoadKg, double LowestBar, BackBar? OnBack)
{
    /// <summary>The setting of a catalogue exercise, or null when it is no such hinge.</summary>
    public static HingeSetting? Of(string exercise, double loadKg)
    {
        if (!BodyRules.Shipped.Hinges.TryGetValue(exercise, out HingeStyle? style))
            return null;
        BackBar? onBack = style.Bar is { } bar ? new BackBar(BodyRules.Shipped.Bars[bar].Rho, BodyRules.Shipped.Bars[bar].D) : null;
        return new HingeSetting(style.Knee, style.Toes, loadKg, BodyRules.Shipped.Pull.BarRadius, onBack);
    }

    /// <summary>The exercises that are such hinges, by id.</summary>
    public static IReadOnlyList<string> Exercises { get; } = [.. BodyRules.Shipped.Hinges.Keys.Order(StringComparer.Ordinal)];
}

/// <summary>Where a bar sits on the back: rho of the trunk's length up, d metres in front of its line.</summary>
public sealed record BackBar(double Rho, double D);

/// <summary>Romanian and stiff-leg deadlift, good morning: the knee keeps its angle, the shank leans so that balance holds.</summary>
public static class Hinge
{
    /// <summary>The posture at a trunk lean; null when no shank within its range balances it.</summary>
    public static Posture? At(Lifter lifter, HingeSetting setting, double leanDeg)
    {
        HingeRule rule = BodyRules.Shipped.Hinge;
        // No closed form: the shank's lean moves every mass above it. Brent brackets the one root.
        bool found = Brent.TryFindRoot(
            shank => Hold(lifter, setting, leanDeg, shank).Joints.Centre.X - Balance(lifter, setting),
            -rule.ShankMost,
            rule.ShankMost,
            rule.Accuracy,
            100,
            out double shankDeg
        );
        return found ? Hold(lifter, setting, leanDeg, shankDeg) : null;
    }

    /// <summary>The first posture on the way down that can be held; null when none can.</summary>
    public static Posture? First(Lifter lifter, HingeSetting setting)
    {
        HingeRule rule = BodyRules.Shipped.Hinge;
        for (double lean = 0; lean <= rule.LeanMost; lean += rule.LeanStep)
            if (At(lifter, setting, lean) is { } posture)
                return posture;
        return null;
    }

    /// <summary>The deepest posture: the bar at the lowest point asked for, or the furthest lean that can be balanced; null when none
    /// can.</summary>
    public static Posture? Deepest(Lifter lifter, HingeSetting setting)
    {
        HingeRule rule = BodyRules.Shipped.Hinge;
        Posture? deepest = null;
        for (double lean = 0; lean <= rule.LeanMost; lean += rule.LeanStep)
        {
            if (At(lifter, setting, lean) is not { } posture)
            {
                // Near upright the knee's bend cannot be balanced yet; once it was, losing it ends the way down.
                if (deepest is null)
                    continue;
                return deepest;
            }
            deepest = posture;
            if (setting.OnBack is null && posture.Joints.Bar.Y <= setting.LowestBar)
                return deepest;
        }
        return deepest;
    }

    private static double Balance(Lifter lifter, HingeSetting setting) =>
        setting.ToesRaised > 0 ? BodyRules.Shipped.Hinge.ToesMidFoot * lifter.Foot : lifter.MidFoot;

    private static Posture Hold(Lifter lifter, HingeSetting setting, double leanDeg, double shankDeg)
    {
        FootPlace foot = FootPlace.On(lifter, 0) with { BalanceX = Balance(lifter, setting) };
        double th = Angles.Radians(shankDeg),
            b = Angles.Radians(90 + shankDeg - setting.KneeFlexionDeg),
            t = Angles.Radians(leanDeg);
        double thigh = lifter.Thigh * Math.Cos(Angles.Radians(BodyRules.Shipped.Hinge.Stance));
        Point knee = new(lifter.Shank * Math.Sin(th), foot.Ankle.Y + lifter.Shank * Math.Cos(th)),
            hip = new(knee.X - thigh * Math.Cos(b), knee.Y + thigh * Math.Sin(b));
        Point shoulder = new(hip.X + lifter.Torso * Math.Sin(t), hip.Y + lifter.Torso * Math.Cos(t));
        double lowBackX = hip.X + BodyRules.Shipped.LowBack.UpTheTrunk * lifter.Torso * Math.Sin(t);
        Point bar = setting.OnBack is { } back
            ? new Point(
                hip.X + back.Rho * lifter.Torso * Math.Sin(t) + back.D * Math.Cos(t),
                hip.Y + back.Rho * lifter.Torso * Math.Cos(t) - back.D * Math.Sin(t)
            )
            : new Point(
                foot.BalanceX,
                shoulder.Y - Math.Sqrt(Math.Max(0, lifter.Arm * lifter.Arm - (shoulder.X - foot.BalanceX) * (shoulder.X - foot.BalanceX)))
            );
        return Weights.Of(lifter, setting.LoadKg).Hold(lifter, knee, hip, leanDeg, bar, bar.X - lowBackX, foot);
    }
}
