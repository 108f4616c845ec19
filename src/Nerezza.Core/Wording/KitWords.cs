using Nerezza.Core.Loads.Loading;

namespace Nerezza.Core.Wording;

/// <summary>What of a client's kit is not worked out, for the coach who entered it.</summary>
public static class KitWords
{
    private const int GramsAKilogram = 1000;

    /// <summary>One sentence a bound that the plates go past; none for usual kits.</summary>
    public static IReadOnlyList<string> Notes(SleeveSums kit)
    {
        List<string> notes = [];
        if (kit.IsCut)
            notes.Add(
                $"Plates are counted up to {SleeveSums.MostGrams / GramsAKilogram} kg on each side of the bar; heavier loads are "
                    + "not offered."
            );
        if (kit.IsCoarse)
            notes.Add("The plates differ by single grams: of loads that lie close together one is offered.");
        return notes;
    }
}
