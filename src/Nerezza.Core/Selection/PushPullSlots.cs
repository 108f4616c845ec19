using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;

namespace Nerezza.Core.Selection;

/// <summary>The slots of presses and pulls, by use and not one for all (docs/handbook/09-composition.md#defaults-by-use).</summary>
/// <param name="measure">How their candidates are scored.</param>
internal sealed class PushPullSlots(SelectionInput input, SlotCandidates candidates, SlotFrame measure)
{
    private static readonly SlotRules Rules = SlotRules.Shipped;
    private readonly Client _client = input.Prepared.Client;

    /// <summary>The push and the pull of a day; once more where minutes are left.</summary>
    public IEnumerable<Slot> Of(int day, IReadOnlyList<DayFrame> frames, bool again)
    {
        DayFrame frame = frames[day];
        bool leads = frame.Fixed.Any(one => one.Purpose is Purpose.Main && Region.IsPush(one.Exercise)),
            pulls = frame.Fixed.Any(one => one.Purpose is Purpose.Main && Region.IsPull(one.Exercise));
        SlotFrame asked = measure with { Sets = again || frame.Day.Minutes < Rules.Minutes.Short ? Rules.Sets.Slight : null };
        // Where a day holds one push or pull, the week's wants give the turns.
        bool byTurns = frame.Day.Focus is DayFocus.Full && frame.Day.Minutes < Rules.Minutes.Middle;
        int worth =
            again ? Rules.Worth.Further
            : byTurns ? 0
            : Rules.Worth.PushPull;
        if (!leads || again)
            yield return new Slot(day, Purpose.PushPull, again ? "pushAgain" : "push", worth, Pushes(asked));
        if (!pulls || again)
            yield return new Slot(day, Purpose.PushPull, again ? "pullAgain" : "pull", worth, Pulls(asked, frame));
    }

    private IReadOnlyList<SlotOption> Pushes(SlotFrame frame)
    {
        string across = _client.IsForLoad ? "pushAcrossStrength" : "pushAcrossMuscle",
            up = HasShortArms ? "pushUpShortArms"
            : _client.IsForLoad ? "pushUpStrength"
            : "pushUpMuscle";
        return BothWays([across, "pushAcrossElse", "pushAcrossLight"], [up, "pushUpElse"], frame);
    }

    private IReadOnlyList<SlotOption> Pulls(SlotFrame frame, DayFrame day)
    {
        string down =
            DoesPullUps ? "pullDownStrong"
            : HasShortArms ? "pullDownShortArms"
            : "pullDown";
        return BothWays([AcrossOn(day), "pullAcrossElse"], [down, "pullDownElse"], frame);
    }

    /// <summary>Across and overhead, each by the first kind that the kit brings to a hard set; where it brings none so far, by any that
    /// can be done at all.</summary>
    private IReadOnlyList<SlotOption> BothWays(IReadOnlyList<string> across, IReadOnlyList<string> up, SlotFrame frame)
    {
        IReadOnlyList<SlotOption> Both(Func<IReadOnlyList<string>, IEnumerable<SlotOption>> of) =>
            [.. of(across).Concat(of(up)).DistinctBy(option => option.Exercise.Id)];
        IReadOnlyList<SlotOption> held = Both(kinds => candidates.HeldOfKinds(kinds, frame));
        return held.Count > 0 ? held : Both(kinds => kinds.SelectMany(kind => candidates.OfKind(kind, frame)));
    }

    /// <summary>Rows by use: upper-back findings, a spine that has had enough, muscle, a novice without machines, else dumbbells
    /// (docs/handbook/09-composition.md#defaults-by-use).</summary>
    private string AcrossOn(DayFrame day) =>
        input.Prepared.Findings.Any(finding => finding.Code is FindingCode.UpperBackWeak) ? "pullAcrossUpperBack"
        : day.Fixed.Sum(one => one.Exercise.Axial * input.Cost.SetsOf(one)) >= Rules.SpineAxial ? "pullAcrossSpine"
        : _client.Goal is Goal.Muscle ? "pullAcrossMuscle"
        : _client.Level is Level.Novice && candidates.OfKind("pullAcrossMuscle", measure).All(IsFree) ? "pullAcrossFree"
        : "pullAcross";

    private static bool IsFree(SlotOption option) => option.Exercise.Load is LoadSource.Dumbbell or LoadSource.Dumbbells;

    private bool HasShortArms =>
        input.Prepared.Findings.Any(finding => finding.Code is FindingCode.ShoulderRange or FindingCode.PainExtension);

    /// <summary>Five good ones in the log, or a max that holds five.</summary>
    private bool DoesPullUps =>
        input
            .Prepared.Case.Log.SelectMany(one => one.Sets)
            .Any(set => set.Exercise is "chin-up" or "pull-up" && set.Reps >= Rules.PullUpsFrom)
        || input.Prepared.Case.Strength.Any(entry => entry.Exercise is "chin-up" or "pull-up" && entry.Reps >= Rules.PullUpsFrom)
        || input.Prepared.Client.TargetLifts.Any(id => id is "chin-up" or "pull-up");
}
