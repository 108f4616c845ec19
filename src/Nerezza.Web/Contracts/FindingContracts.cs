using Nerezza.Core.Body;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Screening;
using Nerezza.Formats.Levers;
using Nerezza.Formats.Plans;
using Nerezza.Formats.Shapes;

namespace Nerezza.Web.Contracts;

/// <summary>What was found, with the coach's word on each.</summary>
public sealed record FindingsView
{
    public required Guid ClientId { get; init; }

    public required string Client { get; init; }

    public required DateOnly? ScreenedOn { get; init; }

    public required bool PlanOutOfDate { get; init; }

    public required int? PlanNumber { get; init; }

    public required ReferralPart? Referral { get; init; }

    public required IReadOnlyList<FindingLine> Findings { get; init; }

    public required IReadOnlyList<FindingName> Names { get; init; }
}

public sealed record FindingName(FindingCode Code, string Name);

/// <summary>A finding for the page. Weeks and date say when to test again.</summary>
public sealed record FindingLine
{
    public required FindingCode Code { get; init; }

    public required Cause? Cause { get; init; }

    public required Side? Side { get; init; }

    public required int Severity { get; init; }

    public required double Confidence { get; init; }

    public required string Title { get; init; }

    /// <summary>How it goes since it was measured before; empty where it was not.</summary>
    public required string Going { get; init; }

    public required string ToDo { get; init; }

    public required string Asks { get; init; }

    public required int? RetestFirstWeek { get; init; }

    public required int? RetestLastWeek { get; init; }

    public required DateOnly? RetestFrom { get; init; }

    public required Verdict? Verdict { get; init; }

    public required string? Reason { get; init; }

    public required IReadOnlyList<EvidenceLine> Evidence { get; init; }

    public required LeanPicture? Lean { get; init; }
}

/// <summary>The lean that balance asks of this body beside the lean that was seen, to be drawn over each other.</summary>
/// <param name="Predicted">Null when the depth cannot be held in balance.</param>
public sealed record LeanPicture(FigurePart? Predicted, FigurePart Observed, Pose Pose);

/// <summary>A piece of evidence: its value, its norm, and last time's value.</summary>
public sealed record EvidenceLine
{
    /// <summary>Its place in the case.</summary>
    public required string Measure { get; init; }

    /// <summary>The test of the screen; null where it is none.</summary>
    public required ScreenTest? Test { get; init; }

    public required Side? Side { get; init; }

    public required string Name { get; init; }

    public required string Unit { get; init; }

    public required double? Number { get; init; }

    public required string Sentence { get; init; }

    public required string Norm { get; init; }

    public required Norm? Band { get; init; }

    public required double? Before { get; init; }

    public required DateOnly? BeforeOn { get; init; }

    public required EvidenceSource Source { get; init; }
}

/// <summary>Where a piece of evidence was entered.</summary>
public enum EvidenceSource
{
    Screen,
    Intake,
    Health,
    Coach,
}

public sealed record DecideFinding
{
    public required Verdict Verdict { get; init; }

    [Length(500)]
    public string? Reason { get; init; }

    [Between(1, 3, "a severity")]
    public int? Severity { get; init; }
    public Side? Side { get; init; }
}

/// <summary>What a new plan would change, a line each.</summary>
public sealed record PlanPreview(int Number, bool OutOfDate, IReadOnlyList<string> Changes);
