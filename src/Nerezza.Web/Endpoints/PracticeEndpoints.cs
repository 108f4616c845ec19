using System.Globalization;
using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Wording;
using Nerezza.Data.Access;
using Nerezza.Data.Files;
using Nerezza.Data.Machine;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Web.Access;
using Nerezza.Web.Accounts;
using Nerezza.Web.Contracts;
using Nerezza.Web.Hosting;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Endpoints;

/// <summary>The practice: its name, who is in it and what they are.</summary>
public static class PracticeEndpoints
{
    public static void MapPractice(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder group = routes.MapGroup("/api/practice").RequireAuthorization().WithTags("practice");
        group.MapGet("", Get);
        group.MapPut("", Put).For(Who.Owners);
        group.MapGet("/file.zip", WholeFile).For(Who.Owners);
        group.MapPut("/people/{userId:guid}", PutPerson).For(Who.Owners).WithMetadata(new NotForScripts());
        group.MapDelete("/people/{userId:guid}", RemovePerson).For(Who.Owners).WithMetadata(new NotForScripts());
        group.MapPost("/people/{userId:guid}/password-link", PasswordLink).For(Who.Owners).WithMetadata(new NotForScripts());
    }

    private static async Task<Ok<PracticeView>> Get(
        ClaimsPrincipal caller,
        Data.AccessScope scope,
        PeopleStore people,
        InvitationStore invitations,
        RoomStore rooms,
        BackupStore backups,
        CancellationToken cancel
    )
    {
        Guid? me = Membership.UserOf(caller);
        PracticeRow practice = await people.Practice(cancel);
        bool isOwner = scope.Standing!.Role is PracticeRole.Owner;
        return TypedResults.Ok(
            new PracticeView
            {
                Name = practice.Name,
                Units = practice.Units,
                // A coach sees colleagues by name; addresses are for owners, and lifters stand with their client.
                People =
                [
                    .. (await people.All(cancel))
                        .Where(person => isOwner || person.Role is not PracticeRole.Lifter)
                        .Select(person => new PersonLine(
                            person.UserId,
                            person.Name,
                            isOwner || person.UserId == me ? person.Email : "",
                            person.Role,
                            person.ClientId,
                            person.Since,
                            person.Clients,
                            person.UserId == me
                        )),
                ],
                Invitations = [.. (await invitations.AllOpen(cancel)).Select(Line)],
                Rooms = [.. (await rooms.All(cancel)).Select(RoomEndpoints.Line)],
                KitGroups = KitGroups.All,
                BarKinds = Loader.BarKinds,
                Backup = isOwner ? Line(await backups.Last(cancel), await backups.LastGood(cancel)) : null,
            }
        );
    }

    private static BackupLine? Line(BackupRow? last, BackupRow? good) =>
        last is null ? null : new(last.At, last.File, last.Bytes, last.Fault, good?.At);

    private static async Task<FileStreamHttpResult> WholeFile(
        PracticeFile file,
        PeopleStore people,
        TimeProvider clock,
        ILogger<EventLog> events,
        CancellationToken cancel
    )
    {
        PracticeRow practice = await people.Practice(cancel);
        events.PracticeExported(practice.PracticeId);
        string name = string.Create(CultureInfo.InvariantCulture, $"{practice.Name}, {clock.GetUtcNow():yyyy-MM-dd}.zip");
        return await ZipAnswer.Of(to => file.WritePractice(to, cancel), name);
    }

    internal static InvitationLine Line(InvitationRow row) => new(row.Id, row.Name, row.Role, row.ClientId, row.ExpiresAt);

    private static async Task<Results<NoContent, ValidationProblem>> Put(
        Checked<SavePractice> body,
        PeopleStore people,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        if (Fields.Empty(("name", asked.Name)) is { Count: > 0 } empty)
            return Problems.Invalid(empty);
        PracticeRow practice = await people.Practice(cancel);
        (practice.Name, practice.Units) = (asked.Name.Trim(), asked.Units);
        await people.Save(cancel);
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, NotFound, ValidationProblem, ProblemHttpResult>> PutPerson(
        Guid userId,
        Checked<ChangeRole> body,
        PeopleStore people,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        if (await people.Find(userId, cancel) is not { } person)
            return TypedResults.NotFound();
        if (asked.Role is PracticeRole.Lifter || person.Role is PracticeRole.Lifter)
            return Problems.Invalid("role", "cannot be changed to or from lifter; owner or coach expected");
        return await people.Become(person, asked.Role, cancel) ? TypedResults.NoContent() : LastOwner();
    }

    private static async Task<Results<NoContent, NotFound, ProblemHttpResult>> RemovePerson(
        Guid userId,
        PeopleStore people,
        CancellationToken cancel
    )
    {
        if (await people.Find(userId, cancel) is not { } person)
            return TypedResults.NotFound();
        return await people.Remove(person, cancel) ? TypedResults.NoContent() : LastOwner();
    }

    private static async Task<Results<Ok<NewLink>, NotFound>> PasswordLink(
        Guid userId,
        PeopleStore people,
        UserManager<IdentityUser<Guid>> users,
        PublicAddress address,
        CancellationToken cancel
    )
    {
        if (await people.Find(userId, cancel) is null || await users.FindByIdAsync(userId.ToString()) is not { } user)
            return TypedResults.NotFound();
        return TypedResults.Ok(new NewLink(await ResetLetters.Link(users, user, address.Root)));
    }

    private static ProblemHttpResult LastOwner() => Problems.Conflict("A practice needs an owner.", "Make somebody else an owner first.");
}
