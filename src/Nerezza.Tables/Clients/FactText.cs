using System.Globalization;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Formats.Shapes;
using Nerezza.Tables.Logs;
using Nerezza.Tables.Sheets;

namespace Nerezza.Tables.Clients;

/// <summary>What a cell says, as it goes into a case; or what is wrong with it.</summary>
internal abstract record FactReading
{
    private FactReading() { }

    /// <param name="Shown">In words, for example height 170 cm.</param>
    public sealed record Fact(JsonNode Value, string Shown) : FactReading;

    public sealed record Wrong(string Why) : FactReading;
}

/// <summary>Reads facts and measurements of a client as coaches write them.</summary>
internal static partial class FactText
{
    private const double KilogramsInPound = (double)Load.KilogramsPerPound,
        CentimetresInInch = 2.54;

    // Nobody is under three metres and over three centimetres: a height without a unit up to here is in metres.
    private const double MostMetres = 3;

    // Plain words beside the codes themselves.
    private static readonly Dictionary<string, string> Sexes = Words(
        ("female", "f w woman women weiblich frau donna femmina femme feminin mujer femenino"),
        ("male", "m man men mannlich mann uomo maschio homme masculin hombre masculino"),
        ("unspecified", "x d divers other")
    );

    private static readonly Dictionary<string, string> Levels = Words(
        ("novice", "beginner anfanger einsteiger principiante debutant"),
        ("intermediate", "fortgeschritten intermedio intermediaire medio mittel"),
        ("advanced", "experienced erfahren avanzato avance avanzado")
    );

    public static FactReading Read(ClientColumnFacts column, Cell cell, ClientListMapping mapping) =>
        column.Kind switch
        {
            CellKind.Year => Year(cell, mapping.Order),
            CellKind.Code => Code(column.Column, cell),
            CellKind.Kilograms => Kilograms(cell, mapping) is { } kg ? Shown(column, kg, "kg") : NoNumber(cell, "kilograms"),
            CellKind.Centimetres => Centimetres(cell) is { } cm
                ? Shown(column, column.Column is ClientColumn.HeightCm && IsMetres(cell, cm) ? cm * 100 : cm, "cm")
                : NoNumber(cell, "centimetres"),
            CellKind.Degrees => Measured(cell, "", "deg", "degrees", "grad") is { } degrees
                ? Shown(column, degrees, "degrees")
                : NoNumber(cell, "degrees"),
            CellKind.Number => Measured(cell, "", "x", "reps", "years", "y", "min") is { } number
                ? Shown(column, number, "")
                : NoNumber(cell, "a number"),
            _ => throw new InvalidOperationException($"{column.Kind} is no fact of a case."),
        };

    /// <summary>A load in kilograms, with the unit that stands there or is said of the file.</summary>
    public static double InKilograms(double load, string unit, ClientListMapping mapping) =>
        Math.Round(unit is "lb" or "lbs" || (unit.Length == 0 && mapping.Pounds) ? load * KilogramsInPound : load, 3);

    public static double? Kilograms(Cell cell, ClientListMapping mapping) =>
        Written(cell) is { Unit: "" or "kg" or "lb" or "lbs" } written ? InKilograms(written.Value, written.Unit, mapping) : null;

    public static double? Number(Cell cell) => Written(cell) is { Unit: "" } written ? written.Value : null;

    private static double? Centimetres(Cell cell)
    {
        Match feet = FeetAndInches().Match(cell.Text.Trim().ToLowerInvariant());
        if (feet.Success)
            return Math.Round(CentimetresInInch * (12 * Part(feet.Groups["feet"].Value) + Part(feet.Groups["inches"].Value)), 1);
        return Written(cell) switch
        {
            { Unit: "" or "cm" } cm => cm.Value,
            { Unit: "mm" } mm => mm.Value / 10,
            { Unit: "m" } metres => metres.Value * 100,
            { Unit: "in" or "\"" } inches => Math.Round(inches.Value * CentimetresInInch, 1),
            _ => null,
        };
        static double Part(string digits) => digits.Length == 0 ? 0 : double.Parse(digits, CultureInfo.InvariantCulture);
    }

    private static bool IsMetres(Cell cell, double number) => number <= MostMetres && Written(cell) is { Unit: "" };

    private static double? Measured(Cell cell, params string[] units) =>
        Written(cell) is { } written && units.Contains(written.Unit) ? written.Value : null;

    private static Written? Written(Cell cell) =>
        cell.Number is { } number && double.IsFinite(number) ? new Written(number, "") : NumberText.Read(cell.Text.TrimEnd('°', '*', ' '));

    private static FactReading Year(Cell cell, DayOrder order)
    {
        int? year =
            DayText.Read(cell, order) is { } day ? day.Year
            : Written(cell) is { Unit: "" } written && written.Value % 1 == 0 ? (int)written.Value
            : null;
        return year is { } born
            ? new FactReading.Fact(JsonValue.Create(born), $"born {born}")
            : new FactReading.Wrong($"{cell.Text} is no year and no day; for example 1990 or 1990-11-30 expected");
    }

    private static FactReading Code(ClientColumn column, Cell cell)
    {
        string plain = ExerciseNames.Plain(cell.Text);
        (IReadOnlyList<string> codes, string? meant) = column switch
        {
            ClientColumn.Sex => (Codes.All<Sex>(), Sexes.GetValueOrDefault(plain)),
            ClientColumn.Level => (Codes.All<Level>(), Levels.GetValueOrDefault(plain)),
            _ => (Codes.All<Goal>(), null),
        };
        string? code = codes.Contains(plain) ? plain : meant;
        if (code is not null)
            return new FactReading.Fact(JsonValue.Create(code), code);
        string near = NearestName.Of(plain, codes) is { } nearest ? $"; did you mean {nearest}?" : "";
        return new FactReading.Wrong($"{cell.Text} is none of {string.Join(", ", codes)}{near}");
    }

    private static FactReading.Fact Shown(ClientColumnFacts column, double number, string unit) =>
        new(
            JsonValue.Create(Math.Round(number, 3)),
            string.Create(CultureInfo.InvariantCulture, $"{column.Label} {number:0.##} {unit}").TrimEnd()
        );

    private static FactReading.Wrong NoNumber(Cell cell, string expected) => new($"{cell.Text} is no number; {expected} expected");

    private static Dictionary<string, string> Words(params (string Code, string Words)[] all) =>
        all.SelectMany(row => row.Words.Split(' ').Select(word => (word, row.Code))).ToDictionary(row => row.word, row => row.Code);

    [GeneratedRegex(@"^(?<feet>\d)\s*(?:'|ft|feet)\s*(?:(?<inches>\d{1,2}(?:\.\d)?)\s*(?:""|''|in|inches)?)?$")]
    private static partial Regex FeetAndInches();
}
