using Nerezza.Core.Findings;

namespace Nerezza.Data.Rows;

/// <summary>What a coach answered to a decision that waited. The key tells the decision: answered on one device, it is on all.</summary>
public sealed class AnswerRow : IClientRow
{
    public Guid PracticeId { get; init; }
    public Guid ClientId { get; init; }

    /// <summary>Of the decision.</summary>
    public required string Key { get; init; }

    /// <summary>The day that it comes back; null where it is done.</summary>
    public DateOnly? Until { get; set; }
    public DateOnly On { get; set; }
    public DateTimeOffset At { get; set; }

    /// <summary>What doing it changed, for taking it back.</summary>
    public AnswerDone? Done { get; set; }
    public uint Version { get; private set; }
}

/// <summary>What an answer changed.</summary>
/// <param name="PlanBefore">The version that stood; null where no plan was made.</param>
/// <param name="Accepted">Findings that were accepted with it.</param>
/// <param name="NextBlock">The version that the next block was made as; null where none was.</param>
public sealed record AnswerDone(int? PlanBefore, IReadOnlyList<AcceptedFinding> Accepted, int? NextBlock = null);

/// <summary>A finding by its code and cause.</summary>
public sealed record AcceptedFinding(FindingCode Code, Cause? Cause);
