using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Floor;
using Nerezza.Core.Measures;
using Nerezza.Core.Wording;

namespace Nerezza.Core.Tests;

/// <summary>What is said of the gate of a ladder after a session.</summary>
public sealed class GateTests
{
    private static readonly DateOnly Today = new(2026, 11, 30);
    private static readonly Client Client = new()
    {
        Name = "x",
        HeightCm = 175,
        MassKg = 80,
        Level = Level.Novice,
        Days = [],
    };
    private static readonly Ladder Thrust = Ladder.PlacesOf("bodyweight-hip-thrust").First().Ladder;

    // The first rung asks one set of 20 on one day.
    [Theory]
    [InlineData(20, null, "The gate is passed: ")]
    [InlineData(19, null, "The gate to ")]
    [InlineData(20, 18, "The gate to ")] // form went at 19
    public void Repetitions_in_good_form_pass_it(int reps, int? heldTo, string begins)
    {
        string opens = Thrust.Rungs[1].Exercises[0];
        LogDay day = Day(Today, "bodyweight-hip-thrust", 1, reps, null, heldTo);
        GateMet gate = Gates(day).Of("bodyweight-hip-thrust", opens, Today)!;
        Assert.StartsWith(begins, FloorWords.Text(gate, ExerciseCatalogue.Shipped), StringComparison.Ordinal);
        Assert.Null(Gates(day).Of("bodyweight-hip-thrust", opens, Today.AddDays(1)));
        Assert.Null(Gates(day).Of("bodyweight-hip-thrust", "back-squat-high-bar", Today));
    }

    [Fact]
    public void A_gate_of_two_days_counts_the_days()
    {
        (Ladder ladder, int rung) = Ladder
            .All.SelectMany(one => one.Rungs.Select((gated, at) => (one, at, gated)))
            .Where(row => row.gated.Gate is { Days: 2, MassPercent: null } && row.at + 1 < row.one.Rungs.Count)
            .Select(row => (row.one, row.at))
            .First();
        string exercise = ladder.Rungs[rung].Exercises[0],
            opens = ladder.Rungs[rung + 1].Exercises[0];
        RungGate gate = ladder.Rungs[rung].Gate;
        int reps = gate.Reps ?? ExerciseCatalogue.Shipped[exercise].Reps.Top;
        LogDay Passing(DateOnly date) => Day(date, exercise, gate.Sets, reps, 7, null);
        GateMet Met(params LogDay[] log) => Gates(log).Of(exercise, opens, Today)!;
        Assert.Equal((true, 1), (Met(Passing(Today)).Passed, Met(Passing(Today)).DaysLeft));
        Assert.Equal(
            (true, 0),
            (Met(Passing(Today.AddDays(-3)), Passing(Today)).Passed, Met(Passing(Today.AddDays(-3)), Passing(Today)).DaysLeft)
        );
        LogDay hard = Day(Today, exercise, gate.Sets, reps, 10, null);
        Assert.Equal((false, 1), (Met(Passing(Today.AddDays(-3)), hard).Passed, Met(Passing(Today.AddDays(-3)), hard).DaysLeft));
    }

    private static DayGates Gates(params LogDay[] log) => new(Client, ExerciseCatalogue.Shipped, log);

    private static LogDay Day(DateOnly date, string exercise, int sets, int reps, double? rpe, int? heldTo) =>
        new(
            date,
            null,
            [
                .. Enumerable.Repeat(
                    new LogSet
                    {
                        Exercise = exercise,
                        Reps = reps,
                        Rpe = rpe is { } rated ? Rpe.Of(rated) : null,
                        TechniqueHeldTo = heldTo,
                    },
                    sets
                ),
            ]
        );
}
