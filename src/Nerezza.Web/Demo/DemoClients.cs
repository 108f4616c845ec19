using Nerezza.Core.Clients;
using Nerezza.Core.Screening;
using Nerezza.Formats.Cases;

namespace Nerezza.Web.Demo;

/// <summary>A made-up client: how they stood on the first day of their history, and the screens taken later.</summary>
internal sealed record DemoClient(CaseDocument Case, params DemoScreen[] Later)
{
    /// <summary>How they trained.</summary>
    public DemoStory Story { get; init; } = new(0);
}

/// <summary>A screen some days after the first.</summary>
internal sealed record DemoScreen(int DaysLater, ScreenSection Screen, params FaultSection[] Faults);

/// <summary>The made-up clients of the harbour gym Cala Grigia: between them every cause of a finding, and one open referral.</summary>
internal static partial class DemoClients
{
    /// <summary>Every client with a history that began on this day.</summary>
    public static IReadOnlyList<DemoClient> On(DateOnly first) =>
        [
            Deckhand(first) with
            {
                Story = new DemoStory(1),
            },
            Archivist(first) with
            {
                Story = new DemoStory(2) { LeavesTheLast = true, RestPart = 0.65 },
            },
            Masters(first) with
            {
                Story = new DemoStory(3) { GrowthADay = -0.0012, FormBreaks = ("sumo-deadlift", 1, 42) },
            },
            Sailmaker(first) with
            {
                Story = new DemoStory(4),
            },
            Student(first) with
            {
                Story = new DemoStory(5) { GrowthADay = 0.0012 },
            },
            BellRinger(first) with
            {
                Story = new DemoStory(6) { Away = (30, 47) },
            },
            TrailRunner(first) with
            {
                Story = new DemoStory(7) { MissesEvery = 3 },
            },
            CraneDriver(first) with
            {
                Story = new DemoStory(8) { Pain = (PainRegion.LowBack, 4) },
            },
        ];

    /// <summary>Stiff ankles and a leaning squat; the ankles have gained a little since.</summary>
    private static DemoClient Deckhand(DateOnly first)
    {
        ScreenSection Ankles(double left, double right, double lean) =>
            new()
            {
                KneeToWallCm = Both(left, right),
                Squat = new ScreenSquatSection
                {
                    Depth = SquatDepth.Above,
                    LeanDeg = lean,
                    HeelRise = true,
                    KneesIn = false,
                    BetterWithHeelsRaised = true,
                    Bar = ScreenBar.High,
                },
                Spine = new ScreenSpineSection { UpperBackMovesAlone = true, LowerBackMovesAlone = true },
                FeelsGlutes = true,
            };
        FaultSection lean = new()
        {
            Lift = "back-squat-high-bar",
            Fault = FaultCode.ExcessLean,
            FromPercent = 40,
            HeldInIsolation = false,
        };
        return new DemoClient(
            Case(
                first,
                Person(
                    "Ilario Brusco",
                    1994,
                    Sex.Male,
                    175,
                    80,
                    2,
                    Level.Intermediate,
                    Goal.Strength,
                    "back-squat-high-bar",
                    "conventional-deadlift"
                ) with
                {
                    Days = Days((Weekday.Mon, 75), (Weekday.Wed, 60), (Weekday.Fri, 75)),
                },
                ("back-squat-high-bar", 95, 5, 9),
                ("conventional-deadlift", 132.5, 3, 8.5)
            ) with
            {
                Screen = Ankles(3, 4, 60),
                Faults = [lean],
            },
            new DemoScreen(28, Ankles(4, 5, 58), lean),
            new DemoScreen(49, Ankles(5.5, 6.5, 54), lean)
        );
    }

    /// <summary>Tall, with long thighs: the lean is the body's own.</summary>
    private static DemoClient Archivist(DateOnly first) =>
        new(
            Case(
                first,
                Person(
                    "Teodora Valk",
                    1988,
                    Sex.Female,
                    184,
                    77,
                    2.5,
                    Level.Intermediate,
                    Goal.Muscle,
                    "front-squat",
                    "romanian-deadlift"
                ) with
                {
                    SegmentsCm = new SegmentsSection
                    {
                        Shank = 43,
                        Thigh = 50,
                        Torso = 48,
                    },
                    Days = Days((Weekday.Tue, 60), (Weekday.Thu, 60), (Weekday.Sat, 75)),
                },
                ("front-squat", 60, 5, 8),
                ("romanian-deadlift", 75, 8, 8)
            ) with
            {
                Screen = new ScreenSection
                {
                    KneeToWallCm = Both(11.5, 12),
                    Squat = new ScreenSquatSection
                    {
                        Depth = SquatDepth.At,
                        LeanDeg = 58,
                        HeelRise = false,
                        KneesIn = false,
                        Shift = Shift.None,
                        Bar = ScreenBar.High,
                    },
                    StraightLegRaiseDeg = Both(80, 82),
                },
            }
        );

