using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;

namespace Nerezza.Core.Blocks;

/// <summary>Kinds of week.</summary>
public enum WeekKind
{
    /// <summary>A week of work.</summary>
    Load,

    /// <summary>A lighter week.</summary>
    Deload,

    /// <summary>A week of tests.</summary>
    Test,

    /// <summary>A week that leads up to an event inside the block.</summary>
    Peak,

    /// <summary>The week of an event.</summary>
    Event,
}

/// <summary>One week's place in its wave: after each deload a new wave starts.</summary>
/// <param name="Number">From 1.</param>
/// <param name="Index">Place among the load weeks of its wave, from 0; a deload week has the last load week's.</param>
/// <param name="Loads">Load weeks of the wave.</param>
public sealed record WeekShape(int Number, WeekKind Kind, int Index, int Loads)
{
    /// <summary>How far through the wave's load weeks: 0 at the first, 1 at the last; a lone week stands in the middle.</summary>
    public double Through => Loads <= 1 ? 0.5 : (double)Index / (Loads - 1);

    /// <summary>Lays out the weeks with their deloads (docs/handbook/12-weeks-and-blocks.md).</summary>
    /// <remarks>A wave's last week is a deload; linear and undulating blocks hold one from five weeks on, for intermediate
    /// and above; clients over 50 or in a deficit have one by week 4. Peaking, return, deload and test blocks keep their own course. Long
    /// blocks are cut into waves of even length, the longer first.</remarks>
    public static IReadOnlyList<WeekShape> LayOut(BlockRequest request, BlockKind kind, Client client, Progression progression)
    {
        DeloadRule rule = BlockRules.Shipped.File.Deload;
        bool care = client.AgeIn(request.Start) >= rule.CareFromAge || client.Diet is Diet.Deficit;
        int longest = care ? rule.EveryWeeksWithCare : rule.EveryWeeks;
        if (Phases.MayHold(kind) && EventDays.FirstIn(request, client) is { } on)
            return Phases.Round(on, request, kind, client, longest);
        WeekKind all = kind switch
        {
            BlockKind.Test => WeekKind.Test,
            BlockKind.Deload => WeekKind.Deload,
            BlockKind.Auto or BlockKind.Foundation or BlockKind.Muscle or BlockKind.Strength or BlockKind.Peak or BlockKind.Return =>
                WeekKind.Load,
        };
        bool staysAsItIs = kind is BlockKind.Deload or BlockKind.Test or BlockKind.Peak or BlockKind.Return || request.Weeks == 1;
        bool deloads =
            !staysAsItIs
            && (
                EndsInDeload(progression)
                || (care && request.Weeks >= longest)
                || (client.Level is not Level.Novice && request.Weeks >= rule.NeededFromWeeks)
            );
        return deloads ? Waves(request.Weeks, longest) : Alike(request.Weeks, all);
    }

    private static bool EndsInDeload(Progression progression) =>
        progression switch
        {
            Progression.Wave => true,
            Progression.Linear or Progression.Undulating => false,
        };

    /// <summary>Weeks of one kind.</summary>
    public static IReadOnlyList<WeekShape> Alike(int count, WeekKind kind) =>
        [.. Enumerable.Range(1, count).Select(n => new WeekShape(n, kind, n - 1, count))];

    /// <summary>Waves of even length, the longer first, each ending in a deload; a lone week is one of load.</summary>
    public static IReadOnlyList<WeekShape> Waves(int count, int longest)
    {
        if (count <= 1)
            return Alike(count, WeekKind.Load);
        int waves = (count + longest - 1) / longest;
        List<WeekShape> weeks = [];
        for (int wave = 0; wave < waves; wave++)
        {
            int length = count / waves + (wave < count % waves ? 1 : 0),
                loads = Math.Max(1, length - 1);
            for (int i = 0; i < length; i++)
                weeks.Add(new WeekShape(weeks.Count + 1, i < loads ? WeekKind.Load : WeekKind.Deload, Math.Min(i, loads - 1), loads));
        }
        return weeks;
    }
}

