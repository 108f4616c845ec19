using Google.OrTools.Sat;
using Nerezza.Core.Selection;

namespace Nerezza.Solve;

/// <summary>Chooses the set of accessories by constraint programming. The same problem gives the same choice: one worker, a fixed seed,
/// a limit in deterministic time, and a worth that a hash of the id makes unique. An answer counts only when it is proved best; else the
/// greedy one stands.</summary>
/// <param name="seed">Must not matter: the best choice is unique.</param>
public sealed class CpChooser(int seed = 1) : IChooser
{
    private const double DeterministicSeconds = 2;
    private static readonly GreedyChooser Greedy = new();

    /// <inheritdoc/>
    public Choice Choose(ChoiceProblem problem)
    {
        if (problem.Candidates.Count == 0)
            return new Choice([], Proof.Optimal);
        var model = new ChoiceModel(problem);
        return model.Solve(Parameters()) is { } sessions ? new Choice(sessions, Proof.Optimal) : Greedy.Choose(problem);
    }

    /// <summary>The best choice that is not the given one; null when it was not proved.</summary>
    public IReadOnlyList<int>? NextBest(ChoiceProblem problem, IReadOnlyList<int> best)
    {
        var model = new ChoiceModel(problem);
        model.Forbid(best);
        return model.Solve(Parameters());
    }

    /// <summary>Loads the native library, so that the first plan does not wait for it.</summary>
    public static void Warm() =>
        _ = new CpChooser().Choose(
            new ChoiceProblem
            {
                Candidates = [new ChoiceCandidate("warm", 1, 1)],
                Caps = [],
                Wants = [],
                Families = [],
                Answers = [],
                SessionCost = 0,
                RepeatCost = 0,
            }
        );

    /// <summary>Small problems: the plain linear relaxation proves them sooner than presolve and cuts pay for themselves
    /// (docs/measured.md).</summary>
    private string Parameters() =>
        FormattableString.Invariant($"num_workers:1,random_seed:{seed},max_deterministic_time:{DeterministicSeconds},")
        + "linearization_level:2,cut_level:0,cp_model_presolve:false,log_search_progress:false";
}

/// <summary>A problem as a CP-SAT model: one yes or no for each session of each candidate, the second only after the first.</summary>
internal sealed class ChoiceModel
{
    private readonly CpModel _model = new();
    private readonly ChoiceProblem _problem;
    private readonly BoolVar[][] _sessions;

    public ChoiceModel(ChoiceProblem problem)
    {
        _problem = problem;
        _sessions =
        [
            .. problem.Candidates.Select(candidate =>
                Enumerable.Range(1, candidate.SessionsMost).Select(nth => _model.NewBoolVar($"{candidate.Id} {nth}")).ToArray()
            ),
        ];
        foreach (BoolVar[] nths in _sessions)
            for (int nth = 1; nth < nths.Length; nth++)
                _model.AddImplication(nths[nth], nths[nth - 1]);
        foreach (ChoiceCap cap in problem.Caps)
            _model.Add(Weighted(cap.PerSession) <= cap.Limit);
        foreach (ChoiceFamily family in problem.Families)
            _model.Add(LinearExpr.Sum(family.Members.Select(Taken)) <= family.Most);
        _model.Maximize(LinearExpr.Sum([.. Scores(), .. AnswersWorth(), .. Shorts()]));
    }

    /// <summary>Sessions of the proved best choice; null when the limit came first.</summary>
    public IReadOnlyList<int>? Solve(string parameters)
    {
        var solver = new CpSolver { StringParameters = parameters };
        return solver.Solve(_model) is CpSolverStatus.Optimal ? [.. _sessions.Select(nths => nths.Count(solver.BooleanValue))] : null;
    }

    /// <summary>Cuts one choice off.</summary>
    public void Forbid(IReadOnlyList<int> sessions) =>
        _model.AddBoolOr(_sessions.SelectMany((nths, i) => nths.Select((nth, n) => n < sessions[i] ? nth.Not() : nth)));

    private BoolVar Taken(int candidate) => _sessions[candidate][0];

    private LinearExpr Weighted(IReadOnlyList<int> perSession) =>
        LinearExpr.Sum(
            _sessions.SelectMany((nths, i) => perSession[i] == 0 ? [] : nths.Select(nth => LinearExpr.Term(nth, perSession[i])))
        );

    private IEnumerable<LinearExpr> Scores()
    {
        for (int i = 0; i < _sessions.Length; i++)
        {
            ChoiceCandidate candidate = _problem.Candidates[i];
            yield return LinearExpr.Term(
                Taken(i),
                (candidate.Score - _problem.SessionCost) * ChoiceProblem.Scale + ChoiceProblem.Hash(candidate.Id)
            );
            // The first session brings the score, each further one its cost.
            foreach (BoolVar further in _sessions[i].Skip(1))
                yield return LinearExpr.Term(
                    further,
                    -(_problem.SessionCost + _problem.RepeatCost) * ChoiceProblem.Scale + ChoiceProblem.RepeatTie(candidate.Id)
                );
        }
    }

    private IEnumerable<LinearExpr> AnswersWorth()
    {
        foreach (ChoiceAnswer answer in _problem.Answers)
        {
            BoolVar given = _model.NewBoolVar(answer.Finding.ToString());
            _model.Add(LinearExpr.Sum(answer.Members.Select(Taken)) >= given);
            yield return LinearExpr.Term(given, answer.Worth * ChoiceProblem.Scale);
        }
    }

    private IEnumerable<LinearExpr> Shorts()
    {
        foreach (ChoiceWant want in _problem.Wants)
        {
            long least = _problem
                .Candidates.Select((candidate, i) => Math.Min(0L, (long)want.PerSession[i] * candidate.SessionsMost))
                .Sum();
            IntVar missing = _model.NewIntVar(0, Math.Max(0, want.Needed - least), want.Name);
            _model.Add(Weighted(want.PerSession) + missing >= want.Needed);
            yield return LinearExpr.Term(missing, -(long)want.CostEach * ChoiceProblem.Scale);
        }
    }
}
