using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using Nerezza.Data.Rows;

namespace Nerezza.Data.Configurations;

/// <summary>What lists of clients did.</summary>
internal sealed class ClientListConfiguration : IEntityTypeConfiguration<ClientListRow>
{
    public void Configure(EntityTypeBuilder<ClientListRow> list)
    {
        list.ToTable("client_lists")
            .HasKey(row => new
            {
                row.PracticeId,
                row.ListId,
                row.ClientId,
            });
        list.Property(row => row.Name).HasMaxLength(200);
        list.Property(row => row.By).HasMaxLength(PracticeConfiguration.NameLength);
        list.Property(row => row.Maxes).AsJson();
        list.Property(row => row.Screens).AsJson();
        list.Property(row => row.Facts).AsJson();
        list.HasIndex(row => new { row.PracticeId, row.ClientId });
        list.HasOne<ClientRow>().WithMany().HasForeignKey(row => new { row.PracticeId, row.ClientId });
    }
}
