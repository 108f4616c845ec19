using System.Buffers.Binary;
using System.Security.Cryptography;

namespace Nerezza.Web.Tests;

/// <summary>An authenticator on a phone (RFC 6238), whose clock can be off.</summary>
internal static class Totp
{
    private const string Alphabet = "ABCDEFGHIJKLMNOPQRSTUVWXYZ234567"; // RFC 4648
    private const int Step = 30;

    /// <summary>The six digits that a key gives at a moment.</summary>
    public static string Code(string key, DateTimeOffset at)
    {
        byte[] counter = new byte[8];
        BinaryPrimitives.WriteInt64BigEndian(counter, at.ToUnixTimeSeconds() / Step);
#pragma warning disable CA5350 // What authenticators speak is HMAC-SHA-1.
        byte[] hash = HMACSHA1.HashData(Bytes(key), counter);
#pragma warning restore CA5350
        int offset = hash[^1] & 0xf;
        int number = BinaryPrimitives.ReadInt32BigEndian(hash.AsSpan(offset)) & int.MaxValue;
        return (number % 1_000_000).ToString("D6", System.Globalization.CultureInfo.InvariantCulture);
    }

    private static byte[] Bytes(string key)
    {
        string bits = string.Concat(
            key.ToUpperInvariant().Where(Alphabet.Contains).Select(letter => Convert.ToString(Alphabet.IndexOf(letter), 2).PadLeft(5, '0'))
        );
        return [.. Enumerable.Range(0, bits.Length / 8).Select(i => Convert.ToByte(bits.Substring(i * 8, 8), 2))];
    }
}
