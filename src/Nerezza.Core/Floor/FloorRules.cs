using System.Text.Json.Serialization;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Floor;

/// <summary>The numbers of docs/handbook/13-floor.md, from Data/floor.yaml.</summary>
internal sealed record FloorRules
{
    /// <summary>Most that a load moves from set to set, as a part.</summary>
    public required double MostMove { get; init; }

    /// <summary>An effort under which a rating is a bound.</summary>
    public required double TooEasyBelow { get; init; }

    /// <summary>The longest step, as a part, that such a set leads to.</summary>
    public required double MostEasyStep { get; init; }

    /// <summary>Repetitions to which such a set goes on where no load can follow.</summary>
    public required int EasyRepsTo { get; init; }

    /// <summary>The effort that such a set is brought to.</summary>
    public required double ProbeRpe { get; init; }

    /// <summary>The longest step, as a part, that a load is tried by.</summary>
    public required double MostProbeStep { get; init; }

    /// <summary>Fewer sure repetitions are no try.</summary>
    public required int FewestOfProbe { get; init; }

    /// <summary>What is capped under this effort stays as it was asked for.</summary>
    public required double FreeFromRpe { get; init; }

    /// <summary>What missed repetitions take off, as a part.</summary>
    public required double MissedTakesOff { get; init; }

    /// <summary>Pain from which another exercise is offered.</summary>
    public required double SubstitutePainFrom { get; init; }

    /// <summary>Pain above which the exercise ends.</summary>
    public required double EndPainAbove { get; init; }

    /// <summary>Effort up to which a set at 10 was too hard.</summary>
    public required double HardPrescribedRpe { get; init; }

    /// <summary>How far loads offered lie from the planned one, as a part.</summary>
    public required double ChoicesWithin { get; init; }

    /// <summary>The same in kg, at least.</summary>
    public required double ChoicesLeastKg { get; init; }

    /// <summary>Most loads offered.</summary>
    public required int ChoicesMost { get; init; }

    /// <summary>Lightest load that advice may come to, as a part of the planned one.</summary>
    public required double AdviceFrom { get; init; }

    /// <summary>Heaviest, likewise.</summary>
    public required double AdviceTo { get; init; }

    /// <summary>Most loads among which advice chooses.</summary>
    public required int AdviceMost { get; init; }

    /// <summary>Soreness, 0 to 3, from which an exercise is done with less.</summary>
    public required int SoreFrom { get; init; }

    /// <summary>By how much its effort is lower then.</summary>
    public required double SoreRpeLower { get; init; }

    /// <summary>Hours of sleep under which the hardest sets are not done.</summary>
    public required double ShortSleepHours { get; init; }

    /// <summary>The highest effort then.</summary>
    public required double ShortSleepMostRpe { get; init; }

    /// <summary>The lowest effort that anybody can rate.</summary>
    public required double LeastRpe { get; init; }

    /// <summary>Roles that fall away when minutes are short, first to last.</summary>
    public required List<string> FallsAway { get; init; }

    public static FloorRules Shipped { get; } = EmbeddedData.Read("floor", FloorJson.Default.FloorRules);
}

[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow
)]
[JsonSerializable(typeof(FloorRules))]
internal sealed partial class FloorJson : JsonSerializerContext;
