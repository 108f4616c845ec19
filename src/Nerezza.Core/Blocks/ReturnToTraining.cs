using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Blocks;

/// <summary>How training comes back after pain or a lay-off (docs/handbook/07-pain-and-health.md): one step a week while the next morning
/// is as usual, else one step back.</summary>
/// <remarks>A plan looks ahead: weeks to come are written as if the mornings will be as usual, and written again when one was
/// not.</remarks>
/// <param name="WeeksDone">Weeks of the block with a logged session.</param>
/// <param name="LastMorning">The morning after the newest session.</param>
public sealed record ReturnToTraining(int WeeksDone, Morning LastMorning)
{
    private static readonly IReadOnlyList<ReturnStepRule> Steps = BlockRules.Shipped.File.ReturnSteps;

    /// <summary>From pain as it is now and what was trained since the block's start.</summary>
    public static ReturnToTraining Of(IReadOnlyList<PainEntry> pain, IReadOnlyList<LogDay> log, DateOnly start)
    {
        int done = log.Where(day => day.Date >= start && day.Sets.Count > 0)
            .Select(day => (day.Date.DayNumber - start.DayNumber) / 7 + 1)
            .DefaultIfEmpty(0)
            .Max();
        return new ReturnToTraining(
            done,
            pain.Any(entry => entry.ScoreNextMorning > (entry.UsualScore ?? 0)) ? Morning.Worse : Morning.AsUsual
        );
    }

    /// <summary>Part of the old max that a week may reach, and the sets of a main lift.</summary>
    public (double Fraction, int Sets) In(int week)
    {
        // After a bad morning the next week goes one step back instead of one up.
        bool back = LastMorning is Morning.Worse && WeeksDone > 0 && week > WeeksDone;
        int taken = back ? Math.Max(0, WeeksDone - 2) + week - WeeksDone - 1 : week - 1;
        ReturnStepRule step = Steps[Math.Min(taken, Steps.Count - 1)];
        return (step.Load, step.Sets);
    }

    /// <summary>In a return the arms and the trunk go on as they would; the whole body comes back only from a lay-off
    /// (docs/handbook/11-prescription.md#return-row).</summary>
    public static bool Spares(BlockKind kind, LayOff away, Exercise exercise) =>
        kind is BlockKind.Return && away == LayOff.None && (exercise.IsUpper || exercise.Pattern is Pattern.Trunk);

    /// <summary>The most sets of a main lift in a block of so many weeks.</summary>
    public static int MostSets(int weeks) => Steps.Take(Math.Max(1, weeks)).Max(step => step.Sets);
}

/// <summary>How the morning after was.</summary>
public enum Morning
{
    /// <summary>At its usual level, or not known.</summary>
    AsUsual,

    /// <summary>Above it.</summary>
    Worse,
}
