using System.Net;
using System.Text;
using System.Text.Json;
using System.Text.RegularExpressions;
using Microsoft.AspNetCore.Hosting;
using Nerezza.Tests.Shared;

namespace Nerezza.Web.Tests;

/// <summary>Who may call what: every endpoint of the API's own description, as everybody that there can be, held against docs/access.md. An
/// endpoint that is new has no row there and fails on the day that it is added.</summary>
/// <remarks>NEREZZA_WRITE_ACCESS=yes writes the file anew; it is read by a person before it is kept.</remarks>
public sealed class AccessTests : IDisposable
{
    private static readonly string Kept = Path.Combine(ServerProcess.Root, "docs/access.md");
    private static readonly string[] Heads = ["nobody", "stranger", "owner", "home", "works", "reads", "other", "lifter", "other lifter"];

    /// <summary>Before the body is read it is decided who is let through; so an empty one tells, and changes nothing.</summary>
    private static readonly Dictionary<string, string> Places = new()
    {
        ["userId"] = Guid.Empty.ToString(),
        ["invitation"] = Guid.Empty.ToString(),
        ["room"] = Guid.Empty.ToString(),
        ["device"] = Guid.Empty.ToString(),
        ["maxId"] = Guid.Empty.ToString(),
        ["setId"] = Guid.Empty.ToString(),
        ["import"] = Guid.Empty.ToString(),
        ["token"] = Guid.Empty.ToString(),
        ["template"] = Guid.Empty.ToString(),
        ["list"] = Guid.Empty.ToString(),
        ["kind"] = "csv",
        ["number"] = "1",
        ["date"] = "1850-01-01",
        ["school"] = "positions",
        ["code"] = "ankle-range",
        ["cause"] = "capacity",
        ["exercise"] = "back-squat",
        ["scope"] = "all",
        ["format"] = "json",
    };

    /// <summary>What one does before anybody is signed in.</summary>
    private static readonly string[] Open =
    [
        "GET /api/session",
        "POST /api/session",
        "POST /api/practices",
        "POST /api/password/forgotten",
        "POST /api/password/reset",
        "GET /api/mail-box",
        "POST /api/invitations/look",
        "POST /api/invitations/take",
    ];

    // Ends the sign-in or the client that the others still need; asked last, in this order.
    private static readonly string[] Last =
    [
        "DELETE /api/clients/{id}",
        "POST /api/clients/{id}/erasure",
        "POST /api/clients/{id}/restore",
        SignOut,
        "DELETE /api/clients/{id}/lifter",
    ];
    private const string SignOut = "DELETE /api/session";
    private readonly Site _site = new(settings: builder => builder.UseSetting("NEREZZA_TRIES_A_MINUTE", "100000"));

    public void Dispose() => _site.Dispose();

    [Fact]
    public async Task Every_endpoint_lets_in_who_the_table_says()
    {
        SmallPractice practice = await SmallPractice.Make(_site);
        Caller nobody = _site.AsNobody();
        await nobody.RefreshToken();
        Caller[] callers =
        [
            nobody,
            practice.Stranger,
            practice.Owner,
            practice.Home,
            practice.Works,
            practice.Reads,
            practice.Other,
            practice.Lifter,
            practice.OtherLifter,
        ];
        List<(string Endpoint, string[] Cells)> rows = [];
        foreach (string endpoint in Endpoints())
        {
            string[] cells = new string[callers.Length];
            // Who may least first: what lets somebody through may end it for those after.
            foreach (int i in new[] { 0, 1, 8, 7, 6, 5, 4, 3, 2 })
                cells[i] = await Ask(callers[i], endpoint, practice.Client);
            rows.Add((endpoint, cells));
            if (endpoint == SignOut)
                callers = [nobody, .. await Task.WhenAll(SmallPractice.Emails.Select(_site.SignedIn))];
        }
        Assert.True(rows.Count >= 85, "The description has too few endpoints to be true.");
        HoldLaws(rows);
        string table = Table([.. rows.OrderBy(row => row.Endpoint.Split(' ')[1], StringComparer.Ordinal).ThenBy(row => row.Endpoint)]);
        if (Environment.GetEnvironmentVariable("NEREZZA_WRITE_ACCESS") == "yes")
            await File.WriteAllTextAsync(Kept, Head + table);
        Assert.Equal(await File.ReadAllTextAsync(Kept), Head + table);
    }

