using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Selection;

/// <summary>Writes the slots of a week as a problem in whole numbers: all are settled together
/// (docs/handbook/09-composition.md#9-5-the-measure-within-a-slot, docs/handbook/12-weeks-and-blocks.md).</summary>
internal sealed partial class SlotProblem
{
    private const int Quarter = 4;
    private const int Tenths = 10;
    private static readonly SlotRules Rules = SlotRules.Shipped;
    private readonly SelectionInput _input;
    private readonly IReadOnlyList<DayFrame> _frames;
    private readonly IReadOnlyList<Finding> _trainable;
    private readonly List<(Slot Slot, SlotOption Option)> _rows;
    private readonly ILookup<string, (Slot Slot, SlotOption Option)> _byExercise;
    private readonly WeeklySets _limits;
    private readonly bool _competes;
    private readonly Season _season;
    private readonly Dictionary<string, int> _most = [];
    private readonly Dictionary<SlotOption, int> _sets = new(ReferenceEqualityComparer.Instance);
    private readonly IReadOnlyDictionary<Muscle, double>? _now;

    public SlotProblem(SelectionInput input, IReadOnlyList<DayFrame> frames, IReadOnlyList<Slot> slots, IReadOnlyList<Finding> trainable)
    {
        (_input, _frames, _trainable, _season) = (input, frames, trainable, new Season(input.Prepared.Client));
        _rows = [.. slots.SelectMany(slot => slot.Options.Where(option => MayStand(slot, option)).Select(option => (slot, option)))];
        _byExercise = _rows.ToLookup(row => row.Option.Exercise.Id);
        _competes = UpperLeads.DoesCompete(input.Prepared.Client) && frames.Any(frame => frame.Day.Focus is DayFocus.Upper);
        _now = WeeklyNow.Of(
            input.Prepared.Case.Log,
            input.Prepared.Catalogue,
            input.Prepared.Case.Block.Start,
            input.Prepared.Case.Schools.SetCounting
        );
        _limits = new WeeklySets(input.Prepared.Client, input.Kind, input.Week, _now ?? new Dictionary<Muscle, double>());
    }

    /// <summary>The rows that the problem's options stand for, in their order.</summary>
    public IReadOnlyList<(Slot Slot, SlotOption Option)> Rows => _rows;

    /// <summary>The week's sets by muscle.</summary>
    public WeeklySets Limits => _limits;

    /// <summary>The problem.</summary>
    public ChoiceProblem Build() =>
        new()
        {
            Options =
            [
                .. _rows.Select(row => new ChoiceOption(
                    $"{row.Option.Exercise.Id} {row.Slot.Kind} {row.Slot.Day}",
                    (int)Math.Round(row.Option.Score * 1000) + row.Option.Usual + row.Slot.Worth
                )),
            ],
            Caps = [.. Minutes(), .. Axial(), .. MusclesOfADay()],
            Groups = [.. Groups().Where(group => group.Members.Count > group.Most)],
            Wants = [.. Wants().Where(want => want.PerOption.Any(each => each != 0))],
        };

    /// <summary>Minutes of a day that are left after what is fixed.</summary>
    public double MinutesLeft(int day) =>
        (_frames[day].Day.Minutes - _input.Cost.GeneralMinutes) * Rules.Minutes.Fill - _frames[day].Fixed.Sum(MinutesOf);

    private double MinutesOf(Chosen chosen) => _input.Cost.Minutes(chosen.Exercise, chosen.Role, SetsOf(chosen));

    private int Sets(SlotOption option)
    {
        if (!_sets.TryGetValue(option, out int sets))
            _sets[option] = sets = _input.Cost.Left(option.Sets, option.Role, option.Exercise);
        return sets;
    }

    private int SetsOf(Chosen chosen) => _input.Cost.SetsOf(chosen);

    /// <summary>Two forms of one movement stand together only where one answers a finding, or sets are what is wanted.</summary>
    private bool MayStand(Slot slot, SlotOption option) =>
        _season.Allows(option.Exercise, _frames[slot.Day].Day.Weekday)
        && !_frames[slot.Day]
            .Fixed.Any(one =>
                one.Exercise.Id == option.Exercise.Id
                || (
                    one.Purpose is Purpose.Main
                    && Rules.GroupOf(one.Exercise.Id) == Rules.GroupOf(option.Exercise.Id)
                    && slot.Purpose is not (Purpose.WeakPoint or Purpose.Emphasis)
                )
            );

    private int[] Each(Func<Slot, SlotOption, double> of) => [.. _rows.Select(row => (int)Math.Round(of(row.Slot, row.Option)))];

