using Nerezza.Core.Clients;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Loads.Loading;

/// <summary>Tension of a band between its measured points.</summary>
public static class BandTension
{
    /// <summary>The tension at a stretched length in cm: interpolated between points; beyond the ends the end's own value,
    /// because a band that was never measured longer may be much harder.</summary>
    public static Load At(Band band, double lengthCm)
    {
        IReadOnlyList<BandPoint> points = band.Points;
        if (points.Count == 0)
            return Load.Zero;
        if (lengthCm <= points[0].LengthCm)
            return points[0].Tension;
        for (int i = 1; i < points.Count; i++)
        {
            (BandPoint from, BandPoint to) = (points[i - 1], points[i]);
            if (lengthCm > to.LengthCm)
                continue;
            double share = (lengthCm - from.LengthCm) / (to.LengthCm - from.LengthCm);
            return Load.FromKilograms(from.Tension.Kilograms + share * (to.Tension - from.Tension));
        }
        return points[^1].Tension;
    }
}
