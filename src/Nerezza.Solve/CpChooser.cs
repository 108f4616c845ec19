using Google.OrTools.Sat;
using Nerezza.Core.Selection;

namespace Nerezza.Solve;

/// <summary>Chooses what stands in the slots of a week by constraint programming. The same problem gives the same choice: one worker, a
/// fixed seed, a limit in deterministic time, and a worth that a hash of the id makes unique. Where options taken in part are worth no more
/// than a choice found by search, that is proof already; where the limit comes before any, the best found by then stands, and the plan says
/// so.</summary>
/// <param name="seed">Must not matter: the best choice is unique.</param>
public sealed class CpChooser(int seed = 1) : IChooser
{
    private const double DeterministicSeconds = 0.04;
    private static readonly GreedyChooser Greedy = new();

    /// <inheritdoc/>
    public Choice Choose(ChoiceProblem problem)
    {
        if (problem.Options.Count == 0)
            return new Choice([], Proof.Optimal);
        Relaxation? relaxed = Relaxation.Of(problem);
        Choice? begun = relaxed is null ? null : GreedyChooser.Begun(problem, relaxed.First);
        if (Proved(problem, relaxed, begun) is { } soon)
            return soon;
        Choice greedy = Better(problem, GreedyChooser.Searched(problem, Greedy.Choose(problem)), begun);
        if (Proved(problem, relaxed, greedy) is { } proved)
            return proved;
        var model = new ChoiceModel(problem);
        model.Hint(greedy.Taken);
        return model.Solve(Parameters()) switch
        {
            { Proof: Proof.Optimal } best => best,
            { } found => GreedyChooser.Polished(problem, found),
            null => greedy,
        };
    }

    private static Choice? Proved(ChoiceProblem problem, Relaxation? relaxed, Choice? choice) =>
        choice is not null && relaxed?.Proves(problem, choice) == true ? choice with { Proof = Proof.Optimal } : null;

    private static Choice Better(ChoiceProblem problem, Choice one, Choice? other) =>
        other is not null && problem.WorthOf(other.Taken) > problem.WorthOf(one.Taken) ? other : one;

    /// <summary>The best choice that is not the given one; null when it was not proved.</summary>
    public IReadOnlyList<bool>? NextBest(ChoiceProblem problem, IReadOnlyList<bool> best)
    {
        var model = new ChoiceModel(problem);
        model.Forbid(best);
        return model.Solve(Parameters()) is { Proof: Proof.Optimal } next ? next.Taken : null;
    }

    /// <summary>Loads the native library, so that the first plan does not wait for it.</summary>
    public static void Warm() =>
        _ = new CpChooser().Choose(
            new ChoiceProblem
            {
                Options = [new ChoiceOption("warm", 1)],
                Caps = [],
                Wants = [],
                Groups = [],
            }
        );

    /// <summary>What proves these problems soonest (docs/measured.md).</summary>
    private string Parameters() =>
        FormattableString.Invariant($"num_workers:1,random_seed:{seed},max_deterministic_time:{DeterministicSeconds},")
        + "linearization_level:2,cut_level:1,cp_model_probing_level:0,symmetry_level:0,max_presolve_iterations:1,log_search_progress:false";
}

/// <summary>A problem as a CP-SAT model: one yes or no for each option.</summary>
internal sealed class ChoiceModel
{
    private readonly CpModel _model = new();
    private readonly BoolVar[] _taken;

    public ChoiceModel(ChoiceProblem problem)
    {
        _taken = [.. problem.Options.Select(option => _model.NewBoolVar(option.Id))];
        foreach (ChoiceCap cap in problem.Caps)
            _model.Add(Weighted(cap.PerOption) <= cap.Limit);
        foreach (ChoiceGroup group in problem.Groups)
            if (group.Most == 1)
                _model.AddAtMostOne(group.Members.Select(member => _taken[member]));
            else
                _model.Add(LinearExpr.Sum(group.Members.Select(member => _taken[member])) <= group.Most);
        _model.Maximize(
            LinearExpr.Sum([
                .. problem.Options.Select(
                    (option, i) => LinearExpr.Term(_taken[i], option.Worth * ChoiceProblem.Scale + ChoiceProblem.Hash(option.Id))
                ),
                .. problem.Wants.Select(Short),
            ])
        );
    }

    /// <summary>The best choice, proved or not; null when none was found within the limit.</summary>
    public Choice? Solve(string parameters)
    {
        var solver = new CpSolver { StringParameters = parameters };
        CpSolverStatus status = solver.Solve(_model);
        return status is CpSolverStatus.Optimal or CpSolverStatus.Feasible
            ? new Choice([.. _taken.Select(solver.BooleanValue)], status is CpSolverStatus.Optimal ? Proof.Optimal : Proof.Found)
            : null;
    }

    /// <summary>Where to look first.</summary>
    public void Hint(IReadOnlyList<bool> taken)
    {
        for (int i = 0; i < _taken.Length; i++)
            _model.AddHint(_taken[i], taken[i]);
    }

    /// <summary>Cuts one choice off.</summary>
    public void Forbid(IReadOnlyList<bool> taken) => _model.AddBoolOr(_taken.Select((option, i) => taken[i] ? option.Not() : option));

    private LinearExpr Weighted(IReadOnlyList<int> each) =>
        LinearExpr.Sum(
            _taken.Select((option, i) => (option, By: each[i])).Where(row => row.By != 0).Select(row => LinearExpr.Term(row.option, row.By))
        );

    private LinearExpr Short(ChoiceWant want)
    {
        long least = want.PerOption.Sum(each => Math.Min(0L, each));
        IntVar missing = _model.NewIntVar(0, Math.Max(0, want.Needed - least), want.Name);
        _model.Add(Weighted(want.PerOption) + missing >= want.Needed);
        return LinearExpr.Term(missing, -(long)want.CostEach * ChoiceProblem.Scale);
    }
}
