using CsCheck;
using Nerezza.Core.Blocks;
using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Checks;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Selection;
using Nerezza.Core.Wording;
using Nerezza.Tests.Shared;

namespace Nerezza.Core.Tests.Blocks;

/// <summary>The remarks on a block: each code can be called forth, and counting again after an edit gives what counting anew
/// gives.</summary>
public sealed class ReviewTests
{
    private static readonly Planner Planner = new(ExerciseCatalogue.Shipped, new GreedyChooser(), new GreedyWeekLayout());

    /// <summary>Two full days, plain kit, what is edited in week 1, and the remark that must stand there.</summary>
    [Theory]
    [InlineData(
        CheckCode.StrengthCircuit,
        "add mon conventional-deadlift; mon back-squat-high-bar superset A; mon conventional-deadlift superset A"
    )]
    [InlineData(
        CheckCode.SupersetClash,
        "add mon leg-extension; add mon sissy-squat; mon leg-extension superset B; mon sissy-squat superset B"
    )]
    [InlineData(CheckCode.StrengthRest, "mon back-squat-high-bar rest 60")]
    [InlineData(CheckCode.GripBeforePull, "add mon farmers-carry; order mon farmers-carry 0")]
    [InlineData(CheckCode.Order, "add mon lateral-raise; order mon lateral-raise 0")]
    [InlineData(CheckCode.JumpTooBig, "mon back-squat-high-bar kg 40")]
    [InlineData(CheckCode.RepRangeRepeat, "add thu back-squat-high-bar; mon back-squat-high-bar reps 5; thu back-squat-high-bar reps 5")]
    [InlineData(CheckCode.SessionTooLong, "mon back-squat-high-bar sets 12")]
    [InlineData(CheckCode.SessionCap, "mon back-squat-high-bar sets 12")]
    [InlineData(CheckCode.EquipmentMissing, "add mon leg-press")]
    [InlineData(CheckCode.RungLocked, "add mon nordic-curl")]
    [InlineData(CheckCode.AxialBudget, "mon back-squat-high-bar sets 12")]
    [InlineData(CheckCode.SameLiftTwice, "add mon tempo-back-squat")]
    [InlineData(CheckCode.FloorPullReps, "add mon conventional-deadlift; mon conventional-deadlift reps 7")]
    [InlineData(CheckCode.TooLight, "mon back-squat-high-bar kg 20")]
    public void Each_remark_stands_where_it_was_called_forth(CheckCode code, string written)
    {
        ClientCase @case = Case with { Edits = [.. written.Split("; ").Select(Edit)] };
        Assert.DoesNotContain(
            Planner.Make(Case).Checks,
            check => check.Code == code && check.At.InWeek is 1 or 2 && code is not CheckCode.RepRangeRepeat
        );
        Plan plan = Planner.Make(@case);
        Assert.Empty(plan.Refused);
        Assert.Contains(plan.Checks, check => check.Code == code);
    }

    [Theory]
    // 4 of the squat, 3 of a split squat, and 9: six too many
    [InlineData("add mon leg-extension; mon leg-extension sets 9", Muscle.Vasti, "leg-extension 3")]
    [InlineData(
        "add mon leg-extension; mon leg-extension sets 6; add mon goblet-split-squat; mon goblet-split-squat sets 4",
        Muscle.Vasti,
        "leg-extension 3, goblet-split-squat gone"
    )] // seven too many: all of the last and three of the one before
    public void A_session_too_full_of_one_muscle_is_named_by_its_day_and_sets_come_off_from_its_end(
        string written,
        Muscle muscle,
        string left
    )
    {
        Core.Checks.Check full = Assert.Single(
            Planner.Make(Case with { Edits = [.. written.Split("; ").Select(Edit)] }).Checks,
            check => check is Core.Checks.Check.SessionCap full && full.Muscle == muscle
        );
        Assert.Equal(new CheckPlace.OfSession(1, Weekday.Mon), full.At);
        Block mended = Planner.Make(Case with { Edits = [.. written.Split("; ").Select(Edit), .. full.Fix] }).Block!;
        string[] found =
        [
            .. mended
                .Weeks[0]
                .Sessions[0]
                .Items.Where(item => left.Contains(item.Exercise, StringComparison.Ordinal))
                .Select(item => $"{item.Exercise} {item.SetsASide}"),
        ];
        Assert.Equal(left.Split(", ").Where(one => !one.EndsWith("gone", StringComparison.Ordinal)), found);
    }

