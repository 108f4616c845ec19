using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Loads;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Blocks;

/// <summary>Says what each week asks of each exercise: range, sets, repetitions, effort and caps, before loads
/// (docs/handbook/11-prescription.md, docs/handbook/12-weeks-and-blocks.md).</summary>
internal sealed class WeekTargets(BlockInput input, BlockKind kind, SessionMaker maker)
{
    private readonly BlockKindRule _rule = BlockKindRule.Of(kind);
    private readonly EventDays _events = new(input.Client);
    private readonly EffortSpan _effort = EffortSpan.Of(input.Client, BlockKindRule.Of(kind), input.Request.Start);
    private readonly PeakTargets _peak = new(
        EffortSpan.Of(input.Client, BlockKindRule.Of(kind), input.Request.Start),
        exercise => maker.IsKnown(exercise)
    );

    /// <summary>The course of an exercise on a day.</summary>
    public ExerciseSlot SlotOf(DayPlan day, Chosen chosen, IReadOnlyList<DayPlan> days, IReadOnlySet<DayPlan> heavy)
    {
        RoleRule role = RoleRule.Of(
            chosen.Role,
            chosen.Aim ?? (chosen.Purpose is Purpose.Event ? Aim.Event : AimOf(chosen)),
            chosen.Exercise.Pattern
        );
        int exposure = days.TakeWhile(other => other != day)
            .Count(other => other.Lifts.Any(lift => lift.Exercise.Id == chosen.Exercise.Id));
        LighterRule light = BlockRules.Shipped.File.LighterHinge;
        bool staysLight = chosen.Exercise.Pattern is Pattern.Hinge && !heavy.Contains(day);
        return new ExerciseSlot
        {
            Day = day,
            Chosen = chosen,
            Role = role,
            Range = RangeOf(chosen, role, exposure),
            Exposure = exposure,
            MostFraction = Math.Min(chosen.Limits.MostFraction, staysLight ? light.Percent / 100 : 1),
            MostRpe = Rpe.Min(
                Rpe.Min(chosen.Limits.MostRpe, staysLight ? Rpe.Of(light.Rpe) : Rpe.Ten),
                IsPractice(chosen) ? role.HighestRpe : Rpe.Ten
            ),
        };
    }

    /// <summary>The aim of the block; all-round where that is the goal, and in a return for what the injury does not touch
    /// (docs/handbook/11-prescription.md#return-row).</summary>
    private Aim AimOf(Chosen chosen) =>
        IsSpared(chosen) || (input.Client.Goal is Goal.General && kind is (BlockKind.Strength or BlockKind.Muscle))
            ? Aim.General
            : _rule.Aim;

    /// <summary>What the return leaves as it is, where no pain covers it.</summary>
    private bool IsSpared(Chosen chosen) =>
        ReturnToTraining.Spares(kind, input.Away, chosen.Exercise)
        && (chosen.Exercise.Pattern is not Pattern.Trunk || chosen.Limits.MostFraction >= 1);

    /// <summary>A main lift that is learned: easy from week to week.</summary>
    private static bool IsPractice(Chosen chosen) => chosen is { Role: Role.Main, Aim: Aim.Practice };

    private EffortSpan EffortOf(ExerciseSlot track)
    {
        if (IsPractice(track.Chosen))
            return new EffortSpan(track.Role.LowestRpe, track.Role.HighestRpe);
        if (IsSpared(track.Chosen))
            return new EffortSpan(
                Rpe.Of(BlockRules.Shipped.File.Effort.Care),
                Rpe.Of(BlockRules.Shipped.File.Effort.Cap - BlockRules.Shipped.File.Effort.UnderCap)
            );
        // Accessories of a grown client begin where their row does, whatever the goal leaves the main lift.
        bool accessory = track.Role.Role is Role.Accessory or Role.SingleJoint or Role.Trunk;
        if (
            accessory
            && input.Client.Goal is Goal.General
            && input.Client.Level is not Level.Novice
            && kind is (BlockKind.Strength or BlockKind.Muscle)
        )
            return _effort with { First = _rule.FirstRpe };
        // The second lift is one under the main one, within 6 to 8.
        return track.Chosen.Role is Role.Second && track.Chosen.Aim is null && kind is (BlockKind.Strength or BlockKind.Muscle)
            ? new EffortSpan(Lower(_effort.First), Lower(_effort.Last))
            : _effort;
    }

    private static Rpe Lower(Rpe rpe) => Rpe.Of(Math.Clamp(rpe.Value - 1, 6, 8));

