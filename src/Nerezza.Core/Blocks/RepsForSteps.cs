using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Blocks;

/// <summary>Main and second lifts whose next load is too big a step for the week's effort go on by repetitions instead
/// (docs/handbook/11-prescription.md#progress-is-visible). A wave keeps its repetitions while the load can follow the
/// effort; what pain caps stays as it is.</summary>
internal static class RepsForSteps
{
    /// <summary>The ask with the repetitions that go on from the load week before; null where the load itself goes on, or nothing
    /// does.</summary>
    public static ItemTarget? After(PrescribedItem before, PrescribedItem item)
    {
        ItemTarget ask = item.Ask;
        bool leads =
            ask.Rule.Role is Role.Main or Role.Second
            && ask is { IsLifted: true, Chosen.Limits.Reps: null }
            && ask.Target is { AimFraction: null, Load: null, Kind: TargetKind.Straight, LoadFactor: >= 1 };
        if (!leads || Top(before) is not { } load || Top(item) != load)
            return null;
        Rpe asked = ask.Target.Rpe,
            was = before.Ask.Target.Rpe;
        int done = before.Sets.Max(set => set.Reps),
            next = ask.Range.Hold(asked > was ? done + 1 : done);
        return asked >= was && next > item.Sets.Max(set => set.Reps) ? ask with { Target = ask.Target with { Reps = next } } : null;
    }

    /// <summary>Whether the repetitions were had without giving load for them.</summary>
    public static bool Holds(PrescribedItem item, PrescribedItem grown) =>
        Top(grown) == Top(item) && grown.Sets.Sum(set => set.Reps) > item.Sets.Sum(set => set.Reps);

    private static Load? Top(PrescribedItem item) => item.Sets.Max(set => set.Load) is { Grams: > 0 } load ? load : null;
}
