using System.Net;
using Nerezza.Data.Access;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Tests;

/// <summary>The harbour practice with everybody that there can be: one client with a home coach, colleagues who read, work and see nothing,
/// the lifter, and another client with a lifter of their own.</summary>
internal sealed class SmallPractice
{
    public required Caller Owner { get; init; }
    public required Caller Home { get; init; }
    public required Caller Works { get; init; }
    public required Caller Reads { get; init; }
    public required Caller Other { get; init; }
    public required Caller Lifter { get; init; }
    public required Caller OtherLifter { get; init; }

    /// <summary>An owner of another practice.</summary>
    public required Caller Stranger { get; init; }
    public required Guid Client { get; init; }
    public required Guid OtherClient { get; init; }

    /// <summary>The addresses of the stranger, the owner, home, works, reads, other, the lifter and the other lifter.</summary>
    public static readonly string[] Emails =
    [
        "hill@example.test",
        "harbour@example.test",
        "ines@example.test",
        "pau@example.test",
        "rut@example.test",
        "nil@example.test",
        "lifter@example.test",
        "other-lifter@example.test",
    ];

    public static async Task<SmallPractice> Make(Site site)
    {
        Caller owner = await site.AsHarbour();
        Caller home = await Colleague(site, owner, "Ines"),
            works = await Colleague(site, owner, "Pau"),
            reads = await Colleague(site, owner, "Rut"),
            other = await Colleague(site, owner, "Nil");
        Guid client = await Samples.ClientWithBlock(home),
            otherClient = await Samples.ClientWithBlock(other);
        await Share(owner, home, client, "Pau", ClientAccess.Work);
        await Share(owner, home, client, "Rut", ClientAccess.Read);
        return new SmallPractice
        {
            Owner = owner,
            Home = home,
            Works = works,
            Reads = reads,
            Other = other,
            Lifter = await LifterOf(site, home, client, "lifter@example.test"),
            OtherLifter = await LifterOf(site, other, otherClient, "other-lifter@example.test"),
            Stranger = await site.AsHill(),
            Client = client,
            OtherClient = otherClient,
        };
    }

    /// <summary>Asks a colleague in and lets them join.</summary>
    public static async Task<Caller> Colleague(Site site, Caller owner, string name)
    {
        NewInvitation invitation = await owner.Ask<NewInvitation>(
            HttpMethod.Post,
            "/api/practice/invitations",
            new InviteColleague { Name = name, Role = PracticeRole.Coach }
        );
        return await Join(site, invitation, name, $"{name.ToLowerInvariant()}@example.test");
    }

    /// <summary>Lets a lifter in.</summary>
    public static async Task<Caller> LifterOf(Site site, Caller coach, Guid client, string email) =>
        await Join(site, await Invited(coach, client), "Tess", email);

    /// <summary>An invitation to a client.</summary>
    public static async Task<NewInvitation> Invited(Caller coach, Guid client) =>
        await coach.Ask<NewInvitation>(HttpMethod.Post, $"/api/clients/{client}/invitation", new { });

    /// <summary>What a link carries.</summary>
    public static string TokenOf(NewInvitation invitation) =>
        invitation.Link[(invitation.Link.IndexOf('#', StringComparison.Ordinal) + 1)..];

    /// <summary>Takes an invitation in a browser of its own.</summary>
    public static async Task<Caller> Join(Site site, NewInvitation invitation, string name, string email)
    {
        Caller caller = site.AsNobody();
        await caller.RefreshToken();
        HttpResponseMessage answer = await Take(caller, TokenOf(invitation), name, email);
        Assert.True(answer.StatusCode is HttpStatusCode.NoContent, await answer.Content.ReadAsStringAsync());
        await caller.RefreshToken();
        return caller;
    }

    public static Task<HttpResponseMessage> Take(Caller caller, string token, string name, string email, string password = Site.Password) =>
        caller.Send(
            HttpMethod.Post,
            "/api/invitations/take",
            new TakeInvitation
            {
                Token = token,
                Name = name,
                Email = email,
                Password = password,
            }
        );

    /// <summary>The id of somebody by name.</summary>
    public static async Task<Guid> IdOf(Caller owner, string name) =>
        (await owner.Get<PracticeView>("/api/practice")).People.Single(person => person.Name == name).UserId;

    /// <summary>Shares a client with a colleague.</summary>
    public static async Task Share(Caller owner, Caller home, Guid client, string with, ClientAccess access, DateOnly? until = null) =>
        await home.Do(
            HttpMethod.Put,
            $"/api/clients/{client}/shares/{await IdOf(owner, with)}",
            new ShareClient { Access = access, Until = until }
        );
}
