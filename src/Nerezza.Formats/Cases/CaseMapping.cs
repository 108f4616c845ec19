using System.Runtime.CompilerServices;
using Nerezza.Core;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening;

namespace Nerezza.Formats.Cases;

/// <summary>Turns the sections of a valid case into the types of Core; numbers become measures here.</summary>
public static class CaseMapping
{
    /// <summary>How many weeks a block has where none are asked for (formats, the case).</summary>
    public const int DefaultWeeks = 4;
    private const double FullSizePlateCm = 45;
    private const double FullSizeFromKg = 20;

    public static ClientCase ToCase(CaseDocument document) =>
        new()
        {
            Client = ToClient(document.Client),
            Equipment = ToEquipment(document.Equipment ?? new EquipmentSection()),
            Elsewhere = (document.Elsewhere ?? []).ToDictionary(one => one.Day, one => ToEquipment(one.Equipment)),
            Schools = ToSchools(document.Schools ?? new SchoolsSection()),
            Screen = ToScreen(document.Screen ?? new ScreenSection()),
            ScreenedOn = document.ScreenedOn,
            EarlierScreens =
            [
                .. (document.EarlierScreens ?? []).Select(earlier => new EarlierScreen(
                    earlier.Date,
                    ToScreen(earlier.Screen ?? new ScreenSection()),
                    [.. (earlier.Faults ?? []).Select(ToFault)]
                )),
            ],
            Faults = [.. (document.Faults ?? []).Select(ToFault)],
            Strength = [.. (document.Strength ?? []).Select(ToStrength)],
            Pain = [.. (document.Pain ?? []).Select(ToPain)],
            Ladders = [.. (document.Ladders ?? []).Select(rung => new LadderRung(Codes.Of(rung.Ladder), rung.Rung))],
            Log = [.. (document.Log ?? []).Select(ToLogDay).OrderBy(day => day.Date)],
            Block = ToBlock(document),
        };

    public static Client ToClient(ClientSection from) =>
        new()
        {
            Name = from.Name,
            BirthYear = from.BirthYear,
            Sex = from.Sex ?? Sex.Unspecified,
            HeightCm = from.HeightCm,
            MassKg = from.MassKg,
            Segments = from.SegmentsCm is { } s
                ? new Segments(s.Shank, s.Thigh, s.Torso, s.Arm, s.Foot)
                : new Segments(null, null, null, null, null),
            TrainingYears = from.TrainingYears,
            Level = from.Level,
            Goal = from.Goal ?? Goal.General,
            Emphasis = from.Emphasis ?? [],
            TargetLifts = [.. (from.TargetLifts ?? []).Distinct()],
            Events = [.. (from.Events ?? []).Select(e => new StrengthEvent(e.Kind, e.Date))],
            Competition = from.Competition?.Date,
            Diet = from.Diet ?? Diet.Maintenance,
            Days = [.. from.Days.OrderBy(day => day.Day).Select(day => new TrainingDay(day.Day, day.Minutes))],
            OtherTraining = [.. (from.OtherTraining ?? []).Select(ToOther)],
            Dislikes = [.. (from.Dislikes ?? []).Select(d => new Dislike(d.Exercise, d.Never ?? false))],
            Likes = from.Likes ?? [],
            TrainsAlone = from.TrainsAlone ?? false,
            GuardianConsent = from.GuardianConsent ?? false,
            Health = new Health(
                from.Health?.Flags ?? [],
                from.Health?.ClearedBy is { } c ? new Clearance(c.Name, c.Profession, c.Date, c.Flags ?? []) : null
            ),
        };

    private static OtherTraining ToOther(OtherTrainingSection from) =>
        new(from.Day, from.Kind, from.Minutes ?? 0, from.Hard ?? false) { IsMatch = from.Match ?? false };

    // A page maps the same section several times; what a kit can load is worked out once for each Equipment.
    private static readonly ConditionalWeakTable<EquipmentSection, Equipment> Mapped = [];

