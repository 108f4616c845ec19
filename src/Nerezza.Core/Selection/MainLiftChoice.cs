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
    LoadReach reach,
    BlockKind kind
)
{
    private static readonly SelectionRules Rules = SelectionRules.Shipped;

    /// <summary>The lift of each pattern that leads a day, the pattern of the client's first target first.</summary>
    public IReadOnlyList<Chosen> Choose()
    {
        List<Chosen> leads = [.. MainOrder.Of(context.Client, context.Catalogue).Select(Lead).OfType<Chosen>()];
        if (ThrustIsDue && Lead(Pattern.Thrust) is { } thrust)
            leads.Add(thrust);
        return [.. leads.DistinctBy(lead => lead.Exercise.Id)];
    }

    /// <summary>What leads the second time in the week: a form of the lift that is a first answer to the gravest finding in it where one is
    /// open (docs/handbook/09-composition.md#twice), else the same lift.</summary>
    public Chosen Again(Chosen lead)
    {
        Pattern pattern = lead.Exercise.Pattern;
        List<(Exercise Exercise, double Grade)> forms =
        [
            .. AbleOf(Rules.Mains.GetValueOrDefault(Codes.Of(pattern), []))
                .Where(exercise => exercise.Id != lead.Exercise.Id && IsFormOf(exercise, lead.Exercise) && !reach.FallsShort(exercise))
                .Select(exercise =>
                    (
                        exercise,
                        Grade: findings
                            .Where(finding =>
                                finding.Cause is Cause.Strength or Cause.Skill && Grading.Of(exercise, finding) >= Grading.First
                            )
                            .Sum(finding => finding.Weight * Grading.InOrder(exercise, finding))
                    )
                )
                .Where(row => row.Grade > 0)
                .OrderByDescending(row => Math.Round(row.Grade, 6))
                .ThenBy(row => row.exercise.Id, StringComparer.Ordinal),
        ];
        if (picks.All(pick => pick.Kind is not PickKind.Main) && OtherTarget(lead) is { } target)
            return ToChosen(target, scores.Toward([target.Id]), [(lead.Exercise, lead.Score)]);
        bool answersItself = findings.Any(finding =>
            lead.Answers.Contains(finding.Code) && Grading.Of(lead.Exercise, finding) >= Grading.First
        );
        if (forms.Count == 0 || answersItself)
            return lead;
        Scoring scoring = scores.Toward([lead.Exercise.Id]);
        return ToChosen(forms[0].Exercise, scoring, [(lead.Exercise, lead.Score)]) with { Reason = ChosenReason.AnswersFinding };
    }

    /// <summary>A press on a machine answers what a squat lacks, and is no form of the squat that a client named: it stands as a second
    /// lift.</summary>
    private bool IsFormOf(Exercise exercise, Exercise lead) =>
        SlotKinds.MovementOf(exercise.Id) == SlotKinds.MovementOf(lead.Id)
        || context.Client.Goal is not Goal.Strength
        || !context.Client.TargetLifts.Contains(lead.Id);

    /// <summary>Another lift of the pattern that the client named, where the lead is one too.</summary>
    /// <remarks>What a finding changed stays changed.</remarks>
    private Exercise? OtherTarget(Chosen lead) =>
        !context.Client.TargetLifts.Contains(lead.Exercise.Id)
            ? null
            : TargetsOf(lead.Exercise.Pattern)
                .Find(target => target.Id != lead.Exercise.Id && !reach.FallsShort(target) && eligibility.Judge(target) is null);

    /// <summary>Where pain covers squat or hinge, its second day goes to what is free of it.</summary>
    private bool ThrustIsDue =>
        WeekLifts.HasThrust(context.Client, context.Catalogue) || eligibility.Hurts(Pattern.Squat) || eligibility.Hurts(Pattern.Hinge);

    private List<Exercise> TargetsOf(Pattern pattern) =>
        [.. context.Client.TargetLifts.Select(id => context.Catalogue[id]).Where(exercise => exercise.Pattern == pattern)];

    private bool IsPicked(Exercise exercise) => picks.Contains(new Pick(exercise.Id, PickKind.Main));

    private IEnumerable<string> PickedFor(Pattern pattern) =>
        picks
            .Where(pick => pick.Kind is PickKind.Main && context.Catalogue[pick.Exercise].Pattern == pattern)
            .Select(pick => pick.Exercise);

    private Chosen? Lead(Pattern pattern)
    {
        string name = Codes.Of(pattern);
        List<Exercise> able = AbleOf(PickedFor(pattern).Concat(TargetsOf(pattern).Select(target => target.Id)).Concat(Rules.Mains[name]));
        if (able.Count == 0)
            able = AbleOf(Rules.Mains.GetValueOrDefault(name + "Else", []));
        if (context.Client.Level is Level.Novice)
            able = NoviceFirst(pattern, able);
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
        return ToChosen(ranked[0].Exercise, scoring, ranked);
    }

    /// <summary>A novice learns with goblet and bells until a lift with the bar is known; a one-leg hinge or thrust leads no day of theirs
    /// while a two-leg one can (docs/handbook/09-composition.md#9-1-hard-filters).</summary>
    private List<Exercise> NoviceFirst(Pattern pattern, List<Exercise> able)
    {
        List<Exercise> twoLegs = [.. able.Where(exercise => exercise.Sides is not Sides.One)];
        List<Exercise> from = pattern is Pattern.Hinge or Pattern.Thrust && twoLegs.Count > 0 ? twoLegs : able;
        if (!Learns(pattern, from))
            return from;
        bool practises = IsPractised(pattern);
        List<Exercise> first =
        [
            .. AbleOf(Rules.LearnedWith.GetValueOrDefault(Codes.Of(pattern), []))
                .Where(exercise => exercise.Sides is not Sides.One && (practises || reach.Holds(exercise))),
        ];
        if (first.Count == 0 && context.StartsLate)
            first = [.. from.Where(exercise => !HasBar(exercise))];
        return first.Count > 0 ? first : from;
    }

    /// <summary>Whether a lift is learned with bells: in a foundation block until one with the bar is known, in a first block after 50
    /// whatever is known, but for the coach's pick (docs/handbook/11-prescription.md#who-is-held-lower).</summary>
    private bool Learns(Pattern pattern, List<Exercise> from) =>
        !from.Exists(IsPicked)
        && (
            context.StartsLate
            || (
                kind is BlockKind.Foundation
                && !from.Exists(exercise => context.LoadKg(exercise) > 0)
                && !TargetsOf(pattern).Exists(from.Contains)
            )
        );

    private static bool HasBar(Exercise exercise) => exercise.Load is LoadSource.Barbell or LoadSource.SafetyBar;

    /// <summary>In a foundation block a lift with an open finding of skill leads as practice
    /// (docs/handbook/09-composition.md#foundation-with-an-open-skill-finding).</summary>
    private bool IsPractised(Pattern pattern) =>
        kind is BlockKind.Foundation
        && findings.Any(finding =>
            finding.Cause is Cause.Skill
            && Scoring.IsOpen(finding)
            && (
                pattern is Pattern.Squat
                    ? finding.Code is FindingCode.SquatTiming
                    : pattern is Pattern.Hinge && finding.Code is FindingCode.HingeTiming or FindingCode.SpinalControl
            )
        );

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
        double tooLight = reach.Holds(exercise) ? 0 : Rules.MainChanges.TooLight;
        return Math.Round(
            ScoreWeights.Main.Score(scoring.Of(exercise, AnswerRole.Main)) - light - tooLight - (away ? Rules.MainChanges.AwayFrom : 0),
            6
        );
    }

    private Chosen ToChosen(Exercise exercise, Scoring scoring, IReadOnlyList<(Exercise Exercise, double Score)> ranked)
    {
        ScoreParts parts = scoring.Of(exercise, AnswerRole.Main);
        List<FindingCode> answers =
        [
            .. findings
                .Where(finding =>
                    Scoring.IsOpen(finding)
                    && (Answers.Answer(exercise, finding.Code, AnswerRole.Main) || Grading.Of(exercise, finding) >= Grading.CountsFrom)
                )
                .Select(finding => finding.Code)
                .Distinct(),
        ];
        bool isTarget = context.Client.TargetLifts.Contains(exercise.Id);
        bool hasTarget = TargetsOf(exercise.Pattern).Count > 0;
        return new Chosen
        {
            Exercise = exercise,
            Purpose = Purpose.Main,
            Role = Role.Main,
            Reason =
                IsPicked(exercise) ? ChosenReason.Picked
                : isTarget ? ChosenReason.TargetLift
                : answers.Count > 0 ? ChosenReason.ChangedLift
                : context.StartsLate && !HasBar(exercise) ? ChosenReason.StartsLate
                : ChosenReason.UsualLift,
            Answers = answers,
            Grade = Grading.BestOf(exercise, findings, answers),
            Score = ScoreOf(exercise, scoring),
            Parts = parts,
            Limits = eligibility.LimitsOf(exercise),
            Aim = IsPractised(exercise.Pattern) ? Aim.Practice : null,
            InsteadOf =
            [
                .. ranked
                    .Where(row => row.Exercise.Id != exercise.Id)
                    .Take(hasTarget && !isTarget ? 2 : 1)
                    .Select(row => ScoreComparison.Of(row.Exercise.Id, row.Score, parts, scoring.Of(row.Exercise, AnswerRole.Main))),
            ],
        };
    }
}
