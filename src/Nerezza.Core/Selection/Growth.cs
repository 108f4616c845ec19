using Nerezza.Core.Findings;

namespace Nerezza.Core.Selection;

/// <summary>Which accessories get one set more a fortnight: for each finding that is not closing, the first that answers it
/// (docs/handbook/12-weeks-and-blocks.md).</summary>
/// <remarks>What caution limits keeps its sets; a finding that is closing, or was not measured before, asks for none.</remarks>
internal static class Growth
{
    /// <summary>The days with the marks: once for each finding, on the first day on which something answers it.</summary>
    public static IReadOnlyList<DayPlan> Mark(IReadOnlyList<DayPlan> days, IReadOnlyList<Finding> findings)
    {
        List<List<Chosen>> lifts = [.. days.Select(day => day.Lifts.ToList())];
        foreach (
            FindingCode code in findings
                .Where(finding => finding.Course is Course.Same or Course.Worse)
                .Select(finding => finding.Code)
                .Distinct()
        )
        {
            (List<Chosen> On, int At) first = lifts
                .Select(day => (day, day.FindIndex(one => MayGrow(one) && one.Answers.Contains(code))))
                .FirstOrDefault(row => row.Item2 >= 0);
            if (first.On is not null)
                first.On[first.At] = first.On[first.At] with { GrowsFor = first.On[first.At].GrowsFor ?? code };
        }
        return [.. days.Select((day, i) => day with { Lifts = lifts[i] })];
    }

    private static bool MayGrow(Chosen one) => one.Role is Role.Accessory or Role.SingleJoint or Role.Second && one.Limits.CapsNothing;
}
