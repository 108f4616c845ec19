using Nerezza.Core.Catalogue;
using Nerezza.Core.Findings;
using Nerezza.Core.Review;
using Nerezza.Core.Screening;
using Nerezza.Core.Tests.Review;

namespace Nerezza.Core.Tests;

/// <summary>What a shorter screen leaves standing of the one before.</summary>
public sealed class ScreenInForceTests
{
    private static readonly DateOnly First = Told.Monday.AddDays(-42);

    private static readonly Screen Whole = new()
    {
        KneeToWallCm = new BothSides(6, 7),
        Squat = Told.Watched(SquatDepth.Above, lean: 55, tuck: 40, raised: true),
        LostContacts = [DowelContact.Sacrum],
        CalfRaiseReps = new BothSides(12, 20),
    };

    private static readonly LiftFault Lean = Fault("back-squat-high-bar", FaultCode.ExcessLean);
    private static readonly LiftFault Round = Fault("conventional-deadlift", FaultCode.UpperBackRoundsStart);

    [Fact]
    public void What_was_not_tested_stands_test_by_test_and_side_by_side()
    {
        ClientCase now = Filled(new Screen { KneeToWallCm = new BothSides(11, null), FeelsGlutes = true });
        Assert.Equal(new BothSides(11, 7), now.Screen.KneeToWallCm);
        Assert.Equal((Whole.Squat, true, Whole.CalfRaiseReps), (now.Screen.Squat, now.Screen.FeelsGlutes, now.Screen.CalfRaiseReps));
        Assert.Equal([DowelContact.Sacrum], now.Screen.LostContacts!);
        Assert.Equal([Lean, Round], now.Faults);
    }

    [Fact]
    public void A_squat_that_was_watched_again_ends_its_tuck_and_its_faults_and_no_hinge_s()
    {
        ClientCase now = Filled(new Screen { Squat = Told.Watched(SquatDepth.At, lean: 40, tuck: null, raised: null) });
        Assert.Equal(Told.Watched(SquatDepth.At, lean: 40, tuck: null, raised: true), now.Screen.Squat);
        Assert.Equal([Round], now.Faults);
        // Contacts that were all kept end the hinge's; a trial alone watches nothing.
        Assert.Equal([Lean], Filled(new Screen { LostContacts = [] }).Faults);
        ClientCase tried = Filled(new Screen { Squat = Told.Watched(null, null, null, raised: false) });
        Assert.Equal([Lean, Round], tried.Faults);
        Assert.Equal(Whole.Squat! with { BetterWithHeelsRaised = false }, tried.Screen.Squat);
        // Another fault of the pattern: what was seen then was looked for now.
        LiftFault caves = Fault("front-squat", FaultCode.KneesCave);
        Assert.Equal([caves, Round], Filled(new Screen(), caves).Faults);
    }

    [Fact]
    public void Filled_twice_is_filled_once()
    {
        ClientCase once = Filled(new Screen { HipFlexionDeg = 120 });
        ClientCase twice = once.Filled(ExerciseCatalogue.Shipped);
        Assert.Equal((once.Screen.Squat, once.Screen.HipFlexionDeg), (twice.Screen.Squat, twice.Screen.HipFlexionDeg));
        Assert.Equal(once.Faults, twice.Faults);
    }

    [Fact]
    public void A_retest_of_the_ankle_closes_the_ankle_and_leaves_the_calf_open_and_due()
    {
        ClientCase @case = Case(new Screen { KneeToWallCm = new BothSides(12, 12), Squat = Told.Watched(SquatDepth.At, 38, null, false) });
        ReviewInput input = Told.Input(@case, 0);
        ClientReview review = Told.Reviewer.Of(input);
        Assert.Equal(Course.Closed, review.Findings.Single(one => one.Finding.Code is FindingCode.AnkleRange).Course);
        FindingStory calf = review.Findings.Single(one => one.Finding.Code is FindingCode.CalvesWeak);
        Assert.Equal((true, Course.NotMeasuredSince), (calf.IsOpen, calf.Course));
        Assert.True(calf.Retest!.IsDue(input.Today));
        Assert.All(calf.Measures, measure => Assert.Equal(First, Assert.Single(measure.Points).Date));
    }

    private static ClientCase Filled(Screen newest, params LiftFault[] faults) =>
        (Case(newest) with { Faults = faults }).Filled(ExerciseCatalogue.Shipped);

    private static ClientCase Case(Screen newest) =>
        Told.Case() with
        {
            Screen = newest,
            ScreenedOn = Told.Monday,
            EarlierScreens = [new EarlierScreen(First, Whole, [Lean, Round])],
        };

    private static LiftFault Fault(string lift, FaultCode fault) => new() { Lift = lift, Fault = fault };
}
