using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Selection;
using Nerezza.Core.Wording;

namespace Nerezza.Core.Tests;

public sealed class MainLiftTests
{
    private static readonly DateOnly Start = new(2026, 11, 30);

    // Targets, kit, dislikes that are never done -> the lifts chosen, in order.
    [Theory]
    [InlineData("back-squat-low-bar sumo-deadlift", "barbell rack plates", "", "back-squat-low-bar sumo-deadlift")]
    [InlineData("sumo-deadlift back-squat-low-bar", "barbell rack plates", "", "sumo-deadlift back-squat-low-bar")]
    [InlineData("", "barbell rack plates", "", "back-squat-high-bar conventional-deadlift")]
    [InlineData("safety-bar-squat", "barbell rack plates", "", "back-squat-high-bar conventional-deadlift")]
    [InlineData("", "barbell rack plates", "back-squat-high-bar conventional-deadlift", "front-squat rack-pull")]
    [InlineData("", "kettlebells bands bench", "", "double-kettlebell-front-squat kettlebell-romanian-deadlift")]
    [InlineData("", "dumbbells", "", "goblet-squat dumbbell-romanian-deadlift")]
    [InlineData("", "wall", "", "")]
    public void The_first_that_can_be_done_is_taken(string targets, string kit, string never, string expected)
    {
        MainLiftChoice choice = Choose(targets, kit, never, []);
        Assert.Equal(expected, string.Join(' ', choice.Lifts.Select(lift => lift.Exercise.Id)));
        Assert.All(choice.PassedOver, passed => Assert.NotEmpty(PlanWords.Because(passed)));
    }

    [Fact]
    public void What_was_passed_over_says_why()
    {
        PainEntry bending = new() { Region = PainRegion.LowBack, WorseOn = [PainTrigger.Bending], ScoreDuring = 4, UsualScore = 1 };
        MainLiftChoice choice = Choose("conventional-deadlift", "barbell rack plates", "back-squat-high-bar", [bending]);
        Assert.Equal(["rack-pull", "front-squat"], choice.Lifts.Select(lift => lift.Exercise.Id));
        Assert.Equal(
            [
                "conventional-deadlift: ruled out by pain[0]", "trap-bar-deadlift: trap bar is not there",
                "block-pull: blocks are not there", "back-squat-high-bar: the client never wants it",
            ],
            choice.PassedOver.Select(passed => $"{passed.Exercise}: {PlanWords.Because(passed)}"));
    }

    private static MainLiftChoice Choose(string targets, string kit, string never, IReadOnlyList<PainEntry> pain)
    {
        var client = new Client
        {
            Name = "x",
            HeightCm = 175,
            MassKg = 80,
            Level = Level.Intermediate,
            Days = [],
            TargetLifts = Split(targets),
            Dislikes = [.. Split(never).Select(id => new Dislike(id, true))],
        };
        var equipment = new Equipment { Items = Split(kit).Select(code => Codes.Find<Implement>(code)!.Value).ToHashSet() };
        return MainLiftChoice.For(client, equipment, ExerciseCatalogue.Shipped, new TrainingCaps(client, pain, Start));
    }

    private static string[] Split(string text) => text.Split(' ', StringSplitOptions.RemoveEmptyEntries);
}
