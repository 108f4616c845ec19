using System.Net;
using Microsoft.AspNetCore.Hosting;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Data;
using Nerezza.Data.Access;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Plans;
using Nerezza.Web.Contracts;
using Erasing = Nerezza.Data.Unscoped.Erasing;

namespace Nerezza.Web.Tests;

/// <summary>A second coach: whose client it is, sharing for a while, rooms, what changed, and a client's whole file out and gone.</summary>
public sealed class SharingTests : IDisposable
{
    private readonly Site _site = new(settings: builder => builder.UseSetting("NEREZZA_TRIES_A_MINUTE", "100000"));

    public void Dispose() => _site.Dispose();

    [Fact]
    public async Task A_share_begins_at_once_ends_on_its_day_and_can_be_taken_back()
    {
        Caller owner = await _site.AsHarbour(),
            pau = await SmallPractice.Colleague(_site, owner, "Pau");
        Guid client = await Samples.ClientWithBlock(owner);
        Assert.Empty(await Clients(pau));
        await SmallPractice.Share(owner, owner, client, "Pau", ClientAccess.Read, Site.Today);
        Assert.Single(await Clients(pau));
        Assert.Equal(HttpStatusCode.Forbidden, (await pau.Send(HttpMethod.Post, $"/api/clients/{client}/sets", Samples.Set())).StatusCode);
        await IsNotSavedAs(new Dictionary<Guid, ClientAccess> { [client] = ClientAccess.Read }, client);
        await SmallPractice.Share(owner, owner, client, "Pau", ClientAccess.Work, Site.Today);
        await pau.Do(HttpMethod.Post, $"/api/clients/{client}/sets", Samples.Set());
        await _site.Sql("UPDATE shares SET until = current_date - 1");
        Assert.Empty(await Clients(pau));
        Assert.Equal(HttpStatusCode.NotFound, (await pau.Send(HttpMethod.Get, $"/api/clients/{client}/block")).StatusCode);
        await SmallPractice.Share(owner, owner, client, "Pau", ClientAccess.Work);
        Assert.Single(await Clients(pau));
        await owner.Do(HttpMethod.Delete, $"/api/clients/{client}/shares/{await SmallPractice.IdOf(owner, "Pau")}");
        Assert.Empty(await Clients(pau));
        HttpResponseMessage past = await owner.Send(
            HttpMethod.Put,
            $"/api/clients/{client}/shares/{await SmallPractice.IdOf(owner, "Pau")}",
            new ShareClient { Access = ClientAccess.Read, Until = Site.Today.AddDays(-1) }
        );
        Assert.Equal(HttpStatusCode.BadRequest, past.StatusCode);
    }

    [Fact]
    public async Task A_client_is_handed_over_and_goes_to_the_owners_when_their_coach_leaves()
    {
        Caller owner = await _site.AsHarbour(),
            ines = await SmallPractice.Colleague(_site, owner, "Ines"),
            pau = await SmallPractice.Colleague(_site, owner, "Pau");
        Guid client = await Samples.ClientWithBlock(ines);
        await ines.Do(
            HttpMethod.Put,
            $"/api/clients/{client}/home",
            new HandOver { UserId = (await SmallPractice.IdOf(owner, "Pau")).ToString() }
        );
        Assert.Empty(await Clients(ines));
        Assert.Single(await Clients(pau));
        await owner.Do(HttpMethod.Delete, $"/api/practice/people/{await SmallPractice.IdOf(owner, "Pau")}");
        Assert.Equal(HttpStatusCode.Unauthorized, (await pau.Send(HttpMethod.Get, "/api/practice")).StatusCode);
        Assert.Null((await owner.Get<SharingView>($"/api/clients/{client}/sharing")).HomeCoach);
        Assert.Single(await Clients(owner));
    }

