using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;
using Nerezza.Data.Rows;
using Nerezza.Formats;

namespace Nerezza.Data.Files;

/// <summary>How the file of a practice is written and read: as the open formats are, strictly, without what holds on one machine
/// alone.</summary>
internal static class FileJson
{
    public static JsonSerializerOptions Options { get; } =
        new(Json.Options)
        {
            UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow,
            RespectNullableAnnotations = true,
            AllowDuplicateProperties = false,
            TypeInfoResolver = new DefaultJsonTypeInfoResolver { Modifiers = { WithoutTheMachine } },
        };

    /// <summary>A row's version is the database's own, and the secret of a calendar's address opens it on the machine that made
    /// it.</summary>
    private static void WithoutTheMachine(JsonTypeInfo type)
    {
        if (type.Type.Namespace != typeof(ClientRow).Namespace)
            return;
        string[] own = type.Type == typeof(CalendarRow) ? ["version", "feedHash", "feedMadeAt"] : ["version"];
        foreach (JsonPropertyInfo property in type.Properties.Where(property => own.Contains(property.Name)).ToList())
            type.Properties.Remove(property);
    }
}
