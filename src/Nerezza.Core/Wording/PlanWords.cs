using System.Diagnostics;
using System.Globalization;
using Nerezza.Core.Blocks;
using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Wording;

/// <summary>Words the plan: each sentence says what was found, the number behind it, and what to do.</summary>
public sealed class PlanWords(ExerciseCatalogue catalogue)
{
    /// <summary>Why an exercise stands in a session.</summary>
    public string Because(PrescribedItem item) => Because(item.Exercise, item.Role, item.Reason, item.Answers) + Growing(item.Ask.Chosen);

    /// <summary>Why an exercise was chosen.</summary>
    public string Because(Chosen chosen) => Because(chosen.Exercise.Id, chosen.Role, chosen.Reason, chosen.Answers) + Growing(chosen);

    /// <summary>Why an alternative was not taken.</summary>
    /// <param name="score">Of the one that was.</param>
    public static string Because(Alternative alternative, double score)
    {
        string scores = $"scores {Share(alternative.Score)} against {Share(score)}";
        if (alternative.Part is not { } part)
            return $"{scores}; the set as a whole is better without it";
        return alternative.Score >= score
            ? $"{scores}, but the set as a whole is better without it; it falls behind in {part}"
            : $"{scores}, behind most in {part}";
    }

    private string Because(string exercise, Role role, ChosenReason reason, IReadOnlyList<FindingCode> answers)
    {
        string name = catalogue[exercise].Name;
        string why = reason switch
        {
            ChosenReason.EventWork => $"{name} is the client's event: one session a week, in the place of a heavy hinge",
            ChosenReason.Picked => $"{name} is your own choice",
            ChosenReason.TargetLift => $"{name} is a target lift",
            ChosenReason.ChangedLift => $"{name} is the variation for this finding: {Named(answers)}",
            ChosenReason.SparesSpine => $"{name} takes the second place, so that the week's load on the spine stays within its budget",
            ChosenReason.OtherForm => $"{name} takes the second place: the same pattern in another form than the main lift",
            ChosenReason.AnswersFinding => $"{name} is there for: {Named(answers)}",
            ChosenReason.FillsPattern => $"{name} is the press or pull that the week needs",
            ChosenReason.FillsSets => $"{name} brings "
                + $"{string.Join(" and ", catalogue[exercise].PrimeMovers.Select(muscle => Codes.Of(muscle).Replace('-', ' ')))} "
                + "the sets that the week still needs",
            ChosenReason.StandsIn => $"{name} stands in, at the same repetitions and effort",
            ChosenReason.AddsStimulus => $"{name} adds most for the fatigue it costs",
            ChosenReason.UsualLift => $"{name} is the first usual choice that the kit and the client's answers allow",
        };
        // Event work has its own place, whatever its role.
        return reason is ChosenReason.EventWork ? $"{why}." : $"{why}; {Place(role)}.";
    }

    private static string Growing(Chosen chosen) =>
        chosen.GrowsFor is { } code
            ? $" One set more each fortnight, since this is not closing: {FindingWords.Name(code).ToLowerInvariant()}."
            : "";

    private static string Named(IReadOnlyList<FindingCode> answers) =>
        string.Join(" and ", answers.Select(code => FindingWords.Name(code).ToLowerInvariant()));

    private static string Place(Role role) =>
        role switch
        {
            Role.Main => "it comes first, while the client is fresh",
            Role.Second => "it comes second, lighter, so that the first lift keeps its quality",
            Role.Priming => "light, before the main lift, only until it is felt",
            Role.Skill => "easy and slow, to learn the movement",
            Role.Capacity => "daily, 5 to 10 minutes, comfortable",
            Role.Carry => "at the end, when the hands may tire",
            Role.Accessory or Role.SingleJoint or Role.Trunk => "after the main lifts",
        };

    private static string Share(double score) => score.ToString("0.00", CultureInfo.InvariantCulture);

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
            KindReason.OpenPain => $"{Kind(decision)}, since pain is open.",
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
            BlockKind.Return => "Favours a step a week that the next morning agrees with. Gives up every hurry.",
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
        $"{string.Join(" and ", kit)} {(kit.Count > 1 || kit[0].EndsWith('s') ? "are" : "is")} not there";

    private static string Sentence(string text) => text.Length == 0 ? text : char.ToUpperInvariant(text[0]) + text[1..];

    private string Lower(string? id) =>
        id is not null && catalogue.Find(id) is { } exercise ? exercise.Name.ToLowerInvariant() : "another exercise";
}
