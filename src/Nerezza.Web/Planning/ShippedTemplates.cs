using System.Text.Json;
using System.Text.RegularExpressions;
using Nerezza.Formats;
using Nerezza.Formats.Plans;

namespace Nerezza.Web.Planning;

/// <summary>The templates that ship with Nerezza (Templates/*.json): three ways to spend a week.</summary>
internal static partial class ShippedTemplates
{
    /// <summary>By their names as ids.</summary>
    public static IReadOnlyDictionary<string, TemplateDocument> All { get; } = Read();

    private static SortedDictionary<string, TemplateDocument> Read()
    {
        SortedDictionary<string, TemplateDocument> all = new(StringComparer.Ordinal);
        foreach (string name in typeof(ShippedTemplates).Assembly.GetManifestResourceNames())
        {
            if (Name().Match(name) is not { Success: true } match)
                continue;
            using Stream json = typeof(ShippedTemplates).Assembly.GetManifestResourceStream(name)!;
            all[match.Groups[1].Value] = JsonSerializer.Deserialize<TemplateDocument>(json, Json.Options)!;
        }
        return all;
    }

    [GeneratedRegex(@"\.Templates\.([a-z0-9-]+)\.json$")]
    private static partial Regex Name();
}
