using System.Text.Json;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.ChangeTracking;
using Microsoft.EntityFrameworkCore.Diagnostics;
using Nerezza.Data.Rows;
using Nerezza.Formats;
using Nerezza.Formats.Cases;

namespace Nerezza.Data;

/// <summary>Writes down who changed what, from what to what, in the transaction that changes it: no code that saves can
/// forget it.</summary>
public sealed class ChangesKept(TimeProvider clock) : SaveChangesInterceptor
{
    public override ValueTask<InterceptionResult<int>> SavingChangesAsync(
        DbContextEventData eventData,
        InterceptionResult<int> result,
        CancellationToken cancellationToken = default
    )
    {
        Keep((NerezzaContext)eventData.Context!);
        return base.SavingChangesAsync(eventData, result, cancellationToken);
    }

    public override InterceptionResult<int> SavingChanges(DbContextEventData eventData, InterceptionResult<int> result)
    {
        Keep((NerezzaContext)eventData.Context!);
        return base.SavingChanges(eventData, result);
    }

    private void Keep(NerezzaContext context)
    {
        context.ChangeTracker.DetectChanges();
        List<ChangeRow> changes =
        [
            .. context
                .ChangeTracker.Entries<IPracticeRow>()
                .Where(entry => entry.State is EntityState.Added or EntityState.Modified or EntityState.Deleted)
                .SelectMany(Of)
                .Where(change => (change.Before ?? Nothing) != (change.After ?? Nothing))
                .Select(change => Row(context, change)),
        ];
        context.AddRange(changes);
    }

    /// <summary>A list without anything in it is no change from none.</summary>
    private const string Nothing = "[]";

    private ChangeRow Row(NerezzaContext context, Change change) =>
        new()
        {
            PracticeId = context.PracticeId,
            Id = Guid.CreateVersion7(clock.GetUtcNow()),
            At = clock.GetUtcNow(),
            UserId = context.Access.Standing?.UserId,
            By = context.Access.Standing?.By ?? "",
            ClientId = change.ClientId,
            Kind = change.Kind,
            What = change.What,
            Before = change.Before,
            After = change.After,
        };

    private static IEnumerable<Change> Of(EntityEntry<IPracticeRow> entry) =>
        entry.Entity switch
        {
            ClientRow when entry.State is EntityState.Modified => OfClient(entry),
            PlanRow { TakenBackAt: not null } plan => [new(ChangeKind.Plan, plan.ClientId, $"{plan.Number}", Json(Told(plan)), null)],
            PlanRow plan => [new(ChangeKind.Plan, plan.ClientId, $"{plan.Number}", null, Json(Told(plan)))],
            MaxRow max => [Whole(entry, ChangeKind.Max, max.ClientId, max.Exercise, Told(max))],
            ScreenRow screen => OfScreen(entry, screen),
            EquipmentRow kit when entry.State is EntityState.Modified => OfKit(entry, kit),
            RoomRow room => [Field<EquipmentSection>(entry, nameof(RoomRow.Document), ChangeKind.Kit, null, room.Name)],
            ShareRow share => [Whole(entry, ChangeKind.Share, share.ClientId, $"{share.UserId}", new { share.Access, share.Until })],
            InvitationRow one =>
            [
                new(
                    ChangeKind.Invitation,
                    one.ClientId,
                    one.Name,
                    null,
                    Json(
                        new
                        {
                            one.Role,
                            one.UsedAt,
                            one.RevokedAt,
                        }
                    )
                ),
            ],
            MembershipRow person => [Whole(entry, ChangeKind.Person, person.ClientId, person.Name, new { person.Role })],
            _ => [],
        };

