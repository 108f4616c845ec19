using CsCheck;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Floor;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;
using Nerezza.Core.Selection;
using Nerezza.Core.Wording;

namespace Nerezza.Core.Tests;

/// <summary>What changes by how a client comes in.</summary>
public sealed class ReadinessTests
{
    private static readonly LoadMeans Steps = new LoadMeans.Stack(
        Load.FromKilograms(2.5),
        [.. Enumerable.Range(8, 80).Select(i => Load.FromKilograms(i * 2.5))]
    );

    // A squat for vasti, 3 sets of 5 at 100 kg and RPE 8 (max 120); a leg extension may stand in. Loads by hand: curve(5, 7) x 120 = 96.7.
    [Theory]
    [InlineData("", "3 of 5 x 100 at 8", "")]
    [InlineData("vasti 2", "3 of 5 x 100 at 8", "")]
    [InlineData("vasti 3", "2 of 5 x 97.5 at 7", "Sore vasti, 3 of 3: 1 set fewer, RPE 1 lower.")]
    [InlineData("pecs 3", "3 of 5 x 100 at 8", "")]
    [InlineData("slept 4", "3 of 5 x 100 at 8", "")] // 8 is not too hard
    [InlineData("slept 5", "3 of 5 x 100 at 8", "")]
    // 65 % of 120 = 78
    [InlineData("hip 4", "3 of 5 x 77.5 at 6", "Pain 4 of 10 at the hip: lighter, RPE 6 at most; stop if it gets worse.")]
    [InlineData("hip 2", "3 of 5 x 100 at 8", "")]
    [InlineData("hip 6", "out", "Pain 6 of 10 at the hip: left out today. See someone if it stays.")]
    [InlineData("knee 3", "other 3 of 5 x 100 at 8", "Pain 3 of 10 at the knee: leg extension in its place.")]
    [InlineData("knee 5", "other 3 of 5 x 100 at 8", "Pain 5 of 10 at the knee: leg extension in its place.")]
    [InlineData("knee 5.5", "out", "Pain 5.5 of 10 at the knee: left out today. See someone if it stays.")]
    [InlineData(
        "knee 3, vasti 3",
        "other 2 of 5 x 97.5 at 7",
        "Pain 3 of 10 at the knee: leg extension in its place. Sore vasti, 3 of 3: 1 set fewer, RPE 1 lower."
    )]
    [InlineData("knee 3, shoulder 4", "out", "Pain 3 of 10 at the knee: left out today. See someone if it stays.")]
    [InlineData("minutes 5", "3 of 5 x 100 at 8", "")] // the lift of the day stays
    public void The_session_goes_by_it(string said, string expected, string text)
    {
        ReadyPart squat = Part(8) with { RuledOutBy = [PainRegion.Knee], CoveredBy = [PainRegion.Hip] };
        ReadyPart other = Part(8) with { RuledOutBy = [PainRegion.Shoulder] };
        PartToday part = DayReadiness.Of(
            [
                [squat, other],
            ],
            Said(said)
        )[0];
        Assert.Equal(expected, Text(part));
        Assert.Equal(text, ReadyWords.Text(part, part.Instead is null ? null : "Leg extension"));
    }

    [Fact]
    public void What_no_pain_concerns_stands_in_before_what_it_only_lightens_and_one_pain_is_said_once()
    {
        ReadyPart squat = Part(8) with { RuledOutBy = [PainRegion.Knee], CoveredBy = [PainRegion.Knee] };
        ReadyPart lighter = Part(8) with { CoveredBy = [PainRegion.Knee] };
        Assert.Equal(
            1,
            DayReadiness
                .Of(
                    [
                        [squat, lighter, Part(8)],
                    ],
                    Said("knee 4")
                )[0]
                .Instead
        );
        PartToday part = DayReadiness.Of(
            [
                [squat, lighter],
            ],
            Said("knee 4")
        )[0];
        Assert.Equal("other 3 of 5 x 77.5 at 6", Text(part));
        Assert.Equal(
            "Pain 4 of 10 at the knee: box squat in its place, lighter, RPE 6 at most; stop if it gets worse.",
            ReadyWords.Text(part, "Box squat")
        );
    }

