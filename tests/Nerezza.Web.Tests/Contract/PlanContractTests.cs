using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using CsCheck;
using Nerezza.Core;
using Nerezza.Core.Blocks;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Findings;
using Nerezza.Core.Selection;
using Nerezza.Formats;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Plans;
using Nerezza.Solve;
using Nerezza.Tests.Shared;
using NJsonSchema;

namespace Nerezza.Web.Tests.Contract;

/// <summary>Cases that nobody has seen: each is read, its plan fits the schema, and a judge who knows the handbook alone has nothing to
/// complain of.</summary>
public sealed class PlanContractTests
{
    private static readonly Planner Planner = new(ExerciseCatalogue.Shipped, new CpChooser(), new CpWeekLayout());
    private static readonly PlanMapping Mapping = new(ExerciseCatalogue.Shipped);

    [Fact]
    public void A_stranger_finds_nothing_wrong_with_the_plan_of_any_case() =>
        Draw.Each(
            MadeDocuments.Any,
            150,
            made =>
            {
                (CaseDocument document, PlanDocument plan) = PlanOf(made);
                List<string> complaints = Complaints(document, plan);
                Assert.True(complaints.Count == 0, string.Join('\n', complaints.Take(6)) + "\n" + made.ToJsonString());
            }
        );

    [Fact]
    public async Task Every_plan_fits_the_schema_and_is_the_same_a_second_time()
    {
        JsonSchema cases = await JsonSchema.FromJsonAsync(Schemas.Find("case")!.ToJsonString()),
            plans = await JsonSchema.FromJsonAsync(Schemas.Find("plan")!.ToJsonString());
        Draw.Each(
            MadeDocuments.Any,
            25,
            made =>
            {
                Assert.Empty(cases.Validate(made.ToJsonString()));
                string plan = JsonSerializer.Serialize(PlanOf(made).Plan, Json.Options);
                Assert.Empty(plans.Validate(plan));
                Assert.Equal(plan, JsonSerializer.Serialize(PlanOf(made).Plan, Json.Options));
            }
        );
    }

    /// <summary>The judge is no rubber stamp: each of these slips is named.</summary>
    [Theory]
    [InlineData("is not bar", "a plate forgotten")]
    [InlineData("pairs of", "plates that are not there")]
    [InlineData("minutes, ", "a wrong length")]
    [InlineData("strength work rests", "a short rest")]
    [InlineData("strength work in a superset", "a circuit")]
    [InlineData("an exercise twice", "a line copied")]
    [InlineData("order ", "the main lift last")]
    [InlineData("ledger ", "a set not counted")]
    [InlineData("no whole sentence", "no reason")]
    [InlineData("rests on nothing", "a finding without evidence")]
    [InlineData("warm-up", "a ramp that falls")]
    [InlineData("tempo", "a tempo of three numbers")]
    [InlineData("for nothing", "a set without repetitions")]
    [InlineData("weeks: not", "a week lost")]
    [InlineData(" %, not ", "an effort that its percent does not ask for")]
    [InlineData(" kg is ", "a percent that the load is not")]
    [InlineData("heavy hinges a day apart", "every session a day after the last")]
    [InlineData("side first, the", "a weaker side that goes second")]
    [InlineData("in a deload", "a deload that is hard")]
    [InlineData("sets after", "a deload of whole length")]
    [InlineData("without a deload", "weeks that only load")]
    [InlineData("axial ", "a spine that carries everything")]
    [InlineData("at most", "a limit passed in silence")]
    [InlineData("at least", "a muscle left short in silence")]
    [InlineData("under a referral", "hard work before a doctor has spoken")]
    [InlineData("train the same muscle", "two presses together")]
    public void The_judge_names_each_slip(string complaint, string slip)
    {
        (CaseDocument document, PlanDocument plan) = PlanOf(WrittenCase.Shared("deckhand.json"));
        Assert.Empty(Complaints(document, plan));
        // A low week is remarked of what the client emphasises.
        if (complaint == "at least")
            document = document with { Client = document.Client with { Emphasis = [plan.Ledger[0].Muscle] } };
        Assert.Contains(Complaints(document, Slipped(plan, slip)), said => said.Contains(complaint, StringComparison.Ordinal));
    }

    private static List<string> Complaints(CaseDocument document, PlanDocument plan) =>
        [.. new PlanJudge(document, plan).Complaints(), .. new RuleJudge(document, plan).Complaints()];

