using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Blocks;

/// <summary>What a lift does on one of the last days.</summary>
internal enum LastTime
{
    /// <summary>Its last heavy work.</summary>
    Heavy,

    /// <summary>Singles, once more before the day.</summary>
    Openers,
}

/// <summary>The last ten days before an event: each target lift heavy for the last time in its window, then openers, then rest. The windows
/// outrank the split: any training day may carry any target lift (docs/handbook/12-weeks-and-blocks.md#the-last-days).</summary>
internal sealed class LastDays
{
    private static readonly LastDaysRule Rule = BlockRules.Shipped.File.LastDays;
    private readonly DateOnly _on;
    private readonly Dictionary<DateOnly, List<(ExerciseSlot Slot, LastTime Time)>> _lifts = [];

    private readonly HashSet<Pattern> _patterns = [];

    private LastDays(DateOnly on) => _on = on;

    /// <summary>The days before an event; null where none lies in the block.</summary>
    /// <param name="dates">Days on which the client trains.</param>
    public static LastDays? Before(DateOnly? on, Client client, IReadOnlyList<ExerciseSlot> slots, IEnumerable<DateOnly> dates)
    {
        if (on is not { } day)
            return null;
        var last = new LastDays(day);
        List<ExerciseSlot> targets = [.. TargetsOf(client, slots)];
        last._patterns.UnionWith(targets.Select(target => target.Chosen.Exercise.Pattern));
        last.Place(targets, [.. dates.Where(date => date < day).Distinct().Order()]);
        return last;
    }

    /// <summary>Whether a date is one of the last ten days.</summary>
    public bool Covers(DateOnly date) => DaysTo(date) is >= 1 and var days && days <= Rule.Days;

    /// <summary>The target lifts of a day, in the order of a meet.</summary>
    public IReadOnlyList<(ExerciseSlot Slot, LastTime Time)> On(DateOnly date) => _lifts.GetValueOrDefault(date, []);

    /// <summary>Whether other work of a day stays: no main or second lifts beside those of the windows, no accessories in the last four
    /// days.</summary>
    public bool Keeps(ExerciseSlot slot, DateOnly date) =>
        DaysTo(date) > Rule.NoAccessoriesDays
        && (slot.Chosen.Purpose is not Purpose.Main || !_patterns.Contains(slot.Chosen.Exercise.Pattern))
        && (slot.Chosen.Purpose is not Purpose.Second || DaysTo(date) > Rule.NothingNewDays);

    /// <summary>Whether a lift waits on a day before the window because its last heavy day is near.</summary>
    public bool Waits(ExerciseSlot slot, DateOnly date) =>
        slot.Chosen.Purpose is Purpose.Main
        && _lifts.Any(day =>
            day.Key > date
            && day.Key.DayNumber - date.DayNumber <= Rule.RestBeforeHeavyDays
            && day.Value.Exists(row => row.Time is LastTime.Heavy && row.Slot.Chosen.Exercise.Pattern == slot.Chosen.Exercise.Pattern)
        );

    private int DaysTo(DateOnly date) => _on.DayNumber - date.DayNumber;

    /// <summary>The first track of each target lift, in the order of a meet; without targets the lifts that lead.</summary>
    private static IEnumerable<ExerciseSlot> TargetsOf(Client client, IReadOnlyList<ExerciseSlot> slots)
    {
        List<ExerciseSlot> mains =
        [
            .. slots.Where(slot =>
                slot.Chosen.Purpose is Purpose.Main
                && Meet.Order.Contains(slot.Chosen.Exercise.Pattern)
                && slot.Chosen.Exercise.Reps.Bottom <= Rule.SinglesFromReps // what is never done for few has no openers
            ),
        ];
        List<ExerciseSlot> targets = [.. mains.Where(slot => client.TargetLifts.Contains(slot.Chosen.Exercise.Id))];
        return Meet
            .Order.Select(pattern => (targets.Count > 0 ? targets : mains).Find(slot => slot.Chosen.Exercise.Pattern == pattern))
            .OfType<ExerciseSlot>();
    }

    private void Place(List<ExerciseSlot> targets, List<DateOnly> dates)
    {
        DateOnly? openers = dates
            .Where(date => DaysTo(date) >= Rule.OpenersAtLatest && DaysTo(date) <= Rule.NothingNewDays)
            .Cast<DateOnly?>()
            .LastOrDefault();
        Dictionary<ExerciseSlot, DateOnly> heavy = [];
        foreach (ExerciseSlot lift in targets.OrderByDescending(lift => WindowOf(lift)[0]))
        {
            bool press = lift.Chosen.Exercise.Pattern is Pattern.PressHorizontal;
            List<DateOnly> free =
            [
                .. dates.Where(date =>
                    date != openers && (press || (date != openers?.AddDays(-1) && !heavy.Any(other => other.Value == date)))
                ),
            ];
            if (HeavyDay(WindowOf(lift), free) is { } day)
                heavy[lift] = day;
        }
        foreach (ExerciseSlot lift in targets)
        {
            if (heavy.TryGetValue(lift, out DateOnly day))
                At(day).Add((lift, LastTime.Heavy));
            if (openers is { } last && (!heavy.ContainsKey(lift) || day.AddDays(1) != last))
                At(last).Add((lift, LastTime.Openers));
        }
    }

    /// <summary>The earliest day of the window, else the nearest earlier one, never a later.</summary>
    private DateOnly? HeavyDay(IReadOnlyList<int> window, List<DateOnly> free) =>
        free.Where(date => DaysTo(date) <= window[0] && DaysTo(date) >= window[1]).Cast<DateOnly?>().FirstOrDefault()
        ?? free.Where(date => DaysTo(date) > window[0]).Cast<DateOnly?>().LastOrDefault();

    private List<(ExerciseSlot, LastTime)> At(DateOnly date)
    {
        if (!_lifts.TryGetValue(date, out List<(ExerciseSlot, LastTime)>? lifts))
            _lifts[date] = lifts = [];
        return lifts;
    }

    private static IReadOnlyList<int> WindowOf(ExerciseSlot lift) =>
        lift.Chosen.Exercise.Pattern switch
        {
            Pattern.Hinge => Rule.Hinge,
            Pattern.Squat => Rule.Squat,
            Pattern.Thrust
            or Pattern.Abduction
            or Pattern.Lunge
            or Pattern.KneeExtension
            or Pattern.KneeFlexion
            or Pattern.Calf
            or Pattern.Carry
            or Pattern.Throw
            or Pattern.PressHorizontal
            or Pattern.PressVertical
            or Pattern.PullHorizontal
            or Pattern.PullVertical
            or Pattern.Arms
            or Pattern.Trunk
            or Pattern.Priming
            or Pattern.Mobility
            or Pattern.Drill => Rule.Press,
        };
}
