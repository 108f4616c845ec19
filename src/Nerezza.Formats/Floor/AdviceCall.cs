using System.Text.Json;
using System.Text.Json.Serialization;
using Nerezza.Core.Clients;
using Nerezza.Core.Floor;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Wording;

namespace Nerezza.Formats.Floor;

/// <summary>Answers what the next set should be with Core's rules: on the server for what it has, in the page for what waits
/// there.</summary>
public static class AdviceCall
{
    /// <summary>What the advice on an item is made from.</summary>
    /// <param name="kinds">Of each set.</param>
    public static AdviceBasis Basis(PrescribedItem item, IReadOnlyList<SetKind> kinds, Lifting lifting) =>
        new()
        {
            Curve = lifting.Curve.K,
            BodyKg = lifting.BodyKg,
            Bias = lifting.Bias,
            MostReps = lifting.MostReps,
            StepsKg = item.Sets.Max(set => set.Load) is { } heaviest
                ? [.. FloorChoices.ForAdvice(heaviest, lifting.Means).Select(step => step.Kilograms)]
                : [],
            Sets =
            [
                .. item.Sets.Select(
                    (set, place) =>
                        new AdviceSet
                        {
                            Kind = kinds[place],
                            Kg = set.Load?.Kilograms,
                            Reps = set.Reps,
                            Rpe = set.Rpe.Value,
                            Seconds = set.Seconds,
                            Metres = set.Way,
                            Side = set.Side,
                            Amrap = set.Amrap,
                        }
                ),
            ],
        };

    /// <summary>The proposal for the first set that is not done; null where the plan stands, nothing is done, or nothing is left.</summary>
    public static FloorProposal? Of(AdviceBasis basis, IReadOnlyList<AdviceDone> done)
    {
        // Two devices may have logged the same place.
        Dictionary<int, SetDone> sets = done.Where(set => set.Place < basis.Sets.Count)
            .GroupBy(set => set.Place)
            .ToDictionary(place => place.Key, place => ToDone(place.Last(), basis.Sets[place.Key]));
        if (NextSet.Of([.. basis.Sets.Select(ToAhead)], sets, ToLifting(basis)) is not var (next, proposal))
            return null;
        if (FloorWords.Text(proposal) is not { } text)
            return null;
        ProposedSet? set = proposal is NextSet.Adjusted { Ahead: var asked }
            ? new ProposedSet(asked.Load?.Kilograms, asked.Reps, asked.Seconds, asked.Metres)
            : null;
        return new FloorProposal(next, text, set, Ends: proposal is NextSet.EndExercise);
    }

    /// <summary>The same as JSON text, for the page.</summary>
    public static string Answer(string question)
    {
        AdviceQuestion asked = JsonSerializer.Deserialize(question, AdviceJson.Default.AdviceQuestion)!;
        return Of(asked.Basis, asked.Done) is { } proposal ? JsonSerializer.Serialize(proposal, AdviceJson.Default.FloorProposal) : "null";
    }

    /// <summary>How strength tells the load, as it is told to the page.</summary>
    internal static Lifting ToLifting(AdviceBasis basis) =>
        new(new RepCurve(basis.Curve), basis.BodyKg, new LoadSteps([.. basis.StepsKg.Select(Load.FromKilograms)]), basis.Bias)
        {
            MostReps = basis.MostReps ?? 0,
        };

    /// <summary>A set as planned.</summary>
    internal static SetAhead ToAhead(AdviceSet set) =>
        new(set.Kg is { } kg ? Load.FromKilograms(kg) : null, set.Reps, Rpe.Of(set.Rpe)) { Seconds = set.Seconds, Metres = set.Metres };

    private static SetDone ToDone(AdviceDone done, AdviceSet planned) =>
        new()
        {
            Kind = planned.Kind,
            Load = done.Kg is { } kg ? Load.FromKilograms(kg) : null,
            Reps = done.Reps,
            Rpe = done.Rpe is { } rpe ? Rpe.Of(rpe) : null,
            TechniqueHeldTo = done.TechniqueHeldTo,
            Pain = done.Pain,
            Seconds = done.Seconds,
            Metres = done.Metres,
            Word = done.Word,
            Planned = ToAhead(planned),
        };
}

internal sealed class KebabCode<T>() : JsonStringEnumConverter<T>(JsonNamingPolicy.KebabCaseLower)
    where T : struct, Enum;

[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    Converters = [typeof(KebabCode<SetKind>), typeof(KebabCode<SetWord>), typeof(KebabCode<Side>)]
)]
[JsonSerializable(typeof(AdviceQuestion))]
[JsonSerializable(typeof(FloorProposal))]
internal sealed partial class AdviceJson : JsonSerializerContext;
