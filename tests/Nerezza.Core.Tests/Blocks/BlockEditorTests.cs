using CsCheck;
using Nerezza.Core.Blocks;
using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Blocks.Templates;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Checks;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;
using Nerezza.Tests.Shared;

namespace Nerezza.Core.Tests.Blocks;

/// <summary>Edits of a coach over a block: what is written holds, the rest stays, and caution caps both.</summary>
public sealed class BlockEditorTests
{
    private static readonly Planner Planner = new(ExerciseCatalogue.Shipped, new GreedyChooser(), new GreedyWeekLayout());

    private static readonly ClientCase Case = PlainCase.With(
        75,
        [Weekday.Mon, Weekday.Wed, Weekday.Fri],
        [Implement.Cable, Implement.PullUpBar]
    );

    private static readonly CellPlace Squat = new(1, Weekday.Mon, "back-squat-high-bar");

    [Theory]
    [InlineData("sets 5", "5 x 5 x 97.5 @ 7")] // n = 8: 80.6 % of 120
    [InlineData("reps 3", "3 x 3 x 102.5 @ 7")] // n = 6: 86.1 %
    [InlineData("rpe 8", "3 x 5 x 100 @ 8")] // n = 7: 83.3 %
    [InlineData("percent 75", "3 x 5 x 90 @ 5")] // 75 % allows 10
    [InlineData("kg 91", "3 x 5 x 90 @ 5")] // made loadable, 75 % again
    [InlineData("kg 91; rpe 8", "3 x 5 x 100 @ 8")] // the last that was written leads
    public void What_is_written_leads_and_the_rest_follows(string written, string expected)
    {
        int sets = written == "sets 5" ? 5 : 3;
        IEnumerable<BlockEdit> edits = written.Split("; ").Select(one => new BlockEdit.Write(Squat, Values(one)));
        PrescribedItem item = At(Edited([new BlockEdit.Write(Squat, new CellValues { Sets = 3 }), .. edits]), Squat)!;
        PrescribedSet middle = item.Sets[item.Sets.Count / 2];
        Assert.Equal(
            expected,
            FormattableString.Invariant($"{item.Sets.Count} x {middle.Reps} x {middle.Load!.Value.Kilograms} @ {middle.Rpe.Value}")
        );
        Assert.Equal(sets, item.Sets.Count);
        Assert.NotEqual(Pins.None, item.Ask.Pinned);
    }

    [Theory]
    [InlineData("lateral-raise", 11, "3 x 10 pairs of 5 kg at 8", "no max is known: effort stays, the load is the nearest that is there")]
    [InlineData("dumbbell-bench-press", 26, "3 x 10 pairs of 12.5 kg at 8", "a first guess is no max to be a part of")]
    public void A_load_is_held_where_no_max_speaks_of_it(string exercise, double kg, string expected, string because)
    {
        var at = new CellPlace(1, Weekday.Mon, exercise);
        PrescribedItem item = At(
            Edited([
                new BlockEdit.Add(
                    at,
                    Role.Accessory,
                    new CellValues
                    {
                        Sets = 3,
                        Reps = 10,
                        Rpe = Rpe.Of(8),
                    }
                ),
                new BlockEdit.Write(at, new CellValues { Load = Load.FromKilograms(kg) }),
            ]),
            at
        )!;
        Assert.All(item.Sets, set => Assert.Equal((2, null), (set.Count, set.Percent)));
        (double each, double rpe) = (item.Sets[0].Each!.Value.Kilograms, item.Sets[item.Sets.Count / 2].Rpe.Value);
        Assert.True(
            expected == FormattableString.Invariant($"{item.SetsASide} x {item.Sets[0].Reps} pairs of {each} kg at {rpe}"),
            $"{because}: {item.Sets[0]}"
        );
        Assert.True(item.Ask.Pinned.HasFlag(Pins.Load));
    }

    [Fact]
    public void An_edit_touches_its_session_alone()
    {
        (Block before, Block after) = (Planner.Make(Case).Block!, Edited([new BlockEdit.Write(Squat, new CellValues { Reps = 3 })]).Block!);
        List<(string, string)> sessions =
        [
            .. before
                .Weeks.Zip(after.Weeks)
                .SelectMany(weeks => weeks.First.Sessions.Zip(weeks.Second.Sessions))
                .Select(pair => (Text(pair.First), Text(pair.Second))),
        ];
        Assert.Equal(1, sessions.Count(pair => pair.Item1 != pair.Item2));
    }

