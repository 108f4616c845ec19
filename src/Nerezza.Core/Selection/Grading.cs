using Nerezza.Core.Catalogue;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening;

namespace Nerezza.Core.Selection;

/// <summary>How well an exercise answers a finding (docs/handbook/09-composition.md#9-4-purposes-in-order): 1 where it is a first answer to
/// the very fault that was seen, 0.6 where it trains what is asked, 0.3 where it merely touches it, 0 else.</summary>
public static class Grading
{
    private static readonly GradeRule Rule = SlotRules.Shipped.Grades;

    /// <summary>The grade from which an exercise counts as an answer.</summary>
    public static double CountsFrom => Rule.CountsFrom;

    /// <summary>Grade of a first answer.</summary>
    public static double First => Rule.First;

    /// <summary>The grade, 0 to 1.</summary>
    public static double Of(Exercise exercise, Finding finding)
    {
        string id = exercise.AnswersLike ?? exercise.Id;
        if (PlaceOf(id, finding) >= 0)
            return Rule.First;
        if (Answers.Of(finding.Code, AnswerRole.Accessory).Contains(id) || Answers.Of(finding.Code, AnswerRole.Main).Contains(id))
            return Rule.Further;
        bool touches =
            finding.Asks.Muscles.Any(muscle => exercise.ShareOf(muscle) >= 0.5) || finding.Asks.Positions.Any(exercise.Positions.Contains);
        return touches ? Rule.Touch : 0;
    }

    /// <summary>The same, a little less for each place among the first answers that it comes later.</summary>
    public static double InOrder(Exercise exercise, Finding finding) =>
        Of(exercise, finding) - Rule.EachPlace * Math.Max(0, PlaceOf(exercise.AnswersLike ?? exercise.Id, finding));

    /// <summary>The best grade among answered findings; null where none is answered.</summary>
    public static double? BestOf(Exercise exercise, IReadOnlyList<Finding> findings, IReadOnlyList<FindingCode> answers) =>
        findings
            .Where(finding => answers.Contains(finding.Code))
            .Select(finding => (double?)Math.Max(Of(exercise, finding), Rule.Touch))
            .DefaultIfEmpty(null)
            .Max();

    /// <summary>The first answers to a finding: of its faults, else its own.</summary>
    public static IEnumerable<string> FirstAnswersTo(Finding finding) =>
        FaultsOf(finding).SelectMany(Answers.FirstTo).ToList() is { Count: > 0 } first ? first : Answers.FirstTo(finding.Code);

    /// <summary>The pattern of the lift in which a finding's fault was seen; null where it came of no fault.</summary>
    public static Pattern? SeenIn(Finding finding, PreparedCase prepared) =>
        finding
            .Evidence.Select(one => one.Measure)
            .OfType<Measure.Fault>()
            .Where(fault => fault.Entry < prepared.Case.Faults.Count)
            .Select(fault => (Pattern?)prepared.Catalogue[prepared.Case.Faults[fault.Entry].Lift].Pattern)
            .FirstOrDefault();

    /// <summary>The faults that a finding came of.</summary>
    public static IReadOnlyList<FaultCode> FaultsOf(Finding finding) =>
        [.. finding.Evidence.Select(one => one.Measure).OfType<Measure.Fault>().Select(fault => fault.Code).Distinct()];

    private static int PlaceOf(string id, Finding finding)
    {
        // What no fault names falls back on the finding's own first answers, so that a fault without exercises of its own has some too.
        bool named = false;
        foreach (Evidence one in finding.Evidence)
        {
            if (one.Measure is not Measure.Fault seen || Answers.FirstTo(seen.Code) is not { Count: > 0 } first)
                continue;
            named = true;
            if (IndexIn(first, id) is >= 0 and var at)
                return at;
        }
        return named ? -1 : IndexIn(Answers.FirstTo(finding.Code), id);
    }

    private static int IndexIn(IReadOnlyList<string> ids, string id)
    {
        for (int i = 0; i < ids.Count; i++)
            if (ids[i] == id)
                return i;
        return -1;
    }
}
