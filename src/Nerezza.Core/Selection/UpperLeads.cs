using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;

namespace Nerezza.Core.Selection;

/// <summary>Which press or pull leads an upper day, and which one takes the main lift's rows on a full-body day
/// (docs/handbook/09-composition.md#9-2-main-lifts, docs/handbook/09-composition.md#upper-days).</summary>
internal sealed class UpperLeads(SelectionInput input, Func<IEnumerable<string>, Exercise?> firstAble, Func<Exercise, Chosen> toMain)
{
    private static readonly SlotRules Rules = SlotRules.Shipped;

    /// <summary>The lead of the upper day with this turn; null where nothing can be pressed.</summary>
    public Chosen? OfUpperDay(int turn)
    {
        Exercise? across = Target(Pattern.PressHorizontal) ?? firstAble(Across);
        Exercise? up = Target(Pattern.PressVertical) ?? firstAble(Up);
        Exercise? lead;
        if (IsEvents)
            lead = turn == 0 ? up : firstAble([.. Targets(Pattern.PressVertical).Skip(1).Select(one => one.Id), "push-press", .. Up]) ?? up;
        else if (Competes && turn > 0)
            lead = firstAble(Rules.Kinds["pressAgain"]) ?? across;
        else
            lead = turn % 2 == 0 ? across : up;
        lead ??= across ?? up;
        return lead is null ? null : toMain(lead);
    }

    /// <summary>The press or pull that is a target and stands beside the leg lift of a full-body day; null on the others. Under 40 minutes,
    /// where one exercise stands beside the main lift, each target has one day of the week, and the rest have their turn
    /// (docs/handbook/09-composition.md#minutes-decide-the-list).</summary>
    /// <param name="day">Index of the full-body day in the week.</param>
    public Chosen? BesideLegs(int day, int minutes)
    {
        List<Exercise> targets = [.. Upper.SelectMany(Targets)];
        if (targets.Count == 0 || (minutes < Rules.Minutes.Short && day >= targets.Count))
            return null;
        // One target twice a week where there are days, several in turn.
        Exercise target = targets[day % targets.Count];
        if (targets.Count == 1 && day > 1)
            return null;
        if (targets.Count == 1 && day == 1 && Competes)
            target = firstAble(Rules.Kinds["pressAgain"]) ?? target;
        return firstAble([target.Id]) is { } able ? toMain(able) : null;
    }

    /// <summary>Whether the bench press is a target and the goal is strength.</summary>
    public static bool DoesCompete(Client client) => client.Goal is Goal.Strength && client.TargetLifts.Contains("bench-press");

    private bool Competes => DoesCompete(input.Prepared.Client);

    private static readonly Pattern[] Upper =
    [
        Pattern.PressHorizontal,
        Pattern.PressVertical,
        Pattern.PullVertical,
        Pattern.PullHorizontal,
    ];

    private bool IsEvents => input.Prepared.Client.Goal is Goal.Events;

    private IEnumerable<string> Across =>
        [.. Rules.Kinds[input.Prepared.Client.IsForLoad ? "pushAcrossStrength" : "pushAcrossMuscle"], .. Rules.Kinds["pushAcrossElse"]];

    private IEnumerable<string> Up =>
        [.. Rules.Kinds[input.Prepared.Client.IsForLoad ? "pushUpStrength" : "pushUpMuscle"], .. Rules.Kinds["pushUpElse"]];

    private IEnumerable<Exercise> Targets(Pattern pattern) =>
        input.Prepared.Client.TargetLifts.Select(id => input.Prepared.Catalogue[id]).Where(exercise => exercise.Pattern == pattern);

    private Exercise? Target(Pattern pattern) => firstAble(Targets(pattern).Select(target => target.Id));
}
