using Nerezza.Core.Catalogue;

namespace Nerezza.Core.Screening;

/// <summary>A retest is a part of a screen: what it did not test stands as it was found before (docs/handbook/04-screen.md, assumption:
/// nothing that was measured is unmeasured by a shorter screen).</summary>
public static class ScreenInForce
{
    /// <summary>Each screen filled up from those before it, first to last.</summary>
    public static IReadOnlyList<EarlierScreen> Fill(IEnumerable<EarlierScreen> taken, ExerciseCatalogue catalogue)
    {
        List<EarlierScreen> filled = [];
        foreach (EarlierScreen screen in taken)
            filled.Add(filled.Count == 0 ? screen : Over(screen, filled[^1], catalogue));
        return filled;
    }

    private static EarlierScreen Over(EarlierScreen newer, EarlierScreen older, ExerciseCatalogue catalogue) =>
        newer with
        {
            Screen = Over(newer.Screen, older.Screen),
            Faults = [.. newer.Faults, .. older.Faults.Where(fault => !IsWatched(catalogue[fault.Lift].Pattern, newer, catalogue))],
        };

    private static Screen Over(Screen newer, Screen older) =>
        newer with
        {
            KneeToWallCm = Over(newer.KneeToWallCm, older.KneeToWallCm),
            Squat = Over(newer.Squat, older.Squat),
            LostContacts = newer.LostContacts ?? older.LostContacts,
            WallReach = newer.WallReach ?? older.WallReach,
            UpperBackMovesAlone = newer.UpperBackMovesAlone ?? older.UpperBackMovesAlone,
            LowerBackMovesAlone = newer.LowerBackMovesAlone ?? older.LowerBackMovesAlone,
            ArmsOverheadDeg = Over(newer.ArmsOverheadDeg, older.ArmsOverheadDeg),
            RibsStayDown = newer.RibsStayDown ?? older.RibsStayDown,
            StraightLegRaiseDeg = Over(newer.StraightLegRaiseDeg, older.StraightLegRaiseDeg),
            HipFlexionDeg = newer.HipFlexionDeg ?? older.HipFlexionDeg,
            SingleLegBridgeReps = Over(newer.SingleLegBridgeReps, older.SingleLegBridgeReps),
            CalfRaiseReps = Over(newer.CalfRaiseReps, older.CalfRaiseReps),
            FeelsGlutes = newer.FeelsGlutes ?? older.FeelsGlutes,
        };

    private static BothSides? Over(BothSides? newer, BothSides? older) =>
        newer is null || older is null ? newer ?? older : new BothSides(newer.Left ?? older.Left, newer.Right ?? older.Right);

    /// <summary>A squat that was watched is taken as a whole: no tuck said is none seen. Its trials stand for themselves.</summary>
    private static ScreenSquat? Over(ScreenSquat? newer, ScreenSquat? older) =>
        newer is null || older is null ? newer ?? older
        : newer is { Depth: null, LeanDeg: null }
            ? older with
            {
                BetterWithHeelsRaised = newer.BetterWithHeelsRaised ?? older.BetterWithHeelsRaised,
                BetterWithPlateInFront = newer.BetterWithPlateInFront ?? older.BetterWithPlateInFront,
            }
        : newer with
        {
            BetterWithHeelsRaised = newer.BetterWithHeelsRaised ?? older.BetterWithHeelsRaised,
            BetterWithPlateInFront = newer.BetterWithPlateInFront ?? older.BetterWithPlateInFront,
        };

    /// <summary>Whether lifts of a pattern were watched: one of them showed a fault, or the screen tested their movement.</summary>
    public static bool IsWatched(Pattern pattern, EarlierScreen screen, ExerciseCatalogue catalogue) =>
        screen.Faults.Any(fault => catalogue[fault.Lift].Pattern == pattern)
        || (pattern is Pattern.Squat && screen.Screen.Squat is { } squat && (squat.Depth is not null || squat.LeanDeg is not null))
        || (pattern is Pattern.Hinge && (screen.Screen.LostContacts is not null || screen.Screen.WallReach is not null));
}
