using System.Globalization;
using Microsoft.AspNetCore.Diagnostics;
using Nerezza.Data;

namespace Nerezza.Web.Hosting;

/// <summary>A database that is away or full is no fault of the request: 503 with when to try again, and nothing that was sent is taken for
/// kept.</summary>
internal sealed class Unavailable(ILogger<Unavailable> log) : IExceptionHandler
{
    private const int TryAgainSeconds = 5;

    public async ValueTask<bool> TryHandleAsync(HttpContext http, Exception exception, CancellationToken cancellationToken)
    {
        if (Outage.Of(exception) is not { } why)
            return false;
        log.DatabaseAway(why);
        http.Response.Headers.RetryAfter = TryAgainSeconds.ToString(CultureInfo.InvariantCulture);
        await TypedResults
            .Problem(
                statusCode: StatusCodes.Status503ServiceUnavailable,
                title: "The server cannot reach its data right now.",
                detail: "Nothing was saved. What you typed is kept on this page; it can be sent again in a few seconds."
            )
            .ExecuteAsync(http);
        return true;
    }
}
