using System.Data;
using System.IO.Compression;
using System.Security.Cryptography;
using System.Text.Json;
using Microsoft.EntityFrameworkCore;

namespace Nerezza.Data.Files;

/// <summary>Writes a practice, or a client, as one zip of JSON (docs/formats/practice.md).</summary>
public sealed class PracticeFile(NerezzaContext context, TimeProvider clock)
{
    /// <summary>The same for every entry: the same practice gives the same bytes.</summary>
    private static readonly DateTimeOffset Stamp = new(1980, 1, 1, 0, 0, 0, TimeSpan.Zero);

    /// <summary>The whole practice of the scope.</summary>
    public Task WritePractice(Stream to, CancellationToken cancel) => Write(to, null, cancel);

    /// <summary>One client.</summary>
    public Task WriteClient(Stream to, Guid client, CancellationToken cancel) => Write(to, client, cancel);

    private async Task Write(Stream to, Guid? only, CancellationToken cancel)
    {
        // What is read is one moment of the practice, whoever logs meanwhile.
        await using var moment = await context.Database.BeginTransactionAsync(IsolationLevel.RepeatableRead, cancel);
        List<Guid> clients = only is { } one
            ? [one]
            : await context.Clients.OrderBy(row => row.Id).Select(row => row.Id).ToListAsync(cancel);
        await using var zip = await ZipArchive.CreateAsync(to, ZipArchiveMode.Create, leaveOpen: true, entryNameEncoding: null, cancel);
        SortedDictionary<string, string> hashes = new(StringComparer.Ordinal);
        async Task Add(string name, Func<Stream, Task> write) => hashes[name] = await Entry(zip, name, write, cancel);

        FilePart[] ofPractice = only is null ? [FileParts.Practice, FileParts.People, .. FileParts.OfThePractice] : [];
        foreach (FilePart part in ofPractice)
            await Add(part.Entry(null), entry => part.Write(context, null, entry, cancel));
        foreach (Guid client in clients)
        foreach (FilePart part in FileParts.OfClient)
            await Add(part.Entry(client), entry => part.Write(context, client, entry, cancel));
        foreach (FilePart part in ofPractice.Concat(FileParts.OfClient).DistinctBy(part => part.Name))
            await Add(part.SchemaEntry, entry => JsonSerializer.SerializeAsync(entry, part.Schema(), FileJson.Options, cancel));
        var manifest = new FileManifest
        {
            Format = only is null ? FileManifest.OfPractice : FileManifest.OfClient,
            Version = 1,
            WrittenAt = clock.GetUtcNow(),
            PracticeId = context.PracticeId,
            Clients = clients,
            Files = hashes,
        };
        await Entry(zip, FileManifest.Entry, entry => JsonSerializer.SerializeAsync(entry, manifest, FileJson.Options, cancel), cancel);
    }

    /// <returns>The SHA-256 of what was written.</returns>
    private static async Task<string> Entry(ZipArchive zip, string name, Func<Stream, Task> write, CancellationToken cancel)
    {
        ZipArchiveEntry entry = zip.CreateEntry(name, CompressionLevel.Fastest);
        entry.LastWriteTime = Stamp;
        using var hash = SHA256.Create();
        await using (Stream into = await entry.OpenAsync(cancel))
        await using (var hashed = new CryptoStream(into, hash, CryptoStreamMode.Write, leaveOpen: true))
            await write(hashed);
        return Convert.ToHexStringLower(hash.Hash!);
    }
}
