using System.Text.Json.Serialization;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Screening;

/// <summary>One step of the screen, done beside the client.</summary>
/// <param name="How">How it is done.</param>
/// <param name="Look">What to look at.</param>
/// <param name="Counts">What counts.</param>
public sealed record ScreenStep(string Id, string Name, string How, string Look, string Counts, IReadOnlyList<ScreenAsk> Asks);

/// <summary>One answer of a step.</summary>
/// <param name="Path">Its place below screen in the case.</param>
/// <param name="Keys">Values that stand as keys to press, for numbers.</param>
/// <param name="Fine">What plus and minus add.</param>
/// <param name="Yes">What true means, in words.</param>
/// <param name="No">What false means, in words.</param>
/// <param name="None">What an empty choice of several means.</param>
/// <param name="Options">Codes with their words, for choices.</param>
/// <param name="OnlyIfSeen">What leaving it empty means, where that is an answer too.</param>
/// <param name="DrawnFrom">Where the drawing of two sides begins; nothing draws at 0.</param>
/// <param name="Tool">beat: a beat a second helps to count.</param>
public sealed record ScreenAsk(
    string Path,
    string Name,
    string Kind,
    string? Unit,
    KeyRange? Keys,
    double? Fine,
    string? Yes,
    string? No,
    string? None,
    IReadOnlyDictionary<string, string>? Options,
    string? OnlyIfSeen,
    string? Tool,
    double? DrawnFrom = null
);

/// <summary>Values from one to another by a step, both counted.</summary>
public sealed record KeyRange(double From, double To, double Step);

/// <summary>A fault as a coach looks for it.</summary>
/// <param name="Code">A fault code.</param>
/// <param name="Lift">The family of lifts it belongs to; any belongs to all.</param>
/// <param name="Phase">The phase in which it is seen.</param>
/// <param name="Drill">How to tell whether the position can be held in isolation; null where the branch does not ask.</param>
/// <param name="Height">hip or bar: the height at which it begins is worth keeping.</param>
public sealed record FaultSign(string Code, string Lift, string Phase, string Name, string Seen, string? Drill, string? Height);

/// <summary>The screen's steps in walking order, and the faults by lift and phase (docs/handbook/04-screen.md, docs/handbook/05-faults.md),
/// from data.</summary>
public static class Protocol
{
    /// <summary>The steps.</summary>
    public static IReadOnlyList<ScreenStep> Steps { get; } = EmbeddedData.Read("protocol", ProtocolJson.Default.ProtocolFile).Steps;

    /// <summary>The faults.</summary>
    public static IReadOnlyList<FaultSign> Faults { get; } = EmbeddedData.Read("faults", ProtocolJson.Default.IReadOnlyListFaultSign);
}

internal sealed record ProtocolFile(IReadOnlyList<ScreenStep> Steps);

[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow
)]
[JsonSerializable(typeof(ProtocolFile))]
[JsonSerializable(typeof(IReadOnlyList<FaultSign>))]
internal sealed partial class ProtocolJson : JsonSerializerContext;
