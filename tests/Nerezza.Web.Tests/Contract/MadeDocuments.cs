using System.Text.Json.Nodes;
using CsCheck;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Measures;
using Nerezza.Core.Screening;

namespace Nerezza.Web.Tests.Contract;

/// <summary>Made-up cases as JSON, with every part of the format in some of them: what a stranger could send.</summary>
internal static class MadeDocuments
{
    private static readonly string[] Ids =
    [
        .. ExerciseCatalogue.Shipped.All.Where(exercise => exercise.Muscles.Count > 0).Select(exercise => exercise.Id),
    ];
    private static readonly string[] Lifts =
    [
        "back-squat-high-bar",
        "back-squat-low-bar",
        "front-squat",
        "paused-back-squat",
        "leg-press",
        "conventional-deadlift",
        "sumo-deadlift",
        "romanian-deadlift",
        "block-pull",
        "barbell-hip-thrust",
        "leg-extension",
    ];
    private static readonly DateOnly Start = new(2026, 11, 30);

    public static readonly Gen<JsonObject> Any =
        from client in Client()
        from equipment in Equipment()
        from schools in Schools()
        from screen in Screen()
        from earlier in Screen()
        from faults in Faults()
        from strength in Strength()
        from pain in Pain()
        from log in Log()
        from block in Block()
        select new JsonObject
        {
            ["format"] = "nerezza.case",
            ["version"] = 1,
            ["client"] = client,
            ["equipment"] = equipment,
            ["schools"] = schools,
            ["screen"] = screen,
            ["screenedOn"] = "2026-11-25",
            ["earlierScreens"] = new JsonArray(new JsonObject { ["date"] = "2026-10-20", ["screen"] = earlier }),
            ["faults"] = faults,
            ["strength"] = strength,
            ["pain"] = pain,
            ["log"] = log,
            ["block"] = block,
        };

    private static Gen<JsonNode> Code<T>()
        where T : struct, Enum => Gen.Enum<T>().Select(value => (JsonNode)JsonValue.Create(Codes.Of(value)));

    private static JsonArray Array(IEnumerable<JsonNode> nodes) => new([.. nodes]);

    private static Gen<JsonNode> Client() =>
        from born in Gen.Int[1950, 2013]
        from height in Gen.Int[150, 205]
        from mass in Gen.Int[45, 130]
        from level in Code<Level>()
        from goal in Code<Goal>()
        from emphasis in Gen.Shuffle(Enum.GetValues<Muscle>(), 0, 2)
        from targets in Gen.Shuffle(Lifts, 0, 2)
        from diet in Code<Diet>()
        from days in Gen.Shuffle(Enum.GetValues<Weekday>(), 1, 6)
        from minutes in Gen.OneOf(30, 45, 60, 75, 90, 120)
        from sport in Gen.Shuffle(Enum.GetValues<Weekday>(), 0, 2)
        from events in Gen.Shuffle(Enum.GetValues<EventKind>(), 0, 2)
        from alone in Gen.Bool
        from never in Gen.Shuffle(Ids, 0, 2)
        from flags in Gen.Frequency((5, Gen.Const<HealthFlag[]>([])), (1, Gen.Enum<HealthFlag>().Array[1]))
        select (JsonNode)
            new JsonObject
            {
                ["name"] = "Made up",
                ["birthYear"] = born,
                ["heightCm"] = height,
                ["massKg"] = mass,
                ["level"] = level,
                ["goal"] = goal,
                ["emphasis"] = Array(emphasis.Select(muscle => (JsonNode)Codes.Of(muscle))),
                ["targetLifts"] = Array(targets.Select(id => (JsonNode)id)),
                ["diet"] = diet,
                ["days"] = Array(days.Select(day => (JsonNode)new JsonObject { ["day"] = Codes.Of(day), ["minutes"] = minutes })),
                ["otherTraining"] = Array(
                    sport.Select(day =>
                        (JsonNode)
                            new JsonObject
                            {
                                ["day"] = Codes.Of(day),
                                ["kind"] = "run",
                                ["minutes"] = 45,
                                ["hard"] = true,
                                ["match"] = day is Weekday.Sun,
                            }
                    )
                ),
                ["events"] = Array(events.Select(kind => (JsonNode)new JsonObject { ["kind"] = Codes.Of(kind), ["date"] = "2027-05-01" })),
                ["trainsAlone"] = alone,
                ["dislikes"] = Array(never.Select(id => (JsonNode)new JsonObject { ["exercise"] = id, ["never"] = true })),
                ["health"] = new JsonObject { ["flags"] = Array(flags.Select(flag => (JsonNode)Codes.Of(flag))) },
            };

