using Microsoft.AspNetCore.DataProtection.EntityFrameworkCore;
using Microsoft.AspNetCore.Identity;
using Microsoft.AspNetCore.Identity.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore;
using Nerezza.Data.Accounts;
using Nerezza.Data.Machine;
using Nerezza.Data.Rows;

namespace Nerezza.Data;

/// <summary>The database. Every row of a practice is seen through one filter on the scope: its practice, and the clients that the
/// person sees.</summary>
public sealed class NerezzaContext(DbContextOptions<NerezzaContext> options, AccessScope scope)
    : IdentityUserContext<IdentityUser<Guid>, Guid>(options),
        IDataProtectionKeyContext
{
    public DbSet<PracticeRow> Practices => Set<PracticeRow>();
    public DbSet<MembershipRow> Memberships => Set<MembershipRow>();
    public DbSet<ClientRow> Clients => Set<ClientRow>();
    public DbSet<EquipmentRow> Equipment => Set<EquipmentRow>();
    public DbSet<MaxRow> Maxes => Set<MaxRow>();
    public DbSet<ScreenRow> Screens => Set<ScreenRow>();
    public DbSet<PlanRow> Plans => Set<PlanRow>();
    public DbSet<LoggedSetRow> LoggedSets => Set<LoggedSetRow>();
    public DbSet<ReadinessRow> Readiness => Set<ReadinessRow>();
    public DbSet<AnswerRow> Answers => Set<AnswerRow>();
    public DbSet<BoardRow> Boards => Set<BoardRow>();
    public DbSet<PastTrainingRow> PastTraining => Set<PastTrainingRow>();
    public DbSet<ImportRow> Imports => Set<ImportRow>();
    public DbSet<ClientListRow> ClientLists => Set<ClientListRow>();
    public DbSet<ExerciseNameRow> ExerciseNames => Set<ExerciseNameRow>();
    public DbSet<RoomRow> Rooms => Set<RoomRow>();
    public DbSet<ShareRow> Shares => Set<ShareRow>();
    public DbSet<InvitationRow> Invitations => Set<InvitationRow>();
    public DbSet<NoteRow> Notes => Set<NoteRow>();
    public DbSet<ChangeRow> Changes => Set<ChangeRow>();
    public DbSet<OwnExerciseRow> OwnExercises => Set<OwnExerciseRow>();
    public DbSet<SignedInRow> SignedIn => Set<SignedInRow>();
    public DbSet<AccessTokenRow> AccessTokens => Set<AccessTokenRow>();
    public DbSet<TemplateRow> Templates => Set<TemplateRow>();
    public DbSet<CalendarRow> Calendars => Set<CalendarRow>();
    public DbSet<BackupRow> Backups => Set<BackupRow>();
    public DbSet<DataProtectionKey> DataProtectionKeys => Set<DataProtectionKey>();

    internal Guid PracticeId => scope.PracticeId;
    internal bool SeesAll => scope.SeesAll;
    internal IReadOnlyList<Guid> Seen => scope.Seen;
    internal AccessScope Access => scope;

    protected override void OnModelCreating(ModelBuilder builder)
    {
        base.OnModelCreating(builder);
        builder.ApplyConfigurationsFromAssembly(typeof(NerezzaContext).Assembly);
        // One filter for all, so that no query can forget it; reads without it live in Unscoped/.
        builder.Entity<PracticeRow>().HasQueryFilter(row => row.PracticeId == PracticeId);
        builder.Entity<MembershipRow>().HasQueryFilter(row => row.PracticeId == PracticeId);
        builder.Entity<RoomRow>().HasQueryFilter(row => row.PracticeId == PracticeId);
        builder.Entity<OwnExerciseRow>().HasQueryFilter(row => row.PracticeId == PracticeId);
        builder.Entity<TemplateRow>().HasQueryFilter(row => row.PracticeId == PracticeId);
        builder.Entity<ExerciseNameRow>().HasQueryFilter(row => row.PracticeId == PracticeId);
        builder.Entity<ClientRow>().HasQueryFilter(row => row.PracticeId == PracticeId && (SeesAll || Seen.Contains(row.Id)));
        builder
            .Entity<InvitationRow>()
            .HasQueryFilter(row =>
                row.PracticeId == PracticeId && (SeesAll || (row.ClientId != null && Seen.Contains(row.ClientId.Value)))
            );
        builder
            .Entity<ChangeRow>()
            .HasQueryFilter(row =>
                row.PracticeId == PracticeId && (SeesAll || (row.ClientId != null && Seen.Contains(row.ClientId.Value)))
            );
        OfClients<EquipmentRow>(builder);
        OfClients<MaxRow>(builder);
        OfClients<ScreenRow>(builder);
        OfClients<PlanRow>(builder);
        OfClients<PastTrainingRow>(builder);
        OfClients<ReadinessRow>(builder);
        OfClients<AnswerRow>(builder);
        OfClients<BoardRow>(builder);
        OfClients<LoggedSetRow>(builder);
        OfClients<ImportRow>(builder);
        OfClients<ClientListRow>(builder);
        OfClients<CalendarRow>(builder);
        OfClients<ShareRow>(builder);
        OfClients<NoteRow>(builder);
    }

    private void OfClients<T>(ModelBuilder builder)
        where T : class, IClientRow =>
        builder.Entity<T>().HasQueryFilter(row => row.PracticeId == PracticeId && (SeesAll || Seen.Contains(row.ClientId)));
}
