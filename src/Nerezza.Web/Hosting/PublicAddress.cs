using System.Net;

namespace Nerezza.Web.Hosting;

/// <summary>The address that links and codes carry: NEREZZA_URL where it is set (`./nerezza start --url`), else the one that this request
/// came to.</summary>
internal sealed class PublicAddress(IConfiguration settings, IHttpContextAccessor accessor)
{
    /// <summary>Without a slash at its end.</summary>
    public string Root =>
        settings["NEREZZA_URL"] is { Length: > 0 } set
            ? set.TrimEnd('/')
            : $"{accessor.HttpContext!.Request.Scheme}://{accessor.HttpContext.Request.Host}";

    /// <summary>Whether a phone in the room can follow a link: not where it leads to the machine itself.</summary>
    public bool ReachesPhones
    {
        get
        {
            string host = new Uri(Root).Host.Trim('[', ']');
            return host != "localhost" && !(IPAddress.TryParse(host, out IPAddress? address) && IPAddress.IsLoopback(address));
        }
    }

    public string Link(string path) => Root + path;
}
