using System.Text.Json;
using System.Text.Json.Nodes;
using Microsoft.EntityFrameworkCore;
using Nerezza.Data.Access;
using Nerezza.Data.Rows;
using Nerezza.Formats;
using Nerezza.Formats.Cases;

namespace Nerezza.Data.Stores;

/// <summary>A list of clients that was taken in.</summary>
/// <param name="Made">Clients that it made.</param>
/// <param name="Added">Clients that were on file, and got measurements or maxes from it.</param>
public sealed record KeptList(Guid Id, string Name, DateTimeOffset KeptAt, string By, DateTimeOffset? TakenBackAt, int Made, int Added);

/// <summary>A client that a list makes.</summary>
public sealed record MadeByList(ClientRow Client, EquipmentRow Equipment, IReadOnlyList<MaxRow> Maxes, IReadOnlyList<ScreenRow> Screens);

/// <summary>What a list adds to a client who is on file.</summary>
/// <param name="Facts">Null where they stay as they are.</param>
/// <param name="Screens">What was measured on each day; it goes into that day's screen where there is one.</param>
public sealed record AddedByList(
    Guid ClientId,
    ClientSection? Facts,
    IReadOnlyList<MaxRow> Maxes,
    IReadOnlyList<(DateOnly Date, ScreenSection Measured)> Screens
);

/// <summary>Lists of clients, taken in and taken back as one, of the scope's practice.</summary>
public sealed class ClientListStore(NerezzaContext context, AccessScope scope)
{
    /// <summary>The newest first.</summary>
    public async Task<IReadOnlyList<KeptList>> All(CancellationToken cancel) =>
        await context
            .ClientLists.AsNoTracking()
            .GroupBy(row => new
            {
                row.ListId,
                row.Name,
                row.KeptAt,
                row.By,
                row.TakenBackAt,
            })
            .OrderByDescending(rows => rows.Key.KeptAt)
            .Select(rows => new KeptList(
                rows.Key.ListId,
                rows.Key.Name,
                rows.Key.KeptAt,
                rows.Key.By,
                rows.Key.TakenBackAt,
                rows.Count(row => row.IsNew),
                rows.Count(row => !row.IsNew)
            ))
            .ToListAsync(cancel);

    public async Task<bool> Exists(Guid listId, CancellationToken cancel) =>
        await context.ClientLists.AnyAsync(row => row.ListId == listId, cancel);

    /// <summary>Keeps all of a list or nothing.</summary>
    /// <returns>False where somebody changed one of its clients at the same moment; nothing is kept then.</returns>
    public async Task<bool> Keep(
        Guid listId,
        string name,
        DateTimeOffset at,
        IReadOnlyList<MadeByList> made,
        IReadOnlyList<AddedByList> added,
        CancellationToken cancel
    )
    {
        HashSet<Guid> fresh = [.. made.Select(one => one.Client.Id)];
        foreach (MadeByList one in made)
        {
            scope.Made(one.Client.Id);
            context.AddRange(one.Client, one.Equipment);
            context.AddRange(one.Maxes);
            context.AddRange(one.Screens);
            context.Add(Row(one.Client.Id, one.Maxes, [.. one.Screens.Select(row => new ListedScreen(row.Date, null, row.Screen))]));
        }
        foreach (AddedByList one in added)
        {
            context.AddRange(one.Maxes);
            ListedFacts? facts = one.Facts is { } after ? await Follow(one.ClientId, after, cancel) : null;
            context.Add(Row(one.ClientId, one.Maxes, await Measure(one, cancel), facts));
        }
        return await context.TrySave(cancel) is Saved.Done;

        ClientListRow Row(Guid clientId, IReadOnlyList<MaxRow> maxes, IReadOnlyList<ListedScreen> screens, ListedFacts? facts = null) =>
            new()
            {
                PracticeId = context.PracticeId,
                ListId = listId,
                ClientId = clientId,
                Name = name,
                KeptAt = at,
                By = scope.Standing?.By ?? "",
                IsNew = fresh.Contains(clientId),
                Maxes = [.. maxes.Select(max => max.Id)],
                Screens = screens,
                Facts = facts,
            };
    }