    private static IEnumerable<Change> OfClient(EntityEntry entry)
    {
        var client = (ClientRow)entry.Entity;
        HealthSection? before = Original<ClientSection>(entry, nameof(ClientRow.Facts)).Health,
            after = client.Facts.Health;
        ObservedSections seen = Original<ObservedSections>(entry, nameof(ClientRow.Observed)),
            sees = client.Observed;
        return
        [
            Of(
                ChangeKind.Health,
                before is null ? null : before with { ClearedBy = null },
                after is null ? null : after with { ClearedBy = null }
            ),
            Of(ChangeKind.Clearance, before?.ClearedBy, after?.ClearedBy),
            Of(ChangeKind.Pain, seen.Pain ?? [], sees.Pain ?? []),
            Of(ChangeKind.Findings, seen.Decisions ?? [], sees.Decisions ?? []),
            Of(ChangeKind.Exercises, seen.Picks ?? [], sees.Picks ?? []),
            Of(ChangeKind.Exercises, Original<SchoolsSection>(entry, nameof(ClientRow.Schools)), client.Schools),
            Of(ChangeKind.HomeCoach, Original<Guid?>(entry, nameof(ClientRow.HomeCoach)), client.HomeCoach),
            Of(ChangeKind.PutAway, Original<DateTimeOffset?>(entry, nameof(ClientRow.ArchivedAt)), client.ArchivedAt),
            Of(ChangeKind.Erasure, Original<DateTimeOffset?>(entry, nameof(ClientRow.EraseAt)), client.EraseAt),
        ];
        Change Of<T>(ChangeKind kind, T was, T now) => new(kind, client.Id, "", Json(was), Json(now));
    }

    private static IEnumerable<Change> OfScreen(EntityEntry entry, ScreenRow screen) =>
        [
            Field<ScreenSection>(entry, nameof(ScreenRow.Screen), ChangeKind.Screen, screen.ClientId, $"{screen.Date:yyyy-MM-dd}"),
            Field<IReadOnlyList<FaultSection>>(
                entry,
                nameof(ScreenRow.Faults),
                ChangeKind.Screen,
                screen.ClientId,
                $"{screen.Date:yyyy-MM-dd}"
            ),
        ];

    private static IEnumerable<Change> OfKit(EntityEntry entry, EquipmentRow kit) =>
        [
            Field<EquipmentSection>(entry, nameof(EquipmentRow.Document), ChangeKind.Kit, kit.ClientId, ""),
            Field<Guid?>(entry, nameof(EquipmentRow.RoomId), ChangeKind.Kit, kit.ClientId, ""),
            Field<IReadOnlyList<DayRoom>>(entry, nameof(EquipmentRow.Elsewhere), ChangeKind.Kit, kit.ClientId, ""),
        ];

    /// <summary>What is told of a plan: the rest stands in its own row for good.</summary>
    private static object Told(PlanRow plan) =>
        new
        {
            plan.Starts,
            plan.Ends,
            Edits = plan.Edits.Count,
        };

    private static object Told(MaxRow max) =>
        new
        {
            Kg = max.LoadKg,
            max.Reps,
            max.Rpe,
            max.Side,
            max.Date,
        };

    /// <summary>A row that comes, goes or changes as one.</summary>
    private static Change Whole(EntityEntry entry, ChangeKind kind, Guid? clientId, string what, object told) =>
        entry.State switch
        {
            EntityState.Added => new(kind, clientId, what, null, Json(told)),
            EntityState.Deleted => new(kind, clientId, what, Json(told), null),
            _ => new(
                kind,
                clientId,
                what,
                Json(
                    entry
                        .Properties.Where(field => field.IsModified)
                        .ToDictionary(field => field.Metadata.Name, field => field.OriginalValue)
                ),
                Json(told)
            ),
        };

    private static Change Field<T>(EntityEntry entry, string field, ChangeKind kind, Guid? clientId, string what) =>
        new(
            kind,
            clientId,
            what,
            entry.State is EntityState.Added ? null : Json(Original<T>(entry, field)),
            entry.State is EntityState.Deleted ? null : Json((T?)entry.Property(field).CurrentValue)
        );

    private static T Original<T>(EntityEntry entry, string field) => (T)entry.Property(field).OriginalValue!;

    private static string? Json<T>(T value) => value is null ? null : JsonSerializer.Serialize(value, Formats.Json.Options);

    private sealed record Change(ChangeKind Kind, Guid? ClientId, string What, string? Before, string? After);
}
