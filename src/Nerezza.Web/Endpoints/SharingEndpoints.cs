using Microsoft.AspNetCore.Http.HttpResults;
using Nerezza.Core.Screening.Safety;
using Nerezza.Data;
using Nerezza.Data.Access;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Cases;
using Nerezza.Web.Access;
using Nerezza.Web.Contracts;
using Nerezza.Web.Hosting;
using Nerezza.Web.Planning;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Endpoints;

/// <summary>Who a client is with, who else sees them, and the lifter's own way in.</summary>
public static class SharingEndpoints
{
    private const int NotesShown = 50;

    public static void MapSharing(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder group = routes.MapGroup("/api/clients/{id:guid}").RequireAuthorization().WithTags("sharing");
        group.MapGet("/sharing", Get);
        group.MapPut("/home", PutHome).For(Who.HomeCoach).WithMetadata(new NotForScripts());
        group.MapPut("/shares/{userId:guid}", PutShare).For(Who.HomeCoach).WithMetadata(new NotForScripts());
        group.MapDelete("/shares/{userId:guid}", Unshare).For(Who.HomeCoach).WithMetadata(new NotForScripts());
        group.MapPost("/invitation", Invite).For(Who.HomeCoach).WithMetadata(new NotForScripts());
        group.MapDelete("/invitation/{invitation:guid}", Revoke).For(Who.HomeCoach).WithMetadata(new NotForScripts());
        group.MapDelete("/lifter", RemoveLifter).For(Who.HomeCoach).WithMetadata(new NotForScripts());
        group.MapPost("/notes/read", ReadNotes);
        group.MapPut("/room", PutRoom);
    }

    private static async Task<Results<Ok<SharingView>, NotFound>> Get(
        Guid id,
        AccessScope scope,
        ClientStore clients,
        PeopleStore people,
        InvitationStore invitations,
        SharingStore sharing,
        PlanService desk,
        CancellationToken cancel
    )
    {
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        IReadOnlyList<(Guid UserId, string Name)> colleagues = await people.Colleagues(cancel);
        Dictionary<Guid, string> names = colleagues.ToDictionary(one => one.UserId, one => one.Name);
        MembershipRow? lifter = await people.LifterOf(id, cancel);
        return TypedResults.Ok(
            new SharingView
            {
                Client = file.Client.Name,
                Access = scope.AccessTo(id),
                HomeCoach = file.Client.HomeCoach,
                Colleagues = [.. colleagues.Select(one => new ColleagueLine(one.UserId, one.Name))],
                Shares =
                [
                    .. (await sharing.Shares(id, cancel)).Select(row => new ShareLine(
                        row.UserId,
                        names.GetValueOrDefault(row.UserId, ""),
                        row.Access,
                        row.Until
                    )),
                ],
                Lifter = lifter is null ? null : new LifterLine(lifter.UserId, lifter.Name, lifter.Since),
                Invitation = (await invitations.AllOpen(cancel)).FirstOrDefault(row => row.ClientId == id) is { } open
                    ? PracticeEndpoints.Line(open)
                    : null,
                WantsConsent = WantsConsent(file, desk),
                Notes =
                [
                    .. (await sharing.Notes(id, NotesShown, cancel)).Select(row => new NoteLine(
                        row.Id,
                        row.At,
                        row.Text,
                        row.ReadAt is not null
                    )),
                ],
                EraseAt = file.Client.EraseAt,
            }
        );
    }

    /// <summary>Hands the client over; shares stay as they are.</summary>
    private static async Task<Results<NoContent, NotFound, ValidationProblem, ProblemHttpResult>> PutHome(
        Guid id,
        Checked<HandOver> body,
        ClientStore clients,
        PeopleStore people,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        Guid? to = Guid.TryParse(asked.UserId, out Guid user) ? user : null;
        if (asked.UserId is not null && (to is null || (await people.Colleagues(cancel)).All(one => one.UserId != to)))
            return Problems.Invalid("userId", "is nobody's here; a coach of the practice expected");
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        file.Client.HomeCoach = to;
        return await clients.Save(file.Client, file.Client.Version, cancel) ? TypedResults.NoContent() : Problems.LostRace();
    }

