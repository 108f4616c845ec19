using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Prescription;
using Nerezza.Core.Screening;
using Nerezza.Core.Selection;
using Nerezza.Core.Tests.Blocks;
using Nerezza.Core.Wording;

namespace Nerezza.Core.Tests;

/// <summary>Heights that are set for one client (docs/handbook/05-faults.md, docs/handbook/08-catalogue.md and formats).</summary>
public sealed class SetUpTests
{
    // Exercise, tuck seen in the screen, tuck seen under load, bar height at which the back is flat, rung -> box, pins, wedge, blocks.
    [Theory]
    [InlineData("box-squat", 45.0, null, null, 1, 45.0, null, null, null)]
    [InlineData("box-squat", 45.0, 48.0, null, 1, 48.0, null, null, null)]
    [InlineData("box-squat", 45.0, null, null, 3, 41.0, null, null, null)]
    [InlineData("box-squat", null, null, null, 1, null, null, null, null)]
    [InlineData("heels-raised-back-squat", null, null, null, 1, null, null, 2.5, null)]
    [InlineData("block-pull", null, null, null, 1, null, null, null, 10.0)]
    [InlineData("block-pull", null, null, 40.0, 1, null, null, null, 17.5)]
    [InlineData("rack-pull", null, null, 55.0, 1, null, 55.0, null, null)]
    [InlineData("back-squat-high-bar", 45.0, 48.0, 40.0, 1, null, null, null, null)]
    public void Heights_follow_what_was_seen(
        string exercise,
        double? tuck,
        double? underLoad,
        double? flat,
        int rung,
        double? box,
        double? pins,
        double? wedge,
        double? blocks
    )
    {
        Screen screen = new()
        {
            Squat = new ScreenSquat
            {
                Depth = null,
                LeanDeg = null,
                HeelRise = null,
                KneesIn = null,
                TuckAtHipHeightCm = tuck,
                Shift = null,
                BetterWithHeelsRaised = null,
                BetterWithPlateInFront = null,
                Bar = ScreenBar.None,
                LoadKg = null,
            },
        };
        LiftFault[] faults =
        [
            new()
            {
                Lift = "back-squat-high-bar",
                Fault = FaultCode.PelvisTucks,
                AtHipHeightCm = underLoad,
            },
            new()
            {
                Lift = "conventional-deadlift",
                Fault = FaultCode.LumbarRounds,
                AtBarHeightCm = flat,
            },
        ];
        Assert.Equal(new SetUp(box, pins, wedge, blocks), SetUp.Of(ExerciseCatalogue.Shipped[exercise], screen, faults, rung));
    }

    /// <summary>A pull from the floor stands at 22.5 cm: on its own full-size plates, or on blocks, said with the height.</summary>
    [Theory]
    [InlineData(true, false, null)]
    [InlineData(true, true, 22.5)] // blocks let the ramp begin with small plates
    [InlineData(false, true, 22.5)]
    public void A_pull_without_full_size_plates_stands_on_blocks_at_a_height_that_is_said(bool fullSize, bool blocks, double? bar)
    {
        ClientCase plain = PlainCase.With(70, [Weekday.Mon, Weekday.Thu], blocks ? [Implement.Blocks] : []);
        ClientCase @case = plain with
        {
            Equipment = plain.Equipment with
            {
                Plates = [.. plain.Equipment.Plates.Select(kind => kind with { FullSize = fullSize && kind.FullSize })],
            },
        };
        Plan plan = new Planner(ExerciseCatalogue.Shipped, new GreedyChooser(), new GreedyWeekLayout()).Make(@case);
        PrescribedItem pull = plan.Block!.Weeks.SelectMany(week => week.Sessions)
            .SelectMany(session => session.Items)
            .First(item => item.Exercise is "conventional-deadlift");
        Assert.Equal(bar, pull.SetUp.BarCm);
        Assert.Equal(bar is not null, FloorWords.Text(pull.SetUp).Contains("22.5 cm", StringComparison.Ordinal));
    }

    [Fact]
    public void Without_full_size_plates_and_blocks_another_pull_is_taken()
    {
        ClientCase plain = PlainCase.With(70, [Weekday.Mon, Weekday.Thu], []);
        ClientCase @case = plain with
        {
            Equipment = plain.Equipment with { Plates = [.. plain.Equipment.Plates.Select(kind => kind with { FullSize = false })] },
        };
        Plan plan = new Planner(ExerciseCatalogue.Shipped, new GreedyChooser(), new GreedyWeekLayout()).Make(@case);
        Assert.DoesNotContain(plan.Selection.All, one => one.Exercise.FromFloor && one.Exercise.Load is LoadSource.Barbell);
        Assert.Contains(plan.Selection.All, one => one.Purpose is Purpose.Main && one.Exercise.Pattern is Pattern.Hinge);
    }
}
