using System.Globalization;
using System.Text.RegularExpressions;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Selection;
using Nerezza.Formats.Plans;
using Nerezza.Tables.Logs;
using Nerezza.Tables.Sheets;

namespace Nerezza.Tables.Weeks;

/// <summary>Reads a week of training as it stands in a spreadsheet: a row an exercise under its day, or a day a column. What cannot be read
/// for certain says why, with its cell.</summary>
public sealed partial class WeekReader(ExerciseNames names, ExerciseCatalogue catalogue)
{
    private const int Proposed = 3;
    private readonly List<PastedLine> _lines = [];
    private readonly Dictionary<string, int> _unknown = new(StringComparer.OrdinalIgnoreCase);
    private readonly List<(int Week, string Session)> _sessions = [];
    private bool _hasLoads;
    private bool _hasRanges;

    public WeekReading Read(Sheet sheet)
    {
        if (DaysAcross(sheet) is var (heading, days) && days.Count >= 2)
            Across(sheet, heading, days);
        else
            Down(sheet);
        return new WeekReading(
            _lines,
            [.. _unknown.Select(name => new UnknownName(name.Key, name.Value, names.Nearest(name.Key, Proposed)))],
            _hasLoads,
            _hasRanges
        );
    }

    /// <summary>The first row with two days of the week in it.</summary>
    private static (int Heading, Dictionary<int, string> Days) DaysAcross(Sheet sheet)
    {
        foreach (SheetRow row in sheet.Rows)
        {
            Dictionary<int, string> days = row
                .Cells.Select((cell, at) => (at, cell.Text))
                .Where(cell => IsDay(cell.Text))
                .ToDictionary(cell => cell.at, cell => cell.Text);
            if (days.Count >= 2)
                return (row.Number, days);
        }
        return (0, []);
    }

    private void Across(Sheet sheet, int heading, Dictionary<int, string> days)
    {
        foreach ((int at, string day) in days)
        foreach (SheetRow row in sheet.Rows.Where(row => row.Number > heading && !row.At(at).IsEmpty))
            Line(row.Number, Session(1, day), day, row.At(at).Text, Sheet.NameOf(at, row.Number), []);
    }

    private void Down(Sheet sheet)
    {
        (int heading, IReadOnlyDictionary<int, WeekColumn> columns) = WeekColumns.Of(sheet);
        (int week, string session) = (1, "");
        foreach (SheetRow row in sheet.Rows.Where(row => row.Number > heading && !row.IsEmpty))
        {
            if (Said(row, columns, WeekColumn.Week) is { Length: > 0 } number && NumberIn().Match(number) is { Success: true } found)
                week = int.Parse(found.Value, CultureInfo.InvariantCulture);
            if (Said(row, columns, WeekColumn.Day) is { Length: > 0 } day)
                session = day;
            int at =
                columns.Where(column => column.Value is WeekColumn.Exercise).Select(column => (int?)column.Key).FirstOrDefault()
                ?? First(row);
            string text = row.At(at).Text;
            // A cell alone in its row that is no exercise is the name of a session.
            if (text.Length > 0 && row.Cells.Count(cell => !cell.IsEmpty) == 1 && names.Find(text) is null && !NameAndWork().IsMatch(text))
                session = text;
            else if (text.Length > 0)
                Line(row.Number, Session(week, session), session, text, Sheet.NameOf(at, row.Number), Asks(row, columns, at), week);
        }
    }

    private static string Said(SheetRow row, IReadOnlyDictionary<int, WeekColumn> columns, WeekColumn which) =>
        columns.Where(column => column.Value == which).Select(column => row.At(column.Key).Text).FirstOrDefault() ?? "";

    /// <summary>The first cell with letters in it that is no order such as A1.</summary>
    private static int First(SheetRow row) =>
        Math.Max(0, row.Cells.ToList().FindIndex(cell => cell.Text.Any(char.IsLetter) && !Order().IsMatch(cell.Text.Trim())));

