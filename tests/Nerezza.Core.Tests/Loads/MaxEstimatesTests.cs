using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Loads;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Tests.Loads;

public sealed class MaxEstimatesTests
{
    private static readonly DateOnly Today = new(2026, 11, 30);

    [Fact]
    public void One_entered_set_gives_its_own_estimate_and_doubt_that_grows_by_the_day()
    {
        OneRepMax max = Book(strength: [Entry("back-squat-high-bar", 100, 5, 9, Today.AddDays(-14))]).Find("back-squat-high-bar")!;
        Assert.Equal(116.129032, max.Kilograms, 5);
        Assert.Equal(Math.Sqrt(0.05 * 0.05 + 14 * 0.004 * 0.004), max.LogSd, 5);
        Assert.Equal(max.Kilograms * Math.Exp(-1.2815515655 * max.LogSd), max.Low, 6);
        Assert.Equal(MaxSource.Measured, max.Source);
    }

    [Theory]
    [InlineData(-28, 8, 10, 0.05)]
    [InlineData(-29, 8, 10, 0.08)]
    [InlineData(-7, 8, 9, 0.08)] // n = 9
    public void Fresh_sets_of_few_repetitions_start_surer(int days, int reps, double rpe, double startSd)
    {
        OneRepMax max = Book(strength: [Entry("front-squat", 80, reps, rpe, Today.AddDays(days))]).Find("front-squat")!;
        Assert.Equal(Math.Sqrt(startSd * startSd - days * 0.004 * 0.004), max.LogSd, 5);
    }

    [Fact]
    public void A_logged_set_moves_the_estimate_by_the_filters_gain()
    {
        // By hand: prior ln 100, sd 0.05, 15 days of drift 0.004, too long ago to bend the curve; seen 5 x 90 at RPE 8, n = 7, sd of 0.015,
        // 0.006 x 6, 0.02.
        double variance = 0.05 * 0.05 + 15 * 0.004 * 0.004,
            seenVariance = 0.015 * 0.015 + 0.036 * 0.036 + 0.02 * 0.02;
        double gain = variance / (variance + seenVariance),
            seen = 90 / (30 / 36.0);
        double expected = Math.Exp(Math.Log(100) + gain * Math.Log(seen / 100));
        OneRepMax max = Book(
                strength: [Entry("back-squat-high-bar", 100, 1, 10, Today.AddDays(-15))],
                log:
                [
                    Day(
                        Today,
                        new LogSet
                        {
                            Exercise = "back-squat-high-bar",
                            Load = Load.FromKilograms(90),
                            Reps = 5,
                            Rpe = Rpe.Of(8),
                        }
                    ),
                ]
            )
            .Find("back-squat-high-bar")!;
        Assert.Equal(expected, max.Kilograms, 4);
        Assert.Equal(Math.Sqrt((1 - gain) * variance), max.LogSd, 4);
        Assert.Equal(MaxSource.Log, max.Source);
    }

    [Theory]
    [InlineData(5, 80, null, false)] // 5 x 80 without a rating: at least 90, below the estimate
    [InlineData(5, 95, null, true)] // at least 106.9
    [InlineData(5, 78, 5.0, false)] // under RPE 6: n = 9, at least 100.3 ... of 100 held by drift: moves a little
    [InlineData(3, 100, null, true)]
    public void A_set_that_only_bounds_moves_the_estimate_upward_alone(int reps, double kg, double? rpe, bool moves)
    {
        double n = rpe is null ? reps : reps + 4,
            seen = RepCurve.Standard.OneRepMax(kg, n);
        double max = Book(
                strength: [Entry("back-squat-high-bar", 100, 1, 10, Today.AddDays(-1))],
                log:
                [
                    Day(
                        Today,
                        new LogSet
                        {
                            Exercise = "back-squat-high-bar",
                            Load = Load.FromKilograms(kg),
                            Reps = reps,
                            Rpe = rpe is { } r ? Rpe.Of(r) : null,
                        }
                    ),
                ]
            )
            .Find("back-squat-high-bar")!
            .Kilograms;
        Assert.Equal(moves || seen > 100, max > 100 + 1e-9);
        Assert.True(max >= 100 - 1e-9);
    }

    [Fact]
    public void The_first_set_at_the_highest_load_speaks_for_the_day_unless_there_is_an_amrap()
    {
        LogSet Set(double kg, int reps, double? rpe, bool amrap = false) =>
            new()
            {
                Exercise = "front-squat",
                Load = Load.FromKilograms(kg),
                Reps = reps,
                Rpe = rpe is { } r ? Rpe.Of(r) : null,
                Amrap = amrap,
            };
        // Rated 9 after a hard set: one left, and 0.3 that the set before took.
        Assert.Equal(
            90 / RepCurve.Standard.Fraction(4.3),
            Book(log: [Day(Today, Set(80, 3, 8), Set(90, 3, 9), Set(90, 3, 10))]).Find("front-squat")!.Kilograms,
            4
        );
        Assert.Equal(
            88 / RepCurve.Standard.Fraction(6.3),
            Book(log: [Day(Today, Set(90, 3, 9), Set(88, 6, null, amrap: true))]).Find("front-squat")!.Kilograms,
            4
        );
    }

    [Fact]
    public void A_lift_without_a_set_stands_by_ratio_to_its_relative()
    {
        MaxEstimates book = Book(strength: [Entry("sumo-deadlift", 150, 1, 10, Today)]);
        Assert.Equal((150, MaxSource.Ratio), (book.Find("conventional-deadlift")!.Kilograms, book.Find("conventional-deadlift")!.Source));
        Assert.Equal(150 * 0.72, book.Find("romanian-deadlift")!.Kilograms, 6);
        Assert.Equal(Math.Sqrt(0.12 * 0.12 + 0.10 * 0.10), book.Find("romanian-deadlift")!.LogSd, 6);
        Assert.Null(book.Find("back-squat-high-bar"));
    }

