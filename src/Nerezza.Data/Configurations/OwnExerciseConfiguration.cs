using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using Nerezza.Data.Rows;

namespace Nerezza.Data.Configurations;

/// <summary>A coach's own exercises, each under its id.</summary>
internal sealed class OwnExerciseConfiguration : IEntityTypeConfiguration<OwnExerciseRow>
{
    public void Configure(EntityTypeBuilder<OwnExerciseRow> exercise)
    {
        exercise.ToTable("own_exercises").HasKey(row => new { row.PracticeId, row.Exercise });
        exercise.Property(row => row.Exercise).HasMaxLength(80);
        exercise.Property(row => row.Document).AsJson();
        exercise.Property(row => row.Version).IsRowVersion();
        exercise.HasOne<PracticeRow>().WithMany().HasForeignKey(row => row.PracticeId);
    }
}
