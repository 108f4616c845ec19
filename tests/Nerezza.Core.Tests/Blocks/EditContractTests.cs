using CsCheck;
using Nerezza.Core.Blocks;
using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;
using Nerezza.Tests.Shared;

namespace Nerezza.Core.Tests.Blocks;

/// <summary>One contract for edits: what a hand wrote stands, or it is said what stands instead and why; what it did not write
/// stays.</summary>
public sealed class EditContractTests
{
    private static readonly Planner Planner = new(ExerciseCatalogue.Shipped, new GreedyChooser(), new GreedyWeekLayout());
    private static readonly CellPlace Squat = new(1, Weekday.Mon, "back-squat-high-bar");

    private static readonly ClientCase Plain = PlainCase.With(75, [Weekday.Mon, Weekday.Wed, Weekday.Fri], [Implement.Cable]);

    /// <summary>A squat of 120 kg; a boy of fourteen is held to RPE 7.</summary>
    [Theory]
    [InlineData(null, 100, "")]
    [InlineData(null, 91, "Load 91: 90 Kit ")] // 90 and 92.5 can be made
    [InlineData(null, 130, "Load 130: 107.5 OverTheMax ")] // five repetitions at RPE 10: 106.7
    [InlineData(2012, 80, "")]
    [InlineData(2012, 140, "Load 140: 97.5 CappedEffort 7")]
    public void A_load_that_cannot_stand_is_named_with_what_stands_and_why(int? born, double kg, string expected)
    {
        ClientCase @case = Plain with { Client = Plain.Client with { BirthYear = born, GuardianConsent = true } };
        PrescribedItem before = At(Planner.Make(@case), Squat);
        Plan plan = Planner.Make(@case with { Edits = [new BlockEdit.Write(Squat, new CellValues { Load = Load.FromKilograms(kg) })] });
        PrescribedItem after = At(plan, Squat);
        Assert.Equal((before.SetsASide, before.Sets.Max(set => set.Reps)), (after.SetsASide, after.Sets.Max(set => set.Reps)));
        Assert.Equal(expected, Told(plan));
    }

    /// <summary>Five repetitions at RPE 10 are 88.9 %; uncleared before heavy work 75 % is the most.</summary>
    [Theory]
    [InlineData(false, 82, "")]
    [InlineData(false, 97, "Percent 97: 89 OverTheMax ")]
    [InlineData(true, 90, "Percent 90: 75 CappedLoad 75")]
    public void A_percentage_is_named_where_more_than_the_plates_moves_it(bool waits, double percent, string expected)
    {
        ClientCase @case = Plain with
        {
            Client = Plain.Client with { Health = new Health(waits ? [HealthFlag.Hernia] : [], null) },
            Edits = [new BlockEdit.Write(Squat, new CellValues { Percent = percent })],
        };
        Assert.Equal(
            expected,
            string.Join(
                '\n',
                Planner
                    .Make(@case)
                    .Instead.GetValueOrDefault(Squat, [])
                    .Select(one => FormattableString.Invariant($"{one.Part} {one.Asked}: {one.Stands:0} {one.Why} {one.Limit}"))
            )
        );
    }

    [Theory]
    [InlineData(false, "3", 3, "")]
    [InlineData(true, "3", 6, "Reps 3: 6 FewestReps 6")]
    [InlineData(true, "8,5", 6, "Reps 5: 6 FewestReps 6")]
    [InlineData(true, "8", 8, "")]
    public void Few_repetitions_wait_until_a_doctor_has_cleared_heavy_work(bool waits, string reps, int fewest, string expected)
    {
        int[] each = [.. reps.Split(',').Select(int.Parse)];
        CellValues values = each.Length > 1 ? new CellValues { EachReps = each } : new CellValues { Reps = each[0] };
        Plan plan = Planner.Make(
            Plain with
            {
                Client = Plain.Client with { Health = new Health(waits ? [HealthFlag.Hernia] : [], null) },
                Edits = [new BlockEdit.Write(Squat, values)],
            }
        );
        PrescribedItem squat = At(plan, Squat);
        Assert.Equal(fewest, squat.Sets.Min(set => set.Reps));
        Assert.Equal(waits, squat.Cues[0] == "Breathe out on the way up");
        Assert.Equal(expected, Told(plan));
    }

