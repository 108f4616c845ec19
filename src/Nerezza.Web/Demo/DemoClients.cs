using Nerezza.Core.Clients;
using Nerezza.Core.Screening;
using Nerezza.Formats.Cases;

namespace Nerezza.Web.Demo;

/// <summary>The made-up clients of the harbour gym Cala Grigia. Dates hang on the first day of their history.</summary>
internal static class DemoClients
{
    /// <summary>Every client as they stood on the first day of their history.</summary>
    public static IReadOnlyList<CaseDocument> On(DateOnly first) => [Deckhand(first), Archivist(first), Masters(first), CraneDriver(first), Student(first)];

    private static CaseDocument Deckhand(DateOnly first) => Case(
        new ClientSection
        {
            Name = "Ilario Brusco",
            BirthYear = 1994,
            Sex = Sex.Male,
            HeightCm = 175,
            MassKg = 80,
            TrainingYears = 2,
            Level = Level.Intermediate,
            Goal = Goal.Strength,
            TargetLifts = ["back-squat-high-bar", "conventional-deadlift"],
            Days = Days((Weekday.Mon, 75), (Weekday.Wed, 60), (Weekday.Fri, 75)),
        },
        HarbourGym, Sets(first, ("back-squat-high-bar", 95, 5, 9), ("conventional-deadlift", 132.5, 3, 8.5))) with
    {
        Screen = new ScreenSection
        {
            KneeToWallCm = new SidesSection { Left = 4, Right = 5 },
            Squat = new ScreenSquatSection { Depth = SquatDepth.Above, LeanDeg = 58, HeelRise = true, KneesIn = false, BetterWithHeelsRaised = true, Bar = ScreenBar.High },
        },
    };

    private static CaseDocument Archivist(DateOnly first) => Case(
        new ClientSection
        {
            Name = "Teodora Valk",
            BirthYear = 1988,
            Sex = Sex.Female,
            HeightCm = 184,
            MassKg = 77,
            TrainingYears = 2.5,
            Level = Level.Intermediate,
            SegmentsCm = new SegmentsSection { Thigh = 49, Torso = 50 },
            Goal = Goal.Muscle,
            TargetLifts = ["front-squat", "romanian-deadlift"],
            Days = Days((Weekday.Tue, 60), (Weekday.Thu, 60), (Weekday.Sat, 75)),
        },
        HarbourGym, Sets(first, ("front-squat", 60, 5, 8), ("romanian-deadlift", 75, 8, 8)));

    private static CaseDocument Masters(DateOnly first) => Case(
        new ClientSection
        {
            Name = "Renske Aldaro",
            BirthYear = 1975,
            Sex = Sex.Female,
            HeightCm = 164,
            MassKg = 69,
            TrainingYears = 9,
            Level = Level.Advanced,
            Goal = Goal.Strength,
            TargetLifts = ["sumo-deadlift", "back-squat-low-bar"],
            Competition = new CompetitionSection { Date = first.AddDays(160) },
            Days = Days((Weekday.Mon, 90), (Weekday.Tue, 75), (Weekday.Thu, 90), (Weekday.Sat, 75)),
        },
        HarbourGym, Sets(first, ("sumo-deadlift", 140, 2, 9), ("back-squat-low-bar", 107.5, 3, 8.5))) with
    {
        Schools = new SchoolsSection { StrengthReps = StrengthReps.Low },
        Faults = [new FaultSection { Lift = "sumo-deadlift", Fault = FaultCode.UpperBackRoundsStart, FromPercent = 82, HeldInIsolation = true }],
    };

    private static CaseDocument CraneDriver(DateOnly first) => Case(
        new ClientSection
        {
            Name = "Osric Pellan",
            BirthYear = 1983,
            Sex = Sex.Male,
            HeightCm = 182,
            MassKg = 96,
            TrainingYears = 4,
            Level = Level.Intermediate,
            Goal = Goal.Strength,
            TargetLifts = ["back-squat-high-bar", "conventional-deadlift"],
            Days = Days((Weekday.Tue, 60), (Weekday.Fri, 60)),
        },
        HarbourGym, Sets(first, ("back-squat-high-bar", 115, 5, 8), ("conventional-deadlift", 155, 4, 8))) with
    {
        Pain =
        [
            new PainSection
            {
                Region = PainRegion.LowBack, WorseOn = [PainTrigger.Bending, PainTrigger.Hinging], ScoreDuring = 4, ScoreNextMorning = 2, UsualScore = 1,
                Weeks = 3, Improving = true, NerveSigns = false,
            },
        ],
    };

