using Nerezza.Cli.Server;

namespace Nerezza.Cli;

/// <summary>The command line: plan and schema, with no server and no database; and what a running server is asked with a token.</summary>
internal static class EntryPoint
{
    private const int BadUsage = 2;

    private static async Task<int> Main(string[] args) =>
        args switch
        {
            ["plan", "--client", var client] => await Ask(server => server.Plan(client)),
            ["log", "--client", var client] => await Ask(server => server.Log(client)),
            ["log", "--client", var client, var file] => await Ask(server => server.TakeIn(client, file)),
            ["export", "--client", var client, var file] => await Ask(server => server.ExportClient(client, file)),
            ["export", var file] when !file.StartsWith('-') => await Ask(server => server.ExportPractice(file)),
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

    private static async Task<int> Ask(Func<ServerVerbs, Task<int>> verb)
    {
        string said = Environment.GetEnvironmentVariable("NEREZZA_SERVER") ?? ServerCalls.DefaultAddress;
        if (!Uri.TryCreate(said.TrimEnd('/') + "/", UriKind.Absolute, out Uri? address) || address.Scheme is not ("http" or "https"))
        {
            await Console.Error.WriteLineAsync($"nerezza: NEREZZA_SERVER is '{said}'; an address such as https://gym.example expected");
            return BadUsage;
        }
        if (Environment.GetEnvironmentVariable("NEREZZA_TOKEN") is not { Length: > 0 } token)
        {
            await Console.Error.WriteLineAsync("nerezza: NEREZZA_TOKEN is not set; make a token under Account and set it to that");
            return BadUsage;
        }
        using var server = new ServerCalls(address, token);
        return await verb(new ServerVerbs(server, Console.OpenStandardOutput(), Console.Error));
    }

    private static int Usage()
    {
        Console.Error.WriteLine("usage: nerezza plan CASE.json [MORE.json ...]   (- reads standard input)");
        Console.Error.WriteLine("       nerezza plan CASE.json [MORE.json ...] --table   as a coach reads it");
        Console.Error.WriteLine("       nerezza schema case|plan|exercises|template");
        Console.Error.WriteLine("of a running server (NEREZZA_SERVER, NEREZZA_TOKEN):");
        Console.Error.WriteLine("       nerezza plan --client NAME|ID");
        Console.Error.WriteLine("       nerezza log --client NAME|ID [FILE]   prints the log as CSV, or takes a file of sets in");
        Console.Error.WriteLine("       nerezza export FILE.zip | export --client NAME|ID FILE.zip");
        return BadUsage;
    }
}
