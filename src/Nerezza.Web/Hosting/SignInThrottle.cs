using System.Security.Cryptography;
using System.Text;
using System.Threading.RateLimiting;
using Microsoft.AspNetCore.DataProtection;

namespace Nerezza.Web.Hosting;

/// <summary>Slows guessing down by address and account together, known or not, and never shuts a device out that has signed in to the
/// account before.</summary>
/// <remarks>Tries are counted in this process; several servers behind one address would each count their own.</remarks>
internal sealed class SignInThrottle(IDataProtectionProvider protection) : IDisposable
{
    private const string DeviceCookie = "nerezza-device";

    // Wrong tries that are let through in a window (assumptions).
    private const int FromOneAddress = 5,
        FromStrangers = 50,
        FromKnownDevice = 10;
    private static readonly TimeSpan Window = TimeSpan.FromMinutes(5),
        DeviceKept = TimeSpan.FromDays(180);
    private readonly ITimeLimitedDataProtector _devices = protection.CreateProtector("nerezza.device").ToTimeLimitedDataProtector();
    private readonly PartitionedRateLimiter<string> _addresses = Limiter(FromOneAddress),
        _strangers = Limiter(FromStrangers),
        _known = Limiter(FromKnownDevice);

    /// <summary>Whether this device may try this account now.</summary>
    public bool MayTry(HttpContext http, string account) => Counted(http, account, permits: 0);

    /// <summary>Counts a wrong try.</summary>
    public void Failed(HttpContext http, string account) => Counted(http, account, permits: 1);

    /// <summary>Remembers on the device that it has signed in to this account.</summary>
    public void Succeeded(HttpContext http, string account) =>
        http.Response.Cookies.Append(
            DeviceCookie,
            _devices.Protect(NameOf(account), DeviceKept),
            new CookieOptions
            {
                HttpOnly = true,
                IsEssential = true,
                MaxAge = DeviceKept,
                SameSite = SameSiteMode.Strict,
                Secure = http.Request.IsHttps,
            }
        );

    public void Dispose()
    {
        _addresses.Dispose();
        _strangers.Dispose();
        _known.Dispose();
    }

    private bool Counted(HttpContext http, string account, int permits)
    {
        string name = NameOf(account);
        if (IsKnown(http, name))
            return Take(_known, name, permits);
        bool here = Take(_addresses, $"{http.Connection.RemoteIpAddress} {name}", permits);
        return Take(_strangers, name, permits) && here;
    }

    private bool IsKnown(HttpContext http, string name)
    {
        if (http.Request.Cookies[DeviceCookie] is not { } cookie)
            return false;
        try
        {
            return _devices.Unprotect(cookie) == name;
        }
        catch (CryptographicException)
        {
            return false;
        }
    }

    private static bool Take(PartitionedRateLimiter<string> limiter, string key, int permits)
    {
        using RateLimitLease lease = limiter.AttemptAcquire(key, permits);
        return lease.IsAcquired;
    }

    /// <summary>One name for an account however it is written, and no address of anyone in memory or cookie.</summary>
    private static string NameOf(string account) =>
        Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(account.Trim().ToUpperInvariant())));

    private static PartitionedRateLimiter<string> Limiter(int permits) =>
        PartitionedRateLimiter.Create<string, string>(key =>
            RateLimitPartition.GetFixedWindowLimiter(key, _ => new FixedWindowRateLimiterOptions { PermitLimit = permits, Window = Window })
        );
}
