using Nerezza.Core;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Findings;
using Nerezza.Core.Loads;
using Nerezza.Core.Screening.Safety;
using Nerezza.Core.Selection;
using Nerezza.Core.Wording;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Plans;

namespace Nerezza.Web.Planning;

/// <summary>Makes plans from a client's rows, and gives the plan in force the loads that the newest maxes ask for.</summary>
public sealed class PlanDesk(ExerciseCatalogue catalogue, IChooser chooser, TimeProvider clock)
{
    /// <summary>Changes with any rule that can change a plan.</summary>
    public const string EngineVersion = "2";

    private readonly Planner _planner = new(catalogue, chooser);
    private readonly PlanMapping _mapping = new(catalogue);
    private readonly ChangeWords _changes = new(catalogue);

    /// <summary>A new plan. A block asked for as auto is stored as the kind it was decided to be, so that the log cannot change it later.</summary>
    public PlanRow Make(ClientFile file, IReadOnlyList<LoggedSetRow> log, BlockSection block, int number)
    {
        CaseDocument document = CaseAssembly.Case(file, log, block);
        Plan plan = Preview(file, log, block);
        return new PlanRow
        {
            CoachId = file.Client.CoachId,
            Id = Guid.CreateVersion7(),
            ClientId = file.Client.Id,
            Number = number,
            MadeAt = clock.GetUtcNow(),
            EngineVersion = EngineVersion,
            InputsHash = CaseAssembly.InputsHash(document, CaseAssembly.Decisions(file)),
            Inputs = document with { Log = null, Block = block with { Kind = plan.Block?.Kind ?? block.Kind } },
            Decisions = CaseAssembly.Decisions(file),
            Document = _mapping.ToDocument(plan),
        };
    }

    /// <summary>What a new plan would be, without keeping it.</summary>
    public Plan Preview(ClientFile file, IReadOnlyList<LoggedSetRow> log, BlockSection block) => _planner.Make(ToCase(file, log, block));

    /// <summary>The client's findings as everything stands now, each with the coach's word.</summary>
    public IReadOnlyList<ReviewedFinding> Review(ClientFile file, IReadOnlyList<LoggedSetRow> log)
    {
        var today = new BlockSection { Start = DateOnly.FromDateTime(clock.GetUtcNow().UtcDateTime) };
        return _planner.Review(ToCase(file, log, today));
    }

    /// <summary>The lean of the newest screen against what the body asks for; null when none was measured.</summary>
    public static LeanComparison? Lean(ClientFile file)
    {
        ClientCase now = CaseMapping.ToCase(CaseAssembly.Case(file, [], null));
        return LeanComparison.Of(now.Client, now.Screen);
    }

    private static ClientCase ToCase(ClientFile file, IReadOnlyList<LoggedSetRow> log, BlockSection block) =>
        CaseMapping.ToCase(CaseAssembly.Case(file, log, block)) with { Decisions = CaseAssembly.Decisions(file) };

    /// <summary>The plan in force with today's maxes: same lifts, sets and efforts, newest loads.</summary>
    public Plan Current(PlanRow row, ClientFile file, IReadOnlyList<LoggedSetRow> log) => _planner.Make(CurrentCase(row, file, log));

    /// <summary>The case that <see cref="Current"/> is made from.</summary>
    public static ClientCase CurrentCase(PlanRow row, ClientFile file, IReadOnlyList<LoggedSetRow> log)
    {
        CaseDocument now = CaseAssembly.Case(file, log, row.Inputs.Block);
        return CaseMapping.ToCase(row.Inputs with { Strength = now.Strength, Log = now.Log }) with { Decisions = row.Decisions };
    }

    /// <summary>Whether an answer or fact changed since the plan was made.</summary>
    public static bool IsOutOfDate(PlanRow row, ClientFile file) => CaseAssembly.InputsHash(CaseAssembly.Case(file, [], null), CaseAssembly.Decisions(file)) != row.InputsHash;

    /// <summary>What stops this client's training, as it stands now, whatever was planned before; null when nothing does.</summary>
    public static string? Stop(ClientFile file)
    {
        return Referral(file) is { Level: ReferralLevel.Stop } referral ? ReferralWords.Text(referral) : null;
    }

    /// <summary>The referral that is open now, or null.</summary>
    public static Referral? Referral(ClientFile file)
    {
        ClientCase now = CaseMapping.ToCase(CaseAssembly.Case(file, [], null));
        return HealthReferral.From(now.Client.Health, now.Pain);
    }

    /// <summary>What the plan in force would become if it were made again now, in words; empty when nothing would change.</summary>
    public IReadOnlyList<string> Changes(PlanRow row, ClientFile file, IReadOnlyList<LoggedSetRow> log) =>
        [.. PlanDifference.Between(Current(row, file, log), Preview(file, log, row.Inputs.Block!)).Select(_changes.Text)];

    /// <summary>The maxes of a client today.</summary>
    public IReadOnlyList<OneRepMax> Maxes(ClientFile file, IReadOnlyList<LoggedSetRow> log)
    {
        ClientCase now = CaseMapping.ToCase(CaseAssembly.Case(file, log, null));
        return MaxBook.Of(now.Client, catalogue, now.Strength, now.Log, DateOnly.FromDateTime(clock.GetUtcNow().UtcDateTime)).Measured;
    }

    public PlanDocument ToDocument(Plan plan) => _mapping.ToDocument(plan);
}
