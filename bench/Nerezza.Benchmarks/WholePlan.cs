using BenchmarkDotNet.Attributes;
using Nerezza.Core;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Selection;
using Nerezza.Formats.Cases;
using Nerezza.Solve;

namespace Nerezza.Benchmarks;

/// <summary>A whole plan from a case, warm; the budget is a median of 50 ms, of which our rules 5 ms.</summary>
public class WholePlan
{
    private readonly Planner _planner = new(ExerciseCatalogue.Shipped, new CpChooser(), new CpWeekLayout());
    private readonly Planner _rules = new(ExerciseCatalogue.Shipped, new ChoosesNothing(), new GreedyWeekLayout());
    private ClientCase _case = null!;

    [Params("deckhand", "masters-lifter", "crane-driver")]
    public string Case { get; set; } = "";

    [GlobalSetup]
    public void Read()
    {
        string root =
            Environment.GetEnvironmentVariable("NEREZZA_ROOT") ?? throw new InvalidOperationException("Run it by ./nerezza bench.");
        _case = ((CaseReading.Valid)CaseReader.Read(File.ReadAllBytes(Path.Combine(root, $"docs/formats/examples/{Case}.json")))).Case;
    }

    [Benchmark]
    public Plan Make() => _planner.Make(_case);

    /// <summary>The rules alone: everything but the solver, with no accessory chosen.</summary>
    [Benchmark]
    public Plan MakeWithoutSolver() => _rules.Make(_case);

    private sealed class ChoosesNothing : IChooser
    {
        public Choice Choose(ChoiceProblem problem) => new(new bool[problem.Options.Count], Proof.Found);
    }
}
