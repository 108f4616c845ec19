using System.Text.Json.Serialization;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening;

namespace Nerezza.Core.Prescription;

/// <summary>The one cue for a fault, with the aid that makes it felt (docs/handbook/05-faults.md#the-one-cue).</summary>
/// <param name="Beside">What is left of the aid where the set-up holds a part of it already.</param>
public sealed record FaultCue(string Cue, string Aid, AidBeside? Beside = null)
{
    private static readonly CuesFile File = EmbeddedData.Read("cues", CuesJson.Default.CuesFile);

    /// <summary>The cue for the fault that this client shows in a lift: of the exercise itself, else of its pattern where the load is moved
    /// alike; null where no open fault asks for one, and the exercise's own first cue stands.</summary>
    /// <param name="faults">The client's faults, the gravest finding's first.</param>
    public static FaultCue? For(Exercise exercise, IReadOnlyList<LiftFault> faults, ExerciseCatalogue catalogue) =>
        exercise.Load is LoadSource.None
            ? null
            : faults
                .Where(fault =>
                    fault.Lift == exercise.Id || (catalogue[fault.Lift].Pattern == exercise.Pattern && exercise.Sides is Sides.Both)
                )
                .OrderByDescending(fault => fault.Lift == exercise.Id)
                .Select(fault => Of(fault.Fault))
                .OfType<FaultCue>()
                .FirstOrDefault();

    /// <summary>The aid for an exercise as it is set up, without what stands there anyway; null where nothing is left.</summary>
    public string? AidFor(Exercise exercise, SetUp setUp)
    {
        string? left =
            setUp.HeelCm > 0 && Beside?.Wedge is { } wedge ? wedge
            : setUp.BoxCm > 0 && Beside?.Box is { } box ? box
            : setUp.PinCm > 0 && Beside?.Pins is { } pins ? pins
            : exercise.Load is LoadSource.SafetyBar && Beside?.SafetyBar is { } bar ? bar
            : Aid;
        return left.Length > 0 ? left : null;
    }

    /// <summary>The cue for a fault; null where it has none.</summary>
    public static FaultCue? Of(FaultCode fault) => File.Cues.GetValueOrDefault(Codes.Of(fault));
}

/// <summary>What is left of an aid beside a height or a bar that the set-up holds already; empty where nothing is.</summary>
public sealed record AidBeside(string? Wedge, string? Box, string? Pins, string? SafetyBar);

internal sealed record CuesFile(IReadOnlyDictionary<string, FaultCue> Cues);

[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow
)]
[JsonSerializable(typeof(CuesFile))]
internal sealed partial class CuesJson : JsonSerializerContext;
