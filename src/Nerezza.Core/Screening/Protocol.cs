using System.Text.Json.Serialization;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Screening;

/// <summary>One step of the screen, done beside the client.</summary>
/// <param name="How">How it is done.</param>
/// <param name="Look">What to look at.</param>
/// <param name="Counts">What counts.</param>
public sealed record ScreenStep(string Id, string Name, string How, string Look, string Counts, IReadOnlyList<ScreenAsk> Asks);

/// <summary>One answer of a step.</summary>
public sealed record ScreenAsk
{
    /// <summary>Its place below screen in the case.</summary>
    public required string Path { get; init; }

    /// <summary>As a page asks it.</summary>
    public required string Name { get; init; }

    /// <summary>sides, number, truth, choice or several.</summary>
    public required string Kind { get; init; }

    /// <summary>Unit of a number.</summary>
    public string? Unit { get; init; }

    /// <summary>Values that stand as keys to press, for numbers.</summary>
    public KeyRange? Keys { get; init; }

    /// <summary>The most that can be measured so; more is a slip of the hand. Null where it is no number.</summary>
    public double? Most { get; init; }

    /// <summary>Counted, so that there are no parts of it.</summary>
    public bool Whole { get; init; }

    /// <summary>What plus and minus add.</summary>
    public double? Fine { get; init; }

    /// <summary>What true means, in words.</summary>
    public string? Yes { get; init; }

    /// <summary>What false means, in words.</summary>
    public string? No { get; init; }

    /// <summary>What an empty choice of several means.</summary>
    public string? None { get; init; }

    /// <summary>Codes with their words, for choices.</summary>
    public IReadOnlyDictionary<string, string>? Options { get; init; }

    /// <summary>What leaving it empty means, where that is an answer too.</summary>
    public string? OnlyIfSeen { get; init; }

    /// <summary>beat: a beat a second helps to count.</summary>
    public string? Tool { get; init; }

    /// <summary>Where the drawing of two sides begins; nothing draws at 0.</summary>
    public double? DrawnFrom { get; init; }
}

/// <summary>Values from one to another by a step, both counted.</summary>
public sealed record KeyRange(double From, double To, double Step);

/// <summary>A fault as a coach looks for it.</summary>
public sealed record FaultSign
{
    /// <summary>A fault code.</summary>
    public required string Code { get; init; }

    /// <summary>The family of lifts it belongs to; any belongs to all.</summary>
    public required string Lift { get; init; }

    /// <summary>The phase in which it is seen.</summary>
    public required string Phase { get; init; }

    /// <summary>What it is called.</summary>
    public required string Name { get; init; }

    /// <summary>What is seen.</summary>
    public required string Seen { get; init; }

    /// <summary>How to tell whether the position can be held in isolation; null where the branch does not ask.</summary>
    public string? Drill { get; init; }

    /// <summary>Whether it says the same in a press or a pull.</summary>
    [JsonIgnore]
    public bool SaysOfArms => Arms || Lift == "any";

    /// <summary>As it stands in the data.</summary>
    public bool Arms { get; init; }

    /// <summary>hip or bar: the height at which it begins is worth keeping.</summary>
    public string? Height { get; init; }
}

/// <summary>The screen's steps in walking order, and the faults by lift and phase (docs/handbook/04-screen.md, docs/handbook/05-faults.md),
/// from data.</summary>
public static class Protocol
{
    /// <summary>The steps.</summary>
    public static IReadOnlyList<ScreenStep> Steps { get; } = EmbeddedData.Read("protocol", ProtocolJson.Default.ProtocolFile).Steps;

    /// <summary>The step at which a test is taken.</summary>
    public static ScreenStep StepOf(ScreenTest test) => Steps.First(step => step.Asks.Any(ask => ask.Path == Codes.Of(test)));

    /// <summary>How a fault is looked for.</summary>
    public static FaultSign SignOf(FaultCode fault) => Faults.First(sign => sign.Code == Codes.Of(fault));

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