    [Theory]
    [InlineData("mon back-squat-high-bar rpe 8", 4, "Back squat, high bar is asked for at RPE 8.5; 6 is the most until it is cleared.")]
    [InlineData(
        "mon back-squat-high-bar reps 2; mon back-squat-high-bar rpe 5",
        4,
        "Back squat, high bar is asked for at 83 % of the max; 65 is the most until it is cleared."
    )] // n = 7
    [InlineData("mon back-squat-high-bar rpe 8", 1, "")]
    public void A_pain_that_came_later_is_held_against_the_block(string written, double score, string said)
    {
        Block block = Planner
            .Make(
                Case with
                {
                    Edits = [.. Enumerable.Range(1, 4).SelectMany(week => written.Split("; ").Select(one => InWeek(Edit(one), week)))],
                }
            )
            .Block!;
        var pain = new PainEntry
        {
            Region = PainRegion.Other,
            Exercise = "back-squat-high-bar",
            ScoreDuring = score,
            UsualScore = 1,
            Weeks = 1,
        };
        Block monday = block with { Weeks = [block.Weeks[0] with { Sessions = [block.Weeks[0].Sessions[0]] }] };
        IEnumerable<Core.Checks.Check> checks = PainChecks.Run(
            monday,
            new TrainingCaps(Case.Client, [pain], block.Start),
            ExerciseCatalogue.Shipped
        );
        Assert.Equal(said, string.Join(' ', checks.Select(new CheckWords(ExerciseCatalogue.Shipped).Because)));
    }

    /// <summary>A pull at its most repetitions, a lift as light as a calibration is, and a second form on another day say
    /// nothing.</summary>
    [Theory]
    [InlineData(CheckCode.SameLiftTwice, "add mon sissy-squat")]
    [InlineData(CheckCode.FloorPullReps, "add mon conventional-deadlift; mon conventional-deadlift reps 6")]
    [InlineData(CheckCode.TooLight, "mon back-squat-high-bar rpe 6")]
    public void What_is_just_within_says_nothing(CheckCode code, string written) =>
        Assert.DoesNotContain(
            Planner.Make(Case with { Edits = [.. written.Split("; ").Select(Edit)] }).Checks,
            check => check.Code == code && check.At.InWeek is null or 1
        );

    [Fact]
    public void A_row_written_alike_in_every_week_stands_still_and_one_that_rises_once_does_not()
    {
        BlockEdit[] alike =
        [
            .. Enumerable
                .Range(1, 4)
                .SelectMany(week => new[] { "kg 60", "reps 5" }.Select(one => InWeek(Edit($"mon back-squat-high-bar {one}"), week))),
        ];
        Core.Checks.Check still = Assert.Single(
            Planner.Make(Case with { Edits = alike }).Checks,
            check => check.Code is CheckCode.NoProgress
        );
        Assert.Equal("back-squat-high-bar", Assert.IsType<Core.Checks.Check.NoProgress>(still).Exercise);
        Assert.DoesNotContain(
            Planner.Make(Case with { Edits = [.. alike, InWeek(Edit("mon back-squat-high-bar kg 62.5"), 3)] }).Checks,
            check => check.Code is CheckCode.NoProgress
        );
    }

