using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Blocks;

/// <summary>How near a session is to the next competition or event, and what that leaves of it (docs/handbook/12-weeks-and-blocks.md,
/// "Peaking").</summary>
public sealed class EventDays(Client client)
{
    private readonly DateOnly[] _dates = [.. client.Events.Select(one => one.Date).Append(client.Competition).OfType<DateOnly>().Order()];

    /// <summary>The first event inside the weeks asked for; null where none is.</summary>
    public static DateOnly? FirstIn(BlockRequest request, Client client) =>
        new EventDays(client)
            ._dates.Where(date => date >= request.Start && date.DayNumber - request.Start.DayNumber < 7 * request.Weeks)
            .Cast<DateOnly?>()
            .FirstOrDefault();

    /// <summary>Whether an event is on this day: nothing else is trained then.</summary>
    public bool IsOn(DateOnly date) => _dates.Contains(date);

    /// <summary>The most of an exercise on a date: 1 and RPE 10 where no event is near.</summary>
    public (double Fraction, Rpe Rpe) MostOn(DateOnly date, Pattern pattern)
    {
        PeakingRule rule = BlockRules.Shipped.File.Peaking;
        int nearest = _dates.Where(day => day > date).Select(day => day.DayNumber - date.DayNumber).DefaultIfEmpty(int.MaxValue).Min();
        bool light = nearest < (pattern is Pattern.Hinge ? rule.LastHingeDays : rule.LastSquatDays);
        return light ? (rule.LightFraction, Rpe.Of(rule.LightRpe)) : (1, Rpe.Ten);
    }
}
