using System.Text.Json;
using Nerezza.Core;
using Nerezza.Core.Catalogue;
using Nerezza.Formats;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Plans;
using Nerezza.Solve;

namespace Nerezza.Cli;

/// <summary>plan: cases in, plans out. One case is printed over several lines, several as JSON Lines; one bad case fails the
/// call.</summary>
internal static class PlanVerb
{
    private const int BadInput = 2;
    private static readonly JsonSerializerOptions Readable = new(Json.Options) { WriteIndented = true };

    /// <param name="write">Writes the plans of all cases.</param>
    public static int Run(
        IReadOnlyList<string> files,
        Action<IReadOnlyList<Plan>, TextWriter> write,
        Stream input,
        TextWriter output,
        TextWriter errors
    )
    {
        List<ClientCase> cases = [];
        bool failed = false;
        foreach (string file in files)
        {
            string prefix = files.Count > 1 ? $"{file}: " : "";
            switch (Read(file, input))
            {
                case CaseReading.Valid valid:
                    cases.Add(valid.Case);
                    break;
                case CaseReading.Faulty faulty:
                    failed = true;
                    foreach (var fault in faulty.Faults)
                        errors.WriteLine(prefix + fault);
                    break;
            }
        }
        if (failed)
            return BadInput;
        var planner = new Planner(ExerciseCatalogue.Shipped, new CpChooser(), new CpWeekLayout());
        write([.. cases.Select(planner.Make)], output);
        return 0;
    }

    /// <summary>One plan as JSON over several lines, several as JSON Lines.</summary>
    public static void AsJson(IReadOnlyList<Plan> plans, TextWriter output)
    {
        var mapping = new PlanMapping(ExerciseCatalogue.Shipped);
        foreach (Plan plan in plans)
            output.WriteLine(JsonSerializer.Serialize(mapping.ToDocument(plan), plans.Count == 1 ? Readable : Json.Options));
    }

    /// <summary>Each plan as a coach reads it, one after another.</summary>
    public static void AsTable(IReadOnlyList<Plan> plans, TextWriter output)
    {
        var table = new PlanTable(ExerciseCatalogue.Shipped);
        foreach (string line in plans.SelectMany(table.Lines))
            output.WriteLine(line);
    }

    private static CaseReading Read(string file, Stream input)
    {
        try
        {
            using Stream stream = file == "-" ? input : File.OpenRead(file);
            using var bytes = new MemoryStream();
            // One byte past the limit is enough to know that it is too large.
            byte[] buffer = new byte[81920];
            for (int read = 1; read > 0 && bytes.Length <= CaseReader.MostBytes; bytes.Write(buffer, 0, read))
                read = stream.Read(buffer);
            return CaseReader.Read(bytes.ToArray());
        }
        catch (Exception fault) when (fault is IOException or UnauthorizedAccessException)
        {
            return new CaseReading.Faulty([new Formats.Shapes.Fault("", $"{file} cannot be read: {fault.Message}")]);
        }
    }
}
