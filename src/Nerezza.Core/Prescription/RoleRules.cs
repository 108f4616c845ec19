using System.Text.Json.Serialization;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Measures;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Prescription;

/// <summary>One row of the table of docs/handbook/11-prescription.md.</summary>
public sealed record RoleRule
{
    /// <summary>The role.</summary>
    public required Role Role { get; init; }

    /// <summary>The aim of the block.</summary>
    public required Aim Aim { get; init; }

    /// <summary>The pattern that the row is for; null for all that have no row of their own.</summary>
    public required Pattern? Pattern { get; init; }

    /// <summary>Sets prescribed where minutes allow.</summary>
    public required int WorkSets { get; init; }

    /// <summary>Repetitions.</summary>
    public required RepRange Reps { get; init; }

    /// <summary>Effort at least.</summary>
    public required Rpe LowestRpe { get; init; }

    /// <summary>Effort at most.</summary>
    public required Rpe HighestRpe { get; init; }

    /// <summary>Rest after a set.</summary>
    public required Rest Rest { get; init; }

    /// <summary>Tempo.</summary>
    public required Tempo Tempo { get; init; }

    /// <summary>Shortest and longest distance of a carry; null for work by repetitions.</summary>
    public required IReadOnlyList<int>? Metres { get; init; }

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
            if (row.Aim is Aim.Any || forAny is null)
                forAny = row;
            if (row.Aim == aim)
                forAim ??= row;
        }
        return forAim ?? forAny!;
    }
}

/// <summary>The numbers of docs/handbook/11-prescription.md, from Data/roles.yaml.</summary>
internal sealed record PrescriptionRules
{
    /// <summary>The first week in which a new client's set may be an AMRAP.</summary>
    public static int NewFromWeek => Shipped.File.Calibrating.NewFromWeek;

    /// <summary>Points of 1RM that skill work stays under a fault.</summary>
    public static double SkillBelowFault => Shipped.File.SkillBelowFault;