    public static Equipment ToEquipment(EquipmentSection from) => Mapped.GetValue(from, Map);

    private static Equipment Map(EquipmentSection from) =>
        new()
        {
            Items = (from.Items ?? []).ToHashSet(),
            Bars = [.. (from.Bars ?? []).Select(bar => new Bar(bar.Name, Kg(bar.Kg), bar.Kind ?? KindOf(bar.Name)))],
            Plates =
            [
                .. (from.Plates ?? []).Select(plate => new PlatePairs(
                    Kg(plate.Kg),
                    plate.Pairs,
                    plate.DiameterCm is { } cm ? cm >= FullSizePlateCm : plate.Kg >= FullSizeFromKg
                )),
            ],
            Collar = Kg(from.CollarKg ?? 0),
            Dumbbells = Pieces(from.DumbbellsKg),
            Kettlebells = Pieces(from.KettlebellsKg),
            Sandbags = Pieces(from.SandbagsKg),
            Bands =
            [
                .. (from.Bands ?? []).Select(band => new Band(band.Name, [.. band.Points.Select(p => new BandPoint(p.Cm, Kg(p.Kg)))])),
            ],
            StackStep = from.StackStepKg is { } step ? Kg(step) : null,
        };

    public static Schools ToSchools(SchoolsSection from) =>
        new()
        {
            Accessories = from.Accessories,
            Sides = from.Sides ?? SideSchool.UnilateralFirst,
            StrengthReps = from.StrengthReps ?? StrengthReps.Moderate,
            WorkSets = from.WorkSets ?? WorkSets.Straight,
            Progression = from.Progression ?? Progression.Wave,
            Isolation = from.Isolation ?? Isolation.After,
            SetCounting = from.SetCounting ?? SetCounting.Fractional,
            Quads = from.Quads ?? QuadSchool.Standard,
        };

    public static Screen ToScreen(ScreenSection from) =>
        new()
        {
            KneeToWallCm = Sides(from.KneeToWallCm),
            Squat = from.Squat is { } squat
                ? new ScreenSquat
                {
                    Depth = squat.Depth,
                    LeanDeg = squat.LeanDeg,
                    HeelRise = squat.HeelRise,
                    KneesIn = squat.KneesIn,
                    TuckAtHipHeightCm = squat.TuckAtHipHeightCm,
                    Shift = squat.Shift,
                    BetterWithHeelsRaised = squat.BetterWithHeelsRaised,
                    BetterWithPlateInFront = squat.BetterWithPlateInFront,
                    Bar = squat.Bar ?? ScreenBar.None,
                    LoadKg = squat.LoadKg,
                }
                : null,
            LostContacts = from.Hinge?.LostContacts,
            WallReach = from.Hinge?.WallReach,
            UpperBackMovesAlone = from.Spine?.UpperBackMovesAlone,
            LowerBackMovesAlone = from.Spine?.LowerBackMovesAlone,
            ArmsOverheadDeg = Sides(from.ArmsOverheadDeg),
            RibsStayDown = from.RibsStayDown,
            StraightLegRaiseDeg = Sides(from.StraightLegRaiseDeg),
            HipFlexionDeg = from.HipFlexionDeg,
            SingleLegBridgeReps = Sides(from.SingleLegBridgeReps),
            CalfRaiseReps = Sides(from.CalfRaiseReps),
            FeelsGlutes = from.FeelsGlutes,
        };

    private static BothSides? Sides(SidesSection? from) => from is null ? null : new BothSides(from.Left, from.Right);

    private static LiftFault ToFault(FaultSection from) =>
        new()
        {
            Lift = from.Lift,
            Fault = from.Fault,
            FromPercent = from.FromPercent,
            HeldInIsolation = from.HeldInIsolation,
            Side = from.Side,
            AtRep = from.AtRep,
            OfReps = from.OfReps,
            AtHipHeightCm = from.AtHipHeightCm,
            AtBarHeightCm = from.AtBarHeightCm,
        };

