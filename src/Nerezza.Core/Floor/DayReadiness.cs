using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Loads;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening.Safety;

namespace Nerezza.Core.Floor;

/// <summary>What changes in a session by how the client comes in: sleep, soreness, pain now, minutes there are. It proposes; coach or
/// client accepts (docs/handbook/13-floor.md).</summary>
public static class DayReadiness
{
    /// <summary>Where pain of 3 to 5 now rules an exercise out. What makes it worse is not asked on the floor: at the low back both
    /// bending and arching count.</summary>
    public static IReadOnlyList<PainRegion> RuledOutBy(Exercise exercise) =>
        [
            .. Enum.GetValues<PainRegion>()
                .Where(region => exercise.Conflicts.Intersect(PainKind.ConflictsOf(Now(region, score: null))).Any()),
        ];

    /// <summary>Where pain now covers an exercise.</summary>
    public static IReadOnlyList<PainRegion> CoveredBy(Exercise exercise) =>
        [.. Enum.GetValues<PainRegion>().Where(region => PainKind.Covers(Now(region, score: null), exercise))];

    /// <summary>Every exercise as it is done today, in order.</summary>
    /// <param name="session">Each exercise, and after it what can stand in for it, best first.</param>
    public static IReadOnlyList<PartToday> Of(IReadOnlyList<IReadOnlyList<ReadyPart>> session, Readiness asked)
    {
        List<PartToday> parts = [.. session.Select(ways => Of(ways, asked))];
        if (asked.Minutes is not { } minutes)
            return parts;
        IReadOnlyList<int> gone = TimeShort.FallsAway([.. parts.Select((part, i) => Left(part, session[i]))], minutes);
        return
        [
            .. parts.Select(
                (part, i) => gone.Contains(i) ? part with { IsOut = true, Reasons = [.. part.Reasons, new ReadyReason.NoTime()] } : part
            ),
        ];
    }

    private static PartLeft Left(PartToday part, IReadOnlyList<ReadyPart> ways)
    {
        ReadyPart done = ways[(part.Instead ?? -1) + 1];
        return new PartLeft(done.Role, done.Answers, part.IsOut ? 0 : done.Seconds * part.Sets.Count / done.Sets.Count);
    }

    private static PartToday Of(IReadOnlyList<ReadyPart> ways, Readiness asked)
    {
        if (Stops(ways[0], asked) is not { } pain)
            return Eased(ways[0], asked);
        var reason = new ReadyReason.Pain(pain.Region, pain.Score);
        int instead = Level(pain) is PainLevel.Change ? InPlace([.. ways.Skip(1)], asked) : -1;
        if (instead < 0)
            return new PartToday
            {
                IsOut = true,
                Sets = ways[0].Sets,
                Reasons = [reason],
            };
        PartToday other = Eased(ways[instead + 1], asked);
        return other with { Instead = instead, Reasons = [reason, .. other.Reasons] };
    }

    /// <summary>What stands in, counted from 0: the first that no pain concerns, else the first that may be done more lightly; -1 where
    /// there is none.</summary>
    private static int InPlace(List<ReadyPart> others, Readiness asked)
    {
        int free = others.FindIndex(other => Stops(other, asked) is null && Covering(other, asked) is null);
        return free >= 0 ? free : others.FindIndex(other => Stops(other, asked) is null);
    }

    /// <summary>The pain with which an exercise goes on more lightly, the worst first; null where there is none.</summary>
    private static PainNow? Covering(ReadyPart part, Readiness asked) =>
        asked.Pain.Where(pain => Level(pain) is PainLevel.Change && part.CoveredBy.Contains(pain.Region)).MaxBy(pain => pain.Score);

    /// <summary>The pain with which an exercise is not done as it is, the worst first; null where there is none.</summary>
    private static PainNow? Stops(ReadyPart part, Readiness asked) =>
        asked
            .Pain.Where(pain =>
                Level(pain) switch
                {
                    PainLevel.Stop => part.RuledOutBy.Contains(pain.Region) || part.CoveredBy.Contains(pain.Region),
                    PainLevel.Change => part.RuledOutBy.Contains(pain.Region),
                    PainLevel.Watch => false,
                }
            )
            .MaxBy(pain => pain.Score);

