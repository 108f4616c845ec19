using System.Text.Json.Serialization;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Measures;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Prescription;

/// <summary>What a main lift trains.</summary>
public enum Aim
{
    /// <summary>Heavy singles to triples.</summary>
    Peak,

    /// <summary>Strength.</summary>
    Strength,

    /// <summary>Muscle.</summary>
    Muscle,

    /// <summary>The client's event.</summary>
    Event,

    /// <summary>Whatever the aim is.</summary>
    Any,
}

/// <summary>One row of the table of docs/handbook/11-prescription.md.</summary>
/// <param name="Pattern">The pattern that the row is for; null for all that have no row of their own.</param>
/// <param name="Metres">Shortest and longest distance of a carry; null for work by repetitions.</param>
/// <param name="WorkSets">Sets prescribed where minutes allow.</param>
public sealed record RoleRule(
    Role Role,
    Aim Aim,
    Pattern? Pattern,
    int WorkSets,
    RepRange Reps,
    Rpe LowestRpe,
    Rpe HighestRpe,
    Rest Rest,
    Tempo Tempo,
    IReadOnlyList<int>? Metres
)
{
    /// <summary>The row of a role; roles without an aim of their own have one row for all.</summary>
    public static RoleRule Of(Role role, Aim aim, Pattern pattern)
    {
        (RoleRule? forAim, RoleRule? forAny) = (null, null);
        foreach (RoleRule row in PrescriptionRules.Shipped.Rows)
        {
            if (row.Role != role)
                continue;
            if (row.Pattern == pattern && (row.Aim == aim || row.Aim is Aim.Any))
                return row;
            if (row.Pattern is not null)
                continue;
            forAny ??= row;
            if (row.Aim == aim)
                forAim ??= row;
        }
        return forAim ?? forAny!;
    }
}

/// <summary>The numbers of docs/handbook/11-prescription.md, from Data/roles.yaml.</summary>
internal sealed record PrescriptionRules
{
    /// <summary>Points of 1RM that skill work stays under a fault.</summary>
    public static double SkillBelowFault => Shipped.File.SkillBelowFault;

    private PrescriptionRules(RolesFile file)
    {
        File = file;
        Rows =
        [
            .. file.Roles.Select(row => new RoleRule(
                Codes.Find<Role>(row.Role)!.Value,
                Codes.Find<Aim>(row.Aim)!.Value,
                row.Pattern is { } pattern ? Codes.Find<Pattern>(pattern) : null,
                row.WorkSets,
                new RepRange(row.Reps[0], row.Reps[1]),
                Rpe.Of(row.Rpe[0]),
                Rpe.Of(row.Rpe[1]),
                Rest.MiddleOf(row.RestSeconds[0], row.RestSeconds[1]),
                Tempo.Parse(row.Tempo),
                row.Metres
            )),
        ];
        LowStrengthReps = new RepRange(file.LowStrengthReps[0], file.LowStrengthReps[1]);
    }

    /// <summary>The shortest rest of strength work, seconds.</summary>
    public static int LeastStrengthRest => Shipped.File.StrengthWork.LeastRestSeconds;

    public static PrescriptionRules Shipped { get; } = new(EmbeddedData.Read("roles", RolesJson.Default.RolesFile));

    public RolesFile File { get; }
    public IReadOnlyList<RoleRule> Rows { get; }
    public RepRange LowStrengthReps { get; }

    /// <summary>The rest of an exercise's sets: the role's, but where its repetitions are of a kind of their own.</summary>
    public Rest RestOf(RoleRule rule, string exercise) =>
        File.Quarters.Exercises.Contains(exercise)
            ? new Rest(File.Quarters.RestSeconds, Math.Min(File.Quarters.RestSeconds, rule.Rest.LeastSeconds))
            : rule.Rest;

    /// <summary>The range of an accessory's second, third and later exposure in a week.</summary>
    public RepRange Moved(int exposure) =>
        File.MoveRange[Math.Min(exposure, File.MoveRange.Count - 1)] is [var bottom, var top] ? new RepRange(bottom, top) : LowStrengthReps;
}

internal sealed record RolesFile(
    IReadOnlyList<RoleRow> Roles,
    SetsTriedRule SetsTried,
    SetUpRule SetUp,
    ShapesRule Shapes,
    CalibratingRule Calibrating,
    int HoldStepSeconds,
    int MoveByReps,
    int MoveWithinReps,
    SupersetRule Supersets,
    QuartersRule Quarters,
    int EventMetresAWeek,
    int AxialOfALift,
    int MetresStep,
    IReadOnlyList<IReadOnlyList<int>> MoveRange,
    double SkillBelowFault,
    WeakerSideRule WeakerSide,
    IReadOnlyList<int> LowStrengthReps,
    double SlowLowering,
    double SpreadAtMost,
    double FatiguePerSet,
    IReadOnlyList<double> CalibrationRpe,
    StrengthWorkRule StrengthWork,
    TimeRule Time
);

internal sealed record RoleRow(
    string Role,
    string Aim,
    IReadOnlyList<int> Sets,
    int WorkSets,
    IReadOnlyList<int> Reps,
    IReadOnlyList<double> Rpe,
    IReadOnlyList<int> RestSeconds,
    string Tempo,
    string? Pattern = null,
    IReadOnlyList<int>? Metres = null
);

internal sealed record ShapesRule(double RampStep, double AscendingRpe, double BackOff);

/// <summary>Exercises done as one and a quarter repetitions.</summary>
internal sealed record QuartersRule(IReadOnlyList<string> Exercises, int RestSeconds);

internal sealed record SupersetRule(double HardFromShare);

internal sealed record CalibratingRule(
    IReadOnlyList<string> First,
    IReadOnlyList<string> Loads,
    IReadOnlyList<string> LoadsAlone,
    int EveryWeeks
);

internal sealed record SetsTriedRule(IReadOnlyList<IReadOnlyList<int>> Two, IReadOnlyList<IReadOnlyList<int>> Three);

internal sealed record SetUpRule(
    IReadOnlyList<string> Box,
    IReadOnlyList<string> Pins,
    IReadOnlyList<string> Blocks,
    double BoxStepCm,
    double WedgeCm,
    double BarOnPlatesCm
);

internal sealed record WeakerSideRule(double ExtraBelow);

internal sealed record StrengthWorkRule(double Percent, int Reps, int LeastRestSeconds);

internal sealed record TimeRule(
    int GeneralMinutes,
    int WarmUpSetSeconds,
    int BetweenSidesSeconds,
    int BetweenExercisesMinutes,
    double SecondsAMetre,
    IReadOnlyList<int> WarmUpSets
);

[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow
)]
[JsonSerializable(typeof(RolesFile))]
internal sealed partial class RolesJson : JsonSerializerContext;
