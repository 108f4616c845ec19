using CsCheck;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Loads;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Tests.Loads;

/// <summary>The rep curve that a lifter's own sets bend (docs/handbook/10-loads.md), worked out by hand: the exercise's k weighs 3, each
/// pair 1.</summary>
public sealed class OwnCurveTests
{
    private static readonly DateOnly Today = new(2026, 11, 30);

    [Theory]
    [InlineData("back-squat-high-bar", "100x1@10 0, 84x7@10 0", 0.99, "0.84 at 7 to failure: k = (37 - 36 x 0.84 - 1) / 6 = 0.96")]
    [InlineData("back-squat-high-bar", "100x1@10 14, 84x5@8 0", 0.99, "repetitions in reserve count, and two weeks are near enough")]
    [InlineData("back-squat-high-bar", "90x5@10 0, 84x5@7 0", 1, "three apart by their ratings alone: as many were done")]
    [InlineData("back-squat-high-bar", "90x5@10 0, 84x7@8.5 0", 1, "two of the three and a half were done, the rest rated")]
    [InlineData("back-squat-high-bar", "100x1@10 15, 84x7@10 0", 1, "longer ago")]
    [InlineData("back-squat-high-bar", "100x1@10 0, 95x3@10 0", 1, "two repetitions apart say nothing")]
    [InlineData("back-squat-high-bar", "100x1@10 0, 100x8@10 0", 0.9, "as heavy for more: the lowest k that there is")]
    [InlineData("back-squat-high-bar", "100x1@10 0, 40x8@10 0", 1.1, "far lighter: the highest")]
    [InlineData("back-squat-high-bar", "100x1@10 0, 84x7@5 0", 1, "a set rated under 6 is a bound and says nothing")]
    [InlineData("back-squat-high-bar", "100x1@10 0, 84x7@10 0, 84x7@10 0", 0.984, "every pair counts: (3 + 0.96 + 0.96) / 5")]
    [InlineData("leg-press", "200x10@10 0", 0.8, "without a pair the exercise's own")]
    [InlineData("seated-leg-curl", "50x8@10 0", 0.75, "single joints")]
    public void Pairs_of_sets_bend_the_curve(string exercise, string sets, double k, string because)
    {
        StrengthEntry[] entries =
        [
            .. sets.Split(", ")
                .Select(text => text.Split('x', '@', ' '))
                .Select(part => new StrengthEntry
                {
                    Exercise = exercise,
                    Load = Load.FromKilograms(double.Parse(part[0])),
                    Reps = int.Parse(part[1]),
                    Rpe = Rpe.Of(double.Parse(part[2])),
                    Side = null,
                    Date = Today.AddDays(-int.Parse(part[3])),
                    Amrap = false,
                }),
        ];
        OneRepMax max = MaxOf(exercise, entries);
        Assert.True(Math.Abs(k - max.Curve.K) < 1e-6, $"{because}: {max.Curve.K}");
        Assert.Equal(k == ExerciseCatalogue.Shipped[exercise].Curve, max.OwnK is null);
    }

    [Fact]
    public void Sets_on_a_lifters_true_curve_draw_k_toward_it_and_never_past_it() =>
        Gen.Select(Gen.Double[0.6, 1.4], Gen.Int[1, 5], Gen.Int[1, 7].Array[2, 10])
            .Sample(
                (truth, apart, reps) =>
                {
                    StrengthEntry[] entries =
                    [
                        .. reps.Select(n => new StrengthEntry
                        {
                            Exercise = "back-squat-high-bar",
                            Load = Load.FromKilograms(200 * new RepCurve(truth).Fraction(n)),
                            Reps = n,
                            Rpe = Rpe.Ten,
                            Side = null,
                            Date = Today.AddDays(-apart),
                            Amrap = false,
                        }),
                    ];
                    double k = MaxOf("back-squat-high-bar", entries).Curve.K;
                    int pairs = reps.SelectMany((n, i) => reps.Skip(i + 1).Where(m => Math.Abs(n - m) >= 3)).Count();
                    // Loads are whole grams, which is the only rounding. Up to seven repetitions only one k makes a pair agree.
                    Assert.InRange(k - (3 + pairs * truth) / (3 + pairs), -1e-3, 1e-3);
                }
            );

    private static OneRepMax MaxOf(string exercise, StrengthEntry[] entries) =>
        MaxEstimates
            .Of(
                new Client
                {
                    Name = "x",
                    HeightCm = 175,
                    MassKg = 80,
                    Level = Level.Intermediate,
                    Days = [],
                },
                ExerciseCatalogue.Shipped,
                entries,
                [],
                Today
            )
            .Find(exercise)!;
}
