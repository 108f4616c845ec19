using Nerezza.Core;
using Nerezza.Core.Blocks;
using Nerezza.Core.Clients;
using Nerezza.Core.Floor;
using Nerezza.Core.Loads.Loading;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Plans;

namespace Nerezza.Web.Planning;

/// <summary>One client's day on the floor: what the plan asks, and what is done by now.</summary>
public sealed record FloorDay
{
    /// <summary>The day.</summary>
    public required DateOnly Date { get; init; }

    /// <summary>The case that the plan was made from, with what was done before the day.</summary>
    public required ClientCase Case { get; init; }

    /// <summary>The plan with the maxes of the morning: today's own sets do not move it. The ramp and the percentages stay while the
    /// session runs, and the proposal answers each set.</summary>
    public required Plan Plan { get; init; }

    /// <summary>Why its loads are others than when the plan was made.</summary>
    public required LoadChanges Changes { get; init; }

    /// <summary>What is done on it.</summary>
    public required IReadOnlyList<LoggedSetRow> Done { get; init; }

    /// <summary>What can stand in for an exercise, with loads.</summary>
    public required Substitution Substitution { get; init; }

    /// <summary>What the kit can load.</summary>
    public required Loader Loader { get; init; }

    /// <summary>Which findings whoever looks is told of.</summary>
    public ToldFindings Told { get; init; } = ToldFindings.All;

    /// <summary>The session with its week; null when none is planned.</summary>
    public (Week Week, Session Session)? Planned => Plan.Block?.On(Date);

    /// <summary>The day of a plan.</summary>
    /// <param name="log">With the rows of the day.</param>
    public static FloorDay Of(PlanRow row, ClientFile file, ClientLog log, DateOnly date, PlanService desk)
    {
        ClientLog before = log.Before(date);
        ClientCase @case = desk.CurrentCase(row, file, before);
        return new FloorDay
        {
            Date = date,
            Case = @case,
            Plan = desk.Current(row, file, before),
            Changes = new LoadChanges(row.Document, before.Days),
            Done = [.. log.Recent.Where(set => set.Date == date)],
            Substitution = desk.Substitutes(@case)(Weekdays.Of(date)),
            Loader = new Loader(@case.EquipmentOn(Weekdays.Of(date))),
        };
    }
}
