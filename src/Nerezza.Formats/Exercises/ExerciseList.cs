using System.Diagnostics;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Serialization;
using Nerezza.Core.Catalogue;
using Nerezza.Formats.Shapes;

namespace Nerezza.Formats.Exercises;

/// <summary>What came of reading a list of exercises.</summary>
public abstract record ListReading
{
    private ListReading() { }

    /// <summary>Every entry fits.</summary>
    public sealed record Valid(IReadOnlyList<ExerciseDocument> Exercises) : ListReading;

    /// <summary>At least one does not; none is taken.</summary>
    public sealed record Faulty(IReadOnlyList<Fault> Faults) : ListReading;
}

/// <summary>Reads and writes lists of exercises, in JSON or YAML; JSON is read as the YAML that it is.</summary>
public static class ExerciseList
{
    /// <summary>The longest list, characters.</summary>
    public const int MostCharacters = 1_000_000;

    private static readonly JsonSerializerOptions Written = new(Json.Options)
    {
        WriteIndented = true,
        DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
    };
    private static readonly Shape ListShape = ShapeOf.Document<ExerciseListDocument>();

    /// <summary>Reads a list that a coach brings in.</summary>
    /// <param name="kept">The coach's own exercises as they stand; one of the same id is replaced.</param>
    public static ListReading Read(string text, ExerciseCatalogue shipped, IReadOnlyList<Exercise> kept)
    {
        if (text.Length > MostCharacters)
            return new ListReading.Faulty([new Fault("", $"{text.Length} characters are more than {MostCharacters}")]);
        return YamlText.Read(text) switch
        {
            YamlReading.Good good => Read(good.Node, shipped, kept),
            YamlReading.Bad bad => new ListReading.Faulty([new Fault("", bad.Message)]),
            _ => throw new UnreachableException(),
        };
    }

    private static ListReading Read(JsonNode? node, ExerciseCatalogue shipped, IReadOnlyList<Exercise> kept)
    {
        using JsonDocument json = JsonDocument.Parse(node?.ToJsonString() ?? "null");
        // An entry may lean on another of the same list.
        HashSet<string> own = [.. kept.Select(one => one.Id), .. IdsIn(json.RootElement)];
        IReadOnlyList<Fault> faults = ShapeValidator.Validate(json.RootElement, ListShape, own, DaySpan.Open);
        if (faults.Count > 0)
            return new ListReading.Faulty(faults);
        IReadOnlyList<ExerciseDocument> read = json.RootElement.Deserialize<ExerciseListDocument>(Json.Options)!.Exercises;
        faults = ExerciseRules.Check([.. read.Select((entry, i) => ($"exercises[{i}]", entry))], shipped, kept);
        return faults.Count > 0 ? new ListReading.Faulty(faults) : new ListReading.Valid(read);
    }

    /// <summary>The list as indented JSON.</summary>
    public static string ToJson(IEnumerable<Exercise> exercises) => ToNode(exercises).ToJsonString(Written);

    /// <summary>The list as YAML.</summary>
    public static string ToYaml(IEnumerable<Exercise> exercises) => YamlText.Write(ToNode(exercises));

    private static JsonObject ToNode(IEnumerable<Exercise> exercises)
    {
        ExerciseListDocument list = new()
        {
            Format = "nerezza.exercises",
            Version = 1,
            Exercises = [.. exercises.Select(ExerciseMapping.ToDocument)],
        };
        return JsonSerializer.SerializeToNode(list, Written)!.AsObject();
    }

    private static IEnumerable<string> IdsIn(JsonElement root) =>
        root.ValueKind is JsonValueKind.Object
        && root.TryGetProperty("exercises", out JsonElement list)
        && list.ValueKind is JsonValueKind.Array
            ? list.EnumerateArray()
                .Where(one =>
                    one.ValueKind is JsonValueKind.Object
                    && one.TryGetProperty("id", out JsonElement id)
                    && id.ValueKind is JsonValueKind.String
                )
                .Select(one => one.GetProperty("id").GetString()!)
            : [];
}
