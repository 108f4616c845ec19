namespace Nerezza.Core.Floor;

/// <summary>How things stand with a lifter among several.</summary>
public enum LifterState
{
    /// <summary>A sign or pain that the coach should look at first.</summary>
    Flagged,

    /// <summary>A set is to be done.</summary>
    Lifting,

    /// <summary>All sets are done, or there is no session.</summary>
    Done,
}

/// <summary>A lifter among several, as the queue sees them.</summary>
/// <param name="RestLeft">Seconds until the rest is over, below zero since it is; 0 where nothing is rested from.</param>
public sealed record InHour(LifterState State, double RestLeft);

/// <summary>Who comes next when a coach runs several lifters at once (assumption: flags, then who has waited longest).</summary>
public static class WhoIsNext
{
    /// <summary>Their places, next first: who is flagged, then by the rest that is left, last those who are done. Of two who are alike
    /// the one given first.</summary>
    public static IReadOnlyList<int> Of(IReadOnlyList<InHour> lifters) =>
        [
            .. Enumerable
                .Range(0, lifters.Count)
                .OrderBy(i => Rank(lifters[i].State))
                .ThenBy(i => Math.Round(lifters[i].RestLeft))
                .ThenBy(i => i),
        ];

    private static int Rank(LifterState state) =>
        state switch
        {
            LifterState.Flagged => 0,
            LifterState.Lifting => 1,
            LifterState.Done => 2,
        };
}
