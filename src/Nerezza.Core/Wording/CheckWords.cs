using System.Diagnostics;
using System.Globalization;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Checks;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Wording;

/// <summary>Words the checks: what was found with its numbers, and what to do about it.</summary>
public sealed class CheckWords(ExerciseCatalogue catalogue)
{
    private readonly ShortWords _short = new(catalogue);

    /// <summary>What a check found, and where the plan's own rules leave no mend, that they do not.</summary>
    public string Because(Check check) =>
        check switch
        {
            Check.PatternMissing { HasNoMend: true } => $"{Found(check)} What this kit offers is too heavy yet, or ruled out.",
            Check.SportClash { HasNoMend: true } => $"{Found(check)} The days given leave no better place.",
            { HasNoMend: true } => $"{Found(check)} Nothing of lower order is left to give way to it.",
            _ => Found(check),
        };

    /// <summary>Tuesday's hard run.</summary>
    private static string Hard(OtherTraining other) =>
        $"{Weekdays.NameOf(other.Day)}'s {(other.IsMatch ? "match" : $"hard {Codes.Of(other.Kind)}")}";

    private string Found(Check check) =>
        check switch
        {
            Check.HingeSpacing hinge => $"{Name(hinge.Exercise)} is heavy {hinge.DaysApart} day after another heavy hinge; "
                + $"{hinge.DaysWanted} days apart are wanted.",
            Check.SessionTooLong session => $"The session takes {session.Minutes} minutes; there are {session.MinutesGiven}.",
            Check.LoadNotLoadable unknown =>
                $"{Name(unknown.Exercise)} is prescribed by effort alone: no max is known, or its lightest load is too heavy.",
            Check.GuardianConsent => "The client is under 16, and consent of a guardian and who supervises are not recorded.",
            Check.PatternMissing missing => $"No {Kind(missing.Pattern)} stands in the block.",
            Check.WeeklyHigh high => $"{Name(high.Muscle)}: {Number(high.Sets)} hard sets; {Number(high.Most)} are the most for a week.",
            Check.WeeklyLow low => $"{Name(low.Muscle)}: {Number(low.Sets)} hard sets; {Number(low.Least)} are the fewest that move it on.",
            Check.SessionCap full =>
                $"{Name(full.Muscle)}: {Number(full.Sets)} hard sets in one session; beyond {Number(full.Most)} little is gained.",
            Check.AxialBudget axial => $"The load on the spine is {Number(axial.Load)} sets times load; {axial.Budget} is the budget.",
            Check.RectusFemorisMissing => "The quads are emphasised, and nothing loads the rectus femoris: squats and presses hardly do.",
            Check.PushPullImbalance uneven => $"Pulls have {Number(uneven.Pulls)} sets against {Number(uneven.Presses)} of presses.",
            Check.DeloadMissing missing => $"{missing.Weeks} weeks without a deload.",
            Check.StrengthRest rest =>
                $"{Name(rest.Exercise)} is strength work with {rest.RestSeconds} seconds of rest; {rest.LeastSeconds} are the least.",
            Check.LungeSpacing lunge => $"{Name(lunge.Exercise)} comes the day after another lunge that leaves the legs sore.",
            Check.SportClash { DaysFrom: 0 } same => $"A heavy lower session stands on the day of {Hard(same.Other)}.",
            Check.SportClash { DaysFrom: > 0 } eve => $"A heavy lower session stands the day before {Hard(eve.Other)}.",
            Check.SportClash late => $"A heavy lower session stands the day after {Hard(late.Other)}.",
            Check.FindingUnanswered { Finding: FindingCode.PainOther } =>
                "What hurts is left out or kept easy; nothing is chosen for the pain itself.",
            Check.FindingUnanswered open => $"No chosen exercise answers {FindingWords.Name(open.Finding).ToLowerInvariant()}: "
                + $"{(open.Way is { } way ? _short.Way(way) : "nothing in the catalogue does")}.",
            Check.AnswerTakenOut gone =>
                $"What answered {FindingWords.Name(gone.Finding).ToLowerInvariant()} was taken out; nothing in the block does now.",
            Check.HeavyAfterLighter late =>
                $"{Name(late.Exercise)} comes after {Lower(late.Before)}; the heaviest lift wants the fresh body.",
            Check.LoosensBack loose => $"{Name(loose.Exercise)} loosens the back before heavy work on the spine.",
            Check.StrengthCircuit circuit => $"{Name(circuit.Exercise)} is strength work and stands in a superset.",
            Check.SupersetClash clash => $"{Name(clash.Exercise)} and {Lower(clash.With)} work one muscle hard and stand in one superset.",
            Check.RepRangeRepeat again => $"{Name(again.Exercise)} comes again in the week at {again.Reps} repetitions.",
            Check.GripBeforePull grip => $"{Name(grip.Exercise)} tires the hands before {Lower(grip.Pull)}.",
            Check.JumpTooBig jump =>
                $"{Name(jump.Exercise)} goes from {Number(jump.From.Kilograms)} to {Number(jump.To.Kilograms)} kg in one step.",
            Check.EmphasisLate => "What is emphasised comes the day after the other half, when the client is less fresh.",
            Check.RuledOutByPain ruled => $"{Name(ruled.Exercise)} is ruled out by {ReferralWords.Text(ruled.Reason)}.",
            Check.PercentOverPain percent => $"{Name(percent.Exercise)} is asked for at {Number(percent.AskedPercent)} % of the max; "
                + $"{Number(percent.MostPercent)} is the most until it is cleared.",
            Check.EffortOverPain effort => $"{Name(effort.Exercise)} is asked for at RPE {Number(effort.Asked.Value)}; "
                + $"{Number(effort.Most.Value)} is the most until it is cleared.",
            Check.RungLocked locked => $"The rung of {Lower(locked.Exercise)} is not open yet.",
            Check.NothingToThrow light => $"Nothing to throw weighs {Number(light.Most.Kilograms)} kg or less, a quarter of body mass: "
                + $"{Lower(light.Exercise)}s stand in its place.",
            Check.EquipmentMissing kit => $"{Name(kit.Exercise)} needs kit that is not there: "
                + $"{string.Join(", ", kit.Missing.Select(item => Codes.Of(item).Replace('-', ' ')))}.",
            Check.NoSafeties alone => $"{Name(alone.Exercise)} goes near failure, alone and without pins.",
            Check.RampTooFast ramp => $"{Name(ramp.Muscle)}: {Number(ramp.Sets)} hard sets to begin with; from what the client does now "
                + $"{Number(ramp.Most)} is the most.",
            Check.BlockLength length => $"{length.Weeks} weeks; a block of this kind usually ends at {length.Usual}.",
            Check.ReferralOpen => "A referral is open: read it before the next session.",
            Check.SameLiftTwice twice => $"{Name(twice.Exercise)} and {Lower(twice.With)} are forms of one movement in one session.",
            Check.FloorPullReps pull =>
                $"{Name(pull.Exercise)} is asked for {pull.Reps} repetitions; from the floor {pull.Most} are the most.",
            Check.TooLight light =>
                $"{Name(light.Exercise)} leads with {Number(light.Heaviest.Kilograms)} kg, which is under RPE 5 for this client.",
            Check.NoProgress still => $"{Name(still.Exercise)} stays the same in every load week.",
            Check.MinutesUnused left => $"The session takes {left.Minutes} of {left.MinutesGiven} minutes, and "
                + $"there are too few sets of {Name(left.Muscle).ToLowerInvariant()}.",
            _ => throw new UnreachableException(check.GetType().Name),
        };

