using Nerezza.Core;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Loads;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Wording;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Plans;

namespace Nerezza.Web.Planning;

/// <summary>Makes plans from a client's rows, and gives the plan in force the loads that the newest maxes ask for.</summary>
public sealed class PlanDesk(ExerciseCatalogue catalogue, TimeProvider clock)
{
    /// <summary>Changes with any rule that can change a plan.</summary>
    public const string EngineVersion = "1";

    private readonly Planner _planner = new(catalogue);
    private readonly PlanMapping _mapping = new(catalogue);

    /// <summary>A new plan. A block asked for as auto is stored as the kind it was decided to be, so that the log cannot change it later.</summary>
    public PlanRow Make(ClientFile file, IReadOnlyList<LoggedSetRow> log, BlockSection block, int number)
    {
        CaseDocument document = CaseAssembly.Case(file, log, block);
        Plan plan = _planner.Make(CaseMapping.ToCase(document));
        return new PlanRow
        {
            CoachId = file.Client.CoachId,
            Id = Guid.CreateVersion7(),
            ClientId = file.Client.Id,
            Number = number,
            MadeAt = clock.GetUtcNow(),
            EngineVersion = EngineVersion,
            InputsHash = CaseAssembly.InputsHash(document),
            Inputs = document with { Log = null, Block = block with { Kind = plan.Block?.Kind ?? block.Kind } },
            Document = _mapping.ToDocument(plan),
        };
    }

    /// <summary>The plan in force with today's maxes: same lifts, sets and efforts, newest loads.</summary>
    public Plan Current(PlanRow row, ClientFile file, IReadOnlyList<LoggedSetRow> log) => _planner.Make(CurrentCase(row, file, log));

    /// <summary>The case that <see cref="Current"/> is made from.</summary>
    public static ClientCase CurrentCase(PlanRow row, ClientFile file, IReadOnlyList<LoggedSetRow> log)
    {
        CaseDocument now = CaseAssembly.Case(file, log, row.Inputs.Block);
        return CaseMapping.ToCase(row.Inputs with { Strength = now.Strength, Log = now.Log });
    }

    /// <summary>Whether an answer or fact changed since the plan was made.</summary>
    public static bool IsOutOfDate(PlanRow row, ClientFile file) => CaseAssembly.InputsHash(CaseAssembly.Case(file, [], null)) != row.InputsHash;

    /// <summary>What stops this client's training, as it stands now, whatever was planned before; null when nothing does.</summary>
    public static string? Stop(ClientFile file)
    {
        ClientCase now = CaseMapping.ToCase(CaseAssembly.Case(file, [], null));
        return HealthReferral.From(now.Client.Health, now.Pain) is { Level: ReferralLevel.Stop } referral ? ReferralWords.Text(referral) : null;
    }

    /// <summary>The maxes of a client today.</summary>
    public IReadOnlyList<OneRepMax> Maxes(ClientFile file, IReadOnlyList<LoggedSetRow> log)
    {
        ClientCase now = CaseMapping.ToCase(CaseAssembly.Case(file, log, null));
        return MaxBook.Of(now.Client, catalogue, now.Strength, now.Log, DateOnly.FromDateTime(clock.GetUtcNow().UtcDateTime)).Measured;
    }

    public PlanDocument ToDocument(Plan plan) => _mapping.ToDocument(plan);
}
