using System.Text.Json;
using System.Text.Json.Serialization;
using Nerezza.Core.Body;
using Nerezza.Core.Wording;

namespace Nerezza.Formats.Levers;

/// <summary>A body as the page holds it: metres, kilograms, degrees.</summary>
public sealed record LeverBody(
    double Height,
    double Mass,
    double Shank,
    double Thigh,
    double Torso,
    double Arm,
    double Foot,
    double KneeToWallCm,
    double HipFlexion
);

/// <summary>One exercise with a load, and what was moved on its figure.</summary>
/// <param name="SweepStep">Degrees between points of the way down; null leaves the way out.</param>
public sealed record LeverAsk(
    string Exercise,
    double LoadKg,
    double? ThighDeg,
    double? LeanDeg,
    double? HeelLift,
    double? StanceDeg,
    double? KneeTravel,
    double? Raise,
    double? SweepStep
);

/// <summary>A question of the page: this body, these exercises.</summary>
public sealed record LeverQuestion(LeverBody Body, IReadOnlyList<LeverAsk> Asks);

/// <summary>A point in metres.</summary>
public sealed record SpotPart(double X, double Y);

/// <summary>A figure to draw: the model's points, its moments and angles.</summary>
public sealed record FigurePart(
    SpotPart Heel,
    SpotPart Ball,
    SpotPart Ankle,
    SpotPart Knee,
    SpotPart Hip,
    SpotPart Shoulder,
    SpotPart Bar,
    SpotPart Centre,
    double BalanceX,
    double LeanDeg,
    double ShankDeg,
    double ThighDeg,
    double HipNm,
    double KneeNm,
    double LowBackNm,
    double HipShare
);

/// <summary>A point of the way down.</summary>
public sealed record SweepPart(double At, double HipNm, double KneeNm, double LowBackNm);

/// <summary>What the model says of one ask; no figure where it cannot be held.</summary>
/// <param name="Meaning">The same in one or two sentences.</param>
public sealed record LeverReply(
    string Exercise,
    FigurePart? Figure,
    double? DeepestThighDeg,
    double? HeelLiftNeeded,
    double? StanceNeeded,
    double? RaiseNeeded,
    double? TuckAtHipHeight,
    double? HardestThighDeg,
    IReadOnlyList<SweepPart> Sweep,
    string Meaning
);

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
        new(
            lifter.Height,
            lifter.Mass,
            lifter.Shank,
            lifter.Thigh,
            lifter.Torso,
            lifter.Arm,
            lifter.Foot,
            kneeToWallCm ?? Lifter.UntestedKneeToWallCm,
            lifter.HipFlexion
        );

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
        return new LeverReply(
            ask.Exercise,
            answer.Posture is { } posture ? ToFigure(posture) : null,
            answer.DeepestThighDeg,
            answer.HeelLiftNeeded,
            answer.StanceNeeded,
            answer.RaiseNeeded,
            answer.TuckAtHipHeight,
            answer.HardestThighDeg,
            ask.SweepStep is not { } step
                ? []
                :
                [
                    .. Lever
                        .Sweep(lifter, ask.Exercise, ask.LoadKg, moves, Math.Max(1, step))
                        .Select(point => new SweepPart(point.At, point.HipMoment, point.KneeMoment, point.LowBackMoment)),
                ],
            LeverWords.Text(answer)
        );
    }

    /// <summary>A posture of Core as the page draws it.</summary>
    public static FigurePart ToFigure(Posture posture)
    {
        Joints at = posture.Joints;
        return new FigurePart(
            Spot(at.Heel),
            Spot(at.Ball),
            Spot(at.Ankle),
            Spot(at.Knee),
            Spot(at.Hip),
            Spot(at.Shoulder),
            Spot(at.Bar),
            Spot(at.Centre),
            at.BalanceX,
            posture.LeanDeg,
            posture.ShankDeg,
            posture.ThighDeg,
            posture.HipMoment,
            posture.KneeMoment,
            posture.LowBackMoment,
            posture.HipShare
        );
    }

    private static SpotPart Spot(Point point) => new(point.X, point.Y);
}

[JsonSourceGenerationOptions(PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase)]
[JsonSerializable(typeof(LeverQuestion))]
[JsonSerializable(typeof(IReadOnlyList<LeverReply>))]
internal sealed partial class LeverJson : JsonSerializerContext;
