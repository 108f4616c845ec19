using System.Text.RegularExpressions;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Selection;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Plans;

namespace Nerezza.Web.Tests.Contract;

/// <summary>Reads a plan as a stranger would, from its JSON and the handbook alone, and says all that is wrong with it. Of Core it takes
/// the catalogue's facts and no rule.</summary>
internal sealed partial class PlanJudge(CaseDocument @case, PlanDocument plan)
{
    private static readonly ExerciseCatalogue Catalogue = ExerciseCatalogue.Shipped;
    private static readonly Dictionary<Role, int> Order = new()
    {
        [Role.Priming] = 0,
        [Role.Skill] = 1,
        [Role.Main] = 2,
        [Role.Second] = 3,
        [Role.Accessory] = 4,
        [Role.SingleJoint] = 5,
        [Role.Trunk] = 6,
        [Role.Carry] = 6,
    };

    /// <summary>Every complaint, as PLACE: what is wrong.</summary>
    public IEnumerable<string> Complaints() =>
        plan.Block is { } block
            ?
            [
                .. Findings(),
                .. Sentences(block),
                .. Dates(block),
                .. All(block).SelectMany(row => Item(row.Where, row.Item)),
                .. Sessions(block),
                .. Ledger(block),
                .. Checks(block),
            ]
            :
            [
                .. Findings(),
                .. plan.Referral?.Level is Core.Screening.Safety.ReferralLevel.Stop && plan.Selection.Count == 0
                    ? Array.Empty<string>()
                    : ["block: missing without a stop, or a choice beside one"],
            ];

    private static IEnumerable<(string Where, SessionPart Session, ItemPart Item)> All(BlockPart block) =>
        block.Weeks.SelectMany(week =>
            week.Sessions.SelectMany(session =>
                session.Items.Select(item => ($"week {week.Number} {Codes.Of(session.Day)} {item.Exercise}", session, item))
            )
        );

    private IEnumerable<string> Findings()
    {
        if (plan.Findings.GroupBy(finding => (finding.Code, finding.Cause)).Any(same => same.Count() > 1))
            yield return "findings: one code and cause stands twice";
        foreach (FindingPart finding in plan.Findings)
        {
            if (finding.Evidence.Count == 0)
                yield return $"{finding.Code}: rests on nothing";
            if (finding.Confidence is < 0 or > 0.95)
                yield return $"{finding.Code}: confidence {finding.Confidence}";
        }
    }

    /// <summary>Every line carries its reason; sentences are whole.</summary>
    private IEnumerable<string> Sentences(BlockPart block)
    {
        IEnumerable<(string Where, string Text)> texts =
        [
            .. plan.Findings.Select(one => ($"{one.Code}", one.Text)),
            .. plan.Selection.Select(one => (one.Exercise, one.Because)),
            .. All(block).Select(row => (row.Where, row.Item.Because)),
            .. plan.Checks.Select(one => (one.Code, one.Because)),
        ];
        foreach ((string where, string text) in texts)
            if (
                text.Length < 12
                || !".".Contains(text[^1], StringComparison.Ordinal)
                || !char.IsUpper(text[0]) && !char.IsDigit(text[0])
                || text.Contains("  ", StringComparison.Ordinal)
                || text.Contains("..", StringComparison.Ordinal)
                || text.Contains("null", StringComparison.Ordinal)
                || text.Contains('!')
            )
                yield return $"{where}: '{text}' is no whole sentence";
        foreach ((string where, _, ItemPart item) in All(block).Where(row => row.Item.Cues.Count is < 1 or > 4))
            yield return $"{where}: {item.Cues.Count} cues";
        foreach (
            string id in All(block)
                .Select(row => row.Item.Exercise)
                .Distinct()
                .Where(id => plan.Selection.All(chosen => chosen.Exercise != id))
        )
            yield return $"{id}: in the block and not in the choice";
    }

    private IEnumerable<string> Dates(BlockPart block)
    {
        DayOfWeek[] names =
        [
            DayOfWeek.Monday,
            DayOfWeek.Tuesday,
            DayOfWeek.Wednesday,
            DayOfWeek.Thursday,
            DayOfWeek.Friday,
            DayOfWeek.Saturday,
            DayOfWeek.Sunday,
        ];
        if (block.Weeks.Select(week => week.Number).SequenceEqual(Enumerable.Range(1, @case.Block?.Weeks ?? 4)) is false)
            yield return "weeks: not those asked for";
        foreach ((WeekPart week, SessionPart session) in block.Weeks.SelectMany(week => week.Sessions.Select(session => (week, session))))
        {
            int day = session.Date.DayNumber - block.Start.DayNumber - 7 * (week.Number - 1);
            if (day is < 0 or > 6 || session.Date.DayOfWeek != names[(int)session.Day])
                yield return $"week {week.Number} {session.Day}: {session.Date}";
            if (@case.Client.Days.All(given => given.Day != session.Day))
                yield return $"week {week.Number} {session.Day}: no day of the client's";
        }
    }

