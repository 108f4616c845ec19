using CsCheck;
using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Tests.Blocks;

/// <summary>How accessories go on from week to week (docs/handbook/12-weeks-and-blocks.md).</summary>
public sealed class DoubleProgressionTests
{
    private static readonly Rpe Hardest = Rpe.Of(9);

    private static readonly PrescribedItem Row = new Planner(ExerciseCatalogue.Shipped, new GreedyChooser(), new GreedyWeekLayout())
        .Make(PlainCase.With(70, [Weekday.Mon, Weekday.Thu], []))
        .Block!.Weeks[0]
        .Sessions.SelectMany(session => session.Items)
        .First(item => item.Role is Role.Accessory && item.Sets[0].Load?.Grams > 0);

    private static readonly double Kg = Row.Sets[0].Load!.Value.Kilograms;

    [Fact]
    public void The_next_week_is_never_lighter_nor_harder_than_its_role_and_a_load_that_is_outgrown_goes_up() =>
        Gen.Select(Gen.Double[1.1, 6], Gen.OneOf(1.0, 1.25, 2.5, 5))
            .Sample(
                (times, step) =>
                {
                    LoadMeans steps = new LoadMeans.Stack(
                        Load.FromKilograms(Kg),
                        [.. Enumerable.Range(1, 60).Select(i => Load.FromKilograms(Kg + i * step))]
                    );
                    var fit = new LoadFit(RepCurve.Standard, Kg * times, 0, steps);
                    WeekTarget next = DoubleProgression.Next(Row, Hardest, fit);
                    Load load = next.Load!.Value;
                    double toFailure = fit.Curve.RepsToFailure(load.Kilograms / fit.MaxKg);
                    (RepRange range, int before) = (Row.Ask.Range, Row.Sets[0].Reps);
                    Assert.True(load.Kilograms >= Kg && (load.Kilograms > Kg || next.Reps >= before), $"{load} x {next.Reps}");
                    Assert.InRange(next.Reps, range.Bottom, range.Top);
                    if (load.Kilograms > Kg || next.Reps > before)
                        Assert.True(toFailure - next.Reps >= Hardest.InReserve - 1e-6, $"{load} x {next.Reps} of {toFailure:0.0}");
                    // Even the most repetitions of the range leave five: the next load, if the fewest can be made on it.
                    double left = fit.Curve.RepsToFailure(1 / times) - range.Top;
                    bool canGoUp = fit.Curve.RepsToFailure((Kg + step) / fit.MaxKg) - range.Bottom >= Hardest.InReserve + 1e-6;
                    if (left > 5 && canGoUp)
                        Assert.Equal(Kg + step, load.Kilograms, 6);
                },
                iter: 500
            );
}
