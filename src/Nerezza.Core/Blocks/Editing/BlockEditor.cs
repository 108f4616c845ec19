using System.Diagnostics;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Loads;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Blocks.Editing;

/// <summary>Lays a coach's edits over a block, one after the other, and prescribes again what they touch. Sessions that no edit touches
/// stay the same objects.</summary>
public sealed class BlockEditor(BlockInput input, BlockKind kind, TrainingCaps caps)
{
    private readonly SessionMaker _maker = new(input);
    private readonly BlockKindRule _rule = BlockKindRule.Of(kind);
    private readonly Written _written = new(exercise => input.Maxes.FindOrGuess(exercise.Id)?.Curve ?? new RepCurve(exercise.Curve));

    /// <summary>The block with the edits.</summary>
    public EditedBlock Apply(Block block, IReadOnlyList<BlockEdit> edits)
    {
        List<List<SessionDraft>> weeks = [.. block.Weeks.Select(week => week.Sessions.Select(SessionDraft.Of).ToList())];
        List<RefusedEdit> refused = [];
        Dictionary<int, int> missed = [];
        for (int i = 0; i < edits.Count; i++)
        {
            if (Apply(weeks, edits[i]) is { } why)
                refused.Add(new RefusedEdit(i, edits[i], why));
            else if (
                edits[i] is BlockEdit.Missed(var week, _)
                && (missed[week] = missed.GetValueOrDefault(week) + 1) == BlockRules.Shipped.File.MissedToRepeat
            )
                Repeat(weeks, block, week);
        }
        Block edited = block with
        {
            Weeks =
            [
                .. block.Weeks.Zip(
                    weeks,
                    (week, drafts) => week with { Sessions = [.. InOrder(drafts).Select(draft => draft.Make(_maker))] }
                ),
            ],
        };
        return new EditedBlock(edited, refused, InsteadIn(edited));
    }

    /// <summary>Every cell of which something does not stand as it was written.</summary>
    private Dictionary<CellPlace, IReadOnlyList<StandsInstead>> InsteadIn(Block block) =>
        block
            .Weeks.SelectMany(week => week.Sessions, (week, session) => (week, session))
            .SelectMany(
                at => at.session.Items.Where(item => item.Ask.Pinned is not Pins.None),
                (at, item) =>
                    (
                        At: new CellPlace(at.week.Number, at.session.Day, item.Exercise),
                        Missed: (IReadOnlyList<StandsInstead>)
                            [.. _written.Missed(item, input.Catalogue[item.Exercise], input.LoaderOn(at.session.Day))]
                    )
            )
            .Where(row => row.Missed.Count > 0)
            .ToDictionary(row => row.At, row => row.Missed);

    private EditRefusal? Apply(List<List<SessionDraft>> weeks, BlockEdit edit) =>
        edit switch
        {
            BlockEdit.Write write => At(
                weeks,
                write.At,
                (draft, i) => Put(draft, i, CellWriting.Write(draft.Asks[i], write.Values, draft.Shown(_maker, write.At.Exercise)))
            ),
            BlockEdit.Add add => Add(weeks, add),
            BlockEdit.Remove remove => At(
                weeks,
                remove.At,
                (draft, i) =>
                {
                    draft.Asks.RemoveAt(i);
                    return null;
                }
            ),
            BlockEdit.Replace replace => At(weeks, replace.At, (draft, i) => Replace(draft, i, replace.With)),
            BlockEdit.Order order => At(weeks, order.At, (draft, i) => Reorder(draft, i, order.To)),
            BlockEdit.Carry carry => At(weeks, carry.At, (draft, i) => Carry(weeks[carry.At.Week - 1], draft, i, carry)),
            BlockEdit.MoveSession move => MoveSession(weeks, move),
            BlockEdit.CopySession copy => CopySession(weeks, copy),
            BlockEdit.Missed missed => Miss(weeks, missed),
            _ => throw new UnreachableException(edit.GetType().Name),
        };

    private static EditRefusal? At(List<List<SessionDraft>> weeks, CellPlace at, Func<SessionDraft, int, EditRefusal?> change)
    {
        if (at.Week < 1 || at.Week > weeks.Count)
            return EditRefusal.NoSuchWeek;
        if (
            weeks[at.Week - 1].Find(draft => draft.Day == at.Day) is not { } draft
            || draft.IndexOf(at.Exercise) is not (>= 0 and var index)
        )
            return EditRefusal.NotThere;
        if (change(draft, index) is { } why)
            return why;
        draft.Touch();
        return null;
    }

    private static EditRefusal? Put(SessionDraft draft, int index, ItemTarget ask)
    {
        draft.Asks[index] = ask;
        return null;
    }