    private static Gen<JsonNode> Equipment() =>
        from items in Gen.Shuffle(Enum.GetValues<Implement>(), 4, 40)
        from bars in Gen.Shuffle(new[] { 20.0, 15, 10 }, 1, 2)
        from plates in Gen.Shuffle(new[] { 25.0, 20, 15, 10, 5, 2.5, 1.25 }, 0, 7)
        from pairs in Gen.Int[1, 3]
        from collar in Gen.OneOf(0, 0.5, 2.5)
        from bells in Gen.Shuffle(new[] { 4.0, 8, 10, 12.5, 15, 20, 25, 30 }, 0, 8)
        from kettles in Gen.OneOf(8.0, 12, 16, 24).Array[0, 4]
        from sacks in Gen.OneOf(20.0, 45, 70).Array[0, 2]
        select (JsonNode)
            new JsonObject
            {
                ["items"] = Array(items.Select(item => (JsonNode)Codes.Of(item))),
                ["bars"] = Array(
                    bars.Select(
                        (kg, i) =>
                            (JsonNode)
                                new JsonObject
                                {
                                    ["name"] = $"bar {i}",
                                    ["kg"] = kg,
                                    ["kind"] = "barbell",
                                }
                    )
                ),
                ["plates"] = Array(plates.Select(kg => (JsonNode)new JsonObject { ["kg"] = kg, ["pairs"] = pairs })),
                ["collarKg"] = collar,
                ["dumbbellsKg"] = Array(bells.Select(kg => (JsonNode)kg)),
                ["kettlebellsKg"] = Array(kettles.Select(kg => (JsonNode)kg)),
                ["sandbagsKg"] = Array(sacks.Select(kg => (JsonNode)kg)),
                ["bands"] = new JsonArray(
                    new JsonObject
                    {
                        ["name"] = "light",
                        ["points"] = new JsonArray(
                            new JsonObject { ["cm"] = 100, ["kg"] = 0 },
                            new JsonObject { ["cm"] = 200, ["kg"] = 18 }
                        ),
                    }
                ),
                ["stackStepKg"] = 5,
            };

    private static Gen<JsonNode> Schools() =>
        from accessories in Code<AccessorySchool>()
        from sides in Code<SideSchool>()
        from reps in Code<StrengthReps>()
        from shape in Code<WorkSets>()
        from progression in Code<Progression>()
        from isolation in Code<Isolation>()
        from counting in Code<SetCounting>()
        from quads in Code<QuadSchool>()
        select (JsonNode)
            new JsonObject
            {
                ["accessories"] = accessories,
                ["sides"] = sides,
                ["strengthReps"] = reps,
                ["workSets"] = shape,
                ["progression"] = progression,
                ["isolation"] = isolation,
                ["setCounting"] = counting,
                ["quads"] = quads,
            };

    private static JsonObject Sides(double left, double right) => new() { ["left"] = left, ["right"] = right };