    private static PlanDocument Slipped(PlanDocument plan, string slip) =>
        slip switch
        {
            "a finding without evidence" => plan with { Findings = [plan.Findings[0] with { Evidence = [] }] },
            "a week lost" => plan with { Block = plan.Block! with { Weeks = [.. plan.Block.Weeks.Skip(1)] } },
            "a set not counted" => plan with
            {
                Ledger = [plan.Ledger[0] with { Weeks = [plan.Ledger[0].Weeks[0] with { Sets = plan.Ledger[0].Weeks[0].Sets + 1 }] }],
            },
            "a wrong length" => First(plan, session => session with { Minutes = session.Minutes + 9 }),
            "a line copied" => First(plan, session => session with { Items = [.. session.Items, session.Items[0]] }),
            "the main lift last" => First(
                plan,
                session =>
                    session with
                    {
                        Items =
                        [
                            .. session.Items.Where(item => item.Role is not Role.Main),
                            session.Items.First(item => item.Role is Role.Main),
                        ],
                    }
            ),
            "a plate forgotten" => MainSets(plan, set => set with { PerSide = [.. set.PerSide!.Skip(1)] }),
            "plates that are not there" => MainSets(
                plan,
                set => set with { PerSide = [.. Enumerable.Repeat(set.PerSide![0], 60)], Kg = 20 + 120 * set.PerSide[0] }
            ),
            "a short rest" => MainSets(plan, set => set with { RestSeconds = 60 }),
            "a tempo of three numbers" => MainSets(plan, set => set with { Tempo = "2-0-1" }),
            "a set without repetitions" => MainSets(
                plan,
                set => set with { Reps = null, Seconds = 30 },
                set => set with { Seconds = null }
            ),
            "a circuit" => MainItem(plan, item => item with { Superset = "A" }),
            "no reason" => MainItem(plan, item => item with { Because = "" }),
            "an effort that its percent does not ask for" => MainSets(plan, set => set with { Rpe = 5 }),
            "a percent that the load is not" => MainSets(plan, set => set with { Percent = set.Percent - 12 }),
            "every session a day after the last" => plan with
            {
                Block = plan.Block! with
                {
                    Weeks =
                    [
                        .. plan.Block.Weeks.Select(week =>
                            week with
                            {
                                Sessions =
                                [
                                    .. week.Sessions.Select(
                                        (session, i) =>
                                            session with
                                            {
                                                Date = week.Sessions[0].Date.AddDays(i),
                                                Items = [.. session.Items.Select(Heavy)],
                                            }
                                    ),
                                ],
                            }
                        ),
                    ],
                },
            },
            "a weaker side that goes second" => plan with
            {
                Findings =
                [
                    .. plan.Findings,
                    plan.Findings[0] with
                    {
                        Code = FindingCode.SideAsymmetry,
                        Side = Side.Right,
                        Evidence = [plan.Findings[0].Evidence[0] with { Measure = "coach" }],
                    },
                ],
            },
            "a deload that is hard" => Week(plan, 2, week => week with { Kind = WeekKind.Deload }),
            "a deload of whole length" => Week(plan, 2, week => week with { Kind = WeekKind.Deload }),
            "weeks that only load" => plan with
            {
                Block = plan.Block! with
                {
                    Weeks =
                    [
                        .. plan
                            .Block.Weeks.Concat(plan.Block.Weeks)
                            .Select((week, i) => week with { Kind = WeekKind.Load, Number = i + 1 }),
                    ],
                },
            },
            "a spine that carries everything" => First(
                plan with
                {
                    Checks = [],
                },
                session =>
                    session with
                    {
                        Items =
                        [
                            .. session.Items.Select(item =>
                                item.Role is Role.Main ? item with { Sets = [.. Enumerable.Repeat(item.Sets[^1], 30)] } : item
                            ),
                        ],
                    }
            ),
            "a limit passed in silence" => plan with
            {
                Ledger = [plan.Ledger[0] with { Weeks = [plan.Ledger[0].Weeks[0] with { Sets = 99 }] }],
            },
            "a muscle left short in silence" => plan with
            {
                Checks = [],
                Ledger = [plan.Ledger[0] with { Weeks = [plan.Ledger[0].Weeks[0] with { Low = 98, High = 99 }] }],
            },
            "hard work before a doctor has spoken" => plan with
            {
                Referral = new ReferralPart
                {
                    Level = Core.Screening.Safety.ReferralLevel.BeforeHeavy,
                    Urgency = default,
                    Reasons = [],
                    Text = "",
                },
            },
            "two presses together" => First(
                plan,
                session => session with { Items = [session.Items[0] with { Superset = "A" }, session.Items[0] with { Superset = "A" }] }
            ),
            _ => MainItem(plan, item => item with { WarmUp = [.. item.WarmUp.Reverse()] }),
        };

    private static PlanDocument First(PlanDocument plan, Func<SessionPart, SessionPart> change)
    {
        WeekPart week = plan.Block!.Weeks[0];
        return plan with
        {
            Block = plan.Block with
            {
                Weeks = [week with { Sessions = [change(week.Sessions[0]), .. week.Sessions.Skip(1)] }, .. plan.Block.Weeks.Skip(1)],
            },
        };
    }

    private static PlanDocument Week(PlanDocument plan, int number, Func<WeekPart, WeekPart> change) =>
        plan with
        {
            Block = plan.Block! with { Weeks = [.. plan.Block.Weeks.Select(week => week.Number == number ? change(week) : week)] },
        };

    private static ItemPart Heavy(ItemPart item) => item with { Sets = [.. item.Sets.Select(set => set with { Rpe = 8.5 })] };

    private static PlanDocument MainItem(PlanDocument plan, Func<ItemPart, ItemPart> change) =>
        First(plan, session => session with { Items = [.. session.Items.Select(item => item.Role is Role.Main ? change(item) : item)] });

    private static PlanDocument MainSets(PlanDocument plan, params Func<SetPart, SetPart>[] changes) =>
        MainItem(plan, item => item with { Sets = [.. item.Sets.Select(set => changes.Aggregate(set, (now, change) => change(now)))] });

    private static (CaseDocument Case, PlanDocument Plan) PlanOf(JsonObject json)
    {
        CaseReading reading = CaseReader.Read(Encoding.UTF8.GetBytes(json.ToJsonString()));
        var valid = Assert.IsType<CaseReading.Valid>(reading, exactMatch: true);
        return (valid.Document, Mapping.ToDocument(Planner.Make(valid.Case)));
    }
}
