using Microsoft.AspNetCore.OpenApi;

namespace Nerezza.Web.Hosting;

/// <summary>The description that the front end's types are made from.</summary>
internal static class OpenApiDescription
{
    public static void Configure(OpenApiOptions options) =>
        options.AddDocumentTransformer(
            (document, _, _) =>
            {
                // The address of the machine that builds must not get into a file that is kept.
                document.Servers = [];
                document.Info.Title = "Nerezza";
                document.Info.Version = "1";
                return Task.CompletedTask;
            }
        );
}
