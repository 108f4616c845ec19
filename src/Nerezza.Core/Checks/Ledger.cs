using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Checks;

/// <summary>Hard sets of one muscle in one week, against its limits.</summary>
/// <param name="Low">0 where the muscle has no low limit.</param>
/// <param name="Sessions">In how many sessions it is trained.</param>
/// <param name="MostInSession">Hard sets in the fullest of them.</param>
public sealed record MuscleWeek(int Week, double Sets, double Low, double High, int Sessions, double MostInSession);

/// <summary>One muscle through the weeks.</summary>
public sealed record MuscleLedger(Muscle Muscle, IReadOnlyList<MuscleWeek> Weeks);

/// <summary>What one week costs and brings besides sets per muscle.</summary>
/// <param name="Tonnage">Kilograms moved: sets x repetitions x external load.</param>
/// <param name="MeanPercent">Mean percent of e1RM of the sets that have one; null where none has.</param>
/// <param name="Axial">Axial load times hard sets.</param>
/// <param name="Soreness">Soreness times hard sets.</param>
public sealed record WeekTotals(int Week, double Tonnage, double? MeanPercent, double Axial, double Soreness, int Minutes);

/// <summary>Counts a block: hard sets per muscle a week, and what the weeks cost (handbook 12).</summary>
public sealed class Ledger(ExerciseCatalogue catalogue, SetCounting school, WeeklySets limits)
{
    /// <summary>Every muscle that the block trains, in the order of the codes.</summary>
    public IReadOnlyList<MuscleLedger> Of(Block block) => [.. Enum.GetValues<Muscle>()
        .Select(muscle => new MuscleLedger(muscle, [.. block.Weeks.Select(week => Week(muscle, week))]))
        .Where(row => row.Weeks.Any(week => week.Sets > 0 || week.Low > 0))];

    /// <summary>What each week costs.</summary>
    public IReadOnlyList<WeekTotals> Totals(Block block) => [.. block.Weeks.Select(Total)];

    /// <summary>Hard sets of an item: those at RPE 6 and more, a one-sided one half for each side.</summary>
    public static double HardSets(PrescribedItem item) => item.Sets.Where(set => set.Rpe.Value >= WeeklySets.HardFromRpe).Sum(set => set.Side is null ? 1 : 0.5);

    private MuscleWeek Week(Muscle muscle, Week week)
    {
        double[] sessions = [.. week.Sessions.Select(session => session.Items.Sum(item => HardSets(item) * WeeklySets.Count(catalogue[item.Exercise], muscle, school)))];
        SetLimits limit = limits.Of(muscle);
        return new MuscleWeek(week.Number, Math.Round(sessions.Sum(), 6), limit.Low, limit.High, sessions.Count(sets => sets > 0), Math.Round(sessions.DefaultIfEmpty(0).Max(), 6));
    }

    private WeekTotals Total(Week week)
    {
        List<PrescribedItem> items = [.. week.Sessions.SelectMany(session => session.Items)];
        List<PrescribedSet> sets = [.. items.SelectMany(item => item.Sets)];
        List<double> percents = [.. sets.Where(set => set.Percent is not null).Select(set => set.Percent!.Value.Value)];
        return new WeekTotals(
            week.Number, Math.Round(sets.Sum(set => set.Reps * (set.Load?.Kilograms ?? 0)), 6), percents.Count > 0 ? Math.Round(percents.Average(), 6) : null,
            items.Sum(item => HardSets(item) * catalogue[item.Exercise].Axial), items.Sum(item => HardSets(item) * catalogue[item.Exercise].Soreness), week.Sessions.Sum(session => session.Minutes));
    }
}
