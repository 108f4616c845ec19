using Nerezza.Core.Blocks;
using Nerezza.Core.Clients;
using Nerezza.Core.Floor;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Wording;
using Nerezza.Formats.Plans;

namespace Nerezza.Web.Planning;

/// <summary>Why loads are others than when their block was made, in a sentence each.</summary>
/// <param name="made">The plan as it was made.</param>
/// <param name="log">What was done, oldest first; of a session only what came before it counts.</param>
public sealed class LoadChanges(PlanDocument made, IReadOnlyList<LogDay> log)
{
    private readonly Dictionary<(DateOnly, string), ItemPart> _made = (made.Block?.Weeks ?? [])
        .SelectMany(week => week.Sessions)
        .SelectMany(session => session.Items.Select(item => (Key: (session.Date, item.Exercise), Item: item)))
        .DistinctBy(row => row.Key)
        .ToDictionary(row => row.Key, row => row.Item);

    /// <summary>Empty where the load is the same, none was planned then, or the exercise is done on that day already.</summary>
    public string Of(DateOnly date, PrescribedItem item)
    {
        if (log.Any(day => day.Date == date && day.Sets.Any(set => set.Exercise == item.Exercise)))
            return "";
        Load? then = Heaviest(date, item.Exercise) is { } kg and > 0 ? Load.FromKilograms(kg) : null;
        NextTime? change = SessionSummary.ChangeOf(date, item, then, log, day => AskedOf(day, item.Exercise));
        return change is null ? "" : FloorWords.Text(change);
    }

    private double? Heaviest(DateOnly date, string exercise) => _made.GetValueOrDefault((date, exercise))?.Sets.Max(set => set.Kg);

    private IReadOnlyList<AskedSet> AskedOf(DateOnly date, string exercise) =>
        [.. (_made.GetValueOrDefault((date, exercise))?.Sets ?? []).Select(AskedOf)];

    private static AskedSet AskedOf(SetPart set) =>
        new(
            (int)(set.Reps ?? 0),
            set.Rpe is { } rpe && !set.Amrap ? Rpe.Of(rpe) : null,
            set.Kg is { } kg and > 0 ? Load.FromKilograms(kg) : null
        );
}
