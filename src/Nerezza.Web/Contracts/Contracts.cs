using Nerezza.Core.Blocks;
using Nerezza.Core.Body;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Prescription;
using Nerezza.Core.Screening;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Selection;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Levers;
using Nerezza.Formats.Plans;
using Nerezza.Formats.Shapes;

namespace Nerezza.Web.Contracts;

/// <summary>Who is signed in, and the token that every change must carry in the header X-Nerezza-Token.</summary>
public sealed record Me(string? Email, string? Practice, string Token);

public sealed record SignIn
{
    [Length(254)]
    public required string Email { get; init; }

    [Length(200)]
    public required string Password { get; init; }
}

/// <summary>A row of the client list.</summary>
public sealed record ClientLine(Guid Id, string Name, DateOnly? NextSession, bool Waiting);

public sealed record NewId(Guid Id);

/// <summary>All of Intake. The versions go back with each save, so that a lost race is told.</summary>
/// <param name="KitNotes">What of the kit is not worked out, in sentences; empty for usual kits.</param>
public sealed record IntakeView(
    Guid Id,
    ClientSection Facts,
    SchoolsSection Schools,
    uint FactsVersion,
    EquipmentSection Equipment,
    uint EquipmentVersion,
    IReadOnlyList<EnteredMax> Entered,
    IReadOnlyList<MaxPart> Maxes,
    SegmentsSection Estimates,
    string? Stop,
    IReadOnlyList<string> KitNotes
);

/// <summary>An entered set, with its estimate where it gives one.</summary>
public sealed record EnteredMax(Guid Id, StrengthSection Set, double? OneRepMaxKg);

public sealed record SaveFacts
{
    public required ClientSection Facts { get; init; }
    public required SchoolsSection Schools { get; init; }

    [Between(0, uint.MaxValue)]
    public required double Version { get; init; }
}

public sealed record SaveEquipment
{
    public required EquipmentSection Equipment { get; init; }

    [Between(0, uint.MaxValue)]
    public required double Version { get; init; }
}

/// <summary>How the screen is done, with the norm of each answer where it has one, and the faults to look for.</summary>
public sealed record ProtocolView(IReadOnlyList<StepView> Steps, IReadOnlyList<FaultSign> Faults);

public sealed record StepView(string Id, string Name, string How, string Look, string Counts, IReadOnlyList<AskView> Asks);

/// <summary>An answer of a step, with the norm that it is held against where it has one.</summary>
public sealed record AskView(ScreenAsk Ask, Norm? Norm);

/// <summary>Every screen kept of a client, newest first, and the lifts that are watched.</summary>
public sealed record ScreensView(Guid ClientId, string Client, IReadOnlyList<string> Lifts, IReadOnlyList<KeptScreen> Kept);

public sealed record KeptScreen(DateOnly Date, uint Version, ScreenSection Screen, IReadOnlyList<FaultSection> Faults);

public sealed record SaveScreen
{
    public required ScreenSection Screen { get; init; }

    [Items(40)]
    public required IReadOnlyList<FaultSection> Faults { get; init; }

    /// <summary>The version of that day's screen that was changed; left out for its first.</summary>
    [Between(0, uint.MaxValue)]
    public double? Version { get; init; }
}

/// <summary>Health answers and pain of a client, the referral that follows, and the caution to show.</summary>
public sealed record HealthView(
    Guid ClientId,
    string Client,
    uint Version,
    HealthSection Health,
    IReadOnlyList<PainSection> Pain,
    ReferralPart? Referral,
    string Caution,
    IReadOnlyList<HealthQuestion> Questions
);

public sealed record HealthQuestion(HealthFlag Flag, string Text, AnswerGroup Group);

public sealed record SaveHealth
{
    public required HealthSection Health { get; init; }

    [Items(20)]
    public required IReadOnlyList<PainSection> Pain { get; init; }

    [Between(0, uint.MaxValue)]
    public required double Version { get; init; }
}

