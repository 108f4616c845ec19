using System.Globalization;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Loads;

namespace Nerezza.Core.Wording;

/// <summary>Asks about what was entered and does not go with the rest.</summary>
public static class DoubtWords
{
    /// <summary>The doubt as a question; loads are left to the page, which says them in the coach's unit.</summary>
    public static string Ask(Doubt doubt, ExerciseCatalogue catalogue) =>
        doubt switch
        {
            Doubt.TrainsSinceChildhood since => $"{Number(since.Years)} years of training at the age of {since.Age}: sure?",
            Doubt.HeavyForBody heavy =>
                $"{Number(Math.Round(heavy.Times, 1))} times body mass in the {Name(heavy.Exercise, catalogue)}: sure?",
            Doubt.UnlikeOthers { MaxKg: var max, ExpectedKg: var told } unlike when max > told =>
                $"{Number(Math.Round(max / told, 1))} times what the other lifts tell of the {Name(unlike.Exercise, catalogue)}: sure?",
            Doubt.UnlikeOthers unlike =>
                $"{Number(Math.Round(100 * unlike.MaxKg / unlike.ExpectedKg))} % of what the other lifts tell of the "
                    + $"{Name(unlike.Exercise, catalogue)}: sure?",
            _ => throw new System.Diagnostics.UnreachableException(doubt.GetType().Name),
        };

    private static string Name(string exercise, ExerciseCatalogue catalogue) => catalogue[exercise].Name.ToLowerInvariant();

    private static string Number(double value) => value.ToString("0.#", CultureInfo.InvariantCulture);
}
