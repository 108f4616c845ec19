using System.Globalization;
using System.Text.Json;
using System.Text.Json.Nodes;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Formats;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Shapes;

namespace Nerezza.Tables.Clients;

/// <summary>A client while the rows of a list are read: what the list says, where each of it stands, and the first thing that is
/// wrong.</summary>
internal sealed class ClientDraft(string name, int row)
{
    /// <summary>Where measurements begin in a case.</summary>
    public const string Screen = "screen.";

    private const string Client = "client";
    private readonly List<int> _rows = [];
    private readonly JsonObject _facts = new() { ["name"] = name };

    // Where in the file each fact stands, by its path in the case.
    private readonly Dictionary<string, string> _cells = new(StringComparer.Ordinal);
    private readonly SortedDictionary<DateOnly, JsonObject> _screens = [];
    private readonly Dictionary<(DateOnly On, string Path), string> _screenCells = [];
    private readonly List<(JsonObject Set, string Cell)> _strength = [];
    private readonly List<string> _said = [],
        _measured = [],
        _lifted = [];
    private string? _why;

    public string Name { get; } = name;

    public void At(int number) => _rows.Add(number);

    /// <summary>Only the first is told: the rest may follow from it.</summary>
    public void Wrong(string why) => _why ??= why;

    /// <summary>A fact; said twice it must be the same.</summary>
    public void Say(string path, JsonNode value, string cell, string shown)
    {
        if (_cells.TryGetValue(path, out string? before))
        {
            if (!JsonNode.DeepEquals(Find(_facts, path[(Client.Length + 1)..]), value))
                Wrong($"{cell}: says otherwise than {before}");
            return;
        }
        _cells[path] = cell;
        _said.Add(shown);
        Put(_facts, path[(Client.Length + 1)..], value);
    }

    /// <summary>Training days, with minutes where they are said.</summary>
    public void Train(IReadOnlyList<(Weekday Day, int? Minutes)> days, string cell)
    {
        var list = new JsonArray([.. days.Select(day => Day(day.Day, day.Minutes))]);
        Say($"{Client}.days", list, cell, string.Join(", ", days.Select(day => day.Day + Behind(day.Minutes))));
    }

    /// <summary>A test of a day; said twice it must be the same.</summary>
    public void Measure(DateOnly on, string path, JsonNode value, string cell, string shown)
    {
        if (_screenCells.TryGetValue((on, path), out string? before))
        {
            Wrong($"{cell}: the same test of the same day stands in {before}");
            return;
        }
        _screenCells[(on, path)] = cell;
        _measured.Add(shown);
        if (!_screens.TryGetValue(on, out JsonObject? screen))
            _screens[on] = screen = [];
        Put(screen, path[Screen.Length..], value);
    }

    public void Lift(string exercise, string named, double kg, double reps, double? rpe, JsonNode? side, DateOnly on, string cell)
    {
        var set = new JsonObject
        {
            ["exercise"] = exercise,
            ["kg"] = kg,
            ["reps"] = reps,
            ["date"] = Day(on),
        };
        if (rpe is { } effort)
            set["rpe"] = effort;
        if (side is not null)
            set["side"] = side;
        _strength.Add((set, cell));
        string text = string.Create(CultureInfo.InvariantCulture, $"{named} {reps:0.##} at {kg:0.##} kg");
        _lifted.Add(rpe is { } at ? string.Create(CultureInfo.InvariantCulture, $"{text}, RPE {at:0.#}") : text);
    }

    /// <summary>Held against the rules of a case, with what is on file of them.</summary>
    public ClientReading Finish(
        ClientSection? onFile,
        FactsOnFile facts,
        UsualFacts usual,
        ClientListMapping mapping,
        IReadOnlyCollection<string> exercises
    )
    {
        JsonObject client = onFile is null ? WithUsual(usual) : OnFile(onFile, facts);
        JsonObject document = Document(client);
        CaseDocument? read = null;
        switch (CaseReader.Read(document.Deserialize<JsonElement>(), exercises))
        {
            case CaseReading.Valid valid:
                read = valid.Document;
                break;
            case CaseReading.Faulty faulty:
                Wrong(Told(faulty.Faults[0], mapping));
                break;
        }
        return new ClientReading(
            _rows,
            Name,
            _why is null ? read : null,
            _said,
            _measured,
            _lifted,
            onFile is null ? [] : Differs(onFile),
            _why
        );
    }

    private JsonObject WithUsual(UsualFacts usual)
    {
        var client = (JsonObject)_facts.DeepClone();
        if (!client.ContainsKey("level") && usual.Level is { } level)
            client["level"] = Codes.Of(level);
        if (!client.ContainsKey("days") && usual.Days.Count > 0)
            client["days"] = new JsonArray([.. usual.Days.Order().Select(day => Day(day, usual.Minutes))]);
        foreach (JsonObject day in (client["days"]?.AsArray() ?? []).OfType<JsonObject>().Where(day => day["minutes"] is null))
            if (usual.Minutes is { } minutes)
                day["minutes"] = minutes;
        return client;
    }