    /// <summary>Takes a list back: the clients that it made are put away and go after the day of grace, what it added to others goes.
    /// Clients that have a block or a set by now stay, and so does what was changed since and whom the coach may not change.</summary>
    /// <returns>The names of those of whom something stays; null where somebody changed one of them at the same moment: nothing is taken
    /// back then.</returns>
    public async Task<IReadOnlyList<string>?> TakeBack(Guid listId, DateTimeOffset at, CancellationToken cancel)
    {
        List<ClientListRow> rows = await context
            .ClientLists.Where(row => row.ListId == listId && row.TakenBackAt == null)
            .ToListAsync(cancel);
        List<string> stay = [];
        foreach (ClientListRow row in rows)
        {
            ClientRow client = await context.Clients.FirstAsync(one => one.Id == row.ClientId, cancel);
            if (scope.AccessTo(row.ClientId) < (row.IsNew ? ClientAccess.Home : ClientAccess.Work))
            {
                stay.Add(client.Name);
                continue;
            }
            row.TakenBackAt = at;
            bool isGone = row.IsNew ? await PutAway(client, at, cancel) : await Undo(row, client, cancel);
            if (!isGone)
                stay.Add(client.Name);
        }
        return await context.TrySave(cancel) is Saved.Done ? [.. stay.Order(StringComparer.Ordinal)] : null;
    }

    private async Task<bool> PutAway(ClientRow client, DateTimeOffset at, CancellationToken cancel)
    {
        if (
            await context.Plans.AnyAsync(plan => plan.ClientId == client.Id, cancel)
            || await context.LoggedSets.AnyAsync(set => set.ClientId == client.Id, cancel)
        )
            return false;
        client.ArchivedAt ??= at;
        client.EraseAt ??= at + ClientStore.Grace;
        return true;
    }

    private async Task<bool> Undo(ClientListRow row, ClientRow client, CancellationToken cancel)
    {
        context.RemoveRange(
            await context.Maxes.Where(max => max.ClientId == row.ClientId && row.Maxes.Contains(max.Id)).ToListAsync(cancel)
        );
        bool isGone = true;
        foreach (ListedScreen listed in row.Screens)
        {
            ScreenRow? screen = await context.Screens.FirstOrDefaultAsync(
                one => one.ClientId == row.ClientId && one.Date == listed.Date,
                cancel
            );
            if (screen is null)
                continue;
            if (!IsSame(screen.Screen, listed.After))
                isGone = false;
            else if (listed.Before is { } before)
                screen.Screen = before;
            else if (screen.Faults.Count == 0)
                context.Remove(screen);
            else
                screen.Screen = new ScreenSection();
        }
        if (row.Facts is not { } facts)
            return isGone;
        if (!IsSame(client.Facts, facts.After))
            return false;
        (client.Facts, client.Name) = (facts.Before, facts.Before.Name);
        return isGone;
    }

    private async Task<ListedFacts> Follow(Guid clientId, ClientSection after, CancellationToken cancel)
    {
        ClientRow client = await context.Clients.FirstAsync(row => row.Id == clientId, cancel);
        var change = new ListedFacts(client.Facts, after);
        client.Facts = after;
        return change;
    }

    private async Task<IReadOnlyList<ListedScreen>> Measure(AddedByList added, CancellationToken cancel)
    {
        List<ListedScreen> listed = [];
        foreach ((DateOnly date, ScreenSection measured) in added.Screens)
        {
            ScreenRow? there = await context.Screens.FirstOrDefaultAsync(row => row.ClientId == added.ClientId && row.Date == date, cancel);
            ScreenSection after = there is null ? measured : Filled(there.Screen, measured);
            listed.Add(new ListedScreen(date, there?.Screen, after));
            if (there is null)
                context.Add(
                    new ScreenRow
                    {
                        PracticeId = context.PracticeId,
                        Id = Guid.CreateVersion7(),
                        ClientId = added.ClientId,
                        Date = date,
                        Screen = after,
                        Faults = [],
                    }
                );
            else
                there.Screen = after;
        }
        return listed;
    }

    /// <summary>A screen with what was measured in it.</summary>
    private static ScreenSection Filled(ScreenSection screen, ScreenSection measured)
    {
        var filled = (JsonObject)JsonSerializer.SerializeToNode(screen, Json.Options)!;
        Fill(filled, (JsonObject)JsonSerializer.SerializeToNode(measured, Json.Options)!);
        return filled.Deserialize<ScreenSection>(Json.Options)!;
    }

    private static void Fill(JsonObject into, JsonObject from)
    {
        foreach ((string name, JsonNode? value) in from)
            if (value is JsonObject inner && into[name] is JsonObject there)
                Fill(there, inner);
            else if (value is not null)
                into[name] = value.DeepClone();
    }

    private static bool IsSame<T>(T one, T other) =>
        JsonNode.DeepEquals(JsonSerializer.SerializeToNode(one, Json.Options), JsonSerializer.SerializeToNode(other, Json.Options));
}
