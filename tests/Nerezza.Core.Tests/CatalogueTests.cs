using System.Text.RegularExpressions;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Loads.Loading;

namespace Nerezza.Core.Tests;

/// <summary>The catalogue means what it says.</summary>
public sealed partial class CatalogueTests
{
    private static readonly IReadOnlyList<Exercise> All = ExerciseCatalogue.Shipped.All;

    [Fact]
    public void There_are_a_hundred_and_fifty_with_names_and_ids_of_their_own()
    {
        Assert.True(All.Count >= 150);
        Assert.All(All, exercise => Assert.Matches(Kebab(), exercise.Id));
        Assert.Equal(All.Count, All.Select(exercise => exercise.Name).Distinct().Count());
    }

    [Fact]
    public void A_ratio_has_a_parent_that_has_none_and_a_spread() =>
        Assert.All(
            All.Where(exercise => exercise.Ratio is not null),
            exercise =>
            {
                Assert.Null(ExerciseCatalogue.Shipped[exercise.Ratio!.Of].Ratio);
                Assert.InRange(exercise.Ratio.SpreadPercent, 8, 30);
                Assert.InRange(exercise.Ratio.Value, 0.3, 2);
            }
        );

    // docs/handbook/10-loads.md, spot by spot.
    [Theory]
    [InlineData("back-squat-low-bar", "back-squat-high-bar", 1.05)]
    [InlineData("front-squat", "back-squat-high-bar", 0.83)]
    [InlineData("goblet-squat", "back-squat-high-bar", 0.40)]
    [InlineData("leg-press", "back-squat-high-bar", 2.0)]
    [InlineData("good-morning", "back-squat-high-bar", 0.45)]
    [InlineData("sumo-deadlift", "conventional-deadlift", 1.0)]
    [InlineData("block-pull", "conventional-deadlift", 1.08)]
    [InlineData("rack-pull", "conventional-deadlift", 1.12)]
    [InlineData("romanian-deadlift", "conventional-deadlift", 0.72)]
    [InlineData("stiff-leg-deadlift", "conventional-deadlift", 0.70)]
    public void Ratios_are_the_handbooks(string exercise, string parent, double ratio) =>
        Assert.Equal((parent, ratio), (ExerciseCatalogue.Shipped[exercise].Ratio!.Of, ExerciseCatalogue.Shipped[exercise].Ratio!.Value));

    [Fact]
    public void What_is_loaded_names_the_kit_that_loads_it()
    {
        var kit = new Dictionary<LoadSource, Implement>
        {
            [LoadSource.Barbell] = Implement.Barbell,
            [LoadSource.SafetyBar] = Implement.SafetyBar,
            [LoadSource.TrapBar] = Implement.TrapBar,
            [LoadSource.Smith] = Implement.Smith,
        };
        Assert.All(
            All.Where(exercise => kit.ContainsKey(exercise.Load)),
            exercise => Assert.Contains(exercise.Kit, set => set.Contains(kit[exercise.Load]))
        );
    }

    [Fact]
    public void Every_load_source_has_means() =>
        Assert.All(All, exercise => Assert.NotEmpty(new Loader(new Equipment()).MeansFor(exercise)));

    [Fact]
    public void Bending_rules_out_every_pull_from_the_floor_and_every_good_morning() =>
        Assert.All(
            All.Where(exercise => exercise.FromFloor || exercise.Id.Contains("good-morning", StringComparison.Ordinal)),
            exercise => Assert.Contains(Conflict.PainFlexion, exercise.Conflicts)
        );

    [Fact]
    public void Curves_and_body_shares_are_the_handbooks() =>
        Assert.All(
            All,
            exercise =>
            {
                Assert.Contains(exercise.Curve, new[] { 1.0, 0.8, 0.75 });
                Assert.InRange(exercise.BodyFraction, 0, 1);
                if (exercise.Pattern is Pattern.Lunge)
                    Assert.Equal(0.85, exercise.BodyFraction);
                if (exercise.Load is LoadSource.Barbell && exercise.Pattern is Pattern.Squat)
                    Assert.Equal(0, exercise.BodyFraction);
            }
        );

    [GeneratedRegex("^[a-z0-9]+(-[a-z0-9]+)*$")]
    private static partial Regex Kebab();
}
