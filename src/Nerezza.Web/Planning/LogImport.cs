using System.Globalization;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Measures;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Shapes;
using Nerezza.Tables.Logs;
using Nerezza.Tables.Sheets;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Planning;

/// <summary>A file that was read, or why it was not.</summary>
public abstract record LogFile
{
    private LogFile() { }

    /// <summary>What of it would be kept, and how it was understood.</summary>
    /// <param name="New">Lines that are not in the log yet.</param>
    public sealed record Read(IReadOnlyList<Sheet> Sheets, int At, LogMapping Mapping, LogReading Reading, IReadOnlyList<LogLine> New)
        : LogFile;

    /// <summary>The field, and what is wrong with it.</summary>
    public sealed record Refused(string Field, string Why) : LogFile;
}

/// <summary>Reads a file of sets for a client, and makes rows of it.</summary>
public sealed class LogImport(OwnCatalogue own, ImportStore imports, LogStore log, PlanService desk)
{
    private const int Shown = 50;

    /// <summary>The file as what was said of it has it understood.</summary>
    public async Task<LogFile> Read(Guid clientId, ReadLog asked, CancellationToken cancel)
    {
        switch (OpenedTable.Of(asked))
        {
            case OpenedTable.Open open:
                ExerciseNames names = OpenedTable.Names(asked.Names, await imports.Names(cancel), own.All);
                return Understood(open.Sheets, asked, names, await log.All(clientId, cancel));
            case OpenedTable.Refused refused:
                return new LogFile.Refused(refused.Field, refused.Why);
            default:
                throw new InvalidOperationException("A file is read or refused.");
        }
    }

    private LogFile.Read Understood(IReadOnlyList<Sheet> sheets, ReadLog asked, ExerciseNames names, IReadOnlyList<LoggedSetRow> there)
    {
        Sheet sheet = sheets[asked.Sheet ?? 0];
        LogMapping guess = ColumnGuess.Of(sheet, names);
        LogMapping mapping = guess with
        {
            Columns = asked.Columns is { } said
                ? said.GroupBy(column => column.Says).ToDictionary(column => column.Key, column => column.First().At)
                : guess.Columns,
            Order = asked.Order ?? guess.Order,
            Pounds = asked.Pounds ?? guess.Pounds,
        };
        LogReading reading = new LogReader(mapping, names, DaySpan.Around(desk.Today)).Read(sheet);
        return new LogFile.Read(sheets, asked.Sheet ?? 0, mapping, reading, NotThere(reading, there));
    }

    /// <summary>What the log does not hold yet: a set that stands twice in the file and once in the log is new once.</summary>
    private static List<LogLine> NotThere(LogReading reading, IReadOnlyList<LoggedSetRow> there)
    {
        Dictionary<object, int> held = there
            .GroupBy(row => Key(row.Date, row.Exercise, row.Side, row.LoadKg, row.Reps, row.Rpe, row.Seconds, row.Metres))
            .ToDictionary(rows => rows.Key, rows => rows.Count());
        List<LogLine> fresh = [];
        foreach (LogLine line in reading.Lines)
        {
            LogSetSection set = line.Set;
            object key = Key(
                line.Date,
                set.Exercise,
                set.Side,
                (decimal?)set.Kg,
                set.Reps,
                (decimal?)set.Rpe,
                (decimal?)set.Seconds,
                (decimal?)set.Metres
            );
            if (held.GetValueOrDefault(key) is var left and > 0)
                held[key] = left - 1;
            else
                fresh.Add(line);
        }
        return fresh;
    }

    private static object Key(
        DateOnly date,
        string exercise,
        Core.Clients.Side? side,
        decimal? kg,
        int? reps,
        decimal? rpe,
        decimal? seconds,
        decimal? metres
    ) => (date, exercise, side, kg, reps, rpe, seconds, metres);

