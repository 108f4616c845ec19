namespace Nerezza.Tables.Sheets;

/// <summary>Reads a table from whatever file a coach has, by what is in it and not by its name.</summary>
public static class SheetReader
{
    /// <summary>Its sheets, or why it cannot be read.</summary>
    public static ReadFile Read(byte[] content) =>
        content switch
        {
            [] => new ReadFile.Refused("The file is empty."),
            { Length: > TableLimits.FileBytes } => new ReadFile.Refused(
                $"The file is larger than {TableLimits.FileBytes / 1_000_000} MB: split it."
            ),
            [0x50, 0x4B, 0x03, 0x04, ..] => WorkbookSheets.Read(content),
            [0xD0, 0xCF, 0x11, 0xE0, ..] => new ReadFile.Refused(
                "The file is a workbook of the old kind or has a password: save it as .xlsx without one."
            ),
            [0x25, 0x50, 0x44, 0x46, ..] => new ReadFile.Refused("The file is a PDF: a CSV or an .xlsx expected."),
            _ => TextSheet.Read(content),
        };
}
