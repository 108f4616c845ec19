using Microsoft.AspNetCore.DataProtection.EntityFrameworkCore;
using Microsoft.AspNetCore.Identity;
using Microsoft.AspNetCore.Identity.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore;
using Nerezza.Data.Accounts;
using Nerezza.Data.Rows;

namespace Nerezza.Data;

/// <summary>The database. Every row of a coach is seen through one filter on the scope's coach id.</summary>
public sealed class NerezzaContext(DbContextOptions<NerezzaContext> options, CoachScope scope)
    : IdentityUserContext<IdentityUser<Guid>, Guid>(options),
        IDataProtectionKeyContext
{
    public DbSet<CoachRow> Coaches => Set<CoachRow>();
    public DbSet<MembershipRow> Memberships => Set<MembershipRow>();
    public DbSet<ClientRow> Clients => Set<ClientRow>();
    public DbSet<EquipmentRow> Equipment => Set<EquipmentRow>();
    public DbSet<MaxRow> Maxes => Set<MaxRow>();
    public DbSet<ScreenRow> Screens => Set<ScreenRow>();
    public DbSet<PlanRow> Plans => Set<PlanRow>();
    public DbSet<LoggedSetRow> LoggedSets => Set<LoggedSetRow>();
    public DbSet<ReadinessRow> Readiness => Set<ReadinessRow>();
    public DbSet<PastTrainingRow> PastTraining => Set<PastTrainingRow>();
    public DbSet<OwnExerciseRow> OwnExercises => Set<OwnExerciseRow>();
    public DbSet<SignedInRow> SignedIn => Set<SignedInRow>();
    public DbSet<DataProtectionKey> DataProtectionKeys => Set<DataProtectionKey>();

    internal Guid CoachId => scope.CoachId;

    protected override void OnModelCreating(ModelBuilder builder)
    {
        base.OnModelCreating(builder);
        builder.ApplyConfigurationsFromAssembly(typeof(NerezzaContext).Assembly);
        // One filter for all, so that no query can forget it; reads without it live in Unscoped/.
        builder.Entity<CoachRow>().HasQueryFilter(row => row.CoachId == CoachId);
        builder.Entity<MembershipRow>().HasQueryFilter(row => row.CoachId == CoachId);
        builder.Entity<ClientRow>().HasQueryFilter(row => row.CoachId == CoachId);
        builder.Entity<EquipmentRow>().HasQueryFilter(row => row.CoachId == CoachId);
        builder.Entity<MaxRow>().HasQueryFilter(row => row.CoachId == CoachId);
        builder.Entity<ScreenRow>().HasQueryFilter(row => row.CoachId == CoachId);
        builder.Entity<PlanRow>().HasQueryFilter(row => row.CoachId == CoachId);
        builder.Entity<OwnExerciseRow>().HasQueryFilter(row => row.CoachId == CoachId);
        builder.Entity<PastTrainingRow>().HasQueryFilter(row => row.CoachId == CoachId);
        builder.Entity<ReadinessRow>().HasQueryFilter(row => row.CoachId == CoachId);
        builder.Entity<LoggedSetRow>().HasQueryFilter(row => row.CoachId == CoachId);
    }
}
