using Nerezza.Core.Clients;

namespace Nerezza.Core.Wording;

/// <summary>Kit of one kind.</summary>
public sealed record KitGroup(string Name, IReadOnlyList<Implement> Items);

/// <summary>Kit in the groups in which a coach looks for it.</summary>
public static class KitGroups
{
    /// <summary>Every implement, each in one group, in the order of the codes.</summary>
    public static IReadOnlyList<KitGroup> All { get; } =
    [.. Enum.GetValues<Implement>().GroupBy(Of).OrderBy(group => group.Key).Select(group => new KitGroup(Name(group.Key), [.. group]))];

    private static Kind Of(Implement implement) =>
        implement switch
        {
            Implement.Barbell
            or Implement.SafetyBar
            or Implement.TrapBar
            or Implement.Smith
            or Implement.Rack
            or Implement.Bench
            or Implement.Plates
            or Implement.Blocks
            or Implement.Box
            or Implement.Wedge
            or Implement.Landmine => Kind.BarsAndRack,
            Implement.Dumbbells
            or Implement.Kettlebells
            or Implement.Sandbag
            or Implement.Keg
            or Implement.Stone
            or Implement.FarmersHandles
            or Implement.Log
            or Implement.Sled => Kind.FreeWeights,
            Implement.Cable
            or Implement.LegPress
            or Implement.HackSquat
            or Implement.BeltSquat
            or Implement.LegExtension
            or Implement.LegCurlSeated
            or Implement.LegCurlLying
            or Implement.HipThrustMachine
            or Implement.HipAbductionMachine
            or Implement.HipAdductionMachine
            or Implement.GluteKickbackMachine
            or Implement.GluteHam
            or Implement.HipExtension45
            or Implement.HipExtension90
            or Implement.ReverseHyper
            or Implement.SissyBench
            or Implement.CalfMachineStanding
            or Implement.CalfMachineSeated
            or Implement.Pulldown
            or Implement.RowMachine
            or Implement.FlyMachine => Kind.Machines,
            Implement.Bands
            or Implement.PullUpBar
            or Implement.DipBars
            or Implement.FoamRoller
            or Implement.Dowel
            or Implement.Wall
            or Implement.RollOutWheel => Kind.SmallThings,
        };

    private static string Name(Kind kind) =>
        kind switch
        {
            Kind.BarsAndRack => "Bars and rack",
            Kind.FreeWeights => "Free weights",
            Kind.Machines => "Machines",
            Kind.SmallThings => "Small things",
        };

    private enum Kind
    {
        BarsAndRack,
        FreeWeights,
        Machines,
        SmallThings,
    }
}
