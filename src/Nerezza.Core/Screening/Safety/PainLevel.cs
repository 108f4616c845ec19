using Nerezza.Core.Clients;

namespace Nerezza.Core.Screening.Safety;

/// <summary>What a pain score asks for (after the pain-monitoring model, Thomee 1997; ours is stricter, assumption).</summary>
public enum PainLevel
{
    /// <summary>0 to 2 with the morning at its usual level: carry on and watch.</summary>
    Watch,

    /// <summary>3 to 5, or the next morning 1 above usual: change the exercise.</summary>
    Change,

    /// <summary>Above 5, or the next morning 2 or more above usual, or down a limb: stop the exercise.</summary>
    Stop,
}

/// <summary>The pain score.</summary>
public static class PainScore
{
    /// <summary>The level of an entry. With a usual score of 3 or more the rise above usual is judged: 1 change, 2 stop.
    /// A score that is not known counts as its usual level; of a pain without any score nothing says that it is slight, and the exercise
    /// changes until it is scored (assumption).</summary>
    public static PainLevel LevelOf(PainEntry entry)
    {
        PainScoreRule rule = SafetyRules.Shipped.Pain;
        if (entry.NerveSigns)
            return PainLevel.Stop;
        if (entry is { ScoreDuring: null, ScoreNextMorning: null, UsualScore: null })
            return PainLevel.Change;
        double usual = entry.UsualScore ?? 0;
        double rise = (entry.ScoreNextMorning ?? usual) - usual;
        double during = entry.ScoreDuring ?? usual;
        bool riseAlone = usual >= rule.RiseJudgedFrom;
        if (riseAlone)
            rise = Math.Max(rise, during - usual);
        if (rise >= rule.RiseStop || (!riseAlone && during > rule.StopAbove))
            return PainLevel.Stop;
        return rise >= rule.RiseChange || (!riseAlone && during > rule.ChangeAbove) ? PainLevel.Change : PainLevel.Watch;
    }
}
