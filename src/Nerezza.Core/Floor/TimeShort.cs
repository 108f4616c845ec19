using Nerezza.Core.Measures;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Floor;

/// <summary>An exercise of a session, as far as it is still to do.</summary>
/// <param name="Answers">Whether it answers a finding.</param>
/// <param name="Seconds">What is left of it takes, with its rests.</param>
public sealed record PartLeft(Role Role, bool Answers, double Seconds);

/// <summary>What falls away when there is less time than planned: the lowest purpose first, so that the lift of the day stays
/// (docs/handbook/13-floor.md).</summary>
public static class TimeShort
{
    /// <summary>Which exercises fall away, by their places, in the order of the session, so that what stays fits. Of one purpose what
    /// answers no finding goes first, and of those the later; what the others make room for comes back. Where even the least does not
    /// fit, everything that may go is named.</summary>
    /// <param name="left">In the order of the session; what is done has no seconds.</param>
    public static IReadOnlyList<int> FallsAway(IReadOnlyList<PartLeft> left, double minutes)
    {
        List<int> order =
        [
            .. Enumerable
                .Range(0, left.Count)
                .Where(i => left[i].Seconds > 0 && Rank(left[i]) >= 0)
                .OrderBy(i => Rank(left[i]))
                .ThenBy(i => left[i].Answers)
                .ThenByDescending(i => i),
        ];
        double over = left.Sum(part => part.Seconds) - minutes * 60;
        List<int> gone = [];
        foreach (int i in order.TakeWhile(_ => over > 0))
        {
            gone.Add(i);
            over -= left[i].Seconds;
        }
        foreach (int i in gone.AsEnumerable().Reverse().ToList())
        {
            if (over + left[i].Seconds > 0)
                continue;
            gone.Remove(i);
            over += left[i].Seconds;
        }
        return [.. gone.Order()];
    }

    private static int Rank(PartLeft part) => FloorRules.Shipped.FallsAway.IndexOf(Codes.Of(part.Role));
}
