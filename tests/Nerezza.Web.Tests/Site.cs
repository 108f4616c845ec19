using System.Net.Http.Json;
using System.Text;
using System.Text.Json;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using Nerezza.Data;
using Nerezza.Formats;
using Nerezza.Tests.Shared;
using Nerezza.Web.Contracts;
using Nerezza.Web.Demo;

namespace Nerezza.Web.Tests;

/// <summary>The whole host on a real PostgreSQL with a database of its own, and two practices.</summary>
public sealed class Site : WebApplicationFactory<Program>
{
    public static readonly Guid Harbour = new("0190a000-0000-7000-8000-00000000000a"), Hill = new("0190a000-0000-7000-8000-00000000000b");
    private const string Password = "a-long-enough-one";
    private readonly TestDatabase _database = new();
    private Task<Caller>? _harbour, _hill;

    public Site()
    {
        using (IServiceScope scope = Services.CreateScope()) scope.ServiceProvider.GetRequiredService<NerezzaContext>().Database.Migrate();
        Practice(Harbour, "harbour@example.test");
        Practice(Hill, "hill@example.test");
    }

    public string Connection => _database.Connection;

    /// <summary>The server's day.</summary>
    public static DateOnly Today => DateOnly.FromDateTime(DateTime.UtcNow);

    /// <summary>A client signed in for the harbour practice; signed in once, since sign-ins are limited.</summary>
    public Task<Caller> AsHarbour() => _harbour ??= SignedIn("harbour@example.test");

    /// <summary>A client signed in for the other practice.</summary>
    public Task<Caller> AsHill() => _hill ??= SignedIn("hill@example.test");

    public Caller AsNobody() => new(CreateClient());

    protected override void ConfigureWebHost(IWebHostBuilder builder) =>
        builder.UseSetting("NEREZZA_DB", _database.Connection).UseSetting("Serilog:MinimumLevel:Default", "Fatal");

    protected override void Dispose(bool disposing)
    {
        base.Dispose(disposing);
        if (disposing) _database.Dispose();
    }

    private void Practice(Guid id, string email)
    {
        using IServiceScope scope = Services.CreateScope();
        DemoData.AddPractice(scope.ServiceProvider, id, email, email, Password).GetAwaiter().GetResult();
    }

    private async Task<Caller> SignedIn(string email)
    {
        var caller = new Caller(CreateClient());
        await caller.RefreshToken();
        HttpResponseMessage answer = await caller.Send(HttpMethod.Post, "/api/session", new SignIn { Email = email, Password = Password });
        Assert.True(answer.IsSuccessStatusCode, await answer.Content.ReadAsStringAsync());
        await caller.RefreshToken();
        return caller;
    }
}

/// <summary>One browser's worth of cookies and token.</summary>
public sealed class Caller(HttpClient http)
{
    private string? _token;

    public async Task RefreshToken() => _token = (await http.GetFromJsonAsync<Me>("/api/session", Json.Options))!.Token;

    public Task<HttpResponseMessage> Send(HttpMethod method, string path, object? body = null) =>
        SendText(method, path, body is null ? null : JsonSerializer.Serialize(body, Json.Options));

    public Task<HttpResponseMessage> SendText(HttpMethod method, string path, string? body)
    {
        var request = new HttpRequestMessage(method, path);
        if (_token is not null) request.Headers.Add("X-Nerezza-Token", _token);
        if (body is not null) request.Content = new StringContent(body, Encoding.UTF8, "application/json");
        return http.SendAsync(request);
    }

    public void ForgetToken() => _token = null;

    public async Task<T> Get<T>(string path)
    {
        HttpResponseMessage answer = await http.GetAsync(path);
        string text = await answer.Content.ReadAsStringAsync();
        Assert.True(answer.IsSuccessStatusCode, $"{(int)answer.StatusCode} {text}");
        return JsonSerializer.Deserialize<T>(text, Json.Options)!;
    }

    /// <summary>Sends a change that must go well, for its answer.</summary>
    public async Task<T> Ask<T>(HttpMethod method, string path, object body) => JsonSerializer.Deserialize<T>(await Do(method, path, body), Json.Options)!;

    /// <summary>Sends a change that must go well.</summary>
    public async Task<string> Do(HttpMethod method, string path, object? body = null)
    {
        HttpResponseMessage answer = await Send(method, path, body);
        string text = await answer.Content.ReadAsStringAsync();
        Assert.True(answer.IsSuccessStatusCode, $"{method} {path}: {(int)answer.StatusCode} {text}");
        return text;
    }
}
