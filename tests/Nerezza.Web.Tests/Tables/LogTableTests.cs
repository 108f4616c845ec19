using System.Globalization;
using System.Text;
using CsCheck;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Shapes;
using Nerezza.Tables.Logs;
using Nerezza.Tables.Sheets;
using Nerezza.Tests.Shared;

namespace Nerezza.Web.Tests.Tables;

/// <summary>A log as a table: what is written is read back, and what coaches write is read or refused with its cell.</summary>
public sealed class LogTableTests
{
    private static readonly ExerciseNames Fresh = new(ExerciseCatalogue.Shipped, new Dictionary<string, string>());
    private static readonly ExerciseNames Names = new(
        ExerciseCatalogue.Shipped,
        new Dictionary<string, string> { ["Kniebeuge"] = "back-squat-high-bar", ["Squat"] = "back-squat-high-bar" }
    );

    private static readonly Gen<LogLine> Lines = Gen.Select(
        Gen.Int[0, 2000],
        Of([.. ExerciseCatalogue.Shipped.All.Select(one => one.Id)]),
        Of<Side?>(null, Side.Left, Side.Right),
        Gen.Select(Gen.Int[0, 4000].Select(grams => grams * 0.25), Gen.Int[0, 30], Gen.Int[2, 20].Select(half => half * 0.5)).Nullable(),
        Of<bool?>(null, true),
        Of("", "=1+1", "+5 kg next time", "-", "@home", "'quoted'", "a, \"b\"; c", "two\nlines", "Ärger"),
        (day, exercise, side, lift, amrap, note) =>
            new LogLine(
                new DateOnly(2022, 1, 1).AddDays(day),
                new LogSetSection
                {
                    Exercise = exercise,
                    Side = side,
                    Kg = lift?.Item1,
                    Reps = lift?.Item2,
                    Rpe = lift?.Item3,
                    Amrap = amrap,
                    RirSaidAt = amrap is true ? new ReserveSaidSection { Rep = 8, Rir = 2.5 } : null,
                    Seconds = lift is null ? 31.5 : null,
                    Metres = lift is null ? 20 : null,
                    Word = lift is null ? SetWord.Fast : null,
                    Band = lift is null ? "=light" : null,
                    Implements = lift is null
                        ?
                        [
                            new ImplementSection
                            {
                                Exercise = "keg-carry",
                                Kg = 92.5,
                                Metres = 20,
                            },
                            new ImplementSection
                            {
                                Exercise = "keg-carry",
                                Kg = null,
                                Metres = 15,
                            },
                        ]
                        : null,
                    Pain = lift is null ? 3 : null,
                    PainAt = lift is null ? PainRegion.LowBack : null,
                },
                note.Length == 0 ? null : note
            )
    );

    private static Gen<T> Of<T>(params T[] all) => Gen.Int[0, all.Length - 1].Select(at => all[at]);

    [Fact]
    public void A_log_that_is_written_as_csv_or_workbook_is_read_back_as_it_was() =>
        Lines
            .List[1, 20]
            .Sample(
                lines =>
                {
                    using var text = new StringWriter();
                    LogWriter.Csv(lines, text);
                    using var book = new MemoryStream();
                    LogWriter.Workbook(lines, book);
                    foreach (byte[] file in new[] { Encoding.UTF8.GetBytes(text.ToString()), book.ToArray() })
                    {
                        LogReading read = Read(file);
                        Assert.All(read.Rows, row => Assert.Null(row.Why));
                        Assert.Equal(lines.Select(Json), read.Lines.Select(Json));
                    }
                },
                iter: 60
            );

