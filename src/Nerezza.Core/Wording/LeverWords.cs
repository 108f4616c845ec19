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
        posture.LeanDeg < 0 ? "The trunk lies level."
        : posture.LeanDeg < Leans.UprightBelow ? $"Upright: the trunk leans {Number(posture.LeanDeg)} degrees."
        : posture.LeanDeg <= Leans.AsksAbove ? $"The trunk leans {Number(posture.LeanDeg)} degrees."
        : $"A long lean for this body: {Number(posture.LeanDeg)} degrees.";

    private static string Share(Posture posture) =>
        posture.KneeMoment < 0 ? "The hip holds it all; at the knee the hamstrings work."
        : posture.HipShare >= Shares.HipLedFrom ? $"Hip-led: the hip holds {Percent(posture.HipShare)} of hip and knee."
        : posture.HipShare < Shares.KneeLedBelow ? $"Knee-led: the knee holds {Percent(1 - posture.HipShare)} of hip and knee."
        : $"Shared: the hip holds {Percent(posture.HipShare)} of hip and knee.";

    private static string Tuck(LeverAnswer answer) =>
        answer.TuckAtHipHeight is { } height ? $" The pelvis is likely to tuck from a hip height of {Number(height * 100)} cm." : "";

    private static string Unreachable(LeverAnswer answer) =>
        answer.RaiseNeeded is { } raise ? $"Cannot be started with a flat back; raise the bar by {Number(raise * 100)} cm."
        : Openers(answer) is [var first, .. var more]
            ? $"Cannot be held at this depth; {first} opens it{string.Concat(more.Select(other => $", or {other}"))}."
        : answer.DeepestThighDeg is { } deepest ? $"Cannot be held at this depth; the thigh comes to {Number(deepest)} degrees above level."
        : "Cannot be held by this body.";

    /// <summary>What opens the depth, easiest first.</summary>
    private static string[] Openers(LeverAnswer answer) =>
        [
            .. answer.HeelLiftNeeded is { } lift ? [$"a heel lift of {Number(lift * 100)} cm"] : Array.Empty<string>(),
            .. answer.StanceNeeded is { } stance ? [$"a stance of {Number(stance)} degrees"] : Array.Empty<string>(),
        ];

    private static string Number(double value) => value.ToString("0.#", CultureInfo.InvariantCulture);

    private static string Percent(double share) => $"{Math.Round(share * 100).ToString(CultureInfo.InvariantCulture)} %";
}