    [Fact]
    public void Sessions_move_swap_copy_and_are_missed()
    {
        Block made = Planner.Make(Case).Block!;
        Block swapped = Edited([new BlockEdit.MoveSession(2, Weekday.Mon, Weekday.Wed)]).Block!;
        Assert.Equal(Exercises(made, 2, Weekday.Mon), Exercises(swapped, 2, Weekday.Wed));
        Assert.Equal(Exercises(made, 2, Weekday.Wed), Exercises(swapped, 2, Weekday.Mon));
        Block free = Edited([new BlockEdit.MoveSession(1, Weekday.Fri, Weekday.Sat)]).Block!;
        Assert.Equal(
            (0, Case.Block.Start.AddDays(5)),
            (free.Weeks[0].Sessions.Count(session => session.Day is Weekday.Fri), free.Weeks[0].Sessions[^1].Date)
        );
        Block copied = Edited([new BlockEdit.CopySession(1, Weekday.Mon, 3, Weekday.Sun)]).Block!;
        Assert.Equal(Exercises(made, 1, Weekday.Mon), Exercises(copied, 3, Weekday.Sun));
        // Monday's squat goes to Wednesday, whose own lift is a hinge; Monday's accessories drop.
        Block missed = Edited([new BlockEdit.Missed(1, Weekday.Mon)]).Block!;
        Assert.Equal([Weekday.Wed, Weekday.Fri], missed.Weeks[0].Sessions.Select(session => session.Day));
        Assert.Contains(missed.Weeks[0].Sessions[0].Items, item => item is { Exercise: "back-squat-high-bar", Role: Role.Main });
    }

    [Fact]
    public void A_week_of_which_two_sessions_were_missed_is_done_again_before_what_comes_after_it()
    {
        Block made = Planner.Make(Case).Block!; // three load weeks and a deload
        Block once = Edited([new BlockEdit.Missed(1, Weekday.Wed)]).Block!;
        Assert.Equal(Asked(made, 2), Asked(once, 2));
        Block twice = Edited([new BlockEdit.Missed(1, Weekday.Wed), new BlockEdit.Missed(1, Weekday.Fri)]).Block!;
        Assert.Equal(new[] { Asked(made, 1), Asked(made, 2), Asked(made, 4) }, new[] { 2, 3, 4 }.Select(week => Asked(twice, week)));
        Assert.Equal(made.Weeks[1].Sessions.Select(session => session.Date), twice.Weeks[1].Sessions.Select(session => session.Date));
        // The last load week has none after it to be done again in.
        Block last = Edited([new BlockEdit.Missed(3, Weekday.Wed), new BlockEdit.Missed(3, Weekday.Fri)]).Block!;
        Assert.Equal(Asked(made, 4), Asked(last, 4));
    }

    private static string Asked(Block block, int week) =>
        string.Join(
            ", ",
            block
                .Weeks[week - 1]
                .Sessions.SelectMany(session =>
                    session.Items.Select(item =>
                        $"{session.Day} {item.Exercise} {item.Sets.Count} {item.Ask.Target.Reps} {item.Ask.Target.Rpe.Value}"
                    )
                )
        );

    [Fact]
    public void Exercises_are_added_replaced_ordered_carried_and_taken_out()
    {
        var at = new CellPlace(1, Weekday.Mon, "lateral-raise");
        Plan plan = Edited([new BlockEdit.Add(at, Role.Accessory, new CellValues { Sets = 2 }), new BlockEdit.Order(at, 0)]);
        Assert.Equal("lateral-raise", plan.Block!.Weeks[0].Sessions[0].Items[0].Exercise);
        Assert.Contains(
            plan.Checks,
            check => check is Core.Checks.Check.HeavyAfterLighter && check.At == new CheckPlace.OfSession(1, Weekday.Mon)
        );
        Assert.Equal(2, At(plan, at)!.Sets.Count);
        Assert.Null(At(Edited([new BlockEdit.Remove(Squat)]), Squat));
        PrescribedItem front = At(Edited([new BlockEdit.Replace(Squat, "front-squat")]), Squat with { Exercise = "front-squat" })!;
        Assert.True(front.Sets[0].Load < At(Edited([]), Squat)!.Sets[0].Load);
        Assert.NotNull(At(Edited([new BlockEdit.Carry(Squat, Weekday.Tue)]), Squat with { Day = Weekday.Tue }));
    }

