using System.Collections.Concurrent;
using System.Globalization;
using System.Net;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Identity;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.AspNetCore.Mvc.Testing.Handlers;
using Microsoft.AspNetCore.TestHost;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Infrastructure;
using Microsoft.EntityFrameworkCore.Migrations;
using Microsoft.Extensions.DependencyInjection;
using Nerezza.Data;
using Nerezza.Data.Rows;
using Nerezza.Formats;
using Nerezza.Tests.Shared;
using Nerezza.Web.Contracts;
using Nerezza.Web.Demo;
using Nerezza.Web.Hosting;
using Serilog.Core;
using Serilog.Events;

namespace Nerezza.Web.Tests;

/// <summary>The whole host on a real PostgreSQL with a database of its own, and two practices.</summary>
public sealed class Site : WebApplicationFactory<Program>
{
    public static readonly Guid Harbour = new("0190a000-0000-7000-8000-00000000000a"),
        Hill = new("0190a000-0000-7000-8000-00000000000b");
    public const string Password = "a-long-enough-one";
    public const string SetupCode = "7QK4-M2XP-90TD";
    private readonly TestDatabase? _database;
    private readonly Action<IWebHostBuilder>? _settings;
    private Task<Caller>? _harbour,
        _hill;

    public Site()
        : this(null) { }

    /// <param name="connection">A database that is there; null makes one.</param>
    /// <param name="migrated">Whether it has its tables and practices.</param>
    internal Site(string? connection = null, Migrated migrated = Migrated.NotYet, Action<IWebHostBuilder>? settings = null)
    {
        _database = connection is null ? new TestDatabase() : null;
        Connection = connection ?? _database!.Connection;
        _settings = settings;
        if (migrated is Migrated.Already)
            return;
        using (IServiceScope scope = Services.CreateScope())
            scope.ServiceProvider.GetRequiredService<NerezzaContext>().Database.Migrate();
        if (migrated is Migrated.NoPractice)
            return;
        Practice(Harbour, "harbour@example.test");
        Practice(Hill, "hill@example.test");
    }

    public string Connection { get; }

    /// <summary>The server's day.</summary>
    public static DateOnly Today => DateOnly.FromDateTime(DateTime.UtcNow);

    /// <summary>A client signed in for the harbour practice; signed in once, since sign-ins are limited.</summary>
    public Task<Caller> AsHarbour() => _harbour ??= SignedIn("harbour@example.test");

    /// <summary>A client signed in for the other practice.</summary>
    public Task<Caller> AsHill() => _hill ??= SignedIn("hill@example.test");

    public Caller AsNobody()
    {
        var cookies = new CookieContainer();
        return new(CreateDefaultClient(new CookieContainerHandler(cookies)), cookies);
    }

    /// <summary>Somebody who has a copy of a caller's cookies as they are now.</summary>
    public HttpClient WithCookiesOf(Caller caller)
    {
        HttpClient http = CreateDefaultClient();
        http.DefaultRequestHeaders.Add("Cookie", caller.Cookies);
        return http;
    }

    /// <summary>A browser of its own, signed in for the harbour practice: its sign-in can be ended.</summary>
    public Task<Caller> AsHarbourAnew() => SignedIn("harbour@example.test");

    public static SignIn HarbourSignIn => new() { Email = "harbour@example.test", Password = Password };

    internal CountingHasher Hasher { get; } = new();

    /// <summary>What the server's log said, one line an event.</summary>
    internal LogLines Log { get; } = new();

    /// <summary>Makes every board that is behind.</summary>
    public Task CatchUp() => Services.GetRequiredService<BoardWorker>().CatchUp(CancellationToken.None);

    /// <summary>What a path shows of boards of its day once they are made.</summary>
    public async Task<T> Caught<T>(Caller caller, string path)
    {
        await caller.Get<T>(path);
        await CatchUp();
        return await caller.Get<T>(path);
    }

    /// <summary>Does something to the rows behind the server's back.</summary>
    internal async Task Sql(string sql)
    {
        using IServiceScope scope = Services.CreateScope();
        await scope.ServiceProvider.GetRequiredService<NerezzaContext>().Database.ExecuteSqlRawAsync(sql);
    }

    /// <summary>Brings the database to a version; to the newest where none is named.</summary>
    internal async Task Migrate(string? to)
    {
        using IServiceScope scope = Services.CreateScope();
        await scope.ServiceProvider.GetRequiredService<NerezzaContext>().GetService<IMigrator>().MigrateAsync(to);
    }

    /// <summary>A number that stands in the database: the query's one column is called "Value".</summary>
    internal async Task<int> Number(string sql)
    {
        using IServiceScope scope = Services.CreateScope();
        return await scope.ServiceProvider.GetRequiredService<NerezzaContext>().Database.SqlQueryRaw<int>(sql).SingleAsync();
    }

