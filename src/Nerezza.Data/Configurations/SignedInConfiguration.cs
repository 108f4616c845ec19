using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using Nerezza.Data.Accounts;
using Nerezza.Data.Rows;

namespace Nerezza.Data.Configurations;

/// <summary>Sign-ins and tokens of scripts, gone with the person's account.</summary>
internal sealed class SignedInConfiguration : IEntityTypeConfiguration<SignedInRow>, IEntityTypeConfiguration<AccessTokenRow>
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

    public void Configure(EntityTypeBuilder<AccessTokenRow> token)
    {
        token.ToTable("access_tokens").HasKey(row => row.TokenHash);
        token.Property(row => row.TokenHash).HasMaxLength(HashLength);
        token.Property(row => row.Name).HasMaxLength(DeviceLength);
        token.Property(row => row.Scope).HasConversion<string>().HasMaxLength(5);
        token.HasIndex(row => row.UserId);
        token.HasOne<IdentityUser<Guid>>().WithMany().HasForeignKey(row => row.UserId);
        token.HasOne<PracticeRow>().WithMany().HasForeignKey(row => row.PracticeId);
    }
}
