using System.Text.Json.Serialization;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Floor;

/// <summary>The numbers of docs/handbook/13-floor.md, from Data/floor.yaml.</summary>
internal sealed record FloorRules(
    double MostMove,
    double MissedTakesOff,
    double SubstitutePainFrom,
    double EndPainAbove,
    double HardPrescribedRpe,
    double ChoicesWithin,
    double ChoicesLeastKg,
    int ChoicesMost
)
{
    public static FloorRules Shipped { get; } = EmbeddedData.Read("floor", FloorJson.Default.FloorRules);
}

[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow
)]
[JsonSerializable(typeof(FloorRules))]
internal sealed partial class FloorJson : JsonSerializerContext;