    [Fact]
    public void What_cannot_be_done_is_refused_and_said_and_the_rest_is_done()
    {
        Plan plan = Edited([
            new BlockEdit.Write(Squat with { Exercise = "front-squat" }, new CellValues { Reps = 3 }),
            new BlockEdit.Remove(Squat with { Week = 9 }),
            new BlockEdit.Add(Squat, Role.Main, CellValues.Nothing),
            new BlockEdit.Write(Squat, new CellValues { Reps = 3 }),
        ]);
        Assert.Equal([EditRefusal.NotThere, EditRefusal.NoSuchWeek, EditRefusal.ThereAlready], plan.Refused.Select(refused => refused.Why));
        Assert.Equal(3, At(plan, Squat)!.Sets[0].Reps);
    }

    [Fact]
    public void No_hand_passes_a_cap_from_pain_and_what_pain_rules_out_is_not_added()
    {
        ClientCase hurt = Case with
        {
            Pain =
            [
                new PainEntry
                {
                    Region = PainRegion.LowBack,
                    WorseOn = [PainTrigger.Bending],
                    ScoreDuring = 4,
                    UsualScore = 1,
                    Weeks = 2,
                },
            ],
        };
        PrescribedItem item = Planner
            .Make(hurt)
            .Block!.Weeks[0]
            .Sessions.SelectMany(session => session.Items)
            .First(item => item.Role is Role.Main);
        CellPlace at = new(
            1,
            Planner
                .Make(hurt)
                .Block!.Weeks[0]
                .Sessions.First(session => session.Items.Contains(item) || session.Items.Any(one => one.Exercise == item.Exercise))
                .Day,
            item.Exercise
        );
        Plan plan = Planner.Make(
            hurt with
            {
                Edits =
                [
                    new BlockEdit.Write(at, new CellValues { Rpe = Rpe.Of(9) }),
                    new BlockEdit.Add(new CellPlace(1, Weekday.Mon, "good-morning"), Role.Accessory, CellValues.Nothing),
                ],
            }
        );
        Assert.All(At(plan, at)!.Sets, set => Assert.True(set.Rpe.Value <= 6));
        Assert.Equal([EditRefusal.RuledOut], plan.Refused.Select(refused => refused.Why));
    }

    private static object? Of(Core.Checks.Check check) =>
        check switch
        {
            ExerciseCheck of => of.Exercise,
            MuscleCheck of => of.Muscle,
            _ => null,
        };

    [Fact]
    public void Every_fix_that_is_offered_mends_what_it_was_offered_for() =>
        Made.Case.Drawn(
            @case =>
            {
                Plan plan = Planner.Make(@case);
                foreach (Core.Checks.Check check in plan.Checks.Where(check => check.Fix.Count > 0).Take(4))
                {
                    Plan after = Planner.Make(@case with { Edits = check.Fix });
                    Assert.Empty(after.Refused);
                    // A set less may not be enough where a session is far too long, and a pin may be one of several: it must not be worse.
                    Core.Checks.Check? still = after.Checks.FirstOrDefault(other =>
                        (other.Code, other.At, Of(other)) == (check.Code, check.At, Of(check))
                    );
                    // Where even the lightest load is too heavy for the repetitions that the fix writes, they cannot move.
                    bool stuck =
                        check.Code is CheckCode.RepRangeRepeat
                        && check.Fix[0] is BlockEdit.Write write
                        && At(after, write.At)!.Sets[0].Load is not null
                        && At(after, write.At)!.Sets[^1].Reps != write.Values.Reps;
                    Assert.True(
                        still is null
                            || stuck
                            || (check, still) is (Core.Checks.Check.SessionTooLong was, Core.Checks.Check.SessionTooLong now)
                                && now.Minutes < was.Minutes,
                        $"{check} by {check.Fix[0]} left {still}"
                    );
                }
            },
            iter: 60
        );