    /// <summary>The role's range where the exercise shares it, else the exercise's; what comes again in the week moves.</summary>
    private RepRange RangeOf(Chosen chosen, RoleRule role, int exposure)
    {
        bool low =
            chosen.Role is Role.Main
            && _rule.Aim is Aim.Strength
            && input.Schools.StrengthReps is StrengthReps.Low
            && maker.IsKnown(chosen.Exercise);
        RepRange asked = low ? PrescriptionRules.Shipped.LowStrengthReps : role.Reps;
        RepRange range = asked.Overlap(chosen.Exercise.Reps) ?? chosen.Exercise.Reps;
        if (chosen.Limits.Reps is { } careful && chosen.Role is not Role.Priming)
            return (range.Overlap(careful) ?? careful.Overlap(chosen.Exercise.Reps) ?? range).AtLeast(chosen.Limits.FewestReps);
        bool moves = exposure > 0 && (chosen.Role is Role.Accessory or Role.SingleJoint or Role.Second);
        range = moves ? MovedFor(chosen.Exercise, exposure) ?? range : range;
        return chosen.Role is Role.Priming ? range : range.AtLeast(chosen.Limits.FewestReps);
    }

    /// <summary>The moved range of an exposure within the exercise's; one that would begin where the last one did begins two
    /// higher.</summary>
    private static RepRange? MovedFor(Exercise exercise, int exposure)
    {
        if (PrescriptionRules.Shipped.Moved(exposure).Overlap(exercise.Reps) is not { } moved)
            return null;
        if (exposure == 0 || MovedFor(exercise, exposure - 1) is not { } last || moved.Bottom > last.Bottom)
            return moved;
        int bottom = Math.Min(exercise.Reps.Top, last.Bottom + PrescriptionRules.Shipped.File.MoveByReps);
        return new RepRange(bottom, Math.Max(bottom, moved.Top));
    }

    /// <summary>What a week asks of a track.</summary>
    public ItemTarget AskOf(ExerciseSlot track, WeekShape shape)
    {
        bool peaks = shape.Kind is WeekKind.Peak or WeekKind.Event && kind is not BlockKind.Peak;
        if (peaks && track.Chosen.Purpose is Purpose.Main)
            return Near(_peak.Of(track, shape, SetsOf(track, shape), MostOf(track, shape)), track, shape);
        WeekTarget target = shape.Kind is WeekKind.Deload && track.Before is { } last ? DeloadOf(last, track) : LoadWeek(track, shape);
        if (peaks)
            target = target with { Sets = PeakTargets.Fewer(target.Sets, least: 1) };
        return Near(new ItemTarget(track.Chosen, track.Role, track.Range, target), track, shape);
    }

    /// <summary>Light where an event is near.</summary>
    private ItemTarget Near(ItemTarget ask, ExerciseSlot track, WeekShape shape)
    {
        (double fraction, Rpe rpe) = _events.MostOn(track.DateIn(shape.Number), track.Chosen.Exercise.Pattern);
        return ask with
        {
            Target = ask.Target with
            {
                MostFraction = Math.Min(ask.Target.MostFraction, fraction),
                MostRpe = Rpe.Min(ask.Target.MostRpe, rpe),
            },
        };
    }

    /// <summary>What one of the last days before an event asks of a target lift.</summary>
    public ItemTarget LastAskOf(ExerciseSlot track, WeekShape shape, LastTime time) =>
        _peak.Last(track, shape, SetsOf(track, shape), MostOf(track, shape), time);

    private WeekTarget LoadWeek(ExerciseSlot track, WeekShape shape)
    {
        LayOff away = input.Away.In(shape.Number);
        bool progresses = track.Role.Role is Role.Accessory or Role.SingleJoint or Role.Trunk;
        WeekTarget target =
            progresses
            && track.Before is { } before
            && shape.Index > 0
            && away == LayOff.None
            && (kind is not BlockKind.Return || IsSpared(track.Chosen))
                ? DoubleProgression.Next(before, Hardest(track), maker.FitOf(before, track.Day.Weekday)) with
                {
                    MostFraction = MostOf(track, shape),
                    Last = LastSet.Alike,
                }
                : First(track, shape, away);
        return target with
        {
            Sets = Math.Max(1, (int)Math.Round(SetsOf(track, shape) * away.Sets, MidpointRounding.AwayFromZero)),
            Metres = WayAndTime.MetresOf(track, shape),
            // The one empty list where there is none: what is asked again is then equal by value, and is not prescribed again.
            Medley = track.Chosen.Medley is { Count: > 0 } pieces
                ? [.. pieces.Select(one => new MedleyPiece(one.Id, PieceFor(one, track)))]
                : [],
            Seconds = WayAndTime.SecondsOf(track.Chosen.Exercise, shape),
        };
    }

