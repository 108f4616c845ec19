using System.Globalization;
using Nerezza.Core.Body;

namespace Nerezza.Core.Wording;

/// <summary>Says what the levers of an exercise mean for a client.</summary>
public static class LeverWords
{
    /// <summary>The line that stands with every picture of the model.</summary>
    public const string Caution = "A lever sum for a still body: use it to compare variations, not to judge injury risk.";

    private static readonly LeanNumbers Leans = BodyRules.Shipped.Lean;
    private static readonly ShareRule Shares = BodyRules.Shipped.Share;

    /// <summary>One or two sentences.</summary>
    public static string Text(LeverAnswer answer) =>
        answer.Posture is { } posture ? $"{Lean(posture)} {Share(posture)}{Tuck(answer)}" : Unreachable(answer);

    private static string Lean(Posture posture) =>
        posture.LeanDeg switch
        {
            < 0 => "The trunk lies level.",
            var lean when lean < Leans.UprightBelow => $"Upright: the trunk leans {Number(posture.LeanDeg)} degrees.",
            var lean when lean <= Leans.AsksAbove => $"The trunk leans {Number(posture.LeanDeg)} degrees.",
            _ => $"A long lean for this body: {Number(posture.LeanDeg)} degrees.",
        };

    private static string Share(Posture posture) =>
        posture switch
        {
            { KneeMoment: < 0 } => "The hip holds it all; at the knee the hamstrings work.",
            { HipShare: var share } when share >= Shares.HipLedFrom =>
                $"Hip-led: the hip holds {Percent(posture.HipShare)} of hip and knee.",
            { HipShare: var share } when share < Shares.KneeLedBelow =>
                $"Knee-led: the knee holds {Percent(1 - posture.HipShare)} of hip and knee.",
            _ => $"Shared: the hip holds {Percent(posture.HipShare)} of hip and knee.",
        };

    private static string Tuck(LeverAnswer answer) =>
        answer.TuckAtHipHeight is { } height ? $" The pelvis is likely to tuck from a hip height of {Number(height * 100)} cm." : "";

    private static string Unreachable(LeverAnswer answer) =>
        answer switch
        {
            { HeelLiftNeeded: { } lift, StanceNeeded: { } stance } =>
                $"Cannot be held at this depth; a heel lift of {Number(lift * 100)} cm opens it, or a stance of {Number(stance)} degrees.",
            { HeelLiftNeeded: { } lift } => $"Cannot be held at this depth; a heel lift of {Number(lift * 100)} cm opens it.",
            { StanceNeeded: { } stance } => $"Cannot be held at this depth; a stance of {Number(stance)} degrees opens it.",
            { RaiseNeeded: { } raise } => $"Cannot be started with a flat back; raise the bar by {Number(raise * 100)} cm.",
            { DeepestThighDeg: { } deepest } => $"Cannot be held at this depth; the thigh comes to {Number(deepest)} degrees above level.",
            _ => "Cannot be held by this body.",
        };

    private static string Number(double value) => value.ToString("0.#", CultureInfo.InvariantCulture);

    private static string Percent(double share) => $"{Math.Round(share * 100).ToString(CultureInfo.InvariantCulture)} %";
}
