using System.Diagnostics;
using System.Globalization;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Findings;
using Nerezza.Core.Loads;
using Nerezza.Core.Review;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Wording;

/// <summary>Says the four answers of a review, each with its number and the one thing to do (docs/handbook/14-review.md).</summary>
public sealed class ReviewWords(ExerciseCatalogue catalogue)
{
    private readonly MeasureWords _measures = new(catalogue);

    /// <summary>Is the weak point closing?</summary>
    public string WeakPoint(ClientReview review)
    {
        if (review.Findings.FirstOrDefault(one => one.IsOpen) is not { } story)
            return review.Findings.FirstOrDefault(one => one.Course is Course.Closed) is { } closed
                ? $"Closed: {Lower(FindingWords.Title(closed.Finding))}. {Number(closed)} Nothing else is open."
                : "Nothing is open: no screen and no log found a weak point.";
        string title = FindingWords.Title(story.Finding);
        return story.Course switch
        {
            Course.Closing => $"{title}, and it is closing. {Number(story)}{Retest(story, review.Today)}",
            Course.Closed => $"{title}: at its norm. {Number(story)} Accept the new screen and it is closed.",
            Course.Same => $"{title}, and it is where it was. {Number(story)}{Retest(story, review.Today)}",
            Course.Worse => $"{title}, and it is worse. {Number(story)} Look at what it asks for before the next session.",
            Course.NotMeasuredSince or Course.NotKnown => $"{title}: not measured since it was found.{Retest(story, review.Today)}",
        };
    }

    /// <summary>Is the client getting stronger?</summary>
    public string Stronger(ClientReview review)
    {
        if (review.Lifts.FirstOrDefault(one => one.IsMain) is not { } lift)
            return "No lift has a max yet. Enter a set under Intake, or log one.";
        string now = string.Create(
            CultureInfo.InvariantCulture,
            $"{NameOf(lift)}: max {lift.Now.Kilograms:0.#} kg, likely {lift.Now.Low:0} to {lift.Now.High:0}"
        );
        string change = lift.Change switch
        {
            null => ", not known four weeks ago",
            { } part when Math.Abs(part) < ReviewRules.Shipped.SteadyPart => ", as four weeks ago",
            { } part => string.Create(
                CultureInfo.InvariantCulture,
                $", {Math.Abs(part):0.0 %} {(part > 0 ? "more" : "less")} than four weeks ago"
            ),
        };
        Stall? stall = review.Stalls is [var first, ..] ? first : null;
        return stall is null
            ? $"{now}{change}. Go on as planned."
            : $"{now}{change}. {catalogue[stall.Exercise].Name} stalls: {Lower(Step(stall.Next ?? stall.Before!.Step))}"
                + $"{(stall.Next is null ? " is under way" : "")}.";
    }

    /// <summary>Was the plan done?</summary>
    public static string Done(ClientReview review)
    {
        List<WeekDone> weeks = [.. review.Weeks.TakeLast(ReviewRules.Shipped.ToldWeeks)];
        List<SessionDone> past = [.. weeks.SelectMany(week => week.Sessions).Where(session => session.Fate is not SessionFate.Ahead)];
        if (past.Count == 0)
            return "No session was planned in these weeks. Make a block.";
        int done = past.Count(session => session.Fate is SessionFate.Kept or SessionFate.Moved);
        (int planned, int sets) = (weeks.Sum(week => week.SetsPlanned), weeks.Sum(week => week.SetsDone));
        string effort = weeks.Select(week => week.EffortOver).OfType<double>().ToList() is { Count: > 0 } over
            ? $" {Effort(Math.Round(over.Average(), 1))}"
            : "";
        string? rest = Rest([.. weeks.SelectMany(week => week.Rests)]);
        string todo =
            done < past.Count ? " Ask what kept them away before adding anything."
            : rest is null ? " Nothing to change."
            : " Ask for the whole rest before adding load.";
        return $"{done} of {past.Count} sessions and {sets} of {planned} sets in four weeks.{effort}{rest}{todo}";
    }

