using System.Security.Cryptography;
using Microsoft.Extensions.FileProviders;

namespace Nerezza.Web.Hosting;

/// <summary>Serves the built front end with a strict content security policy; nothing comes from another origin.</summary>
internal static class FrontEnd
{
    private const string NoncePlace = "__NONCE__";
    private const int NonceBytes = 16;
    private static readonly string[] Reading = [HttpMethods.Get, HttpMethods.Head];

    /// <summary>On every answer, also where an error has wiped what was set before.</summary>
    public static void UseSecurityHeaders(this WebApplication app) =>
        app.Use(
            (http, next) =>
            {
                string nonce = Convert.ToBase64String(RandomNumberGenerator.GetBytes(NonceBytes));
                http.Items[NoncePlace] = nonce;
                http.Response.OnStarting(() =>
                {
                    Secure(http, nonce);
                    return Task.CompletedTask;
                });
                return next(http);
            }
        );

    private static void Secure(HttpContext http, string nonce)
    {
        IHeaderDictionary headers = http.Response.Headers;
        headers.ContentSecurityPolicy =
            "default-src 'self'; script-src 'self' 'wasm-unsafe-eval'; "
            + $"style-src 'self' 'nonce-{nonce}'; img-src 'self' data:; connect-src 'self'; font-src 'self'; object-src 'none'; "
            + "base-uri 'none'; form-action 'self'; frame-ancestors 'none'";
        headers.XContentTypeOptions = "nosniff";
        headers["Referrer-Policy"] = "same-origin";
        headers["Permissions-Policy"] = "camera=(), microphone=(), geolocation=()";
        headers["Cross-Origin-Opener-Policy"] = "same-origin";
        // Answers are about people: no browser or proxy keeps one.
        if (http.Request.Path.StartsWithSegments("/api") || http.Request.Path.StartsWithSegments("/health"))
            headers.CacheControl = "no-store";
    }

    /// <summary>Static files of a folder. They stand before sign-in, so that no file costs a look at who is there.</summary>
    public static void UseFrontEndFiles(this WebApplication app, string? folder)
    {
        if (!IsBuilt(folder))
            return;
        var files = new PhysicalFileProvider(Path.GetFullPath(folder!));
        var packed = new Precompressed(files);
        app.Use(packed.Choose);
        app.UseStaticFiles(
            new StaticFileOptions
            {
                FileProvider = files,
                ContentTypeProvider = Precompressed.Types,
                // Built files carry their hash in their name; the page that names them is never kept.
                OnPrepareResponse = file =>
                {
                    file.Context.Response.Headers.CacheControl = file.Context.Request.Path.StartsWithSegments("/assets")
                        ? "public, max-age=31536000, immutable"
                        : "no-cache";
                    Precompressed.Say(file);
                },
            }
        );
    }

    /// <summary>The page, for every address that is not of the API. It comes whether the database is there or not: what was typed is in
    /// it.</summary>
    public static void MapFrontEnd(this WebApplication app, string? folder)
    {
        if (!IsBuilt(folder))
        {
            app.MapMethods(
                    "{*path:nonfile}",
                    Reading,
                    () =>
                        TypedResults.Problem(
                            statusCode: StatusCodes.Status503ServiceUnavailable,
                            title: "The front end is not built.",
                            detail: "Run ./nerezza start."
                        )
                )
                .WithOrder(int.MaxValue)
                .ExcludeFromDescription();
            return;
        }
        string page = File.ReadAllText(Path.Combine(folder!, "index.html"));
        // Reading alone: a change that finds no endpoint is told so, and not answered with the page.
        app.MapMethods("/api/{**rest}", Reading, () => TypedResults.NotFound()).WithOrder(int.MaxValue - 1).ExcludeFromDescription();
        app.MapMethods(
                "{*path:nonfile}",
                Reading,
                (HttpContext http) =>
                {
                    http.Response.ContentType = "text/html; charset=utf-8";
                    http.Response.Headers.CacheControl = "no-store";
                    return http.Response.WriteAsync(page.Replace(NoncePlace, (string)http.Items[NoncePlace]!, StringComparison.Ordinal));
                }
            )
            .WithOrder(int.MaxValue)
            .ExcludeFromDescription()
            .ShortCircuit();
    }

    private static bool IsBuilt(string? folder) => folder is not null && File.Exists(Path.Combine(folder, "index.html"));
}
