using Nerezza.Core.Clients;
using Nerezza.Core.Screening;
using Nerezza.Formats.Cases;

namespace Nerezza.Web.Demo;

internal static partial class DemoClients
{
    /// <summary>Wants strong glutes on five days a week, does not feel them, and has range without timing.</summary>
    private static DemoClient Student(DateOnly first) =>
        new(
            Case(
                first,
                Person(
                    "Jocasta Merle",
                    2004,
                    Sex.Female,
                    168,
                    62,
                    1.5,
                    Level.Intermediate,
                    Goal.Muscle,
                    "back-squat-high-bar",
                    "romanian-deadlift"
                ) with
                {
                    Emphasis = [Muscle.GluteusMaximus],
                    Days = Days((Weekday.Mon, 60), (Weekday.Tue, 50), (Weekday.Wed, 60), (Weekday.Fri, 60), (Weekday.Sat, 60)),
                },
                ("back-squat-high-bar", 55, 6, 8),
                ("romanian-deadlift", 60, 8, 8)
            ) with
            {
                Schools = new SchoolsSection { Progression = Progression.Linear },
                Screen = new ScreenSection
                {
                    KneeToWallCm = Both(12, 12.5),
                    Hinge = new ScreenHingeSection { LostContacts = [DowelContact.Sacrum], WallReach = false },
                    FeelsGlutes = false,
                },
                Faults =
                [
                    new FaultSection
                    {
                        Lift = "romanian-deadlift",
                        Fault = FaultCode.HipsRiseFirst,
                        FromPercent = 45,
                        HeldInIsolation = true,
                    },
                ],
            }
        );

    /// <summary>Competes with sandbags and kegs; carries fade and the grip goes.</summary>
    private static DemoClient BellRinger(DateOnly first) =>
        new(
            Case(
                first,
                Person(
                    "Corisande Loft",
                    1991,
                    Sex.Female,
                    172,
                    88,
                    6,
                    Level.Advanced,
                    Goal.Events,
                    "back-squat-high-bar",
                    "conventional-deadlift"
                ) with
                {
                    Events = [new EventSection { Kind = EventKind.CarryMedley, Date = first.AddDays(120) }],
                    Days = Days((Weekday.Tue, 80), (Weekday.Thu, 80), (Weekday.Sat, 90)),
                },
                ("back-squat-high-bar", 110, 5, 8),
                ("conventional-deadlift", 150, 3, 8)
            ) with
            {
                Screen = new ScreenSection
                {
                    KneeToWallCm = Both(11, 11),
                    ArmsOverheadDeg = Both(150, 165),
                    Spine = new ScreenSpineSection { UpperBackMovesAlone = true },
                },
                Faults =
                [
                    new FaultSection
                    {
                        Lift = "sandbag-front-carry",
                        Fault = FaultCode.FadesInMedley,
                        FromPercent = 80,
                    },
                    new FaultSection
                    {
                        Lift = "conventional-deadlift",
                        Fault = FaultCode.GripFails,
                        FromPercent = 88,
                    },
                ],
            }
        );

    /// <summary>Runs trails, eats less than he burns, and has two sessions a week.</summary>
    private static DemoClient TrailRunner(DateOnly first) =>
        new(
            Case(
                first,
                Person(
                    "Anselm Quist",
                    1979,
                    Sex.Male,
                    181,
                    71,
                    3,
                    Level.Intermediate,
                    Goal.General,
                    "back-squat-high-bar",
                    "romanian-deadlift"
                ) with
                {
                    Diet = Diet.Deficit,
                    Days = Days((Weekday.Wed, 50), (Weekday.Sun, 60)),
                    OtherTraining =
                    [
                        new OtherTrainingSection
                        {
                            Day = Weekday.Tue,
                            Kind = OtherTrainingKind.Run,
                            Minutes = 70,
                            Hard = true,
                        },
                        new OtherTrainingSection
                        {
                            Day = Weekday.Fri,
                            Kind = OtherTrainingKind.Run,
                            Minutes = 50,
                            Hard = false,
                        },
                    ],
                },
                ("back-squat-high-bar", 70, 5, 8),
                ("romanian-deadlift", 75, 8, 8)
            ) with
            {
                Screen = new ScreenSection
                {
                    KneeToWallCm = Both(10.5, 11),
                    StraightLegRaiseDeg = Both(62, 64),
                    CalfRaiseReps = Both(17, 19),
                },
                Faults =
                [
                    new FaultSection
                    {
                        Lift = "back-squat-high-bar",
                        Fault = FaultCode.KneesCave,
                        FromPercent = 78,
                        HeldInIsolation = true,
                    },
                ],
            }
        );

    /// <summary>Back trouble on bending, one answer away from a referral.</summary>
    private static DemoClient CraneDriver(DateOnly first) =>
        new(
            Case(
                first,
                Person(
                    "Osric Pellan",
                    1983,
                    Sex.Male,
                    182,
                    96,
                    4,
                    Level.Intermediate,
                    Goal.Strength,
                    "back-squat-high-bar",
                    "conventional-deadlift"
                ) with
                {
                    Days = Days((Weekday.Tue, 60), (Weekday.Fri, 60)),
                },
                ("back-squat-high-bar", 115, 5, 8),
                ("conventional-deadlift", 155, 4, 8)
            ) with
            {
                Pain =
                [
                    new PainSection
                    {
                        Region = PainRegion.LowBack,
                        WorseOn = [PainTrigger.Bending, PainTrigger.Hinging],
                        ScoreDuring = 4,
                        ScoreNextMorning = 2,
                        UsualScore = 1,
                        Weeks = 3,
                        Improving = true,
                        NerveSigns = false,
                    },
                ],
            }
        );

    /// <summary>Lifts at home, new today: no set is known yet, so no block is made; the first screen shows timing, not range.</summary>
    public static CaseDocument Beginner =>
        new()
        {
            Format = "nerezza.case",
            Version = 1,
            Client = Person("Wendelin Hark", 2001, Sex.Unspecified, 171, 70, 0.2, Level.Novice, Goal.General) with
            {
                Days = Days((Weekday.Mon, 40), (Weekday.Thu, 40)),
            },
            Equipment = DemoGym.Home,
            Screen = new ScreenSection
            {
                KneeToWallCm = Both(11, 11.5),
                Squat = new ScreenSquatSection
                {
                    Depth = SquatDepth.Above,
                    LeanDeg = 40,
                    HeelRise = false,
                    BetterWithPlateInFront = true,
                },
            },
        };
}
