using System.Net.Http.Json;
using System.Text.Json;
using Nerezza.Formats;
using Nerezza.Tests.Shared;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Tests;

/// <summary>No acknowledged set is ever lost, whatever is killed.</summary>
public sealed class CrashTests
{
    [Fact]
    public async Task Killing_the_server_right_after_a_set_is_acknowledged_loses_nothing()
    {
        using TestDatabase database = DemoDatabase.Copy();
        List<string> acknowledged = [];
        Guid client = Guid.Empty;
        for (int round = 0; round < 3; round++)
        {
            using ServerProcess server = ServerProcess.Start(database.Connection);
            using HttpClient http = await Demo.SignedIn(server.Address);
            client = (await http.GetFromJsonAsync<List<ClientLine>>("/api/clients?today=2026-11-30", Json.Options))![0].Id;
            LogSet set = Samples.Set(rpe: 8, place: round, date: Samples.Start.AddDays(35));
            HttpResponseMessage answer = await http.PostAsync(
                $"/api/clients/{client}/sets",
                JsonContent.Create(set, options: Json.Options)
            );
            server.Kill();
            Assert.Equal(System.Net.HttpStatusCode.Created, answer.StatusCode);
            acknowledged.Add(set.Id);
        }
        using ServerProcess again = ServerProcess.Start(database.Connection);
        using HttpClient reader = await Demo.SignedIn(again.Address);
        JsonElement view = await reader.GetFromJsonAsync<JsonElement>($"/api/clients/{client}/block");
        HashSet<string> found = [.. view.GetProperty("done").EnumerateArray().Select(set => set.GetProperty("id").GetString()!)];
        Assert.Subset(found, acknowledged.ToHashSet());
    }
}
