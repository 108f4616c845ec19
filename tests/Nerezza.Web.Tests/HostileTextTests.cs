using System.Diagnostics;
using System.Net;
using System.Net.Http.Headers;
using System.Text;
using System.Text.Json;
using CsCheck;
using Nerezza.Core.Catalogue;
using Nerezza.Formats;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Exercises;
using Nerezza.Formats.Shapes;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Tests;

/// <summary>No text, however it is made, ends the process, holds it up or shows its inside: it is read, or refused with the
/// place.</summary>
public sealed class HostileTextTests(Site site) : IClassFixture<Site>
{
    // Far above what any text takes, far under what the worst took before (38 s): a bound against growth without end, not a measurement.
    private static readonly TimeSpan Endless = TimeSpan.FromSeconds(5);

    public static TheoryData<string, string> Yaml =>
        new()
        {
            { "? &a {? *a : 1}\n: 2", "line 1, column 3: &a is an anchor" },
            { "? {a: 1}\n: 2", "line 1, column 3: a name is not a text" },
            { new string('[', 30_000), "line 1, column 17: nested deeper than 16 levels" },
            { string.Concat(Enumerable.Repeat("- ", 30_000)), "nested deeper than 16 levels" },
            { string.Concat(Enumerable.Repeat("? ", 20_000)), "a name is not a text" },
            { "a: &x [1]\n" + string.Concat(Enumerable.Range(0, 50_000).Select(i => $"k{i}: *x\n")), "&x is an anchor" },
            { "a: *x", "line 1, column 4: *x stands for something written elsewhere" },
            { string.Concat(Enumerable.Repeat("---\n", 200_000)), "a second document begins" },
            { "!!set {? a, ? a}", "a tag has no meaning here" },
            { "a: !!binary aGk=", "a tag has no meaning here" },
            { "a: 1\na: 2", "line 2, column 1: 'a' stands twice" },
            { "a: \"\\ud800\"", "line 1, column 4" },
            { "[" + string.Concat(Enumerable.Repeat("1,", 200_000)) + "]", "more than 150000 values" },
            { "a: [1", "line 2, column 1" },
            { "*a0x1&a ...\n~  ", "stands for something written elsewhere" },
            { "a\n...\n~", "line" },
            { "\"" + new string('a', 900_000), "line 1" },
            { "%TAG ! tag:x,2000:\n---\na: 1", "not a field of this format" },
        };

    [Theory, MemberData(nameof(Yaml))]
    public async Task Yaml_that_holds_more_than_it_shows_is_refused_with_line_and_column(string text, string said)
    {
        var watch = Stopwatch.StartNew();
        var faulty = Assert.IsType<ListReading.Faulty>(ExerciseList.Read(text, ExerciseCatalogue.Shipped, []));
        Assert.True(watch.Elapsed < Endless, $"It took {watch.Elapsed}.");
        Assert.Contains(said, faulty.Faults[0].ToString(), StringComparison.Ordinal);
        ImportView view = await (await site.AsHarbour()).Ask<ImportView>(HttpMethod.Post, "/api/catalogue/own/preview", new { text });
        Assert.NotEmpty(view.Faults);
    }

    [Fact]
    public void Any_text_is_read_or_refused() =>
        Gen.OneOf(
                Gen.String[Gen.Char, 0, 200],
                Gen.OneOf(
                        "[",
                        "]",
                        "{",
                        "}",
                        ": ",
                        "- ",
                        "? ",
                        "&a ",
                        "*a",
                        "!t ",
                        "\n",
                        "  ",
                        "\"",
                        "'",
                        "|\n",
                        ">\n",
                        "#",
                        "---\n",
                        "...\n",
                        "%YAML 1.2\n",
                        "a",
                        "0x1",
                        "\\ud800",
                        "\t",
                        "~",
                        ","
                    )
                    .Array[0, 120]
                    .Select(string.Concat)
            )
            .Sample(text => Assert.IsType<ListReading.Faulty>(ExerciseList.Read(text, ExerciseCatalogue.Shipped, [])), iter: 4000);

