namespace Nerezza.Core.Selection;

/// <summary>Says in which part one exercise falls behind another most, and in which it is ahead.</summary>
internal static class ScoreComparison
{
    /// <summary>Parts that differ by less say nothing.</summary>
    private const double Says = 0.05;

    /// <summary>An alternative to what was chosen.</summary>
    public static Alternative Of(string exercise, double score, ScoreParts chosen, ScoreParts other)
    {
        List<(ScorePart Part, double Ahead)> parts =
        [
            .. chosen.All.Zip(other.All, (one, two) => (one.Part, Ahead: Math.Round(two.Value - one.Value, 6))),
        ];
        (ScorePart worst, double behind) = parts.MinBy(row => row.Ahead);
        (ScorePart best, double ahead) = parts.MaxBy(row => row.Ahead);
        return new Alternative(exercise, score, behind <= -Says ? worst : null, ahead >= Says ? best : null);
    }
}
