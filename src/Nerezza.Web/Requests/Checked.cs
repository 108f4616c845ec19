using System.Reflection;
using System.Text.Json;
using Microsoft.AspNetCore.Http.Metadata;
using Nerezza.Formats;
using Nerezza.Formats.Shapes;
using Nerezza.Web.Planning;

namespace Nerezza.Web.Requests;

/// <summary>A request body that was held against its shape before anything else saw it.</summary>
/// <param name="Value">The body; only there when there are no faults.</param>
/// <param name="Faults">What is wrong, field by field.</param>
public sealed record Checked<T>(T? Value, IReadOnlyList<Fault> Faults) : IEndpointParameterMetadataProvider where T : class
{
    private const int MostBytes = 5 * 1024 * 1024;
    private static readonly Shape BodyShape = ShapeOf.Document<T>();
    private static readonly JsonDocumentOptions Strict = new() { MaxDepth = Json.MostDepth, AllowDuplicateProperties = false };

    public static async ValueTask<Checked<T>?> BindAsync(HttpContext http)
    {
        if (!http.Request.HasJsonContentType()) return Faulty("", "is not JSON; Content-Type application/json expected");
        if (http.Request.ContentLength > MostBytes) return Faulty("", $"{http.Request.ContentLength} bytes are more than {MostBytes} (5 MB)");
        try
        {
            using JsonDocument document = await JsonDocument.ParseAsync(http.Request.Body, Strict, http.RequestAborted);
            IReadOnlyList<Fault> faults = ShapeValidator.Validate(document.RootElement, BodyShape, http.RequestServices.GetRequiredService<OwnCatalogue>().OwnIds);
            return faults.Count > 0 ? new Checked<T>(null, faults) : new Checked<T>(document.RootElement.Deserialize<T>(Json.Options), []);
        }
        catch (JsonException fault)
        {
            return Faulty("", $"is not JSON that can be read: {fault.Message.ReplaceLineEndings(" ")}");
        }
        catch (BadHttpRequestException fault)
        {
            return Faulty("", fault.Message);
        }
    }

    public static void PopulateMetadata(ParameterInfo parameter, EndpointBuilder builder) =>
        builder.Metadata.Add(new AcceptsMetadata(["application/json"], typeof(T)));

    private static Checked<T> Faulty(string path, string message) => new(null, [new Fault(path, message)]);
}
