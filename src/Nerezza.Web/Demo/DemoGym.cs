using Nerezza.Core.Clients;
using Nerezza.Formats.Cases;

namespace Nerezza.Web.Demo;

/// <summary>What there is to train with at Cala Grigia, and in a kitchen.</summary>
internal static class DemoGym
{
    public static EquipmentSection Harbour =>
        new()
        {
            Items =
            [
                Implement.Barbell,
                Implement.SafetyBar,
                Implement.Rack,
                Implement.Bench,
                Implement.Dumbbells,
                Implement.Kettlebells,
                Implement.Bands,
                Implement.Cable,
                Implement.LegPress,
                Implement.Wedge,
                Implement.Box,
                Implement.Blocks,
                Implement.Plates,
                Implement.Wall,
                Implement.PullUpBar,
                Implement.FoamRoller,
                Implement.Dowel,
            ],
            Bars =
            [
                new BarSection
                {
                    Name = "bar",
                    Kg = 20,
                    Kind = Implement.Barbell,
                },
                new BarSection
                {
                    Name = "safety bar",
                    Kg = 30,
                    Kind = Implement.SafetyBar,
                },
            ],
            Plates = [Plate(25, 2), Plate(20, 2), Plate(15, 1), Plate(10, 2), Plate(5, 2), Plate(2.5, 2), Plate(1.25, 1)],
            DumbbellsKg = [5, 7.5, 10, 12.5, 15, 17.5, 20, 22.5, 25, 27.5, 30],
            KettlebellsKg = [8, 12, 16, 16, 20, 24, 32],
            StackStepKg = 5,
        };

    public static EquipmentSection Home =>
        new()
        {
            Items = [Implement.Kettlebells, Implement.Bands, Implement.Bench, Implement.Wall],
            KettlebellsKg = [12, 16],
            Bands =
            [
                new BandSection
                {
                    Name = "light",
                    Points = [new BandPointSection { Cm = 100, Kg = 0 }, new BandPointSection { Cm = 160, Kg = 11 }],
                },
            ],
        };

    private static PlateSection Plate(double kg, int pairs) => new() { Kg = kg, Pairs = pairs };
}
