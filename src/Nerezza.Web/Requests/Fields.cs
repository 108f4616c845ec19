using Nerezza.Formats.Shapes;

namespace Nerezza.Web.Requests;

/// <summary>Checks that several forms make.</summary>
internal static class Fields
{
    /// <summary>Those that hold nothing but spaces.</summary>
    public static IReadOnlyList<Fault> Empty(params (string Path, string Value)[] fields) =>
        [
            .. fields
                .Where(field => string.IsNullOrWhiteSpace(field.Value))
                .Select(field => new Fault(field.Path, "is empty; a name expected")),
        ];
}
