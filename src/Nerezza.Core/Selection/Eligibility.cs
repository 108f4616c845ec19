using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening.Safety;

namespace Nerezza.Core.Selection;

/// <summary>The hard filters of docs/handbook/09-composition.md, each with its reason kept.</summary>
public sealed class Eligibility(PreparedCase prepared)
{
    private readonly bool _shoulderRange = prepared.Findings.Any(finding =>
        finding.Code is FindingCode.ShoulderRange && finding.Severity >= SelectionRules.Shipped.MainChanges.Severity
    );

    /// <summary>Why an exercise cannot be taken; null when it can.</summary>
    public PassedOver? Judge(Exercise exercise)
    {
        if (exercise.Origin is Origin.PutAway)
            return new PassedOver.PutAway(exercise.Id);
        if (!exercise.CanBeDoneWith(prepared.Case.Equipment))
            return new PassedOver.NoKit(exercise.Id, exercise.MissingFrom(prepared.Case.Equipment));
        if (prepared.Caps.For(exercise) is Caution.RuledOut ruledOut)
            return new PassedOver.Unsafe(exercise.Id, ruledOut.Reason);
        if (OtherTrial(exercise) is { } region)
            return new PassedOver.Unsafe(exercise.Id, new CautionReason.OfPain(region));
        if (_shoulderRange && exercise.Conflicts.Contains(Conflict.ShoulderRange))
            return new PassedOver.NoRange(exercise.Id, FindingCode.ShoulderRange);
        if (prepared.Ladders.LockOn(exercise.Id) is { } locked && !SelectionRules.Shipped.AlwaysOpen.Contains(exercise.Id))
            return new PassedOver.Locked(exercise.Id, locked);
        if (prepared.Case.Picks.Any(pick => pick.Exercise == exercise.Id && pick.Kind is PickKind.Banned))
            return new PassedOver.Banned(exercise.Id);
        if (prepared.Client.Dislikes.Any(dislike => dislike.Never && dislike.Exercise == exercise.Id))
            return new PassedOver.Disliked(exercise.Id);
        return HasLoad(exercise) ? null : new PassedOver.NoLoad(exercise.Id);
    }

    /// <summary>Whether pain covers a pattern.</summary>
    public bool Hurts(Pattern pattern) => prepared.Caps.Hurts(pattern);

    /// <summary>The region whose pain leaves another form than this one to be tried.</summary>
    private PainRegion? OtherTrial(Exercise exercise) =>
        prepared.Caps.TrialsOf(exercise).FirstOrDefault(trial => trial.Forms.FirstOrDefault(CanBeTried) != exercise.Id)?.Region;

    private bool CanBeTried(string id) =>
        prepared.Catalogue[id] is var trial
        && trial.CanBeDoneWith(prepared.Case.Equipment)
        && prepared.Caps.For(trial) is Caution.Allowed
        && prepared.Ladders.LockOn(id) is null;

    /// <summary>What caution leaves of an exercise that can be taken.</summary>
    public Caution.Allowed LimitsOf(Exercise exercise)
    {
        var allowed = (Caution.Allowed)prepared.Caps.For(exercise);
        bool alone = prepared.Client.TrainsAlone && Safeties.AreMissing(exercise, prepared.Case.Equipment);
        return alone ? allowed with { MostRpe = Rpe.Min(allowed.MostRpe, Rpe.Of(Safeties.AloneRpe)) } : allowed;
    }

    private bool HasLoad(Exercise exercise)
    {
        // What an implement weighs may not be known: that leaves effort to lead. Only counted pieces and plates can fall short.
        Equipment equipment = prepared.Case.Equipment;
        bool counted = exercise.Load is LoadSource.TwoKettlebells && equipment.Kettlebells.Count > 0;
        bool barFromFloor = exercise.FromFloor && equipment.Plates.Count > 0;
        return !(counted || barFromFloor) || prepared.Loader.MeansFor(exercise).Any(means => means.Steps.Count > 0);
    }
}