    [Fact]
    public void A_block_copied_to_another_client_keeps_sets_repetitions_and_effort_and_takes_their_loads()
    {
        Block made = Planner.Make(Case).Block!;
        ClientCase stronger = Case with
        {
            Base = BlockBase.Empty,
            Edits = new TemplateFit(ExerciseCatalogue.Shipped, _ => null, [.. Case.Client.Days.Select(day => day.Day)], [])
                .Of(BlockTemplate.Of(made, BlockFocus.Whole))
                .Edits,
            Strength = [.. Case.Strength.Select(entry => entry with { Load = Load.FromKilograms(entry.Load.Kilograms + 30) })],
        };
        Plan plan = Planner.Make(stronger);
        Assert.Empty(plan.Refused);
        (PrescribedItem mine, PrescribedItem theirs) = (At(Planner.Make(Case), Squat)!, At(plan, Squat)!);
        Assert.Equal((mine.SetsASide, mine.Sets[1].Reps, mine.Sets[1].Rpe), (theirs.SetsASide, theirs.Sets[1].Reps, theirs.Sets[1].Rpe));
        Assert.True(theirs.Sets[0].Load > mine.Sets[0].Load);
        Assert.Equal(
            made.Weeks.Select(week => week.Sessions.Sum(session => session.Items.Count)),
            plan.Block!.Weeks.Select(week => week.Sessions.Sum(session => session.Items.Count))
        );
    }

    [Theory]
    [InlineData(4, "2027-01-18", "Strength 4, Strength 3, Peak 1")] // the event is in the eighth week
    [InlineData(4, "2027-03-15", "Strength 4, Muscle 5, Strength 5, Peak 2")]
    [InlineData(4, "2026-12-29", "Strength 4, Peak 1")]
    [InlineData(4, null, "Strength 4, Muscle 4, Strength 4")]
    public void A_chain_of_blocks_ends_in_the_week_of_the_event(int weeks, string? on, string expected)
    {
        DateOnly? date = on is null ? null : DateOnly.Parse(on, System.Globalization.CultureInfo.InvariantCulture);
        IReadOnlyList<ChainLink> chain = BlockChain.From(BlockKind.Strength, Case.Block.Start, weeks, date);
        Assert.Equal(expected, string.Join(", ", chain.Select(link => $"{link.Kind} {link.Weeks}")));
        if (date is { } day)
            Assert.InRange(
                day.DayNumber,
                chain[^1].Start.AddDays(7 * (chain[^1].Weeks - 1)).DayNumber,
                chain[^1].Start.AddDays(7 * chain[^1].Weeks - 1).DayNumber
            );
    }

    private static Plan Edited(IReadOnlyList<BlockEdit> edits) => Planner.Make(Case with { Edits = edits });

    private static PrescribedItem? At(Plan plan, CellPlace at) =>
        plan.Block!.Weeks[at.Week - 1]
            .Sessions.FirstOrDefault(session => session.Day == at.Day)
            ?.Items.FirstOrDefault(item => item.Exercise == at.Exercise);

    private static IEnumerable<string> Exercises(Block block, int week, Weekday day) =>
        block.Weeks[week - 1].Sessions.First(session => session.Day == day).Items.Select(item => item.Exercise);

    private static CellValues Values(string written) =>
        written.Split(' ') is [var field, var value]
            ? field switch
            {
                "sets" => new CellValues { Sets = int.Parse(value, System.Globalization.CultureInfo.InvariantCulture) },
                "reps" => new CellValues { Reps = int.Parse(value, System.Globalization.CultureInfo.InvariantCulture) },
                "rpe" => new CellValues { Rpe = Rpe.Of(double.Parse(value, System.Globalization.CultureInfo.InvariantCulture)) },
                "percent" => new CellValues { Percent = double.Parse(value, System.Globalization.CultureInfo.InvariantCulture) },
                _ => new CellValues { Load = Load.FromKilograms(double.Parse(value, System.Globalization.CultureInfo.InvariantCulture)) },
            }
            : CellValues.Nothing;

    private static string Text(Session session) =>
        string.Join(
            ';',
            session.Items.SelectMany(item => item.Sets.Select(set => $"{item.Exercise} {set.Reps} {set.Load?.Kilograms} {set.Rpe.Value}"))
        );
}
