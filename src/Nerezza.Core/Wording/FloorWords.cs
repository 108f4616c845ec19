using Nerezza.Core.Floor;

namespace Nerezza.Core.Wording;

/// <summary>Says what the floor proposes, in one sentence.</summary>
public static class FloorWords
{
    /// <summary>The proposal with its reason; null when the plan stands.</summary>
    public static string? Text(NextSet next) => next switch
    {
        NextSet.Adjusted { Reason: AdjustReason.EasierThanPlanned } => "The last set was easier than planned: a little more fits today.",
        NextSet.Adjusted { Reason: AdjustReason.HarderThanPlanned } => "The last set was harder than planned: a little less keeps the effort.",
        NextSet.Adjusted { Reason: AdjustReason.MissedReps } => "Repetitions were missed: 5 % less for what remains of this exercise.",
        NextSet.Adjusted => "Form changed before the end: stop the next set there.",
        NextSet.EndExercise { Reason: EndReason.Pain } => "Pain above 5: this exercise ends here. Do not test it again today; see someone if it stays.",
        NextSet.EndExercise { Reason: EndReason.MissedTwice } => "A second set fell short: this exercise ends here.",
        NextSet.EndExercise => "That was all there was at RPE 10: leave the last set out.",
        NextSet.OfferSubstitute => "Pain of 3 to 5: change the exercise for today.",
        _ => null,
    };
}
