using System.Security.Cryptography;
using System.Security.Cryptography.X509Certificates;

namespace Nerezza.Web.Hosting;

/// <summary>The file that encrypts the keys in the database: whoever has a copy of the database alone can make no cookie.</summary>
internal static class KeysFile
{
    private const int KeyBits = 3072;
    private const int Years = 50;

    /// <summary>Makes one, PKCS #12 without a password; who may read it is the caller's to see to.</summary>
    public static void Make(string path)
    {
        using var key = RSA.Create(KeyBits);
        var request = new CertificateRequest("CN=nerezza keys", key, HashAlgorithmName.SHA256, RSASignaturePadding.Pkcs1);
        using X509Certificate2 certificate = request.CreateSelfSigned(DateTimeOffset.UnixEpoch, DateTimeOffset.UtcNow.AddYears(Years));
        File.WriteAllBytes(path, certificate.Export(X509ContentType.Pkcs12));
    }
}
