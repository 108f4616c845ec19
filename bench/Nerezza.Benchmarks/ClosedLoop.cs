using Nerezza.Core;
using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Floor;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;
using Nerezza.Formats.Cases;
using Nerezza.Web.Demo;

namespace Nerezza.Benchmarks;

/// <summary>Simulated lifters train twelve weeks under Nerezza, day by day on the newest estimates, taking what the floor
/// proposes.</summary>
internal static class ClosedLoop
{
    public static void Print(string root, int lifters)
    {
        byte[] example = File.ReadAllBytes(Path.Combine(root, "docs/formats/examples/deckhand.json"));
        ClientCase @case = ((CaseReading.Valid)CaseReader.Read(example)).Case;
        LoopResult[] all = new LoopResult[lifters];
        Parallel.For(0, lifters, seed => all[seed] = new Training(@case, seed).Train());
        new LoopResult([.. all.SelectMany(one => one.Sets)], [.. all.SelectMany(one => one.Estimates)]).Print(Console.Out, lifters);
    }
}
