using System.IO.Compression;
using System.Security.Cryptography;
using System.Text.Json;
using Microsoft.EntityFrameworkCore;
using Nerezza.Data.Access;
using Nerezza.Data.Rows;
using Npgsql;

namespace Nerezza.Data.Files;

/// <summary>Reads the file of a practice into a database that does not have it: whole, or not at all.</summary>
/// <param name="connection">To the database.</param>
/// <param name="check">What is wrong with a client once the rows stand, as the validator of cases sees it; null where nothing is.</param>
public sealed class PracticeFileReader(string connection, Func<NerezzaContext, AccessScope, Guid, Task<string?>> check)
{
    /// <summary>The largest entry and the most of them (assumptions): more is no practice.</summary>
    private const long LargestEntry = 1L << 30;
    private const int MostEntries = 100_000;

    public async Task<PracticeFileReading> Read(Stream file, CancellationToken cancel)
    {
        string entry = "";
        try
        {
            await using ZipArchive zip = await ZipArchive.CreateAsync(
                file,
                ZipArchiveMode.Read,
                leaveOpen: true,
                entryNameEncoding: null,
                cancel
            );
            if (await Refusal(zip, cancel) is { } refusal)
                return refusal;
            FileManifest manifest = await Manifest(zip, cancel);
            return await Keep(zip, manifest, name => entry = name, cancel);
        }
        catch (InvalidDataException fault)
        {
            return new PracticeFileReading.Refused(entry, $"it is no zip that can be read: {fault.Message}");
        }
        catch (JsonException fault)
        {
            return new PracticeFileReading.Refused(entry, fault.Message);
        }
        catch (DbUpdateException fault) when (fault.GetBaseException() is PostgresException told)
        {
            return new PracticeFileReading.Refused(entry, InWords(told));
        }
    }

    /// <summary>Why it is not read at all; null where every entry is there and as it was written.</summary>
    private static async Task<PracticeFileReading.Refused?> Refusal(ZipArchive zip, CancellationToken cancel)
    {
        if (zip.Entries.Count > MostEntries)
            return new("", $"{zip.Entries.Count} entries are more than {MostEntries}");
        if (zip.GetEntry(FileManifest.Entry) is null)
            return new("", $"{FileManifest.Entry} is missing: this is no file of a practice");
        FileManifest manifest = await Manifest(zip, cancel);
        if (manifest is not { Format: FileManifest.OfPractice, Version: 1 })
            return new(FileManifest.Entry, $"{manifest.Format} {manifest.Version} is not {FileManifest.OfPractice} 1");
        foreach ((string name, string hash) in manifest.Files)
        {
            if (zip.GetEntry(name) is not { } entry)
                return new(name, "is missing");
            if (entry.Length > LargestEntry)
                return new(name, $"{entry.Length} bytes are more than {LargestEntry}");
            await using Stream content = await entry.OpenAsync(cancel);
            if (Convert.ToHexStringLower(await SHA256.HashDataAsync(content, cancel)) != hash)
                return new(name, "is not as it was written: its hash is another");
        }
        return null;
    }

    private static async Task<FileManifest> Manifest(ZipArchive zip, CancellationToken cancel)
    {
        await using Stream content = await zip.GetEntry(FileManifest.Entry)!.OpenAsync(cancel);
        return await JsonSerializer.DeserializeAsync<FileManifest>(content, FileJson.Options, cancel)
            ?? throw new JsonException("the manifest is empty");
    }

    private async Task<PracticeFileReading> Keep(ZipArchive zip, FileManifest manifest, Action<string> at, CancellationToken cancel)
    {
        var scope = new AccessScope();
        scope.Enter(manifest.PracticeId);
        var options = new DbContextOptionsBuilder<NerezzaContext>();
        // Without what writes changes down: those of the file are the ones that were made.
        DataServices.Configure(options, connection);
        await using var context = new NerezzaContext(options.Options, scope);
        if (await context.Practices.AnyAsync(cancel))
            return new PracticeFileReading.Refused("", "this practice is here already");
        await using var whole = await context.Database.BeginTransactionAsync(cancel);
        int sets = 0;
        async Task<int> Read(FilePart part, Guid? client)
        {
            string name = part.Entry(client);
            at(name);
            if (part.CameLater && !manifest.Files.ContainsKey(name))
                return 0;
            if (zip.GetEntry(name) is not { } entry || !manifest.Files.ContainsKey(name))
                throw new JsonException("is missing");
            await using Stream content = await entry.OpenAsync(cancel);
            return await part.Read(context, new FileOwner(manifest.PracticeId, client), content, cancel);
        }

        if (await Read(FileParts.Practice, null) != 1)
            throw new JsonException("holds one practice");
        await Read(FileParts.People, null);
        foreach (FilePart part in FileParts.OfThePractice)
            await Read(part, null);
        foreach (Guid client in manifest.Clients)
        {
            foreach (FilePart part in FileParts.OfClient)
                sets += await Read(part, client) * (part.Name == "sets" ? 1 : 0);
            at(FileParts.OfClient[0].Entry(client));
            if (await check(context, scope, client) is { } fault)
                throw new JsonException(fault);
        }
        IReadOnlyList<FilePerson> people = await Join(zip, manifest.PracticeId, context, cancel);
        string practice = (await context.Practices.SingleAsync(cancel)).Name;
        await whole.CommitAsync(cancel);
        return new PracticeFileReading.Taken(practice, manifest.Clients.Count, sets, people);
    }

    /// <summary>Who is who in it: last, since a lifter is one of its clients.</summary>
    private static async Task<IReadOnlyList<FilePerson>> Join(
        ZipArchive zip,
        Guid practice,
        NerezzaContext context,
        CancellationToken cancel
    )
    {
        await using Stream content = await zip.GetEntry(FileParts.People.Entry(null))!.OpenAsync(cancel);
        FilePerson[] people = await JsonSerializer.DeserializeAsync<FilePerson[]>(content, FileJson.Options, cancel) ?? [];
        context.AddRange(
            people.Select(person => new MembershipRow
            {
                PracticeId = practice,
                UserId = person.UserId,
                Role = person.Role,
                Name = person.Name,
                ClientId = person.ClientId,
                Since = person.Since,
            })
        );
        await context.SaveChangesAsync(cancel);
        return people;
    }

    private static string InWords(PostgresException told) =>
        told.SqlState switch
        {
            PostgresErrorCodes.UniqueViolation => $"something of it is here already ({told.ConstraintName})",
            PostgresErrorCodes.ForeignKeyViolation => $"it names something that is not in the file ({told.ConstraintName})",
            _ => told.MessageText,
        };
}