    /// <summary>Said where rests are cut short often enough to matter; null else.</summary>
    private static string? Rest(IReadOnlyList<RestTaken> rests)
    {
        RestRule rule = ReviewRules.Shipped.Rest;
        int cut = rests.Count(rest => !rest.IsKept);
        return rests.Count < rule.ToldFrom || cut < rests.Count * rule.ToldPart
            ? null
            : $" {cut} of {rests.Count} timed rests were cut short.";
    }

    private static string Effort(double over) =>
        over == 0
            ? "Effort came as asked."
            : string.Create(
                CultureInfo.InvariantCulture,
                $"Effort came {Math.Abs(over):0.0} RPE {(over > 0 ? "over" : "under")} what was asked."
            );

    /// <summary>Where nothing waits: when the next session is.</summary>
    public static string NothingWaits(ReviewInput input) =>
        input.Blocks.SelectMany(block => block.Sessions).FirstOrDefault(session => session.Date >= input.Today) is { } next
            ? $"Nothing waits. The next session is on {Day(next.Date)}."
            : "Nothing waits, and nothing is planned.";

    /// <summary>By how much ratings are off, and what showed it.</summary>
    public static string Bias(EffortBias bias) =>
        string.Create(
            CultureInfo.InvariantCulture,
            $"Ratings are corrected by {bias.Repetitions:+0.0;-0.0;0.0} repetitions in reserve, as "
                + $"{(bias.From.Count == 1 ? "one exercise" : $"{bias.From.Count} exercises")} to the last repetition showed."
        );

    /// <summary>What a coach would write of the week ahead: days, the main lift with its sets, and what else there is.</summary>
    public string Message(ReviewInput input)
    {
        DateOnly until = input.Today.AddDays(7);
        IEnumerable<string> days = input
            .Blocks.SelectMany(block => block.Sessions)
            .Where(session => session.Date >= input.Today && session.Date < until)
            .Select(session => $"{session.Date.ToString("ddd d MMM", CultureInfo.InvariantCulture)}: {Told(session)}");
        return string.Join('\n', days.Prepend("This week:"));
    }

    private string Told(StoodSession session) =>
        string.Join(
            "; ",
            session
                .Items.Where(item => item.Role is Role.Main or Role.Second)
                .Select(Told)
                .Append($"{session.Items.Count(item => item.Role is not (Role.Main or Role.Second))} more")
        );

    private string Told(StoodItem item)
    {
        StoodSet top = item.Sets.MaxBy(set => set.Load?.Kilograms ?? 0)!;
        string load = top.Load is { Grams: > 0 } kg ? string.Create(CultureInfo.InvariantCulture, $", up to {kg.Kilograms:0.##} kg") : "";
        string effort = top.Rpe is { } rpe ? string.Create(CultureInfo.InvariantCulture, $", RPE {rpe.Value:0.#}") : ", easy";
        return $"{Lower(catalogue[item.Exercise].Name)} {item.Sets.Count} x {top.Reps ?? 1}{load}{effort}";
    }

    /// <summary>How a finding stands, in one word.</summary>
    public static string Name(Course course) =>
        course switch
        {
            Course.Closing => "closing",
            Course.Same => "same",
            Course.Worse => "worse",
            Course.Closed => "closed",
            Course.NotMeasuredSince or Course.NotKnown => "not measured since",
        };

    /// <summary>What a step against a stall is.</summary>
    public static string Step(StallStep step) =>
        step switch
        {
            StallStep.CheckRecovery => "Check sleep, diet and missed sessions",
            StallStep.Deload => "A deload week",
            StallStep.RepRange => "Another range of repetitions",
            StallStep.Variation => "Another form of the lift",
            StallStep.Accessory => "Another accessory for the weak point",
        };

