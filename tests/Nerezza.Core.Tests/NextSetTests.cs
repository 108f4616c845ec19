using CsCheck;
using Nerezza.Core.Floor;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;
using Nerezza.Core.Wording;

namespace Nerezza.Core.Tests;

public sealed class NextSetTests
{
    private static readonly LoadMeans Steps = new LoadMeans.Stack(
        Load.FromKilograms(2.5),
        [.. Enumerable.Range(8, 80).Select(i => Load.FromKilograms(i * 2.5))]
    );

    // 100 kg x 5 planned at RPE 8 (max 120). Rated loads by hand: today's max = 100 / curve(5 + reserve), times 0.8333.
    [Theory]
    [InlineData(5, 8.0, null, null, "as planned")]
    [InlineData(5, null, null, null, "as planned")]
    [InlineData(5, 7.0, null, null, "5 x 102.5 EasierThanPlanned")] // 103.4
    [InlineData(5, 9.0, null, null, "5 x 97.5 HarderThanPlanned")] // 96.8
    [InlineData(5, 8.5, null, null, "5 x 97.5 HarderThanPlanned")] // 98.4
    [InlineData(8, 6.0, null, null, "5 x 110 EasierThanPlanned")] // 120: held at 10 %
    [InlineData(4, 10.0, null, null, "5 x 95 MissedReps")]
    [InlineData(5, 10.0, null, null, "5 x 92.5 HarderThanPlanned")] // 93.75: the tie goes down
    [InlineData(5, 8.0, 3, null, "3 x 100 TechniqueChanged")]
    [InlineData(8, 6.0, 5, null, "as planned")] // form held for all that is planned
    [InlineData(5, 8.0, null, 3.0, "substitute")]
    [InlineData(5, 8.0, null, 5.0, "substitute")]
    [InlineData(5, 8.0, null, 5.5, "end Pain")]
    [InlineData(5, 8.0, null, 2.0, "as planned")]
    public void The_last_set_shapes_the_next(int reps, double? rpe, int? heldTo, double? pain, string expected)
    {
        string found = Text(NextSet.After([Done(reps, rpe, heldTo, pain)], Ahead(), 2, RepCurve.Standard, 0, Steps));
        Assert.Equal(expected, found);
    }

    [Fact]
    public void A_second_miss_ends_the_exercise() =>
        Assert.Equal(
            "end MissedTwice",
            Text(NextSet.After([Done(4, 10, null, null), Done(4, 10, null, null)], Ahead(), 2, RepCurve.Standard, 0, Steps))
        );

    [Fact]
    public void Nothing_left_on_a_prescribed_eight_leaves_the_last_set_out() =>
        Assert.Equal("end OneSetFewer", Text(NextSet.After([Done(5, 10, null, null)], Ahead(), 1, RepCurve.Standard, 0, Steps)));

    [Fact]
    public void No_set_moves_by_more_than_a_tenth() =>
        Gen.Select(Gen.Int[1, 15], Gen.Int[2, 20], Gen.Int[8, 80])
            .Sample(
                (reps, halfRpe, step) =>
                {
                    SetAhead ahead = Ahead() with { Load = Load.FromKilograms(step * 2.5) };
                    SetDone done = Done(reps, halfRpe / 2.0, null, null) with { Load = ahead.Load, PrescribedReps = 1 };
                    if (NextSet.After([done], ahead, 3, RepCurve.Standard, 0, Steps) is NextSet.Adjusted adjusted)
                    {
                        Assert.True(Math.Abs(adjusted.Ahead.Load - ahead.Load) <= ahead.Load.Kilograms * 0.1 + 1e-6);
                        Assert.Contains(adjusted.Ahead.Load, Steps.Steps);
                        Assert.NotNull(FloorWords.Text(adjusted));
                    }
                }
            );

    private static SetAhead Ahead() => new(Load.FromKilograms(100), 5, Rpe.Of(8));

    private static SetDone Done(int reps, double? rpe, int? heldTo, double? pain) =>
        new()
        {
            Load = Load.FromKilograms(100),
            Reps = reps,
            Rpe = rpe is { } r ? Rpe.Of(r) : null,
            TechniqueHeldTo = heldTo,
            Pain = pain,
            PrescribedReps = 5,
            PrescribedRpe = Rpe.Of(8),
        };

    private static string Text(NextSet next) =>
        next switch
        {
            NextSet.AsPlanned => "as planned",
            NextSet.Adjusted adjusted => FormattableString.Invariant(
                $"{adjusted.Ahead.Reps} x {adjusted.Ahead.Load.Kilograms} {adjusted.Reason}"
            ),
            NextSet.EndExercise end => $"end {end.Reason}",
            _ => "substitute",
        };
}
