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
public sealed record Checked<T>(T? Value, IReadOnlyList<Fault> Faults) : IEndpointParameterMetadataProvider
    where T : class
{
    private const int UsualMegabytes = 5;
    private static readonly int Megabytes = typeof(T).GetCustomAttribute<LargestBodyAttribute>()?.Megabytes ?? UsualMegabytes;
    private static readonly int MostBytes = Megabytes * 1024 * 1024;
    private const int PartBytes = 16 * 1024;
    private static readonly Shape BodyShape = ShapeOf.Document<T>();

    public static async ValueTask<Checked<T>?> BindAsync(HttpContext http)
    {
        if (!http.Request.HasJsonContentType())
            return Faulty("", "is not JSON; Content-Type application/json expected");
        if (http.Request.ContentLength > MostBytes)
            return Faulty("", $"{http.Request.ContentLength} bytes are more than {MostBytes} ({Megabytes} MB)");
        try
        {
            return await Body(http) is { } body
                ? await Of(JsonText.Read(body), http)
                : Faulty("", $"is more than {MostBytes} bytes ({Megabytes} MB)");
        }
        catch (BadHttpRequestException fault)
        {
            return Faulty("", fault.Message);
        }
    }

    private static async Task<Checked<T>> Of(JsonReading reading, HttpContext http)
    {
        switch (reading)
        {
            case JsonReading.Good good:
                using (good.Document)
                    return await Of(good.Document.RootElement, http);
            case JsonReading.Bad bad:
                return Faulty("", $"is not JSON that can be read: {bad.Message}");
            default:
                throw new InvalidOperationException("A reading is good or bad.");
        }
    }

    private static async Task<Checked<T>> Of(JsonElement body, HttpContext http)
    {
        IReadOnlyList<Fault> faults = FaultsOf(body, http.RequestServices);
        // An exercise that does not ship may be one of the practice's own.
        if (faults.Count > 0 && await OwnCatalogue.ReadFor(http))
            faults = FaultsOf(body, http.RequestServices);
        return faults.Count > 0 ? new Checked<T>(null, faults) : new Checked<T>(body.Deserialize<T>(Json.Options), []);
    }

    private static IReadOnlyList<Fault> FaultsOf(JsonElement body, IServiceProvider services) =>
        ShapeValidator.Validate(
            body,
            BodyShape,
            services.GetRequiredService<OwnCatalogue>().OwnIds,
            DaySpan.Around(DateOnly.FromDateTime(services.GetRequiredService<TimeProvider>().GetUtcNow().UtcDateTime))
        );

    /// <summary>The whole body; null when it is longer than allowed, whatever its head says.</summary>
    private static async Task<ReadOnlyMemory<byte>?> Body(HttpContext http)
    {
        using var whole = new MemoryStream();
        byte[] part = new byte[PartBytes];
        for (int read; (read = await http.Request.Body.ReadAsync(part, http.RequestAborted)) > 0; )
        {
            if (whole.Length + read > MostBytes)
                return null;
            whole.Write(part, 0, read);
        }
        return whole.GetBuffer().AsMemory(0, (int)whole.Length);
    }

    public static void PopulateMetadata(ParameterInfo parameter, EndpointBuilder builder) =>
        builder.Metadata.Add(new AcceptsMetadata(["application/json"], typeof(T)));

    private static Checked<T> Faulty(string path, string message) => new(null, [new Fault(path, message)]);
}
