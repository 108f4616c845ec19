using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Selection;

/// <summary>Where a training day lies to hard sport.</summary>
public enum SportNear
{
    /// <summary>The match is on the day itself.</summary>
    OnMatch,

    /// <summary>The match is on the next day.</summary>
    BeforeMatch,

    /// <summary>The match is in two days.</summary>
    TwoBeforeMatch,

    /// <summary>Another hard day follows.</summary>
    BeforeHard,

    /// <summary>The match was on the day before.</summary>
    AfterMatch,
}

/// <summary>What sport leaves of a day's leg work.</summary>
/// <param name="Near">What bounds it most.</param>
/// <param name="Sport">The day of that sport.</param>
/// <param name="MostSets">Of an exercise; null where sport leaves them all.</param>
public sealed record SportBound(SportNear Near, Weekday Sport, Rpe MostRpe, int? MostSets);

/// <summary>What hard sport leaves of the days about it (docs/handbook/09-composition.md#in-season): the match is the day
/// marked so, else the latest hard day of sport in the week.</summary>
public sealed class Season
{
    private static readonly InSeasonRule Rule = SlotRules.Shipped.InSeason;
    private readonly Weekday? _match;
    private readonly Dictionary<Weekday, Day> _days;

    /// <summary>The season of a client.</summary>
    public Season(Client client)
    {
        _match = MatchOf(client);
        List<Weekday> hard = [.. client.OtherTraining.Where(other => other.Hard).Select(other => other.Day).Distinct().Order()];
        _days = Enum.GetValues<Weekday>().ToDictionary(day => day, day => DayOf(day, hard));
    }

    /// <summary>Whether a match or a hard day of sport stands in the week.</summary>
    public bool IsOn => _match is not null;

    /// <summary>The most effort that leg work of a day may take; none where sport leaves all.</summary>
    public Rpe MostRpe(Weekday day) => Rpe.Of(_days[day].Strictest.Rpe);

    /// <summary>Whether a day is fresh enough for the jumps of a season.</summary>
    public bool LeavesJumps(Weekday day) => IsOn && MostRpe(day).Value >= Rule.JumpsFromRpe;

    /// <summary>The most work sets of an exercise of the legs on a day; null where sport leaves all.</summary>
    public int? MostSets(Weekday day) => _days[day].Strictest.Sets;

    /// <summary>A lift as sport leaves it on a day: leg work with fewer sets and less effort. Drills teach: their sets stay, and so do the
    /// few of jumps.</summary>
    public Chosen Capped(Chosen lift, Weekday day)
    {
        if (lift.Exercise.IsUpper || !IsOn)
            return lift;
        SportBound? bound = _days[day].Bound;
        return lift with
        {
            Limits = lift.Limits with { MostRpe = Rpe.Min(lift.Limits.MostRpe, bound?.MostRpe ?? Rpe.Ten) },
            MostSets =
                IsHard(lift.Exercise, lift.Role) ? bound?.MostSets
                : lift.Purpose is Purpose.Palette ? Rule.JumpSets
                : null,
            Sport = bound,
        };
    }

    /// <summary>A slot with the sets that sport leaves of what competes for it; on leg days second, push and pull begin with few, so that
    /// jumps, Nordic and adductor work come before them.</summary>
    internal Slot Capped(Slot slot, SplitDay day) =>
        IsOn
            ? slot with
            {
                Options = [.. slot.Options.Select(option => option with { Sets = Math.Min(option.Sets, MostOf(slot, option, day)) })],
            }
            : slot;

    /// <summary>Whether an exercise leaves the legs as fresh as the days to come want them.</summary>
    public bool Allows(Exercise exercise, Weekday day) => exercise.IsUpper || exercise.Soreness <= _days[day].Strictest.Soreness;

    /// <summary>Whether a day lies far enough before the match for what leaves hamstrings and adductors sorest.</summary>
    public bool IsClear(Weekday day) => _match is { } match && Weekdays.From(day, match) >= Rule.ClearDays;

    /// <summary>The day of the match; null out of season.</summary>
    public static Weekday? MatchOf(Client client) =>
        client
            .OtherTraining.Where(other => other.IsMatch || other is { Kind: OtherTrainingKind.Sport, Hard: true })
            .OrderByDescending(other => other.IsMatch)
            .ThenByDescending(other => other.Day)
            .FirstOrDefault()
            ?.Day;

    private int MostOf(Slot slot, SlotOption option, SplitDay day)
    {
        int besides = day.Focus is not DayFocus.Upper && slot.Purpose is Purpose.Second or Purpose.PushPull ? Rule.Besides : int.MaxValue;
        bool capped = !option.Exercise.IsUpper && IsHard(option.Exercise, option.Role);
        return Math.Min(besides, (capped ? MostSets(day.Weekday) : null) ?? int.MaxValue);
    }

    private static bool IsHard(Exercise exercise, Role role) =>
        role is not (Role.Priming or Role.Skill) && exercise.Pattern is not Pattern.Throw;

    private Day DayOf(Weekday day, List<Weekday> hard)
    {
        if (_match is not { } match)
            return new Day(Rule.Free, null);
        List<(SportNear Near, Weekday Sport, SeasonDay Rule)> near = [];
        // Before the match on its own day is no better than on its eve (assumption).
        if (day == match)
            near.Add((SportNear.OnMatch, match, Rule.BeforeMatch));
        if (Weekdays.From(day, match) is 1)
            near.Add((SportNear.BeforeMatch, match, Rule.BeforeMatch));
        if (Weekdays.From(day, match) is 2)
            near.Add((SportNear.TwoBeforeMatch, match, Rule.TwoBeforeMatch));
        near.AddRange(
            hard.Where(other => other != match && Weekdays.From(day, other) is 1)
                .Select(other => (SportNear.BeforeHard, other, Rule.BeforeHard))
        );
        if (Weekdays.From(match, day) is 1)
            near.Add((SportNear.AfterMatch, match, Rule.AfterMatch));
        if (near.Count == 0)
            return new Day(Rule.Free, null);
        var strictest = new SeasonDay(near.Min(one => one.Rule.Rpe), near.Min(one => one.Rule.Soreness), near.Min(one => one.Rule.Sets));
        (SportNear most, Weekday sport, _) = near.MinBy(one => one.Rule.Rpe);
        return new Day(strictest, new SportBound(most, sport, Rpe.Of(strictest.Rpe), strictest.Sets));
    }

    private sealed record Day(SeasonDay Strictest, SportBound? Bound);
}
