namespace Nerezza.Tables.Sheets;

/// <summary>How much of a file is read; more is refused with what was met. Assumptions, each well over what a coach keeps.</summary>
internal static class TableLimits
{
    public const int FileBytes = 20_000_000;

    /// <summary>Of a workbook when it is unpacked, whatever it says of itself.</summary>
    public const long UnpackedBytes = 400_000_000;

    /// <summary>Parts of a workbook.</summary>
    public const int Parts = 2_000;
    public const int Rows = 200_000;
    public const int Columns = 400;
    public const int CellText = 4_000;
}