    private IEnumerable<ChoiceCap> Minutes() =>
        Enumerable
            .Range(0, _frames.Count)
            .Select(day => new ChoiceCap(
                CapKind.Minutes,
                null,
                Tenths,
                Each(
                    (slot, option) =>
                        slot.Day == day ? Math.Ceiling(_input.Cost.Minutes(option.Exercise, option.Role, Sets(option)) * Tenths) : 0
                ),
                Math.Max(0, (int)(MinutesLeft(day) * Tenths))
            ));

    private IEnumerable<ChoiceCap> Axial()
    {
        (int week, int session) = WeeklySets.AxialBudget(_input.Prepared.Client, _input.Prepared.Case.Block.Start);
        int[] each = Each((_, option) => option.Exercise.Axial * Sets(option));
        int OfFixed(DayFrame frame) => frame.Fixed.Sum(one => one.Exercise.Axial * SetsOf(one));
        yield return new ChoiceCap(CapKind.Axial, null, 1, each, Math.Max(0, week - _frames.Sum(OfFixed)));
        for (int day = 0; day < _frames.Count; day++)
            yield return new ChoiceCap(
                CapKind.Axial,
                null,
                1,
                [.. each.Select((axial, i) => _rows[i].Slot.Day == day ? axial : 0)],
                Math.Max(0, session - OfFixed(_frames[day]))
            );
    }

    private double Share(Exercise exercise, Muscle muscle) => WeeklySets.Count(exercise, muscle, _input.Prepared.Case.Schools.SetCounting);

    private int[] Quarters(Muscle muscle) =>
        Each((_, option) => option.Role is Role.Carry ? 0 : Quarter * Sets(option) * Share(option.Exercise, muscle));

    /// <summary>Hard sets of what is fixed; drills teach and are no volume.</summary>
    private double Base(Muscle muscle, DayFrame frame) =>
        frame.Fixed.Where(one => one.Role is not (Role.Priming or Role.Skill)).Sum(one => SetsOf(one) * Share(one.Exercise, muscle));

    private IEnumerable<ChoiceCap> MusclesOfADay()
    {
        foreach (Muscle muscle in Enum.GetValues<Muscle>())
        {
            int[] quarters = Quarters(muscle);
            for (int day = 0; day < _frames.Count; day++)
            {
                int[] today = [.. quarters.Select((each, i) => _rows[i].Slot.Day == day ? each : 0)];
                int limit = (int)Math.Floor((WeeklySets.SessionMost - Base(muscle, _frames[day])) * Quarter + 1e-9);
                if (today.Sum() > limit)
                    yield return new ChoiceCap(CapKind.Sets, muscle, Quarter, today, Math.Max(0, limit));
            }
        }
    }

    private ChoiceGroup GroupOf(string name, int most, Func<Slot, SlotOption, bool> isIn) =>
        new(name, [.. Enumerable.Range(0, _rows.Count).Where(i => isIn(_rows[i].Slot, _rows[i].Option))], most);

    private IEnumerable<ChoiceGroup> Groups()
    {
        foreach (Slot slot in _rows.Select(row => row.Slot).Distinct())
            yield return GroupOf($"{slot.Kind} {slot.Day}", 1, (other, _) => ReferenceEquals(other, slot));
        for (int day = 0; day < _frames.Count; day++)
        {
            int today = day;
            foreach (
                string form in _rows
                    .Where(row => row.Slot.Day == day)
                    .Select(row => Rules.GroupOf(row.Option.Exercise.Id))
                    .Distinct()
                    .Order(StringComparer.Ordinal)
            )
                yield return GroupOf($"{form} {day}", 1, (slot, option) => slot.Day == today && Rules.GroupOf(option.Exercise.Id) == form);
            yield return WeakPoints(day);
            yield return GroupOf(
                $"one leg {day}",
                1,
                (slot, option) => slot.Day == today && SlotKinds.IsOneLeg(option.Exercise) && slot.Purpose is not Purpose.WeakPoint
            );
            foreach (ChoiceGroup few in Few(day))
                yield return few;
        }
        foreach (string id in _byExercise.Select(one => one.Key).Order(StringComparer.Ordinal))
            yield return GroupOf(id, MostOf(id), (_, option) => option.Exercise.Id == id);
        yield return GroupOf("trunk", 2, (slot, _) => slot.Purpose is Purpose.Trunk);
        // Both leave legs sore, and once a week is what season asks of them.
        yield return GroupOf("nordic", 1, (slot, _) => slot.Kind is "nordic");
        yield return GroupOf("adductors", 1, (slot, _) => slot.Kind is "adductors");
        if (_frames.Count > 1)
            for (int day = 0; day < _frames.Count; day++)
            {
                int today = day;
                yield return GroupOf($"trunk {day}", 1, (slot, _) => slot.Purpose is Purpose.Trunk && slot.Day == today);
            }
        // One after another each would have to be light: on the upper days of a week a bar is held or pulled once.
        ChoiceGroup held = GroupOf("bar held", 1, (slot, option) => IsUpper(slot.Day) && SlotKinds.IsBarPull(option.Exercise));
        if (held.Members.Count > 1)
            yield return held;
        if (_competes)
            yield return GroupOf("third bench", 0, (_, option) => SlotKinds.MovementOf(option.Exercise.Id) == "bench");
        foreach (
            string id in _rows
                .Where(row => row.Slot.Purpose is Purpose.Second)
                .Select(row => row.Option.Exercise.Id)
                .Distinct()
                .Order(StringComparer.Ordinal)
        )
            yield return GroupOf($"second {id}", 1, (slot, option) => slot.Purpose is Purpose.Second && option.Exercise.Id == id);
        yield return GroupOf(
            "floor pulls",
            Math.Max(0, 2 - Leads("floor-pulls")),
            (_, option) => Rules.GroupOf(option.Exercise.Id) == "floor-pulls"
        );
    }

