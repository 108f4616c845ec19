using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;

namespace Nerezza.Core.Selection;

/// <summary>Gives the minutes that a day has left as single sets, in the order of the purposes
/// (docs/handbook/09-composition.md#left-over-minutes): never the main lift's, never past ten hard sets of a muscle or the load on the
/// spine.</summary>
internal sealed class SetsLeftOver(SelectionInput input, WeeklySets limits)
{
    private static readonly SlotRules Rules = SlotRules.Shipped;
    private readonly (int Week, int Session) _axial = WeeklySets.AxialBudget(input.Prepared.Client, input.Prepared.Case.Block.Start);

    /// <summary>The days' work with the sets that fit.</summary>
    public IReadOnlyList<(SplitDay Day, IReadOnlyList<Chosen> Lifts)> Given(IReadOnlyList<(SplitDay Day, IReadOnlyList<Chosen> Lifts)> week)
    {
        List<(SplitDay Day, IReadOnlyList<Chosen> Lifts)> given = [.. week];
        // A press grows only while pulls keep up with it, and nothing past a muscle's week.
        bool Balanced(IReadOnlyList<Chosen> day, int without, Exercise grown)
        {
            List<Chosen> all = [.. given.Where((_, j) => j != without).SelectMany(one => one.Lifts), .. day];
            int Of(Func<Exercise, bool> which) => all.Where(one => which(one.Exercise)).Sum(input.Cost.SetsOf);
            (int pushes, int pulls) = (Of(Region.IsPush), Of(Region.IsPull));
            return (!Region.IsPush(grown) || pushes <= pulls)
                && (!Region.IsPull(grown) || pulls <= pushes + PullsAhead)
                && grown.Muscles.Keys.All(muscle => SetsOf(all, muscle) <= limits.Of(muscle).StartMost);
        }
        for (int i = 0; i < given.Count; i++)
            given[i] = (
                given[i].Day,
                On(
                    given[i].Day,
                    given[i].Lifts,
                    _axial.Week - given.Where((_, j) => j != i).Sum(day => AxialOf(day.Lifts)),
                    (lifts, grown) => Balanced(lifts, i, grown)
                )
            );
        return given;
    }

    /// <summary>Hard sets that pulls may lie ahead of presses by what is left over; assumption.</summary>
    private const int PullsAhead = 2;

    private double SetsOf(IReadOnlyList<Chosen> week, Muscle muscle) =>
        week.Where(one => one.Role is not (Role.Priming or Role.Skill)).Sum(one => input.Cost.SetsOf(one) * one.Exercise.ShareOf(muscle));

    private int AxialOf(IReadOnlyList<Chosen> day) => day.Sum(one => one.Exercise.Axial * input.Cost.SetsOf(one));

    private IReadOnlyList<Chosen> On(
        SplitDay split,
        IReadOnlyList<Chosen> day,
        int axialLeft,
        Func<IReadOnlyList<Chosen>, Exercise, bool> balanced
    )
    {
        List<Chosen> given = [.. day];
        double left = (split.Minutes - input.Cost.GeneralMinutes) * Rules.Minutes.Fill - given.Sum(MinutesOf);
        foreach (
            int i in Enumerable
                .Range(0, given.Count)
                .Where(i => MayGrow(given[i]))
                .OrderBy(i => given[i].Purpose)
                .ThenByDescending(i => Region.IsPull(given[i].Exercise))
                .ThenBy(i => i)
                .ToList()
        )
        {
            Chosen more = given[i] with { Sets = given[i].Sets + Rules.Sets.More };
            double minutes = MinutesOf(more) - MinutesOf(given[i]);
            IReadOnlyList<Chosen> grown = [.. given.Select((one, j) => j == i ? more : one)];
            if (minutes > left || !Holds(grown, Math.Min(axialLeft, _axial.Session)) || !balanced(grown, more.Exercise))
                continue;
            (given[i], left) = (more, left - minutes);
        }
        return given;
    }

    private static bool MayGrow(Chosen chosen) =>
        chosen is { Sets: { } sets, Purpose: not (Purpose.Main or Purpose.Event) }
        && chosen.Role is not (Role.Priming or Role.Skill)
        && (chosen.MostSets is not { } most || sets < most);

    private bool Holds(IReadOnlyList<Chosen> day, int axial) =>
        AxialOf(day) <= axial
        && Enum.GetValues<Muscle>()
            .All(muscle =>
                day.Where(one => one.Role is not Role.Priming).Sum(one => input.Cost.SetsOf(one) * one.Exercise.ShareOf(muscle))
                <= WeeklySets.SessionMost
            );

    private double MinutesOf(Chosen chosen) => input.Cost.Minutes(chosen.Exercise, chosen.Role, input.Cost.SetsOf(chosen));
}
