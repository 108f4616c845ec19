using Nerezza.Core.Clients;
using Nerezza.Core.Screening;

namespace Nerezza.Core.Findings.Rules;

/// <summary>Range that the screen measured: ankle, hips, hamstrings, shoulders, upper back (docs/handbook/04-screen.md,
/// docs/handbook/06-findings.md).</summary>
internal static class RangeRules
{
    private static readonly ScreenLimits Limits = FindingRules.Shipped.Screen;

    /// <summary>Knee-to-wall, with the squat's own signs that agree. Heels that rise or a squat that is better on a wedge speak for the
    /// ankle
    /// where it measured short or uneven, or was not measured.</summary>
    /// <param name="squatShowsIt">Whether the squat shows a short ankle: makes it severity 2.</param>
    public static IEnumerable<Observation> Ankle(Screen screen, SquatShows squatShowsIt)
    {
        List<Observation> measured =
        [
            .. TwoSided(screen.KneeToWallCm, ScreenTest.KneeToWall, Limits.KneeToWallCm, FindingCode.AnkleRange, Cause.Range),
        ];
        foreach (Observation ankle in measured)
            yield return ankle.Limit is Limit.Passed && squatShowsIt is SquatShows.ShortAnkle
                ? ankle with
                {
                    Severity = Math.Max(2, ankle.Severity),
                    Rank = Math.Max(2, ankle.Severity),
                }
                : ankle;
        bool better = screen.Squat?.BetterWithHeelsRaised == true && (measured.Count > 0 || screen.KneeToWallCm?.Smaller is null);
        if (better)
            yield return new Observation(
                FindingCode.AnkleRange,
                Cause.Range,
                1,
                Basis.Seen,
                [new Evidence(new Measure.Tested(ScreenTest.BetterWithHeelsRaised), new Reading.Answer(true), "no better")]
            )
            {
                Drill = Drill.Alone,
            };
        if (screen.Squat?.HeelRise == true && (measured.Count > 0 || better))
            yield return new Observation(
                FindingCode.AnkleRange,
                Cause.Range,
                1,
                Basis.Seen,
                [new Evidence(new Measure.Tested(ScreenTest.HeelRise), new Reading.Answer(true), "heels down")]
            );
    }

    /// <summary>Whether knee-to-wall is below the adequate limit on either side.</summary>
    public static bool IsFlagged(Screen screen) => screen.KneeToWallCm?.Smaller < Limits.KneeToWallCm.Adequate;

    public static IEnumerable<Observation> Others(Screen screen)
    {
        foreach (
            Observation raise in TwoSided(
                screen.StraightLegRaiseDeg,
                ScreenTest.StraightLegRaise,
                Limits.StraightLegRaiseDeg,
                FindingCode.HamstringRange,
                Cause.Range
            )
        )
            yield return raise;
        // Arms that do not reach are blamed on the upper back where it does not move alone.
        FindingCode arms = screen.UpperBackMovesAlone == false ? FindingCode.ThoracicRange : FindingCode.ShoulderRange;
        foreach (Observation reach in TwoSided(screen.ArmsOverheadDeg, ScreenTest.ArmsOverhead, Limits.ArmsOverheadDeg, arms, Cause.Range))
            yield return reach;
        if (screen.UpperBackMovesAlone == false)
            yield return new Observation(
                FindingCode.ThoracicRange,
                Cause.Range,
                1,
                Basis.Seen,
                [new Evidence(new Measure.Tested(ScreenTest.UpperBackMovesAlone), new Reading.Answer(false), "rounds and extends alone")]
            );
        if (screen.HipFlexionDeg < Limits.HipFlexionDeg.Adequate)
            yield return new Observation(
                FindingCode.HipRange,
                Cause.Range,
                1,
                Basis.Measured,
                [
                    new Evidence(
                        new Measure.Tested(ScreenTest.HipFlexion),
                        new Reading.Number(screen.HipFlexionDeg.Value),
                        Limits.HipFlexionDeg.Norm
                    ),
                ]
            )
            {
                Limit = Limit.Passed,
            };
        if (screen.Squat?.TuckAtHipHeightCm is { } tuck)
            yield return new Observation(
                FindingCode.HipRange,
                Cause.Range,
                1,
                Basis.Measured,
                [new Evidence(new Measure.Tested(ScreenTest.PelvisTuck), new Reading.Number(tuck), "no tuck")]
            );
    }

    /// <summary>A test of both sides is one observation: below the limit, or adequate with sides that differ.</summary>
    public static IEnumerable<Observation> TwoSided(BothSides? test, ScreenTest of, TestLimit limit, FindingCode code, Cause cause)
    {
        if (test?.Smaller is not { } smaller)
            yield break;
        List<Evidence> sides = [.. Sides(test, of, limit.Norm)];
        if (smaller < limit.Adequate)
            yield return new Observation(code, cause, smaller < limit.Severe ? 3 : 1, Basis.Measured, sides)
            {
                Side = test.OneSideBelow(limit.Adequate),
                Limit = Limit.Passed,
            };
        else if (limit.SidesDiffer is { } apart && test.Difference >= apart)
            yield return new Observation(code, cause, 1, Basis.Measured, sides) { Side = test.Lesser };
    }

    public static IEnumerable<Evidence> Sides(BothSides test, ScreenTest of, string norm)
    {
        if (test.Left is { } left)
            yield return new Evidence(new Measure.Tested(of, Side.Left), new Reading.Number(left), norm);
        if (test.Right is { } right)
            yield return new Evidence(new Measure.Tested(of, Side.Right), new Reading.Number(right), norm);
    }
}

/// <summary>Whether heels, lean or the wedge show in the squat what knee-to-wall measured (docs/handbook/04-screen.md).</summary>
internal enum SquatShows
{
    Nothing,
    ShortAnkle,
}
