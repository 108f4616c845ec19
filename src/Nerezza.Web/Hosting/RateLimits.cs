using System.Threading.RateLimiting;
using Microsoft.AspNetCore.RateLimiting;

namespace Nerezza.Web.Hosting;

/// <summary>Limits on guessing: passwords, codes, links.</summary>
internal static class RateLimits
{
    public const string SignIn = "sign-in";

    /// <summary>Addresses of calendars: programs fetch them a few times a day, and many stand behind one address.</summary>
    public const string Feed = "feed";
    private const int TriesAMinute = 20,
        FeedsAMinute = 120;

    /// <summary>By address; a gym whose phones share one can raise it (NEREZZA_TRIES_A_MINUTE, docs/deploy.md).</summary>
    public static void AddRateLimits(this WebApplicationBuilder builder)
    {
        int tries = int.TryParse(builder.Configuration["NEREZZA_TRIES_A_MINUTE"], out int set) ? set : TriesAMinute;
        builder.Services.AddRateLimiter(options =>
        {
            options.RejectionStatusCode = StatusCodes.Status429TooManyRequests;
            options.AddPolicy(SignIn, http => ByAddress(http, tries));
            options.AddPolicy(Feed, http => ByAddress(http, FeedsAMinute));
        });
    }

    private static RateLimitPartition<string> ByAddress(HttpContext http, int tries) =>
        RateLimitPartition.GetFixedWindowLimiter(
            http.Connection.RemoteIpAddress?.ToString() ?? "",
            _ => new FixedWindowRateLimiterOptions { PermitLimit = tries, Window = TimeSpan.FromMinutes(1) }
        );
}
