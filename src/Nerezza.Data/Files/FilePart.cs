using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Schema;
using Microsoft.EntityFrameworkCore;

namespace Nerezza.Data.Files;

/// <summary>One list of the file of a practice: the rows of a table, as a JSON array.</summary>
/// <param name="Name">Of the entry, without folder and ending.</param>
internal abstract record FilePart(string Name)
{
    /// <summary>The name of the entry.</summary>
    /// <param name="client">Whose rows; null for those of the practice.</param>
    public string Entry(Guid? client) => client is { } id ? $"clients/{id}/{Name}.json" : $"{Name}.json";

    /// <summary>Whether version 1 was first written without it: such a file has none of its rows.</summary>
    public bool CameLater { get; init; }

    public string SchemaEntry => $"schemas/{Name}.json";

    /// <summary>Writes the rows in an order that does not change.</summary>
    public abstract Task Write(NerezzaContext context, Guid? client, Stream to, CancellationToken cancel);

    /// <summary>Adds the rows of an entry to the database.</summary>
    /// <returns>How many.</returns>
    /// <exception cref="JsonException">It is not of the shape.</exception>
    public abstract Task<int> Read(NerezzaContext context, FileOwner owner, Stream from, CancellationToken cancel);

    /// <summary>Its JSON Schema.</summary>
    public abstract JsonNode Schema();
}

/// <summary>To whom the rows of an entry must belong.</summary>
/// <param name="ClientId">Null for those of the practice.</param>
internal readonly record struct FileOwner(Guid PracticeId, Guid? ClientId);

/// <inheritdoc/>
/// <typeparam name="T">What stands in the list.</typeparam>
/// <param name="Rows">In order.</param>
/// <param name="Belongs">Whether a row is of who the entry says.</param>
/// <param name="Add">Takes rows that were read into the context.</param>
internal sealed record FilePart<T>(
    string Name,
    Func<NerezzaContext, Guid?, IQueryable<T>> Rows,
    Func<T, FileOwner, bool> Belongs,
    Action<NerezzaContext, IReadOnlyList<T>> Add
) : FilePart(Name)
    where T : class
{
    /// <summary>So many rows are saved at once: a log of years does not stand in memory twice.</summary>
    private const int AtOnce = 2000;

    public override Task Write(NerezzaContext context, Guid? client, Stream to, CancellationToken cancel) =>
        JsonSerializer.SerializeAsync(to, Rows(context, client).AsNoTracking().AsAsyncEnumerable(), FileJson.Options, cancel);

    public override async Task<int> Read(NerezzaContext context, FileOwner owner, Stream from, CancellationToken cancel)
    {
        int read = 0;
        List<T> rows = [];
        await foreach (T? row in JsonSerializer.DeserializeAsyncEnumerable<T>(from, FileJson.Options, cancel))
        {
            if (row is null || !Belongs(row, owner))
                throw new JsonException($"row {read + rows.Count + 1} is not of this {(owner.ClientId is null ? "practice" : "client")}");
            rows.Add(row);
            if (rows.Count == AtOnce)
                read += await Save(context, rows, cancel);
        }
        return read + await Save(context, rows, cancel);
    }

    private async Task<int> Save(NerezzaContext context, List<T> rows, CancellationToken cancel)
    {
        Add(context, rows);
        await context.SaveChangesAsync(cancel);
        context.ChangeTracker.Clear();
        int saved = rows.Count;
        rows.Clear();
        return saved;
    }

    public override JsonNode Schema() =>
        FileJson.Options.GetJsonSchemaAsNode(
            typeof(IReadOnlyList<T>),
            new JsonSchemaExporterOptions { TransformSchemaNode = (context, node) => Scalar(context.TypeInfo.Type) ?? node }
        );

    /// <summary>What a whole number is, which the framework does not see where a converter of ours reads it, and what evidence may hold;
    /// null for anything else.</summary>
    private static JsonObject? Scalar(Type type) =>
        type == typeof(int) ? new JsonObject { ["type"] = "integer" }
        : type == typeof(int?) ? new JsonObject { ["type"] = new JsonArray("integer", "null") }
        : type == typeof(object) ? new JsonObject { ["type"] = new JsonArray("number", "boolean", "string", "null") }
        : null;
}
