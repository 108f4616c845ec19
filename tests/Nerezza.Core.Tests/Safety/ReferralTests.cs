using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Wording;

namespace Nerezza.Core.Tests.Safety;

public sealed class ReferralTests
{
    private static readonly PainEntry Ache = new()
    {
        Region = PainRegion.LowBack,
        WorseOn = [PainTrigger.Bending],
        ScoreDuring = 1,
        UsualScore = 1,
        Weeks = 1,
    };

    // Each flag alone, without and with pain; from docs/handbook/07-pain-and-health.md.
    [Theory]
    [InlineData("saddle-numbness", "Stop Emergency", "Stop Emergency")]
    [InlineData("bladder-bowel", "Stop Emergency", "Stop Emergency")]
    [InlineData("progressive-weakness", "Stop Emergency", "Stop Emergency")]
    [InlineData("both-legs", "Stop Emergency", "Stop Emergency")]
    [InlineData("chest-pain", "Stop Emergency", "Stop Emergency")]
    [InlineData("fainting", "Stop Emergency", "Stop Emergency")]
    [InlineData("breathlessness", "Stop Emergency", "Stop Emergency")]
    [InlineData("fever", "Stop Doctor", "Stop Doctor")]
    [InlineData("blood-pressure-180", "Stop Doctor", "Stop Doctor")]
    [InlineData("pregnancy-warning", "Stop Doctor", "Stop Doctor")]
    [InlineData("recent-trauma", "BeforeHeavy Clearance", "Stop Doctor")]
    [InlineData("weight-loss", "BeforeHeavy Clearance", "Stop Doctor")]
    [InlineData("cancer-history", "BeforeHeavy Clearance", "Stop Doctor")]
    [InlineData("night-pain", "BeforeHeavy Clearance", "Stop Doctor")]
    [InlineData("osteoporosis", "BeforeHeavy Clearance", "Stop Doctor")]
    [InlineData("pregnant", "BeforeHeavy Clearance", "BeforeHeavy Clearance")]
    [InlineData("postnatal", "BeforeHeavy Clearance", "BeforeHeavy Clearance")]
    [InlineData("heart", "BeforeHeavy Clearance", "BeforeHeavy Clearance")]
    [InlineData("blood-pressure-160", "BeforeHeavy Clearance", "BeforeHeavy Clearance")]
    [InlineData("eye-surgery", "BeforeHeavy Clearance", "BeforeHeavy Clearance")]
    [InlineData("aneurysm", "BeforeHeavy Clearance", "BeforeHeavy Clearance")]
    [InlineData("hernia", "BeforeHeavy Clearance", "BeforeHeavy Clearance")]
    [InlineData("recent-surgery", "BeforeHeavy Clearance", "BeforeHeavy Clearance")]
    public void Each_answer_has_its_level(string flag, string alone, string withPain)
    {
        Health health = new([Codes.Find<HealthFlag>(flag)!.Value], null);
        Assert.Equal(alone, Text(HealthReferral.From(health, [])));
        Referral referral = HealthReferral.From(health, [Ache])!;
        Assert.Equal(withPain, Text(referral));
        Assert.Contains(new HealthReason.Flag(health.Flags[0]), referral.Reasons);
        Assert.Contains(
            ReferralWords.Question(Codes.Find<HealthFlag>(flag)!.Value),
            ReferralWords.Text(referral),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void Every_flag_is_in_the_table() => Assert.Equal(23, Enum.GetValues<HealthFlag>().Length);

    [Fact]
    public void Only_the_answers_that_are_named_are_cleared()
    {
        var cleared = new Clearance("A. Doctor", "physician", new DateOnly(2026, 11, 1), [HealthFlag.Fever]);
        Assert.Null(HealthReferral.From(new Health([HealthFlag.Fever], cleared), []));
        Assert.Equal(
            [new HealthReason.Flag(HealthFlag.ChestPain)],
            HealthReferral.From(new Health([HealthFlag.Fever, HealthFlag.ChestPain], cleared), [])!.Reasons
        );
    }

    [Fact]
    public void Nerve_signs_come_before_heavy_work_and_lasting_pain_comes_last()
    {
        PainEntry nerve = Ache with { NerveSigns = true },
            lasting = Ache with { Weeks = 7, Improving = false };
        Assert.Equal("BeforeLoading Clearance", Text(HealthReferral.From(new Health([HealthFlag.Hernia], null), [nerve])));
        Assert.Equal("Soon Clearance", Text(HealthReferral.From(new Health([], null), [lasting])));
        Assert.Null(HealthReferral.From(new Health([], null), [lasting with { Improving = true }]));
        Assert.Null(HealthReferral.From(new Health([], null), [lasting with { Weeks = 6 }]));
    }

    [Theory]
    [InlineData(2.0, 1.0, 1.0, PainLevel.Watch)]
    [InlineData(3.0, 1.0, 1.0, PainLevel.Change)]
    [InlineData(5.0, 1.0, 1.0, PainLevel.Change)]
    [InlineData(5.5, 1.0, 1.0, PainLevel.Stop)]
    [InlineData(1.0, 2.0, 1.0, PainLevel.Change)]
    [InlineData(1.0, 3.0, 1.0, PainLevel.Stop)]
    [InlineData(4.0, 3.0, 3.0, PainLevel.Change)] // usual 3: the rise above it is judged
    [InlineData(3.0, 3.0, 3.0, PainLevel.Watch)]
    [InlineData(5.0, 3.0, 3.0, PainLevel.Stop)]
    public void The_score_decides_the_level(double during, double morning, double usual, PainLevel level) =>
        Assert.Equal(level, PainScore.LevelOf(Ache with { ScoreDuring = during, ScoreNextMorning = morning, UsualScore = usual }));

    [Fact]
    public void A_pain_that_nobody_scored_is_not_taken_for_a_slight_one() =>
        Assert.Equal(PainLevel.Change, PainScore.LevelOf(Ache with { ScoreDuring = null, ScoreNextMorning = null, UsualScore = null }));

    [Theory]
    [InlineData("bench-press", false)]
    [InlineData("paused-bench-press", false)]
    [InlineData("close-grip-bench-press", false)]
    [InlineData("machine-fly", false)]
    [InlineData("dip", false)]
    [InlineData("overhead-press", false)]
    [InlineData("back-squat-low-bar", false)]
    [InlineData("dumbbell-bench-press", true)]
    [InlineData("landmine-press", true)]
    [InlineData("front-squat", true)]
    public void Shoulder_pain_takes_out_the_straight_bar_and_what_is_overhead(string exercise, bool stays)
    {
        PainEntry shoulder = new() { Region = PainRegion.Shoulder, ScoreDuring = 4 };
        Caution left = new TrainingCaps(Client(), [shoulder], new DateOnly(2026, 12, 1)).For(ExerciseCatalogue.Shipped[exercise]);
        Assert.Equal(stays, left is Caution.Allowed);
    }

    [Theory]
    [InlineData(2, true)]
    [InlineData(3, false)]
    [InlineData(null, true)]
    public void What_was_tried_is_tried_again_only_where_it_may_be_carried_on_with(int? felt, bool again)
    {
        PainEntry knee = new() { Region = PainRegion.Knee, ScoreDuring = 7 };
        LogSet Set(double? pain) =>
            new()
            {
                Exercise = "box-squat",
                Reps = 8,
                Pain = pain,
            };
        DateOnly day = new(2026, 12, 1);
        // A day before it that hurt counts no more.
        TrainingCaps caps = new(Client(), [knee], day)
        {
            Log = [new(day.AddDays(-2), null, [Set(9)]), new(day, null, [Set(0), Set(felt)])],
        };
        Caution left = caps.For(ExerciseCatalogue.Shipped["box-squat"]);
        Assert.Equal(again, left is Caution.Allowed { Cues: [var cue, ..] } && cue.Contains("2 of 10", StringComparison.Ordinal));
        Assert.Equal(again, caps.For(ExerciseCatalogue.Shipped["leg-press"]) is Caution.Allowed);
    }

    [Fact]
    public void Bending_pain_rules_out_floor_pulls_and_caps_what_stays()
    {
        TrainingCaps caps = new(Client(), [Ache with { ScoreDuring = 4 }], new DateOnly(2026, 12, 1));
        Assert.IsType<Caution.RuledOut>(caps.For(ExerciseCatalogue.Shipped["conventional-deadlift"]));
        Assert.IsType<Caution.RuledOut>(caps.For(ExerciseCatalogue.Shipped["good-morning"]));
        var squat = Assert.IsType<Caution.Allowed>(caps.For(ExerciseCatalogue.Shipped["front-squat"]));
        Assert.Equal((6, 0.65), (squat.MostRpe.Value, squat.MostFraction));
        Assert.Equal(new Caution.Allowed(Rpe.Ten, 1), caps.For(ExerciseCatalogue.Shipped["bench-press"]));
    }

    [Theory]
    [InlineData(2010, null, "front-squat", 10, 1, 1)]
    [InlineData(2012, null, "front-squat", 7, 1, 1)]
    [InlineData(1990, HealthFlag.Hernia, "front-squat", 7, 0.75, 6)]
    [InlineData(1990, HealthFlag.Hernia, "bench-press", 7, 0.75, 6)]
    [InlineData(1990, HealthFlag.Hernia, "conventional-deadlift", 6, 0.75, 6)]
    [InlineData(1990, HealthFlag.Hernia, "pull-up", 7, 0.75, 6)]
    [InlineData(1990, HealthFlag.Hernia, "loaded-throw", 7, 0.75, 3)] // it has no more
    [InlineData(1990, HealthFlag.Hernia, "glute-squeeze", 7, 1, 1)]
    [InlineData(2012, HealthFlag.Hernia, "front-squat", 7, 0.75, 6)]
    public void Age_and_heavy_work_cap_effort_load_and_repetitions(
        int born,
        HealthFlag? flag,
        string exercise,
        double rpe,
        double fraction,
        int fewest
    )
    {
        Client client = Client() with { BirthYear = born, Health = new Health(flag is { } one ? [one] : [], null) };
        Caution.Allowed allowed = Assert.IsType<Caution.Allowed>(
            new TrainingCaps(client, [], new DateOnly(2026, 12, 1)).For(ExerciseCatalogue.Shipped[exercise])
        );
        Assert.Equal((rpe, fraction, fewest), (allowed.MostRpe.Value, allowed.MostFraction, allowed.FewestReps));
        Assert.Equal(fewest > 1, allowed.Cues.Count > 0);
    }

    /// <summary>Change: capped where it covers, and nothing else; stop: out but for what is tried; an entry with an exercise is of that
    /// one alone.</summary>
    [Theory]
    [InlineData(PainRegion.Knee, null, 4, "front-squat", "capped")]
    [InlineData(PainRegion.Knee, null, 4, "split-squat", "capped")]
    [InlineData(PainRegion.Knee, null, 4, "conventional-deadlift", "free")]
    [InlineData(PainRegion.Knee, null, 7, "front-squat", "out")]
    [InlineData(PainRegion.Knee, null, 7, "split-squat", "out")]
    [InlineData(PainRegion.Knee, null, 7, "leg-extension", "out")]
    [InlineData(PainRegion.Knee, null, 7, "box-squat", "capped")]
    [InlineData(PainRegion.Knee, null, 7, "barbell-hip-thrust", "free")]
    [InlineData(PainRegion.Knee, "front-squat", 7, "front-squat", "out")]
    [InlineData(PainRegion.Knee, "front-squat", 7, "leg-press", "free")]
    [InlineData(PainRegion.LowBack, null, 7, "block-pull", "out")]
    [InlineData(PainRegion.LowBack, null, 7, "goblet-squat", "capped")]
    [InlineData(PainRegion.Hip, null, 7, "barbell-hip-thrust", "out")]
    [InlineData(PainRegion.Shoulder, null, 7, "leg-press", "free")]
    public void Pain_changes_only_what_it_covers(PainRegion region, string? named, double score, string exercise, string expected)
    {
        PainEntry pain = new()
        {
            Region = region,
            WorseOn = [],
            Exercise = named,
            ScoreDuring = score,
            ScoreNextMorning = null,
            UsualScore = null,
            Weeks = null,
            Improving = null,
            NerveSigns = false,
        };
        Caution left = new TrainingCaps(Client(), [pain], new DateOnly(2026, 12, 1)).For(ExerciseCatalogue.Shipped[exercise]);
        Assert.Equal(
            expected,
            left switch
            {
                Caution.RuledOut => "out",
                Caution.Allowed { CapsNothing: true } => "free",
                Caution.Allowed allowed => allowed is { MostFraction: 0.65, Reps: { Bottom: 8, Top: 10 } } && allowed.MostRpe.Value <= 6
                    ? "capped"
                    : $"{allowed}",
                _ => throw new InvalidOperationException(left.GetType().Name),
            }
        );
    }

    private static string Text(Referral? referral) => referral is null ? "none" : $"{referral.Level} {referral.Urgency}";

    private static Client Client() =>
        new()
        {
            Name = "x",
            HeightCm = 175,
            MassKg = 80,
            Level = Level.Intermediate,
            Days = [],
        };
}
