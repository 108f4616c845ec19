using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Selection;

/// <summary>Writes the choice of accessories as a problem in whole numbers (docs/handbook/09-composition.md,
/// docs/handbook/12-weeks-and-blocks.md).</summary>
internal sealed class AccessoryProblem
{
    private const int Quarter = 4;
    private static readonly SelectionRules Rules = SelectionRules.Shipped;
    private readonly SelectionInput _input;
    private readonly IReadOnlyList<SplitDay> _week;
    private readonly IReadOnlyList<ScoredExercise> _candidates;
    private readonly IReadOnlyList<Chosen> _mains;
    private readonly IReadOnlyList<Finding> _open;
    private readonly WeeklySets _sets;
    private readonly IReadOnlyDictionary<Muscle, double>? _now;
    private readonly Dictionary<Muscle, int[]> _quarters = [];

    /// <param name="mains">Every standing of a main lift in the week, one entry each time, and of the drills before them.</param>
    /// <param name="open">Findings that mains and drills leave unanswered.</param>
    public AccessoryProblem(
        SelectionInput input,
        IReadOnlyList<ScoredExercise> candidates,
        IReadOnlyList<Chosen> mains,
        IReadOnlyList<Finding> open
    )
    {
        (_input, _week, _candidates, _mains, _open) = (input, input.Week, candidates, mains, open);
        _now = WeeklyNow.Of(
            input.Prepared.Case.Log,
            input.Prepared.Catalogue,
            input.Prepared.Case.Block.Start,
            input.Prepared.Case.Schools.SetCounting
        );
        _sets = new WeeklySets(input.Prepared.Client, input.Kind, WeeklySets.Upper(_week), _now ?? new Dictionary<Muscle, double>());
    }

    public ChoiceProblem Build() =>
        new()
        {
            Candidates =
            [
                .. _candidates.Select(candidate => new ChoiceCandidate(
                    candidate.Exercise.Id,
                    (int)Math.Round(candidate.Score * 1000),
                    SessionsMost(candidate.Exercise)
                )),
            ],
            Caps = [.. new[] { Minutes(), [Items(), Axial()], MusclesHigh() }.SelectMany(caps => caps).Select(WithRoomForPicks)],
            Wants = [.. MusclesLow(), .. Emphasised(), .. Patterns(), .. Picked()],
            Families = [.. Families()],
            Answers = [.. AnswersWorth()],
            SessionCost = Rules.Set.Session,
            RepeatCost = Rules.Set.Repeat,
        };

    /// <summary>What the coach picked is not kept out by a limit: the checks say what it passes.</summary>
    private ChoiceCap WithRoomForPicks(ChoiceCap cap)
    {
        int picked = _candidates
            .Select(
                (candidate, i) =>
                    _input.Prepared.Case.Picks.Contains(new Pick(candidate.Exercise.Id, PickKind.Accessory)) ? cap.PerSession[i] : 0
            )
            .Sum();
        return cap with { Limit = Math.Max(cap.Limit, picked) };
    }

    private int[] PerSession(Func<ScoredExercise, double> of) => [.. _candidates.Select(candidate => (int)Math.Round(of(candidate)))];

    private bool WantsAbduction => _input.Prepared.Client.Emphasis.Contains(Muscle.GluteusMaximus);

    private DayFocus RegionOf(Exercise exercise) => Region.Of(exercise, _input.Prepared.Case.Schools.Quads);

    private bool IsSpread(Exercise exercise) => Region.IsSpread(exercise, _input.Prepared.Case.Schools.Quads);

    private int DaysFor(Exercise exercise) => _week.Count(day => Region.Suits(exercise, day.Focus, _input.Prepared.Case.Schools.Quads));

    private int SessionsMost(Exercise exercise)
    {
        if (IsSpread(exercise))
            return Math.Clamp(DaysFor(exercise), 1, Rules.Set.SpreadSessions[^1]);
        bool wanted =
            exercise.PrimeMovers.Any(_input.Prepared.Client.Emphasis.Contains) || (WantsAbduction && exercise.Pattern is Pattern.Abduction);
        return Math.Clamp(DaysFor(exercise), 1, wanted ? Rules.Set.SessionsMostEmphasised : Rules.Set.SessionsMost);
    }

