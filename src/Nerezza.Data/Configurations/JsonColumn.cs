using System.Text.Json;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.ChangeTracking;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using Nerezza.Formats;

namespace Nerezza.Data.Configurations;

/// <summary>Stores a document of the open formats as jsonb, written and read as the formats are.</summary>
internal static class JsonColumn
{
    public static PropertyBuilder<T> AsJson<T>(this PropertyBuilder<T> property)
        where T : class?
    {
        property
            .HasColumnType("jsonb")
            .HasConversion(
                value => JsonSerializer.Serialize(value, Json.Options),
                text => JsonSerializer.Deserialize<T>(text, Json.Options)!,
                new ValueComparer<T>(
                    (left, right) => JsonSerializer.Serialize(left, Json.Options) == JsonSerializer.Serialize(right, Json.Options),
                    value => JsonSerializer.Serialize(value, Json.Options).GetHashCode(StringComparison.Ordinal),
                    value => value
                )
            );
        return property;
    }
}
