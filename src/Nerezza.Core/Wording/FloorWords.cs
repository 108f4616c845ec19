using System.Diagnostics;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Floor;
using Nerezza.Core.Prescription;

namespace Nerezza.Core.Wording;

/// <summary>Says what the floor proposes, in one sentence.</summary>
public static class FloorWords
{
    /// <summary>What is said of sets that look for a load that nobody knows yet.</summary>
    private const string Calibration =
        "The load is a first guess: each set a step heavier until the effort that is asked for; that set is the estimate.";

    /// <summary>What to set up for an item, in words: the implements of a medley first.</summary>
    public static string Text(PrescribedItem item, ExerciseCatalogue catalogue)
    {
        string heights = item.Ask.Target.Kind is TargetKind.Calibration ? $"{Calibration} {Text(item.SetUp)}".TrimEnd() : Text(item.SetUp);
        if (item.SetUp.Opens is { } opens)
            heights = $"{heights} Done as planned, these sets are the gate to {NameOf(opens, catalogue)}.".TrimStart();
        if (item.Sets[0].Medley is not { Count: > 0 } medley)
            return heights;
        IEnumerable<string> pieces = medley.Select(piece =>
            $"{NameOf(piece.Exercise, catalogue)} {(piece.Load is { } load ? $"{Number(load.Kilograms)} kg" : "(weigh it)")}"
        );
        return $"In a row, timed, {item.Sets[0].Metres} m each: {string.Join(", ", pieces)}.{(heights.Length > 0 ? $" {heights}" : "")}";
    }

    /// <summary>How the sets of a day stand to the gate of a ladder.</summary>
    public static string Text(GateMet gate, ExerciseCatalogue catalogue) =>
        gate switch
        {
            { DaysLeft: 0 } => $"The gate is passed: {NameOf(gate.Opens, catalogue)} is open.",
            { Passed: true, DaysLeft: 1 } => $"The gate is passed today; once more, and {NameOf(gate.Opens, catalogue)} is open.",
            { Passed: true } => $"The gate is passed today; {gate.DaysLeft} days more, and {NameOf(gate.Opens, catalogue)} is open.",
            { Passed: false } => $"The gate to {NameOf(gate.Opens, catalogue)} is not passed yet; it is tried again next time.",
        };

    private static string NameOf(string exercise, ExerciseCatalogue catalogue) => catalogue[exercise].Name.ToLowerInvariant();

    /// <summary>What to set up, in words; empty when nothing is to be set.</summary>
    public static string Text(SetUp setUp)
    {
        string[] parts =
        [
            setUp.BoxCm is { } box ? $"box at {Number(box)} cm" : "",
            setUp.PinCm is { } pins ? $"bar on pins at {Number(pins)} cm" : "",
            setUp.HeelCm is { } heel ? $"wedge of {Number(heel)} cm" : "",
            setUp.BlockCm is { } blocks ? $"blocks of {Number(blocks)} cm" : "",
            setUp.BarCm is { } bar ? $"until a full-size plate is on, stand the bar on blocks or plates at {Number(bar)} cm" : "",
            setUp.If switch
            {
                LowerIf.SessionsWereClean => "so low only if the last two sessions were without the fault",
                LowerIf.KneeToWallGrew => "so low only if knee-to-wall has grown by twice what the wedge lost",
                LowerIf.PlateHeld => "the lighter plate only if the squat stayed upright with the last one",
                null => "",
                _ => throw new UnreachableException(setUp.If.ToString()),
            },
            setUp.Aid is { } aid ? $"to feel it: {aid}" : "",
        ];
        string text = string.Join(", ", parts.Where(part => part.Length > 0));
        return text.Length == 0 ? "" : $"{char.ToUpperInvariant(text[0])}{text[1..]}.";
    }

    private static string Weighed(int reps, Measures.Load load) => $"{reps} × {Number(load.Kilograms)} kg";

    private static string Number(double value) => value.ToString("0.#", System.Globalization.CultureInfo.InvariantCulture);

    /// <summary>What of an exercise changes next time, and why; empty where nothing does.</summary>
    public static string Text(NextTime next)
    {
        if (next.Now == next.Before)
            return "";
        string way = next.Now < next.Before ? "Lighter" : "Heavier";
        string why = next.Told switch
        {
            null => "the max moved with what was logged",
            { Rated: { } rated, Load: { } done, PlannedLoad: { } asked } told when done != asked =>
                $"{Weighed(told.Reps, done)} was {Number(rated.Value)}, where {Weighed(told.PlannedReps, asked)} "
                    + $"at {Number(told.Planned.Value)} was planned",
            { Rated: { } rated } told when told.Reps != told.PlannedReps =>
                $"{told.Reps} repetitions were {Number(rated.Value)}, where {told.PlannedReps} at {Number(told.Planned.Value)} "
                    + "were planned",
            { Rated: { } rated } told => $"a set was {Number(rated.Value)} for {Number(told.Planned.Value)}",
            { } told => $"{told.Reps} of {told.PlannedReps} repetitions were done",
        };
        return $"{way} than planned: {why}.";
    }

    /// <summary>The proposal with its reason; null when the plan stands.</summary>
    public static string? Text(NextSet next) =>
        next switch
        {
            NextSet.Adjusted { Reason: AdjustReason.EasierThanPlanned } =>
                "The last set was easier than planned: a little more fits today.",
            NextSet.Adjusted { Reason: AdjustReason.EasierWithoutStep } =>
                "The last set was easy: more repetitions bring it to the effort.",
            NextSet.Adjusted { Reason: AdjustReason.EasyAtTheMost } =>
                "The last set was easy for so many repetitions: try the next load for fewer.",
            NextSet.Adjusted { Reason: AdjustReason.HarderThanPlanned } =>
                "The last set was harder than planned: a little less keeps the effort.",
            NextSet.Adjusted { Reason: AdjustReason.MissedReps } => "The last set fell short: 5 % less for what remains of this exercise.",
            NextSet.Adjusted { Reason: AdjustReason.MissedWithoutLoad } => "The last set fell short: the next asks for what was done.",
            NextSet.Adjusted { Reason: AdjustReason.TechniqueChanged } => "Form changed before the end: stop the next set there.",
            NextSet.EndExercise { Reason: EndReason.Pain } =>
                "Pain above 5: this exercise ends here. Do not test it again today; see someone if it stays.",
            NextSet.EndExercise { Reason: EndReason.MissedTwice } => "A second set fell short: this exercise ends here.",
            NextSet.EndExercise { Reason: EndReason.Felt } => "Felt: that is what it was for. Go on to the lift.",
            NextSet.EndExercise { Reason: EndReason.Slowing } => "They are slowing down: stop here, tired ones teach nothing.",
            NextSet.EndExercise { Reason: EndReason.OneSetFewer } => "That was all there was at RPE 10: leave the last set out.",
            NextSet.OfferSubstitute => "Pain of 3 to 5: change the exercise for today.",
            NextSet.AsPlanned => null,
            _ => throw new UnreachableException(next.ToString()),
        };
}