    private IEnumerable<string> Item(string where, ItemPart item)
    {
        if (item.Sets.Count == 0)
            yield return $"{where}: no sets";
        foreach (SetPart set in item.Sets)
        {
            if (Unloadable(set) is { } why)
                yield return $"{where}: {why}";
            if (!TempoShape().IsMatch(set.Tempo ?? ""))
                yield return $"{where}: tempo '{set.Tempo}'";
            if (set.Reps is null && set.Seconds is null && set.Metres is null)
                yield return $"{where}: for nothing";
            if (set.Percent is not null && set.Kg is null)
                yield return $"{where}: percent without a load";
            if (set.Rpe is { } rpe && rpe * 2 != Math.Round(rpe * 2))
                yield return $"{where}: RPE {rpe} is no half step";
        }
        foreach ((WarmUpPart first, WarmUpPart second) in item.WarmUp.Zip(item.WarmUp.Skip(1)))
            if (second.Kg <= first.Kg)
                yield return $"{where}: warm-up {first.Kg} then {second.Kg}";
        if (item.WarmUp.Count > 0 && item.WarmUp[^1].Kg >= item.Sets.Max(set => set.Kg))
            yield return $"{where}: warm-up as heavy as the work";
        if (Catalogue[item.Exercise].Sides is Sides.One && item.Sets.Any(set => set.Side is null))
            yield return $"{where}: a one-sided set without its side";
        bool strength = item.Sets.Any(set =>
            set.Seconds is null
            && set.Metres is null
            && (
                (item.Role is Role.Main || Catalogue[item.Exercise].Pattern is Pattern.Thrust) && set.Percent >= 75
                || item.Role is Role.Main or Role.Second or Role.Accessory && set.Reps <= 5 && set.Rpe >= 6
            )
        );
        if (strength && item.Superset is not null)
            yield return $"{where}: strength work in a superset";
        if (strength && item.Sets.Where((set, i) => set.Side is null || i % 2 == 1).Any(set => set.RestSeconds < 120))
            yield return $"{where}: strength work rests {item.Sets.Min(set => set.RestSeconds)} s";
    }

    /// <summary>What keeps a set from being loaded with the kit of the case; null when nothing does.</summary>
    private string? Unloadable(SetPart set)
    {
        EquipmentSection kit = @case.Equipment ?? new EquipmentSection();
        if (set.Bar is { } name && set.PerSide is { } sleeve)
        {
            if (
                kit.Bars?.FirstOrDefault(bar => bar.Name == name) is { } own
                && Math.Abs(own.Kg + 2 * (kit.CollarKg ?? 0) + 2 * sleeve.Sum() - set.Kg!.Value) > 1e-6
                && Math.Abs(own.Kg + 2 * sleeve.Sum() - set.Kg.Value) > 1e-6
            )
                return $"{set.Kg} is not {name} with {string.Join(" + ", sleeve)} a side";
            if (
                sleeve
                    .GroupBy(kg => kg)
                    .FirstOrDefault(same =>
                        same.Count() > (kit.Plates ?? []).Where(plate => plate.Kg == same.Key).Sum(plate => plate.Pairs)
                    ) is
                { } short_
            )
                return $"{short_.Count()} pairs of {short_.Key}";
        }
        if (set.Each is { } each && set.Count is { } count)
        {
            if (Math.Abs(each * count - set.Kg!.Value) > 1e-6)
                return $"{count} x {each} is not {set.Kg}";
            bool there =
                (kit.DumbbellsKg ?? []).Contains(each)
                || (kit.KettlebellsKg ?? []).Count(kg => kg == each) >= count
                || (kit.SandbagsKg ?? []).Contains(each)
                || (kit.Plates ?? []).Any(plate => plate.Kg == each);
            if (!there)
                return $"no {count} x {each} there";
        }
        return null;
    }

    private IEnumerable<string> Sessions(BlockPart block)
    {
        foreach ((WeekPart week, SessionPart session) in block.Weeks.SelectMany(week => week.Sessions.Select(session => (week, session))))
        {
            string where = $"week {week.Number} {Codes.Of(session.Day)}";
            if (Math.Abs(session.Minutes - Minutes(session)) > 1)
                yield return $"{where}: {session.Minutes} minutes, {Minutes(session):0.0} by the handbook";
            if (session.Items.GroupBy(item => item.Exercise).Any(same => same.Count() > 1))
                yield return $"{where}: an exercise twice";
            int given = @case.Client.Days.FirstOrDefault(day => day.Day == session.Day)?.Minutes ?? 0;
            if (session.Minutes > given * 1.05 && !Said("session-too-long", where))
                yield return $"{where}: {session.Minutes} of {given} minutes and no remark";
            List<int> order =
            [
                .. session
                    .Items.Where(item => Catalogue[item.Exercise].Pattern is not Pattern.Throw && item.Purpose is not Purpose.Event)
                    .Select(item =>
                        item is { Purpose: Purpose.WeakPoint, Role: Role.Accessory }
                            ? Order[Role.Second]
                            : Order.GetValueOrDefault(item.Role, 4)
                    ),
            ];
            bool preExhaust = @case.Schools?.Isolation is Isolation.PreExhaust;
            if (!preExhaust && !order.SequenceEqual(order.Order()))
                yield return $"{where}: order {string.Join(' ', session.Items.Select(item => item.Role))}";
        }
    }

