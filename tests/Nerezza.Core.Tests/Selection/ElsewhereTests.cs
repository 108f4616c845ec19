using CsCheck;
using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;
using Nerezza.Core.Tests.Blocks;
using Nerezza.Tests.Shared;
using Check = Nerezza.Core.Checks.Check;

namespace Nerezza.Core.Tests.Selection;

/// <summary>A day of the week that is trained elsewhere has what can be done there, loaded with what is there
/// (docs/decisions/0018-a-day-elsewhere.md).</summary>
public sealed class ElsewhereTests
{
    private static readonly Planner Planner = new(ExerciseCatalogue.Shipped, new GreedyChooser(), new GreedyWeekLayout());

    private static readonly Equipment AtHome = new()
    {
        Items = new HashSet<Implement> { Implement.Kettlebells, Implement.Bench, Implement.Bands },
        Kettlebells = [Load.FromKilograms(12), Load.FromKilograms(16), Load.FromKilograms(16)],
    };

    [Fact]
    public void What_stands_on_a_day_can_be_done_there()
    {
        int elsewhere = 0;
        Draw.Each(
            Made.Case.Where(one => one.Client.Days.Count > 1),
            400,
            @case =>
            {
                Weekday away = @case.Client.Days[0].Day;
                ClientCase some = @case with { Elsewhere = new Dictionary<Weekday, Equipment> { [away] = AtHome } };
                if (Planner.Make(some) is not { Block: { } block } plan)
                    return;
                Assert.DoesNotContain(plan.Checks, check => check is Check.EquipmentMissing);
                foreach (Session session in block.Weeks.SelectMany(week => week.Sessions))
                foreach (PrescribedItem item in session.Items)
                {
                    Exercise exercise = ExerciseCatalogue.Shipped[item.Exercise];
                    Assert.True(exercise.CanBeDoneWith(some.EquipmentOn(session.Day)), $"{item.Exercise} on {session.Day}");
                    if (session.Day != away)
                        continue;
                    Interlocked.Increment(ref elsewhere);
                    Assert.All(item.Sets, set => Assert.True(set.PerSide is not { Count: > 0 }, $"{item.Exercise} has plates at home"));
                }
            }
        );
        Assert.True(elsewhere > 1000, $"{elsewhere} exercises stood on a day elsewhere");
    }

    [Fact]
    public void The_other_days_stay_what_they_are()
    {
        // Monday and Friday lead in the gym; what was Wednesday's lead there leads nothing at home.
        Plan gym = Planner.Make(Gym),
            mixed = Planner.Make(Gym with { Elsewhere = new Dictionary<Weekday, Equipment> { [Weekday.Wed] = AtHome } });
        string Lead(Plan plan, Weekday day) =>
            plan.Selection.Days.Single(one => one.Weekday == day).Lifts.First(lift => lift.Purpose is Purpose.Main).Exercise.Id;
        Assert.Equal(Lead(gym, Weekday.Mon), Lead(mixed, Weekday.Mon));
        Assert.Equal(LoadSource.Barbell, ExerciseCatalogue.Shipped[Lead(mixed, Weekday.Fri)].Load);
        DayPlan home = mixed.Selection.Days.Single(one => one.Weekday == Weekday.Wed);
        Assert.True(home.Lifts.Count >= 4, string.Join(", ", home.Lifts.Select(lift => lift.Exercise.Id)));
        Assert.Contains(home.Lifts, lift => lift.Exercise.Load is LoadSource.Kettlebell or LoadSource.TwoKettlebells or LoadSource.Goblet);
    }

    private static ClientCase Gym => PlainCase.With(75, [Weekday.Mon, Weekday.Wed, Weekday.Fri], [Implement.Cable]);
}
