using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Loads.Loading;
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
        Screen screen = new() { Squat = Tucks(tuck) };
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
        Assert.Equal(
            new SetUp(box, pins, wedge, blocks),
            SetUp.Of(ExerciseCatalogue.Shipped[exercise], screen, faults, rung, HeightCourse.Start)
        );
    }

    /// <summary>A box comes down by 2 cm after every two sessions, blocks and pins by 2.5 cm and never under their own height, a wedge by
    /// half a centimetre a fortnight where the ankle is stiff.</summary>
    [Theory]
    [InlineData("box-squat", 1, 0, 45.0)]
    [InlineData("box-squat", 2, 1, 43.0)]
    [InlineData("box-squat", 7, 3, 39.0)]
    [InlineData("box-squat", 40, 19, 28.0)]
    [InlineData("block-pull", 2, 1, 15.0)]
    [InlineData("block-pull", 20, 9, 10.0)]
    [InlineData("rack-pull", 4, 2, 50.0)]
    [InlineData("heels-raised-back-squat", 2, 1, 2.5)]
    [InlineData("heels-raised-back-squat", 2, 2, 2.0)]
    [InlineData("heels-raised-back-squat", 8, 4, 1.5)]
    public void Heights_come_down_over_a_block(string exercise, int sessions, int weeks, double height)
    {
        Screen screen = new() { KneeToWallCm = new BothSides(6, 7), Squat = Tucks(45) };
        LiftFault[] faults =
        [
            new()
            {
                Lift = "conventional-deadlift",
                Fault = FaultCode.LumbarRounds,
                AtBarHeightCm = exercise is "rack-pull" ? 55 : 40,
            },
        ];
        SetUp now = SetUp.Of(ExerciseCatalogue.Shipped[exercise], screen, faults, 1, new HeightCourse(sessions, weeks));
        Assert.Equal(height, now.BoxCm ?? now.PinCm ?? now.BlockCm ?? now.HeelCm);
        SetUp first = SetUp.Of(ExerciseCatalogue.Shipped[exercise], screen, faults, 1, HeightCourse.Start);
        Assert.Equal(now with { If = null } != first, now.If is not null);
    }

    [Fact]
    public void A_counterbalance_gets_lighter_every_second_week_down_to_the_lightest_plate()
    {
        ClientCase plain = PlainCase.With(70, [Weekday.Mon, Weekday.Thu], []);
        double?[] plates =
        [
            .. Enumerable
                .Range(0, 10)
                .Select(week =>
                    Counterbalance
                        .In(week, ExerciseCatalogue.Shipped["plate-counterbalance-squat"], new Loader(plain.Equipment), 80)
                        ?.Kilograms
                ),
        ];
        Assert.Equal([10, 10, 5, 5, 2.5, 2.5, 1.25, 1.25, 1.25, 1.25], plates);
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

    private static ScreenSquat Tucks(double? at) =>
        new()
        {
            Depth = null,
            LeanDeg = null,
            HeelRise = null,
            KneesIn = null,
            TuckAtHipHeightCm = at,
            Shift = null,
            BetterWithHeelsRaised = null,
            BetterWithPlateInFront = null,
            Bar = ScreenBar.None,
            LoadKg = null,
        };
}
