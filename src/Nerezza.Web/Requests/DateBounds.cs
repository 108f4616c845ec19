using Nerezza.Formats.Shapes;

namespace Nerezza.Web.Requests;

/// <summary>Dates in an address are held to the same span as those in a body.</summary>
internal static class DateBounds
{
    public static EndpointFilterDelegate Filter(EndpointFilterFactoryContext endpoint, EndpointFilterDelegate next)
    {
        (int Place, string Name)[] dates =
        [
            .. endpoint
                .MethodInfo.GetParameters()
                .Select((parameter, place) => (parameter, place))
                .Where(row => (Nullable.GetUnderlyingType(row.parameter.ParameterType) ?? row.parameter.ParameterType) == typeof(DateOnly))
                .Select(row => (row.place, row.parameter.Name!)),
        ];
        if (dates.Length == 0)
            return next;
        return async call =>
        {
            DateTimeOffset now = call.HttpContext.RequestServices.GetRequiredService<TimeProvider>().GetUtcNow();
            DaySpan span = DaySpan.Around(DateOnly.FromDateTime(now.UtcDateTime));
            Fault[] faults =
            [
                .. dates
                    .Select(date => (date.Name, Message: call.GetArgument<DateOnly?>(date.Place) is { } day ? span.Fault(day) : null))
                    .Where(row => row.Message is not null)
                    .Select(row => new Fault(row.Name, row.Message!)),
            ];
            return faults.Length > 0 ? Problems.Invalid(faults) : await next(call);
        };
    }
}
