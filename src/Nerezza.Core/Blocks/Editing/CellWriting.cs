using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;

namespace Nerezza.Core.Blocks.Editing;

/// <summary>Writes a coach's values into what an exercise is asked for. What is written holds; only caution caps it. What is not written
/// stays as it is shown: a load never changes sets or repetitions, nor a rest the sets.</summary>
internal static class CellWriting
{
    /// <param name="shown">The exercise as it stands before; null where it is new.</param>
    public static ItemTarget Write(ItemTarget ask, CellValues values, PrescribedItem? shown)
    {
        bool leads = values.Load is not null || values.Percent is not null || values.Rpe is not null;
        // What moves the load leaves the repetitions as they are shown; a slow tempo takes load off.
        bool keeps = leads || values.Tempo is not null;
        int? reps =
            values.EachReps?.Max() ?? values.Reps ?? (keeps && shown is { IsCounted: true } ? shown.Sets.Max(set => set.Reps) : null);
        int shownSets = ask.Target.Kind is TargetKind.Calibration && shown is not null ? shown.SetsASide : ask.Target.Sets;
        WeekTarget target = Led(ask, values) with
        {
            Sets = values.EachReps?.Count ?? values.Sets ?? shownSets,
            Reps = reps ?? ask.Target.Reps,
            EachReps = values.EachReps ?? (values.Reps is null && values.Sets is null ? ask.Target.EachReps : []),
            Tempo = values.Tempo ?? ask.Target.Tempo,
            Rest = values.RestSeconds is { } seconds ? new Rest(seconds, Math.Min(seconds, ask.Rule.Rest.LeastSeconds)) : ask.Target.Rest,
            Last = values.Last ?? ask.Target.Last,
            Metres = values.Metres ?? ask.Target.Metres,
            Seconds = values.Seconds ?? ask.Target.Seconds,
        };
        target = target with { Kind = values.Kind ?? KindOf(ask, values, leads) };
        return ask with
        {
            Target = target,
            // Repetitions that were written, or stand beside a load that was, are not traded against it.
            Range = reps is { } held ? new RepRange(held, held) : ask.Range,
            Superset = values.Superset is { } place ? place.Letter : ask.Superset,
            Pinned = ask.Pinned | PinsOf(values),
        };
    }

    /// <summary>A calibration stays one until sets, a load or an effort are written; what says each set stands as straight sets.</summary>
    private static TargetKind KindOf(ItemTarget ask, CellValues values, bool leads) =>
        values.EachReps is not null || (ask.Target.Kind is TargetKind.Calibration && (leads || values.Sets is not null))
            ? TargetKind.Straight
            : ask.Target.Kind;

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
        return (values.Reps is not null || values.EachReps is not null) && (ask.Pinned & Pins.Load) == 0
            ? ask.Target with
            {
                Load = null,
            }
            : ask.Target;
    }

    private static Pins PinsOf(CellValues values) =>
        (values.Sets is null && values.EachReps is null ? 0 : Pins.Sets)
        | (values.Reps is null && values.EachReps is null && values.Metres is null && values.Seconds is null ? 0 : Pins.Reps)
        | (values.Percent is null && values.Rpe is null && values.Load is null ? 0 : Pins.Load)
        | (values.Tempo is null ? 0 : Pins.Tempo)
        | (values.RestSeconds is null ? 0 : Pins.Rest)
        | (values.Kind is null && values.Last is null && values.Superset is null ? 0 : Pins.Shape);
}
