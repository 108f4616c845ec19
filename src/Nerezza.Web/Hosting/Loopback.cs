using System.Net;

namespace Nerezza.Web.Hosting;

/// <summary>Whether a request comes from this machine.</summary>
internal static class Loopback
{
    /// <summary>Not where a proxy passed it on that nobody told us of: then the address is the proxy's.</summary>
    public static bool Is(HttpContext http) =>
        !http.Request.Headers.ContainsKey("X-Forwarded-For")
        && !http.Request.Headers.ContainsKey("Forwarded")
        && (http.Connection.RemoteIpAddress is not { } address || IPAddress.IsLoopback(address));
}