    [Fact]
    public void Body_weight_counts_where_it_is_lifted()
    {
        // Chin-up of an 80 kg client with 20 kg: 100 kg in all for 5 at RPE 10.
        OneRepMax max = Book(strength: [Entry("chin-up", 20, 5, 10, Today)]).Find("chin-up")!;
        Assert.Equal(100 / RepCurve.Standard.Fraction(5), max.Kilograms, 5);
    }

    [Fact]
    public void The_rating_bias_is_pulled_toward_nothing_and_credits_fatigue()
    {
        LogSet amrap = new()
        {
            Exercise = "goblet-squat",
            Load = Load.FromKilograms(20),
            Reps = 14,
            Amrap = true,
            ReserveSaid = new ReserveSaid(8, 2),
        };
        LogSet hard = new()
        {
            Exercise = "goblet-squat",
            Load = Load.FromKilograms(20),
            Reps = 8,
            Rpe = Rpe.Of(8),
        };
        Assert.Equal(2, EffortBias.Of([Day(Today, amrap)]).Repetitions); // 14 - 10 = 4, halved
        EffortBias two = EffortBias.Of([Day(Today, amrap), Day(Today.AddDays(7), hard, hard, amrap)]);
        Assert.Equal((4 + 4.6) / 3, two.Repetitions, 9);
        Assert.Equal(["goblet-squat"], two.From);
        Assert.Equal(EffortBias.None, EffortBias.Of([Day(Today, hard)]));
    }

    [Theory]
    [InlineData(4, 2)]
    [InlineData(5, 0)] // who says five or more says nothing
    public void A_claim_of_many_left_tells_no_bias(double said, double bias)
    {
        LogSet amrap = new()
        {
            Exercise = "goblet-squat",
            Load = Load.FromKilograms(20),
            Reps = 12 + (int)said,
            Amrap = true,
            ReserveSaid = new ReserveSaid(8, said),
        };
        Assert.Equal(bias, EffortBias.Of([Day(Today, amrap)]).Repetitions);
    }

    // Front squats, no set of which tells more than that there was at least so much: the highest of the day's bounds, with 20 % of doubt.
    [Theory]
    [InlineData("8x60@5 8x60@5", 12, 60)] // as if four more were left
    [InlineData("8x60@5 23x60@", 20, 60)] // as many as possible, too many to tell: at least what twenty tell
    [InlineData("8x75@5 23x60@", 12, 75)]
    public void Where_all_is_a_bound_the_highest_counts(string sets, double toFailure, double kg)
    {
        LogSet[] done =
        [
            .. sets.Split(' ')
                .Select(text => text.Split('x', '@'))
                .Select(part => new LogSet
                {
                    Exercise = "front-squat",
                    Reps = int.Parse(part[0]),
                    Load = Load.FromKilograms(double.Parse(part[1])),
                    Rpe = part[2].Length > 0 ? Rpe.Of(double.Parse(part[2])) : null,
                    Amrap = part[2].Length == 0,
                }),
        ];
        OneRepMax max = Book(log: [Day(Today, done)]).Find("front-squat")!;
        Assert.Equal(kg / RepCurve.Standard.Fraction(toFailure), max.Kilograms, 4);
        Assert.Equal(0.2, max.LogSd, 5);
    }

    [Theory]
    [InlineData("leg-extension", "back-squat-high-bar", 1)] // learned on a machine: one repetition on the bar
    [InlineData("leg-extension", "seated-leg-curl", 2)]
    [InlineData("conventional-deadlift", "back-squat-high-bar", 2)] // learned on a bar
    [InlineData("leg-extension", "bench-press", 1)]
    public void A_bias_of_easy_sets_moves_heavy_barbell_lifts_by_at_most_one_repetition(string learnedOn, string lift, double moves)
    {
        LogSet amrap = new()
        {
            Exercise = learnedOn,
            Load = Load.FromKilograms(20),
            Reps = 14,
            Amrap = true,
            ReserveSaid = new ReserveSaid(8, 2),
        };
        LogSet rated = new()
        {
            Exercise = lift,
            Load = Load.FromKilograms(100),
            Reps = 5,
            Rpe = Rpe.Of(8),
        };
        OneRepMax max = Book(log: [Day(Today, amrap, rated)]).Find(lift)!;
        Assert.Equal((moves, learnedOn), (max.Bias!.Repetitions, Assert.Single(max.Bias.From)));
        Assert.Equal(100 / new RepCurve(Core.Catalogue.ExerciseCatalogue.Shipped[lift].Curve).Fraction(7 + moves), max.Kilograms, 3);
    }

    private static MaxEstimates Book(IReadOnlyList<StrengthEntry>? strength = null, IReadOnlyList<LogDay>? log = null) =>
        MaxEstimates.Of(
            new Client
            {
                Name = "x",
                HeightCm = 175,
                MassKg = 80,
                Level = Level.Intermediate,
                Days = [],
            },
            ExerciseCatalogue.Shipped,
            strength ?? [],
            log ?? [],
            Today
        );

    private static StrengthEntry Entry(string exercise, double kg, int reps, double rpe, DateOnly date) =>
        new()
        {
            Exercise = exercise,
            Load = Load.FromKilograms(kg),
            Reps = reps,
            Rpe = Rpe.Of(rpe),
            Side = null,
            Date = date,
            Amrap = false,
        };

    private static LogDay Day(DateOnly date, params LogSet[] sets) => new(date, null, sets);
}
