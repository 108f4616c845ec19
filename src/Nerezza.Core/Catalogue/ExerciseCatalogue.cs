using System.Text.Json.Serialization;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Catalogue;

/// <summary>All exercises that Nerezza knows, read once from the data files.</summary>
public sealed class ExerciseCatalogue
{
    private readonly Dictionary<string, Exercise> _byId;

    private ExerciseCatalogue(IReadOnlyList<Exercise> all)
    {
        All = all;
        _byId = all.ToDictionary(exercise => exercise.Id, StringComparer.Ordinal);
    }

    /// <summary>The catalogue that ships with the application.</summary>
    public static ExerciseCatalogue Shipped { get; } = Read();

    /// <summary>Every exercise, by pattern and then in the order of its file.</summary>
    public IReadOnlyList<Exercise> All { get; }

    /// <summary>The exercise of an id that is known to be valid.</summary>
    /// <exception cref="KeyNotFoundException">There is none: the id was not checked at the edge.</exception>
    public Exercise this[string id] => _byId[id];

    /// <summary>The exercise of an id, or null.</summary>
    public Exercise? Find(string id) => _byId.GetValueOrDefault(id);

    /// <summary>This catalogue and a coach's own exercises after it.</summary>
    /// <param name="own">Held against <see cref="ExerciseRubric"/> when they were saved; their ids are new.</param>
    public ExerciseCatalogue With(IReadOnlyList<Exercise> own) => own.Count == 0 ? this : new([.. All, .. own]);

    private static ExerciseCatalogue Read()
    {
        ExerciseCatalogue read = new([.. Rows()]);
        List<EntryFault> faults = [.. read.All.SelectMany(exercise => ExerciseRubric.Faults(exercise, read))];
        return faults.Count == 0 ? read : throw new InvalidOperationException($"Catalogue: {string.Join("; ", faults)}");
    }

    private static IEnumerable<Exercise> Rows() =>
        [
            .. Enum.GetValues<Pattern>()
                .Where(pattern => pattern is not (Pattern.Priming or Pattern.Drill))
                .Select(pattern => EmbeddedData.Read(Codes.Of(pattern), CatalogueJson.Default.PatternFile))
                .SelectMany(file => file.Exercises.Select(row => row.ToExercise(file))),
        ];
}

internal sealed record PatternFile(string Pattern, double Curve, IReadOnlyList<ExerciseRow> Exercises);

internal sealed record RatioRow(string Of, double Value, double Spread);

/// <summary>One row of a data file, as written.</summary>
internal sealed record ExerciseRow
{
    public required string Id { get; init; }
    public required string Name { get; init; }
    public required IReadOnlyList<IReadOnlyList<string>> Kit { get; init; }
    public required string Load { get; init; }
    public string? Sides { get; init; }
    public IReadOnlyList<string>? Conflicts { get; init; }
    public RatioRow? Ratio { get; init; }
    public double? BodyFraction { get; init; }
    public double? Curve { get; init; }
    public IReadOnlyList<int>? Reps { get; init; }
    public int? SetUpSeconds { get; init; }
    public string? Tempo { get; init; }
    public bool? FromFloor { get; init; }
    public int? Axial { get; init; }
    public int? Skill { get; init; }
    public IReadOnlyDictionary<string, double>? Muscles { get; init; }
    public required string Length { get; init; }
    public required string Hardest { get; init; }
    public IReadOnlyList<string>? Positions { get; init; }
    public int? Systemic { get; init; }
    public int? Soreness { get; init; }
    public string? CarriesTo { get; init; }
    public string? VariantOf { get; init; }
    public string? Caution { get; init; }
    public string? Stance { get; init; }
    public string? Escape { get; init; }
    public IReadOnlyList<int>? HoldSeconds { get; init; }
    public IReadOnlyList<string>? Cues { get; init; }
    public string? Watch { get; init; }

    public Exercise ToExercise(PatternFile file) =>
        new()
        {
            Id = Id,
            Name = Name,
            Pattern = Code<Pattern>(file.Pattern),
            Sides = Sides is null ? Catalogue.Sides.Both : Code<Sides>(Sides),
            Kit = [.. Kit.Select(set => (IReadOnlyList<Implement>)[.. set.Select(Code<Implement>)])],
            Load = Code<LoadSource>(Load),
            Ratio = Ratio is null ? null : new StrengthRatio(Ratio.Of, Ratio.Value, Ratio.Spread),
            BodyFraction = BodyFraction ?? 0,
            Curve = Curve ?? file.Curve,
            Reps = Reps is [int bottom, int top] ? new RepRange(bottom, top) : new RepRange(5, 15),
            SetUpSeconds = SetUpSeconds ?? 45,
            Tempo = Tempo is null ? null : Measures.Tempo.Parse(Tempo),
            FromFloor = FromFloor ?? false,
            Axial = Axial ?? 0,
            Muscles = (Muscles ?? new Dictionary<string, double>()).ToDictionary(row => Code<Muscle>(row.Key), row => row.Value),
            Length = Code<MuscleLength>(Length),
            Hardest = Code<HardestAt>(Hardest),
            Positions = [.. (Positions ?? []).Select(Code<Position>)],
            Systemic = Systemic ?? 0,
            Soreness = Soreness ?? 0,
            CarriesTo = CarriesTo,
            VariantOf = VariantOf,
            Caution = Caution,
            Stance = Stance,
            Escape = Escape,
            HoldSeconds = HoldSeconds is [var shortest, var longest] ? new RepRange(shortest, longest) : null,
            Skill = Skill ?? 1,
            Conflicts = [.. (Conflicts ?? []).Select(Code<Conflict>)],
            Cues = Cues ?? [],
            Watch = Watch,
        };

    private T Code<T>(string code)
        where T : struct, Enum =>
        Codes.Find<T>(code) ?? throw new InvalidOperationException($"Catalogue, {Id}: '{code}' is no {typeof(T).Name}.");
}

[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow
)]
[JsonSerializable(typeof(PatternFile))]
internal sealed partial class CatalogueJson : JsonSerializerContext;