/// <summary>What a week asks of a lift by the school of progression (docs/handbook/12-weeks-and-blocks.md).</summary>
/// <param name="Effort">Of the first and the last load week.</param>
public sealed record WeekProgression(Progression School, EffortSpan Effort)
{
    /// <summary>Repetitions and effort of a main or second lift in a load week.</summary>
    /// <param name="exposure">Which time in the week the lift comes in this role, from 0; undulating weeks go heavy, medium, light.</param>
    public (int Reps, Rpe Rpe) Of(WeekShape week, RoleRule role, RepRange range, int exposure)
    {
        Rpe low = Rpe.Min(Effort.First, role.LowestRpe),
            high = Rpe.Min(Effort.Last, role.HighestRpe);
        return School switch
        {
            Progression.Wave => (range.Middle, EffortSpan.Rising(week, low, high)),
            Progression.Linear => Falling(week, range, high),
            Progression.Undulating => Undulating(week, range, exposure, high),
        };
    }

    /// <summary>Whether a main lift that comes again in the same week asks for other repetitions; undulating weeks take turns
    /// already.</summary>
    public bool MovesRepetitions =>
        School switch
        {
            Progression.Wave or Progression.Linear => true,
            Progression.Undulating => false,
        };

    private static (int Reps, Rpe Rpe) Falling(WeekShape week, RepRange range, Rpe high)
    {
        int reps = (int)Math.Round(range.Top - week.Through * (range.Top - range.Bottom), MidpointRounding.AwayFromZero);
        return (range.Hold(reps), Rpe.Min(Rpe.Of(BlockRules.Shipped.File.LinearRpe), high));
    }

    private static (int Reps, Rpe Rpe) Undulating(WeekShape week, RepRange range, int exposure, Rpe high)
    {
        UndulatingRule rule = BlockRules.Shipped.File.Undulating;
        (int reps, double rpe) = (exposure % 3) switch
        {
            0 => (range.Bottom, rule.HeavyRpe),
            1 => (range.Middle, rule.MediumRpe),
            _ => (range.Top, rule.LightRpe),
        };
        return (reps, Rpe.Min(Rpe.NearestHalf(rpe + week.Index * rule.StepAWeek), high));
    }
}

/// <summary>Effort of a block's load weeks: m weeks rise from the first to the last, by at most 1 a week
/// (docs/handbook/12-weeks-and-blocks.md#rpe-of-load-weeks).</summary>
public sealed record EffortSpan(Rpe First, Rpe Last)
{
    /// <summary>The span of a client's block: 7 to 9; novices from 6, over 50 or in a deficit from 6.5; none of these above 8, straight
    /// sets
    /// half a point under the cap so that the last one meets it.</summary>
    public static EffortSpan Of(Client client, BlockKindRule kind, DateOnly start)
    {
        if (kind.Kind is not (BlockKind.Strength or BlockKind.Muscle))
            return new EffortSpan(kind.FirstRpe, kind.LastRpe);
        EffortRule rule = BlockRules.Shipped.File.Effort;
        bool care = client.AgeIn(start) >= BlockRules.Shipped.File.Deload.CareFromAge || client.Diet is Diet.Deficit,
            novice = client.Level is Level.Novice,
            general = client.Goal is Goal.General;
        double first =
            novice || general ? rule.Novice
            : care ? rule.Care
            : kind.FirstRpe.Value;
        double last = novice || care || general ? rule.Cap - rule.UnderCap : kind.LastRpe.Value;
        return new EffortSpan(Rpe.Of(first), Rpe.NearestHalf(last));
    }

    /// <summary>The effort of a load week between two ends, rising by at most 1 a week.</summary>
    public static Rpe Rising(WeekShape week, Rpe low, Rpe high) =>
        week.Loads <= 1
            ? low
            : Rpe.Min(high, Rpe.NearestHalf(low.Value + week.Index * Math.Min(1, (high.Value - low.Value) / (week.Loads - 1))));
}
