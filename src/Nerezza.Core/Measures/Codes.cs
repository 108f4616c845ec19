using System.Diagnostics.CodeAnalysis;
using System.Reflection;
using System.Text;
using System.Text.Json.Serialization;

namespace Nerezza.Core.Measures;

/// <summary>The kebab-case codes of the open formats, one for each member of an enumeration.</summary>
/// <remarks>A hyphen stands before each capital and before each run of digits: HipExtension45 is hip-extension-45.</remarks>
public static class Codes
{
    /// <summary>The code of a value, for example rectus-femoris.</summary>
    public static string Of<T>(T value)
        where T : struct, Enum => Table<T>.Code[value];

    /// <summary>The value of a code, or null when there is none of that name.</summary>
    public static T? Find<T>(string code)
        where T : struct, Enum => Table<T>.Value.TryGetValue(code, out T value) ? value : null;

    /// <summary>All codes of an enumeration, in its order.</summary>
    public static IReadOnlyList<string> All<T>()
        where T : struct, Enum => Table<T>.InOrder;

    /// <summary>The codes of a type of enumeration, in its order.</summary>
    public static IReadOnlyList<string> AllOf(Type type) => [.. Enum.GetNames(type).Select(name => OfName(type, name))];

    /// <summary>A member may say its code where the formats keep an older word.</summary>
    [UnconditionalSuppressMessage("Trimming", "IL2070", Justification = "The members of an enumeration that is kept are kept.")]
    private static string OfName(Type type, string name) =>
        type.GetField(name)?.GetCustomAttribute<JsonStringEnumMemberNameAttribute>()?.Name ?? Kebab(name);

    /// <summary>Turns a name in PascalCase into kebab-case.</summary>
    public static string Kebab(string name)
    {
        var code = new StringBuilder(name.Length + 8);
        for (int i = 0; i < name.Length; i++)
        {
            bool startsWord = char.IsUpper(name[i]) || (char.IsDigit(name[i]) && !char.IsDigit(name[Math.Max(0, i - 1)]));
            if (i > 0 && startsWord)
                code.Append('-');
            code.Append(char.ToLowerInvariant(name[i]));
        }
        return code.ToString();
    }

    private static class Table<T>
        where T : struct, Enum
    {
        public static readonly Dictionary<T, string> Code = Enum.GetValues<T>().ToDictionary(v => v, v => OfName(typeof(T), v.ToString()));
        public static readonly Dictionary<string, T> Value = Code.ToDictionary(
            pair => pair.Value,
            pair => pair.Key,
            StringComparer.Ordinal
        );
        public static readonly IReadOnlyList<string> InOrder = [.. Enum.GetValues<T>().Select(v => Code[v])];
    }
}
