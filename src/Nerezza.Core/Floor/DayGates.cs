using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Floor;

/// <summary>How the sets of a day stand to the gate of a ladder.</summary>
/// <param name="Opens">The exercise of the rung behind it.</param>
/// <param name="Passed">Whether they pass it on this day.</param>
/// <param name="DaysLeft">Days on which it is still to be passed; 0 where the rung is open now.</param>
public sealed record GateMet(string Opens, bool Passed, int DaysLeft);

/// <summary>The gates of a client's ladders, held against what was done (docs/handbook/08-catalogue.md).</summary>
/// <param name="log">Every training day.</param>
public sealed class DayGates(Client client, ExerciseCatalogue catalogue, IReadOnlyList<LogDay> log)
{
    /// <summary>How an exercise's sets of a day stand to the gate before another; null where nothing was done of it, or where no gate
    /// stands between the two.</summary>
    public GateMet? Of(string exercise, string opens, DateOnly date)
    {
        if (GateBetween(exercise, opens) is not { } gate || !log.Any(day => day.Date == date && Did(day, exercise)))
            return null;
        List<DateOnly> passed =
        [
            .. log.Where(day => day.Date <= date && LadderProgress.Passes(day, gate, catalogue[exercise], client.MassKg))
                .Select(day => day.Date),
        ];
        return new GateMet(opens, passed.Contains(date), Math.Max(0, gate.Days - passed.Count));
    }

    private static RungGate? GateBetween(string exercise, string opens) =>
        Ladder
            .PlacesOf(opens)
            .Where(place => place.Rung > 1 && place.Ladder.Rungs[place.Rung - 2].Exercises.Contains(exercise))
            .Select(place => place.Ladder.Rungs[place.Rung - 2].Gate)
            .FirstOrDefault();

    private static bool Did(LogDay day, string exercise) => day.Lifts.Any(lift => lift.Exercise == exercise);
}