    /// <summary>Breaks at the upper back when the pull is heavy.</summary>
    private static DemoClient Masters(DateOnly first) =>
        new(
            Case(
                first,
                Person(
                    "Renske Aldaro",
                    1975,
                    Sex.Female,
                    164,
                    69,
                    9,
                    Level.Advanced,
                    Goal.Strength,
                    "sumo-deadlift",
                    "back-squat-low-bar"
                ) with
                {
                    Competition = new CompetitionSection { Date = first.AddDays(160) },
                    Days = Days((Weekday.Mon, 90), (Weekday.Tue, 75), (Weekday.Thu, 90), (Weekday.Sat, 75)),
                },
                ("sumo-deadlift", 140, 2, 9),
                ("back-squat-low-bar", 107.5, 3, 8.5)
            ) with
            {
                Schools = new SchoolsSection { Accessories = AccessorySchool.Positions, StrengthReps = StrengthReps.Low },
                Screen = new ScreenSection
                {
                    KneeToWallCm = Both(12, 12),
                    Spine = new ScreenSpineSection { UpperBackMovesAlone = true, LowerBackMovesAlone = true },
                },
                Faults =
                [
                    new FaultSection
                    {
                        Lift = "sumo-deadlift",
                        Fault = FaultCode.UpperBackRoundsStart,
                        FromPercent = 82,
                        HeldInIsolation = true,
                    },
                ],
            }
        );

    /// <summary>Coming back from a left-leg injury with surgery that nobody has cleared yet: the open referral.</summary>
    private static DemoClient Sailmaker(DateOnly first) =>
        new(
            Case(
                first,
                Person("Brannoc Tesh", 1986, Sex.Male, 178, 84, 5, Level.Intermediate, Goal.Return, "front-squat", "romanian-deadlift") with
                {
                    Days = Days((Weekday.Mon, 60), (Weekday.Thu, 60)),
                    Health = new HealthSection { Flags = [HealthFlag.RecentSurgery] },
                },
                ("front-squat", 70, 5, 7),
                ("romanian-deadlift", 80, 8, 7)
            ) with
            {
                Screen = new ScreenSection
                {
                    KneeToWallCm = Both(8.5, 11.5),
                    SingleLegBridgeReps = Both(9, 15),
                    CalfRaiseReps = Both(14, 24),
                    Squat = new ScreenSquatSection { Shift = Shift.Right },
                },
                Strength =
                [
                    .. Sets(first, ("front-squat", 70, 5, 7), ("romanian-deadlift", 80, 8, 7)),
                    OneSided(first, "single-leg-leg-press", 52.5, 10, Side.Left),
                    OneSided(first, "single-leg-leg-press", 72.5, 10, Side.Right),
                ],
            },
            new DemoScreen(
                35,
                new ScreenSection
                {
                    KneeToWallCm = Both(9.5, 11.5),
                    SingleLegBridgeReps = Both(12, 15),
                    CalfRaiseReps = Both(18, 24),
                    Squat = new ScreenSquatSection { Shift = Shift.None },
                }
            )
        );

    private static ClientSection Person(
        string name,
        int born,
        Sex sex,
        double heightCm,
        double massKg,
        double years,
        Level level,
        Goal goal,
        params string[] targets
    ) =>
        new()
        {
            Name = name,
            BirthYear = born,
            Sex = sex,
            HeightCm = heightCm,
            MassKg = massKg,
            TrainingYears = years,
            Level = level,
            Goal = goal,
            TargetLifts = targets,
            Days = [],
        };

    private static CaseDocument Case(
        DateOnly first,
        ClientSection client,
        params (string Exercise, double Kg, int Reps, double Rpe)[] sets
    ) =>
        new()
        {
            Format = "nerezza.case",
            Version = 1,
            Client = client,
            Equipment = DemoGym.Harbour,
            Strength = Sets(first, sets),
        };

    private static SidesSection Both(double left, double right) => new() { Left = left, Right = right };

    private static DaySection[] Days(params (Weekday Day, int Minutes)[] days) =>
        [.. days.Select(day => new DaySection { Day = day.Day, Minutes = day.Minutes })];

    private static StrengthSection[] Sets(DateOnly first, params (string Exercise, double Kg, int Reps, double Rpe)[] sets) =>
        [
            .. sets.Select(set => new StrengthSection
            {
                Exercise = set.Exercise,
                Kg = set.Kg,
                Reps = set.Reps,
                Rpe = set.Rpe,
                Date = first.AddDays(-4),
            }),
        ];

    private static StrengthSection OneSided(DateOnly first, string exercise, double kg, int reps, Side side) =>
        new()
        {
            Exercise = exercise,
            Kg = kg,
            Reps = reps,
            Rpe = 8,
            Side = side,
            Date = first.AddDays(-4),
        };
}
