using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;
using Nerezza.Core.Review;
using Nerezza.Core.Screening;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Tests.Review;

/// <summary>A made-up client's past, written in a few words: screens, what was planned, what was done.</summary>
internal static class Told
{
    public static readonly DateOnly Monday = new(2026, 9, 7);

    public static readonly Reviewer Reviewer = new(ExerciseCatalogue.Shipped);

    public static readonly WaitingList Waiting = new(ExerciseCatalogue.Shipped);

    public static ClientCase Case(params LogDay[] log) =>
        new()
        {
            Client = new Client
            {
                Name = "told",
                HeightCm = 178,
                MassKg = 80,
                Level = Level.Intermediate,
                Goal = Goal.Strength,
                TargetLifts = ["back-squat-high-bar"],
                Days = [new(Weekday.Mon, 60), new(Weekday.Thu, 60)],
            },
            Equipment = new Equipment { Items = Enum.GetValues<Implement>().ToHashSet() },
            Log = log,
            Block = new BlockRequest(Monday, BlockKind.Strength, 4, BlockFocus.Whole),
        };

    /// <summary>A day of squats: sets of five at one load, rated.</summary>
    public static LogDay Squats(int day, double kg, double rpe, int sets = 3) => Done(day, ("back-squat-high-bar", kg, 5, rpe, sets));

    public static LogDay Done(int day, params (string Exercise, double Kg, int Reps, double? Rpe, int Sets)[] lifts) =>
        new(
            Monday.AddDays(day),
            null,
            [
                .. lifts.SelectMany(lift =>
                    Enumerable.Repeat(
                        new LogSet
                        {
                            Exercise = lift.Exercise,
                            Load = lift.Kg > 0 ? Load.FromKilograms(lift.Kg) : null,
                            Reps = lift.Reps,
                            Rpe = lift.Rpe is { } rpe ? Rpe.Of(rpe) : null,
                        },
                        lift.Sets
                    )
                ),
            ]
        );

    public static StoodItem Planned(string exercise, Role role, int reps, double rpe, int sets, params FindingCode[] answers) =>
        new(
            exercise,
            role,
            role is Role.Main ? Purpose.Main : Purpose.Palette,
            answers,
            4,
            [.. Enumerable.Repeat(new StoodSet(reps, Rpe.Of(rpe), null, null), sets)]
        );

    /// <summary>A block of four weeks from a day on: sessions on Monday and Thursday, the same items on each.</summary>
    public static StoodBlock Block(int number, int from, params StoodItem[] items) =>
        new(
            number,
            Monday.AddDays(from),
            Monday.AddDays(from + 27),
            BlockKind.Strength,
            [
                .. Enumerable
                    .Range(0, 4)
                    .Select(week => new StoodWeek(
                        week + 1,
                        week == 3 ? WeekKind.Deload : WeekKind.Load,
                        [
                            new StoodSession(Monday.AddDays(from + 7 * week), items),
                            new StoodSession(Monday.AddDays(from + 7 * week + 3), items),
                        ]
                    )),
            ]
        );

    public static ReviewInput Input(ClientCase @case, int today, params StoodBlock[] blocks) =>
        new()
        {
            Case = @case,
            Blocks = blocks,
            Today = Monday.AddDays(today),
        };

    public static Screen Ankles(double left, double right) => new() { KneeToWallCm = new BothSides(left, right) };

    /// <summary>A squat that was watched in a screen.</summary>
    public static ScreenSquat Watched(SquatDepth? depth, double? lean, double? tuck, bool? raised) =>
        new()
        {
            Depth = depth,
            LeanDeg = lean,
            HeelRise = null,
            KneesIn = null,
            TuckAtHipHeightCm = tuck,
            Shift = null,
            BetterWithHeelsRaised = raised,
            BetterWithPlateInFront = null,
            Bar = ScreenBar.High,
            LoadKg = null,
        };
}
