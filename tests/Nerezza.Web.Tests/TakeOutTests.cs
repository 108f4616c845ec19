using System.Net;
using Nerezza.Core.Clients;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Plans;
using Nerezza.Tables.Logs;
using Nerezza.Tables.Sheets;
using Nerezza.Web.Contracts;
using Nerezza.Web.Tests.Tables;

namespace Nerezza.Web.Tests;

/// <summary>Files that leave over the API.</summary>
public sealed class TakeOutTests(Site site) : IClassFixture<Site>
{
    [Fact]
    public async Task The_log_leaves_as_csv_and_as_workbook_with_every_set_that_counts()
    {
        Caller coach = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(coach);
        Contracts.LogSet first = Samples.Set("leg-press", kg: 120, reps: 8, rpe: 7.5);
        await coach.Do(HttpMethod.Post, $"/api/clients/{id}/sets", first);
        await coach.Do(HttpMethod.Post, $"/api/clients/{id}/sets", Samples.Set("leg-press", kg: 125, reps: 8, rpe: 8, place: 1));
        await coach.Do(HttpMethod.Post, $"/api/clients/{id}/sets/{first.Id}/withdrawal", new { id = Guid.CreateVersion7() });
        foreach (string kind in new[] { "csv", "xlsx" })
        {
            LogReading read = LogTableTests.Read(await File(coach, $"/api/clients/{id}/log.{kind}"));
            LogLine line = Assert.Single(read.Lines);
            Assert.Equal(("leg-press", 125, 8, 8), (line.Set.Exercise, line.Set.Kg, line.Set.Reps, line.Set.Rpe));
        }
    }

    [Fact]
    public async Task A_block_leaves_as_a_workbook_and_its_sessions_as_a_calendar_unless_training_is_stopped()
    {
        Caller coach = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(coach);
        PlanDocument plan = (await Samples.BlockOn(coach, id)).Plan;
        IReadOnlyList<Sheet> sheets = Assert
            .IsType<ReadFile.Sheets>(SheetReader.Read(await File(coach, $"/api/clients/{id}/block.xlsx?on={Samples.Start:yyyy-MM-dd}")))
            .All;
        Assert.Equal(plan.Block!.Weeks.Count + 1, sheets.Count);
        string calendar = System.Text.Encoding.UTF8.GetString(await File(coach, $"/api/clients/{id}/calendar.ics"));
        Assert.Equal(plan.Block.Weeks.Sum(week => week.Sessions.Count), calendar.Split("BEGIN:VEVENT").Length - 1);

        ClientSection facts = Samples.Deckhand.Client;
        CaseDocument ill = Samples.Deckhand with { Client = facts with { Health = new HealthSection { Flags = [HealthFlag.Fever] } } };
        Guid stopped = await Samples.Client(coach, ill);
        Assert.Equal(HttpStatusCode.Locked, (await coach.Send(HttpMethod.Get, $"/api/clients/{stopped}/calendar.ics")).StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, (await coach.Send(HttpMethod.Get, $"/api/clients/{stopped}/block.xlsx")).StatusCode);
    }

    private static async Task<byte[]> File(Caller coach, string path)
    {
        HttpResponseMessage answer = await coach.Send(HttpMethod.Get, path);
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        Assert.NotNull(answer.Content.Headers.ContentDisposition!.FileName);
        return await answer.Content.ReadAsByteArrayAsync();
    }
}
