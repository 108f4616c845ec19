using System.Net.Http.Headers;
using System.Net.Http.Json;
using System.Text.Json;
using Nerezza.Formats;

namespace Nerezza.Cli.Server;

/// <summary>What came of asking a server.</summary>
internal abstract record Answer
{
    private Answer() { }

    /// <summary>It did what was asked; the caller disposes of what it said.</summary>
    public sealed record Good(HttpResponseMessage Message) : Answer;

    /// <summary>It did not, in words.</summary>
    public sealed record Bad(string Why) : Answer;
}

/// <summary>A running Nerezza, asked with a token (NEREZZA_SERVER, NEREZZA_TOKEN; docs/formats/scripts.md).</summary>
internal sealed class ServerCalls : IDisposable
{
    public const string DefaultAddress = "http://127.0.0.1:8080";
    private readonly HttpClient _http;

    /// <param name="address">Of the server.</param>
    public ServerCalls(Uri address, string token)
    {
        // A log of years takes its time.
        _http = new HttpClient { BaseAddress = address, Timeout = TimeSpan.FromMinutes(10) };
        _http.DefaultRequestHeaders.Authorization = new AuthenticationHeaderValue("Bearer", token);
    }

    public Task<Answer> Get(string path) => Send(new HttpRequestMessage(HttpMethod.Get, path));

    public Task<Answer> Post(string path, object body) =>
        Send(new HttpRequestMessage(HttpMethod.Post, path) { Content = JsonContent.Create(body, options: Json.Options) });

    private async Task<Answer> Send(HttpRequestMessage request)
    {
        try
        {
            HttpResponseMessage message = await _http.SendAsync(request, HttpCompletionOption.ResponseHeadersRead);
            if (message.IsSuccessStatusCode)
                return new Answer.Good(message);
            using (message)
                return new Answer.Bad(await Why(message));
        }
        catch (HttpRequestException fault)
        {
            return new Answer.Bad($"{_http.BaseAddress} does not answer: {fault.Message}");
        }
        catch (TaskCanceledException)
        {
            return new Answer.Bad($"{_http.BaseAddress} did not answer in time");
        }
    }

    private static async Task<string> Why(HttpResponseMessage message)
    {
        if (message.StatusCode is System.Net.HttpStatusCode.Unauthorized)
            return "the token is none, or has ended; make one under Account and set NEREZZA_TOKEN to it";
        try
        {
            JsonElement problem = await message.Content.ReadFromJsonAsync<JsonElement>();
            IEnumerable<string> fields = problem.TryGetProperty("errors", out JsonElement errors)
                ? errors.EnumerateObject().Select(field => $"{field.Name}: {field.Value[0].GetString()}")
                : [];
            return string.Join(
                " ",
                new[] { Text(problem, "title"), Text(problem, "detail") }.Concat(fields).Where(part => part.Length > 0)
            );
        }
        catch (JsonException)
        {
            return $"the server answered {(int)message.StatusCode}";
        }
    }

    private static string Text(JsonElement problem, string name) =>
        problem.TryGetProperty(name, out JsonElement text) ? text.GetString() ?? "" : "";

    public void Dispose() => _http.Dispose();
}
