using Nerezza.Core.Catalogue;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Blocks;

/// <summary>Which days of the week may hold a heavy hinge: two calendar days apart, the days it leads first
/// (docs/handbook/12-weeks-and-blocks.md).</summary>
public static class HeavyHinges
{
    /// <summary>The days that may; on every other day a hinge stays light.</summary>
    public static IReadOnlySet<DayPlan> On(IReadOnlyList<DayPlan> week)
    {
        int apart = BlockRules.Shipped.File.HeavyHinge.DaysApart;
        HashSet<DayPlan> heavy = [];
        foreach (DayPlan day in week.Where(HasHinge).OrderByDescending(HasEvent).ThenByDescending(IsLed).ThenBy(day => day.Split.FirstDate))
            if (heavy.All(other => Gap(day, other) >= apart))
                heavy.Add(day);
        return heavy;
    }

    private static bool HasEvent(DayPlan day) => day.Lifts.Any(lift => lift.Reason is ChosenReason.EventWork);

    private static bool HasHinge(DayPlan day) => HasEvent(day) || day.Lifts.Any(lift => lift.Exercise.Pattern is Pattern.Hinge);

    private static bool IsLed(DayPlan day) => day.Lifts.Any(lift => lift.Role is Role.Main && lift.Exercise.Pattern is Pattern.Hinge);

    private static int Gap(DayPlan one, DayPlan other) =>
        Math.Abs(one.Split.FirstDate.DayNumber - other.Split.FirstDate.DayNumber) is var days ? Math.Min(days, 7 - days) : 0;
}
