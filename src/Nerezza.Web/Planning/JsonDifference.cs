using System.Globalization;
using System.Text;
using System.Text.Json;
using System.Text.RegularExpressions;

namespace Nerezza.Web.Planning;

/// <summary>What is another between two documents, in words: the fields that differ, each as it was and as it is.</summary>
internal static partial class JsonDifference
{
    private const int Most = 12;

    /// <param name="names">What ids stand for.</param>
    public static (string Before, string After) InWords(string? before, string? after, IReadOnlyDictionary<string, string> names)
    {
        Dictionary<string, string> was = Leaves(before, names),
            now = Leaves(after, names);
        string[] differ = [.. was.Keys.Union(now.Keys).Where(path => was.GetValueOrDefault(path) != now.GetValueOrDefault(path))];
        return (Told(was, differ), Told(now, differ));
    }

    private static string Told(Dictionary<string, string> leaves, string[] differ)
    {
        string[] said = [.. differ.Where(leaves.ContainsKey).Select(path => $"{Name(path)} {leaves[path]}".Trim())];
        string more = said.Length > Most ? $", and {said.Length - Most} more" : "";
        return string.Join(", ", said.Take(Most)) + more;
    }

    private static Dictionary<string, string> Leaves(string? json, IReadOnlyDictionary<string, string> names)
    {
        Dictionary<string, string> leaves = [];
        if (json is not null)
        {
            using var document = JsonDocument.Parse(json);
            Walk(document.RootElement, "", leaves, names);
        }
        return leaves;
    }

    private static void Walk(JsonElement node, string path, Dictionary<string, string> leaves, IReadOnlyDictionary<string, string> names)
    {
        switch (node.ValueKind)
        {
            case JsonValueKind.Object:
                foreach (JsonProperty field in node.EnumerateObject())
                    Walk(field.Value, path.Length == 0 ? field.Name : $"{path}.{field.Name}", leaves, names);
                break;
            case JsonValueKind.Array:
                foreach ((int place, JsonElement one) in node.EnumerateArray().Index())
                    // Of plain words each stands for itself, wherever it is in the list.
                    Walk(one, one.ValueKind is JsonValueKind.Object ? $"{path}[{place + 1}]" : $"{path}[{one}]", leaves, names);
                break;
            case JsonValueKind.Null or JsonValueKind.False:
                break;
            default:
                string said = node.ValueKind is JsonValueKind.True ? "yes" : node.ToString();
                leaves[path] = names.GetValueOrDefault(said, Code().IsMatch(said) ? said.Replace('-', ' ') : DayOrWord(said));
                break;
        }
    }

    /// <summary>A code of the formats: "chest-pain".</summary>
    [GeneratedRegex("^[a-z]+(-[a-z]+)+$")]
    private static partial Regex Code();

    private static string DayOrWord(string said) =>
        DateTimeOffset.TryParse(said, CultureInfo.InvariantCulture, DateTimeStyles.None, out DateTimeOffset at)
        && said.Contains('T', StringComparison.Ordinal)
            ? at.ToString("yyyy-MM-dd HH:mm", CultureInfo.InvariantCulture)
            : said;

    /// <summary>The last two parts of a path as words: "kneeToWallCm.left" is "knee to wall cm left"; a listed word has no name.</summary>
    private static string Name(string path)
    {
        var words = new StringBuilder();
        foreach (string part in path.Split('.').TakeLast(2))
        {
            string name = part;
            if (part.EndsWith(']') && !char.IsAsciiDigit(part[part.IndexOf('[', StringComparison.Ordinal) + 1]))
                name = part[..part.IndexOf('[', StringComparison.Ordinal)];
            words.Append(' ');
            foreach (char letter in name)
                words.Append(char.IsAsciiLetterUpper(letter) ? $" {char.ToLowerInvariant(letter)}" : letter.ToString());
        }
        return words.ToString().Trim();
    }
}
