using System.Diagnostics;
using Microsoft.AspNetCore.Http.HttpResults;
using Nerezza.Core.Body;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Wording;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Plans;
using Nerezza.Formats.Shapes;
using Nerezza.Web.Contracts;
using Nerezza.Web.Planning;
using Nerezza.Web.Requests;

namespace Nerezza.Web.Endpoints;

/// <summary>Intake: facts and schools, equipment, entered maxes.</summary>
public static class IntakeEndpoints
{
    public static void MapIntake(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder group = routes.MapGroup("/api/clients/{id:guid}").RequireAuthorization().WithTags("intake");
        group.MapGet("/intake", Get);
        group.MapPut("/facts", PutFacts);
        group.MapPut("/equipment", PutEquipment);
        group.MapPost("/maxes", AddMax);
        group.MapDelete("/maxes/{maxId:guid}", RemoveMax);
    }

    private static async Task<Results<Ok<IntakeView>, NotFound>> Get(
        Guid id,
        ClientStore clients,
        LogStore log,
        RoomStore rooms,
        ClientToday now,
        ExerciseCatalogue catalogue,
        CancellationToken cancel
    )
    {
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        ClientLog sets = await log.Of(id, cancel);
        return TypedResults.Ok(
            new IntakeView
            {
                Id = id,
                Facts = file.Client.Facts,
                Schools = file.Client.Schools,
                FactsVersion = file.Client.Version,
                Equipment = file.Kit,
                Room = file.Room is { } room ? new RoomName(room.Id, room.Name) : null,
                Elsewhere = [.. file.Elsewhere.Select(one => new DayRoomName(one.Day, new RoomName(one.Room.Id, one.Room.Name)))],
                Rooms = [.. (await rooms.Names(cancel)).Select(room => new RoomName(room.Id, room.Name))],
                EquipmentVersion = file.Equipment.Version,
                Entered = [.. file.Maxes.Select(row => Entered(row, file.Client.Facts.MassKg, catalogue))],
                Maxes = [.. now.Maxes(file, sets).Select(PlanMapping.ToMax)],
                Estimates = Estimates(file.Client.Facts.HeightCm),
                Stop = ClientToday.Stop(file),
                KitNotes = KitWords.Notes(ClientToday.KitOf(file)),
                KitGroups = KitGroups.All,
                Doubts =
                [
                    .. now.Doubts(file).Select(doubt => Line(doubt)),
                    .. await clients.HasNamesake(id, file.Client.Name, cancel)
                        ? new[] { new DoubtLine("name", null, null, "Another client has this name too.") }
                        : [],
                ],
                BarKinds = Loader.BarKinds,
            }
        );
    }

    private static DoubtLine Line(Doubt doubt)
    {
        string text = DoubtWords.Ask(doubt);
        return doubt switch
        {
            Doubt.TrainsSinceChildhood => new DoubtLine("trainingYears", null, null, text),
            Doubt.HeavyForBody heavy => new DoubtLine(null, heavy.Exercise, heavy.Side, text),
            Doubt.UnlikeOthers unlike => new DoubtLine(null, unlike.Exercise, unlike.Side, text),
            _ => throw new UnreachableException(doubt.GetType().Name),
        };
    }

    private static SegmentsSection Estimates(double heightCm)
    {
        Segments of = Lifter.Estimated(heightCm);
        return new SegmentsSection
        {
            Shank = of.ShankCm,
            Thigh = of.ThighCm,
            Torso = of.TorsoCm,
            Arm = of.ArmCm,
            Foot = of.FootCm,
        };
    }

    private static async Task<Results<NoContent, NotFound, ValidationProblem, ProblemHttpResult>> PutFacts(
        Guid id,
        Checked<SaveFacts> body,
        ClientStore clients,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } save)
            return Problems.Invalid(body.Faults);
        if (CaseRules.Check(save.Facts, "facts").ToList() is { Count: > 0 } faults)
            return Problems.Invalid(faults);
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        file.Client.Facts = save.Facts;
        file.Client.Schools = save.Schools;
        file.Client.Name = save.Facts.Name;
        return await clients.Save(file.Client, (uint)save.Version, cancel) ? TypedResults.NoContent() : Problems.LostRace();
    }

    private static async Task<Results<NoContent, NotFound, ValidationProblem, ProblemHttpResult>> PutEquipment(
        Guid id,
        Checked<SaveEquipment> body,
        ClientStore clients,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } save)
            return Problems.Invalid(body.Faults);
        if (CaseRules.Check(save.Equipment, "equipment").ToList() is { Count: > 0 } faults)
            return Problems.Invalid(faults);
        if (await clients.Find(id, cancel) is not { } file)
            return TypedResults.NotFound();
        if (file.Room is { } room)
            return Problems.Conflict(
                $"This is the kit of {room.Name}.",
                "Change it under Practice, for everybody who trains there, or give the client kit of their own first."
            );
        file.Equipment.Document = save.Equipment;
        return await clients.Save(file.Equipment, (uint)save.Version, cancel) ? TypedResults.NoContent() : Problems.LostRace();
    }

    private static async Task<Results<Created<NewId>, NotFound, ValidationProblem>> AddMax(
        Guid id,
        Checked<StrengthSection> body,
        ExerciseCatalogue catalogue,
        ClientStore clients,
        CancellationToken cancel
    )
    {
        if (body.Value is not { } set)
            return Problems.Invalid(body.Faults);
        if (set.Kg <= 0 && catalogue[set.Exercise].BodyFraction == 0)
            return Problems.Invalid([new Fault("kg", "0 is too light to tell a max; a load above 0 expected")]);
        if (!await clients.Exists(id, cancel))
            return TypedResults.NotFound();
        MaxRow row = CaseAssembly.Max(clients.PracticeId, id, set);
        await clients.AddMax(row, cancel);
        return TypedResults.Created($"/api/clients/{id}/maxes/{row.Id}", new NewId(row.Id));
    }

    private static async Task<Results<NoContent, NotFound>> RemoveMax(Guid id, Guid maxId, ClientStore clients, CancellationToken cancel) =>
        await clients.RemoveMax(id, maxId, cancel) ? TypedResults.NoContent() : TypedResults.NotFound();

    private static EnteredMax Entered(MaxRow row, double massKg, ExerciseCatalogue catalogue)
    {
        Exercise exercise = catalogue[row.Exercise];
        double toFailure = row.Reps + 10 - (double)(row.Rpe ?? 10);
        double? estimate =
            RepCurve.Trust(toFailure) is EstimateTrust.None
                ? null
                : Math.Round(new RepCurve(exercise.Curve).OneRepMax((double)row.LoadKg + exercise.BodyFraction * massKg, toFailure), 6);
        return new EnteredMax(row.Id, CaseAssembly.Strength(row), estimate);
    }
}
