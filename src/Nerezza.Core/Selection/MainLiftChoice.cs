using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Selection;

/// <summary>The main squat, the main hinge, and the thrust where it is due, each with the variation for its second place in the week
/// (docs/handbook/09-composition.md).</summary>
internal sealed class MainLiftChoice(
    ScoreContext context,
    Scoring scores,
    Eligibility eligibility,
    IReadOnlyList<Finding> findings,
    IReadOnlyList<Pick> picks,
    IReadOnlyList<SplitDay> week,
    ISetCost cost,
    LoadReach reach
)
{
    private static readonly SelectionRules Rules = SelectionRules.Shipped;

    /// <summary>The slots; the pattern of the client's first target stands first.</summary>
    public IReadOnlyList<MainSlot> Choose()
    {
        List<MainSlot> slots = [.. MainOrder.Of(context.Client, context.Catalogue).Select(Slot).OfType<MainSlot>()];
        if (ThrustIsDue && Slot(Pattern.Thrust) is { } thrust && slots.TrueForAll(slot => slot.Main.Exercise.Id != thrust.Main.Exercise.Id))
            slots.Add(thrust);
        return Relieved(WithOtherSeconds(slots));
    }

    /// <summary>The second lift of a session is another lift than any main lift of the week
    /// (docs/handbook/09-composition.md#9-3-the-second-lift).</summary>
    private List<MainSlot> WithOtherSeconds(List<MainSlot> slots)
    {
        HashSet<string> taken = [.. slots.Select(slot => slot.Main.Exercise.Id)];
        List<MainSlot> all = [];
        foreach (MainSlot slot in slots)
        {
            MainSlot other = taken.Contains(slot.Second.Exercise.Id) ? OtherSecond(slot, taken) ?? slot : slot;
            taken.Add(other.Second.Exercise.Id);
            all.Add(other);
        }
        return all;
    }

    private List<Exercise> SecondsOf(string name, HashSet<string> taken) =>
        [
            .. AbleOf(Rules.Seconds.GetValueOrDefault(name, []))
                .Where(exercise => !taken.Contains(exercise.Id) && !reach.FallsShort(exercise, Rules.SecondMostReps)),
        ];

    /// <summary>What is done sitting or lying against a support carries over less to a lift that stands free
    /// (docs/handbook/09-composition.md#9-10-settled-by-a-dry-run-of-eight-clients).</summary>
    private static ScoreParts AsSecond(ScoreParts parts, Exercise exercise) =>
        exercise.Axial == 0 ? parts with { CarryOver = Math.Min(parts.CarryOver, Rules.CarryOver.Supported) } : parts;

    private MainSlot? OtherSecond(MainSlot slot, HashSet<string> taken)
    {
        Scoring scoring = scores.Toward([slot.Main.Exercise.Id]);
        ScoreWeights weights = context.Client.Goal is Goal.Strength ? ScoreWeights.SecondForStrength : ScoreWeights.Second;
        List<Exercise> able = SecondsOf(Codes.Of(slot.Pattern), taken);
        if (able.Count == 0)
            able = SecondsOf(Codes.Of(slot.Pattern) + "Else", taken);
        // What took the main lift away keeps its hand on the second one too.
        List<Exercise> answering = [.. able.Where(exercise => scores.AnsweredBy(exercise, AnswerRole.Main).Count > 0)];
        if (answering.Count > 0)
            able = answering;
        List<(Exercise Exercise, double Score)> ranked =
        [
            .. able.Select(exercise => (exercise, Score: weights.Score(AsSecond(scoring.Of(exercise, AnswerRole.Accessory), exercise))))
                .OrderByDescending(row => row.Score),
        ];
        return ranked.Count == 0
            ? null
            : slot with
            {
                Second = ToChosen(ranked[0].Exercise, Role.Second, scoring, ranked) with
                {
                    Reason = ChosenReason.OtherForm,
                    Score = ranked[0].Score,
                },
            };
    }

    /// <summary>Where squats and hinges would break the week's axial budget, split squats and thrusts take their second places
    /// (docs/handbook/12-weeks-and-blocks.md: a squat or split squat, a hinge or thrust).</summary>
    private List<MainSlot> Relieved(List<MainSlot> slots)
    {
        for (
            int i = slots.Count - 1;
            i >= 0 && WeekLifts.Axial(slots, week, cost) > WeeklySets.AxialBudget(context.Client, context.Start).Week;
            i--
        )
        {
            Chosen second = slots[i].Second;
            bool isAnswer = second.Exercise.Id != slots[i].Main.Exercise.Id;
            if (isAnswer || second.Exercise.Axial <= Rules.LowAxial)
                continue;
            List<Exercise> light =
            [
                .. AbleOf(Rules.Mains.GetValueOrDefault(Codes.Of(slots[i].Pattern) + "Else", []))
                    .Where(exercise => exercise.Axial <= Rules.LowAxial),
            ];
            if (light.Count == 0)
                continue;
            Scoring scoring = scores.Toward([slots[i].Main.Exercise.Id]);
            List<(Exercise Exercise, double Score)> ranked =
            [
                .. light.Select(exercise => (exercise, Score: ScoreOf(exercise, scoring))).OrderByDescending(row => row.Score),
            ];
            slots[i] = slots[i] with
            {
                Second = ToChosen(ranked[0].Exercise, Role.Second, scoring, ranked) with { Reason = ChosenReason.SparesSpine },
            };
        }
        return slots;
    }

    private bool ThrustIsDue => WeekLifts.HasThrust(context.Client, context.Catalogue);

    private List<Exercise> TargetsOf(Pattern pattern) =>
        [.. context.Client.TargetLifts.Select(id => context.Catalogue[id]).Where(exercise => exercise.Pattern == pattern)];

    private bool IsPicked(Exercise exercise) => picks.Contains(new Pick(exercise.Id, PickKind.Main));

    private IEnumerable<string> PickedFor(Pattern pattern) =>
        picks
            .Where(pick => pick.Kind is PickKind.Main && context.Catalogue[pick.Exercise].Pattern == pattern)
            .Select(pick => pick.Exercise);

    private MainSlot? Slot(Pattern pattern)
    {
        string name = Codes.Of(pattern);
        List<Exercise> able = AbleOf(PickedFor(pattern).Concat(TargetsOf(pattern).Select(target => target.Id)).Concat(Rules.Mains[name]));
        if (able.Count == 0)
            able = AbleOf(Rules.Mains.GetValueOrDefault(name + "Else", []));
        if (able.Count == 0)
            return null;
        // What the client names is what the others are measured against, even where it cannot be done now.
        string target = TargetsOf(pattern).Select(exercise => exercise.Id).FirstOrDefault() ?? able[0].Id;
        Scoring scoring = scores.Toward([target]);
        List<(Exercise Exercise, double Score)> ranked =
        [
            .. able.Select(exercise => (exercise, Score: ScoreOf(exercise, scoring)))
                .OrderByDescending(row => IsPicked(row.exercise))
                .ThenByDescending(row => row.Score),
        ];
        Exercise main = ranked[0].Exercise,
            second = SecondFor(main, able, scoring) ?? main;
        return new MainSlot(pattern, ToChosen(main, Role.Main, scoring, ranked), ToChosen(second, Role.Second, scoring, ranked));
    }

    private List<Exercise> AbleOf(IEnumerable<string> ids) =>
        [.. ids.Distinct().Select(id => context.Catalogue[id]).Where(exercise => eligibility.Judge(exercise) is null)];

    private double ScoreOf(Exercise exercise, Scoring scoring)
    {
        bool away = findings.Any(finding =>
            finding.Cause is Cause.Range or Cause.Skill or Cause.Pain
            && finding.Severity >= Rules.MainChanges.Severity
            && finding.Asks.AwayFrom.Intersect(exercise.Positions).Any()
        );
        double light =
            context.Client.Level is Level.Novice
                ? 0
                : Rules.MainChanges.Light * Math.Max(0, 1 - (exercise.Ratio?.Value ?? (exercise.CarriesTo is null ? 1 : 0)));
        double tooLight = reach.FallsShort(exercise) ? Rules.MainChanges.TooLight : 0;
        return Math.Round(
            ScoreWeights.Main.Score(scoring.Of(exercise, AnswerRole.Main)) - light - tooLight - (away ? Rules.MainChanges.AwayFrom : 0),
            6
        );
    }

    /// <summary>A weak link or a missing skill is trained in the second place of the week by the variation that answers it; null when none
    /// does.</summary>
    private Exercise? SecondFor(Exercise main, List<Exercise> able, Scoring scoring) =>
        able.Where(exercise => exercise.Id != main.Id)
            .Select(exercise =>
                (
                    Exercise: exercise,
                    Answered: findings
                        .Where(finding =>
                            finding.Cause is Cause.Strength or Cause.Skill && Answers.Answer(exercise, finding.Code, AnswerRole.Main)
                        )
                        .Sum(finding => finding.Severity * finding.Confidence)
                )
            )
            .Where(row => row.Answered > 0)
            .OrderByDescending(row => Math.Round(row.Answered, 6))
            .ThenByDescending(row => ScoreOf(row.Exercise, scoring))
            .Select(row => row.Exercise)
            .FirstOrDefault();

    private Chosen ToChosen(Exercise exercise, Role role, Scoring scoring, IReadOnlyList<(Exercise Exercise, double Score)> ranked)
    {
        ScoreParts parts = scoring.Of(exercise, AnswerRole.Main);
        List<FindingCode> answers =
        [
            .. findings
                .Where(finding =>
                    Scoring.IsOpen(finding)
                    && (
                        Answers.Answer(exercise, finding.Code, AnswerRole.Main)
                        || Answers.Answer(exercise, finding.Code, AnswerRole.Accessory)
                    )
                )
                .Select(finding => finding.Code)
                .Distinct(),
        ];
        bool isTarget = context.Client.TargetLifts.Contains(exercise.Id);
        bool hasTarget = TargetsOf(exercise.Pattern).Count > 0;
        return new Chosen
        {
            Exercise = exercise,
            Role = role,
            Reason =
                IsPicked(exercise) ? ChosenReason.Picked
                : isTarget ? ChosenReason.TargetLift
                : answers.Count > 0 ? ChosenReason.ChangedLift
                : ChosenReason.UsualLift,
            Answers = answers,
            Score = ScoreOf(exercise, scoring),
            Parts = parts,
            Limits = eligibility.LimitsOf(exercise),
            InsteadOf =
            [
                .. ranked
                    .Where(row => row.Exercise.Id != exercise.Id)
                    .Take(hasTarget && !isTarget ? 2 : 1)
                    .Select(row => new Alternative(
                        row.Exercise.Id,
                        row.Score,
                        ScoreComparison.WorstPart(parts, scoring.Of(row.Exercise, AnswerRole.Main), ScoreWeights.Main)
                    )),
            ],
        };
    }
}

/// <summary>Says in which part one score falls behind another most.</summary>
internal static class ScoreComparison
{
    public static string? WorstPart(ScoreParts chosen, ScoreParts other, ScoreWeights weights) =>
        chosen
            .Named.Select((part, i) => (part.Name, Behind: Math.Round((part.Value - other.Named[i].Value) * weights.Values[i], 6)))
            .OrderByDescending(row => row.Behind)
            .First()
            is { Behind: > 0 } worst
            ? worst.Name
            : null;
}
