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
                $"The last session of plan {ends.Number} is on {ReviewWords.Day(ends.On)}.",
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
                stalled.Stall.Next is StallStep.CheckRecovery
                    ? ReviewWords.Evidence(stalled.Stall)
                    : $"{ReviewWords.Evidence(stalled.Stall)} Change it in Block, then say here that it is done.",
                stalled.Stall.Next is StallStep.CheckRecovery ? "Looked at" : "It is done"
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

    private string Name(string exercise) => ReviewWords.Lower(catalogue[exercise].Name);

    private static string Say(FormattableString text) => text.ToString(CultureInfo.InvariantCulture);
}
