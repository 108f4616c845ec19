using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using Nerezza.Data.Machine;

namespace Nerezza.Data.Configurations;

/// <summary>How backups ended.</summary>
internal sealed class BackupConfiguration : IEntityTypeConfiguration<BackupRow>
{
    public void Configure(EntityTypeBuilder<BackupRow> backup)
    {
        backup.ToTable("backups").HasKey(row => row.At);
        backup.Property(row => row.File).HasMaxLength(255);
        backup.Property(row => row.Fault).HasMaxLength(500);
    }
}