    private IEnumerable<ChoiceCap> Minutes()
    {
        foreach (DayFocus focus in _week.Select(day => day.Focus).Distinct().Order())
        {
            List<SplitDay> days = [.. _week.Where(day => day.Focus == focus)];
            double taken = focus is DayFocus.Upper ? 0 : _mains.Sum(main => _input.Cost.Minutes(main.Exercise, main.Role));
            double left = days.Sum(day => day.Minutes - _input.Cost.GeneralMinutes) * Rules.Fill - taken;
            bool alone = _week.All(day => day.Focus == focus);
            yield return new ChoiceCap(
                CapKind.Minutes,
                null,
                10,
                PerSession(c =>
                    alone || RegionOf(c.Exercise) == focus || (RegionOf(c.Exercise) is DayFocus.Full && focus is DayFocus.Upper)
                        ? _input.Cost.Minutes(c.Exercise, c.Role) * 10
                        : 0
                ),
                Math.Max(0, (int)(left * 10))
            );
        }
    }

    private ChoiceCap Items() =>
        new(CapKind.Items, null, 1, PerSession(_ => 1), Math.Max(0, _week.Count * Rules.Set.ItemsASession - _mains.Count(IsLift)));

    private static bool IsLift(Chosen chosen) => chosen.Role is Role.Main or Role.Second;

    private ChoiceCap Axial()
    {
        int week =
            WeeklySets.AxialBudget(_input.Prepared.Client, _input.Prepared.Case.Block.Start).Week
            - _mains.Sum(main => main.Exercise.Axial * _input.Cost.Sets(main.Role));
        return new ChoiceCap(CapKind.Axial, null, 1, PerSession(c => c.Exercise.Axial * _input.Cost.Sets(c.Role)), Math.Max(0, week));
    }

    /// <summary>Hard sets of main lifts, which stand before any accessory. Drills are not counted against it: what they teach is not
    /// volume.</summary>
    private double Base(Muscle muscle) =>
        _mains
            .Where(IsLift)
            .Sum(main => _input.Cost.Sets(main.Role) * WeeklySets.Count(main.Exercise, muscle, _input.Prepared.Case.Schools.SetCounting));

    private int[] QuartersOf(Muscle muscle)
    {
        if (!_quarters.TryGetValue(muscle, out int[]? quarters))
            _quarters[muscle] = quarters = PerSession(c =>
                c.Role is Role.Carry
                    ? 0
                    : Quarter * _input.Cost.Sets(c.Role) * WeeklySets.Count(c.Exercise, muscle, _input.Prepared.Case.Schools.SetCounting)
            );
        return quarters;
    }

    private double HighOf(Muscle muscle)
    {
        SetLimits limits = _sets.Of(muscle);
        // An emphasised muscle, one that an open finding asks for, and quads that are spread over the week may have their whole room.
        bool spread = muscle is Muscle.Vasti && _input.Prepared.Case.Schools.Quads is QuadSchool.Spread;
        if (
            spread
            || limits.Low <= 0
            || _input.Prepared.Client.Emphasis.Contains(muscle)
            || _open.Any(finding => finding.Asks.Muscles.Contains(muscle))
        )
            return limits.StartMost;
        // Start from what the client does now; without a log from the low end.
        double from = _now is { } now ? now[muscle] : limits.Usual;
        return Math.Min(limits.StartMost, Math.Max(limits.Low, Rules.StartMore.MostFrom(from)));
    }

    private IEnumerable<ChoiceCap> MusclesHigh() =>
        Enum.GetValues<Muscle>()
            .Select(muscle => new ChoiceCap(
                CapKind.Sets,
                muscle,
                Quarter,
                QuartersOf(muscle),
                Math.Max(0, (int)Math.Floor((HighOf(muscle) - Base(muscle)) * Quarter + 1e-9))
            ))
            .Where(cap => cap.PerSession.Any(each => each > 0));

    private IEnumerable<ChoiceWant> MusclesLow() =>
        Enum.GetValues<Muscle>()
            .Where(muscle => _sets.Of(muscle).Low > Base(muscle))
            .Select(muscle => new ChoiceWant(
                $"{Codes.Of(muscle)} low",
                new Lack.Sets(muscle),
                QuartersOf(muscle),
                (int)Math.Ceiling((_sets.Of(muscle).Low - Base(muscle)) * Quarter - 1e-9),
                Rules.Set.ShortSet / Quarter
            ));

