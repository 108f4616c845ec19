using System.Globalization;
using System.Text.RegularExpressions;
using Nerezza.Core.Measures;
using Nerezza.Formats.Plans;
using Nerezza.Tables.Logs;

namespace Nerezza.Tables.Weeks;

/// <summary>Reads what is asked of an exercise: 3x5, 3 sets of 5, 3x8-12 @8, 2 RIR, 4x3 80%, 3x30 s, 3x20 m, tempo, rest; each on its own
/// or behind another.</summary>
internal static partial class AskText
{
    /// <summary>The item with what the cell asks; null where it cannot be read for certain.</summary>
    /// <param name="column">What the column says; null where it has no heading, and the cell must say itself what it is.</param>
    public static TemplateItemSection? Read(TemplateItemSection item, string text, WeekColumn? column)
    {
        string told = RangeText.Middle(Plain(text), column);
        return (column, NumberText.Read(told)) switch
        {
            (WeekColumn.Sets, { Unit: "" } sets) => item with { Sets = Whole(sets) },
            (WeekColumn.Reps, { Unit: "" } reps) => item with { Reps = Whole(reps) },
            (WeekColumn.Reps, { Unit: "s" or "sec" } hold) => item with { Seconds = Whole(hold) },
            (WeekColumn.Reps, { Unit: "m" } way) => item with { Metres = Whole(way) },
            (WeekColumn.Percent, { Unit: "" or "%" } percent) => item with { Percent = Share(percent, told) },
            (WeekColumn.Rpe, { Unit: "" } rpe) => item with { Rpe = rpe.Value },
            (WeekColumn.Rir, { Unit: "" } left) => item with { Rpe = Rpe.Ten.Value - left.Value },
            (WeekColumn.Rest, { Unit: "" } rest) => item with { RestSeconds = Whole(rest) },
            // Loads follow from the client's maxes.
            (WeekColumn.Load, not null) or (_, { Unit: "kg" or "lb" or "lbs" }) => item,
            _ => Written(item, told),
        };
    }

    /// <summary>Whether a range is asked, of which the middle is read.</summary>
    public static bool HasRange(string text) => RangeText.IsIn(Plain(text));

    private static string Plain(string text) => text.Trim().ToLowerInvariant().Replace('×', 'x').Replace('*', 'x').Replace(',', '.');

    // A spreadsheet hands 80 % over as 0.8.
    private static double Share(Written percent, string told) =>
        percent.Value <= 1.5 && !told.Contains('%', StringComparison.Ordinal) ? Math.Round(percent.Value * 100, 1) : percent.Value;

    private static int Whole(Written number) => (int)Math.Round(number.Value);

    private static TemplateItemSection? Written(TemplateItemSection item, string told)
    {
        if (Scheme().Match(told) is { Success: true } scheme)
        {
            (int sets, int many) = (Number(scheme, "sets"), Number(scheme, "many"));
            TemplateItemSection read = scheme.Groups["unit"].Value switch
            {
                "s" or "sec" or "\"" => item with { Sets = sets, Seconds = many },
                "m" => item with { Sets = sets, Metres = many },
                _ => item with { Sets = sets, Reps = many },
            };
            string rest = scheme.Groups["rest"].Value.Trim();
            return rest.Length == 0 ? read : Behind(read, rest);
        }
        return Behind(item, told);
    }

    /// <summary>An effort, a percentage, a tempo, a rest, a load; several with spaces between.</summary>
    private static TemplateItemSection? Behind(TemplateItemSection item, string told)
    {
        if (Percent().Match(told) is { Success: true } percent)
            return item with { Percent = double.Parse(percent.Groups["percent"].Value, CultureInfo.InvariantCulture) };
        if (Effort().Match(told) is { Success: true } rpe)
            return item with { Rpe = double.Parse(rpe.Groups["rpe"].Value, CultureInfo.InvariantCulture) };
        if (Left().Match(told) is { Success: true } left)
            return item with { Rpe = Rpe.Ten.Value - double.Parse(left.Groups["left"].Value, CultureInfo.InvariantCulture) };
        if (Rest().Match(told) is { Success: true } rest)
            return item with { RestSeconds = Seconds(rest) };
        if (Load().IsMatch(told))
            return item;
        if (TempoOf(told) is { } tempo)
            return item with { Tempo = tempo };
        int space = told.LastIndexOf(' ');
        return space > 0 && Behind(item, told[..space].Trim()) is { } first ? Behind(first, told[(space + 1)..].Trim()) : null;
    }

    private static string? TempoOf(string told)
    {
        string plain = told.StartsWith("tempo ", StringComparison.Ordinal) ? told[6..].Trim() : told;
        string spread = plain.Length == 4 ? string.Join('-', plain.ToCharArray()) : plain;
        return Tempo.TryParse(spread.ToUpperInvariant()) is { } tempo ? tempo.ToString() : null;
    }

    private static int Seconds(Match rest) =>
        rest.Groups["minutes"].Success ? 60 * Number(rest, "minutes") + Number(rest, "seconds")
        : rest.Groups["min"].Success ? (int)Math.Round(60 * double.Parse(rest.Groups["min"].Value, CultureInfo.InvariantCulture))
        : Number(rest, "sec");

    private static int Number(Match match, string group) => int.Parse(match.Groups[group].Value, CultureInfo.InvariantCulture);

    // What is asked of each side is asked of the exercise: an exercise for one side is done on both.
    [GeneratedRegex(
        @"^(?<sets>\d{1,2})\s*(?:x|sets?\s*(?:of|x)?)\s*(?<many>\d{1,3})\s*(?<unit>(?:sec|s|m|"")(?![a-z]))?"
            + @"(?:\s*(?:reps?|(?:each|per|/)\s*(?:side|leg|arm)|each|ea\.?)(?![a-z]))*(?:\s*(?<rest>[@x]?.+))?$"
    )]
    private static partial Regex Scheme();

    [GeneratedRegex(@"^@?\s*(?<percent>\d{2,3}(?:\.\d)?)\s*%$")]
    private static partial Regex Percent();

    [GeneratedRegex(@"^(?:@|rpe|@\s*rpe)\s*(?<rpe>(?:10|\d)(?:\.\d)?)$")]
    private static partial Regex Effort();

    [GeneratedRegex(@"^@?\s*(?:rir\s*(?<left>\d(?:\.\d)?)|(?<left>\d(?:\.\d)?)\s*rir)$")]
    private static partial Regex Left();

    [GeneratedRegex(@"^(?:rest\s*)?(?:(?<minutes>\d):(?<seconds>\d\d)|(?<min>\d(?:\.\d)?)\s*(?:min|')|(?<sec>\d{2,3})\s*(?:s|sec|""))$")]
    private static partial Regex Rest();

    [GeneratedRegex(@"^[@x]?\s*\d{1,3}(?:\.\d+)?\s*(?:kg|lbs?)$|^[@x]\s*\d{2,3}(?:\.\d+)?$")]
    private static partial Regex Load();
}
