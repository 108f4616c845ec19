using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Checks;

/// <summary>Checks how the week lies: lunges, other training, rest of strength work, deloads (handbook 11 and 12).</summary>
public static class WeekChecks
{
    /// <summary>Every remark, in the order of the weeks.</summary>
    public static IReadOnlyList<Check> Run(Block block, Client client, ExerciseCatalogue catalogue) =>
    [
        .. Deload(block, client),
        .. block.Weeks.SelectMany(week => week.Sessions.SelectMany(session => Rests(week, session, catalogue))),
        .. Lunges(block, catalogue),
        .. block.Weeks.SelectMany(week => week.Sessions.SelectMany(session => Sport(week, session, client, catalogue))),
    ];

    /// <summary>A block of five weeks and more holds a deload for intermediate and above; in a deficit or over fifty one by week four.</summary>
    private static IEnumerable<Check> Deload(Block block, Client client)
    {
        DeloadRule rule = BlockRules.Shipped.File.Deload;
        if (block.Kind is BlockKind.Deload or BlockKind.Test or BlockKind.Peak or BlockKind.Return || block.Weeks.Any(week => week.Kind is WeekKind.Deload)) yield break;
        bool care = (client.AgeIn(block.Start) >= rule.CareFromAge || client.Diet is Diet.Deficit) && block.Weeks.Count >= rule.EveryWeeksWithCare;
        if (care || (client.Level is not Level.Novice && block.Weeks.Count >= rule.NeededFromWeeks))
            yield return new Check(CheckCode.DeloadMissing, CheckSeverity.Warn, Value: block.Weeks.Count);
    }

    /// <summary>Strength work rests two minutes and more, and stands in no superset.</summary>
    private static IEnumerable<Check> Rests(Week week, Session session, ExerciseCatalogue catalogue)
    {
        int least = PrescriptionRules.LeastStrengthRest;
        foreach (PrescribedItem item in session.Items.Where(item => StrengthWork.Is(item, catalogue)))
            if (item.Sets.Where(set => set.Side is null || set.Side != item.Sets[0].Side).Any(set => set.Rest.Seconds < least))
                yield return new Check(CheckCode.StrengthRest, CheckSeverity.Warn, week.Number, session.Day, item.Exercise, item.Sets.Min(set => set.Rest.Seconds), least);
    }

    /// <summary>Lunges that leave the legs sore do not stand on consecutive lower days.</summary>
    private static IEnumerable<Check> Lunges(Block block, ExerciseCatalogue catalogue)
    {
        List<(Week Week, Session Session, string Exercise)> sore = [.. block.Weeks.SelectMany(week => week.Sessions.SelectMany(session => session.Items
            .Where(item => catalogue[item.Exercise] is { Pattern: Pattern.Lunge } exercise && exercise.Soreness >= CheckRules.Shipped.HighSoreness)
            .Select(item => (week, session, item.Exercise))))];
        foreach (((_, Session first, _), (Week week, Session second, string exercise)) in sore.Zip(sore.Skip(1)))
            if (second.Date.DayNumber - first.Date.DayNumber == 1)
                yield return new Check(CheckCode.LungeSpacing, CheckSeverity.Warn, week.Number, second.Day, exercise);
    }

    /// <summary>No heavy squat or hinge on the day of hard sport or the day after it.</summary>
    private static IEnumerable<Check> Sport(Week week, Session session, Client client, ExerciseCatalogue catalogue)
    {
        double heavy = BlockRules.Shipped.File.HeavyHinge.Percent;
        bool isHeavy = session.Items.Any(item => item.Role is Role.Main && catalogue[item.Exercise].Pattern is Pattern.Squat or Pattern.Hinge && item.Sets.Any(set => set.Percent?.Value >= heavy));
        if (!isHeavy) yield break;
        foreach (OtherTraining other in client.OtherTraining.Where(other => other.Hard))
            if (((int)session.Day - (int)other.Day + 7) % 7 is 0 or 1)
            {
                yield return new Check(CheckCode.SportClash, CheckSeverity.Warn, week.Number, session.Day);
                yield break;
            }
    }
}

/// <summary>What counts as strength work (handbook 11): never in a superset, never with a short rest.</summary>
public static class StrengthWork
{
    /// <summary>Role main and any thrust at 75 % and up, and any set of five repetitions or fewer in roles main, second and accessory.</summary>
    public static bool Is(PrescribedItem item, ExerciseCatalogue catalogue)
    {
        StrengthWorkRule rule = PrescriptionRules.Shipped.File.StrengthWork;
        bool heavy = (item.Role is Role.Main || catalogue[item.Exercise].Pattern is Pattern.Thrust) && item.Sets.Any(set => set.Percent?.Value >= rule.Percent);
        return heavy || (item.Role is Role.Main or Role.Second or Role.Accessory && item.Sets.Any(set => set.Reps <= rule.Reps && set.Metres is null));
    }
}
