using Google.OrTools.LinearSolver;
using Nerezza.Core.Selection;

namespace Nerezza.Solve;

/// <summary>A problem in which an option may be taken in part, solved as a linear programme (GLOP, OR-Tools): no choice is worth more than
/// its best, and what it takes nearly whole is a good place to begin.</summary>
/// <param name="Most">The bound, in worth with the ties' hashes as parts of one.</param>
/// <param name="Shares">How much of each option it takes, 0 to 1.</param>
internal sealed record Relaxation(double Most, IReadOnlyList<double> Shares)
{
    /// <summary>More than rounding makes of a worth of a hundred thousand, and less than the hashes of two ties hardly ever differ by: what
    /// is not told apart so goes on to the other solver.</summary>
    private const double Tolerance = 1e-5;

    /// <summary>Options that it takes less of are no beginning (assumption).</summary>
    private const double LeastShare = 0.3;

    /// <summary>The relaxation of a problem; null where the solver gives up.</summary>
    public static Relaxation? Of(ChoiceProblem problem)
    {
        using Solver solver = Solver.CreateSolver("GLOP");
        Variable[] taken = [.. problem.Options.Select(_ => solver.MakeNumVar(0, 1, ""))];
        Objective worth = solver.Objective();
        worth.SetMaximization();
        foreach ((ChoiceOption option, Variable share) in problem.Options.Zip(taken))
            worth.SetCoefficient(share, option.Worth + Tie(option));
        foreach (ChoiceCap cap in problem.Caps)
            Weigh(solver.MakeConstraint(double.NegativeInfinity, cap.Limit), taken, cap.PerOption);
        foreach (ChoiceGroup group in problem.Groups)
        {
            Constraint few = solver.MakeConstraint(double.NegativeInfinity, group.Most);
            foreach (int member in group.Members)
                few.SetCoefficient(taken[member], 1);
        }
        foreach (ChoiceWant want in problem.Wants)
        {
            Constraint wanted = solver.MakeConstraint(want.Needed, double.PositiveInfinity);
            Variable missing = solver.MakeNumVar(0, double.PositiveInfinity, "");
            worth.SetCoefficient(missing, -want.CostEach);
            wanted.SetCoefficient(missing, 1);
            Weigh(wanted, taken, want.PerOption);
        }
        return solver.Solve() is Solver.ResultStatus.OPTIMAL
            ? new Relaxation(worth.Value(), [.. taken.Select(share => share.SolutionValue())])
            : null;
    }

    /// <summary>Whether no choice can be better than this one.</summary>
    public bool Proves(ChoiceProblem problem, Choice choice) =>
        problem.WorthOf(choice.Taken) / (double)ChoiceProblem.Scale >= Most - Tolerance;

    /// <summary>Options to begin with, what it takes most of first.</summary>
    public IEnumerable<int> First =>
        Enumerable
            .Range(0, Shares.Count)
            .Where(i => Shares[i] > LeastShare)
            .OrderByDescending(i => Math.Round(Shares[i], 6))
            .ThenBy(i => i);

    private static double Tie(ChoiceOption option) => ChoiceProblem.Hash(option.Id) / (double)ChoiceProblem.Scale;

    private static void Weigh(Constraint row, Variable[] taken, IReadOnlyList<int> each)
    {
        for (int i = 0; i < each.Count; i++)
            if (each[i] != 0)
                row.SetCoefficient(taken[i], each[i]);
    }
}
