using Nerezza.Core.Body;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Screening;

namespace Nerezza.Core.Prescription;

/// <summary>How far into a block an exercise is: sessions of it, and weeks, that went before.</summary>
public sealed record HeightCourse(int Sessions, int Weeks)
{
    /// <summary>The first session.</summary>
    public static HeightCourse Start { get; } = new(0, 0);
}

/// <summary>What must have been seen before a height comes down.</summary>
public enum LowerIf
{
    /// <summary>The last two sessions were without the fault.</summary>
    SessionsWereClean,

    /// <summary>Knee-to-wall has grown by twice what the wedge loses.</summary>
    KneeToWallGrew,

    /// <summary>The squat stays as it was with the lighter plate.</summary>
    PlateHeld,
}

/// <summary>How an exercise is set up for one client, centimetres; null where nothing is to be set.</summary>
public sealed record SetUp(double? BoxCm, double? PinCm, double? HeelCm, double? BlockCm)
{
    /// <summary>What makes the fault felt when it starts; null where none is open.</summary>
    public string? Aid { get; init; }

    /// <summary>Height of the bar above the floor, centimetres, where a pull has no full-size plate on it and stands on blocks or on
    /// plates laid under it (docs/handbook/10-loads.md, "What can be loaded"); null where its own plates hold it there.</summary>
    public double? BarCm { get; init; }

    /// <summary>What this height rests on, where it is lower than at the block's start; null at the start.</summary>
    public LowerIf? If { get; init; }

    /// <summary>The next rung of a ladder that these sets open, done as planned; null where they open none.</summary>
    public string? Opens { get; init; }

    /// <summary>Nothing to set.</summary>
    public static SetUp None { get; } = new(null, null, null, null);

    /// <summary>Box where the pelvis tucks and lower by the rung; pins and blocks where the back stays flat; the wedge of the
    /// posture. All come down over a block (docs/handbook/12-weeks-and-blocks.md#what-moves-besides-load).</summary>
    /// <param name="boxRung">Of the box ladder, from 1.</param>
    public static SetUp Of(Exercise exercise, Screen screen, IReadOnlyList<LiftFault> faults, int boxRung, HeightCourse course)
    {
        SetUp first = At(exercise, screen, faults, boxRung, HeightCourse.Start),
            now = At(exercise, screen, faults, boxRung, course);
        return first == now ? now
            : now.HeelCm < first.HeelCm ? now with { If = LowerIf.KneeToWallGrew }
            : now with { If = LowerIf.SessionsWereClean };
    }

    private static SetUp At(Exercise exercise, Screen screen, IReadOnlyList<LiftFault> faults, int boxRung, HeightCourse course)
    {
        SetUpRule rule = PrescriptionRules.Shipped.File.SetUp;
        int steps = course.Sessions / rule.Course.CleanSessions;
        double? flat = faults.Where(fault => fault.AtBarHeightCm is not null).Max(fault => fault.AtBarHeightCm);
        double raised = PullSetting.Of(exercise.Id, 0)?.BarHeight * 100 ?? 0;
        double bar = Math.Max((flat ?? 0) - steps * rule.Course.BarStepCm, raised);
        return new SetUp(
            rule.Box.Contains(exercise.Id) ? BoxAt(Box(screen, faults) - rule.BoxStepCm * (boxRung - 1), steps) : null,
            rule.Pins.Contains(exercise.Id) ? Rounded(bar) : null,
            Wedge(exercise, screen, course.Weeks),
            rule.Blocks.Contains(exercise.Id) ? Rounded(Math.Max(0, bar - rule.BarOnPlatesCm)) : null
        );
    }

    private static double? BoxAt(double? first, int steps)
    {
        SetUpRule rule = PrescriptionRules.Shipped.File.SetUp;
        return first is { } box ? Math.Max(Math.Min(box, rule.Course.LowestBoxCm), box - steps * rule.BoxStepCm) : null;
    }

    /// <summary>The wedge of the posture; where the ankle is what it stands in for, it comes down as the ankle comes on.</summary>
    private static double? Wedge(Exercise exercise, Screen screen, int weeks)
    {
        SetUpRule rule = PrescriptionRules.Shipped.File.SetUp;
        if (!exercise.Kit.Any(kit => kit.Contains(Implement.Wedge)))
            return null;
        double heel = Rounded((SquatSetting.Of(exercise.Id, 0)?.HeelLift ?? SplitSetting.Of(exercise.Id, 0)?.HeelLift ?? 0) * 100);
        if (heel <= 0)
            heel = exercise.Pattern is Pattern.Squat or Pattern.Lunge ? rule.WedgeCm : 0;
        if (heel <= 0)
            return null;
        CourseRule course = rule.Course;
        bool stiff = screen.KneeToWallCm is { } reach && reach.Smaller < Norms.Of(ScreenTest.KneeToWall)!.Adequate;
        double off = stiff ? Math.Floor(weeks * course.KneeToWallAWeekCm * course.WedgePerCm / course.WedgeStepCm) * course.WedgeStepCm : 0;
        return Rounded(Math.Max(0, heel - off));
    }

    /// <summary>The first box height: where the pelvis was seen to tuck, in the screen or under load, whichever is higher.</summary>
    private static double? Box(Screen screen, IReadOnlyList<LiftFault> faults) =>
        faults
            .Where(fault => fault.Fault is FaultCode.PelvisTucks)
            .Select(fault => fault.AtHipHeightCm)
            .Append(screen.Squat?.TuckAtHipHeightCm)
            .Max();

    private static double Rounded(double value) => Math.Round(value, 1);
}
