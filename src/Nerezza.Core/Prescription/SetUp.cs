using Nerezza.Core.Body;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Screening;

namespace Nerezza.Core.Prescription;

/// <summary>How an exercise is set up for one client, centimetres; null where nothing is to be set.</summary>
public sealed record SetUp(double? BoxCm, double? PinCm, double? HeelCm, double? BlockCm)
{
    /// <summary>What makes the fault felt when it starts; null where none is open.</summary>
    public string? Aid { get; init; }

    /// <summary>Height of the bar above the floor, centimetres, where a pull has no full-size plate on it and stands on blocks or on
    /// plates laid under it (docs/handbook/10-loads.md, "What can be loaded"); null where its own plates hold it there.</summary>
    public double? BarCm { get; init; }

    /// <summary>Nothing to set.</summary>
    public static SetUp None { get; } = new(null, null, null, null);

    /// <summary>Box where the pelvis tucks and lower by the rung; pins and blocks where the back stays flat; the wedge of the
    /// posture.</summary>
    /// <param name="boxRung">Of the box ladder, from 1.</param>
    public static SetUp Of(Exercise exercise, Screen screen, IReadOnlyList<LiftFault> faults, int boxRung)
    {
        SetUpRule rule = PrescriptionRules.Shipped.File.SetUp;
        double? heel = exercise.Kit.Any(kit => kit.Contains(Implement.Wedge))
            ? Rounded((SquatSetting.Of(exercise.Id, 0)?.HeelLift ?? SplitSetting.Of(exercise.Id, 0)?.HeelLift ?? 0) * 100)
            : null;
        double? flat = faults.Where(fault => fault.AtBarHeightCm is not null).Max(fault => fault.AtBarHeightCm);
        double raised = PullSetting.Of(exercise.Id, 0)?.BarHeight * 100 ?? 0;
        double bar = Math.Max(flat ?? 0, raised);
        return new SetUp(
            rule.Box.Contains(exercise.Id) ? Box(screen, faults) - rule.BoxStepCm * (boxRung - 1) : null,
            rule.Pins.Contains(exercise.Id) ? Rounded(bar) : null,
            heel is > 0 ? heel
                : exercise.Kit.Any(kit => kit.Contains(Implement.Wedge)) && exercise.Pattern is Pattern.Squat or Pattern.Lunge
                    ? rule.WedgeCm
                : null,
            rule.Blocks.Contains(exercise.Id) ? Rounded(Math.Max(0, bar - rule.BarOnPlatesCm)) : null
        );
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
