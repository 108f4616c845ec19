using System.Globalization;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Shapes;
using Nerezza.Tables.Sheets;

namespace Nerezza.Tables.Logs;

/// <summary>Reads the rows of a log. A row that cannot be read for certain says why, with its cell; nothing is guessed at.</summary>
/// <param name="days">Days that a log may hold.</param>
public sealed class LogReader(LogMapping mapping, ExerciseNames names, DaySpan days)
{
    private const int Proposed = 3;
    private const double KilogramsInPound = (double)Load.KilogramsPerPound;

    /// <summary>The rows under the heading.</summary>
    public LogReading Read(Sheet sheet)
    {
        List<RowReading> rows = [];
        Dictionary<string, int> unknown = new(StringComparer.OrdinalIgnoreCase);
        // A day or an exercise that is written once stands for the rows under it.
        (Cell day, Cell exercise) = (Cell.Empty, Cell.Empty);
        foreach (SheetRow row in sheet.Rows.Where(row => row.Number > mapping.Heading && !row.IsEmpty))
        {
            if (At(row, LogColumn.Date) is { IsEmpty: false } own)
                day = own;
            if (At(row, LogColumn.Exercise) is { IsEmpty: false } named)
                exercise = named;
            var reader = new RowReader(row, mapping, days);
            if (!reader.SaysAnything)
                continue;
            if (exercise.Text.Length > 0 && names.Find(exercise.Text) is null)
                unknown[exercise.Text] = unknown.GetValueOrDefault(exercise.Text) + 1;
            rows.Add(reader.Read(day, exercise.Text, names.Find(exercise.Text)));
        }
        return new LogReading(rows, [.. unknown.Select(name => new UnknownName(name.Key, name.Value, names.Nearest(name.Key, Proposed)))]);
    }

    private Cell At(SheetRow row, LogColumn column) => mapping.Columns.TryGetValue(column, out int at) ? row.At(at) : Cell.Empty;

    /// <summary>One row, and the first thing that is wrong with it.</summary>
    private sealed class RowReader(SheetRow row, LogMapping mapping, DaySpan days)
    {
        // Columns that say nothing of what was done.
        private static readonly LogColumn[] Beside =
        [
            LogColumn.Date,
            LogColumn.Exercise,
            LogColumn.Side,
            LogColumn.ToTheEnd,
            LogColumn.Note,
        ];
        private string? _why;

        /// <summary>Whether it says more than its day and exercise: what was planned and not done says nothing.</summary>
        public bool SaysAnything => mapping.Columns.Any(column => !Beside.Contains(column.Key) && !row.At(column.Value).IsEmpty);

        public RowReading Read(Cell day, string name, string? exercise)
        {
            DateOnly? date = DayText.Read(day, mapping.Order);
            if (date is null)
                Wrong(LogColumn.Date, day.IsEmpty ? "is empty; a day expected" : $"{day.Text} is no day; for example 2026-11-30 expected");
            else if (days.Fault(date.Value) is { } fault)
                Wrong(LogColumn.Date, fault);
            if (exercise is null)
                Wrong(
                    LogColumn.Exercise,
                    name.Length == 0 ? "is empty; an exercise expected" : $"{name} is not known; say which exercise it is"
                );
            List<LogSetSection> sets = exercise is null ? [] : Sets(exercise);
            if (sets.Exists(set => !set.SaysWhatWasDone))
                Wrong(LogColumn.Reps, "is empty; repetitions expected, or seconds, metres, a height, clean repetitions or a word");
            string? note = Text(LogColumn.Note, LogColumns.LongestNote);
            return _why is null && date is { } on
                ? new RowReading(row.Number, [.. sets.Select((set, i) => new LogLine(on, set, i == 0 ? note : null))], null)
                : new RowReading(row.Number, [], _why);
        }

        private List<LogSetSection> Sets(string exercise)
        {
            Cell many = At(LogColumn.Sets);
            double? kg = Kilograms();
            LogSetSection one = One(exercise, kg);
            if (many.IsEmpty)
                return [one];
            // A column of sets beside one of repetitions counts them.
            if (one.Reps is not null && NumberText.Read(many.Text) is { Unit: "", Value: >= 1 and <= SetsText.MostSets } count)
                return [.. Enumerable.Repeat(one, (int)count.Value)];
            if (SetsText.Read(many.Text, kg is not null) is not { } written)
            {
                Wrong(LogColumn.Sets, $"{many.Text} cannot be read for certain; for example 3x5x100 or 5,5,5@100 expected");
                return [];
            }
            return
            [
                .. written.Select(set =>
                    one with
                    {
                        Reps = set.Reps,
                        Kg = set.Load is { } load
                            ? InRange(LogColumn.Sets, LogColumns.RangeOf(LogColumn.Kg), InKilograms(load, set.Unit))
                            : kg,
                        Rpe = set.Rpe ?? one.Rpe,
                    }
                ),
            ];
        }

