using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Blocks;

/// <summary>What a block is built from besides the chosen exercises.</summary>
/// <param name="SetUpOf">Heights to set for an exercise.</param>
/// <param name="SkillCap">Part of 1RM that skill work of an exercise stays under; 1 where no fault says.</param>
public sealed record BlockInput(Client Client, Schools Schools, BlockRequest Request, ExerciseCatalogue Catalogue, Loader Loader, MaxBook Maxes, ISetCost Cost, SidePlan Sides, Func<Exercise, double> SkillCap, Func<Exercise, SetUp> SetUpOf);

/// <summary>Builds a block of the chosen exercises on a client's days (handbook 11 and 12).</summary>
public sealed class BlockBuilder(BlockInput input)
{
    private readonly Prescriber _prescriber = new(input.Loader, input.Client.MassKg);

    /// <summary>The block: lifts take turns as main and second, accessories stand on their days.</summary>
    /// <param name="kind">The kind, decided.</param>
    public Block Build(BlockKind kind, ExerciseChoice selection)
    {
        BlockKindRule rule = BlockKindRule.Of(kind);
        IReadOnlyList<SplitDay> week = DaySplit.Of(input.Client.Days, input.Request);
        IReadOnlyList<WeekShape> shapes = WeekShape.LayOut(input.Request, kind, input.Client, input.Schools.Progression);
        IReadOnlyList<DayPlan> days = DayPlan.Of(week, selection, input.Cost, input.Schools, WeeklySets.AxialBudget(input.Client, input.Request.Start).Session);
        List<Track> tracks = [.. days.SelectMany(day => day.Lifts.Select(lift => TrackOf(day, lift, days, rule)))];
        List<Week> weeks = [];
        foreach (WeekShape shape in shapes)
        {
            List<Session> sessions = [.. tracks.GroupBy(track => track.Day).Select(day => SessionOf(day.Key.Day, [.. day], shape, rule))];
            weeks.Add(new Week(shape.Number, shape.Kind, sessions));
        }
        return new Block(kind, input.Request.Start, weeks);
    }

    /// <summary>One exercise on one weekday through the weeks; it remembers the last load week, which the deload is measured from.</summary>
    private sealed class Track
    {
        public required DayPlan Day { get; init; }
        public required Chosen Chosen { get; init; }
        public required RoleRule Role { get; init; }
        public required RepRange Range { get; init; }
        public required int Exposure { get; init; }
        public required Rpe MostRpe { get; init; }
        public PrescribedItem? LastLoadWeek { get; set; }
    }

    private Track TrackOf(DayPlan day, Chosen chosen, IReadOnlyList<DayPlan> days, BlockKindRule rule)
    {
        RoleRule role = RoleRule.Of(chosen.Role, rule.Aim, chosen.Exercise.Pattern);
        int exposure = days.TakeWhile(other => other != day).Count(other => other.Lifts.Any(lift => lift.Exercise.Id == chosen.Exercise.Id && lift.Role == chosen.Role));
        bool closeToHeavy = chosen.Role is not Selection.Role.Main && chosen.Exercise.Pattern is Pattern.Hinge && HasMainHingeNear(day, days);
        return new Track
        {
            Day = day,
            Chosen = chosen,
            Role = role,
            Range = RangeOf(chosen, role, rule, exposure),
            Exposure = exposure,
            // Beside a heavy hinge another one stays light: a full point under, since the last straight set is written half a point up.
            MostRpe = closeToHeavy ? Rpe.Min(chosen.Limits.MostRpe, Rpe.Of(BlockRules.Shipped.File.HeavyHinge.Rpe - 0.5)) : chosen.Limits.MostRpe,
        };
    }

    private static bool HasMainHingeNear(DayPlan day, IReadOnlyList<DayPlan> days) => days
        .Where(other => other != day && other.Lifts.Any(lift => lift.Role is Selection.Role.Main && lift.Exercise.Pattern is Pattern.Hinge))
        .Any(other => Math.Abs(other.Day.FirstDate.DayNumber - day.Day.FirstDate.DayNumber) is var apart
            && Math.Min(apart, 7 - apart) < BlockRules.Shipped.File.HeavyHinge.DaysApart);

    /// <summary>The role's range where the exercise shares it, else the exercise's; an accessory that comes again moves up.</summary>
    private RepRange RangeOf(Chosen chosen, RoleRule role, BlockKindRule rule, int exposure)
    {
        bool low = chosen.Role is Selection.Role.Main && rule.Aim is Aim.Strength && input.Schools.StrengthReps is StrengthReps.Low;
        RepRange asked = low ? PrescriptionRules.Shipped.LowStrengthReps : role.Reps;
        RepRange range = asked.Overlap(chosen.Exercise.Reps) ?? chosen.Exercise.Reps;
        bool moves = chosen.Role is Selection.Role.Accessory or Selection.Role.SingleJoint or Selection.Role.Second && exposure > 0;
        return moves ? PrescriptionRules.Shipped.Moved(exposure).Overlap(chosen.Exercise.Reps) ?? range : range;
    }

