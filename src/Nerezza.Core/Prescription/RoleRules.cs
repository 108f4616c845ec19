using System.Text.Json.Serialization;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Prescription;

/// <summary>What an exercise is for in a session.</summary>
public enum Role
{
    /// <summary>The lift that the session is about.</summary>
    Main,
    /// <summary>The second lift of the day.</summary>
    Second,
}

/// <summary>What a main lift trains.</summary>
public enum Aim
{
    /// <summary>Heavy singles to triples.</summary>
    Peak,
    /// <summary>Strength.</summary>
    Strength,
    /// <summary>Muscle.</summary>
    Muscle,
    /// <summary>Whatever the aim is.</summary>
    Any,
}

/// <summary>One row of the table of handbook 11.</summary>
/// <param name="WorkSets">Sets prescribed where minutes allow.</param>
public sealed record RoleRule(Role Role, Aim Aim, int WorkSets, RepRange Reps, Rpe LowestRpe, Rpe HighestRpe, Rest Rest, Tempo Tempo)
{
    /// <summary>The row of a role; roles without an aim of their own have one row for all.</summary>
    public static RoleRule Of(Role role, Aim aim) =>
        PrescriptionRules.Shipped.Rows.FirstOrDefault(row => row.Role == role && row.Aim == aim)
        ?? PrescriptionRules.Shipped.Rows.First(row => row.Role == role);
}

/// <summary>The numbers of handbook section 11, from Data/roles.yaml.</summary>
internal sealed record PrescriptionRules
{
    private PrescriptionRules(RolesFile file)
    {
        File = file;
        Rows = [.. file.Roles.Select(row => new RoleRule(
            Codes.Find<Role>(row.Role)!.Value, Codes.Find<Aim>(row.Aim)!.Value, row.WorkSets, new RepRange(row.Reps[0], row.Reps[1]),
            Rpe.Of(row.Rpe[0]), Rpe.Of(row.Rpe[1]), Rest.MiddleOf(row.RestSeconds[0], row.RestSeconds[1]), Tempo.Parse(row.Tempo)))];
        LowStrengthReps = new RepRange(file.LowStrengthReps[0], file.LowStrengthReps[1]);
    }

    public static PrescriptionRules Shipped { get; } = new(EmbeddedData.Read("roles", RolesJson.Default.RolesFile));

    public RolesFile File { get; }
    public IReadOnlyList<RoleRule> Rows { get; }
    public RepRange LowStrengthReps { get; }
}

internal sealed record RolesFile(
    IReadOnlyList<RoleRow> Roles, IReadOnlyList<int> LowStrengthReps, double SlowLowering, double SpreadAtMost, double FatiguePerSet,
    IReadOnlyList<double> CalibrationRpe, StrengthWorkRule StrengthWork, TimeRule Time);

internal sealed record RoleRow(
    string Role, string Aim, IReadOnlyList<int> Sets, int WorkSets, IReadOnlyList<int> Reps, IReadOnlyList<double> Rpe,
    IReadOnlyList<int> RestSeconds, string Tempo);

internal sealed record StrengthWorkRule(double Percent, int Reps, int LeastRestSeconds);

internal sealed record TimeRule(int GeneralMinutes, int WarmUpSetSeconds, int BetweenSidesSeconds, int BetweenExercisesMinutes);

[JsonSourceGenerationOptions(PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase, UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow)]
[JsonSerializable(typeof(RolesFile))]
internal sealed partial class RolesJson : JsonSerializerContext;
