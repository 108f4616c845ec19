using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using Nerezza.Data.Accounts;

namespace Nerezza.Data.Configurations;

/// <summary>Sign-ins, gone with the person's account.</summary>
internal sealed class SignedInConfiguration : IEntityTypeConfiguration<SignedInRow>
{
    private const int HashLength = 64,
        DeviceLength = 80;

    public void Configure(EntityTypeBuilder<SignedInRow> signedIn)
    {
        signedIn.ToTable("signed_in").HasKey(row => row.KeyHash);
        signedIn.Property(row => row.KeyHash).HasMaxLength(HashLength);
        signedIn.Property(row => row.Device).HasMaxLength(DeviceLength);
        signedIn.HasIndex(row => row.ExpiresAt);
        signedIn.HasIndex(row => row.UserId);
        signedIn.HasOne<IdentityUser<Guid>>().WithMany().HasForeignKey(row => row.UserId);
    }
}