/// <summary>What was found, with the coach's word on each.</summary>
public sealed record FindingsView(
    Guid ClientId,
    string Client,
    DateOnly? ScreenedOn,
    bool PlanOutOfDate,
    int? PlanNumber,
    ReferralPart? Referral,
    IReadOnlyList<FindingLine> Findings,
    IReadOnlyList<FindingName> Names
);

public sealed record FindingName(FindingCode Code, string Name);

/// <summary>A finding for the page. Weeks and date say when to test again.</summary>
/// <param name="Going">How it goes since it was measured before; empty where it was not.</param>
public sealed record FindingLine(
    FindingCode Code,
    Cause? Cause,
    Side? Side,
    int Severity,
    double Confidence,
    string Title,
    string Going,
    string ToDo,
    string Asks,
    int? RetestFirstWeek,
    int? RetestLastWeek,
    DateOnly? RetestFrom,
    Verdict? Verdict,
    string? Reason,
    IReadOnlyList<EvidenceLine> Evidence,
    LeanPicture? Lean
);

/// <summary>The lean that balance asks of this body beside the lean that was seen, to be drawn over each other.</summary>
/// <param name="Predicted">Null when the depth cannot be held in balance.</param>
public sealed record LeanPicture(FigurePart? Predicted, FigurePart Observed, Pose Pose);

/// <summary>A piece of evidence: its value, its norm, and last time's value.</summary>
/// <param name="Measure">Its place in the case.</param>
/// <param name="Test">The test of the screen; null where it is none.</param>
public sealed record EvidenceLine(
    string Measure,
    ScreenTest? Test,
    Side? Side,
    string Name,
    string Unit,
    double? Number,
    string Sentence,
    string Norm,
    Norm? Band,
    double? Before,
    DateOnly? BeforeOn,
    EvidenceSource Source
);

/// <summary>Where a piece of evidence was entered.</summary>
public enum EvidenceSource
{
    Screen,
    Intake,
    Health,
    Coach,
}

public sealed record DecideFinding
{
    public required Verdict Verdict { get; init; }

    [Length(500)]
    public string? Reason { get; init; }

    [Between(1, 3, "a severity")]
    public int? Severity { get; init; }
    public Side? Side { get; init; }
}

/// <summary>The levers of a client: the body as the model has it, and every exercise with a posture at its own usual load.</summary>
/// <param name="ObservedLeanDeg">The lean of the screen's squat; null when it was not measured.</param>
public sealed record LeversView(
    Guid ClientId,
    string Client,
    LeverBody Body,
    bool AnkleMeasured,
    double? ObservedLeanDeg,
    IReadOnlyList<LeverRow> Rows,
    string Caution,
    IReadOnlyList<ModelNote> Notes
);

/// <param name="StanceDeg">The variation's own; null outside the squats. Likewise knee travel, 0 to 1.</param>
/// <param name="BoxCm">First box height: where the pelvis tucked in the screen, else where it is likely to; null when it does not.</param>
public sealed record LeverRow(
    string Exercise,
    string Name,
    Pose Pose,
    double LoadKg,
    double? StanceDeg,
    double? KneeTravel,
    double? BoxCm,
    LeverReply Reply
);

/// <summary>What a new plan would change, a line each.</summary>
public sealed record PlanPreview(int Number, bool OutOfDate, IReadOnlyList<string> Changes);

/// <summary>An exercise as the pages need it.</summary>
public sealed record ExerciseLine(string Id, string Name, Pattern Pattern, IReadOnlyList<IReadOnlyList<Implement>> Kit);

/// <summary>A set that was done.</summary>
public sealed record SetView(
    Guid Id,
    DateOnly Date,
    string Exercise,
    int Place,
    Side? Side,
    double Kg,
    int Reps,
    double? Rpe,
    bool Amrap,
    int? TechniqueHeldTo,
    int? Pain,
    string? Note,
    DateTimeOffset LoggedAt
);

