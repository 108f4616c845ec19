using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening.Safety;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Plans;

namespace Nerezza.Web.Tests.Contract;

/// <summary>Holds a plan against the handbook's numbers, written down here once more: effort and percent, spacing, sides, deloads, budgets,
/// weekly limits. Of Core it takes the catalogue's facts and no rule.</summary>
internal sealed partial class RuleJudge(CaseDocument @case, PlanDocument plan)
{
    private static readonly ExerciseCatalogue Catalogue = ExerciseCatalogue.Shipped;
    private readonly Dictionary<string, double> _maxes = plan
        .Maxes.GroupBy(max => max.Exercise)
        .ToDictionary(same => same.Key, same => same.First().Kg);

    /// <summary>Every complaint, as PLACE: what is wrong; nothing where no block was made.</summary>
    public IEnumerable<string> Complaints() =>
        plan.Block is not { } block
            ? []
            :
            [
                .. Curve(block),
                .. Lifted(block),
                .. Hinges(block),
                .. Sides(block),
                .. Deloads(block),
                .. Budgets(block),
                .. Weekly(block),
                .. Referred(block),
                .. Supersets(block),
            ];

    private static IEnumerable<(WeekPart Week, SessionPart Session, ItemPart Item)> All(BlockPart block) =>
        block.Weeks.SelectMany(week => week.Sessions.SelectMany(session => session.Items.Select(item => (week, session, item))));

    private static string At(WeekPart week, SessionPart session, ItemPart item) =>
        $"week {week.Number} {Codes.Of(session.Day)} {item.Exercise}";

    private bool Said(string code) => plan.Checks.Any(check => check.Code == code);

    private bool Said(string code, string word) =>
        plan.Checks.Any(check => check.Code == code && check.Because.Contains(word, StringComparison.OrdinalIgnoreCase));

    /// <summary>Percent and effort are two faces of one number, within 2.5 points or one step of what can be loaded. A curve that a
    /// lifter's own sets may have bent is not known here.</summary>
    private IEnumerable<string> Curve(BlockPart block)
    {
        foreach ((WeekPart week, SessionPart session, ItemPart item) in All(block))
        {
            SetPart last = item.Sets[^1];
            bool bent =
                (@case.Strength ?? []).Count(entry => entry.Exercise == item.Exercise)
                    + (@case.Log ?? []).SelectMany(day => day.Sets).Count(set => set.Exercise == item.Exercise)
                > 1;
            if (
                bent
                || last.Amrap
                || last is not { Percent: { } percent, Reps: { } reps, Rpe: > 1 and var rpe, Kg: { } kg }
                || !_maxes.TryGetValue(item.Exercise, out double max)
            )
                continue;
            double asked = 100 * Fraction(reps + 10 - rpe, Catalogue[item.Exercise].Curve) * (IsSlow(last.Tempo!) ? 0.92 : 1);
            if (Math.Abs(asked - percent) > 2.5 && Math.Abs(asked - percent) / 100 * max > Step(last, kg) + 1e-6)
                yield return $"{At(week, session, item)}: {reps} at RPE {rpe} is {asked:0.0} %, not {percent:0.0}; {kg} kg of "
                    + $"{max:0.0}, a step of {Step(last, kg)}";
        }
    }

    /// <summary>What is lifted, body and load, is the percent that stands beside it, within 2.5 points or a step.</summary>
    private IEnumerable<string> Lifted(BlockPart block)
    {
        foreach ((WeekPart week, SessionPart session, ItemPart item) in All(block))
        foreach (SetPart set in item.Sets.Where(set => set is { Percent: not null, Kg: not null }))
        {
            if (!_maxes.TryGetValue(item.Exercise, out double max))
                continue;
            double lifted = set.Kg!.Value + Catalogue[item.Exercise].BodyFraction * @case.Client.MassKg,
                percent = 100 * lifted / max;
            if (
                Math.Abs(percent - set.Percent!.Value) > 2.5
                && Math.Abs(percent - set.Percent.Value) / 100 * max > Step(set, set.Kg.Value) + 1e-6
            )
                yield return $"{At(week, session, item)}: {set.Kg} kg is {percent:0.0} % of {max:0.0}, not {set.Percent:0.0}";
        }
    }

    private static double Fraction(double toFailure, double k)
    {
        double n = 1 + (Math.Max(1, toFailure) - 1) * k;
        return n <= 10 ? (37 - n) / 36 : 1 / (1 + n / 30);
    }

    /// <summary>Lowering of 3 s or more with a pause of 2 s or more.</summary>
    private static bool IsSlow(string tempo) =>
        tempo.Split('-') is [var down, var pause, ..]
        && int.Parse(down, System.Globalization.CultureInfo.InvariantCulture) >= 3
        && int.Parse(pause, System.Globalization.CultureInfo.InvariantCulture) >= 2;

