using Nerezza.Core.Measures;

namespace Nerezza.Core.Selection;

/// <summary>The slots of a week as data (docs/handbook/09-composition.md), from Data/slots.yaml.</summary>
internal sealed record SlotRules
{
    private readonly Lazy<Dictionary<string, string>> _groups;

    public SlotRules() =>
        _groups = new(() =>
            Groups!.SelectMany(group => group.Value.Select(id => (id, group.Key))).ToDictionary(row => row.id, row => row.Key)
        );

    /// <summary>Minutes that decide a day's list.</summary>
    public required SlotMinutes Minutes { get; init; }

    /// <summary>Sets of a main lift.</summary>
    public required MainSetsRule MainSets { get; init; }

    /// <summary>Sets of the other slots.</summary>
    public required SlotSetsRule Sets { get; init; }

    /// <summary>Exercises that compete for a slot.</summary>
    public required int Options { get; init; }

    /// <summary>What a filled slot is worth, thousandths of score.</summary>
    public required SlotWorth Worth { get; init; }

    /// <summary>What limits of the week cost where they are passed.</summary>
    public required SlotVolume Volume { get; init; }

    /// <summary>Grades of answers.</summary>
    public required GradeRule Grades { get; init; }

    /// <summary>Weights of the parts of a score by slot.</summary>
    public required IReadOnlyDictionary<string, IReadOnlyList<double>> Weights { get; init; }

    /// <summary>Points of weight that a school of accessories moves.</summary>
    public required double SchoolShift { get; init; }

    /// <summary>What the first usual choice has over the last, thousandths of score.</summary>
    public required int DefaultsWorth { get; init; }

    /// <summary>Good repetitions from which a chin-up stands for a pulldown.</summary>
    public required int PullUpsFrom { get; init; }

    /// <summary>Iron under this part of the body that is lifted along is no load: the form without it stands.</summary>
    public required double LeastIronOfBody { get; init; }

    /// <summary>Repetitions that a lift without a max must allow at its lightest.</summary>
    public required int FewestAtStart { get; init; }

    /// <summary>A press of the body stands while the body that it carries is at most so many times the max of its
    /// lift.</summary>
    public required double BodyOverLift { get; init; }

    /// <summary>Presses of the body that a higher edge makes as light as is wanted.</summary>
    public required IReadOnlyList<string> HigherIsLighter { get; init; }

    /// <summary>Degrees of arm elevation under which arms are short of overhead.</summary>
    public required double ShortArmsDeg { get; init; }

    /// <summary>Branches of a ladder that take turns week by week.</summary>
    public required IReadOnlyList<IReadOnlyList<string>> Turns { get; init; }

    /// <summary>Load on the spine of a day from which rows are chest-supported.</summary>
    public required int SpineAxial { get; init; }

    /// <summary>Days of quad work by the school that spreads it.</summary>
    public required int SpreadDays { get; init; }

    /// <summary>Days that keep clear of hard sport.</summary>
    public required InSeasonRule InSeason { get; init; }

    /// <summary>What may stand in a kind of slot.</summary>
    public required IReadOnlyDictionary<string, IReadOnlyList<string>> Kinds { get; init; }

    /// <summary>What counts as one-leg work besides split squats and lunges.</summary>
    public required IReadOnlyList<string> OneLegOthers { get; init; }

    /// <summary>Forms of one movement.</summary>
    public required IReadOnlyDictionary<string, IReadOnlyList<string>> Groups { get; init; }

    public static SlotRules Shipped { get; } = EmbeddedData.Read("slots", SelectionJson.Default.SlotRules);

    /// <summary>The movement that an exercise is a form of; itself where it stands alone.</summary>
    public string GroupOf(string exercise) => _groups.Value.GetValueOrDefault(exercise, exercise);
}

/// <summary>Under short a main lift and one more; under middle three; from whole on everything. Fill is the part of the minutes that is
/// given out.</summary>
internal sealed record SlotMinutes(int Short, int Middle, int Whole, double Fill);

internal sealed record MainSetsRule(int Trial, int Least, int Usual, int Strength);

internal sealed record SlotSetsRule(int Severe, int Slight, int Several, int Single, int More);

/// <summary>What each slot is worth when it is filled, and again for its second time in the week.</summary>
internal sealed record SlotWorth
{
    /// <summary>A weak point, by severity.</summary>
    public required IReadOnlyList<int> WeakPoint { get; init; }

    /// <summary>A slight finding's where every day is short.</summary>
    public required int WeakPointOfShortDay { get; init; }

    /// <summary>A weak point's second session, by severity.</summary>
    public required IReadOnlyList<int> WeakPointAgain { get; init; }

    /// <summary>One-leg work.</summary>
    public required int OneLeg { get; init; }

    /// <summary>Its second session.</summary>
    public required int OneLegAgain { get; init; }

    /// <summary>A day's push, and its pull.</summary>
    public required int PushPull { get; init; }

    /// <summary>A kind that an emphasis wants on its day.</summary>
    public required int Emphasis { get; init; }

    /// <summary>What trains an emphasised muscle that no lift of the half is made of, once a day.</summary>
    public required int EmphasisOfMuscle { get; init; }

    /// <summary>Abduction.</summary>
    public required int Abduction { get; init; }

    /// <summary>Adductors of field athletes.</summary>
    public required int Adductors { get; init; }

    /// <summary>Knee flexion.</summary>
    public required int KneeFlexion { get; init; }

    /// <summary>Its second session.</summary>
    public required int KneeFlexionAgain { get; init; }

    /// <summary>Trunk work.</summary>
    public required int Trunk { get; init; }

    /// <summary>A second lift.</summary>
    public required int Second { get; init; }

    /// <summary>The same where a day has few exercises.</summary>
    public required int SecondOfShortDay { get; init; }

    /// <summary>Further push and pull.</summary>
    public required int Further { get; init; }

    /// <summary>Calves.</summary>
    public required int Calf { get; init; }

    /// <summary>Trunk work again.</summary>
    public required int TrunkAgain { get; init; }

    /// <summary>Arms, shoulders, a carry.</summary>
    public required int Support { get; init; }

    /// <summary>Hamstrings at full length for field athletes.</summary>
    public required int Nordic { get; init; }

    /// <summary>Jumps of field athletes.</summary>
    public required int Jump { get; init; }
}

/// <summary>Costs in thousandths of score: of a quarter of a hard set over or under a limit, of a direction that is missing, of a third of
/// one family, of an exercise that comes again.</summary>
internal sealed record SlotVolume(int OverQuarter, int UnderQuarter, int EmphasisQuarter, int Directions, int Family, int Repeat);

/// <summary>How well an exercise answers a fault; what each later place among the first answers costs; the grade from which it
/// counts.</summary>
internal sealed record GradeRule(double First, double Further, double Touch, double EachPlace, double CountsFrom);

/// <summary>Days clear of the match, and what the days about it may take.</summary>
/// <param name="Besides">Sets of second, push and pull on leg days, before what is left over.</param>
internal sealed record InSeasonRule(
    int ClearDays,
    int JumpSets,
    double JumpsFromRpe,
    int Besides,
    SeasonDay Free,
    SeasonDay BeforeMatch,
    SeasonDay TwoBeforeMatch,
    SeasonDay BeforeHard,
    SeasonDay AfterMatch
);

/// <summary>Most effort and soreness of leg work on a day.</summary>
/// <param name="Sets">Of an exercise; null where sport leaves them all.</param>
internal sealed record SeasonDay(double Rpe, int Soreness, int? Sets = null);
