using System.Globalization;
using CsCheck;
using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;
using Nerezza.Core.Review;
using Nerezza.Core.Screening;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Tests.Review;

/// <summary>What makes a session special.</summary>
public sealed class SessionNoteTests
{
    [Theory]
    // Days from the first Monday: what was done, the session asked about, and what is said of it.
    [InlineData("", 0, "first strength; heavy 86; last rep")]
    [InlineData("0 3", 7, "last rep")]
    [InlineData("0", 7, "missed 3; last rep")]
    [InlineData("0 3 7!4", 10, "pain 4; last rep")]
    [InlineData("0 3 7!4", 14, "missed 10; last rep")]
    [InlineData("-9", 3, "missed 0; last rep")]
    [InlineData("-30", 0, "away 30; first strength; heavy 86; last rep")]
    [InlineData("0 3 7 10 14 17", 21, "week Deload; last rep")]
    [InlineData("0 3 7 10 14 17 21", 24, "last; week Deload; last rep")]
    public void A_session_says_what_makes_it_special(string done, int day, string expected)
    {
        StoodItem item = new(
            "back-squat-high-bar",
            Role.Main,
            Purpose.Main,
            [],
            4,
            [new StoodSet(5, Rpe.Of(8), null, null, 86), new StoodSet(5, null, null, null, 80, Amrap: true)]
        );
        LogDay[] log =
        [
            .. done.Split(' ', StringSplitOptions.RemoveEmptyEntries)
                .Select(text => text.Split('!'))
                .Select(parts =>
                {
                    LogDay one = Told.Squats(int.Parse(parts[0], CultureInfo.InvariantCulture), 100, 8);
                    return parts is [_, var pain]
                        ? new LogDay(
                            one.Date,
                            null,
                            [.. one.Sets.Select(set => set with { Pain = int.Parse(pain, CultureInfo.InvariantCulture) })]
                        )
                        : one;
                }),
        ];
        StoodBlock block = Told.Block(1, 0, item);
        ReviewInput input = Told.Input(Told.Case(log), day, block);
        (StoodWeek week, StoodSession session) = block
            .Weeks.SelectMany(one => one.Sessions, (one, two) => (one, two))
            .Single(row => row.two.Date == Told.Monday.AddDays(day));
        Assert.Equal(expected, string.Join("; ", new SessionNotes(input, Told.Reviewer.Of(input)).Of(block, week, session).Select(Said)));
        static string Said(SessionNote note) =>
            note switch
            {
                SessionNote.AfterPain pain => $"pain {pain.Score}",
                SessionNote.AfterLayOff away => $"away {away.Days}",
                SessionNote.AfterMiss miss => $"missed {miss.On.DayNumber - Told.Monday.DayNumber}",
                SessionNote.FirstOfBlock first => $"first {Codes.Of(first.Kind)}",
                SessionNote.LastOfBlock => "last",
                SessionNote.InWeek week => $"week {week.Kind}",
                SessionNote.FirstHeavy heavy => $"heavy {heavy.Percent}",
                SessionNote.ToTheLastRep => "last rep",
                _ => note.ToString(),
            };
    }
}
