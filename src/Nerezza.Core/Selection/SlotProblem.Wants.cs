using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Selection;

/// <summary>What the week wants of its slots together: answers, kinds of work, directions, sets.</summary>
internal sealed partial class SlotProblem
{
    private IEnumerable<ChoiceWant> Wants() => [.. Answered(), .. Kinds(), .. PushesAndPulls(), .. Volume(), .. Variety()];

    private ChoiceWant Want(string name, int needed, int cost, Func<Slot, SlotOption, bool> counts) =>
        new(name, Each((slot, option) => counts(slot, option) ? 1 : 0), needed, cost);

    /// <summary>Sessions for each finding: severity 3 two, 2 one and a second where there is room, 1 one.</summary>
    private IEnumerable<ChoiceWant> Answered()
    {
        foreach (Finding finding in _trainable)
        {
            // A main lift counts where it is a first answer, a drill where it teaches what is asked.
            int have = _frames
                .SelectMany(frame => frame.Fixed)
                .Count(one =>
                    one.Answers.Contains(finding.Code)
                    && (one.Role is Role.Skill || (one.Role is Role.Main && Grading.Of(one.Exercise, finding) >= Grading.First))
                );
            bool Counts(Slot slot, SlotOption option) => option.Answers.Contains(finding.Code);
            // The more certain finding goes first among equals.
            int sure = (int)Math.Round(100 * finding.Confidence);
            if (have < 1)
                yield return Want($"{Codes.Of(finding.Code)}", 1, WorthOf(finding) + sure, Counts);
            if (have < 2 && Rules.Worth.WeakPointAgain[finding.Severity] > 0)
                yield return Want($"{Codes.Of(finding.Code)} again", 2 - have, Rules.Worth.WeakPointAgain[finding.Severity], Counts);
        }
    }

    /// <summary>A slight finding waits for what the minutes leave; where no day has room for the whole list, what they leave is its own
    /// before the trunk's (docs/handbook/09-composition.md#minutes-decide-the-list).</summary>
    private int WorthOf(Finding finding) =>
        finding.Severity < 2 && AreWholeAndUnder(Rules.Minutes.Middle)
            ? Rules.Worth.WeakPointOfShortDay
            : Rules.Worth.WeakPoint[finding.Severity];

    /// <summary>Whether every day is for the whole body and shorter than so many minutes.</summary>
    private bool AreWholeAndUnder(int minutes) => _frames.All(frame => frame.Day.Focus is DayFocus.Full && frame.Day.Minutes < minutes);

    private IEnumerable<ChoiceWant> Kinds()
    {
        int days = _frames.Count;
        bool legs = _frames.Any(frame => frame.Day.Focus is not DayFocus.Upper);
        int OneLegFixed() =>
            _frames.SelectMany(frame => frame.Fixed).Count(one => one.Role is Role.Main && SlotKinds.IsOneLeg(one.Exercise));
        bool sides = _input.Prepared.Findings.Any(finding => finding.Code is FindingCode.SideAsymmetry && finding.Severity >= 2);
        // One exercise beside the main lift: two days are a press's and a pull's, a third one's the other leg.
        if (legs && days >= (AreWholeAndUnder(Rules.Minutes.Short) ? 3 : 2))
            yield return Want(
                "one leg",
                Math.Max(0, 1 - OneLegFixed()),
                Rules.Worth.OneLeg,
                (_, option) => SlotKinds.IsOneLeg(option.Exercise)
            );
        if (legs && (days >= 3 || sides))
            yield return Want(
                "one leg again",
                Math.Max(0, 2 - OneLegFixed()),
                Rules.Worth.OneLegAgain,
                (_, option) => SlotKinds.IsOneLeg(option.Exercise)
            );
        if (days >= 3)
        {
            yield return Want("knee flexion", 1, Rules.Worth.KneeFlexion, (_, option) => option.Exercise.Pattern is Pattern.KneeFlexion);
            yield return Want(
                "knee flexion again",
                2,
                Rules.Worth.KneeFlexionAgain,
                (_, option) => option.Exercise.Pattern is Pattern.KneeFlexion
            );
            yield return Want("calf", 1, Rules.Worth.Calf, (_, option) => option.Exercise.Pattern is Pattern.Calf);
        }
        if (_input.Prepared.Case.Schools.Quads is QuadSchool.Spread)
        {
            int led = _frames.Count(frame =>
                frame.Fixed.Any(one => one.Role is Role.Main && one.Exercise.PrimeMovers.Contains(Muscle.Vasti))
            );
            yield return Want(
                "quads spread",
                Math.Max(0, Math.Min(Rules.SpreadDays, days) - led),
                Rules.Worth.Emphasis,
                (_, option) => option.Exercise.PrimeMovers.Contains(Muscle.Vasti) && option.Exercise.Pattern is Pattern.KneeExtension
            );
        }
        yield return Want("jumps", 1, Rules.Worth.Jump, (slot, _) => slot.Kind is "jumps");
        yield return Want("nordic", 1, Rules.Worth.Nordic, (slot, _) => slot.Kind is "nordic");
        yield return Want("adductors", 1, Rules.Worth.Adductors, (slot, _) => slot.Kind is "adductors");
        yield return Want("trunk", 1, Rules.Worth.Trunk, (slot, _) => slot.Purpose is Purpose.Trunk);
        yield return Want("trunk resists", 1, Rules.Worth.TrunkAgain, (slot, _) => slot.Kind is "trunkResist");
        yield return Want("trunk bends", 1, Rules.Worth.TrunkAgain, (slot, _) => slot.Kind is "trunkBend");
        if (_input.Prepared.Client.IsForGlutes)
        {
            foreach (int day in Enumerable.Range(0, _frames.Count).Where(i => _frames[i].Day.Focus is DayFocus.Full))
                yield return Want(
                    $"two kinds {day}",
                    1,
                    Rules.Worth.Emphasis,
                    (slot, option) => slot.Day == day && IsOfGlutes(slot, option)
                );
            yield return Want("kickback", 1, Rules.Worth.Abduction, (slot, _) => slot.Kind is "kickback");
            yield return Want(
                "back extension",
                1,
                Rules.Worth.Abduction,
                (_, option) => Rules.Kinds["backExtension"].Contains(option.Exercise.Id)
            );
        }
    }

