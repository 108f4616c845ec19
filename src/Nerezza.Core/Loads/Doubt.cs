using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Loads;

/// <summary>What was entered and does not go with the rest: asked about once more, and kept either way.</summary>
public abstract record Doubt
{
    private Doubt() { }

    /// <summary>Training began earlier than people do.</summary>
    public sealed record TrainsSinceChildhood(double Years, int Age) : Doubt;

    /// <summary>A max that is many times the body mass.</summary>
    public sealed record HeavyForBody(string Exercise, Side? Side, double MaxKg, double Times) : Doubt;

    /// <summary>A max far from what the other lifts tell of it.</summary>
    public sealed record UnlikeOthers(string Exercise, Side? Side, double MaxKg, double ExpectedKg) : Doubt;
}

/// <summary>Holds the values of an intake against each other.</summary>
public static class Doubts
{
    private static readonly DoubtRules Rules = LoadRules.Shipped.Doubts;

    /// <summary>Every doubt, the facts' first.</summary>
    /// <param name="today">The day on which it is asked.</param>
    public static IEnumerable<Doubt> Of(Client client, IReadOnlyList<StrengthEntry> entered, ExerciseCatalogue catalogue, DateOnly today)
    {
        if (client.TrainingYears is { } years && client.AgeIn(today) is { } age && years > age - Rules.YoungestStart)
            yield return new Doubt.TrainsSinceChildhood(years, age);
        foreach (var (exercise, side) in entered.Select(entry => (entry.Exercise, entry.Side)).Distinct())
        {
            bool IsThis(StrengthEntry entry) => (entry.Exercise, entry.Side) == (exercise, side);
            if (OfMax(client, [.. entered.Where(IsThis)], [.. entered.Where(entry => !IsThis(entry))], catalogue, today) is { } doubt)
                yield return doubt;
        }
    }

    private static Doubt? OfMax(
        Client client,
        IReadOnlyList<StrengthEntry> own,
        IReadOnlyList<StrengthEntry> others,
        ExerciseCatalogue catalogue,
        DateOnly today
    )
    {
        (string id, Side? side) = (own[0].Exercise, own[0].Side);
        Exercise exercise = catalogue[id];
        if (MaxEstimates.Of(client, catalogue, own, [], today).Find(id, side) is not { } max)
            return null;
        bool isBar = exercise.Load is LoadSource.Barbell or LoadSource.SafetyBar or LoadSource.TrapBar;
        // What is shortened, as a pull from blocks, may be many times the body.
        bool isShortened = exercise.Ratio is { Value: > 1 };
        if (
            isBar
            && !isShortened
            && exercise.Pattern is { } pattern
            && Rules.TimesBody.TryGetValue(Codes.Of(pattern), out double times)
            && max.Kilograms > times * client.MassKg
        )
            return new Doubt.HeavyForBody(id, side, max.Kilograms, max.Kilograms / client.MassKg);
        double? expected = MaxEstimates.Of(client, catalogue, others, [], today).Find(id, side)?.Kilograms;
        return expected is { } told && Math.Abs(Math.Log(max.Kilograms / told)) > Math.Log(Rules.Unlike)
            ? new Doubt.UnlikeOthers(id, side, max.Kilograms, told)
            : null;
    }
}
