using Microsoft.Extensions.Caching.Memory;
using Nerezza.Data;
using Nerezza.Data.Files;
using Nerezza.Data.Stores;
using Nerezza.Data.Unscoped;
using Nerezza.Formats.Cases;
using Nerezza.Web.Planning;

namespace Nerezza.Web.Accounts;

/// <summary>A whole practice out as one file and in again, for whoever sits at the machine (./nerezza practice).</summary>
internal sealed class PracticeCommand(
    IServiceScopeFactory scopes,
    AllPractices practices,
    IConfiguration settings,
    IMemoryCache cache,
    TimeProvider clock,
    TextWriter say
)
{
    /// <summary>Does what is asked.</summary>
    /// <returns>The exit code.</returns>
    public async Task<int> Run(string[] asked, CancellationToken cancel) =>
        asked switch
        {
            ["list"] => await List(cancel),
            ["out", var file] => await Out(file, null, cancel),
            ["out", var file, var name] => await Out(file, name, cancel),
            ["in", var file] => await In(file, cancel),
            _ => await Say(ExitCode.NotUnderstood, "practice wants: list, out FILE [NAME], in FILE"),
        };

    private async Task<int> List(CancellationToken cancel)
    {
        foreach (PracticeLine line in await practices.All(cancel))
            await say.WriteLineAsync($"{line.Name}\t{line.Clients} clients{(line.IsDemo ? "\tdemo" : "")}");
        return ExitCode.Done;
    }

    private async Task<int> Out(string file, string? name, CancellationToken cancel)
    {
        IReadOnlyList<PracticeLine> all = await practices.All(cancel);
        List<PracticeLine> meant = [.. all.Where(line => name is null ? !line.IsDemo : line.Name == name)];
        if (meant.Count != 1)
            return await Say(
                ExitCode.Refused,
                $"Which practice? Here are: {string.Join(", ", all.Select(line => line.Name))}. Say its name: practice out FILE NAME"
            );
        if (File.Exists(file))
            return await Say(ExitCode.Refused, $"{file} is there already; choose another name.");
        await using AsyncServiceScope scope = scopes.CreateAsyncScope();
        scope.ServiceProvider.GetRequiredService<AccessScope>().Enter(meant[0].PracticeId);
        string part = file + ".part";
        await using (FileStream to = File.Create(part))
            await scope.ServiceProvider.GetRequiredService<PracticeFile>().WritePractice(to, cancel);
        File.Move(part, file);
        return await Say(ExitCode.Done, $"{file} holds {meant[0].Name} with {meant[0].Clients} clients.");
    }

    private async Task<int> In(string file, CancellationToken cancel)
    {
        if (!File.Exists(file))
            return await Say(ExitCode.Refused, $"There is no file {file}.");
        await using FileStream from = File.OpenRead(file);
        return await new PracticeFileReader(settings["NEREZZA_DB"]!, Fault).Read(from, cancel) switch
        {
            PracticeFileReading.Taken taken => await Say(
                ExitCode.Done,
                $"{taken.Practice} is here: {taken.Clients} clients, {taken.Sets} sets. "
                    + "Nobody in it has a password yet; make each a link to one:\n"
                    + string.Join('\n', taken.People.Select(person => $"  ./nerezza account reset {person.Email}"))
            ),
            PracticeFileReading.Refused { Entry: "" } refused => await Say(ExitCode.Refused, $"Nothing was taken in: {refused.Why}."),
            PracticeFileReading.Refused refused => await Say(ExitCode.Refused, $"Nothing was taken in: {refused.Entry}: {refused.Why}."),
            _ => throw new InvalidOperationException("A file is taken in or refused."),
        };
    }

    /// <summary>What is wrong with a client whose rows stand, as the validator of cases sees it.</summary>
    private async Task<string?> Fault(NerezzaContext context, AccessScope scope, Guid client)
    {
        ClientFile file = (await new ClientStore(context, scope).Find(client, CancellationToken.None))!;
        var log = new LogStore(context, new PastTraining(context, scope, cache), clock);
        IReadOnlyCollection<string> own =
        [
            .. (await new OwnExerciseStore(context, scope).All(CancellationToken.None)).Select(row => row.Exercise),
        ];
        return CaseReader.Check(CaseAssembly.Case(file, await log.All(client, CancellationToken.None), null), own) is [var fault, ..]
            ? $"{fault.Path} {fault.Message}"
            : null;
    }

    private async Task<int> Say(int code, string words)
    {
        await say.WriteLineAsync(words);
        return code;
    }
}
