using System.IO.Compression;
using System.Xml.Linq;

namespace Nerezza.Tables.Blocks;

/// <summary>Has each sheet of a workbook printed one page across, on A4 lying. What writes the workbook sets no page.</summary>
internal static class PageFit
{
    private const string Sheets = "xl/worksheets/";
    private const int A4 = 9; // ECMA-376 Part 1, 18.3.1.63, paperSize
    private static readonly XNamespace Main = "http://schemas.openxmlformats.org/spreadsheetml/2006/main";

    // Elements of a sheet stand in a fixed order (ECMA-376 Part 1, 18.3.1.99); the page comes before these.
    private static readonly string[] AfterPage =
    [
        "headerFooter",
        "rowBreaks",
        "colBreaks",
        "drawing",
        "legacyDrawing",
        "picture",
        "tableParts",
        "extLst",
    ];

    /// <summary>Changes the workbook in the stream.</summary>
    public static void Set(Stream workbook)
    {
        using var zip = new ZipArchive(workbook, ZipArchiveMode.Update, leaveOpen: true);
        foreach (ZipArchiveEntry entry in zip.Entries.Where(IsSheet).ToList())
        {
            using Stream part = entry.Open();
            XDocument sheet = XDocument.Load(part);
            Set(sheet.Root!);
            part.SetLength(0);
            sheet.Save(part);
        }
    }

    private static void Set(XElement sheet)
    {
        sheet.AddFirst(new XElement(Main + "sheetPr", new XElement(Main + "pageSetUpPr", new XAttribute("fitToPage", 1))));
        var page = new XElement(
            Main + "pageSetup",
            new XAttribute("paperSize", A4),
            new XAttribute("orientation", "landscape"),
            new XAttribute("fitToWidth", 1),
            // As many pages down as it takes.
            new XAttribute("fitToHeight", 0)
        );
        if (sheet.Elements().FirstOrDefault(element => AfterPage.Contains(element.Name.LocalName)) is { } next)
            next.AddBeforeSelf(page);
        else
            sheet.Add(page);
    }

    private static bool IsSheet(ZipArchiveEntry entry) =>
        entry.FullName.StartsWith(Sheets, StringComparison.Ordinal) && entry.FullName.EndsWith(".xml", StringComparison.Ordinal);
}
