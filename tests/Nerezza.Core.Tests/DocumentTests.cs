using System.Diagnostics;
using System.Text.RegularExpressions;

namespace Nerezza.Core.Tests;

/// <summary>What the documents and the comments point at is there: sections of the handbook, files, data, types, tests.</summary>
public sealed partial class DocumentTests
{
    private static readonly string Root = FindRoot();
    private static readonly string[] Tracked = Git("ls-files --cached --others --exclude-standard");
    private static readonly HashSet<string> Places = [.. Tracked, .. Tracked.SelectMany(Folders)];
    private static readonly Lazy<HashSet<string>> Names = new(() =>
        [
            .. Tracked
                .Where(IsCode)
                .SelectMany(file =>
                    Declared()
                        .Matches(Text(file))
                        .Select(match => match.Groups[1].Value + match.Groups[2].Value)
                        .Append(Path.GetFileNameWithoutExtension(file))
                ),
        ]
    );

    public static TheoryData<string> Documents =>
        [
            .. Tracked.Where(file =>
                file.EndsWith(".md", StringComparison.Ordinal) && !file.StartsWith("docs/handbook/", StringComparison.Ordinal)
            ),
        ];

    [Fact]
    public void Every_section_of_the_handbook_that_is_named_is_there()
    {
        Dictionary<string, HashSet<string>> sections = Tracked
            .Where(file => file.StartsWith("docs/handbook/", StringComparison.Ordinal))
            .ToDictionary(file => file, file => Anchor().Matches(Text(file)).Select(match => match.Groups[1].Value).ToHashSet());
        Assert.True(sections.Count >= 16);
        int named = 0;
        foreach (
            string file in Tracked.Where(file =>
                IsCode(file) || file.EndsWith(".yaml", StringComparison.Ordinal) || file.EndsWith(".md", StringComparison.Ordinal)
            )
        )
        foreach (Match match in Section().Matches(Text(file)))
        {
            named++;
            Assert.True(
                sections.TryGetValue(match.Groups[1].Value, out HashSet<string>? anchors),
                $"{file} names {match.Value}, which is not there."
            );
            Assert.True(
                match.Groups[2].Length == 0 || anchors.Contains(match.Groups[2].Value),
                $"{file} names {match.Value}; there is no such anchor."
            );
        }
        Assert.True(named > 150, $"{named} places name the handbook.");
        Assert.DoesNotContain(
            Tracked.Where(file => IsCode(file) && !file.Contains("DocumentTests", StringComparison.Ordinal)),
            file => OldReference().IsMatch(Text(file))
        );
    }

    [Theory, MemberData(nameof(Documents))]
    public void What_a_document_names_is_there(string document)
    {
        string text = Text(document),
            folder = Path.GetDirectoryName(document)!.Replace('\\', '/');
        List<string> missing =
        [
            .. Link()
                .Matches(text)
                .Select(match => match.Groups[1].Value)
                .Where(link => !link.Contains("://", StringComparison.Ordinal) && !IsPlace(link.Split('#')[0], folder)),
        ];
        // Blocks of code hold examples; what stands in a sentence between ticks is a name.
        foreach (string name in Ticked().Matches(Fenced().Replace(text, "")).Select(match => match.Groups[1].Value))
            if (Points(name, folder) is false)
                missing.Add(name);
        Assert.True(missing.Count == 0, $"{document} names what is not there: {string.Join(", ", missing.Distinct())}");
    }

    /// <summary>Whether a name leads somewhere; null when it is no name of a file, a type or a test.</summary>
    private static bool? Points(string name, string folder)
    {
        if (DataFile().IsMatch(name))
            return name.Contains('*', StringComparison.Ordinal)
                || Tracked.Any(file => file == name || file.EndsWith("/" + name, StringComparison.Ordinal))
                || IsPlace(name, folder);
        if (PathLike().IsMatch(name))
            return IsPlace(name.TrimEnd('*'), folder) || IsPlace(name + ".cs", folder);
        if (TypeName().IsMatch(name))
            return Names.Value.Contains(name.Split('.', '<', '(')[0]);
        return null;
    }

    private static bool IsPlace(string path, string folder)
    {
        string trimmed = path.TrimEnd('/');
        return trimmed.Length == 0
            || new[]
            {
                "",
                "src/",
                "src/Nerezza.",
                "src/Nerezza.Core/",
                "src/Nerezza.Web/",
                "web/src/",
                "web/",
                "tests/",
                folder + "/",
            }.Any(from =>
                Places.Contains(Path.GetRelativePath(Root, Path.GetFullPath(Path.Combine(Root, from + trimmed))).Replace('\\', '/'))
            );
    }

    private static bool IsCode(string file) => Path.GetExtension(file) is ".cs" or ".ts" or ".tsx";

    private static string Text(string file) => File.ReadAllText(Path.Combine(Root, file));

    private static IEnumerable<string> Folders(string file)
    {
        for (string? folder = Path.GetDirectoryName(file); !string.IsNullOrEmpty(folder); folder = Path.GetDirectoryName(folder))
            yield return folder.Replace('\\', '/');
    }

    private static string[] Git(string arguments)
    {
        using Process git = Process.Start(
            new ProcessStartInfo("git", arguments) { WorkingDirectory = Root, RedirectStandardOutput = true }
        )!;
        return
        [
            .. git
                .StandardOutput.ReadToEnd()
                .Split('\n', StringSplitOptions.RemoveEmptyEntries)
                .Where(file => File.Exists(Path.Combine(Root, file))),
        ];
    }

    private static string FindRoot()
    {
        for (DirectoryInfo? folder = new(AppContext.BaseDirectory); folder is not null; folder = folder.Parent)
            if (File.Exists(Path.Combine(folder.FullName, "Nerezza.slnx")))
                return folder.FullName;
        throw new InvalidOperationException("The tests do not run from a checkout.");
    }

    [GeneratedRegex(@"(docs/handbook/[\w-]+\.md)(?:#([\w-]+))?")]
    private static partial Regex Section();

    [GeneratedRegex("<a id=\"([^\"]+)\"")]
    private static partial Regex Anchor();

    [GeneratedRegex(@"[Hh]andbook,? (sections? )?\d")]
    private static partial Regex OldReference();

    [GeneratedRegex(@"\]\(([^)#][^)\s]*)\)")]
    private static partial Regex Link();

    [GeneratedRegex("`([^`\n]+)`")]
    private static partial Regex Ticked();

    [GeneratedRegex("(?ms)^ *```.*?^ *```")]
    private static partial Regex Fenced();

    [GeneratedRegex(@"^[\w.*-][\w./*-]*\.(yaml|cs|tsx?|sql|sh|json|css|md|mjs)$")]
    private static partial Regex DataFile();

    [GeneratedRegex(@"^[A-Za-z][\w.-]*(/[\w.*-]+)+/?$")]
    private static partial Regex PathLike();

    [GeneratedRegex(@"^[A-Z][a-z]+[A-Z]\w*(<\w+>)?(\.\w+)?$")]
    private static partial Regex TypeName();

    [GeneratedRegex(@"\b(?:class|record|struct|interface|enum|record struct|function|const|type)\s+([A-Z]\w+)|\b([A-Z]\w+)(?=\()")]
    private static partial Regex Declared();
}
