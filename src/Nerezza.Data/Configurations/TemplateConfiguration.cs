using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using Nerezza.Data.Rows;

namespace Nerezza.Data.Configurations;

/// <summary>Templates of a practice.</summary>
internal sealed class TemplateConfiguration : IEntityTypeConfiguration<TemplateRow>
{
    public void Configure(EntityTypeBuilder<TemplateRow> template)
    {
        template.ToTable("templates").HasKey(row => new { row.PracticeId, row.Id });
        template.Property(row => row.Document).AsJson();
        template.Property(row => row.By).HasMaxLength(PracticeConfiguration.NameLength);
        template.HasOne<PracticeRow>().WithMany().HasForeignKey(row => row.PracticeId);
    }
}
