using System.Globalization;
using System.Text;
using CsvHelper;
using CsvHelper.Configuration;

namespace Nerezza.Tables.Sheets;

/// <summary>Reads a text of rows: commas, semicolons, tabs or bars; UTF-8 or UTF-16, and what is neither as Windows-1252.</summary>
internal static class TextSheet
{
    private const int Looked = 50;

    static TextSheet() => Encoding.RegisterProvider(CodePagesEncodingProvider.Instance);

    public static ReadFile Read(byte[] content)
    {
        if (Decode(content) is not { } text)
            return new ReadFile.Refused("The file is no text that can be read: a CSV in UTF-8, or an .xlsx, expected.");
        var rules = new CsvConfiguration(CultureInfo.InvariantCulture)
        {
            HasHeaderRecord = false,
            DetectDelimiter = !IsTabbed(text),
            Delimiter = "\t",
            DetectDelimiterValues = [";", "\t", ",", "|"],
            BadDataFound = null,
            MissingFieldFound = null,
            IgnoreBlankLines = false,
            TrimOptions = TrimOptions.Trim,
        };
        List<SheetRow> rows = [];
        using var reader = new StringReader(text);
        using var parser = new CsvParser(reader, rules);
        while (parser.Read())
        {
            string[] record = parser.Record ?? [];
            if (rows.Count == TableLimits.Rows)
                return new ReadFile.Refused($"The file has more than {TableLimits.Rows} rows: split it.");
            if (record.Length > TableLimits.Columns)
                return TooWide(parser.RawRow, record.Length);
            if (Array.FindIndex(record, cell => cell.Length > TableLimits.CellText) is var at and >= 0)
                return TooLong(Sheet.NameOf(at, parser.RawRow));
            rows.Add(new SheetRow(parser.RawRow, [.. record.Select(cell => new Cell(cell))]));
        }
        return new ReadFile.Sheets(rows.Exists(row => !row.IsEmpty) ? [new Sheet("", rows)] : []);
    }

    /// <summary>Whether rows come straight from a spreadsheet: names and numbers in them may have commas, and nobody types a tab.</summary>
    private static bool IsTabbed(string text)
    {
        List<string> lines = [.. text.Split('\n', Looked + 1).Take(Looked).Where(line => line.Trim().Length > 0)];
        return lines.Count > 0 && 2 * lines.Count(line => line.Contains('\t', StringComparison.Ordinal)) >= lines.Count;
    }

    internal static ReadFile.Refused TooWide(int row, int columns) =>
        new($"Row {row} has {columns} columns: at most {TableLimits.Columns} expected.");

    internal static ReadFile.Refused TooLong(string cell) =>
        new($"Cell {cell} holds more than {TableLimits.CellText} characters: is a quotation mark left open before it?");

    private static string? Decode(byte[] content)
    {
        if (content is [0xFF, 0xFE, ..])
            return Encoding.Unicode.GetString(content.AsSpan(2));
        if (content is [0xFE, 0xFF, ..])
            return Encoding.BigEndianUnicode.GetString(content.AsSpan(2));
        ReadOnlySpan<byte> bytes = content is [0xEF, 0xBB, 0xBF, ..] ? content.AsSpan(3) : content;
        // A text has no zeros; what has them is some other kind of file.
        if (bytes.Contains((byte)0))
            return null;
        try
        {
            return new UTF8Encoding(false, throwOnInvalidBytes: true).GetString(bytes);
        }
        catch (DecoderFallbackException)
        {
            return Encoding.GetEncoding(1252).GetString(bytes);
        }
    }
}
