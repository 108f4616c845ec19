using System.Diagnostics;
using System.Net;
using System.Net.Http.Json;
using System.Security.Cryptography;
using System.Security.Cryptography.X509Certificates;
using System.Text.RegularExpressions;
using Nerezza.Formats;
using Nerezza.Tests.Shared;
using Nerezza.Web.Contracts;
using Nerezza.Web.Demo;

namespace Nerezza.Web.Tests;

/// <summary>The proxies of docs/deploy.md, as they are written there, in front of the built server; and what nobody may claim without
/// one.</summary>
public sealed class ProxyTests(ProxyTests.Practice practice) : IClassFixture<ProxyTests.Practice>
{
    private const string Name = "gym.example";

    /// <summary>A demo practice for all of these.</summary>
    public sealed class Practice : IDisposable
    {
        private readonly TestDatabase _database = DemoDatabase.Copy();

        public string Connection => _database.Connection;

        public void Dispose() => _database.Dispose();
    }

    [Theory]
    [InlineData("nginx")]
    [InlineData("caddy")]
    public async Task Behind_the_documented_proxy_cookies_are_secure_and_the_scheme_is_kept(string kind)
    {
        using ServerProcess server = ServerProcess.Start(
            practice.Connection,
            settings: new Dictionary<string, string> { ["NEREZZA_PROXIES"] = "127.0.0.1" }
        );
        using var proxy = new Proxy(kind, server.Address);
        using HttpClient http = proxy.Client();
        HttpResponseMessage first = await Answer(http);
        Assert.Contains("max-age=31536000", first.Headers.GetValues("Strict-Transport-Security").Single(), StringComparison.Ordinal);
        Assert.All(first.Headers.GetValues("Set-Cookie"), cookie => Assert.Contains("secure", cookie, StringComparison.OrdinalIgnoreCase));
        HttpResponseMessage signedIn = await SignIn(
            http,
            (await first.Content.ReadFromJsonAsync<Me>(Json.Options))!.Token,
            DemoData.Password
        );
        Assert.Equal(HttpStatusCode.NoContent, signedIn.StatusCode);
        Assert.All(
            signedIn.Headers.GetValues("Set-Cookie"),
            cookie => Assert.Contains("secure", cookie, StringComparison.OrdinalIgnoreCase)
        );
    }

    [Fact]
    public async Task Without_a_named_proxy_nobody_is_believed_whatever_they_claim()
    {
        var settings = new Dictionary<string, string> { ["ASPNETCORE_FORWARDEDHEADERS_ENABLED"] = "true" };
        using ServerProcess server = ServerProcess.Start(practice.Connection, settings: settings);
        using var http = new HttpClient { BaseAddress = server.Address };
        http.DefaultRequestHeaders.Add("X-Forwarded-Proto", "https");
        http.DefaultRequestHeaders.Host = Name;
        HttpResponseMessage first = await http.GetAsync("/api/session");
        Assert.False(first.Headers.Contains("Strict-Transport-Security"));
        Assert.All(
            first.Headers.GetValues("Set-Cookie"),
            cookie => Assert.DoesNotContain("secure", cookie, StringComparison.OrdinalIgnoreCase)
        );
        string token = (await first.Content.ReadFromJsonAsync<Me>(Json.Options))!.Token;
        HttpStatusCode last = default;
        for (int tries = 0; tries < 7; tries++)
        {
            http.DefaultRequestHeaders.Remove("X-Forwarded-For");
            http.DefaultRequestHeaders.Add("X-Forwarded-For", $"203.0.113.{tries + 1}");
            last = (await SignIn(http, token, "wrong")).StatusCode;
        }
        Assert.Equal(HttpStatusCode.TooManyRequests, last);
    }

    [Fact]
    public void A_proxy_that_is_no_address_stops_the_server_with_its_name() =>
        Assert.Contains(
            "NEREZZA_PROXIES: 'gym'",
            Assert
                .Throws<InvalidOperationException>(() =>
                    ServerProcess.Start(practice.Connection, settings: new Dictionary<string, string> { ["NEREZZA_PROXIES"] = "gym" })
                )
                .Message,
            StringComparison.Ordinal
        );

    private static async Task<HttpResponseMessage> Answer(HttpClient http)
    {
        for (int tries = 0; ; tries++)
        {
            try
            {
                HttpResponseMessage answer = await http.GetAsync("/api/session");
                if (answer.IsSuccessStatusCode || tries == 50)
                    return answer;
            }
            catch (HttpRequestException) when (tries < 50)
            {
                // The proxy is not listening yet.
            }
            await Task.Delay(100);
        }
    }

    private static Task<HttpResponseMessage> SignIn(HttpClient http, string token, string password)
    {
        var request = new HttpRequestMessage(HttpMethod.Post, "/api/session")
        {
            Content = JsonContent.Create(new SignIn { Email = DemoData.Email, Password = password }, options: Json.Options),
        };
        request.Headers.Add("X-Nerezza-Token", token);
        return http.SendAsync(request);
    }

