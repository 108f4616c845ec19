using System.Runtime.InteropServices.JavaScript;
using System.Runtime.Versioning;
using Nerezza.Formats.Floor;
using Nerezza.Formats.Levers;

[assembly: SupportedOSPlatform("browser")]

namespace Nerezza.Page;

/// <summary>What the page can ask of Core: the very same rules as on the server.</summary>
public static partial class Exports
{
    /// <summary>Answers a question about levers; both are JSON text.</summary>
    [JSExport]
    public static string Levers(string question) => LeverCall.Answer(question);

    /// <summary>Answers what the next set should be; both are JSON text.</summary>
    [JSExport]
    public static string Advice(string question) => AdviceCall.Answer(question);

    /// <summary>Answers what changes by how the client comes in; both are JSON text.</summary>
    [JSExport]
    public static string Readiness(string question) => ReadinessCall.Answer(question);

    /// <summary>Answers who is next among several lifters; both are JSON text.</summary>
    [JSExport]
    public static string Hour(string question) => HourCall.Answer(question);

    /// <summary>Answers what falls away when minutes are short; both are JSON text.</summary>
    [JSExport]
    public static string TimeShort(string question) => TimeShortCall.Answer(question);
}

internal static class Program
{
    private static void Main()
    {
        // The page calls the exports; there is nothing to run at the start.
    }
}
