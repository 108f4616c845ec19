using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using Nerezza.Core;
using Nerezza.Core.Findings;
using Nerezza.Core.Selection;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats;
using Nerezza.Formats.Cases;

namespace Nerezza.Web.Planning;

/// <summary>Puts a client's rows together as a case, and takes a case apart.</summary>
internal static class CaseAssembly
{
    /// <summary>The case without the log: what is entered, screened and answered.</summary>
    public static CaseDocument Facts(ClientFile file, BlockSection? block) => Case(file, [], block);

    /// <summary>The case as Core takes it, with the log.</summary>
    public static ClientCase ToCase(ClientFile file, ClientLog log, BlockSection? block) =>
        CaseMapping.ToCase(Facts(file, block)) with
        {
            Log = log.Days,
        };

    /// <summary>The whole case, with every set.</summary>
    public static CaseDocument Case(ClientFile file, IReadOnlyList<LoggedSetRow> log, BlockSection? block) =>
        new()
        {
            Format = "nerezza.case",
            Version = 1,
            Client = file.Client.Facts,
            Equipment = file.Kit,
            Elsewhere =
                file.Elsewhere.Count == 0
                    ? null
                    : [.. file.Elsewhere.Select(one => new ElsewhereSection { Day = one.Day, Equipment = one.Room.Document })],
            Schools = file.Client.Schools,
            Screen = file.Screen?.Screen,
            ScreenedOn = file.Screen?.Date,
            EarlierScreens =
            [
                .. file.Earlier.Select(row => new EarlierScreenSection
                {
                    Date = row.Date,
                    Screen = row.Screen,
                    Faults = row.Faults,
                }),
            ],
            Faults = file.Screen?.Faults,
            Pain = file.Client.Observed.Pain,
            Ladders = file.Client.Observed.Ladders,
            Strength = [.. file.Maxes.Select(Strength)],
            Log = [.. ClientLog.Sections(log)],
            Block = block,
        };

    /// <summary>A fingerprint of what a plan rests on besides maxes and log, which the plan always takes at their newest.</summary>
    public static string InputsHash(CaseDocument document, ClientFile file)
    {
        // To agree with a finding changes no plan.
        FindingDecision[] decisions = [.. Decisions(file).Where(one => one.Verdict is not Verdict.Accepted)];
        IReadOnlyList<Pick> picks = Picks(file);
        CaseDocument inputs = document with { Client = document.Client with { Name = "-" }, Strength = null, Log = null, Block = null };
        return Convert.ToHexStringLower(
            SHA256.HashData(
                Encoding.UTF8.GetBytes(
                    Pruned(
                        JsonSerializer.SerializeToNode(
                            new
                            {
                                inputs,
                                decisions,
                                picks,
                            },
                            Json.Options
                        )
                    )
                        ?.ToJsonString()
                        ?? ""
                )
            )
        );
    }

    /// <summary>Without what says nothing, so that a field left empty and one never touched are the same input.</summary>
    private static JsonNode? Pruned(JsonNode? node)
    {
        if (node is JsonObject thing)
        {
            foreach ((string name, JsonNode? value) in thing.ToList())
                if (Pruned(value) is null)
                    thing.Remove(name);
            return thing.Count == 0 ? null : thing;
        }
        if (node is not JsonArray list)
            return node;
        foreach (JsonNode? item in list)
            Pruned(item);
        return list.Count == 0 ? null : list;
    }

    /// <summary>The coach's word on this client's findings.</summary>
    public static IReadOnlyList<FindingDecision> Decisions(ClientFile file) => file.Client.Observed.Decisions ?? [];

    /// <summary>The coach's word on exercises for this client.</summary>
    public static IReadOnlyList<Pick> Picks(ClientFile file) => file.Client.Observed.Picks ?? [];

    /// <summary>The client of a case that comes in.</summary>
    /// <param name="homeCoach">Whom they are with.</param>
    public static ClientRow Client(Guid practiceId, Guid id, Guid? homeCoach, CaseDocument document) =>
        new()
        {
            PracticeId = practiceId,
            Id = id,
            Name = document.Client.Name,
            Facts = document.Client,
            Schools = document.Schools ?? new SchoolsSection(),
            Observed = new ObservedSections(document.Pain, document.Ladders, []),
            HomeCoach = homeCoach,
        };

    /// <summary>The kit of a case that comes in; one that brings none trains in the room.</summary>
    public static EquipmentRow Kit(Guid practiceId, Guid clientId, CaseDocument document, Guid? room) =>
        new()
        {
            PracticeId = practiceId,
            ClientId = clientId,
            Document = document.Equipment ?? new EquipmentSection(),
            RoomId = document.Equipment is null ? room : null,
        };

    /// <summary>The screens that an imported or new case brings; none where it brings nothing.</summary>
    /// <param name="day">The day of the newest where the case does not say.</param>
    public static IEnumerable<ScreenRow> Screens(Guid practiceId, Guid clientId, CaseDocument document, DateOnly day)
    {
        ScreenRow Row(DateOnly on, ScreenSection? screen, IReadOnlyList<FaultSection>? faults) =>
            new()
            {
                PracticeId = practiceId,
                Id = Guid.CreateVersion7(),
                ClientId = clientId,
                Date = on,
                Screen = screen ?? new ScreenSection(),
                Faults = faults ?? [],
            };
        IEnumerable<ScreenRow> newest =
            document.Screen is null && document.Faults is null ? [] : [Row(document.ScreenedOn ?? day, document.Screen, document.Faults)];
        return
        [
            .. newest
                .Concat((document.EarlierScreens ?? []).Select(one => Row(one.Date, one.Screen, one.Faults)))
                .DistinctBy(row => row.Date),
        ];
    }

    public static StrengthSection Strength(MaxRow row) =>
        new()
        {
            Exercise = row.Exercise,
            Kg = (double)row.LoadKg,
            Reps = row.Reps,
            Rpe = (double?)row.Rpe,
            Side = row.Side,
            Date = row.Date,
            Amrap = row.Amrap,
        };

    public static MaxRow Max(Guid practiceId, Guid clientId, StrengthSection set) =>
        new()
        {
            PracticeId = practiceId,
            Id = Guid.CreateVersion7(),
            ClientId = clientId,
            Exercise = set.Exercise,
            Side = set.Side,
            LoadKg = (decimal)set.Kg,
            Reps = set.Reps,
            Rpe = (decimal?)set.Rpe,
            Date = set.Date,
            Amrap = set.Amrap ?? false,
        };
}
