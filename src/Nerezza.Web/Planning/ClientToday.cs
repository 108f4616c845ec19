using Nerezza.Core;
using Nerezza.Core.Body;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Findings;
using Nerezza.Core.Loads;
using Nerezza.Core.Loads.Loading;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Wording;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Cases;

namespace Nerezza.Web.Planning;

/// <summary>What a client's rows say by themselves today, before any plan: maxes, body, doubts, and what stops training.</summary>
public sealed class ClientToday(OwnCatalogue own, TimeProvider clock)
{
    /// <summary>The maxes of a client today.</summary>
    public IReadOnlyList<OneRepMax> Maxes(ClientFile file, ClientLog log)
    {
        ClientCase now = CaseAssembly.ToCase(file, log, null);
        return MaxEstimates.Of(now.Client, own.All, now.Strength, now.Log, Today).Measured;
    }

    /// <summary>The body and the own load of an exercise, for its figure.</summary>
    public Func<Exercise, (Lifter, double)> BodyOf(ClientFile file, ClientLog log)
    {
        ClientCase now = CaseAssembly.ToCase(file, log, null).Filled(own.All);
        Lifter lifter = Lifter.Of(now.Client, now.Screen.KneeToWallCm?.Smaller, now.Screen.HipFlexionDeg);
        MaxEstimates maxes = MaxEstimates.Of(now.Client, own.All, now.Strength, now.Log, Today);
        return exercise =>
            (lifter, maxes.Find(exercise.Id) is { } max ? Math.Max(0, max.Kilograms - exercise.BodyFraction * now.Client.MassKg) : 0);
    }

    /// <summary>The lean of the newest screen against what the body asks for; null when none was measured.</summary>
    public LeanComparison? Lean(ClientFile file)
    {
        ClientCase now = CaseMapping.ToCase(CaseAssembly.Facts(file, null)).Filled(own.All);
        return LeanComparison.Of(now.Client, now.Screen);
    }

    /// <summary>What of a client's answers does not go with the rest.</summary>
    public IEnumerable<Doubt> Doubts(ClientFile file)
    {
        ClientCase now = CaseMapping.ToCase(CaseAssembly.Facts(file, null));
        return Core.Loads.Doubts.Of(now.Client, now.Strength, own.All, Today);
    }

    /// <summary>What the client's plates make on one sleeve.</summary>
    public static SleeveSums KitOf(ClientFile file) => new Loader(CaseMapping.ToCase(CaseAssembly.Facts(file, null)).Equipment).Sums;

    /// <summary>What stops this client's training, as it stands now, whatever was planned before; null when nothing does.</summary>
    public static string? Stop(ClientFile file)
    {
        return Referral(file) is { Level: ReferralLevel.Stop } referral ? ReferralWords.Text(referral) : null;
    }

    /// <summary>The referral that is open now, or null.</summary>
    public static Referral? Referral(ClientFile file)
    {
        ClientCase now = CaseMapping.ToCase(CaseAssembly.Facts(file, null));
        return HealthReferral.From(now.Client.Health, now.Pain);
    }

    private DateOnly Today => DateOnly.FromDateTime(clock.GetUtcNow().UtcDateTime);
}
