using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Selection;

/// <summary>What hard sport leaves of the days about it (docs/handbook/09-composition.md#in-season): the match is the day
/// marked so, else the latest hard day of sport in the week.</summary>
public sealed class Season(Client client)
{
    private static readonly InSeasonRule Rule = SlotRules.Shipped.InSeason;
    private readonly List<Weekday> _hard =
    [
        .. client.OtherTraining.Where(other => other.Hard).Select(other => other.Day).Distinct().Order(),
    ];

    private readonly List<Weekday> _matches = MatchesOf(client);

    /// <summary>Whether a match or a hard day of sport stands in the week.</summary>
    public bool IsOn => _matches.Count > 0;

    /// <summary>The most effort that leg work of a day may take; none where sport leaves all.</summary>
    public Rpe MostRpe(Weekday day) => Rpe.Of(Strictest(day).Rpe);

    /// <summary>Whether an exercise leaves the legs as fresh as the days to come want them.</summary>
    public bool Allows(Exercise exercise, Weekday day) => exercise.IsUpper || exercise.Soreness <= Strictest(day).Soreness;

    /// <summary>Whether a day lies far enough before the match for what leaves hamstrings and adductors sorest.</summary>
    public bool IsClear(Weekday day) => IsOn && Until(day, Match) >= Rule.ClearDays;

    private Weekday Match => _matches.Max();

    private static List<Weekday> MatchesOf(Client client)
    {
        List<Weekday> marked = [.. client.OtherTraining.Where(other => other.IsMatch).Select(other => other.Day)];
        return marked.Count > 0
            ? marked
            : [.. client.OtherTraining.Where(other => other is { Kind: OtherTrainingKind.Sport, Hard: true }).Select(other => other.Day)];
    }

    private (double Rpe, int Soreness) Strictest(Weekday day)
    {
        if (!IsOn)
            return (Rule.Free.Rpe, Rule.Free.Soreness);
        List<SeasonDay> rules =
        [
            Rule.Free,
            .. Until(day, Match) is 1 ? [Rule.BeforeMatch]
            : Until(day, Match) is 2 ? [Rule.TwoBeforeMatch]
            : Array.Empty<SeasonDay>(),
            .. _hard.Any(hard => Until(day, hard) is 1) ? [Rule.BeforeHard] : Array.Empty<SeasonDay>(),
            .. Until(Match, day) is 1 ? [Rule.AfterMatch] : Array.Empty<SeasonDay>(),
        ];
        return (rules.Min(one => one.Rpe), rules.Min(one => one.Soreness));
    }

    private static int Until(Weekday from, Weekday to) => ((int)to - (int)from + 7) % 7;
}