    [Theory]
    [InlineData("low-back 4", 65)] // 65 % of what is carried
    [InlineData("low-back 2", 100)]
    [InlineData("vasti 3", 100)]
    [InlineData("slept 3", 100)]
    public void Pain_makes_lighter_what_nobody_rates_and_nothing_else_does(string said, double kg)
    {
        ReadyPart carry = Part(8) with { CoveredBy = [PainRegion.LowBack], Trains = [Muscle.Grip] };
        carry = carry with { Sets = [.. carry.Sets.Select(set => set with { Kind = SetKind.Carry })] };
        PartToday part = DayReadiness.Of(
            [
                [carry],
            ],
            Said(said)
        )[0];
        Assert.All(part.Sets, set => Assert.Equal(kg, set.Ahead.Load!.Value.Kilograms));
        Assert.Equal(kg < 100 ? "Pain 4 of 10 at the low back: lighter; stop if it gets worse." : "", ReadyWords.Text(part, null));
    }

    [Fact]
    public void After_a_short_night_nothing_is_harder_than_eight_and_nothing_goes_to_as_many_as_possible()
    {
        ReadyPart hard = Part(9.5);
        ReadyPart most = hard with { Sets = [.. hard.Sets.SkipLast(1), hard.Sets[^1] with { Amrap = true }] };
        PartToday part = DayReadiness.Of(
            [
                [most],
            ],
            Said("slept 4")
        )[0];
        Assert.All(part.Sets, set => Assert.Equal((Rpe.Of(8), false), (set.Ahead.Rpe, set.Amrap)));
        Assert.Equal("Under 5 hours of sleep: no set harder than RPE 8.", ReadyWords.Text(part, null));
    }

    [Fact]
    public void Where_the_next_step_down_is_too_far_repetitions_are_taken_off_and_one_sided_work_loses_a_round()
    {
        LoadMeans coarse = new LoadMeans.Stack(Load.FromKilograms(50), [Load.FromKilograms(50), Load.FromKilograms(100)]);
        ReadyPart sides = Part(8) with
        {
            Lifting = new Lifting(RepCurve.Standard, 0, coarse, 0),
            Sets = [.. Part(8).Sets.SelectMany(set => new[] { set with { Side = Side.Left }, set with { Side = Side.Right } })],
        };
        PartToday part = DayReadiness.Of(
            [
                [sides],
            ],
            Said("vasti 3")
        )[0];
        Assert.Equal([Side.Left, Side.Right, Side.Left, Side.Right], part.Sets.Select(set => set.Side!.Value));
        // 96.7 lies nearer to 100 than to 50, and over it by more than 2 %: 50 is loaded. What 50 cannot give is not asked for.
        Assert.All(part.Sets, set => Assert.Equal(Load.FromKilograms(50), set.Ahead.Load));
        ReadyPart free = Part(8) with { Sets = [new ReadySet(SetKind.BodyWeight, new SetAhead(null, 8, Rpe.Of(8)), null, false)] };
        PartToday fewer = DayReadiness.Of(
            [
                [free],
            ],
            Said("vasti 3")
        )[0];
        Assert.Equal("1 of 7 x 0 at 7", Text(fewer));
        Assert.Equal("Sore vasti, 3 of 3: RPE 1 lower.", ReadyWords.Text(fewer, null));
    }

    [Fact]
    public void Short_of_minutes_what_falls_away_counts_what_soreness_has_taken_off()
    {
        ReadyPart main = Part(8) with { Seconds = 1800 };
        ReadyPart curl = Part(8) with { Role = Role.SingleJoint, Seconds = 600, Trains = [Muscle.Biceps] };
        Assert.Equal([false, true], Out("minutes 35"));
        Assert.Equal([false, false], Out("minutes 35, vasti 3"));
        bool[] Out(string said) =>
            [
                .. DayReadiness
                    .Of(
                        [
                            [main],
                            [curl],
                        ],
                        Said(said)
                    )
                    .Select(part => part.IsOut),
            ];
    }

