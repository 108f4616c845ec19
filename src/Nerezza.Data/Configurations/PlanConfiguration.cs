using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using Nerezza.Core;
using Nerezza.Data.Rows;

namespace Nerezza.Data.Configurations;

/// <summary>Plans, how clients came in, the sets that were done, and what of them is folded.</summary>
internal sealed class PlanConfiguration
    : IEntityTypeConfiguration<PlanRow>,
        IEntityTypeConfiguration<LoggedSetRow>,
        IEntityTypeConfiguration<ReadinessRow>,
        IEntityTypeConfiguration<AnswerRow>,
        IEntityTypeConfiguration<PastTrainingRow>
{
    public void Configure(EntityTypeBuilder<PlanRow> plan)
    {
        plan.ToTable("plans").HasKey(row => new { row.PracticeId, row.Id });
        plan.Property(row => row.EngineVersion).HasMaxLength(40);
        plan.Property(row => row.InputsHash).HasMaxLength(64);
        plan.Property(row => row.Inputs).AsJson();
        plan.Property(row => row.Decisions).AsJson();
        plan.Property(row => row.Picks).AsJson().HasDefaultValueSql("'[]'::jsonb");
        plan.Property(row => row.Edits).AsJson().HasDefaultValueSql("'[]'::jsonb");
        plan.Property(row => row.Base).HasConversion<string>().HasMaxLength(10).HasDefaultValueSql("'Made'").HasSentinel(BlockBase.Made);
        plan.Property(row => row.KindReason).HasConversion<string>().HasMaxLength(20);
        plan.Property(row => row.Document).AsJson();
        plan.HasIndex(row => new
            {
                row.PracticeId,
                row.ClientId,
                row.Number,
            })
            .IsUnique()
            // Which plans stand is read from the index alone: years of versions, and no document among them.
            .IncludeProperties(row => new
            {
                row.Id,
                row.Starts,
                row.Ends,
            });
        plan.HasOne<ClientRow>().WithMany().HasForeignKey(row => new { row.PracticeId, row.ClientId });
    }

    public void Configure(EntityTypeBuilder<LoggedSetRow> set)
    {
        set.ToTable("logged_sets").HasKey(row => new { row.PracticeId, row.Id });
        set.Property(row => row.Exercise).HasMaxLength(80);
        set.Property(row => row.Side).HasConversion<string>().HasMaxLength(5);
        set.Property(row => row.LoadKg).HasPrecision(7, 3);
        set.Property(row => row.Rpe).HasPrecision(4, 2);
        set.Property(row => row.RirSaid).HasPrecision(4, 2);
        set.Property(row => row.Seconds).HasPrecision(8, 2);
        set.Property(row => row.Metres).HasPrecision(8, 2);
        set.Property(row => row.HeightCm).HasPrecision(6, 2);
        set.Property(row => row.Word).HasConversion<string>().HasMaxLength(10);
        set.Property(row => row.PainAt).HasConversion<string>().HasMaxLength(20);
        set.Property(row => row.Band).HasMaxLength(60);
        set.Property(row => row.Implements).AsJson();
        set.Property(row => row.Note).HasMaxLength(2000);
        set.HasIndex(row => new
        {
            row.PracticeId,
            row.ClientId,
            row.Date,
        });
        // A fact has one successor at most: two corrections of one set would both count.
        set.HasIndex(row => new { row.PracticeId, row.Supersedes }).IsUnique();
        // What was corrected of one client.
        set.HasIndex(row => new
            {
                row.PracticeId,
                row.ClientId,
                row.Supersedes,
            })
            .HasFilter("supersedes IS NOT NULL");
        set.HasIndex(row => new { row.PracticeId, row.ImportId }).HasFilter("import_id IS NOT NULL");
        set.HasOne<ClientRow>().WithMany().HasForeignKey(row => new { row.PracticeId, row.ClientId });
    }

    public void Configure(EntityTypeBuilder<ReadinessRow> readiness)
    {
        readiness
            .ToTable("readiness")
            .HasKey(row => new
            {
                row.PracticeId,
                row.ClientId,
                row.Date,
            });
        readiness.Property(row => row.Answers).AsJson();
        readiness.HasOne<ClientRow>().WithMany().HasForeignKey(row => new { row.PracticeId, row.ClientId });
    }

    public void Configure(EntityTypeBuilder<AnswerRow> answer)
    {
        answer
            .ToTable("answers")
            .HasKey(row => new
            {
                row.PracticeId,
                row.ClientId,
                row.Key,
            });
        answer.Property(row => row.Key).HasMaxLength(400);
        answer.Property(row => row.Done).AsJson();
        answer.Property(row => row.Version).IsRowVersion();
        answer.HasOne<ClientRow>().WithMany().HasForeignKey(row => new { row.PracticeId, row.ClientId });
    }

    public void Configure(EntityTypeBuilder<PastTrainingRow> past)
    {
        past.ToTable("past_training").HasKey(row => new { row.PracticeId, row.ClientId });
        past.Property(row => row.Days).AsJson();
        past.Property(row => row.Version).IsRowVersion();
        past.HasOne<ClientRow>().WithOne().HasForeignKey<PastTrainingRow>(row => new { row.PracticeId, row.ClientId });
    }
}