    private static async Task<Results<NoContent, NotFound, ValidationProblem>> PutShare(
        Guid id,
        Guid userId,
        Checked<ShareClient> body,
        ClientStore clients,
        PeopleStore people,
        SharingStore sharing,
        TimeProvider clock,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        if (asked.Access is not (ClientAccess.Read or ClientAccess.Work))
            return Problems.Invalid("access", "cannot be given by sharing; read or work expected");
        if (asked.Until < DateOnly.FromDateTime(clock.GetUtcNow().UtcDateTime))
            return Problems.Invalid("until", "is past; today or later expected");
        if ((await people.Colleagues(cancel)).All(one => one.UserId != userId) || !await clients.Exists(id, cancel))
            return TypedResults.NotFound();
        await sharing.Share(id, userId, asked.Access, asked.Until, cancel);
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, NotFound>> Unshare(Guid id, Guid userId, SharingStore sharing, CancellationToken cancel) =>
        await sharing.Unshare(id, userId, cancel) ? TypedResults.NoContent() : TypedResults.NotFound();

    private static async Task<Results<Ok<NewInvitation>, NotFound, ProblemHttpResult>> Invite(
        Guid id,
        AccessScope scope,
        ClientStore clients,
        PeopleStore people,
        InvitationStore invitations,
        PlanService desk,
        PublicAddress address,
        ILogger<EventLog> log,
        CancellationToken cancel
    )
    {
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        if (WantsConsent(file, desk))
            return Problems.Conflict(
                "A guardian's consent comes first.",
                "The client is under 16. Record the consent in Intake, then invite them."
            );
        if (await people.LifterOf(id, cancel) is not null)
            return Problems.Conflict("The lifter is in already.", "Take their way in back first, to invite somebody else.");
        (InvitationRow row, string token) = await invitations.Make(PracticeRole.Lifter, file.Client.Name, id, cancel);
        log.Invited(scope.PracticeId, row.Id);
        return TypedResults.Ok(InvitationEndpoints.New(row, token, address));
    }

    private static async Task<Results<NoContent, NotFound>> Revoke(
        Guid id,
        Guid invitation,
        InvitationStore invitations,
        CancellationToken cancel
    ) =>
        (await invitations.AllOpen(cancel)).Any(row => row.Id == invitation && row.ClientId == id)
        && await invitations.Revoke(invitation, cancel)
            ? TypedResults.NoContent()
            : TypedResults.NotFound();

    /// <summary>The lifter's way in is closed at once; what they logged stays.</summary>
    private static async Task<Results<NoContent, NotFound>> RemoveLifter(Guid id, PeopleStore people, CancellationToken cancel)
    {
        if (await people.LifterOf(id, cancel) is not { } lifter)
            return TypedResults.NotFound();
        await people.Remove(lifter, cancel);
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, NotFound>> ReadNotes(
        Guid id,
        ClientStore clients,
        SharingStore sharing,
        CancellationToken cancel
    )
    {
        if (!await clients.Exists(id, cancel))
            return TypedResults.NotFound();
        await sharing.ReadNotes(id, cancel);
        return TypedResults.NoContent();
    }

    /// <summary>The room that the client trains in. Leaving one keeps its kit as their own.</summary>
    private static async Task<Results<NoContent, NotFound, ValidationProblem, ProblemHttpResult>> PutRoom(
        Guid id,
        Checked<ChooseRoom> body,
        ClientStore clients,
        RoomStore rooms,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        RoomRow? room = Guid.TryParse(asked.Room, out Guid roomId) ? await rooms.Find(roomId, cancel) : null;
        if (asked.Room is not null && room is null)
            return Problems.Invalid("room", "is not one of the practice's; a room of the practice expected");
        HashSet<Guid> known = [.. (await rooms.Names(cancel)).Select(one => one.Id)];
        IReadOnlyList<ChooseDayRoom> elsewhere = asked.Elsewhere ?? [];
        for (int i = 0; i < elsewhere.Count; i++)
            if (!Guid.TryParse(elsewhere[i].Room, out Guid there) || !known.Contains(there))
                return Problems.Invalid($"elsewhere[{i}].room", "is not one of the practice's; a room of the practice expected");
        if (elsewhere.DistinctBy(one => one.Day).Count() < elsewhere.Count)
            return Problems.Invalid("elsewhere", "names a day twice; each day of the week once expected");
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        if (asked.Elsewhere is not null)
            file.Equipment.Elsewhere = [.. elsewhere.Select(one => new DayRoom(one.Day, Guid.Parse(one.Room)))];
        if (room is null)
            file.Equipment.Document = file.Kit;
        file.Equipment.RoomId = room?.Id;
        return await clients.Save(file.Equipment, file.Equipment.Version, cancel) ? TypedResults.NoContent() : Problems.LostRace();
    }

    /// <summary>Under 16 a guardian agrees before anything else (handbook, lloyd-2014).</summary>
    private static bool WantsConsent(ClientFile file, PlanService desk)
    {
        Core.Clients.Client client = CaseMapping.ToCase(CaseAssembly.Facts(file, null)).Client;
        return Youth.Is(client, desk.Today) && !client.GuardianConsent;
    }
}
