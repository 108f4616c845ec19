using Microsoft.AspNetCore.Diagnostics.HealthChecks;
using Microsoft.Extensions.Diagnostics.HealthChecks;

namespace Nerezza.Web.Hosting;

/// <summary>Whether the server is alive, and whether it is ready: warmed up, with its database there.</summary>
internal static class Readiness
{
    /// <summary>/health says both and answers 503 until it is ready; /health/alive answers as long as the process does.</summary>
    /// <remarks>Neither asks who is signed in, which would need the database.</remarks>
    public static void MapHealth(this WebApplication app)
    {
        app.MapHealthChecks("/health", new HealthCheckOptions { ResponseWriter = (http, report) => Say(http, report) }).ShortCircuit();
        app.MapHealthChecks(
                "/health/alive",
                new HealthCheckOptions { Predicate = _ => false, ResponseWriter = (http, report) => Say(http, report) }
            )
            .ShortCircuit();
    }

    private static Task Say(HttpContext http, HealthReport report) =>
        http.Response.WriteAsJsonAsync(
            new Health(
                true,
                report.Status is HealthStatus.Healthy,
                [.. report.Entries.Where(row => row.Value.Status is not HealthStatus.Healthy).Select(row => row.Key)]
            )
        );

    /// <param name="WaitsFor">What is not there yet.</param>
    private sealed record Health(bool Alive, bool Ready, IReadOnlyList<string> WaitsFor);
}
