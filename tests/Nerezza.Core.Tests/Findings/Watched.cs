using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening;
using Nerezza.Core.Screening.Safety;

namespace Nerezza.Core.Tests.Findings;

/// <summary>Finds what a screen and some faults say of one ordinary client: 175 cm, 80 kg, lengths estimated.</summary>
internal static class Watched
{
    public static readonly Client Client = new()
    {
        Name = "Test",
        HeightCm = 175,
        MassKg = 80,
        Level = Level.Intermediate,
        Days = [new TrainingDay(Weekday.Mon, 60)],
    };
    public static readonly DateOnly Today = new(2026, 11, 23);
    private static readonly FindingEngine Book = new(ExerciseCatalogue.Shipped);

    public static ScreenSquat Squat { get; } =
        new()
        {
            Depth = null,
            LeanDeg = null,
            HeelRise = null,
            KneesIn = null,
            TuckAtHipHeightCm = null,
            Shift = null,
            BetterWithHeelsRaised = null,
            BetterWithPlateInFront = null,
            Bar = ScreenBar.None,
            LoadKg = null,
        };

    public static IReadOnlyList<Finding> Find(Screen screen, params LiftFault[] faults) => Find(screen, faults, [], []);

    public static IReadOnlyList<Finding> Find(
        Screen screen,
        IReadOnlyList<LiftFault> faults,
        IReadOnlyList<PainEntry> pain,
        IReadOnlyList<KnownMax> maxes,
        Client? client = null
    )
    {
        Client who = client ?? Client;
        return Book.Find(
            new FindingInput
            {
                Client = who,
                Screen = screen,
                Faults = faults,
                Pain = pain,
                Referral = HealthReferral.From(who.Health, pain),
                Maxes = maxes,
                Today = Today,
                BlockWeeks = 4,
            }
        );
    }

    /// <summary>A finding as one line: code, cause, side, severity, confidence.</summary>
    public static string Line(Finding finding)
    {
        string cause = finding.Cause is { } why ? Codes.Of(why) : "-",
            side = finding.Side is { } one ? Codes.Of(one) : "-";
        return FormattableString.Invariant($"{Codes.Of(finding.Code)} {cause} {side} {finding.Severity} {finding.Confidence:0.##}");
    }

    public static string[] Lines(IReadOnlyList<Finding> findings) => [.. findings.Select(Line)];
}