    [Fact]
    public async Task Somebody_is_always_an_owner()
    {
        Caller owner = await _site.AsHarbour(),
            ines = await SmallPractice.Colleague(_site, owner, "Ines");
        Guid me = await SmallPractice.IdOf(owner, "harbour@example.test");
        ChangeRole coach = new() { Role = PracticeRole.Coach };
        Assert.Equal(HttpStatusCode.Conflict, (await owner.Send(HttpMethod.Put, $"/api/practice/people/{me}", coach)).StatusCode);
        Assert.Equal(HttpStatusCode.Conflict, (await owner.Send(HttpMethod.Delete, $"/api/practice/people/{me}")).StatusCode);
        Assert.Equal(HttpStatusCode.Forbidden, (await ines.Send(HttpMethod.Put, $"/api/practice/people/{me}", coach)).StatusCode);
        await owner.Do(
            HttpMethod.Put,
            $"/api/practice/people/{await SmallPractice.IdOf(owner, "Ines")}",
            coach with
            {
                Role = PracticeRole.Owner,
            }
        );
        await ines.Do(HttpMethod.Put, $"/api/practice/people/{me}", coach);
        Assert.Equal(HttpStatusCode.Forbidden, (await owner.Send(HttpMethod.Delete, $"/api/practice/people/{me}")).StatusCode);
    }

    [Fact]
    public async Task Plates_of_a_room_count_for_who_trains_there_and_mark_the_plans_that_stand_on_them()
    {
        Caller owner = await _site.AsHarbour();
        EquipmentSection kit = Samples.Deckhand.Equipment!;
        Guid room = (await owner.Ask<NewId>(HttpMethod.Post, "/api/rooms", new SaveRoom { Name = "Boathouse", Kit = kit })).Id;
        Guid client = await Samples.ClientWithBlock(owner);
        await owner.Do(HttpMethod.Put, $"/api/clients/{client}/room", new ChooseRoom { Room = room.ToString() });
        Assert.False((await Samples.BlockOn(owner, client)).OutOfDate);
        Assert.Equal(
            HttpStatusCode.Conflict,
            (
                await owner.Send(HttpMethod.Put, $"/api/clients/{client}/equipment", new SaveEquipment { Equipment = kit, Version = 1 })
            ).StatusCode
        );
        RoomLine seen = (await owner.Get<PracticeView>("/api/practice")).Rooms.Single();
        Assert.Equal(1, seen.Clients);
        SaveRoom less = new()
        {
            Name = "Boathouse",
            Kit = kit with { Plates = [.. kit.Plates!.Skip(1)] },
            Version = seen.Version,
        };
        await owner.Do(HttpMethod.Put, $"/api/rooms/{room}", less);
        Assert.True((await Samples.BlockOn(owner, client)).OutOfDate);
        SaveRoom late = less with { Name = "Shed" };
        Assert.Equal(HttpStatusCode.Conflict, (await owner.Send(HttpMethod.Put, $"/api/rooms/{room}", late)).StatusCode);
        // A room that goes leaves its kit with who trained there.
        await owner.Do(HttpMethod.Delete, $"/api/rooms/{room}");
        IntakeView intake = await owner.Get<IntakeView>($"/api/clients/{client}/intake");
        Assert.Null(intake.Room);
        Assert.Equal(kit.Plates!.Count - 1, intake.Equipment.Plates!.Count);
    }

