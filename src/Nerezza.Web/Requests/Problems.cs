using Microsoft.AspNetCore.Http.HttpResults;
using Nerezza.Formats.Shapes;

namespace Nerezza.Web.Requests;

/// <summary>Problem details (RFC 9457) that name the field and the way out.</summary>
internal static class Problems
{
    public static ValidationProblem Invalid(IEnumerable<Fault> faults)
    {
        List<Fault> all = [.. faults.Select(fault => fault.Path.Length == 0 ? fault with { Path = "body" } : fault)];
        return TypedResults.ValidationProblem(
            all.GroupBy(fault => fault.Path).ToDictionary(same => same.Key, same => same.Select(fault => fault.Message).ToArray()),
            title: "Some fields need another look.",
            detail: "Nothing was saved. Each field says what is expected.",
            // For the page, which says it in its own words and in the coach's units.
            extensions: [new("wanted", all.DistinctBy(fault => fault.Path).ToDictionary(fault => fault.Path, fault => fault.Wanted))]
        );
    }

    public static ValidationProblem Invalid(string field, string message) => Invalid([new Fault(field, message)]);

    public static ProblemHttpResult LostRace() =>
        TypedResults.Problem(
            statusCode: StatusCodes.Status409Conflict,
            title: "Someone else changed this in between.",
            detail: "Nothing of yours was saved over it. Load it again, look at what changed, and save once more.",
            type: "nerezza:lost-race"
        );

    public static ProblemHttpResult BuiltOn() =>
        TypedResults.Problem(
            statusCode: StatusCodes.Status409Conflict,
            title: "The block that this made was trained or changed since.",
            detail: "It stays as it is. Open Block to change it, or plan its weeks again.",
            type: "nerezza:built-on"
        );

    /// <summary>Somebody in several practices has not said which.</summary>
    public static ProblemHttpResult ChoosePractice() =>
        TypedResults.Problem(
            statusCode: StatusCodes.Status403Forbidden,
            title: "Choose the practice first.",
            detail: "You are in several. Load the page again and choose one.",
            type: "nerezza:choose"
        );

    /// <summary>A client who is not there, or not for this caller: nobody learns which.</summary>
    public static ProblemHttpResult NoClient() =>
        TypedResults.Problem(
            statusCode: StatusCodes.Status404NotFound,
            title: "There is no such client here.",
            detail: "They were erased, or are not shared with you any more.",
            type: "nerezza:no-client"
        );

    public static ProblemHttpResult NotAllowed(string detail) =>
        TypedResults.Problem(statusCode: StatusCodes.Status403Forbidden, title: "You may not do this.", detail: detail);

    public static ProblemHttpResult TooManyTries() =>
        TypedResults.Problem(statusCode: StatusCodes.Status429TooManyRequests, title: "Too many tries. Wait five minutes, then try again.");

    /// <summary>A link that leads nowhere: nobody learns whether it ever did.</summary>
    public static ProblemHttpResult DeadLink() =>
        TypedResults.Problem(
            statusCode: StatusCodes.Status410Gone,
            title: "This link is not good any more.",
            detail: "It was used, taken back or is too old. Ask for a new one."
        );

    public static ProblemHttpResult Locked(string text) =>
        TypedResults.Problem(statusCode: StatusCodes.Status423Locked, title: "Training is stopped until this is cleared.", detail: text);

    public static ProblemHttpResult PutAway() =>
        TypedResults.Problem(
            statusCode: StatusCodes.Status409Conflict,
            title: "This client is put away.",
            detail: "Nothing was changed. Take them back under Clients put away, below the client list, then do it again."
        );

    /// <summary>A practice holds no more of something.</summary>
    public static ProblemHttpResult Full(string title, string detail) =>
        TypedResults.Problem(statusCode: StatusCodes.Status409Conflict, title: title, detail: detail);

    public static ProblemHttpResult Conflict(string title, string detail) =>
        TypedResults.Problem(statusCode: StatusCodes.Status409Conflict, title: title, detail: detail);
}
