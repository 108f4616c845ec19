using System.Text.Json;
using Nerezza.Formats;

namespace Nerezza.Cli;

/// <summary>schema: prints the JSON Schema of a document.</summary>
internal static class SchemaVerb
{
    private static readonly JsonSerializerOptions Readable = new(Json.Options) { WriteIndented = true };

    public static int Run(string name, TextWriter output, TextWriter errors)
    {
        if (Schemas.Find(name) is not { } schema)
        {
            errors.WriteLine($"'{name}' is not a document; case, plan or exercises expected");
            return 2;
        }
        output.WriteLine(schema.ToJsonString(Readable));
        return 0;
    }
}
