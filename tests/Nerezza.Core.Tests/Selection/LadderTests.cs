using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Selection;

namespace Nerezza.Core.Tests.Selection;

/// <summary>Which rungs are open (docs/handbook/08-catalogue.md).</summary>
public sealed class LadderTests
{
    [Theory]
    [InlineData(Level.Novice, LadderId.HipThrust, 1)]
    [InlineData(Level.Intermediate, LadderId.HipThrust, 4)]
    [InlineData(Level.Advanced, LadderId.HipThrust, 5)]
    [InlineData(Level.Intermediate, LadderId.Deadlift, 6)]
    [InlineData(Level.Advanced, LadderId.GluteHamRaise, 2)]
    [InlineData(Level.Advanced, LadderId.KneeExtensionHipStraight, 1)]
    [InlineData(Level.Intermediate, LadderId.BoxSquat, 1)]
    public void A_level_opens_so_many_rungs(Level level, LadderId ladder, int open) => Assert.Equal(open, Book(level).OpenOn(ladder));

    // Sets as repetitions x kg @ RPE, each list one day; a mass of 80 kg.
    [Theory]
    [InlineData("bodyweight-hip-thrust", LadderId.HipThrust, "20x0@7", 2)]
    [InlineData("bodyweight-hip-thrust", LadderId.HipThrust, "19x0@7", 1)]
    [InlineData("goblet-split-squat", LadderId.SplitSquat, "12x16@8 12x16@8 12x16@8", 3)]
    [InlineData("goblet-split-squat", LadderId.SplitSquat, "12x16@8 12x16@8 12x16@9", 2)]
    [InlineData("dumbbell-split-squat", LadderId.SplitSquat, "12x24@8 12x24@8 12x24@8", 4)]
    [InlineData("dumbbell-split-squat", LadderId.SplitSquat, "12x20@8 12x20@8 12x20@8", 3)]
    [InlineData("goblet-squat", LadderId.FrontSquat, "10x20@7 10x20@7 10x20@7", 2)]
    [InlineData("slider-leg-curl", LadderId.GluteHamRaise, "12x0@8 12x0@8 12x0@8", 1)]
    [InlineData("slider-leg-curl", LadderId.GluteHamRaise, "12x0@8 12x0@8 12x0@8 | 12x0@8 12x0@8 12x0@8", 2)]
    [InlineData("assisted-sissy-squat", LadderId.KneeExtensionHipStraight, "15x0@8 15x0@8 15x0@8", 2)]
    public void A_gate_that_is_passed_opens_the_next_rung(string exercise, LadderId ladder, string days, int open) =>
        Assert.Equal(open, Book(Level.Novice, log: [.. days.Split('|').Select((day, i) => Day(exercise, day, i))]).OpenOn(ladder));

    [Fact]
    public void The_school_of_the_barbell_skips_the_rungs_between()
    {
        LogDay day = Day("bodyweight-hip-thrust", "20x0@7", 0);
        Assert.Equal(5, Book(Level.Novice, SideSchool.BarbellFirst, [day]).OpenOn(LadderId.HipThrust));
        Assert.Null(Book(Level.Novice, SideSchool.BarbellFirst, [day]).LockOn("barbell-hip-thrust"));
        Assert.Equal(
            new LockedRung("barbell-hip-thrust", LadderId.HipThrust, 5, 2),
            Book(Level.Novice, SideSchool.UnilateralFirst, [day]).LockOn("barbell-hip-thrust")
        );
    }

    [Fact]
    public void Technique_that_changed_does_not_count()
    {
        LogDay day = Day("bodyweight-hip-thrust", "20x0@7", 0);
        LogDay lost = new(day.Date, null, [.. day.Sets.Select(set => set with { TechniqueHeldTo = 15 })]);
        Assert.Equal(1, Book(Level.Novice, log: [lost]).OpenOn(LadderId.HipThrust));
    }

    private static LadderProgress Book(Level level, SideSchool school = SideSchool.UnilateralFirst, IReadOnlyList<LogDay>? log = null) =>
        new(
            new Client
            {
                Name = "x",
                HeightCm = 175,
                MassKg = 80,
                Level = level,
                Days = [],
            },
            school,
            ExerciseCatalogue.Shipped,
            [],
            [],
            log ?? []
        );

    private static LogDay Day(string exercise, string sets, int number) =>
        new(
            new DateOnly(2026, 11, 2).AddDays(number),
            null,
            [
                .. sets.Split(' ', StringSplitOptions.RemoveEmptyEntries)
                    .Select(set =>
                    {
                        double[] parts = [.. set.Split('x', '@').Select(double.Parse)];
                        return new LogSet
                        {
                            Exercise = exercise,
                            Reps = (int)parts[0],
                            Load = Load.FromKilograms(parts[1]),
                            Rpe = Rpe.Of(parts[2]),
                        };
                    }),
            ]
        );
}
