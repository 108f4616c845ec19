using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Catalogue;

/// <summary>One exercise of the catalogue (docs/handbook/08-catalogue.md). Data, not code.</summary>
public sealed record Exercise
{
    /// <summary>The kebab-case id of the open formats.</summary>
    public required string Id { get; init; }

    /// <summary>The name that coach and client read.</summary>
    public required string Name { get; init; }

    /// <summary>The movement pattern.</summary>
    public required Pattern Pattern { get; init; }

    /// <summary>Whether it is of the upper body.</summary>
    public bool IsUpper =>
        Pattern is Pattern.PressHorizontal or Pattern.PressVertical or Pattern.PullHorizontal or Pattern.PullVertical or Pattern.Arms;

    /// <summary>Whether it trains both sides at once, one, or one more than the other.</summary>
    public Sides Sides { get; init; }

    /// <summary>Sets of kit, any one of which will do; an empty set needs nothing.</summary>
    public required IReadOnlyList<IReadOnlyList<Implement>> Kit { get; init; }

    /// <summary>Where the load comes from.</summary>
    public required LoadSource Load { get; init; }

    /// <summary>How this exercise's 1RM stands to another's; null when no ratio is known.</summary>
    public StrengthRatio? Ratio { get; init; }

    /// <summary>The part of body mass that is lifted with the external load, 0 to 1 (docs/handbook/10-loads.md).</summary>
    public double BodyFraction { get; init; }

    /// <summary>Start value of the lifter's own rep curve, k (docs/handbook/10-loads.md).</summary>
    public double Curve { get; init; } = 1;

    /// <summary>Repetitions for which the exercise is useful.</summary>
    public RepRange Reps { get; init; } = new(5, 15);

    /// <summary>Time to set it up once, in seconds.</summary>
    public int SetUpSeconds { get; init; } = 45;

    /// <summary>Its own tempo where it is part of the exercise; null takes the role's.</summary>
    public Tempo? Tempo { get; init; }

    /// <summary>Whether the bar starts at the height of 45 cm plates.</summary>
    public bool FromFloor { get; init; }

    /// <summary>Load along the spine, 0 to 3.</summary>
    public int Axial { get; init; }

    /// <summary>Muscles that it trains with their share of a set: 1 prime mover, 0.5, 0.25.</summary>
    public IReadOnlyDictionary<Muscle, double> Muscles
    {
        get;
        init => (field, PrimeMovers) = (value, MostOf(value));
    } = new Dictionary<Muscle, double>();

    /// <summary>The muscles with a whole share, else those with a half; follows <see cref="Muscles"/>.</summary>
    public IReadOnlyList<Muscle> PrimeMovers { get; private init; } = [];

    /// <summary>The length at which the target muscle is loaded.</summary>
    public MuscleLength Length { get; init; } = MuscleLength.Mid;

    /// <summary>Where in the range it is hardest.</summary>
    public HardestAt Hardest { get; init; } = HardestAt.Even;

    /// <summary>Positions that it trains.</summary>
    public IReadOnlyList<Position> Positions { get; init; } = [];

    /// <summary>How much it tires the whole lifter, 0 to 3.</summary>
    public int Systemic { get; init; }

    /// <summary>How sore it leaves the muscle, 0 to 3.</summary>
    public int Soreness { get; init; }

    /// <summary>The lift it carries over to; null when it stands for itself.</summary>
    public string? CarriesTo { get; init; }

    /// <summary>The exercise that this id is another name for; null for most. Selection takes the other.</summary>
    public string? VariantOf { get; init; }

    /// <summary>What to take care of; null where nothing beyond the watch is due.</summary>
    public string? Caution { get; init; }

    /// <summary>Seconds of one hold, shortest and longest; null for work by repetitions.</summary>
    public RepRange? HoldSeconds { get; init; }

    /// <summary>How it is set up: stance, bar, pins, bench, seat; null where nothing is to be set.</summary>
    public string? Stance { get; init; }

    /// <summary>How to get out of a repetition that fails; null where nothing can be dropped or caught under.</summary>
    public string? Escape { get; init; }

    /// <summary>The shipped exercise whose findings a coach's own one answers too; null for none.</summary>
    public string? AnswersLike { get; init; }

    /// <summary>Whether it came with the application, or is the coach's own, in use or put away.</summary>
    public Origin Origin { get; init; }

    /// <summary>Skill that it asks for, 1 to 4.</summary>
    public int Skill { get; init; } = 1;

    /// <summary>What it must not be done with (docs/handbook/07-pain-and-health.md).</summary>
    public IReadOnlyList<Conflict> Conflicts { get; init; } = [];

    /// <summary>Cues, two or three.</summary>
    public IReadOnlyList<string> Cues { get; init; } = [];

    /// <summary>The one fault to watch for; null when none stands out.</summary>
    public string? Watch { get; init; }

    private static IReadOnlyList<Muscle> MostOf(IReadOnlyDictionary<Muscle, double> muscles)
    {
        double most = muscles.Values.Where(share => share is >= 0.5).DefaultIfEmpty(2).Max();
        return [.. muscles.Where(row => row.Value >= most).Select(row => row.Key)];
    }

    /// <summary>Whether another trains the same pattern with muscles that work hard in both: what ends the set of one has half a share or
    /// more in the other.</summary>
    public bool CanStandInFor(Exercise other) =>
        other.Pattern == Pattern
        && (other.PrimeMovers.Any(muscle => ShareOf(muscle) >= 0.5) || PrimeMovers.Any(muscle => other.ShareOf(muscle) >= 0.5));

    /// <summary>The share of a set that a muscle gets, 0 when it has none.</summary>
    public double ShareOf(Muscle muscle) => Muscles.GetValueOrDefault(muscle);

    /// <summary>Whether any one of its sets of kit is at hand.</summary>
    public bool CanBeDoneWith(Equipment equipment) => Kit.Any(equipment.Has);

    /// <summary>The kit that is missing from the set that lacks least; empty when it can be done.</summary>
    public IReadOnlyList<Implement> MissingFrom(Equipment equipment) =>
        Kit.Select(set => set.Where(item => !equipment.Items.Contains(item)).ToList()).MinBy(missing => missing.Count) ?? [];
}

/// <summary>Where an exercise comes from.</summary>
public enum Origin
{
    /// <summary>It ships with the application.</summary>
    Shipped,

    /// <summary>The coach wrote it.</summary>
    Own,

    /// <summary>The coach wrote it and put it away: known to old plans and logs, chosen no more.</summary>
    PutAway,
}

/// <summary>The part of another exercise's 1RM that this one's is.</summary>
/// <param name="Of">The parent exercise's id.</param>
/// <param name="Value">This 1RM / the parent's.</param>
/// <param name="SpreadPercent">How far clients differ from it, plus or minus.</param>
public sealed record StrengthRatio(string Of, double Value, double SpreadPercent);
