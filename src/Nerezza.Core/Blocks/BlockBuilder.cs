using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Blocks;

/// <summary>Builds a block of main lifts on a client's days (handbook 11 and 12).</summary>
public sealed class BlockBuilder(Client client, Schools schools, BlockRequest request, ExerciseCatalogue catalogue, Loader loader, MaxBook maxes)
{
    private readonly Prescriber _prescriber = new(loader, client.MassKg);

    /// <summary>The block; every leg day has one lift as main and the other as second, taking turns.</summary>
    /// <param name="kind">The kind, decided.</param>
    public Block Build(BlockKind kind, IReadOnlyList<MainLift> lifts)
    {
        BlockKindRule rule = BlockKindRule.Of(kind);
        IReadOnlyList<SplitDay> days = [.. DaySplit.Of(client.Days, request).Where(day => day.Focus is not DayFocus.Upper)];
        IReadOnlyList<WeekShape> shapes = WeekShape.LayOut(request, kind, client, schools.Progression);
        List<Track> tracks = lifts.Count == 0 ? [] : [.. days.SelectMany((day, i) => TracksOf(day, i, days, lifts, rule))];
        List<Week> weeks = [];
        foreach (WeekShape shape in shapes)
        {
            List<Session> sessions = [.. tracks.GroupBy(track => track.Day).Select(day => SessionOf(day.Key, [.. day], shape, rule))];
            weeks.Add(new Week(shape.Number, shape.Kind, sessions));
        }
        return new Block(kind, request.Start, weeks);
    }

    /// <summary>One lift on one weekday through the weeks; it remembers the last load week, which the deload is measured from.</summary>
    private sealed class Track
    {
        public required SplitDay Day { get; init; }
        public required MainLift Lift { get; init; }
        public required RoleRule Role { get; init; }
        public required RepRange Range { get; init; }
        public required int Exposure { get; init; }
        public required Rpe MostRpe { get; init; }
        public PrescribedItem? LastLoadWeek { get; set; }
    }

    private IEnumerable<Track> TracksOf(SplitDay day, int index, IReadOnlyList<SplitDay> days, IReadOnlyList<MainLift> lifts, BlockKindRule rule)
    {
        for (int place = 0; place < Math.Min(2, lifts.Count); place++)
        {
            MainLift lift = lifts[(index + place) % lifts.Count];
            RoleRule role = RoleRule.Of(place == 0 ? Role.Main : Role.Second, rule.Aim);
            bool closeToHeavy = place == 1 && lift.Exercise.Pattern is Pattern.Hinge && HasMainHingeNear(day, days, lifts);
            yield return new Track
            {
                Day = day,
                Lift = lift,
                Role = role,
                Range = RangeOf(lift.Exercise, role, rule),
                Exposure = index / lifts.Count,
                // Beside a heavy hinge the second one stays light: a full point under, since the last straight set is written half a point up.
                MostRpe = closeToHeavy ? Rpe.Min(lift.Limits.MostRpe, Rpe.Of(BlockRules.Shipped.File.HeavyHinge.Rpe - 0.5)) : lift.Limits.MostRpe,
            };
        }
    }

    private static bool HasMainHingeNear(SplitDay day, IReadOnlyList<SplitDay> days, IReadOnlyList<MainLift> lifts) => days
        .Where((other, i) => lifts[i % lifts.Count].Exercise.Pattern is Pattern.Hinge && other != day)
        .Any(other => Math.Abs(other.FirstDate.DayNumber - day.FirstDate.DayNumber) is var apart
            && Math.Min(apart, 7 - apart) < BlockRules.Shipped.File.HeavyHinge.DaysApart);

    private RepRange RangeOf(Exercise exercise, RoleRule role, BlockKindRule rule)
    {
        bool low = role.Role is Role.Main && rule.Aim is Aim.Strength && schools.StrengthReps is StrengthReps.Low;
        RepRange asked = low ? PrescriptionRules.Shipped.LowStrengthReps : role.Reps;
        return asked.Overlap(exercise.Reps) ?? exercise.Reps;
    }

    private Session SessionOf(SplitDay day, IReadOnlyList<Track> tracks, WeekShape shape, BlockKindRule rule)
    {
        List<PrescribedItem> items = [];
        HashSet<Pattern> warm = [];
        foreach (Track track in tracks)
        {
            Exercise exercise = track.Lift.Exercise;
            OneRepMax? max = maxes.Find(exercise.Id);
            WeekTarget target = shape.Kind is WeekKind.Deload && track.LastLoadWeek is { } last
                ? DeloadOf(last, track)
                : TargetOf(track, shape, rule, max);
            WarmUpNeed need = warm.Add(exercise.Pattern) ? WarmUpNeed.ColdPattern : WarmUpNeed.WarmPattern;
            PrescribedItem item = _prescriber.Prescribe(exercise, track.Role, track.Range, target, max, need,
                track.Lift.IsTarget ? ItemReason.TargetLift : ItemReason.UsualLift);
            item = _prescriber.WithPlates(item, exercise);
            if (shape.Kind is not WeekKind.Deload) track.LastLoadWeek = item;
            items.Add(item);
        }
        return new Session(day.Day.Day, day.FirstDate.AddDays(7 * (shape.Number - 1)), SessionTime.Minutes(items, catalogue), day.Day.Minutes, items);
    }

    private WeekTarget TargetOf(Track track, WeekShape shape, BlockKindRule rule, OneRepMax? max)
    {
        (int reps, Rpe rpe) = new WeekProgression(schools.Progression, rule).Of(shape, track.Role, track.Range, track.Exposure);
        double cap = rule.MostFraction < 1 ? rule.MostFraction + rule.FractionStep * (shape.Number - 1) : 1;
        cap = Math.Min(cap, track.Lift.Limits.MostFraction);
        // A cap is lighter than any calibration would be.
        bool calibrates = max?.Source is MaxSource.Ratio && shape.Number == 1 && track.Exposure == 0 && cap >= 1;
        int sets = Math.Max(1, (int)Math.Round(track.Role.WorkSets * rule.SetsFactor, MidpointRounding.AwayFromZero));
        return new WeekTarget(sets, reps, rpe, cap, track.MostRpe,
            calibrates ? TargetKind.Calibration : TargetKind.Straight);
    }

    /// <summary>Half the sets at a load 10 % below the last load week's, RPE at most 6.</summary>
    private static WeekTarget DeloadOf(PrescribedItem last, Track track)
    {
        DeloadRule rule = BlockRules.Shipped.File.Deload;
        double? aim = last.Sets[^1].Percent is { } percent ? percent.Fraction * rule.LoadFactor : null;
        Rpe most = Rpe.Min(Rpe.Of(rule.MostRpe), track.MostRpe);
        return new WeekTarget(Math.Max(1, (int)Math.Ceiling(last.Sets.Count * rule.SetsFactor)), last.Sets[^1].Reps, most, track.Lift.Limits.MostFraction, most, TargetKind.Straight, aim);
    }
}
