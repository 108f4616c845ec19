using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Selection;

/// <summary>Low and high limit of a muscle's hard sets in a week.</summary>
/// <param name="Low">0 where the muscle has no low limit.</param>
/// <param name="StartMost">What a block may ask now: under the high limit of an emphasised muscle until four weeks have been done at
/// it.</param>
public sealed record SetLimits(double Low, double High, double StartMost);

/// <summary>How many hard sets a week each muscle should have (docs/handbook/12-weeks-and-blocks.md).</summary>
public sealed class WeeklySets
{
    private static readonly VolumeFile Rules = EmbeddedData.Read("volume", SelectionJson.Default.VolumeFile);
    private readonly Dictionary<Muscle, SetLimits> _limits = [];

    /// <summary>The limits of a client for a block.</summary>
    /// <param name="week">The days: fewer hold less, and full-body days leave less for the upper body.</param>
    public WeeklySets(Client client, BlockKind kind, IReadOnlyList<SplitDay> week, IReadOnlyDictionary<Muscle, double> nowAWeek)
    {
        double diet = client.Diet is Diet.Deficit ? Rules.Deficit : 1;
        bool trainsUpper = week.Any(day => day.Focus is not DayFocus.Lower);
        HashSet<string> low = [.. Rules.AlwaysLow, .. trainsUpper ? Rules.UpperLow : []];
        foreach (Muscle muscle in Enum.GetValues<Muscle>())
        {
            bool wanted = client.Emphasis.Contains(muscle) && Grows(client, kind);
            IReadOnlyList<int> span =
                wanted ? Emphasis(muscle, client.Level)
                : Grows(client, kind) ? Rules.Grow[Codes.Of(client.Level)]
                : [Rules.Keep[0], Rules.Grow[Codes.Of(client.Level)][1]];
            bool glutes = muscle is Muscle.GluteusMaximus && client.Level is Level.Advanced;
            double most =
                wanted && !glutes && nowAWeek.GetValueOrDefault(muscle) < Rules.EmphasisWithoutLog
                    ? Math.Min(span[1], Rules.EmphasisWithoutLog)
                    : span[1];
            bool has = client.Emphasis.Contains(muscle) || low.Contains(Codes.Of(muscle));
            _limits[muscle] = new SetLimits(has ? span[0] * diet * PartOn(week, muscle) : 0, span[1] * diet, most * diet);
        }
    }

    private static IReadOnlyList<int> Emphasis(Muscle muscle, Level level) =>
        muscle is Muscle.GluteusMaximus ? Rules.EmphasisOfGlutes[Codes.Of(level)]
        : Rules.Large.Contains(Codes.Of(muscle)) ? Rules.Emphasis[Codes.Of(level)]
        : Rules.EmphasisOfOthers;

    private static double PartOn(IReadOnlyList<SplitDay> week, Muscle muscle) =>
        week.Count == 1 ? Rules.LowByDays.One
        : week.Count == 2 ? Rules.LowByDays.Two
        : !Region.IsOfLegs(muscle) && week.All(day => day.Focus is DayFocus.Full) ? Rules.LowByDays.UpperOnFull
        : 1;

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
        kind is BlockKind.Muscle or BlockKind.Strength or BlockKind.Foundation && client.Goal is not Goal.Return;
}
