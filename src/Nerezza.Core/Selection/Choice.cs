using Nerezza.Core.Clients;

namespace Nerezza.Core.Selection;

/// <summary>One exercise in one slot: what taking it is worth.</summary>
/// <param name="Id">Exercise and slot, unique in the problem.</param>
/// <param name="Worth">In thousandths of score, the slot's own worth in it.</param>
public sealed record ChoiceOption(string Id, int Worth);

/// <summary>A sum that must not pass a limit: minutes of a day, axial load, hard sets of a muscle in a session.</summary>
/// <param name="Muscle">Where the limit is a muscle's.</param>
/// <param name="Unit">How many make one minute or set.</param>
/// <param name="PerOption">One number an option.</param>
public sealed record ChoiceCap(CapKind Kind, Muscle? Muscle, int Unit, IReadOnlyList<int> PerOption, int Limit);

/// <summary>What a limit is of.</summary>
public enum CapKind
{
    /// <summary>Minutes of a day.</summary>
    Minutes,

    /// <summary>Load on the spine, axial times sets.</summary>
    Axial,

    /// <summary>Hard sets of a muscle in a session.</summary>
    Sets,
}

/// <summary>A sum that should reach a number; each unit short costs. With negative numbers it is a limit that may be passed at a
/// cost.</summary>
public sealed record ChoiceWant(string Name, IReadOnlyList<int> PerOption, int Needed, int CostEach);

/// <summary>Options of which at most so many are taken: one for a slot, one form of a movement in a session.</summary>
public sealed record ChoiceGroup(string Name, IReadOnlyList<int> Members, int Most);

/// <summary>What is to stand in the slots of a week, as whole numbers: maximise what is taken less what is short.</summary>
public sealed record ChoiceProblem
{
    /// <summary>What can be taken.</summary>
    public required IReadOnlyList<ChoiceOption> Options { get; init; }

    /// <summary>What must not be passed.</summary>
    public required IReadOnlyList<ChoiceCap> Caps { get; init; }

    /// <summary>What is wanted, each with its cost when short.</summary>
    public required IReadOnlyList<ChoiceWant> Wants { get; init; }

    /// <summary>Options of which only so many may stand.</summary>
    public required IReadOnlyList<ChoiceGroup> Groups { get; init; }

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

    /// <summary>What a choice is worth, hashes included; null when it breaks a cap or a group.</summary>
    /// <param name="taken">One answer an option.</param>
    public long? WorthOf(IReadOnlyList<bool> taken)
    {
        if (Caps.Any(cap => Sum(cap.PerOption, taken) > cap.Limit))
            return null;
        if (Groups.Any(group => group.Members.Count(member => taken[member]) > group.Most))
            return null;
        long worth = -Wants.Sum(want => (long)want.CostEach * Math.Max(0, want.Needed - Sum(want.PerOption, taken)));
        long ties = 0;
        for (int i = 0; i < taken.Count; i++)
            if (taken[i])
                (worth, ties) = (worth + Options[i].Worth, ties + Hash(Options[i].Id));
        return worth * Scale + ties;
    }

    /// <summary>What of a sum is reached.</summary>
    public static long Sum(IReadOnlyList<int> each, IReadOnlyList<bool> taken)
    {
        long sum = 0;
        for (int i = 0; i < each.Count; i++)
            if (taken[i])
                sum += each[i];
        return sum;
    }
}

/// <summary>Whether a choice is known to be the best.</summary>
public enum Proof
{
    /// <summary>Proved best.</summary>
    Optimal,

    /// <summary>The search stopped first; the best it had found stands.</summary>
    Found,
}

/// <summary>Which options are taken.</summary>
public sealed record Choice(IReadOnlyList<bool> Taken, Proof Proof);

/// <summary>Chooses what stands in the slots. The same problem gives the same choice.</summary>
public interface IChooser
{
    /// <summary>The best choice that it finds; always one that keeps every cap and group.</summary>
    Choice Choose(ChoiceProblem problem);
}