    private static List<(string Text, WeekColumn? Column, string Cell)> Asks(
        SheetRow row,
        IReadOnlyDictionary<int, WeekColumn> columns,
        int exercise
    ) =>
        [
            .. row
                .Cells.Select(
                    (cell, at) => (cell.Text, At: at, Column: columns.TryGetValue(at, out WeekColumn says) ? says : (WeekColumn?)null)
                )
                .Where(cell => cell.Text.Length > 0 && cell.At != exercise && cell.Column is not (WeekColumn.Week or WeekColumn.Day))
                // Rows may be counted before the exercise.
                .Where(cell =>
                    cell.Column is not null || cell.At > exercise || !NumberIn().IsMatch(cell.Text) || Order().IsMatch(cell.Text.Trim())
                )
                // Under headings, what no heading names is a remark.
                .Where(cell => columns.Count == 0 || cell.Column is not null)
                .Select(cell => (cell.Text, cell.Column, Sheet.NameOf(cell.At, row.Number))),
        ];

    private int Session(int week, string named)
    {
        if (!_sessions.Contains((week, named)))
            _sessions.Add((week, named));
        return _sessions.Where(session => session.Week == week).ToList().IndexOf((week, named)) + 1;
    }

    private void Line(
        int row,
        int session,
        string named,
        string text,
        string cell,
        IReadOnlyList<(string Text, WeekColumn? Column, string Cell)> asks,
        int week = 1
    )
    {
        List<(string Text, WeekColumn? Column, string Cell)> all = [.. asks];
        string name = text;
        if (names.Find(text) is null && NameAndWork().Match(text) is { Success: true } both)
        {
            name = both.Groups["name"].Value.Trim(' ', ':', '-', ',');
            all.Add((both.Groups["work"].Value, null, cell));
        }
        if (names.Find(name) is not { } id)
        {
            _unknown[name] = _unknown.GetValueOrDefault(name) + 1;
            _lines.Add(new PastedLine(row, week, session, named, null, $"{cell}: {name} is not known; say which exercise it is"));
            return;
        }
        var item = new TemplateItemSection { Exercise = id, Role = RoleIn(week, session, catalogue[id]) };
        foreach ((string ask, WeekColumn? column, string at) in all)
        {
            if (column is WeekColumn.Order || (column is null && Order().IsMatch(ask.Trim())))
            {
                // A number alone is the place in the session, which the row has anyhow.
                item = item with
                {
                    Superset = char.IsLetter(ask.Trim()[0]) ? ask.Trim()[..1].ToUpperInvariant() : null,
                };
                continue;
            }
            _hasLoads |= column is WeekColumn.Load || LoadIn().IsMatch(ask);
            if (AskText.Read(item, ask, column) is not { } read)
            {
                _lines.Add(
                    new PastedLine(
                        row,
                        week,
                        session,
                        named,
                        null,
                        $"{at}: {ask} cannot be read for certain; for example 3x5 @8, 4x3 80% or 3x30 s expected"
                    )
                );
                return;
            }
            _hasRanges |= column is not WeekColumn.Load && AskText.HasRange(ask);
            item = read;
        }
        _lines.Add(new PastedLine(row, week, session, named, item, null));
    }

    /// <summary>What a session begins with is its main lift where it can be one.</summary>
    private Role RoleIn(int week, int session, Exercise exercise) =>
        _lines.Exists(line => line.Week == week && line.Session == session && line.Item is not null)
            ? AccessoryRole.Of(exercise)
            : FirstRole.Of(exercise);

    private static bool IsDay(string text) => Clients.DaysText.Read(text) is [_];

    [GeneratedRegex(
        @"^(?<name>.*\p{L}.*?)[\s:,-]+" + @"(?<work>\d{1,2}(?:\s*[-–]\s*\d{1,2})?\s*(?:[x×*]|sets?\s*(?:of|[x×*])?)\s*\d{1,3}.*)$"
    )]
    private static partial Regex NameAndWork();

    [GeneratedRegex(@"^[A-Za-z]\d{0,2}[.)]?$")]
    private static partial Regex Order();

    [GeneratedRegex(@"\d\s*(?:kg|lbs?)\b|x\s*\d+\s*x\s*\d{2,3}|@\s*(?:1[1-9]|[2-9]\d|\d{3})(?:[.,]\d+)?\s*$", RegexOptions.IgnoreCase)]
    private static partial Regex LoadIn();

    [GeneratedRegex(@"\d{1,2}")]
    private static partial Regex NumberIn();
}
