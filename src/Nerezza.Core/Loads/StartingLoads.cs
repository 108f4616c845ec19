using System.Text.Json.Serialization;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Loads;

/// <summary>A first guess of the 1RM of what nobody has measured, from body mass, level, sex and age, moved by what is known of related
/// lifts (docs/handbook/10-loads.md, "Starting loads").</summary>
/// <param name="known">The max of a lift from its own sets or by ratio; null where there is none.</param>
public sealed class StartingLoads(Client client, ExerciseCatalogue catalogue, DateOnly today, Func<string, OneRepMax?> known)
{
    private static readonly StartingRules Rules = StartingRules.Shipped;
    private readonly Dictionary<Half, double?> _moved = [];

    /// <summary>The guess, total load and standard deviation of its logarithm; null where nothing tells of the exercise.</summary>
    public (double Kilograms, double LogSd)? Of(Exercise exercise)
    {
        if (ToLift(exercise) is not { } to)
            return null;
        double? moved = MovedBy(Rules.Lifts[to.Lift].Where);
        (double external, double body) = (Raw(to.Lift) * to.Ratio * Math.Exp(moved ?? 0), exercise.BodyFraction * client.MassKg);
        double spread = moved is null ? Rules.Spread : Rules.Related.Spread,
            z = LoadRules.Shipped.OneRepMax.IntervalZ;
        // What is not sure is the load, not the body that is lifted along.
        return (external + body, Math.Log((external + body) / (external * Math.Exp(-z * spread) + body)) / z);
    }

    /// <summary>The load of a carry: half of body mass in front, a third and a little more in each hand.</summary>
    public static double CarryKg(Exercise exercise, double bodyMassKg) =>
        bodyMassKg
        * (
            exercise.Load is LoadSource.Dumbbells or LoadSource.TwoKettlebells ? 2 * Rules.Carry.AHand
            : exercise.Load is LoadSource.Dumbbell or LoadSource.Kettlebell ? Rules.Carry.AHand
            : Rules.Carry.Front
        );

    /// <summary>How an exercise stands to one of the lifts that are guessed; null where it stands to none.</summary>
    private (string Lift, double Ratio)? ToLift(Exercise exercise)
    {
        if (Rules.Lifts.ContainsKey(exercise.Id))
            return (exercise.Id, 1);
        if (Rules.Ratios.TryGetValue(exercise.Id, out StartingRatio? own))
            return (own.Lift, own.Value);
        if (exercise.Ratio is not { } ratio || catalogue.Find(ratio.Of) is not { } parent || ToLift(parent) is not { } up)
            return null;
        return (up.Lift, up.Ratio * ratio.Value);
    }

    /// <summary>How far the known lifts of one half of the body lie from their guesses, in part; null where none is known.</summary>
    private double? MovedBy(Half half)
    {
        if (_moved.TryGetValue(half, out double? moved))
            return moved;
        List<double> apart =
        [
            .. Rules
                .Lifts.Where(lift => lift.Value.Where == half)
                .Select(lift => (Guess: Raw(lift.Key), Known: known(lift.Key)?.Kilograms))
                .Where(row => row.Known > 0)
                .Select(row => Math.Log(row.Known!.Value / row.Guess)),
        ];
        return _moved[half] = apart.Count > 0 ? Rules.Related.Part * apart.Average() : null;
    }

    private double Raw(string lift)
    {
        StartingLift rule = Rules.Lifts[lift];
        double mass = Math.Min(client.MassKg, Rules.MostBmi * client.HeightCm * client.HeightCm / 10_000);
        double level = client.Level switch
        {
            Level.Novice => rule.Novice,
            Level.Intermediate => rule.Intermediate,
            Level.Advanced => rule.Advanced,
        };
        double women = rule.Where is Half.Legs ? Rules.Women.Legs : Rules.Women.Above;
        double sex = client.Sex switch
        {
            Sex.Female => women,
            Sex.Male => 1,
            Sex.Unspecified => (1 + women) / 2,
        };
        return mass * level * sex * AgeFactor() * (IsCareful() ? Rules.Careful : 1);
    }

    private double AgeFactor()
    {
        int over = Math.Max(0, (client.AgeIn(today) ?? Rules.Age.From) - Rules.Age.From);
        return 1 - Math.Min(Rules.Age.Most, Rules.Age.EachYear * over);
    }

    private bool IsCareful() => client.Goal is Goal.Return || client.Health.Flags.Contains(HealthFlag.Postnatal);
}

/// <summary>Half of the body, as far as sexes differ in strength.</summary>
internal enum Half
{
    Legs,
    Above,
}

internal sealed record StartingLift(Half Where, double Novice, double Intermediate, double Advanced);

internal sealed record StartingRatio(string Lift, double Value);

internal sealed record WomenRule(double Legs, double Above);

internal sealed record AgeRule(int From, double EachYear, double Most);

internal sealed record RelatedRule(double Part, double Spread);

internal sealed record CarryRule(double Front, double AHand);

/// <summary>The numbers of first guesses, from Data/starting.yaml.</summary>
internal sealed record StartingRules
{
    /// <summary>The lifts that are guessed from body mass.</summary>
    public required IReadOnlyDictionary<string, StartingLift> Lifts { get; init; }

    /// <summary>What women lift of it.</summary>
    public required WomenRule Women { get; init; }

    /// <summary>Body mass counts up to this body mass index, kg/m².</summary>
    public required double MostBmi { get; init; }

    /// <summary>What age takes off.</summary>
    public required AgeRule Age { get; init; }

    /// <summary>What is left after birth and on a return.</summary>
    public required double Careful { get; init; }

    /// <summary>Standard deviation of the logarithm.</summary>
    public required double Spread { get; init; }

    /// <summary>How a known lift moves the others.</summary>
    public required RelatedRule Related { get; init; }

    /// <summary>Loads of carries, parts of body mass.</summary>
    public required CarryRule Carry { get; init; }

    /// <summary>How other exercises stand to the lifts.</summary>
    public required IReadOnlyDictionary<string, StartingRatio> Ratios { get; init; }

    public static StartingRules Shipped { get; } = EmbeddedData.Read("starting", StartingJson.Default.StartingRules);
}

[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    UseStringEnumConverter = true,
    UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow
)]
[JsonSerializable(typeof(StartingRules))]
internal sealed partial class StartingJson : JsonSerializerContext;