    private EditRefusal? Add(List<List<SessionDraft>> weeks, BlockEdit.Add add)
    {
        if (add.At.Week < 1 || add.At.Week > weeks.Count)
            return EditRefusal.NoSuchWeek;
        if (input.Catalogue.Find(add.At.Exercise) is not { } exercise)
            return EditRefusal.NotThere;
        if (caps.For(exercise) is not Caution.Allowed limits)
            return EditRefusal.RuledOut;
        SessionDraft draft = DraftOn(weeks[add.At.Week - 1], add.At.Week, add.At.Day);
        if (draft.IndexOf(exercise.Id) >= 0)
            return EditRefusal.ThereAlready;
        draft.Asks.Add(CellWriting.Write(NewAsk(exercise, add.Role, limits), add.Values, null));
        draft.Touch();
        return null;
    }

    private ItemTarget NewAsk(Exercise exercise, Role role, Caution.Allowed limits)
    {
        RoleRule rule = RoleRule.Of(role, _rule.Aim, exercise.Pattern);
        RepRange range = rule.Reps.Overlap(exercise.Reps) ?? exercise.Reps;
        var chosen = new Chosen
        {
            Exercise = exercise,
            Purpose = PickedWork.PurposeOf(exercise),
            Role = role,
            Reason = ChosenReason.Picked,
            Score = 0,
            Parts = ScoreParts.None,
            Limits = limits,
        };
        var target = new WeekTarget
        {
            Sets = input.Cost.SetsOf(chosen),
            Reps = range.Middle,
            Rpe = Rpe.Min(rule.LowestRpe, limits.MostRpe),
            MostFraction = limits.MostFraction,
            MostRpe = limits.MostRpe,
            Kind = TargetKind.Straight,
            Metres = rule.Metres?[0],
            Seconds = exercise.HoldSeconds?.Bottom,
        };
        return new ItemTarget(chosen, rule, range, target) { Pinned = Pins.Place };
    }

    private EditRefusal? Replace(SessionDraft draft, int index, string with)
    {
        if (input.Catalogue.Find(with) is not { } exercise)
            return EditRefusal.NotThere;
        if (draft.IndexOf(with) >= 0)
            return EditRefusal.ThereAlready;
        if (caps.For(exercise) is not Caution.Allowed limits)
            return EditRefusal.RuledOut;
        ItemTarget old = draft.Asks[index],
            fresh = NewAsk(exercise, old.Rule.Role, limits);
        // The same work by effort: a load of the old exercise means nothing for the new one.
        draft.Asks[index] = fresh with
        {
            Target = fresh.Target with
            {
                Sets = old.Target.Sets,
                Reps = fresh.Range.Hold(old.Target.Reps),
                Rpe = Rpe.Min(old.Target.Rpe, limits.MostRpe),
                Kind = old.Target.Kind,
            },
            Superset = old.Superset,
            Pinned = old.Pinned | Pins.Place,
        };
        return null;
    }

    private static EditRefusal? Reorder(SessionDraft draft, int from, int to)
    {
        ItemTarget ask = draft.Asks[from] with { Pinned = draft.Asks[from].Pinned | Pins.Place };
        draft.Asks.RemoveAt(from);
        draft.Asks.Insert(Math.Clamp(to, 0, draft.Asks.Count), ask);
        return null;
    }

    private EditRefusal? Carry(List<SessionDraft> week, SessionDraft draft, int index, BlockEdit.Carry carry)
    {
        SessionDraft there = DraftOn(week, carry.At.Week, carry.To);
        if (there.IndexOf(carry.At.Exercise) >= 0)
            return EditRefusal.ThereAlready;
        there.Asks.Add(draft.Asks[index] with { Pinned = draft.Asks[index].Pinned | Pins.Place });
        draft.Asks.RemoveAt(index);
        there.Touch();
        return null;
    }

    private EditRefusal? MoveSession(List<List<SessionDraft>> weeks, BlockEdit.MoveSession move)
    {
        if (move.Week < 1 || move.Week > weeks.Count)
            return EditRefusal.NoSuchWeek;
        List<SessionDraft> week = weeks[move.Week - 1];
        if (week.Find(draft => draft.Day == move.From) is not { } moved)
            return EditRefusal.NotThere;
        SessionDraft? there = week.Find(draft => draft.Day == move.To);
        week.Remove(moved);
        week.Add(NewDraft(move.Week, move.To, moved.Asks));
        if (there is null || there == moved)
            return null;
        week.Remove(there);
        week.Add(NewDraft(move.Week, move.From, there.Asks));
        return null;
    }

