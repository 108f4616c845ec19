using System.Text.Json;
using Nerezza.Core.Clients;
using Nerezza.Formats;
using Nerezza.Formats.Cases;
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
        Guid id = JsonSerializer.Deserialize<NewId>(await caller.Do(HttpMethod.Post, "/api/clients/import", Deckhand), Json.Options)!.Id;
        await caller.Do(HttpMethod.Post, $"/api/clients/{id}/plans", Block);
        return id;
    }
}
