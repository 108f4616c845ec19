using Nerezza.Core.Blocks;
using Nerezza.Core.Blocks.Editing;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Prescription;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Tests.Blocks;

/// <summary>Shapes of sets and schools that only some clients meet (docs/handbook/09-composition.md, docs/handbook/11-prescription.md,
/// docs/handbook/12-weeks-and-blocks.md), each by a value worked out by hand.</summary>
public sealed class ShapesAndSchoolsTests
{
    private static readonly Planner Planner = new(ExerciseCatalogue.Shipped, new GreedyChooser(), new GreedyWeekLayout());
    private static readonly Weekday[] FiveDays = [Weekday.Mon, Weekday.Tue, Weekday.Wed, Weekday.Fri, Weekday.Sat];

    [Theory]
    [InlineData("mon tue thu fri", QuadSchool.Spread, 3, 5)] // two lower days squat; a knee extension stands on an upper day
    [InlineData("mon tue thu fri", QuadSchool.Standard, 2, 2)]
    [InlineData("mon tue wed fri sat", QuadSchool.Spread, 3, 5)]
    [InlineData("mon wed fri", QuadSchool.Spread, 3, 3)]
    public void The_school_of_spread_quads_trains_them_on_three_to_five_days(string days, QuadSchool school, int least, int most)
    {
        ClientCase plain = PlainCase.With(
            75,
            [.. days.Split(' ').Select(day => Codes.Find<Weekday>(day)!.Value)],
            [Implement.LegExtension]
        );
        foreach (
            Week week in Planner
                .Make(plain with { Schools = plain.Schools with { Quads = school } })
                .Block!.Weeks.Where(week => week.Kind is WeekKind.Load)
        )
            Assert.InRange(
                week.Sessions.Count(session =>
                    session.Items.Any(item => ExerciseCatalogue.Shipped[item.Exercise].ShareOf(Muscle.Vasti) >= 1)
                ),
                least,
                most
            );
    }

    [Fact]
    public void One_and_a_quarter_is_eight_repetitions_a_sixth_lighter_with_ninety_seconds_of_rest()
    {
        ClientCase plain = PlainCase.With(75, FiveDays, [Implement.LegExtension]);
        // 60 kg for 10 at RPE 10 with k = 0.75: n' = 7.75, 29.25 / 36 = 0.8125, a max of 73.846.
        plain = plain with
        {
            Strength =
            [
                .. plain.Strength,
                new StrengthEntry
                {
                    Exercise = "leg-extension",
                    Load = Load.FromKilograms(60),
                    Reps = 10,
                    Rpe = Rpe.Ten,
                    Side = null,
                    Date = new DateOnly(2026, 11, 20),
                    Amrap = false,
                },
            ],
        };
        var at = new CellPlace(1, Planner.Make(plain).Block!.Weeks[0].Sessions[0].Day, "one-and-a-quarter-leg-extension");
        Plan plan = Planner.Make(
            plain with
            {
                Edits = [new BlockEdit.Remove(at), new BlockEdit.Add(at, Role.SingleJoint, CellValues.Nothing)],
            }
        );
        PrescribedItem item = plan.Block!.Weeks[0].Sessions[0].Items.Single(one => one.Exercise == at.Exercise);
        Assert.All(item.Sets, set => Assert.Equal((8, 90), (set.Reps, set.Rest.Seconds)));
        Assert.Equal(60 / 0.8125 * 0.825, plan.Maxes.Single(max => max.Exercise == at.Exercise).Kilograms, 3);
    }

    [Theory]
    [InlineData(
        BlockKind.Peak,
        1990,
        "back-squat-high-bar 110 115 120, conventional-deadlift 137.5 145 150",
        "91, 96 and 100 % of 120 and 150, in steps of 2.5"
    )]
    [InlineData(BlockKind.Test, 1990, "back-squat-high-bar 110 115 120, conventional-deadlift 137.5 145 150", "a test likewise")]
    [InlineData(BlockKind.Strength, 1990, "", "no other block goes to the most")]
    [InlineData(BlockKind.Peak, 2012, "", "under 16 there is no max")]
    public void Attempts_stand_beside_a_block_that_peaks_or_tests(BlockKind kind, int born, string expected, string because)
    {
        ClientCase plain = PlainCase.With(75, [Weekday.Mon, Weekday.Wed, Weekday.Fri], []);
        Plan plan = Planner.Make(
            plain with
            {
                Client = plain.Client with { BirthYear = born, Competition = plain.Block.Start.AddDays(30) },
                Block = plain.Block with { Kind = kind, Weeks = 1 },
            }
        );
        Assert.True(
            expected
                == string.Join(
                    ", ",
                    plan.Attempts.Select(one => $"{one.Exercise} {string.Join(' ', one.Usual.Select(load => load.Kilograms))}")
                ),
            $"{because}: {string.Join(", ", plan.Attempts.Select(one => $"{one.Exercise} {one.ForecastKg}"))}"
        );
    }
}