    private EditRefusal? CopySession(List<List<SessionDraft>> weeks, BlockEdit.CopySession copy)
    {
        if (copy.Week < 1 || copy.Week > weeks.Count || copy.ToWeek < 1 || copy.ToWeek > weeks.Count)
            return EditRefusal.NoSuchWeek;
        if (weeks[copy.Week - 1].Find(draft => draft.Day == copy.Day) is not { } from)
            return EditRefusal.NotThere;
        weeks[copy.ToWeek - 1].RemoveAll(draft => draft.Day == copy.ToDay);
        weeks[copy.ToWeek - 1]
            .Add(NewDraft(copy.ToWeek, copy.ToDay, [.. from.Asks.Select(ask => ask with { Pinned = ask.Pinned | Pins.Place })]));
        return null;
    }

    /// <summary>The main lift goes to the next later session of the week that holds no heavy hinge or squat too near; without one it drops
    /// too (docs/handbook/12-weeks-and-blocks.md).</summary>
    private EditRefusal? Miss(List<List<SessionDraft>> weeks, BlockEdit.Missed missed)
    {
        if (missed.Week < 1 || missed.Week > weeks.Count)
            return EditRefusal.NoSuchWeek;
        List<SessionDraft> week = weeks[missed.Week - 1];
        if (week.Find(draft => draft.Day == missed.Day) is not { } gone)
            return EditRefusal.NotThere;
        week.Remove(gone);
        if (gone.Asks.Find(ask => ask.Rule.Role is Role.Main) is not { } main)
            return null;
        foreach (SessionDraft later in InOrder(week).Where(draft => DateOf(missed.Week, draft.Day) > DateOf(missed.Week, missed.Day)))
        {
            if (later.IndexOf(main.Chosen.Exercise.Id) is >= 0 and var same)
                later.Asks.RemoveAt(same);
            else if (!KeepsSpacing(week, later, main, missed.Week))
                continue;
            later.Asks.Insert(
                later.Asks.TakeWhile(ask => ask.Rule.Role < Role.Main).Count(),
                main with
                {
                    Pinned = main.Pinned | Pins.Place,
                }
            );
            later.Touch();
            return null;
        }
        return null;
    }

    /// <summary>A week of which two sessions were missed is done again in the next one; what stood there moves on by a week, up to the
    /// deload, which keeps its place (docs/handbook/12-weeks-and-blocks.md).</summary>
    private void Repeat(List<List<SessionDraft>> weeks, Block made, int number)
    {
        List<int> loads =
        [
            .. made.Weeks.Skip(number - 1).TakeWhile(week => week.Kind == made.Weeks[number - 1].Kind).Select(week => week.Number),
        ];
        for (int i = loads.Count - 1; i >= 1; i--)
        {
            IEnumerable<(Weekday Day, IEnumerable<ItemTarget> Asks)> from =
                i == 1
                    ? made.Weeks[number - 1].Sessions.Select(session => (session.Day, session.Items.Select(item => item.Ask)))
                    : weeks[loads[i - 1] - 1].Select(draft => (draft.Day, draft.Asks.AsEnumerable()));
            weeks[loads[i] - 1] =
            [
                .. from.Select(session =>
                    NewDraft(loads[i], session.Day, [.. session.Asks.Select(ask => ask with { Pinned = ask.Pinned | Pins.Place })])
                ),
            ];
        }
    }

    private bool KeepsSpacing(List<SessionDraft> week, SessionDraft on, ItemTarget main, int number) =>
        main.Chosen.Exercise.Pattern is not Pattern.Hinge
        || week.Where(draft => draft.Asks.Any(ask => ask.Rule.Role is Role.Main && ask.Chosen.Exercise.Pattern is Pattern.Hinge))
            .All(other =>
                Math.Abs(DateOf(number, other.Day).DayNumber - DateOf(number, on.Day).DayNumber)
                >= BlockRules.Shipped.File.HeavyHinge.DaysApart
            );

    private SessionDraft DraftOn(List<SessionDraft> week, int number, Weekday day)
    {
        if (week.Find(draft => draft.Day == day) is { } there)
            return there;
        SessionDraft made = NewDraft(number, day, []);
        week.Add(made);
        return made;
    }

    private SessionDraft NewDraft(int week, Weekday day, List<ItemTarget> asks) => new(day, DateOf(week, day), MinutesOn(day), asks, null);

    private DateOnly DateOf(int week, Weekday day) => DaySplit.FirstOn(input.Request.Start, day).AddDays(7 * (week - 1));

    private int MinutesOn(Weekday day) =>
        input.Client.Days.FirstOrDefault(one => one.Day == day)?.Minutes ?? input.Client.Days.Max(one => one.Minutes);

    /// <summary>Sessions without exercises are no sessions.</summary>
    private IEnumerable<SessionDraft> InOrder(List<SessionDraft> week) =>
        week.Where(draft => draft.Asks.Count > 0).OrderBy(draft => DateOf(1, draft.Day));
}
