using Nerezza.Core.Blocks;
using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Checks;

/// <summary>Checks that work is worth its time: lifts that are hard enough, exercises that grow, minutes that are used
/// (docs/handbook/12-weeks-and-blocks.md#a-plan-keeps-its-own-rules).</summary>
internal static class GrowthChecks
{
    /// <summary>A main lift of a load week that is easier than anybody can rate; silent where caution, a return or a first guess keeps it
    /// light.</summary>
    public static IEnumerable<Check> Light(BlockInReview review) =>
        review.Block.Kind is BlockKind.Return or BlockKind.Deload or BlockKind.Test
            ? []
            : review
                .Block.Weeks.Where(week => week.Kind is WeekKind.Load)
                .SelectMany(week => week.Sessions, (week, session) => new SessionInWeek(week.Number, session))
                .SelectMany(at => at.Session.Items.Where(IsTooLight).Select(item => (at, item)))
                .DistinctBy(row => row.item.Exercise)
                .Select(row => new Check.TooLight(row.item.Exercise, row.item.Sets.Max(set => set.Load) ?? Load.Zero)
                {
                    At = row.at.Place,
                });

    private static bool IsTooLight(PrescribedItem item) =>
        item.Role is Role.Main
        && item.Sets.All(set => set.IsEasy)
        && item.Ask.Target is { MostFraction: >= 1, Kind: not TargetKind.Calibration, LoadFactor: >= 1 }
        && item.Ask.Target.MostRpe.Value > BlockRules.Shipped.File.CappedRpe;

    /// <summary>An exercise that does not grow, and nothing says why.</summary>
    public static IEnumerable<Check> Standing(BlockInReview review) =>
        Progress
            .Of(review.Block)
            .Where(row => row.Value is Standstill.NoWord)
            .Select(row => new Check.NoProgress(row.Key.Exercise) { At = new CheckPlace.OfSession(FirstOf(review.Block), row.Key.Day) });

    private static int FirstOf(Block block) => block.Weeks.First(week => week.Kind is WeekKind.Load).Number;

    /// <summary>Minutes left over while the emphasised or a muscle with a low limit is short of sets; an event session need not use
    /// its.</summary>
    public static IEnumerable<Check> Minutes(BlockInReview review)
    {
        if (review.Block.Kind is not (BlockKind.Strength or BlockKind.Muscle))
            yield break;
        foreach (Week week in review.Block.Weeks.Where(week => week.Kind is WeekKind.Load).Take(1))
        foreach (Session session in week.Sessions)
        {
            bool idle = session.Minutes < CheckRules.Shipped.MinutesUsed * session.MinutesGiven;
            if (!idle || session.Items.Any(item => item.Purpose is Purpose.Event) || Short(review, week, session) is not { } muscle)
                continue;
            yield return new Check.MinutesUnused(session.Minutes, session.MinutesGiven, muscle)
            {
                At = new CheckPlace.OfSession(week.Number, session.Day),
            };
        }
    }

    /// <summary>A muscle that the week leaves short, of the half that the session trains.</summary>
    private static Muscle? Short(BlockInReview review, Week week, Session session)
    {
        bool legs = session.Items.Any(item => item.Role is Role.Main && !review.Context.Catalogue[item.Exercise].IsUpper);
        return review
            .Ledger.Where(row => Region.IsOfLegs(row.Muscle) == legs)
            .Where(row => row.Weeks.Any(one => one.Week == week.Number && one.Sets < one.Low - 1e-9))
            .Select(row => (Muscle?)row.Muscle)
            .FirstOrDefault();
    }

    /// <summary>Two forms of one movement in a session, but where one answers a finding or an emphasis wants both.</summary>
    public static IEnumerable<Check> Twice(SessionInWeek at, CheckContext context)
    {
        foreach (
            List<PrescribedItem> forms in at
                .Session.Items.Where(item =>
                    item.Role is not (Role.Priming or Role.Skill)
                    && item.Purpose is not (Purpose.WeakPoint or Purpose.Emphasis or Purpose.Event)
                )
                .GroupBy(item => SlotKinds.MovementOf(item.Exercise))
                .Select(group => group.ToList())
                .Where(group => group.Count > 1)
        )
            yield return new Check.SameLiftTwice(forms[1].Exercise, forms[0].Exercise)
            {
                At = at.Place,
                Fix = [new BlockEdit.Remove(at.Cell(forms[1].Exercise))],
            };
    }

    /// <summary>More repetitions than a pull from the floor is good for.</summary>
    public static IEnumerable<Check> FloorPulls(SessionInWeek at, CheckContext context)
    {
        foreach (PrescribedItem item in at.Session.Items.Where(item => item.Role is not (Role.Priming or Role.Skill)))
        {
            Exercise exercise = context.Catalogue[item.Exercise];
            bool pulls = exercise.FromFloor && SlotKinds.MovementOf(exercise.Id) == SlotKinds.FloorPulls;
            if (pulls && item.Sets.Max(set => set.Reps) is var reps && reps > exercise.Reps.Top)
                yield return new Check.FloorPullReps(exercise.Id, reps, exercise.Reps.Top)
                {
                    At = at.Place,
                    Fix = [new BlockEdit.Write(at.Cell(exercise.Id), new CellValues { Reps = exercise.Reps.Top })],
                };
        }
    }
}
