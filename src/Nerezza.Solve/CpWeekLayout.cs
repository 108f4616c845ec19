using Google.OrTools.Sat;
using Nerezza.Core.Selection;

namespace Nerezza.Solve;

/// <summary>Lays the sessions on the week's days by constraint programming: each session on one day, the least cost, proved; else the
/// greedy week stands.</summary>
/// <param name="seed">Must not matter: the best week is unique.</param>
public sealed class CpWeekLayout(int seed = 1) : IWeekLayout
{
    private const double DeterministicSeconds = 2;
    private static readonly GreedyWeekLayout Greedy = new();

    /// <inheritdoc/>
    public IReadOnlyList<int> LayOut(WeekLayoutProblem problem)
    {
        if (problem.Count <= 1)
            return Greedy.LayOut(problem);
        var model = new CpModel();
        BoolVar[][] on =
        [
            .. Enumerable
                .Range(0, problem.Count)
                .Select(s => Enumerable.Range(0, problem.Count).Select(d => model.NewBoolVar($"{s} on {d}")).ToArray()),
        ];
        for (int i = 0; i < problem.Count; i++)
        {
            model.AddExactlyOne(on[i]);
            model.AddExactlyOne(on.Select(row => row[i]));
        }
        InTurn(problem, model, on);
        model.Minimize(LinearExpr.Sum([.. Alone(problem, on), .. Together(problem, model, on)]));
        // Plain search proves so small a week sooner than presolve and relaxation do (docs/measured.md).
        var solver = new CpSolver
        {
            StringParameters =
                FormattableString.Invariant($"num_workers:1,random_seed:{seed},max_deterministic_time:{DeterministicSeconds},")
                + "linearization_level:0,cp_model_presolve:false,log_search_progress:false",
        };
        if (solver.Solve(model) is not CpSolverStatus.Optimal)
            return Greedy.LayOut(problem);
        return [.. on.Select(row => Array.FindIndex(row, solver.BooleanValue))];
    }

    /// <summary>Of sessions that are alike the first comes first: out of turn they cost more, so that this takes no best week
    /// away.</summary>
    private static void InTurn(WeekLayoutProblem problem, CpModel model, BoolVar[][] on)
    {
        int[] days = [.. Enumerable.Range(0, problem.Count)];
        for (int s = 0; s < problem.Count; s++)
        {
            int next = Array.FindIndex(days, s + 1, t => problem.Sessions[t] == problem.Sessions[s]);
            if (next >= 0)
                model.Add(LinearExpr.WeightedSum(on[s], days) + 1 <= LinearExpr.WeightedSum(on[next], days));
        }
    }

    private static IEnumerable<LinearExpr> Alone(WeekLayoutProblem problem, BoolVar[][] on) =>
        on.SelectMany(
            (row, s) =>
                row.Select((here, d) => LinearExpr.Term(here, problem.Alone[s][d] * ChoiceProblem.Scale + WeekLayoutProblem.Tie(s, d)))
        );

    private static IEnumerable<LinearExpr> Together(WeekLayoutProblem problem, CpModel model, BoolVar[][] on)
    {
        for (int s = 0; s < problem.Count; s++)
        for (int t = s + 1; t < problem.Count; t++)
        for (int d = 0; d < problem.Count; d++)
        for (int e = 0; e < problem.Count; e++)
        {
            if (d == e || problem.Together(s, d, t, e) is not (> 0 and var cost))
                continue;
            BoolVar both = model.NewBoolVar($"{s} on {d}, {t} on {e}");
            model.AddBoolOr([on[s][d].Not(), on[t][e].Not(), both]);
            yield return LinearExpr.Term(both, cost * ChoiceProblem.Scale);
        }
    }
}
