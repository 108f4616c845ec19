using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using Nerezza.Data.Rows;

namespace Nerezza.Data.Configurations;

/// <summary>Files that were taken in, and what their names mean.</summary>
internal sealed class ImportConfiguration : IEntityTypeConfiguration<ImportRow>, IEntityTypeConfiguration<ExerciseNameRow>
{
    public void Configure(EntityTypeBuilder<ImportRow> import)
    {
        import.ToTable("imports").HasKey(row => new { row.PracticeId, row.Id });
        import.Property(row => row.Name).HasMaxLength(200);
        import.Property(row => row.By).HasMaxLength(PracticeConfiguration.NameLength);
        import.HasIndex(row => new
        {
            row.PracticeId,
            row.ClientId,
            row.KeptAt,
        });
        import.HasOne<ClientRow>().WithMany().HasForeignKey(row => new { row.PracticeId, row.ClientId });
    }

    public void Configure(EntityTypeBuilder<ExerciseNameRow> name)
    {
        name.ToTable("exercise_names").HasKey(row => new { row.PracticeId, row.Name });
        name.Property(row => row.Name).HasMaxLength(200);
        name.Property(row => row.Exercise).HasMaxLength(80);
        name.HasOne<PracticeRow>().WithMany().HasForeignKey(row => row.PracticeId);
    }
}