    [Fact]
    public async Task A_day_elsewhere_is_planned_with_the_kit_of_its_room()
    {
        Caller owner = await _site.AsHarbour();
        SaveRoom Room(string name, params Implement[] items) =>
            new()
            {
                Name = name,
                Kit = new EquipmentSection { Items = items },
            };
        string home = $"{(await owner.Ask<NewId>(HttpMethod.Post, "/api/rooms", Room("At home", Implement.Bands, Implement.Bench))).Id}";
        Guid client = await Samples.ClientWithBlock(owner);
        Weekday away = Samples.Deckhand.Client.Days[1].Day;
        ChooseRoom On(params (Weekday Day, string Room)[] days) =>
            new() { Elsewhere = [.. days.Select(one => new ChooseDayRoom { Day = one.Day, Room = one.Room })] };
        foreach (ChooseRoom wrong in new[] { On((away, $"{Guid.NewGuid()}")), On((away, "attic")), On((away, home), (away, home)) })
            Assert.Equal(HttpStatusCode.BadRequest, (await owner.Send(HttpMethod.Put, $"/api/clients/{client}/room", wrong)).StatusCode);
        await owner.Do(HttpMethod.Put, $"/api/clients/{client}/room", On((away, home)));
        Assert.True((await Samples.BlockOn(owner, client)).OutOfDate);
        IntakeView intake = await owner.Get<IntakeView>($"/api/clients/{client}/intake");
        Assert.Equal([new DayRoomName(away, new RoomName(Guid.Parse(home), "At home"))], intake.Elsewhere);
        await owner.Do(HttpMethod.Post, $"/api/clients/{client}/plans", new PlanRequest { Start = Samples.Start, Weeks = 4 });
        BlockView block = await Samples.BlockOn(owner, client);
        Assert.False(block.OutOfDate);
        foreach (SessionPart session in block.Plan.Block!.Weeks.SelectMany(week => week.Sessions))
        foreach (ItemPart item in session.Items)
            Assert.True(
                session.Day != away
                    || ExerciseCatalogue.Shipped[item.Exercise].Kit.Any(kit => kit.All(one => one is Implement.Bands or Implement.Bench)),
                $"{item.Exercise} on {session.Day}"
            );
        // The case goes out with the day's kit and comes in with it; a room that goes is the usual place again.
        CaseDocument out_ = await owner.Get<CaseDocument>($"/api/clients/{client}/case");
        Assert.Equal(away, out_.Elsewhere!.Single().Day);
        await owner.Do(HttpMethod.Delete, $"/api/rooms/{home}");
        Assert.Empty((await owner.Get<IntakeView>($"/api/clients/{client}/intake")).Elsewhere);
        Assert.True((await Samples.BlockOn(owner, client)).OutOfDate);
    }

    [Fact]
    public async Task What_changed_says_who_and_from_what_to_what_and_cannot_be_changed()
    {
        Caller owner = await _site.AsHarbour(),
            ines = await SmallPractice.Colleague(_site, owner, "Ines");
        Guid client = await Samples.ClientWithBlock(ines);
        IntakeView intake = await ines.Get<IntakeView>($"/api/clients/{client}/intake");
        SaveHealth fever = new()
        {
            Health = new HealthSection { Flags = [HealthFlag.Fever] },
            Pain = [],
            Version = intake.FactsVersion,
        };
        await ines.Do(HttpMethod.Put, $"/api/clients/{client}/health", fever);
        await ines.Do(HttpMethod.Delete, $"/api/clients/{client}/maxes/{intake.Entered[0].Id}");
        ChangesView view = await owner.Get<ChangesView>($"/api/clients/{client}/changes");
        ChangeLine health = view.Changes.Single(change => change.Kind is ChangeKind.Health);
        Assert.Equal(("Ines", "fever"), (health.Who, health.After.Split(' ')[^1]));
        ChangeLine max = view.Changes.First(change => change.Kind is ChangeKind.Max);
        Assert.Equal((intake.Entered[0].Set.Exercise, ""), (max.What, max.After));
        Assert.NotEqual("", max.Before);
        Assert.Contains(view.Changes, change => change.Kind is ChangeKind.Plan && change.What == "1");
        Assert.Equal([.. view.Changes.Select(change => change.Id).OrderDescending()], view.Changes.Select(change => change.Id));
        using IServiceScope scope = _site.Services.CreateScope();
        scope.ServiceProvider.GetRequiredService<AccessScope>().Enter(Site.Harbour);
        var context = scope.ServiceProvider.GetRequiredService<NerezzaContext>();
        context.Remove(await context.Changes.FirstAsync());
        await Assert.ThrowsAsync<InvalidOperationException>(() => context.SaveChangesAsync());
    }

