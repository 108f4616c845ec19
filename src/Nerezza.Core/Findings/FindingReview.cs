using Nerezza.Core.Clients;

namespace Nerezza.Core.Findings;

/// <summary>What the coach said of a finding.</summary>
public enum Verdict
{
    /// <summary>Agreed.</summary>
    Accepted,

    /// <summary>Not so; it stays visible and asks for nothing.</summary>
    Rejected,

    /// <summary>The coach's own.</summary>
    Added,
}

/// <summary>A coach's word on a finding, by its code and cause.</summary>
/// <param name="Reason">Why; needed to reject, and the evidence of one that is added.</param>
/// <param name="Severity">Of one that is added, 1 to 3.</param>
/// <param name="Side">Of one that is added.</param>
public sealed record FindingDecision(FindingCode Code, Cause? Cause, Verdict Verdict, string Reason, int? Severity, Side? Side);

/// <summary>A finding with what the coach said of it; null when nothing yet.</summary>
public sealed record ReviewedFinding(Finding Finding, Verdict? Verdict, string? Reason);

/// <summary>Lays the coach's word over what the rules found (docs/handbook/06-findings.md).</summary>
public static class FindingReview
{
    /// <summary>Every finding with its verdict; the coach's own, which no rule found, stand last. A referral cannot be rejected.</summary>
    public static IReadOnlyList<ReviewedFinding> Of(IReadOnlyList<Finding> found, IReadOnlyList<FindingDecision> decisions)
    {
        FindingDecision? On(Finding finding) =>
            finding.Code is FindingCode.Refer
                ? null
                : decisions.FirstOrDefault(decision => decision.Code == finding.Code && decision.Cause == finding.Cause);
        bool IsFound(FindingDecision decision) => found.Any(finding => finding.Code == decision.Code && finding.Cause == decision.Cause);
        return
        [
            .. found.Select(finding => new ReviewedFinding(
                finding,
                On(finding)?.Verdict is Verdict.Added ? Verdict.Accepted : On(finding)?.Verdict,
                On(finding)?.Reason
            )),
            .. decisions
                .Where(decision => decision.Verdict is Verdict.Added && !IsFound(decision))
                .OrderByDescending(decision => decision.Severity)
                .ThenBy(decision => decision.Code)
                .ThenBy(decision => decision.Cause)
                .Select(decision => new ReviewedFinding(Own(decision), Verdict.Added, decision.Reason)),
        ];
    }

    /// <summary>Those that ask for something: all but the rejected.</summary>
    public static IReadOnlyList<Finding> Open(IReadOnlyList<ReviewedFinding> reviewed) =>
        [.. reviewed.Where(row => row.Verdict is not Verdict.Rejected).Select(row => row.Finding)];

    private static Finding Own(FindingDecision decision) =>
        new()
        {
            Code = decision.Code,
            Cause = decision.Cause,
            Side = decision.Side,
            Severity = decision.Severity ?? 1,
            Confidence = FindingRules.Shipped.Confidence.Seen,
            Evidence = [new Evidence(new Measure.CoachWord(), new Reading.Word(decision.Reason), "the coach's own judgement")],
            Asks = Demand.Of(decision.Code),
        };
}
