using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Tests.Blocks;

/// <summary>An intermediate with a squat of 120 kg, a deadlift of 150 kg and a plain gym: what the tests of blocks start from.</summary>
internal static class PlainCase
{
    public static ClientCase With(int minutes, IReadOnlyList<Weekday> days, IReadOnlyList<Implement> kit) =>
        new()
        {
            Client = new Client
            {
                Name = "x",
                HeightCm = 175,
                MassKg = 80,
                Level = Level.Intermediate,
                Goal = Goal.Strength,
                TargetLifts = ["back-squat-high-bar", "conventional-deadlift"],
                Days = [.. days.Select(day => new TrainingDay(day, minutes))],
            },
            Equipment = new Equipment
            {
                Items = new HashSet<Implement>([
                    Implement.Barbell,
                    Implement.Rack,
                    Implement.Bench,
                    Implement.Plates,
                    Implement.Dumbbells,
                    Implement.Pulldown,
                    .. kit,
                ]),
                Bars =
                [
                    new Bar("bar", Load.FromKilograms(20), Implement.Barbell),
                    new Bar("safety bar", Load.FromKilograms(25), Implement.SafetyBar),
                ],
                Plates = [.. new[] { 25.0, 20, 10, 5, 2.5, 1.25 }.Select(kg => new PlatePairs(Load.FromKilograms(kg), 2, kg >= 20))],
                Dumbbells = [.. Enumerable.Range(2, 14).Select(i => Load.FromKilograms(i * 2.5))],
                StackStep = Load.FromKilograms(5),
            },
            Strength =
            [
                new StrengthEntry
                {
                    Exercise = "back-squat-high-bar",
                    Load = Load.FromKilograms(120),
                    Reps = 1,
                    Rpe = Rpe.Ten,
                    Side = null,
                    Date = new DateOnly(2026, 11, 20),
                    Amrap = false,
                },
                new StrengthEntry
                {
                    Exercise = "conventional-deadlift",
                    Load = Load.FromKilograms(150),
                    Reps = 1,
                    Rpe = Rpe.Ten,
                    Side = null,
                    Date = new DateOnly(2026, 11, 20),
                    Amrap = false,
                },
            ],
            Block = new BlockRequest(new DateOnly(2026, 11, 30), BlockKind.Strength, 4, BlockFocus.Whole),
        };
}
