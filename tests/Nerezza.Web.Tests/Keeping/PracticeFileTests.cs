using System.IO.Compression;
using System.Text;
using System.Text.Json.Nodes;
using Microsoft.Extensions.DependencyInjection;
using Nerezza.Data.Access;
using Nerezza.Tests.Shared;
using Nerezza.Web.Accounts;
using Nerezza.Web.Contracts;
using NJsonSchema;

namespace Nerezza.Web.Tests.Keeping;

/// <summary>A practice leaves as one file, comes into an empty database, and leaves it again byte for byte the same.</summary>
public sealed class PracticeFileTests : IDisposable
{
    private readonly string _folder = Directory.CreateTempSubdirectory("nerezza-file-").FullName;

    private string File(string name) => Path.Combine(_folder, name);

    public void Dispose() => Directory.Delete(_folder, recursive: true);

    [Fact]
    public async Task The_demo_leaves_and_comes_in_and_leaves_the_same_and_works_there()
    {
        using TestDatabase database = DemoDatabase.Copy();
        using Site first = new(database.Connection, Migrated.Already);
        string name = (await TestDatabase.Rows(database.Connection, "SELECT name FROM practices"))[0];
        Assert.Equal(0, (await Run(first, "out", File("one.zip"), name)).Code);

        using Site second = new(null, Migrated.NoPractice);
        (int code, string said) = await Run(second, "in", File("one.zip"));
        Assert.True(code == 0, said);
        Assert.Equal(0, (await Run(second, "out", File("two.zip"), name)).Code);
        Dictionary<string, byte[]> one = Entries(File("one.zip")),
            two = Entries(File("two.zip"));
        Assert.Equal(one.Keys.Order(), two.Keys.Order());
        Assert.True(one.Count > 100, $"{one.Count} entries");
        Assert.All(one, entry => Assert.True(entry.Value.SequenceEqual(two[entry.Key]), entry.Key));

        // Everything in it is as the schemas beside it say.
        foreach ((string entry, byte[] content) in one.Where(entry => !entry.Key.StartsWith("schemas/") && entry.Key != "manifest.json"))
        {
            JsonSchema schema = await JsonSchema.FromJsonAsync(Encoding.UTF8.GetString(one[$"schemas/{Path.GetFileName(entry)}"]));
            Assert.True(schema.Validate(Encoding.UTF8.GetString(content)).Count == 0, entry);
        }

        // Who is in it gets a password by a link, and finds the clients.
        (code, said) = await Run(second, "in", File("one.zip"));
        Assert.Equal(1, code);
        Assert.Contains("is here already", said, StringComparison.Ordinal);
        await second.CatchUp();
        Assert.Equal(
            await first.Number("SELECT count(*)::int AS \"Value\" FROM logged_sets"),
            await second.Number("SELECT count(*)::int AS \"Value\" FROM logged_sets")
        );
        Assert.True(await second.Number("SELECT count(*)::int AS \"Value\" FROM boards WHERE document IS NOT NULL") > 5);
    }