    /// <summary>A proxy process with the example of the document; only addresses, ports and the certificate's place are this test's
    /// own.</summary>
    private sealed class Proxy : IDisposable
    {
        private readonly string _folder = Directory.CreateTempSubdirectory("nerezza-proxy-").FullName;
        private readonly int _port = ServerProcess.FreePort();
        private readonly Process _process;
        private readonly X509Certificate2 _certificate;

        public Proxy(string kind, Uri server)
        {
            _certificate = WriteCertificate();
            string example = Example(kind).Replace("127.0.0.1:8080", server.Authority, StringComparison.Ordinal);
            string text = kind == "nginx" ? Nginx(example) : Caddy(example);
            string file = Path.Combine(_folder, "proxy.conf");
            File.WriteAllText(file, text);
            var start =
                kind == "nginx"
                    ? new ProcessStartInfo(
                        "/usr/sbin/nginx",
                        ["-p", _folder, "-c", file, "-e", Path.Combine(_folder, "error.log"), "-g", "daemon off;"]
                    )
                    : new ProcessStartInfo("/usr/bin/caddy", ["run", "--adapter", "caddyfile", "--config", file]);
            start.RedirectStandardError = start.RedirectStandardOutput = true;
            start.Environment["HOME"] = start.Environment["XDG_DATA_HOME"] = start.Environment["XDG_CONFIG_HOME"] = _folder;
            _process = Process.Start(start)!;
            _process.BeginErrorReadLine();
            _process.BeginOutputReadLine();
        }

        public HttpClient Client()
        {
            var handler = new SocketsHttpHandler { CookieContainer = new CookieContainer() };
            // The name is the proxy's; the certificate is this test's own, and no other is trusted.
            handler.SslOptions.TargetHost = Name;
            handler.SslOptions.CertificateChainPolicy = new X509ChainPolicy
            {
                TrustMode = X509ChainTrustMode.CustomRootTrust,
                RevocationMode = X509RevocationMode.NoCheck,
                CustomTrustStore = { _certificate },
            };
            var http = new HttpClient(handler) { BaseAddress = new Uri($"https://localhost:{_port}") };
            http.DefaultRequestHeaders.Host = Name;
            return http;
        }

        public void Dispose()
        {
            _process.Kill(entireProcessTree: true);
            _process.WaitForExit();
            _process.Dispose();
            _certificate.Dispose();
            Directory.Delete(_folder, recursive: true);
        }

        private static string Example(string kind)
        {
            string document = File.ReadAllText(Path.Combine(ServerProcess.Root, "docs/deploy.md"));
            return Regex.Match(document, $"```{kind}\n(.*?)```", RegexOptions.Singleline).Groups[1].Value;
        }

        private string Nginx(string example) =>
            $"pid {_folder}/nginx.pid; events {{ }} http "
            + $"{{ access_log off; client_body_temp_path {_folder}/a; proxy_temp_path {_folder}/b; "
            + $"fastcgi_temp_path {_folder}/c; uwsgi_temp_path {_folder}/d; scgi_temp_path {_folder}/e;\n"
            + example
                .Replace("listen 443 ssl", $"listen 127.0.0.1:{_port} ssl", StringComparison.Ordinal)
                .Replace("listen 80", $"listen 127.0.0.1:{ServerProcess.FreePort()}", StringComparison.Ordinal)
                .Replace("/etc/ssl/gym.example.pem", $"{_folder}/one.pem", StringComparison.Ordinal)
                .Replace("/etc/ssl/private/gym.example.key", $"{_folder}/one.key", StringComparison.Ordinal)
            + "}\n";

        private string Caddy(string example) =>
            "{\n  admin off\n  auto_https off\n}\n"
            + example.Replace(
                $"{Name} {{",
                $"https://{Name}:{_port} {{\n    tls {_folder}/one.pem {_folder}/one.key",
                StringComparison.Ordinal
            );

        private X509Certificate2 WriteCertificate()
        {
            using var key = RSA.Create(2048);
            var request = new CertificateRequest($"CN={Name}", key, HashAlgorithmName.SHA256, RSASignaturePadding.Pkcs1);
            var names = new SubjectAlternativeNameBuilder();
            names.AddDnsName(Name);
            request.CertificateExtensions.Add(names.Build());
            X509Certificate2 certificate = request.CreateSelfSigned(DateTimeOffset.UtcNow.AddDays(-1), DateTimeOffset.UtcNow.AddDays(1));
            File.WriteAllText(Path.Combine(_folder, "one.pem"), certificate.ExportCertificatePem());
            File.WriteAllText(Path.Combine(_folder, "one.key"), key.ExportPkcs8PrivateKeyPem());
            return certificate;
        }
    }
}