    /// <summary>Work sets of a week, never more than sport leaves, or a late start.</summary>
    private int SetsOf(ExerciseSlot track, WeekShape shape) =>
        Math.Min(MostSetsOf(track, shape) ?? int.MaxValue, SetsUncapped(track, shape));

    private int? MostSetsOf(ExerciseSlot track, WeekShape shape) =>
        input.StartsLate && LateStart.MostSets(shape.Number) is { } few
            ? Math.Min(few, track.Chosen.MostSets ?? few)
            : track.Chosen.MostSets;

    private int SetsUncapped(ExerciseSlot track, WeekShape shape) =>
        track.Chosen.Reason is ChosenReason.EventWork or ChosenReason.InPlaceOfThrow ? track.Role.WorkSets + PicksMore(track, shape)
        : track.Chosen.Role is Role.Main && kind is BlockKind.Return && !IsSpared(track.Chosen) ? input.Back.In(shape.Number).Sets
        : PullsAtMost(track, input.Cost.SetsOf(track.Chosen) + Grown(track, shape));

    /// <summary>A single more a fortnight on what is picked from the floor.</summary>
    private static int PicksMore(ExerciseSlot track, WeekShape shape) =>
        track.Chosen is { Exercise.Pattern: Pattern.Hinge, Reason: ChosenReason.EventWork }
            ? shape.Index / PrescriptionRules.Shipped.File.EventLoads.WeeksToAPickMore
            : 0;

    /// <summary>Floor pulls have four sets at most (docs/handbook/11-prescription.md#reps-of-week-1).</summary>
    private static int PullsAtMost(ExerciseSlot track, int sets) =>
        track.Chosen.Exercise.FromFloor ? Math.Min(sets, BlockRules.Shipped.File.FloorPullSets) : sets;

    /// <summary>Sets that have come on by this week for a finding that does not close.</summary>
    private int Grown(ExerciseSlot track, WeekShape shape) =>
        track.Chosen.GrowsFor is not null && track.Exposure == 0 && kind is BlockKind.Foundation or BlockKind.Muscle or BlockKind.Strength
            ? shape.Index / BlockRules.Shipped.File.WeeksToASetMore
            : 0;

    private Rpe Hardest(ExerciseSlot track) => Rpe.Min(Rpe.Min(EffortOf(track).Last, track.Role.HighestRpe), track.MostRpe);

    /// <summary>Where accessories begin: a repetition or more under the hardest, so that there is somewhere to go.</summary>
    private Rpe UnderHardest(ExerciseSlot track) => Rpe.Of(Math.Max(_effort.First.Value, Hardest(track).Value - 1));

    private WeekTarget First(ExerciseSlot track, WeekShape shape, LayOff away)
    {
        bool drill = track.Chosen.Role is Role.Skill or Role.Priming;
        bool progresses = track.Role.Role is Role.Accessory or Role.SingleJoint or Role.Trunk;
        WeekProgression progression = new(input.Schools.Progression, EffortOf(track));
        (int reps, Rpe rpe) = drill
            ? (track.Range.Middle, track.Role.LowestRpe)
            : progression.Of(shape, track.Role, track.Range, track.Exposure);
        if (progresses)
            (reps, rpe) = (StartOf(track), Rpe.Min(rpe, Rpe.Min(track.Role.LowestRpe, UnderHardest(track))));
        if (IsPractice(track.Chosen))
            reps = track.Range.Hold(track.Range.Bottom + shape.Index);
        else if (track.Chosen.Role is Role.Main && progression.MovesRepetitions)
            reps = Moved(reps, track);
        double cap = MostOf(track, shape);
        // A cap is lighter than any calibration would be, and so is a block that stays under its effort; accessories find their load by
        // effort.
        bool lift = track.Chosen.Role is Role.Main or Role.Second && track.Chosen.Aim is not Aim.Power;
        bool calibrates =
            lift
            && maker.MaxOf(track.Chosen.Exercise)?.Source is MaxSource.Ratio or MaxSource.Guess
            && shape.Number == 1
            && track.Exposure == 0
            && cap >= 1
            && _rule.LastRpe >= Rpe.Of(PrescriptionRules.Shipped.File.CalibrationRpe[^1]);
        return new WeekTarget
        {
            Sets = 1,
            MostSets = MostSetsOf(track, shape),
            Reps = reps,
            Rpe = rpe,
            MostFraction = cap,
            MostRpe = track.MostRpe,
            Kind = calibrates ? TargetKind.Calibration : ShapeOf(track.Chosen.Role),
            LoadFactor = away.Load,
            Tempo = IsPractice(track.Chosen) ? track.Role.Tempo : null,
            Load = LoadGiven(track, shape),
        };
    }

