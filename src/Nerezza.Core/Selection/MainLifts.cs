using System.Text.Json.Serialization;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening.Safety;

namespace Nerezza.Core.Selection;

/// <summary>Why an exercise was not taken.</summary>
public abstract record PassedOver(string Exercise)
{
    /// <summary>Kit is not there.</summary>
    public sealed record NoKit(string Exercise, IReadOnlyList<Implement> Missing) : PassedOver(Exercise);

    /// <summary>Pain or a referral rules it out.</summary>
    public sealed record Unsafe(string Exercise, string Reason) : PassedOver(Exercise);

    /// <summary>The client never wants it.</summary>
    public sealed record Disliked(string Exercise) : PassedOver(Exercise);
}

/// <summary>A main lift that can be done.</summary>
/// <param name="IsTarget">Whether the client named it.</param>
public sealed record MainLift(Exercise Exercise, Caution.Allowed Limits, bool IsTarget);

/// <summary>The squat and the hinge of a block, with what was passed over.</summary>
public sealed record MainLiftChoice(IReadOnlyList<MainLift> Lifts, IReadOnlyList<PassedOver> PassedOver)
{
    /// <summary>Takes for squat and hinge the first lift that can be done: those the client names, then the usual order.</summary>
    public static MainLiftChoice For(Client client, Equipment equipment, ExerciseCatalogue catalogue, TrainingCaps caps)
    {
        List<MainLift> lifts = [];
        List<PassedOver> passed = [];
        List<Exercise> targets = [.. client.TargetLifts.Select(id => catalogue[id])];
        foreach (Pattern pattern in PatternOrder(targets))
        {
            IEnumerable<Exercise> usual = MainLiftOrder.Shipped.Of(pattern).Select(id => catalogue[id]);
            foreach (Exercise exercise in targets.Where(target => target.Pattern == pattern).Concat(usual).Distinct())
            {
                (Caution.Allowed? limits, PassedOver? reason) = Judge(exercise, client, equipment, caps);
                if (reason is not null) passed.Add(reason);
                if (limits is null) continue;
                lifts.Add(new MainLift(exercise, limits, targets.Contains(exercise)));
                break;
            }
        }
        return new MainLiftChoice(lifts, passed);
    }

    /// <summary>The pattern that the client names first comes first.</summary>
    private static Pattern[] PatternOrder(List<Exercise> targets) =>
        targets.Find(target => target.Pattern is Pattern.Squat or Pattern.Hinge)?.Pattern is Pattern.Hinge
            ? [Pattern.Hinge, Pattern.Squat]
            : [Pattern.Squat, Pattern.Hinge];

    private static (Caution.Allowed?, PassedOver?) Judge(Exercise exercise, Client client, Equipment equipment, TrainingCaps caps)
    {
        if (client.Dislikes.Any(dislike => dislike.Never && dislike.Exercise == exercise.Id)) return (null, new PassedOver.Disliked(exercise.Id));
        if (!exercise.CanBeDoneWith(equipment)) return (null, new PassedOver.NoKit(exercise.Id, exercise.MissingFrom(equipment)));
        return caps.For(exercise) switch
        {
            Caution.RuledOut ruledOut => (null, new PassedOver.Unsafe(exercise.Id, ruledOut.Reason)),
            Caution.Allowed allowed => (allowed, null),
            _ => throw new InvalidOperationException("A caution of no known kind."),
        };
    }
}

internal sealed record MainLiftOrder(IReadOnlyList<string> Squat, IReadOnlyList<string> Hinge)
{
    public static MainLiftOrder Shipped { get; } = EmbeddedData.Read("main-lifts", SelectionJson.Default.MainLiftOrder);

    public IReadOnlyList<string> Of(Pattern pattern) => pattern is Pattern.Squat ? Squat : Hinge;
}

[JsonSourceGenerationOptions(PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase, UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow)]
[JsonSerializable(typeof(MainLiftOrder))]
internal sealed partial class SelectionJson : JsonSerializerContext;
