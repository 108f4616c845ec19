using System.Net.Http.Json;
using Nerezza.Formats;
using Nerezza.Web.Contracts;
using Nerezza.Web.Demo;

namespace Nerezza.Web.Tests;

/// <summary>The demo practice on a server process.</summary>
internal static class Demo
{
    /// <summary>A browser's worth of cookies and token, signed in.</summary>
    public static async Task<HttpClient> SignedIn(Uri address)
    {
        var http = new HttpClient(new HttpClientHandler { UseCookies = true }) { BaseAddress = address };
        await Token(http);
        HttpResponseMessage answer = await http.PostAsJsonAsync(
            "/api/session",
            new SignIn { Email = DemoData.Email, Password = DemoData.Password },
            Json.Options
        );
        answer.EnsureSuccessStatusCode();
        await Token(http);
        return http;
    }

    private static async Task Token(HttpClient http)
    {
        Me me = (await http.GetFromJsonAsync<Me>("/api/session", Json.Options))!;
        http.DefaultRequestHeaders.Remove("X-Nerezza-Token");
        http.DefaultRequestHeaders.Add("X-Nerezza-Token", me.Token);
    }
}
