using System.Text.Json.Serialization;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Catalogue;

/// <summary>What has to be done on a rung before the next one opens (docs/handbook/08-catalogue.md).</summary>
/// <param name="Sets">Sets on one day.</param>
/// <param name="Reps">Repetitions of each, a side where it is one-sided; null: the top of the exercise's range.</param>
/// <param name="Rpe">At most; null does not ask.</param>
/// <param name="MassPercent">External load, at least this part of body mass in percent; null does not ask.</param>
/// <param name="Days">On how many days.</param>
public sealed record RungGate(int Sets, int? Reps, double? Rpe, double? MassPercent, int Days);

/// <summary>One rung: exercises of one difficulty.</summary>
/// <param name="Gate">Opens the next rung.</param>
/// <param name="OpensByGateAlone">Whether only the gate below opens it, whatever the client's level.</param>
public sealed record Rung(IReadOnlyList<string> Exercises, RungGate Gate, bool OpensByGateAlone);

/// <summary>A ladder of variations, easiest first.</summary>
public sealed record Ladder(LadderId Id, IReadOnlyList<Rung> Rungs)
{
    /// <summary>Every ladder.</summary>
    public static IReadOnlyList<Ladder> All { get; } = Read();

    private static readonly ILookup<string, (Ladder Ladder, int Rung)> Places = All.SelectMany(ladder =>
            ladder.Rungs.SelectMany((rung, i) => rung.Exercises.Select(exercise => (Exercise: exercise, Ladder: ladder, Rung: i + 1)))
        )
        .DistinctBy(row => (row.Exercise, row.Ladder.Id))
        .ToLookup(row => row.Exercise, row => (row.Ladder, row.Rung));

    /// <summary>The ladders that an exercise stands on, each with its first rung there, from 1.</summary>
    public static IEnumerable<(Ladder Ladder, int Rung)> PlacesOf(string exercise) => Places[exercise];

    private static List<Ladder> Read()
    {
        LaddersFile file = EmbeddedData.Read("ladders", LadderJson.Default.LaddersFile);
        return
        [
            .. file.Ladders.Select(row => new Ladder(
                Codes.Find<LadderId>(row.Key)!.Value,
                [.. row.Value.Select(rung => new Rung(rung.Exercises, rung.Gate ?? file.DefaultGate, rung.Own is "gate"))]
            )),
        ];
    }
}

internal sealed record LaddersFile(RungGate DefaultGate, IReadOnlyDictionary<string, IReadOnlyList<RungRow>> Ladders);

internal sealed record RungRow(IReadOnlyList<string> Exercises, RungGate? Gate, string? Own);

[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow
)]
[JsonSerializable(typeof(LaddersFile))]
internal sealed partial class LadderJson : JsonSerializerContext;
