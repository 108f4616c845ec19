using System.Text;
using System.Text.Json.Nodes;
using Nerezza.Core;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Selection;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Plans;
using Nerezza.Solve;
using Nerezza.Tests.Shared;

namespace Nerezza.Web.Tests;

/// <summary>Cases that are written out in part, filled up and planned.</summary>
internal static class WrittenCase
{
    /// <summary>The cases of a file beside the tests.</summary>
    public static JsonArray Read(string file) =>
        JsonNode.Parse(File.ReadAllText(Path.Combine(ServerProcess.Root, "tests/Nerezza.Web.Tests/Cases", file)))!.AsArray();

    public static JsonObject Shared(string file) => JsonNode.Parse(File.ReadAllText(Path.Combine(Samples.Folder, file)))!.AsObject();

    public static PlanDocument PlanOf(JsonObject part) =>
        new PlanMapping(ExerciseCatalogue.Shipped).ToDocument(PlanOf(part, new CpChooser()));

    public static Plan PlanOf(JsonObject part, IChooser chooser) =>
        new Planner(ExerciseCatalogue.Shipped, chooser, new CpWeekLayout()).Make(CaseOf(part));

    /// <summary>Fills a written part up to a whole case: 175 cm, 80 kg, intermediate, four weeks from 30 November.</summary>
    public static ClientCase CaseOf(JsonObject part)
    {
        JsonObject client = JsonNode
            .Parse(
                """
                { "name": "Written", "heightCm": 175, "massKg": 80, "level": "intermediate", "days": [{ "day": "mon", "minutes": 60 }] }
                """
            )!
            .AsObject();
        foreach ((string name, JsonNode? value) in part["client"]?.AsObject() ?? [])
            client[name] = value?.DeepClone();
        part["client"] = client;
        part["format"] = "nerezza.case";
        part["version"] = 1;
        part["block"] ??= JsonNode.Parse("""{ "start": "2026-11-30", "weeks": 4 }""");
        return Assert.IsType<CaseReading.Valid>(CaseReader.Read(Encoding.UTF8.GetBytes(part.ToJsonString()))).Case;
    }
}
