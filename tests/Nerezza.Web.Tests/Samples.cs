using System.Text.Json;
using Nerezza.Core.Clients;
using Nerezza.Formats;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Plans;
using Nerezza.Tests.Shared;
using Nerezza.Web.Contracts;
using LogSet = Nerezza.Web.Contracts.LogSet;

namespace Nerezza.Web.Tests;

/// <summary>Made-up input for the tests.</summary>
internal static class Samples
{
    public static readonly DateOnly Start = new(2026, 11, 30);

    public static string Folder => Path.Combine(ServerProcess.Root, "docs/formats/examples");

    public static CaseDocument Deckhand =>
        JsonSerializer.Deserialize<CaseDocument>(File.ReadAllText(Path.Combine(Folder, "deckhand.json")), Json.Options)!;

    public static BlockSection Block =>
        new()
        {
            Start = Start,
            Kind = BlockKind.Strength,
            Weeks = 4,
        };

    /// <summary>A short left ankle.</summary>
    public static SaveScreen Screen =>
        new()
        {
            Screen = new ScreenSection
            {
                KneeToWallCm = new SidesSection { Left = 7, Right = 12 },
            },
            Faults = [],
        };

    public static LogSet Set(
        string exercise = "heels-raised-back-squat",
        double kg = 92.5,
        int reps = 5,
        double? rpe = null,
        int place = 0,
        DateOnly? date = null
    ) =>
        new()
        {
            Id = Guid.CreateVersion7().ToString(),
            Date = date ?? Start,
            Exercise = exercise,
            Place = place,
            Kg = kg,
            Reps = reps,
            Rpe = rpe,
        };

    /// <summary>The deckhand with a four-week block from <see cref="Start"/>.</summary>
    public static async Task<Guid> ClientWithBlock(Caller caller)
    {
        Guid id = await Client(caller, Deckhand);
        await caller.Do(HttpMethod.Post, $"/api/clients/{id}/plans", Block);
        return id;
    }

    /// <summary>A new client of a case.</summary>
    public static async Task<Guid> Client(Caller caller, CaseDocument document) =>
        JsonSerializer.Deserialize<NewId>(await caller.Do(HttpMethod.Post, "/api/clients/import", document), Json.Options)!.Id;

    /// <summary>The block that holds on a day; on <see cref="Start"/> where none is named.</summary>
    public static Task<BlockView> BlockOn(Caller caller, Guid id, DateOnly? on = null) =>
        caller.Get<BlockView>($"/api/clients/{id}/block?on={on ?? Start:yyyy-MM-dd}");

    /// <summary>The session of a day.</summary>
    public static Task<FloorView> Floor(Caller caller, Guid id, DateOnly date) =>
        caller.Get<FloorView>($"/api/clients/{id}/floor?date={date:yyyy-MM-dd}");

    /// <summary>A cell of the block's first session: the first exercise with a load above none.</summary>
    public static async Task<EditSection> FirstCell(Caller caller, Guid id)
    {
        SessionPart first = (await BlockOn(caller, id)).Plan.Block!.Weeks[0].Sessions[0];
        return new EditSection
        {
            Kind = EditKind.Write,
            Week = 1,
            Day = first.Day,
            Exercise = first.Items.FirstOrDefault(item => item.Sets[0].Kg > 0, first.Items[0]).Exercise,
        };
    }
}
