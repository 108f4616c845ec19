using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;

namespace Nerezza.Core.Selection;

/// <summary>Which half of the body an exercise belongs to, and which way it pushes.</summary>
public static class Region
{
    private static readonly HashSet<Muscle> Legs =
    [
        Muscle.Vasti,
        Muscle.RectusFemoris,
        Muscle.GluteusMaximus,
        Muscle.GluteusMedius,
        Muscle.Hamstrings,
        Muscle.Adductors,
        Muscle.Gastrocnemius,
        Muscle.Soleus,
        Muscle.TibialisAnterior,
        Muscle.HipFlexors,
    ];

    /// <summary>Whether a muscle is trained on leg days.</summary>
    public static bool IsOfLegs(Muscle muscle) => Legs.Contains(muscle);

    /// <summary>Lower, upper, or full where it suits any day: so do knee extensions by the school that spreads the quads over the
    /// week.</summary>
    public static DayFocus Of(Exercise exercise, QuadSchool quads) =>
        IsSpread(exercise, quads) ? DayFocus.Full
        : exercise.IsUpper ? DayFocus.Upper
        : exercise.Pattern is Pattern.Trunk || SparesLegs(exercise) ? DayFocus.Full
        : DayFocus.Lower;

    /// <summary>What loads back and hardly a leg, such as a seated good morning, suits any day.</summary>
    private static bool SparesLegs(Exercise exercise) => exercise.Muscles.Count > 0 && !exercise.PrimeMovers.Any(Legs.Contains);

    /// <summary>Whether the school that spreads the quads takes an exercise to any day.</summary>
    public static bool IsSpread(Exercise exercise, QuadSchool quads) =>
        quads is QuadSchool.Spread && exercise.Pattern is Pattern.KneeExtension;

    /// <summary>Whether an exercise suits a day.</summary>
    public static bool Suits(Exercise exercise, DayFocus day, QuadSchool quads) =>
        day is DayFocus.Full || Of(exercise, quads) is DayFocus.Full || Of(exercise, quads) == day;

    /// <summary>Presses of several joints.</summary>
    public static bool IsPush(Exercise exercise) =>
        exercise.Pattern is Pattern.PressHorizontal or Pattern.PressVertical && AccessoryRole.Of(exercise) is Role.Accessory;

    /// <summary>Pulls of several joints.</summary>
    public static bool IsPull(Exercise exercise) =>
        exercise.Pattern is Pattern.PullHorizontal or Pattern.PullVertical && AccessoryRole.Of(exercise) is Role.Accessory;
}