    [Fact]
    public async Task A_clients_whole_file_comes_out_and_after_a_day_of_grace_nothing_of_them_is_left()
    {
        Caller owner = await _site.AsHarbour();
        Guid client = await Samples.ClientWithBlock(owner),
            stays = await Samples.ClientWithBlock(owner);
        Caller lifter = await SmallPractice.LifterOf(_site, owner, client, "tess@example.test");
        await lifter.Do(HttpMethod.Post, $"/api/clients/{client}/sets", Samples.Set());
        await lifter.Do(
            HttpMethod.Post,
            $"/api/clients/{client}/notes",
            new WriteNote { Id = Guid.CreateVersion7().ToString(), Text = "Knee is fine" }
        );
        ClientFileDocument file = await owner.Get<ClientFileDocument>($"/api/clients/{client}/file");
        Assert.Equal((1, 1, 1), (file.Case.Log!.Count, file.Plans.Count, file.Notes.Count));
        Assert.NotEmpty(file.Changes);

        await owner.Do(HttpMethod.Post, $"/api/clients/{client}/erasure");
        Assert.Single(await Clients(owner));
        await owner.Do(HttpMethod.Post, $"/api/clients/{client}/restore");
        Assert.Equal(2, (await Clients(owner)).Count);
        await owner.Do(HttpMethod.Post, $"/api/clients/{client}/erasure");
        Assert.Equal(0, await EraseDue());
        Assert.NotNull(Assert.Single(await owner.Get<List<ArchivedClient>>("/api/clients/archived")).EraseAt);
        await _site.Sql("UPDATE clients SET erase_at = now() - interval '1 second' WHERE erase_at IS NOT NULL");
        Assert.Equal(1, await EraseDue());

        Assert.Equal([], await Places(client));
        Assert.NotEqual([], await Places(stays));
        Assert.Equal(HttpStatusCode.Unauthorized, (await lifter.Send(HttpMethod.Get, "/api/account")).StatusCode);
        Assert.Equal(0, await _site.Number("SELECT count(*)::int AS \"Value\" FROM \"AspNetUsers\" WHERE email = 'tess@example.test'"));
        Assert.Equal(1, await _site.Number("SELECT count(*)::int AS \"Value\" FROM changes WHERE kind = 'Erasure' AND client_id IS NULL"));
    }

    /// <summary>Whatever an endpoint lets through, the rows of a client who is only read are not saved.</summary>
    private async Task IsNotSavedAs(IReadOnlyDictionary<Guid, ClientAccess> clients, Guid client)
    {
        using IServiceScope scope = _site.Services.CreateScope();
        scope
            .ServiceProvider.GetRequiredService<AccessScope>()
            .Enter(new Standing(Site.Harbour, Guid.NewGuid(), PracticeRole.Coach, clients));
        var context = scope.ServiceProvider.GetRequiredService<NerezzaContext>();
        (await context.Clients.SingleAsync(row => row.Id == client)).Name = "taken over";
        await Assert.ThrowsAsync<InvalidOperationException>(() => context.SaveChangesAsync());
    }

    /// <summary>Every table in which a client's id stands, in whatever column.</summary>
    private async Task<List<string>> Places(Guid client)
    {
        using IServiceScope scope = _site.Services.CreateScope();
        List<string> tables = await scope
            .ServiceProvider.GetRequiredService<NerezzaContext>()
            .Database.SqlQueryRaw<string>("SELECT table_name AS \"Value\" FROM information_schema.tables WHERE table_schema = 'public'")
            .ToListAsync();
        List<string> found = [];
        foreach (string table in tables)
            if (await _site.Number($"SELECT count(*)::int AS \"Value\" FROM \"{table}\" AS row WHERE row::text LIKE '%{client}%'") > 0)
                found.Add(table);
        return found;
    }

    private static Task<List<ClientLine>> Clients(Caller caller) => caller.Get<List<ClientLine>>("/api/clients?today=2026-11-30");

    private async Task<int?> EraseDue()
    {
        using IServiceScope scope = _site.Services.CreateScope();
        return await scope.ServiceProvider.GetRequiredService<Erasing>().Due(CancellationToken.None);
    }
}
