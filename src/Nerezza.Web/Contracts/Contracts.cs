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
public sealed record IntakeView
{
    public required Guid Id { get; init; }

    public required ClientSection Facts { get; init; }

    public required SchoolsSection Schools { get; init; }

    public required uint FactsVersion { get; init; }

    public required EquipmentSection Equipment { get; init; }

    public required uint EquipmentVersion { get; init; }

    public required IReadOnlyList<EnteredMax> Entered { get; init; }

    public required IReadOnlyList<MaxPart> Maxes { get; init; }

    public required SegmentsSection Estimates { get; init; }

    public required string? Stop { get; init; }

    /// <summary>What of the kit is not worked out, in sentences; empty for usual kits.</summary>
    public required IReadOnlyList<string> KitNotes { get; init; }

    /// <summary>All kit in the groups in which a coach looks for it.</summary>
    public required IReadOnlyList<KitGroup> KitGroups { get; init; }

    /// <summary>What a bar can be.</summary>
    public required IReadOnlyList<Implement> BarKinds { get; init; }
}

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
public sealed record HealthView
{
    public required Guid ClientId { get; init; }

    public required string Client { get; init; }

    public required uint Version { get; init; }

    public required HealthSection Health { get; init; }

    public required IReadOnlyList<PainSection> Pain { get; init; }

    public required ReferralPart? Referral { get; init; }

    public required string Caution { get; init; }

    public required IReadOnlyList<HealthQuestion> Questions { get; init; }
}

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
public sealed record FindingsView
{
    public required Guid ClientId { get; init; }

    public required string Client { get; init; }

    public required DateOnly? ScreenedOn { get; init; }

    public required bool PlanOutOfDate { get; init; }

    public required int? PlanNumber { get; init; }

    public required ReferralPart? Referral { get; init; }

    public required IReadOnlyList<FindingLine> Findings { get; init; }

    public required IReadOnlyList<FindingName> Names { get; init; }
}

public sealed record FindingName(FindingCode Code, string Name);

/// <summary>A finding for the page. Weeks and date say when to test again.</summary>
public sealed record FindingLine
{
    public required FindingCode Code { get; init; }

    public required Cause? Cause { get; init; }

    public required Side? Side { get; init; }

    public required int Severity { get; init; }

    public required double Confidence { get; init; }

    public required string Title { get; init; }

    /// <summary>How it goes since it was measured before; empty where it was not.</summary>
    public required string Going { get; init; }

    public required string ToDo { get; init; }

    public required string Asks { get; init; }

    public required int? RetestFirstWeek { get; init; }

    public required int? RetestLastWeek { get; init; }

    public required DateOnly? RetestFrom { get; init; }

    public required Verdict? Verdict { get; init; }

    public required string? Reason { get; init; }

    public required IReadOnlyList<EvidenceLine> Evidence { get; init; }

    public required LeanPicture? Lean { get; init; }
}

/// <summary>The lean that balance asks of this body beside the lean that was seen, to be drawn over each other.</summary>
/// <param name="Predicted">Null when the depth cannot be held in balance.</param>
public sealed record LeanPicture(FigurePart? Predicted, FigurePart Observed, Pose Pose);

/// <summary>A piece of evidence: its value, its norm, and last time's value.</summary>
public sealed record EvidenceLine
{
    /// <summary>Its place in the case.</summary>
    public required string Measure { get; init; }

    /// <summary>The test of the screen; null where it is none.</summary>
    public required ScreenTest? Test { get; init; }

    public required Side? Side { get; init; }

    public required string Name { get; init; }

    public required string Unit { get; init; }

    public required double? Number { get; init; }

    public required string Sentence { get; init; }

    public required string Norm { get; init; }

    public required Norm? Band { get; init; }

    public required double? Before { get; init; }

    public required DateOnly? BeforeOn { get; init; }

    public required EvidenceSource Source { get; init; }
}

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
public sealed record LeversView
{
    public required Guid ClientId { get; init; }

    public required string Client { get; init; }

    public required LeverBody Body { get; init; }

    public required bool AnkleMeasured { get; init; }

    /// <summary>The lean of the screen's squat; null when it was not measured.</summary>
    public required double? ObservedLeanDeg { get; init; }

    public required IReadOnlyList<LeverRow> Rows { get; init; }

    public required string Caution { get; init; }

    public required IReadOnlyList<ModelNote> Notes { get; init; }
}