    private bool IsUpper(int day) => _frames[day].Day.Focus is DayFocus.Upper;

    private int Leads(string form) =>
        _frames.SelectMany(frame => frame.Fixed).Count(one => one.Role is Role.Main && Rules.GroupOf(one.Exercise.Id) == form);

    /// <summary>Sessions of one exercise a week: one where the slots that it could fill have two others, a press or pull as many as
    /// it has days, which each want one; else two.</summary>
    private int MostOf(string id)
    {
        if (!_most.TryGetValue(id, out int most))
        {
            HashSet<string> kinds = [.. _byExercise[id].Select(row => row.Slot.Kind)];
            bool daily = kinds.Overlaps(["push", "pull"]);
            int days = _byExercise[id].Select(row => row.Slot.Day).Distinct().Count();
            int others = _byExercise.Count(other => other.Any(row => kinds.Contains(row.Slot.Kind))) - 1;
            bool spread =
                _input.Prepared.Case.Schools.Quads is QuadSchool.Spread && _input.Prepared.Catalogue[id].Pattern is Pattern.KneeExtension;
            _most[id] = most =
                spread ? Rules.SpreadDays
                : others >= (daily ? Math.Max(2, days) : 2) || kinds.All(kind => kind.StartsWith("support", StringComparison.Ordinal)) ? 1
                : 2;
        }
        return most;
    }

    /// <summary>Short days have few exercises: under 40 minutes one besides the main lift, under 55 one of the legs and one push or
    /// pull, under
    /// 70 one of the legs before the rest (docs/handbook/09-composition.md#minutes-decide-the-list).</summary>
    private IEnumerable<ChoiceGroup> Few(int day)
    {
        SplitDay split = _frames[day].Day;
        if (split.Focus is not DayFocus.Full)
            yield break;
        if (split.Minutes < Rules.Minutes.Short)
            yield return GroupOf($"one more {day}", 1, (slot, _) => slot.Day == day);
        else if (split.Minutes < Rules.Minutes.Middle)
            yield return GroupOf($"push or pull {day}", 1, (slot, _) => slot.Day == day && slot.Purpose is Purpose.PushPull);
        if (split.Minutes < Rules.Minutes.Whole)
            yield return GroupOf($"legs {day}", MostOfLegs(split), (slot, _) => slot.Day == day && IsLegSecond(slot));
    }

    /// <summary>One of the legs, two where sport leaves each few sets.</summary>
    private int MostOfLegs(SplitDay day) => day.Minutes >= Rules.Minutes.Short && _season.MostSets(day.Weekday) is not null ? 2 : 1;

    /// <summary>Weak points of a session: one, from 70 minutes on two.</summary>
    private ChoiceGroup WeakPoints(int day) =>
        GroupOf(
            $"weak points {day}",
            _frames[day].Day.Minutes >= Rules.Minutes.Whole && _frames[day].Day.Focus is not DayFocus.Upper ? 2 : 1,
            (slot, _) => slot.Day == day && slot.Purpose is Purpose.WeakPoint
        );

    private static bool IsLegSecond(Slot slot) =>
        slot.Purpose is Purpose.WeakPoint or Purpose.Second || slot.Kind.StartsWith("oneLeg", StringComparison.Ordinal);
}