    /// <summary>What holds whatever stands in the file.</summary>
    private static void HoldLaws(List<(string Endpoint, string[] Cells)> rows)
    {
        foreach ((string endpoint, string[] cells) in rows)
        {
            bool ofClient = endpoint.Contains("/clients/{id}", StringComparison.Ordinal);
            if (ofClient)
            {
                Assert.True(cells[0] == "sign in", $"{endpoint}: nobody");
                // What is the lifter's alone is refused to every coach, whether there is such a client or not.
                foreach (int unseen in new[] { 1, 6, 8 })
                    Assert.True(
                        cells[unseen] == "not there" || (unseen == 1 && cells[1] == "no" && cells[2] == "no"),
                        $"{endpoint}: {Heads[unseen]} got {cells[unseen]}"
                    );
            }
            else
                Assert.True(cells[0] == (Open.Contains(endpoint) ? "yes" : "sign in"), $"{endpoint}: nobody got {cells[0]}");
            if (ofClient && cells[2] == "yes")
                Assert.True(cells[3] == "yes", $"{endpoint}: the coach whom the client is with got {cells[3]}");
            bool onlyReads =
                endpoint.StartsWith("GET", StringComparison.Ordinal) || endpoint.EndsWith("/preview", StringComparison.Ordinal);
            if (ofClient && !onlyReads)
                Assert.True(cells[5] == "no", $"{endpoint}: who only reads got {cells[5]}");
        }
    }

    private static async Task<string> Ask(Caller caller, string endpoint, Guid client)
    {
        (string method, string path) = (endpoint.Split(' ')[0], endpoint.Split(' ')[1]);
        path = Regex.Replace(path, "{(\\w+)}", place => place.Groups[1].Value == "id" ? client.ToString() : Places[place.Groups[1].Value]);
        HttpResponseMessage answer = await caller.Send(
            new HttpMethod(method),
            path + (method == "GET" ? "?date=2026-11-30&today=2026-11-30&on=2026-11-30" : ""),
                // Handed over to nobody the client would be the owners' from there on.
                path.EndsWith("/home", StringComparison.Ordinal)
                    ? new { userId = Guid.Empty }
                : method is "POST" or "PUT" ? new { }
                : null
        );
        return answer.StatusCode switch
        {
            HttpStatusCode.Unauthorized => "sign in",
            HttpStatusCode.Forbidden => "no",
            // What stands below a client may be missing too; that is no refusal.
            HttpStatusCode.NotFound
                when path.Contains(client.ToString(), StringComparison.Ordinal) && (method == "GET" || await SaysNoClient(answer)) =>
                "not there",
            HttpStatusCode.InternalServerError => throw new InvalidOperationException(
                $"{endpoint} broke: {await answer.Content.ReadAsStringAsync()}"
            ),
            _ => "yes",
        };
    }

    private static async Task<bool> SaysNoClient(HttpResponseMessage answer) =>
        (await answer.Content.ReadAsStringAsync()).Contains("nerezza:no-client", StringComparison.Ordinal);

    /// <summary>Every endpoint of the description, those that end something last.</summary>
    private static IEnumerable<string> Endpoints()
    {
        using var description = JsonDocument.Parse(File.ReadAllText(Path.Combine(ServerProcess.Root, "web/src/api/nerezza.json")));
        return
        [
            .. description
                .RootElement.GetProperty("paths")
                .EnumerateObject()
                .SelectMany(path => path.Value.EnumerateObject().Select(verb => $"{verb.Name.ToUpperInvariant()} {path.Name}"))
                .OrderBy(endpoint => Array.IndexOf(Last, endpoint)),
        ];
    }

    private const string Head = """
        # Who may do what

        Written by `AccessTests` from the API's own description (`NEREZZA_WRITE_ACCESS=yes`), and held against the running server by the
        same test.

        Columns: **nobody** signed in; a **stranger**, owner of another practice; an **owner** of this one; the coach whom the client is
        with (**home**); colleagues with whom the client is shared to **work** on or to **read**; an **other** coach of the practice; the
        client's own **lifter**, and an **other lifter**. *yes*: let through; *no*: refused (403); *not there*: the client does not exist
        for them (404); *sign in*: 401. What an endpoint of nobody's client answers depends on what is sent, and each sees their own rows
        alone.


        """;

    private static string Table(IReadOnlyList<(string Endpoint, string[] Cells)> rows)
    {
        var text = new StringBuilder();
        text.Append("| endpoint | ").AppendJoin(" | ", Heads).Append(" |\n|---|").AppendJoin("", Heads.Select(_ => "---|")).Append('\n');
        foreach ((string endpoint, string[] cells) in rows)
            text.Append($"| `{endpoint}` | ").AppendJoin(" | ", cells).Append(" |\n");
        return text.ToString();
    }
}