    [Fact]
    public void Repetitions_set_by_set_stand_at_the_one_load_that_the_most_of_them_allow()
    {
        PrescribedItem five = At(
            Planner.Make(Plain with { Edits = [new BlockEdit.Write(Squat, new CellValues { Reps = 5, Rpe = Rpe.Of(8) })] }),
            Squat
        );
        PrescribedItem item = At(
            Planner.Make(
                Plain with
                {
                    Edits =
                    [
                        new BlockEdit.Write(Squat, new CellValues { Rpe = Rpe.Of(8) }),
                        new BlockEdit.Write(Squat, new CellValues { EachReps = [5, 5, 4] }),
                    ],
                }
            ),
            Squat
        );
        Assert.Equal([5, 5, 4], item.Sets.Select(set => set.Reps));
        Assert.All(item.Sets, set => Assert.Equal(five.Sets[0].Load, set.Load));
        Assert.True(item.Sets[2].Rpe < item.Sets[0].Rpe);
    }

    private static readonly Gen<CellValues> OneValue = Gen.OneOf(
        Gen.Double[1, 300].Select(kg => new CellValues { Load = Load.FromKilograms(Math.Round(kg, 1)) }),
        Gen.Double[20, 100].Select(percent => new CellValues { Percent = Math.Round(percent) }),
        Gen.Int[2, 20].Select(half => new CellValues { Rpe = Rpe.Of(half / 2.0) }),
        Gen.Int[0, 600].Select(seconds => new CellValues { RestSeconds = seconds }),
        Gen.Const(new CellValues { Tempo = Tempo.Parse("3-1-1-0") })
    );

    [Fact]
    public void What_was_not_written_stays_and_what_was_stands_or_is_named() =>
        Draw.Each(
            Gen.Select(Made.Case, OneValue, Gen.Int[0, 999]),
            300,
            drawn =>
            {
                (ClientCase @case, CellValues values, int which) = drawn;
                Plan made = Planner.Make(@case);
                if (made.Block is null)
                    return;
                List<CellPlace> cells =
                [
                    .. made.Block.Weeks.SelectMany(week =>
                        week.Sessions.SelectMany(session =>
                            session.Items.Select(item => new CellPlace(week.Number, session.Day, item.Exercise))
                        )
                    ),
                ];
                if (cells.Count == 0)
                    return;
                CellPlace at = cells[which % cells.Count];
                Plan plan = Planner.Make(@case with { Edits = [new BlockEdit.Write(at, values)] });
                (PrescribedItem before, PrescribedItem after) = (At(made, at), At(plan, at));
                Assert.True(before.SetsASide == after.SetsASide, $"{at} {values}: sets {before.SetsASide} to {after.SetsASide}");
                Assert.True(
                    before.Sets.Max(set => set.Reps) == after.Sets.Max(set => set.Reps),
                    $"{at} {values}: repetitions {before.Sets.Max(set => set.Reps)} to {after.Sets.Max(set => set.Reps)}"
                );
                if (values.RestSeconds is { } rest)
                    Assert.Equal(rest, after.Sets[^1].Rest.Seconds);
                Assert.All(
                    plan.Instead.GetValueOrDefault(at, []).Where(one => one.Why is InsteadReason.CappedLoad),
                    one => Assert.True(after.Sets.All(set => !(set.Percent?.Value > one.Limit + 0.5)), $"{at} {values}: {one}")
                );
                if (values.Load is { } load && after.Sets.Max(set => set.Load) != load)
                    Assert.Contains(plan.Instead[at], one => one.Part is CellPart.Load && one.Asked == load.Kilograms);
            }
        );

    private static string Told(Plan plan) =>
        string.Join(
            '\n',
            plan.Instead.GetValueOrDefault(Squat, [])
                .Select(one => FormattableString.Invariant($"{one.Part} {one.Asked}: {one.Stands} {one.Why} {one.Limit}"))
        );

    private static PrescribedItem At(Plan plan, CellPlace at) =>
        plan.Block!.Weeks[at.Week - 1].Sessions.Single(session => session.Day == at.Day).Items.Single(item => item.Exercise == at.Exercise);
}
