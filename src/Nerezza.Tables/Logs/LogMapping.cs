using Nerezza.Tables.Sheets;

namespace Nerezza.Tables.Logs;

/// <summary>Which column of a sheet says what.</summary>
/// <param name="Heading">The row with the headings, from 1; 0 where there is none.</param>
/// <param name="Columns">Places of columns, from 0.</param>
/// <param name="Order">Of days with both numbers up to 12.</param>
/// <param name="Pounds">Whether loads that say no unit are pounds.</param>
public sealed record LogMapping(int Heading, IReadOnlyDictionary<LogColumn, int> Columns, DayOrder Order, bool Pounds);

/// <summary>Guesses what the columns of a sheet say: by their headings in the languages that coaches write in, else by what is in
/// them.</summary>
public static class ColumnGuess
{
    private const int Looked = 50;
    private const double MostOf = 0.6; // of the filled cells, assumption

    // Plain words (ExerciseNames.Plain) that a heading may be, or begin with; the first that fits counts.
    private static readonly IReadOnlyList<(LogColumn Column, string[] Words)> Headings =
    [
        (LogColumn.Kg, ["done kg", "kg done"]),
        (LogColumn.Lb, ["done lb", "lb done"]),
        (LogColumn.Reps, ["done reps", "reps done"]),
        (LogColumn.Rpe, ["done rpe", "rpe done"]),
        (LogColumn.Seconds, ["done seconds"]),
        (LogColumn.Metres, ["done metres"]),
        (LogColumn.ToTheEnd, ["to the end", "amrap", "max reps"]),
        (LogColumn.SaidAtRep, ["said at rep"]),
        (LogColumn.ReserveSaid, ["reserve said"]),
        (LogColumn.CleanReps, ["clean reps"]),
        (LogColumn.TechniqueHeldTo, ["technique held to"]),
        (LogColumn.HeightCm, ["height cm"]),
        (LogColumn.PainAt, ["pain at"]),
        (LogColumn.Date, ["date", "day", "datum", "tag", "data", "giorno", "jour", "fecha", "dia", "dato", "paivamaara"]),
        (
            LogColumn.Exercise,
            [
                "exercise",
                "lift",
                "movement",
                "ubung",
                "uebung",
                "esercizio",
                "exercice",
                "mouvement",
                "ejercicio",
                "exercicio",
                "oefening",
                "ovelse",
                "name",
            ]
        ),
        (LogColumn.Sets, ["sets x reps", "set x reps", "sets", "set reps", "scheme", "work", "satze", "saetze", "serie", "series"]),
        (LogColumn.Lb, ["lb", "lbs", "pounds", "weight lb", "weight lbs", "load lb", "load lbs"]),
        (LogColumn.Kg, ["kg", "load", "weight", "gewicht", "last", "carico", "peso", "charge", "poids", "carga", "vikt"]),
        (
            LogColumn.Reps,
            [
                "reps",
                "rep",
                "repetitions",
                "wdh",
                "wiederholungen",
                "ripetizioni",
                "rip",
                "repetition",
                "repeticiones",
                "repeticoes",
                "herhalingen",
            ]
        ),
        (LogColumn.Rpe, ["rpe", "effort", "anstrengung", "sforzo", "esfuerzo"]),
        (LogColumn.Side, ["side", "seite", "lato", "cote", "lado", "kant"]),
        (LogColumn.Seconds, ["seconds", "sec", "time", "zeit", "secondi", "secondes", "segundos", "sekunden"]),
        (LogColumn.Metres, ["metres", "meters", "distance", "meter", "metri", "distanza", "metros", "distancia"]),
        (LogColumn.Word, ["word"]),
        (LogColumn.Band, ["band", "elastico", "elastique", "banda"]),
        (LogColumn.Implements, ["implements"]),
        (LogColumn.Pain, ["pain", "schmerz", "dolore", "douleur", "dolor"]),
        (LogColumn.Note, ["note", "notes", "comment", "comments", "remark", "remarks", "notiz", "bemerkung", "nota", "notas"]),
        (LogColumn.Note, ["commento", "commentaire", "remarque", "kommentar", "comentario"]),
    ];

