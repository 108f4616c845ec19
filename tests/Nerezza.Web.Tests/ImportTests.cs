using System.Net;
using System.Text;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using Nerezza.Data;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Cases;
using Nerezza.Tables.Logs;
using Nerezza.Web.Contracts;
using Nerezza.Web.Planning;
using LogSet = Nerezza.Web.Contracts.LogSet;

namespace Nerezza.Web.Tests;

/// <summary>A log that comes in as a file: shown first, kept as one, taken back as one.</summary>
public sealed class ImportTests(Site site) : IClassFixture<Site>
{
    private const string Spreadsheet = """
        My training 2026;;;
        Datum;Übung;Sätze;Notiz
        5.10.2026;Kniebeuge;3x5x100;
        ;Leg press;10,10,8@180 @8;=good
        7.10.2026;Kniebeuge;20x10;
        7.10.2026;Beinpresse tief;3x8x120;
        """;

    [Fact]
    public async Task A_file_is_understood_asked_about_kept_and_taken_back_as_one()
    {
        Caller coach = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(coach);
        KeepLog file = File(Spreadsheet);
        LogReadingView read = await Read(coach, id, file);
        Assert.Equal(
            [(LogColumn.Date, "Datum"), (LogColumn.Exercise, "Übung"), (LogColumn.Sets, "Sätze"), (LogColumn.Note, "Notiz")],
            read.Columns.Select(column => (column.Says!.Value, column.Heading))
        );
        Assert.Equal(["Kniebeuge", "Beinpresse tief"], read.Unknown.Select(name => name.Name));
        file = file with
        {
            Names =
            [
                new NameMeans { Name = "Kniebeuge", Exercise = "back-squat-high-bar" },
                new NameMeans { Name = "Beinpresse tief", Exercise = "leg-press" },
            ],
        };
        read = await Read(coach, id, file);
        Assert.Equal((9, 0, 1), (read.Sets, read.AlreadyThere, read.RefusedRows));
        Assert.StartsWith("C5: 20x10", read.Refused[0].Why, StringComparison.Ordinal);
        Assert.Equal(
            ["3 x 5 at 100 kg", "2 x 10 at 180 kg, RPE 8; 8 at 180 kg, RPE 8", "3 x 8 at 120 kg"],
            read.Shown.Select(row => row.Sets)
        );
        // Not while a row cannot be read, unless it is said that it is left out.
        HttpResponseMessage refused = await coach.Send(HttpMethod.Post, $"/api/clients/{id}/imports", file);
        Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
        Assert.Empty(await Log(coach, id));
        double? before = (await Maxes(coach, id)).GetValueOrDefault("leg-press");
        file = file with { LeaveOut = true };
        Assert.EndsWith("""{"done":9,"of":9,"kept":true}""", (await Keep(coach, id, file)).Trim(), StringComparison.Ordinal);
        Assert.Equal(
            ["2026-10-05 back-squat-high-bar 3", "2026-10-05 leg-press 3", "2026-10-07 leg-press 3"],
            (await Log(coach, id)).SelectMany(day =>
                day.Sets.GroupBy(set => set.Exercise).Select(sets => $"{day.Date:yyyy-MM-dd} {sets.Key} {sets.Count()}")
            )
        );
        Assert.NotEqual(before, (await Maxes(coach, id)).GetValueOrDefault("leg-press"));
        // Sent twice it is kept once; read again nothing is new, and the names are known by now.
        await Keep(coach, id, file);
        read = await Read(coach, id, File(Spreadsheet));
        Assert.Equal((0, 9, 0), (read.Sets, read.AlreadyThere, read.Unknown.Count));
        ImportLine kept = Assert.Single(await coach.Get<List<ImportLine>>($"/api/clients/{id}/imports"));
        Assert.Equal((9, new DateOnly(2026, 10, 5), new DateOnly(2026, 10, 7)), (kept.Sets, kept.FirstDay, kept.LastDay));

        await coach.Do(HttpMethod.Post, $"/api/clients/{id}/imports/{kept.Id}/undo");
        Assert.Empty(await Log(coach, id));
        Assert.Equal(before, (await Maxes(coach, id)).GetValueOrDefault("leg-press"));
        Assert.NotNull(Assert.Single(await coach.Get<List<ImportLine>>($"/api/clients/{id}/imports")).TakenBackAt);
    }

