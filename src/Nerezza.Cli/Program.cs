namespace Nerezza.Cli;

/// <summary>The command line: plan and schema, with no server and no database.</summary>
internal static class EntryPoint
{
    private const int BadUsage = 2;

    private static int Main(string[] args) =>
        args switch
        {
            ["plan", "--table", .. var files] when files.Length > 0 => Table(files),
            ["plan", .. var files, "--table"] when files.Length > 0 => Table(files),
            ["plan", .. var files] when files.Length > 0 => PlanVerb.Run(
                files,
                PlanVerb.AsJson,
                Console.OpenStandardInput(),
                Console.Out,
                Console.Error
            ),
            ["schema", var name] => SchemaVerb.Run(name, Console.Out, Console.Error),
            _ => Usage(),
        };

    private static int Table(IReadOnlyList<string> files) =>
        PlanVerb.Run(files, PlanVerb.AsTable, Console.OpenStandardInput(), Console.Out, Console.Error);

    private static int Usage()
    {
        Console.Error.WriteLine("usage: nerezza plan CASE.json [MORE.json ...]   (- reads standard input)");
        Console.Error.WriteLine("       nerezza plan CASE.json [MORE.json ...] --table   as a coach reads it");
        Console.Error.WriteLine("       nerezza schema case|plan");
        return BadUsage;
    }
}
