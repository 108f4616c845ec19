using Microsoft.AspNetCore.StaticFiles;
using Microsoft.Extensions.FileProviders;
using Microsoft.Net.Http.Headers;

namespace Nerezza.Web.Hosting;

/// <summary>Serves, in place of a built file, the compressed one that the build left beside it, where the browser takes that.</summary>
internal sealed class Precompressed(IFileProvider files)
{
    private static readonly (string Encoding, string Ending)[] Kinds = [("br", ".br"), ("gzip", ".gz")];
    private static readonly string[] Folders = ["/assets", "/page"];
    private static readonly object Served = new();
    private const string Packed = "application/octet-stream";
    private static readonly FileExtensionContentTypeProvider Plain = new();

    /// <summary>The types that are served: the usual ones, and packed files, of which <see cref="Say"/> says what is in them.</summary>
    public static FileExtensionContentTypeProvider Types { get; } =
        new(new Dictionary<string, string>(Plain.Mappings) { [".br"] = Packed, [".gz"] = Packed });

    /// <summary>Chooses what is served.</summary>
    public Task Choose(HttpContext http, RequestDelegate next)
    {
        PathString asked = http.Request.Path;
        if (HttpMethods.IsGet(http.Request.Method) && Folders.Any(folder => asked.StartsWithSegments(folder)))
        {
            string[] taken = http.Request.Headers.GetCommaSeparatedValues(HeaderNames.AcceptEncoding);
            foreach ((string encoding, string ending) in Kinds.Where(kind => taken.Any(one => one.Split(';')[0].Trim() == kind.Encoding)))
            {
                if (!files.GetFileInfo(asked + ending).Exists)
                    continue;
                http.Items[Served] = encoding;
                http.Request.Path = asked + ending;
                break;
            }
        }
        return next(http);
    }

    /// <summary>Says what the file is and how it is packed.</summary>
    public static void Say(StaticFileResponseContext file)
    {
        IHeaderDictionary headers = file.Context.Response.Headers;
        headers.Append(HeaderNames.Vary, HeaderNames.AcceptEncoding);
        if (file.Context.Items[Served] is not string encoding)
            return;
        headers.ContentEncoding = encoding;
        headers.ContentType = Plain.TryGetContentType(Path.GetFileNameWithoutExtension(file.File.Name), out string? type) ? type : Packed;
    }
}