    [Fact]
    public async Task What_corrected_a_set_of_a_file_goes_with_it_and_what_was_logged_stays()
    {
        Caller coach = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(coach);
        KeepLog file = File("Date,Exercise,kg,Reps\n2026-11-20,leg-press,100,8\n2026-11-20,leg-press,110,8\n");
        await Keep(coach, id, file);
        Guid first = (await Rows(id)).OrderBy(row => row.LoadKg).First().Id;
        var day = new DateOnly(2026, 11, 20);
        LogSet right = Samples.Set("leg-press", kg: 105, reps: 8, date: day) with { Supersedes = first.ToString() };
        await coach.Do(HttpMethod.Post, $"/api/clients/{id}/sets", right);
        await coach.Do(HttpMethod.Post, $"/api/clients/{id}/sets", Samples.Set("leg-press", kg: 120, reps: 6, place: 5, date: day));
        await coach.Do(HttpMethod.Post, $"/api/clients/{id}/imports/{file.Id}/undo");
        Assert.Equal(120, Assert.Single(await Rows(id)).LoadKg);
    }

    [Fact]
    public async Task A_file_that_is_cancelled_on_the_way_leaves_nothing()
    {
        Caller coach = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(coach);
        var import = new ImportRow
        {
            PracticeId = Site.Harbour,
            Id = Guid.CreateVersion7(),
            ClientId = id,
            Name = "cancelled.csv",
            Sets = 5000,
            By = "",
            KeptAt = DateTimeOffset.UtcNow,
        };
        LogLine line = new(
            new DateOnly(2026, 1, 5),
            new LogSetSection
            {
                Exercise = "leg-press",
                Kg = 100,
                Reps = 8,
            },
            null
        );
        IReadOnlyList<LoggedSetRow> rows = LogImport.Rows([.. Enumerable.Repeat(line, 5000)], import);
        using var stop = new CancellationTokenSource();
        using (IServiceScope scope = Harbour())
            await Assert.ThrowsAnyAsync<OperationCanceledException>(() =>
                scope
                    .ServiceProvider.GetRequiredService<ImportStore>()
                    .Keep(
                        import,
                        rows,
                        new Dictionary<string, string> { ["presse"] = "leg-press" },
                        done => done < 3000 ? Task.CompletedTask : stop.CancelAsync(),
                        stop.Token
                    )
            );
        Assert.Empty(await Rows(id));
        Assert.Empty(await coach.Get<List<ImportLine>>($"/api/clients/{id}/imports"));
        Assert.Contains(
            (await Read(coach, id, File("Date,Exercise,kg,Reps\n2026-11-20,Presse,100,8\n"))).Unknown,
            name => name.Name == "Presse"
        );
    }

    [Theory]
    [InlineData("bm90IGEgdGFibGU=x", "content")]
    [InlineData("", "content")]
    public async Task What_is_no_table_is_refused_by_its_field(string content, string field)
    {
        Caller coach = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(coach);
        HttpResponseMessage answer = await coach.Send(
            HttpMethod.Post,
            $"/api/clients/{id}/imports/preview",
            new ReadLog { Name = "log.csv", Content = content }
        );
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains($"\"{field}\"", await answer.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    internal static KeepLog File(string text) =>
        new()
        {
            Id = Guid.CreateVersion7().ToString(),
            Name = "log.csv",
            Content = Convert.ToBase64String(Encoding.UTF8.GetBytes(text)),
        };

    private static async Task<LogReadingView> Read(Caller coach, Guid id, KeepLog file) =>
        System.Text.Json.JsonSerializer.Deserialize<LogReadingView>(
            await coach.Do(
                HttpMethod.Post,
                $"/api/clients/{id}/imports/preview",
                new ReadLog
                {
                    Name = file.Name,
                    Content = file.Content,
                    Names = file.Names,
                }
            ),
            Formats.Json.Options
        )!;

    private static Task<string> Keep(Caller coach, Guid id, KeepLog file) => coach.Do(HttpMethod.Post, $"/api/clients/{id}/imports", file);

    private static async Task<IReadOnlyList<LogSection>> Log(Caller coach, Guid id) =>
        (await coach.Get<CaseDocument>($"/api/clients/{id}/case")).Log ?? [];

    private static async Task<Dictionary<string, double>> Maxes(Caller coach, Guid id) =>
        (await Samples.BlockOn(coach, id)).Plan.Maxes.Where(max => max.Side is null).ToDictionary(max => max.Exercise, max => max.Kg);

    private async Task<List<LoggedSetRow>> Rows(Guid client)
    {
        using IServiceScope scope = Harbour();
        return await scope
            .ServiceProvider.GetRequiredService<NerezzaContext>()
            .LoggedSets.AsNoTracking()
            .Where(row => row.ClientId == client)
            .ToListAsync();
    }

    private IServiceScope Harbour()
    {
        IServiceScope scope = site.Services.CreateScope();
        scope.ServiceProvider.GetRequiredService<AccessScope>().Enter(Site.Harbour);
        return scope;
    }
}
