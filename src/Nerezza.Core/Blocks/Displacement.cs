using Nerezza.Core.Catalogue;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Blocks;

/// <summary>Which work gives way first where a week asks for too much: support, the trunk's second, emphasis, calf, further push and
/// pull, a set of the second lift, then the rest of the palette and weak points; a set of a main lift last of all, and down to two
/// (docs/handbook/09-composition.md#displacement). What the coach picked and event work never give way.</summary>
public static class Displacement
{
    private static readonly DisplacementRule Rule = BlockRules.Shipped.File.Displacement;

    /// <summary>The choice with one set less, or one exercise of low order less; null where nothing may give way.</summary>
    /// <param name="concerns">What would help.</param>
    /// <param name="setsOf">Work sets of a choice.</param>
    public static ExerciseChoice? OneLess(ExerciseChoice choice, Func<DayPlan, Chosen, bool> concerns, Func<Chosen, int> setsOf)
    {
        List<(DayPlan Day, Chosen Lift)> open =
        [
            .. choice.Days.SelectMany(day => day.Lifts.Where(lift => MayGiveWay(lift) && concerns(day, lift)).Select(lift => (day, lift))),
        ];
        (DayPlan Day, Chosen Lift)? Least(Func<(DayPlan Day, Chosen Lift), bool> which) =>
            open.Where(which)
                .OrderBy(row => OrderOf(row.Lift))
                .ThenByDescending(row => setsOf(row.Lift))
                .ThenBy(row => row.Lift.Exercise.Id, StringComparer.Ordinal)
                .Cast<(DayPlan, Chosen)?>()
                .FirstOrDefault();
        if (Least(row => row.Lift.Purpose is not Purpose.Main && setsOf(row.Lift) > Rule.LeastSets) is { } more)
            return With(choice, more, more.Lift with { Sets = setsOf(more.Lift) - 1 });
        if (Least(row => MayGo(row.Lift, choice)) is { } spare)
            return With(choice, spare, null);
        if (Least(row => setsOf(row.Lift) > Rule.LeastSets) is { } main)
            return With(choice, main, main.Lift with { Sets = setsOf(main.Lift) - 1 });
        return null;
    }

    /// <summary>The choices with a set more, where the fewest are first; none where each has its most.</summary>
    public static IEnumerable<ExerciseChoice> OneMore(ExerciseChoice choice, Func<Chosen, bool> of, Func<Chosen, int> setsOf) =>
        choice
            .Days.SelectMany(
                day =>
                    day.Lifts.Where(lift =>
                        MayGiveWay(lift) && of(lift) && setsOf(lift) < Math.Min(Rule.MostSets, lift.MostSets ?? Rule.MostSets)
                    ),
                (day, lift) => (day, lift)
            )
            .OrderBy(row => setsOf(row.lift))
            .ThenBy(row => row.lift.Exercise.Id, StringComparer.Ordinal)
            .Select(row => With(choice, row, row.lift with { Sets = setsOf(row.lift) + 1 }));

    private static bool MayGiveWay(Chosen lift) =>
        lift.Reason is not ChosenReason.Picked && lift.Purpose is not (Purpose.Learn or Purpose.Prime or Purpose.Event);

    /// <summary>An exercise goes as a whole where it alone answers nothing and its kind of work is no promise of the week.</summary>
    private static bool MayGo(Chosen lift, ExerciseChoice choice) =>
        lift.Purpose is Purpose.Support or Purpose.Trunk or Purpose.Emphasis or Purpose.Palette or Purpose.PushPull or Purpose.Second
        && lift.Answers.All(finding => choice.All.Any(other => other.Exercise.Id != lift.Exercise.Id && other.Answers.Contains(finding)))
        && !(SlotKinds.IsOneLeg(lift.Exercise) && (lift.Purpose is Purpose.Palette || IsLastOneLeg(lift, choice)));

    private static bool IsLastOneLeg(Chosen lift, ExerciseChoice choice) =>
        !choice.All.Any(other => !ReferenceEquals(other, lift) && SlotKinds.IsOneLeg(other.Exercise));

    private static int OrderOf(Chosen lift) =>
        lift.Purpose switch
        {
            Purpose.Support => 0,
            Purpose.Trunk => 1,
            Purpose.Emphasis => 2,
            Purpose.Palette when lift.Exercise.Pattern is Pattern.Calf => 3,
            Purpose.PushPull => 4,
            Purpose.Second => 5,
            Purpose.Palette => 6,
            Purpose.WeakPoint => 7,
            Purpose.Main => 8,
            Purpose.Learn or Purpose.Prime or Purpose.Event => 9,
        };

    private static ExerciseChoice With(ExerciseChoice choice, (DayPlan Day, Chosen Lift) at, Chosen? now) =>
        choice with
        {
            Days =
            [
                .. choice.Days.Select(day =>
                    day != at.Day
                        ? day
                        : day with
                        {
                            Lifts = [.. day.Lifts.Select(lift => ReferenceEquals(lift, at.Lift) ? now : lift).OfType<Chosen>()],
                        }
                ),
            ],
        };
}
