using System.Diagnostics;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening;

namespace Nerezza.Core.Prescription;

/// <summary>From a finding of uneven sides to how one-sided work is done: for the muscles of the very test, by the symmetry of that test
/// (docs/handbook/12-weeks-and-blocks.md).</summary>
internal static class WeakerSide
{
    private static readonly Muscle[] OfSquat = Muscles(PrescriptionRules.Shipped.File.WeakerSide.OfSquat);
    private static readonly Muscle[] OfBridge = Muscles(PrescriptionRules.Shipped.File.WeakerSide.OfBridge);

    public static SidePlan PlanOf(IReadOnlyList<Finding> findings, IReadOnlyList<LiftFault> faults, ExerciseCatalogue catalogue) =>
        findings.FirstOrDefault(finding => finding.Code is FindingCode.SideAsymmetry && finding.Side is not null) is { } gap
            ? SidePlan.Weaker(
                gap.Side!.Value,
                SymmetryOf(gap),
                [.. gap.Evidence.SelectMany(piece => MusclesOf(piece.Measure, faults, catalogue)).Distinct()]
            )
            : SidePlan.Even;

    private static Muscle[] Muscles(IReadOnlyList<string> codes) => [.. codes.Select(code => Codes.Find<Muscle>(code)!.Value)];

    /// <summary>The lowest symmetry measured, percent; of a bridge the lesser side by the better.</summary>
    private static double? SymmetryOf(Finding gap)
    {
        IEnumerable<double> indexes = gap
            .Evidence.Where(piece => piece.Measure is Measure.LimbSymmetry)
            .Select(piece => (piece.Value as Reading.Number)?.Value)
            .OfType<double>();
        IEnumerable<double> bridges = gap
            .Evidence.Where(piece => piece.Measure is Measure.Tested { Test: ScreenTest.SingleLegBridge, Side: not null })
            .Select(piece => (piece.Value as Reading.Number)?.Value)
            .OfType<double>()
            .Chunk(2)
            .Where(sides => sides.Length == 2 && sides.Max() > 0)
            .Select(sides => 100 * sides.Min() / sides.Max());
        return indexes.Concat(bridges).Cast<double?>().Min();
    }

    private static IEnumerable<Muscle> MusclesOf(Measure measure, IReadOnlyList<LiftFault> faults, ExerciseCatalogue catalogue) =>
        measure switch
        {
            Measure.LimbSymmetry sides => catalogue[sides.Exercise].PrimeMovers,
            Measure.Fault fault when fault.Entry < faults.Count => catalogue[faults[fault.Entry].Lift].PrimeMovers,
            Measure.Tested { Test: ScreenTest.SingleLegBridge } => OfBridge,
            Measure.Tested => OfSquat,
            // Where the coach says so without a test, any muscle may be meant.
            Measure.CoachWord => Enum.GetValues<Muscle>(),
            Measure.Fault or Measure.MaxRatio or Measure.Pain or Measure.Answered => [],
            _ => throw new UnreachableException(measure.GetType().Name),
        };
}
