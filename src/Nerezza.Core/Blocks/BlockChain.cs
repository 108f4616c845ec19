using Nerezza.Core.Clients;

namespace Nerezza.Core.Blocks;

/// <summary>One block of a chain.</summary>
public sealed record ChainLink(BlockKind Kind, DateOnly Start, int Weeks);

/// <summary>A chain of blocks toward an event, or the next blocks where there is none (docs/handbook/12-weeks-and-blocks.md): it ends in
/// the event's week.</summary>
public static class BlockChain
{
    private static readonly ChainRule Rule = BlockRules.Shipped.File.Chain;

    /// <summary>The chain from a block that stands, itself first.</summary>
    /// <param name="eventOn">The next event after the block's start; null for none.</param>
    public static IReadOnlyList<ChainLink> From(BlockKind kind, DateOnly start, int weeks, DateOnly? eventOn)
    {
        List<ChainLink> chain = [new(kind, start, weeks)];
        DateOnly next = start.AddDays(7 * weeks);
        if (eventOn is not { } date || date < next)
        {
            for (int i = 0; i < Rule.AheadWithoutEvent; i++)
                Add(chain, Following(chain[^1].Kind), Rule.Weeks);
            return chain;
        }
        int left = (date.DayNumber - next.DayNumber) / 7 + 1;
        foreach ((BlockKind ahead, int length) in Toward(left, chain[^1].Kind))
            Add(chain, ahead, length);
        return chain;
    }

    private static void Add(List<ChainLink> chain, BlockKind kind, int weeks) =>
        chain.Add(new ChainLink(kind, chain[^1].Start.AddDays(7 * chain[^1].Weeks), weeks));

    /// <summary>After strength comes muscle, after anything else strength.</summary>
    private static BlockKind Following(BlockKind kind) => kind is BlockKind.Strength ? BlockKind.Muscle : BlockKind.Strength;

    /// <summary>Blocks that fill these weeks, the peak last and a strength block before it; what they cannot fill is given to the
    /// peak.</summary>
    private static IEnumerable<(BlockKind Kind, int Weeks)> Toward(int weeks, BlockKind after)
    {
        int peak = new[] { Rule.PeakWeeks, Rule.PeakWeeks - 1, Rule.PeakWeeks + 1 }
            .Where(length => length >= 1 && (weeks == length || weeks - length >= Rule.Fewest))
            .DefaultIfEmpty(weeks)
            .First();
        int rest = weeks - peak;
        if (rest > 0)
        {
            int blocks = Math.Max(1, (rest + Rule.Most - 1) / Rule.Most);
            // Counted back from the peak: strength next to it, muscle before that.
            for (int i = 0; i < blocks; i++)
                yield return ((blocks - i) % 2 == 1 ? BlockKind.Strength : BlockKind.Muscle, rest / blocks + (i < rest % blocks ? 1 : 0));
        }
        if (peak > 0)
            yield return (after is BlockKind.Peak && rest == 0 ? BlockKind.Deload : BlockKind.Peak, peak);
    }
}
