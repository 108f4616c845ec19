using System.Globalization;
using System.Text.RegularExpressions;
using Nerezza.Core.Clients;
using Nerezza.Tables.Logs;

namespace Nerezza.Tables.Clients;

/// <summary>Training days as coaches write them: mon wed fri, Mo/Mi/Fr, mon 75 wed 60.</summary>
internal static partial class DaysText
{
    // English, German, Italian, French, Spanish; the first letters are enough where they say one day in every language.
    private static readonly (Weekday Day, string[] Words)[] Names =
    [
        (Weekday.Mon, ["mo", "mon", "monday", "montag", "lun", "lunedi", "lundi", "lunes"]),
        (Weekday.Tue, ["tu", "tue", "tues", "tuesday", "di", "die", "dienstag", "mar", "martedi", "mardi", "martes"]),
        (Weekday.Wed, ["we", "wed", "wednesday", "mi", "mit", "mittwoch", "mer", "mercoledi", "mercredi", "mie", "miercoles"]),
        (
            Weekday.Thu,
            ["th", "thu", "thur", "thurs", "thursday", "do", "don", "donnerstag", "gio", "giovedi", "jeu", "jeudi", "jue", "jueves"]
        ),
        (Weekday.Fri, ["fr", "fri", "friday", "fre", "freitag", "ven", "venerdi", "vendredi", "vie", "viernes"]),
        (Weekday.Sat, ["sa", "sat", "saturday", "sam", "samstag", "sab", "sabato", "samedi", "sabado"]),
        (Weekday.Sun, ["so", "su", "sun", "sunday", "son", "sonntag", "dom", "domenica", "dim", "dimanche", "domingo"]),
    ];

    /// <summary>The days in the order of the week, each with minutes where they stand beside it; null where a word is none.</summary>
    public static IReadOnlyList<(Weekday Day, int? Minutes)>? Read(string text)
    {
        SortedDictionary<Weekday, int?> days = [];
        Weekday? last = null;
        foreach (Match part in Parts().Matches(ExerciseNames.Plain(text)))
        {
            if (part.Groups["minutes"].Success)
            {
                if (last is not { } of || days[of] is not null)
                    return null;
                days[of] = int.Parse(part.Value, CultureInfo.InvariantCulture);
                continue;
            }
            if (part.Value is "min" or "and" or "und" or "e" or "et" or "y")
                continue;
            last = Find(part.Value);
            if (last is not { } day || !days.TryAdd(day, null))
                return null;
        }
        return days.Count == 0 ? null : [.. days.Select(day => (day.Key, day.Value))];
    }

    private static Weekday? Find(string word)
    {
        foreach ((Weekday day, string[] words) in Names)
            if (words.Contains(word))
                return day;
        return null;
    }

    [GeneratedRegex(@"(?<minutes>\d{1,3})|\p{L}+")]
    private static partial Regex Parts();
}
