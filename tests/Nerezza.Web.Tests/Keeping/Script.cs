using System.Diagnostics;
using Nerezza.Tests.Shared;

namespace Nerezza.Web.Tests.Keeping;

/// <summary>Runs the functions of the one script, as ./nerezza does; what is built stays as it is.</summary>
internal static class Script
{
    /// <summary>Starts it.</summary>
    /// <param name="verb">A function with its arguments, in the shell's own words.</param>
    public static Process Start(string verb, IReadOnlyDictionary<string, string>? settings = null)
    {
        var start = new ProcessStartInfo(
            "bash",
            [
                "-c",
                $"""
                set -euo pipefail
                for part in say install database backup build account start; do source "$root/scripts/$part.sh"; done
                build_server() {"{ :; }"}
                {verb}
                """,
            ]
        )
        {
            RedirectStandardOutput = true,
            RedirectStandardError = true,
            WorkingDirectory = ServerProcess.Root,
        };
        start.Environment["root"] = ServerProcess.Root;
        foreach ((string name, string value) in settings ?? new Dictionary<string, string>())
            start.Environment[name] = value;
        return Process.Start(start)!;
    }

    /// <summary>Runs it to its end.</summary>
    public static async Task<(int Code, string Said)> Run(string verb, IReadOnlyDictionary<string, string>? settings = null)
    {
        using Process process = Start(verb, settings);
        return await End(process);
    }

    /// <summary>Waits for its end.</summary>
    public static async Task<(int Code, string Said)> End(Process process)
    {
        Task<string> output = process.StandardOutput.ReadToEndAsync(),
            errors = process.StandardError.ReadToEndAsync();
        await process.WaitForExitAsync();
        return (process.ExitCode, await output + await errors);
    }
}