    private JsonObject OnFile(ClientSection onFile, FactsOnFile facts)
    {
        var client = (JsonObject)JsonSerializer.SerializeToNode(onFile, Json.Options)!;
        if (facts is FactsOnFile.Follow)
            foreach (string path in _cells.Keys.Select(path => path[(Client.Length + 1)..]))
                Put(client, path, Followed(path, onFile));
        return client;
    }

    /// <summary>What the list says; its days keep the minutes that they have on file.</summary>
    private JsonNode Followed(string path, ClientSection onFile)
    {
        JsonNode said = Find(_facts, path)!.DeepClone();
        foreach (JsonObject day in (said as JsonArray ?? []).OfType<JsonObject>().Where(day => day["minutes"] is null))
            day["minutes"] = onFile.Days.FirstOrDefault(one => Codes.Of(one.Day) == (string?)day["day"])?.Minutes ?? onFile.Days[0].Minutes;
        return said;
    }

    private List<string> Differs(ClientSection onFile)
    {
        var there = (JsonObject)JsonSerializer.SerializeToNode(onFile, Json.Options)!;
        return
        [
            .. ClientColumns
                .All.Where(column => column.Path is { } path && _cells.ContainsKey(path))
                .Where(column => !Same(there, column.Path![(Client.Length + 1)..]))
                .Select(column => column.Label),
        ];
    }

    private bool Same(JsonObject there, string path) =>
        path == "days" ? Days(there).SequenceEqual(Days(_facts)) : Plain(Find(there, path)) == Plain(Find(_facts, path));

    private static IEnumerable<string?> Days(JsonObject client) => client["days"]!.AsArray().Select(day => (string?)day!["day"]).Order();

    // 64 and 64.0 are the same number.
    private static string Plain(JsonNode? node) =>
        node?.GetValueKind() is JsonValueKind.Number
            ? double.Parse(node.ToJsonString(), CultureInfo.InvariantCulture).ToString(CultureInfo.InvariantCulture)
            : node?.ToJsonString() ?? "";

    private JsonObject Document(JsonObject client)
    {
        var document = new JsonObject
        {
            ["format"] = "nerezza.case",
            ["version"] = 1,
            ["client"] = client,
            ["strength"] = new JsonArray([.. _strength.Select(set => set.Set)]),
        };
        for (int i = 0; i < _strength.Count; i++)
            _cells[$"strength[{i}]"] = _strength[i].Cell;
        if (_screens.Count == 0)
            return document;
        (DateOnly newest, JsonObject last) = _screens.Last();
        (document["screenedOn"], document["screen"]) = (Day(newest), last);
        List<KeyValuePair<DateOnly, JsonObject>> earlier = [.. _screens.SkipLast(1)];
        document["earlierScreens"] = new JsonArray([
            .. earlier.Select(one => new JsonObject { ["date"] = Day(one.Key), ["screen"] = one.Value }),
        ]);
        foreach (((DateOnly on, string path), string cell) in _screenCells)
            _cells[on == newest ? path : $"earlierScreens[{earlier.FindIndex(one => one.Key == on)}].{path}"] = cell;
        return document;
    }

    /// <summary>A fault of the case with the cell that it comes of.</summary>
    private string Told(Fault fault, ClientListMapping mapping)
    {
        string? at = _cells.Keys.Where(path => IsOf(fault.Path, path)).MaxBy(path => path.Length);
        if (at is not null)
            return $"{_cells[at]}: {fault.Message}";
        if (IsOf(fault.Path, $"{Client}.days"))
            return $"row {row}: says no training days or minutes; say them for all below, or in columns";
        ClientColumnFacts? column = ClientColumns.All.FirstOrDefault(column => column.Path == fault.Path);
        if (column is null)
            return $"row {row}: {fault.Path} {fault.Message}";
        string where = mapping.Has(column.Column) ? $"row {row}: {column.Label}" : $"row {row}: no column says {column.Label}; it";
        return $"{where} {fault.Message}";
    }

    private static bool IsOf(string path, string of) =>
        path.StartsWith(of, StringComparison.Ordinal) && (path.Length == of.Length || path[of.Length] is '.' or '[');

    private static JsonNode? Find(JsonObject within, string path) =>
        path.Split('.').Aggregate((JsonNode?)within, (at, part) => (at as JsonObject)?[part]);

    private static void Put(JsonObject into, string path, JsonNode value)
    {
        string[] parts = path.Split('.');
        foreach (string part in parts.SkipLast(1))
        {
            if (into[part] is not JsonObject next)
                into[part] = next = [];
            into = next;
        }
        into[parts[^1]] = value;
    }

    private static JsonObject Day(Weekday day, int? minutes)
    {
        var section = new JsonObject { ["day"] = Codes.Of(day) };
        if (minutes is { } said)
            section["minutes"] = said;
        return section;
    }

    private static string Behind(int? minutes) => minutes is { } said ? string.Create(CultureInfo.InvariantCulture, $" {said}") : "";

    private static string Day(DateOnly day) => day.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);
}
