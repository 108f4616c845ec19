using System.Text.Json;
using System.Text.Json.Serialization;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Clients;
using Nerezza.Core.Floor;
using Nerezza.Core.Selection;
using Nerezza.Core.Wording;
using Nerezza.Formats.Cases;

namespace Nerezza.Formats.Floor;

/// <summary>What readiness looks at in an exercise.</summary>
/// <param name="Trains">The muscles that it trains most.</param>
/// <param name="RuledOutBy">Where pain of 3 to 5 rules it out.</param>
/// <param name="CoveredBy">Where pain covers it.</param>
public sealed record ReadyBasis(IReadOnlyList<Muscle> Trains, IReadOnlyList<PainRegion> RuledOutBy, IReadOnlyList<PainRegion> CoveredBy);

/// <summary>An exercise, or what can stand in for it, as the page knows it.</summary>
public sealed record ReadyWay
{
    public required string Name { get; init; }

    public required Role Role { get; init; }

    public required bool Answers { get; init; }

    public required double Seconds { get; init; }

    public required ReadyBasis Ready { get; init; }

    public required AdviceBasis Advice { get; init; }
}

/// <summary>A question of the page: each exercise with what can stand in for it, and how the client comes in.</summary>
public sealed record ReadinessQuestion(IReadOnlyList<IReadOnlyList<ReadyWay>> Session, ReadinessSection Readiness);

/// <summary>A set as it is done today.</summary>
/// <param name="Asks">What is asked after it.</param>
public sealed record ReadySetPart(double? Kg, int Reps, double Rpe, bool Amrap, IReadOnlyList<Asked> Asks);

/// <summary>An exercise as it is done today.</summary>
/// <param name="Instead">Which of the substitutes, counted from 0; null itself.</param>
/// <param name="Sets">The first of the planned ones.</param>
/// <param name="MayGoOn">Whether sets may go on past what is planned; else the advice asks for no more.</param>
/// <param name="Text">What changes and why; empty where nothing does.</param>
public sealed record ReadyAnswer(int? Instead, bool IsOut, IReadOnlyList<ReadySetPart> Sets, bool MayGoOn, string Text);

/// <summary>Answers the page with Core's rules what changes by how the client comes in; it needs no network.</summary>
public static class ReadinessCall
{
    /// <summary>An answer for each exercise, in order; both are JSON text.</summary>
    public static string Answer(string question)
    {
        ReadinessQuestion asked = JsonSerializer.Deserialize(question, ReadinessJson.Default.ReadinessQuestion)!;
        IReadOnlyList<PartToday> parts = DayReadiness.Of(
            [.. asked.Session.Select(ways => ways.Select(ToPart).ToList())],
            CaseMapping.ToReadiness(asked.Readiness)
        );
        IReadOnlyList<ReadyAnswer> answers = [.. parts.Select((part, i) => ToAnswer(part, asked.Session[i]))];
        return JsonSerializer.Serialize(answers, ReadinessJson.Default.IReadOnlyListReadyAnswer);
    }

    private static ReadyPart ToPart(ReadyWay way) =>
        new()
        {
            Role = way.Role,
            Answers = way.Answers,
            Seconds = way.Seconds,
            Trains = way.Ready.Trains,
            RuledOutBy = way.Ready.RuledOutBy,
            CoveredBy = way.Ready.CoveredBy,
            Sets = [.. way.Advice.Sets.Select(set => new ReadySet(set.Kind, AdviceCall.ToAhead(set), set.Side, set.Amrap))],
            Lifting = AdviceCall.ToLifting(way.Advice),
        };

    private static ReadyAnswer ToAnswer(PartToday part, IReadOnlyList<ReadyWay> ways) =>
        new(
            part.Instead,
            part.IsOut,
            [
                .. part.Sets.Select(set => new ReadySetPart(
                    set.Ahead.Load?.Kilograms,
                    set.Ahead.Reps,
                    set.Ahead.Rpe.Value,
                    set.Amrap,
                    SetKinds.Asks(set)
                )),
            ],
            part.MayGoOn,
            ReadyWords.Text(part, part.Instead is { } at ? ways[at + 1].Name : null)
        );
}

[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    Converters = [
        typeof(KebabCode<Role>),
        typeof(KebabCode<Muscle>),
        typeof(KebabCode<PainRegion>),
        typeof(KebabCode<SetKind>),
        typeof(KebabCode<Side>),
        typeof(KebabCode<Asked>),
    ]
)]
[JsonSerializable(typeof(ReadinessQuestion))]
[JsonSerializable(typeof(IReadOnlyList<ReadyAnswer>))]
internal sealed partial class ReadinessJson : JsonSerializerContext;
