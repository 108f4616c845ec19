using System.Text.Json;
using Nerezza.Core;
using Nerezza.Formats.Cases;

namespace Nerezza.Benchmarks;

/// <summary>Forty made-up clients of all sorts: five kits, four goals, three levels, two to five days, one weak point each. No chance in
/// it: the same forty every time.</summary>
internal static class MixedClients
{
    private const int Count = 40;
    private static readonly string[] Always = ["wall", "dowel", "foam-roller", "plates"];

    private static readonly string[][] Kits =
    [
        [
            .. Always,
            .. (
                "barbell rack bench dumbbells kettlebells bands cable safety-bar leg-press hack-squat leg-curl-seated leg-extension "
                + "calf-machine-standing hip-abduction-machine hip-extension-45 box blocks wedge pulldown row-machine pull-up-bar smith"
            ).Split(' '),
        ],
        [.. Always, .. "barbell rack bench dumbbells bands box blocks wedge pull-up-bar".Split(' ')],
        [.. Always, .. "dumbbells bench bands kettlebells box pull-up-bar".Split(' ')],
        [
            .. Always,
            .. (
                "barbell rack bench dumbbells cable leg-press leg-curl-lying leg-extension glute-ham calf-machine-seated trap-bar landmine "
                + "sled pulldown"
            ).Split(' '),
        ],
        [
            .. Always,
            .. "dumbbells bench cable smith leg-press leg-curl-seated leg-extension pulldown row-machine box calf-machine-standing".Split(
                ' '
            ),
        ],
    ];

    private static readonly (string Lift, string Fault, int From)[] Faults =
    [
        ("back-squat-high-bar", "hips-shoot-up", 85),
        ("conventional-deadlift", "soft-lockout", 85),
        ("back-squat-high-bar", "knees-cave", 80),
        ("conventional-deadlift", "slow-off-floor", 85),
        ("back-squat-high-bar", "upper-back-folds", 80),
        ("conventional-deadlift", "grip-fails", 85),
        ("back-squat-high-bar", "sticks-low", 85),
        ("conventional-deadlift", "bar-drifts", 80),
        ("back-squat-high-bar", "sticks-mid", 85),
        ("back-squat-high-bar", "loses-brace", 50),
    ];

    private static readonly string[][] Days =
    [
        ["mon", "thu"],
        ["mon", "wed", "fri"],
        ["mon", "tue", "thu", "fri"],
        ["tue", "thu", "sat"],
        ["mon", "tue", "wed", "fri", "sat"],
    ];

    private static readonly string[] Goals = ["strength", "muscle", "general", "strength", "muscle"];
    private static readonly string[] Levels = ["novice", "intermediate", "advanced"];
    private static readonly string[][] Emphases =
    [
        [],
        [],
        ["gluteus-maximus"],
        [],
        ["vasti"],
        [],
        ["lats"],
        [],
        ["pecs"],
        [],
    ];
    private static readonly int[] Minutes = [60, 75, 45, 90, 60, 70, 30];

    /// <summary>All of them, each as a case that was read like any other.</summary>
    public static IEnumerable<(string Name, byte[] Json, ClientCase Case)> All() =>
        Enumerable
            .Range(0, Count)
            .Select(i =>
            {
                byte[] json = JsonSerializer.SerializeToUtf8Bytes(Document(i));
                return CaseReader.Read(json) is CaseReading.Valid valid
                    ? ($"mixed {i:00}", json, valid.Case)
                    : throw new InvalidOperationException($"Mixed client {i} is no valid case.");
            });

    private static object Document(int i)
    {
        string[] kit = Kits[i % Kits.Length];
        (string lift, string fault, int from) = Faults[(i * 3 + 1) % Faults.Length];
        string goal = Goals[(i / 2) % Goals.Length],
            level = Levels[(i + i / 6) % Levels.Length];
        bool bar = kit.Contains("barbell");
        double strong = level switch
        {
            "novice" => 0.7,
            "intermediate" => 1.15,
            _ => 1.5,
        };
        double mass = 58 + (i * 7 % 38);
        return new
        {
            format = "nerezza.case",
            version = 1,
            client = new
            {
                name = $"Mixed {i:00}",
                birthYear = 1972 + (i * 11 % 32),
                sex = i % 2 == 0 ? "female" : "male",
                heightCm = 160 + (i * 5 % 32),
                massKg = mass,
                level,
                goal,
                emphasis = goal == "muscle" ? Emphases[i % Emphases.Length] : [],
                targetLifts = bar && goal == "strength"
                    ? (
                        i % 3 == 0
                            ? new[] { "back-squat-high-bar", "conventional-deadlift", "bench-press" }
                            : ["back-squat-high-bar", "conventional-deadlift"]
                    )
                    : [],
                diet = i % 7 == 3 ? "deficit" : "maintenance",
                days = Days[(i + i / 5) % Days.Length].Select(day => new { day, minutes = Minutes[i % Minutes.Length] }),
                otherTraining = i % 8 == 5
                    ? new[]
                    {
                        new
                        {
                            day = "sun",
                            kind = "sport",
                            minutes = 90,
                            hard = true,
                        },
                    }
                    : [],
                trainsAlone = i % 9 == 4,
            },
            equipment = new
            {
                items = kit,
                bars = bar ? new[] { new { name = "bar", kg = 20 } } : [],
                plates = bar
                    ? new[] { 25.0, 20, 15, 10, 5, 2.5, 1.25 }.Select(kg => new { kg, pairs = 2 })
                    : new[] { 10.0, 5, 2.5 }.Select(kg => new { kg, pairs = 1 }),
                dumbbellsKg = Enumerable.Range(2, 15).Select(n => n * 2.5),
                kettlebellsKg = kit.Contains("kettlebells") ? new[] { 8.0, 12, 16, 16, 24, 24 } : [],
                stackStepKg = 5,
            },
            screen = new
            {
                kneeToWallCm = new { left = 11, right = 11 },
                armsOverheadDeg = new { left = i % 6 == 2 ? 150 : 172, right = 172 },
                singleLegBridgeReps = new { left = i % 5 == 1 ? 8 : 16, right = 16 },
            },
            faults = bar
                ? new[]
                {
                    new
                    {
                        lift,
                        fault,
                        fromPercent = from,
                        heldInIsolation = true,
                    },
                }
                : [],
            pain = i % 10 == 6
                ? new[]
                {
                    new
                    {
                        region = "knee",
                        worseOn = new[] { "squatting" },
                        scoreDuring = 3,
                        scoreNextMorning = 2,
                        usualScore = 1,
                        weeks = 5,
                    },
                }
                : [],
            strength = bar
                ? new[]
                {
                    new
                    {
                        exercise = "back-squat-high-bar",
                        kg = Math.Round(mass * strong / 2.5) * 2.5,
                        reps = 5,
                        rpe = 8,
                        date = "2026-11-16",
                    },
                    new
                    {
                        exercise = "conventional-deadlift",
                        kg = Math.Round(mass * strong * 1.2 / 2.5) * 2.5,
                        reps = 5,
                        rpe = 8,
                        date = "2026-11-18",
                    },
                }
                : [],
            block = new
            {
                start = "2026-11-30",
                kind = "auto",
                weeks = 4 + i % 3,
            },
        };
    }
}