    private PrescriptionRules(RolesFile file)
    {
        File = file;
        Rows =
        [
            .. file.Roles.Select(row => new RoleRule
            {
                Role = Codes.Find<Role>(row.Role)!.Value,
                Aim = Codes.Find<Aim>(row.Aim)!.Value,
                Pattern = row.Pattern is { } pattern ? Codes.Find<Pattern>(pattern) : null,
                WorkSets = row.WorkSets,
                Reps = new RepRange(row.Reps[0], row.Reps[1]),
                LowestRpe = Rpe.Of(row.Rpe[0]),
                HighestRpe = Rpe.Of(row.Rpe[1]),
                Rest = Rest.MiddleOf(row.RestSeconds[0], row.RestSeconds[1]),
                Tempo = Tempo.Parse(row.Tempo),
                Metres = row.Metres,
            }),
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

internal sealed record RolesFile
{
    /// <summary>Sets, repetitions, effort and rest by role and aim.</summary>
    public required IReadOnlyList<RoleRow> Roles { get; init; }

    /// <summary>Cues of an exercise, what is said of the breath and of a fault included.</summary>
    public required int MostCues { get; init; }

    /// <summary>Repetitions of accessories in week 1.</summary>
    public required StartRepsRule StartReps { get; init; }

    /// <summary>Set-up that faults and screen ask for.</summary>
    public required SetUpRule SetUp { get; init; }

    /// <summary>Loads of event work.</summary>
    public required EventLoadsRule EventLoads { get; init; }

    /// <summary>Steps of ramps, ascending sets and back-offs.</summary>
    public required ShapesRule Shapes { get; init; }

    /// <summary>Sets that find a max.</summary>
    public required CalibratingRule Calibrating { get; init; }

    /// <summary>Effort under which nobody can rate.</summary>
    public required double LeastRated { get; init; }

    /// <summary>Step of a hold, seconds.</summary>
    public required int HoldStepSeconds { get; init; }

    /// <summary>How far repetitions move for a loadable load.</summary>
    public required int MoveByReps { get; init; }

    /// <summary>How far they may leave the range.</summary>
    public required int MoveWithinReps { get; init; }

    /// <summary>What may stand together.</summary>
    public required SupersetRule Supersets { get; init; }

    /// <summary>Minutes are counted in these, seconds.</summary>
    public required QuartersRule Quarters { get; init; }

    /// <summary>Metres that an event grows by a week.</summary>
    public required int EventMetresAWeek { get; init; }

    /// <summary>Step of a carry, metres.</summary>
    public required int MetresStep { get; init; }

    /// <summary>How far a range may move.</summary>
    public required IReadOnlyList<IReadOnlyList<int>> MoveRange { get; init; }

    /// <summary>How far under a fault skill work stays, points of 1RM.</summary>
    public required double SkillBelowFault { get; init; }

    /// <summary>How much more the weaker side does.</summary>
    public required WeakerSideRule WeakerSide { get; init; }

    /// <summary>Repetitions up to which work is strength work.</summary>
    public required IReadOnlyList<int> LowStrengthReps { get; init; }

    /// <summary>Seconds from which a lowering is slow.</summary>
    public required double SlowLowering { get; init; }

    /// <summary>Most that efforts of alike sets lie apart.</summary>
    public required double SpreadAtMost { get; init; }

    /// <summary>What each set takes off the next, points of RPE.</summary>
    public required double FatiguePerSet { get; init; }

    /// <summary>Effort of a set that finds a max.</summary>
    public required IReadOnlyList<double> CalibrationRpe { get; init; }

    /// <summary>What counts as strength work.</summary>
    public required StrengthWorkRule StrengthWork { get; init; }

    /// <summary>Seconds that sets and rests take.</summary>
    public required TimeRule Time { get; init; }
}

internal sealed record RoleRow
{
    /// <summary>The role.</summary>
    public required string Role { get; init; }

    /// <summary>The aim of the block; null for all.</summary>
    public required string Aim { get; init; }

    /// <summary>Sets by number of lifts.</summary>
    public required IReadOnlyList<int> Sets { get; init; }

    /// <summary>Sets where they are fixed.</summary>
    public required int WorkSets { get; init; }

    /// <summary>Least and most repetitions.</summary>
    public required IReadOnlyList<int> Reps { get; init; }

    /// <summary>Least and most effort.</summary>
    public required IReadOnlyList<double> Rpe { get; init; }

    /// <summary>Least and most rest, seconds.</summary>
    public required IReadOnlyList<int> RestSeconds { get; init; }

    /// <summary>Tempo.</summary>
    public required string Tempo { get; init; }

    /// <summary>The pattern it is for; null for all.</summary>
    public string? Pattern { get; init; }

    /// <summary>Metres of a carry.</summary>
    public IReadOnlyList<int>? Metres { get; init; }
}

internal sealed record ShapesRule(double RampStep, double AscendingRpe, double BackOff);

/// <summary>Exercises done as one and a quarter repetitions.</summary>
internal sealed record QuartersRule(IReadOnlyList<string> Exercises, int RestSeconds);

internal sealed record SupersetRule(double HardFromShare);

internal sealed record CalibratingRule(
    IReadOnlyList<string> First,
    IReadOnlyList<string> Loads,
    IReadOnlyList<string> LoadsAlone,
    int EveryWeeks,
    int NewFromWeek
);

internal sealed record StartRepsRule(int SeveralJoints, int SingleJoint);

internal sealed record SetUpRule(
    IReadOnlyList<string> Box,
    IReadOnlyList<string> Pins,
    IReadOnlyList<string> Blocks,
    double BoxStepCm,
    double WedgeCm,
    double BarOnPlatesCm,
    CourseRule Course
);

/// <summary>Loads of event work as parts of the heaviest done, or of body mass by level.</summary>
internal sealed record EventLoadsRule
{
    /// <summary>Metres of a carry that count as clean.</summary>
    public required int CleanMetres { get; init; }

    /// <summary>Of the heaviest carry.</summary>
    public required double CarryOfHeaviest { get; init; }

    /// <summary>In front: novice, intermediate, advanced.</summary>
    public required IReadOnlyList<double> FrontPart { get; init; }

    /// <summary>In each hand.</summary>
    public required IReadOnlyList<double> HandPart { get; init; }

    /// <summary>Of the heaviest pick.</summary>
    public required double PickOfHeaviest { get; init; }

    /// <summary>A pick without a log at most, of body mass.</summary>
    public required double PickMostPart { get; init; }

    /// <summary>A throw, of body mass.</summary>
    public required double ThrowPart { get; init; }

    /// <summary>Weeks after which a pick has a single more.</summary>
    public required int WeeksToAPickMore { get; init; }
}

/// <summary>How heights come down over a block.</summary>
internal sealed record CourseRule
{
    /// <summary>Sessions without the fault that each step asks for.</summary>
    public required int CleanSessions { get; init; }

    /// <summary>Step of pins and blocks, cm.</summary>
    public required double BarStepCm { get; init; }

    /// <summary>Height under which a box does not go by itself, cm.</summary>
    public required double LowestBoxCm { get; init; }

    /// <summary>Knee-to-wall that a week of mobility work is expected to win, cm.</summary>
    public required double KneeToWallAWeekCm { get; init; }

    /// <summary>Wedge that comes off for each centimetre won.</summary>
    public required double WedgePerCm { get; init; }

    /// <summary>Steps of a wedge, cm.</summary>
    public required double WedgeStepCm { get; init; }

    /// <summary>Exercises whose plate in front is a counterbalance.</summary>
    public required IReadOnlyList<string> Counterbalance { get; init; }

    /// <summary>The plate of the first weeks as a part of body mass.</summary>
    public required double CounterbalancePart { get; init; }

    /// <summary>Weeks after which it gets lighter.</summary>
    public required int CounterbalanceWeeks { get; init; }
}

internal sealed record WeakerSideRule(double ExtraBelow, IReadOnlyList<string> OfBridge, IReadOnlyList<string> OfSquat);

internal sealed record StrengthWorkRule(double Percent, int Reps, int LeastRestSeconds);

/// <summary>Seconds of a warm-up set: light, above a part of the work load, and heavy by part or kilograms.</summary>
internal sealed record WarmUpTimeRule(
    int Seconds,
    double AboveFromPart,
    int AboveSeconds,
    double HeavyFromPart,
    double HeavyFromKg,
    int HeavySeconds
);

internal sealed record TimeRule(
    int GeneralMinutes,
    WarmUpTimeRule WarmUp,
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
