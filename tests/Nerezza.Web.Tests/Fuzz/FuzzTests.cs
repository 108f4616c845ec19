using System.Diagnostics;
using System.Globalization;
using System.Net;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using Nerezza.Formats;
using Nerezza.Tests.Shared;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Tests.Fuzz;

/// <summary>Every endpoint of the description, sent what fits, what nearly fits and what does not: it answers, in time, and says nothing of
/// its inside.</summary>
/// <remarks>Seeded and bounded; `./nerezza fuzz [SECONDS] [SEED]` goes on longer. A new endpoint is in it on the day it is
/// described.</remarks>
public sealed class FuzzTests
{
    private const int RequestsAnEndpoint = 25;
    private const int MostSeconds = 120;
    private static readonly int Seconds = Setting("NEREZZA_FUZZ_SECONDS") ?? 0;

    /// <summary>Among the tests only a request that hangs is wrong, since the machine may be busy with anything; by hand on an idle one,
    /// what takes two seconds is.</summary>
    private static readonly TimeSpan MostWait = TimeSpan.FromSeconds(Seconds > 0 ? 2 : 30);
    private readonly Dice _dice = new(Setting("NEREZZA_FUZZ_SEED") ?? 20261127);
    private readonly JsonNode _description = JsonNode.Parse(
        File.ReadAllText(Path.Combine(ServerProcess.Root, "web/src/api/nerezza.json"))
    )!;
    private readonly List<string> _wrong = [];

    [Fact]
    public async Task No_endpoint_falls_over_stalls_or_shows_its_inside()
    {
        using TestDatabase database = DemoDatabase.Copy();
        using ServerProcess server = ServerProcess.Start(database.Connection);
        using HttpClient http = await Demo.SignedIn(server.Address);
        List<(string Method, string Path, JsonNode Operation)> endpoints = [.. Endpoints()];
        Assert.True(endpoints.Count >= 45, "The description holds too few endpoints to be true.");
        Guid[] clients = [];
        var watch = Stopwatch.StartNew();
        for (
            int round = 0;
            Seconds > 0 ? watch.Elapsed.TotalSeconds < Seconds : round < RequestsAnEndpoint && watch.Elapsed.TotalSeconds < MostSeconds;
            round++
        )
        {
            if (round % 5 == 0)
                clients = await Fresh(http);
            foreach ((string method, string path, JsonNode operation) in endpoints)
                await Try(http, method, path, operation, _dice.Of(clients));
            Assert.True((await http.GetAsync("/health/alive")).IsSuccessStatusCode);
        }
        Assert.True(_wrong.Count == 0, string.Join("\n\n", _wrong.Take(8)));
    }

    private static int? Setting(string name) =>
        int.TryParse(Environment.GetEnvironmentVariable(name), CultureInfo.InvariantCulture, out int value) ? value : null;

    /// <summary>Every operation but the sign-in's own: signing out would end the walk, and wrong sign-ins are slowed down.</summary>
    private IEnumerable<(string, string, JsonNode)> Endpoints() =>
        _description["paths"]!
            .AsObject()
            .SelectMany(path => path.Value!.AsObject().Select(operation => (operation.Key.ToUpperInvariant(), path.Key, operation.Value!)))
            .Where(row => row.Key != "/api/session" || row.Item1 == "GET");

    /// <summary>Two clients with a block, whatever became of those before.</summary>
    private static async Task<Guid[]> Fresh(HttpClient http)
    {
        List<Guid> made = [];
        for (int i = 0; i < 2; i++)
        {
            HttpResponseMessage answer = await http.PostAsync(
                "/api/clients/import",
                JsonContent.Create(Samples.Deckhand, options: Json.Options)
            );
            Guid id = (await answer.Content.ReadFromJsonAsync<NewId>(Json.Options))!.Id;
            await http.PostAsync($"/api/clients/{id}/plans", JsonContent.Create(Samples.Block, options: Json.Options));
            made.Add(id);
        }
        return [.. made];
    }

    private async Task Try(HttpClient http, string method, string path, JsonNode operation, Guid client)
    {
        string address = Address(path, operation, client),
            body = operation["requestBody"] is null ? "" : await Body(http, method, path, operation, client);
        (HttpStatusCode status, string text, TimeSpan took) = await Send(http, method, address, body);
        // A machine may pause; an answer that is slow by itself is slow again.
        if (took > MostWait)
            took = (await Send(http, method, address, body)).Took;
        string? wrong =
            (int)status >= 500 ? $"answered {(int)status}"
            : took > MostWait ? $"took {took.TotalSeconds:0.0} s twice"
            : ShowsItsInside(text) ? "shows its inside"
            : null;
        if (wrong is not null)
            _wrong.Add($"{method} {address} {wrong}\n  sent: {Short(body)}\n  got: {Short(text)}");
    }