    /// <summary>A sheet as a coach may have it (| between cells, / between rows), and the sets that it says.</summary>
    [Theory]
    [InlineData("Datum|Übung|Gewicht|Wdh|RPE / 30.11.2026|Kniebeuge|92,5|5|8", "2026-11-30 back-squat-high-bar 92.5x5@8")]
    [InlineData("RPE|reps|weight|lift|date / 8,5|3|1.0e2|Squat|2026-11-30", "1:D: ?")]
    [InlineData("Date|Exercise|Sets / 30/11/2026|Squat|3x5x100", "2026-11-30 back-squat-high-bar 100x5 100x5 100x5")]
    [InlineData("Date|Exercise|Sets / 11/30/2026|Squat|5,5,4@100", "2026-11-30 back-squat-high-bar 100x5 100x5 100x4")]
    [InlineData("Date|Exercise|Sets / 2026-11-30|Squat|100x5x3 @8.5", "2026-11-30 back-squat-high-bar 100x5@8.5 100x5@8.5 100x5@8.5")]
    [InlineData("Date|Exercise|Sets|kg / 2026-11-30|Squat|3x5|100", "2026-11-30 back-squat-high-bar 100x5 100x5 100x5")]
    [InlineData("Date|Exercise|Sets|Reps|lb / 2026-11-30|Squat|2|5|225", "2026-11-30 back-squat-high-bar 102.058x5 102.058x5")]
    [InlineData("Date|Exercise|Weight|Reps / 2026-11-30|Squat|225 lbs|5", "2026-11-30 back-squat-high-bar 102.058x5")]
    [InlineData("Date|Exercise|Sets / 2026-11-30|Squat|100x5 105x3", "2026-11-30 back-squat-high-bar 100x5 105x3")]
    [InlineData(
        "Date|Exercise|kg|Reps / 2026-11-30|Squat|100|5 / ||105|3",
        "2026-11-30 back-squat-high-bar 100x5|2026-11-30 back-squat-high-bar 105x3"
    )]
    [InlineData("My training / / Date|Exercise|kg|Reps / 2026-11-30|Squat|100|5", "2026-11-30 back-squat-high-bar 100x5")]
    [InlineData("Winter / When|What|Done / 30.11.2026|Squat|3x5x100", "2026-11-30 back-squat-high-bar 100x5 100x5 100x5")]
    [InlineData("2026-11-30|Squat|3x5x100", "2026-11-30 back-squat-high-bar 100x5 100x5 100x5")]
    [InlineData(
        "Date|Exercise|Set|Load|Done kg|Done reps / 2026-11-30|Squat|1|100 kg|102.5|5 / 2026-11-30|Squat|2|100 kg||",
        "2026-11-30 back-squat-high-bar 102.5x5"
    )]
    [InlineData("Date|Exercise|Side|kg|Reps / 2026-11-30|Leg press|sx|100|8", "2026-11-30 leg-press left 100x8")]
    public void What_a_coach_writes_is_read(string sheet, string says)
    {
        LogReading read = Read(Csv(sheet));
        if (says.EndsWith('?'))
            Assert.All(read.Rows, row => Assert.NotNull(row.Why));
        else
            Assert.Equal(says, string.Join('|', read.Rows.Select(Says)));
    }

    [Theory]
    [InlineData("Date|Exercise|kg|Reps / yesterday|Squat|100|5", "A2: yesterday is no day; for example 2026-11-30 expected")]
    [InlineData("Date|Exercise|kg|Reps / 2026-11-30|Squat|heavy|5", "C2: heavy is no number")]
    [InlineData("Date|Exercise|kg|Reps / 2026-11-30|Squat|1500|5", "C2: 1500 is not between 0 and 1000; kilograms expected")]
    [InlineData("Date|Exercise|kg|Reps / 2026-11-30|Squat|100|5.5", "D2: 5.5 is no whole number")]
    [InlineData("Date|Exercise|kg|Reps / 2026-11-30|Sqat|100|5", "B2: Sqat is not known; say which exercise it is")]
    [InlineData("Date|Exercise|kg|Reps / |Squat|100|5", "A2: is empty; a day expected")]
    [InlineData(
        "Date|Exercise|Sets / 2026-11-30|Squat|20x10",
        "C2: 20x10 cannot be read for certain; for example 3x5x100 or 5,5,5@100 expected"
    )]
    [InlineData("Date|Exercise|Side|kg|Reps / 2026-11-30|Squat|up|100|5", "C2: up is no side; left or right expected")]
    [InlineData("Date|Exercise|kg|Reps / 31/02/2026|Squat|100|5", "A2: 31/02/2026 is no day; for example 2026-11-30 expected")]
    [InlineData(
        "Date|Exercise|kg|Reps|RPE / 2026-11-30|Squat|100||8",
        "D2: is empty; repetitions expected, or seconds, metres, a height, clean repetitions or a word"
    )]
    public void A_row_that_cannot_be_read_names_its_cell_and_keeps_nothing(string sheet, string why)
    {
        RowReading row = Assert.Single(Read(Csv(sheet)).Rows);
        Assert.Equal((why, 0), (row.Why, row.Lines.Count));
    }

    [Fact]
    public void The_example_of_the_format_s_page_is_read_and_written_as_it_stands()
    {
        string page = File.ReadAllText(Path.Combine(ServerProcess.Root, "docs/formats/log.md"));
        string example = page.Split("```csv\n")[1].Split("```")[0];
        LogReading read = Read(Encoding.UTF8.GetBytes(example));
        Assert.All(read.Rows, row => Assert.Null(row.Why));
        Assert.Equal("=easy today", read.Lines.First().Note);
        using var written = new StringWriter();
        LogWriter.Csv(read.Lines, written);
        Assert.Equal(example, written.ToString().ReplaceLineEndings("\n"));
    }

