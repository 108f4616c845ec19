using BenchmarkDotNet.Attributes;
using Nerezza.Core;
using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Formats.Cases;
using Nerezza.Solve;

namespace Nerezza.Benchmarks;

/// <summary>One edit of a twelve-week block: the edit, its session, ledger and checks; the budget is 2 ms.</summary>
public class OneEdit
{
    private PreparedPlan _basis = null!;
    private CellPlace _at = null!;
    private int _turn;

    [GlobalSetup]
    public void Prepare()
    {
        string root =
            Environment.GetEnvironmentVariable("NEREZZA_ROOT") ?? throw new InvalidOperationException("Run it by ./nerezza bench.");
        ClientCase @case = (
            (CaseReading.Valid)CaseReader.Read(File.ReadAllBytes(Path.Combine(root, "docs/formats/examples/deckhand.json")))
        ).Case;
        _basis = new Planner(ExerciseCatalogue.Shipped, new CpChooser(), new CpWeekLayout()).Prepare(
            @case with
            {
                Block = @case.Block with { Weeks = 12, Kind = BlockKind.Strength },
            }
        );
        var session = _basis.Plan.Block!.Weeks[5].Sessions[0];
        _at = new CellPlace(6, session.Day, session.Items[0].Exercise);
    }

    /// <summary>Repetitions take turns, so that no answer can be kept from the time before.</summary>
    [Benchmark]
    public Plan Edit() => Planner.Finish(_basis, [new BlockEdit.Write(_at, new CellValues { Reps = 3 + _turn++ % 4 })]);
}
