using Nerezza.Data.Rows;
using Nerezza.Formats.Plans;

namespace Nerezza.Web.Planning;

/// <summary>Dates of a stored plan.</summary>
internal static class PlanDates
{
    public static IEnumerable<SessionPart> Sessions(this PlanRow plan) =>
        plan.Document.Block?.Weeks.SelectMany(week => week.Sessions) ?? [];

    /// <summary>The first session on or after a day; null when the block is over.</summary>
    public static DateOnly? NextSession(this PlanRow plan, DateOnly from) =>
        plan.Sessions().Select(session => (DateOnly?)session.Date).Where(date => date >= from).Min();
}