    [Fact]
    public void An_answer_that_is_taken_out_is_missed_and_one_that_stands_elsewhere_is_not() =>
        Made.Case.Drawn(
            @case =>
            {
                Plan made = Planner.Make(@case);
                if (
                    made.Block is null
                    || made.Findings.FirstOrDefault(one => one.Severity >= 2 && Rows(made, one.Code).Count > 1) is not { } finding
                )
                    return;
                Assert.DoesNotContain(made.Checks, check => check is Core.Checks.Check.AnswerTakenOut);
                BlockEdit[] gone = [.. Rows(made, finding.Code).Select(at => new BlockEdit.Remove(at))];
                Assert.Contains(
                    Planner.Make(@case with { Edits = gone }).Checks,
                    check => check is Core.Checks.Check.AnswerTakenOut { Severity: CheckSeverity.Warn } lost && lost.Finding == finding.Code
                );
                Assert.DoesNotContain(
                    Planner.Make(@case with { Edits = [.. gone.Skip(1)] }).Checks,
                    check => check is Core.Checks.Check.AnswerTakenOut lost && lost.Finding == finding.Code
                );
            },
            iter: 40
        );

    private static IReadOnlyList<CellPlace> Rows(Plan plan, FindingCode code) =>
        [
            .. plan.Block!.Weeks.SelectMany(week =>
                week.Sessions.SelectMany(session =>
                    session
                        .Items.Where(item => item.Answers.Contains(code))
                        .Select(item => new CellPlace(week.Number, session.Day, item.Exercise))
                )
            ),
        ];

    private static BlockEdit InWeek(BlockEdit edit, int week) =>
        edit is BlockEdit.Write write ? write with { At = write.At with { Week = week } } : edit;

    [Fact]
    public void A_throw_that_comes_first_is_in_order()
    {
        ClientCase thrower = Case with
        {
            Equipment = Case.Equipment with { Items = Case.Equipment.Items.Append(Implement.Sandbag).ToHashSet() },
            Edits = [Edit("add mon loaded-throw"), Edit("order mon loaded-throw 0")],
        };
        Plan plan = Planner.Make(thrower);
        Assert.Equal("loaded-throw", plan.Block!.Weeks[0].Sessions[0].Items[0].Exercise);
        Assert.DoesNotContain(plan.Checks, check => check is Core.Checks.Check.HeavyAfterLighter { At: CheckPlace.OfSession { Week: 1 } });
    }

    [Fact]
    public void Alone_without_pins_near_failure_is_a_stop_and_the_plan_itself_never_asks_for_it()
    {
        ClientCase alone = Case with
        {
            Client = Case.Client with { TrainsAlone = true },
            Equipment = Case.Equipment with { Items = Case.Equipment.Items.Where(item => item is not Implement.Rack).ToHashSet() },
        };
        Assert.DoesNotContain(Planner.Make(alone).Checks, check => check.Code is CheckCode.NoSafeties);
        Plan edited = Planner.Make(
            alone with
            {
                Edits =
                [
                    Edit("add mon dumbbell-bench-press"),
                    Edit("add mon safety-bar-split-squat"),
                    Edit("mon safety-bar-split-squat rpe 9.5"),
                ],
            }
        );
        Assert.Contains(
            edited.Checks,
            check => check is Core.Checks.Check.NoSafeties { Exercise: "safety-bar-split-squat", Severity: CheckSeverity.Stop }
        );
        Assert.DoesNotContain(edited.Checks, check => check is Core.Checks.Check.NoSafeties { Exercise: "dumbbell-bench-press" });
    }

