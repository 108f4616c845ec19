using System.Text.Json.Serialization;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Checks;

/// <summary>The numbers of the checks, from Data/checks.yaml.</summary>
internal sealed record CheckRules(
    double MinutesOver,
    int UnansweredFrom,
    double PullAtMost,
    int HighSoreness,
    IReadOnlyList<string> LoosensBack,
    int HeavyAxial,
    double JumpMost,
    int LastLoadWeeks,
    double EmphasisSets
)
{
    public static CheckRules Shipped { get; } = EmbeddedData.Read("checks", CheckJson.Default.CheckRules);
}

[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow
)]
[JsonSerializable(typeof(CheckRules))]
internal sealed partial class CheckJson : JsonSerializerContext;
