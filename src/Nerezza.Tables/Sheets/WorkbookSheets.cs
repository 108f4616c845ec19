using System.Globalization;
using System.IO.Compression;
using MiniExcelLibs;
using MiniExcelLibs.OpenXml;

namespace Nerezza.Tables.Sheets;

/// <summary>Reads an .xlsx: every sheet, of formulas the values that were kept with them.</summary>
internal static class WorkbookSheets
{
    public static ReadFile Read(byte[] content)
    {
        try
        {
            return TooBig(content) ?? Sheets(content);
        }
        // A file from anywhere, read by a library that promises nothing of what it does with a damaged one.
        catch (Exception fault) when (fault is not OutOfMemoryException)
        {
            return new ReadFile.Refused("The workbook is damaged: open it in a spreadsheet, save it as .xlsx, and try that one.");
        }
    }

    private static ReadFile Sheets(byte[] content)
    {
        using var stream = new MemoryStream(content, writable: false);
        var rules = new OpenXmlConfiguration { FillMergedCells = true, EnableSharedStringCache = false };
        List<Sheet> sheets = [];
        foreach (string name in stream.GetSheetNames())
        {
            List<SheetRow> rows = [];
            foreach (
                IDictionary<string, object?> row in stream.Query(sheetName: name, configuration: rules).Cast<IDictionary<string, object?>>()
            )
            {
                if (rows.Count == TableLimits.Rows)
                    return new ReadFile.Refused($"Sheet {name} has more than {TableLimits.Rows} rows: split it.");
                if (row.Count > TableLimits.Columns)
                    return TextSheet.TooWide(rows.Count + 1, row.Count);
                List<Cell> cells = [.. row.Values.Select(ToCell)];
                if (cells.FindIndex(cell => cell.Text.Length > TableLimits.CellText) is var at and >= 0)
                    return TextSheet.TooLong(Sheet.NameOf(at, rows.Count + 1));
                rows.Add(new SheetRow(rows.Count + 1, cells));
            }
            if (rows.Exists(row => !row.IsEmpty))
                sheets.Add(new Sheet(name, rows));
        }
        return new ReadFile.Sheets(sheets);
    }

    private static Cell ToCell(object? value) =>
        value switch
        {
            null => Cell.Empty,
            double number => new Cell(number.ToString("0.######", CultureInfo.InvariantCulture), number),
            DateTime day => new Cell(day.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture), Day: DateOnly.FromDateTime(day)),
            TimeSpan time => new Cell(time.TotalSeconds.ToString("0.###", CultureInfo.InvariantCulture), time.TotalSeconds),
            bool flag => new Cell(flag ? "yes" : "no"),
            _ => new Cell(Convert.ToString(value, CultureInfo.InvariantCulture)!.Trim()),
        };

    /// <summary>What a workbook unpacks to is counted, not believed.</summary>
    private static ReadFile.Refused? TooBig(byte[] content)
    {
        using var zip = new ZipArchive(new MemoryStream(content, writable: false), ZipArchiveMode.Read);
        if (zip.Entries.Count > TableLimits.Parts)
            return new ReadFile.Refused($"The workbook has {zip.Entries.Count} parts: at most {TableLimits.Parts} expected.");
        byte[] buffer = new byte[81_920];
        long unpacked = 0;
        foreach (ZipArchiveEntry entry in zip.Entries)
        {
            using Stream part = entry.Open();
            for (int read = part.Read(buffer); read > 0; read = part.Read(buffer))
                if ((unpacked += read) > TableLimits.UnpackedBytes)
                    return new ReadFile.Refused(
                        $"The workbook unpacks to more than {TableLimits.UnpackedBytes / 1_000_000} MB: save the sheet as CSV."
                    );
        }
        return null;
    }
}
