using System.Net;
using System.Text;
using System.Text.Json;
using Nerezza.Core.Clients;
using Nerezza.Data.Stores;
using Nerezza.Formats.Cases;
using Nerezza.Tables.Clients;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Tests;

/// <summary>A list of clients that comes in as a file: shown first, kept as one, taken back as one.</summary>
public sealed class ClientListTests(Site site) : IClassFixture<Site>
{
    [Fact]
    public async Task A_list_is_understood_asked_about_kept_and_taken_back_as_one()
    {
        Caller coach = await site.AsHarbour();
        Guid mara = await Samples.ClientWithBlock(coach);
        CaseDocument before = await Case(coach, mara);
        KeepClientList list = File(
            $"""
            Name,Height,Weight,Tested,Ankle left,Ankle right,Squat max
            {before.Client.Name},{before.Client.HeightCm},{before.Client.MassKg + 2},2026-11-20,7,8,90
            Nora Vik,1.72,70,2026-11-20,10,12,80x5
            Ole Dahl,,80,2026-11-20,,,
            """
        );
        ClientListView read = await Read(coach, list);
        Assert.Equal((true, true, "squat"), (read.AsksLevel, read.AsksDays, Assert.Single(read.Unknown).Name));
        list = list with
        {
            Names = [new NameMeans { Name = "squat", Exercise = "back-squat-high-bar" }],
            Level = Level.Intermediate,
            Days = [Weekday.Mon, Weekday.Thu],
            Minutes = 60,
            Facts = FactsOnFile.Follow,
        };
        read = await Read(coach, list);
        Assert.Equal((1, 1, 1), (read.Made, read.Added, read.RefusedCount));
        Assert.StartsWith("Ole Dahl, row 4: height is missing", read.Refused[0], StringComparison.Ordinal);
        Assert.Equal(["body mass"], read.Shown[0].Differs);
        Assert.Equal((mara, null), (read.Shown[0].Client, read.Shown[1].Client));
        Assert.Equal(["height 172 cm", "body mass 70 kg"], read.Shown[1].Facts);

        Assert.Equal(HttpStatusCode.BadRequest, (await coach.Send(HttpMethod.Post, "/api/client-lists", list)).StatusCode);
        Assert.DoesNotContain(await Names(coach), name => name == "Nora Vik");
        await coach.Do(HttpMethod.Post, "/api/client-lists", list = list with { LeaveOut = true });
        // Sent twice it is kept once.
        await coach.Do(HttpMethod.Post, "/api/client-lists", list);
        Assert.Single(await Names(coach), name => name == "Nora Vik");
        CaseDocument after = await Case(coach, mara);
        Assert.Equal(before.Client.MassKg + 2, after.Client.MassKg);
        SidesSection ankles = (await Screened(coach, mara)).Screen.KneeToWallCm!;
        Assert.Equal((7, 8), (ankles.Left, ankles.Right));
        Assert.Contains(after.Strength!, set => set is { Exercise: "back-squat-high-bar", Kg: 90, Reps: 1 });
        Guid nora = (await coach.Get<List<ClientLine>>("/api/clients?today=2026-11-29")).Single(line => line.Name == "Nora Vik").Id;
        Assert.Equal((80, 5), ((await Case(coach, nora)).Strength![0].Kg, (await Case(coach, nora)).Strength![0].Reps));

        KeptList kept = Assert.Single(await coach.Get<List<KeptList>>("/api/client-lists"));
        Assert.Equal((1, 1), (kept.Made, kept.Added));
        await coach.Do(HttpMethod.Post, $"/api/client-lists/{kept.Id}/undo");
        Assert.DoesNotContain(await Names(coach), name => name == "Nora Vik");
        Assert.Equal(
            JsonSerializer.Serialize(before, Formats.Json.Options),
            JsonSerializer.Serialize(await Case(coach, mara), Formats.Json.Options)
        );
        Assert.NotNull(Assert.Single(await coach.Get<List<KeptList>>("/api/client-lists")).TakenBackAt);
    }

