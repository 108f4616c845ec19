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

    private readonly Weekday? _match = MatchOf(client);

    /// <summary>Whether a match or a hard day of sport stands in the week.</summary>
    public bool IsOn => _match is not null;

    /// <summary>The most effort that leg work of a day may take; none where sport leaves all.</summary>
    public Rpe MostRpe(Weekday day) => Rpe.Of(Strictest(day).Rpe);

    /// <summary>Whether an exercise leaves the legs as fresh as the days to come want them.</summary>
    public bool Allows(Exercise exercise, Weekday day) => exercise.IsUpper || exercise.Soreness <= Strictest(day).Soreness;

    /// <summary>Whether a day lies far enough before the match for what leaves hamstrings and adductors sorest.</summary>
    public bool IsClear(Weekday day) => _match is { } match && Weekdays.From(day, match) >= Rule.ClearDays;

    private static Weekday? MatchOf(Client client) =>
        client
            .OtherTraining.Where(other => other.IsMatch || other is { Kind: OtherTrainingKind.Sport, Hard: true })
            .OrderByDescending(other => other.IsMatch)
            .ThenByDescending(other => other.Day)
            .FirstOrDefault()
            ?.Day;

    private (double Rpe, int Soreness) Strictest(Weekday day)
    {
        if (_match is not { } match)
            return (Rule.Free.Rpe, Rule.Free.Soreness);
        List<SeasonDay> rules =
        [
            Rule.Free,
            .. Weekdays.From(day, match) is 1 ? [Rule.BeforeMatch]
            : Weekdays.From(day, match) is 2 ? [Rule.TwoBeforeMatch]
            : Array.Empty<SeasonDay>(),
            .. _hard.Any(hard => Weekdays.From(day, hard) is 1) ? [Rule.BeforeHard] : Array.Empty<SeasonDay>(),
            .. Weekdays.From(match, day) is 1 ? [Rule.AfterMatch] : Array.Empty<SeasonDay>(),
        ];
        return (rules.Min(one => one.Rpe), rules.Min(one => one.Soreness));
    }
}