    private static Gen<JsonNode> Screen() =>
        from ankle in Gen.Int[3, 14]
        from other in Gen.Int[3, 14]
        from raise in Gen.Int[45, 90]
        from arms in Gen.Int[130, 180]
        from bridge in Gen.Int[5, 20]
        from otherBridge in Gen.Int[5, 20]
        from lean in Gen.Int[30, 65]
        from depth in Code<SquatDepth>()
        from yes in Gen.Bool.Array[6]
        select (JsonNode)
            new JsonObject
            {
                ["kneeToWallCm"] = Sides(ankle, other),
                ["squat"] = new JsonObject
                {
                    ["depth"] = depth,
                    ["leanDeg"] = lean,
                    ["heelRise"] = yes[0],
                    ["kneesIn"] = yes[1],
                    ["betterWithHeelsRaised"] = yes[2],
                    ["betterWithPlateInFront"] = yes[3],
                    ["bar"] = "high",
                    ["loadKg"] = 20,
                },
                ["hinge"] = new JsonObject { ["lostContacts"] = yes[4] ? new JsonArray("sacrum") : [], ["wallReach"] = !yes[4] },
                ["armsOverheadDeg"] = Sides(arms, arms),
                ["straightLegRaiseDeg"] = Sides(raise, raise),
                ["singleLegBridgeReps"] = Sides(bridge, otherBridge),
                ["feelsGlutes"] = yes[5],
            };

    private static Gen<JsonNode> Faults() =>
        (
            from lift in Gen.OneOf("back-squat-high-bar", "conventional-deadlift", "barbell-hip-thrust")
            from fault in Code<FaultCode>()
            from percent in Gen.Int[30, 95]
            from held in Gen.Bool
            select (JsonNode)
                new JsonObject
                {
                    ["lift"] = lift,
                    ["fault"] = fault,
                    ["fromPercent"] = percent,
                    ["heldInIsolation"] = held,
                }
        )
            .Array[0, 3]
            .Select(rows => (JsonNode)Array(rows));

    private static Gen<JsonNode> Strength() =>
        (
            from lift in Gen.OneOf(Lifts)
            from kg in Gen.Int[8, 80]
            from reps in Gen.Int[1, 10]
            from back in Gen.Int[1, 60]
            select (JsonNode)
                new JsonObject
                {
                    ["exercise"] = lift,
                    ["kg"] = kg * 2.5,
                    ["reps"] = reps,
                    ["rpe"] = 8,
                    ["date"] = Start.AddDays(-back).ToString("yyyy-MM-dd"),
                }
        )
            .Array[0, 4]
            .Select(rows => (JsonNode)Array(rows));

    private static Gen<JsonNode> Pain() =>
        Gen.Frequency(
            (3, Gen.Const(0).Select(_ => (JsonNode)new JsonArray())),
            (
                1,
                from region in Code<PainRegion>()
                from worse in Code<PainTrigger>()
                from score in Gen.Int[0, 8]
                select (JsonNode)
                    new JsonArray(
                        new JsonObject
                        {
                            ["region"] = region,
                            ["worseOn"] = new JsonArray(worse),
                            ["scoreDuring"] = score,
                            ["usualScore"] = 1,
                            ["scoreNextMorning"] = 1,
                            ["weeks"] = 3,
                        }
                    )
            )
        );

    private static Gen<JsonNode> Log() =>
        (
            from back in Gen.Int[1, 40]
            from lift in Gen.OneOf(Lifts)
            from kg in Gen.Int[8, 60]
            from reps in Gen.Int[1, 12]
            select (JsonNode)
                new JsonObject
                {
                    ["date"] = Start.AddDays(-back).ToString("yyyy-MM-dd"),
                    ["sets"] = new JsonArray(
                        new JsonObject
                        {
                            ["exercise"] = lift,
                            ["kg"] = kg * 2.5,
                            ["reps"] = reps,
                            ["rpe"] = 8,
                        }
                    ),
                }
        )
            .Array[0, 5]
            .Select(rows => (JsonNode)Array(rows));

    private static Gen<JsonNode> Block() =>
        from kind in Code<BlockKind>()
        from weeks in Gen.Int[1, 8]
        from focus in Code<BlockFocus>()
        select (JsonNode)
            new JsonObject
            {
                ["start"] = Start.ToString("yyyy-MM-dd"),
                ["kind"] = kind,
                ["weeks"] = weeks,
                ["focus"] = focus,
            };
}
