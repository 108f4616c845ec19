namespace Nerezza.Tables.Sheets;

/// <summary>A cell as it was read: what it says, and the number or day where the file holds one as such.</summary>
public readonly record struct Cell(string Text, double? Number = null, DateOnly? Day = null)
{
    public static Cell Empty { get; } = new("");

    public bool IsEmpty => Text.Length == 0;
}

/// <summary>A row with its number in the file, from 1; cells that are left out at its end are empty.</summary>
public sealed record SheetRow(int Number, IReadOnlyList<Cell> Cells)
{
    public bool IsEmpty => Cells.All(cell => cell.IsEmpty);

    /// <summary>The cell of a column, from 0.</summary>
    public Cell At(int column) => column < Cells.Count ? Cells[column] : Cell.Empty;
}

/// <summary>A table of cells.</summary>
/// <param name="Name">Of the sheet in a workbook; empty for a text.</param>
public sealed record Sheet(string Name, IReadOnlyList<SheetRow> Rows)
{
    /// <summary>A cell's name as a spreadsheet has it, for example C12.</summary>
    /// <param name="column">From 0.</param>
    public static string NameOf(int column, int row)
    {
        string letters = "";
        for (int left = column; left >= 0; left = left / 26 - 1)
            letters = (char)('A' + left % 26) + letters;
        return $"{letters}{row}";
    }
}

/// <summary>A file as it was read.</summary>
public abstract record ReadFile
{
    private ReadFile() { }

    /// <summary>Its sheets, those with anything in them.</summary>
    public sealed record Sheets(IReadOnlyList<Sheet> All) : ReadFile;

    /// <summary>It cannot be read: why, and what would do.</summary>
    public sealed record Refused(string Why) : ReadFile;
}
