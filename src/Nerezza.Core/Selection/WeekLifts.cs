using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;

namespace Nerezza.Core.Selection;

/// <summary>What an exercise costs in a role; Prescription knows.</summary>
public interface ISetCost
{
    /// <summary>Minutes of every session before its first exercise.</summary>
    int GeneralMinutes { get; }

    /// <summary>Work sets.</summary>
    int Sets(Role role);

    /// <summary>Minutes with set-up, warm-up and rest.</summary>
    double Minutes(Exercise exercise, Role role);
}

/// <summary>Which main lifts stand on which leg day: they take turns as main, the others come second.</summary>
public static class WeekLifts
{
    /// <summary>Days on which legs are trained.</summary>
    public static IReadOnlyList<SplitDay> LegDays(IReadOnlyList<SplitDay> week) => [.. week.Where(day => day.Focus is not DayFocus.Upper)];

    /// <summary>Whether a thrust is the third lift of every leg day: where the glutes are emphasised, or a thrust is a target.</summary>
    public static bool HasThrust(Client client, ExerciseCatalogue catalogue) =>
        client.Emphasis.Contains(Muscle.GluteusMaximus) || client.TargetLifts.Any(id => catalogue[id].Pattern is Pattern.Thrust);

    /// <summary>The lifts of a leg day, main first: the day's turn says which leads.</summary>
    public static IReadOnlyList<Chosen> On(SplitDay day, IReadOnlyList<MainSlot> slots)
    {
        if (slots.Count == 0)
            return [];
        int index = day.Turn;
        Chosen main = slots[index % slots.Count].Main;
        if (day.Minutes < SelectionRules.Shipped.SecondFromMinutes)
            return [main];
        // With a thrust as a third lift every leg day has all three; else the other one comes second.
        // Two slots may come down to one exercise where the kit is poor: it stands once.
        return
        [
            .. Enumerable
                .Range(1, slots.Count - 1)
                .Select(place => slots[(index + place) % slots.Count].Second)
                .Prepend(main)
                .DistinctBy(lift => lift.Exercise.Id),
        ];
    }

    /// <summary>Axial load times sets of a week's main lifts.</summary>
    public static int Axial(IReadOnlyList<MainSlot> slots, IReadOnlyList<SplitDay> week, ISetCost cost) =>
        LegDays(week).SelectMany(day => On(day, slots)).Sum(lift => lift.Exercise.Axial * cost.Sets(lift.Role));
}

/// <summary>Which pattern of main lift leads.</summary>
public static class MainOrder
{
    /// <summary>Squat and hinge, the pattern of the client's first target first.</summary>
    public static IReadOnlyList<Pattern> Of(Client client, ExerciseCatalogue catalogue) =>
        client.TargetLifts.Select(id => catalogue[id].Pattern).FirstOrDefault(pattern => pattern is Pattern.Squat or Pattern.Hinge)
        is Pattern.Hinge
            ? [Pattern.Hinge, Pattern.Squat]
            : [Pattern.Squat, Pattern.Hinge];
}
