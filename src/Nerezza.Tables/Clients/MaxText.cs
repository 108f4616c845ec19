using System.Globalization;
using System.Text.RegularExpressions;
using Nerezza.Tables.Logs;

namespace Nerezza.Tables.Clients;

/// <summary>A heading that names a max: back squat 1RM, bench press max, deadlift 5RM kg.</summary>
/// <param name="Exercise">What is left of it: the name of an exercise.</param>
/// <param name="Reps">Repetitions of what stands under it, where the cell does not say.</param>
/// <param name="IsSaid">Whether it says that it is a max, and is not a bare name.</param>
internal sealed partial record MaxHeading(string Exercise, int Reps, bool IsSaid)
{
    /// <param name="plain">As ExerciseNames.Plain makes it.</param>
    public static MaxHeading? Read(string plain)
    {
        Match of = OfReps().Match(plain);
        string name = Beside().Replace(OfReps().Replace(plain, " "), " ");
        name = string.Join(' ', name.Split(' ', StringSplitOptions.RemoveEmptyEntries));
        int reps = of.Success && of.Groups["reps"].Value.Length > 0 ? int.Parse(of.Groups["reps"].Value, CultureInfo.InvariantCulture) : 1;
        return name.Length == 0 ? null : new MaxHeading(name, reps, of.Success || MaxWord().IsMatch(plain));
    }

    [GeneratedRegex(@"\be?(?<reps>\d{1,2})\s?rm\b")]
    private static partial Regex OfReps();

    [GeneratedRegex(@"\b(?:max|maximum|best|pb|pr|kg|lbs?|e1rm)\b")]
    private static partial Regex Beside();

    [GeneratedRegex(@"\b(?:max|maximum|best|pb|pr)\b")]
    private static partial Regex MaxWord();
}

/// <summary>A max as a cell says it: 100, 100 kg, 100x5, 5x100, 100x5@9.</summary>
/// <param name="Reps">Null where only a load stands there.</param>
internal sealed partial record MaxText(double Load, string Unit, int? Reps, double? Rpe)
{
    // Nobody's max is for more repetitions, and no max of few is lighter (assumptions): between them a cell says which is which.
    private const int MostReps = 15;

    /// <summary>Null where the cell cannot be read for certain.</summary>
    public static MaxText? Read(string text)
    {
        Match match = Shape().Match(text.Trim().ToLowerInvariant().Replace('×', 'x').Replace('*', 'x'));
        if (!match.Success || NumberText.Read(match.Groups["one"].Value) is not { } one)
            return null;
        double? rpe = match.Groups["rpe"] is { Success: true, Value: var said } ? NumberText.Read(said)?.Value : null;
        if (match.Groups["two"] is not { Success: true, Value: var second })
            return new MaxText(one.Value, one.Unit, null, rpe);
        if (NumberText.Read(second) is not { } two)
            return null;
        bool firstIsReps = IsReps(one) && (two.Unit.Length > 0 || two.Value > MostReps),
            secondIsReps = IsReps(two) && (one.Unit.Length > 0 || one.Value > MostReps);
        return firstIsReps == secondIsReps ? null
            : secondIsReps ? new MaxText(one.Value, one.Unit, (int)two.Value, rpe)
            : new MaxText(two.Value, two.Unit, (int)one.Value, rpe);
    }

    private static bool IsReps(Written number) => number is { Unit: "", Value: >= 1 and <= MostReps } && number.Value % 1 == 0;

    [GeneratedRegex(
        @"^(?<one>\d+(?:[.,]\d+)?\s*(?:kg|lbs?)?)"
            + @"(?:\s*x\s*(?<two>\d+(?:[.,]\d+)?\s*(?:kg|lbs?)?))?(?:\s*(?:@|rpe)\s*(?<rpe>\d+(?:[.,]\d)?))?$"
    )]
    private static partial Regex Shape();
}
