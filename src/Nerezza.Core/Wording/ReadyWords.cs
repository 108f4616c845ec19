using System.Diagnostics;
using System.Globalization;
using Nerezza.Core.Clients;
using Nerezza.Core.Floor;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening.Safety;

namespace Nerezza.Core.Wording;

/// <summary>Says what of an exercise changes by how the client came in.</summary>
public static class ReadyWords
{
    /// <summary>The changes with their reasons; empty where it stands as planned.</summary>
    /// <param name="instead">The name of what stands in for it; null where nothing does.</param>
    public static string Text(PartToday part, string? instead)
    {
        // Of one pain that changes the exercise and lightens what stands in for it, place and score are said once.
        bool once = instead is not null && part.Reasons is [ReadyReason.Pain first, ReadyReason.Pain second, ..] && first == second;
        string? place = instead is null ? null : $"{instead.ToLowerInvariant()} in its place{(once ? $", {Lightly(part)}" : ".")}";
        return string.Join(" ", part.Reasons.Skip(once ? 1 : 0).Select((reason, i) => Text(reason, part, i == 0 ? place : null)));
    }

    private static string Lightly(PartToday part)
    {
        string effort = part.Sets.Any(set => SetKinds.IsRated(set.Kind))
            ? $", RPE {Number(SafetyRules.Shipped.Caps.Pain.Rpe)} at most"
            : "";
        return $"lighter{effort}; stop if it gets worse.";
    }

    private static string Text(ReadyReason reason, PartToday part, string? place) =>
        reason switch
        {
            ReadyReason.Pain pain => $"Pain {Number(pain.Score)} of 10{At(pain.Region)}: {OfPain(part, place)}",
            ReadyReason.Sore { Muscle: var muscle } sore =>
                $"Sore {Plain(Codes.Of(muscle))}, {sore.Score} of {Readiness.MostSore}: {Less(sore)}.",
            ReadyReason.ShortSleep => $"Under {Number(FloorRules.Shipped.ShortSleepHours)} hours of sleep: no set harder than RPE "
                + $"{Number(FloorRules.Shipped.ShortSleepMostRpe)}.",
            ReadyReason.NoTime => "No time for it today.",
            _ => throw new UnreachableException(reason.ToString()),
        };

    private static string OfPain(PartToday part, string? place) =>
        place ?? (part.IsOut ? "left out today. See someone if it stays." : Lightly(part));

    private static string Less(ReadyReason.Sore sore)
    {
        string[] parts =
        [
            sore.SetsFewer > 0 ? $"{sore.SetsFewer} set fewer" : "",
            sore.RpeLower > 0 ? $"RPE {Number(sore.RpeLower)} lower" : "",
        ];
        return string.Join(", ", parts.Where(text => text.Length > 0));
    }

    /// <summary>Where it hurts, to stand behind a word.</summary>
    internal static string At(PainRegion region) =>
        region switch
        {
            PainRegion.LowBack => " at the low back",
            PainRegion.Knee => " at the knee",
            PainRegion.Hip => " at the hip",
            PainRegion.Ankle => " at the ankle",
            PainRegion.Shoulder => " at the shoulder",
            PainRegion.Other => "",
        };

    private static string Plain(string code) => code.Replace('-', ' ');

    private static string Number(double value) => value.ToString("0.#", CultureInfo.InvariantCulture);
}
