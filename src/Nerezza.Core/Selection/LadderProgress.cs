using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Selection;

/// <summary>Which rungs are open to a client, from the case, their sets and their level (docs/handbook/08-catalogue.md).</summary>
public sealed class LadderProgress
{
    private readonly Dictionary<LadderId, int> _open = [];
    private readonly HashSet<string> _free;

    /// <summary>Reads the client's rungs.</summary>
    public LadderProgress(
        Client client,
        SideSchool sides,
        ExerciseCatalogue catalogue,
        IReadOnlyList<LadderRung> stated,
        IReadOnlyList<StrengthEntry> strength,
        IReadOnlyList<LogDay> log
    )
    {
        HashSet<string> done =
        [
            .. strength.Select(entry => entry.Exercise),
            .. log.SelectMany(day => day.Lifts).Select(lift => lift.Exercise),
        ];
        if (client.Level is not Level.Novice)
            done.UnionWith(client.TargetLifts);
        _free = done;
        foreach (Ladder ladder in Ladder.All)
        {
            bool shortcut = ladder.Id is LadderId.HipThrust && sides is SideSchool.BarbellFirst;
            int said = stated.FirstOrDefault(rung => rung.Ladder == Codes.Of(ladder.Id))?.Rung ?? 0;
            int held = ladder.Rungs.Select((rung, i) => rung.Exercises.Any(done.Contains) ? i + 1 : 0).Max();
            int open = Math.Max(Math.Max(said, held), ByLevel(ladder, client.Level));
            while (open < ladder.Rungs.Count && IsPassed(ladder.Rungs[open - 1], client, catalogue, log))
                open = shortcut && open == 1 ? ladder.Rungs.Count : open + 1;
            _open[ladder.Id] = Math.Min(open, ladder.Rungs.Count);
        }
    }

    /// <summary>The highest open rung of a ladder, from 1.</summary>
    public int OpenOn(LadderId ladder) => _open[ladder];

    /// <summary>The locked rung that keeps an exercise away: its ladder, its rung and the highest open one; null when it is open or on no
    /// ladder.</summary>
    /// <remarks>An exercise on two ladders is open when either opens it.</remarks>
    public LockedRung? LockOn(string exercise)
    {
        if (_free.Contains(exercise))
            return null;
        List<LockedRung> locks = [];
        foreach ((Ladder ladder, int rung) in Ladder.PlacesOf(exercise))
        {
            if (rung <= _open[ladder.Id])
                return null;
            locks.Add(new LockedRung(exercise, ladder.Id, rung, _open[ladder.Id]));
        }
        return locks.MinBy(locked => locked.Rung - locked.Open);
    }

    /// <summary>Novice: the first rung; intermediate: all but the last; advanced: all. Rungs with a gate of their own stay shut.</summary>
    private static int ByLevel(Ladder ladder, Level level)
    {
        int byLevel = level switch
        {
            Level.Novice => 1,
            Level.Intermediate => Math.Max(1, ladder.Rungs.Count - 1),
            Level.Advanced => ladder.Rungs.Count,
        };
        int gated = ladder.Rungs.TakeWhile(rung => !rung.OpensByGateAlone).Count();
        return Math.Min(byLevel, gated);
    }

    private static bool IsPassed(Rung rung, Client client, ExerciseCatalogue catalogue, IReadOnlyList<LogDay> log) =>
        rung.Exercises.Any(id => log.Count(day => Passes(day, rung.Gate, catalogue[id], client.MassKg)) >= rung.Gate.Days);

    /// <summary>Whether what was done of an exercise on a day passes a gate. A side counts for itself: every side that was trained
    /// makes its sets.</summary>
    public static bool Passes(LogDay day, RungGate gate, Exercise exercise, double massKg)
    {
        int reps = gate.Reps ?? exercise.Reps.Top;
        bool Counts(LogSet set) =>
            Math.Min(set.Reps ?? 0, set.TechniqueHeldTo ?? int.MaxValue) >= reps
            && (gate.Rpe is not { } most || set.Rpe is { } rpe && rpe.Value <= most)
            && (gate.MassPercent is not { } part || set.Load?.Kilograms >= massKg * part / 100);
        return day.Lifts.Where(lift => lift.Exercise == exercise.Id).ToList() is { Count: > 0 } sides
            && sides.TrueForAll(side => side.Sets.Count(Counts) >= gate.Sets);
    }
}

/// <summary>A rung that is not open.</summary>
/// <param name="Rung">Where the exercise stands, from 1.</param>
/// <param name="Open">The highest open rung.</param>
public sealed record LockedRung(string Exercise, LadderId Ladder, int Rung, int Open);
