using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Blocks;

/// <summary>What stands on one weekday through a block, in the order of the session.</summary>
public sealed record DayPlan(SplitDay Split, IReadOnlyList<Chosen> Lifts)
{
    /// <summary>The day of the week.</summary>
    public Weekday Weekday => Split.Weekday;

    /// <summary>Lays lifts and accessories on the days: the longest and those that come most often first, each on the days with most room
    /// that lie furthest apart.</summary>
    public static IReadOnlyList<DayPlan> Of(
        IReadOnlyList<SplitDay> week,
        ExerciseChoice selection,
        ISetCost cost,
        Schools schools,
        (int Week, int Session) axial
    )
    {
        List<DayRoom> rooms = [.. week.Select(day => new DayRoom(day, cost, axial.Session))];
        foreach (DayRoom room in rooms.Where(room => room.Day.Focus is not DayFocus.Upper))
        foreach (Chosen lift in WeekLifts.On(room.Day, selection.Mains))
            room.Add(lift);
        GiveTheEventItsDay(rooms, [.. selection.Others.Where(one => one.Reason is ChosenReason.EventWork)]);
        foreach (Chosen drill in selection.Others.Where(one => one.Role is Role.Priming or Role.Skill))
        foreach (DayRoom room in rooms.Where(room => room.Day.Focus is not DayFocus.Upper && room.Fits(drill)))
            if (drill.Exercise.Axial == 0 || rooms.Sum(other => other.Axial) + drill.Exercise.Axial * cost.Sets(drill.Role) <= axial.Week)
                room.Add(drill);
        foreach (
            Chosen accessory in selection
                .Others.Where(one => one.Sessions > 0)
                .OrderByDescending(one => one.Answers.Count > 0)
                .ThenByDescending(one => one.Sessions)
                .ThenByDescending(one => cost.Minutes(one.Exercise, one.Role))
                .ThenBy(one => one.Exercise.Id, StringComparer.Ordinal)
        )
            Place(accessory, rooms, schools);
        return
        [
            .. rooms
                .Select(room => new DayPlan(
                    room.Day,
                    [
                        .. room
                            .Lifts.OrderBy(lift => OrderIn(lift, schools))
                            .ThenByDescending(lift => lift.Exercise.Axial + lift.Exercise.Systemic)
                            .ThenBy(lift => lift.Exercise.Id, StringComparer.Ordinal),
                    ]
                ))
                .Where(plan => plan.Lifts.Count > 0),
        ];
    }

    /// <summary>Event work takes the hinges' place on the first day that a hinge leads, and counts as one.</summary>
    private static void GiveTheEventItsDay(List<DayRoom> rooms, IReadOnlyList<Chosen> work)
    {
        List<DayRoom> legs =
        [
            .. rooms
                .Where(room => room.Lifts.Count > 0)
                .OrderByDescending(room => room.Lifts[0].Exercise.Pattern is Pattern.Hinge)
                .ThenBy(room => room.Day.FirstDate),
        ];
        if (work.Count == 0 || legs.Count == 0)
            return;
        foreach (Chosen hinge in legs[0].Lifts.Where(lift => lift.Exercise.Pattern is Pattern.Hinge).ToList())
            legs[0].Remove(hinge);
        foreach (Chosen one in work.Where(legs[0].Fits))
            legs[0].Add(one);
    }

    /// <summary>Roles stand in the order of a session; the school of pre-exhaustion puts single joints before the main lift, and throws are
    /// done fresh.</summary>
    private static int OrderIn(Chosen chosen, Schools schools) =>
        chosen.Exercise.Pattern is Pattern.Throw || (schools.Isolation is Isolation.PreExhaust && chosen.Role is Role.SingleJoint)
            ? (int)Role.Skill
            : (int)chosen.Role;

    private static void Place(Chosen accessory, List<DayRoom> rooms, Schools schools)
    {
        List<DayRoom> used = [];
        for (int i = 0; i < accessory.Sessions; i++)
        {
            DayRoom? room = rooms
                .Where(room =>
                    !used.Contains(room) && Region.Suits(accessory.Exercise, room.Day.Focus, schools.Quads) && room.Fits(accessory)
                )
                .OrderBy(room => room.Clashes(accessory, schools.Quads))
                .ThenByDescending(room => used.Select(other => Apart(other.Day, room.Day)).DefaultIfEmpty(0).Min())
                .ThenByDescending(room => room.Left)
                .ThenBy(room => room.Day.FirstDate)
                .FirstOrDefault();
            if (room is null)
                return;
            room.Add(accessory);
            used.Add(room);
        }
    }

    private static int Apart(SplitDay one, SplitDay other) =>
        Math.Abs(one.FirstDate.DayNumber - other.FirstDate.DayNumber) is var days ? Math.Min(days, 7 - days) : 0;

    private sealed class DayRoom(SplitDay day, ISetCost cost, int axialASession)
    {
        public SplitDay Day => day;
        public List<Chosen> Lifts { get; } = [];

        /// <summary>Axial load times sets.</summary>
        public int Axial => Lifts.Sum(lift => lift.Exercise.Axial * cost.Sets(lift.Role));
        public double Left { get; private set; } = day.Minutes - cost.GeneralMinutes;

        /// <summary>A cell of the block is found by week, day and exercise, so that one exercise stands once in a session.</summary>
        public bool Fits(Chosen chosen) =>
            Lifts.All(lift => lift.Exercise.Id != chosen.Exercise.Id)
            && Left >= cost.Minutes(chosen.Exercise, chosen.Role)
            && MusclesFit(chosen)
            && SpineFits(chosen);

        /// <summary>How many exercises of the same sort stand there already; where the quads are spread, all work for them is of one
        /// sort.</summary>
        public int Clashes(Chosen chosen, QuadSchool quads) =>
            Lifts.Count(lift =>
                Sort(lift.Exercise) == Sort(chosen.Exercise)
                || (Region.IsSpread(chosen.Exercise, quads) && lift.Exercise.PrimeMovers.Contains(Muscle.Vasti))
            );

        /// <summary>Presses are one sort and pulls another; else the pattern.</summary>
        private static string Sort(Exercise exercise) =>
            Region.IsPush(exercise) ? "push"
            : Region.IsPull(exercise) ? "pull"
            : Codes.Of(exercise.Pattern);

        public void Add(Chosen chosen)
        {
            Lifts.Add(chosen);
            Left -= cost.Minutes(chosen.Exercise, chosen.Role);
        }

        public void Remove(Chosen chosen)
        {
            Lifts.Remove(chosen);
            Left += cost.Minutes(chosen.Exercise, chosen.Role);
        }

        private bool SpineFits(Chosen chosen) =>
            chosen.Exercise.Axial == 0 || Axial + chosen.Exercise.Axial * cost.Sets(chosen.Role) <= axialASession;

        /// <summary>No muscle has more hard sets in a session than the limit; skill work counts, since it goes to RPE 6.</summary>
        private bool MusclesFit(Chosen chosen) =>
            chosen.Role is Role.Priming or Role.Skill
            || chosen.Exercise.Muscles.All(muscle =>
                Lifts.Where(lift => lift.Role is not Role.Priming).Sum(lift => cost.Sets(lift.Role) * lift.Exercise.ShareOf(muscle.Key))
                    + cost.Sets(chosen.Role) * muscle.Value
                <= WeeklySets.SessionMost
            );
    }
}
