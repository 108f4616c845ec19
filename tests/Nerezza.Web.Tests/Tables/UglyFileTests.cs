using System.IO.Compression;
using System.Text;
using CsCheck;
using MiniExcelLibs;
using Nerezza.Tables.Logs;
using Nerezza.Tables.Sheets;

namespace Nerezza.Web.Tests.Tables;

/// <summary>Files as they come: read, or refused in one sentence; never an error.</summary>
public sealed class UglyFileTests
{
    private const string Rows = "Date,Exercise,kg,Reps\n2026-11-30,Squat,\"92,5\",5\n";

    // By name: the files themselves would be carried about by the test runner.
    private static readonly Dictionary<string, Func<byte[]>> Readables = new()
    {
        ["semicolons and decimal commas"] = () => Utf8("Date;Exercise;kg;Reps\n2026-11-30;Squat;92,5;5"),
        ["byte order mark"] = () => [0xEF, 0xBB, 0xBF, .. Utf8(Rows)],
        ["UTF-16"] = () => [0xFF, 0xFE, .. Encoding.Unicode.GetBytes(Rows)],
        ["UTF-16, the other end first"] = () => [0xFE, 0xFF, .. Encoding.BigEndianUnicode.GetBytes(Rows)],
        ["Windows-1252"] = () => Encoding.Latin1.GetBytes("Date,Exercise,kg,Reps,Note\n2026-11-30,Squat,92.5,5,schön"),
        ["tabs"] = () => Utf8("Date\tExercise\tkg\tReps\n2026-11-30\tSquat\t92.5\t5"),
        ["blank lines"] = () => Utf8("\n\nDate,Exercise,kg,Reps\n\n2026-11-30,Squat,92.5,5\n\n\n"),
        ["line ends of another system"] = () => Utf8(Rows.Replace("\n", "\r\n", StringComparison.Ordinal)),
        ["no line end at the end"] = () => Utf8(Rows.TrimEnd()),
        ["two hundred columns"] = () =>
            Utf8($"Date,Exercise,kg,Reps{new string(',', 196)}\n2026-11-30,Squat,92.5,5{new string(',', 196)}\n"),
        ["a unit in the cell"] = () => Utf8("Date,Exercise,kg,Reps\n2026-11-30,Squat,92.5 kg,5"),
        ["rows of different lengths"] = () => Utf8("Date,Exercise,kg,Reps,Note\n2026-11-30,Squat,92.5,5\n"),
        ["a title above the heading"] = () => Utf8($"Log of the year,,,\n,,,\n{Rows}"),
        ["a workbook with numbers and days as such"] = () => Workbook(new DateTime(2026, 11, 30), 92.5, 5.0),
        ["a workbook with texts"] = () => Workbook("30.11.2026", "92,5", "5"),
        ["days as numbers"] = () => Workbook(46356.0, 92.5, 5.0),
    };

    public static TheoryData<string> Readable => [.. Readables.Keys];

    [Theory, MemberData(nameof(Readable))]
    public void Is_read(string name)
    {
        RowReading row = Assert.Single(LogTableTests.Read(Readables[name]()).Rows);
        Assert.Null(row.Why);
        LogLine line = Assert.Single(row.Lines);
        Assert.Equal((new DateOnly(2026, 11, 30), 92.5, 5), (line.Date, line.Set.Kg, line.Set.Reps));
    }

    private static readonly Dictionary<string, (Func<byte[]> File, string Says)> Refuseds = new()
    {
        ["nothing"] = (() => [], "empty"),
        ["a picture"] = (() => [0x89, 0x50, 0x4E, 0x47, 0x0D, 0x0A, 0x1A, 0x0A, 0, 0, 0, 13], "no text"),
        ["an old workbook"] = (() => [0xD0, 0xCF, 0x11, 0xE0, 0xA1, 0xB1, 0x1A, 0xE1], "old kind"),
        ["a paper"] = (() => Utf8("%PDF-1.7"), "PDF"),
        ["half a workbook"] = (() => Workbook("30.11.2026", "92,5", "5")[..400], "damaged"),
        ["a zip of something else"] = (() => Zip(("letter.txt", 20)), "damaged"),
        ["a zip that unpacks to half a gigabyte"] = (() => Zip(("xl/worksheets/sheet1.xml", 500_000_000)), "unpacks"),
        ["a quotation mark that is never closed"] = (() => Utf8($"Date,Note\n2026-11-30,\"{new string('x', 5000)}"), "B2"),
        ["five hundred columns"] = (() => Utf8(new string(',', 499)), "500 columns"),
        ["more rows than anybody trains"] = (() => Utf8(string.Concat(Enumerable.Repeat("a,b\n", 200_001))), "200000 rows"),
    };

    public static TheoryData<string> Refused => [.. Refuseds.Keys];

    [Theory, MemberData(nameof(Refused))]
    public void Is_refused(string name)
    {
        (Func<byte[]> file, string says) = Refuseds[name];
        Assert.Contains(says, Assert.IsType<ReadFile.Refused>(SheetReader.Read(file())).Why, StringComparison.Ordinal);
    }

    [Fact]
    public void A_workbook_that_was_damaged_anywhere_is_read_or_refused()
    {
        byte[] whole = Workbook("30.11.2026", "92,5", "5");
        Gen.Select(Gen.Int[4, whole.Length - 1], Gen.Byte)
            .Array[1, 6]
            .Sample(
                hits =>
                {
                    byte[] file = [.. whole];
                    foreach ((int at, byte value) in hits)
                        file[at] = value;
                    Assert.True(SheetReader.Read(file) is ReadFile.Sheets or ReadFile.Refused);
                },
                iter: 300
            );
    }

    [Fact]
    public void A_formula_in_a_text_is_written_as_a_text_and_one_in_a_file_is_read_as_what_it_says()
    {
        Assert.Equal("'=SUM(A1)", PlainText.Write("=SUM(A1)"));
        Assert.Equal("=SUM(A1)", PlainText.Read(PlainText.Write("=SUM(A1)")));
        LogReading read = LogTableTests.Read(Utf8("Date,Exercise,kg,Reps\n2026-11-30,Squat,=100-7.5,5"));
        Assert.Equal("C2: =100-7.5 is no number", Assert.Single(read.Rows).Why);
    }

    private static byte[] Utf8(string text) => Encoding.UTF8.GetBytes(text);

    private static byte[] Workbook(object day, object kg, object reps)
    {
        using var stream = new MemoryStream();
        stream.SaveAs(
            new[]
            {
                new Dictionary<string, object>
                {
                    ["Date"] = day,
                    ["Exercise"] = "Squat",
                    ["kg"] = kg,
                    ["Reps"] = reps,
                },
            }
        );
        return stream.ToArray();
    }

    private static byte[] Zip((string Name, int Bytes) part)
    {
        using var stream = new MemoryStream();
        using (var zip = new ZipArchive(stream, ZipArchiveMode.Create, leaveOpen: true))
        using (Stream entry = zip.CreateEntry(part.Name, CompressionLevel.Fastest).Open())
        {
            byte[] zeros = new byte[1_000_000];
            for (int left = part.Bytes; left > 0; left -= zeros.Length)
                entry.Write(zeros.AsSpan(0, Math.Min(left, zeros.Length)));
        }
        return stream.ToArray();
    }
}
