using Nerezza.Core.Clients;
using Nerezza.Tables.Logs;

namespace Nerezza.Tables.Clients;

/// <summary>What a column of a list of clients says (docs/formats/clients.md).</summary>
public enum ClientColumn
{
    Name,

    /// <summary>Where the first name stands in a column of its own.</summary>
    FamilyName,

    /// <summary>A year, or a day of birth, of which the year is kept.</summary>
    BirthYear,
    Sex,
    HeightCm,
    MassKg,
    Level,
    TrainingYears,
    Goal,

    /// <summary>Training days, for example mon wed fri, or mon 75 wed 60.</summary>
    Days,
    Minutes,

    /// <summary>The day on which the row was measured and lifted; today where nothing says it.</summary>
    On,

    /// <summary>With a load beside it: a max a row.</summary>
    Exercise,
    Kg,
    Reps,
    Rpe,
    Side,

    /// <summary>A max of the exercise that its heading names, for example 100, 100x5 or 100x5@9.</summary>
    Max,
    ShankCm,
    ThighCm,
    TorsoCm,
    ArmCm,
    FootCm,
    KneeToWallLeftCm,
    KneeToWallRightCm,
    ArmsOverheadLeftDeg,
    ArmsOverheadRightDeg,
    StraightLegRaiseLeftDeg,
    StraightLegRaiseRightDeg,
    HipFlexionDeg,
    SingleLegBridgeLeftReps,
    SingleLegBridgeRightReps,
    CalfRaiseLeftReps,
    CalfRaiseRightReps,
    SquatLeanDeg,
}

/// <summary>What stands in a column's cells.</summary>
internal enum CellKind
{
    Text,
    Year,
    Code,
    Days,
    Day,
    Kilograms,
    Centimetres,
    Degrees,
    Number,

    /// <summary>A load with repetitions and effort.</summary>
    Max,
}

/// <summary>A column as it is named to the coach, where in a case it goes, and how its heading may read.</summary>
/// <param name="Label">As the page names it.</param>
/// <param name="Path">In the case; null where it says something of the row.</param>
/// <param name="Words">Plain words (ExerciseNames.Plain) that the heading may be or begin with.</param>
internal sealed record ClientColumnFacts(ClientColumn Column, string Label, string? Path, CellKind Kind, string[] Words);

