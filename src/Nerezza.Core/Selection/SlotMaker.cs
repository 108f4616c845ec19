using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Selection;

/// <summary>Makes the slots of a week from goal, split, findings and minutes (docs/handbook/09-composition.md#9-4-purposes-in-order).
/// What a
/// slot is worth by being of its day stands with it; what the week wants of a kind is the problem's.</summary>
internal sealed class SlotMaker(SelectionInput input, SlotCandidates candidates, AccessorySchool school, WeekLeads leads)
{
    private static readonly SlotRules Rules = SlotRules.Shipped;
    private readonly Client _client = input.Prepared.Client;

    /// <summary>The slots of one day of the week.</summary>
    public IEnumerable<Slot> Of(int day, IReadOnlyList<DayFrame> frames)
    {
        IEnumerable<Slot> slots =
            frames[day].Day.Focus is DayFocus.Upper ? UpperDay(day, frames).Select(slot => Rested(slot, frames)) : LegDay(day, frames);
        return slots.Where(slot => slot.Options.Count > 0 && (input.Kind is not BlockKind.Peak || IsOfPeak(slot)));
    }

    /// <summary>Beside the lifts that lead a peak has second lifts, the weak point and a pull, and need not use its minutes
    /// (docs/handbook/11-prescription.md#peak-row).</summary>
    private static bool IsOfPeak(Slot slot) => slot.Purpose is Purpose.WeakPoint or Purpose.Second || slot.Kind is "pull";

    /// <summary>A bar is held or pulled on no upper day beside a day of pulls: it would have to be light there, and leaves the grip tired
    /// (docs/handbook/12-weeks-and-blocks.md).</summary>
    private static Slot Rested(Slot slot, IReadOnlyList<DayFrame> frames) =>
        frames.Any(other => other.PullsBeside(frames[slot.Day]))
            ? slot with
            {
                Options = [.. slot.Options.Where(option => !SlotKinds.IsBarPull(option.Exercise))],
            }
            : slot;

    /// <summary>The school that trains the quads on many days of the week.</summary>
    private bool Spreads => input.Prepared.Case.Schools.Quads is QuadSchool.Spread;

    private readonly SecondSlots _seconds = new(
        input,
        candidates,
        leads,
        new SlotFrame
        {
            Weights = input.Prepared.Client.Goal is Goal.Strength ? "secondForStrength" : "second",
            Reason = ChosenReason.OtherLift,
            School = school,
            Role = Role.Second,
        }
    );

    private readonly PushPullSlots _pushPull = new(
        input,
        candidates,
        new SlotFrame
        {
            Weights = "palette",
            Reason = ChosenReason.Balances,
            School = school,
        }
    );

    private readonly Season _season = new(input.Prepared.Client);

    private IEnumerable<Slot> LegDay(int day, IReadOnlyList<DayFrame> frames)
    {
        DayFrame frame = frames[day];
        int minutes = frame.Day.Minutes;
        if (frame.Fixed.Any(one => one.Purpose is Purpose.Event))
        {
            foreach (Slot slot in EventDay(day, frame))
                yield return slot;
            yield break;
        }
        bool full = frame.Day.Focus is DayFocus.Full,
            few = full && minutes < Rules.Minutes.Whole;
        foreach (Slot slot in WeakPoints(day, frame, minutes >= Rules.Minutes.Whole ? 2 : 1))
            yield return slot;
        foreach (Slot slot in OneLeg(day, frame))
            yield return slot;
        if (full)
            foreach (Slot slot in _pushPull.Of(day, frames, again: false))
                yield return slot;
        if (minutes < Rules.Minutes.Short)
            yield break;
        foreach (Slot slot in _seconds.Of(day, frame, few ? Rules.Worth.SecondOfShortDay : Rules.Worth.Second))
            yield return slot;
        yield return Palette(day, "kneeFlexion", 0);
        if (_client.IsForGlutes)
            yield return Palette(day, "abduction", Rules.Worth.Emphasis);
        if (!input.Prepared.StartsLate && _season.LeavesJumps(frame.Day.Weekday))
            yield return Palette(day, "jumps", 0, Rules.InSeason.JumpSets);
        if (_season.IsClear(frame.Day.Weekday))
        {
            yield return Palette(day, "nordic", 0);
            yield return Palette(day, "adductors", 0);
        }
        if (_client.IsForGlutes)
            yield return Emphasis(day, "kickback", 0);
        yield return Palette(day, NeedsOneLegCalf ? "calfOneLeg" : "calf", 0);
        if (_client.IsForQuads)
        {
            yield return Emphasis(day, "kneeExtension", Rules.Worth.Emphasis);
            yield return Emphasis(day, "legPress", 0);
        }
        if (Spreads && !_client.IsForQuads)
            yield return Emphasis(day, "kneeExtension", 0);
        foreach (Slot slot in EmphasisOfMuscles(day, frame.Day.Focus))
            yield return slot;
        foreach (Slot slot in Trunk(day))
            yield return slot;
        if (full && minutes >= Rules.Minutes.Whole && _client.Goal is (Goal.Muscle or Goal.General))
            foreach (Slot slot in Supports(day))
                yield return slot;
        if (_client.Goal is Goal.General)
            yield return Support(day, "conditioning");
    }

