using System.Diagnostics;
using System.Globalization;
using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;
using Nerezza.Core.Review;

namespace Nerezza.Core.Wording;

/// <summary>Says what makes a session special, in a few words each.</summary>
public sealed class SessionNoteWords(ExerciseCatalogue catalogue)
{
    /// <summary>One of them.</summary>
    public string Of(SessionNote note) =>
        note switch
        {
            SessionNote.AfterPain pain => string.Create(
                CultureInfo.InvariantCulture,
                $"Pain {pain.Score:0.#} of 10{(pain.Region is { } region ? ReadyWords.At(region) : "")} on {ReviewWords.Day(pain.On)}"
            ),
            SessionNote.AfterLayOff away => $"Back after {away.Days} days",
            SessionNote.AfterMiss miss => $"Missed {ReviewWords.Day(miss.On)}",
            SessionNote.Retest retest =>
                $"Test again: {string.Join("; ", retest.Stories.Select(story => ReviewWords.Lower(FindingWords.Title(story.Finding))))}",
            SessionNote.FirstOfBlock first => $"First of the {Codes.Of(first.Kind)} block",
            SessionNote.LastOfBlock => "Last of the block",
            SessionNote.InWeek week => week.Kind switch
            {
                WeekKind.Deload => "Deload week",
                WeekKind.Test => "Week of tests",
                WeekKind.Peak => "Leads up to the event",
                WeekKind.Event => "Week of the event",
                WeekKind.Load => throw new UnreachableException(),
            },
            SessionNote.FirstHeavy heavy => string.Create(
                CultureInfo.InvariantCulture,
                $"First heavy one: {Name(heavy.Exercise)} at {heavy.Percent:0} %"
            ),
            SessionNote.ToTheLastRep set => $"To the last repetition: {Name(set.Exercise)}",
            _ => throw new UnreachableException(note.GetType().Name),
        };

    private string Name(string exercise) => ReviewWords.Lower(catalogue[exercise].Name);
}
