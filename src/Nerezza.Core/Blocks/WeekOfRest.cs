using Nerezza.Core.Selection;

namespace Nerezza.Core.Blocks;

/// <summary>A deload and a test add nothing (docs/handbook/12-weeks-and-blocks.md#a-deload-and-a-test-add-nothing): of a load week's
/// session
/// main and second lift, the weak point, one push and one pull stay in a deload; in a test the main lifts and two light
/// accessories.</summary>
internal static class WeekOfRest
{
    private const int AccessoriesOfATest = 2;

    /// <summary>Whether an exercise stays in a week of this kind.</summary>
    /// <param name="slots">Everything of a load week.</param>
    public static bool Keeps(ExerciseSlot slot, IReadOnlyList<ExerciseSlot> slots, WeekKind kind)
    {
        IEnumerable<ExerciseSlot> today = slots.Where(other => other.Day == slot.Day);
        return kind switch
        {
            WeekKind.Load or WeekKind.Peak or WeekKind.Event => true,
            WeekKind.Deload => Stays(slot) || IsFirst(slot, today, Region.IsPush) || IsFirst(slot, today, Region.IsPull),
            WeekKind.Test => (slot.Chosen.Purpose is Purpose.Main && IsFirstOfItsPattern(slot, slots))
                || today
                    .Where(other => other.Chosen.Purpose is (Purpose.PushPull or Purpose.Support) && !Region.IsPush(other.Chosen.Exercise))
                    .Take(AccessoriesOfATest)
                    .Contains(slot),
        };
    }

    /// <summary>Each lift is tested once: forms of it and second days are left out.</summary>
    private static bool IsFirstOfItsPattern(ExerciseSlot slot, IReadOnlyList<ExerciseSlot> slots) =>
        slots.First(other => other.Chosen.Purpose is Purpose.Main && other.Chosen.Exercise.Pattern == slot.Chosen.Exercise.Pattern) == slot;

    private static bool Stays(ExerciseSlot slot) =>
        slot.Chosen.Purpose is Purpose.Learn or Purpose.Prime or Purpose.Event or Purpose.Main or Purpose.WeakPoint or Purpose.Second;

    private static bool IsFirst(ExerciseSlot slot, IEnumerable<ExerciseSlot> today, Func<Catalogue.Exercise, bool> which) =>
        today.FirstOrDefault(other => which(other.Chosen.Exercise)) == slot;
}