    /// <summary>After the event short work: a weak point, knee flexion, the trunk.</summary>
    private IEnumerable<Slot> EventDay(int day, DayFrame frame)
    {
        foreach (Slot slot in WeakPoints(day, frame, 1))
            yield return slot;
        yield return Palette(day, "kneeFlexion", 0);
        foreach (Slot slot in Trunk(day))
            yield return slot;
    }

    private IEnumerable<Slot> UpperDay(int day, IReadOnlyList<DayFrame> frames)
    {
        foreach (Slot slot in WeakPoints(day, frames[day], 1))
            yield return slot;
        foreach (Slot slot in _pushPull.Of(day, frames, again: false))
            yield return slot;
        foreach (Slot slot in _pushPull.Of(day, frames, again: true))
            yield return slot;
        if (Spreads)
            yield return Emphasis(day, "kneeExtension", 0);
        foreach (Slot slot in EmphasisOfMuscles(day, frames[day].Day.Focus))
            yield return slot;
        foreach (Slot slot in Trunk(day))
            yield return slot;
        foreach (Slot slot in Supports(day))
            yield return slot;
    }

    /// <summary>Slots for the findings whose lift leads the day, and for those that are at home on any.</summary>
    private IEnumerable<Slot> WeakPoints(int day, DayFrame frame, int most)
    {
        // One slot a finding: what answers several at once stands in the first of them.
        List<Finding> here = [.. candidates.Trainable.Where(finding => IsHome(finding, frame)).Take(most + 1)];
        foreach (Finding finding in here)
        {
            SlotFrame measure = FrameOf("weakPoint", ChosenReason.AnswersFinding) with
            {
                School = HasWeakLink ? AccessorySchool.Positions : school,
                Sets = finding.Severity >= 2 ? Rules.Sets.Severe : Rules.Sets.Slight,
                Toward = frame.Main?.Exercise.Id,
                AimOf = exercise =>
                    IsFormOfALead(exercise) || (_client.IsForLoad && exercise.Pattern is Pattern.Thrust) ? Aim.WeakPoint : null,
            };
            IReadOnlyList<SlotOption> options =
            [
                .. candidates
                    .Answering(finding, measure, exercise => Suits(exercise, frame.Day) && AccessoryRole.Of(exercise) is not Role.Trunk)
                    .Select(option => option.Aim is null ? option : option with { Role = Role.Second }),
            ];
            yield return new Slot(day, Purpose.WeakPoint, $"weakPoint {finding.Code}", 0, options);
        }
    }

    private bool HasWeakLink => candidates.Trainable.Any(finding => finding.Cause is Cause.Strength && finding.Severity >= 2);

    /// <summary>The day of the lift in which the fault shows; without a fault, of the lift whose muscles are asked; what belongs to the
    /// upper
    /// body is at home on upper days too.</summary>
    private bool IsHome(Finding finding, DayFrame frame)
    {
        if (frame.Day.Focus is DayFocus.Upper)
            return finding.Asks.Muscles.Count > 0 && !finding.Asks.Muscles.Any(Region.IsOfLegs);
        return HomeOf(finding) is not { } home || frame.Lead is not { } lead || home == lead || finding.Severity >= 2;
    }

    /// <summary>The pattern in which a finding shows.</summary>
    public Pattern? HomeOf(Finding finding)
    {
        Pattern? seen = Grading.SeenIn(finding, input.Prepared);
        return seen
            ?? (
                finding.Asks.Muscles.Contains(Muscle.Vasti) ? Pattern.Squat
                : finding.Asks.Muscles.Any(muscle => muscle is Muscle.Hamstrings or Muscle.GluteusMaximus or Muscle.UpperBack)
                    ? Pattern.Hinge
                : null
            );
    }

