using System.Diagnostics;
using System.IO.Compression;
using System.Text.Json;
using Nerezza.Data.Accounts;
using Nerezza.Formats;
using Nerezza.Formats.Plans;
using Nerezza.Tests.Shared;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Tests.Keeping;

/// <summary>The command line asks a running server with a token.</summary>
public sealed class CommandLineTests : IDisposable
{
    private readonly string _folder = Directory.CreateTempSubdirectory("nerezza-cli-").FullName;

    public void Dispose() => Directory.Delete(_folder, recursive: true);

    [Fact]
    public async Task Plan_log_and_export_do_what_they_say_and_say_what_they_cannot()
    {
        using Site site = new();
        Caller owner = await site.AsHarbour();
        Guid id = await Samples.ClientWithBlock(owner);
        string name = (await owner.Get<List<ClientLine>>("/api/clients?today=2026-11-30"))[0].Name;
        string reads = (await TokenTests.Make(owner, TokenScope.Read)).Token,
            writes = (await TokenTests.Make(owner, TokenScope.Write)).Token;
        using ServerProcess server = ServerProcess.Start(site.Connection);
        Task<(int Code, string Output, string Errors)> Run(string token, params string[] arguments) =>
            Cli(server.Address, token, arguments);

        // A log in, once; what is there already is not kept again.
        string file = Path.Combine(_folder, "log.csv");
        await File.WriteAllTextAsync(file, "Date,Exercise,kg,Reps\n2026-10-01,leg-press,100,8\n2026-10-03,leg-press,105,8\n");
        (int code, _, string said) = await Run(reads, "log", "--client", name, file);
        Assert.Equal(1, code);
        Assert.Contains("reads alone", said, StringComparison.Ordinal);
        (code, _, said) = await Run(writes, "log", "--client", name, file);
        Assert.True(code == 0, said);
        Assert.Contains("2 sets were kept", said, StringComparison.Ordinal);
        (code, string output, said) = await Run(reads, "log", "--client", id.ToString());
        Assert.True(code == 0, said);
        Assert.Contains("2026-10-03", output, StringComparison.Ordinal);
        await File.WriteAllTextAsync(file, "Date,Exercise,kg,Reps\n2026-10-05,mystery lift of the quay,100,8\n");
        (code, _, said) = await Run(writes, "log", "--client", name, file);
        Assert.Equal(1, code);
        Assert.Contains("mystery lift of the quay", said, StringComparison.Ordinal);

        // A file and a practice out; never over what is there.
        string zip = Path.Combine(_folder, "all.zip");
        (code, _, said) = await Run(reads, "export", zip);
        Assert.True(code == 0, said);
        using (ZipArchive whole = ZipFile.OpenRead(zip))
            Assert.NotNull(whole.GetEntry($"clients/{id}/sets.json"));
        Assert.Equal(1, (await Run(reads, "export", "--client", name, zip)).Code);

        // Whom the token does not see is not there, and no token is told so.
        (code, _, said) = await Run(reads, "plan", "--client", "Nobody");
        Assert.Equal((1, true), (code, said.Contains("no client 'Nobody'", StringComparison.Ordinal)));
        (code, _, said) = await Run("nerezza_none", "plan", "--client", name);
        Assert.Equal((1, true), (code, said.Contains("token", StringComparison.Ordinal)));
        Assert.Equal(2, (await Run("", "plan", "--client", name)).Code);

        // The plan in force is the open format.
        (code, output, said) = await Run(reads, "plan", "--client", name);
        if (code == 0)
            Assert.NotNull(JsonSerializer.Deserialize<PlanDocument>(output, Json.Options));
        else
            Assert.Contains("404", said, StringComparison.Ordinal);
    }

    private static async Task<(int Code, string Output, string Errors)> Cli(Uri address, string token, string[] arguments)
    {
        var start = new ProcessStartInfo(
            "dotnet",
            [Path.Combine(ServerProcess.Root, "src/Nerezza.Cli/bin/Release/net10.0/Nerezza.Cli.dll"), .. arguments]
        )
        {
            RedirectStandardOutput = true,
            RedirectStandardError = true,
        };
        start.Environment["NEREZZA_SERVER"] = address.ToString();
        start.Environment["NEREZZA_TOKEN"] = token;
        using Process process = Process.Start(start)!;
        Task<string> output = process.StandardOutput.ReadToEndAsync(),
            errors = process.StandardError.ReadToEndAsync();
        await process.WaitForExitAsync();
        return (process.ExitCode, await output, await errors);
    }
}