        private LogSetSection One(string exercise, double? kg) =>
            new()
            {
                Exercise = exercise,
                Side = Side(),
                Kg = kg,
                Reps = Whole(LogColumn.Reps),
                Rpe = Number(LogColumn.Rpe),
                Amrap = Flag(LogColumn.ToTheEnd),
                RirSaidAt =
                    Whole(LogColumn.SaidAtRep) is { } rep && Number(LogColumn.ReserveSaid) is { } rir
                        ? new ReserveSaidSection { Rep = rep, Rir = rir }
                        : null,
                Seconds = Number(LogColumn.Seconds),
                Metres = Number(LogColumn.Metres),
                HeightCm = Number(LogColumn.HeightCm),
                CleanReps = Whole(LogColumn.CleanReps),
                Word = Code<SetWord>(LogColumn.Word),
                Band = Text(LogColumn.Band, LogColumns.LongestBand),
                Implements = Implements(),
                TechniqueHeldTo = Whole(LogColumn.TechniqueHeldTo),
                Pain = Number(LogColumn.Pain),
                PainAt = Code<PainRegion>(LogColumn.PainAt),
            };

        private Cell At(LogColumn column) => mapping.Columns.TryGetValue(column, out int at) ? row.At(at) : Cell.Empty;

        private void Wrong(LogColumn column, string what) =>
            _why ??= mapping.Columns.TryGetValue(column, out int at)
                ? $"{Sheet.NameOf(at, row.Number)}: {what}"
                : $"row {row.Number}: no column says {LogColumns.NameOf(column)}";

        private double? Kilograms() =>
            Measured(LogColumn.Kg) is { } kg ? InRange(LogColumn.Kg, LogColumns.RangeOf(LogColumn.Kg), InKilograms(kg.Value, kg.Unit))
            : Measured(LogColumn.Lb) is { } lb
                ? InRange(LogColumn.Lb, LogColumns.RangeOf(LogColumn.Kg), Math.Round(lb.Value * KilogramsInPound, 3))
            : null;

        private double InKilograms(double load, string unit) =>
            Math.Round(unit is "lb" or "lbs" || (unit.Length == 0 && mapping.Pounds) ? load * KilogramsInPound : load, 3);

        private Written? Measured(LogColumn column)
        {
            Cell cell = At(column);
            if (cell.IsEmpty)
                return null;
            if (cell.Number is { } number)
                return new Written(number, "");
            if (NumberText.Read(cell.Text) is { } written)
                return written;
            Wrong(column, $"{cell.Text} is no number");
            return null;
        }

        private double? Number(LogColumn column) =>
            Measured(column) is { } written ? InRange(column, LogColumns.RangeOf(column), written.Value) : null;

        private int? Whole(LogColumn column)
        {
            if (Number(column) is not { } number)
                return null;
            if (Math.Abs(number - Math.Round(number)) < 1e-9)
                return (int)Math.Round(number);
            Wrong(column, string.Create(CultureInfo.InvariantCulture, $"{number} is no whole number"));
            return null;
        }

        private double? InRange(LogColumn column, BetweenAttribute range, double number)
        {
            if (number >= range.Least && number <= range.Most)
                return number;
            Wrong(
                column,
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"{number:0.##} is not between {range.Least} and {range.Most}; {range.Unit} expected"
                )
            );
            return null;
        }

        private Side? Side()
        {
            Cell cell = At(LogColumn.Side);
            SideText.Reading read = SideText.Read(cell.Text);
            if (read is SideText.Reading.Neither)
                Wrong(LogColumn.Side, $"{cell.Text} is no side; left or right expected");
            return (read as SideText.Reading.One)?.Side;
        }

        private bool? Flag(LogColumn column) =>
            ExerciseNames.Plain(At(column).Text) switch
            {
                "" => null,
                "no" or "0" or "false" or "n" or "nein" => false,
                _ => true,
            };

        private T? Code<T>(LogColumn column)
            where T : struct, Enum
        {
            Cell cell = At(column);
            if (cell.IsEmpty)
                return null;
            if (Codes.Find<T>(cell.Text.ToLowerInvariant()) is { } found)
                return found;
            Wrong(column, $"{cell.Text} is none of {string.Join(", ", Codes.All<T>())}");
            return null;
        }

        private string? Text(LogColumn column, int most)
        {
            string text = PlainText.Read(At(column).Text);
            if (text.Length > most)
                Wrong(column, $"has {text.Length} characters; at most {most} expected");
            return text.Length == 0 ? null : text;
        }

        /// <summary>As they are written: keg-carry 100 kg 20 m; stone-pick 120 kg.</summary>
        private List<ImplementSection>? Implements()
        {
            Cell cell = At(LogColumn.Implements);
            if (cell.IsEmpty)
                return null;
            if (ImplementText.Read(cell.Text) is { } found)
                return found;
            Wrong(LogColumn.Implements, $"{cell.Text} cannot be read; for example keg-carry 100 kg 20 m; stone-pick 120 kg expected");
            return null;
        }
    }
}
