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

/// <summary>Done against planned, ladders, returns, what waits and the end of a block (docs/handbook/14-review.md).</summary>
public sealed class TrainingReviewTests
{
    private static readonly StoodItem Squat = Told.Planned("back-squat-high-bar", Role.Main, 5, 8, 3);
    private static readonly StoodItem Row = Told.Planned("cable-row", Role.Accessory, 10, 8, 3);

    [Fact]
    public void A_week_says_what_was_kept_moved_and_missed_and_how_hard_it_was()
    {
        ClientCase @case = Told.Case(
            Told.Done(0, ("back-squat-high-bar", 100, 5, 9, 3), ("cable-row", 50, 10, 8, 3)), // Monday, kept
            Told.Done(4, ("back-squat-high-bar", 100, 5, 8, 3), ("cable-row", 50, 10, 8, 3)), // Thursday's, on Friday
            Told.Done(10, ("back-squat-high-bar", 105, 5, 8.5, 3)) // Thursday, half of it
        );
        IReadOnlyList<WeekDone> weeks = Told.Reviewer.Of(Told.Input(@case, 12, Told.Block(1, 0, Squat, Row))).Weeks;
        Assert.Equal(
            [SessionFate.Kept, SessionFate.Moved, SessionFate.Missed, SessionFate.Kept],
            weeks.SelectMany(week => week.Sessions).Where(one => one.Fate is not SessionFate.Ahead).Select(one => one.Fate)
        );
        Assert.Equal((12, 12), (weeks[0].SetsPlanned, weeks[0].SetsDone));
        Assert.Equal((12, 3), (weeks[1].SetsPlanned, weeks[1].SetsDone));
        // Three squats at 9 for 8 and three rows at 8 for 8; what was moved is held against no day's prescription.
        Assert.Equal(0.5, weeks[0].EffortOver!.Value, 6);
        Assert.Equal((6 * 5 * 100) + (6 * 10 * 50), weeks[0].Tonnage, 6);
        Assert.Equal((6.0, 6.0), weeks[0].Muscles[Muscle.Vasti]);
        Assert.Equal(6.0, weeks[1].Muscles[Muscle.Vasti].Planned);
        Assert.Equal(3.0, weeks[1].Muscles[Muscle.Vasti].Done);
    }

    [Theory]
    [InlineData("front-squat", "back-squat-high-bar")]
    [InlineData("box-squat", "back-squat-high-bar")]
    [InlineData("leg-press", null)] // a machine's kilograms: its ratio is a guess
    [InlineData("barbell-hip-thrust", null)]
    [InlineData("conventional-deadlift", null)]
    public void A_variation_is_drawn_on_its_lift_s_axis_a_guess_is_not(string exercise, string? lift)
    {
        ClientCase @case = Told.Case(Told.Squats(0, 100, 8), Told.Done(3, (exercise, 80, 5, 8, 3)));
        LiftStory story = Told.Reviewer.Of(Told.Input(@case, 12)).Lifts.Single(one => one.Exercise == exercise);
        Assert.Equal(lift, story.Of?.Lift);
    }

    [Theory]
    [InlineData(3, 6, "on the day of the second session it is still to come")]
    [InlineData(4, 12, "the day after it was missed")]
    public void What_is_to_come_today_is_not_missing_yet(int today, int planned, string because)
    {
        ClientCase @case = Told.Case(Told.Done(0, ("back-squat-high-bar", 100, 5, 8, 3), ("cable-row", 50, 10, 8, 3)));
        WeekDone week = Told.Reviewer.Of(Told.Input(@case, today, Told.Block(1, 0, Squat, Row))).Weeks.Single(one => one.SetsDone > 0);
        Assert.True(planned == week.SetsPlanned, $"{because}: {week.SetsPlanned}");
    }

