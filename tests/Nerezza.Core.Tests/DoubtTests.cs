using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Loads;
using Nerezza.Core.Measures;
using Nerezza.Core.Wording;

namespace Nerezza.Core.Tests;

/// <summary>What of an intake is asked about once more.</summary>
public sealed class DoubtTests
{
    private static readonly DateOnly Today = new(2026, 12, 1);

    private static readonly Client Client = new()
    {
        Name = "x",
        HeightCm = 175,
        MassKg = 80,
        Level = Level.Intermediate,
        Days = [],
        BirthYear = 2000,
    };

    [Theory]
    [InlineData(18, 2000, 0)]
    [InlineData(18.5, 2000, 1)]
    [InlineData(40, null, 0)]
    public void Years_of_training_are_held_against_age(double years, int? born, int doubts) =>
        Assert.Equal(doubts, Asked(Client with { TrainingYears = years, BirthYear = born }).Count());

    [Theory]
    [InlineData("back-squat-high-bar 200", "")]
    [InlineData("back-squat-high-bar 300", "3.8 times body mass: sure?")]
    [InlineData("bench-press 150", "")]
    [InlineData("bench-press 220", "2.8 times body mass: sure?")]
    [InlineData("leg-press 400", "")] // a machine carries part of it
    [InlineData("back-squat-high-bar 150, front-squat 128", "")]
    [InlineData(
        "back-squat-high-bar 150, front-squat 60",
        "2.1 times what the other lifts tell: sure?; 48 % of what the other lifts tell: sure?"
    )]
    [InlineData("back-squat-high-bar 150, bench-press 40", "")] // no ratio between them
    public void A_max_is_held_against_the_body_and_the_other_lifts(string entered, string asks) =>
        Assert.Equal(asks, string.Join("; ", Asked(Client, [.. entered.Split(", ").Select(Entry)])));

    [Fact]
    public void A_set_too_long_to_tell_a_max_by_does_not_hide_a_good_one_of_the_same_day()
    {
        StrengthEntry good = Entry("back-squat-high-bar 140"),
            burn = good with { Load = Load.FromKilograms(150), Reps = 50 };
        double Max(params StrengthEntry[] sets) =>
            MaxEstimates.Of(Client, ExerciseCatalogue.Shipped, sets, [], Today).Find("back-squat-high-bar")!.Kilograms;
        Assert.Equal(Max(good), Max(good, burn));
    }

    private static IEnumerable<string> Asked(Client client, params StrengthEntry[] entered) =>
        Doubts.Of(client, entered, ExerciseCatalogue.Shipped, Today).Select(DoubtWords.Ask);

    private static StrengthEntry Entry(string text)
    {
        string[] parts = text.Split(' ');
        return new StrengthEntry
        {
            Exercise = parts[0],
            Load = Load.FromKilograms(double.Parse(parts[1], System.Globalization.CultureInfo.InvariantCulture)),
            Reps = 1,
            Rpe = Rpe.Ten,
            Side = null,
            Date = Today,
            Amrap = false,
        };
    }
}
