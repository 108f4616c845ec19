using System.Text.Json.Serialization;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;

namespace Nerezza.Core.Blocks;

/// <summary>What a kind of block asks of main lifts.</summary>
public sealed record BlockKindRule(
    BlockKind Kind,
    int FewestWeeks,
    int MostWeeks,
    Aim Aim,
    Rpe FirstRpe,
    Rpe LastRpe,
    double SetsFactor,
    int LeastMainSets
)
{
    /// <summary>The row of a kind.</summary>
    /// <exception cref="ArgumentException">The kind is auto, which has to be decided first.</exception>
    public static BlockKindRule Of(BlockKind kind) =>
        BlockRules.Shipped.Kinds.FirstOrDefault(row => row.Kind == kind)
        ?? throw new ArgumentException("A block of kind auto is decided before it is built.", nameof(kind));
}

/// <summary>The numbers of docs/handbook/12-weeks-and-blocks.md, from Data/blocks.yaml.</summary>
internal sealed record BlockRules
{
    private BlockRules(BlocksFile file)
    {
        File = file;
        Kinds =
        [
            .. file.Kinds.Select(row => new BlockKindRule(
                Codes.Find<BlockKind>(row.Kind)!.Value,
                row.Weeks[0],
                row.Weeks[1],
                Codes.Find<Aim>(row.Aim)!.Value,
                Rpe.Of(row.Rpe[0]),
                Rpe.Of(row.Rpe[1]),
                row.SetsFactor,
                row.LeastMainSets ?? 1
            )),
        ];
    }

    public static BlockRules Shipped { get; } = new(EmbeddedData.Read("blocks", BlocksJson.Default.BlocksFile));

    public BlocksFile File { get; }
    public IReadOnlyList<BlockKindRule> Kinds { get; }
}

internal sealed record BlocksFile(
    IReadOnlyList<BlockKindRow> Kinds,
    IReadOnlyList<ReturnStepRule> ReturnSteps,
    DeloadRule Deload,
    double LinearRpe,
    UndulatingRule Undulating,
    int PeakWithinWeeks,
    HeavyHingeRule HeavyHinge,
    LighterRule LighterHinge,
    PeakingRule Peaking,
    IReadOnlyList<double> Attempts,
    IReadOnlyList<LayOffRule> LayOff,
    double LayOffBack,
    int FoundationSkillSeverity,
    ChainRule Chain,
    int MissedToRepeat,
    int WeeksToASetMore,
    double EffortAWeek
);

internal sealed record BlockKindRow(
    string Kind,
    IReadOnlyList<int> Weeks,
    string Aim,
    IReadOnlyList<double> Rpe,
    double SetsFactor,
    int? LeastMainSets
);

internal sealed record ReturnStepRule(double Load, int Sets);

internal sealed record DeloadRule(
    double SetsFactor,
    double LoadFactor,
    double MostRpe,
    int EveryWeeks,
    int EveryWeeksWithCare,
    int CareFromAge,
    int NeededFromWeeks
);

internal sealed record UndulatingRule(double HeavyRpe, double MediumRpe, double LightRpe, double StepAWeek);

internal sealed record LighterRule(double Percent, double Rpe);

internal sealed record PeakingRule(int LastHingeDays, int LastSquatDays, double LightFraction, double LightRpe);

internal sealed record LayOffRule(int Weeks, double Load, double Sets);

internal sealed record ChainRule(int Weeks, int Fewest, int Most, int PeakWeeks, int AheadWithoutEvent);

internal sealed record HeavyHingeRule(double Percent, double Rpe, int DaysApart);

[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow
)]
[JsonSerializable(typeof(BlocksFile))]
internal sealed partial class BlocksJson : JsonSerializerContext;
