using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Checks;
using Nerezza.Core.Loads;

namespace Nerezza.Core;

/// <summary>A plan before the coach's edits, which can then be tried again and again. One serves one caller at a time.</summary>
public abstract record PreparedPlan
{
    private PreparedPlan(Plan plan) => Plan = plan;

    /// <summary>The plan as made; ledger and remarks of its block are counted with the edits.</summary>
    public Plan Plan { get; }

    /// <summary>A referral stops training: there is no block.</summary>
    public sealed record Stopped(Plan Plan) : PreparedPlan(Plan);

    /// <summary>A block was made.</summary>
    /// <param name="Editor">Lays edits over it.</param>
    /// <param name="Reviewer">Counts it again.</param>
    /// <param name="Maxes">What its loads stand on.</param>
    public sealed record Made(Plan Plan, Blocks.Block Block, BlockEditor Editor, BlockReviewer Reviewer, MaxEstimates Maxes)
        : PreparedPlan(Plan);
}
