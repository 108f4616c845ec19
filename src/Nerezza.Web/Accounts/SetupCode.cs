using System.Security.Cryptography;
using System.Text;

namespace Nerezza.Web.Accounts;

/// <summary>The code that `./nerezza start` prints: whoever sees the machine may make the first practice, and nobody else.</summary>
internal sealed class SetupCode(IConfiguration settings)
{
    /// <summary>Whether a code is right, in a time that tells nothing of it. Never where none was set.</summary>
    public bool Is(string said) =>
        settings["NEREZZA_SETUP_CODE"] is { Length: > 0 } code && CryptographicOperations.FixedTimeEquals(Bytes(code), Bytes(said));

    // Hashed, so that what is compared is of one length; case and spaces do not matter to who types it.
    private static byte[] Bytes(string code) =>
        SHA256.HashData(
            Encoding.UTF8.GetBytes(
                code.Replace(" ", "", StringComparison.Ordinal).Replace("-", "", StringComparison.Ordinal).ToUpperInvariant()
            )
        );
}