    private IEnumerable<ChoiceWant> Emphasised() =>
        _input
            .Prepared.Client.Emphasis.Distinct()
            .Select(muscle => new ChoiceWant(
                $"{Codes.Of(muscle)} emphasis",
                null,
                QuartersOf(muscle),
                Math.Max(0, (int)Math.Floor((HighOf(muscle) - Base(muscle)) * Quarter + 1e-9)),
                Rules.Set.WantedSets / Quarter
            ))
            .Where(want => want.Needed > 0);

    private IEnumerable<ChoiceWant> Patterns()
    {
        int full = _week.Count(day => day.Focus is DayFocus.Full),
            upper = _week.Count(day => day.Focus is DayFocus.Upper),
            legs = _week.Count - upper;
        int each = full + 2 * upper,
            cost = Rules.Set.MissingPattern;
        if (each > 0)
        {
            yield return Needed("push", each, cost, Region.IsPush);
            yield return Needed("pull", each, cost, Region.IsPull);
            // Where both cannot have all their sessions, one of each goes before two of one.
            yield return Sessions("some push", 1, cost / 2, Region.IsPush);
            yield return Sessions("some pull", 1, cost / 2, Region.IsPull);
            yield return new ChoiceWant(
                "push with pull",
                null,
                PerSession(c => (Region.IsPull(c.Exercise) ? 1 : 0) - (Region.IsPush(c.Exercise) ? 1 : 0)),
                0,
                Rules.Set.PushOverPull
            );
        }
        if (each > 1)
            foreach (
                Pattern pattern in new[] { Pattern.PressHorizontal, Pattern.PressVertical, Pattern.PullHorizontal, Pattern.PullVertical }
            )
                yield return Sessions(Codes.Of(pattern), 1, cost / 2, exercise => exercise.Pattern == pattern);
        yield return Sessions(
            "trunk",
            Math.Min(Rules.Set.TrunkSessions, _week.Count),
            Rules.Set.TrunkCost,
            exercise => exercise.Pattern is Pattern.Trunk
        );
        if (_input.Prepared.Case.Schools.Quads is QuadSchool.Spread)
            yield return Sessions(
                "quads spread",
                Math.Max(
                    0,
                    Math.Min(Rules.Set.SpreadSessions[0], _week.Count)
                        - _mains.Count(main => main.Exercise.PrimeMovers.Contains(Muscle.Vasti))
                ),
                cost,
                IsSpread
            );
        if (WantsAbduction)
            yield return Needed("abduction", legs, cost, exercise => exercise.Pattern is Pattern.Abduction);
        if (_input.Prepared.Client.Emphasis.Any(muscle => muscle is Muscle.Vasti or Muscle.RectusFemoris))
            yield return Needed("knee extension", legs, cost, exercise => exercise.Pattern is Pattern.KneeExtension);
    }

    private IEnumerable<ChoiceWant> Picked() =>
        _input
            .Prepared.Case.Picks.Where(pick => pick.Kind is PickKind.Accessory)
            .Select(pick => Sessions($"picked {pick.Exercise}", 1, Rules.Set.Picked, exercise => exercise.Id == pick.Exercise));

    /// <summary>A session that the week is short of without it.</summary>
    private ChoiceWant Needed(string name, int needed, int cost, Func<Exercise, bool> counts) =>
        Sessions(name, needed, cost, counts) with
        {
            Of = new Lack.Session(name),
        };

    private ChoiceWant Sessions(string name, int needed, int cost, Func<Exercise, bool> counts) =>
        new(name, null, PerSession(c => counts(c.Exercise) ? 1 : 0), needed, cost);

    private IEnumerable<ChoiceFamily> Families() =>
        _candidates
            .Select((candidate, i) => (Key: FamilyOf(candidate.Exercise), Index: i))
            .GroupBy(row => row.Key)
            .Where(family => family.Count() > Rules.Set.FamilyMost)
            .Select(family => new ChoiceFamily(family.Key, [.. family.Select(row => row.Index)], Rules.Set.FamilyMost));

    /// <summary>Same pattern and same main implement.</summary>
    public static string FamilyOf(Exercise exercise) => $"{Codes.Of(exercise.Pattern)} {Codes.Of(exercise.Load)}";

    private IEnumerable<ChoiceAnswer> AnswersWorth() =>
        _open
            .Select(finding => new ChoiceAnswer(
                finding.Code,
                [.. _candidates.Select((c, i) => (c, i)).Where(row => row.c.Answers.Contains(finding)).Select(row => row.i)],
                Rules.Set.AnswersASeverity[finding.Severity]
            ))
            .Where(answer => answer.Members.Count > 0);
}
