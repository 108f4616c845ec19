using System.Text.Json.Nodes;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Exercises;
using Nerezza.Formats.Plans;
using Nerezza.Formats.Shapes;

namespace Nerezza.Formats;

/// <summary>The JSON Schemas of the documents, written from the same shapes that the reader checks.</summary>
public static class Schemas
{
    /// <summary>The schema of "case", "plan", "exercises" or "template"; null for any other name.</summary>
    public static JsonObject? Find(string name) =>
        name switch
        {
            "case" => SchemaWriter.Write(ShapeOf.Document<CaseDocument>(), "nerezza:case:1", "Nerezza case"),
            "plan" => SchemaWriter.Write(ShapeOf.Document<PlanDocument>(), "nerezza:plan:1", "Nerezza plan"),
            "exercises" => SchemaWriter.Write(ShapeOf.Document<ExerciseListDocument>(), "nerezza:exercises:1", "Nerezza exercises"),
            "template" => SchemaWriter.Write(ShapeOf.Document<TemplateDocument>(), "nerezza:template:1", "Nerezza template"),
            _ => null,
        };
}
