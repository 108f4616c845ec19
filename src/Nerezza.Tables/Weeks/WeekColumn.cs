using Nerezza.Tables.Logs;
using Nerezza.Tables.Sheets;

namespace Nerezza.Tables.Weeks;

/// <summary>What a column of a pasted week says.</summary>
internal enum WeekColumn
{
    Week,
    Day,

    /// <summary>A1, A2: two of one letter are a superset.</summary>
    Order,
    Exercise,

    /// <summary>Sets and repetitions in one cell, for example 3x5 @8.</summary>
    Work,
    Sets,
    Reps,
    Percent,
    Rpe,

    /// <summary>Repetitions left at the end of a set.</summary>
    Rir,
    Load,
    Tempo,
    Rest,
}

/// <summary>Finds the headings of a pasted week.</summary>
internal static class WeekColumns
{
    private const int Looked = 10;

    // Plain words (ExerciseNames.Plain) that a heading is or begins with.
    private static readonly (WeekColumn Column, string[] Words)[] Headings =
    [
        (WeekColumn.Work, ["sets x reps", "sets reps", "scheme", "work"]),
        (WeekColumn.Week, ["week", "woche", "settimana", "semaine", "semana"]),
        (WeekColumn.Day, ["day", "session", "tag", "giorno", "jour", "dia"]),
        (WeekColumn.Order, ["order", "no", "nr"]),
        (WeekColumn.Exercise, ["exercise", "lift", "movement", "ubung", "esercizio", "exercice", "ejercicio"]),
        (WeekColumn.Sets, ["sets", "set", "satze", "serie", "series"]),
        (WeekColumn.Reps, ["reps", "rep", "repetitions", "wdh", "wiederholungen", "ripetizioni", "rip", "repeticiones"]),
        (WeekColumn.Percent, ["percent", "intensity", "intensitat", "percentage", "1rm"]),
        (WeekColumn.Rpe, ["rpe", "effort"]),
        (WeekColumn.Rir, ["rir", "reserve"]),
        (WeekColumn.Load, ["kg", "load", "weight", "lb", "gewicht", "carico", "carga", "charge"]),
        (WeekColumn.Tempo, ["tempo"]),
        (WeekColumn.Rest, ["rest", "pause", "recupero", "descanso", "repos"]),
    ];

    /// <summary>The columns by place, and the row of the headings; none, where there are no headings.</summary>
    public static (int Heading, IReadOnlyDictionary<int, WeekColumn> Columns) Of(Sheet sheet)
    {
        foreach (SheetRow row in sheet.Rows.Take(Looked))
        {
            Dictionary<int, WeekColumn> found = [];
            for (int at = 0; at < row.Cells.Count; at++)
                if (Find(row.At(at).Text) is { } column && !found.ContainsValue(column))
                    found[at] = column;
            if (found.Count >= 2 && found.ContainsValue(WeekColumn.Exercise))
                return (row.Number, found);
        }
        return (0, new Dictionary<int, WeekColumn>());
    }

    private static WeekColumn? Find(string heading)
    {
        if (heading.Trim() == "%")
            return WeekColumn.Percent;
        string plain = ExerciseNames.Plain(heading);
        foreach ((WeekColumn column, string[] words) in Headings)
            if (words.Any(word => plain == word || plain.StartsWith(word + " ", StringComparison.Ordinal)))
                return column;
        return null;
    }
}