    [Fact]
    public async Task Of_a_list_that_is_taken_back_those_who_have_a_block_by_now_stay_and_so_does_what_was_measured_again()
    {
        Caller coach = await site.SignedIn("hill@example.test");
        Guid there = await Samples.ClientWithBlock(coach);
        string name = (await Case(coach, there)).Client.Name;
        KeepClientList list = File($"Name,Height,Weight,Tested,Ankle left\n{name},170,64,2026-11-20,7\nNora,172,70,2026-11-20,9\n") with
        {
            Level = Level.Novice,
            Days = [Weekday.Mon, Weekday.Thu],
            Minutes = 60,
        };
        await coach.Do(HttpMethod.Post, "/api/client-lists", list);
        Guid nora = (await coach.Get<List<ClientLine>>("/api/clients?today=2026-11-29")).Single(line => line.Name == "Nora").Id;
        await coach.Do(
            HttpMethod.Post,
            $"/api/clients/{nora}/sets",
            Samples.Set("leg-press", kg: 100, reps: 8, date: new DateOnly(2026, 11, 27))
        );
        KeptScreen kept = await Screened(coach, there);
        await coach.Do(
            HttpMethod.Put,
            $"/api/clients/{there}/screens/2026-11-20",
            new SaveScreen
            {
                Version = kept.Version,
                Screen = kept.Screen with { HipFlexionDeg = 120 },
                Faults = [],
            }
        );
        ListTakenBack back = JsonSerializer.Deserialize<ListTakenBack>(
            await coach.Do(HttpMethod.Post, $"/api/client-lists/{list.Id}/undo"),
            Formats.Json.Options
        )!;
        Assert.Equal([name, "Nora"], back.Stay.OrderBy(one => one == "Nora"));
        Assert.Contains("Nora", await Names(coach));
        Assert.Equal(7, (await Screened(coach, there)).Screen.KneeToWallCm!.Left);
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await (await site.AsHarbour()).Send(HttpMethod.Post, $"/api/client-lists/{list.Id}/undo")).StatusCode
        );
    }

    [Fact]
    public async Task A_list_adds_to_whom_the_coach_works_with_and_to_nobody_else()
    {
        using Site own = new();
        SmallPractice practice = await SmallPractice.Make(own);
        string name = (await Case(practice.Home, practice.Client)).Client.Name;
        KeepClientList list = File($"Name,Tested,Ankle left\n{name},2026-11-20,7\n");
        Assert.Contains("shared with you to read", Assert.Single((await Read(practice.Reads, list)).Refused), StringComparison.Ordinal);
        HttpResponseMessage kept = await practice.Reads.Send(HttpMethod.Post, "/api/client-lists", list with { LeaveOut = true });
        Assert.Equal(HttpStatusCode.BadRequest, kept.StatusCode);
        // Of the same name each finds whom they work with; who knows nobody of it would have to make a client.
        Assert.Equal(practice.Client, Assert.Single((await Read(practice.Works, list)).Shown).Client);
        Assert.Equal(practice.OtherClient, Assert.Single((await Read(practice.Other, list)).Shown).Client);
        Assert.Contains("no column says height", Assert.Single((await Read(practice.Stranger, list)).Refused), StringComparison.Ordinal);
        await practice.Works.Do(HttpMethod.Post, "/api/client-lists", list);
        Assert.Equal(7, (await Screened(practice.Home, practice.Client)).Screen.KneeToWallCm!.Left);
        Assert.Empty(await practice.Other.Get<List<KeptList>>("/api/client-lists"));
        Assert.Equal(HttpStatusCode.NotFound, (await practice.Other.Send(HttpMethod.Post, $"/api/client-lists/{list.Id}/undo")).StatusCode);
    }

    [Fact]
    public async Task New_clients_have_the_kit_of_the_only_room_or_of_the_one_that_is_said()
    {
        using Site own = new();
        Caller owner = await own.AsHarbour();
        KeepClientList Of(string name, string? room) =>
            File($"Name,Height,Weight\n{name},170,64\n") with
            {
                Level = Level.Novice,
                Days = [Weekday.Mon, Weekday.Thu],
                Minutes = 60,
                Room = room,
            };
        await owner.Do(HttpMethod.Post, "/api/client-lists", Of("Without", null));
        SaveRoom gym = new() { Name = "Gym", Kit = Samples.Deckhand.Equipment! };
        Guid first = (await owner.Ask<NewId>(HttpMethod.Post, "/api/rooms", gym)).Id;
        await owner.Do(HttpMethod.Post, "/api/client-lists", Of("Only", null));
        Guid second = (await owner.Ask<NewId>(HttpMethod.Post, "/api/rooms", gym with { Name = "Yard" })).Id;
        Assert.Equal([first, second], (await Read(owner, Of("Said", null))).Rooms.Select(room => room.Id));
        await owner.Do(HttpMethod.Post, "/api/client-lists", Of("Said", second.ToString()));
        HttpResponseMessage unknown = await owner.Send(HttpMethod.Post, "/api/client-lists", Of("Nowhere", Guid.NewGuid().ToString()));
        Assert.Equal(HttpStatusCode.BadRequest, unknown.StatusCode);
        List<ClientLine> made = await owner.Get<List<ClientLine>>("/api/clients?today=2026-11-29");
        foreach ((string name, Guid? room) in new (string, Guid?)[] { ("Without", null), ("Only", first), ("Said", second) })
        {
            Guid client = made.Single(line => line.Name == name).Id;
            Assert.Equal(room, (await owner.Get<IntakeView>($"/api/clients/{client}/intake")).Room?.Id);
        }
    }

    [Fact]
    public async Task Of_two_on_file_of_one_name_a_list_means_neither()
    {
        const string Name = "Ida Tveit";
        Caller coach = await site.AsHarbour();
        CaseDocument ida = Samples.Deckhand with { Client = Samples.Deckhand.Client with { Name = Name } };
        Guid one = await Samples.Client(coach, ida);
        KeepClientList list = File($"Name,Tested,Ankle left\n{Name},2026-11-20,7\n");
        Assert.Equal(one, Assert.Single((await Read(coach, list)).Shown).Client);
        await Samples.Client(coach, ida);
        ClientListView read = await Read(coach, list);
        Assert.Empty(read.Shown);
        Assert.StartsWith($"{Name}, row 2: 2 clients on file have this name", Assert.Single(read.Refused), StringComparison.Ordinal);
    }

    private static KeepClientList File(string text) =>
        new()
        {
            Id = Guid.CreateVersion7().ToString(),
            Name = "clients.csv",
            Content = Convert.ToBase64String(Encoding.UTF8.GetBytes(text)),
        };

    private static async Task<ClientListView> Read(Caller coach, KeepClientList list) =>
        JsonSerializer.Deserialize<ClientListView>(
            await coach.Do(
                HttpMethod.Post,
                "/api/client-lists/preview",
                new ReadClientList
                {
                    Name = list.Name,
                    Content = list.Content,
                    Names = list.Names,
                    Level = list.Level,
                    Days = list.Days,
                    Minutes = list.Minutes,
                    Facts = list.Facts,
                }
            ),
            Formats.Json.Options
        )!;

    private static Task<CaseDocument> Case(Caller coach, Guid id) => coach.Get<CaseDocument>($"/api/clients/{id}/case");

    private static async Task<KeptScreen> Screened(Caller coach, Guid client) =>
        (await coach.Get<ScreensView>($"/api/clients/{client}/screens")).Kept.Single(one => one.Date == new DateOnly(2026, 11, 20));

    private static async Task<IEnumerable<string>> Names(Caller coach) =>
        (await coach.Get<List<ClientLine>>("/api/clients?today=2026-11-29")).Select(line => line.Name);
}
