using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using Nerezza.Data.Rows;

namespace Nerezza.Data.Configurations;

/// <summary>A client with their equipment, entered maxes and screens.</summary>
internal sealed class ClientConfiguration
    : IEntityTypeConfiguration<ClientRow>,
        IEntityTypeConfiguration<EquipmentRow>,
        IEntityTypeConfiguration<MaxRow>,
        IEntityTypeConfiguration<ScreenRow>
{
    public void Configure(EntityTypeBuilder<ClientRow> client)
    {
        client.ToTable("clients").HasKey(row => new { row.PracticeId, row.Id });
        client.Property(row => row.Name).HasMaxLength(120);
        client.Property(row => row.Facts).AsJson();
        client.Property(row => row.Schools).AsJson();
        client.Property(row => row.Observed).AsJson();
        client.Property(row => row.Version).IsRowVersion();
        client.HasOne<PracticeRow>().WithMany().HasForeignKey(row => row.PracticeId);
        client.HasOne<IdentityUser<Guid>>().WithMany().HasForeignKey(row => row.HomeCoach).OnDelete(DeleteBehavior.SetNull);
        // At each request of a coach: which clients are theirs.
        client.HasIndex(row => new { row.PracticeId, row.HomeCoach });
    }

    public void Configure(EntityTypeBuilder<EquipmentRow> equipment)
    {
        equipment.ToTable("equipment").HasKey(row => new { row.PracticeId, row.ClientId });
        equipment.Property(row => row.Document).AsJson();
        equipment.Property(row => row.Elsewhere).AsJson();
        equipment.Property(row => row.Version).IsRowVersion();
        equipment.HasOne<RoomRow>().WithMany().HasForeignKey(row => new { row.PracticeId, row.RoomId });
        equipment.HasOne<ClientRow>().WithOne().HasForeignKey<EquipmentRow>(row => new { row.PracticeId, row.ClientId });
    }

    public void Configure(EntityTypeBuilder<MaxRow> max)
    {
        max.ToTable("maxes").HasKey(row => new { row.PracticeId, row.Id });
        max.Property(row => row.Exercise).HasMaxLength(80);
        max.Property(row => row.Side).HasConversion<string>().HasMaxLength(5);
        max.Property(row => row.LoadKg).HasPrecision(7, 3);
        max.Property(row => row.Rpe).HasPrecision(4, 2);
        max.HasIndex(row => new { row.PracticeId, row.ClientId });
        max.HasOne<ClientRow>().WithMany().HasForeignKey(row => new { row.PracticeId, row.ClientId });
    }

    public void Configure(EntityTypeBuilder<ScreenRow> screen)
    {
        screen.ToTable("screens").HasKey(row => new { row.PracticeId, row.Id });
        screen.Property(row => row.Screen).AsJson();
        screen.Property(row => row.Faults).AsJson();
        screen.Property(row => row.Version).IsRowVersion();
        screen
            .HasIndex(row => new
            {
                row.PracticeId,
                row.ClientId,
                row.Date,
            })
            .IsUnique();
        screen.HasOne<ClientRow>().WithMany().HasForeignKey(row => new { row.PracticeId, row.ClientId });
    }
}
