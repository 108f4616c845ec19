using System.Text.Json;
using System.Text.Json.Serialization;
using Nerezza.Core.Floor;
using Nerezza.Core.Selection;

namespace Nerezza.Formats.Floor;

/// <summary>A question of the page: the exercises in the order of the session, and the minutes that there are.</summary>
public sealed record TimeShortQuestion(IReadOnlyList<PartLeft> Left, double Minutes);

/// <summary>Answers the page with Core's rule what falls away when minutes are short; it needs no network.</summary>
public static class TimeShortCall
{
    /// <summary>The places of what falls away; both are JSON text.</summary>
    public static string Answer(string question)
    {
        TimeShortQuestion asked = JsonSerializer.Deserialize(question, TimeShortJson.Default.TimeShortQuestion)!;
        return JsonSerializer.Serialize(TimeShort.FallsAway(asked.Left, asked.Minutes), TimeShortJson.Default.IReadOnlyListInt32);
    }
}

[JsonSourceGenerationOptions(PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase, Converters = [typeof(KebabCode<Role>)])]
[JsonSerializable(typeof(TimeShortQuestion))]
[JsonSerializable(typeof(IReadOnlyList<int>))]
internal sealed partial class TimeShortJson : JsonSerializerContext;
