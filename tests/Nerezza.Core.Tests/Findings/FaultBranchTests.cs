using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening;

namespace Nerezza.Core.Tests.Findings;

/// <summary>docs/handbook/05-faults.md, docs/handbook/06-findings.md: which fault means which finding, down each branch. "-": treated as
/// skill with confidence 0.4.</summary>
public sealed class FaultBranchTests
{
    [Theory]
    [InlineData("heels-rise", "ankle-range", "squat-timing", "squat-timing")]
    [InlineData("knees-lead", "hip-range", "squat-timing", "glutes-weak")]
    [InlineData("excess-lean", "hip-range", "squat-timing", "quads-weak")]
    [InlineData("hips-shoot-up", "ankle-range", "squat-timing", "quads-weak")]
    [InlineData("knees-cave", "ankle-range", "squat-timing", "abductors-weak")]
    [InlineData("pelvis-tucks", "hip-range", "spinal-control", "brace")]
    [InlineData("side-shift", "hip-range", "squat-timing", "side-asymmetry")]
    [InlineData("sticks-low", "hip-range", "squat-timing", "bottom-weak")]
    [InlineData("sticks-mid", "-", "squat-timing", "glutes-weak")]
    [InlineData("upper-back-folds", "thoracic-range", "brace", "upper-back-weak")]
    [InlineData("loses-brace", "-", "brace", "brace")]
    [InlineData("elbows-flare-back", "shoulder-range", "squat-timing", "lats-weak")]
    [InlineData("hips-rise-first", "hamstring-range", "hinge-timing", "quads-weak")]
    [InlineData("lumbar-rounds", "hamstring-range", "spinal-control", "floor-weak")]
    [InlineData("upper-back-rounds-start", "thoracic-range", "hinge-timing", "upper-back-weak")]
    [InlineData("bar-drifts", "-", "hinge-timing", "lats-weak")]
    [InlineData("slow-off-floor", "hip-range", "hinge-timing", "floor-weak")]
    [InlineData("sticks-knee", "-", "hinge-timing", "hamstrings-weak")]
    [InlineData("soft-lockout", "hip-range", "hinge-timing", "lockout-weak")]
    [InlineData("overextends-lockout", "hip-range", "spinal-control", "glutes-weak")]
    [InlineData("lumbar-extends-top", "hip-range", "spinal-control", "glutes-weak")]
    [InlineData("no-hamstring-stretch", "hamstring-range", "hinge-timing", "hamstrings-weak")]
    [InlineData("hips-open", "hip-range", "hinge-timing", "abductors-weak")]
    [InlineData("neck-up", "thoracic-range", "spinal-control", "upper-back-weak")]
    [InlineData("knee-drifts", "ankle-range", "squat-timing", "quads-weak")]
    [InlineData("drops-and-bounces", "-", "hinge-timing", "bottom-weak")]
    public void Each_fault_down_each_branch(string fault, string capacity, string skill, string strength)
    {
        string[] missing = capacity == "-" ? [$"{skill} skill - 2 0.4"] : [$"{capacity} capacity - 1 0.8"];
        Assert.Equal(missing, Lines(Seen(fault, 40, false)));
        Assert.Equal([$"{skill} skill - 2 0.8"], Lines(Seen(fault, 49.9, true)));
        Assert.Equal([$"{skill} skill - 1 0.8"], Lines(Seen(fault, 50, true)));
        Assert.Equal([$"{skill} skill - 1 0.8"], Lines(Seen(fault, 59.9, true)));
        Assert.Equal([$"{skill} skill - 1 0.8", $"{strength} strength - 3 0.8"], Lines(Seen(fault, 60, true)));
        Assert.Equal([$"{skill} skill - 1 0.8", $"{strength} strength - 3 0.8"], Lines(Seen(fault, 74.9, true)));
        Assert.Equal([$"{strength} strength - 3 0.8"], Lines(Seen(fault, 75, true)));
        Assert.Equal([$"{strength} strength - 3 0.8"], Lines(Seen(fault, 79.9, true)));
        Assert.Equal([$"{strength} strength - 2 0.8"], Lines(Seen(fault, 80, true)));
        Assert.Equal([$"{strength} strength - 2 0.8"], Lines(Seen(fault, 89.9, true)));
        Assert.Equal([$"{strength} strength - 1 0.8"], Lines(Seen(fault, 90, true)));
        Assert.Equal([$"{skill} skill - 1 0.3"], Lines(Seen(fault, null, true)));
        Assert.Equal([$"{skill} skill - 1 0.1"], Lines(Seen(fault, null, null)));
        Assert.Equal([$"{strength} strength - 2 0.3"], Lines(Seen(fault, 85, null)));
    }

