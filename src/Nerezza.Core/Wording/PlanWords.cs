using System.Diagnostics;
using System.Globalization;
using Nerezza.Core.Blocks;
using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Wording;

/// <summary>Words the plan: each sentence says what was found, the number behind it, and what to do.</summary>
public sealed class PlanWords(ExerciseCatalogue catalogue)
{
    private readonly FindingWords _findings = new(catalogue);

    /// <summary>Why an exercise stands in a session.</summary>
    public string Because(PrescribedItem item) => Because(item.Ask.Chosen);

    /// <summary>Why an exercise was chosen: first the measurement and the finding where it answers one, then what it is there to
    /// do.</summary>
    public string Because(Chosen chosen) => $"{Found(chosen)}{Reason(chosen)}.{Sport(chosen)}{Growing(chosen)}";

    /// <summary>Why an exercise stays the same in every load week; null where it grows, or where nothing says why, which is a check's to
    /// say.</summary>
    public static string? Stays(Standstill why, PrescribedItem item) =>
        why switch
        {
            Standstill.Grows or Standstill.NoWord => null,
            Standstill.Capped when item.Sets.All(set => set.IsEasy) && item.Ask.Chosen.Aim is Aim.Practice =>
                "Stays easy and the same: practice, until the fault is gone.",
            Standstill.Capped when item.Ask.Target.MostRpe.Value <= BlockRules.Shipped.File.CappedRpe =>
                $"Stays the same from week to week: capped at RPE {item.Ask.Target.MostRpe.Value.ToString(CultureInfo.InvariantCulture)}.",
            Standstill.Capped => "Stays the same from week to week: this block does not raise its load.",
            Standstill.WaitsForSets => "Stays the same on paper: logged sets move it.",
            Standstill.NothingHeavier =>
                "Stays the same from week to week: the kit has nothing heavier and the repetitions are at the top of their range.",
        };

    /// <summary>What an alternative would have been better and worse at.</summary>
    public static string Because(Alternative alternative) =>
        (alternative.Better, alternative.Part) switch
        {
            ({ } better, { } worse) => $"would {Better(better)}, but {Worse(worse)}",
            (null, { } worse) => $"would {Worse(worse)}",
            ({ } better, null) => $"would {Better(better)}; the week as a whole is better as it is",
            (null, null) => "would do as well; the week as a whole is better as it is",
        };

    /// <summary>What a part of a score is called.</summary>
    public static string Name(ScorePart part) =>
        part switch
        {
            ScorePart.AnswersFinding => "answers findings",
            ScorePart.CarryOver => "carry-over",
            ScorePart.StimulusForFatigue => "stimulus for fatigue",
            ScorePart.FitsBody => "fit to this body",
            ScorePart.Level => "level",
            ScorePart.Freshness => "freshness",
            ScorePart.SetUp => "set-up",
            ScorePart.Liking => "liking",
        };

    private static string Better(ScorePart part) =>
        part switch
        {
            ScorePart.AnswersFinding => "answer the findings better",
            ScorePart.CarryOver => "carry over more to the target lifts",
            ScorePart.StimulusForFatigue => "tire less for what it trains",
            ScorePart.FitsBody => "fit this body better",
            ScorePart.Level => "be easier to learn",
            ScorePart.Freshness => "be something new",
            ScorePart.SetUp => "be set up sooner",
            ScorePart.Liking => "be liked more",
        };

    private static string Worse(ScorePart part) =>
        part switch
        {
            ScorePart.AnswersFinding => "answer the findings less",
            ScorePart.CarryOver => "carry over less to the target lifts",
            ScorePart.StimulusForFatigue => "tire more for what it trains",
            ScorePart.FitsBody => "fit this body less",
            ScorePart.Level => "ask for more skill than the level gives",
            ScorePart.Freshness => "be what the last blocks had already",
            ScorePart.SetUp => "take longer to set up",
            ScorePart.Liking => "be liked less",
        };

    private string Found(Chosen chosen) =>
        chosen.For is { } finding ? $"{FindingWords.Name(finding.Code)} ({_findings.First(finding)}): " : "";

