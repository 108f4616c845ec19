using System.Diagnostics;
using System.Globalization;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Findings;
using Nerezza.Core.Loads;
using Nerezza.Core.Measures;
using Nerezza.Core.Review;
using Nerezza.Core.Screening;
using Nerezza.Core.Selection;
using Nerezza.Core.Wording;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Planning;

/// <summary>Lays a review out for the page.</summary>
public sealed class ReviewViews(ExerciseCatalogue catalogue)
{
    private const int AnsweredShown = 5;
    private readonly ReviewWords _words = new(catalogue);
    private readonly WaitingWords _waiting = new(catalogue);

    public ReviewView View(ClientFile file, Reviewed reviewed)
    {
        ClientReview review = reviewed.Review;
        IReadOnlyList<WaitingLine> waiting = [.. reviewed.Open.Select(one => Line(one, reviewed))];
        return new ReviewView
        {
            ClientId = file.Client.Id,
            Client = file.Client.Name,
            Date = review.Today,
            WeakPoint = _words.WeakPoint(review),
            Stronger = _words.Stronger(review),
            Done = ReviewWords.Done(review),
            Next = waiting is [var first, ..] ? first.Question : ReviewWords.NothingWaits(reviewed.Input),
            Findings = [.. review.Findings.Select(Line)],
            Lifts = [.. review.Lifts.Select(Line)],
            Marks = [.. review.Marks.Select(Line)],
            Bias = review.Bias.From.Count > 0 ? ReviewWords.Bias(review.Bias) : null,
            Weeks = [.. review.Weeks.Select(Line)],
            Effort = review.Effort,
            Pain = [.. review.Pain.Select(pain => new PainLine(pain.Date, catalogue[pain.Exercise].Name, pain.Region, pain.Score))],
            Return = review.Return,
            Waiting = waiting,
            Answered =
            [
                .. reviewed.Answers.Reverse().Take(AnsweredShown).Select(answer => new AnsweredLine(answer.Key, answer.On, answer.Until)),
            ],
            Message = _words.Message(reviewed.Input),
        };
    }

    public NextBlockView Next(Reviewed reviewed, StoodBlock ending, ExerciseChoice next) =>
        new([
            .. BlockEnd
                .Of(reviewed.Input, reviewed.Review, ending, next)
                .Select(row => new TurnLine(
                    catalogue[row.Exercise].Name,
                    row.Turn,
                    row.To is { } to ? catalogue[to].Name : null,
                    ReviewWords.Because(row)
                )),
        ]);

    /// <summary>What waits, in words.</summary>
    public WaitingLine Line(Waiting waiting, Reviewed reviewed)
    {
        WaitingText text = _waiting.Of(waiting, reviewed.Referral is { } referral ? ReferralWords.Text(referral) : null);
        return new WaitingLine(waiting.Key, text.Question, text.Evidence, text.Act, AnswerDesk.Does(waiting), PlaceOf(waiting));
    }

    /// <summary>Where the answer is given, or what it changed is seen.</summary>
    private static string PlaceOf(Waiting waiting) =>
        waiting switch
        {
            Waiting.Clearance or Waiting.PainRose => "health",
            Waiting.Consent => "intake",
            Waiting.Notes => "people",
            Waiting.Retest retest => PlaceOf(retest.First),
            Waiting.Unjudged => "findings",
            Waiting.BlockEnds => "block?plan=again",
            Waiting.FirstBlock
            or Waiting.OutOfDate
            or Waiting.Missed
            or Waiting.Stalled
            or Waiting.Rung
            or Waiting.Moved
            or Waiting.Unused => "block",
            _ => throw new UnreachableException(waiting.GetType().Name),
        };

    /// <summary>Where a measure is taken: at its step of the walk, with the faults in the lifts, or as a max.</summary>
    private static string PlaceOf(Measure measure) =>
        measure switch
        {
            Measure.Tested tested => $"screen?at={Protocol.StepOf(tested.Test).Id}",
            Measure.Fault => "screen?at=lifts",
            _ when Waiting.Retest.IsByLifting(measure) => "intake",
            Measure.Pain or Measure.Answered => "health",
            Measure.CoachWord => "findings",
            _ => throw new UnreachableException(measure.GetType().Name),
        };

    private FindingCourseLine Line(FindingStory story) =>
        new()
        {
            Code = story.Finding.Code,
            Cause = story.Finding.Cause,
            Title = FindingWords.Title(story.Finding),
            IsOpen = story.IsOpen,
            Course = story.Course,
            CourseName = ReviewWords.Name(story.Course),
            Since = story.Since,
            RetestFrom = story.Retest?.From,
            RetestUntil = story.Retest?.Until,
            Measures = [.. story.Measures.Select(Line)],
            Form = [.. story.Form.Select(set => new FormLine(set.Date, catalogue[set.Exercise].Name, set.HeldTo, set.Of))],
        };

    private MeasureLine Line(MeasureStory measure)
    {
        (string name, string unit) = _words.Measured(
            measure.Measure is Measure.Tested tested ? tested with { Side = null } : measure.Measure
        );
        return new MeasureLine(
            name,
            unit,
            measure.Side,
            measure.Error,
            measure.Norm?.Adequate,
            measure.Norm?.Upper,
            FindingCourse.LowerIsBetter(measure.Measure),
            measure.Expected,
            measure.Points
        );
    }

    private LiftCourse Line(LiftStory lift) =>
        new()
        {
            Exercise = lift.Exercise,
            Name = lift.Side is { } side ? $"{catalogue[lift.Exercise].Name}, {Codes.Of(side)}" : catalogue[lift.Exercise].Name,
            Side = lift.Side,
            IsMain = lift.IsMain,
            Of = lift.Of?.Lift,
            Ratio = lift.Of?.Ratio,
            OwnCurve = lift.Now.OwnK,
            Change = lift.Change,
            Points =
            [
                .. lift.Days.Zip(lift.Maxes).Select(row => new MaxOfDay(row.First, row.Second.Kilograms, row.Second.Low, row.Second.High)),
            ],
        };

    private static MarkLine Line(Mark mark) =>
        mark switch
        {
            Mark.BlockEnd block => new(mark.Date, MarkKind.BlockEnd, $"block {block.Number} ends"),
            Mark.Deload => new(mark.Date, MarkKind.Deload, "deload"),
            Mark.Pain pain => new(mark.Date, MarkKind.Pain, string.Create(CultureInfo.InvariantCulture, $"pain {pain.Score:0.#} of 10")),
            Mark.LayOff away => new(mark.Date, MarkKind.LayOff, $"back after {away.Days} days"),
            Mark.Retest => new(mark.Date, MarkKind.Retest, "screen"),
            _ => throw new UnreachableException(mark.GetType().Name),
        };

    private static WeekLine Line(WeekDone week) =>
        new()
        {
            Monday = week.Monday,
            Kind = week.Kind,
            Sessions = week.Sessions,
            SetsPlanned = week.SetsPlanned,
            SetsDone = week.SetsDone,
            Muscles = [.. week.Muscles.OrderBy(row => row.Key).Select(row => new MuscleDone(row.Key, row.Value.Planned, row.Value.Done))],
            EffortOver = week.EffortOver,
            RestsTimed = week.Rests.Count,
            RestsKept = week.Rests.Count(rest => rest.IsKept),
            Tonnage = week.Tonnage,
            MeanPercent = week.MeanPercent,
            TensionMinutes = week.TensionSeconds / 60,
        };
}
