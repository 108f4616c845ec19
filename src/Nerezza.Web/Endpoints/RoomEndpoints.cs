using Microsoft.AspNetCore.Http.HttpResults;
using Nerezza.Data;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Shapes;
using Nerezza.Web.Access;
using Nerezza.Web.Contracts;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Endpoints;

/// <summary>The rooms of a practice, each with its kit. Plans of those who train in one stand on it.</summary>
public static class RoomEndpoints
{
    public static void MapRooms(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder group = routes.MapGroup("/api/rooms").RequireAuthorization().For(Who.Owners).WithTags("practice");
        group.MapPost("", Add);
        group.MapPut("/{room:guid}", Put);
        group.MapDelete("/{room:guid}", Remove);
    }

    internal static RoomLine Line(RoomUse use) => new(use.Room.Id, use.Room.Name, use.Room.Document, use.Room.Version, use.Clients);

    private static async Task<Results<Created<NewId>, ValidationProblem, ProblemHttpResult>> Add(
        Checked<SaveRoom> body,
        AccessScope scope,
        RoomStore rooms,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        if (Wrong(asked) is { Count: > 0 } faults)
            return Problems.Invalid(faults);
        if ((await rooms.All(cancel)).Count >= RoomStore.Most)
            return Problems.Full($"A practice has {RoomStore.Most} rooms.", "Take one away that nobody trains in.");
        var room = new RoomRow
        {
            PracticeId = scope.PracticeId,
            Id = Guid.CreateVersion7(),
            Name = asked.Name.Trim(),
            Document = asked.Kit,
        };
        return await rooms.Save(room, version: null, cancel) is RoomSaving.NameTaken
            ? NameTaken()
            : TypedResults.Created($"/api/rooms/{room.Id}", new NewId(room.Id));
    }

    private static async Task<Results<NoContent, NotFound, ValidationProblem, ProblemHttpResult>> Put(
        Guid room,
        Checked<SaveRoom> body,
        RoomStore rooms,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } asked)
            return Problems.Invalid(body.Faults);
        if (Wrong(asked) is { Count: > 0 } faults)
            return Problems.Invalid(faults);
        if (asked.Version is not { } version)
            return Problems.Invalid("version", "is missing; the version that was read expected");
        if (await rooms.Find(room, cancel) is not { } row)
            return TypedResults.NotFound();
        (row.Name, row.Document) = (asked.Name.Trim(), asked.Kit);
        return await rooms.Save(row, (uint)version, cancel) switch
        {
            RoomSaving.Done => TypedResults.NoContent(),
            RoomSaving.LostRace => Problems.LostRace(),
            RoomSaving.NameTaken => NameTaken(),
        };
    }

    private static async Task<Results<NoContent, NotFound>> Remove(Guid room, RoomStore rooms, CancellationToken cancel)
    {
        if (await rooms.Find(room, cancel) is not { } row)
            return TypedResults.NotFound();
        await rooms.Remove(row, cancel);
        return TypedResults.NoContent();
    }

    private static List<Fault> Wrong(SaveRoom room) => [.. Fields.Empty(("name", room.Name)), .. CaseRules.Check(room.Kit, "kit")];

    private static ValidationProblem NameTaken() => Problems.Invalid("name", "is another room's; a name of its own expected");
}
