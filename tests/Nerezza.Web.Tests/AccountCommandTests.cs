using System.Net;
using System.Text.RegularExpressions;
using Microsoft.AspNetCore.Hosting;
using Microsoft.Extensions.DependencyInjection;
using Nerezza.Web.Accounts;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Tests;

/// <summary>Accounts from the command line: what it prints, what it exits with, and that what it does holds.</summary>
public sealed class AccountCommandTests : IDisposable
{
    private readonly Site _site = new(null, Migrated.NoPractice, builder => builder.UseSetting("NEREZZA_TRIES_A_MINUTE", "100000"));

    public void Dispose() => _site.Dispose();

    [Fact]
    public async Task An_account_is_made_by_a_link_listed_unlocked_and_removed_at_once()
    {
        Assert.Equal((1, "There is no practice of your own yet"), await Run("make", "pau@example.test", "Pau", "coach"));
        Caller owner = await Begin();
        (int code, string said) = await Whole("make", "pau@example.test", "Pau", "coach");
        Assert.Equal(0, code);
        Match link = Regex.Match(said, @"user=([^&\s]+)&token=(\S+)");
        await owner.Do(
            HttpMethod.Post,
            "/api/password/reset",
            new ResetPassword
            {
                User = link.Groups[1].Value,
                Token = Uri.UnescapeDataString(link.Groups[2].Value),
                Password = Site.Password,
            }
        );
        Caller pau = await _site.SignedIn("pau@example.test");
        Assert.Equal("Quay", (await pau.Get<Me>("/api/session")).Practice!.Practice);
        Assert.Equal(1, (await Run("make", "pau@example.test", "Pau", "coach")).Code);
        (_, string list) = await Whole("list");
        Assert.Contains("pau@example.test\tQuay (coach)", list, StringComparison.Ordinal);
        await _site.Sql("UPDATE \"AspNetUsers\" SET lockout_end = now() + interval '1 hour'");
        Assert.Equal((0, "pau@example.test can try again."), await Run("unlock", "pau@example.test"));
        Assert.Equal(1, await _site.Number("SELECT count(*)::int AS \"Value\" FROM \"AspNetUsers\" WHERE lockout_end IS NOT NULL"));
        Assert.Equal(1, (await Run("remove", "ana@example.test")).Code);
        Assert.Equal(0, (await Run("remove", "pau@example.test")).Code);
        Assert.Equal(HttpStatusCode.Unauthorized, (await pau.Send(HttpMethod.Get, "/api/account")).StatusCode);
    }

    [Theory]
    [InlineData(2, "account wants: ")]
    [InlineData(2, "account wants: ", "make", "pau@example.test")]
    [InlineData(2, "account wants: ", "make", "pau@example.test", "Pau", "lifter")]
    [InlineData(1, "There is no account", "reset", "nobody@example.test")]
    [InlineData(0, "The demo is open again.", "demo", "back")]
    public async Task What_is_not_understood_or_not_there_is_said(int code, string begins, params string[] asked)
    {
        (int exit, string said) = await Whole(asked);
        Assert.Equal(code, exit);
        Assert.StartsWith(begins, said, StringComparison.Ordinal);
    }

    private async Task<Caller> Begin()
    {
        Caller owner = _site.AsNobody();
        await owner.RefreshToken();
        await owner.Do(
            HttpMethod.Post,
            "/api/practices",
            new BeginPractice
            {
                Code = Site.SetupCode,
                Practice = "Quay",
                Name = "Ana",
                Email = "ana@example.test",
                Password = Site.Password,
                PutDemoAside = false,
            }
        );
        await owner.RefreshToken();
        return owner;
    }

    /// <summary>The exit code, and the first words: up to a colon, a comma or the end of the line.</summary>
    private async Task<(int Code, string Said)> Run(params string[] asked)
    {
        (int code, string said) = await Whole(asked);
        return (code, said.Split('\n')[0].Split(',', ':')[0].Trim());
    }

    private async Task<(int Code, string Said)> Whole(params string[] asked)
    {
        await using AsyncServiceScope scope = _site.Services.CreateAsyncScope();
        await using var say = new StringWriter();
        var command = ActivatorUtilities.CreateInstance<AccountCommand>(scope.ServiceProvider, say);
        return (await command.Run(asked, CancellationToken.None), say.ToString());
    }
}