    // Loads by session, twice a week on Monday and Thursday; the rating of each set of five.
    [Theory]
    [InlineData("20 12 12", "up bodyweight-hip-thrust bridge-march")]
    [InlineData("19 19 19", "")]
    public void A_gate_that_is_passed_proposes_the_next_rung(string reps, string expected) =>
        Assert.Equal(expected, MoveOf("bodyweight-hip-thrust", 12, [.. reps.Split(' ').Select(int.Parse)], days: 2));

    [Theory]
    [InlineData(1, "")]
    [InlineData(2, "down single-leg-hip-thrust bridge-march")]
    public void Missed_twice_in_a_row_proposes_the_rung_below(int days, string expected) =>
        Assert.Equal(expected, MoveOf("single-leg-hip-thrust", 12, [6, 6, 5], days));

    [Theory]
    [InlineData(70, 0, 0, false, false)]
    [InlineData(92, 1, 0, true, false)]
    [InlineData(92, 1, 1, true, true)]
    public void A_return_ends_by_its_criteria(double kg, double during, int calmDays, bool load, bool pain)
    {
        ClientCase @case = Told.Case([
            Told.Squats(-20, 100, 8),
            .. Enumerable
                .Range(0, calmDays + 1)
                .Select(i => Hurt(3 * i, kg, calmDays > 0 && i > 0 || during <= 2 && calmDays > 0 ? during : 4)),
        ]) with
        {
            Pain =
            [
                new PainEntry
                {
                    Region = PainRegion.Knee,
                    ScoreDuring = during,
                    UsualScore = 1,
                    ScoreNextMorning = 1,
                },
            ],
        };
        StoodBlock back = Told.Block(1, 0, Squat) with { Kind = BlockKind.Return };
        IReadOnlyList<ReturnRow> rows = Told.Reviewer.Of(Told.Input(@case, 10, back)).Return;
        ReturnRow Of(ReturnCriterion one) => rows.Single(row => row.Criterion == one);
        Assert.Equal(load, Of(ReturnCriterion.Load).Value >= 0.9);
        Assert.Equal(pain, Of(ReturnCriterion.Pain).IsMet);
        Assert.True(Of(ReturnCriterion.MorningAfter).IsMet);
    }

    [Fact]
    public void What_waits_is_asked_once_for_each_thing_and_what_cannot_wait_first()
    {
        ClientCase @case = Told.Case(
            Told.Done(0, ("back-squat-high-bar", 100, 5, 8, 3)),
            Told.Done(3, ("back-squat-high-bar", 100, 5, 8, 3)),
            Told.Done(7, ("back-squat-high-bar", 100, 5, 8, 3)),
            Hurt(14, 100, 4)
        ) with
        {
            Screen = Told.Ankles(6, 6),
            ScreenedOn = Told.Monday.AddDays(-30),
        };
        @case = @case with { Client = @case.Client with { BirthYear = 2012 } };
        StoodBlock block = Told.Block(3, 0, Squat, Row);
        ReviewInput input = Told.Input(@case, 15, block);
        IReadOnlyList<Waiting> list = Told.Waiting.Of(input, Told.Reviewer.Of(input), new DeskFacts { OutOfDate = (3, "ab12") });
        Assert.Equal(
            [
                "consent",
                "pain/Knee/2026-09-21",
                "out-of-date/3/ab12",
                "missed/2026-09-17",
                "unused/cable-row/2026-09-07",
                "retest/ankle-range/Range/2026-09-12",
            ],
            list.Select(one => one.Key)
        );
        // The same a day later, but for what the day brings.
        ReviewInput later = input with
        {
            Today = input.Today.AddDays(1),
        };
        Assert.Equal(
            list.Select(one => one.Key),
            Told.Waiting.Of(later, Told.Reviewer.Of(later), new DeskFacts { OutOfDate = (3, "ab12") }).Select(one => one.Key)
        );
    }

