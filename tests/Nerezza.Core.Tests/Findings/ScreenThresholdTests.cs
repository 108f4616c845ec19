using Nerezza.Core.Screening;

namespace Nerezza.Core.Tests.Findings;

/// <summary>docs/handbook/04-screen.md: each limit from below, on it, and above. An empty line is no finding.</summary>
public sealed class ScreenThresholdTests
{
    [Theory]
    [InlineData("knee-to-wall", 4.9, 12, "ankle-range capacity left 3 0.6")]
    [InlineData("knee-to-wall", 5, 12, "ankle-range capacity left 1 0.6")]
    [InlineData("knee-to-wall", 5.1, 5.1, "ankle-range capacity - 1 0.6")]
    [InlineData("knee-to-wall", 9.9, 11, "ankle-range capacity left 1 0.6")]
    [InlineData("knee-to-wall", 10, 11.9, "")]
    [InlineData("knee-to-wall", 12, 10, "ankle-range capacity right 1 0.6")]
    [InlineData("knee-to-wall", 10.1, 12.2, "ankle-range capacity left 1 0.6")]
    [InlineData("arms-overhead", 139.9, 150, "shoulder-range capacity - 3 0.6")]
    [InlineData("arms-overhead", 140, 165, "shoulder-range capacity left 1 0.6")]
    [InlineData("arms-overhead", 159.9, 160, "shoulder-range capacity left 1 0.6")]
    [InlineData("arms-overhead", 160, 169.9, "")]
    [InlineData("arms-overhead", 170, 160, "shoulder-range capacity right 1 0.6")]
    [InlineData("leg-raise", 49.9, 80, "hamstring-range capacity left 3 0.6")]
    [InlineData("leg-raise", 50, 69.9, "hamstring-range capacity - 1 0.6")]
    [InlineData("leg-raise", 70, 95, "")]
    [InlineData("bridge", 11, 12, "glutes-weak strength left 1 0.6")]
    [InlineData("bridge", 12, 14, "")]
    [InlineData("bridge", 20, 17, "")] // exactly 15 % apart
    [InlineData("bridge", 20, 16, "side-asymmetry strength right 1 0.6")]
    [InlineData("calf", 19, 25, "calves-weak strength left 1 0.6")]
    [InlineData("calf", 20, 30, "")]
    public void A_test_of_both_sides_is_one_observation(string test, double left, double right, string expected)
    {
        BothSides sides = new(left, right);
        Screen screen = test switch
        {
            "knee-to-wall" => new Screen { KneeToWallCm = sides },
            "arms-overhead" => new Screen { ArmsOverheadDeg = sides },
            "leg-raise" => new Screen { StraightLegRaiseDeg = sides },
            "bridge" => new Screen { SingleLegBridgeReps = sides },
            _ => new Screen { CalfRaiseReps = sides },
        };
        Assert.Equal(expected.Length == 0 ? [] : [expected], Watched.Lines(Watched.Find(screen)));
    }

    [Fact]
    public void One_side_alone_counts_and_names_no_side() =>
        Assert.Equal(["ankle-range capacity - 3 0.6"], Watched.Lines(Watched.Find(new Screen { KneeToWallCm = new BothSides(null, 4) })));

    [Theory]
    [InlineData(119.9, "hip-range capacity - 1 0.6")]
    [InlineData(120, "")]
    public void Hip_flexion(double degrees, string expected) =>
        Assert.Equal(expected.Length == 0 ? [] : [expected], Watched.Lines(Watched.Find(new Screen { HipFlexionDeg = degrees })));

    public static TheoryData<string, string> Signs =>
        new()
        {
            { "upper back", "thoracic-range capacity - 1 0.5" },
            { "lower back", "spinal-control skill - 1 0.5" },
            { "wall reach", "spinal-control skill - 1 0.5" },
            { "contact", "spinal-control skill - 1 0.5" },
            { "all three of the spine", "spinal-control skill - 1 0.9" },
            { "ribs", "brace skill - 1 0.5" },
            { "glutes", "glutes-not-felt skill - 1 0.5" },
            { "plate", "squat-timing skill - 1 0.5" },
            { "knees", "abductors-weak strength - 1 0.5" },
            { "shift", "side-asymmetry strength - 1 0.5" },
            { "tuck", "hip-range capacity - 1 0.6" },
            { "heels", "squat-timing skill - 1 0.1" },
            { "wedge", "ankle-range capacity - 1 0.5" },
            { "wedge and heels", "ankle-range capacity - 1 0.8" },
            { "arms, upper back still", "thoracic-range capacity - 2 0.8" },
            { "depth", "" },
        };

    [Theory, MemberData(nameof(Signs))]
    public void What_is_seen_alone_has_severity_1(string sign, string expected)
    {
        ScreenSquat squat = Watched.Squat;
        Screen screen = sign switch
        {
            "upper back" => new Screen { UpperBackMovesAlone = false },
            "lower back" => new Screen { LowerBackMovesAlone = false },
            "wall reach" => new Screen { WallReach = false },
            "contact" => new Screen { LostContacts = [DowelContact.Sacrum] },
            "all three of the spine" => new Screen
            {
                LostContacts = [DowelContact.Head],
                WallReach = false,
                LowerBackMovesAlone = false,
            },
            "ribs" => new Screen { RibsStayDown = false },
            "glutes" => new Screen { FeelsGlutes = false },
            "plate" => new Screen { Squat = squat with { BetterWithPlateInFront = true } },
            "knees" => new Screen { Squat = squat with { KneesIn = true } },
            "shift" => new Screen { Squat = squat with { Shift = Shift.Left } },
            "tuck" => new Screen { Squat = squat with { TuckAtHipHeightCm = 45 } },
            "heels" => new Screen { Squat = squat with { HeelRise = true } },
            "wedge" => new Screen { Squat = squat with { BetterWithHeelsRaised = true } },
            "wedge and heels" => new Screen { Squat = squat with { BetterWithHeelsRaised = true, HeelRise = true } },
            "arms, upper back still" => new Screen { ArmsOverheadDeg = new BothSides(150, 150), UpperBackMovesAlone = false },
            _ => new Screen { Squat = squat with { Depth = SquatDepth.Above } },
        };
        Assert.Equal(expected.Length == 0 ? [] : [expected], Watched.Lines(Watched.Find(screen)));
    }

    [Fact]
    public void What_was_tested_and_is_fine_says_nothing() =>
        Assert.Empty(
            Watched.Find(
                new Screen
                {
                    KneeToWallCm = new BothSides(12, 12),
                    ArmsOverheadDeg = new BothSides(165, 170),
                    StraightLegRaiseDeg = new BothSides(75, 75),
                    HipFlexionDeg = 125,
                    SingleLegBridgeReps = new BothSides(14, 15),
                    CalfRaiseReps = new BothSides(22, 22),
                    FeelsGlutes = true,
                    RibsStayDown = true,
                    WallReach = true,
                    UpperBackMovesAlone = true,
                    LowerBackMovesAlone = true,
                    Squat = new ScreenSquat
                    {
                        Depth = SquatDepth.Below,
                        LeanDeg = 30,
                        HeelRise = false,
                        KneesIn = false,
                        TuckAtHipHeightCm = null,
                        Shift = Shift.None,
                        BetterWithHeelsRaised = false,
                        BetterWithPlateInFront = false,
                        Bar = ScreenBar.High,
                        LoadKg = 20,
                    },
                }
            )
        );
}
