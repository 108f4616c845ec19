using System.Threading.RateLimiting;
using Microsoft.AspNetCore.RateLimiting;

namespace Nerezza.Web.Hosting;

/// <summary>Limits on guessing.</summary>
internal static class RateLimits
{
    public const string SignIn = "sign-in";
    private const int TriesAMinute = 20;

    public static void Configure(RateLimiterOptions options)
    {
        options.RejectionStatusCode = StatusCodes.Status429TooManyRequests;
        options.AddPolicy(
            SignIn,
            http =>
                RateLimitPartition.GetFixedWindowLimiter(
                    http.Connection.RemoteIpAddress?.ToString() ?? "",
                    _ => new FixedWindowRateLimiterOptions { PermitLimit = TriesAMinute, Window = TimeSpan.FromMinutes(1) }
                )
        );
    }
}