    /// <summary>Why a lift is called stalled, in numbers.</summary>
    public static string Evidence(Stall stall)
    {
        string slope = string.Create(CultureInfo.InvariantCulture, $"{stall.SlopeAWeek:+0.0 %;-0.0 %;0.0 %} a week");
        string effort = stall.EffortOver is { } over
            ? string.Create(CultureInfo.InvariantCulture, $", rated {over:+0.0;-0.0;0.0} RPE against what was asked")
            : "";
        string under =
            stall.UnderBest > 0
                ? string.Create(CultureInfo.InvariantCulture, $", {stall.UnderBest:0.0 %} under its best of these weeks")
                : "";
        return $"{stall.Exposures} sessions in {stall.Days} days: {slope}{effort}{under}.{Came(stall.Before)}";
    }

    /// <summary>What a course is drawn of, as a heading, with its unit.</summary>
    public (string Name, string Unit) Measured(Measure measure)
    {
        (string name, string unit) = _measures.Named(measure);
        return (measure is Measure.Fault { Part: FaultPart.FromPercent } ? "Load at which it begins to show" : Upper(name), unit);
    }

    /// <summary>What of a measure was found, from first to last.</summary>
    public string Text(MeasureStory measure)
    {
        (string name, string unit) = Measured(measure.Measure);
        return string.Create(
            CultureInfo.InvariantCulture,
            $"{name}, {measure.Points[0].Value:0.##} to {measure.Points[^1].Value:0.##}{(unit.Length > 0 ? $" {unit}" : "")}"
        );
    }

    /// <summary>Why an exercise stays, goes or comes.</summary>
    public static string Because(TurnRow row) =>
        row.Reason switch
        {
            TurnReason.Target => "a target lift",
            TurnReason.Answers answers => $"answers {Lower(FindingWords.Name(answers.Code))}, {Name(answers.Course)}",
            TurnReason.Closed closed => $"did its work: {Lower(FindingWords.Name(closed.Code))} has closed",
            TurnReason.Worked worked => $"{Lower(FindingWords.Name(worked.Code))} closed with it, and it still earns its place",
            TurnReason.Stood stood => $"stood in {stood.Blocks} blocks in a row",
            TurnReason.NotDone no => $"done in {no.Done} of {no.Of} sessions",
            TurnReason.Gate => "its gate is passed",
            TurnReason.Composed => row.Turn switch
            {
                NextTurn.Keep => "still stands best in its place",
                NextTurn.Add => "the week has room for it",
                NextTurn.MoveUp or NextTurn.Rotate or NextTurn.Drop => "the week as it is now has something better in its place",
            },
            _ => throw new UnreachableException(row.Reason.GetType().Name),
        };

    private static string Came(StepOutcome? before) =>
        before switch
        {
            null => "",
            { Change: null } => $" Before: {Lower(Step(before.Step))} on {Day(before.On)}; not trained since.",
            { Change: { } part } => string.Create(
                CultureInfo.InvariantCulture,
                $" Before: {Lower(Step(before.Step))} on {Day(before.On)}; the max since {part:+0.0 %;-0.0 %;0.0 %}."
            ),
        };

    private string Number(FindingStory story) => story.Measures.Count == 0 ? "" : $"{Text(story.Measures[0])}.";

    private static string Retest(FindingStory story, DateOnly today) =>
        story.Retest switch
        {
            null => "",
            { } due when due.IsLate(today) => $" The retest is overdue since {Day(due.Until)}: test it.",
            { } due when due.IsDue(today) => $" The retest is due until {Day(due.Until)}: test it.",
            { } due => $" Test again from {Day(due.From)}.",
        };

    private string NameOf(LiftStory lift) =>
        lift.Side is { } side ? $"{catalogue[lift.Exercise].Name}, {Measures.Codes.Of(side)}" : catalogue[lift.Exercise].Name;

    /// <summary>When a test is due.</summary>
    internal static string Span(RetestDue due) =>
        due.From == due.Until ? $"on {Day(due.From)}" : $"from {Day(due.From)} to {Day(due.Until)}";

    internal static string Day(DateOnly day) => day.ToString("d MMM", CultureInfo.InvariantCulture);

    internal static string Lower(string text) => char.ToLowerInvariant(text[0]) + text[1..];

    internal static string Upper(string text) => char.ToUpperInvariant(text[0]) + text[1..];
}
