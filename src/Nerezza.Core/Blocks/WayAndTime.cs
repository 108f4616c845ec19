using Nerezza.Core.Catalogue;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Blocks;

/// <summary>How far a carry goes and how long a hold lasts, week by week (docs/handbook/11-prescription.md).</summary>
internal static class WayAndTime
{
    /// <summary>A carry grows from its shortest distance to its longest over the load weeks, in whole steps; an event by a step a
    /// week.</summary>
    public static int? MetresOf(ExerciseSlot track, WeekShape shape)
    {
        if (track.Role.Metres is not [var from, var to])
            return null;
        return track.Chosen.Reason is ChosenReason.EventWork
            ? Math.Min(to, from + PrescriptionRules.Shipped.File.EventMetresAWeek * shape.Index)
            : InSteps(from + shape.Through * (to - from), PrescriptionRules.Shipped.File.MetresStep);
    }

    /// <summary>Likewise a hold.</summary>
    public static int? SecondsOf(Exercise exercise, WeekShape shape) =>
        exercise.HoldSeconds is { } hold
            ? hold.Hold(InSteps(hold.Bottom + shape.Through * (hold.Top - hold.Bottom), PrescriptionRules.Shipped.File.HoldStepSeconds))
            : null;

    private static int InSteps(double value, int step) => (int)Math.Round(value / step, MidpointRounding.AwayFromZero) * step;
}
