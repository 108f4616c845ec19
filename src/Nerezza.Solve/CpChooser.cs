using Google.OrTools.Sat;
using Nerezza.Core.Selection;

namespace Nerezza.Solve;

/// <summary>Chooses the set of accessories by constraint programming. The same problem gives the same choice: one worker, a fixed seed,
/// a limit in deterministic time, and a worth that a hash of the id makes unique. An answer counts only when it is proved best; else the greedy one stands.</summary>
/// <param name="seed">Must not matter: the best choice is unique.</param>
public sealed class CpChooser(int seed = 1) : IChooser
{
    private const double DeterministicSeconds = 2;
    private static readonly GreedyChooser Greedy = new();

    /// <inheritdoc/>
    public Choice Choose(ChoiceProblem problem)
    {
        if (problem.Candidates.Count == 0) return new Choice([], Proof.Optimal);
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
    public static void Warm() => _ = new CpChooser().Choose(new ChoiceProblem([new ChoiceCandidate("warm", 1, 1)], [], [], [], [], 0, 0));

    private string Parameters() => FormattableString.Invariant(
        $"num_workers:1,random_seed:{seed},max_deterministic_time:{DeterministicSeconds},linearization_level:2,log_search_progress:false");
}

/// <summary>A problem as a CP-SAT model: sessions of each candidate, and whether it is taken at all.</summary>
internal sealed class ChoiceModel
{
    private readonly CpModel _model = new();
    private readonly ChoiceProblem _problem;
    private readonly IntVar[] _sessions;
    private readonly BoolVar[] _taken;

    public ChoiceModel(ChoiceProblem problem)
    {
        _problem = problem;
        _sessions = [.. problem.Candidates.Select(candidate => _model.NewIntVar(0, candidate.SessionsMost, candidate.Id))];
        _taken = [.. problem.Candidates.Select(candidate => _model.NewBoolVar(candidate.Id))];
        for (int i = 0; i < _taken.Length; i++)
        {
            _model.Add(_sessions[i] >= _taken[i]);
            _model.Add(_sessions[i] <= problem.Candidates[i].SessionsMost * (LinearExpr)_taken[i]);
        }
        foreach (ChoiceCap cap in problem.Caps) _model.Add(LinearExpr.WeightedSum(_sessions, cap.PerSession) <= cap.Limit);
        foreach (ChoiceFamily family in problem.Families) _model.Add(LinearExpr.Sum(family.Members.Select(member => _taken[member])) <= family.Most);
        _model.Maximize(LinearExpr.Sum([.. Scores(), .. AnswersWorth(), .. Shorts()]));
    }

    /// <summary>Sessions of the proved best choice; null when the limit came first.</summary>
    public IReadOnlyList<int>? Solve(string parameters)
    {
        var solver = new CpSolver { StringParameters = parameters };
        return solver.Solve(_model) is CpSolverStatus.Optimal ? [.. _sessions.Select(sessions => (int)solver.Value(sessions))] : null;
    }

    /// <summary>Cuts one choice off.</summary>
    public void Forbid(IReadOnlyList<int> sessions)
    {
        List<ILiteral> differs = [];
        for (int i = 0; i < sessions.Count; i++)
        {
            BoolVar other = _model.NewBoolVar($"differs {i}");
            _model.Add(_sessions[i] != sessions[i]).OnlyEnforceIf(other);
            differs.Add(other);
        }
        _model.AddBoolOr(differs);
    }

    private IEnumerable<LinearExpr> Scores()
    {
        for (int i = 0; i < _taken.Length; i++)
        {
            ChoiceCandidate candidate = _problem.Candidates[i];
            long repeat = -(_problem.SessionCost + _problem.RepeatCost) * ChoiceProblem.Scale + ChoiceProblem.RepeatTie(candidate.Id);
            // The first session brings the score, each further one its cost.
            yield return LinearExpr.Term(_taken[i], (candidate.Score - _problem.SessionCost) * ChoiceProblem.Scale + ChoiceProblem.Hash(candidate.Id) - repeat);
            yield return LinearExpr.Term(_sessions[i], repeat);
        }
    }

    private IEnumerable<LinearExpr> AnswersWorth()
    {
        foreach (ChoiceAnswer answer in _problem.Answers)
        {
            BoolVar given = _model.NewBoolVar(answer.Finding.ToString());
            _model.Add(LinearExpr.Sum(answer.Members.Select(member => _taken[member])) >= given);
            yield return LinearExpr.Term(given, answer.Worth * ChoiceProblem.Scale);
        }
    }

    private IEnumerable<LinearExpr> Shorts()
    {
        foreach (ChoiceWant want in _problem.Wants)
        {
            long least = _problem.Candidates.Select((candidate, i) => Math.Min(0L, (long)want.PerSession[i] * candidate.SessionsMost)).Sum();
            IntVar missing = _model.NewIntVar(0, Math.Max(0, want.Needed - least), want.Name);
            _model.Add(LinearExpr.WeightedSum(_sessions, want.PerSession) + missing >= want.Needed);
            yield return LinearExpr.Term(missing, -(long)want.CostEach * ChoiceProblem.Scale);
        }
    }
}
