using Nerezza.Core;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Review;
using Nerezza.Core.Screening;
using Nerezza.Formats.Cases;
using Nerezza.Web.Demo;

namespace Nerezza.Benchmarks;

/// <summary>How often a review is right: of a weak point that answers to its work or does not, and of lifts that go on or do
/// not.</summary>
internal static class ReviewLoop
{
    private const int Weeks = 12,
        ToldAfterWeeks = 8;

    // An ankle that gains half a centimetre a week, and one that gains nothing; two tests of the same ankle on one day lie within 1.5 cm of
    // each other in 19 of 20 cases, so that one has a spread of 1.5 / (1.96 x 1.41) cm.
    private const double GainAWeekCm = 0.5,
        FoundCm = 5,
        TestSdCm = 0.54;

    // Lifts that go on as in the closed loop, that stand, and that fall by 0.1 % a day.
    private static readonly (string Name, double DriftADay)[] Lifts =
    [
        ("grow by 0.05 % a day", SimulatedLifter.DriftADay),
        ("stand", 0),
        ("fall by 0.1 % a day", -0.001),
    ];

    public static void Print(string root, int lifters)
    {
        byte[] example = File.ReadAllBytes(Path.Combine(root, "docs/formats/examples/deckhand.json"));
        ClientCase @case = ((CaseReading.Valid)CaseReader.Read(example)).Case;
        foreach ((string name, double gain) in new[] { ("gains 0.5 cm a week", GainAWeekCm), ("gains nothing", 0.0) })
        {
            Course[] told = [.. Enumerable.Range(0, lifters).Select(seed => Told(@case, seed, gain))];
            Console.WriteLine(
                $"an ankle that {name}, tested after 4 and {ToldAfterWeeks} weeks: "
                    + string.Join(
                        ", ",
                        told.GroupBy(one => one).OrderBy(rows => rows.Key).Select(rows => $"{rows.Key} {Part(rows.Count(), lifters)}")
                    )
            );
        }
        foreach ((string name, double drift) in Lifts)
        {
            bool[] stalls = new bool[lifters];
            Parallel.For(0, lifters, seed => stalls[seed] = Stalls(@case, seed, drift));
            Console.WriteLine(
                $"lifts that {name}: a stall told within {Weeks} weeks for {Part(stalls.Count(one => one), lifters)} of the lifters"
            );
        }
    }

    private static Course Told(ClientCase example, int seed, double gainAWeek)
    {
        var chance = new SimulatedLifter(seed);
        DateOnly start = example.Block.Start;
        double Tested(int week) => Math.Round(2 * (FoundCm + gainAWeek * week + chance.Normal(0, TestSdCm))) / 2;
        EarlierScreen[] taken =
        [
            .. new[] { 0, 4, ToldAfterWeeks }.Select(week =>
            {
                double cm = Tested(week);
                return new EarlierScreen(
                    start.AddDays(7 * week),
                    example.Screen with
                    {
                        KneeToWallCm = new BothSides(cm, cm),
                    },
                    example.Faults
                );
            }),
        ];
        ClientCase now = example with
        {
            Screen = taken[^1].Screen,
            ScreenedOn = taken[^1].Date,
            EarlierScreens = [.. taken.SkipLast(1).Reverse()],
            Log = [],
        };
        ReviewInput input = new()
        {
            Case = now,
            Blocks = [],
            Today = start.AddDays(7 * ToldAfterWeeks),
        };
        return new Reviewer(ExerciseCatalogue.Shipped)
                .Of(input)
                .Findings.FirstOrDefault(story => story.Finding.Code is FindingCode.AnkleRange)
                ?.Course
            ?? Course.NotKnown;
    }

    private static bool Stalls(ClientCase example, int seed, double drift)
    {
        var training = new Training(example, seed, drift);
        training.Train();
        var reviewer = new Reviewer(ExerciseCatalogue.Shipped);
        return Enumerable.Range(1, Weeks).Any(week => reviewer.Of(training.On(example.Block.Start.AddDays(7 * week - 1))).Stalls.Count > 0);
    }

    private static string Part(int count, int of) => FormattableString.Invariant($"{100.0 * count / of:0.#} %");
}
