using Nerezza.Core.Clients;

namespace Nerezza.Core.Blocks;

/// <summary>Decides the kind of a block that is asked for as auto (handbook 12).</summary>
public static class BlockKindChoice
{
    /// <summary>The kind asked for, or the one that goal, level, pain and event date call for.</summary>
    /// <param name="hasOpenPain">Whether a pain asks for a change of exercise.</param>
    public static BlockKind Decide(BlockRequest request, Client client, IReadOnlyList<LogDay> log, OpenPain hasOpenPain)
    {
        if (request.Kind is not BlockKind.Auto) return request.Kind;
        if (client.Goal is Goal.Return || hasOpenPain is OpenPain.Yes) return BlockKind.Return;
        if (client.Level is Level.Novice && log.Count == 0) return BlockKind.Foundation;
        IEnumerable<DateOnly?> dates = client.Events.Select(e => e.Date).Append(client.Competition);
        int within = BlockRules.Shipped.File.PeakWithinWeeks * 7;
        if (dates.Any(date => date is { } day && day.DayNumber - request.Start.DayNumber is >= 0 and var days && days <= within)) return BlockKind.Peak;
        return client.Goal is Goal.Muscle ? BlockKind.Muscle : BlockKind.Strength;
    }
}

/// <summary>Whether pain that asks for a change is open.</summary>
public enum OpenPain
{
    /// <summary>None.</summary>
    No,
    /// <summary>At least one entry above the watch level.</summary>
    Yes,
}
