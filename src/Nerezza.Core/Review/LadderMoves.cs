using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Review;

/// <summary>Another rung for an exercise that stands in the running block.</summary>
public abstract record LadderMove(LadderId Ladder, string Exercise, string To)
{
    /// <summary>The gate is passed: the next rung.</summary>
    /// <param name="PassedOn">The day that passed it.</param>
    public sealed record Up(LadderId Ladder, string Exercise, string To, RungGate Gate, DateOnly PassedOn)
        : LadderMove(Ladder, Exercise, To);

    /// <summary>Missed so many times in a row: the rung below.</summary>
    /// <param name="Days">On which repetitions were missing.</param>
    public sealed record Down(LadderId Ladder, string Exercise, string To, IReadOnlyList<DateOnly> Days) : LadderMove(Ladder, Exercise, To);
}

/// <summary>Proposes rungs by what was done of the running block (docs/handbook/14-review.md).</summary>
internal sealed class LadderMoves(ReviewInput input, ExerciseCatalogue catalogue)
{
    private readonly HashSet<string> _standing =
    [
        .. (input.Running?.Sessions ?? []).SelectMany(session => session.Items).Select(item => item.Exercise),
    ];

    /// <summary>In the order of the exercises' ids.</summary>
    public IReadOnlyList<LadderMove> All()
    {
        if (input.Running is not { } block)
            return [];
        return
        [
            .. block
                .Sessions.SelectMany(session => session.Items)
                .Where(item => item.Role is not (Role.Priming or Role.Skill or Role.Capacity))
                .Select(item => item.Exercise)
                .Distinct()
                .Order(StringComparer.Ordinal)
                .Select(id => Of(id, block))
                .OfType<LadderMove>(),
        ];
    }

    private LadderMove? Of(string id, StoodBlock block)
    {
        foreach ((Ladder ladder, int rung) in Ladder.PlacesOf(id))
        {
            List<LogDay> days = [.. input.Case.Log.Where(day => day.Date >= block.Start && day.Sets.Any(set => set.Exercise == id))];
            if (rung < ladder.Rungs.Count && Opened(ladder, rung, id, days) is { } up)
                return up;
            if (rung > 1 && Missed(id, block, days) is { Count: > 0 } missed && FreeOn(ladder.Rungs[rung - 2]) is { } below)
                return new LadderMove.Down(ladder.Id, id, below, missed);
        }
        return null;
    }

    private LadderMove.Up? Opened(Ladder ladder, int rung, string id, List<LogDay> days)
    {
        RungGate gate = ladder.Rungs[rung - 1].Gate;
        List<LogDay> passed = [.. days.Where(day => LadderProgress.Passes(day, gate, catalogue[id], input.Case.Client.MassKg))];
        return passed.Count >= gate.Days && FreeOn(ladder.Rungs[rung]) is { } next
            ? new LadderMove.Up(ladder.Id, id, next, gate, passed[gate.Days - 1].Date)
            : null;
    }

    /// <summary>What of a rung can be done with the kit and does not stand yet; null where it is all there or nothing of it can be
    /// done.</summary>
    private string? FreeOn(Rung rung) =>
        rung.Exercises.Any(_standing.Contains)
            ? null
            : rung.Exercises.FirstOrDefault(id => catalogue.Find(id) is { } one && one.CanBeDoneWith(input.Case.Equipment));

    /// <summary>The last days in a row on which repetitions were missing; empty where fewer than that proposes a rung.</summary>
    private static IReadOnlyList<DateOnly> Missed(string id, StoodBlock block, List<LogDay> days)
    {
        List<DateOnly> missed =
        [
            .. days.AsEnumerable().Reverse().TakeWhile(day => IsMissed(id, block, day)).Select(day => day.Date).Order(),
        ];
        return missed.Count >= ReviewRules.Shipped.MissedGates ? missed : [];
    }

    private static bool IsMissed(string id, StoodBlock block, LogDay day) =>
        block
            .Sessions.FirstOrDefault(session => session.Date == day.Date)
            ?.Items.FirstOrDefault(item => item.Exercise == id)
            ?.Sets.Zip(day.Sets.Where(set => set.Exercise == id))
            .Any(pair => pair.Second.Reps < pair.First.Reps)
            is true;
}
