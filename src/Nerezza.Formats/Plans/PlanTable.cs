using System.Globalization;
using Nerezza.Core;
using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Checks;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Loads;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Wording;

namespace Nerezza.Formats.Plans;

/// <summary>Prints a plan as a coach reads it: findings, each week a line an exercise, sets per muscle against their target, minutes,
/// checks.</summary>
public sealed class PlanTable(ExerciseCatalogue catalogue)
{
    private readonly FindingWords _findings = new(catalogue);
    private readonly CheckWords _checks = new(catalogue);

    /// <summary>The whole plan as lines.</summary>
    public IEnumerable<string> Lines(Plan plan)
    {
        yield return $"== {plan.Case} ==";
        if (plan.Referral is { } referral)
            yield return ReferralWords.Text(referral);
        foreach (Finding finding in plan.Findings)
            yield return $"  {finding.Severity}  {_findings.Text(finding)}";
        if (plan.Kind is { } kind)
            yield return PlanWords.Because(kind);
        if (plan.Selection.Daily.Count > 0)
            yield return $"Every day, 5 to 10 minutes: {string.Join(", ", plan.Selection.Daily.Select(chosen => chosen.Exercise.Name))}.";
        foreach (Week week in plan.Block?.Weeks ?? [])
        foreach (string line in Lines(week))
            yield return line;
        foreach (string line in Stays(plan.Block))
            yield return line;
        foreach (string line in Sets(plan))
            yield return line;
        foreach (Check check in plan.Checks)
            yield return $"{Codes.Of(check.Severity), -5}{CheckWords.Where(check), -12}{_checks.Because(check)}";
        yield return "";
    }

    /// <summary>What does not grow, each with the word why.</summary>
    private IEnumerable<string> Stays(Block? block)
    {
        if (block is null)
            yield break;
        foreach (((Weekday day, string exercise), Standstill why) in Progress.Of(block))
        {
            Session session = block
                .Weeks.Where(week => week.Kind is WeekKind.Load)
                .SelectMany(week => week.Sessions)
                .Last(one => one.Day == day && one.Items.Any(item => item.Exercise == exercise));
            if (PlanWords.Stays(why, session.Items.First(item => item.Exercise == exercise)) is { } words)
                yield return $" {Codes.Of(day)} {Shortened(catalogue[exercise].Name)}: {words}";
        }
    }

    private IEnumerable<string> Lines(Week week)
    {
        yield return "";
        yield return $"Week {week.Number}, {Codes.Of(week.Kind)}";
        foreach (Session session in week.Sessions)
        {
            yield return $" {Codes.Of(session.Day)} {session.Date:yyyy-MM-dd}  {session.Minutes} of {session.MinutesGiven} min";
            foreach (PrescribedItem item in session.Items)
                yield return Line(item);
        }
    }

    private string Line(PrescribedItem item)
    {
        PrescribedSet middle = item.Sets[item.Sets.Count / 2];
        string side = middle.Side is null ? "" : " a side";
        string warmUp =
            item.WarmUp.Count == 0 ? "" : $"  ramp {string.Join(", ", item.WarmUp.Select(set => $"{Kg(set.Load)}x{set.Reps}"))}";
        string runs = string.Concat(
            middle.Medley.Select(piece =>
                $"  {piece.Exercise} {(piece.Load is { } load ? Kg(load) + " kg" : "weigh it")} {middle.Metres} m"
            )
        );
        return $"   {Codes.Of(item.Purpose), -10} {Shortened(catalogue[item.Exercise].Name), -38} {Work(item, middle) + side, -15} "
            + $"{LoadOf(item), -18} {EffortOf(item), -9} {middle.Tempo.ToString(), -8} {middle.Rest.Seconds, 4} s"
            + $"{warmUp}{Heights(item.SetUp)}{runs}";
    }

    private static string Heights(SetUp setUp) =>
        string.Concat(
            new[]
            {
                ("box", setUp.BoxCm),
                ("pins", setUp.PinCm),
                ("wedge", setUp.HeelCm),
                ("blocks", setUp.BlockCm),
                ("bar at", setUp.BarCm),
            }
                .Where(row => row.Item2 is > 0)
                .Select(row => $"  {row.Item1} {row.Item2!.Value.ToString("0.#", CultureInfo.InvariantCulture)} cm")
        );

    private static string Shortened(string name) => name.Length <= 38 ? name : name[..37] + ".";

    private static string Work(PrescribedItem item, PrescribedSet set)
    {
        string sets = $"{item.SetsASide} x ";
        return set.Metres is { } metres ? $"{sets}{metres} m"
            : set.Seconds is { } seconds ? $"{sets}{seconds} s"
            : $"{sets}{Span(item.Sets.Select(one => (double)one.Reps))}{(item.Sets[^1].Amrap ? "+" : "")}";
    }

    private static string LoadOf(PrescribedItem item)
    {
        List<double> loads = [.. item.Sets.Select(set => set.Load?.Kilograms).OfType<double>()];
        if (loads.Count == 0)
            return "by effort";
        List<double> percents = [.. item.Sets.Select(set => set.Percent?.Value).OfType<double>().Select(percent => Math.Round(percent))];
        return $"{Span(loads)} kg{(percents.Count > 0 ? $" {Span(percents)} %" : "")}";
    }

    private static string EffortOf(PrescribedItem item) =>
        item.Sets.Where(set => !set.IsEasy).Select(set => set.Rpe.Value).ToList() is { Count: > 0 } rated ? $"RPE {Span(rated)}" : "easy";

    private static string Span(IEnumerable<double> values)
    {
        (double least, double most) = (values.Min(), values.Max());
        return least == most ? Number(least) : $"{Number(least)}-{Number(most)}";
    }

    private static IEnumerable<string> Sets(Plan plan)
    {
        if (plan.Ledger.Count == 0)
            yield break;
        yield return "";
        yield return "Hard sets a week by muscle, with the least and the most wanted";
        foreach (MuscleLedger row in plan.Ledger)
        {
            string weeks = string.Concat(row.Weeks.Select(week => $"{Number(week.Sets), 6}"));
            string wanted = $"({Number(row.Weeks[0].Low)} to {Number(row.Weeks[0].High)})";
            yield return $"  {Codes.Of(row.Muscle).Replace('-', ' '), -20}{weeks}   {wanted}";
        }
        yield return $"  {"minutes", -20}{string.Concat(plan.Totals.Select(week => $"{week.Minutes, 6}"))}";
    }

    private static string Kg(Load load) => Number(load.Kilograms);

    private static string Number(double value) => value.ToString("0.##", CultureInfo.InvariantCulture);
}