/// <summary>All columns of a list of clients.</summary>
public static class ClientColumns
{
    /// <summary>The first that fits a heading counts.</summary>
    internal static IReadOnlyList<ClientColumnFacts> All { get; } =
    [
        new(
            ClientColumn.FamilyName,
            "family name",
            null,
            CellKind.Text,
            ["family name", "last name", "surname", "nachname", "familienname", "cognome", "nom de famille", "apellido", "apellidos"]
        ),
        new(
            ClientColumn.Name,
            "name",
            null,
            CellKind.Text,
            [
                "name",
                "full name",
                "first name",
                "client",
                "athlete",
                "lifter",
                "vorname",
                "kunde",
                "klient",
                "sportler",
                "nome",
                "cliente",
                "atleta",
                "prenom",
                "nom",
                "nombre",
            ]
        ),
        new(
            ClientColumn.BirthYear,
            "year or day of birth",
            "client.birthYear",
            CellKind.Year,
            [
                "born",
                "birth",
                "birthday",
                "birthdate",
                "date of birth",
                "year of birth",
                "dob",
                "geboren",
                "geburtsjahr",
                "geburtsdatum",
                "geburtstag",
                "jahrgang",
                "data di nascita",
                "anno di nascita",
                "nascita",
                "date de naissance",
                "naissance",
                "nacimiento",
                "fecha de nacimiento",
            ]
        ),
        new(ClientColumn.Sex, "sex", "client.sex", CellKind.Code, ["sex", "gender", "geschlecht", "sesso", "sexe", "sexo", "m f", "f m"]),
        new(
            ClientColumn.HeightCm,
            "height",
            "client.heightCm",
            CellKind.Centimetres,
            ["height", "große", "grosse", "korpergroße", "korpergrosse", "altezza", "statura", "taille", "altura", "estatura"]
        ),
        new(
            ClientColumn.MassKg,
            "body mass",
            "client.massKg",
            CellKind.Kilograms,
            [
                "body mass",
                "body weight",
                "bodyweight",
                "mass",
                "weight",
                "bw",
                "gewicht",
                "korpergewicht",
                "peso",
                "peso corporeo",
                "poids",
                "peso corporal",
            ]
        ),
        new(ClientColumn.Level, "level", "client.level", CellKind.Code, ["level", "training level", "niveau", "stufe", "livello", "nivel"]),
        new(
            ClientColumn.TrainingYears,
            "years of training",
            "client.trainingYears",
            CellKind.Number,
            ["years of training", "training years", "years training", "training age", "trainingsjahre", "anni di allenamento"]
        ),
        new(ClientColumn.Goal, "goal", "client.goal", CellKind.Code, ["goal", "aim", "ziel", "obiettivo", "objectif", "objetivo"]),
        new(
            ClientColumn.Days,
            "training days",
            "client.days",
            CellKind.Days,
            ["days", "training days", "tage", "trainingstage", "giorni", "jours", "dias"]
        ),
        new(
            ClientColumn.Minutes,
            "minutes a day",
            null,
            CellKind.Number,
            ["minutes", "min", "session minutes", "minuten", "minuti", "minutos"]
        ),
        new(
            ClientColumn.On,
            "day of the measurement",
            null,
            CellKind.Day,
            ["date", "day", "tested", "tested on", "measured", "measured on", "datum", "data", "fecha", "getestet"]
        ),
        new(
            ClientColumn.Exercise,
            "exercise of a max",
            null,
            CellKind.Text,
            ["exercise", "lift", "movement", "ubung", "esercizio", "exercice", "ejercicio"]
        ),
        new(ClientColumn.Kg, "load of a max", null, CellKind.Kilograms, ["kg", "load", "lb", "lbs", "carico", "charge", "carga", "last"]),
        new(ClientColumn.Reps, "repetitions of a max", null, CellKind.Number, ["reps", "repetitions", "wdh", "ripetizioni", "rip"]),
        new(ClientColumn.Rpe, "RPE of a max", null, CellKind.Number, ["rpe", "effort"]),
        new(ClientColumn.Side, "side of a max", null, CellKind.Code, ["side", "seite", "lato", "cote", "lado"]),
        new(ClientColumn.ShankCm, "shank length", "client.segmentsCm.shank", CellKind.Centimetres, ["shank", "lower leg"]),
        new(ClientColumn.ThighCm, "thigh length", "client.segmentsCm.thigh", CellKind.Centimetres, ["thigh", "upper leg"]),
        new(ClientColumn.TorsoCm, "torso length", "client.segmentsCm.torso", CellKind.Centimetres, ["torso", "trunk"]),
        new(ClientColumn.ArmCm, "arm length", "client.segmentsCm.arm", CellKind.Centimetres, ["arm length", "arm"]),
        new(ClientColumn.FootCm, "foot length", "client.segmentsCm.foot", CellKind.Centimetres, ["foot"]),
        .. Sides(
            "knee to wall",
            "kneeToWallCm",
            CellKind.Centimetres,
            ClientColumn.KneeToWallLeftCm,
            "knee to wall",
            "ankle",
            "ktw",
            "knie wand",
            "knie zur wand",
            "sprunggelenk",
            "caviglia",
            "cheville",
            "tobillo"
        ),
        .. Sides("arms overhead", "armsOverheadDeg", CellKind.Degrees, ClientColumn.ArmsOverheadLeftDeg, "arms overhead", "arm overhead"),
        .. Sides(
            "straight-leg raise",
            "straightLegRaiseDeg",
            CellKind.Degrees,
            ClientColumn.StraightLegRaiseLeftDeg,
            "straight leg raise",
            "slr"
        ),
        new(ClientColumn.HipFlexionDeg, "hip flexion", "screen.hipFlexionDeg", CellKind.Degrees, ["hip flexion"]),
        .. Sides(
            "single-leg bridges",
            "singleLegBridgeReps",
            CellKind.Number,
            ClientColumn.SingleLegBridgeLeftReps,
            "single leg bridge",
            "single leg bridges",
            "bridge",
            "bridges"
        ),
        .. Sides(
            "calf raises",
            "calfRaiseReps",
            CellKind.Number,
            ClientColumn.CalfRaiseLeftReps,
            "calf raise",
            "calf raises",
            "calf",
            "wadenheben"
        ),
        new(ClientColumn.SquatLeanDeg, "lean of the squat", "screen.squat.leanDeg", CellKind.Degrees, ["lean", "squat lean"]),
        new(ClientColumn.Max, "a max, exercise in its heading", null, CellKind.Max, []),
    ];

    internal static ClientColumnFacts Of(ClientColumn column) => All.First(facts => facts.Column == column);

    /// <summary>As the page names it.</summary>
    public static string LabelOf(ClientColumn column) => Of(column).Label;

    /// <summary>A test of both sides; the right column is the one after the left.</summary>
    private static IEnumerable<ClientColumnFacts> Sides(
        string label,
        string field,
        CellKind kind,
        ClientColumn left,
        params string[] words
    ) =>
        [
            new(left, $"{label}, left", $"screen.{field}.left", kind, Heads(words, Side.Left)),
            new(left + 1, $"{label}, right", $"screen.{field}.right", kind, Heads(words, Side.Right)),
        ];

    /// <summary>The side before or behind the test.</summary>
    private static string[] Heads(string[] words, Side side) =>
        [
            .. words.SelectMany(word =>
                SideText.WordsOf(side).SelectMany(named => (string[])[$"{word} {named}", $"{named} {word}", $"{word} cm {named}"])
            ),
        ];
}
