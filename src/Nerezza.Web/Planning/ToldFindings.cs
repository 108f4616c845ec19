using Nerezza.Core.Findings;
using Nerezza.Data.Stores;

namespace Nerezza.Web.Planning;

/// <summary>Which findings are told to whom: coaches of all, a lifter of those that the coach has accepted.</summary>
public sealed class ToldFindings
{
    private readonly HashSet<FindingCode>? _told;

    private ToldFindings(HashSet<FindingCode>? told) => _told = told;

    /// <summary>Every one.</summary>
    public static ToldFindings All { get; } = new(null);

    /// <summary>Those that the coach of a client has accepted.</summary>
    public static ToldFindings Accepted(ClientFile file) =>
        new([.. CaseAssembly.Decisions(file).Where(decision => decision.Verdict is Verdict.Accepted).Select(decision => decision.Code)]);

    /// <summary>Whether a reason that rests on these may be said.</summary>
    public bool Tells(IReadOnlyList<FindingCode> rests) => _told is null || rests.All(_told.Contains);
}
