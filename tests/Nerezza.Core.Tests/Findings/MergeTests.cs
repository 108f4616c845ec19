using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Screening;
using Nerezza.Core.Screening.Safety;

namespace Nerezza.Core.Tests.Findings;

/// <summary>docs/handbook/06-findings.md: what points at one cause is one finding that keeps every piece of evidence.</summary>
public sealed class MergeTests
{
    private static readonly LiftFault RoundsHigh = new()
    {
        Lift = "conventional-deadlift",
        Fault = FaultCode.UpperBackRoundsStart,
        FromPercent = 82,
        HeldInIsolation = true,
    };

    [Fact]
    public void A_short_ankle_with_a_better_squat_on_a_wedge_is_sure()
    {
        Screen screen = new() { KneeToWallCm = new BothSides(9, 11), Squat = Watched.Squat with { BetterWithHeelsRaised = true } };
        Finding ankle = Assert.Single(Watched.Find(screen));
        Assert.Equal("ankle-range capacity left 2 0.9", Watched.Line(ankle));
        Assert.Equal(
            [
                new Measure.Tested(ScreenTest.KneeToWall, Side.Left),
                new Measure.Tested(ScreenTest.KneeToWall, Side.Right),
                new Measure.Tested(ScreenTest.BetterWithHeelsRaised),
            ],
            ankle.Evidence.Select(piece => piece.Measure)
        );
    }

    [Fact]
    public void A_lean_and_heels_that_rise_with_four_centimetres_are_one_finding()
    {
        Screen screen = new()
        {
            KneeToWallCm = new BothSides(4, 4),
            Squat = Watched.Squat with { Depth = SquatDepth.Above, LeanDeg = 58, HeelRise = true, Bar = ScreenBar.High },
        };
        Finding ankle = Assert.Single(Watched.Find(screen));
        Assert.Equal("ankle-range capacity - 3 0.95", Watched.Line(ankle));
        Assert.Equal(4, ankle.Evidence.Count);
    }

    [Fact]
    public void An_adequate_ankle_is_not_accused_by_a_wedge()
    {
        Screen screen = new() { KneeToWallCm = new BothSides(12, 12), Squat = Watched.Squat with { BetterWithHeelsRaised = true } };
        Assert.Empty(Watched.Find(screen));
    }

    [Fact]
    public void Faults_of_two_lifts_that_agree_add_confidence()
    {
        LiftFault folds = new()
        {
            Lift = "back-squat-high-bar",
            Fault = FaultCode.UpperBackFolds,
            FromPercent = 78,
            HeldInIsolation = true,
        };
        Finding both = Assert.Single(Watched.Find(Screen.Untested, RoundsHigh, folds));
        Assert.Equal("upper-back-weak strength - 3 0.95", Watched.Line(both));
        Assert.Equal("upper-back-weak strength - 2 0.8", Watched.Line(Assert.Single(Watched.Find(Screen.Untested, RoundsHigh))));
    }

    [Fact]
    public void One_code_with_two_causes_is_two_findings()
    {
        LiftFault loose = new()
        {
            Lift = "front-squat",
            Fault = FaultCode.LosesBrace,
            FromPercent = 65,
            HeldInIsolation = true,
        };
        Assert.Equal(["brace skill - 1 0.8", "brace strength - 3 0.8"], Watched.Lines(Watched.Find(Screen.Untested, loose)));
    }

    // 28 days before 23 November is 26 October.
    [Theory]
    [InlineData("front-squat", 75.9, "back-squat-high-bar", 0, "quads-weak strength - 1 0.6")]
    [InlineData("front-squat", 76, "back-squat-high-bar", 0, "")]
    [InlineData("paused-back-squat", 85.9, "back-squat-low-bar", 0, "bottom-weak strength - 1 0.6")]
    [InlineData("paused-back-squat", 86, "back-squat-low-bar", 0, "")]
    [InlineData("block-pull", 116.1, "conventional-deadlift", 0, "floor-weak strength - 1 0.6")]
    [InlineData("block-pull", 116, "conventional-deadlift", 0, "")]
    [InlineData("romanian-deadlift", 61.9, "sumo-deadlift", 28, "hamstrings-weak strength - 1 0.6")]
    [InlineData("romanian-deadlift", 62, "sumo-deadlift", 0, "")]
    [InlineData("romanian-deadlift", 50, "sumo-deadlift", 29, "")]
    public void Two_fresh_maxes_point_at_a_weak_link(string exercise, double kg, string other, int daysOld, string expected)
    {
        KnownMax[] maxes = [new(exercise, null, kg, Watched.Today.AddDays(-daysOld)), new(other, null, 100, Watched.Today)];
        Assert.Equal(expected.Length == 0 ? [] : [expected], Watched.Lines(Watched.Find(Screen.Untested, [], [], maxes)));
    }

    [Theory]
    [InlineData(90, 100, "")]
    [InlineData(89.9, 100, "side-asymmetry strength left 2 0.6")]
    [InlineData(100, 80, "side-asymmetry strength right 2 0.6")]
    [InlineData(100, 79.9, "side-asymmetry strength right 3 0.6")]
    public void Limb_symmetry(double left, double right, string expected)
    {
        KnownMax[] maxes =
        [
            new("single-leg-leg-press", Side.Left, left, Watched.Today),
            new("single-leg-leg-press", Side.Right, right, Watched.Today),
        ];
        Assert.Equal(expected.Length == 0 ? [] : [expected], Watched.Lines(Watched.Find(Screen.Untested, [], [], maxes)));
    }

    [Fact]
    public void A_referral_stands_first_with_its_answers_and_no_cause()
    {
        Client client = Watched.Client with { Health = new Health([HealthFlag.NightPain], null) };
        PainEntry back = new()
        {
            Region = PainRegion.LowBack,
            WorseOn = [PainTrigger.Bending, PainTrigger.Arching],
            ScoreDuring = 6,
            UsualScore = 1,
            ScoreNextMorning = 1,
        };
        IReadOnlyList<Finding> findings = Watched.Find(Screen.Untested, [RoundsHigh], [back], [], client);
        Assert.Equal(["refer - - 3 0.95", "pain-flexion pain - 3 0.8", "pain-extension pain - 3 0.8"], Watched.Lines(findings));
        Assert.Equal(new Measure.Answered(new HealthReason.Flag(HealthFlag.NightPain)), Assert.Single(findings[0].Evidence).Measure);
    }

    [Fact]
    public void Retests_follow_the_cause()
    {
        Screen screen = new()
        {
            KneeToWallCm = new BothSides(8, 8),
            FeelsGlutes = false,
            SingleLegBridgeReps = new BothSides(20, 12),
        };
        PainEntry knee = new() { Region = PainRegion.Knee, ScoreDuring = 1 };
        Dictionary<FindingCode, RetestWindow?> weeks = Watched
            .Find(screen, [RoundsHigh], [knee], [])
            .ToDictionary(finding => finding.Code, finding => finding.Retest);
        Assert.Equal(new RetestWindow(5, 7), weeks[FindingCode.AnkleRange]);
        Assert.Equal(new RetestWindow(2, 3), weeks[FindingCode.GlutesNotFelt]);
        Assert.Equal(new RetestWindow(4, 4), weeks[FindingCode.SideAsymmetry]);
        Assert.Equal(new RetestWindow(4, 4), weeks[FindingCode.UpperBackWeak]); // the block's weeks
        Assert.Equal(new RetestWindow(1, 1), weeks[FindingCode.PainKnee]);
    }
}
