using System.Net;
using Microsoft.AspNetCore.HttpOverrides;

namespace Nerezza.Web.Hosting;

/// <summary>Which proxies may say who calls and by which scheme: those named in NEREZZA_PROXIES (addresses or networks, by commas) and
/// nobody else.</summary>
internal static class TrustedProxies
{
    public static void AddTrustedProxies(this WebApplicationBuilder builder)
    {
        string[] named = (builder.Configuration["NEREZZA_PROXIES"] ?? "").Split(
            ',',
            StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries
        );
        // After everything else, so that the framework's switch, which trusts all the world, changes nothing.
        builder.Services.PostConfigure<ForwardedHeadersOptions>(options =>
        {
            options.KnownProxies.Clear();
            options.KnownIPNetworks.Clear();
            options.ForwardedHeaders =
                named.Length == 0 ? ForwardedHeaders.None : ForwardedHeaders.XForwardedFor | ForwardedHeaders.XForwardedProto;
            foreach (string one in named)
            {
                if (IPAddress.TryParse(one, out IPAddress? address))
                    options.KnownProxies.Add(address);
                else if (System.Net.IPNetwork.TryParse(one, out System.Net.IPNetwork network))
                    options.KnownIPNetworks.Add(network);
                else
                    throw new InvalidOperationException(
                        $"NEREZZA_PROXIES: '{one}' is no address such as 127.0.0.1 and no network such as 10.0.0.0/8."
                    );
            }
        });
        builder.Services.AddHsts(options => options.MaxAge = TimeSpan.FromDays(365));
    }
}
