using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using Nerezza.Data.Rows;

namespace Nerezza.Data.Configurations;

/// <summary>A coach's practice and who works in it.</summary>
internal sealed class CoachConfiguration : IEntityTypeConfiguration<CoachRow>, IEntityTypeConfiguration<MembershipRow>
{
    public void Configure(EntityTypeBuilder<CoachRow> coach)
    {
        coach.ToTable("coaches").HasKey(row => row.CoachId);
        coach.Property(row => row.Name).HasMaxLength(120);
    }

    public void Configure(EntityTypeBuilder<MembershipRow> membership)
    {
        membership.ToTable("memberships").HasKey(row => new { row.CoachId, row.UserId });
        // Sign-in looks a user's practice up before any coach is known.
        membership.HasIndex(row => row.UserId);
        membership.HasOne<CoachRow>().WithMany().HasForeignKey(row => row.CoachId);
        membership.HasOne<IdentityUser<Guid>>().WithMany().HasForeignKey(row => row.UserId);
    }
}
