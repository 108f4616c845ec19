using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Selection;

/// <summary>Low and high limit of a muscle's hard sets in a week.</summary>
/// <param name="Low">0 where the muscle has no low limit.</param>
/// <param name="StartMost">What a block may ask now: under the high limit of an emphasised muscle until four weeks have been done at
/// it.</param>
/// <param name="Usual">The low end of growth for the level: where a client without a log is taken to stand, whatever the block asks
/// for.</param>
public sealed record SetLimits(double Low, double High, double StartMost, double Usual);

/// <summary>How many hard sets a week each muscle should have (docs/handbook/12-weeks-and-blocks.md).</summary>
public sealed class WeeklySets
{
    private static readonly VolumeFile Rules = EmbeddedData.Read("volume", SelectionJson.Default.VolumeFile);
    private readonly Dictionary<Muscle, SetLimits> _limits = [];

    /// <summary>The limits of a client for a block.</summary>
    /// <param name="trainsUpper">Whether there are upper or full-body days.</param>
    public WeeklySets(Client client, BlockKind kind, TrainsUpper trainsUpper, IReadOnlyDictionary<Muscle, double> nowAWeek)
    {
        IReadOnlyList<int> span = Grows(client, kind) ? Rules.Grow[Codes.Of(client.Level)] : Rules.Keep;
        double diet = client.Diet is Diet.Deficit ? Rules.Deficit : 1;
        HashSet<string> low = [.. Rules.AlwaysLow, .. trainsUpper is TrainsUpper.Yes ? Rules.UpperLow : []];
        foreach (Muscle muscle in Enum.GetValues<Muscle>())
        {
            bool wanted = client.Emphasis.Contains(muscle);
            int grown = Rules.Grow[Codes.Of(client.Level)][1];
            double high = wanted && client.Level is not Level.Novice ? Rules.EmphasisMost : grown,
                least = wanted && Grows(client, kind) ? Math.Min(grown, high) : span[0];
            double most =
                wanted && nowAWeek.GetValueOrDefault(muscle) < Rules.EmphasisWithoutLog
                    ? Math.Min(high, Math.Max(grown, Rules.EmphasisWithoutLog))
                    : high;
            _limits[muscle] = new SetLimits(
                wanted || low.Contains(Codes.Of(muscle)) ? least * diet : 0,
                high * diet,
                most * diet,
                Rules.Grow[Codes.Of(client.Level)][0] * diet
            );
        }
    }

    /// <summary>Whether a week has upper or full-body days.</summary>
    public static TrainsUpper Upper(IReadOnlyList<SplitDay> week) =>
        week.Any(day => day.Focus is not DayFocus.Lower) ? TrainsUpper.Yes : TrainsUpper.No;

    /// <summary>The limits of one muscle.</summary>
    public SetLimits Of(Muscle muscle) => _limits[muscle];

    /// <summary>Whether a muscle has a low limit on some week.</summary>
    public static bool HasLow(Muscle muscle) => Rules.AlwaysLow.Contains(Codes.Of(muscle)) || Rules.UpperLow.Contains(Codes.Of(muscle));

    /// <summary>A set from this effort on is a hard one.</summary>
    public static int HardFromRpe => Rules.HardFromRpe;

    /// <summary>Hard sets for one muscle in one session at most.</summary>
    public static int SessionMost => Rules.SessionMost;

    /// <summary>What one set of an exercise counts for a muscle by a school of counting.</summary>
    public static double Count(Exercise exercise, Muscle muscle, SetCounting school) =>
        school is SetCounting.Fractional ? exercise.ShareOf(muscle)
        : exercise.ShareOf(muscle) >= 1 ? 1
        : 0;

    /// <summary>Axial load times hard sets in a week at most, and in a session.</summary>
    public static (int Week, int Session) AxialBudget(Client client, DateOnly start)
    {
        AxialRule rule = Rules.Axial;
        int week = client.Level switch
        {
            Level.Novice => rule.Novice,
            Level.Intermediate => rule.Intermediate,
            Level.Advanced => rule.Advanced,
        };
        double age = client.AgeIn(start) > rule.OverAge ? rule.Over50 : 1;
        return ((int)Math.Floor(week * age + 1e-9), (int)Math.Floor(rule.Session * age + 1e-9));
    }

    private static bool Grows(Client client, BlockKind kind) =>
        kind is BlockKind.Muscle or BlockKind.Strength && client.Goal is not Goal.Return;
}

/// <summary>Whether the week has upper or full-body days.</summary>
public enum TrainsUpper
{
    /// <summary>Lower body alone.</summary>
    No,

    /// <summary>At least one.</summary>
    Yes,
}
