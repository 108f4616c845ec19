using Nerezza.Core.Catalogue;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Shapes;
using Nerezza.Tables.Logs;
using Nerezza.Tables.Sheets;

namespace Nerezza.Tables.Clients;

/// <summary>Reads a list of clients with their facts, measurements and maxes. What a row says becomes a case and is held against the rules
/// of one; what is wrong is told with its cell, and nothing is guessed at.</summary>
/// <param name="days">Days that a measurement may be of.</param>
/// <param name="onFile">The facts of a client of a name, where there is one.</param>
public sealed class ClientListReader(
    ClientListMapping mapping,
    ExerciseNames names,
    ExerciseCatalogue catalogue,
    UsualFacts usual,
    FactsOnFile facts,
    DateOnly today,
    DaySpan days,
    Func<string, ClientSection?> onFile
)
{
    /// <summary>As many clients as a list is read of (assumption).</summary>
    public const int Most = 2_000;

    private const int Proposed = 3;

    /// <summary>The rows under the heading.</summary>
    public ClientListReading Read(Sheet sheet)
    {
        Dictionary<string, ClientDraft> drafts = [];
        List<string> nameless = [];
        Dictionary<string, int> unknown = new(StringComparer.OrdinalIgnoreCase);
        ClientDraft? last = null;
        SheetRow? heading = sheet.Rows.FirstOrDefault(row => row.Number == mapping.Heading);
        foreach (
            SheetRow row in sheet.Rows.Where(row => row.Number > mapping.Heading && mapping.Columns.Keys.Any(at => !row.At(at).IsEmpty))
        )
        {
            string name = NameOf(row);
            // A name that is written once stands for the rows under it.
            if (name.Length > 0)
            {
                string plain = ExerciseNames.Plain(name);
                if (!drafts.TryGetValue(plain, out last))
                    drafts[plain] = last = new ClientDraft(name, row.Number);
            }
            if (last is null)
                nameless.Add($"row {row.Number}: names nobody");
            else
                new ClientRowReader(row, heading, mapping, names, catalogue, days, unknown).Into(last, today);
        }
        return new ClientListReading(
            [.. drafts.Values.Select(Finished)],
            nameless,
            [.. unknown.Select(name => new UnknownName(name.Key, name.Value, names.Nearest(name.Key, Proposed)))]
        );
    }

    private string NameOf(SheetRow row) =>
        string.Join(
            ' ',
            ((ClientColumn[])[ClientColumn.Name, ClientColumn.FamilyName])
                .SelectMany(column => mapping.Columns.Where(said => said.Value == column))
                .Select(said => PlainText.Read(row.At(said.Key).Text).Trim())
                .Where(part => part.Length > 0)
        );

    private ClientReading Finished(ClientDraft draft)
    {
        ClientSection? there = onFile(draft.Name);
        return draft.Finish(there, facts, usual, mapping, [.. catalogue.All.Select(exercise => exercise.Id)]);
    }
}
