using Nerezza.Core.Body;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings.Rules;
using Nerezza.Core.Screening;

namespace Nerezza.Core.Findings;

/// <summary>The lean that balance asks of this body beside the lean that was seen, on the same legs (docs/handbook/05-faults.md, rule
/// 6).</summary>
/// <param name="Predicted">Null when the depth cannot be held in balance.</param>
public sealed record LeanComparison(Posture? Predicted, Posture Observed, Pose Pose)
{
    /// <summary>The measure that a lean's evidence names.</summary>
    public static Measure Measure { get; } = new Measure.Tested(ScreenTest.SquatLean);

    /// <summary>Of a client's screen; null when no lean was measured.</summary>
    public static LeanComparison? Of(Client client, Screen screen) => LeanRule.Compare(client, screen);
}
