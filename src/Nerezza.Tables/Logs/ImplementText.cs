using System.Globalization;
using Nerezza.Core.Catalogue;
using Nerezza.Formats.Cases;

namespace Nerezza.Tables.Logs;

/// <summary>The implements of a medley in one cell.</summary>
internal static class ImplementText
{
    public static string Write(IEnumerable<ImplementSection> all) =>
        string.Join(
            "; ",
            all.Select(one => string.Create(CultureInfo.InvariantCulture, $"{one.Exercise}{Part(one.Kg, "kg")}{Part(one.Metres, "m")}"))
        );

    public static List<ImplementSection>? Read(string text)
    {
        List<ImplementSection> all = [];
        foreach (string piece in text.Split(';', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries))
        {
            string[] words = piece.Split(' ', StringSplitOptions.RemoveEmptyEntries);
            if (words.Length % 2 == 0 || ExerciseCatalogue.Shipped.Find(words[0]) is null)
                return null;
            (double? kg, double? metres) = (null, null);
            for (int i = 1; i < words.Length; i += 2)
            {
                if (NumberText.Read(words[i]) is not { Unit: "", Value: >= 0 and <= 100_000 } number)
                    return null;
                switch (words[i + 1])
                {
                    case "kg" when number.Value <= 1000:
                        kg = number.Value;
                        break;
                    case "m":
                        metres = number.Value;
                        break;
                    default:
                        return null;
                }
            }
            all.Add(
                new ImplementSection
                {
                    Exercise = words[0],
                    Kg = kg,
                    Metres = metres,
                }
            );
        }
        return all.Count is > 0 and <= 12 ? all : null;
    }

    private static string Part(double? value, string unit) =>
        value is { } number ? string.Create(CultureInfo.InvariantCulture, $" {number:0.######} {unit}") : "";
}
