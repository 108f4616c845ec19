using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using Nerezza.Data.Rows;

namespace Nerezza.Data.Configurations;

/// <summary>A practice, who is in it and who is asked in, its rooms.</summary>
internal sealed class PracticeConfiguration
    : IEntityTypeConfiguration<PracticeRow>,
        IEntityTypeConfiguration<MembershipRow>,
        IEntityTypeConfiguration<InvitationRow>,
        IEntityTypeConfiguration<RoomRow>
{
    internal const int NameLength = 120,
        HashLength = 64;

    public void Configure(EntityTypeBuilder<PracticeRow> practice)
    {
        practice.ToTable("practices").HasKey(row => row.PracticeId);
        practice.Property(row => row.Name).HasMaxLength(NameLength);
        practice.Property(row => row.Units).HasConversion<string>().HasMaxLength(2).HasDefaultValueSql("'Kg'").HasSentinel(Units.Kg);
    }

    public void Configure(EntityTypeBuilder<MembershipRow> membership)
    {
        membership.ToTable("memberships").HasKey(row => new { row.PracticeId, row.UserId });
        membership.Property(row => row.Name).HasMaxLength(NameLength);
        membership.Property(row => row.Role).HasConversion<string>().HasMaxLength(10);
        // Sign-in looks a user's practice up before any is known.
        membership.HasIndex(row => row.UserId);
        membership.HasIndex(row => new { row.PracticeId, row.ClientId }).IsUnique();
        membership.HasOne<PracticeRow>().WithMany().HasForeignKey(row => row.PracticeId);
        membership.HasOne<IdentityUser<Guid>>().WithMany().HasForeignKey(row => row.UserId);
        membership.HasOne<ClientRow>().WithMany().HasForeignKey(row => new { row.PracticeId, row.ClientId });
    }

    public void Configure(EntityTypeBuilder<InvitationRow> invitation)
    {
        invitation.ToTable("invitations").HasKey(row => new { row.PracticeId, row.Id });
        invitation.Property(row => row.TokenHash).HasMaxLength(HashLength);
        invitation.Property(row => row.Role).HasConversion<string>().HasMaxLength(10);
        invitation.Property(row => row.Name).HasMaxLength(NameLength);
        invitation.HasIndex(row => row.TokenHash).IsUnique();
        invitation.HasOne<PracticeRow>().WithMany().HasForeignKey(row => row.PracticeId);
        invitation.HasOne<ClientRow>().WithMany().HasForeignKey(row => new { row.PracticeId, row.ClientId });
    }

    public void Configure(EntityTypeBuilder<RoomRow> room)
    {
        room.ToTable("rooms").HasKey(row => new { row.PracticeId, row.Id });
        room.Property(row => row.Name).HasMaxLength(NameLength);
        room.Property(row => row.Document).AsJson();
        room.Property(row => row.Version).IsRowVersion();
        room.HasIndex(row => new { row.PracticeId, row.Name }).IsUnique();
        room.HasOne<PracticeRow>().WithMany().HasForeignKey(row => row.PracticeId);
    }
}