public sealed record LeverRow
{
    public required string Exercise { get; init; }

    public required string Name { get; init; }

    public required Pose Pose { get; init; }

    public required double LoadKg { get; init; }

    /// <summary>The variation's own; null outside the squats. Likewise knee travel, 0 to 1.</summary>
    public required double? StanceDeg { get; init; }

    public required double? KneeTravel { get; init; }

    /// <summary>First box height: where the pelvis tucked in the screen, else where it is likely to; null when it does not.</summary>
    public required double? BoxCm { get; init; }

    public required LeverReply Reply { get; init; }
}

/// <summary>What a new plan would change, a line each.</summary>
public sealed record PlanPreview(int Number, bool OutOfDate, IReadOnlyList<string> Changes);

/// <summary>An exercise as the pages need it.</summary>
public sealed record ExerciseLine(string Id, string Name, Pattern Pattern, IReadOnlyList<IReadOnlyList<Implement>> Kit);

/// <summary>A set that was done.</summary>
public sealed record SetView
{
    public required Guid Id { get; init; }

    public required DateOnly Date { get; init; }

    public required string Exercise { get; init; }

    public required int Place { get; init; }

    public required Side? Side { get; init; }

    public required double Kg { get; init; }

    public required int Reps { get; init; }

    public required double? Rpe { get; init; }

    public required bool Amrap { get; init; }

    public required int? TechniqueHeldTo { get; init; }

    public required int? Pain { get; init; }

    public required string? Note { get; init; }

    public required DateTimeOffset LoggedAt { get; init; }
}

/// <summary>A session on the floor.</summary>
public sealed record FloorView
{
    public required Guid ClientId { get; init; }

    public required string Client { get; init; }

    public required DateOnly Date { get; init; }

    /// <summary>The session that is planned for the date; null when there is none.</summary>
    public required FloorSession? Session { get; init; }
    public required string? Stop { get; init; }

    public required IReadOnlyList<FloorItem> Items { get; init; }

    public required IReadOnlyList<DateOnly> Dates { get; init; }

    public required string Caution { get; init; }

    public required IReadOnlyList<DailyWork> Daily { get; init; }
}

/// <summary>An exercise on the floor.</summary>
public sealed record FloorItem
{
    public required string Exercise { get; init; }

    public required string Name { get; init; }

    public required Role Role { get; init; }

    public required string Because { get; init; }

    public required IReadOnlyList<string> Cues { get; init; }

    public required string SetUp { get; init; }

    public required IReadOnlyList<FloorWarmUp> WarmUp { get; init; }

    public required IReadOnlyList<FloorSet> Sets { get; init; }

    public required FloorProposal? Proposal { get; init; }

    public required IReadOnlyList<LoadChoice> Loads { get; init; }

    /// <summary>What can stand in for the sets that are still to do, best first; itself without substitutes.</summary>
    public required IReadOnlyList<FloorItem> Substitutes { get; init; }

    public required string? Superset { get; init; }
}

public sealed record FloorWarmUp(double Kg, int Reps, IReadOnlyList<double>? PerSide);

/// <summary>A work set as prescribed, and as done.</summary>
public sealed record FloorSet
{
    public required int Place { get; init; }

    public required int Reps { get; init; }

    public required double? Percent { get; init; }

    public required double? Kg { get; init; }

    public required double? Each { get; init; }

    public required int? Count { get; init; }

    public required string? Bar { get; init; }

    public required IReadOnlyList<double>? PerSide { get; init; }

    public required double Rpe { get; init; }

    public required string Tempo { get; init; }

    public required int RestSeconds { get; init; }

    public required int LeastRestSeconds { get; init; }

    public required Side? Side { get; init; }

    public required int? Metres { get; init; }

    public required int? Seconds { get; init; }

    public required bool Amrap { get; init; }

    public required SetView? Done { get; init; }
}

/// <summary>Where in the block a session stands, and how long it takes.</summary>
public sealed record FloorSession(int Week, WeekKind WeekKind, int Minutes);

/// <summary>What the last set suggests for the next one.</summary>
/// <param name="Next">The set to do; null where none is to follow with this exercise.</param>
public sealed record FloorProposal(int Place, string Text, ProposedSet? Next);

/// <summary>A set that is proposed in place of the planned one.</summary>
public sealed record ProposedSet(double Kg, int Reps);

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