    [Fact]
    public void An_answer_edits_what_is_still_to_come_and_a_step_is_known_by_its_key()
    {
        StoodBlock block = Told.Block(3, 0, Squat, Row);
        DateOnly today = Told.Monday.AddDays(8);
        IReadOnlyList<BlockEdit> Of(Waiting waiting) => WaitingEdits.Of(waiting, block, today);
        // Second Thursday on: five of the eight sessions are ahead.
        CellPlace[] ahead =
        [
            new(2, Weekday.Thu, "cable-row"),
            new(3, Weekday.Mon, "cable-row"),
            new(3, Weekday.Thu, "cable-row"),
            new(4, Weekday.Mon, "cable-row"),
            new(4, Weekday.Thu, "cable-row"),
        ];
        Assert.Equal(ahead.Select(at => new BlockEdit.Remove(at)), Of(new Waiting.Unused(new UnusedWork("cable-row", 0, 3), block.Start)));
        LadderMove up = new LadderMove.Up(LadderId.HipThrust, "cable-row", "chin-up", new RungGate(1, 20, null, null, 1), Told.Monday);
        Assert.Equal(ahead.Select(at => new BlockEdit.Replace(at, "chin-up")), Of(new Waiting.Rung(up)));
        Assert.Equal([new BlockEdit.Missed(2, Weekday.Mon)], Of(new Waiting.Missed(Told.Monday.AddDays(7), 1)));
        Assert.Empty(Of(new Waiting.Missed(Told.Monday.AddDays(9), 1)));
        Assert.Empty(Of(new Waiting.FirstBlock()));
        foreach (StallStep step in Enum.GetValues<StallStep>())
        {
            var stalled = new Waiting.Stalled(new Stall("front-squat", 4, 20, 0, 1, 0, step, null), block.Start, null);
            Assert.Equal(new StepTaken("front-squat", step, today), StepTaken.Of(stalled.Key, today));
        }
        Assert.Null(StepTaken.Of(new Waiting.Consent().Key, today));
    }

    [Theory]
    [InlineData(StallStep.CheckRecovery, 0, "")]
    [InlineData(StallStep.Deload, 4, "2 sets at RPE 6")] // Thursday and Monday, two exercises each
    [InlineData(StallStep.RepRange, 3, "5 to 8 at RPE 8")]
    [InlineData(StallStep.Variation, 3, "back-squat-high-bar by front-squat")]
    [InlineData(StallStep.Accessory, 3, "goblet-squat by cyclist-squat")]
    public void A_step_against_a_stall_changes_the_load_weeks_that_are_left(StallStep step, int edits, string says)
    {
        StoodItem answer = Told.Planned("goblet-squat", Role.Accessory, 10, 8, 3, FindingCode.AnkleRange);
        StoodBlock block = Told.Block(3, 0, Squat, answer) with
        {
            Substitutes = new Dictionary<string, string> { ["back-squat-high-bar"] = "front-squat", ["goblet-squat"] = "cyclist-squat" },
        };
        // Second Tuesday: Thursday, then a week of load and one of deload, which no step touches.
        ReviewInput input = Told.Input(Told.Case(), 8, block);
        var stall = new Stall("back-squat-high-bar", 4, 20, 0, 1, 0, step, null);
        ClientReview review = Told.Reviewer.Of(input) with { Stalls = [stall] };
        Waiting.Stalled asked = Told.Waiting.Of(input, review, new DeskFacts()).OfType<Waiting.Stalled>().Single();
        IReadOnlyList<BlockEdit> made = WaitingEdits.Of(asked, block, input.Today);
        Assert.Equal(edits, made.Count);
        Assert.All(made, edit => Assert.Contains(says, Says(edit), StringComparison.Ordinal));
        Assert.DoesNotContain(made, edit => Says(edit).Contains("week 4", StringComparison.Ordinal));
        static string Says(BlockEdit edit) =>
            edit switch
            {
                BlockEdit.Write { At: var at, Values: { Sets: { } sets, Rpe: var rpe } } =>
                    $"week {at.Week}: {sets} sets at RPE {rpe?.Value}",
                BlockEdit.Write { At: var at, Values: { Reps: { } reps, Rpe: var rpe } } =>
                    $"week {at.Week}: 5 to {reps} at RPE {rpe?.Value}",
                BlockEdit.Replace { At: var at, With: var with } => $"week {at.Week}: {at.Exercise} by {with}",
                _ => $"{edit}",
            };
    }