    private static StrengthEntry ToStrength(StrengthSection from) =>
        new()
        {
            Exercise = from.Exercise,
            Load = Kg(from.Kg),
            Reps = from.Reps,
            Rpe = Rpe.Of(from.Rpe ?? 10),
            Side = from.Side,
            Date = from.Date,
            Amrap = from.Amrap ?? false,
        };

    private static PainEntry ToPain(PainSection from) =>
        new()
        {
            Region = from.Region,
            WorseOn = from.WorseOn ?? [],
            Exercise = from.Exercise,
            ScoreDuring = from.ScoreDuring,
            ScoreNextMorning = from.ScoreNextMorning,
            UsualScore = from.UsualScore,
            Weeks = from.Weeks,
            Improving = from.Improving,
            NerveSigns = from.NerveSigns ?? false,
        };

    public static LogDay ToLogDay(LogSection from) =>
        new(from.Date, from.Readiness is { } readiness ? ToReadiness(readiness) : null, [.. from.Sets.Select(ToLogSet)]);

    /// <summary>How a client came in.</summary>
    public static Readiness ToReadiness(ReadinessSection from) =>
        new(
            from.SleepHours,
            from.Soreness ?? new Dictionary<Muscle, int>(),
            [.. (from.Pain ?? []).Select(pain => new PainNow(pain.Region, pain.Score))],
            from.Minutes
        );

    private static LogSet ToLogSet(LogSetSection from) =>
        new()
        {
            Exercise = from.Exercise,
            Side = from.Side,
            Load = from.Kg is { } kg ? Kg(kg) : null,
            Reps = from.Reps,
            Rpe = from.Rpe is { } rpe ? Rpe.Of(rpe) : null,
            Amrap = from.Amrap ?? false,
            ReserveSaid = from.RirSaidAt is { } said ? new ReserveSaid(said.Rep, said.Rir) : null,
            TechniqueHeldTo = from.TechniqueHeldTo,
            Pain = from.Pain,
            PainAt = from.PainAt,
            Seconds = from.Seconds,
            Metres = from.Metres,
            HeightCm = from.HeightCm,
            CleanReps = from.CleanReps,
            Word = from.Word,
        };

    /// <summary>A case without a block asks for four weeks from the Monday after its newest date; Core reads no clock.</summary>
    private static BlockRequest ToBlock(CaseDocument document)
    {
        DateOnly start =
            document.Block?.Start
            ?? MondayAfter(
                (document.Strength ?? [])
                    .Select(entry => entry.Date ?? DateOnly.MinValue)
                    .Concat((document.Log ?? []).Select(day => day.Date))
                    .Append(new DateOnly(2026, 1, 4))
                    .Max()
            );
        return new BlockRequest(
            start,
            document.Block?.Kind ?? BlockKind.Auto,
            document.Block?.Weeks ?? DefaultWeeks,
            document.Block?.Focus ?? BlockFocus.Whole
        )
        {
            Worked = document.Block?.Worked ?? [],
        };
    }

    private static DateOnly MondayAfter(DateOnly day) => day.AddDays(7 - ((int)day.DayOfWeek + 6) % 7);

    private static Load Kg(double kilograms) => Load.FromKilograms(kilograms);

    private static List<Load> Pieces(IReadOnlyList<double>? kilograms) => [.. (kilograms ?? []).Select(Kg).Order()];

    /// <summary>A bar without a kind is what its name says in kebab-case; "bar" and any other name are barbells.</summary>
    private static Implement KindOf(string name)
    {
        string code = name.Trim().ToLowerInvariant().Replace(' ', '-');
        return
            Codes.Find<Implement>(code) is { } kind and (Implement.Barbell or Implement.SafetyBar or Implement.TrapBar or Implement.Smith)
            ? kind
            : Implement.Barbell;
    }
}