    private static bool ShowsItsInside(string text) =>
        text.Contains("   at ", StringComparison.Ordinal)
        || text.Contains("Exception", StringComparison.Ordinal)
        || text.Contains("Npgsql", StringComparison.Ordinal);

    private static string Short(string text) => text.Length > 600 ? text[..600] + "..." : text;

    private static async Task<(HttpStatusCode Status, string Text, TimeSpan Took)> Send(
        HttpClient http,
        string method,
        string address,
        string body
    )
    {
        using var request = new HttpRequestMessage(new HttpMethod(method), address);
        if (body.Length > 0)
            request.Content = new StringContent(body, Encoding.UTF8, "application/json");
        var watch = Stopwatch.StartNew();
        HttpResponseMessage answer = await http.SendAsync(request);
        return (answer.StatusCode, await answer.Content.ReadAsStringAsync(), watch.Elapsed);
    }

    private string Address(string path, JsonNode operation, Guid client)
    {
        List<string> query = [];
        foreach (JsonNode? parameter in operation["parameters"] as JsonArray ?? [])
        {
            string name = (string)parameter!["name"]!,
                value = Parameter(name, parameter["schema"]!, client);
            if ((string)parameter["in"]! == "path")
                path = path.Replace($"{{{name}}}", Uri.EscapeDataString(value), StringComparison.Ordinal);
            else if (!_dice.OneIn(8))
                query.Add($"{name}={Uri.EscapeDataString(value)}");
        }
        return path + (query.Count > 0 ? "?" + string.Join('&', query) : "");
    }

    private string Parameter(string name, JsonNode schema, Guid client)
    {
        if (_dice.OneIn(12))
            return _dice.Word();
        return name switch
        {
            "id" => client.ToString(),
            "code" => _dice.Of(["ankle-range", "quads-weak", "side-asymmetry"]),
            "cause" => _dice.Of(["capacity", "strength", "skill"]),
            "school" => "muscles",
            "exercise" => "cable-row",
            "scope" => "own",
            "format" => _dice.Of(["yaml", "json"]),
            "number" or "against" => $"{1 + _dice.Below(3)}",
            _ => _dice.Value(schema, _description)?.ToString() ?? "",
        };
    }

    private async Task<string> Body(HttpClient http, string method, string path, JsonNode operation, Guid client)
    {
        if (_dice.OneIn(6))
            return _dice.Hostile();
        JsonNode schemas = _description["components"]!["schemas"]!;
        JsonNode? made = _dice.OneIn(3) ? null : await Fitting(http, $"{method} {path}", client);
        made = made is null
            ? _dice.Value(operation["requestBody"]!["content"]!["application/json"]!["schema"]!, schemas)
            : _dice.Bent(made);
        return made?.ToJsonString() ?? "null";
    }

    /// <summary>What a page would send now; null where chance by the schema does as well.</summary>
    private async Task<JsonNode?> Fitting(HttpClient http, string endpoint, Guid client)
    {
        async Task<T?> Page<T>(string page)
            where T : class
        {
            HttpResponseMessage answer = await http.GetAsync(page);
            return answer.StatusCode is HttpStatusCode.OK
                ? JsonSerializer.Deserialize<T>(await answer.Content.ReadAsStringAsync(), Json.Options)
                : null;
        }
        string of = $"/api/clients/{client}";
        switch (endpoint.Split("/api/", 2)[1])
        {
            case "clients/import":
                return Dice.Node(Samples.Deckhand);
            case "clients":
                return Dice.Node(Samples.Deckhand.Client);
            case "clients/{id}/facts":
                return await Page<IntakeView>(of + "/intake") is { } facts
                    ? Dice.Node(
                        new SaveFacts
                        {
                            Facts = facts.Facts,
                            Schools = facts.Schools,
                            Version = facts.FactsVersion,
                        }
                    )
                    : null;
            case "clients/{id}/equipment":
                return await Page<IntakeView>(of + "/intake") is { } kit
                    ? Dice.Node(new SaveEquipment { Equipment = kit.Equipment, Version = kit.EquipmentVersion })
                    : null;
            case "clients/{id}/screens/{date}":
                return Dice.Node(Samples.Screen);
            case "clients/{id}/sets":
                return Dice.Node(Samples.Set(rpe: 8));
            case "clients/{id}/plans":
                return Dice.Node(Samples.Block);
            case "catalogue/own":
                return await Page<ExerciseFileView>("/api/catalogue/exercises/cable-row") is { } row
                    ? Dice.Node(
                        new
                        {
                            exercise = row.Exercise with
                            {
                                Id = $"own-{_dice.Below(30)}",
                                Name = "Own",
                                AnswersLike = "cable-row",
                                Ratio = null,
                            },
                        }
                    )
                    : null;
            case "catalogue/own/preview" or "catalogue/own/import":
                return Dice.Node(new { text = _dice.Text() });
            default:
                return null;
        }
    }
}
