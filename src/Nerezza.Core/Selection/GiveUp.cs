using Nerezza.Core.Clients;
using Nerezza.Core.Findings;

namespace Nerezza.Core.Selection;

/// <summary>What the choice could not give.</summary>
public abstract record Lack
{
    private Lack() { }

    /// <summary>A finding that nothing answers.</summary>
    public sealed record Finding(FindingCode Code) : Lack;

    /// <summary>A muscle under its low limit.</summary>
    public sealed record Sets(Muscle Muscle) : Lack;

    /// <summary>A session of a pattern, such as push or pull.</summary>
    public sealed record Session(string Pattern) : Lack;
}

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

/// <summary>One thing that is short, with the way to get it.</summary>
public sealed record Shortfall(Lack Of, GiveUp GiveUp);

/// <summary>Finds for everything that stays short the exercise that would pass the fewest limits.</summary>
internal sealed class ShortfallBook(ChoiceProblem problem, Choice choice, IReadOnlyDictionary<string, PassedOver> ruledOut)
{
    private const int MostFilters = 3;
    private readonly int[] _used = [.. problem.Caps.Select(cap => Sum(cap.PerSession, choice))];

    public IReadOnlyList<Shortfall> Of(IReadOnlyList<FindingCode> unanswered) =>
        [
            .. unanswered.Select(code => new Shortfall(
                new Lack.Finding(code),
                WayTo(problem.Answers.Where(answer => answer.Finding == code).SelectMany(answer => answer.Members)) as GiveUp
                    ?? Filters(code)
            )),
            .. problem
                .Wants.Where(want => want.Of is not null && Sum(want.PerSession, choice) < want.Needed)
                .Select(want => (want.Of, Way: WayTo(Enumerable.Range(0, problem.Candidates.Count).Where(i => want.PerSession[i] > 0))))
                .Where(row => row.Way is not null)
                .Select(row => new Shortfall(row.Of!, row.Way!)),
        ];

    private GiveUp.Filters Filters(FindingCode code) =>
        new([
            .. Enum.GetValues<AnswerRole>()
                .SelectMany(role => Answers.Of(code, role))
                .Distinct()
                .Where(ruledOut.ContainsKey)
                .Select(id => ruledOut[id])
                .OrderBy(reason => reason is PassedOver.NoKit kit ? kit.Missing.Count : 0)
                .ThenBy(reason => reason.Exercise, StringComparer.Ordinal)
                .Take(MostFilters),
        ]);

    /// <summary>The candidate whose next session passes the fewest limits; null when one passes none, since then it was only not worth its
    /// cost.</summary>
    private GiveUp.Limits? WayTo(IEnumerable<int> candidates)
    {
        List<(int Index, List<OverLimit> Over)> ways =
        [
            .. candidates.Where(i => choice.Sessions[i] < problem.Candidates[i].SessionsMost).Select(i => (i, OverBy(i))),
        ];
        if (ways.Count == 0 || ways.Any(way => way.Over.Count == 0))
            return null;
        (int best, List<OverLimit> over) = ways.OrderBy(way => way.Over.Count)
            .ThenBy(way => way.Over.Sum(limit => limit.By))
            .ThenBy(way => problem.Candidates[way.Index].Id, StringComparer.Ordinal)
            .First();
        return new GiveUp.Limits(problem.Candidates[best].Id, over);
    }

    private List<OverLimit> OverBy(int candidate) =>
        [
            .. problem
                .Caps.Select((cap, i) => (cap, Over: _used[i] + cap.PerSession[candidate] - cap.Limit))
                .Where(row => row.Over > 0 && row.cap.PerSession[candidate] > 0)
                .Select(row => new OverLimit(row.cap.Kind, row.cap.Muscle, (double)row.Over / row.cap.Unit)),
        ];

    private static int Sum(IReadOnlyList<int> each, Choice choice)
    {
        int sum = 0;
        for (int i = 0; i < each.Count; i++)
            sum += each[i] * choice.Sessions[i];
        return sum;
    }
}
