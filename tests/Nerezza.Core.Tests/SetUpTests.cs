using Nerezza.Core.Catalogue;
using Nerezza.Core.Prescription;
using Nerezza.Core.Screening;

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
}
