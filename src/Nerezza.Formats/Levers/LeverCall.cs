using System.Text.Json;
using System.Text.Json.Serialization;
using Nerezza.Core.Body;
using Nerezza.Core.Wording;

namespace Nerezza.Formats.Levers;

/// <summary>A body as the page holds it: metres, kilograms, degrees.</summary>
public sealed record LeverBody
{
    /// <summary>Body height, metres.</summary>
    public required double Height { get; init; }

    /// <summary>Body mass, kg.</summary>
    public required double Mass { get; init; }

    /// <summary>Knee to floor, metres.</summary>
    public required double Shank { get; init; }

    /// <summary>Hip to knee, metres.</summary>
    public required double Thigh { get; init; }

    /// <summary>Hip to shoulder, metres.</summary>
    public required double Torso { get; init; }

    /// <summary>Shoulder to grip, metres.</summary>
    public required double Arm { get; init; }

    /// <summary>Length of the foot, metres.</summary>
    public required double Foot { get; init; }

    /// <summary>Knee-to-wall distance, cm.</summary>
    public required double KneeToWallCm { get; init; }

    /// <summary>Passive hip flexion, degrees.</summary>
    public required double HipFlexion { get; init; }
}

/// <summary>One exercise with a load, and what was moved on its figure.</summary>
public sealed record LeverAsk
{
    /// <summary>Its id.</summary>
    public required string Exercise { get; init; }

    /// <summary>Load, kg.</summary>
    public required double LoadKg { get; init; }

    /// <summary>Depth, degrees of the thigh above level.</summary>
    public double? ThighDeg { get; init; }

    /// <summary>Trunk lean, degrees.</summary>
    public double? LeanDeg { get; init; }

    /// <summary>Heel lift, metres.</summary>
    public double? HeelLift { get; init; }

    /// <summary>How far the feet turn out, degrees.</summary>
    public double? StanceDeg { get; init; }

    /// <summary>How far the knees may travel, metres.</summary>
    public double? KneeTravel { get; init; }

    /// <summary>How far the bar is raised, metres.</summary>
    public double? Raise { get; init; }

    /// <summary>Degrees between points of the way down; null leaves the way out.</summary>
    public double? SweepStep { get; init; }
}

/// <summary>A question of the page: this body, these exercises.</summary>
public sealed record LeverQuestion(LeverBody Body, IReadOnlyList<LeverAsk> Asks);

/// <summary>A point in metres.</summary>
public sealed record SpotPart(double X, double Y);

/// <summary>A figure to draw: the model's points, its moments and angles.</summary>
public sealed record FigurePart
{
    public required SpotPart Heel { get; init; }

    public required SpotPart Ball { get; init; }

    public required SpotPart Ankle { get; init; }

    public required SpotPart Knee { get; init; }

    public required SpotPart Hip { get; init; }

    public required SpotPart Shoulder { get; init; }

    public required SpotPart Bar { get; init; }

    public required SpotPart Centre { get; init; }

    public required double BalanceX { get; init; }

    public required double LeanDeg { get; init; }

    public required double ShankDeg { get; init; }

    public required double ThighDeg { get; init; }

    public required double HipNm { get; init; }

    public required double KneeNm { get; init; }

    public required double LowBackNm { get; init; }

    public required double HipShare { get; init; }
}

/// <summary>A point of the way down.</summary>
public sealed record SweepPart(double At, double HipNm, double KneeNm, double LowBackNm);

/// <summary>What the model says of one ask; no figure where it cannot be held.</summary>
public sealed record LeverReply
{
    public required string Exercise { get; init; }

    public required FigurePart? Figure { get; init; }

    public required double? DeepestThighDeg { get; init; }

    public required double? HeelLiftNeeded { get; init; }

    public required double? StanceNeeded { get; init; }

    public required double? RaiseNeeded { get; init; }

    public required double? TuckAtHipHeight { get; init; }

    public required double? HardestThighDeg { get; init; }

    public required IReadOnlyList<SweepPart> Sweep { get; init; }

    /// <summary>The same in one or two sentences.</summary>
    public required string Meaning { get; init; }
}

