using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using Nerezza.Data.Rows;

namespace Nerezza.Data.Configurations;

/// <summary>What is kept of every client at a glance. Its triggers stand in the migration that made it.</summary>
internal sealed class BoardConfiguration : IEntityTypeConfiguration<BoardRow>
{
    public void Configure(EntityTypeBuilder<BoardRow> board)
    {
        board.ToTable("boards").HasKey(row => new { row.PracticeId, row.ClientId });
        board.Property(row => row.Engine).HasMaxLength(20);
        board.Property(row => row.Document).AsJson();
        // The worker looks for what is due, of every practice; nearly nothing is.
        board.HasIndex(row => row.Due).HasFilter("due IS NOT NULL");
        board.HasOne<ClientRow>().WithOne().HasForeignKey<BoardRow>(row => new { row.PracticeId, row.ClientId });
    }
}