    [Fact]
    public void A_pull_from_the_floor_never_gets_more_repetitions()
    {
        StoodBlock block = Told.Block(3, 0, Told.Planned("conventional-deadlift", Role.Main, 5, 8, 4));
        ReviewInput input = Told.Input(Told.Case(), 8, block);
        ClientReview review = Told.Reviewer.Of(input) with
        {
            Stalls = [new Stall("conventional-deadlift", 4, 20, 0, 1, 0, StallStep.RepRange, null)],
        };
        Waiting.Stalled asked = Told.Waiting.Of(input, review, new DeskFacts()).OfType<Waiting.Stalled>().Single();
        Assert.Equal(new StallChange.Repetitions(5, 3), asked.Change);
    }

    [Fact]
    public void A_session_of_a_block_that_is_over_is_asked_about_no_more()
    {
        ReviewInput input = Told.Input(Told.Case(), 29, Told.Block(1, 0, Squat), Told.Block(2, 28, Squat));
        Assert.DoesNotContain(
            Told.Waiting.Of(input, Told.Reviewer.Of(input), new DeskFacts()),
            one => one is Waiting.Missed { On: var day } && day < Told.Monday.AddDays(28)
        );
    }

    [Fact]
    public void The_same_log_in_another_order_of_writing_gives_the_same_review()
    {
        LogDay[] log = [.. Enumerable.Range(0, 8).Select(i => Told.Squats(i / 2 * 7 + i % 2 * 3, 100 + i, 8 + i % 3 * 0.5))];
        string Text(ClientReview review) =>
            string.Join(
                '\n',
                review.Lifts.SelectMany(lift => lift.Maxes.Select(max => $"{lift.Exercise} {max.Kilograms:0.000} {max.LogSd:0.0000}")),
                review.Weeks.Select(week => $"{week.Monday} {week.SetsDone} {week.Tonnage:0.0} {week.EffortOver:0.000}"),
                review.Stalls.Select(stall => $"{stall}")
            );
        string Of(LogDay[] days) => Text(Told.Reviewer.Of(Told.Input(Told.Case(days), 28, Told.Block(1, 0, Squat, Row))));
        string inOrder = Of(log);
        Gen.Shuffle(log).Sample(days => Assert.Equal(inOrder, Of(days)), iter: 50);
    }

    private static LogDay Hurt(int day, double kg, double pain)
    {
        LogDay plain = Told.Squats(day, kg, 8);
        return new LogDay(plain.Date, null, [.. plain.Sets.Select(set => set with { Pain = pain, PainAt = PainRegion.Knee })]);
    }

    private static string MoveOf(string exercise, int planned, int[] reps, int days)
    {
        LogDay[] log =
        [
            .. Enumerable
                .Range(0, days)
                .Select(i => new LogDay(
                    Told.Monday.AddDays(i / 2 * 7 + i % 2 * 3),
                    null,
                    [
                        .. reps.Select(count => new LogSet
                        {
                            Exercise = exercise,
                            Reps = count,
                            Rpe = Rpe.Of(7),
                        }),
                    ]
                )),
        ];
        StoodItem item = Told.Planned(exercise, Role.Accessory, planned, 7, reps.Length);
        return Told.Reviewer.Of(Told.Input(Told.Case(log), 7 * days, Told.Block(1, 0, item))).Ladders is [var move, ..]
            ? $"{(move is LadderMove.Up ? "up" : "down")} {move.Exercise} {move.To}"
            : "";
    }
}
