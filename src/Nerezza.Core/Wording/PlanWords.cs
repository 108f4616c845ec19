using System.Globalization;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Checks;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Wording;

/// <summary>Words the plan: each sentence says what was found, the number behind it, and what to do.</summary>
public sealed class PlanWords(ExerciseCatalogue catalogue)
{
    /// <summary>Why an exercise stands in a session.</summary>
    public string Because(PrescribedItem item)
    {
        string name = catalogue[item.Exercise].Name, place = item.Role is Role.Main ? "it comes first, while the client is fresh" : "it comes second, lighter, so that the first lift keeps its quality";
        return item.Reason is ItemReason.TargetLift
            ? $"{name} is a target lift; {place}."
            : $"{name} is the first usual choice that the kit and the client's answers allow; {place}.";
    }

    /// <summary>Why an exercise was not taken.</summary>
    public static string Because(PassedOver passed) => passed switch
    {
        PassedOver.NoKit noKit => Missing([.. noKit.Missing.Select(item => Codes.Of(item).Replace('-', ' '))]),
        PassedOver.Unsafe unsafely => $"ruled out by {unsafely.Reason}",
        _ => "the client never wants it",
    };

    /// <summary>What a check found.</summary>
    public string Because(Check check) => check.Code switch
    {
        CheckCode.HingeSpacing => $"{Name(check)} is heavy {Number(check.Value)} day after another heavy hinge; {Number(check.Limit)} days apart are wanted.",
        CheckCode.SessionTooLong => $"The session takes {Number(check.Value)} minutes; there are {Number(check.Limit)}.",
        CheckCode.LoadNotLoadable => $"{Name(check)} is prescribed by effort alone: no max is known, or its lightest load is too heavy.",
        CheckCode.GuardianConsent => "The client is under 16, and consent of a guardian and who supervises are not recorded.",
        CheckCode.PatternMissing => $"No {check.Exercise} can be done with this kit and these answers.",
        CheckCode.BlockLength => $"{Number(check.Value)} weeks; a block of this kind usually ends at {Number(check.Limit)}.",
        _ => "A referral is open: read it before the next session.",
    };

    /// <summary>What to do about a check, or null when that is the coach's to judge.</summary>
    public static string? Fix(Check check) => check.Code switch
    {
        CheckCode.HingeSpacing => "Move one of them by a day, or take it under 75 % and RPE 8.",
        CheckCode.SessionTooLong => "Take a set off the second lift, or give the day more minutes.",
        CheckCode.LoadNotLoadable => "Enter a set of this lift, or start light and log it: the first session finds the load.",
        CheckCode.GuardianConsent => "Record the consent in Intake.",
        CheckCode.PatternMissing => "Add kit in Intake, or change the target lifts.",
        _ => null,
    };

    /// <summary>Where a check applies, for example week 1 mon.</summary>
    public static string Where(Check check) => check switch
    {
        { Week: { } week, Day: { } day } => $"week {week} {Codes.Of(day)}",
        { Week: { } week } => $"week {week}",
        _ => "block",
    };

    private static string Missing(IReadOnlyList<string> kit) =>
        $"{string.Join(" and ", kit)} {(kit.Count > 1 || kit[0].EndsWith('s') ? "are" : "is")} not there";

    private string Name(Check check) => check.Exercise is { } id && catalogue.Find(id) is { } exercise ? exercise.Name : "The exercise";

    private static string Number(double? value) => (value ?? 0).ToString("0.#", CultureInfo.InvariantCulture);
}
