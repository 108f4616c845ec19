using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Checks;

/// <summary>What one session brings and costs.</summary>
public sealed record SessionTally
{
    /// <summary>Hard sets by muscle, in the order of the codes, by the client's school of counting.</summary>
    public required IReadOnlyList<double> Sets { get; init; }

    /// <summary>The same by the prime movers alone.</summary>
    public required IReadOnlyList<double> Direct { get; init; }

    /// <summary>Kilograms moved.</summary>
    public required double Tonnage { get; init; }

    /// <summary>Sum of the percentages and how many sets have one.</summary>
    public required (double Sum, int Count) Percents { get; init; }

    /// <summary>Axial load times hard sets.</summary>
    public required double Axial { get; init; }

    /// <summary>Soreness times hard sets.</summary>
    public required double Soreness { get; init; }

    /// <summary>Sets of presses a side.</summary>
    public required double Push { get; init; }

    /// <summary>Sets of pulls a side.</summary>
    public required double Pull { get; init; }

    /// <summary>Counts a session.</summary>
    public static SessionTally Of(Session session, CheckContext context)
    {
        double[] fractional = new double[Enum.GetValues<Muscle>().Length],
            direct = new double[fractional.Length];
        double tonnage = 0,
            sum = 0,
            axial = 0,
            soreness = 0,
            push = 0,
            pull = 0;
        int count = 0;
        foreach (PrescribedItem item in session.Items)
        {
            Exercise exercise = context.Catalogue[item.Exercise];
            double hard = Ledger.HardSets(item);
            foreach (Muscle muscle in exercise.Muscles.Keys)
            {
                fractional[(int)muscle] += hard * WeeklySets.Count(exercise, muscle, SetCounting.Fractional);
                direct[(int)muscle] += hard * WeeklySets.Count(exercise, muscle, SetCounting.Direct);
            }
            axial += hard * exercise.Axial;
            soreness += hard * exercise.Soreness;
            // Presses and pulls balance by their sets, easy ones too: a light stack is no reason to row twice as much. The weaker side's
            // extra set puts them out of balance for nobody.
            if (Region.IsPush(exercise))
                push += item.SetsASide;
            if (Region.IsPull(exercise))
                pull += item.SetsASide;
            foreach (PrescribedSet set in item.Sets)
            {
                tonnage += set.Reps * (set.Load?.Kilograms ?? 0);
                if (set.Percent is { } percent)
                    (sum, count) = (sum + percent.Value, count + 1);
            }
        }
        return new SessionTally
        {
            Sets = context.Counting is SetCounting.Fractional ? fractional : direct,
            Direct = direct,
            Tonnage = tonnage,
            Percents = (sum, count),
            Axial = axial,
            Soreness = soreness,
            Push = push,
            Pull = pull,
        };
    }
}
