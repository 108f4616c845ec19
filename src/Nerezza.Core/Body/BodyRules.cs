using System.Text.Json.Serialization;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Body;

/// <summary>The numbers of the body model, from Data/body.yaml, each with its source.</summary>
internal sealed record BodyRules
{
    /// <summary>Lengths as parts of height.</summary>
    public required SegmentFractions Segments { get; init; }

    /// <summary>Masses as parts of body mass.</summary>
    public required MassFractions Masses { get; init; }

    /// <summary>Where along each segment its mass lies.</summary>
    public required CentreFractions Centres { get; init; }

    /// <summary>Length and parts of the foot.</summary>
    public required FootRule Foot { get; init; }

    /// <summary>From knee-to-wall to degrees.</summary>
    public required AnkleRule Ankle { get; init; }

    /// <summary>Arms held out in front.</summary>
    public required ArmsOutRule ArmsOut { get; init; }

    /// <summary>Arm of the load at the low back.</summary>
    public required LowBackRule LowBack { get; init; }

    /// <summary>When the pelvis tucks.</summary>
    public required TuckRule Tuck { get; init; }

    /// <summary>How far joints go.</summary>
    public required LimitRule Limits { get; init; }

    /// <summary>Where a bar lies on the trunk.</summary>
    public required IReadOnlyDictionary<string, BarPlace> Bars { get; init; }

    /// <summary>Settings of the squats.</summary>
    public required IReadOnlyDictionary<string, SquatStyle> Squats { get; init; }

    /// <summary>Numbers of the lean rule.</summary>
    public required LeanNumbers Lean { get; init; }

    /// <summary>The start of a pull.</summary>
    public required PullRule Pull { get; init; }

    /// <summary>Settings of the pulls.</summary>
    public required IReadOnlyDictionary<string, PullStyle> Pulls { get; init; }

    /// <summary>The bottom of a hinge.</summary>
    public required HingeRule Hinge { get; init; }

    /// <summary>Settings of the hinges.</summary>
    public required IReadOnlyDictionary<string, HingeStyle> Hinges { get; init; }

    /// <summary>The thrust.</summary>
    public required ThrustRule Thrust { get; init; }

    /// <summary>Settings of the thrusts.</summary>
    public required IReadOnlyList<string> Thrusts { get; init; }

    /// <summary>The split squat.</summary>
    public required SplitRule Split { get; init; }

    /// <summary>Settings of the split squats.</summary>
    public required IReadOnlyDictionary<string, SplitStyle> Splits { get; init; }

    /// <summary>What a page may set.</summary>
    public required AllowedRule Allowed { get; init; }

    /// <summary>Steps of the search.</summary>
    public required SweepRule Sweep { get; init; }

    /// <summary>What is held where.</summary>
    public required HoldRule Hold { get; init; }

    /// <summary>When a squat is called hip-led or knee-led.</summary>
    public required ShareRule Share { get; init; }

    public static BodyRules Shipped { get; } = EmbeddedData.Read("body", BodyJson.Default.BodyRules);
}

internal sealed record SegmentFractions(double Shank, double Thigh, double Torso, double AnkleHeight, double Foot, double Arm);

internal sealed record MassFractions(double Shanks, double Thighs, double HeadArmsTrunk);

internal sealed record CentreFractions(double ShankFromAnkle, double ThighFromHip, double TrunkFromHip);

internal sealed record FootRule(double MidFoot, double HeelToBall, double HeelBehindAnkle);

internal sealed record AnkleRule(double ToeAhead, double KneeJointBehind, double MostDegrees, double UntestedCm);

internal sealed record ArmsOutRule(double MassFraction, double ReachOfHeight);

internal sealed record LowBackRule(double UpTheTrunk, double MassAbove, double CentreAbove);

internal sealed record TuckRule(double BeyondPassive, double PassiveWhenUntested);

internal sealed record LimitRule(double MostLean, double TipsForwardBelow, double ReachFrom, double Step, double ShankFullAt);

internal sealed record LeanNumbers
{
    /// <summary>Below this a lean is called upright, degrees.</summary>
    public required double UprightBelow { get; init; }

    /// <summary>Above this a lean asks why, degrees.</summary>
    public required double AsksAbove { get; init; }

    /// <summary>How far beyond what the body asks for a lean is still explained, degrees.</summary>
    public required double ExplainedWithin { get; init; }

    /// <summary>Stands for a depth that cannot be held, degrees.</summary>
    public required double NotReachable { get; init; }

    /// <summary>Knee-to-wall of the ankle tried instead, cm.</summary>
    public required double AnkleWhatIfCm { get; init; }

    /// <summary>Part of the excess that the better ankle must take away.</summary>
    public required double Share { get; init; }

    /// <summary>Load where none was recorded, kg.</summary>
    public required double BarKg { get; init; }

    /// <summary>Place of the load along the trunk without a bar.</summary>
    public required double NoneS { get; init; }

    /// <summary>Place of the load across the trunk without a bar.</summary>
    public required double NoneA { get; init; }

    /// <summary>Thigh angle of above parallel, degrees.</summary>
    public required double Above { get; init; }

    /// <summary>Thigh angle of parallel, degrees.</summary>
    public required double At { get; init; }

    /// <summary>Thigh angle of below parallel, degrees.</summary>
    public required double Below { get; init; }
}

/// <summary>Where the load sits: rho of the trunk's length up from the hip, d metres in front of the trunk line.</summary>
internal sealed record BarPlace(double Rho, double D);

/// <summary>How a squat is done: knee travel 0 to 1, stance in degrees, heel lift in metres, place of the bar.</summary>
internal sealed record SquatStyle(double S, double A, double E, string Bar);

internal sealed record PullRule(
    double BarRadius,
    double ShinToBar,
    double ShoulderAhead,
    double TrapShank,
    double RaiseStep,
    double RaiseMost
);

internal sealed record PullStyle(double A, double Raise, bool Trap = false);

internal sealed record HingeRule(double Stance, double ShankMost, double LeanMost, double LeanStep, double ToesMidFoot, double Accuracy);

internal sealed record HingeStyle(double Knee, double Toes = 0, string? Bar = null);

internal sealed record ThrustRule(double Bench, double TrunkFromBench, double Feet);

internal sealed record SplitRule(double BallFromAnkle, double TrunkLean);

internal sealed record SplitStyle(
    double Share,
    string Shank,
    string Pressure,
    double Heel = 0,
    RearFoot Rear = RearFoot.Floor,
    HandSupport Support = HandSupport.None
);

internal sealed record SweepRule(double SquatFrom, double SplitFrom, double HardestStep);

internal sealed record HoldRule(double ChestAhead, double FrontAbove);

internal sealed record ShareRule(double HipLedFrom, double KneeLedBelow);

internal sealed record AllowedRule(double HeelMost, double HeelStep, double StanceMost, double StanceStep);

[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    UseStringEnumConverter = true,
    UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow
)]
[JsonSerializable(typeof(BodyRules))]
internal sealed partial class BodyJson : JsonSerializerContext;
