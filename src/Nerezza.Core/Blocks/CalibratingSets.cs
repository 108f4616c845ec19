using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Blocks;

/// <summary>Puts the last set of one safe exercise to as many repetitions as possible, at least every second week, so that the rating bias
/// becomes known (docs/handbook/11-prescription.md).</summary>
/// <remarks>Not where pain, a cap or a deload forbids it; a client alone does it on a machine only.</remarks>
/// <param name="firstWeek">None before this week of the block: a new client's first two weeks have none.</param>
public sealed class CalibratingSets(Client client, ExerciseCatalogue catalogue, int firstWeek)
{
    private static readonly CalibratingRule Rule = PrescriptionRules.Shipped.File.Calibrating;
    private int _last = int.MinValue / 2;

    /// <summary>The first week of a block that may hold one: none in a client's first two weeks, whether they lie before the block or in
    /// it.</summary>
    public static int FirstWeek(IReadOnlyList<LogDay> log, DateOnly start)
    {
        DateOnly first = log.Select(day => day.Date).Append(start).Min();
        int days = first.AddDays(7 * (PrescriptionRules.NewFromWeek - 1)).DayNumber - start.DayNumber;
        return 1 + Math.Max(0, (days + 6) / 7);
    }

    /// <summary>The exercise and day of this week's AMRAP; null when none is due or none is safe.</summary>
    public (Weekday Day, string Exercise)? In(WeekShape week, BlockKind kind, IReadOnlyList<(Weekday Day, ItemTarget Ask)> asks)
    {
        if (week.Kind is not WeekKind.Load || kind is BlockKind.Return or BlockKind.Foundation || week.Number - _last < Rule.EveryWeeks)
            return null;
        if (week.Number < firstWeek)
            return null;
        var safe = asks.Where(row => IsSafe(row.Ask))
            .OrderBy(row => RankOf(row.Ask.Chosen.Exercise))
            .ThenBy(row => row.Ask.Chosen.Exercise.Id, StringComparer.Ordinal)
            .ToList();
        if (safe.Count == 0)
            return null;
        _last = week.Number;
        string exercise = safe[0].Ask.Chosen.Exercise.Id;
        // Its last time in the week, when the others are done.
        return (safe.Last(row => row.Ask.Chosen.Exercise.Id == exercise).Day, exercise);
    }

    /// <summary>Whether an exercise may be taken to as many repetitions as possible.</summary>
    public bool IsSafe(ItemTarget ask)
    {
        Exercise exercise = catalogue[ask.Chosen.Exercise.Id];
        IReadOnlyList<string> loads = client.TrainsAlone ? Rule.LoadsAlone : Rule.Loads;
        bool kind = loads.Contains(Codes.Of(exercise.Load)) || (!client.TrainsAlone && Rule.First.Contains(exercise.Id));
        return kind && ask.Rule.Role is Role.Accessory or Role.SingleJoint && ask.Chosen.Limits.CapsNothing && ask.Target.MostFraction >= 1;
    }

    private static int RankOf(Exercise exercise) =>
        Rule.First.ToList().IndexOf(exercise.Id) is >= 0 and var place ? place : Rule.First.Count;
}
