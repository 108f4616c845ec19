using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;

namespace Nerezza.Core.Blocks.Editing;

/// <summary>Writes a coach's values into what an exercise is asked for. What is written holds; only caution caps it.</summary>
internal static class CellWriting
{
    public static ItemTarget Write(ItemTarget ask, CellValues values)
    {
        WeekTarget target = Led(ask, values) with
        {
            Sets = values.Sets ?? ask.Target.Sets,
            Reps = values.Reps ?? ask.Target.Reps,
            Tempo = values.Tempo ?? ask.Target.Tempo,
            Rest = values.RestSeconds is { } seconds ? new Rest(seconds, Math.Min(seconds, ask.Rule.Rest.LeastSeconds)) : ask.Target.Rest,
            Last = values.Last ?? ask.Target.Last,
            Metres = values.Metres ?? ask.Target.Metres,
            Seconds = values.Seconds ?? ask.Target.Seconds,
        };
        target = target with { Kind = values.Kind ?? (target.Kind is TargetKind.Calibration ? TargetKind.Straight : target.Kind) };
        return ask with
        {
            Target = target,
            // Repetitions that were written are not traded against the load.
            Range = values.Reps is { } reps ? new RepRange(reps, reps) : ask.Range,
            Superset = values.Superset is { } place ? place.Letter : ask.Superset,
            Pinned = ask.Pinned | PinsOf(values),
        };
    }

    /// <summary>One of percent, effort and load leads; the last that was written.</summary>
    private static WeekTarget Led(ItemTarget ask, CellValues values)
    {
        WeekTarget free = ask.Target with
        {
            MostFraction = ask.Chosen.Limits.MostFraction,
            MostRpe = ask.Chosen.Limits.MostRpe,
            LoadFactor = 1,
        };
        if (values.Load is { } load)
            return free with { Load = load, AimFraction = null };
        if (values.Percent is { } percent)
            return free with { AimFraction = percent / 100, Load = null, Rpe = Rpe.Ten };
        if (values.Rpe is { } rpe)
            return free with { Rpe = rpe, AimFraction = null, Load = null };
        // At other repetitions a load that was only progressed to is found again from the effort.
        return values.Reps is not null && (ask.Pinned & Pins.Load) == 0 ? ask.Target with { Load = null } : ask.Target;
    }

    private static Pins PinsOf(CellValues values) =>
        (values.Sets is null ? 0 : Pins.Sets)
        | (values.Reps is null && values.Metres is null && values.Seconds is null ? 0 : Pins.Reps)
        | (values.Percent is null && values.Rpe is null && values.Load is null ? 0 : Pins.Load)
        | (values.Tempo is null ? 0 : Pins.Tempo)
        | (values.RestSeconds is null ? 0 : Pins.Rest)
        | (values.Kind is null && values.Last is null && values.Superset is null ? 0 : Pins.Shape);
}
