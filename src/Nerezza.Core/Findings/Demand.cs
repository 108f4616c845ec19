using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Findings;

/// <summary>What a finding asks of the choice of exercises: what to train more, and which positions to keep away from meanwhile.</summary>
/// <remarks>From the answers of docs/handbook/05-faults.md, docs/handbook/07-pain-and-health.md; the exercises that pain rules out stand
/// with each exercise, as its conflicts.</remarks>
public sealed record Demand(
    IReadOnlyList<Muscle> Muscles,
    IReadOnlyList<Position> Positions,
    IReadOnlyList<Pattern> Patterns,
    IReadOnlyList<Position> AwayFrom
)
{
    /// <summary>Asks for nothing.</summary>
    public static Demand Nothing { get; } = new([], [], [], []);

    private static readonly Dictionary<FindingCode, Demand> All = FindingRules.Shipped.Demands.ToDictionary(
        row => Codes.Find<FindingCode>(row.Key)!.Value,
        row => new Demand(
            Read<Muscle>(row.Value.Muscles),
            Read<Position>(row.Value.Positions),
            Read<Pattern>(row.Value.Patterns),
            Read<Position>(row.Value.AwayFrom)
        )
    );

    /// <summary>The demand of a finding.</summary>
    public static Demand Of(FindingCode code) => All.GetValueOrDefault(code, Nothing);

    private static List<T> Read<T>(IReadOnlyList<string>? codes)
        where T : struct, Enum => [.. (codes ?? []).Select(code => Codes.Find<T>(code)!.Value)];
}
