using System.Text.Json.Serialization;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Body;

/// <summary>The numbers of the body model, from Data/body.yaml, each with its source.</summary>
internal sealed record BodyRules(
    SegmentFractions Segments,
    MassFractions Masses,
    CentreFractions Centres,
    FootRule Foot,
    AnkleRule Ankle,
    ArmsOutRule ArmsOut,
    LowBackRule LowBack,
    TuckRule Tuck,
    LimitRule Limits,
    IReadOnlyDictionary<string, BarPlace> Bars,
    IReadOnlyDictionary<string, SquatStyle> Squats,
    LeanNumbers Lean,
    PullRule Pull,
    IReadOnlyDictionary<string, PullStyle> Pulls,
    HingeRule Hinge,
    IReadOnlyDictionary<string, HingeStyle> Hinges,
    ThrustRule Thrust,
    IReadOnlyList<string> Thrusts,
    SplitRule Split,
    IReadOnlyDictionary<string, SplitStyle> Splits,
    AllowedRule Allowed,
    SweepRule Sweep,
    HoldRule Hold,
    ShareRule Share
)
{
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

internal sealed record LeanNumbers(
    double UprightBelow,
    double AsksAbove,
    double ExplainedWithin,
    double NotReachable,
    double AnkleWhatIfCm,
    double Share,
    double BarKg,
    double NoneS,
    double NoneA,
    double Above,
    double At,
    double Below
);

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
