using System.Text.Json.Serialization;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Blocks;

/// <summary>What a kind of block asks of main lifts.</summary>
public sealed record BlockKindRule
{
    /// <summary>The kind.</summary>
    public required BlockKind Kind { get; init; }

    /// <summary>Fewest usual weeks.</summary>
    public required int FewestWeeks { get; init; }

    /// <summary>Most usual weeks.</summary>
    public required int MostWeeks { get; init; }

    /// <summary>Aim of its sets.</summary>
    public required Aim Aim { get; init; }

    /// <summary>Effort of its first week.</summary>
    public required Rpe FirstRpe { get; init; }

    /// <summary>Effort of its last week.</summary>
    public required Rpe LastRpe { get; init; }

    /// <summary>Sets against a block of its aim.</summary>
    public required double SetsFactor { get; init; }

    /// <summary>Least sets of a main lift.</summary>
    public required int LeastMainSets { get; init; }

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
            .. file.Kinds.Select(row => new BlockKindRule
            {
                Kind = Codes.Find<BlockKind>(row.Kind)!.Value,
                FewestWeeks = row.Weeks[0],
                MostWeeks = row.Weeks[1],
                Aim = Codes.Find<Aim>(row.Aim)!.Value,
                FirstRpe = Rpe.Of(row.Rpe[0]),
                LastRpe = Rpe.Of(row.Rpe[1]),
                SetsFactor = row.SetsFactor,
                LeastMainSets = row.LeastMainSets ?? 1,
            }),
        ];
    }

    public static BlockRules Shipped { get; } = new(EmbeddedData.Read("blocks", BlocksJson.Default.BlocksFile));

    public BlocksFile File { get; }
    public IReadOnlyList<BlockKindRule> Kinds { get; }
}

internal sealed record BlocksFile
{
    /// <summary>What each kind of block is.</summary>
    public required IReadOnlyList<BlockKindRow> Kinds { get; init; }

    /// <summary>Steps of a return to training.</summary>
    public required IReadOnlyList<ReturnStepRule> ReturnSteps { get; init; }

    /// <summary>Deloads.</summary>
    public required DeloadRule Deload { get; init; }

    /// <summary>Sets of a floor pull at most.</summary>
    public required int FloorPullSets { get; init; }

    /// <summary>Sets that giving way leaves, and that evening out adds to.</summary>
    public required DisplacementRule Displacement { get; init; }

    /// <summary>A cap on effort up to which nothing is expected to grow.</summary>
    public required double CappedRpe { get; init; }

    /// <summary>Effort of the load weeks.</summary>
    public required EffortRule Effort { get; init; }

    /// <summary>Effort of linear progression.</summary>
    public required double LinearRpe { get; init; }

    /// <summary>Efforts of undulating progression.</summary>
    public required UndulatingRule Undulating { get; init; }

    /// <summary>Weeks before an event in which a block peaks.</summary>
    public required int PeakWithinWeeks { get; init; }

    /// <summary>When a hinge is heavy, and how far apart.</summary>
    public required HeavyHingeRule HeavyHinge { get; init; }

    /// <summary>What a hinge goes down to.</summary>
    public required LighterRule LighterHinge { get; init; }

    /// <summary>The last days before an event.</summary>
    public required PeakingRule Peaking { get; init; }

    /// <summary>Phases of a block with an event inside it.</summary>
    public required PhaseRule Phases { get; init; }

    /// <summary>What the last ten days before it hold.</summary>
    public required LastDaysRule LastDays { get; init; }

    /// <summary>Attempts at an event.</summary>
    public required AttemptsRule Attempts { get; init; }

    /// <summary>What weeks without training take off.</summary>
    public required IReadOnlyList<LayOffRule> LayOff { get; init; }

    /// <summary>Part of it that is back in the second week.</summary>
    public required double LayOffBack { get; init; }

    /// <summary>Severity of skill that asks for a foundation.</summary>
    public required int FoundationSkillSeverity { get; init; }

    /// <summary>Which block follows which.</summary>
    public required ChainRule Chain { get; init; }

    /// <summary>Missed sessions after which a week is repeated.</summary>
    public required int MissedToRepeat { get; init; }

