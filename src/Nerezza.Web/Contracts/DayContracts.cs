namespace Nerezza.Web.Contracts;

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
    People,
}
