using MiniExcelLibs;
using Nerezza.Core;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Selection;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Plans;
using Nerezza.Formats.Shapes;
using Nerezza.Tables.Blocks;
using Nerezza.Tables.Logs;
using Nerezza.Tables.Sheets;

namespace Nerezza.Web.Tests.Tables;

/// <summary>A block that leaves as a workbook or a calendar.</summary>
public sealed class BlockTableTests
{
    private static readonly ExerciseCatalogue Catalogue = ExerciseCatalogue.Shipped;
    private static readonly PlanDocument Plan = Made();

    [Fact]
    public void A_workbook_that_is_filled_in_is_read_back_as_the_sets_that_were_done()
    {
        IReadOnlyList<Sheet> sheets = Assert.IsType<ReadFile.Sheets>(SheetReader.Read(BlockWorkbook.Write(Plan, Catalogue))).All;
        Assert.Equal([.. Plan.Block!.Weeks.Select(week => $"Week {week.Number}"), "Hard sets"], sheets.Select(sheet => sheet.Name));
        int done = 0;
        foreach (WeekPart week in Plan.Block.Weeks)
        {
            Sheet sheet = sheets[week.Number - 1];
            // As it left nothing was done.
            Assert.Empty(Read(sheet).Rows);
            List<(ItemPart Item, SetPart Set, SessionPart Session)> planned =
            [
                .. week.Sessions.SelectMany(session => session.Items.SelectMany(item => item.Sets.Select(set => (item, set, session)))),
            ];
            LogReading read = Read(Filled(sheet));
            Assert.All(read.Rows, row => Assert.Null(row.Why));
            Assert.Equal(
                planned.Select(one => (one.Session.Date, one.Item.Exercise, one.Set.Side, 8.0)),
                read.Lines.Select(line => (line.Date, line.Set.Exercise, line.Set.Side, line.Set.Rpe!.Value))
            );
            done += read.Lines.Count();
        }
        Assert.True(done > 100, $"{done} sets");
    }

    [Fact]
    public void A_workbook_says_how_to_set_up_and_what_goes_in_turn_and_prints_a_page_across()
    {
        byte[] workbook = BlockWorkbook.Write(Plan, Catalogue);
        Sheet first = Assert.IsType<ReadFile.Sheets>(SheetReader.Read(workbook)).All[0];
        string[] heading = [.. first.Rows[0].Cells.Select(cell => cell.Text)];
        List<ItemPart> items = [.. Plan.Block!.Weeks[0].Sessions.SelectMany(session => session.Items)];
        foreach (ItemPart item in items)
        {
            List<SheetRow> rows = [.. first.Rows.Where(row => At(row, "Exercise") == Catalogue[item.Exercise].Name)];
            Assert.Contains(rows, row => At(row, "Superset") == (item.Superset ?? ""));
            Assert.Contains(rows, row => At(row, "Set-up").Contains(item.Settings.Note, StringComparison.Ordinal));
        }
        Assert.Contains(items, item => item.Superset is not null);
        Assert.Contains(items, item => item.Settings.Note.Length > 0);
        using var zip = new System.IO.Compression.ZipArchive(new MemoryStream(workbook));
        foreach (int number in Enumerable.Range(1, Plan.Block.Weeks.Count + 1))
        {
            using var part = new StreamReader(zip.GetEntry($"xl/worksheets/sheet{number}.xml")!.Open());
            string sheet = part.ReadToEnd();
            Assert.Contains("fitToPage=\"1\"", sheet, StringComparison.Ordinal);
            Assert.Contains("fitToWidth=\"1\" fitToHeight=\"0\"", sheet, StringComparison.Ordinal);
        }

        string At(SheetRow row, string column) => row.At(Array.IndexOf(heading, column)).Text;
    }

    /// <summary>Only where LibreOffice is installed (libreoffice-calc): it is no part of what the tests need.</summary>
    [Fact]
    public async Task A_spreadsheet_program_opens_the_workbook_with_everything_in_it()
    {
        const string Program = "/usr/bin/soffice";
        if (!File.Exists(Program))
            return;
        string folder = Directory.CreateTempSubdirectory("nerezza-book-").FullName;
        try
        {
            await File.WriteAllBytesAsync(Path.Combine(folder, "block.xlsx"), BlockWorkbook.Write(Plan, Catalogue));
            foreach (int week in Enumerable.Range(1, Plan.Block!.Weeks.Count))
            {
                // CSV of one sheet: comma, quotes, UTF-8, from the first row, as shown.
                string filter = $"csv:Text - txt - csv (StarCalc):44,34,76,1,,0,false,true,false,false,false,{week}";
                var start = new System.Diagnostics.ProcessStartInfo(
                    Program,
                    [
                        $"-env:UserInstallation=file://{folder}/own",
                        "--headless",
                        "--convert-to",
                        filter,
                        "--outdir",
                        folder,
                        $"{folder}/block.xlsx",
                    ]
                )
                {
                    RedirectStandardOutput = true,
                    RedirectStandardError = true,
                };
                using var process = System.Diagnostics.Process.Start(start)!;
                await process.WaitForExitAsync();
                string text = await File.ReadAllTextAsync(Path.Combine(folder, $"block-Week {week}.csv"));
                foreach (ItemPart item in Plan.Block.Weeks[week - 1].Sessions.SelectMany(session => session.Items))
                    Assert.Contains(Catalogue[item.Exercise].Name, text, StringComparison.Ordinal);
                Assert.StartsWith("Date,Exercise,Set,Superset,Side,Target,Load", text, StringComparison.Ordinal);
            }
        }
        finally
        {
            Directory.Delete(folder, recursive: true);
        }
    }

