using Nerezza.Core.Blocks;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Review;
using Nerezza.Formats.Shapes;

namespace Nerezza.Web.Contracts;

/// <summary>A client's story: four answers, each with what shows it, and what waits.</summary>
public sealed record ReviewView
{
    public required Guid ClientId { get; init; }
    public required string Client { get; init; }
    public required DateOnly Date { get; init; }
    public required string WeakPoint { get; init; }
    public required string Stronger { get; init; }
    public required string Done { get; init; }
    public required string Next { get; init; }
    public required IReadOnlyList<FindingCourseLine> Findings { get; init; }
    public required IReadOnlyList<LiftCourse> Lifts { get; init; }
    public required IReadOnlyList<MarkLine> Marks { get; init; }

    /// <summary>By how much ratings are corrected, in a sentence; null where nothing is.</summary>
    public required string? Bias { get; init; }
    public required IReadOnlyList<WeekLine> Weeks { get; init; }
    public required IReadOnlyList<EffortPoint> Effort { get; init; }
    public required IReadOnlyList<PainLine> Pain { get; init; }
    public required IReadOnlyList<ReturnRow> Return { get; init; }
    public required IReadOnlyList<WaitingLine> Waiting { get; init; }

    /// <summary>What was answered lately, for taking it back.</summary>
    public required IReadOnlyList<AnsweredLine> Answered { get; init; }

    /// <summary>What to write to the client, to copy.</summary>
    public required string Message { get; init; }
}

/// <summary>A finding through time.</summary>
public sealed record FindingCourseLine
{
    public required FindingCode Code { get; init; }
    public required Cause? Cause { get; init; }
    public required string Title { get; init; }
    public required bool IsOpen { get; init; }
    public required Course Course { get; init; }
    public required string CourseName { get; init; }
    public required DateOnly Since { get; init; }
    public required DateOnly? RetestFrom { get; init; }
    public required DateOnly? RetestUntil { get; init; }
    public required IReadOnlyList<MeasureLine> Measures { get; init; }

    /// <summary>How far form held in its lifts, the worst set of each day; empty where it never broke.</summary>
    public required IReadOnlyList<FormLine> Form { get; init; }
}

/// <summary>A day's set in which form broke first.</summary>
public sealed record FormLine(DateOnly Date, string Name, int HeldTo, int Of);

/// <summary>One measure through time.</summary>
/// <param name="Name">What it is, whichever side: the two sides of a test share it.</param>
/// <param name="Expected">What the body asks for, where that is its norm.</param>
public sealed record MeasureLine(
    string Name,
    string Unit,
    Side? Side,
    double Error,
    double? Norm,
    double? NormUpper,
    bool LowerIsBetter,
    double? Expected,
    IReadOnlyList<MeasurePoint> Points
);

/// <summary>A lift through time, kilograms.</summary>
public sealed record LiftCourse
{
    public required string Exercise { get; init; }
    public required string Name { get; init; }
    public required Side? Side { get; init; }
    public required bool IsMain { get; init; }

    /// <summary>The lift on whose axis it is drawn, with the ratio to it.</summary>
    public required string? Of { get; init; }
    public required double? Ratio { get; init; }
    public required double? OwnCurve { get; init; }
    public required double? Change { get; init; }
    public required IReadOnlyList<MaxOfDay> Points { get; init; }
}

/// <summary>A max with its 80 % interval, kilograms.</summary>
public sealed record MaxOfDay(DateOnly Date, double Kg, double Low, double High);

/// <summary>What happened on a day, in words.</summary>
public sealed record MarkLine(DateOnly Date, MarkKind Kind, string Text);

/// <summary>What a mark is.</summary>
public enum MarkKind
{
    BlockEnd,
    Deload,
    Pain,
    LayOff,
    Retest,
}

/// <summary>A week, done against planned.</summary>
public sealed record WeekLine
{
    public required DateOnly Monday { get; init; }
    public required WeekKind? Kind { get; init; }
    public required IReadOnlyList<SessionDone> Sessions { get; init; }
    public required int SetsPlanned { get; init; }
    public required int SetsDone { get; init; }
    public required IReadOnlyList<MuscleDone> Muscles { get; init; }
    public required double? EffortOver { get; init; }

    /// <summary>Rests between sets that were timed, and how many of them were as long as asked.</summary>
    public required int RestsTimed { get; init; }
    public required int RestsKept { get; init; }
    public required double Tonnage { get; init; }
    public required double? MeanPercent { get; init; }
    public required double TensionMinutes { get; init; }
}

/// <summary>Hard sets of a muscle.</summary>
public sealed record MuscleDone(Muscle Muscle, double Planned, double Done);

/// <summary>Pain that was logged, with the exercise by name.</summary>
public sealed record PainLine(DateOnly Date, string Exercise, PainRegion? Region, double Score);

/// <summary>Something that waits, as a question with its evidence, and what the one key does.</summary>
/// <param name="Does">Whether the key does it here; else it is done where it opens.</param>
/// <param name="Opens">The place below the client's address.</param>
public sealed record WaitingLine(string Key, string Question, string Evidence, string Act, bool Does, string Opens);

/// <summary>A decision that was answered.</summary>
public sealed record AnsweredLine(string Key, DateOnly On, DateOnly? Until);

public sealed record AnswerWaiting
{
    [Length(400)]
    public required string Key { get; init; }

    /// <summary>The day that it comes back, where it is put off. Left out: it is done.</summary>
    public DateOnly? Until { get; init; }
}

public sealed record TakeBackAnswer
{
    [Length(400)]
    public required string Key { get; init; }
}

/// <summary>The next block beside the one that ends.</summary>
public sealed record NextBlockView(IReadOnlyList<TurnLine> Turns);

/// <summary>What becomes of an exercise, with its reason.</summary>
public sealed record TurnLine(string Exercise, NextTurn Turn, string? To, string Because);
