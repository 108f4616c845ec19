using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using Nerezza.Data.Rows;

namespace Nerezza.Data.Configurations;

/// <summary>Times of training and the calendar's address.</summary>
internal sealed class CalendarConfiguration : IEntityTypeConfiguration<CalendarRow>
{
    internal const int ZoneLength = 60;

    public void Configure(EntityTypeBuilder<CalendarRow> calendar)
    {
        calendar.ToTable("calendars").HasKey(row => new { row.PracticeId, row.ClientId });
        calendar.Property(row => row.Zone).HasMaxLength(ZoneLength);
        calendar.Property(row => row.Times).AsJson();
        calendar.Property(row => row.FeedHash).HasMaxLength(PracticeConfiguration.HashLength);
        calendar.Property(row => row.Version).IsRowVersion();
        // A calendar program comes with the secret alone.
        calendar.HasIndex(row => row.FeedHash).IsUnique();
        calendar.HasOne<ClientRow>().WithOne().HasForeignKey<CalendarRow>(row => new { row.PracticeId, row.ClientId });
    }
}
