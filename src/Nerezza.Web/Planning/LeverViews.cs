using Nerezza.Core;
using Nerezza.Core.Body;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Loads;
using Nerezza.Core.Wording;
using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Cases;
using Nerezza.Formats.Levers;
using Nerezza.Web.Contracts;

namespace Nerezza.Web.Planning;

/// <summary>Lays out the levers of every exercise with a posture for one client, each at its own usual load.</summary>
public sealed class LeverViews(ExerciseCatalogue catalogue, TimeProvider clock)
{
    private const double SweepStep = 4;

    public LeversView View(ClientFile file, ClientLog log)
    {
        ClientCase now = CaseAssembly.ToCase(file, log, null);
        MaxEstimates maxes = MaxEstimates.Of(
            now.Client,
            catalogue,
            now.Strength,
            now.Log,
            DateOnly.FromDateTime(clock.GetUtcNow().UtcDateTime)
        );
        double? kneeToWall = now.Screen.KneeToWallCm?.Smaller;
        Lifter lifter = Lifter.Of(now.Client, kneeToWall, now.Screen.HipFlexionDeg);
        return new LeversView(
            file.Client.Id,
            file.Client.Name,
            LeverCall.ToPart(lifter, kneeToWall),
            kneeToWall is not null,
            now.Screen.Squat?.LeanDeg,
            [
                .. Enum.GetValues<LeverFamily>()
                    .SelectMany(family => Lever.ExercisesOf(family).Select(id => Row(now, lifter, maxes, family, catalogue[id]))),
            ],
            LeverWords.Caution,
            ModelNotes.All
        );
    }

    private static LeverRow Row(ClientCase now, Lifter lifter, MaxEstimates maxes, LeverFamily family, Exercise exercise)
    {
        // A max of total load holds the part of the body that is lifted too; the model adds the body itself.
        double loadKg = maxes.Find(exercise.Id) is { } max
            ? Math.Round(Math.Max(0, max.Kilograms - exercise.BodyFraction * now.Client.MassKg), 1)
            : 0;
        LeverReply reply = LeverCall.Answer(
            new LeverQuestion(
                LeverCall.ToPart(lifter, now.Screen.KneeToWallCm?.Smaller),
                [new LeverAsk(exercise.Id, loadKg, null, null, null, null, null, null, SweepStep)]
            )
        )[0];
        SquatSetting? own = SquatSetting.Of(exercise.Id, loadKg);
        double? box = now.Screen.Squat?.TuckAtHipHeightCm ?? (reply.TuckAtHipHeight is { } tuck ? Math.Round(tuck * 100, 1) : null);
        return new LeverRow(
            exercise.Id,
            exercise.Name,
            Lever.PoseOf(exercise)!,
            loadKg,
            own?.StanceDeg,
            own?.KneeTravel,
            family is LeverFamily.Squat ? box : null,
            reply
        );
    }
}