    /// <summary>The widest step beside a load, kilograms, among the implements that it could be made of.</summary>
    private double Step(SetPart set, double kg) =>
        Loads(set)
            .Select(one => one.Append(kg).Distinct().Order().ToList())
            .Max(loads =>
                Math.Max(
                    loads.IndexOf(kg) is > 0 and var at ? kg - loads[at - 1] : 0,
                    loads.Where(load => load > kg).Select(load => load - kg).FirstOrDefault()
                )
            );

    private IEnumerable<IEnumerable<double>> Loads(SetPart set)
    {
        EquipmentSection kit = @case.Equipment ?? new EquipmentSection();
        if (set.PerSide is not null)
        {
            IEnumerable<double> sums = [0];
            foreach (var plate in kit.Plates ?? [])
                sums =
                [
                    .. sums.SelectMany(sum => Enumerable.Range(0, plate.Pairs + 1).Select(count => Math.Round(sum + count * plate.Kg, 3)))
                        .Distinct(),
                ];
            double bare = set.Kg!.Value - 2 * set.PerSide.Sum();
            return [sums.Select(sum => Math.Round(bare + 2 * sum, 3))];
        }
        if (set is { Each: not null, Count: { } count })
        {
            IEnumerable<double> bells = (kit.KettlebellsKg ?? [])
                .GroupBy(one => one)
                .Where(same => same.Count() >= count)
                .Select(same => same.Key);
            return
            [
                Pieces(kit.DumbbellsKg ?? []),
                Pieces(bells),
                Pieces((kit.DumbbellsKg ?? []).Concat(bells)),
                Pieces(kit.SandbagsKg ?? []),
            ];
            IEnumerable<double> Pieces(IEnumerable<double> kinds) => kinds.Select(each => each * count);
        }
        double step = kit.StackStepKg ?? 5;
        return [Enumerable.Range(1, 80).Select(times => times * step)];
    }

    /// <summary>Heavy hinges, by percent or effort, lie two calendar days apart.</summary>
    private IEnumerable<string> Hinges(BlockPart block)
    {
        var heavy = All(block)
            .Where(row =>
                Catalogue[row.Item.Exercise].Pattern is Pattern.Hinge && row.Item.Sets.Any(set => set.Percent >= 75 || set.Rpe >= 8)
            )
            .ToList();
        foreach ((var first, var second) in heavy.Zip(heavy.Skip(1)))
            if (second.Session.Date.DayNumber - first.Session.Date.DayNumber == 1 && !Said("hinge-spacing"))
                yield return $"{At(second.Week, second.Session, second.Item)}: heavy hinges a day apart and no remark";
    }

    /// <summary>Where one side is weaker it goes first in every one-sided set, and the other has no more sets than it.</summary>
    private IEnumerable<string> Sides(BlockPart block)
    {
        if (
            plan.Findings.FirstOrDefault(finding => finding.Code is FindingCode.SideAsymmetry && finding.Side is not null)
            is not { Side: { } weaker } gap
        )
            yield break;
        HashSet<Muscle> tested = [.. gap.Evidence.SelectMany(piece => TestedBy(piece.Measure))];
        foreach (
            (WeekPart week, SessionPart session, ItemPart item) in All(block).Where(row => row.Item.Sets.Any(set => set.Side is not null))
        )
        {
            bool ofTest = Catalogue[item.Exercise].PrimeMovers.Any(tested.Contains);
            if (!ofTest && item.Sets.Count(set => set.Side is Side.Left) != item.Sets.Count(set => set.Side is Side.Right))
                yield return $"{At(week, session, item)}: more sets for a side that no test spoke of";
            if (!ofTest)
                continue;
            if (item.Sets[0].Side != weaker)
                yield return $"{At(week, session, item)}: the {item.Sets[0].Side} side first, the {weaker} is weaker";
            if (item.Sets.Count(set => set.Side == weaker) < item.Sets.Count(set => set.Side != weaker))
                yield return $"{At(week, session, item)}: fewer sets for the weaker side";
        }
    }

    /// <summary>The muscles that a piece of evidence tested.</summary>
    private IEnumerable<Muscle> TestedBy(string measure)
    {
        if (measure.EndsWith(", limb symmetry", StringComparison.Ordinal))
            return Catalogue[measure["strength: ".Length..measure.IndexOf(',', StringComparison.Ordinal)]].PrimeMovers;
        if (measure.StartsWith("faults[", StringComparison.Ordinal))
            return Catalogue[@case.Faults![int.Parse(measure[7..measure.IndexOf(']', StringComparison.Ordinal)], null)].Lift].PrimeMovers;
        return measure.StartsWith("screen.singleLegBridge", StringComparison.Ordinal) ? [Muscle.GluteusMaximus, Muscle.Hamstrings]
            : measure == "coach" ? Enum.GetValues<Muscle>()
            : [Muscle.Vasti, Muscle.GluteusMaximus];
    }

