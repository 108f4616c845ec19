using System.Globalization;

namespace Nerezza.Core.Measures;

/// <summary>Tempo: seconds of lowering, pause at the bottom, lifting, pause at the top; written 3-1-X-0.</summary>
/// <param name="Lowering">0 to 60 s.</param>
/// <param name="PauseAtBottom">0 to 60 s.</param>
/// <param name="Lifting">0 to 60 s; null is X, as fast as possible.</param>
/// <param name="PauseAtTop">0 to 60 s.</param>
public sealed record Tempo(int Lowering, int PauseAtBottom, int? Lifting, int PauseAtTop)
{
    private const int LongestPhase = 60;

    /// <summary>Seconds that one repetition takes; X counts as 1 s (docs/handbook/11-prescription.md).</summary>
    public int SecondsPerRep => Lowering + PauseAtBottom + (Lifting ?? 1) + PauseAtTop;

    /// <summary>Whether slow lowering with a long pause takes weight off: at least 3 s and at least 2 s
    /// (docs/handbook/11-prescription.md).</summary>
    public bool CostsLoad => Lowering >= 3 && PauseAtBottom >= 2;

    /// <summary>Reads a tempo such as 3-1-X-0.</summary>
    /// <returns>Null when the text is not four phases of 0 to 60, the third perhaps X.</returns>
    public static Tempo? TryParse(string text)
    {
        string[] parts = text.Split('-');
        if (parts.Length != 4)
            return null;
        int?[] phases = [.. parts.Select(Phase)];
        bool fast = parts[2] is "X" or "x";
        if (phases[0] is not { } lower || phases[1] is not { } bottom || phases[3] is not { } top)
            return null;
        if (!fast && phases[2] is null)
            return null;
        return new Tempo(lower, bottom, fast ? null : phases[2], top);
    }

    /// <summary>Reads a tempo that is known to be well formed, such as one of a data file.</summary>
    /// <exception cref="FormatException">It is not a tempo.</exception>
    public static Tempo Parse(string text) => TryParse(text) ?? throw new FormatException($"'{text}' is not a tempo such as 3-1-X-0.");

    /// <summary>The four phases with hyphens.</summary>
    public override string ToString() =>
        string.Create(
            CultureInfo.InvariantCulture,
            $"{Lowering}-{PauseAtBottom}-{(Lifting is { } lift ? lift.ToString(CultureInfo.InvariantCulture) : "X")}-{PauseAtTop}"
        );

    private static int? Phase(string text) =>
        int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out int seconds) && seconds <= LongestPhase ? seconds : null;
}
