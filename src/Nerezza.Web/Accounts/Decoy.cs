using Microsoft.AspNetCore.Identity;

namespace Nerezza.Web.Accounts;

/// <summary>A password that nobody has, to check against where there is no account: it takes the time of one that is there.</summary>
internal static class Decoy
{
    private static readonly IdentityUser<Guid> Nobody = new();
    private static string? _hash;

    public static bool Check(IPasswordHasher<IdentityUser<Guid>> hasher, string password)
    {
        _hash ??= hasher.HashPassword(Nobody, Guid.NewGuid().ToString());
        return hasher.VerifyHashedPassword(Nobody, _hash, password) is not PasswordVerificationResult.Failed;
    }
}
