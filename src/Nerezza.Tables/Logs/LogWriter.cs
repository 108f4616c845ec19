using System.Globalization;
using CsvHelper;
using MiniExcelLibs;
using MiniExcelLibs.OpenXml;
using Nerezza.Core.Measures;
using Nerezza.Formats.Cases;
using Nerezza.Tables.Sheets;

namespace Nerezza.Tables.Logs;

/// <summary>Writes a log as a table, a row a set, every column of docs/formats/log.md.</summary>
public static class LogWriter
{
    private static readonly IReadOnlyList<LogColumn> Columns =
    [
        .. Enum.GetValues<LogColumn>().Where(column => column is not (LogColumn.Lb or LogColumn.Sets)),
    ];

    /// <summary>As CSV (RFC 4180).</summary>
    public static void Csv(IEnumerable<LogLine> lines, TextWriter to)
    {
        using var csv = new CsvWriter(to, CultureInfo.InvariantCulture, leaveOpen: true);
        foreach (LogColumn column in Columns)
            csv.WriteField(LogColumns.NameOf(column));
        csv.NextRecord();
        foreach (LogLine line in lines)
        {
            foreach (LogColumn column in Columns)
                csv.WriteField(Text(line, column));
            csv.NextRecord();
        }
    }

    /// <summary>As a workbook of one sheet.</summary>
    public static void Workbook(IEnumerable<LogLine> lines, Stream to) =>
        to.SaveAs(
            lines.Select(line => Columns.ToDictionary(LogColumns.NameOf, column => (object)Text(line, column))),
            sheetName: "Log",
            configuration: new OpenXmlConfiguration { TableStyles = TableStyles.None, AutoFilter = false }
        );

    private static string Text(LogLine line, LogColumn column)
    {
        LogSetSection set = line.Set;
        return column switch
        {
            LogColumn.Date => line.Date.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture),
            LogColumn.Exercise => set.Exercise,
            LogColumn.Side => set.Side is { } side ? Codes.Of(side) : "",
            LogColumn.Kg => Number(set.Kg),
            LogColumn.Reps => Number(set.Reps),
            LogColumn.Rpe => Number(set.Rpe),
            LogColumn.ToTheEnd => set.Amrap is true ? "yes" : "",
            LogColumn.SaidAtRep => Number(set.RirSaidAt?.Rep),
            LogColumn.ReserveSaid => Number(set.RirSaidAt?.Rir),
            LogColumn.Seconds => Number(set.Seconds),
            LogColumn.Metres => Number(set.Metres),
            LogColumn.HeightCm => Number(set.HeightCm),
            LogColumn.CleanReps => Number(set.CleanReps),
            LogColumn.Word => set.Word is { } word ? Codes.Of(word) : "",
            LogColumn.Band => PlainText.Write(set.Band ?? ""),
            LogColumn.Implements => set.Implements is { } all ? ImplementText.Write(all) : "",
            LogColumn.TechniqueHeldTo => Number(set.TechniqueHeldTo),
            LogColumn.Pain => Number(set.Pain),
            LogColumn.PainAt => set.PainAt is { } at ? Codes.Of(at) : "",
            LogColumn.Note => PlainText.Write(line.Note ?? ""),
            LogColumn.Lb or LogColumn.Sets => "",
        };
    }

    private static string Number(double? number) => number is { } value ? value.ToString("0.######", CultureInfo.InvariantCulture) : "";
}
