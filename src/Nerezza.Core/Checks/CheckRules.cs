using System.Text.Json.Serialization;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Checks;

/// <summary>The numbers of the checks, from Data/checks.yaml.</summary>
internal sealed record CheckRules
{
    /// <summary>How far a session may pass its minutes, as a part.</summary>
    public required double MinutesOver { get; init; }

    /// <summary>Pulls for each press, at most.</summary>
    public required double PullAtMost { get; init; }

    /// <summary>Soreness that is high.</summary>
    public required int HighSoreness { get; init; }

    /// <summary>Mobility that loosens the back.</summary>
    public required IReadOnlyList<string> LoosensBack { get; init; }

    /// <summary>Axial load that is heavy.</summary>
    public required int HeavyAxial { get; init; }

    /// <summary>Most that a load rises, as a part.</summary>
    public required double JumpMost { get; init; }

    /// <summary>Weeks back in which a load counts as the last.</summary>
    public required int LastLoadWeeks { get; init; }

    /// <summary>Emphasised sets that make a day an emphasised one.</summary>
    public required double EmphasisSets { get; init; }

    /// <summary>Part of the minutes given that a session uses.</summary>
    public required double MinutesUsed { get; init; }

    /// <summary>What about hard sport is no heavy session.</summary>
    public required AboutSportRule AboutSport { get; init; }

    public static CheckRules Shipped { get; } = EmbeddedData.Read("checks", CheckJson.Default.CheckRules);
}

/// <summary>A squat or hinge about hard sport that is no heavy one.</summary>
internal sealed record AboutSportRule
{
    /// <summary>Effort up to which any number of sets is light.</summary>
    public required double LightRpe { get; init; }

    /// <summary>So few sets are light...</summary>
    public required int LightSets { get; init; }

    /// <summary>...up to this effort.</summary>
    public required double LightSetsRpe { get; init; }
}

[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow
)]
[JsonSerializable(typeof(CheckRules))]
internal sealed partial class CheckJson : JsonSerializerContext;
