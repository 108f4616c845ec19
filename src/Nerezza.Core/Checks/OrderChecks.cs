using Nerezza.Core.Blocks;
using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Checks;

/// <summary>Checks how the exercises of a session follow each other: order, supersets, grip before a pull
/// (docs/handbook/12-weeks-and-blocks.md).</summary>
internal static class OrderChecks
{
    /// <summary>Priming and skill, main, second, accessories, single joint, calf and trunk; throws are done fresh, and single joints may
    /// stand before by the school of pre-exhaustion.</summary>
    public static IEnumerable<Check> Order(SessionInWeek at, CheckContext context)
    {
        Session session = at.Session;
        for (int i = 1; i < session.Items.Count; i++)
        {
            (PrescribedItem before, PrescribedItem item) = (session.Items[i - 1], session.Items[i]);
            bool late =
                item.Role is Role.Main or Role.Second
                && before.Role > item.Role
                && before.Purpose is not (Purpose.WeakPoint or Purpose.Event)
                && context.Catalogue[before.Exercise].Pattern is not Pattern.Throw
                && !(before.Role is Role.SingleJoint && before.Superset is null && IsPreExhaust(session));
            if (!late)
                continue;
            int to = session.Items.TakeWhile(other => other.Role <= item.Role).Count();
            yield return new Check.HeavyAfterLighter(item.Exercise, before.Exercise)
            {
                At = at.Place,
                Fix = [new BlockEdit.Order(at.Cell(item.Exercise), to)],
            };
        }
    }

    /// <summary>What loosens the back stands behind heavy work on the spine.</summary>
    public static IEnumerable<Check> Loosened(SessionInWeek at, CheckContext context)
    {
        Session session = at.Session;
        foreach (
            PrescribedItem loosened in session
                .Items.TakeWhile(item => item.Role is not Role.Main)
                .Where(item =>
                    context.Catalogue[item.Exercise].Pattern is Pattern.Mobility && CheckRules.Shipped.LoosensBack.Contains(item.Exercise)
                )
        )
            if (
                session.Items.Any(item => item.Role is Role.Main && context.Catalogue[item.Exercise].Axial >= CheckRules.Shipped.HeavyAxial)
            )
                yield return new Check.LoosensBack(loosened.Exercise)
                {
                    At = at.Place,
                    Fix = [new BlockEdit.Order(at.Cell(loosened.Exercise), session.Items.Count - 1)],
                };
    }

    private static bool IsPreExhaust(Session session) =>
        session.Items.TakeWhile(item => item.Role is not Role.Main).Any(item => item.Role is Role.SingleJoint);

    public static IEnumerable<Check> Grip(SessionInWeek at, CheckContext context)
    {
        Session session = at.Session;
        for (int i = 0; i < session.Items.Count; i++)
        {
            // What the event asks for comes first.
            if (session.Items[i].Purpose is Purpose.Event || context.Catalogue[session.Items[i].Exercise].ShareOf(Muscle.Grip) < 1)
                continue;
            PrescribedItem? pull = session.Items.Skip(i + 1).FirstOrDefault(item => IsHeldHard(item, context.Catalogue[item.Exercise]));
            if (pull is null)
                continue;
            yield return new Check.GripBeforePull(session.Items[i].Exercise, pull.Exercise)
            {
                At = at.Place,
                Fix = [new BlockEdit.Order(at.Cell(session.Items[i].Exercise), session.Items.Count - 1)],
            };
        }
    }

    /// <summary>A face pull and its like are done with what the fingers have left.</summary>
    private static bool IsHeldHard(PrescribedItem item, Exercise exercise) => item.Role is not Role.SingleJoint && IsPull(exercise);

    private static bool IsPull(Exercise exercise) =>
        exercise.FromFloor
        || (exercise.Pattern is Pattern.Hinge && exercise.Load is LoadSource.Barbell or LoadSource.TrapBar)
        || exercise.Pattern is Pattern.PullVertical or Pattern.PullHorizontal;

    public static IEnumerable<Check> Together(SessionInWeek at, CheckContext context)
    {
        foreach (
            List<PrescribedItem> set in at
                .Session.Items.Where(item => item.Superset is not null)
                .GroupBy(item => item.Superset)
                .Select(group => group.ToList())
        )
        {
            foreach (PrescribedItem strength in set.Where(item => StrengthWork.Is(item, context.Catalogue)))
                yield return new Check.StrengthCircuit(strength.Exercise) { At = at.Place, Fix = [Alone(at, strength)] };
            for (int i = 1; i < set.Count; i++)
                if (Supersets.Clash(context.Catalogue[set[i - 1].Exercise], context.Catalogue[set[i].Exercise]))
                    yield return new Check.SupersetClash(set[i].Exercise, set[i - 1].Exercise)
                    {
                        At = at.Place,
                        Fix = [.. set.Select(item => Alone(at, item))],
                    };
        }
    }

    private static BlockEdit.Write Alone(SessionInWeek at, PrescribedItem item) =>
        new(at.Cell(item.Exercise), new CellValues { Superset = SupersetPlace.Alone });
}
