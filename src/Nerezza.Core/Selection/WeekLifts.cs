using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;

namespace Nerezza.Core.Selection;

/// <summary>What an exercise costs in a role; Prescription knows.</summary>
public interface ISetCost
{
    /// <summary>Minutes of every session besides its exercises, each of which counts the change to it: the first has none.</summary>
    int GeneralMinutes { get; }

    /// <summary>Work sets of a role's row, before the block's kind takes any.</summary>
    int Sets(Role role);

    /// <summary>What the block's kind leaves of so many sets of a load week.</summary>
    int Left(int sets, Role role, Exercise exercise);

    /// <summary>Work sets of a chosen exercise in this block.</summary>
    int SetsOf(Chosen chosen) =>
        Left(Math.Min(chosen.Sets ?? Sets(chosen.Role), chosen.MostSets ?? int.MaxValue), chosen.Role, chosen.Exercise);

    /// <summary>Minutes of so many sets with set-up, warm-up and rest.</summary>
    double Minutes(Exercise exercise, Role role, int sets);
}

/// <summary>Which days are of the legs, and whether a thrust leads one.</summary>
public static class WeekLifts
{
    /// <summary>Days on which legs are trained.</summary>
    public static IReadOnlyList<SplitDay> LegDays(IReadOnlyList<SplitDay> week) => [.. week.Where(day => day.Focus is not DayFocus.Upper)];

    /// <summary>Whether a thrust is the third lift of every leg day: where the glutes are emphasised, or a thrust is a target.</summary>
    public static bool HasThrust(Client client, ExerciseCatalogue catalogue) =>
        client.IsForGlutes || client.TargetLifts.Any(id => catalogue[id].Pattern is Pattern.Thrust);
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

    /// <summary>The pattern of the gravest finding that is seen in a squat or hinge, pain apart; null where no fault of a lift stands
    /// behind
    /// one (docs/handbook/09-composition.md#twice).</summary>
    public static Pattern? WorstOf(PreparedCase prepared) =>
        prepared
            .Findings.Where(finding => finding.Cause is Cause.Strength or Cause.Skill && finding.Severity >= 2)
            .OrderByDescending(finding => finding.Weight)
            .ThenBy(finding => finding.Code)
            .Select(finding => Grading.SeenIn(finding, prepared))
            .FirstOrDefault(pattern => pattern is Pattern.Squat or Pattern.Hinge);
}
