using System.Text.Json;
using Nerezza.Data;
using Nerezza.Data.Access;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Shapes;
using Nerezza.Tables.Clients;
using Nerezza.Tables.Logs;
using Nerezza.Tables.Sheets;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Planning;

/// <summary>A list that was read, or why it was not.</summary>
public abstract record ClientListFile
{
    private ClientListFile() { }

    /// <param name="OnFile">The clients whom it names and who are on file, by plain name.</param>
    /// <param name="Rooms">That new clients can train in.</param>
    /// <param name="Room">In which they do; null where nobody said, and there is not one alone.</param>
    public sealed record Read(
        IReadOnlyList<Sheet> Sheets,
        int At,
        ClientListMapping Mapping,
        ClientListReading Reading,
        IReadOnlyDictionary<string, ClientRow> OnFile,
        IReadOnlyList<RoomName> Rooms,
        Guid? Room
    ) : ClientListFile
    {
        /// <summary>Who is on file of that name.</summary>
        public ClientRow? Of(ClientReading client) => OnFile.GetValueOrDefault(ExerciseNames.Plain(client.Name));

        /// <summary>What cannot be read, with its cell.</summary>
        public IReadOnlyList<string> Wrong =>
            [
                .. Reading.Nameless,
                .. Reading.Clients.Where(client => client.Why is not null).Select(client => $"{client.Name}, {client.Why}"),
            ];
    }

    /// <summary>The field, and what is wrong with it.</summary>
    public sealed record Refused(string Field, string Why) : ClientListFile;
}

