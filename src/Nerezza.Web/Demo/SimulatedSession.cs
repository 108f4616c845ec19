using Nerezza.Core;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Floor;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;

namespace Nerezza.Web.Demo;

/// <summary>A set of a simulated lifter.</summary>
/// <param name="Asked">As it was prescribed.</param>
/// <param name="Place">Among the sets of its exercise, from 0.</param>
/// <param name="Before">Sets of the same exercise and side before it.</param>
/// <param name="Ahead">What the floor proposed.</param>
/// <param name="TrueMax">Without the day's noise, kilograms.</param>
/// <param name="ToFailure">Repetitions that were in it; not whole.</param>
/// <param name="Rated">As the lifter rates; null for an AMRAP.</param>
/// <param name="Said">Repetitions that they said were left when the asked ones of an AMRAP were done; null where nothing was said.</param>
internal sealed record SimulatedSet(
    PrescribedSet Asked,
    int Place,
    int Before,
    SetAhead Ahead,
    double TrueMax,
    double ToFailure,
    int Reps,
    Rpe? Rated,
    double? Said
)
{
    /// <summary>Whether repetitions were missed.</summary>
    public bool IsMissed => Reps < Ahead.Reps;
}

/// <summary>A simulated lifter at work: does what is prescribed, and takes what the floor proposes.</summary>
/// <param name="start">The day from which the true maxes grow.</param>
internal sealed class SimulatedSession(SimulatedLifter lifter, Equipment equipment, double massKg, DateOnly start)
{
    // The lowest rating that the floor asks for.
    private const int LeastKey = 5;
    private const int Together = 2;
    private readonly Loader _loader = new(equipment);

    /// <summary>The sets of an exercise that have a load; until the floor ends it.</summary>
    public IEnumerable<SimulatedSet> Do(PrescribedItem item, Plan plan, DateOnly date)
    {
        Exercise exercise = ExerciseCatalogue.Shipped[item.Exercise];
        LoadMeans means = _loader.MeansOn(item.Sets[0].Bar, exercise);
        var lifting = Lifting.Of(plan, item, exercise, massKg, means, ExerciseCatalogue.Shipped);
        List<(SetDone Done, Side? Side)> today = [];
        for (int place = 0; place < item.Sets.Count; place++)
        {
            PrescribedSet set = item.Sets[place];
            if (SetKinds.Of(set, item.Role, exercise) is not SetKind.Lift || set.Load is null)
                continue;
            List<SetDone> same = [.. today.Where(row => row.Side == set.Side).Select(row => row.Done)];
            if (Proposed(same, set, lifting) is not { } ahead)
                yield break;
            SimulatedSet done = Lift(exercise, set, place, same.Count, ahead, plan, date);
            today.Add((Done(done), set.Side));
            yield return done;
        }
    }

    /// <summary>What the floor asks next; null where the exercise ends.</summary>
    private static SetAhead? Proposed(List<SetDone> done, PrescribedSet set, Lifting lifting)
    {
        var planned = new SetAhead(set.Load, set.Reps, set.Rpe);
        if (done.Count == 0)
            return planned;
        return NextSet.After(done, planned, Together, lifting) switch
        {
            NextSet.Adjusted adjusted => adjusted.Ahead,
            NextSet.EndExercise => null,
            _ => planned,
        };
    }

    private SimulatedSet Lift(Exercise exercise, PrescribedSet set, int place, int before, SetAhead ahead, Plan plan, DateOnly date)
    {
        double kilograms = ahead.Load!.Value.Kilograms + exercise.BodyFraction * massKg;
        double truth = lifter.True(exercise, date.DayNumber - start.DayNumber, Believed(exercise, plan, set));
        double toFailure = lifter.ToFailure(exercise, date, kilograms, truth, before);
        int most = Math.Max(0, (int)Math.Floor(toFailure + 1e-9));
        int reps = set.Amrap ? most : Math.Min(ahead.Reps, most);
        double left = Math.Max(0, toFailure - reps);
        Rpe? rated =
            set.Amrap ? null
            : reps < ahead.Reps ? Rpe.Ten
            : Rpe.NearestHalf(Math.Clamp(10 - lifter.Says(left), LeastKey, 10));
        double? said = set.Amrap && reps >= set.Reps ? Math.Round(lifter.Says(toFailure - set.Reps)) : null;
        return new SimulatedSet(set, place, before, ahead, truth, toFailure, reps, rated, said);
    }

    private double Believed(Exercise exercise, Plan plan, PrescribedSet set) =>
        plan.Maxes.FirstOrDefault(max => max.Exercise == exercise.Id && max.Side == set.Side)?.Kilograms
        ?? plan.Maxes.FirstOrDefault(max => max.Exercise == exercise.Id)?.Kilograms
        ?? (set.Load!.Value.Kilograms + exercise.BodyFraction * massKg) / RepCurve.Standard.Fraction(set.Reps, set.Rpe);

    private static SetDone Done(SimulatedSet set) =>
        new()
        {
            Load = set.Ahead.Load,
            Reps = set.Reps,
            Rpe = set.Rated,
            TechniqueHeldTo = null,
            Pain = null,
            Planned = set.Ahead,
        };
}
