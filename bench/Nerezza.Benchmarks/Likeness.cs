using Nerezza.Core;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Selection;
using Nerezza.Formats.Cases;
using Nerezza.Solve;

namespace Nerezza.Benchmarks;

/// <summary>How alike programs are: over the shared clients and forty mixed ones, the mean overlap (Jaccard) of what stands besides
/// drills and main lifts between every two, and the exercises that stand in most programs. At most 0.25 and 55 % are wanted.</summary>
internal static class Likeness
{
    private const int Most = 10;

    /// <summary>Prints it.</summary>
    /// <param name="folders">Where case files lie.</param>
    public static void Print(IEnumerable<string> folders)
    {
        var planner = new Planner(ExerciseCatalogue.Shipped, new CpChooser(), new CpWeekLayout());
        List<HashSet<string>> programs =
        [
            .. Shared(folders)
                .Concat(MixedClients.All().Select(one => one.Case))
                .Select(one => planner.Make(one).Selection)
                .Select(selection => selection.All.Where(one => one.Purpose > Purpose.Main).Select(one => one.Exercise.Id).ToHashSet()),
        ];
        double mean = programs
            .SelectMany(
                (one, i) =>
                    programs.Skip(i + 1).Select(other => (double)one.Intersect(other).Count() / Math.Max(1, one.Union(other).Count()))
            )
            .Average();
        Console.WriteLine($"{programs.Count} programs, mean overlap {mean:0.000}");
        foreach (
            IGrouping<string, string> each in programs
                .SelectMany(one => one)
                .GroupBy(id => id)
                .OrderByDescending(each => each.Count())
                .Take(Most)
        )
            Console.WriteLine($"{100.0 * each.Count() / programs.Count, 5:0} %  {each.Key}");
    }

    private static IEnumerable<ClientCase> Shared(IEnumerable<string> folders) =>
        folders
            .SelectMany(folder => Directory.EnumerateFiles(folder, "*.json").Order(StringComparer.Ordinal))
            .Select(file => CaseReader.Read(File.ReadAllBytes(file)))
            .OfType<CaseReading.Valid>()
            .Select(read => read.Case);
}