    [Fact]
    public void A_calendar_keeps_the_id_of_a_session_that_moves_and_says_which_version_it_is_of()
    {
        var client = Guid.Parse("0190a000-0000-7000-8000-00000000000d");
        var at = new DateTimeOffset(2026, 11, 29, 8, 0, 0, TimeSpan.Zero);
        List<string> first = Unfolded(BlockCalendar.Write(client, "Ana, Quay", [(3, Plan.Block!)], Catalogue, null, at));
        int sessions = Plan.Block!.Weeks.Sum(week => week.Sessions.Count);
        Assert.Equal(sessions, Of(first, "UID:").Distinct().Count());
        Assert.Equal(
            Plan.Block.Weeks.SelectMany(week => week.Sessions).Select(session => $"{session.Date:yyyyMMdd}"),
            Of(first, "DTSTART;VALUE=DATE:")
        );
        SessionPart monday = Plan.Block.Weeks[0].Sessions[0];
        BlockPart moved = Plan.Block with
        {
            Weeks =
            [
                Plan.Block.Weeks[0] with
                {
                    Sessions = [monday with { Date = monday.Date.AddDays(1) }, .. Plan.Block.Weeks[0].Sessions.Skip(1)],
                },
                .. Plan.Block.Weeks.Skip(1),
            ],
        };
        List<string> second = Unfolded(BlockCalendar.Write(client, "Ana, Quay", [(4, moved)], Catalogue, null, at));
        Assert.Equal(Of(first, "UID:"), Of(second, "UID:"));
        Assert.All(Of(second, "SEQUENCE:"), version => Assert.Equal("4", version));
        Assert.Equal($"{monday.Date.AddDays(1):yyyyMMdd}", Of(second, "DTSTART;VALUE=DATE:").First());
    }

    /// <summary>Lines as RFC 5545 unfolds them, each at most 75 bytes as it stands.</summary>
    private static List<string> Unfolded(string calendar)
    {
        Assert.All(calendar.Split("\r\n"), line => Assert.True(System.Text.Encoding.UTF8.GetByteCount(line) <= 75, line));
        return [.. calendar.Replace("\r\n ", "", StringComparison.Ordinal).Split("\r\n")];
    }

    private static IEnumerable<string> Of(List<string> lines, string name) =>
        lines.Where(line => line.StartsWith(name, StringComparison.Ordinal)).Select(line => line[name.Length..]);

    private static LogReading Read(Sheet sheet)
    {
        var names = new ExerciseNames(Catalogue, new Dictionary<string, string>());
        return new LogReader(ColumnGuess.Of(sheet, names), names, DaySpan.Open).Read(sheet);
    }

    /// <summary>Every work set at RPE 8, saved by some spreadsheet.</summary>
    private static Sheet Filled(Sheet sheet)
    {
        string[] heading = [.. sheet.Rows[0].Cells.Select(cell => cell.Text)];
        using var saved = new MemoryStream();
        saved.SaveAs(
            sheet
                .Rows.Skip(1)
                .Select(row =>
                    heading
                        .Select((name, at) => (name, Text: row.At(at).Text))
                        .ToDictionary(
                            cell => cell.name,
                            cell =>
                                cell.name is "Done RPE" or "Done reps"
                                && !row.At(Array.IndexOf(heading, "Set")).Text.StartsWith("warm-up", StringComparison.Ordinal)
                                    ? 8
                                    : (object)cell.Text
                        )
                )
        );
        return LogTableTests.SheetOf(saved.ToArray());
    }

    private static PlanDocument Made()
    {
        Plan plan = new Planner(Catalogue, new GreedyChooser(), new GreedyWeekLayout()).Make(CaseMapping.ToCase(Samples.Deckhand));
        return new PlanMapping(Catalogue).ToDocument(plan);
    }
}
