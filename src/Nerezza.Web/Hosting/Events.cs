namespace Nerezza.Web.Hosting;

/// <summary>What the log says of who did what: one line each, with ids and never with a name, an address or a word of a client's.</summary>
internal static partial class Events
{
    [LoggerMessage(1, LogLevel.Information, "sign-in user={UserId} practice={CoachId}")]
    public static partial void SignedIn(this ILogger log, Guid userId, Guid coachId);

    [LoggerMessage(2, LogLevel.Information, "sign-in-refused")]
    public static partial void SignInRefused(this ILogger log);

    [LoggerMessage(3, LogLevel.Warning, "sign-in-locked: too many wrong tries for one account")]
    public static partial void SignInLocked(this ILogger log);

    [LoggerMessage(4, LogLevel.Information, "sign-out user={UserId}")]
    public static partial void SignedOut(this ILogger log, string? userId);

    [LoggerMessage(5, LogLevel.Information, "export client={ClientId} practice={CoachId}")]
    public static partial void Exported(this ILogger log, Guid clientId, Guid coachId);

    [LoggerMessage(6, LogLevel.Information, "archive client={ClientId} practice={CoachId}")]
    public static partial void Archived(this ILogger log, Guid clientId, Guid coachId);

    [LoggerMessage(7, LogLevel.Information, "restore client={ClientId} practice={CoachId}")]
    public static partial void Restored(this ILogger log, Guid clientId, Guid coachId);

    [LoggerMessage(8, LogLevel.Warning, "database-away: {Why}")]
    public static partial void DatabaseAway(this ILogger log, string why);

    [LoggerMessage(9, LogLevel.Information, "export catalogue={Scope} practice={CoachId}")]
    public static partial void CatalogueExported(this ILogger log, string scope, Guid coachId);
}

/// <summary>The name under which <see cref="Events"/> stand in the log.</summary>
internal sealed class EventLog;
