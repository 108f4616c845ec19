using CsCheck;
using Nerezza.Core.Loads;
using Nerezza.Core.Measures;

namespace Nerezza.Core.Tests.Loads;

public sealed class RepCurveTests
{
    // Worked out by hand from (37 - n) / 36 and 1 / (1 + n / 30).
    [Theory]
    [InlineData(1, 10, 100.0)]
    [InlineData(5, 8, 83.3333)]
    [InlineData(5, 9, 86.1111)]
    [InlineData(3, 8.5, 90.2778)]
    [InlineData(10, 10, 75.0)]
    [InlineData(8, 8, 75.0)]
    [InlineData(12, 10, 71.4286)]
    [InlineData(12, 8, 68.1818)]
    public void Repetitions_at_an_effort_are_a_percentage(int reps, double rpe, double percent) =>
        Assert.Equal(percent, RepCurve.Standard.Fraction(reps, Rpe.Of(rpe)) * 100, 4);

    [Theory]
    [InlineData(100, 6, 116.129)]
    [InlineData(60, 12, 84.0)]
    [InlineData(140, 1, 140.0)]
    public void A_set_speaks_of_a_max(double kg, double toFailure, double max) =>
        Assert.Equal(max, RepCurve.Standard.OneRepMax(kg, toFailure), 3);

    [Fact]
    public void Both_formulas_meet_at_ten()
    {
        Assert.Equal(0.75, RepCurve.Standard.Fraction(10), 12);
        Assert.Equal(0.75, RepCurve.Standard.Fraction(10 + 1e-12), 9);
    }

    private static readonly Gen<(double N, double K)> AnyPoint = Gen.Select(Gen.Double[1, 40], Gen.Double[0.6, 1.4]);

    [Fact]
    public void More_repetitions_are_always_a_smaller_part() =>
        Gen.Select(AnyPoint, Gen.Double[0.01, 5])
            .Sample(row =>
            {
                var ((n, k), more) = row;
                RepCurve curve = new(k);
                Assert.True(curve.Fraction(n + more) < curve.Fraction(n));
            });

    [Fact]
    public void The_inverse_gives_the_repetitions_back() =>
        AnyPoint.Sample(row => Assert.Equal(row.N, new RepCurve(row.K).RepsToFailure(new RepCurve(row.K).Fraction(row.N)), 6));

    [Fact]
    public void There_is_no_jump_anywhere() =>
        AnyPoint.Sample(row =>
        {
            RepCurve curve = new(row.K);
            Assert.True(Math.Abs(curve.Fraction(row.N + 1e-6) - curve.Fraction(row.N)) < 1e-6);
        });

    [Theory]
    [InlineData(12, EstimateTrust.Usual)]
    [InlineData(12.5, EstimateTrust.Low)]
    [InlineData(20, EstimateTrust.Low)]
    [InlineData(20.5, EstimateTrust.None)]
    public void Many_repetitions_say_less(double toFailure, EstimateTrust trust) => Assert.Equal(trust, RepCurve.Trust(toFailure));
}
