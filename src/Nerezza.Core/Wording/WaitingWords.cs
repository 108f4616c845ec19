using System.Diagnostics;
using System.Globalization;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Loads;
using Nerezza.Core.Review;
using Nerezza.Core.Screening.Safety;

namespace Nerezza.Core.Wording;

/// <summary>A decision in words: the question, its evidence, and what the one key does.</summary>
public sealed record WaitingText(string Question, string Evidence, string Act);

/// <summary>Words what waits for the coach.</summary>
public sealed class WaitingWords(ExerciseCatalogue catalogue)
{
    // So much of a note stands beside its question; the whole is one step away.
    private const int NoteShown = 160;
    private readonly FindingWords _findings = new(catalogue);

    /// <summary>The question, its evidence, and the act.</summary>
    /// <param name="referral">The text of the open referral.</param>
    public WaitingText Of(Waiting waiting, string? referral) =>
        waiting switch
        {
            Waiting.Clearance => new("Has this client been cleared to train?", referral ?? "", "Open the answers"),
            Waiting.Consent => new(
                "Has a guardian agreed?",
                "Under 16, and no consent is recorded: no test of a max, RPE 7 at most.",
                "Open Intake"
            ),
            Waiting.PainRose pain => new(
                $"Change training for the pain{(pain.Region is { } region ? ReadyWords.At(region) : "")}?",
                Say($"{pain.Score:0.#} of 10 with {Name(pain.Exercise)} on {ReviewWords.Day(pain.On)}."),
                "Open the answers"
            ),
            Waiting.Notes notes => new(
                notes.Count == 1 ? "Read the lifter's note?" : $"Read the lifter's {notes.Count} notes?",
                notes.Newest.Length > NoteShown ? notes.Newest[..NoteShown] + "..." : notes.Newest,
                "Open People"
            ),
            Waiting.FirstBlock => new("Shall a first block be made?", "No plan yet.", "Open Block"),
            Waiting.OutOfDate old => new("Plan again with what changed?", $"Plan {old.Number} was made from older answers.", "Plan again"),
            Waiting.BlockEnds ends => new(
                "Which block comes next?",
                $"The last session of plan {ends.Number} is on {ReviewWords.Day(ends.On)}.{MaxesDue(ends.Untested)}",
                "Make the next block"
            ),
            Waiting.Missed missed => new(
                missed.InWeek > 1 ? "Repeat the week?" : "Move the missed session?",
                missed.InWeek > 1
                    ? $"{missed.InWeek} sessions of the week were missed, the last on {ReviewWords.Day(missed.On)}."
                    : $"Nothing was logged on {ReviewWords.Day(missed.On)}.",
                missed.InWeek > 1 ? "Repeat it" : "Move the main lift"
            ),
            Waiting.Stalled stalled => new(
                $"{ReviewWords.Upper(Name(stalled.Stall.Exercise))} stalls: "
                    + $"{ReviewWords.Lower(ReviewWords.Step(stalled.Stall.Next!.Value))}?",
                $"{ReviewWords.Evidence(stalled.Stall)}{Changes(stalled)}",
                Act(stalled)
            ),
            Waiting.Rung { Move: LadderMove.Up up } => new(
                $"Open {Name(up.To)}?",
                $"{ReviewWords.Upper(Name(up.Exercise))} passed its gate on {ReviewWords.Day(up.PassedOn)}.",
                "Put it in"
            ),
            Waiting.Rung { Move: LadderMove.Down down } => new(
                $"Go back to {Name(down.To)}?",
                $"{ReviewWords.Upper(Name(down.Exercise))} fell short of its repetitions on "
                    + $"{string.Join(" and ", down.Days.TakeLast(2).Select(ReviewWords.Day))}.",
                "Put it in"
            ),
            Waiting.Moved { Max: var max } => new(
                $"Trust the new max of {Name(max.Now.Exercise)}?",
                Say($"It was {max.Before.Kilograms:0.#} kg, likely {max.Before.Low:0} to {max.Before.High:0}, when the block began; ")
                    + Say($"the log says {max.Now.Kilograms:0.#} kg now."),
                "Keep it"
            ),
            Waiting.Retest { Stories: [var story] } => new(
                $"Test again: {ReviewWords.Lower(FindingWords.Title(story.Finding))}?",
                $"Found {ReviewWords.Day(story.Since)}, {ReviewWords.Name(story.Course)}; due {ReviewWords.Span(story.Retest!)}.",
                "Open the test"
            ),
            Waiting.Retest { Stories: var stories } => new(
                $"Test {stories.Count} findings again?",
                string.Join("; ", stories.Select(story => $"{FindingWords.Title(story.Finding)}, due {ReviewWords.Span(story.Retest!)}"))
                    + ".",
                "Open the test"
            ),
            Waiting.Unjudged { Findings: [var one] } => new(
                $"Is it so: {ReviewWords.Lower(FindingWords.Title(one))}?",
                ReviewWords.Upper(_findings.First(one)) + ".",
                "Accept it"
            ),
            Waiting.Unjudged many => new(
                $"Are these {many.Findings.Count} findings right?",
                string.Join("; ", many.Findings.Select(FindingWords.Title)) + ".",
                "Accept them"
            ),
            Waiting.Unused { Work: var work } => new(
                $"Drop {Name(work.Exercise)}?",
                $"Done in {work.Done} of the {work.Of} sessions that held it.",
                "Take it out"
            ),
            _ => throw new UnreachableException(waiting.GetType().Name),
        };

    private string MaxesDue(IReadOnlyList<string> lifts) =>
        lifts.Count == 0
            ? ""
            : $" {(lifts.Count == 1 ? "The max is" : "Maxes are")} due: no set of {string.Join(" and of ", lifts.Select(Name))} "
                + "went to the last good repetition in it.";

    /// <summary>What the key changes.</summary>
    private string Changes(Waiting.Stalled stalled) =>
        stalled.Change switch
        {
            StallChange.Lighter lighter => Say($" The sets of a deload, at RPE {lighter.Most.Value:0.#} at most,")
                + $" up to {ReviewWords.Day(lighter.Until)}; then on as planned.",
            StallChange.Repetitions reps => $" From sets of {reps.From} to sets of {reps.To} at the same effort.",
            StallChange.Instead other => $" {ReviewWords.Upper(Name(other.With))} for {Name(other.Exercise)} as long as the block runs.",
            null when stalled.Stall.Next is StallStep.CheckRecovery => "",
            null => " The rest of the block leaves nothing to change: see to it in the next one.",
            _ => throw new UnreachableException(stalled.Change.GetType().Name),
        };

    private string Act(Waiting.Stalled stalled) =>
        stalled.Change switch
        {
            StallChange.Lighter => "Make it lighter",
            StallChange.Repetitions reps => $"Go to sets of {reps.To}",
            StallChange.Instead other => $"Put {Name(other.With)} in",
            null => stalled.Stall.Next is StallStep.CheckRecovery ? "Looked at" : "Seen",
            _ => throw new UnreachableException(stalled.Change.GetType().Name),
        };

    private string Name(string exercise) => ReviewWords.Lower(catalogue[exercise].Name);

    private static string Say(FormattableString text) => text.ToString(CultureInfo.InvariantCulture);
}
