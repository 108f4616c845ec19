using System.Diagnostics;
using System.Globalization;
using Nerezza.Core.Loads;

namespace Nerezza.Core.Wording;

/// <summary>Asks about what was entered and does not go with the rest.</summary>
public static class DoubtWords
{
    /// <summary>The doubt as a question, beside the value that it is about.</summary>
    public static string Ask(Doubt doubt) =>
        doubt switch
        {
            Doubt.TrainsSinceChildhood since => $"{Number(since.Years)} years of training at the age of {since.Age}: sure?",
            Doubt.HeavyForBody heavy => $"{Number(heavy.Times)} times body mass: sure?",
            Doubt.UnlikeOthers unlike when unlike.MaxKg > unlike.ExpectedKg =>
                $"{Number(unlike.MaxKg / unlike.ExpectedKg)} times what the other lifts tell: sure?",
            Doubt.UnlikeOthers unlike => $"{Math.Round(100 * unlike.MaxKg / unlike.ExpectedKg)} % of what the other lifts tell: sure?",
            _ => throw new UnreachableException(doubt.GetType().Name),
        };

    private static string Number(double value) => value.ToString("0.#", CultureInfo.InvariantCulture);
}
