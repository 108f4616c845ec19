using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Clients;

namespace Nerezza.Core.Checks;

/// <summary>One remark on a plan: where, how much it weighs, the values found, and the edits that would mend it. Wording says it.</summary>
/// <remarks>Closed: each kind is a record below, and none can stand outside this file's namespace.</remarks>
public abstract partial record Check
{
    private readonly CheckSeverity _severity;

    private protected Check(CheckCode code, CheckSeverity severity) => (Code, _severity) = (code, severity);

    /// <summary>The code by which plans and documents name it; some kinds share one.</summary>
    public CheckCode Code { get; }

    /// <summary>How much it weighs; what the rules of a plan as made leave no mend for is only named.</summary>
    public CheckSeverity Severity => HasNoMend && _severity is CheckSeverity.Warn ? CheckSeverity.Info : _severity;

    /// <summary>Whether it stands in the plan as made because another rule outranks it
    /// (docs/handbook/12-weeks-and-blocks.md#a-plan-keeps-its-own-rules).</summary>
    public bool HasNoMend { get; init; }

    /// <summary>What it is about.</summary>
    public CheckPlace At { get; init; } = CheckPlace.Block;

    /// <summary>Edits that would mend it; empty where it is the coach's to judge.</summary>
    public IReadOnlyList<BlockEdit> Fix { get; init; } = [];

    /// <summary>What holds in every week is said once for all that are equal by this.</summary>
    internal virtual object SaidOnceBy => this;
}

/// <summary>A remark on one exercise.</summary>
public abstract record ExerciseCheck : Check
{
    private protected ExerciseCheck(CheckCode code, CheckSeverity severity, string exercise)
        : base(code, severity) => Exercise = exercise;

    /// <summary>Its id.</summary>
    public string Exercise { get; }
}

/// <summary>A remark on one exercise that holds in every week, and is said for the first of them.</summary>
public abstract record StandingCheck : ExerciseCheck
{
    private protected StandingCheck(CheckCode code, CheckSeverity severity, string exercise)
        : base(code, severity, exercise) { }

    internal override object SaidOnceBy => (Code, Exercise);
}

/// <summary>A remark on one muscle.</summary>
public abstract record MuscleCheck : Check
{
    private protected MuscleCheck(CheckCode code, CheckSeverity severity, Muscle muscle)
        : base(code, severity) => Muscle = muscle;

    /// <summary>The muscle.</summary>
    public Muscle Muscle { get; }
}
