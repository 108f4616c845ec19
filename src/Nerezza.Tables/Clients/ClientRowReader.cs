using System.Globalization;
using System.Text.Json.Nodes;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Measures;
using Nerezza.Formats.Shapes;
using Nerezza.Tables.Logs;
using Nerezza.Tables.Sheets;

namespace Nerezza.Tables.Clients;

/// <summary>Reads one row of a list into the client that it is of.</summary>
internal sealed class ClientRowReader(
    SheetRow row,
    SheetRow? heading,
    ClientListMapping mapping,
    ExerciseNames names,
    ExerciseCatalogue catalogue,
    DaySpan days,
    Dictionary<string, int> unknown
)
{
    public void Into(ClientDraft draft, DateOnly today)
    {
        draft.At(row.Number);
        DateOnly on = On(draft) ?? today;
        foreach ((int at, ClientColumn column) in mapping.Columns.OrderBy(said => said.Key))
        {
            ClientColumnFacts facts = ClientColumns.Of(column);
            if (row.At(at).IsEmpty)
                continue;
            if (column is ClientColumn.Days)
                Days(draft, at);
            else if (column is ClientColumn.Max)
                MaxOfHeading(draft, at, on);
            else if (facts.Path is { } path)
                Fact(draft, facts, path, at, on);
        }
        MaxOfRow(draft, on);
    }

    private Cell Of(ClientColumn column) => Place(column) is { } at ? row.At(at) : Cell.Empty;

    private int? Place(ClientColumn column) =>
        mapping.Columns.Where(said => said.Value == column).Select(said => (int?)said.Key).FirstOrDefault();

    private string NameOf(int at) => Sheet.NameOf(at, row.Number);

    private DateOnly? On(ClientDraft draft)
    {
        if (Place(ClientColumn.On) is not { } at || row.At(at).IsEmpty)
            return null;
        DateOnly? on = DayText.Read(row.At(at), mapping.Order);
        if (on is null)
            draft.Wrong($"{NameOf(at)}: {row.At(at).Text} is no day; for example 2026-11-30 expected");
        else if (days.Fault(on.Value) is { } fault)
            draft.Wrong($"{NameOf(at)}: {fault}");
        return on;
    }

    private void Fact(ClientDraft draft, ClientColumnFacts facts, string path, int at, DateOnly on)
    {
        switch (FactText.Read(facts, row.At(at), mapping))
        {
            case FactReading.Wrong wrong:
                draft.Wrong($"{NameOf(at)}: {wrong.Why}");
                break;
            case FactReading.Fact fact when path.StartsWith(ClientDraft.Screen, StringComparison.Ordinal):
                draft.Measure(on, path, fact.Value, NameOf(at), fact.Shown);
                break;
            case FactReading.Fact fact:
                draft.Say(path, fact.Value, NameOf(at), fact.Shown);
                break;
        }
    }

    private void Days(ClientDraft draft, int at)
    {
        if (DaysText.Read(row.At(at).Text) is not { } read)
        {
            draft.Wrong($"{NameOf(at)}: {row.At(at).Text} says no days; for example mon wed fri, or mon 75 wed 60 expected");
            return;
        }
        int? minutes = FactText.Number(Of(ClientColumn.Minutes)) is { } said ? (int)Math.Round(said) : null;
        draft.Train([.. read.Select(day => (day.Day, day.Minutes ?? minutes))], NameOf(at));
    }

    /// <summary>A max in a column that names its exercise.</summary>
    private void MaxOfHeading(ClientDraft draft, int at, DateOnly on)
    {
        Cell cell = row.At(at);
        MaxText? max = cell.Number is { } load && double.IsFinite(load) ? new MaxText(load, "", null, null) : MaxText.Read(cell.Text);
        if (max is null)
        {
            draft.Wrong($"{NameOf(at)}: {cell.Text} cannot be read for certain; for example 100, 100x5 or 100x5@9 expected");
            return;
        }
        if (MaxHeading.Read(ExerciseNames.Plain(heading?.At(at).Text ?? "")) is not { } named)
        {
            draft.Wrong($"{NameOf(at)}: its heading names no exercise");
            return;
        }
        if (Exercise(draft, named.Exercise, NameOf(at)) is { } exercise)
            draft.Lift(
                exercise,
                catalogue[exercise].Name,
                FactText.InKilograms(max.Load, max.Unit, mapping),
                max.Reps ?? named.Reps,
                max.Rpe,
                side: null,
                on,
                NameOf(at)
            );
    }

    /// <summary>A max whose exercise and load stand in columns of their own.</summary>
    private void MaxOfRow(ClientDraft draft, DateOnly on)
    {
        if (Place(ClientColumn.Exercise) is not { } at || Place(ClientColumn.Kg) is not { } load || row.At(at).IsEmpty)
            return;
        if (FactText.Kilograms(row.At(load), mapping) is not { } kg)
        {
            draft.Wrong($"{NameOf(load)}: {Said(row.At(load))} is no load; kilograms or pounds expected");
            return;
        }
        (double? reps, double? rpe) = (Number(draft, ClientColumn.Reps), Number(draft, ClientColumn.Rpe));
        if (Exercise(draft, row.At(at).Text, NameOf(at)) is { } exercise)
            draft.Lift(exercise, catalogue[exercise].Name, kg, reps ?? 1, rpe, Side(draft), on, NameOf(at));
    }

    private string? Exercise(ClientDraft draft, string name, string cell)
    {
        if (names.Find(name) is { } found)
            return found;
        unknown[name] = unknown.GetValueOrDefault(name) + 1;
        draft.Wrong($"{cell}: {name} is not known; say which exercise it is");
        return null;
    }

    private double? Number(ClientDraft draft, ClientColumn column)
    {
        if (Place(column) is not { } at || row.At(at).IsEmpty)
            return null;
        double? number = FactText.Number(row.At(at));
        if (number is null)
            draft.Wrong(string.Create(CultureInfo.InvariantCulture, $"{NameOf(at)}: {row.At(at).Text} is no number"));
        return number;
    }

    private JsonNode? Side(ClientDraft draft)
    {
        if (Place(ClientColumn.Side) is not { } at || row.At(at).IsEmpty)
            return null;
        switch (SideText.Read(row.At(at).Text))
        {
            case SideText.Reading.One one:
                return JsonValue.Create(Codes.Of(one.Side));
            case SideText.Reading.Both:
                return null;
            default:
                draft.Wrong($"{NameOf(at)}: {row.At(at).Text} is no side; left or right expected");
                return null;
        }
    }

    private static string Said(Cell cell) => cell.IsEmpty ? "nothing" : cell.Text;
}
