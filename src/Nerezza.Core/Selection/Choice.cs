using Nerezza.Core.Clients;
using Nerezza.Core.Findings;

namespace Nerezza.Core.Selection;

/// <summary>One candidate of the set: how often it could be done in a week, and what it is worth.</summary>
/// <param name="Score">0 to 1000.</param>
/// <param name="SessionsMost">Sessions a week at most, at least 1.</param>
public sealed record ChoiceCandidate(string Id, int Score, int SessionsMost);

/// <summary>A sum over sessions that must not pass a limit: minutes, axial load, a muscle's high limit.</summary>
/// <param name="Muscle">Where the limit is a muscle's.</param>
/// <param name="Unit">How many make one minute, set or exercise.</param>
/// <param name="PerSession">One number a candidate.</param>
public sealed record ChoiceCap(CapKind Kind, Muscle? Muscle, int Unit, IReadOnlyList<int> PerSession, int Limit);

/// <summary>What a limit is of.</summary>
public enum CapKind
{
    /// <summary>Minutes of the days that an exercise suits.</summary>
    Minutes,

    /// <summary>Exercises in the week.</summary>
    Items,

    /// <summary>Load on the spine, axial times sets.</summary>
    Axial,

    /// <summary>Hard sets of a muscle.</summary>
    Sets,
}

/// <summary>A sum over sessions that should reach a number; each unit short costs.</summary>
/// <param name="Of">What is short below it; null where that is only less good.</param>
public sealed record ChoiceWant(string Name, Lack? Of, IReadOnlyList<int> PerSession, int Needed, int CostEach);

/// <summary>Candidates of which at most so many are taken.</summary>
public sealed record ChoiceFamily(string Name, IReadOnlyList<int> Members, int Most);

/// <summary>Candidates of which one at least is worth this much.</summary>
public sealed record ChoiceAnswer(FindingCode Finding, IReadOnlyList<int> Members, int Worth);

/// <summary>The set of accessories to choose, as numbers: maximise scores and answers less what is short and repeated.</summary>
public sealed record ChoiceProblem
{
    /// <summary>What can be chosen.</summary>
    public required IReadOnlyList<ChoiceCandidate> Candidates { get; init; }

    /// <summary>What must not be passed.</summary>
    public required IReadOnlyList<ChoiceCap> Caps { get; init; }

    /// <summary>What is wanted, each with its cost when short.</summary>
    public required IReadOnlyList<ChoiceWant> Wants { get; init; }

    /// <summary>Candidates of which only so many may stand.</summary>
    public required IReadOnlyList<ChoiceFamily> Families { get; init; }

    /// <summary>Candidates that answer a finding.</summary>
    public required IReadOnlyList<ChoiceAnswer> Answers { get; init; }

    /// <summary>Of each session.</summary>
    public required int SessionCost { get; init; }

    /// <summary>Of each session beyond an exercise's first, on top.</summary>
    public required int RepeatCost { get; init; }

    /// <summary>Worth is counted in these, so that a fixed 20-bit hash of the id breaks every tie the same way everywhere.</summary>
    public const long Scale = 1 << 20;

    /// <summary>A fixed 20-bit hash of an id (FNV-1a folded): no two machines differ.</summary>
    public static long Hash(string id)
    {
        uint hash = 2166136261;
        foreach (char letter in id)
            hash = (hash ^ letter) * 16777619;
        return (hash >> 20) ^ (hash & 0xFFFFF);
    }

    /// <summary>What a choice is worth, hashes included; null when it breaks a cap or a family.</summary>
    /// <param name="sessions">One number a candidate, 0 where it is not taken.</param>
    public long? WorthOf(IReadOnlyList<int> sessions)
    {
        if (Caps.Any(cap => Sum(cap.PerSession, sessions) > cap.Limit))
            return null;
        if (Families.Any(family => family.Members.Count(member => sessions[member] > 0) > family.Most))
            return null;
        long worth = 0,
            ties = 0;
        for (int i = 0; i < sessions.Count; i++)
        {
            if (sessions[i] == 0)
                continue;
            worth += Candidates[i].Score - (long)SessionCost * sessions[i] - (long)RepeatCost * (sessions[i] - 1);
            ties += Hash(Candidates[i].Id) + (sessions[i] - 1) * RepeatTie(Candidates[i].Id);
        }
        worth += Answers.Where(answer => answer.Members.Any(member => sessions[member] > 0)).Sum(answer => (long)answer.Worth);
        worth -= Wants.Sum(want => (long)want.CostEach * Math.Max(0, want.Needed - Sum(want.PerSession, sessions)));
        return worth * Scale + ties;
    }

    /// <summary>Breaks ties between repeats of different exercises.</summary>
    public static long RepeatTie(string id) => Hash(id + "+") >> 4;

    private static long Sum(IReadOnlyList<int> each, IReadOnlyList<int> sessions)
    {
        long sum = 0;
        for (int i = 0; i < each.Count; i++)
            sum += (long)each[i] * sessions[i];
        return sum;
    }
}

/// <summary>Whether a choice is known to be the best.</summary>
public enum Proof
{
    /// <summary>Proved best.</summary>
    Optimal,

    /// <summary>The solver stopped first; the greedy answer stands.</summary>
    Greedy,
}

/// <summary>Sessions a week of each candidate.</summary>
public sealed record Choice(IReadOnlyList<int> Sessions, Proof Proof);

/// <summary>Chooses the set of accessories. The same problem gives the same choice.</summary>
public interface IChooser
{
    /// <summary>The best choice that it finds; always one that keeps every cap and family.</summary>
    Choice Choose(ChoiceProblem problem);
}

/// <summary>Takes, again and again, the session that adds most, until none adds anything.</summary>
public sealed class GreedyChooser : IChooser
{
    /// <inheritdoc/>
    public Choice Choose(ChoiceProblem problem)
    {
        int[] sessions = new int[problem.Candidates.Count];
        long worth = problem.WorthOf(sessions) ?? long.MinValue;
        while (true)
        {
            (int best, long reached) = (-1, worth);
            for (int i = 0; i < sessions.Length; i++)
            {
                if (sessions[i] >= problem.Candidates[i].SessionsMost)
                    continue;
                sessions[i]++;
                if (problem.WorthOf(sessions) is { } now && now > reached)
                    (best, reached) = (i, now);
                sessions[i]--;
            }
            if (best < 0)
                return new Choice(sessions, Proof.Greedy);
            sessions[best]++;
            worth = reached;
        }
    }
}