    [Fact]
    public void Counting_on_after_an_edit_is_counting_anew() =>
        Gen.Select(Made.Case, Gen.Int[0, 100_000], Gen.Int[1, 12])
            .Drawn(
                (@case, pick, reps) =>
                {
                    if (Planner.Make(@case).Block is not { } block)
                        return;
                    var items = block
                        .Weeks.SelectMany(week =>
                            week.Sessions.SelectMany(session =>
                                session.Items.Select(item => new CellPlace(week.Number, session.Day, item.Exercise))
                            )
                        )
                        .ToList();
                    if (items.Count == 0)
                        return;
                    Block edited = Planner
                        .Make(@case with { Edits = [new BlockEdit.Write(items[pick % items.Count], new CellValues { Reps = reps })] })
                        .Block!;
                    BlockReviewer going = Reviewer(@case),
                        anew = Reviewer(@case);
                    going.Review(block);
                    Assert.Equal(Text(anew.Review(edited)), Text(going.Review(edited)));
                },
                iter: 60
            );

    private static BlockReviewer Reviewer(ClientCase @case) => new(ContextOf(@case));

    internal static CheckContext ContextOf(ClientCase @case) =>
        new()
        {
            Client = @case.Client,
            EquipmentOn = @case.EquipmentOn,
            Catalogue = ExerciseCatalogue.Shipped,
            Caps = new Screening.Safety.TrainingCaps(@case.Client, @case.Pain, @case.Block.Start),
            Ladders = new LadderProgress(@case.Client, @case.Schools.Sides, ExerciseCatalogue.Shipped, [], @case.Strength, []),
            Limits = new WeeklySets(@case.Client, BlockKind.Strength, FullBody, new Dictionary<Muscle, double>()),
            Counting = @case.Schools.SetCounting,
            Now = null,
            NextAbove = (_, _) => null,
            Last = LastLoads.Of([], @case.Block.Start),
        };

    /// <summary>Three full-body days.</summary>
    private static readonly IReadOnlyList<SplitDay> FullBody =
    [
        .. new[] { Weekday.Mon, Weekday.Wed, Weekday.Fri }.Select(day => new SplitDay(
            new TrainingDay(day, 60),
            new DateOnly(2026, 11, 30),
            DayFocus.Full,
            HeavyLift.Squat
        )),
    ];

    private static string Text(BlockReview review) =>
        string.Join(
            '\n',
            review
                .Checks.Select(check => $"{check with { Fix = [] }}")
                .Concat(review.Ledger.SelectMany(row => row.Weeks.Select(week => $"{row.Muscle} {week}")))
                .Concat(review.Totals.Select(total => total.ToString()))
        );

    private static readonly ClientCase Case = PlainCase.With(
        70,
        [Weekday.Mon, Weekday.Thu],
        [Implement.LegExtension, Implement.SissyBench, Implement.FarmersHandles, Implement.SafetyBar, Implement.Bands, Implement.GluteHam]
    ) with
    {
        Ladders = [new LadderRung("knee-extension-hip-straight", 2)],
    };

    private static BlockEdit Edit(string written) =>
        written.Split(' ') switch
        {
            ["add", var day, var exercise] => new BlockEdit.Add(Cell(day, exercise), Role.Accessory, CellValues.Nothing),
            ["order", var day, var exercise, var to] => new BlockEdit.Order(
                Cell(day, exercise),
                int.Parse(to, System.Globalization.CultureInfo.InvariantCulture)
            ),
            [var day, var exercise, "superset", var letter] => new BlockEdit.Write(
                Cell(day, exercise),
                new CellValues { Superset = new SupersetPlace(letter) }
            ),
            [var day, var exercise, var field, var value] => new BlockEdit.Write(
                Cell(day, exercise),
                Values(field, double.Parse(value, System.Globalization.CultureInfo.InvariantCulture))
            ),
            _ => throw new ArgumentException(written),
        };

    private static CellPlace Cell(string day, string exercise) => new(1, Codes.Find<Weekday>(day)!.Value, exercise);

    private static CellValues Values(string field, double value) =>
        field switch
        {
            "rest" => new CellValues { RestSeconds = (int)value },
            "reps" => new CellValues { Reps = (int)value },
            "sets" => new CellValues { Sets = (int)value },
            "rpe" => new CellValues { Rpe = Rpe.Of(value) },
            _ => new CellValues { Load = Load.FromKilograms(value) },
        };
}