    /// <summary>How a file was understood, for the page.</summary>
    public LogReadingView View(LogFile.Read file)
    {
        Sheet sheet = file.Sheets[file.At];
        List<RowReading> refused = [.. file.Reading.Rows.Where(row => row.Why is not null)];
        return new LogReadingView
        {
            Sheets = [.. file.Sheets.Select(one => one.Name)],
            Sheet = file.At,
            Heading = file.Mapping.Heading,
            Columns = [.. OpenedTable.Columns(sheet, file.Mapping.Heading, at => Says(file.Mapping, at))],
            Order = file.Mapping.Order,
            OrderUnclear = ColumnGuess.IsOrderUnclear(sheet, file.Mapping),
            Pounds = file.Mapping.Pounds,
            UnitUnclear = file.Mapping.Columns.ContainsKey(LogColumn.Kg) || file.Mapping.Columns.ContainsKey(LogColumn.Sets),
            Unknown = OpenedTable.Asked(file.Reading.Unknown),
            Rows = file.Reading.Rows.Count,
            Sets = file.New.Count,
            FirstDay = file.New.Count > 0 ? file.New.Min(line => line.Date) : null,
            LastDay = file.New.Count > 0 ? file.New.Max(line => line.Date) : null,
            AlreadyThere = file.Reading.Lines.Count() - file.New.Count,
            Shown = [.. file.Reading.Rows.Where(row => row.Lines.Count > 0).Take(Shown).Select(RowText)],
            Refused = [.. refused.Take(Shown).Select(row => new RowRefused(row.Row, row.Why!))],
            RefusedRows = refused.Count,
        };
    }

    private static LogColumn? Says(LogMapping mapping, int at) =>
        mapping.Columns.Where(column => column.Value == at).Select(column => (LogColumn?)column.Key).FirstOrDefault();

    private RowShown RowText(RowReading row)
    {
        List<(string Set, int Times)> runs = [];
        foreach (string set in row.Lines.Select(line => SetText(line.Set)))
            if (runs is [.., var last] && last.Set == set)
                runs[^1] = (set, last.Times + 1);
            else
                runs.Add((set, 1));
        string sets = string.Join("; ", runs.Select(run => run.Times > 1 ? $"{run.Times} x {run.Set}" : run.Set));
        return new RowShown(row.Row, row.Lines[0].Date, own.All[row.Lines[0].Set.Exercise].Name, sets);
    }

    private static string SetText(LogSetSection set)
    {
        string done =
            set.Reps is { } reps ? $"{reps}"
            : set.Seconds is { } seconds ? Say($"{seconds:0.#} s")
            : set.Metres is { } metres ? Say($"{metres:0.#} m")
            : "done";
        string side = set.Side is { } at ? $" {Codes.Of(at)}" : "";
        string load = set.Kg is { } kg ? Say($" at {kg:0.##} kg") : "";
        string rpe = set.Rpe is { } effort ? Say($", RPE {effort:0.#}") : "";
        return $"{done}{side}{load}{rpe}";
    }

    private static string Say(FormattableString text) => text.ToString(CultureInfo.InvariantCulture);

    /// <summary>The rows that a file makes, in its order.</summary>
    public static IReadOnlyList<LoggedSetRow> Rows(IReadOnlyList<LogLine> lines, ImportRow import)
    {
        Dictionary<(DateOnly, string), int> places = [];
        List<LoggedSetRow> rows = new(lines.Count);
        foreach (LogLine line in lines)
        {
            int place = places.GetValueOrDefault((line.Date, line.Set.Exercise));
            places[(line.Date, line.Set.Exercise)] = place + 1;
            // A moment later each, so that the order of the file stays.
            rows.Add(Row(line, import, place, import.KeptAt.AddMicroseconds(rows.Count)));
        }
        return rows;
    }

    private static LoggedSetRow Row(LogLine line, ImportRow import, int place, DateTimeOffset at)
    {
        LogSetSection set = line.Set;
        return new LoggedSetRow
        {
            PracticeId = import.PracticeId,
            Id = Guid.CreateVersion7(at),
            ClientId = import.ClientId,
            ImportId = import.Id,
            Date = line.Date,
            Exercise = set.Exercise,
            Place = place,
            Side = set.Side,
            LoadKg = (decimal?)set.Kg,
            Reps = set.Reps,
            Rpe = (decimal?)set.Rpe,
            Amrap = set.Amrap is true,
            SaidAtRep = set.RirSaidAt?.Rep,
            RirSaid = (decimal?)set.RirSaidAt?.Rir,
            Seconds = (decimal?)set.Seconds,
            Metres = (decimal?)set.Metres,
            HeightCm = (decimal?)set.HeightCm,
            CleanReps = set.CleanReps,
            Word = set.Word,
            Band = set.Band,
            Implements = set.Implements,
            TechniqueHeldTo = set.TechniqueHeldTo,
            Pain = set.Pain is { } pain ? (int)Math.Round(pain) : null,
            PainAt = set.PainAt,
            Note = line.Note,
            LoggedAt = at,
        };
    }
}