    /// <summary>What to do about a check, or null when that is the coach's to judge.</summary>
    public static string? Fix(Check check) =>
        check switch
        {
            Check.HingeSpacing => "Move one of them by a day, or take it under 75 % and RPE 8.",
            Check.SessionTooLong =>
                $"Take a set off {(check.Fix.Count > 0 ? "its last exercise" : "a lift")}, or give the day more minutes.",
            Check.LoadNotLoadable => "Enter a set of this lift, or start light and log it: the first session finds the load.",
            Check.GuardianConsent => "Record the consent in Intake.",
            Check.WeeklyHigh => "Take a set off an exercise that trains it.",
            Check.WeeklyLow => "Add a set or an exercise that trains it, where the minutes allow.",
            Check.SessionCap => "Take sets off its last exercises, or move one to another day.",
            Check.AxialBudget => "Take a split squat, a leg press or a thrust in place of one squat or hinge.",
            Check.RectusFemorisMissing => "Add a leg extension or a sissy squat.",
            Check.PushPullImbalance => "Add a pull, or take a press out.",
            Check.DeloadMissing => "Make the last week a deload.",
            Check.StrengthRest => "Lengthen the rest.",
            Check.LungeSpacing => "Move one of them by a day.",
            Check.SportClash => "Move the session to a fresher day, or keep it under 75 %.",
            Check.FindingUnanswered { Finding: FindingCode.PainOther } => "Ask again every week, and note the score in Intake.",
            Check.FindingUnanswered => "Add kit in Intake, open a rung, or reject the finding.",
            Check.AnswerTakenOut => "Undo it, or add an exercise that answers it from Exercises.",
            Check.HeavyAfterLighter => "Move it before the lighter work.",
            Check.LoosensBack => "Move it behind the heavy lift.",
            Check.StrengthCircuit => "Take it out of the superset.",
            Check.SupersetClash => "Take the superset apart.",
            Check.RepRangeRepeat => "Move its repetitions on one of the days.",
            Check.GripBeforePull => "Move it to the end.",
            Check.JumpTooBig => "Stay at the lighter load and add repetitions.",
            Check.EmphasisLate => "Swap the two days.",
            Check.RuledOutByPain or Check.EffortOverPain or Check.PercentOverPain =>
                "Choose another exercise, or lower it; plan again after a change of health answers.",
            Check.RungLocked => "Choose the rung below, or record the rung in the client's file.",
            Check.NothingToThrow => "Enter a lighter bag or bell in Intake.",
            Check.EquipmentMissing => "Choose another exercise, or add the kit in Intake.",
            Check.NoSafeties => "Stop at RPE 8, set pins, or have a spotter.",
            Check.RampTooFast => "Take a set off, and add it back in two weeks.",
            Check.SameLiftTwice => "Take one of them out.",
            Check.FloorPullReps => "Fewer repetitions, and more sets or load.",
            Check.TooLight => "Take a harder form of it: paused, from a deficit, one-sided or slower.",
            Check.NoProgress => "Add load, repetitions or a set in a later week.",
            Check.MinutesUnused => "Add a set or an exercise that trains it.",
            Check.PatternMissing => "Add one in Exercises; where none is offered, add kit in Intake.",
            Check.BlockLength or Check.ReferralOpen => null,
            _ => throw new UnreachableException(check.GetType().Name),
        };

    /// <summary>Where a check applies, for example week 1 mon.</summary>
    public static string Where(Check check) =>
        check.At switch
        {
            CheckPlace.OfSession at => $"week {at.Week} {Codes.Of(at.Day)}",
            CheckPlace.OfWeek at => $"week {at.Week}",
            CheckPlace.OfBlock => "block",
            _ => throw new UnreachableException(check.At.GetType().Name),
        };

    private static string Name(Muscle muscle)
    {
        string text = Codes.Of(muscle).Replace('-', ' ');
        return char.ToUpperInvariant(text[0]) + text[1..];
    }

    private string Name(string exercise) => catalogue.Find(exercise)?.Name ?? "The exercise";

    private string Lower(string exercise) => catalogue.Find(exercise)?.Name.ToLowerInvariant() ?? "another exercise";

    private static string Kind(Pattern pattern) =>
        pattern switch
        {
            Pattern.PressHorizontal => "press",
            Pattern.PullHorizontal => "pull",
            _ => Codes.Of(pattern),
        };

    private static string Number(double value) => value.ToString("0.#", CultureInfo.InvariantCulture);
}
