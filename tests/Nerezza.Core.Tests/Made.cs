using CsCheck;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening;

namespace Nerezza.Core.Tests;

/// <summary>Made-up cases of all kinds.</summary>
internal static class Made
{
    private static readonly string[] Lifts =
    [
        "back-squat-high-bar",
        "back-squat-low-bar",
        "front-squat",
        "heels-raised-back-squat",
        "leg-press",
        "conventional-deadlift",
        "sumo-deadlift",
        "romanian-deadlift",
        "trap-bar-deadlift",
    ];

    private static readonly Gen<Equipment> AnyKit =
        from items in Gen.Shuffle(Enum.GetValues<Implement>(), 0, 44)
        from plates in Gen.Shuffle(new double[] { 25, 20, 15, 10, 5, 2.5, 1.25 }, 0, 7)
        from pairs in Gen.Int[0, 4].Array[plates.Length]
        from bells in Gen.OneOf(8.0, 12, 16, 24, 32).Array[0, 4]
        select new Equipment
        {
            Items = items.ToHashSet(),
            Bars =
            [
                new Bar("bar", Load.FromKilograms(20), Implement.Barbell),
                new Bar("technique bar", Load.FromKilograms(10), Implement.Barbell),
            ],
            Plates = [.. plates.Zip(pairs, (kg, count) => new PlatePairs(Load.FromKilograms(kg), count, kg >= 20))],
            Kettlebells = [.. bells.Order().Select(Load.FromKilograms)],
            Dumbbells = [Load.FromKilograms(10), Load.FromKilograms(20)],
            StackStep = Load.FromKilograms(5),
        };

    private static readonly Gen<PainEntry[]> AnyPain = (
        from region in Gen.Enum<PainRegion>()
        from trigger in Gen.Enum<PainTrigger>()
        from score in Gen.Double[0, 10]
        from nerve in Gen.Int[0, 9]
        select new PainEntry
        {
            Region = region,
            WorseOn = [trigger],
            ScoreDuring = score,
            UsualScore = 1,
            ScoreNextMorning = 1,
            Weeks = 2,
            NerveSigns = nerve == 0,
        }
    ).Array[0, 2];

    private static readonly Gen<Screen> AnyScreen =
        from ankle in Gen.Double[0, 14]
        from arms in Gen.Double[110, 180]
        from legRaise in Gen.Double[40, 90]
        from bridge in Gen.Int[2, 20]
        from otherBridge in Gen.Int[2, 20]
        from heels in Gen.Bool
        from felt in Gen.Bool
        select new Screen
        {
            KneeToWallCm = new BothSides(ankle, ankle),
            ArmsOverheadDeg = new BothSides(arms, arms),
            StraightLegRaiseDeg = new BothSides(legRaise, legRaise),
            SingleLegBridgeReps = new BothSides(bridge, otherBridge),
            Squat = new ScreenSquat
            {
                Depth = null,
                LeanDeg = null,
                HeelRise = null,
                KneesIn = null,
                TuckAtHipHeightCm = null,
                Shift = null,
                BetterWithHeelsRaised = heels,
                BetterWithPlateInFront = null,
                Bar = ScreenBar.None,
                LoadKg = null,
            },
            FeelsGlutes = felt,
        };

    private static readonly Gen<LiftFault[]> AnyFaults = (
        from lift in Gen.OneOf("back-squat-high-bar", "conventional-deadlift")
        from fault in Gen.Enum<FaultCode>()
        from percent in Gen.Int[20, 95]
        from held in Gen.Bool
        select new LiftFault
        {
            Lift = lift,
            Fault = fault,
            FromPercent = percent,
            HeldInIsolation = held,
        }
    ).Array[0, 2];

    public static readonly Gen<ClientCase> Case =
        from kit in AnyKit
        from pain in AnyPain
        from level in Gen.Enum<Level>()
        from school in Gen.Enum<Progression>()
        from low in Gen.Enum<StrengthReps>()
        from goal in Gen.Enum<Goal>()
        from kind in Gen.Enum<BlockKind>()
        from focus in Gen.Enum<BlockFocus>()
        from weeks in Gen.Int[1, 12]
        from days in Gen.Shuffle(Enum.GetValues<Weekday>(), 1, 7)
        from age in Gen.Int[13, 70]
        from targets in Gen.Shuffle(Lifts, 0, 3)
        from entries in Gen.Select(Gen.OneOf(Lifts), Gen.Double[15, 250], Gen.Int[1, 12]).Array[0, 3]
        from flags in Gen.Enum<HealthFlag>().Array[0, 1]
        from screen in AnyScreen
        from faults in AnyFaults
        from emphasis in Gen.Shuffle(Enum.GetValues<Muscle>(), 0, 2)
        from accessories in Gen.Enum<AccessorySchool>()
        from minutes in Gen.OneOf(30, 45, 60, 90)
        select new ClientCase
        {
            Client = new Client
            {
                Name = "x",
                BirthYear = 2026 - age,
                HeightCm = 175,
                MassKg = 80,
                Level = level,
                Goal = goal,
                TargetLifts = targets,
                Emphasis = emphasis,
                Days = [.. days.Order().Select(day => new TrainingDay(day, minutes))],
                Health = new Health(flags, null),
            },
            Equipment = kit,
            Schools = new Schools
            {
                Progression = school,
                StrengthReps = low,
                Accessories = accessories,
            },
            Screen = screen,
            Faults = faults,
            Strength =
            [
                .. entries.Select(row => new StrengthEntry
                {
                    Exercise = row.Item1,
                    Load = Load.FromKilograms(row.Item2),
                    Reps = row.Item3,
                    Rpe = Rpe.Of(8),
                    Side = null,
                    Date = new DateOnly(2026, 11, 20),
                    Amrap = false,
                }),
            ],
            Pain = pain,
            Block = new BlockRequest(new DateOnly(2026, 11, 30), kind, weeks, focus),
        };
}