    /// <summary>65 s up to 60 % of the work load, 90 s above, 120 s from 85 % or 150 kg.</summary>
    private static double WarmUp(double kg, double work) =>
        kg >= 150 || kg >= 0.85 * work - 1e-9 ? 120
        : kg > 0.6 * work + 1e-9 ? 90
        : 65;

    /// <summary>5 general + for each exercise (set-up + its warm-up sets + sets x time under tension + rests but the last) + 2 between; a
    /// superset shares its rest; a medley goes its way with each implement.</summary>
    private static double Minutes(SessionPart session)
    {
        double work = session.Items.Sum(item =>
            Catalogue[item.Exercise].SetUpSeconds
            + item.WarmUp.Sum(set => WarmUp(set.Kg, item.Sets.Max(work => work.Kg ?? 0)))
            + item.Sets.Sum(UnderTension)
        );
        static double Rest(ItemPart item) => item.Sets.SkipLast(1).Sum(set => set.RestSeconds);
        double rest = session.Items.GroupBy(item => item.Superset ?? item.Exercise).Sum(together => together.Max(Rest));
        return 5 + 2 * Math.Max(0, session.Items.Count - 1) + (work + rest) / 60;
    }

    private static double UnderTension(SetPart set) =>
        set.Seconds
        ?? set.Metres * Math.Max(1, set.Implements?.Count ?? 1)
        ?? (set.Reps ?? 0)
            * set.Tempo!.Split('-').Sum(part => part == "X" ? 1 : int.Parse(part, System.Globalization.CultureInfo.InvariantCulture));

    /// <summary>Hard sets by muscle, counted again: RPE 6 and more, a one-sided one once for both sides, shares of 1, 0.5 and 0.25 or the
    /// prime movers alone.</summary>
    private IEnumerable<string> Ledger(BlockPart block)
    {
        bool direct = @case.Schools?.SetCounting is SetCounting.Direct;
        foreach (LedgerPart row in plan.Ledger)
        foreach (LedgerWeekPart week in row.Weeks.Where(week => week.Number <= block.Weeks.Count))
        {
            double sets = block
                .Weeks[week.Number - 1]
                .Sessions.SelectMany(session => session.Items)
                .Sum(item => Hard(item) * Share(item.Exercise, row.Muscle, direct));
            int sessions = block
                .Weeks[week.Number - 1]
                .Sessions.Count(session => session.Items.Any(item => Hard(item) * Share(item.Exercise, row.Muscle, direct) > 0));
            if (Math.Abs(sets - week.Sets) > 1e-6 || sessions != week.Sessions)
                yield return $"ledger {row.Muscle} week {week.Number}: {week.Sets} in {week.Sessions}, counted {sets} in {sessions}";
        }
    }

    private static double Hard(ItemPart item) => item.Sets.Where(set => set.Rpe >= 6).Sum(set => set.Side is null ? 1 : 0.5);

    private static double Share(string exercise, Muscle muscle, bool direct)
    {
        double share = Catalogue[exercise].Muscles.GetValueOrDefault(muscle);
        return direct
            ? share >= 1
                ? 1
                : 0
            : share;
    }

    private IEnumerable<string> Checks(BlockPart block)
    {
        foreach (CheckPart check in plan.Checks.Where(check => check.Where != "block" && !WhereShape().IsMatch(check.Where)))
            yield return $"{check.Code}: stands at '{check.Where}'";
        foreach ((WeekPart week, SessionPart session) in block.Weeks.SelectMany(week => week.Sessions.Select(session => (week, session))))
        foreach (Muscle muscle in Enum.GetValues<Muscle>())
            if (
                session.Items.Sum(item => Hard(item) * Share(item.Exercise, muscle, @case.Schools?.SetCounting is SetCounting.Direct)) > 10
                && !Said("session-cap", $"week {week.Number} {Codes.Of(session.Day)}")
            )
                yield return $"week {week.Number} {session.Day}: more than ten sets of {muscle} and no remark";
    }

    private bool Said(string code, string where) =>
        plan.Checks.Any(check => check.Code == code && check.Where.StartsWith(where, StringComparison.Ordinal));

    [GeneratedRegex("^[0-9]+-[0-9]+-([0-9]+|X)-[0-9]+$")]
    private static partial Regex TempoShape();

    [GeneratedRegex("^week [0-9]+( (mon|tue|wed|thu|fri|sat|sun)( [a-z0-9-]+)?)?$")]
    private static partial Regex WhereShape();
}