    private string Reason(Chosen chosen)
    {
        string name = catalogue[chosen.Exercise.Id].Name;
        string why = chosen.Reason switch
        {
            ChosenReason.InPlaceOfThrow => "stands in the place of the throw: nothing there is light enough to throw fast",
            ChosenReason.EventWork => "is the client's event itself, once a week in the place of a heavy hinge",
            ChosenReason.Picked => "is your own choice",
            ChosenReason.TargetLift => "is a target lift and leads the day while the client is fresh",
            ChosenReason.ChangedLift => "takes that demand away and leads in the place of the usual lift",
            ChosenReason.StartsLate => "leads the day: the first block after 50 is led by bells, the trap bar or machines, "
                + $"with {LateStart.Sets} sets an exercise for {LateStart.Weeks} weeks",
            ChosenReason.UsualLift => $"leads the day: {Usual(chosen)}",
            ChosenReason.OtherLift => $"is the second lift, of the other pattern{Sets(chosen)}",
            ChosenReason.AnswersFinding => Answering(chosen),
            ChosenReason.FillsPalette => Kind(chosen),
            ChosenReason.Balances => $"is the day's {Direction(chosen.Exercise)}{Sets(chosen)}",
            ChosenReason.Emphasises => $"adds to what is emphasised{Sets(chosen)}",
            ChosenReason.HoldsTrunk => chosen.Exercise.PrimeMovers.Contains(Muscle.Abs) && chosen.Exercise.HoldSeconds is null
                ? "bends the trunk under load"
                : "holds the trunk still against load",
            ChosenReason.Supports => $"takes the minutes that are left{Sets(chosen)}",
            ChosenReason.TakesTurns => $"takes turns with {catalogue[chosen.Turn!.With].Name}, week by week",
            ChosenReason.StandsIn => "stands in, at the same repetitions and effort",
        };
        return $"{name} {why}";
    }

    private static string Answering(Chosen chosen) =>
        chosen.Role switch
        {
            Role.Priming => "goes before the main lift, only until the muscle is felt",
            Role.Skill => "teaches the movement, easy and slow",
            Role.Capacity => "is for every day, 5 to 10 comfortable minutes",
            Role.Main => "is a form of the lift that trains just that",
            Role.Second or Role.Accessory or Role.SingleJoint or Role.Trunk or Role.Carry => chosen.Grade >= 1
                ? "trains just that"
                : "is the nearest to it that the kit allows",
        };

    private static string Usual(Chosen chosen) =>
        chosen.Exercise.Pattern is Pattern.Squat or Pattern.Hinge or Pattern.Thrust or Pattern.Lunge
            ? $"no {Codes.Of(chosen.Exercise.Pattern)} is a target lift, and of the usual ones this is the first that kit and client allow"
            : "every upper day is led by a press";

    private static string Kind(Chosen chosen) =>
        SlotKinds.IsOneLeg(chosen.Exercise)
            ? $"works one leg at a time, which the main lifts do not{Sets(chosen)}"
            : chosen.Exercise.Pattern switch
            {
                Pattern.KneeFlexion => $"bends the knee under load, which squats and pulls do not{Sets(chosen)}",
                Pattern.Calf => $"is the calf work of the week{Sets(chosen)}",
                Pattern.Abduction => chosen.Exercise.PrimeMovers.Contains(Muscle.Adductors)
                    ? $"presses the legs together, as sprints and changes of direction do{Sets(chosen)}"
                    : $"lifts the leg sideways, which nothing else does{Sets(chosen)}",
                Pattern.Squat
                or Pattern.Hinge
                or Pattern.Thrust
                or Pattern.Lunge
                or Pattern.KneeExtension
                or Pattern.Carry
                or Pattern.Throw
                or Pattern.PressHorizontal
                or Pattern.PressVertical
                or Pattern.PullHorizontal
                or Pattern.PullVertical
                or Pattern.Arms
                or Pattern.Trunk
                or Pattern.Priming
                or Pattern.Mobility
                or Pattern.Drill => $"brings a kind of work that the week would lack{Sets(chosen)}",
            };

