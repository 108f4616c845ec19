using System.Text;
using Nerezza.Core.Catalogue;
using Nerezza.Formats.Shapes;

namespace Nerezza.Tables.Logs;

/// <summary>Finds the exercise that a name in a file means: its id, its name, what coaches call it and nothing else, or what the coach
/// answered before; else the nearest are proposed, and nothing is taken for granted.</summary>
public sealed class ExerciseNames
{
    private readonly Dictionary<string, string> _known = new(StringComparer.Ordinal);
    private readonly ExerciseCatalogue _catalogue;

    /// <param name="answered">Names of files as they were answered before, each with its exercise id.</param>
    public ExerciseNames(ExerciseCatalogue catalogue, IReadOnlyDictionary<string, string> answered)
    {
        _catalogue = catalogue;
        foreach (Exercise exercise in catalogue.All)
        {
            _known.TryAdd(Plain(exercise.Id), exercise.Id);
            _known.TryAdd(Plain(exercise.Name), exercise.Id);
        }
        foreach (Exercise exercise in catalogue.All)
            _known.TryAdd(Folded(exercise.Name), exercise.Id);
        foreach ((string name, IReadOnlyList<string> means) in Common)
            if (means is [var only] && catalogue.Find(only) is not null)
                _known.TryAdd(name, only);
        foreach ((string name, string id) in answered)
            if (catalogue.Find(id) is not null)
                _known[Plain(name)] = id;
    }

    /// <summary>The id, or null where nobody said yet what it means.</summary>
    public string? Find(string name) => _known.GetValueOrDefault(Plain(name)) ?? _known.GetValueOrDefault(Folded(name));

    /// <summary>What it may mean, the nearest first: what coaches call so, then all of its words in the name, then the nearest by
    /// spelling.</summary>
    public IReadOnlyList<string> Nearest(string name, int most)
    {
        IEnumerable<string> called = Common.GetValueOrDefault(Folded(name), []).Where(id => _catalogue.Find(id) is not null);
        string[] words = Folded(name).Split(' ', StringSplitOptions.RemoveEmptyEntries);
        IEnumerable<string> byWords = _catalogue
            .All.Select(exercise =>
                (exercise.Id, Shared: words.Count(word => Folded(exercise.Name).Split(' ').Contains(word)), exercise.Name.Length)
            )
            .Where(row => row.Shared > 0)
            .OrderByDescending(row => row.Shared)
            .ThenBy(row => row.Length)
            .ThenBy(row => row.Id, StringComparer.Ordinal)
            .Select(row => row.Id);
        string? spelt = NearestName.Of(Plain(name), _known.Keys);
        return [.. called.Concat(byWords).Concat(spelt is null ? [] : [_known[spelt]]).Distinct().Take(most)];
    }

    /// <summary>The plain name with its short words written out, each in the singular.</summary>
    private static string Folded(string name) =>
        string.Join(' ', Plain(name).Split(' ').Select(word => CommonNames.Abbreviations.GetValueOrDefault(word) ?? Singular(word)));

    private static string Singular(string word) =>
        word.Length > 2 && word[^1] == 's' && word[^2] is not ('s' or 'u' or 'i') ? word[..^1] : word;

    // Written out, since the application runs without the tables of the world's languages: letters with what they are without marks.
    private static readonly (string Marked, char Bare)[] Accents =
    [
        ("àáâãäåāą", 'a'),
        ("çćč", 'c'),
        ("ď", 'd'),
        ("èéêëēęě", 'e'),
        ("ìíîïī", 'i'),
        ("ł", 'l'),
        ("ñńň", 'n'),
        ("òóôõöøō", 'o'),
        ("ř", 'r'),
        ("śšş", 's'),
        ("ť", 't'),
        ("ùúûüūů", 'u'),
        ("ýÿ", 'y'),
        ("źżž", 'z'),
    ];

    private static readonly Dictionary<char, char> Bare = Accents
        .SelectMany(row => row.Marked.Select(marked => (marked, row.Bare)))
        .ToDictionary(row => row.marked, row => row.Bare);

    // After the letters, which it is folded by.
    private static readonly IReadOnlyDictionary<string, IReadOnlyList<string>> Common = CommonNames.Means.ToDictionary(
        name => Folded(name.Key),
        name => name.Value
    );

    /// <summary>Small letters without accents, marks as spaces.</summary>
    public static string Plain(string text)
    {
        var plain = new StringBuilder(text.Length);
        foreach (char sign in text)
        {
            char small = char.ToLowerInvariant(sign);
            if (Bare.TryGetValue(small, out char bare))
                plain.Append(bare);
            else if (char.IsLetterOrDigit(small))
                plain.Append(small);
            else if (plain.Length > 0 && plain[^1] != ' ')
                plain.Append(' ');
        }
        return plain.ToString().TrimEnd();
    }
}