    [Fact]
    public void Nothing_is_ever_heavier_harder_or_more_than_planned()
    {
        Gen<Readiness> any =
            from sleep in Gen.Double[0, 12].Nullable()
            from sore in Gen.Int[0, 3]
            from pain in Gen.Select(Gen.Enum<PainRegion>(), Gen.Double[0, 10], (region, score) => new PainNow(region, score)).List[0, 3]
            from minutes in Gen.Int[5, 90].Nullable()
            select new Readiness(sleep, new Dictionary<Muscle, int> { [Muscle.Vasti] = sore }, pain, minutes);
        Gen.Select(any, Gen.OneOf(5.0, 6.5, 8.0, 9.5, 10.0), Gen.Enum<SetKind>(), Gen.Enum<PainRegion>())
            .Sample(
                (said, rpe, kind, region) =>
                {
                    ReadyPart planned = Part(rpe) with { CoveredBy = [region], RuledOutBy = [PainRegion.Knee] };
                    planned = planned with { Sets = [.. planned.Sets.Select(set => set with { Kind = kind })] };
                    PartToday part = DayReadiness.Of(
                        [
                            [planned, planned with { RuledOutBy = [] }],
                        ],
                        said
                    )[0];
                    Assert.InRange(part.Sets.Count, 1, 3);
                    Assert.All(
                        part.Sets.Zip(planned.Sets),
                        pair =>
                        {
                            Assert.True(pair.First.Ahead.Load <= pair.Second.Ahead.Load);
                            Assert.True(pair.First.Ahead.Reps <= pair.Second.Ahead.Reps && pair.First.Ahead.Reps >= 1);
                            Assert.True(pair.First.Ahead.Rpe <= pair.Second.Ahead.Rpe && pair.First.Ahead.Rpe >= Rpe.Of(5));
                        }
                    );
                    bool changes = part.IsOut || part.Instead is not null || !part.Sets.SequenceEqual(planned.Sets);
                    Assert.Equal(changes, ReadyWords.Text(part, "Other").Length > 0);
                    Assert.True(!said.Pain.Any(pain => pain.Region == region && pain.Score > 5) || part.IsOut);
                }
            );
    }

    [Fact]
    public void Pain_finds_the_exercises_of_the_catalogue_that_it_concerns()
    {
        ExerciseCatalogue catalogue = ExerciseCatalogue.Shipped;
        Assert.Contains(PainRegion.LowBack, DayReadiness.RuledOutBy(catalogue["conventional-deadlift"]));
        Assert.Contains(PainRegion.LowBack, DayReadiness.CoveredBy(catalogue["front-squat"]));
        Assert.Contains(PainRegion.Knee, DayReadiness.CoveredBy(catalogue["leg-extension"]));
        Assert.Contains(PainRegion.Shoulder, DayReadiness.RuledOutBy(catalogue["bench-press"]));
        Assert.DoesNotContain(PainRegion.Shoulder, DayReadiness.RuledOutBy(catalogue["leg-press"]));
    }

    private static ReadyPart Part(double rpe) =>
        new()
        {
            Role = Role.Main,
            Answers = false,
            Seconds = 900,
            Trains = [Muscle.Vasti],
            RuledOutBy = [],
            CoveredBy = [],
            Sets =
            [
                .. Enumerable.Repeat(new ReadySet(SetKind.Lift, new SetAhead(Load.FromKilograms(100), 5, Rpe.Of(rpe)), null, false), 3),
            ],
            Lifting = new Lifting(RepCurve.Standard, 0, Steps, 0),
        };

    private static Readiness Said(string text)
    {
        var said = new Readiness(null, new Dictionary<Muscle, int>(), [], null);
        foreach (string[] part in text.Split(", ", StringSplitOptions.RemoveEmptyEntries).Select(one => one.Split(' ')))
            said = (part[0], double.Parse(part[1], System.Globalization.CultureInfo.InvariantCulture)) switch
            {
                ("slept", var hours) => said with { SleepHours = hours },
                ("minutes", var minutes) => said with { Minutes = (int)minutes },
                (var code, var score) when Codes.Find<PainRegion>(code) is { } region => said with
                {
                    Pain = [.. said.Pain, new PainNow(region, score)],
                },
                (var code, var score) => said with
                {
                    Soreness = new Dictionary<Muscle, int> { [Codes.Find<Muscle>(code)!.Value] = (int)score },
                },
            };
        return said;
    }

    private static string Text(PartToday part)
    {
        if (part.IsOut)
            return "out";
        SetAhead set = part.Sets[0].Ahead;
        string other = part.Instead is null ? "" : "other ";
        return $"{other}{part.Sets.Count} of {set.Reps} x {set.Load?.Kilograms ?? 0:0.##} at {set.Rpe.Value:0.#}";
    }
}
