using BenchmarkDotNet.Attributes;
using Nerezza.Core.Body;
using Nerezza.Core.Clients;

namespace Nerezza.Benchmarks;

/// <summary>One posture of each kind; the budget is a median of 20 microseconds and no allocation where a closed form stands.</summary>
[MemoryDiagnoser]
public class BodyModel
{
    private static readonly Client Client = new()
    {
        Name = "x",
        HeightCm = 175,
        MassKg = 80,
        Level = Level.Intermediate,
        Days = [],
    };
    private readonly Lifter _lifter = Lifter.Of(Client, 11, null);
    private readonly SquatSetting _squat = SquatSetting.Of("back-squat-high-bar", 100)!;
    private readonly PullSetting _pull = PullSetting.Of("conventional-deadlift", 140)!;
    private readonly HingeSetting _hinge = HingeSetting.Of("romanian-deadlift", 100)!;
    private readonly SplitSetting _split = SplitSetting.Of("split-squat", 40)!;

    [Benchmark]
    public Posture? SquatPosture() => Squat.At(_lifter, _squat, 0);

    [Benchmark]
    public Posture? PullStart() => Pull.StartAt(_lifter, _pull);

    [Benchmark]
    public Posture? HingePosture() => Hinge.At(_lifter, _hinge, 45);

    [Benchmark]
    public Posture SplitPosture() => SplitSquat.At(_lifter, _split, 0);

    [Benchmark]
    public Posture ThrustTop() => HipThrust.Top(_lifter, 120);

    [Benchmark]
    public double? DeepestSquat() => Squat.Deepest(_lifter, _squat, 0);
}