    /// <summary>Weeks after which a finding that does not close has a set more.</summary>
    public required int WeeksToASetMore { get; init; }

    /// <summary>Effort that a week adds.</summary>
    public required double EffortAWeek { get; init; }
}

internal sealed record BlockKindRow(
    string Kind,
    IReadOnlyList<int> Weeks,
    string Aim,
    IReadOnlyList<double> Rpe,
    double SetsFactor,
    int? LeastMainSets
);

internal sealed record ReturnStepRule(double Load, int Sets);

internal sealed record DeloadRule
{
    /// <summary>Part of the sets that stays.</summary>
    public required double SetsFactor { get; init; }

    /// <summary>Part of the load that stays.</summary>
    public required double LoadFactor { get; init; }

    /// <summary>Effort at most.</summary>
    public required double MostRpe { get; init; }

    /// <summary>Weeks after which one comes.</summary>
    public required int EveryWeeks { get; init; }

    /// <summary>The same in a deficit or from the age of care on.</summary>
    public required int EveryWeeksWithCare { get; init; }

    /// <summary>Age of care, years.</summary>
    public required int CareFromAge { get; init; }

    /// <summary>Weeks from which a block without one is remarked on.</summary>
    public required int NeededFromWeeks { get; init; }
}

internal sealed record UndulatingRule(double HeavyRpe, double MediumRpe, double LightRpe, double StepAWeek);

/// <summary>First load week of novices and of clients with care, the cap of both, and how far straight sets stay under it.</summary>
internal sealed record EffortRule(double Novice, double Care, double Cap, double UnderCap);

internal sealed record LighterRule(double Percent, double Rpe);

internal sealed record DisplacementRule(int LeastSets, int MostSets);

internal sealed record PhaseRule
{
    /// <summary>Weeks of peak, the event's own among them where it falls late.</summary>
    public required int PeakWeeks { get; init; }

    /// <summary>The same for novices and intermediates of few years.</summary>
    public required int PeakWeeksShort { get; init; }

    /// <summary>Years under which an intermediate has the short one.</summary>
    public required double ShortUnderYears { get; init; }

    /// <summary>Load weeks that a deload follows when one more week is there.</summary>
    public required int LoadWeeksToRest { get; init; }

    /// <summary>Days into a week from which an event is late in it.</summary>
    public required int LateInWeekFromDay { get; init; }
}

/// <summary>Days before an event.</summary>
internal sealed record LastDaysRule
{
    /// <summary>Days that these rules cover.</summary>
    public required int Days { get; init; }

    /// <summary>The last heavy pull: from, to.</summary>
    public required IReadOnlyList<int> Hinge { get; init; }

    /// <summary>The last heavy squat.</summary>
    public required IReadOnlyList<int> Squat { get; init; }

    /// <summary>The last heavy bench press.</summary>
    public required IReadOnlyList<int> Press { get; init; }

    /// <summary>Openers stand no nearer than this.</summary>
    public required int OpenersAtLatest { get; init; }

    /// <summary>Days in which nothing comes that was not there before.</summary>
    public required int NothingNewDays { get; init; }

    /// <summary>Days without accessories.</summary>
    public required int NoAccessoriesDays { get; init; }

    /// <summary>Openers as a part of the first attempt, their sets, and their effort at most.</summary>
    public required double OpenersOfFirst { get; init; }

    /// <summary>Days before its last heavy day on which a lift is not trained heavy again.</summary>
    public required int RestBeforeHeavyDays { get; init; }

    /// <summary>Fewest repetitions of a lift's range up to which it is done in singles.</summary>
    public required int SinglesFromReps { get; init; }

    /// <summary>Singles of a lift.</summary>
    public required int OpenerSets { get; init; }

    /// <summary>Effort of openers at most.</summary>
    public required double OpenerRpe { get; init; }
}

/// <summary>Attempts as parts of the forecast, and the step that the platform loads, kg.</summary>
internal sealed record AttemptsRule(IReadOnlyList<double> Usual, IReadOnlyList<double> Safer, IReadOnlyList<double> Bolder, double StepKg);

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
