using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using Nerezza.Data.Rows;

namespace Nerezza.Data.Configurations;

/// <summary>Clients shared with colleagues, notes of lifters, and what changed.</summary>
internal sealed class SharingConfiguration
    : IEntityTypeConfiguration<ShareRow>,
        IEntityTypeConfiguration<NoteRow>,
        IEntityTypeConfiguration<ChangeRow>
{
    internal const int NoteLength = 2000;

    public void Configure(EntityTypeBuilder<ShareRow> share)
    {
        share
            .ToTable("shares")
            .HasKey(row => new
            {
                row.PracticeId,
                row.ClientId,
                row.UserId,
            });
        share.Property(row => row.Access).HasConversion<string>().HasMaxLength(10);
        // At each request of a coach: which clients they see.
        share.HasIndex(row => new { row.PracticeId, row.UserId });
        share.HasOne<ClientRow>().WithMany().HasForeignKey(row => new { row.PracticeId, row.ClientId });
        share.HasOne<IdentityUser<Guid>>().WithMany().HasForeignKey(row => row.UserId);
    }

    public void Configure(EntityTypeBuilder<NoteRow> note)
    {
        note.ToTable("notes").HasKey(row => new { row.PracticeId, row.Id });
        note.Property(row => row.Text).HasMaxLength(NoteLength);
        note.HasIndex(row => new
        {
            row.PracticeId,
            row.ClientId,
            row.At,
        });
        note.HasOne<ClientRow>().WithMany().HasForeignKey(row => new { row.PracticeId, row.ClientId });
    }

    public void Configure(EntityTypeBuilder<ChangeRow> change)
    {
        change.ToTable("changes").HasKey(row => new { row.PracticeId, row.Id });
        change.Property(row => row.By).HasMaxLength(PracticeConfiguration.NameLength);
        change.Property(row => row.Kind).HasConversion<string>().HasMaxLength(20);
        change.Property(row => row.What).HasMaxLength(200);
        change.Property(row => row.Before).HasColumnType("jsonb");
        change.Property(row => row.After).HasColumnType("jsonb");
        change.HasIndex(row => new
        {
            row.PracticeId,
            row.ClientId,
            row.Id,
        });
        change.HasOne<PracticeRow>().WithMany().HasForeignKey(row => row.PracticeId);
    }
}
