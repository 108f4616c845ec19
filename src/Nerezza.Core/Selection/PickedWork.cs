using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;

namespace Nerezza.Core.Selection;

/// <summary>What the coach picked stands before any slot is settled, on the day of its half that has most minutes left: no limit keeps it
/// out, the checks say what it passes.</summary>
/// <param name="toPicked">The exercise as picked for a day; null where the day's kit or caution has no place for it.</param>
internal sealed class PickedWork(SelectionInput input, Func<Exercise, int, Chosen?> toPicked)
{
    /// <summary>The days with the picked accessories among what is fixed.</summary>
    public IReadOnlyList<DayFrame> On(IReadOnlyList<DayFrame> frames)
    {
        List<DayFrame> days = [.. frames];
        foreach (Exercise exercise in Picked.Where(exercise => !days.Exists(day => Stands(day, exercise))))
        {
            int best = Enumerable
                .Range(0, days.Count)
                .Where(i => toPicked(exercise, i) is not null)
                .OrderByDescending(i => Region.Suits(exercise, days[i].Day.Focus, input.Prepared.Case.Schools.Quads))
                .ThenByDescending(i => days[i].Day.Minutes - days[i].Fixed.Sum(MinutesOf))
                .ThenBy(i => i)
                .FirstOrDefault(-1);
            if (best >= 0 && toPicked(exercise, best) is { } picked)
                days[best] = days[best] with { Fixed = [.. days[best].Fixed, picked] };
        }
        return days;
    }

    /// <summary>What a picked exercise is for: its own sort of work.</summary>
    public static Purpose PurposeOf(Exercise exercise) =>
        exercise.Pattern is Pattern.Trunk ? Purpose.Trunk
        : Region.IsPush(exercise) || Region.IsPull(exercise) ? Purpose.PushPull
        : exercise.IsUpper || exercise.Pattern is Pattern.Calf or Pattern.Carry ? Purpose.Support
        : Purpose.Palette;

    private IEnumerable<Exercise> Picked =>
        input
            .Prepared.Case.Picks.Where(pick => pick.Kind is PickKind.Accessory)
            .Select(pick => input.Prepared.Catalogue.Find(pick.Exercise))
            .OfType<Exercise>();

    private static bool Stands(DayFrame day, Exercise exercise) => day.Fixed.Any(one => one.Exercise.Id == exercise.Id);

    private double MinutesOf(Chosen chosen) => input.Cost.Minutes(chosen.Exercise, chosen.Role, input.Cost.SetsOf(chosen));
}