    [Theory]
    [InlineData("grip-fails", "grip-weak strength - 2 0.5")]
    [InlineData("glutes-not-felt", "glutes-not-felt skill - 1 0.5")]
    [InlineData("side-weaker", "side-asymmetry strength - 2 0.5")]
    [InlineData("fades-in-medley", "carry-endurance strength - 2 0.5")]
    [InlineData("throw-lacks-power", "hip-power strength - 2 0.5")]
    [InlineData("technique-fades", "")]
    public void Some_faults_have_one_meaning_and_one_only_caps_repetitions(string fault, string expected) =>
        Assert.Equal(expected.Length == 0 ? [] : [expected], Lines(Seen(fault, 85, true)));

    [Fact]
    public void Every_fault_is_in_these_tables() => Assert.Equal(26 + 6, Enum.GetValues<FaultCode>().Length);

    [Theory]
    [InlineData("excess-lean")]
    [InlineData("pelvis-tucks")]
    [InlineData("side-shift")]
    public void Where_the_ankle_is_flagged_it_is_the_ankle(string fault)
    {
        Screen shortLeft = new() { KneeToWallCm = new BothSides(8, 12) };
        string line = Assert.Single(Watched.Lines(Watched.Find(shortLeft, Seen(fault, 40, false))));
        Assert.StartsWith("ankle-range capacity left 2", line, StringComparison.Ordinal);
    }

    // The test that matches the fault's own range answers for a position nobody tried in isolation.
    [Theory]
    [InlineData("heels-rise", "knee-to-wall", 9, "ankle-range capacity - 2 0.8")]
    [InlineData("heels-rise", "knee-to-wall", 11, "squat-timing skill - 2 0.5")]
    [InlineData("sticks-low", "hip-flexion", 110, "hip-range capacity - 2 0.8")]
    [InlineData("sticks-low", "hip-flexion", 125, "squat-timing skill - 2 0.5")]
    [InlineData("lumbar-rounds", "leg-raise", 60, "hamstring-range capacity - 2 0.8")]
    [InlineData("lumbar-rounds", "leg-raise", 80, "spinal-control skill - 2 0.5")]
    [InlineData("elbows-flare-back", "arms", 150, "shoulder-range capacity - 2 0.8")]
    [InlineData("elbows-flare-back", "arms", 170, "squat-timing skill - 2 0.5")]
    public void A_missing_answer_is_taken_from_the_matching_test(string fault, string test, double value, string expected)
    {
        BothSides both = new(value, value);
        Screen screen = test switch
        {
            "knee-to-wall" => new Screen { KneeToWallCm = both },
            "hip-flexion" => new Screen { HipFlexionDeg = value },
            "leg-raise" => new Screen { StraightLegRaiseDeg = both },
            _ => new Screen { ArmsOverheadDeg = both },
        };
        Assert.Equal([expected], Watched.Lines(Watched.Find(screen, Seen(fault, 40, null))));
    }

    [Fact]
    public void Timing_is_that_of_the_lift()
    {
        LiftFault onSquat = new()
        {
            Lift = "front-squat",
            Fault = FaultCode.DropsAndBounces,
            FromPercent = 55,
            HeldInIsolation = true,
        };
        Assert.Equal(["squat-timing skill - 1 0.8"], Lines(onSquat));
    }

    [Theory]
    [InlineData(4, "pain-knee pain - 2 0.8")]
    [InlineData(2, "squat-timing skill - 1 0.8", "pain-knee pain - 1 0.6")]
    public void A_lift_that_hurts_is_a_matter_of_pain_first(double score, params string[] expected)
    {
        PainEntry knee = new()
        {
            Region = PainRegion.Knee,
            ScoreDuring = score,
            UsualScore = 0,
            ScoreNextMorning = 0,
        };
        LiftFault fault = new()
        {
            Lift = "front-squat",
            Fault = FaultCode.KneesLead,
            FromPercent = 55,
            HeldInIsolation = true,
        };
        Assert.Equal(expected, Watched.Lines(Watched.Find(Screen.Untested, [fault], [knee], [])));
    }

    /// <summary>A bench press that does not lock out says nothing of the glutes; a brace that is lost says the same anywhere.</summary>
    [Theory]
    [InlineData("soft-lockout", false)]
    [InlineData("knees-cave", false)]
    [InlineData("sticks-low", false)]
    [InlineData("no-hamstring-stretch", false)]
    [InlineData("loses-brace", true)]
    [InlineData("grip-fails", true)]
    [InlineData("drops-and-bounces", true)]
    public void Of_a_press_or_a_pull_only_what_is_not_of_the_legs_counts(string fault, bool counts)
    {
        foreach (string lift in (string[])["bench-press", "cable-row"])
            Assert.Equal(counts, Lines(Seen(fault, 85, true) with { Lift = lift }).Length > 0);
        Assert.NotEmpty(Lines(Seen(fault, 85, true) with { Lift = "front-squat" }));
    }

    private static LiftFault Seen(string fault, double? from, bool? held) =>
        new()
        {
            Lift = "conventional-deadlift",
            Fault = Codes.Find<FaultCode>(fault)!.Value,
            FromPercent = from,
            HeldInIsolation = held,
        };

    private static string[] Lines(LiftFault fault) => Watched.Lines(Watched.Find(Screen.Untested, fault));
}