    private static string Direction(Exercise exercise) =>
        exercise.Pattern switch
        {
            Pattern.PressHorizontal => "press across",
            Pattern.PressVertical => "press overhead",
            Pattern.PullHorizontal => "pull across",
            Pattern.PullVertical => "pull from above",
            Pattern.Squat
            or Pattern.Hinge
            or Pattern.Thrust
            or Pattern.Abduction
            or Pattern.Lunge
            or Pattern.KneeExtension
            or Pattern.KneeFlexion
            or Pattern.Calf
            or Pattern.Carry
            or Pattern.Throw
            or Pattern.Arms
            or Pattern.Trunk
            or Pattern.Priming
            or Pattern.Mobility
            or Pattern.Drill => throw new UnreachableException($"{exercise.Id} is neither press nor pull"),
        };

    private static string Sets(Chosen chosen) =>
        chosen.Brings is { } brings
            ? $"; with it {Codes.Of(brings.Muscle).Replace('-', ' ')} {(IsMany(brings.Muscle) ? "have" : "has")} "
                + $"{Number(brings.With)} hard sets a week, "
                + $"without it {Number(brings.Without)}{(brings.Low > 0 ? $", of {Number(brings.Low)} to {Number(brings.High)}" : "")}"
            : "";

    private static bool IsMany(Muscle muscle) =>
        Codes.Of(muscle).EndsWith('s')
        && muscle is not (Muscle.GluteusMaximus or Muscle.GluteusMedius or Muscle.RectusFemoris or Muscle.Soleus);

    private static string Number(double value) => value.ToString("0.#", CultureInfo.InvariantCulture);

    /// <summary>What sport leaves of the day's leg work, said once: with the lift that leads it.</summary>
    private static string Sport(Chosen chosen)
    {
        if (chosen is not { Purpose: Purpose.Main, Sport: { } bound })
            return "";
        string sport = Weekdays.NameOf(bound.Sport);
        string why = bound.Near switch
        {
            SportNear.OnMatch => "the match is on this day",
            SportNear.BeforeMatch or SportNear.TwoBeforeMatch => $"the match is on {sport}",
            SportNear.BeforeHard => $"hard training follows on {sport}",
            SportNear.AfterMatch => $"the match was on {sport}",
        };
        string rpe = bound.MostRpe.Value.ToString(CultureInfo.InvariantCulture);
        return bound.MostSets is { } sets
            ? $" The legs get {sets} sets an exercise at RPE {rpe} at most: {why}."
            : $" The legs get RPE {rpe} at most: {why}.";
    }

    private static string Growing(Chosen chosen) =>
        chosen.GrowsFor is { } code
            ? $" One set more each fortnight, since this is not closing: {FindingWords.Name(code).ToLowerInvariant()}."
            : "";

    /// <summary>Why an exercise was not taken.</summary>
    public static string Because(PassedOver passed) =>
        passed switch
        {
            PassedOver.NoKit noKit => Missing([.. noKit.Missing.Select(item => Codes.Of(item).Replace('-', ' '))]),
            PassedOver.NoLoad => "it cannot be loaded with what is there",
            PassedOver.Unsafe unsafely => $"ruled out by {ReferralWords.Text(unsafely.Reason)}",
            PassedOver.NoRange noRange => $"asks for a range that is missing: {FindingWords.Name(noRange.Finding).ToLowerInvariant()}",
            PassedOver.Locked locked =>
                $"rung {locked.Rung.Rung} of {Codes.Of(locked.Rung.Ladder).Replace('-', ' ')}; rung {locked.Rung.Open} is open, and "
                    + "its gate is not passed yet",
            PassedOver.Banned => "you took it out",
            PassedOver.PutAway => "you put it away in the catalogue",
            PassedOver.Disliked => "the client never wants it",
            _ => throw new UnreachableException(passed.GetType().Name),
        };

