namespace Nerezza.Core.Review;

/// <summary>When a work set was done.</summary>
/// <param name="Place">Among the sets prescribed for the exercise, from 0.</param>
/// <param name="At">By the clock of the device that it was logged on, right after the set; from whenever that clock counts.</param>
/// <param name="Reps">Null for holds and ways.</param>
/// <param name="Seconds">Held, or that the way took.</param>
public sealed record SetTime(DateOnly Date, string Exercise, int Place, TimeSpan At, int? Reps, double? Seconds);

/// <summary>The rest before a set, in seconds.</summary>
public sealed record RestTaken(DateOnly Date, string Exercise, double Asked, double Taken)
{
    /// <summary>Whether it was as long as asked, or nearly.</summary>
    public bool IsKept => Taken >= Asked * ReviewRules.Shipped.Rest.KeptPart;
}

/// <summary>Works out from the times of sets how long was rested between them (docs/handbook/14-review.md): from one set of an exercise to
/// the next, less the time under tension. What nobody can rest in, and what was no rest any more, is left out: sets that were typed in one
/// after the other, and a session that was broken off.</summary>
internal static class RestsTaken
{
    private static readonly RestRule Rules = ReviewRules.Shipped.Rest;

    /// <summary>Every rest that was timed, in the order of the sessions.</summary>
    public static IReadOnlyList<RestTaken> Of(ReviewInput input)
    {
        ILookup<DateOnly, SetTime> times = input.Times.ToLookup(set => set.Date);
        return
        [
            .. input
                .SessionsUpTo(input.Today)
                .SelectMany(row => row.Session.Items.SelectMany(item => Between(row.Session.Date, item, [.. times[row.Session.Date]]))),
        ];
    }

    private static IEnumerable<RestTaken> Between(DateOnly day, StoodItem item, IReadOnlyList<SetTime> all)
    {
        if (item.RestSeconds is not (> 0 and var asked))
            return [];
        List<SetTime> sets = [.. all.Where(set => set.Exercise == item.Exercise).OrderBy(set => set.Place).ThenBy(set => set.At)];
        return sets.Zip(sets.Skip(1))
            // In a superset, and where something else came between, the rest was not that of this exercise.
            .Where(pair => pair.Second.Place == pair.First.Place + 1 && !all.Any(other => IsBetween(other, pair.First, pair.Second)))
            .Select(pair => (pair.Second.At - pair.First.At).TotalSeconds - UnderTension(pair.Second, item))
            .Where(rest => rest >= Rules.LeastSeconds && rest <= Rules.MostSeconds)
            .Select(rest => new RestTaken(day, item.Exercise, asked, rest));
    }

    private static bool IsBetween(SetTime other, SetTime first, SetTime second) =>
        other.Exercise != first.Exercise && other.At > first.At && other.At < second.At;

    private static double UnderTension(SetTime set, StoodItem item) => set.Seconds ?? (set.Reps ?? 0) * item.TempoSeconds;
}
