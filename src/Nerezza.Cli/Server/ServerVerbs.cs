using System.Net.Http.Json;
using System.Text.Json;
using Nerezza.Formats;

namespace Nerezza.Cli.Server;

/// <summary>What the command line asks of a running server: plan --client, log, export.</summary>
internal sealed class ServerVerbs(ServerCalls server, Stream output, TextWriter errors)
{
    private const int Done = 0,
        Refused = 1;

    /// <summary>Prints the plan in force of a client as the open format.</summary>
    public Task<int> Plan(string client) => WithClient(client, id => Print($"api/clients/{id}/plan"));

    /// <summary>Prints the log of a client as CSV.</summary>
    public Task<int> Log(string client) => WithClient(client, id => Print($"api/clients/{id}/log.csv"));

    /// <summary>Writes a client as one zip.</summary>
    public Task<int> ExportClient(string client, string file) => WithClient(client, id => Keep($"api/clients/{id}/file.zip", file));

    /// <summary>Writes the practice as one zip.</summary>
    public Task<int> ExportPractice(string file) => Keep("api/practice/file.zip", file);

    /// <summary>Takes a file of sets into a client's log, where everything in it is understood; else says what is not, and keeps
    /// nothing.</summary>
    public Task<int> TakeIn(string client, string file) =>
        WithClient(
            client,
            async id =>
            {
                if (!File.Exists(file))
                    return Say($"there is no file {file}");
                string name = Path.GetFileName(file),
                    content = Convert.ToBase64String(await File.ReadAllBytesAsync(file));
                JsonElement read;
                switch (await server.Post($"api/clients/{id}/imports/preview", new { name, content }))
                {
                    case Answer.Good good:
                        using (good.Message)
                            read = await good.Message.Content.ReadFromJsonAsync<JsonElement>(Json.Options);
                        break;
                    case Answer.Bad bad:
                        return Say(bad.Why);
                    default:
                        throw new InvalidOperationException("An answer is good or bad.");
                }
                List<string> unclear = [.. Unclear(read)];
                if (unclear.Count > 0)
                {
                    unclear.ForEach(errors.WriteLine);
                    return Say("nothing was kept; open the file under People, \"Take a log in\", and answer there");
                }
                await errors.WriteLineAsync(
                    $"Loads that say no unit are read as {(read.GetProperty("pounds").GetBoolean() ? "pounds" : "kilograms")}."
                );
                string importId = Guid.CreateVersion7().ToString();
                return await server.Post(
                    $"api/clients/{id}/imports",
                    new
                    {
                        name,
                        content,
                        id = importId,
                    }
                ) switch
                {
                    Answer.Good good => await Kept(good.Message),
                    Answer.Bad bad => Say(bad.Why),
                    _ => throw new InvalidOperationException("An answer is good or bad."),
                };
            }
        );

    private static IEnumerable<string> Unclear(JsonElement read)
    {
        foreach (JsonElement row in read.GetProperty("refused").EnumerateArray())
            yield return $"row {row.GetProperty("row")}: {row.GetProperty("why").GetString()}";
        foreach (JsonElement name in read.GetProperty("unknown").EnumerateArray())
            yield return $"what '{name.GetProperty("name").GetString()}' is nobody said yet";
        if (read.GetProperty("orderUnclear").GetBoolean())
            yield return "the days can be read both ways, day first or month first";
    }

    /// <summary>Reads how far it is to the end: without the last line nothing was kept.</summary>
    private async Task<int> Kept(HttpResponseMessage message)
    {
        using (message)
        {
            using var lines = new StreamReader(await message.Content.ReadAsStreamAsync());
            while (await lines.ReadLineAsync() is { } line)
            {
                using var told = JsonDocument.Parse(line);
                if (!told.RootElement.GetProperty("kept").GetBoolean())
                    continue;
                await errors.WriteLineAsync($"{told.RootElement.GetProperty("of")} sets were kept.");
                return Done;
            }
        }
        return Say("the server stopped before it was done; nothing was kept");
    }

    private async Task<int> WithClient(string wanted, Func<string, Task<int>> act)
    {
        switch (await server.Get(FormattableString.Invariant($"api/clients?today={DateTime.Now:yyyy-MM-dd}")))
        {
            case Answer.Good good:
                using (good.Message)
                {
                    JsonElement all = await good.Message.Content.ReadFromJsonAsync<JsonElement>(Json.Options);
                    List<(string Id, string Name)> found =
                    [
                        .. all.EnumerateArray()
                            .Select(one => (Id: one.GetProperty("id").GetString()!, Name: one.GetProperty("name").GetString()!))
                            .Where(one => one.Id == wanted || string.Equals(one.Name, wanted, StringComparison.OrdinalIgnoreCase)),
                    ];
                    return found switch
                    {
                        [var one] => await act(one.Id),
                        [] => Say($"there is no client '{wanted}' that this token sees"),
                        _ => Say(
                            $"'{wanted}' is the name of {found.Count} clients; use an id: {string.Join(", ", found.Select(one => one.Id))}"
                        ),
                    };
                }
            case Answer.Bad bad:
                return Say(bad.Why);
            default:
                throw new InvalidOperationException("An answer is good or bad.");
        }
    }

    private async Task<int> Print(string path)
    {
        switch (await server.Get(path))
        {
            case Answer.Good good:
                using (good.Message)
                    await good.Message.Content.CopyToAsync(output);
                return Done;
            case Answer.Bad bad:
                return Say(bad.Why);
            default:
                throw new InvalidOperationException("An answer is good or bad.");
        }
    }

    /// <summary>Under its name only once it is whole.</summary>
    private async Task<int> Keep(string path, string file)
    {
        if (File.Exists(file))
            return Say($"{file} is there already; choose another name");
        switch (await server.Get(path))
        {
            case Answer.Good good:
                string part = file + ".part";
                using (good.Message)
                await using (FileStream to = File.Create(part))
                    await good.Message.Content.CopyToAsync(to);
                File.Move(part, file);
                return Done;
            case Answer.Bad bad:
                return Say(bad.Why);
            default:
                throw new InvalidOperationException("An answer is good or bad.");
        }
    }

    private int Say(string why)
    {
        errors.WriteLine($"nerezza: {why}");
        return Refused;
    }
}