    /// <summary>A load that a rule gives, not the max: the plate of a counterbalance, the piece of an event.</summary>
    private Load? LoadGiven(ExerciseSlot track, WeekShape shape) =>
        Counterbalance.Is(track.Chosen.Exercise) && track.MostFraction >= 1
            ? Counterbalance.In(shape.Number - 1, track.Chosen.Exercise, input.LoaderOn(track.Day.Weekday), input.Client.MassKg)
        : track.Chosen.Reason is ChosenReason.EventWork && track.Chosen.Medley.Count == 0 ? PieceFor(track.Chosen.Exercise, track)
        : null;

    /// <summary>The piece of an event; where caution sets a cap, what feels right.</summary>
    private Load? PieceFor(Exercise exercise, ExerciseSlot track) => track.MostFraction < 1 ? null : input.EventLoads.Of(exercise);

    /// <summary>Repetitions of week 1 (docs/handbook/11-prescription.md#reps-of-week-1): several joints 8, single joints 12; what
    /// comes again starts two higher each time.</summary>
    private static int StartOf(ExerciseSlot track)
    {
        RolesFile rules = PrescriptionRules.Shipped.File;
        int first = track.Role.Role is Role.SingleJoint ? rules.StartReps.SingleJoint : rules.StartReps.SeveralJoints;
        return track.Chosen.Exercise.BodyFraction >= 1 ? track.Range.Bottom : track.Range.Hold(first + track.Exposure * rules.MoveByReps);
    }

    /// <summary>A main lift that comes again in the week takes the other end of its range.</summary>
    private static int Moved(int reps, ExerciseSlot track) =>
        (track.Exposure % 3) switch
        {
            0 => reps,
            1 => reps < track.Range.Top ? track.Range.Top : track.Range.Bottom,
            _ => reps > track.Range.Bottom ? track.Range.Bottom : track.Range.Middle,
        };

    private double MostOf(ExerciseSlot track, WeekShape shape)
    {
        double cap = kind is BlockKind.Return && !IsSpared(track.Chosen) ? input.Back.In(shape.Number).Fraction : 1;
        if (track.Chosen.Role is Role.Skill)
            cap = Math.Min(cap, input.SkillCap(track.Chosen.Exercise));
        return Math.Min(cap, track.MostFraction);
    }

    private TargetKind ShapeOf(Role role) =>
        role is Role.Main or Role.Second
            ? input.Schools.WorkSets switch
            {
                WorkSets.Ramp => TargetKind.Ramp,
                WorkSets.Ascending => TargetKind.Ascending,
                WorkSets.Straight => TargetKind.Straight,
            }
            : TargetKind.Straight;

    /// <summary>Half the sets at a load 10 % below the last load week's, RPE at most 6.</summary>
    private static WeekTarget DeloadOf(PrescribedItem last, ExerciseSlot track)
    {
        DeloadRule rule = BlockRules.Shipped.File.Deload;
        PrescribedSet hardest = last.Sets.MaxBy(set => set.Load?.Grams ?? 0) ?? last.Sets[^1];
        double? aim = hardest.Percent is { } percent ? percent.Fraction * rule.LoadFactor : null;
        Rpe most = Rpe.Min(Rpe.Of(rule.MostRpe), track.MostRpe);
        return new WeekTarget
        {
            Sets = Math.Max(1, (int)Math.Ceiling(last.SetsASide * rule.SetsFactor)),
            Reps = hardest.Reps,
            Rpe = most,
            MostFraction = track.MostFraction,
            MostRpe = most,
            Kind = TargetKind.Straight,
            AimFraction = aim,
            Load = LoadOfDeload(hardest, track.Chosen),
            Metres = hardest.Metres,
            Medley = hardest.Medley,
            Seconds = hardest.Seconds,
        };
    }

    /// <summary>A piece or a counterbalance is what it is; without a percentage the load itself falls.</summary>
    private static Load? LoadOfDeload(PrescribedSet last, Chosen chosen) =>
        Counterbalance.Is(chosen.Exercise) || chosen.Reason is ChosenReason.EventWork ? last.Load
        : last is { Percent: null, Load: { } load } ? Load.FromKilograms(load.Kilograms * BlockRules.Shipped.File.Deload.LoadFactor)
        : null;
}