    protected override void ConfigureWebHost(IWebHostBuilder builder)
    {
        _settings?.Invoke(builder);
        builder
            .UseSetting("NEREZZA_DB", Connection)
            .UseSetting("NEREZZA_MAIL_BOX", "yes")
            .UseSetting("NEREZZA_SETUP_CODE", SetupCode)
            .UseSetting("Serilog:MinimumLevel:Default", "Fatal")
            .UseSetting("Serilog:MinimumLevel:Override:Nerezza", "Information")
            // The warm-up has a test of its own; here it would only take the time of the others.
            .UseSetting("NEREZZA_WARM_UP", "no")
            // Boards are made when a test asks for them, or by a server of its own.
            .UseSetting("NEREZZA_BOARDS", "no")
            .ConfigureTestServices(services =>
                services.AddSingleton<ILogEventSink>(Log).AddSingleton<IPasswordHasher<IdentityUser<Guid>>>(Hasher)
            );
    }

    protected override void Dispose(bool disposing)
    {
        base.Dispose(disposing);
        if (disposing)
            _database?.Dispose();
    }

    private void Practice(Guid id, string email)
    {
        using IServiceScope scope = Services.CreateScope();
        DemoData
            .AddPractice(scope.ServiceProvider, new PracticeRow { PracticeId = id, Name = email }, email, email, Password)
            .GetAwaiter()
            .GetResult();
    }

    /// <summary>Somebody signed in in a browser of their own.</summary>
    public async Task<Caller> SignedIn(string email)
    {
        Caller caller = AsNobody();
        await caller.RefreshToken();
        HttpResponseMessage answer = await caller.Send(HttpMethod.Post, "/api/session", new SignIn { Email = email, Password = Password });
        Assert.True(answer.IsSuccessStatusCode, await answer.Content.ReadAsStringAsync());
        await caller.RefreshToken();
        return caller;
    }
}

/// <summary>Whether a database has its tables and practices.</summary>
internal enum Migrated
{
    NotYet,
    Already,

    /// <summary>Tables alone: nobody is there.</summary>
    NoPractice,
}

/// <summary>Counts how often a password is checked, which is what a sign-in costs.</summary>
internal sealed class CountingHasher : PasswordHasher<IdentityUser<Guid>>
{
    private int _checks;

    public int Checks => _checks;

    public override PasswordVerificationResult VerifyHashedPassword(IdentityUser<Guid> user, string hashedPassword, string providedPassword)
    {
        Interlocked.Increment(ref _checks);
        return base.VerifyHashedPassword(user, hashedPassword, providedPassword);
    }
}

/// <summary>Keeps what is logged.</summary>
internal sealed class LogLines : ILogEventSink
{
    private readonly ConcurrentQueue<string> _lines = [];

    public IReadOnlyList<string> All => [.. _lines];

    public void Emit(LogEvent logEvent) => _lines.Enqueue(logEvent.RenderMessage(CultureInfo.InvariantCulture));
}

/// <summary>One browser's worth of cookies and token.</summary>
public sealed class Caller(HttpClient http, CookieContainer cookies)
{
    private string? _token;

    public async Task RefreshToken() => _token = (await http.GetFromJsonAsync<Me>("/api/session", Json.Options))!.Token;

    public Task<HttpResponseMessage> Send(HttpMethod method, string path, object? body = null) =>
        SendText(method, path, body is null ? null : JsonSerializer.Serialize(body, Json.Options));

    public Task<HttpResponseMessage> SendText(HttpMethod method, string path, string? body) =>
        SendContent(method, path, body is null ? null : new StringContent(body, Encoding.UTF8, "application/json"));

    public Task<HttpResponseMessage> SendContent(HttpMethod method, string path, HttpContent? content)
    {
        var request = new HttpRequestMessage(method, path) { Content = content };
        if (_token is not null)
            request.Headers.Add("X-Nerezza-Token", _token);
        return http.SendAsync(request);
    }

    /// <summary>What this browser would send along.</summary>
    public string Cookies => cookies.GetCookieHeader(http.BaseAddress!);

    public void ForgetToken() => _token = null;

    public async Task<T> Get<T>(string path)
    {
        HttpResponseMessage answer = await http.GetAsync(path);
        string text = await answer.Content.ReadAsStringAsync();
        Assert.True(answer.IsSuccessStatusCode, $"{(int)answer.StatusCode} {text}");
        return JsonSerializer.Deserialize<T>(text, Json.Options)!;
    }

    /// <summary>Sends a change that must go well, for its answer.</summary>
    public async Task<T> Ask<T>(HttpMethod method, string path, object body) =>
        JsonSerializer.Deserialize<T>(await Do(method, path, body), Json.Options)!;

    /// <summary>Sends a change that must go well.</summary>
    public async Task<string> Do(HttpMethod method, string path, object? body = null)
    {
        HttpResponseMessage answer = await Send(method, path, body);
        string text = await answer.Content.ReadAsStringAsync();
        Assert.True(answer.IsSuccessStatusCode, $"{method} {path}: {(int)answer.StatusCode} {text}");
        return text;
    }
}
