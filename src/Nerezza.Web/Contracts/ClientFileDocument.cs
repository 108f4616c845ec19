using Nerezza.Core.Findings;
using Nerezza.Core.Selection;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Plans;
using Nerezza.Formats.Shapes;

namespace Nerezza.Web.Contracts;

/// <summary>Everything that is kept of a client, as one file (docs/formats/client.md).</summary>
public sealed record ClientFileDocument
{
    [Exactly("nerezza.client")]
    public string Format { get; init; } = "nerezza.client";

    [Exactly(1)]
    public int Version { get; init; } = 1;

    /// <summary>Facts, kit, screens, pain, maxes and every logged set.</summary>
    public required CaseDocument Case { get; init; }
    public required IReadOnlyList<FindingDecision> Decisions { get; init; }
    public required IReadOnlyList<Pick> Picks { get; init; }

    /// <summary>Every version of every plan, first to last.</summary>
    public required IReadOnlyList<KeptPlan> Plans { get; init; }

    /// <summary>What the coach answered to decisions, the first first.</summary>
    public required IReadOnlyList<AnswerGiven> Answers { get; init; }

    /// <summary>How the client came in, day by day.</summary>
    public required IReadOnlyList<CameIn> CameIn { get; init; }
    public required IReadOnlyList<NoteLine> Notes { get; init; }
    public required IReadOnlyList<ChangeLine> Changes { get; init; }
}

/// <param name="TakenBackAt">Null while it stands.</param>
public sealed record KeptPlan(
    int Number,
    DateTimeOffset MadeAt,
    DateTimeOffset? TakenBackAt,
    CaseDocument Inputs,
    IReadOnlyList<EditSection> Edits,
    PlanDocument Plan
);

/// <param name="Until">The day that it was put off to; null where it was done.</param>
/// <param name="PlanBefore">The version that stood before; null where none was made.</param>
/// <param name="NextBlock">The version that it made as the next block.</param>
public sealed record AnswerGiven(string Key, DateOnly On, DateTimeOffset At, DateOnly? Until, int? PlanBefore, int? NextBlock);

public sealed record CameIn(DateOnly Date, ReadinessSection Answers, bool Taken);
