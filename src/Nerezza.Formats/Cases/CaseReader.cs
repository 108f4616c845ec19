using System.Text.Json;
using Nerezza.Core;
using Nerezza.Formats.Shapes;

namespace Nerezza.Formats.Cases;

/// <summary>What came of reading a case.</summary>
public abstract record CaseReading
{
    private CaseReading() { }

    /// <summary>The case fits the format.</summary>
    public sealed record Valid(CaseDocument Document, ClientCase Case) : CaseReading;

    /// <summary>It does not; at least one fault.</summary>
    public sealed record Faulty(IReadOnlyList<Fault> Faults) : CaseReading;
}

/// <summary>Reads a case from JSON, strictly: every fault is named, nothing is guessed.</summary>
public static class CaseReader
{
    /// <summary>The largest case, 5 MB.</summary>
    public const int MostBytes = 5 * 1024 * 1024;

    private const int MostLogSets = 20_000;
    private static readonly Shape CaseShape = ShapeOf.Document<CaseDocument>();

    /// <summary>Reads a whole case that knows the shipped exercises alone.</summary>
    public static CaseReading Read(ReadOnlyMemory<byte> json)
    {
        if (json.Length > MostBytes)
            return Faulty("", $"{json.Length} bytes are more than {MostBytes} (5 MB)");
        switch (JsonText.Read(json))
        {
            case JsonReading.Good good:
                using (good.Document)
                    return Read(good.Document.RootElement, []);
            case JsonReading.Bad bad:
                return Faulty("", $"is not JSON that can be read: {bad.Message}");
            default:
                throw new InvalidOperationException("A reading is good or bad.");
        }
    }

    /// <summary>What is wrong with a case that was put together from what is kept, however long its log is; empty when nothing
    /// is.</summary>
    /// <param name="own">Ids of exercises that count beside those that ship.</param>
    public static IReadOnlyList<Fault> Check(CaseDocument document, IReadOnlyCollection<string> own)
    {
        using JsonDocument json = JsonSerializer.SerializeToDocument(document, Json.Options);
        IReadOnlyList<Fault> faults = ShapeValidator.Validate(json.RootElement, CaseShape, own, DaySpan.Open);
        return faults.Count > 0 ? faults : [.. CaseRules.Check(document)];
    }

    /// <summary>Reads a whole case.</summary>
    /// <param name="own">Ids of exercises that count beside those that ship.</param>
    public static CaseReading Read(JsonElement json, IReadOnlyCollection<string> own)
    {
        IReadOnlyList<Fault> faults = ShapeValidator.Validate(json, CaseShape, own, DaySpan.Open);
        if (faults.Count > 0)
            return new CaseReading.Faulty(faults);
        CaseDocument document = json.Deserialize<CaseDocument>(Json.Options)!;
        faults = [.. CaseRules.Check(document)];
        if (document.Log?.Sum(day => day.Sets.Count) is { } sets and > MostLogSets)
            faults = [.. faults, new Fault("log", $"{sets} sets are more than {MostLogSets}")];
        return faults.Count > 0 ? new CaseReading.Faulty(faults) : new CaseReading.Valid(document, CaseMapping.ToCase(document));
    }

    private static CaseReading.Faulty Faulty(string path, string message) => new([new Fault(path, message)]);
}