    /// <summary>Whether it is a barbell form of a lift that leads a day: trained heavy, for few repetitions.</summary>
    private bool IsFormOfALead(Exercise exercise) =>
        exercise.Load is LoadSource.Barbell or LoadSource.SafetyBar or LoadSource.TrapBar
        && exercise.Pattern is not Pattern.Thrust
        && leads.All.Any(lead => SlotKinds.MovementOf(lead.Exercise.Id) == SlotKinds.MovementOf(exercise.Id));

    /// <summary>One-leg hinges and thrusts stand for lunges that pain covers.</summary>
    private bool LungesHurt => input.Prepared.Caps.Hurts(Pattern.Lunge);

    private string OneLegSquat => SlotKinds.OneLegSquatOf(_client.Level);

    /// <summary>One-leg work: of the other pattern than the lift that leads.</summary>
    private IEnumerable<Slot> OneLeg(int day, DayFrame frame)
    {
        SlotFrame measure = FrameOf("palette", ChosenReason.FillsPalette) with
        {
            Sets = frame.Day.Minutes < Rules.Minutes.Short ? Rules.Sets.Slight : null,
        };
        bool squatToo =
            frame.Lead is not Pattern.Squat || frame.Day.Minutes >= Rules.Minutes.Whole || _client.IsForGlutes || _client.IsForQuads;
        if (squatToo && !LungesHurt)
            yield return new Slot(day, Purpose.Palette, "oneLegSquat", 0, candidates.OfKind(OneLegSquat, measure));
        if (frame.Lead is Pattern.Squat || LungesHurt)
            yield return new Slot(day, Purpose.Palette, "oneLegHinge", 0, candidates.OfKind("oneLegHinge", measure));
    }

    /// <summary>Who runs or plays, or comes back from an injury, pushes off one leg.</summary>
    private bool NeedsOneLegCalf => _client.Goal is Goal.Return or Goal.General || _client.OtherTraining.Count > 0;

    private IEnumerable<Slot> Trunk(int day)
    {
        SlotFrame measure = FrameOf("others", ChosenReason.HoldsTrunk);
        string resist =
            "trunkResist" + (input.Prepared.Findings.Any(one => one.Code is FindingCode.SideAsymmetry) ? "Sides" : $"{_client.Level}");
        yield return new Slot(day, Purpose.Trunk, "trunkResist", 0, candidates.OfKind(resist, measure));
        yield return new Slot(day, Purpose.Trunk, "trunkBend", 0, candidates.OfKind("trunkBend" + _client.Level, measure));
    }

    private Slot Palette(int day, string kind, int worth, int? sets = null) =>
        new(day, Purpose.Palette, kind, worth, candidates.OfKind(kind, FrameOf("palette", ChosenReason.FillsPalette) with { Sets = sets }));

    private Slot Emphasis(int day, string kind, int worth) =>
        new(
            day,
            Purpose.Emphasis,
            kind,
            worth,
            candidates.OfKind(
                kind,
                FrameOf("others", ChosenReason.Emphasises) with
                {
                    Sets = kind is "kickback" ? null : Rules.Sets.Several,
                }
            )
        );

    /// <summary>What brings the emphasised muscles of a day's half to their sets, glutes and quads apart, which have kinds of their own:
    /// once a day, and again where the week is short of them (docs/handbook/09-composition.md#9-4-purposes-in-order).</summary>
    private IEnumerable<Slot> EmphasisOfMuscles(int day, DayFocus focus) =>
        from muscle in _client.Emphasis
        where focus is DayFocus.Full || Region.IsOfLegs(muscle) == (focus is DayFocus.Lower)
        from worth in new[] { Rules.Worth.EmphasisOfMuscle, 0 }
        select Emphasis(day, $"emphasis-{Codes.Of(muscle)}", worth);

    private IEnumerable<Slot> Supports(int day) =>
        [Support(day, "supportFront"), Support(day, "supportBack"), Support(day, "supportShoulders")];

    private Slot Support(int day, string kind) =>
        new(day, Purpose.Support, kind, Rules.Worth.Support, candidates.OfKind(kind, FrameOf("others", ChosenReason.Supports)));

    private bool Suits(Exercise exercise, SplitDay day) => Region.Suits(exercise, day.Focus, input.Prepared.Case.Schools.Quads);

    private SlotFrame FrameOf(string weights, ChosenReason reason) =>
        new()
        {
            Weights = weights,
            Reason = reason,
            School = school,
        };
}
