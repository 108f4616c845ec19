using Nerezza.Core.Catalogue;

namespace Nerezza.Core.Selection;

/// <summary>Two forms of a lift that take turns, each with its own loads and counted as one
/// (docs/handbook/12-weeks-and-blocks.md#what-moves-besides-load): where the coach picks, or the client
/// names, two main lifts of a pattern that leads one day, and the two branches of a ladder, range one week and load the next.</summary>
internal sealed class Turns(SelectionInput input, Func<IEnumerable<string>, Exercise?> firstAble, Func<Exercise, Chosen, Chosen> beside)
{
    private readonly HashSet<string> _given = [];

    /// <summary>The lifts of a day with what takes turns with them.</summary>
    /// <param name="week">Exercises of the whole week, each as often as it stands.</param>
    public IEnumerable<Chosen> Of(Chosen lift, IReadOnlyList<string> week)
    {
        if (input.Prepared.Case.Block.Weeks < 2 || OtherOf(lift, week) is not { } other || !_given.Add(other.Id))
            return [lift];
        Chosen mate = beside(other, lift);
        // What stands for a finding takes turns only with another answer.
        if (lift.Purpose is Purpose.WeakPoint && (mate.Answers.Count == 0 || mate.Grade is null))
            return [lift];
        return
        [
            lift with
            {
                Turn = new Turn(other.Id, TurnWeeks.Odd),
            },
            mate with
            {
                Sets = lift.Sets,
                Aim = lift.Aim,
                Turn = new Turn(lift.Exercise.Id, TurnWeeks.Even),
            },
        ];
    }

    /// <summary>What takes turns with the lifts that lead, which nothing else of the week may hold.</summary>
    public IEnumerable<string> Kept(IEnumerable<string> leads) =>
        input.Prepared.Case.Block.Weeks < 2 ? [] : leads.Distinct().SelectMany(id => AskedBeside(input.Prepared.Catalogue[id]));

    private Exercise? OtherOf(Chosen lift, IReadOnlyList<string> week)
    {
        string id = lift.Exercise.Id;
        IEnumerable<string> others = lift.Purpose is Purpose.Learn or Purpose.Prime
            ? []
            : SlotRules.Shipped.Turns.Where(pair => pair.Contains(id)).SelectMany(pair => pair);
        if (lift.Purpose is Purpose.Main && week.Count(other => other == id) == 1)
            others = AskedBeside(lift.Exercise).Concat(others);
        return firstAble(others.Where(other => other != id && !week.Contains(other)));
    }

    /// <summary>The main lifts of a lift's pattern that the coach picked or the client named, where it is one of them.</summary>
    private IEnumerable<string> AskedBeside(Exercise lead)
    {
        ILookup<bool, string> asked = input
            .Prepared.Case.Picks.Where(pick => pick.Kind is PickKind.Main)
            .Select(pick => (pick.Exercise, IsPick: true))
            .Concat(input.Prepared.Client.TargetLifts.Select(id => (Exercise: id, IsPick: false)))
            .Where(row => input.Prepared.Catalogue.Find(row.Exercise)?.Pattern == lead.Pattern)
            .ToLookup(row => row.IsPick, row => row.Exercise);
        // A pick of one alone stands for every week.
        IEnumerable<string> together = asked[true].Any() ? asked[true] : asked[false];
        return together.Contains(lead.Id) ? together : [];
    }
}