    private static PartToday Eased(ReadyPart part, Readiness asked)
    {
        FloorRules rules = FloorRules.Shipped;
        List<ReadyReason> reasons = [];
        IReadOnlyList<ReadySet> sets = part.Sets;
        void Take(IReadOnlyList<ReadySet> eased, ReadyReason why)
        {
            if (eased.SequenceEqual(sets))
                return;
            reasons.Add(why);
            sets = eased;
        }
        PainCapRule cap = SafetyRules.Shipped.Caps.Pain;
        if (Covering(part, asked) is { } pain)
            Take(AtMost(sets, cap.Rpe, cap.Fraction, part.Lifting), new ReadyReason.Pain(pain.Region, pain.Score));
        if (SoreMuscle(part, asked) is { } muscle)
        {
            List<ReadySet> less =
            [
                .. sets.SkipLast(LastRound(sets)).Select(set => Ease(set, set.Ahead.Rpe.Value - rules.SoreRpeLower, 1, part.Lifting)),
            ];
            double lower = less.Zip(sets, (after, before) => before.Ahead.Rpe.Value - after.Ahead.Rpe.Value).Max();
            Take(less, new ReadyReason.Sore(muscle, asked.Soreness[muscle], less.Count < sets.Count ? 1 : 0, lower));
        }
        if (asked.SleepHours < rules.ShortSleepHours)
            Take(AtMost(sets, rules.ShortSleepMostRpe, 1, part.Lifting), new ReadyReason.ShortSleep());
        return new PartToday { Sets = sets, Reasons = reasons };
    }

    private static Muscle? SoreMuscle(ReadyPart part, Readiness asked) =>
        part
            .Trains.Where(muscle => asked.Soreness.GetValueOrDefault(muscle) >= FloorRules.Shipped.SoreFrom)
            .Select(muscle => (Muscle?)muscle)
            .FirstOrDefault();

    /// <summary>How many sets the last round has, one or one of each side; none where it is the only round.</summary>
    private static int LastRound(IReadOnlyList<ReadySet> sets)
    {
        bool bothSides = sets.Count > 1 && sets[^1].Side is { } side && sets[^2].Side is { } other && side != other;
        int last = bothSides ? 2 : 1;
        return sets.Count > last ? last : 0;
    }

    private static List<ReadySet> AtMost(IReadOnlyList<ReadySet> sets, double rpe, double fraction, Lifting lifting) =>
        [.. sets.Select(set => set.Amrap || set.Ahead.Rpe.Value > rpe || fraction < 1 ? Ease(set, rpe, fraction, lifting) : set)];

    /// <summary>A set at a lower effort: less load; where the steps are too coarse for that, or where there is none, fewer repetitions.
    /// Only what is rated has an effort to lower, and nobody rates under 5; of a hold, a way or a throw pain takes off load. Nothing of it
    /// goes to as many as possible.</summary>
    private static ReadySet Ease(ReadySet set, double rpe, double fraction, Lifting lifting)
    {
        SetAhead ahead = set.Ahead;
        if (!SetKinds.IsRated(set.Kind))
            return ahead.Load is { } carried && fraction < 1
                ? set with
                {
                    Ahead = ahead with { Load = Part(carried, fraction, lifting) },
                }
                : set;
        double planned = ahead.Rpe.Value;
        Rpe effort = Rpe.Of(Math.Min(planned, Math.Max(FloorRules.Shipped.LeastRpe, rpe)));
        SetAhead softer = ahead with { Rpe = effort };
        SetAhead fewer = softer with { Reps = Math.Max(1, ahead.Reps - (int)Math.Ceiling(planned - effort.Value)) };
        if (ahead.Load is not { } load)
            return set with { Ahead = fewer, Amrap = false };
        double max = lifting.MaxOf(load, ahead.Reps + ahead.Rpe.InReserve);
        double target = Math.Min(lifting.Curve.Fraction(ahead.Reps, effort), fraction) * max - lifting.BodyKg;
        if (target >= load.Kilograms)
            return set with { Ahead = softer, Amrap = false };
        Load? near =
            lifting.Means.Nearest(target) is { } nearest && nearest.Kilograms > target * (1 + LoadRules.Shipped.Loading.OverTarget)
                ? lifting.Means.NextBelow(nearest)
                : lifting.Means.Nearest(target);
        return set with { Ahead = near < load ? softer with { Load = near } : fewer, Amrap = false };
    }

    /// <summary>What can be loaded at or under a part of a load; the lightest where all is above it.</summary>
    private static Load Part(Load whole, double fraction, Lifting lifting)
    {
        double most = whole.Kilograms * fraction;
        Load? near = lifting.Means.Nearest(most);
        Load? under = near is { } load && load.Kilograms > most + 1e-9 ? lifting.Means.NextBelow(load) : near;
        return under ?? lifting.Means.Lightest ?? whole;
    }

    private static PainLevel Level(PainNow pain) => PainScore.LevelOf(Now(pain.Region, pain.Score));

    private static PainEntry Now(PainRegion region, double? score) =>
        new()
        {
            Region = region,
            WorseOn = region is PainRegion.LowBack ? [PainTrigger.Bending, PainTrigger.Arching] : [],
            ScoreDuring = score,
        };
}
