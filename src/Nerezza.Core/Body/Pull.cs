namespace Nerezza.Core.Body;

/// <summary>How a pull starts: stance, height of the bar's centre, load; trap: the handles are beside the body.</summary>
public sealed record PullSetting(double StanceDeg, double BarHeight, double LoadKg, Handles Handles)
{
    /// <summary>The setting of a catalogue exercise, or null when it is no pull with a posture.</summary>
    public static PullSetting? Of(string exercise, double loadKg) =>
        BodyRules.Shipped.Pulls.TryGetValue(exercise, out PullStyle? style)
            ? new PullSetting(
                style.A,
                BodyRules.Shipped.Pull.BarRadius + style.Raise,
                loadKg,
                style.Trap ? Handles.Beside : Handles.InFront
            )
            : null;

    /// <summary>The exercises that have a start, by id.</summary>
    public static IReadOnlyList<string> Exercises { get; } = [.. BodyRules.Shipped.Pulls.Keys.Order(StringComparer.Ordinal)];
}

/// <summary>Where the hands hold.</summary>
public enum Handles
{
    /// <summary>A bar in front of the shins.</summary>
    InFront,

    /// <summary>Handles at the sides, over mid-foot.</summary>
    Beside,
}

/// <summary>The start of a pull from a height, with a flat back: bar over mid-foot, shank against it, shoulder a little in front.</summary>
public static class Pull
{
    /// <summary>The start; null when no hip lies at the thigh's length from the knee and the torso's from the shoulder.</summary>
    public static Posture? StartAt(Lifter lifter, PullSetting setting)
    {
        PullRule rule = BodyRules.Shipped.Pull;
        FootPlace foot = FootPlace.On(lifter, 0);
        double shank = Angles.Radians(ShankDeg(lifter, setting, foot));
        Point knee = new(lifter.Shank * Math.Sin(shank), foot.Ankle.Y + lifter.Shank * Math.Cos(shank));
        bool beside = setting.Handles is Handles.Beside;
        double ahead = beside ? 0 : rule.ShoulderAhead;
        Point bar = new(foot.BalanceX, setting.BarHeight),
            shoulder = new(bar.X + ahead, bar.Y + Math.Sqrt(lifter.Arm * lifter.Arm - ahead * ahead));
        double thigh = lifter.Thigh * Math.Cos(Angles.Radians(setting.StanceDeg));
        if (Rearward(knee, thigh, shoulder, lifter.Torso) is not { } hip)
            return null;
        double leanDeg = Angles.Degrees(Math.Atan2(shoulder.X - hip.X, shoulder.Y - hip.Y));
        double lowBackX = hip.X + BodyRules.Shipped.LowBack.UpTheTrunk * lifter.Torso * Math.Sin(Angles.Radians(leanDeg));
        return Weights.Of(lifter, setting.LoadKg).Hold(lifter, knee, hip, leanDeg, bar, bar.X - lowBackX, foot);
    }

    /// <summary>How far the bar must be raised for the start to be held, metres, 0 when it can be already; null when no height
    /// helps.</summary>
    public static double? RaiseNeeded(Lifter lifter, PullSetting setting)
    {
        PullRule rule = BodyRules.Shipped.Pull;
        for (double raise = 0; raise <= rule.RaiseMost; raise += rule.RaiseStep)
            if (StartAt(lifter, setting with { BarHeight = setting.BarHeight + raise }) is not null)
                return Math.Round(raise, 6);
        return null;
    }

    /// <summary>Shank from the vertical: against the bar; upright where the bar is above the knee or at the ankle.</summary>
    private static double ShankDeg(Lifter lifter, PullSetting setting, FootPlace foot)
    {
        PullRule rule = BodyRules.Shipped.Pull;
        if (setting.Handles is Handles.Beside)
            return rule.TrapShank * lifter.ShankLimit;
        double above = setting.BarHeight - foot.Ankle.Y;
        if (above <= 0)
            return 0;
        double shank = Math.Max(0, Math.Atan((foot.BalanceX - rule.ShinToBar) / above));
        return setting.BarHeight > foot.Ankle.Y + lifter.Shank * Math.Cos(shank) ? 0 : Angles.Degrees(shank);
    }

    /// <summary>The rearward of the two points at given distances from two others; null when there is none.</summary>
    private static Point? Rearward(Point one, double fromOne, Point other, double fromOther)
    {
        double dx = other.X - one.X,
            dy = other.Y - one.Y,
            apart = Math.Sqrt(dx * dx + dy * dy);
        double along = (apart * apart + fromOne * fromOne - fromOther * fromOther) / (2 * apart),
            squared = fromOne * fromOne - along * along;
        if (!(squared >= 0))
            return null;
        double aside = Math.Sqrt(squared),
            x = one.X + along * dx / apart,
            y = one.Y + along * dy / apart;
        Point first = new(x - aside * dy / apart, y + aside * dx / apart),
            second = new(x + aside * dy / apart, y - aside * dx / apart);
        return first.X < second.X ? first : second;
    }
}
