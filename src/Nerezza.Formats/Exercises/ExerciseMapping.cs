using Nerezza.Core.Catalogue;
using Nerezza.Core.Measures;

namespace Nerezza.Formats.Exercises;

/// <summary>Turns an exercise into its document and back.</summary>
public static class ExerciseMapping
{
    private static readonly Dictionary<Share, double> Parts = new()
    {
        [Share.Whole] = 1,
        [Share.Half] = 0.5,
        [Share.Quarter] = 0.25,
    };

    /// <summary>The exercise of a coach that a document describes; its shape was checked before.</summary>
    public static Exercise ToOwn(ExerciseDocument document) =>
        new()
        {
            Id = document.Id,
            Name = document.Name.Trim(),
            Pattern = document.Pattern,
            Sides = document.Sides ?? Sides.Both,
            Kit = [.. document.Kit.Select(set => set.Needs)],
            Load = document.Load,
            Ratio = document.Ratio is { } ratio ? new StrengthRatio(ratio.Of, ratio.Value, ratio.Spread) : null,
            BodyFraction = document.BodyFraction ?? 0,
            Curve = document.Curve ?? 1,
            Reps = new RepRange(document.Reps.Bottom, Math.Max(document.Reps.Bottom, document.Reps.Top)),
            SetUpSeconds = document.SetUpSeconds ?? 45,
            Tempo = document.Tempo is { Length: > 0 } tempo ? Tempo.Parse(tempo) : null,
            FromFloor = document.FromFloor ?? false,
            HoldSeconds = document.HoldSeconds is { } hold ? new RepRange(hold.Shortest, Math.Max(hold.Shortest, hold.Longest)) : null,
            Muscles = document.Muscles.ToDictionary(row => row.Key, row => Parts[row.Value]),
            Length = document.Length,
            Hardest = document.Hardest,
            Positions = document.Positions ?? [],
            Axial = document.Axial,
            Systemic = document.Systemic,
            Soreness = document.Soreness,
            Skill = document.Skill,
            CarriesTo = document.CarriesTo,
            AnswersLike = document.AnswersLike,
            Conflicts = document.Conflicts,
            Stance = document.Stance,
            Escape = document.Escape,
            Cues = document.Cues,
            Watch = document.Watch,
            Caution = document.Caution,
            Origin = document.PutAway is true ? Origin.PutAway : Origin.Own,
        };

    /// <summary>The document of any exercise.</summary>
    public static ExerciseDocument ToDocument(Exercise exercise) =>
        new()
        {
            Id = exercise.Id,
            Name = exercise.Name,
            Pattern = exercise.Pattern,
            Sides = exercise.Sides,
            Kit = [.. exercise.Kit.Select(set => new KitSet { Needs = set })],
            Load = exercise.Load,
            Ratio = exercise.Ratio is { } ratio
                ? new RatioPart
                {
                    Of = ratio.Of,
                    Value = ratio.Value,
                    Spread = ratio.SpreadPercent,
                }
                : null,
            BodyFraction = exercise.BodyFraction,
            Curve = exercise.Curve,
            Reps = new RepsPart { Bottom = exercise.Reps.Bottom, Top = exercise.Reps.Top },
            SetUpSeconds = exercise.SetUpSeconds,
            Tempo = exercise.Tempo?.ToString(),
            HoldSeconds = exercise.HoldSeconds is { } hold ? new HoldPart { Shortest = hold.Bottom, Longest = hold.Top } : null,
            FromFloor = exercise.FromFloor,
            Muscles = exercise
                .Muscles.OrderByDescending(row => row.Value)
                .ThenBy(row => row.Key)
                .ToDictionary(row => row.Key, row => Parts.First(part => part.Value == row.Value).Key),
            Length = exercise.Length,
            Hardest = exercise.Hardest,
            Positions = exercise.Positions,
            Axial = exercise.Axial,
            Systemic = exercise.Systemic,
            Soreness = exercise.Soreness,
            Skill = exercise.Skill,
            CarriesTo = exercise.CarriesTo,
            AnswersLike = exercise.AnswersLike,
            Conflicts = exercise.Conflicts,
            Stance = exercise.Stance,
            Escape = exercise.Escape,
            Cues = exercise.Cues,
            Watch = exercise.Watch ?? "",
            Caution = exercise.Caution,
            PutAway = exercise.Origin is Origin.PutAway ? true : null,
        };
}