    public static LogMapping Of(Sheet sheet, ExerciseNames names)
    {
        (int heading, Dictionary<LogColumn, int> columns) = ByHeading(sheet);
        // Under headings that nobody knows the log begins with its first day.
        if (heading == 0)
            heading = (sheet.Rows.FirstOrDefault(row => row.Cells.Any(IsDay))?.Number ?? 1) - 1;
        Guess(LogColumn.Date, IsDay);
        Guess(LogColumn.Exercise, cell => names.Find(cell.Text) is not null);
        if (!columns.ContainsKey(LogColumn.Reps))
            Guess(LogColumn.Sets, cell => SetsText.Read(cell.Text, hasLoad: false) is not null);
        bool isPounds = columns.ContainsKey(LogColumn.Lb) && !columns.ContainsKey(LogColumn.Kg);
        return new LogMapping(heading, columns, DayText.OrderOf(Days(sheet, columns)), isPounds);

        static bool IsDay(Cell cell) => DayText.Read(cell, DayOrder.DayFirst) is not null;
        void Guess(LogColumn column, Predicate<Cell> says)
        {
            if (!columns.ContainsKey(column) && Mostly(sheet, heading, columns.Values, says) is { } at)
                columns[column] = at;
        }
    }

    /// <summary>The first column whose cells mostly say it, of those that say nothing yet.</summary>
    private static int? Mostly(Sheet sheet, int heading, IReadOnlyCollection<int> taken, Predicate<Cell> says)
    {
        List<SheetRow> body = [.. sheet.Rows.Where(row => row.Number > heading && !row.IsEmpty).Take(Looked)];
        int width = body.Count == 0 ? 0 : body.Max(row => row.Cells.Count);
        for (int column = 0; column < width; column++)
        {
            List<Cell> filled = [.. body.Select(row => row.At(column)).Where(cell => !cell.IsEmpty)];
            if (!taken.Contains(column) && filled.Count > 0 && filled.Count(cell => says(cell)) >= MostOf * filled.Count)
                return column;
        }
        return null;
    }

    /// <summary>Whether days of a sheet can be read in both orders, so that the coach has to say which.</summary>
    public static bool IsOrderUnclear(Sheet sheet, LogMapping mapping) => DayText.IsOrderUnclear(Days(sheet, mapping.Columns));

    /// <summary>The row with the most headings among the first; none where no two fit.</summary>
    private static (int Row, Dictionary<LogColumn, int> Columns) ByHeading(Sheet sheet)
    {
        (int Row, Dictionary<LogColumn, int> Columns) best = (0, []);
        foreach (SheetRow row in sheet.Rows.Take(Looked))
        {
            Dictionary<LogColumn, int> found = [];
            foreach ((LogColumn column, string[] words) in Headings)
                if (!found.ContainsKey(column) && Place(row, words, found.Values) is { } at)
                    found[column] = at;
            if (found.Count >= 2 && found.Count > best.Columns.Count)
                best = (row.Number, found);
        }
        return best;
    }

    private static int? Place(SheetRow row, string[] words, IEnumerable<int> taken)
    {
        List<(int At, string Plain)> cells =
        [
            .. row
                .Cells.Select((cell, at) => (at, ExerciseNames.Plain(cell.Text)))
                .Where(cell => cell.Item2.Length > 0 && !taken.Contains(cell.at)),
        ];
        foreach (string word in words)
            if (cells.FindIndex(cell => cell.Plain == word) is var exact and >= 0)
                return cells[exact].At;
        foreach (string word in words)
            if (cells.FindIndex(cell => cell.Plain.StartsWith(word + " ", StringComparison.Ordinal)) is var begun and >= 0)
                return cells[begun].At;
        return null;
    }

    private static List<Cell> Days(Sheet sheet, IReadOnlyDictionary<LogColumn, int> columns) =>
        columns.TryGetValue(LogColumn.Date, out int column) ? [.. sheet.Rows.Select(row => row.At(column))] : [];
}
