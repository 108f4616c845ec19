using System.Text.Json;
using System.Text.Json.Serialization.Metadata;

namespace Nerezza.Core.Measures;

/// <summary>Reads a data file that was embedded at build.</summary>
internal static class EmbeddedData
{
    /// <summary>The content of a data file.</summary>
    /// <param name="name">The file's name without its ending.</param>
    /// <param name="type">How to read it.</param>
    /// <exception cref="InvalidOperationException">There is no such file, or it is empty: the build is broken.</exception>
    public static T Read<T>(string name, JsonTypeInfo<T> type)
    {
        using Stream stream =
            typeof(EmbeddedData).Assembly.GetManifestResourceStream(name + ".json")
            ?? throw new InvalidOperationException($"The data file {name} is not embedded.");
        return JsonSerializer.Deserialize(stream, type) ?? throw new InvalidOperationException($"The data file {name} is empty.");
    }
}
