using Nerezza.Core.Findings;

namespace Nerezza.Core.Selection;

/// <summary>Which accessories get one set more a fortnight: for each finding that is not closing, the first that answers it
/// (docs/handbook/12-weeks-and-blocks.md).</summary>
/// <remarks>What caution limits keeps its sets; a finding that is closing, or was not measured before, asks for none.</remarks>
internal static class Growth
{
    /// <param name="accessories">The chosen, best first.</param>
    public static IReadOnlyList<Chosen> Mark(IReadOnlyList<Chosen> accessories, IReadOnlyList<Finding> findings)
    {
        List<Chosen> marked = [.. accessories];
        foreach (
            FindingCode code in findings
                .Where(finding => finding.Course is Course.Same or Course.Worse)
                .Select(finding => finding.Code)
                .Distinct()
        )
        {
            int at = marked.FindIndex(one =>
                one.Role is Role.Accessory or Role.SingleJoint && one.Answers.Contains(code) && one.Limits.CapsNothing
            );
            if (at >= 0)
                marked[at] = marked[at] with { GrowsFor = marked[at].GrowsFor ?? code };
        }
        return marked;
    }
}