/// <summary>Reads a list of clients, and makes rows of it.</summary>
public sealed class ClientListImport(
    OwnCatalogue own,
    ImportStore imports,
    ClientStore clients,
    ClientListStore lists,
    RoomStore rooms,
    AccessScope scope,
    PlanService desk
)
{
    private const int Shown = 200;

    /// <summary>The list as what was said of it has it understood.</summary>
    public async Task<ClientListFile> Read(ReadClientList asked, CancellationToken cancel)
    {
        OpenedTable table = OpenedTable.Of(asked);
        if (table is OpenedTable.Refused refused)
            return new ClientListFile.Refused(refused.Field, refused.Why);
        var open = (OpenedTable.Open)table;
        if (open.Sheet.Rows.Count > ClientListReader.Most)
            return new ClientListFile.Refused(
                "content",
                $"The sheet has {open.Sheet.Rows.Count} rows; a list of at most {ClientListReader.Most} expected: split it."
            );
        List<RoomName> there = [.. (await rooms.Names(cancel)).Select(room => new RoomName(room.Id, room.Name))];
        Guid? room = RoomOf(asked, there);
        if (asked.Room is not null && room is null)
            return new ClientListFile.Refused("room", "is none of the rooms of this practice");
        ExerciseNames names = OpenedTable.Names(asked.Names, await imports.Names(cancel), own.All);
        ClientListMapping mapping = MappingOf(asked, open.Sheet, names);
        ILookup<string, ClientRow> ofName = (await clients.All(cancel)).ToLookup(row => ExerciseNames.Plain(row.Name));
        Dictionary<string, ClientRow> onFile = ofName.ToDictionary(named => named.Key, named => named.First());
        var reader = new ClientListReader(
            mapping,
            names,
            own.All,
            new UsualFacts(asked.Level, asked.Days ?? [], asked.Minutes),
            asked.Facts ?? FactsOnFile.Stay,
            desk.Today,
            DaySpan.Around(desk.Today),
            name => onFile.GetValueOrDefault(ExerciseNames.Plain(name))?.Facts
        );
        ClientListReading reading = reader.Read(open.Sheet);
        return new ClientListFile.Read(
            open.Sheets,
            open.At,
            mapping,
            reading with
            {
                Clients = [.. reading.Clients.Select(client => IfCertain(client, [.. ofName[ExerciseNames.Plain(client.Name)]]))],
            },
            onFile,
            there,
            room
        );
    }

    /// <summary>The only room there is, or the one that was said.</summary>
    private static Guid? RoomOf(ReadClientList asked, List<RoomName> rooms) =>
        asked.Room is null && rooms is [var only] ? only.Id : rooms.Find(room => room.Id.ToString() == asked.Room)?.Id;

    private static ClientListMapping MappingOf(ReadClientList asked, Sheet sheet, ExerciseNames names)
    {
        ClientListMapping guess = ClientColumnGuess.Of(sheet, names);
        return guess with
        {
            Columns = asked.Columns is { } said
                ? said.GroupBy(column => column.At).ToDictionary(column => column.Key, column => column.First().Says)
                : guess.Columns,
            Order = asked.Order ?? guess.Order,
            Pounds = asked.Pounds ?? guess.Pounds,
        };
    }

    /// <summary>Of two of one name nobody can tell which is meant, and who is shared to be read is not changed by a list either.</summary>
    private ClientReading IfCertain(ClientReading client, IReadOnlyList<ClientRow> there) =>
        there switch
        {
            [] => client,
            [var one] when scope.AccessTo(one.Id) >= ClientAccess.Work => client,
            [_] => Refused(client, "is shared with you to read; whoever they are with can add to them"),
            _ => Refused(client, $"{there.Count} clients on file have this name; write apart which is meant, on file and in the list"),
        };

    private static ClientReading Refused(ClientReading client, string why) =>
        client with
        {
            Case = null,
            Why = $"row {client.Rows[0]}: {why}",
        };

    /// <summary>How a list was understood, for the page.</summary>
    public static ClientListView View(ClientListFile.Read file)
    {
        List<ClientReading> good = [.. file.Reading.Clients.Where(client => client.Case is not null)];
        return new ClientListView
        {
            Sheets = [.. file.Sheets.Select(one => one.Name)],
            Sheet = file.At,
            Heading = file.Mapping.Heading,
            Columns =
            [
                .. OpenedTable.Columns(
                    file.Sheets[file.At],
                    file.Mapping.Heading,
                    at => file.Mapping.Columns.TryGetValue(at, out ClientColumn says) ? says : (ClientColumn?)null
                ),
            ],
            Choices = [.. Enum.GetValues<ClientColumn>().Select(column => new ColumnChoice(column, ClientColumns.LabelOf(column)))],
            Order = file.Mapping.Order,
            OrderUnclear = ClientColumnGuess.IsOrderUnclear(file.Sheets[file.At], file.Mapping),
            Pounds = file.Mapping.Pounds,
            UnitUnclear = file.Mapping.HasLoads,
            AsksLevel = !file.Mapping.Has(ClientColumn.Level),
            AsksDays = !file.Mapping.Has(ClientColumn.Days),
            AsksMinutes = !file.Mapping.Has(ClientColumn.Minutes),
            Rooms = file.Rooms,
            Unknown = OpenedTable.Asked(file.Reading.Unknown),
            Made = good.Count(client => file.Of(client) is null),
            Added = good.Count(client => file.Of(client) is not null),
            Shown =
            [
                .. good.Take(Shown)
                    .Select(client => new ClientFromList(
                        client.Name,
                        file.Of(client)?.Id,
                        client.Facts,
                        client.Measured,
                        client.Lifted,
                        client.Differs
                    )),
            ],
            Refused = [.. file.Wrong.Take(Shown)],
            RefusedCount = file.Wrong.Count,
        };
    }

    /// <summary>Keeps what was understood, as one.</summary>
    /// <returns>False where somebody changed one of its clients at the same moment.</returns>
    public async Task<bool> Keep(ClientListFile.Read file, KeepClientList asked, Guid listId, DateTimeOffset at, CancellationToken cancel)
    {
        List<MadeByList> made = [];
        List<AddedByList> added = [];
        foreach (ClientReading client in file.Reading.Clients.Where(client => client.Case is not null))
            if (file.Of(client) is { } there)
                added.Add(await Added(client.Case!, there, cancel));
            else
                made.Add(Made(client.Case!, file.Room));
        await imports.Explain(OpenedTable.Answers(asked.Names), cancel);
        return await lists.Keep(listId, asked.Name, at, made, added, cancel);
    }

    private MadeByList Made(CaseDocument document, Guid? room)
    {
        Guid id = Guid.CreateVersion7();
        return new MadeByList(
            CaseAssembly.Client(clients.PracticeId, id, clients.UserId, document),
            CaseAssembly.Kit(clients.PracticeId, id, document, room),
            [.. (document.Strength ?? []).Select(set => CaseAssembly.Max(clients.PracticeId, id, set))],
            [.. CaseAssembly.Screens(clients.PracticeId, id, document, desk.Today)]
        );
    }

    private async Task<AddedByList> Added(CaseDocument document, ClientRow there, CancellationToken cancel)
    {
        ClientFile file = (await clients.Find(there.Id, cancel))!;
        HashSet<StrengthSection> known = [.. file.Maxes.Select(CaseAssembly.Strength)];
        return new AddedByList(
            there.Id,
            IsSame(document.Client, there.Facts) ? null : document.Client,
            [
                .. (document.Strength ?? [])
                    .Select(set => set with { Amrap = false })
                    .Where(set => !known.Contains(set))
                    .Select(set => CaseAssembly.Max(clients.PracticeId, there.Id, set)),
            ],
            [.. CaseAssembly.Screens(clients.PracticeId, there.Id, document, desk.Today).Select(screen => (screen.Date, screen.Screen))]
        );
    }

    private static bool IsSame(ClientSection one, ClientSection other) =>
        JsonSerializer.Serialize(one, Json.Options) == JsonSerializer.Serialize(other, Json.Options);
}
