using Nerezza.Core.Clients;
using Nerezza.Core.Findings;

namespace Nerezza.Core.Selection;

/// <summary>What a coach could give up to get it, and what that costs.</summary>
public abstract record GiveUp
{
    private GiveUp() { }

    /// <summary>An exercise would do, and pass these limits.</summary>
    public sealed record Limits(string Exercise, IReadOnlyList<OverLimit> Over) : GiveUp;

    /// <summary>Everything that would do is ruled out; these stand nearest.</summary>
    public sealed record Filters(IReadOnlyList<PassedOver> Ruled) : GiveUp;
}

/// <summary>A limit that would be passed.</summary>
/// <param name="Muscle">Where the limit is a muscle's.</param>
/// <param name="By">Minutes, exercises, axial sets or hard sets a week.</param>
public sealed record OverLimit(CapKind Kind, Muscle? Muscle, double By);

/// <summary>A finding that nothing answers, with the way to answer it.</summary>
public sealed record Shortfall(FindingCode Finding, GiveUp GiveUp);

/// <summary>Finds for every finding that stays unanswered the exercise that would pass the fewest limits.</summary>
internal sealed class ShortfallBook(
    ChoiceProblem problem,
    Choice choice,
    SlotProblem written,
    IReadOnlyDictionary<string, PassedOver> ruledOut
)
{
    private const int MostFilters = 3;
    private readonly long[] _used = [.. problem.Caps.Select(cap => ChoiceProblem.Sum(cap.PerOption, choice.Taken))];

    public IReadOnlyList<Shortfall> Of(IReadOnlyList<FindingCode> unanswered) =>
        [.. unanswered.Select(code => new Shortfall(code, WayTo(code) as GiveUp ?? Filters(code)))];

    private GiveUp.Filters Filters(FindingCode code) =>
        new([
            .. Answers
                .FirstTo(code)
                .Concat(Enum.GetValues<AnswerRole>().SelectMany(role => Answers.Of(code, role)))
                .Distinct()
                .Where(ruledOut.ContainsKey)
                .Select(id => ruledOut[id])
                .OrderBy(reason => reason is PassedOver.NoKit kit ? kit.Missing.Count : 0)
                .ThenBy(reason => reason.Exercise, StringComparer.Ordinal)
                .Take(MostFilters),
        ]);

    /// <summary>The option that passes the fewest limits; null when one passes none, since then something else was worth more.</summary>
    private GiveUp.Limits? WayTo(FindingCode code)
    {
        List<(int Index, List<OverLimit> Over)> ways =
        [
            .. Enumerable
                .Range(0, written.Rows.Count)
                .Where(i => !choice.Taken[i] && written.Rows[i].Option.Answers.Contains(code))
                .Select(i => (i, OverBy(i))),
        ];
        if (ways.Count == 0 || ways.Exists(way => way.Over.Count == 0))
            return null;
        (int best, List<OverLimit> over) = ways.OrderBy(way => way.Over.Count)
            .ThenBy(way => way.Over.Sum(limit => limit.By))
            .ThenBy(way => problem.Options[way.Index].Id, StringComparer.Ordinal)
            .First();
        return new GiveUp.Limits(written.Rows[best].Option.Exercise.Id, over);
    }

    private List<OverLimit> OverBy(int option) =>
        [
            .. problem
                .Caps.Select((cap, i) => (cap, Over: _used[i] + cap.PerOption[option] - cap.Limit))
                .Where(row => row.Over > 0 && row.cap.PerOption[option] > 0)
                .Select(row => new OverLimit(row.cap.Kind, row.cap.Muscle, (double)row.Over / row.cap.Unit)),
        ];
}
