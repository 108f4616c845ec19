using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Screening;
using Nerezza.Core.Selection;

namespace Nerezza.Core;

/// <summary>All that is known of one client: what a plan is made from.</summary>
public sealed record ClientCase
{
    /// <summary>The client.</summary>
    public required Client Client { get; init; }

    /// <summary>What there is to train with.</summary>
    public Equipment Equipment { get; init; } = new();

    /// <summary>What there is on the days that are trained elsewhere.</summary>
    public IReadOnlyDictionary<Weekday, Equipment> Elsewhere { get; init; } = new Dictionary<Weekday, Equipment>();

    /// <summary>The coach's schools.</summary>
    public Schools Schools { get; init; } = new();

    /// <summary>The newest screen.</summary>
    public Screen Screen { get; init; } = Screen.Untested;

    /// <summary>The day of the newest screen; null where it is not known, and then it counts as the block's start.</summary>
    public DateOnly? ScreenedOn { get; init; }

    /// <summary>The screens before it, which tell how findings go.</summary>
    public IReadOnlyList<EarlierScreen> EarlierScreens { get; init; } = [];

    /// <summary>The same with every screen filled up from those before it: as findings and levers take it.</summary>
    public ClientCase Filled(ExerciseCatalogue catalogue)
    {
        if (EarlierScreens.Count == 0)
            return this;
        IEnumerable<EarlierScreen> taken = EarlierScreens.OrderBy(screen => screen.Date);
        IReadOnlyList<EarlierScreen> filled = ScreenInForce.Fill(taken.Append(new EarlierScreen(default, Screen, Faults)), catalogue);
        return this with { Screen = filled[^1].Screen, Faults = filled[^1].Faults, EarlierScreens = [.. filled.SkipLast(1)] };
    }

    /// <summary>Faults seen in the lifts.</summary>
    public IReadOnlyList<LiftFault> Faults { get; init; } = [];

    /// <summary>The coach's word on findings.</summary>
    public IReadOnlyList<FindingDecision> Decisions { get; init; } = [];

    /// <summary>The coach's word on exercises.</summary>
    public IReadOnlyList<Pick> Picks { get; init; } = [];

    /// <summary>Entered sets that tell the maxes.</summary>
    public IReadOnlyList<StrengthEntry> Strength { get; init; } = [];

    /// <summary>Pain.</summary>
    public IReadOnlyList<PainEntry> Pain { get; init; } = [];

    /// <summary>Rungs reached.</summary>
    public IReadOnlyList<LadderRung> Ladders { get; init; } = [];

    /// <summary>What was done.</summary>
    public IReadOnlyList<LogDay> Log { get; init; } = [];

    /// <summary>The coach's edits of the block, in order.</summary>
    public IReadOnlyList<BlockEdit> Edits { get; init; } = [];

    /// <summary>What the edits are laid over.</summary>
    public BlockBase Base { get; init; }

    /// <summary>The kind of the block before; null when there is none or it is not known.</summary>
    public BlockKind? LastKind { get; init; }

    /// <summary>The last day of a block that runs before this one and is not over: training is taken to go on until then. Null where none
    /// runs, and the log alone tells.</summary>
    public DateOnly? TrainsUntil { get; init; }

    /// <summary>The block asked for.</summary>
    public required BlockRequest Block { get; init; }

    /// <summary>What there is to train with on a day of the week.</summary>
    public Equipment EquipmentOn(Weekday day) => Elsewhere.GetValueOrDefault(day, Equipment);
}

/// <summary>What a coach's edits are laid over.</summary>
public enum BlockBase
{
    /// <summary>The block that Nerezza makes.</summary>
    Made,

    /// <summary>Empty weeks.</summary>
    Empty,
}
