using Nerezza.Tables.Logs;
using Nerezza.Tables.Sheets;

namespace Nerezza.Tables.Clients;

/// <summary>Which column of a sheet says what of a client.</summary>
/// <param name="Heading">The row with the headings, from 1; 0 where there is none.</param>
/// <param name="Columns">By place, from 0; several may say a max.</param>
/// <param name="Order">Of days with both numbers up to 12.</param>
/// <param name="Pounds">Whether masses and loads that say no unit are pounds.</param>
public sealed record ClientListMapping(int Heading, IReadOnlyDictionary<int, ClientColumn> Columns, DayOrder Order, bool Pounds)
{
    /// <summary>Whether a column stands there that says it.</summary>
    public bool Has(ClientColumn column) => Columns.Values.Contains(column);

    /// <summary>Whether the coach has to say what loads without a unit are.</summary>
    public bool HasLoads => Has(ClientColumn.MassKg) || Has(ClientColumn.Kg) || Has(ClientColumn.Max);
}

/// <summary>Guesses the columns of a list of clients by their headings.</summary>
public static class ClientColumnGuess
{
    private const int Looked = 50;

    public static ClientListMapping Of(Sheet sheet, ExerciseNames names)
    {
        (int Row, Dictionary<int, ClientColumn> Columns) best = (0, []);
        foreach (SheetRow row in sheet.Rows.Take(Looked))
        {
            Dictionary<int, ClientColumn> found = Headings(row, names);
            if (found.Count > best.Columns.Count && found.ContainsValue(ClientColumn.Name))
                best = (row.Number, found);
        }
        SheetRow? heading = sheet.Rows.FirstOrDefault(row => row.Number == best.Row);
        bool saysPounds = heading?.Cells.Any(cell => ExerciseNames.Plain(cell.Text).Split(' ').Any(word => word is "lb" or "lbs")) is true;
        return new ClientListMapping(best.Row, best.Columns, DayText.OrderOf(Days(sheet, best.Row, best.Columns)), saysPounds);
    }

    /// <summary>Whether days can be read in both orders, so that the coach has to say which.</summary>
    public static bool IsOrderUnclear(Sheet sheet, ClientListMapping mapping) =>
        DayText.IsOrderUnclear(Days(sheet, mapping.Heading, mapping.Columns));

    private static Dictionary<int, ClientColumn> Headings(SheetRow row, ExerciseNames names)
    {
        string[] plain = [.. row.Cells.Select(cell => ExerciseNames.Plain(cell.Text))];
        Dictionary<int, ClientColumn> found = [];
        // A heading that is a word counts before one that only begins with it.
        foreach (Func<string, string, bool> fits in (Func<string, string, bool>[])[(text, word) => text == word, Begins])
        foreach (ClientColumnFacts facts in ClientColumns.All)
            if (!found.ContainsValue(facts.Column) && Place(facts, fits) is { } at)
                found[at] = facts.Column;
        for (int at = 0; at < plain.Length; at++)
            if (!found.ContainsKey(at) && MaxHeading.Read(plain[at]) is { } max && (max.IsSaid || names.Find(max.Exercise) is not null))
                found[at] = ClientColumn.Max;
        return found;

        int? Place(ClientColumnFacts facts, Func<string, string, bool> fits) =>
            facts
                .Words.Select(word => (int?)Array.FindIndex(plain, text => fits(text, word)))
                .FirstOrDefault(at => at >= 0 && !found.ContainsKey(at.Value));
    }

    /// <summary>Units and remarks may stand behind a word; a max is never one.</summary>
    private static bool Begins(string text, string word) =>
        text.StartsWith(word + " ", StringComparison.Ordinal) && MaxHeading.Read(text) is not { IsSaid: true };

    private static List<Cell> Days(Sheet sheet, int heading, IReadOnlyDictionary<int, ClientColumn> columns) =>
        [
            .. from row in sheet.Rows
            where row.Number > heading
            from column in columns
            where column.Value is ClientColumn.On or ClientColumn.BirthYear
            select row.At(column.Key),
        ];
}