    /// <summary>Squat-types, hinges and thrusts beside the lift that leads.</summary>
    private static bool IsOfGlutes(Slot slot, SlotOption option) =>
        slot.Purpose is Purpose.WeakPoint or Purpose.Second or Purpose.Palette or Purpose.Emphasis
        && option.Exercise.Pattern is Pattern.Squat or Pattern.Lunge or Pattern.Hinge or Pattern.Thrust;

    private IEnumerable<ChoiceWant> PushesAndPulls()
    {
        bool any = _frames.Any(frame => frame.Day.Focus is not DayFocus.Lower);
        if (!any)
            yield break;
        foreach (
            (string name, Func<Exercise, bool> isIt) in new (string, Func<Exercise, bool>)[]
            {
                ("push", Region.IsPush),
                ("pull", Region.IsPull),
            }
        )
        {
            int have = _frames.SelectMany(frame => frame.Fixed).Count(one => one.Role is Role.Main && isIt(one.Exercise));
            yield return Want($"some {name}", Math.Max(0, 1 - have), Rules.Worth.PushPull, (_, option) => isIt(option.Exercise));
        }
        if (_frames.Count(frame => frame.Day.Focus is not DayFocus.Lower) < 2)
            yield break;
        foreach (Pattern pattern in new[] { Pattern.PressHorizontal, Pattern.PressVertical, Pattern.PullHorizontal, Pattern.PullVertical })
            if (!_frames.SelectMany(frame => frame.Fixed).Any(one => one.Role is Role.Main && one.Exercise.Pattern == pattern))
                yield return Want(Codes.Of(pattern), 1, Rules.Volume.Directions, (_, option) => option.Exercise.Pattern == pattern);
        // Pulls not under presses over the week, set for set.
        int Ahead(Exercise exercise) =>
            Region.IsPush(exercise) ? 1
            : Region.IsPull(exercise) ? -1
            : 0;
        yield return new ChoiceWant(
            "pulls with presses",
            Each((_, option) => -Ahead(option.Exercise) * Sets(option)),
            _frames.SelectMany(frame => frame.Fixed).Sum(one => Ahead(one.Exercise) * SetsOf(one)),
            Rules.Volume.Directions * 2 / 3
        );
    }

    /// <summary>Sets of the week: over the high limit and under the low one cost, quarter by quarter; emphasised muscles are wanted up
    /// to their
    /// target.</summary>
    private IEnumerable<ChoiceWant> Volume()
    {
        foreach (Muscle muscle in Enum.GetValues<Muscle>())
        {
            int[] quarters = Quarters(muscle);
            SetLimits limits = _limits.Of(muscle);
            double have = _frames.Sum(frame => Base(muscle, frame));
            int high = (int)Math.Floor((HighOf(muscle, limits) - have) * Quarter + 1e-9);
            yield return new ChoiceWant(
                $"{Codes.Of(muscle)} high",
                [.. quarters.Select(each => -each)],
                -Math.Max(0, high),
                Rules.Volume.OverQuarter
            );
            int low = (int)Math.Ceiling((limits.Low - have) * Quarter - 1e-9);
            if (low > 0)
                yield return new ChoiceWant(
                    $"{Codes.Of(muscle)} low",
                    quarters,
                    low,
                    _input.Prepared.Client.Emphasis.Contains(muscle) ? Rules.Volume.EmphasisQuarter * 2 : Rules.Volume.UnderQuarter
                );
            if (_input.Prepared.Client.Emphasis.Contains(muscle) && high > 0)
                yield return new ChoiceWant($"{Codes.Of(muscle)} emphasis", quarters, high, Rules.Volume.EmphasisQuarter);
        }
    }

    /// <summary>With a log a block starts from what is done now; without one the whole range is open.</summary>
    private double HighOf(Muscle muscle, SetLimits limits) =>
        _now is { } now
            ? Math.Min(limits.StartMost, Math.Max(limits.Low, SelectionRules.Shipped.StartMore.MostFrom(now[muscle])))
            : limits.StartMost;

    /// <summary>An exercise that comes again costs, and so does the third of one family.</summary>
    private IEnumerable<ChoiceWant> Variety()
    {
        foreach (string id in _byExercise.Select(one => one.Key).Where(id => MostOf(id) > 1).Order(StringComparer.Ordinal))
        {
            int led = _frames.SelectMany(frame => frame.Fixed).Count(one => one.Exercise.Id == id);
            yield return new ChoiceWant(
                $"{id} again",
                Each((_, option) => option.Exercise.Id == id ? -1 : 0),
                -Math.Max(0, 1 - led),
                Rules.Volume.Repeat
            );
        }
        foreach (string form in _rows.Select(row => Rules.GroupOf(row.Option.Exercise.Id)).Distinct().Order(StringComparer.Ordinal))
        {
            int led = Leads(form);
            yield return new ChoiceWant(
                $"{form} family",
                Each((_, option) => Rules.GroupOf(option.Exercise.Id) == form ? -1 : 0),
                -Math.Max(0, 2 - led),
                Rules.Volume.Family
            );
        }
    }
}
