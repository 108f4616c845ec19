using Nerezza.Data.Rows;
using Nerezza.Data.Stores;
using Nerezza.Formats.Plans;

namespace Nerezza.Web.Planning;

/// <summary>Dates of stored plans.</summary>
internal static class PlanDates
{
    /// <summary>The sessions of a plan while it is in force.</summary>
    public static IEnumerable<SessionPart> Sessions(this PlanCourse course) =>
        course.Spans.SelectMany(span => span.Plan.Sessions().Where(session => span.Until is not { } until || session.Date < until));

    /// <summary>The first session on or after a day; null when the last block is over.</summary>
    public static DateOnly? NextSession(this PlanCourse course, DateOnly from) =>
        course.Sessions().Select(session => (DateOnly?)session.Date).Where(date => date >= from).Min();

    private static IEnumerable<SessionPart> Sessions(this PlanRow plan) =>
        plan.Document.Block?.Weeks.SelectMany(week => week.Sessions) ?? [];
}
