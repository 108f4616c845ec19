using System.Globalization;
using Nerezza.Tables.Sheets;

namespace Nerezza.Tables.Logs;

/// <summary>Which number of a day written with slashes or points comes first.</summary>
public enum DayOrder
{
    /// <summary>30/11/2026.</summary>
    DayFirst,

    /// <summary>11/30/2026.</summary>
    MonthFirst,
}

/// <summary>Reads days: as the file holds them, as ISO 8601, as day and month in either order, as the numbers of a spreadsheet.</summary>
internal static class DayText
{
    // Day 1 of spreadsheets is 1900-01-01, with a 29 February 1900 that was none: from March 1900 on it counts from here.
    private static readonly DateOnly SheetZero = new(1899, 12, 30);
    private const double FirstSheetDay = 20_000,
        LastSheetDay = 80_000;

    private static readonly string[] Named = ["d MMM yyyy", "d MMMM yyyy", "MMM d yyyy", "MMMM d yyyy", "d-MMM-yyyy", "d-MMM-yy"];

    public static DateOnly? Read(Cell cell, DayOrder order)
    {
        if (cell.Day is { } day)
            return day;
        if (cell.Number is { } serial)
            return serial is >= FirstSheetDay and <= LastSheetDay ? SheetZero.AddDays((int)serial) : null;
        // A time of day behind the day says nothing here.
        string text = cell.Text.Replace(',', ' ').Trim().Split(['T'], 2)[0];
        if (DateOnly.TryParseExact(text, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out DateOnly iso))
            return iso;
        string whole = string.Join(' ', cell.Text.Replace(',', ' ').Split(' ', StringSplitOptions.RemoveEmptyEntries).Take(3));
        if (DateOnly.TryParseExact(whole, Named, CultureInfo.InvariantCulture, DateTimeStyles.None, out DateOnly named))
            return named;
        return Parts(cell.Text) is { } parts ? InOrder(parts, order) : null;
    }

    /// <summary>The order that a text can only be in; null where both would do, or where it is no such day. With points the day comes
    /// first (assumption: nobody writes the month first so).</summary>
    public static DayOrder? OrderOf(Cell cell) =>
        (cell.Day, Parts(cell.Text)) switch
        {
            (null, (> 12, <= 12, _)) => DayOrder.DayFirst,
            (null, (<= 12, > 12, _)) => DayOrder.MonthFirst,
            (null, not null) when cell.Text.Contains('.', StringComparison.Ordinal) => DayOrder.DayFirst,
            _ => null,
        };

    /// <summary>The order that some of the cells can only be in; day first where they do not tell.</summary>
    public static DayOrder OrderOf(IEnumerable<Cell> cells) =>
        cells.Select(OrderOf).FirstOrDefault(order => order is not null) ?? DayOrder.DayFirst;

    /// <summary>Whether the cells can be read in both orders and say other days, so that the coach has to say which.</summary>
    public static bool IsOrderUnclear(IReadOnlyList<Cell> cells) =>
        cells.All(cell => OrderOf(cell) is null)
        && cells.Any(cell => cell.Day is null && Read(cell, DayOrder.DayFirst) != Read(cell, DayOrder.MonthFirst));

    private static (int First, int Second, int Third)? Parts(string text)
    {
        string[] parts = text.Trim().Split(' ')[0].Split('/', '.', '-');
        return parts is [var a, var b, var c] && Number(a) is { } first && Number(b) is { } second && Number(c) is { } third
            ? (first, second, third)
            : null;
        static int? Number(string digits) =>
            digits.Length is > 0 and <= 4 && int.TryParse(digits, NumberStyles.None, CultureInfo.InvariantCulture, out int number)
                ? number
                : null;
    }

    private static DateOnly? InOrder((int First, int Second, int Third) parts, DayOrder order)
    {
        // A year of four digits first is told by itself.
        (int year, int month, int day) =
            parts.First > 31 ? (parts.First, parts.Second, parts.Third)
            : order is DayOrder.DayFirst ? (parts.Third, parts.Second, parts.First)
            : (parts.Third, parts.First, parts.Second);
        if (year < 100)
            year += 2000;
        return year is >= 1900 and <= 2200 && month is >= 1 and <= 12 && day >= 1 && day <= DateTime.DaysInMonth(year, month)
            ? new DateOnly(year, month, day)
            : null;
    }
}