    [Fact]
    public void What_is_written_is_read_back_the_same()
    {
        string yaml = ExerciseList.ToYaml(
            ExerciseCatalogue.Shipped.All.Take(40).Select(one => one with { Id = "own-" + one.Id, VariantOf = null, Origin = Origin.Own })
        );
        var read = Assert.IsType<ListReading.Valid>(ExerciseList.Read(yaml, ExerciseCatalogue.Shipped, []));
        Assert.Equal(40, read.Exercises.Count);
    }

    [Theory]
    [InlineData("{\"\\ud800\":1}", "line 1, byte 2 holds half of a character")]
    [InlineData("{\n \"email\": \"\\udc00x\"}", "line 2, byte 11 holds half of a character")]
    public async Task Half_characters_are_refused_with_their_place(string body, string said)
    {
        foreach (string path in new[] { "/api/session", "/api/clients/import", "/api/catalogue/own/preview" })
            Assert.Contains(
                said,
                await Refused(path, new StringContent(body, Encoding.UTF8, "application/json")),
                StringComparison.Ordinal
            );
        Assert.Contains(
            said,
            Assert.IsType<CaseReading.Faulty>(CaseReader.Read(Encoding.UTF8.GetBytes(body))).Faults[0].Message,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task Bytes_that_are_no_utf8_are_refused_with_their_place()
    {
        byte[] broken = [.. "{\"a"u8, 0xFF, .. "\":1}"u8];
        var content = new ByteArrayContent(broken);
        content.Headers.ContentType = new MediaTypeHeaderValue("application/json");
        Assert.Contains("line 1, byte 4 is not UTF-8", await Refused("/api/clients/import", content), StringComparison.Ordinal);
    }

    [Fact]
    public void A_file_that_begins_with_the_mark_of_its_encoding_is_read() =>
        Assert.IsType<JsonReading.Good>(JsonText.Read((byte[])[.. Encoding.UTF8.Preamble, .. "{}"u8]));

    [Fact]
    public void Twenty_faults_are_enough()
    {
        string many = "{" + string.Join(',', Enumerable.Range(0, 55_000).Select(i => $"\"field{i}\":1")) + "}";
        var watch = Stopwatch.StartNew();
        Assert.Equal(20, Assert.IsType<CaseReading.Faulty>(CaseReader.Read(Encoding.UTF8.GetBytes(many))).Faults.Count);
        string codes =
            "{\"format\":\"nerezza.case\",\"version\":1,\"client\":{\"emphasis\":["
            + string.Join(',', Enumerable.Repeat("\"x\"", 23))
            + "]}}";
        Assert.Equal(20, Assert.IsType<CaseReading.Faulty>(CaseReader.Read(Encoding.UTF8.GetBytes(codes))).Faults.Count);
        Assert.True(watch.Elapsed < Endless, $"It took {watch.Elapsed}.");
    }

    [Fact]
    public void A_date_is_held_to_a_life_and_two_years()
    {
        DateOnly today = new(2026, 11, 27);
        using JsonDocument document = JsonDocument.Parse("{\"screen\":{},\"faults\":[]}");
        Assert.Empty(ShapeValidator.Validate(document.RootElement, ShapeOf.Document<SaveScreen>(), [], DaySpan.Around(today)));
        Assert.Null(DaySpan.Around(today).Fault(new DateOnly(2028, 11, 27)));
        Assert.Equal("2028-11-28 is not between 1906-11-27 and 2028-11-27", DaySpan.Around(today).Fault(new DateOnly(2028, 11, 28)));
        Assert.NotNull(DaySpan.Around(today).Fault(new DateOnly(1906, 11, 26)));
    }

    private async Task<string> Refused(string path, HttpContent content)
    {
        HttpResponseMessage answer = await (await site.AsHarbour()).SendContent(HttpMethod.Post, path, content);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        return JsonDocument
            .Parse(await answer.Content.ReadAsStringAsync())
            .RootElement.GetProperty("errors")
            .GetProperty("body")[0]
            .GetString()!;
    }
}