    private Session SessionOf(SplitDay day, IReadOnlyList<Track> tracks, WeekShape shape, BlockKindRule rule)
    {
        List<PrescribedItem> items = [];
        HashSet<Pattern> warm = [];
        foreach (Track track in tracks)
        {
            Exercise exercise = track.Chosen.Exercise;
            OneRepMax? max = exercise.Sides is Sides.One ? input.Maxes.Find(exercise.Id, input.Sides.First) ?? input.Maxes.Find(exercise.Id) : input.Maxes.Find(exercise.Id);
            WeekTarget target = shape.Kind is WeekKind.Deload && track.LastLoadWeek is { } last
                ? DeloadOf(last, track)
                : TargetOf(track, shape, rule, max);
            PrescribedItem item = _prescriber.Prescribe(track.Chosen, track.Role, track.Range, target, max, NeedOf(track.Chosen, warm), input.Sides);
            item = _prescriber.WithPlates(item, exercise) with { SetUp = input.SetUpOf(exercise) };
            if (shape.Kind is not WeekKind.Deload) track.LastLoadWeek = item;
            items.Add(item);
        }
        return new Session(day.Day.Day, day.FirstDate.AddDays(7 * (shape.Number - 1)), SessionTime.Minutes(items, input.Catalogue), day.Day.Minutes, items);
    }

    private static WarmUpNeed NeedOf(Chosen chosen, HashSet<Pattern> warm)
    {
        bool cold = warm.Add(chosen.Exercise.Pattern);
        return chosen.Role switch
        {
            Selection.Role.Main => cold ? WarmUpNeed.ColdPattern : WarmUpNeed.WarmPattern,
            Selection.Role.Second => cold ? WarmUpNeed.ColdPattern : WarmUpNeed.WarmPattern,
            Selection.Role.Accessory => cold ? WarmUpNeed.Accessory : WarmUpNeed.WarmPattern,
            _ => WarmUpNeed.SingleJoint,
        };
    }

    private WeekTarget TargetOf(Track track, WeekShape shape, BlockKindRule rule, OneRepMax? max)
    {
        bool drill = track.Chosen.Role is Selection.Role.Skill or Selection.Role.Priming;
        (int reps, Rpe rpe) = drill
            ? (track.Range.Middle, track.Role.LowestRpe)
            : new WeekProgression(input.Schools.Progression, rule).Of(shape, track.Role, track.Range, track.Exposure);
        double cap = rule.MostFraction < 1 ? rule.MostFraction + rule.FractionStep * (shape.Number - 1) : 1;
        cap = Math.Min(cap, track.Chosen.Limits.MostFraction);
        if (track.Chosen.Role is Selection.Role.Skill) cap = Math.Min(cap, input.SkillCap(track.Chosen.Exercise));
        // A cap is lighter than any calibration would be; accessories find their load by effort.
        bool lift = track.Chosen.Role is Selection.Role.Main or Selection.Role.Second;
        bool calibrates = lift && max?.Source is MaxSource.Ratio && shape.Number == 1 && track.Exposure == 0 && cap >= 1;
        return new WeekTarget(input.Cost.Sets(track.Chosen.Role), reps, rpe, cap, track.MostRpe,
            calibrates ? TargetKind.Calibration : TargetKind.Straight, Metres: MetresOf(track.Role, shape));
    }

    /// <summary>A carry grows from its shortest distance to its longest over the load weeks, in whole steps.</summary>
    private static int? MetresOf(RoleRule role, WeekShape shape) => role.Metres is [var from, var to] ? (int)Math.Round((from + shape.Through * (to - from)) / PrescriptionRules.Shipped.File.MetresStep, MidpointRounding.AwayFromZero) * PrescriptionRules.Shipped.File.MetresStep : null;

    /// <summary>Half the sets at a load 10 % below the last load week's, RPE at most 6.</summary>
    private static WeekTarget DeloadOf(PrescribedItem last, Track track)
    {
        DeloadRule rule = BlockRules.Shipped.File.Deload;
        double? aim = last.Sets[^1].Percent is { } percent ? percent.Fraction * rule.LoadFactor : null;
        Rpe most = Rpe.Min(Rpe.Of(rule.MostRpe), track.MostRpe);
        // The weaker side's extra set is not halved: it comes on top again.
        int sets = last.Sets.GroupBy(set => set.Side).Min(side => side.Count());
        return new WeekTarget(Math.Max(1, (int)Math.Ceiling(sets * rule.SetsFactor)), last.Sets[^1].Reps, most, track.Chosen.Limits.MostFraction, most, TargetKind.Straight, aim, last.Sets[^1].Metres);
    }
}
