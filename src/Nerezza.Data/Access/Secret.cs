using System.Security.Cryptography;
using System.Text;

namespace Nerezza.Data.Access;

/// <summary>What a link or a cookie carries. The database holds its hash alone, so that a copy of it opens nothing.</summary>
public static class Secret
{
    private const int Bytes = 32;

    /// <summary>256 random bits, in hexadecimal.</summary>
    public static string New() => Convert.ToHexStringLower(RandomNumberGenerator.GetBytes(Bytes));

    /// <summary>SHA-256, in hexadecimal: enough for what nobody can guess.</summary>
    public static string HashOf(string secret) => Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(secret)));
}