    /// <summary>Five weeks and more hold a deload from intermediate on; it stays easy and under the load week before it.</summary>
    private IEnumerable<string> Deloads(BlockPart block)
    {
        bool due =
            block.Kind is BlockKind.Foundation or BlockKind.Muscle or BlockKind.Strength
            && block.Weeks.Count >= 5
            && @case.Client.Level is not Level.Novice;
        if (due && block.Weeks.All(week => week.Kind is not WeekKind.Deload) && !Said("deload-missing"))
            yield return "block: five weeks and more without a deload or a remark";
        foreach (
            (WeekPart load, WeekPart deload) in block
                .Weeks.Zip(block.Weeks.Skip(1))
                .Where(pair => pair.First.Kind is WeekKind.Load && pair.Second.Kind is WeekKind.Deload)
        )
        {
            foreach (
                (WeekPart week, SessionPart session, ItemPart item) in All(block)
                    .Where(row => row.Week == deload && row.Item.Sets.Any(set => set.Rpe > 6))
            )
                yield return $"{At(week, session, item)}: RPE {item.Sets.Max(set => set.Rpe)} in a deload";
            (int before, int now) = (
                load.Sessions.Sum(session => session.Items.Sum(item => item.Sets.Count)),
                deload.Sessions.Sum(session => session.Items.Sum(item => item.Sets.Count))
            );
            // Halves of odd numbers round up, a side; the weaker side keeps its set more.
            if (now > before / 2.0 + deload.Sessions.Sum(session => session.Items.Sum(item => item.Sets[0].Side is null ? 1 : 1.5)))
                yield return $"week {deload.Number}: {now} sets after {before}";
        }
    }

    /// <summary>Axial load times hard sets: 24 a session, 36, 48 or 60 a week by level, a fifth less over fifty.</summary>
    private IEnumerable<string> Budgets(BlockPart block)
    {
        double part = block.Start.Year - @case.Client.BirthYear > 51 ? 0.8 : 1;
        int most = @case.Client.Level switch
        {
            Level.Novice => 36,
            Level.Intermediate => 48,
            _ => 60,
        };
        foreach (WeekPart week in block.Weeks)
        {
            double Axial(SessionPart session) => session.Items.Sum(item => Hard(item) * Catalogue[item.Exercise].Axial);
            if (week.Sessions.Sum(Axial) > most * part + 1 && !Said("axial-budget"))
                yield return $"week {week.Number}: axial {week.Sessions.Sum(Axial)} of {most * part} and no remark";
            foreach (SessionPart session in week.Sessions.Where(session => Axial(session) > 24 * part + 1 && !Said("axial-budget")))
                yield return $"week {week.Number} {Codes.Of(session.Day)}: axial {Axial(session)} and no remark";
        }
    }

    /// <summary>Low weeks are remarked for what is emphasised, and for thighs and glutes where muscle or general fitness is the
    /// goal.</summary>
    private bool IsRemarked(Muscle muscle) =>
        (@case.Client.Emphasis ?? []).Contains(muscle)
        || (
            (@case.Client.Goal is null or Goal.Muscle or Goal.General)
            && (muscle is Muscle.Vasti or Muscle.GluteusMaximus or Muscle.Hamstrings)
        );

    private static double Hard(ItemPart item) => item.Sets.Where(set => set.Rpe >= 6).Sum(set => set.Side is null ? 1 : 0.5);

    /// <summary>What the ledger shows under its low or over its high limit in a load week is remarked, by the muscle's name; low only where
    /// a block is meant to hold it.</summary>
    private IEnumerable<string> Weekly(BlockPart block)
    {
        foreach (LedgerPart row in plan.Ledger)
        foreach (
            LedgerWeekPart week in row.Weeks.Where(week =>
                week.Number <= block.Weeks.Count && block.Weeks[week.Number - 1].Kind is WeekKind.Load
            )
        )
        {
            string name = Codes.Of(row.Muscle).Replace('-', ' ');
            if (week.Sets > week.High + 1e-6 && !Said("weekly-high", name))
                yield return $"week {week.Number}: {week.Sets} sets of {name}, at most {week.High}, and no remark";
            if (
                block.Kind is BlockKind.Muscle or BlockKind.Strength
                && IsRemarked(row.Muscle)
                && week.Sets < week.Low - 1e-6
                && !Said("weekly-low", name)
            )
                yield return $"week {week.Number}: {week.Sets} sets of {name}, at least {week.Low}, and no remark";
        }
    }

    /// <summary>Two exercises share a superset, side by side, and no muscle that works hard in both.</summary>
    private static IEnumerable<string> Supersets(BlockPart block)
    {
        foreach ((WeekPart week, SessionPart session) in block.Weeks.SelectMany(week => week.Sessions.Select(session => (week, session))))
        foreach (
            List<ItemPart> pair in session
                .Items.Where(item => item.Superset is not null)
                .GroupBy(item => item.Superset)
                .Select(same => same.ToList())
        )
        {
            string where = $"week {week.Number} {Codes.Of(session.Day)} superset {pair[0].Superset}";
            if (pair.Count != 2)
                yield return $"{where}: {pair.Count} exercises";
            else if (Catalogue[pair[0].Exercise].PrimeMovers.Intersect(Catalogue[pair[1].Exercise].PrimeMovers).Any())
                yield return $"{where}: {pair[0].Exercise} and {pair[1].Exercise} train the same muscle";
        }
    }
}
