using Nerezza.Formats.Cases;
using Nerezza.Tables.Logs;

namespace Nerezza.Tables.Clients;

/// <summary>Whether facts of clients that are on file already follow the list.</summary>
public enum FactsOnFile
{
    /// <summary>They stay as they are; measurements and maxes are added.</summary>
    Stay,

    /// <summary>What the list says takes their place.</summary>
    Follow,
}

/// <summary>What is said of clients for whom the list does not say it.</summary>
public sealed record UsualFacts(Core.Clients.Level? Level, IReadOnlyList<Core.Clients.Weekday> Days, int? Minutes);

/// <summary>A client as the list was understood.</summary>
/// <param name="Rows">Their rows in the file, from 1.</param>
/// <param name="Case">What is known with the list; null where something is wrong.</param>
/// <param name="Facts">What the list says of them, for example 170 cm.</param>
/// <param name="Measured">Their tests, for example knee to wall, left 9 cm.</param>
/// <param name="Lifted">Their maxes, for example Back squat 5 at 100 kg.</param>
/// <param name="Differs">Facts that are otherwise on file.</param>
/// <param name="Why">The cell and what is wrong with it; null where nothing is.</param>
public sealed record ClientReading(
    IReadOnlyList<int> Rows,
    string Name,
    CaseDocument? Case,
    IReadOnlyList<string> Facts,
    IReadOnlyList<string> Measured,
    IReadOnlyList<string> Lifted,
    IReadOnlyList<string> Differs,
    string? Why
);

/// <summary>A whole list as it was understood.</summary>
/// <param name="Clients">In the order of the file, each once.</param>
/// <param name="Nameless">Rows that name nobody, with why.</param>
/// <param name="Unknown">Names of exercises that nobody said yet what they mean.</param>
public sealed record ClientListReading(
    IReadOnlyList<ClientReading> Clients,
    IReadOnlyList<string> Nameless,
    IReadOnlyList<UnknownName> Unknown
);