/// <summary>A session on the floor.</summary>
public sealed record FloorView(
    Guid ClientId,
    string Client,
    DateOnly Date,
    int Week,
    WeekKind WeekKind,
    int Minutes,
    string? Stop,
    IReadOnlyList<FloorItem> Items,
    IReadOnlyList<DateOnly> Dates,
    string Caution,
    IReadOnlyList<DailyWork> Daily
);

/// <summary>An exercise on the floor.</summary>
/// <param name="Substitutes">What can stand in for the sets that are still to do, best first; itself without substitutes.</param>
public sealed record FloorItem(
    string Exercise,
    string Name,
    Role Role,
    string Because,
    IReadOnlyList<string> Cues,
    string SetUp,
    IReadOnlyList<FloorWarmUp> WarmUp,
    IReadOnlyList<FloorSet> Sets,
    FloorProposal? Proposal,
    IReadOnlyList<LoadChoice> Loads,
    IReadOnlyList<FloorItem> Substitutes,
    string? Superset
);

public sealed record FloorWarmUp(double Kg, int Reps, IReadOnlyList<double>? PerSide);

/// <summary>A work set as prescribed, and as done.</summary>
public sealed record FloorSet(
    int Place,
    int Reps,
    double? Percent,
    double? Kg,
    double? Each,
    int? Count,
    string? Bar,
    IReadOnlyList<double>? PerSide,
    double Rpe,
    string Tempo,
    int RestSeconds,
    int LeastRestSeconds,
    Side? Side,
    int? Metres,
    int? Seconds,
    bool Amrap,
    SetView? Done
);

/// <summary>What the last set suggests for the next one; a null load ends the exercise.</summary>
public sealed record FloorProposal(int Place, double? Kg, int? Reps, string Text);

/// <summary>A load that can be made near the planned one, with its plates.</summary>
public sealed record LoadChoice(double Kg, IReadOnlyList<double>? PerSide);

/// <summary>A set that is logged. The id is made by whoever logs it, so that sending twice is one set.</summary>
public sealed record LogSet
{
    [Length(36)]
    public required string Id { get; init; }
    public required DateOnly Date { get; init; }

    [ExerciseId]
    public required string Exercise { get; init; }

    [Between(0, 50, "a place")]
    public required int Place { get; init; }
    public Side? Side { get; init; }

    [Between(0, 1000, "kilograms")]
    public required double Kg { get; init; }

    [Between(0, 100, "repetitions")]
    public required int Reps { get; init; }

    [Between(1, 10, "an RPE")]
    public double? Rpe { get; init; }
    public bool? Amrap { get; init; }

    [Between(0, 100, "repetitions")]
    public int? TechniqueHeldTo { get; init; }

    [Between(0, 10, "a score")]
    public int? Pain { get; init; }

    [Length(2000)]
    public string? Note { get; init; }

    /// <summary>The set that this one corrects.</summary>
    [Length(36)]
    public string? Supersedes { get; init; }
}

/// <summary>Takes a logged set back; itself a fact with an id.</summary>
public sealed record WithdrawSet
{
    [Length(36)]
    public required string Id { get; init; }
}

/// <summary>Today: sessions in order, and what waits for the coach.</summary>
public sealed record DayView(DateOnly Date, IReadOnlyList<DaySession> Sessions, IReadOnlyList<Decision> Decisions);

public sealed record DaySession(Guid ClientId, string Client, IReadOnlyList<string> Lifts, int Minutes, int SetsDone, int SetsPlanned);

/// <summary>Something that waits for the coach, as a question with its evidence and where the answer is given.</summary>
public sealed record Decision(Guid ClientId, string Client, string Question, string Evidence, Station Station);

/// <summary>Stations of a client's file.</summary>
public enum Station
{
    Intake,
    Health,
    Screen,
    Findings,
    Block,
    Floor,
}
