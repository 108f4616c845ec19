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

    private bool ForStrength => _client.Goal is Goal.Strength or Goal.Events;

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
            yield return new Slot(day, Purpose.PushPull, again ? "pullAgain" : "pull", worth, [.. Pulls(asked, frame)]);
    }

    /// <summary>Across and overhead, each by its usual choices or by what stands in for them where the kit brings none to a hard
    /// set.</summary>
    private IReadOnlyList<SlotOption> Pushes(SlotFrame frame)
    {
        string across = ForStrength ? "pushAcrossStrength" : "pushAcrossMuscle",
            up = HasShortArms ? "pushUpShortArms"
            : ForStrength ? "pushUpStrength"
            : "pushUpMuscle";
        List<SlotOption> held =
        [
            .. candidates
                .HeldOfKinds([across, "pushAcrossElse", "pushAcrossLight"], frame)
                .Concat(candidates.HeldOfKinds([up, "pushUpElse"], frame))
                .DistinctBy(option => option.Exercise.Id),
        ];
        return held.Count > 0 ? held : [.. candidates.OfKind("pushAcrossElse", frame), .. candidates.OfKind("pushUpElse", frame)];
    }

    private IEnumerable<SlotOption> Pulls(SlotFrame frame, DayFrame day)
    {
        IEnumerable<SlotOption> rows = candidates.OfKind(AcrossOn(day), frame),
            downs = candidates.OfKind(
                DoesPullUps ? "pullDownStrong"
                    : HasShortArms ? "pullDownShortArms"
                    : "pullDown",
                frame
            );
        if (!rows.Any())
            rows = candidates.OfKind("pullAcrossElse", frame);
        if (!downs.Any())
            downs = candidates.OfKind("pullDownElse", frame);
        return rows.Concat(downs).DistinctBy(option => option.Exercise.Id);
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