    private static CaseDocument Student(DateOnly first) => Case(
        new ClientSection
        {
            Name = "Jocasta Merle",
            BirthYear = 2004,
            Sex = Sex.Female,
            HeightCm = 168,
            MassKg = 62,
            TrainingYears = 1.5,
            Level = Level.Intermediate,
            Goal = Goal.Muscle,
            Emphasis = [Muscle.GluteusMaximus],
            TargetLifts = ["back-squat-high-bar", "romanian-deadlift"],
            Days = Days((Weekday.Mon, 60), (Weekday.Tue, 50), (Weekday.Wed, 60), (Weekday.Fri, 60), (Weekday.Sat, 60)),
        },
        HarbourGym, Sets(first, ("back-squat-high-bar", 55, 6, 8), ("romanian-deadlift", 60, 8, 8))) with
    {
        Schools = new SchoolsSection { Progression = Progression.Linear },
    };

    /// <summary>New today: no set is known yet, so no block is made.</summary>
    public static CaseDocument Beginner => Case(
        new ClientSection
        {
            Name = "Wendelin Hark",
            BirthYear = 2001,
            Sex = Sex.Unspecified,
            HeightCm = 171,
            MassKg = 70,
            TrainingYears = 0.2,
            Level = Level.Novice,
            Goal = Goal.General,
            Days = Days((Weekday.Mon, 40), (Weekday.Thu, 40)),
        },
        new EquipmentSection
        {
            Items = [Implement.Kettlebells, Implement.Bands, Implement.Bench, Implement.Wall],
            KettlebellsKg = [12, 16],
            Bands = [new BandSection { Name = "light", Points = [new BandPointSection { Cm = 100, Kg = 0 }, new BandPointSection { Cm = 160, Kg = 11 }] }],
        },
        []);

    private static EquipmentSection HarbourGym => new()
    {
        Items =
        [
            Implement.Barbell, Implement.SafetyBar, Implement.Rack, Implement.Bench, Implement.Dumbbells, Implement.Kettlebells, Implement.Bands, Implement.Cable,
            Implement.LegPress, Implement.Wedge, Implement.Box, Implement.Blocks, Implement.Plates, Implement.Wall, Implement.PullUpBar, Implement.FoamRoller, Implement.Dowel,
        ],
        Bars = [new BarSection { Name = "bar", Kg = 20, Kind = Implement.Barbell }, new BarSection { Name = "safety bar", Kg = 30, Kind = Implement.SafetyBar }],
        Plates = [Plate(25, 2), Plate(20, 2), Plate(15, 1), Plate(10, 2), Plate(5, 2), Plate(2.5, 2), Plate(1.25, 1)],
        DumbbellsKg = [5, 7.5, 10, 12.5, 15, 17.5, 20, 22.5, 25, 27.5, 30],
        KettlebellsKg = [8, 12, 16, 16, 20, 24, 32],
        StackStepKg = 5,
    };

    private static CaseDocument Case(ClientSection client, EquipmentSection equipment, IReadOnlyList<StrengthSection> strength) => new()
    {
        Format = "nerezza.case",
        Version = 1,
        Client = client,
        Equipment = equipment,
        Strength = strength,
    };

    private static PlateSection Plate(double kg, int pairs) => new() { Kg = kg, Pairs = pairs };

    private static DaySection[] Days(params (Weekday Day, int Minutes)[] days) => [.. days.Select(day => new DaySection { Day = day.Day, Minutes = day.Minutes })];

    private static StrengthSection[] Sets(DateOnly first, params (string Exercise, double Kg, int Reps, double Rpe)[] sets) =>
        [.. sets.Select(set => new StrengthSection { Exercise = set.Exercise, Kg = set.Kg, Reps = set.Reps, Rpe = set.Rpe, Date = first.AddDays(-4) })];
}
