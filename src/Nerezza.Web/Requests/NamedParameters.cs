using System.Globalization;
using System.Reflection;
using Nerezza.Formats.Shapes;

namespace Nerezza.Web.Requests;

/// <summary>Says which parameter of an address is missing or cannot be read; the framework alone answers only that something was
/// wrong.</summary>
internal static class NamedParameters
{
    private static readonly Dictionary<Type, (Func<string, bool> Reads, string Expected)> Kinds = new()
    {
        [typeof(DateOnly)] = (text => DateOnly.TryParse(text, CultureInfo.InvariantCulture, out _), "a date such as 2026-11-30"),
        [typeof(int)] = (text => int.TryParse(text, CultureInfo.InvariantCulture, out _), "a whole number"),
        [typeof(uint)] = (text => uint.TryParse(text, CultureInfo.InvariantCulture, out _), "a whole number, not below 0"),
        [typeof(Guid)] = (text => Guid.TryParse(text, out _), "an id such as 01a21b51-b0d4-7bbb-a052-99062f418c5f"),
    };

    public static EndpointFilterDelegate Filter(EndpointFilterFactoryContext endpoint, EndpointFilterDelegate next)
    {
        ParameterInfo[] named =
        [
            .. endpoint.MethodInfo.GetParameters().Where(parameter => Kinds.ContainsKey(Bare(parameter)) && parameter.Name is not null),
        ];
        if (named.Length == 0)
            return next;
        return async call =>
        {
            // Binding has failed before the filters run, and left this status behind.
            if (call.HttpContext.Response.StatusCode != StatusCodes.Status400BadRequest)
                return await next(call);
            Fault[] faults = [.. named.Select(parameter => FaultOf(parameter, call.HttpContext.Request)).OfType<Fault>()];
            return faults.Length > 0 ? Problems.Invalid(faults) : await next(call);
        };
    }

    private static Fault? FaultOf(ParameterInfo parameter, HttpRequest request)
    {
        string name = parameter.Name!;
        (Func<string, bool> reads, string expected) = Kinds[Bare(parameter)];
        string? text = request.RouteValues[name]?.ToString() ?? request.Query[name].FirstOrDefault();
        if (text is null)
            return IsNeeded(parameter) ? new Fault(name, $"is missing; {expected} expected") : null;
        return reads(text) ? null : new Fault(name, $"cannot be read; {expected} expected");
    }

    private static bool IsNeeded(ParameterInfo parameter) =>
        Nullable.GetUnderlyingType(parameter.ParameterType) is null && !parameter.HasDefaultValue;

    private static Type Bare(ParameterInfo parameter) => Nullable.GetUnderlyingType(parameter.ParameterType) ?? parameter.ParameterType;
}