/// <summary>Answers the page's questions about levers with Core's model: on the server for the first picture, in the page for every move
/// after it.</summary>
public static class LeverCall
{
    /// <summary>One reply for each ask that has a posture.</summary>
    public static IReadOnlyList<LeverReply> Answer(LeverQuestion question)
    {
        Lifter lifter = ToLifter(question.Body);
        return [.. question.Asks.Select(ask => Reply(lifter, ask)).OfType<LeverReply>()];
    }

    /// <summary>The same as JSON text, for the page.</summary>
    public static string Answer(string question) =>
        JsonSerializer.Serialize(
            Answer(JsonSerializer.Deserialize(question, LeverJson.Default.LeverQuestion)!),
            LeverJson.Default.IReadOnlyListLeverReply
        );

    /// <summary>A body of Core as the page holds it.</summary>
    /// <param name="kneeToWallCm">The smaller side; null when it was not tested.</param>
    public static LeverBody ToPart(Lifter lifter, double? kneeToWallCm) =>
        new()
        {
            Height = lifter.Height,
            Mass = lifter.Mass,
            Shank = lifter.Shank,
            Thigh = lifter.Thigh,
            Torso = lifter.Torso,
            Arm = lifter.Arm,
            Foot = lifter.Foot,
            KneeToWallCm = kneeToWallCm ?? Lifter.UntestedKneeToWallCm,
            HipFlexion = lifter.HipFlexion,
        };

    private static Lifter ToLifter(LeverBody body) =>
        new()
        {
            Height = body.Height,
            Mass = body.Mass,
            Shank = body.Shank,
            Thigh = body.Thigh,
            Torso = body.Torso,
            Arm = body.Arm,
            Foot = body.Foot,
            ShankLimit = Lifter.ShankLimitOf(body.KneeToWallCm, body.Foot, body.Shank),
            HipFlexion = body.HipFlexion,
        };

    private static LeverReply? Reply(Lifter lifter, LeverAsk ask)
    {
        LeverMoves moves = new(ask.ThighDeg, ask.LeanDeg, ask.HeelLift, ask.StanceDeg, ask.KneeTravel, ask.Raise);
        if (Lever.Of(lifter, ask.Exercise, ask.LoadKg, moves) is not { } answer)
            return null;
        return new LeverReply
        {
            Exercise = ask.Exercise,
            Figure = answer.Posture is { } posture ? ToFigure(posture) : null,
            DeepestThighDeg = answer.DeepestThighDeg,
            HeelLiftNeeded = answer.HeelLiftNeeded,
            StanceNeeded = answer.StanceNeeded,
            RaiseNeeded = answer.RaiseNeeded,
            TuckAtHipHeight = answer.TuckAtHipHeight,
            HardestThighDeg = answer.HardestThighDeg,
            Sweep = ask.SweepStep is not { } step
                ? []
                :
                [
                    .. Lever
                        .Sweep(lifter, ask.Exercise, ask.LoadKg, moves, Math.Max(1, step))
                        .Select(point => new SweepPart(point.At, point.HipMoment, point.KneeMoment, point.LowBackMoment)),
                ],
            Meaning = LeverWords.Text(answer),
        };
    }

    /// <summary>A posture of Core as the page draws it.</summary>
    public static FigurePart ToFigure(Posture posture)
    {
        Joints at = posture.Joints;
        return new FigurePart
        {
            Heel = Spot(at.Heel),
            Ball = Spot(at.Ball),
            Ankle = Spot(at.Ankle),
            Knee = Spot(at.Knee),
            Hip = Spot(at.Hip),
            Shoulder = Spot(at.Shoulder),
            Bar = Spot(at.Bar),
            Centre = Spot(at.Centre),
            BalanceX = at.BalanceX,
            LeanDeg = posture.LeanDeg,
            ShankDeg = posture.ShankDeg,
            ThighDeg = posture.ThighDeg,
            HipNm = posture.HipMoment,
            KneeNm = posture.KneeMoment,
            LowBackNm = posture.LowBackMoment,
            HipShare = posture.HipShare,
        };
    }

    private static SpotPart Spot(Point point) => new(point.X, point.Y);
}

[JsonSourceGenerationOptions(PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase)]
[JsonSerializable(typeof(LeverQuestion))]
[JsonSerializable(typeof(IReadOnlyList<LeverReply>))]
internal sealed partial class LeverJson : JsonSerializerContext;
