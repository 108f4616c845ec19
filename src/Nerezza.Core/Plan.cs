using Nerezza.Core.Blocks;
using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Body;
using Nerezza.Core.Checks;
using Nerezza.Core.Findings;
using Nerezza.Core.Loads;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Selection;

namespace Nerezza.Core;

/// <summary>What Nerezza makes of a case.</summary>
public sealed record Plan
{
    /// <summary>The client's name.</summary>
    public required string Case { get; init; }

    /// <summary>An open referral, or null.</summary>
    public Referral? Referral { get; init; }

    /// <summary>Why the lifts break down, gravest first.</summary>
    public IReadOnlyList<Finding> Findings { get; init; } = [];

    /// <summary>The squats of the body model for this body.</summary>
    public IReadOnlyList<SquatStanding> Squats { get; init; } = [];

    /// <summary>The client's maxes, by exercise.</summary>
    public IReadOnlyList<OneRepMax> Maxes { get; init; } = [];

    /// <summary>By how much the client misjudges what is left, as far as it is known.</summary>
    public EffortBias Bias { get; init; } = EffortBias.None;

    /// <summary>The chosen exercises, and what was passed over.</summary>
    public ExerciseChoice Selection { get; init; } = ExerciseChoice.None;

    /// <summary>The block; null while a referral stops training.</summary>
    public Block? Block { get; init; }

    /// <summary>The kind of the block with the reason for it; null without a block.</summary>
    public KindDecision? Kind { get; init; }

    /// <summary>Attempts at the main lifts, where the block peaks or tests.</summary>
    public IReadOnlyList<Attempts> Attempts { get; init; } = [];

    /// <summary>Edits of the coach that could not be made.</summary>
    public IReadOnlyList<RefusedEdit> Refused { get; init; } = [];

    /// <summary>What of a hand's numbers could not stand, by its cell.</summary>
    public IReadOnlyDictionary<CellPlace, IReadOnlyList<StandsInstead>> Instead { get; init; } =
        new Dictionary<CellPlace, IReadOnlyList<StandsInstead>>();

    /// <summary>Hard sets per muscle a week.</summary>
    public IReadOnlyList<MuscleLedger> Ledger { get; init; } = [];

    /// <summary>What each week costs.</summary>
    public IReadOnlyList<WeekTotals> Totals { get; init; } = [];

    /// <summary>Remarks.</summary>
    public IReadOnlyList<Check> Checks { get; init; } = [];
}