    [Fact]
    public void A_name_that_nobody_explained_is_asked_once_with_what_it_may_mean()
    {
        UnknownName asked = Assert.Single(
            Read(Csv("Date|Exercise|kg|Reps / 2026-11-30|Front sqat|60|5 / 2026-12-01|Front sqat|60|5")).Unknown
        );
        Assert.Equal(("Front sqat", 2), (asked.Name, asked.Times));
        Assert.Contains("front-squat", asked.Nearest);
    }

    [Theory]
    [InlineData("Pull-ups", "pull-up")]
    [InlineData("RDL", "romanian-deadlift")]
    [InlineData("DB bench press", "dumbbell-bench-press")]
    [InlineData("SL hip thrusts", "single-leg-hip-thrust")]
    [InlineData("Bankdrücken", "bench-press")]
    [InlineData("Stacco rumeno", "romanian-deadlift")]
    [InlineData("Soulevé de terre roumain", "romanian-deadlift")]
    public void What_coaches_call_an_exercise_and_nothing_else_is_that_exercise(string name, string exercise) =>
        Assert.Equal(exercise, Fresh.Find(name));

    [Theory]
    [InlineData("Squats", "back-squat-high-bar", "back-squat-low-bar", "front-squat")]
    [InlineData("Kreuzheben", "conventional-deadlift", "sumo-deadlift", "trap-bar-deadlift")]
    [InlineData("Bulgarian split squat", "dumbbell-rear-foot-elevated-split-squat", "barbell-rear-foot-elevated-split-squat")]
    public void Of_a_name_that_several_go_by_it_is_asked_which_the_likeliest_first(string name, params string[] first)
    {
        Assert.Null(Fresh.Find(name));
        Assert.Equal(first, Fresh.Nearest(name, 3).Take(first.Length));
    }

    /// <summary>A name that is written down for several, or for one that is not there, would be a slip of the list.</summary>
    [Fact]
    public void Every_common_name_leads_to_exercises_that_are_there()
    {
        foreach ((string name, IReadOnlyList<string> means) in CommonNames.Means)
        {
            Assert.All(means, id => Assert.NotNull(ExerciseCatalogue.Shipped.Find(id)));
            Assert.True(Fresh.Find(name) is { } found ? means.Contains(found) : means.Count > 1, name);
        }
    }

    [Fact]
    public void Days_that_could_be_read_both_ways_are_asked_about()
    {
        Sheet sheet = SheetOf(Csv("Date|Exercise|kg|Reps / 3/4/2026|Squat|100|5"));
        LogMapping guess = ColumnGuess.Of(sheet, Names);
        Assert.True(ColumnGuess.IsOrderUnclear(sheet, guess));
        Assert.Equal(new DateOnly(2026, 4, 3), new LogReader(guess, Names, DaySpan.Open).Read(sheet).Lines.Single().Date);
        LogMapping other = guess with { Order = DayOrder.MonthFirst };
        Assert.Equal(new DateOnly(2026, 3, 4), new LogReader(other, Names, DaySpan.Open).Read(sheet).Lines.Single().Date);
        Assert.False(ColumnGuess.IsOrderUnclear(SheetOf(Csv("Date|Exercise|kg|Reps / 13/4/2026|Squat|100|5")), guess));
    }

    internal static LogReading Read(byte[] file)
    {
        Sheet sheet = SheetOf(file);
        return new LogReader(ColumnGuess.Of(sheet, Names), Names, DaySpan.Open).Read(sheet);
    }

    internal static Sheet SheetOf(byte[] file) => Assert.IsType<ReadFile.Sheets>(SheetReader.Read(file)).All[0];

    private static byte[] Csv(string sheet) =>
        Encoding.UTF8.GetBytes(
            string.Join('\n', sheet.Split(" / ").Select(row => string.Join(';', row.Split('|').Select(cell => $"\"{cell.Trim()}\""))))
        );

    private static string Says(RowReading row) =>
        row.Why
        ?? $"{row.Lines[0].Date:yyyy-MM-dd} {row.Lines[0].Set.Exercise}{(row.Lines[0].Set.Side is { } side ? $" {Codes.Of(side)}" : "")} "
            + string.Join(
                ' ',
                row.Lines.Select(line =>
                    string.Create(
                        CultureInfo.InvariantCulture,
                        $"{line.Set.Kg}x{line.Set.Reps}{(line.Set.Rpe is { } rpe ? $"@{rpe}" : "")}"
                    )
                )
            );

    private static string Json(LogLine line) => System.Text.Json.JsonSerializer.Serialize(line, Formats.Json.Options);
}
