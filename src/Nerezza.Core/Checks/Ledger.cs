using Nerezza.Core.Blocks;
using Nerezza.Core.Clients;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Checks;

/// <summary>Hard sets of one muscle in one week, against its limits.</summary>
public sealed record MuscleWeek
{
    /// <summary>From 1.</summary>
    public required int Week { get; init; }

    /// <summary>Hard sets by the school of counting.</summary>
    public required double Sets { get; init; }

    /// <summary>The same week counted by the prime movers alone, 1 each.</summary>
    public required double Direct { get; init; }

    /// <summary>0 where the muscle has no low limit.</summary>
    public required double Low { get; init; }

    /// <summary>Its high limit.</summary>
    public required double High { get; init; }

    /// <summary>In how many sessions it is trained.</summary>
    public required int Sessions { get; init; }

    /// <summary>Hard sets in the fullest of them.</summary>
    public required double MostInSession { get; init; }
}

/// <summary>One muscle through the weeks.</summary>
public sealed record MuscleLedger(Muscle Muscle, IReadOnlyList<MuscleWeek> Weeks);

/// <summary>What one week costs and brings besides sets per muscle.</summary>
/// <param name="Tonnage">Kilograms moved: sets x repetitions x external load.</param>
/// <param name="MeanPercent">Mean percent of e1RM of the sets that have one; null where none has.</param>
/// <param name="Axial">Axial load times hard sets.</param>
/// <param name="Soreness">Soreness times hard sets.</param>
public sealed record WeekTotals(int Week, double Tonnage, double? MeanPercent, double Axial, double Soreness, int Minutes);

/// <summary>Counts a block: hard sets per muscle a week, and what the weeks cost (docs/handbook/12-weeks-and-blocks.md).</summary>
internal sealed class Ledger(CheckContext context, Func<Session, SessionTally> tallyOf)
{
    /// <summary>Every muscle that the block trains, in the order of the codes.</summary>
    public IReadOnlyList<MuscleLedger> Of(Block block) =>
        [
            .. Enum.GetValues<Muscle>()
                .Select(muscle => new MuscleLedger(muscle, [.. block.Weeks.Select(week => Week(muscle, week))]))
                .Where(row => row.Weeks.Any(week => week.Sets > 0 || week.Low > 0)),
        ];

    /// <summary>What each week costs.</summary>
    public IReadOnlyList<WeekTotals> Totals(Block block) => [.. block.Weeks.Select(Total)];

    /// <summary>Hard sets of an item: those at RPE 6 and more, a one-sided one half for each side.</summary>
    public static double HardSets(PrescribedItem item)
    {
        double hard = 0;
        foreach (PrescribedSet set in item.Sets)
            if (set.Rpe.Value >= WeeklySets.HardFromRpe)
                hard += set.Side is null ? 1 : 0.5;
        return hard;
    }

    private MuscleWeek Week(Muscle muscle, Week week)
    {
        (double sets, double direct, double most, int sessions) = (0, 0, 0, 0);
        foreach (Session session in week.Sessions)
        {
            SessionTally tally = tallyOf(session);
            double here = tally.Sets[(int)muscle];
            (sets, direct, most) = (sets + here, direct + tally.Direct[(int)muscle], Math.Max(most, here));
            if (here > 0)
                sessions++;
        }
        SetLimits limit = context.Limits.Of(muscle);
        return new MuscleWeek
        {
            Week = week.Number,
            Sets = Math.Round(sets, 6),
            Direct = Math.Round(direct, 6),
            Low = limit.Low,
            High = limit.High,
            Sessions = sessions,
            MostInSession = Math.Round(most, 6),
        };
    }

    private WeekTotals Total(Week week)
    {
        (double tonnage, double sum, int count, double axial, double soreness, int minutes) = (0, 0, 0, 0, 0, 0);
        foreach (Session session in week.Sessions)
        {
            SessionTally tally = tallyOf(session);
            (tonnage, sum, count) = (tonnage + tally.Tonnage, sum + tally.Percents.Sum, count + tally.Percents.Count);
            (axial, soreness, minutes) = (axial + tally.Axial, soreness + tally.Soreness, minutes + session.Minutes);
        }
        return new WeekTotals(week.Number, Math.Round(tonnage, 6), count > 0 ? Math.Round(sum / count, 6) : null, axial, soreness, minutes);
    }
}
