using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Loads;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;

namespace Nerezza.Core.Tests.Loads;

/// <summary>First guesses of what nobody measured (docs/handbook/10-loads.md, "Starting loads").</summary>
public sealed class StartingLoadsTests
{
    private static readonly DateOnly Day = new(2026, 11, 30);

    private static Client Person(Level level, Sex sex, double kg, int? born = 1996) =>
        new()
        {
            Name = "x",
            Sex = sex,
            BirthYear = born,
            HeightCm = 180,
            MassKg = kg,
            Level = level,
            Days = [],
        };

    private static OneRepMax? Guess(Client client, string exercise, params StrengthEntry[] known) =>
        MaxEstimates.Of(client, ExerciseCatalogue.Shipped, known, [], Day).FindOrGuess(exercise);

    [Theory]
    [InlineData("back-squat-high-bar", Level.Novice, Sex.Male, 80, 1996, 72)] // 0.9 of body mass
    [InlineData("back-squat-high-bar", Level.Novice, Sex.Female, 80, 1996, 50.4)] // 0.7 of that
    [InlineData("bench-press", Level.Intermediate, Sex.Female, 60, 1996, 36.3)] // 1.1 x 0.55
    [InlineData("overhead-press", Level.Advanced, Sex.Unspecified, 80, 1996, 55.8)] // 0.9 x the mean of 1 and 0.55
    [InlineData("conventional-deadlift", Level.Intermediate, Sex.Male, 80, 1966, 108.8)] // 60 years: a fifth less
    [InlineData("conventional-deadlift", Level.Intermediate, Sex.Male, 140, 1996, 148.716)] // body mass up to a BMI of 27
    [InlineData("front-squat", Level.Novice, Sex.Male, 80, 1996, 59.76)] // by its ratio to the squat
    public void A_guess_comes_from_body_mass_level_sex_and_age(string exercise, Level level, Sex sex, double kg, int born, double expected)
    {
        OneRepMax guess = Guess(Person(level, sex, kg, born), exercise)!;
        Assert.Equal((MaxSource.Guess, expected), (guess.Source, Math.Round(guess.Kilograms, 3)));
        Assert.Equal(0.3, guess.LogSd);
        Assert.Equal(guess.Low, guess.WorkingKg);
    }

    [Fact]
    public void A_known_lift_moves_the_others_of_its_half_by_half_of_the_distance()
    {
        Client client = Person(Level.Novice, Sex.Male, 80);
        var bench = new StrengthEntry
        {
            Exercise = "bench-press",
            Load = Load.FromKilograms(112),
            Reps = 1,
            Rpe = Rpe.Ten,
            Amrap = false,
            Side = null,
            Date = Day,
        };
        // The bench is twice its guess of 56 kg: what stands above the hips is the root of two more, the legs stay.
        OneRepMax press = Guess(client, "overhead-press", bench)!;
        Assert.Equal(36 * Math.Sqrt(2), press.Kilograms, 2);
        Assert.Equal(0.2, press.LogSd);
        Assert.Equal(72, Guess(client, "back-squat-high-bar", bench)!.Kilograms, 3);
    }

    [Theory]
    [InlineData("plank")]
    [InlineData("band-row")]
    [InlineData("split-squat")]
    public void Of_body_weight_and_bands_nothing_is_guessed(string exercise) =>
        Assert.Null(Guess(Person(Level.Novice, Sex.Male, 80), exercise));

    [Fact]
    public void Everything_that_takes_a_known_load_has_a_guess()
    {
        Client client = Person(Level.Intermediate, Sex.Female, 65);
        MaxEstimates none = MaxEstimates.Of(client, ExerciseCatalogue.Shipped, [], [], Day);
        LoadSource[] free =
        [
            LoadSource.Band,
            LoadSource.BodyWeight,
            LoadSource.None,
            LoadSource.Keg,
            LoadSource.Stone,
            LoadSource.Log,
            LoadSource.Sled,
        ];
        Assert.DoesNotContain(
            ExerciseCatalogue.Shipped.All,
            exercise =>
                !free.Contains(exercise.Load)
                && exercise.Pattern is not (Pattern.Carry or Pattern.Throw or Pattern.Mobility or Pattern.Drill or Pattern.Priming)
                && !Counterbalance.Is(exercise)
                && none.FindOrGuess(exercise.Id) is null
        );
    }
}