    [Fact]
    public async Task What_is_not_as_it_was_written_or_not_of_the_practice_is_refused_and_nothing_is_kept()
    {
        using Site site = new();
        SmallPractice practice = await SmallPractice.Make(site);
        Assert.Equal(0, (await Run(site, "out", File("good.zip"), "harbour@example.test")).Code);
        string client = $"clients/{practice.Client}";
        (string Damage, Action<Dictionary<string, byte[]>> Do, Hashes Hashes, string Said)[] cases =
        [
            (
                "a byte of a set",
                files => files[$"{client}/maxes.json"][20] ^= 1,
                Hashes.AsWritten,
                $"{client}/maxes.json: is not as it was written"
            ),
            ("an entry is gone", files => files.Remove($"{client}/plans.json"), Hashes.AsWritten, $"{client}/plans.json: is missing"),
            ("no manifest", files => files.Remove("manifest.json"), Hashes.AsWritten, "manifest.json is missing"),
            (
                "a field more",
                files => Replace(files, $"{client}/maxes.json", "{\"practiceId\"", "{\"x\":1,\"practiceId\""),
                Hashes.Anew,
                "maxes.json"
            ),
            (
                "a row of another client",
                files => Replace(files, $"{client}/maxes.json", practice.Client.ToString(), practice.OtherClient.ToString()),
                Hashes.Anew,
                "is not of this client"
            ),
            (
                "of another practice",
                files => Replace(files, $"{client}/client.json", Site.Harbour.ToString(), Site.Hill.ToString()),
                Hashes.Anew,
                "is not of this client"
            ),
            (
                "a body weight that nobody has",
                files => Replace(files, $"{client}/client.json", "\"massKg\":", "\"massKg\":9"),
                Hashes.Anew,
                "massKg"
            ),
        ];
        foreach ((string damage, Action<Dictionary<string, byte[]>> change, Hashes hashes, string said) in cases)
        {
            Dictionary<string, byte[]> files = Entries(File("good.zip"), EntryKinds.All);
            change(files);
            if (hashes is Hashes.Anew)
                HashAnew(files);
            string bad = File($"{Guid.NewGuid():n}.zip");
            Write(bad, files);
            using Site empty = new(null, Migrated.NoPractice);
            (int code, string told) = await Run(empty, "in", bad);
            Assert.Equal((damage, 1), (damage, code));
            Assert.Contains(said, told, StringComparison.Ordinal);
            foreach (string table in new[] { "practices", "clients", "\"AspNetUsers\"", "logged_sets", "changes" })
                Assert.Equal((damage, table, 0), (damage, table, await empty.Number($"SELECT count(*)::int AS \"Value\" FROM {table}")));
        }
        await System.IO.File.WriteAllTextAsync(File("text.zip"), "no zip");
        Assert.Contains("no zip that can be read", (await Run(site, "in", File("text.zip"))).Said, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_file_of_before_there_were_lists_of_clients_comes_in()
    {
        using Site site = new();
        SmallPractice practice = await SmallPractice.Make(site);
        Assert.Equal(0, (await Run(site, "out", File("now.zip"), "harbour@example.test")).Code);
        Dictionary<string, byte[]> files = Entries(File("now.zip"), EntryKinds.All);
        JsonNode manifest = JsonNode.Parse(files["manifest.json"])!;
        foreach (string name in files.Keys.Where(name => name.EndsWith("/lists.json", StringComparison.Ordinal)).ToList())
        {
            files.Remove(name);
            Assert.True(manifest["files"]!.AsObject().Remove(name));
        }
        files["manifest.json"] = Encoding.UTF8.GetBytes(manifest.ToJsonString());
        Write(File("before.zip"), files);
        using Site empty = new(null, Migrated.NoPractice);
        (int code, string said) = await Run(empty, "in", File("before.zip"));
        Assert.True(code == 0, said);
        Assert.True(await empty.Number("SELECT count(*)::int AS \"Value\" FROM clients") > 1);
    }

    [Fact]
    public async Task An_owner_takes_the_practice_out_and_a_home_coach_their_client_and_nobody_more()
    {
        using Site site = new();
        SmallPractice practice = await SmallPractice.Make(site);
        using var whole = new ZipArchive(await Content(practice.Owner, "/api/practice/file.zip"));
        Assert.Contains(whole.Entries, entry => entry.FullName == $"clients/{practice.OtherClient}/sets.json");
        using var one = new ZipArchive(await Content(practice.Home, $"/api/clients/{practice.Client}/file.zip"));
        Assert.All(
            one.Entries.Select(entry => entry.FullName).Where(name => name.StartsWith("clients/", StringComparison.Ordinal)),
            name => Assert.StartsWith($"clients/{practice.Client}/", name, StringComparison.Ordinal)
        );
        Assert.DoesNotContain(one.Entries, entry => entry.FullName is "people.json" or "practice.json");
        Assert.All(
            whole.Entries,
            entry =>
            {
                using var text = new StreamReader(entry.Open());
                Assert.DoesNotContain("passwordHash", text.ReadToEnd(), StringComparison.OrdinalIgnoreCase);
            }
        );
    }

    private static async Task<Stream> Content(Caller caller, string path)
    {
        HttpResponseMessage answer = await caller.Send(HttpMethod.Get, path);
        Assert.True(answer.IsSuccessStatusCode, path);
        return await answer.Content.ReadAsStreamAsync();
    }

    private static async Task<(int Code, string Said)> Run(Site site, params string[] asked)
    {
        await using AsyncServiceScope scope = site.Services.CreateAsyncScope();
        await using var said = new StringWriter();
        int code = await ActivatorUtilities.CreateInstance<PracticeCommand>(scope.ServiceProvider, said).Run(asked, CancellationToken.None);
        return (code, said.ToString());
    }

    private enum EntryKinds
    {
        WithoutTheTime,
        All,
    }

    private enum Hashes
    {
        AsWritten,
        Anew,
    }

    /// <summary>The entries of a zip, the manifest without the time of writing.</summary>
    private static Dictionary<string, byte[]> Entries(string file, EntryKinds kinds = EntryKinds.WithoutTheTime)
    {
        using ZipArchive zip = ZipFile.OpenRead(file);
        return zip.Entries.ToDictionary(
            entry => entry.FullName,
            entry =>
            {
                using Stream content = entry.Open();
                using var bytes = new MemoryStream();
                content.CopyTo(bytes);
                if (entry.FullName != "manifest.json" || kinds is EntryKinds.All)
                    return bytes.ToArray();
                JsonNode manifest = JsonNode.Parse(bytes.ToArray())!;
                Assert.True(manifest.AsObject().Remove("writtenAt"));
                return Encoding.UTF8.GetBytes(manifest.ToJsonString());
            }
        );
    }

    private static void Replace(Dictionary<string, byte[]> files, string name, string what, string with)
    {
        string text = Encoding.UTF8.GetString(files[name]);
        Assert.Contains(what, text, StringComparison.Ordinal);
        files[name] = Encoding.UTF8.GetBytes(text.Replace(what, with, StringComparison.Ordinal));
    }

    private static void HashAnew(Dictionary<string, byte[]> files)
    {
        JsonNode manifest = JsonNode.Parse(files["manifest.json"])!;
        foreach (string name in manifest["files"]!.AsObject().Select(pair => pair.Key).ToList())
            manifest["files"]![name] = Convert.ToHexStringLower(System.Security.Cryptography.SHA256.HashData(files[name]));
        files["manifest.json"] = Encoding.UTF8.GetBytes(manifest.ToJsonString());
    }

    private static void Write(string file, Dictionary<string, byte[]> files)
    {
        using ZipArchive zip = ZipFile.Open(file, ZipArchiveMode.Create);
        foreach ((string name, byte[] content) in files)
        {
            using Stream to = zip.CreateEntry(name).Open();
            to.Write(content);
        }
    }
}