    /// <summary>Why the block is of its kind.</summary>
    public static string Because(KindDecision decision) =>
        decision.Reason switch
        {
            KindReason.AskedFor => $"{Kind(decision)}, as asked for.",
            KindReason.ReturnGoal => $"{Kind(decision)}, since the goal is to return to training.",
            KindReason.OpenPain => $"{Kind(decision)}, since pain covers squat and hinge.",
            KindReason.NoviceWithoutLog => $"{Kind(decision)}, since a novice has no log yet.",
            KindReason.SkillOnBoth => $"{Kind(decision)}, since squat and hinge both lack skill.",
            KindReason.EventNear => $"{Kind(decision)}, since the event is within three weeks.",
            KindReason.MuscleGoal => $"{Kind(decision)}, since the goal is muscle.",
            KindReason.AfterStrength => $"{Kind(decision)}, since the last block was strength.",
            KindReason.Otherwise => $"{Kind(decision)}, since nothing asks for another kind first.",
        };

    private static string Kind(KindDecision decision) => Sentence(Codes.Of(decision.Kind));

    /// <summary>What a block favours and what it gives up, in two sentences.</summary>
    public static string Favours(BlockKind kind) =>
        kind switch
        {
            BlockKind.Foundation => "Favours clean movement at easy effort. Gives up load for now.",
            BlockKind.Muscle => "Favours sets near failure in the middle of the range. Gives up practice with the heaviest loads.",
            BlockKind.Peak =>
                "Favours heavy singles to triples with fresh legs. Gives up a third of the sets and most accessories' growth.",
            BlockKind.Return => "Favours one small step a week, taken only after a usual morning. Gives up heavy sets until then.",
            BlockKind.Deload => "Favours rest while the movement is kept. Gives up a week of progress on purpose.",
            BlockKind.Test => "Favours finding out where the maxes stand. Gives up training for a week.",
            BlockKind.Strength or BlockKind.Auto =>
                "Favours load on squat and hinge with long rests. Gives up volume beyond what keeps muscle.",
        };

    /// <summary>Why an edit could not be made.</summary>
    public string Because(RefusedEdit refused) =>
        $"{What(refused.Edit)}: {refused.Why switch
    {
        EditRefusal.NotThere => "it is not in this block",
        EditRefusal.NoSuchWeek => "the block has no such week",
        EditRefusal.ThereAlready => "it stands in that session already",
        EditRefusal.RuledOut => "pain or a referral rules it out",
    }}.";

    private string What(BlockEdit edit) =>
        edit switch
        {
            BlockEdit.Write write => Place(write.At),
            BlockEdit.Add add => Place(add.At),
            BlockEdit.Remove remove => Place(remove.At),
            BlockEdit.Replace replace =>
                $"{catalogue.Find(replace.With)?.Name ?? replace.With} in place of {Lower(replace.At.Exercise)}, week "
                    + $"{replace.At.Week} {Codes.Of(replace.At.Day)}",
            BlockEdit.Order order => Place(order.At),
            BlockEdit.Carry carry => Place(carry.At),
            BlockEdit.MoveSession move => $"Session of week {move.Week} {Codes.Of(move.From)}",
            BlockEdit.CopySession copy => $"Session of week {copy.Week} {Codes.Of(copy.Day)}",
            BlockEdit.Missed missed => $"Session of week {missed.Week} {Codes.Of(missed.Day)}",
            _ => throw new UnreachableException(edit.GetType().Name),
        };

    private string Place(CellPlace at) => $"{catalogue.Find(at.Exercise)?.Name ?? at.Exercise}, week {at.Week} {Codes.Of(at.Day)}";

    private static string Missing(IReadOnlyList<string> kit) =>
        kit is [var one]
            ? $"{one} {(one.EndsWith('s') && !one.EndsWith("ss", StringComparison.Ordinal) ? "are" : "is")} not there"
            : $"{string.Join(", ", kit.SkipLast(1))} and {kit[^1]} are not there";

    private static string Sentence(string text) => text.Length == 0 ? text : char.ToUpperInvariant(text[0]) + text[1..];

    private string Lower(string? id) =>
        id is not null && catalogue.Find(id) is { } exercise ? exercise.Name.ToLowerInvariant() : "another exercise";
}
